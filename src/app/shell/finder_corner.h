#pragma once

#include "app/shell/command_finder.h"

#include <QToolButton>

namespace ledgefall {

/// The corner of the menu bar: the search field, or, where the menus need its room, a button that brings it.
class FinderCorner : public QWidget {
    Q_OBJECT
  public:
    FinderCorner(CommandFinder* finder, QWidget* parent);
    void fit(int free_width); ///< what the menus leave

  private:
    void show_finder(bool shown);

    CommandFinder* finder_;
    QToolButton* button_;
    bool has_room_ = true;
};

} // namespace ledgefall
