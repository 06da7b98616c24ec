#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// Drawing charts, and the chart that is shown.
class ChartCommands : public CommandFamily {
    Q_OBJECT
  public:
    explicit ChartCommands(const CommandPlace& place);
    QList<Command> list();
    void change(Id chart);
    void remove(Id chart);

  private:
    void draw_chosen();
    void hold_reading_of_chart();
    void only_chosen_rows(Chart& chart) const;
};

} // namespace ledgefall
