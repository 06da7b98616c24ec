#pragma once

#include "app/theme/accessibility.h"
#include "core/study/model/study.h"

#include <QComboBox>

namespace ledgefall {

/// Asks whether the values of a study are a sample or a whole population, beginning with what it has been told; a
/// study that has not been asked has a sample.
class ValuesBox : public QComboBox {
    Q_OBJECT
  public:
    explicit ValuesBox(QWidget* parent)
        : QComboBox(parent) {
        addItems({tr("A sample: s, divided by n − 1"), tr("A whole population: σ, divided by n")});
        name_field(*this, tr("The values are"));
    }
    void begin_with(Settings::Values values) { setCurrentIndex(values == Settings::Values::population ? 1 : 0); }
    Settings::Values values() const {
        return currentIndex() == 1 ? Settings::Values::population : Settings::Values::sample;
    }
};

} // namespace ledgefall
