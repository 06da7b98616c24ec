#pragma once

#include "app/shell/page_area.h"

#include <QMenu>
#include <QObject>

#include <functional>

namespace ledgefall {

/// The commands on the current table: its columns, rows, formulas and number formats. Each is one action with a name, a
/// shortcut where it is frequent, and an undo; the menus, the cells' own menu and the search box all show the same
/// ones.
class TableCommands : public QObject {
    Q_OBJECT
  public:
    TableCommands(Document& document, PageArea& place, QWidget* window);

    void fill_table_menu(QMenu* menu);
    void fill_formula_menu(QMenu* menu);
    void fill_more_formulas_menu(QMenu* menu);
    void fill_made_menu(QMenu* menu);
    void fill_unfold_menu(QMenu* menu);
    /// What can come next at a table, with the word by which its line offers it.
    const QList<TablePage::NextStep>& beside_table() const { return beside_table_; }
    void fill_numbers_menu(QMenu* menu);
    /// What can be done with the chosen cells, at a place of the screen.
    void open_cell_menu(const QPoint& global);
    void enable(bool has_table);

    void change_axis(bool across);

    // What the dialogs of some commands come to.
    void continue_to(std::size_t row, const std::optional<struct Pattern>& pattern);
    void group_chosen(const QString& label);
    void measure_across(const std::string& measure);
    void change_decimals(int by);
    void format_chosen(const Format& format);
    /// The held value or foot line that has the focus, if one has; formats are then for it.
    bool format_focused(const std::function<Format(const Format& now)>& change);

  private:
    /// What a command needs to be chosen.
    enum class Needs : std::uint8_t {
        table,
        column,
        number_column,
        given_column,
        worked_column,
        two_columns,
        several_columns,
        hidden_column,
        grouped_column,
        counted_rows,
        classes,
        one_axis,
        two_axes
    };
    QAction* fits(QAction* action, Needs needs, const QString& words = {});
    QString missing(Needs needs) const;
    QAction* add(QMenu* menu, const QString& text, const QKeySequence& keys, const std::function<void()>& done,
                 const char* symbol = nullptr);
    /// How a command is called, and by which keys, where the table is laid across.
    void across(QAction* action, const QString& text, const QKeySequence& keys);
    void fill_columns_menu(QMenu* menu);
    void fill_rows_menu(QMenu* menu);
    void new_table();
    void rename_table();
    void title_table();
    void count_rows();
    void stop_rows();
    void lay_across();
    void remove_table();
    void move_table(int by);
    void insert_column();
    void duplicate_column();
    void move_column(int by);
    void hide_columns();
    void show_hidden();
    void group();
    void ungroup();
    void remove_column();
    void label_column();
    void rename_column();
    void move_rows(int by);
    void sort(bool falling);
    void continue_pattern();
    void narrow_reach();
    void cover_all_rows();
    void spread();
    void fill_across_menu(QMenu* menu);
    void count_values();
    void change_classes();
    void count_pairs();
    void two_way_table();
    void swap_axes();
    void add_layer();
    void sum_up();
    void ask_share();
    std::shared_ptr<const Column> cells_of(const ColumnDefinition& column) const;
    using TableBuilder = std::function<Result<Study>(const Study& study, Id* table)>;
    void make_table(const QString& name, const TableBuilder& build, const std::string& drawn = {},
                    const std::function<void(Id)>& then = {});

    TablePage* page() const { return place_.page(); }
    const Table* table() const { return page()->model().table(); }
    const ColumnDefinition* column() const; ///< the current one
    void perform(const QString& name, const Result<Study>& changed) { document_.perform(name, changed); }
    void choose(int top, int bottom, int left, int right);

    Document& document_;
    PageArea& place_;
    QWidget* window_;
    /// A command with a direction: as it is seen, it has another in a table that is laid across.
    struct Directed {
        QAction* action;
        QString text[2];      ///< down, and across
        QKeySequence keys[2]; ///< likewise
    };
    std::vector<QAction*> actions_;
    std::vector<Directed> directed_;
    QAction* laid_across_ = nullptr;
    QList<TablePage::NextStep> beside_table_;
    QMenu* rows_menu_ = nullptr;
    QMenu* across_menu_ = nullptr;
};

} // namespace ledgefall
