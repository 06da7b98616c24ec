#pragma once

#include "app/numbers/formula_text.h"
#include "app/table_model/two_way_model.h"

#include <QHBoxLayout>
#include <QToolButton>
#include <QWidget>

namespace ledgefall {

/// What stands over a two-way table: its layers to choose from, both axes, and the formula of the layer that is shown,
/// with what stays put, what follows the row and what follows the column in their colours.
class LayerStrip : public QWidget {
    Q_OBJECT
  public:
    LayerStrip(TwoWayModel& model, Document& document, QWidget* parent = nullptr);

    QString formula_text() const; ///< as it is read
    QList<QToolButton*> layer_buttons() const;
    QToolButton& all_button() { return *all_; } ///< whether all layers are shown under each other

  Q_SIGNALS:
    void formula_wanted();         ///< of the layer that is shown
    void next_layer_wanted();      ///< a new one by a formula
    void axis_wanted(bool across); ///< other values for one
    void transposing_wanted();

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    class FormulaLine;
    void refresh();
    void fit();
    void rebuild_layers();

    TwoWayModel& model_;
    Document& document_;
    QToolButton *down_, *across_, *turn_;
    QWidget* layers_; ///< a button for each, and one for the next
    QToolButton *all_, *next_;
    QBoxLayout* bar_ = nullptr; ///< the layers, and the axes beside or under them
    FormulaLine* formula_;
};

} // namespace ledgefall
