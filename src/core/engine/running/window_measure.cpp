// Sums and means in windows that move with the row, each from that of the row before.

#include "core/engine/running/window_measure.h"

#include <algorithm>
#include <cmath>
#include <cstdint>

namespace ledgefall {
namespace {

constexpr std::size_t most_summed_again = 4096; ///< rows of a window

} // namespace

/// The block's values behind those of the rows before it that its windows reach back to; a missing one, and what would
/// be before the first row, as not a number. Null where one is in error. They stand half a page off from `slots`, to
/// which the sums are written, against 4K aliasing: a load whose address has the last twelve bits of a store just
/// before waits for it.
const double* WindowMeasure::bring(std::size_t first, std::size_t count, std::size_t reach, const double* slots) {
    if (!started_) {
        inner_.start();
        started_ = true;
    }
    inner_.run(first, count);
    const Lane lane = inner_.output(0);
    if (lane.single) {
        return nullptr;
    }
    if (reach == 0 && lane.states == nullptr) {
        return lane.slots;
    }
    if (first == 0) {
        tail_.assign(reach, std::nan(""));
        whole_from_ = reach;
    }
    constexpr std::size_t page = 4096 / sizeof(double);
    values_.resize(reach + count + page);
    const auto place = [](const double* at) { return reinterpret_cast<std::uintptr_t>(at) / sizeof(double); };
    double* const values = values_.data() + (place(slots) + page / 2 - place(values_.data())) % page;
    std::copy(tail_.begin(), tail_.end(), values);
    std::copy_n(lane.slots, count, values + reach);
    for (std::size_t row = 0; lane.states != nullptr && row < count; ++row) {
        if (lane.states[row] == State::missing) {
            values[reach + row] = std::nan("");
            whole_from_ = first + row + reach + 1;
        } else if (lane.states[row] != State::plain) {
            return nullptr;
        }
    }
    tail_.assign(values + count, values + count + reach);
    return values;
}

/// Sums and means of the rows to this one, from the first or from a fixed number before it: each from that of the row
/// before. A window begins anew with every block.
bool WindowMeasure::fill(const Runner&, std::size_t first, std::size_t count, double* slots, State* states,
                         bool& plain) {
    if (count < 2) {
        return false;
    }
    constexpr std::int64_t widest = 100'000;
    const MeasureCall::Window& window = *call_.window;
    const bool fits = window.to == 0 && window.from.value_or(0) <= 0 && window.from.value_or(0) >= -widest;
    if (!fits || first != totalled_) {
        return false; // `totalled_` stays behind once a block could not be done, and so for good
    }
    const auto reach = static_cast<std::size_t>(-window.from.value_or(0));
    const double* const values = bring(first, count, reach, slots);
    if (values == nullptr) {
        return false;
    }
    const bool mean = call_.rolling == RollingForm::mean;
    const bool whole = whole_from_ <= first && (window.from || total_.count == static_cast<double>(first));
    plain = true;
    if (!whole) {
        with_gaps(values, count, reach, slots, states, plain);
    } else if (window.from && mean) {
        slide<true>(values, count, reach, slots);
    } else if (window.from) {
        slide<false>(values, count, reach, slots);
    } else if (mean) {
        grow<true>(values, first, count, slots);
    } else {
        grow<false>(values, first, count, slots);
    }
    if (!std::isfinite(total_.total())) {
        return false; // too large, which is told row by row
    }
    totalled_ = first + count;
    return true;
}

/// The sums, or means, of all rows to each one.
template <bool mean>
void WindowMeasure::grow(const double* values, std::size_t first, std::size_t count, double* slots) {
    MovingSum sum = total_; // a local copy, which the compiler keeps in registers
    for (std::size_t row = 0; row < count; ++row) {
        sum.add(values[row]);
        if constexpr (mean) {
            slots[row] = sum.mean(Reciprocal::of(static_cast<double>(first + row + 1)));
        } else {
            slots[row] = sum.total();
        }
    }
    total_ = sum;
    total_.count = static_cast<double>(first + count);
}

/// The sums, or means, of each row and the `reach` rows before it.
template <bool mean>
void WindowMeasure::slide(const double* values, std::size_t count, std::size_t reach, double* slots) {
    const Reciprocal one = Reciprocal::of(static_cast<double>(reach + 1));
    const auto result = [one](const MovingSum& sum) { return mean ? sum.mean(one) : sum.total(); };
    const auto window_at = [values, reach](std::size_t row) {
        MovingSum sum;
        for (std::size_t at = row; at <= row + reach; ++at) {
            sum.add(values[at]);
        }
        return sum;
    };
    MovingSum sum = window_at(0);
    slots[0] = result(sum);
    bool doubtful = false;
    constexpr std::size_t few = 8; // rows; what large values have left behind stays there for longer
    for (std::size_t from = 1; from < count; from += few) {
        const std::size_t to = std::min(from + few, count);
        for (std::size_t row = from; row < to; ++row) {
            sum.exchange(values[row - 1], values[row + reach]);
            slots[row] = result(sum);
        }
        doubtful = doubtful || sum.is_doubtful();
    }
    for (std::size_t row = 1; doubtful && reach <= most_summed_again && row < count; ++row) { // each by itself
        sum = window_at(row);
        slots[row] = result(sum);
    }
    total_ = sum;
}

/// The same, and the sums from the first row, where some values are missing: they are left out.
void WindowMeasure::with_gaps(const double* values, std::size_t count, std::size_t reach, double* slots, State* states,
                              bool& plain) {
    const bool running = !call_.window->from;
    const bool mean = call_.rolling == RollingForm::mean;
    MovingSum sum = running ? total_ : MovingSum();
    const auto change = [&sum, values](std::size_t at, double sign) {
        const bool there = !std::isnan(values[at]);
        sum.add(there ? sign * values[at] : 0);
        sum.count += there ? sign : 0;
    };
    for (std::size_t at = 0; at < reach; ++at) {
        change(at, 1);
    }
    for (std::size_t row = 0; row < count; ++row) {
        change(row + reach, 1);
        if (!running && sum.is_doubtful() && reach <= most_summed_again) {
            sum = {};
            for (std::size_t at = row; at <= row + reach; ++at) {
                change(at, 1);
            }
        }
        const bool none = sum.count == 0;
        states[row] = none && mean ? State::missing : State::plain;
        slots[row] = none ? 0 : mean ? sum.mean(Reciprocal::of(sum.count)) : sum.total();
        plain = plain && states[row] == State::plain;
        if (!running) {
            change(row, -1);
        }
    }
    total_ = sum;
}

} // namespace ledgefall
