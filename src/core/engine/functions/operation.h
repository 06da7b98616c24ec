#pragma once

#include "core/formula/tree.h"
#include "core/stats/accumulator.h"
#include "core/stats/events.h"
#include "core/value/value.h"

#include <optional>

namespace ledgefall {

/// What one step does to its arguments, in two forms that mean the same: value by value with every state minded, and,
/// where there is one, over a block of plain numbers in a loop that the compiler can vectorise. The block form may
/// leave infinities and not-a-numbers behind; the caller sees them and asks the first form what they are.
struct Operation {
    static constexpr std::size_t most_arguments = 12;
    using One = Value (*)(const Value* arguments, std::size_t count, const Faults& faults);
    using Block = void (*)(const Lane* arguments, double* out, std::size_t rows);
    /// One row of plain numbers, for columns that are computed row by row; as with a block, what is not finite may
    /// come out. The commonest are known by name, so that they need no call.
    using Row = double (*)(const double* arguments);
    enum class RowCode : std::uint8_t { none, call, add, subtract, multiply, divide, negate, square, cube, root };

    One one = nullptr;
    Block block = nullptr;
    Kind result = Kind::number;
    /// A bit for each argument from which an infinity or not-a-number surely carries on into the result, so that it
    /// need not be looked for before.
    std::uint32_t carries = 0;
    RowCode row_code = RowCode::none;
    Row row = nullptr;       ///< of a call
    bool fills_gaps = false; ///< it gives its first argument, and where that is missing its second

    /// Of P( ), in place of `one`: the condition, whose limits are the last arguments.
    using OfEvent = Value (*)(const ConditionalEvent& event, const Value* arguments, std::size_t count,
                              const Faults& faults);
    OfEvent of_event = nullptr;
    std::shared_ptr<const ConditionalEvent> event = nullptr;

    Value apply(const Value* arguments, std::size_t count, const Faults& faults) const {
        return event ? of_event(*event, arguments, count, faults) : one(arguments, count, faults);
    }
};

/// The operation of an operator between operands of these kinds; nothing where it has no meaning for them. `power` has
/// forms of its own for the exponents two and three; `≈` takes the tolerance as a third
/// argument, and may take sizes of terms after it.
std::optional<Operation> operation_of(Operator op, const std::vector<Kind>& kinds, std::optional<double> exponent = {});

/// `if` with its three arguments, for branches of kind `kind`.
Operation choice_of(Kind kind);

/// Whether a and b are equal within a tolerance of the larger of them, or of the `size` of what they were made of.
bool nearly_equal(double a, double b, double tolerance, double size = 0);

} // namespace ledgefall
