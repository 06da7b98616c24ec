#pragma once

#include <cstdint>
#include <span>
#include <string_view>

namespace ledgefall {

/// How a series is drawn. `histogram`, `polygon` and `cumulative` stand over the classes of a table: areas between the
/// true limits; the middles joined, down to nothing at both ends; the upper limits joined, from nothing at the first
/// lower one. `bars` and `stems` stand at numbers, or side by side at categories. `boxes` are the five numbers of y,
/// one box for each text in x.
/// `stacked` bars stand on one another, `stacked_shares` as parts of their sum. `heat` and `contours` are of the cells
/// of a two-way table, by a colour and by lines of equal value. `dots` stand over the values of y, one on another.
enum class SeriesForm : std::uint8_t {
    points,
    line,
    joined,
    bars,
    stems,
    histogram,
    polygon,
    cumulative,
    boxes,
    stacked,
    stacked_shares,
    heat,
    contours,
    dots
};

/// What is known of a form beside how it is painted.
struct SeriesFormKind {
    /// What its figures are computed from.
    enum class Over : std::uint8_t { points, classes, boxes, grid, values };
    static constexpr std::size_t over_count = 5;
    /// By what it is painted, and whether several series of it share their places.
    enum class Painted : std::uint8_t { as_points, as_bars, as_bars_side_by_side, as_boxes_side_by_side, as_grid };
    static constexpr std::size_t painted_count = 5;

    SeriesForm form;
    std::string_view name;  ///< in the file
    std::string_view label; ///< for people
    Over over = Over::points;
    Painted painted = Painted::as_points;
    bool line = false;        ///< its points are joined
    bool marks = false;       ///< its points have marks
    bool area = false;        ///< it covers areas, so that no grid is drawn behind it
    bool from_zero = false;   ///< it stands on the axis, which begins at 0
    bool single_rows = false; ///< at a name it can show one row only
    bool stacked = false;     ///< each series stands on those before it
    bool may_fit = false;     ///< a regression line can be drawn with it
    bool may_divide = false;  ///< counts can be drawn over their class widths
    bool running = false;     ///< over classes: it stands at the upper limits, and shows what has been reached there
    bool closed = false;      ///< over classes: it comes down to nothing at both ends
    bool to_whole = false;    ///< stacked: each is a share of the whole
    bool by_colour = false;   ///< of a grid: each cell by a colour
};

/// Every form, in the order in which they are offered, which is that of the enumeration.
std::span<const SeriesFormKind> series_form_kinds();
const SeriesFormKind& kind_of(SeriesForm form);

} // namespace ledgefall
