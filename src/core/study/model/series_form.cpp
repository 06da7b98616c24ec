// The one list of chart forms.

#include "core/study/model/series_form.h"

#include "core/basics/marked_text.h"

#include <algorithm>

namespace ledgefall {

namespace {

using Over = SeriesFormKind::Over;
using Painted = SeriesFormKind::Painted;

constexpr SeriesFormKind every_form[] = {
    {.form = SeriesForm::points, .name = "points", .label = N_("Points"), .marks = true, .may_fit = true},
    {.form = SeriesForm::line, .name = "line", .label = N_("Line"), .line = true, .may_fit = true},
    {.form = SeriesForm::joined,
     .name = "joined",
     .label = N_("Joined points"),
     .line = true,
     .marks = true,
     .may_fit = true},
    {.form = SeriesForm::bars,
     .name = "bars",
     .label = N_("Bars"),
     .painted = Painted::as_bars_side_by_side,
     .area = true,
     .from_zero = true,
     .single_rows = true},
    {.form = SeriesForm::stems,
     .name = "stems",
     .label = N_("Stems"),
     .painted = Painted::as_bars,
     .line = true,
     .marks = true,
     .from_zero = true,
     .single_rows = true},
    {.form = SeriesForm::histogram,
     .name = "histogram",
     .label = N_("Histogram over classes"),
     .over = Over::classes,
     .painted = Painted::as_bars,
     .area = true,
     .from_zero = true,
     .may_divide = true},
    {.form = SeriesForm::polygon,
     .name = "polygon",
     .label = N_("Polygon over classes"),
     .over = Over::classes,
     .line = true,
     .marks = true,
     .from_zero = true,
     .may_divide = true,
     .closed = true},
    {.form = SeriesForm::cumulative,
     .name = "cumulative",
     .label = N_("Cumulative curve"),
     .over = Over::classes,
     .line = true,
     .from_zero = true,
     .running = true},
    {.form = SeriesForm::boxes,
     .name = "boxes",
     .label = N_("Box plots"),
     .over = Over::boxes,
     .painted = Painted::as_boxes_side_by_side,
     .area = true},
    {.form = SeriesForm::stacked,
     .name = "stacked",
     .label = N_("Stacked bars"),
     .painted = Painted::as_bars,
     .area = true,
     .from_zero = true,
     .single_rows = true,
     .stacked = true},
    {.form = SeriesForm::stacked_shares,
     .name = "stacked_shares",
     .label = N_("Stacked bars (100 %)"),
     .painted = Painted::as_bars,
     .area = true,
     .from_zero = true,
     .single_rows = true,
     .stacked = true,
     .to_whole = true},
    {.form = SeriesForm::heat,
     .name = "heat",
     .label = N_("Heat map"),
     .over = Over::grid,
     .painted = Painted::as_grid,
     .area = true,
     .by_colour = true},
    {.form = SeriesForm::contours,
     .name = "contours",
     .label = N_("Contour lines"),
     .over = Over::grid,
     .painted = Painted::as_grid,
     .area = true},
    {.form = SeriesForm::dots,
     .name = "dots",
     .label = N_("Dot plot of values"),
     .over = Over::values,
     .marks = true,
     .from_zero = true},
};
static_assert(std::ranges::all_of(every_form, [at = 0](const SeriesFormKind& kind) mutable {
    return static_cast<int>(kind.form) == at++;
}));

} // namespace

std::span<const SeriesFormKind> series_form_kinds() {
    return every_form;
}

const SeriesFormKind& kind_of(SeriesForm form) {
    return every_form[static_cast<std::size_t>(form)];
}

} // namespace ledgefall
