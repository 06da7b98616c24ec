#pragma once

#include "app/document/document.h"
#include "files/io/atomic_file.h"

#include <QDialog>
#include <QTextDocument>

namespace ledgefall {

/// Every formula of the study on one page that can be printed: tables with their columns and feet, held values, checks.
class FormulaPage : public QDialog {
    Q_OBJECT
  public:
    FormulaPage(const Document& document, QWidget* parent);
    QString text() const { return page_->toPlainText(); }
    /// As PDF, or as HTML where the name ends in .html; whole or not at all.
    Result<Saved> write(const QString& path) const;

  private:
    void print();
    void save();
    QTextDocument* page_;
};

} // namespace ledgefall
