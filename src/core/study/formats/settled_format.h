#pragma once

#include "core/study/formats/format.h"
#include "core/value/column.h"

#include <optional>

namespace ledgefall {

/// The format in which a column is shown: its own, or, where that is automatic, as many decimals as its values need
/// together, so that they stand under each other.
Format settled_format(const Format& format, const Column& cells);

/// A number with up to six significant figures: how many decimals that takes.
int decimals_as_needed(double number);
/// From here on, and below, numbers are shown by powers of ten.
constexpr double shown_as_huge = 1e12;
constexpr double shown_as_tiny = 1e-5;

/// What the numbers of a column add up to as they are shown, where that is not what is shown of their `total`: of
/// percentages, in per cent. Nothing where they agree, of more than 1000 rows, and of columns of other formats.
std::optional<double> shown_percentages_add_to(const Column& cells, const Format& format, double total);

/// Whether a number that is shown as 0 or 100 per cent is so only because it has been rounded; it is shown with ≈.
bool seems_exact(double number, const Format& format);

} // namespace ledgefall
