#pragma once

#include "app/commands/command_family.h"
#include "app/exchange/study_files.h"
#include "app/exchange/table_export.h"
#include "app/exchange/table_import.h"
#include "app/starters/starters.h"

namespace ledgefall {

/// Beginning, opening and saving studies, and the tables that come in and go out.
class StudyCommands : public CommandFamily {
    Q_OBJECT
  public:
    StudyCommands(const CommandPlace& place, StudyFiles& files, TableImport& imports, TableExport& exports,
                  Starters& starters);
    QList<Command> list();

    bool open_demo(); ///< in place of the study that is open, which is not asked about
    void begin_with(const Starter& starter);

  Q_SIGNALS:
    void new_window_wanted();

  private:
    void empty_for_own_data();
    void keep_as_starter();
    void fill_starters(QMenu* menu);
    void fill_recent(QMenu* menu);
    void report();
    void change_settings();

    StudyFiles& files_;
    TableImport& imports_;
    TableExport& exports_;
    Starters& starters_;
};

} // namespace ledgefall
