#pragma once

#include "core/study/edits/series.h"

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

class QButtonGroup;
class QPushButton;

namespace ledgefall {

/// How started values go on, as what happens from one row to the next, and for how many rows; with the next values in a
/// line.
class ContinueDialog : public QDialog {
    Q_OBJECT
  public:
    /// `last_row` (from 1) is that of the last started value, `rows` how many the table has.
    ContinueDialog(std::vector<Value> started, std::size_t last_row, std::size_t rows, QWidget* parent);
    Pattern pattern() const;
    std::size_t to_row() const { return last_row_ + static_cast<std::size_t>(more_->value()); }
    QString preview() const { return preview_->text(); }

  private:
    QLayout* rule_buttons(Pattern::Way guess);
    void show_preview();

    std::vector<Value> started_;
    std::size_t last_row_;
    QButtonGroup* rules_;
    QLineEdit* amount_;
    QSpinBox* more_;
    QLabel* preview_;
    QPushButton* continue_ = nullptr;
};

} // namespace ledgefall
