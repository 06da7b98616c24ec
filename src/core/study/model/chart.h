#pragma once

#include "core/formula/formula.h"
#include "core/study/model/series_form.h"
#include "core/value/text.h"

#include <utility>
#include <vector>

namespace ledgefall {

/// What a chart draws of two columns of one table.
struct Series {
    SeriesForm form = SeriesForm::points;
    Id x; ///< none: the rows' numbers; of boxes: all in one
    Id y;
    bool fit = false;       ///< of points: with their regression line
    bool per_width = false; ///< of a histogram: counts over widths, so that areas compare where widths differ
    std::string label;      ///< in the legend; empty: that of y
    Id error = {};          ///< of single rows: a column that says how far error bars reach up and down
    bool standard_error =
        false; ///< the same by the standard error of the mean that y is, `se(…)` of what it is taken of
    bool second_axis = false; ///< measured on the axis at the right
    std::string unknown_fields = {};
    friend bool operator==(const Series&, const Series&) = default;
};

/// A line, circle or range beside the series, by numbers that are formulas.
struct Reference {
    enum class Form : std::uint8_t {
        across,       ///< a level line: y
        upright,      ///< x
        circle,       ///< x and y of its centre, and its radius
        range_across, ///< from y to y, shaded
        range_upright ///< from x to x
    };
    Form form = Form::across;
    std::vector<Formula> numbers;
    std::string label;
    std::string unknown_fields = {};
    friend bool operator==(const Reference&, const Reference&) = default;
};

/// How many numbers a reference of that form takes.
std::size_t numbers_of(Reference::Form form);

/// One axis of a chart: what is not said follows from the columns and their values.
struct ChartAxis {
    std::string title;
    Formula from, to;
    bool logarithmic = false;
    std::string unknown_fields = {};
    friend bool operator==(const ChartAxis&, const ChartAxis&) = default;
};

/// Where a chart's legend stands: over the picture, or in one of its corners.
enum class LegendPlace : std::uint8_t { above, top_left, top_right, bottom_left, bottom_right };

/// A picture of columns, which follows them.
struct Chart {
    Id id;
    std::string label;
    Id table; ///< whose names its numbers use; it stands beside this one
    std::vector<Series> series;
    std::vector<Reference> references;
    ChartAxis x, y, second; ///< second: at the right, of those series that are measured on it
    LegendPlace legend = LegendPlace::above;
    /// The rows of its table that it draws, by their ids, from one to the other; none: all of them.
    std::vector<std::pair<std::uint64_t, std::uint64_t>> rows;
    bool equal_scales = false;  ///< a unit is as long across as it is up
    bool reader = false;        ///< reads quartiles and median off a cumulative curve
    bool names_classes = false; ///< names classes below their middles, rather than the limits between them
    bool mirrored = false;      ///< every other series over classes is drawn downwards, back to back
    std::string unknown_fields; ///< fields of its file that this version does not know, as JSON
    friend bool operator==(const Chart&, const Chart&) = default;
};

/// Calls `visit` with each formula of a chart and its place in an order that is always the same: the ends of x, of y
/// and of the second axis (0 to 5, empty where they follow the data), then the numbers of the references.
template <class ChartLike, class Visit>
void for_each_number(ChartLike& chart, Visit visit) {
    std::size_t place = 0;
    visit(chart.x.from, place++);
    visit(chart.x.to, place++);
    visit(chart.y.from, place++);
    visit(chart.y.to, place++);
    visit(chart.second.from, place++);
    visit(chart.second.to, place++);
    for (auto& reference : chart.references) {
        for (auto& number : reference.numbers) {
            visit(number, place++);
        }
    }
}

} // namespace ledgefall
