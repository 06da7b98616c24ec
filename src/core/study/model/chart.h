#pragma once

#include "core/formula/formula.h"
#include "core/study/model/series_form.h"
#include "core/value/text.h"

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
    std::string unknown_fields = {};
    friend bool operator==(const ChartAxis&, const ChartAxis&) = default;
};

/// A picture of columns, which follows them.
struct Chart {
    Id id;
    std::string label;
    Id table; ///< whose names its numbers use; it stands beside this one
    std::vector<Series> series;
    std::vector<Reference> references;
    ChartAxis x, y;
    bool equal_scales = false;  ///< a unit is as long across as it is up
    bool reader = false;        ///< reads quartiles and median off a cumulative curve
    bool names_classes = false; ///< names classes below their middles, rather than the limits between them
    std::string unknown_fields; ///< fields of its file that this version does not know, as JSON
    friend bool operator==(const Chart&, const Chart&) = default;
};

/// Calls `visit` with each formula of a chart and its place in an order that is always the same: the ends of x and of y
/// (0 to 3, empty where they follow the data), then the numbers of the references.
template <class ChartLike, class Visit>
void for_each_number(ChartLike& chart, Visit visit) {
    std::size_t place = 0;
    visit(chart.x.from, place++);
    visit(chart.x.to, place++);
    visit(chart.y.from, place++);
    visit(chart.y.to, place++);
    for (auto& reference : chart.references) {
        for (auto& number : reference.numbers) {
            visit(number, place++);
        }
    }
}

} // namespace ledgefall
