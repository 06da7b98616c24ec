#pragma once

#include "core/study/builders/frequency.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>

#include <memory>

namespace ledgefall {

/// The rows of a frequency table of texts or dates: its values, or months, years or weekdays; in which order; and which
/// columns the table is to have.
class CategoryDialog : public QDialog {
    Q_OBJECT
  public:
    CategoryDialog(std::shared_ptr<const Column> cells, Id column, const QString& name, QWidget* parent);

    Categories categories() const;
    FrequencyParts parts() const;
    bool draws() const { return draw_->isChecked(); } ///< bars as well
    QComboBox& by() { return *by_; }
    QComboBox& order() { return *order_; }
    QLineEdit& first() { return *first_; }
    QString message() const { return message_->text(); }

  private:
    void look_over();
    std::shared_ptr<const Column> cells_;
    Id column_;
    QComboBox *by_, *order_;
    QCheckBox *relative_, *percent_, *cumulative_, *tally_, *draw_;
    QLineEdit* first_;
    QLabel* message_;
};

} // namespace ledgefall
