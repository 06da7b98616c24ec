#pragma once

#include "app/document/document.h"

#include <QLabel>
#include <QLineEdit>
#include <QToolButton>
#include <QWidget>

namespace ledgefall {

/// How many rows a counted table has: typed as a number or a formula, or changed by its two buttons and the arrow keys.
class RowCountField : public QWidget {
    Q_OBJECT
  public:
    RowCountField(Document& document, Id table, QWidget* parent = nullptr);

    void refresh(); ///< hidden where the table's rows are not counted
    QLineEdit& line() { return *line_; }

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    const Formula* count() const;
    void take();
    void step(int by);
    void apply_theme();

    Document& document_;
    Id table_;
    QLabel* label_;
    QLineEdit* line_;
    QToolButton *fewer_, *more_;
};

} // namespace ledgefall
