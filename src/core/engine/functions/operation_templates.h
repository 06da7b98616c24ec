#pragma once

#include "core/engine/functions/operation.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {

/// The first fault among the arguments, else missing if any is missing: what every strict operation does first.
inline std::optional<Value> passed_on(const Value* arguments, std::size_t count, Kind result) {
    bool gap = false;
    for (std::size_t at = 0; at < count; ++at) {
        if (arguments[at].is_fault()) {
            return arguments[at];
        }
        gap = gap || !arguments[at].plain();
    }
    return gap ? std::optional(Value::missing(result)) : std::nullopt;
}

/// A strict operation of one number, from a function object F with `double operator()(double)`.
template <class F>
Operation unary_operation() {
    return {[](const Value* a, std::size_t count, const Faults& faults) {
                const auto passed = passed_on(a, count, Kind::number);
                return passed ? *passed : faults.number(F()(a[0].number()));
            },
            [](const Lane* a, double* out, std::size_t rows) {
                const double* x = a[0].slots;
                if (a[0].single) {
                    std::fill_n(out, rows, F()(*x));
                    return;
                }
                for (std::size_t row = 0; row < rows; ++row) {
                    out[row] = F()(x[row]);
                }
            },
            Kind::number,
            0,
            Operation::RowCode::call,
            [](const double* a) { return F()(a[0]); }};
}

/// A strict operation of two numbers. The loops are the same but for what is fixed in them, so that each can be
/// vectorised.
template <class F>
void binary_block(const Lane* a, double* out, std::size_t rows) {
    const double* x = a[0].slots;
    const double* y = a[1].slots;
    if (a[0].single && !a[1].single) {
        const double fixed = *x;
        for (std::size_t row = 0; row < rows; ++row) {
            out[row] = F()(fixed, y[row]);
        }
    } else if (a[1].single && !a[0].single) {
        const double fixed = *y;
        for (std::size_t row = 0; row < rows; ++row) {
            out[row] = F()(x[row], fixed);
        }
    } else if (a[0].single) {
        std::fill_n(out, rows, F()(*x, *y));
    } else {
        for (std::size_t row = 0; row < rows; ++row) {
            out[row] = F()(x[row], y[row]);
        }
    }
}

template <class F>
double binary_row(const double* a) {
    return F()(a[0], a[1]);
}

template <class F>
Operation binary_operation(Kind result = Kind::number) {
    static constexpr auto one = [](Kind kind) {
        return kind == Kind::yes_no ? +[](const Value* a, std::size_t count, const Faults&) {
            const auto passed = passed_on(a, count, Kind::yes_no);
            return passed ? *passed : Value::yes_no(F()(a[0].number(), a[1].number()) != 0.0);
        } : kind == Kind::date ? +[](const Value* a, std::size_t count, const Faults&) {
            const auto passed = passed_on(a, count, Kind::date);
            return passed ? *passed : Value::of(F()(a[0].number(), a[1].number()), Kind::date, State::plain);
        } : +[](const Value* a, std::size_t count, const Faults& faults) {
            const auto passed = passed_on(a, count, Kind::number);
            return passed ? *passed : faults.number(F()(a[0].number(), a[1].number()));
        };
    };
    return {one(result), &binary_block<F>, result, 0, Operation::RowCode::call, &binary_row<F>};
}

} // namespace ledgefall
