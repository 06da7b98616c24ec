#pragma once

#include "core/engine/binding/binder.h"

namespace ledgefall {

/// Binds `E with k = value`: what is asked, and what stands in the place of which held values.
class WhatIfBinder : PartBinder {
  public:
    WhatIfBinder(BindingContext& context, Binder& binder)
        : PartBinder(context, binder) {}

    TermPtr what_if(const Node& node);

  private:
    bool replace(const Node& name, const Node& value, WhatIfTerm& meant, TriedTerm& out);
    TermPtr fail_for_number(const Node& node);
    TermPtr asked(const Node& node, WhatIfTerm& meant);
};

} // namespace ledgefall
