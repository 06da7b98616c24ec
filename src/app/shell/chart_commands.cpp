#include "app/shell/chart_commands.h"

#include "app/charts/chart_dialog.h"
#include "app/look/menu_action.h"
#include "core/charts/proposed_chart.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

ChartCommands::ChartCommands(Document& document, PageArea& place, QWidget* window)
    : QObject(window)
    , document_(document)
    , place_(place)
    , window_(window) {
    connect(&place, &PageArea::chart_change_wanted, this, &ChartCommands::change);
}

QAction* ChartCommands::add(QMenu* menu, const QString& text, const QKeySequence& keys, bool of_chart,
                            const std::function<void()>& done, const char* symbol) {
    QAction* action = add_action(this, menu, text, keys, done, symbol);
    (of_chart ? of_chart_ : of_table_).push_back(action);
    return action;
}

void ChartCommands::fill_menu(QMenu* menu) {
    const auto page = [this] { return place_.chart_page(); };
    draw_ = add(
        menu, tr("&Chart of the chosen columns"), QKeySequence(Qt::CTRL | Qt::Key_G), false, [this] { draw_chosen(); },
        "chart");
    with_facts(draw_, {tr("graph plot draw diagram histogram scatter line bars"), [this] {
                           const TablePage* shown = place_.page();
                           return shown == nullptr                                  ? tr("needs a table")
                                  : shown->view_of_cells().chosen_columns().empty() ? tr("choose columns")
                                                                                    : QString();
                       }});
    menu->addSeparator();
    add(
        menu, tr("&Change the chart…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_G), true,
        [this, page] { change(page()->chart_id()); }, "change");
    add(
        menu, tr("Show &all"), {}, true, [page] { page()->plot().show_all(); }, "show_all");
    add(menu, tr("Zoom &into the chart"), {}, true, [page] { page()->plot().zoom(0.8); });
    add(menu, tr("Zoom out &of the chart"), {}, true, [page] { page()->plot().zoom(1.25); });
    add(
        menu, tr("&Below the table, or beside it"), {}, true, [this] { place_.turn_chart(); }, "turn");
    menu->addSeparator();
    add(
        menu, tr("Co&py the picture"), {}, true, [page] { page()->copy(); }, "copy_picture");
    add(
        menu, tr("&Write the picture to a file…"), {}, true, [page] { page()->export_picture(); }, "export");
    menu->addSeparator();
    add(
        menu, tr("&Hide the chart"), {}, true, [this] { place_.close_chart(); }, "close");
    add(
        menu, tr("&Remove the chart from the study"), {}, true, [this, page] { remove(page()->chart_id()); }, "remove");
}

void ChartCommands::enable(bool has_table, bool has_chart) {
    for (QAction* action : of_table_) {
        action->setEnabled(has_table);
    }
    for (QAction* action : of_chart_) {
        action->setEnabled(has_chart);
    }
}

void ChartCommands::draw_chosen() {
    if (place_.page() == nullptr) {
        return;
    }
    const auto proposal = proposed_chart(document_.study(), document_.results(), place_.page()->table_id(),
                                         place_.page()->view().chosen_columns());
    if (!proposal) {
        return document_.refuse(proposal.refusal());
    }
    Chart chart = *proposal;
    only_chosen_rows(chart);
    Id added;
    if (document_.perform(tr("a chart"), add_chart(document_.study(), chart, &added))) {
        place_.show_chart(added);
    }
}

/// Where several rows are chosen and not all of them, the chart draws those, and its title says so.
void ChartCommands::only_chosen_rows(Chart& chart) const {
    const TableView& view = place_.page()->view();
    const Table& table = *place_.page()->model().table();
    const TableView::Block block = view.chosen();
    const int rows = place_.page()->model().table_rows();
    if (block.empty() || block.rows() < 2 || block.rows() >= rows || view.chosen_blocks().size() > 1) {
        return;
    }
    for (int row = block.top; row <= block.bottom; ++row) { // neighbours with neighbouring ids as one range
        const std::uint64_t id = table.axis.id_at(static_cast<std::size_t>(row));
        if (!chart.rows.empty() && chart.rows.back().second + 1 == id) {
            chart.rows.back().second = id;
        } else {
            chart.rows.emplace_back(id, id);
        }
    }
    chart.label = tr("%1, rows %2 to %3")
                      .arg(QString::fromStdString(chart.label))
                      .arg(block.top + 1)
                      .arg(block.bottom + 1)
                      .toStdString();
}

void ChartCommands::change(Id id) {
    const Chart* chart = document_.study().chart(id);
    if (chart == nullptr) {
        return;
    }
    ChartDialog dialog(document_, *chart, window_);
    if (dialog.exec() == QDialog::Accepted &&
        document_.perform(tr("the chart"), rewrite_chart(document_.study(), dialog.chart()))) {
        place_.show_chart(id);
    }
}

void ChartCommands::remove(Id chart) {
    document_.perform(tr("removing a chart"), remove_chart(document_.study(), chart));
}

} // namespace ledgefall
