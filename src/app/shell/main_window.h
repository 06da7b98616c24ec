#pragma once

#include "app/commands/chart_commands.h"
#include "app/commands/class_commands.h"
#include "app/commands/column_commands.h"
#include "app/commands/commands.h"
#include "app/commands/edit_commands.h"
#include "app/commands/formula_commands.h"
#include "app/commands/made_table_commands.h"
#include "app/commands/row_commands.h"
#include "app/commands/run_commands.h"
#include "app/commands/study_commands.h"
#include "app/commands/subject_commands.h"
#include "app/commands/table_commands.h"
#include "app/commands/what_if_commands.h"
#include "app/exchange/table_export.h"
#include "app/exchange/table_import.h"
#include "app/handout/handout_bar.h"
#include "app/pages/keyboard_pointing.h"
#include "app/shell/checks_button.h"
#include "app/shell/finder_corner.h"
#include "app/shell/first_table.h"
#include "app/shell/notices.h"
#include "app/shell/window_commands.h"
#include "app/starters/start_page.h"

#include <QMainWindow>

namespace ledgefall {

/// The window: contents, ledge, the tables that are shown, details panel, and the commands of the menus.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    explicit MainWindow(QWidget* parent = nullptr);
    ~MainWindow() override;

    Document& document() { return document_; }
    Commands& commands() { return commands_; }
    HelpReader& help() { return help_->reader(); }
    FirstSteps& first_steps() { return *steps_; }
    FoldingSplitter& panels() { return *splitter_; }
    LedgeView& ledge() { return *ledge_; }
    LedgeList& ledge_list() { return *ledge_list_; }
    PageArea& pages() { return *pages_; }
    TablePage* page() { return pages_->page(); }
    DetailsPanel& details() { return *details_; }
    CommandFinder& finder() { return *finder_; }
    FindBar& find_bar() { return *find_bar_; }
    ContentsPanel& contents() { return *contents_; }
    Notices& notices() { return notices_; }
    ChecksButton& checks() { return *checks_; }
    HandoutBar& handout_bar() { return *handout_bar_; }
    StudyFiles& files() { return *files_; }
    TableImport& imports() { return *imports_; }
    TableExport& exports() { return *exports_; }

    bool open_demo() { return study_commands_->open_demo(); }
    /// Whether nothing has begun in it: no study, no task, no dialog.
    bool untouched() const;
    void show_table(Id table) { pages_->show_table(table); }
    /// Shows a column's cell (row from 1), a held value, a foot line or a table, wherever it stands.
    void go_to(const DefinitionId& definition, std::size_t row);
    void go_to_item(const QString& item); ///< of a handout or its key, as the marks name it

  Q_SIGNALS:
    void new_window_wanted();
    void files_dropped(const QStringList& files);
    void new_study_wanted(const ledgefall::Study& study);
    void item_wanted(const QString& file, const QString& item, Qt::Edge half);

  protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void changeEvent(QEvent* event) override;
    bool event(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void lay_out();
    void fit_menu_bar();
    void tell_computing(bool busy);
    Panes* make_panes();
    QWidget* make_start_page();
    void list_commands();
    void connect_document();
    void connect_ledge();
    void connect_pages();
    void connect_contents();
    void connect_companion();
    void connect_files();
    void connect_help();
    void try_example(const QString& formula);
    std::optional<QString> take_what_is_typed();
    TypedText being_typed() const;
    void go_on_typing(const TypedText& typed);
    void spell_numbers();
    void refresh();
    void page_changed();
    void chart_changed();
    void show_current_place();

    Document document_;
    FoldingSplitter* splitter_;
    ContentsPanel* contents_;
    LedgeView* ledge_;
    LedgeList* ledge_list_;
    StudyFiles* files_;
    Starters* starters_;
    HandoutBar* handout_bar_;
    PageArea* pages_;
    DetailsPanel* details_;
    FirstSteps* steps_;
    FindBar* find_bar_;
    KeyboardPointing* pointer_;
    CommandFinder* finder_;
    FinderCorner* corner_ = nullptr;
    NewFootMenu* foot_menu_;
    ChecksButton* checks_;
    QLabel* working_;
    HelpDesk* help_;
    FirstTable* first_table_;
    TableImport* imports_;
    TableExport* exports_;
    Panes* panes_;
    StudyCommands* study_commands_;
    TableCommands* table_commands_;
    ChartCommands* chart_commands_;
    RunCommands* run_commands_;
    WhatIfCommands* what_if_commands_;
    ClassCommands* class_commands_;
    Notices notices_;
    Requirements requirements_;
    Commands commands_;
    bool may_close_ = false; ///< it has been asked
};

} // namespace ledgefall
