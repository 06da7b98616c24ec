#include "app/commands/chart_commands.h"

#include "app/charts/chart_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/numbers/locale_text.h"
#include "core/charts/proposed_chart.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

ChartCommands::ChartCommands(const CommandPlace& place)
    : CommandFamily(place) {
    connect(&pages_, &PageArea::chart_change_wanted, this, &ChartCommands::change);
}

QList<Command> ChartCommands::list() {
    const auto chart = [this]() -> ChartPage& { return *pages_.chart_page(); };
    return {
        Command{"draw", "chart", tr("&Chart selected columns"), "Ctrl+G", [this] { draw_chosen(); },
                Needs::chosen_columns, tr("graph plot draw diagram histogram scatter line bars"), "chart"}
            .offered_beside(tr("chart")),
        Command{"change-chart", "chart", tr("Chan&ge chart…"), "Ctrl+Shift+G",
                [this, chart] { change(chart().chart_id()); }, Needs::chart, no_words, "change"}
            .after_a_rule(),
        {"show-all-of-chart", "chart", tr("Show &all"), no_keys, [chart] { chart().plot().show_all(); }, Needs::chart,
         no_words, "show_all"},
        {"zoom-into-chart", "chart", tr("Zoom &in on chart"), no_keys, [chart] { chart().plot().zoom(0.8); },
         Needs::chart},
        {"zoom-out-of-chart", "chart", tr("Zoom &out of chart"), no_keys, [chart] { chart().plot().zoom(1.25); },
         Needs::chart},
        {"hold-reading", "chart", tr("Hold a &reading of the cumulative curve…"), no_keys,
         [this] { hold_reading_of_chart(); }, Needs::chart, tr("read off ogive share proportion up to percentile")},
        {"turn-chart", "chart", tr("Move chart &below or beside table"), no_keys, [this] { pages_.turn_chart(); },
         Needs::chart, no_words, "turn"},
        Command{"copy-picture", "chart", tr("Co&py image"), no_keys, [chart] { chart().copy(); }, Needs::chart,
                no_words, "copy_picture"}
            .after_a_rule(),
        {"export-picture", "chart", tr("&Save image as…"), no_keys, [chart] { chart().export_picture(); }, Needs::chart,
         no_words, "export"},
        Command{"hide-chart", "chart", tr("&Hide chart"), no_keys, [this] { pages_.close_chart(); }, Needs::chart,
                no_words, "close"}
            .after_a_rule(),
        {"remove-chart", "chart", tr("&Remove chart from study"), no_keys,
         [this, chart] { remove(chart().chart_id()); }, Needs::chart, no_words, "remove"},
    };
}

void ChartCommands::hold_reading_of_chart() {
    const auto typed = ask_text(window_, tr("Read a cumulative curve"), tr("Share of the values up to"), QString());
    const auto x = typed ? typed_number(*typed) : std::nullopt;
    if (x) {
        pages_.chart_page()->hold_reading_at(*x);
    } else if (typed) {
        document_.refuse(
            {N_("%1 is not a number. Type the value up to which the curve is read."), {typed->toStdString()}});
    }
}

void ChartCommands::draw_chosen() {
    const auto proposal =
        proposed_chart(document_.study(), document_.results(), page()->table_id(), page()->view().chosen_columns());
    if (!proposal) {
        return document_.refuse(proposal.refusal());
    }
    Chart chart = *proposal;
    only_chosen_rows(chart);
    Id added;
    if (document_.perform(tr("new chart"), add_chart(document_.study(), chart, &added))) {
        pages_.show_chart(added);
    }
}

/// Where several rows are chosen and not all of them, the chart draws those, and its title says so.
void ChartCommands::only_chosen_rows(Chart& chart) const {
    const TableView& view = page()->view();
    const Table& table = *page()->model().table();
    const TableView::Block block = view.chosen();
    const int rows = page()->model().table_rows();
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
        document_.perform(tr("chart changes"), rewrite_chart(document_.study(), dialog.chart()))) {
        pages_.show_chart(id);
    }
}

void ChartCommands::remove(Id chart) {
    document_.perform(tr("removing a chart"), remove_chart(document_.study(), chart));
}

} // namespace ledgefall
