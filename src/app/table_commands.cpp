#include "app/table_commands.h"

#include "app/ask.h"
#include "app/continue_dialog.h"
#include "app/frequency_dialog.h"
#include "app/held_card.h"
#include "app/look.h"
#include "app/number_text.h"
#include "core/study/edits.h"
#include "core/study/series.h"
#include "core/study/unfold.h"

#include <QApplication>

namespace ledgefall {

TableCommands::TableCommands(Document& document, Workplace& place, QWidget* window)
    : QObject(window)
    , document_(document)
    , place_(place)
    , window_(window) {}

QAction* TableCommands::add(QMenu* menu, const QString& text, const QKeySequence& keys,
                            const std::function<void()>& done, const char* symbol) {
    QAction* action = menu->addAction(text);
    if (symbol != nullptr) {
        action->setIcon(drawn_icon(QLatin1String(symbol)));
    }
    action->setShortcut(keys);
    connect(action, &QAction::triggered, this, [done] { done(); });
    actions_.push_back(action);
    return action;
}

void TableCommands::enable(bool has_table) {
    for (QAction* action : actions_) {
        action->setEnabled(has_table);
    }
}

const ColumnDefinition* TableCommands::column() const {
    return page()->model().column(page()->view().currentIndex().column());
}

void TableCommands::choose(int top, int bottom, int left, int right) {
    TableModel& model = page()->model();
    TableView& view = page()->view();
    view.setCurrentIndex(model.index(top, left));
    view.selectionModel()->select(QItemSelection(model.index(top, left), model.index(bottom, right)),
                                  QItemSelectionModel::ClearAndSelect);
}

// --- menus -----------------------------------------------------------------------------------------------------------

void TableCommands::fill_table_menu(QMenu* menu) {
    add(
        menu, tr("&New table…"), QKeySequence(Qt::CTRL | Qt::Key_T), [this] { new_table(); }, "table");
    actions_.pop_back(); // it needs no table
    add(menu, tr("Title and &note…"), {}, [this] { title_table(); });
    add(menu, tr("&Rename the table…"), {}, [this] { rename_table(); });
    add(menu, tr("&Count its rows…"), {}, [this] { count_rows(); });
    add(menu, tr("&Stop its rows early…"), {}, [this] { stop_rows(); });
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
        const QModelIndex at = page()->view().currentIndex();
        if (const auto menu_of_column = page()->column_menu(at.column(), at.row())) {
            menu_of_column->exec(page()->view().viewport()->mapToGlobal(page()->view().visualRect(at).bottomLeft()));
        }
    });
    add(menu, tr("&Label, unit and note…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_M), [this] { label_column(); });
    add(menu, tr("&Rename in formulas…"), {}, [this] { rename_column(); });
    menu->addSeparator();
    add(menu, tr("&Insert a column before"), QKeySequence(Qt::CTRL | Qt::Key_Insert), [this] { insert_column(); });
    add(menu, tr("&Duplicate the column"), {}, [this] { duplicate_column(); });
    add(menu, tr("Move it to the le&ft"), QKeySequence(Qt::ALT | Qt::SHIFT | Qt::Key_Left),
        [this] { move_column(-1); });
    add(menu, tr("Move it to the ri&ght"), QKeySequence(Qt::ALT | Qt::SHIFT | Qt::Key_Right),
        [this] { move_column(1); });
    add(menu, tr("&Hide the chosen columns"), {}, [this] { hide_columns(); });
    add(menu, tr("&Show hidden columns"), {}, [this] { show_hidden(); });
    add(menu, tr("Remove the column"), {}, [this] { remove_column(); });
    menu->addSeparator();
    add(menu, tr("A h&eading over the chosen columns…"), {}, [this] { group(); });
    add(menu, tr("Take that heading away"), {}, [this] { ungroup(); });
    menu->addSeparator();
    add(menu, tr("&Wider"), QKeySequence(Qt::CTRL | Qt::ALT | Qt::Key_Right), [this] { page()->view().widen(12); });
    add(menu, tr("&Narrower"), QKeySequence(Qt::CTRL | Qt::ALT | Qt::Key_Left), [this] { page()->view().widen(-12); });
    add(menu, tr("Fit the &width"), QKeySequence(Qt::CTRL | Qt::ALT | Qt::Key_Down),
        [this] { page()->view().widen(0); });
}

void TableCommands::fill_rows_menu(QMenu* menu) {
    add(menu, tr("&Insert rows above"), QKeySequence(Qt::ALT | Qt::Key_Insert),
        [this] { page()->insert_rows_above(); });
    add(menu, tr("&Remove rows"), QKeySequence(Qt::ALT | Qt::Key_Delete), [this] { page()->remove_selected_rows(); });
    add(menu, tr("Move them &up"), QKeySequence(Qt::ALT | Qt::SHIFT | Qt::Key_Up), [this] { move_rows(-1); });
    add(menu, tr("Move them &down"), QKeySequence(Qt::ALT | Qt::SHIFT | Qt::Key_Down), [this] { move_rows(1); });
    menu->addSeparator();
    add(menu, tr("&Sort by this column"), {}, [this] { sort(false); });
    add(menu, tr("Sort by this column, &falling"), {}, [this] { sort(true); });
    menu->addSeparator();
    add(menu, tr("&Continue the chosen values…"), QKeySequence(Qt::CTRL | Qt::Key_J), [this] { continue_pattern(); });
}

void TableCommands::fill_formula_menu(QMenu* menu) {
    add(
        menu, tr("Write a &formula…"), QKeySequence(Qt::CTRL | Qt::Key_F2),
        [this] { page()->write_formula(page()->view().currentIndex().column()); }, "formula");
    add(menu, tr("Write the ne&xt column…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N),
        [this] { page()->write_formula(page()->model().columnCount() - 1); });
    across_menu_ = menu->addMenu(tr("A measure &across the chosen columns"));
    fill_across_menu(across_menu_);
    add(menu, tr("One formula for &each chosen column…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E),
        [this] { spread(); });
    add(menu, tr("A fre&quency table of the column…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_F),
        [this] { count_in_classes(); });
    fill_unfold_menu(menu->addMenu(tr("&Unfold a measure of the chosen columns")));
    menu->addSeparator();
    add(menu, tr("Let the formula cover only the &chosen rows"), {}, [this] { narrow_reach(); });
    add(menu, tr("Let it cover a&ll rows"), {}, [this] { cover_all_rows(); });
}

void TableCommands::fill_across_menu(QMenu* menu) {
    for (const char* measure : {"mean", "sum", "min", "max", "median", "sd", "count", "product"}) {
        add(menu, QLatin1String(measure), {}, [this, measure] { measure_across(measure); });
    }
}

void TableCommands::fill_numbers_menu(QMenu* menu) {
    using Style = Format::Style;
    add(menu, tr("&More decimals"), QKeySequence(Qt::CTRL | Qt::Key_BracketRight), [this] { change_decimals(1); });
    add(menu, tr("&Fewer decimals"), QKeySequence(Qt::CTRL | Qt::Key_BracketLeft), [this] { change_decimals(-1); });
    menu->addSeparator();
    const std::pair<QString, Format> formats[] = {{tr("&As needed"), {}},
                                                  {tr("&Whole numbers"), {Style::decimals, 0}},
                                                  {tr("&3 significant figures"), {Style::significant, 3}},
                                                  {tr("Per cen&t"), {Style::percent, 0}},
                                                  {tr("Per cent, &1 decimal"), {Style::percent, 1}},
                                                  {tr("&Powers of ten"), {Style::scientific, 3}},
                                                  {tr("Fract&ions: 3 1/4"), {Style::fraction, 1}},
                                                  {tr("Fractions, t&wo digits: 5/16"), {Style::fraction, 2}},
                                                  {tr("Dates: 20 May 2026"), {Style::day_month, 0}},
                                                  {tr("Dates: Wed 20 May 2026"), {Style::weekday, 0}},
                                                  {tr("Dates: May 2026"), {Style::month_year, 0}}};
    for (const auto& [text, format] : formats) {
        add(menu, text, {}, [this, format = format] { format_chosen(format); });
    }
    menu->addSeparator();
    menu->addAction(tr("Only what is shown changes. To round the value itself, write round(x, 2)."))->setEnabled(false);
}

void TableCommands::open_cell_menu(const QPoint& global) {
    const QModelIndex at = page()->view().currentIndex();
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
    const auto label = ask_text(window_, tr("New table"), tr("What the table is called:"), tr("Table"));
    Id added;
    if (label && !label->isEmpty() &&
        document_.perform(tr("new table"), add_table(document_.study(), label->toStdString(), &added))) {
        place_.show_table(added);
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
    const auto count = ask_text(window_, tr("Count rows"), tr("Rows from 1 to this number, or formula of held values:"),
                                table()->axis.count.empty() ? QStringLiteral("100")
                                                            : QString::fromStdString(table()->axis.count.text()));
    if (count) {
        perform(tr("counting rows"), ledgefall::count_rows(document_.study(), table()->id, count->toStdString()));
    }
}

void TableCommands::stop_rows() {
    const auto until =
        ask_text(window_, tr("Stop rows early"),
                 tr("The rows end at the first for which this holds, such as r < 1; leave it empty to run to the end:"),
                 QString::fromStdString(table()->axis.until.text()));
    if (until) {
        perform(tr("stopping rows"), ledgefall::stop_rows(document_.study(), table()->id, until->toStdString()));
    }
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
    const int at = page()->view().currentIndex().column();
    perform(tr("inserting a column"),
            ledgefall::insert_column(document_.study(), page()->table_id(), static_cast<std::size_t>(std::max(0, at))));
}

void TableCommands::duplicate_column() {
    if (column() != nullptr) {
        perform(tr("duplicating a column"), ledgefall::duplicate_column(document_.study(), column()->id));
    }
}

void TableCommands::move_column(int by) {
    const QModelIndex at = page()->view().currentIndex();
    const int to = at.column() + by;
    if (column() == nullptr || page()->model().column(to) == nullptr) {
        return;
    }
    if (document_.perform(tr("moving a column"),
                          ledgefall::move_column(document_.study(), column()->id, static_cast<std::size_t>(to)))) {
        page()->view().setCurrentIndex(page()->model().index(at.row(), to));
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
    const auto label = ask_text(window_, tr("A heading over columns"), tr("What the columns are together:"), {});
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
            return perform(tr("taking a heading away"), ledgefall::ungroup(document_.study(), group->id));
        }
    }
}

void TableCommands::remove_column() {
    if (column() != nullptr) {
        page()->column_menu(page()->view().currentIndex().column(), -1)->remove();
    }
}

void TableCommands::label_column() {
    if (column() != nullptr) {
        page()->column_menu(page()->view().currentIndex().column(), -1)->head();
    }
}

void TableCommands::rename_column() {
    if (column() != nullptr) {
        page()->column_menu(page()->view().currentIndex().column(), -1)->rename();
    }
}

// --- rows ------------------------------------------------------------------------------------------------------------

void TableCommands::move_rows(int by) {
    const TableView::Block block = page()->view().chosen();
    const int to = block.top + by;
    if (block.empty() || to < 0 || block.bottom + by >= page()->model().table_rows()) {
        return;
    }
    if (document_.perform(tr("moving rows"),
                          ledgefall::move_rows(document_.study(), page()->table_id(),
                                               static_cast<std::size_t>(block.top),
                                               static_cast<std::size_t>(block.rows()), static_cast<std::size_t>(to)))) {
        choose(to, block.bottom + by, block.left, block.right);
    }
}

void TableCommands::sort(bool falling) {
    if (column() == nullptr) {
        return;
    }
    const Id sorted_by = column()->id;
    document_.perform_aside(tr("sorting"), [table = page()->table_id(), sorted_by, falling,
                                            results = document_.snapshot()](const Study& study) {
        const ColumnDefinition* key = study.table(table) == nullptr ? nullptr : study.table(table)->column(sorted_by);
        const Column* keys = key == nullptr ? nullptr : key->worked() ? results->column(sorted_by) : &*key->cells;
        return keys == nullptr ? Result<Study>(study) : sort_rows(study, table, *keys, falling);
    });
}

void TableCommands::continue_pattern() {
    const TableView::Block block = page()->view().chosen();
    if (block.empty() || column() == nullptr || column()->worked()) {
        return document_.refuse({"Choose the values that have been started, in a column that is given.", {}});
    }
    std::vector<Value> started;
    for (int row = block.top; row <= block.bottom; ++row) {
        started.push_back(page()->model().value(row, block.left));
    }
    ContinueDialog dialog(started, static_cast<std::size_t>(block.bottom) + 1,
                          static_cast<std::size_t>(page()->model().table_rows()), window_);
    if (dialog.exec() == QDialog::Accepted) {
        continue_to(dialog.to_row(), dialog.pattern());
    }
}

void TableCommands::continue_to(std::size_t row, const std::optional<Pattern>& pattern) {
    const TableView::Block block = page()->view().chosen();
    if (!block.empty() && row > 0) {
        perform(tr("continuing"),
                continue_cells(document_.study(), page()->table_id(), static_cast<std::size_t>(block.left),
                               static_cast<std::size_t>(block.right), static_cast<std::size_t>(block.top),
                               static_cast<std::size_t>(block.rows()), row - 1, pattern));
    }
}

// --- formulas --------------------------------------------------------------------------------------------------------

void TableCommands::narrow_reach() {
    const TableView::Block block = page()->view().chosen();
    if (column() != nullptr && !block.empty()) {
        perform(tr("the reach of %1").arg(QString::fromStdString(column()->name)),
                ledgefall::narrow_reach(
                    document_.study(), column()->id,
                    std::pair(static_cast<std::size_t>(block.top), static_cast<std::size_t>(block.bottom))));
    }
}

void TableCommands::cover_all_rows() {
    if (column() != nullptr) {
        perform(tr("the reach of %1").arg(QString::fromStdString(column()->name)),
                ledgefall::narrow_reach(document_.study(), column()->id, std::nullopt));
    }
}

void TableCommands::measure_across(const std::string& measure) {
    const std::vector<Id> columns = page()->view().chosen_columns();
    if (columns.size() < 2) {
        return document_.refuse({"Choose two or more columns beside each other: a measure across them is taken of each "
                                 "row.",
                                 {}});
    }
    const std::string first = table()->column(columns.front())->name;
    const std::string last = table()->column(columns.back())->name;
    std::string name = measure;
    for (int number = 2; name_refused(document_.study(), table(), name).has_value(); ++number) {
        name = measure + "_" + std::to_string(number);
    }
    page()->write_formula(page()->model().columnCount() - 1,
                          QString::fromStdString(name + " = " + measure + "(" + first + "[i] .. " + last + "[i])"));
}

void TableCommands::spread() {
    const std::vector<Id> columns = page()->view().chosen_columns();
    if (columns.empty()) {
        return document_.refuse({"Choose the columns first; in the formula each stands for one of them.", {}});
    }
    page()->spread(columns, QStringLiteral("share = each / sum(each)"));
    QTextCursor cursor = page()->slip().line().textCursor();
    cursor.select(QTextCursor::Document);
    page()->slip().line().setTextCursor(cursor);
}

void TableCommands::fill_unfold_menu(QMenu* menu) {
    for (const Unfolding& unfolding : unfoldings()) {
        add(menu, tr(unfolding.label.c_str()), {}, [this, name = unfolding.name] {
            perform(tr("unfolding %1").arg(QString::fromStdString(name)),
                    unfold(document_.study(), name, page()->view().chosen_columns()));
        });
    }
}

void TableCommands::count_in_classes() {
    const Results::Entry* entry = column() == nullptr ? nullptr : document_.results().find(column()->id);
    if (column() == nullptr || (column()->worked() && entry == nullptr)) {
        return;
    }
    const auto cells = column()->worked() ? entry->cells : column()->cells.pointer();
    if (const auto possible = propose_classes(*cells, ClassRule::about_eight); !possible) {
        return document_.refuse(possible.refusal());
    }
    FrequencyDialog dialog(cells, QString::fromStdString(column()->shown_label()), window_);
    Id table;
    if (dialog.exec() == QDialog::Accepted && dialog.sound() &&
        document_.perform(tr("a frequency table"),
                          frequency_table(document_.study(), column()->id, dialog.classes(), dialog.parts(), &table))) {
        place_.show_table(table);
    }
}

// --- numbers as shown ------------------------------------------------------------------------------------------------

bool TableCommands::format_focused(const std::function<Format(const Format& now)>& change) {
    QWidget* focus = QApplication::focusWidget();
    if (const auto* card = qobject_cast<HeldCard*>(focus); card != nullptr && card->value() != nullptr) {
        perform(tr("number format"), format_held(document_.study(), card->held(), change(card->value()->format)));
        return true;
    }
    const auto* foot = qobject_cast<FootView*>(focus);
    const FootLine* line = foot == nullptr ? nullptr : foot->foot().line(foot->currentIndex().row());
    if (line != nullptr) {
        perform(tr("number format"), format_foot_line(document_.study(), line->id, change(line->format)));
    }
    return line != nullptr;
}

namespace {

Format with_decimals(Format format, int by) {
    if (format.style == Format::Style::automatic) {
        format = {Format::Style::decimals, 2};
    }
    const bool counts_figures = format.style == Format::Style::significant || format.style == Format::Style::fraction;
    format.digits = std::clamp(format.digits + by, counts_figures ? 1 : 0, 15);
    return format;
}

} // namespace

void TableCommands::format_chosen(const Format& format) {
    if (format_focused([&format](const Format&) { return format; })) {
        return;
    }
    Result<Study> next = document_.study();
    for (const Id id : page()->view().chosen_columns()) {
        next = next ? format_column(*next, id, format) : next;
    }
    perform(tr("number format"), next);
}

void TableCommands::change_decimals(int by) {
    if (format_focused([by](const Format& now) { return with_decimals(now, by); })) {
        return;
    }
    Result<Study> next = document_.study();
    const TableView::Block block = page()->view().chosen();
    for (int section = block.left; section <= block.right; ++section) {
        const ColumnDefinition& one = *page()->model().column(section);
        const Format format = with_decimals(page()->model().shown_format(section), by);
        next = next ? format_column(*next, one.id, format) : next;
    }
    perform(tr("number format"), next);
}

} // namespace ledgefall
