#include "core/value/interval.h"

#include "core/value/interned.h"
#include "core/value/sentence.h"

#include <cmath>
#include <limits>
#include <tuple>

namespace ledgefall {
namespace {

constexpr double most = std::numeric_limits<double>::max();

Interned<Interval, std::tuple<double, double, bool, bool>>& shelf() {
    static Interned<Interval, std::tuple<double, double, bool, bool>> instance;
    return instance;
}

} // namespace

double Interval::first() const {
    return std::isinf(lower) ? -most : with_lower ? lower : std::nextafter(lower, most);
}

double Interval::last() const {
    return std::isinf(upper) ? most : with_upper ? upper : std::nextafter(upper, -most);
}

std::string write_interval(const Interval& interval) {
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
    return shelf().value(interval, {interval.lower, interval.upper, interval.with_lower, interval.with_upper},
                         Kind::interval);
}

const Interval& interval_of(const Value& value) {
    return Interned<Interval, std::tuple<double, double, bool, bool>>::of(value);
}

} // namespace ledgefall
