#pragma once

#include "app/recovery/recovered_studies.h"

#include <QDialog>
#include <QLabel>

namespace ledgefall {

/// Says what was recovered and how it differs from the file, and asks what to do with it.
class RecoveryDialog : public QDialog {
    Q_OBJECT
  public:
    enum class Choice { later, recovered, file, both };

    RecoveryDialog(const RecoveredStudy& recovered, const Study& study, const RecoveredStudy::File& file,
                   QWidget* parent);
    Choice choice() const { return choice_; }
    QString told() const { return text_->text(); }

  private:
    void choose(Choice choice);

    Choice choice_ = Choice::later;
    QLabel* text_;
};

} // namespace ledgefall
