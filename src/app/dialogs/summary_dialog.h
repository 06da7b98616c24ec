#pragma once

#include "core/study/builders/summary.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QListWidget>
#include <QSpinBox>

namespace ledgefall {

/// Which measures of which columns a summary is to have, and for which groups.
class SummaryDialog : public QDialog {
    Q_OBJECT
  public:
    /// `numbers` and `texts` are the table's columns that can be summed up, and by which they can be grouped.
    struct Offer {
        Id id;
        QString label;
        bool chosen = false;
    };
    SummaryDialog(const std::vector<Offer>& numbers, const std::vector<Offer>& texts, const Settings& settings,
                  QWidget* parent);
    SummaryRequest request() const;
    QListWidget& columns() { return *columns_; }
    QListWidget& measures() { return *measures_; }
    QComboBox& by() { return *by_; }
    QComboBox& quantiles() { return *quantiles_; }
    bool draws() const { return draw_->isChecked(); } ///< boxes of the first column as well
    QCheckBox& draw() { return *draw_; }

  private:
    QListWidget *columns_, *measures_;
    QComboBox *by_, *quantiles_, *together_;
    QCheckBox *some_rows_, *draw_;
    QSpinBox* rows_;
};

} // namespace ledgefall
