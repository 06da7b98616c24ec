#pragma once

#include "core/study/builders/distribution_tables.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace ledgefall {

/// What is to be made of a distribution: a critical region, a table of its probabilities, or its normal approximation.
class DistributionDialog : public QDialog {
    Q_OBJECT
  public:
    enum class Makes : std::uint8_t { critical_region, probabilities, approximation };

    DistributionDialog(const Study& study, QWidget* parent);

    Makes makes() const { return static_cast<Makes>(makes_->currentIndex()); }
    /// The study with it, or why it cannot be; `made` is the table, or the last card of a critical region.
    Result<Study> made(Id* made = nullptr) const;

    QComboBox& what() { return *makes_; }
    QComboBox& distribution() { return *distribution_; }
    QComboBox& side() { return *side_; }
    QLineEdit& level() { return *level_; }
    QString message() const { return message_->text(); }

  private:
    void look_over();

    Study study_;
    QComboBox *makes_, *distribution_, *side_;
    QLineEdit* level_;
    QLabel* message_;
    QPushButton* make_;
};

} // namespace ledgefall
