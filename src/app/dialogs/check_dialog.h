#pragma once

#include "core/study/edits/edits.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>

namespace ledgefall {

/// A check: what is watched, from the usual ones or in a condition of one's own, and what is said where it does not
/// hold.
class CheckDialog : public QDialog {
    Q_OBJECT
  public:
    /// `table` empty: a check of the ledge's values. `text` is what is there already.
    CheckDialog(const Study& study, Id table, const CheckText& text, QWidget* parent);
    CheckText text() const;
    QComboBox& kinds() { return *kind_; }
    QComboBox& columns() { return *column_; }

  protected:
    void accept() override; ///< only with a condition that can be read

  private:
    void propose();
    const Study study_;
    Id table_;
    QComboBox *kind_, *column_;
    QLineEdit *value_, *condition_, *label_, *message_;
    QLabel* refusal_;
};

} // namespace ledgefall
