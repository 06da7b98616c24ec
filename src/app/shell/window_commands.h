#pragma once

#include "app/commands/command_family.h"
#include "app/contents/contents_panel.h"
#include "app/details/details_panel.h"
#include "app/ledge/ledge_list.h"
#include "app/ledge/ledge_view.h"
#include "app/shell/command_finder.h"
#include "app/shell/folding_splitter.h"
#include "app/shell/help_desk.h"
#include "app/shell/panes.h"

namespace ledgefall {

/// The parts of the window that commands show, hide and lead to.
struct WindowParts {
    ContentsPanel& contents;
    LedgeView& ledge;
    LedgeList& ledge_list;
    DetailsPanel& details;
    FoldingSplitter& panels;
    CommandFinder& finder;
    HelpDesk& help;
    NewFootMenu& foot_menu;
    Panes& panes;
};

/// The commands of the window itself: holding and watching values, computing, what is seen, and the help.
class WindowCommands : public CommandFamily {
    Q_OBJECT
  public:
    WindowCommands(const CommandPlace& place, const WindowParts& parts)
        : CommandFamily(place)
        , parts_(parts) {}

    QList<Command> holding(); ///< foot lines, held values, checks
    QList<Command> computing();
    QList<Command> view();
    QList<Command> help();
    static void set_dark(bool dark);

  private:
    Command panel(const char* id, const QString& text, const Keys& keys, QWidget* panel);
    void fill_beside(QMenu* menu);
    void show_table_after(int by);
    void about();

    WindowParts parts_;
};

} // namespace ledgefall
