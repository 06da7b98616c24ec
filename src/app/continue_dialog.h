#pragma once

#include "core/study/series.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

namespace ledgefall {

/// How started values go on, and down to which row; with what comes of it in a line.
class ContinueDialog : public QDialog {
    Q_OBJECT
  public:
    /// `last_row` (from 1) is that of the last started value, `rows` how many the table has.
    ContinueDialog(std::vector<Value> started, std::size_t last_row, std::size_t rows, QWidget* parent);
    Pattern pattern() const;
    std::size_t to_row() const { return static_cast<std::size_t>(to_->value()); }
    QString preview() const { return preview_->text(); }

  private:
    void show_preview();
    std::vector<Value> started_;
    QComboBox* way_;
    QLineEdit* step_;
    QSpinBox* to_;
    QLabel* preview_;
};

} // namespace ledgefall
