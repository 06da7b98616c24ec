#include "app/shell/table_commands.h"

#include "app/dialogs/prompts.h"
#include "app/look/menu_action.h"
#include "app/numbers/format_choices.h"
#include "core/engine/functions/catalogue.h"
#include "core/study/edits/edits.h"
#include "core/study/row_sources/class_rows.h"

#include <algorithm>

namespace ledgefall {

TableCommands::TableCommands(Document& document, PageArea& place, QWidget* window)
    : QObject(window)
    , document_(document)
    , place_(place)
    , window_(window) {}

QAction* TableCommands::add(QMenu* menu, const QString& text, const QKeySequence& keys,
                            const std::function<void()>& done, const char* symbol) {
    QAction* action = add_action(this, menu, text, keys, done, symbol);
    actions_.push_back(action);
    return action;
}

void TableCommands::enable(bool has_table) {
    for (QAction* action : actions_) {
        action->setEnabled(has_table);
    }
    const int seen = has_table && page()->laid_across() ? 1 : 0;
    for (const Directed& one : directed_) { // no two may have the same keys at any time
        one.action->setShortcut({});
    }
    for (const Directed& one : directed_) {
        one.action->setText(one.text[seen]);
        one.action->setShortcut(one.keys[seen]);
    }
}

void TableCommands::across(QAction* action, const QString& text, const QKeySequence& keys) {
    directed_.push_back({action, {action->text(), text}, {action->shortcut(), keys}});
}

const ColumnDefinition* TableCommands::column() const {
    return page()->model().column(page()->view().current().column());
}

void TableCommands::choose(int top, int bottom, int left, int right) {
    page()->view().choose_block({top, bottom, left, right});
}

// --- menus -----------------------------------------------------------------------------------------------------------

void TableCommands::fill_table_menu(QMenu* menu) {
    add(
        menu, tr("&New table"), QKeySequence(Qt::CTRL | Qt::Key_T), [this] { new_table(); }, "table");
    actions_.pop_back(); // it needs no table
    add(
        menu, tr("T&wo-way table…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_T), [this] { two_way_table(); },
        "two_way");
    actions_.pop_back();
    add(menu, tr("Title and &note…"), {}, [this] { title_table(); });
    add(menu, tr("&Rename the table…"), {}, [this] { rename_table(); });
    add(menu, tr("&Number of rows…"), {}, [this] { count_rows(); });
    fits(add(menu, tr("&Stop its rows early…"), {}, [this] { stop_rows(); }), Needs::counted_rows);
    fits(add(menu, tr("Change its c&lasses…"), {}, [this] { change_classes(); }), Needs::classes,
         tr("bins intervals limits width"));
    fits(add(menu, tr("Change the axis &down…"), {}, [this] { change_axis(false); }), Needs::two_axes,
         tr("rows values"));
    fits(add(menu, tr("Change the axis &across…"), {}, [this] { change_axis(true); }), Needs::two_axes,
         tr("columns values"));
    fits(add(menu, tr("&Swap the axes"), {}, [this] { swap_axes(); }), Needs::two_axes, tr("transpose turn"));
    laid_across_ = add(menu, tr("Lay it a&cross"), {}, [this] { lay_across(); });
    laid_across_->setCheckable(true);
    connect(menu, &QMenu::aboutToShow, this,
            [this] { laid_across_->setChecked(page() != nullptr && page()->laid_across()); });
    fits(laid_across_, Needs::one_axis, tr("transpose turn rows to the right months horizontal"));
    fits(add(menu, tr("Add a layer of t&yped values…"), {}, [this] { add_layer(); }), Needs::two_axes,
         tr("enter data"));
    add(menu, tr("Move the table up"), {}, [this] { move_table(-1); });
    add(menu, tr("Move the table down"), {}, [this] { move_table(1); });
    add(menu, tr("Remove the table"), {}, [this] { remove_table(); });
    menu->addSeparator();
    fill_columns_menu(menu->addMenu(tr("C&olumns")));
    rows_menu_ = menu->addMenu(tr("Ro&ws"));
    fill_rows_menu(rows_menu_);
    fill_numbers_menu(menu->addMenu(tr("N&umbers as shown")));
}

void TableCommands::fill_columns_menu(QMenu* menu) {
    add(menu, tr("&Column…"), QKeySequence(Qt::CTRL | Qt::Key_M), [this] {
        const QModelIndex at = page()->view().current();
        if (const auto menu_of_column = page()->column_menu(at.column(), at.row())) {
            menu_of_column->exec(page()->view().viewport()->mapToGlobal(page()->view().rect_of(at).bottomLeft()));
        }
    });
    fits(add(menu, tr("&Label, unit and note…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_M),
             [this] { label_column(); }),
         Needs::column, tr("heading title comment"));
    fits(add(menu, tr("&Rename in formulas…"), {}, [this] { rename_column(); }), Needs::column);
    menu->addSeparator();
    add(menu, tr("&Insert a column before"), QKeySequence(Qt::CTRL | Qt::Key_Insert), [this] { insert_column(); });
    fits(add(menu, tr("&Duplicate the column"), {}, [this] { duplicate_column(); }), Needs::column, tr("copy"));
    const QKeySequence left(Qt::ALT | Qt::SHIFT | Qt::Key_Left);
    const QKeySequence right(Qt::ALT | Qt::SHIFT | Qt::Key_Right);
    const QKeySequence up(Qt::ALT | Qt::SHIFT | Qt::Key_Up);
    const QKeySequence down(Qt::ALT | Qt::SHIFT | Qt::Key_Down);
    across(add(menu, tr("Move it to the le&ft"), left, [this] { move_column(-1); }), tr("Move it u&p"), up);
    across(add(menu, tr("Move it to the ri&ght"), right, [this] { move_column(1); }), tr("Move it d&own"), down);
    fits(add(menu, tr("&Hide the chosen columns"), {}, [this] { hide_columns(); }), Needs::column);
    fits(add(menu, tr("&Show hidden columns"), {}, [this] { show_hidden(); }), Needs::hidden_column);
    fits(add(menu, tr("Remove the column"), {}, [this] { remove_column(); }), Needs::column, tr("delete"));
    menu->addSeparator();
    fits(add(menu, tr("A h&eading over the chosen columns…"), {}, [this] { group(); }), Needs::column,
         tr("group merge"));
    fits(add(menu, tr("Remove that heading"), {}, [this] { ungroup(); }), Needs::grouped_column);
    menu->addSeparator();
    add(menu, tr("&Wider"), QKeySequence(Qt::CTRL | Qt::ALT | Qt::Key_Right), [this] { page()->view().widen(12); });
    add(menu, tr("&Narrower"), QKeySequence(Qt::CTRL | Qt::ALT | Qt::Key_Left), [this] { page()->view().widen(-12); });
    add(menu, tr("Fi&t the width"), QKeySequence(Qt::CTRL | Qt::ALT | Qt::Key_Down),
        [this] { page()->view().widen(0); });
}

void TableCommands::fill_rows_menu(QMenu* menu) {
    const QKeySequence insert(Qt::ALT | Qt::Key_Insert);
    across(add(menu, tr("&Insert rows above"), insert, [this] { page()->insert_rows_above(); }),
           tr("&Insert rows to the left"), insert);
    add(menu, tr("&Remove rows"), QKeySequence(Qt::ALT | Qt::Key_Delete), [this] { page()->remove_selected_rows(); });
    across(add(menu, tr("Move them &up"), QKeySequence(Qt::ALT | Qt::SHIFT | Qt::Key_Up), [this] { move_rows(-1); }),
           tr("Move them to the &left"), QKeySequence(Qt::ALT | Qt::SHIFT | Qt::Key_Left));
    across(add(menu, tr("Move them &down"), QKeySequence(Qt::ALT | Qt::SHIFT | Qt::Key_Down), [this] { move_rows(1); }),
           tr("Move them to the ri&ght"), QKeySequence(Qt::ALT | Qt::SHIFT | Qt::Key_Right));
    menu->addSeparator();
    fits(add(menu, tr("&Sort by this column, ascending"), {}, [this] { sort(false); }), Needs::column, tr("order"));
    fits(add(menu, tr("Sort by this column, &descending"), {}, [this] { sort(true); }), Needs::column, tr("order"));
    menu->addSeparator();
    fits(add(menu, tr("&Continue the chosen values…"), QKeySequence(Qt::CTRL | Qt::Key_J),
             [this] { continue_pattern(); }),
         Needs::given_column, tr("series fill down sequence repeat"));
}

void TableCommands::fill_formula_menu(QMenu* menu) {
    QAction* formula = add(
        menu, tr("Write a &formula…"), QKeySequence(Qt::CTRL | Qt::Key_F2),
        [this] { page()->write_formula(page()->view().current().column()); }, "formula");
    QAction* next = add(
        menu, tr("Write the ne&xt column…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N),
        [this] { page()->write_next(); }, "next_column");
    fits(formula, Needs::table, tr("calculate equation"));
    fits(next, Needs::one_axis, tr("add a column calculate formula"));
    beside_table_.append({next, tr("next column")});
}

void TableCommands::fill_more_formulas_menu(QMenu* menu) {
    across_menu_ = menu->addMenu(tr("A measure &across the chosen columns"));
    fill_across_menu(across_menu_);
    fits(add(menu, tr("One formula for &each chosen column…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E),
             [this] { spread(); }),
         Needs::column, tr("per cent of total share percentage relative frequency proportion"));
    menu->addSeparator();
    fits(add(menu, tr("Let the formula cover only the &chosen rows"), {}, [this] { narrow_reach(); }),
         Needs::worked_column, tr("reach range part"));
    fits(add(menu, tr("Let the formula cover a&ll rows"), {}, [this] { cover_all_rows(); }), Needs::worked_column,
         tr("reach range whole"));
}

/// Tables that are made of columns.
void TableCommands::fill_made_menu(QMenu* menu) {
    QAction* classes = add(
        menu, tr("A fre&quency table of the column…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_F),
        [this] { count_values(); }, "classes");
    fits(classes, Needs::column, tr("histogram classes bins intervals count tally distribution categories"));
    fits(add(menu, tr("Contingency table of two columns"), {}, [this] { count_pairs(); }), Needs::two_columns,
         tr("two-way cross chi squared pairs"));
    QAction* summary = add(
        menu, tr("S&ummary of columns or groups…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_U),
        [this] { sum_up(); }, "summary");
    fits(summary, Needs::number_column,
         tr("mean median quartiles standard deviation variance box plot statistics descriptive minimum maximum"));
    fits(add(menu, tr("Share of one value, chosen on the ledge"), {}, [this] { ask_share(); }), Needs::column,
         tr("per cent proportion count of a category"));
    beside_table_.append({classes, tr("classes")});
    beside_table_.append({summary, tr("summary")});
}

QAction* TableCommands::fits(QAction* action, Needs needs, const QString& words) {
    return with_facts(action, {words, [this, needs] { return missing(needs); }});
}

/// What has to be chosen first; empty where it is.
QString TableCommands::missing(Needs needs) const {
    if (page() == nullptr || table() == nullptr) {
        return tr("needs a table");
    }
    const ColumnDefinition* current = column();
    const auto when = [](bool is_there, const QString& otherwise) { return is_there ? QString() : otherwise; };
    switch (needs) {
    case Needs::table:
        return {};
    case Needs::column:
        return when(current != nullptr, tr("choose a column"));
    case Needs::number_column:
        return when(!table()->two_way() && std::any_of(table()->columns.begin(), table()->columns.end(),
                                                       [this](const auto& one) {
                                                           const Results::Entry* entry =
                                                               document_.results().find(one->id);
                                                           return entry != nullptr && entry->kind == Kind::number;
                                                       }),
                    tr("needs a column of numbers"));
    case Needs::given_column:
        return when(current != nullptr && !current->worked(), tr("choose typed values"));
    case Needs::worked_column:
        return when(current != nullptr && current->worked(), tr("choose a column with a formula"));
    case Needs::two_columns:
        return when(page()->view().chosen_columns().size() == 2, tr("choose two columns"));
    case Needs::several_columns:
        return when(page()->view().chosen_columns().size() > 1, tr("choose two columns or more"));
    case Needs::hidden_column:
        return when(
            std::any_of(table()->columns.begin(), table()->columns.end(), [](const auto& one) { return one->hidden; }),
            tr("none is hidden"));
    case Needs::grouped_column:
        return when(current != nullptr && std::any_of(table()->groups.begin(), table()->groups.end(),
                                                      [current](const auto& group) {
                                                          return std::find(group->columns.begin(), group->columns.end(),
                                                                           current->id) != group->columns.end();
                                                      }),
                    tr("there is none over this column"));
    case Needs::counted_rows:
        return when(table()->axis.source->count() != nullptr, tr("its rows are typed, not counted"));
    case Needs::one_axis:
        return when(!table()->two_way(), tr("a two-way table has layers"));
    case Needs::two_axes:
        return when(table()->two_way(), tr("it is no two-way table"));
    case Needs::classes:
        return when(table()->axis.rows_as<ClassRows>() != nullptr, tr("its rows are no classes"));
    }
    return {};
}

void TableCommands::fill_across_menu(QMenu* menu) {
    for (const Function& function : catalogue()) {
        if (function.usual_across) {
            const std::string measure(function.name);
            fits(add(menu, QString::fromStdString(measure), {}, [this, measure] { measure_across(measure); }),
                 Needs::several_columns, tr("row wise across"));
        }
    }
}

void TableCommands::fill_numbers_menu(QMenu* menu) {
    add(menu, tr("&More decimals"), QKeySequence(Qt::CTRL | Qt::Key_BracketRight), [this] { change_decimals(1); });
    add(menu, tr("&Fewer decimals"), QKeySequence(Qt::CTRL | Qt::Key_BracketLeft), [this] { change_decimals(-1); });
    menu->addSeparator();
    for (const FormatChoice& one : format_choices()) {
        add(menu, one.text, {}, [this, format = one.format] {
            if (const auto complete = completed(window_, format)) {
                format_chosen(*complete);
            }
        });
    }
    tell_of_rounding(menu);
}

void TableCommands::open_cell_menu(const QPoint& global) {
    const QModelIndex at = page()->view().current();
    const auto menu = page()->column_menu(at.column(), at.row());
    if (!menu) {
        return;
    }
    menu->addSeparator();
    menu->addMenu(rows_menu_);
    menu->addMenu(across_menu_);
    menu->exec(global);
}

// --- tables ----------------------------------------------------------------------------------------------------------

void TableCommands::new_table() {
    Id added;
    if (document_.perform(tr("new table"), add_table(document_.study(), tr("Table").toStdString(), &added))) {
        place_.show_table(added);
        page()->view().set_current(page()->model().index(0, 0));
        page()->view().setFocus();
    }
}

void TableCommands::rename_table() {
    const auto name =
        ask_text(window_, tr("Rename"), tr("The table's name in formulas; formulas that use it are rewritten:"),
                 QString::fromStdString(table()->name));
    if (name) {
        perform(tr("renaming"), ledgefall::rename_table(document_.study(), table()->id, name->toStdString()));
    }
}

void TableCommands::title_table() {
    const auto label =
        ask_text(window_, tr("Title"), tr("The table's title:"), QString::fromStdString(table()->shown_label()));
    const auto note =
        label ? ask_text(window_, tr("Note"), tr("A note beside the title:"), QString::fromStdString(table()->note))
              : std::nullopt;
    if (note) {
        perform(tr("title"), label_table(document_.study(), table()->id, label->toStdString(), note->toStdString()));
    }
}

void TableCommands::count_rows() {
    const Formula* formula = table()->axis.source->count();
    const auto count =
        ask_text(window_, tr("Number of rows"), tr("Rows from 1 to this number, or formula of held values:"),
                 formula == nullptr ? QStringLiteral("100") : QString::fromStdString(formula->text()));
    if (count) {
        perform(tr("number of rows"), ledgefall::count_rows(document_.study(), table()->id, count->toStdString()));
    }
}

void TableCommands::stop_rows() {
    const Formula* formula = table()->axis.source->until();
    const auto until =
        ask_text(window_, tr("Stop rows early"),
                 tr("The rows end at the first for which this holds, such as r < 1; leave it empty to run to the end:"),
                 formula == nullptr ? QString() : QString::fromStdString(formula->text()));
    if (until) {
        perform(tr("stopping rows"), ledgefall::stop_rows(document_.study(), table()->id, until->toStdString()));
    }
}

void TableCommands::lay_across() {
    perform(tr("laying across"), ledgefall::lay_across(document_.study(), page()->table_id(), !page()->laid_across()));
}

void TableCommands::remove_table() {
    const Id id = page()->table_id();
    if (may_remove(window_, document_.study(), id)) {
        perform(tr("removing a table"), ledgefall::remove_table(document_.study(), id, IfUsed::remove_anyway));
    }
}

void TableCommands::move_table(int by) {
    const auto& tables = document_.study().tables;
    for (std::size_t at = 0; at < tables.size(); ++at) {
        const auto to = static_cast<std::ptrdiff_t>(at) + by;
        if (tables[at]->id == page()->table_id() && to >= 0) {
            return perform(tr("moving a table"),
                           ledgefall::move_table(document_.study(), tables[at]->id, static_cast<std::size_t>(to)));
        }
    }
}

// --- columns ---------------------------------------------------------------------------------------------------------

void TableCommands::insert_column() {
    const int at = page()->view().current().column();
    perform(tr("inserting a column"),
            ledgefall::insert_column(document_.study(), page()->table_id(), static_cast<std::size_t>(std::max(0, at))));
}

void TableCommands::duplicate_column() {
    if (column() != nullptr) {
        perform(tr("duplicating a column"), ledgefall::duplicate_column(document_.study(), column()->id));
    }
}

void TableCommands::move_column(int by) {
    const QModelIndex at = page()->view().current();
    const int to = at.column() + by;
    if (column() == nullptr || page()->model().column(to) == nullptr) {
        return;
    }
    if (document_.perform(tr("moving a column"),
                          ledgefall::move_column(document_.study(), column()->id, static_cast<std::size_t>(to)))) {
        page()->view().set_current(page()->model().index(at.row(), to));
    }
}

void TableCommands::hide_columns() {
    Result<Study> next = document_.study();
    for (const Id id : page()->view().chosen_columns()) {
        next = next ? hide_column(*next, id, true) : next;
    }
    perform(tr("hiding columns"), next);
}

void TableCommands::show_hidden() {
    Result<Study> next = document_.study();
    for (const auto& one : table()->columns) {
        next = next && one->hidden ? hide_column(*next, one->id, false) : next;
    }
    perform(tr("showing columns"), next);
}

void TableCommands::group() {
    const auto label = ask_text(window_, tr("A heading over columns"), tr("A label for these columns together:"), {});
    if (label && !label->isEmpty()) {
        group_chosen(*label);
    }
}

void TableCommands::group_chosen(const QString& label) {
    perform(tr("a heading over columns"),
            group_columns(document_.study(), page()->table_id(), label.toStdString(), page()->view().chosen_columns()));
}

void TableCommands::ungroup() {
    if (column() == nullptr) {
        return;
    }
    for (const auto& group : table()->groups) {
        if (std::find(group->columns.begin(), group->columns.end(), column()->id) != group->columns.end()) {
            return perform(tr("removing a heading"), ledgefall::ungroup(document_.study(), group->id));
        }
    }
}

void TableCommands::remove_column() {
    if (column() != nullptr) {
        page()->column_menu(page()->view().current().column(), -1)->remove();
    }
}

void TableCommands::label_column() {
    if (column() != nullptr) {
        page()->column_menu(page()->view().current().column(), -1)->head();
    }
}

void TableCommands::rename_column() {
    if (column() != nullptr) {
        page()->column_menu(page()->view().current().column(), -1)->rename();
    }
}

} // namespace ledgefall
