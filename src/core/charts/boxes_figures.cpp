#include "core/charts/series_figures.h"

#include <cmath>

namespace ledgefall {

bool add_boxes(ChartInWork& chart, const Series&, SeriesFigures& figures, const DrawnColumn& x, const DrawnColumn& y) {
    struct Gathered {
        Value name;
        std::vector<double> values;
        std::vector<std::uint32_t> rows;
    };
    std::vector<Gathered> groups;
    std::unordered_map<std::uint64_t, std::size_t> group_of;
    constexpr std::size_t most_boxes = 200;
    for (std::size_t row = 0; row < chart.results.rows(y.table->id); ++row) {
        chart.stop.throw_if_stopped_at(row);
        if (!chart.takes(*y.table, row)) {
            continue;
        }
        const Value value = y.cells->at(row);
        const Value name = x.cells == nullptr ? Value::missing() : x.cells->at(row);
        if (!value.plain() || !std::isfinite(value.number()) || (x.cells != nullptr && !name.plain())) {
            ++figures.left_out;
            continue;
        }
        const auto [it, is_new] = group_of.try_emplace(name.plain() ? key_of(name) : 0, groups.size());
        if (is_new) {
            groups.push_back({name, {}, {}});
        }
        if (groups.size() > most_boxes) {
            chart.miss({N_("%1 has more than %2 different values, too many to draw a box for each."),
                        {x.column->shown_label(), std::to_string(most_boxes)}});
            return false;
        }
        groups[it->second].values.push_back(value.number());
        groups[it->second].rows.push_back(static_cast<std::uint32_t>(row));
    }
    for (const Gathered& group : groups) {
        Box box = box_of(group.values, group.rows, chart.study.settings.quantile_type, chart.stop);
        box.name = group.name.plain() ? group.name : Value::text(Text(figures.label));
        figures.x.push_back(chart.place_of(box.name));
        figures.y.push_back(box.median);
        figures.rows.push_back(group.rows.front());
        figures.boxes.push_back(std::move(box));
    }
    return chart.something(figures, groups.empty(), y, x);
}

} // namespace ledgefall
