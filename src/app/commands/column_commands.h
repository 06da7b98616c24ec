#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// The columns of the current table, and how numbers are shown.
class ColumnCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();
    QList<Command> formats();

  private:
    void open_menu();
    void insert_column();
    void move_column(int by);
    void hide_columns();
    void show_hidden();
    void group();
    const Group* heading() const; ///< over the current column; null where there is none
    void rename_group();
    std::unique_ptr<class ColumnMenu> menu_of_column() const;
    bool format_focused(const std::function<Format(const Format& now)>& change);
    void format_chosen(const Format& format);
    void change_decimals(int by);
};

} // namespace ledgefall
