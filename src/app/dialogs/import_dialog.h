#pragma once

#include "files/tables/delimited.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QTableWidget>

namespace ledgefall {

/// Shows how a delimited text is read before it becomes a table, and lets its delimiter, decimal sign and heading be
/// chosen.
class ImportDialog : public QDialog {
    Q_OBJECT
  public:
    ImportDialog(std::string bytes, const QString& name, QWidget* parent = nullptr);
    const std::optional<Delimited>& text() const { return text_; }
    QString table_label() const { return name_->text().trimmed(); }

  private:
    void read();
    void show_text();

    std::string bytes_;
    std::optional<Delimited> text_;
    QLineEdit* name_;
    QComboBox* delimiter_;
    QComboBox* decimal_;
    QCheckBox* header_;
    QLabel* report_;
    QTableWidget* preview_;
    QPushButton* accept_;
    bool header_chosen_ = false;
};

} // namespace ledgefall
