#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// What stands behind the ± of a mean.
enum class MeanSpread : std::uint8_t { standard_deviation, standard_error, interval };

/// A mean with its ± as text, "50.9 ± 1.9 mm (SE, n = 24)", both rounded to the place of the second figure of what
/// stands behind the ±. Without a column `by` it is held on the study's ledge; with one it is a table with a row for
/// each of its values. `population`: the standard deviation divides by n.
struct MeanTextRequest {
    Id column;
    Id by;
    MeanSpread spread = MeanSpread::standard_error;
    bool population = false;
};
Result<Study> mean_text(const Study& study, const MeanTextRequest& request, Id* added = nullptr);

} // namespace ledgefall
