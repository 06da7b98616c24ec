// The one list of chart forms.

#include "core/study/model/series_form.h"

#include <algorithm>

namespace ledgefall {

namespace {

using Over = SeriesFormKind::Over;
using Painted = SeriesFormKind::Painted;

constexpr SeriesFormKind every_form[] = {
    {.form = SeriesForm::points, .name = "points", .label = N_("points"), .marks = true, .may_fit = true},
    {.form = SeriesForm::line, .name = "line", .label = N_("a line"), .line = true, .may_fit = true},
    {.form = SeriesForm::joined,
     .name = "joined",
     .label = N_("points, joined"),
     .line = true,
     .marks = true,
     .may_fit = true},
    {.form = SeriesForm::bars,
     .name = "bars",
     .label = N_("bars"),
     .painted = Painted::as_bars_side_by_side,
     .area = true,
     .from_zero = true,
     .single_rows = true},
    {.form = SeriesForm::stems,
     .name = "stems",
     .label = N_("stems"),
     .painted = Painted::as_bars,
     .line = true,
     .marks = true,
     .from_zero = true,
     .single_rows = true},
    {.form = SeriesForm::histogram,
     .name = "histogram",
     .label = N_("histogram over classes"),
     .over = Over::classes,
     .painted = Painted::as_bars,
     .area = true,
     .from_zero = true,
     .may_divide = true},
    {.form = SeriesForm::polygon,
     .name = "polygon",
     .label = N_("polygon over classes"),
     .over = Over::classes,
     .line = true,
     .marks = true,
     .from_zero = true,
     .closed = true},
    {.form = SeriesForm::cumulative,
     .name = "cumulative",
     .label = N_("cumulative curve"),
     .over = Over::classes,
     .line = true,
     .from_zero = true,
     .running = true},
    {.form = SeriesForm::boxes,
     .name = "boxes",
     .label = N_("boxes"),
     .over = Over::boxes,
     .painted = Painted::as_boxes_side_by_side,
     .area = true},
    {.form = SeriesForm::stacked,
     .name = "stacked",
     .label = N_("bars, stacked"),
     .painted = Painted::as_bars,
     .area = true,
     .from_zero = true,
     .single_rows = true,
     .stacked = true},
    {.form = SeriesForm::stacked_shares,
     .name = "stacked_shares",
     .label = N_("bars, stacked to 100 %"),
     .painted = Painted::as_bars,
     .area = true,
     .from_zero = true,
     .single_rows = true,
     .stacked = true,
     .to_whole = true},
    {.form = SeriesForm::heat,
     .name = "heat",
     .label = N_("heat map"),
     .over = Over::grid,
     .painted = Painted::as_grid,
     .area = true,
     .by_colour = true},
    {.form = SeriesForm::contours,
     .name = "contours",
     .label = N_("contour lines"),
     .over = Over::grid,
     .painted = Painted::as_grid,
     .area = true},
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
