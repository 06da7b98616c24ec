#include "core/charts/series_figures.h"

#include "core/study/model/fault_explanation.h"

#include <algorithm>
#include <array>
#include <bit>

namespace ledgefall {

std::uint64_t key_of(const Value& value) {
    return std::bit_cast<std::uint64_t>(value.slot());
}

bool ChartInWork::takes(const Table& table, std::size_t row) const {
    if (chart.rows.empty() || !(table.id == chart.table)) {
        return true;
    }
    if (table.ids() != nullptr && row >= table.ids()->size()) {
        return false; // a run had more rows
    }
    const std::uint64_t id = table.axis.id_at(row);
    return std::any_of(chart.rows.begin(), chart.rows.end(),
                       [id](const auto& range) { return id >= range.first && id <= range.second; });
}

double ChartInWork::place_of(const Value& name) {
    const auto [it, is_new] = places.try_emplace(key_of(name), out.x.names.size());
    if (is_new) {
        out.x.names.push_back(name);
    }
    return static_cast<double>(it->second);
}

bool ChartInWork::something(const SeriesFigures& figures, bool nothing, const DrawnColumn& y, const DrawnColumn& x) {
    if (!nothing) {
        return true;
    }
    const bool rows = results.rows(y.table->id) > 0;
    const Results::Entry* entry = results.find(y.column->id);
    entry = entry != nullptr && entry->faults == 0 && x.column != nullptr ? results.find(x.column->id) : entry;
    if (!rows) {
        miss({N_("%1 has no rows yet. Type or import some values."), {y.table->shown_label()}});
    } else if (entry != nullptr && entry->faults > 0) {
        miss({N_("%1 is not drawn because its cells have errors: %2"),
              {figures.label, explain(study, results, entry->first_fault).text()}});
    } else {
        miss({N_("%1 has no numbers to draw."), {figures.label}});
    }
    return false;
}

SeriesFiguresOf figures_of(SeriesForm form) {
    static constexpr std::array<SeriesFiguresOf, SeriesFormKind::over_count> all = {
        add_points, add_classes, add_boxes, add_grid, add_dots}; // as SeriesFormKind::Over
    return all[static_cast<std::size_t>(kind_of(form).over)];
}

} // namespace ledgefall
