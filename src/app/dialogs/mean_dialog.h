#pragma once

#include "app/dialogs/values_box.h"
#include "core/engine/running/results.h"
#include "core/study/builders/mean_text.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>

namespace ledgefall {

/// A mean with its ± as text: of which column, for which groups, and what stands behind the ±.
class MeanDialog : public QDialog {
    Q_OBJECT
  public:
    MeanDialog(const Study& study, const Results& results, const Table& table, Id current, QWidget* parent);

    MeanTextRequest request() const;
    QComboBox& column() { return *column_; }
    QComboBox& by() { return *by_; }
    QComboBox& spread() { return *spread_; }

  private:
    QComboBox *column_, *by_, *spread_;
    ValuesBox* values_are_;
};

} // namespace ledgefall
