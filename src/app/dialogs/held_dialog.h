#pragma once

#include "core/study/edits/edits.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLineEdit>

namespace ledgefall {

/// What belongs to a held value beside what it holds: unit, note, group, and, of a given one, a slider or choices.
class HeldDialog : public QDialog {
    Q_OBJECT
  public:
    HeldDialog(const Study& study, const HeldValue& held, QWidget* parent);
    HeldDetails details() const;

  private:
    void enable();
    QLineEdit *unit_, *note_, *group_, *from_, *to_, *step_, *listed_;
    QCheckBox* slides_;
    QComboBox* choices_;
};

} // namespace ledgefall
