#pragma once

#include "app/document/computer.h"
#include "core/study/builders/trial_table.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>

#include <optional>

class QPushButton;

namespace ledgefall {

class OutcomeCurve;

/// The value of a held value for which an outcome is as it is wanted: looked for in a range, beside the window, and
/// shown on the curve of the outcomes.
class FindValueDialog : public QDialog {
    Q_OBJECT
  public:
    FindValueDialog(const Study& study, const HeldValue& held, const ResultsPtr& results, QWidget* parent = nullptr);

    bool stays_live() const { return live_; } ///< whether the formula is wanted rather than its value
    std::string formula() const;              ///< `root(…)`
    std::optional<double> found() const { return found_; }

    QComboBox& outcome() { return *outcome_; }
    QLineEdit& wanted() { return *wanted_; }
    QLineEdit& from() { return *from_; }
    QLineEdit& to() { return *to_; }
    QString told() const { return told_->text(); }
    bool searching() const { return computer_.busy(); }

  private:
    void ask_anew();
    void search();
    void show_results(const ResultsPtr& results);
    std::string outcome_formula() const;

    Study study_;
    Id held_;
    QString name_;
    std::vector<Outcome> offered_;
    QComboBox* outcome_;
    QLineEdit* wanted_;
    QLineEdit* from_;
    QLineEdit* to_;
    OutcomeCurve* curve_;
    QLabel* told_;
    QPushButton* take_;
    QPushButton* keep_live_;
    QTimer soon_;
    Study asked_; ///< with a table of trials and the search as a held value
    Id trials_, search_;
    std::optional<double> found_;
    bool live_ = false;
    Computer computer_;
};

} // namespace ledgefall
