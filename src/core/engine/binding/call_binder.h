#pragma once

#include "core/engine/binding/binder.h"

namespace ledgefall {

/// Binds calls that need more than their arguments: held functions, units, and today.
class CallBinder : PartBinder {
  public:
    CallBinder(BindingContext& context, Binder& binder)
        : PartBinder(context, binder) {}

    TermPtr held_function(const Node& node, const HeldValue& function);
    TermPtr today(const Node& node, const Function& function);
    TermPtr conversion(const Node& node, const Function& function);
};

} // namespace ledgefall
