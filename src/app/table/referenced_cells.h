#pragma once

#include "core/authoring/marks.h"

#include <vector>

namespace ledgefall {

/// Cells that a formula which is being written refers to.
struct ReferencedCells {
    int section = 0, from = 0, to = 0; ///< rows, both included
    Manner manner = Manner::follows;
    friend bool operator==(const ReferencedCells&, const ReferencedCells&) = default;
};

/// A view that knows which of its cells are referred to; what paints cells asks it.
class ShowsReferences {
  public:
    virtual ~ShowsReferences() = default;
    virtual const std::vector<ReferencedCells>& referenced_cells() const = 0;
};

} // namespace ledgefall
