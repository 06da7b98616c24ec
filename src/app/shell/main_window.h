#pragma once

#include "app/companion/companion_panel.h"
#include "app/contents/contents_panel.h"
#include "app/document/document.h"
#include "app/help/first_steps.h"
#include "app/help/help_reader.h"
#include "app/ledge/ledge_list.h"
#include "app/ledge/ledge_view.h"
#include "app/shell/chart_commands.h"
#include "app/shell/command_finder.h"
#include "app/shell/find_bar.h"
#include "app/shell/folding_splitter.h"
#include "app/shell/keyboard_pointing.h"
#include "app/shell/page_area.h"
#include "app/shell/run_commands.h"
#include "app/shell/study_files.h"
#include "app/shell/table_commands.h"
#include "app/starters/start_page.h"
#include "files/sheet_writing/workbook_of_study.h"
#include "files/tables/labelled_columns.h"

#include <QMainWindow>

namespace ledgefall {

/// The window: contents, ledge, the tables that are shown, companion; the menus' commands; and the strip in which a
/// refusal is told in one sentence.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    explicit MainWindow(QWidget* parent = nullptr);
    ~MainWindow() override;

    Document& document() { return document_; }
    HelpReader& help() { return *help_; }
    QString rows_of_keys() const;
    FirstSteps& first_steps() { return *steps_; }
    FoldingSplitter& panels() { return *splitter_; }
    LedgeView& ledge() { return *ledge_; }
    LedgeList& ledge_list() { return *ledge_list_; }
    PageArea& place() { return *place_; }
    TablePage* page() { return place_->page(); }
    CompanionPanel& companion() { return *companion_; }
    CommandFinder& finder() { return *finder_; }
    FindBar& find_bar() { return *find_bar_; }
    TableCommands& commands() { return *commands_; }
    ChartCommands& charts() { return *charts_; }
    ContentsPanel& contents() { return *contents_; }
    QString notice() const { return notice_->text(); }
    QString unread() const { return unread_strip_->isHidden() ? QString() : unread_->text(); }
    StudyFiles& files() { return *files_; }
    QString checks_line() const { return checks_->text(); }

    bool open_demo();
    /// Opens a study or a worksheet; of delimited text it is asked how to read it.
    void open_from_outside(const QString& path);
    /// `shown`: the kinds of the columns as they were shown before; where all of the text says otherwise, it is told.
    void import_text(const QString& path, const Document::BytesPtr& bytes, const struct DialectChoice& choice,
                     const QString& label, const std::vector<Kind>& shown = {});
    /// Writes a table.
    void export_text(const QString& path, const Id& table, const struct WritingChoice& choice);
    void export_text(const QString& path); ///< the shown one, as it is usual for that kind of file
    /// The whole study as worksheets, with formulas; what they cannot say is told.
    void export_worksheet(const QString& path);
    /// Whether nothing has begun in it: no study, no task, no dialog.
    bool untouched() const;
    void new_table(const QString& label);
    void show_table(Id table) { place_->show_table(table); }
    /// Shows a column's cell (row from 1), a held value, a foot line or a table, wherever it stands.
    void go_to(const DefinitionId& definition, std::size_t row);
    void set_dark(bool dark);

  Q_SIGNALS:
    void new_window_wanted();
    void files_dropped(const QStringList& files);

  protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void changeEvent(QEvent* event) override;
    bool event(QEvent* event) override;

  private:
    void write_worksheet(const QString& path,
                         const std::function<Result<std::string>(std::vector<Sentence>&, const StopToken&)>& write);
    QAction* add(QMenu* menu, const QString& text, const QKeySequence& keys, const std::function<void()>& done,
                 const char* symbol = nullptr);
    void lay_out();
    void connect_parts();
    void build_study_menu();
    void build_edit_menu();
    void build_work_menu();
    void build_view_and_help();
    QWidget* make_start_page();
    void begin_with(const Starter& starter);
    void empty_for_own_data();
    void keep_as_starter();
    void fill_starters();
    QString topic_in_focus();
    void open_help(const QString& topic);
    void close_help();
    void try_example(const QString& formula);
    void begin_first_steps();
    void take_first_steps();
    QWidget* make_unread_strip();
    std::optional<QString> take_what_is_typed();
    void spell_numbers();
    Id held_to_try();
    Id chosen_held(Id beside);
    void try_values(Id held);
    void try_two_values(Id first);
    void find_value(Id held);
    void fill_recent();
    void fill_beside();
    void remember_recent(const QString& path);
    void refresh();
    void page_changed();
    void chart_changed();
    void show_current_place();
    void show_checks();
    void go_to_broken_check();
    void tell(const QString& sentence);   ///< why something was refused
    void inform(const QString& sentence); ///< what was done
    void show_notice(const QString& sentence, const QColor& colour);
    void tell_until_read(const QString& sentence);
    void zoom(double factor);
    void offer_destinations();

    void choose_import();
    using ColumnReader = std::function<Result<LabelledColumns>(std::string_view, const StopToken&)>;
    void import_file(const QString& path, const Document::BytesPtr& bytes);
    void import_columns(const QString& path, const Document::BytesPtr& bytes, const QString& label,
                        const ColumnReader& reader);
    void choose_export();
    std::optional<struct WritingChoice> ask_writing(const QString& path, const Id& table);
    void choose_worksheet_export();
    void list_formulas();
    void about();

    Document document_;
    FoldingSplitter* splitter_;
    ContentsPanel* contents_;
    LedgeView* ledge_;
    LedgeList* ledge_list_;
    StudyFiles* files_;
    Starters* starters_;
    PageArea* place_;
    CompanionPanel* companion_;
    HelpReader* help_;
    FirstSteps* steps_;
    bool may_close_ = false;        ///< it has been asked
    QPointer<QWidget> before_help_; ///< what had the focus
    FindBar* find_bar_;
    TableCommands* commands_;
    ChartCommands* charts_;
    RunCommands* runs_;
    KeyboardPointing* pointer_;
    CommandFinder* finder_;
    QLabel* notice_;
    QLabel* unread_ = nullptr;
    QFrame* unread_strip_ = nullptr;
    QLabel* working_;
    QToolButton* checks_;
    QMenu* recent_ = nullptr;
    QMenu* beside_ = nullptr;
    QMenu* starters_menu_ = nullptr;
    QList<TablePage::NextStep> next_steps_;
    NewFootMenu* foot_menu_ = nullptr;
    QAction* undo_ = nullptr;
    QAction* redo_ = nullptr;
    std::vector<QAction*> needs_table_;
};

} // namespace ledgefall
