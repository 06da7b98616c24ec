#pragma once

#include "core/basics/stopping.h"
#include "core/engine/running/results.h"
#include "core/runs/run_titles.h"

#include <limits>
#include <map>
#include <memory>
#include <optional>

namespace ledgefall {

// What a chart draws, as numbers: computed from a study's results, apart from any drawing. Cells that are missing or
// in error are left out and counted.

/// The regression line of y on x, by least squares.
struct Fit {
    double slope = 0, intercept = 0;
    double corr = 0; ///< Pearson's r
};

/// The five numbers of some values, by the study's quantile method; the whiskers reach to the last values within one
/// and a half times the quartiles' distance from them (Tukey 1977), and what lies beyond stands by itself.
struct Box {
    Value name; ///< missing: all values in one box
    std::size_t count = 0;
    double least = 0, low_whisker = 0, q1 = 0, median = 0, q3 = 0, high_whisker = 0, greatest = 0;
    std::vector<double> beyond;
    std::vector<std::uint32_t> beyond_rows;
};

/// In place of a row's number: what is drawn there is no row's value, as where a polygon comes down to nothing.
constexpr std::uint32_t no_row = std::numeric_limits<std::uint32_t>::max();

/// One of the lines that a layer of a two-way table is drawn as: the value of the other axis that it is for.
struct FamilyLine {
    std::string axis;
    Value value;
    Format format;
    double along = 0; ///< its place among the lines, from 0 to 1
};

/// A layer of a two-way table with the places of its columns and rows, which rise. A cell without a number is NaN.
struct GridFigures {
    std::vector<double> columns, rows, cells;
    double least = 0, greatest = 0;
};

struct SeriesFigures {
    SeriesForm form = SeriesForm::points;
    std::string label;
    Id table;
    Format x_format, y_format;
    std::vector<double> x, y;        ///< of a histogram: y are heights
    std::vector<std::uint32_t> rows; ///< of each point, bar or class, from 0
    std::vector<double> limits;      ///< of classes that have both ends: one more than there are heights
    double recorded_to = 0;          ///< of classes: as in `Interval`
    std::vector<Box> boxes;
    std::vector<double> error; ///< how far error bars reach from each y; NaN for none; empty where there are none
    std::vector<double> base;  ///< of stacked bars: where each begins; its y is where it ends
    std::optional<FamilyLine> family;
    /// Where runs are drawn under the study as it is: which one this is, by what differs; number 0 is the study itself.
    std::optional<RunTitle> run;
    std::size_t under = 0; ///< of a run: the series that it is drawn under
    bool of_run() const { return run && run->number > 0; }
    std::shared_ptr<const GridFigures> grid; ///< of a heat map and of contour lines
    bool second_axis = false;
    bool downwards = false; ///< its heights are below 0, as the other half of a picture back to back
    bool per_width = false; ///< the heights are divided by the widths of their classes
    std::optional<Fit> fit;
    std::size_t left_out = 0; ///< rows without a number to draw
    bool rising = true;       ///< the x never fall from one point to the next
};

struct ReferenceFigures {
    Reference::Form form = Reference::Form::across;
    std::vector<double> numbers;
    std::string label;
};

struct AxisFigures {
    std::string title;
    std::optional<double> from, to;
    std::vector<Value> names;  ///< of categories, which stand at 0, 1, 2, …
    std::vector<double> ticks; ///< the boundaries of classes
    double recorded_to = 0;    ///< of classes: as in `Interval`
    Format format;
    bool dates = false; ///< days since 1970-01-01
    bool whole = false; ///< every value is a whole number, as counts are
    bool logarithmic = false;
    bool both_ways = false; ///< heights are counted from 0 up and down, and written without a sign
};

struct ChartFigures {
    std::vector<SeriesFigures> series;
    std::vector<ReferenceFigures> references;
    AxisFigures x, y, second;
    LegendPlace legend = LegendPlace::above;
    bool equal_scales = false, reader = false, names_classes = false;
    std::vector<Sentence> missing; ///< what keeps a part of the chart from being drawn
    ResultsPtr results;            ///< by which the names are held, where the figures may outlive them
    bool empty() const { return series.empty(); }
};

ChartFigures chart_figures(const Study& study, const Results& results, const Chart& chart, const StopToken& stop = {});

/// The five numbers of values, with the rows in which they stand; there must be one value.
Box box_of(const std::vector<double>& values, const std::vector<std::uint32_t>& rows, int quantile_type,
           const StopToken& stop);

/// Round numbers between the least and the greatest value, some eight of them; none where all are equal.
std::vector<double> contour_levels(const GridFigures& grid);

/// The parts of a contour line, from one side of a square of four cells to another, as straight lines.
struct ContourSegment {
    std::pair<double, double> from, to;
};
std::vector<ContourSegment> contour_segments(const GridFigures& grid, double level, const StopToken& stop = {});

/// At which x a curve through the points, whose y never falls, reaches `y`; nothing where it does not.
std::optional<double> read_off(const std::vector<double>& x, const std::vector<double>& y, double wanted);

} // namespace ledgefall
