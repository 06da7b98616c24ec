#pragma once

#include "core/charts/chart_figures.h"

#include <unordered_map>

namespace ledgefall {

/// A column that a series draws: one of a table's own, or its axis.
struct DrawnColumn {
    const Table* table = nullptr;
    const ColumnDefinition* column = nullptr;
    const Column* cells = nullptr;
    bool of_run = false; ///< the cells are those that a run has kept
    Kind kind() const { return cells->kind(); }
};

/// A chart of which some series are computed, and what the next ones need to know of them.
struct ChartInWork {
    const Study& study;
    const Results& results;
    const Chart& chart;
    const StopToken& stop;
    ChartFigures out;
    std::unordered_map<std::uint64_t, std::size_t> places; ///< of names across, by `key_of`

    /// Whether a row of a table (from 0) is among those that are drawn.
    bool takes(const Table& table, std::size_t row) const;
    void miss(const Sentence& what) { out.missing.push_back(what); }
    /// Where a name stands across: at 0, 1, 2, … in the order in which the series bring them.
    double place_of(const Value& name);
    /// False, with a sentence that says why, where a series has `nothing` to draw.
    bool something(const SeriesFigures& figures, bool nothing, const DrawnColumn& y, const DrawnColumn& x);
};

/// Equal values have equal keys, and values of one kind that differ have different ones.
std::uint64_t key_of(const Value& value);

/// Computes the figures of one series; false where it is not drawn, for a reason that is among those missing.
using SeriesFiguresOf = bool (*)(ChartInWork& chart, const Series& series, SeriesFigures& figures, const DrawnColumn& x,
                                 const DrawnColumn& y);

// A file each; the list of them is in series_figures.cpp.
bool add_points(ChartInWork& chart, const Series& series, SeriesFigures& figures, const DrawnColumn& x,
                const DrawnColumn& y);
bool add_classes(ChartInWork& chart, const Series& series, SeriesFigures& figures, const DrawnColumn& x,
                 const DrawnColumn& y);
bool add_boxes(ChartInWork& chart, const Series& series, SeriesFigures& figures, const DrawnColumn& x,
               const DrawnColumn& y);

/// A dot for each value, stacked over equal ones; where most differ, over those that are near.
bool add_dots(ChartInWork& chart, const Series& series, SeriesFigures& figures, const DrawnColumn& x,
              const DrawnColumn& y);
bool add_grid(ChartInWork& chart, const Series& series, SeriesFigures& figures, const DrawnColumn& x,
              const DrawnColumn& y);

/// A layer of a two-way table as lines: along the axis across with one for each row, or, where the series' x is the
/// axis down, the other way round. They are added to the chart.
bool add_family(ChartInWork& chart, const Series& series, const SeriesFigures& like, const DrawnColumn& y);
/// Puts the bars of stacked series on one another.
void stack(std::vector<SeriesFigures>& series);

SeriesFiguresOf figures_of(SeriesForm form);

} // namespace ledgefall
