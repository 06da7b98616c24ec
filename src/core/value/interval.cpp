#include "core/value/interval.h"

#include "core/basics/sentence.h"
#include "core/value/decimals.h"
#include "core/value/interned.h"

#include <cmath>
#include <functional>
#include <limits>

namespace ledgefall {
namespace {

constexpr double most = std::numeric_limits<double>::max();

struct HashOfInterval {
    std::size_t operator()(const Interval& interval) const {
        const std::size_t closed = (interval.with_lower ? 1U : 0U) + (interval.with_upper ? 2U : 0U);
        const std::hash<double> of;
        return (of(interval.lower) * 1'099'511'628'211U + of(interval.upper)) * 1'099'511'628'211U + closed;
    }
};

using Intervals = Interned<Interval, HashOfInterval>;

/// `30–34`, or `30` where it has one number only.
std::string write_limits(const Interval& interval) {
    const std::string lower = shortest(stepped(interval.lower, interval.recorded_to / 2, 1));
    const std::string upper = shortest(stepped(interval.upper, interval.recorded_to / 2, -1));
    if (std::isinf(interval.lower)) {
        return "≤ " + upper;
    }
    if (std::isinf(interval.upper)) {
        return "≥ " + lower;
    }
    return lower == upper ? lower : lower + "–" + upper;
}

} // namespace

double Interval::first() const {
    return std::isinf(lower) ? -most : with_lower ? lower : std::nextafter(lower, most);
}

double Interval::last() const {
    return std::isinf(upper) ? most : with_upper ? upper : std::nextafter(upper, -most);
}

std::string write_interval(const Interval& interval) {
    if (interval.recorded_to > 0) {
        return write_limits(interval);
    }
    if (std::isinf(interval.lower)) {
        return (interval.with_upper ? "≤ " : "< ") + shortest(interval.upper);
    }
    if (std::isinf(interval.upper)) {
        return (interval.with_lower ? "≥ " : "> ") + shortest(interval.lower);
    }
    return (interval.with_lower ? "[" : "(") + shortest(interval.lower) + ", " + shortest(interval.upper) +
           (interval.with_upper ? "]" : ")");
}

Value interval_value(const Interval& interval) {
    return Value::of(Value::slot_of_address(Intervals::at(interval)), Kind::interval, State::plain);
}

const Interval& interval_of(const Value& value) {
    return *static_cast<const Interval*>(Value::address_of(value.slot()));
}

} // namespace ledgefall
