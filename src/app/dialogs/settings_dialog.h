#pragma once

#include "app/dialogs/values_box.h"
#include "core/study/model/study.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateEdit>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>

namespace ledgefall {

/// What holds for all of a study and is saved with it: its title and note, how quantiles are taken, how near ≈ is,
/// which day is today, the seed of its random numbers, and how numbers are shown.
class SettingsDialog : public QDialog {
    Q_OBJECT
  public:
    SettingsDialog(const Study& study, QWidget* parent);
    Study study() const; ///< as it has been set

    QComboBox& decimal_sign() { return *decimal_sign_; }
    QComboBox& grouping() { return *grouping_; }
    QComboBox& angles() { return *angles_; }
    QComboBox& method() { return *method_; }
    QLineEdit& tolerance() { return *tolerance_; }
    QLineEdit& seed() { return *seed_; }
    QCheckBox& fixed_day() { return *fixed_day_; }
    QDateEdit& day() { return *day_; }
    QString refusal() const { return refusal_->text(); }

  protected:
    void accept() override; ///< only with settings that are possible

  private:
    Settings settings() const;

    const Study study_;
    QLineEdit* title_;
    QPlainTextEdit* note_;
    QComboBox* method_;
    ValuesBox* values_;
    QLineEdit* tolerance_;
    QCheckBox* fixed_day_;
    QDateEdit* day_;
    QLineEdit* seed_;
    QComboBox* decimal_sign_;
    QComboBox* grouping_;
    QComboBox* angles_;
    QLabel* refusal_;
};

} // namespace ledgefall
