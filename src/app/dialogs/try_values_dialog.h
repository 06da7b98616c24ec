#pragma once

#include "core/study/builders/trial_table.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

#include <optional>

class QPushButton;

namespace ledgefall {

/// Which values of a held value are to be tried, and what is to come out of each.
class TryValuesDialog : public QDialog {
    Q_OBJECT
  public:
    TryValuesDialog(const Study& study, const HeldValue& held, QWidget* parent = nullptr);

    TrialRequest request() const;
    bool draws() const { return draw_->isChecked(); }

    QComboBox& way() { return *way_; }
    QLineEdit& values_line() { return *values_; }
    QListWidget& outcomes() { return *outcomes_; }
    QString preview() const { return preview_->text(); }

  private:
    enum class Way { range, list, halves };
    void way_changed();
    void show_preview();
    /// The values as they are written now; nothing where they cannot be read.
    std::optional<std::vector<double>> values() const;
    std::vector<double> numbers_in(const QString& text, bool* sound) const;

    Id held_;
    QString name_;
    double now_ = 0;
    std::vector<Outcome> offered_;
    QComboBox* way_;
    QLineEdit* values_;
    QListWidget* outcomes_;
    QLineEdit* own_;
    QCheckBox* draw_;
    QLabel* preview_;
    QPushButton* try_ = nullptr;
};

} // namespace ledgefall
