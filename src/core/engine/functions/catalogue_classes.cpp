// Classes: intervals of numbers, and their limits. Units as well, which are about what numbers stand for.

#include "core/engine/functions/catalogue_parts.h"
#include "core/engine/functions/operation_templates.h"
#include "core/units/units.h"
#include "core/value/interval.h"

namespace ledgefall::catalogue_parts {
namespace {

Value make_interval(const Value* a, std::size_t count, const Faults& faults) {
    if (const auto passed = passed_on(a, count, Kind::interval)) {
        return *passed;
    }
    return a[0].number() < a[1].number() ? interval_value({a[0].number(), a[1].number(), true, false})
                                         : faults.out_of_domain();
}

struct Lower {
    double operator()(const Interval& interval) const { return interval.lower; }
};
struct Upper {
    double operator()(const Interval& interval) const { return interval.upper; }
};
struct Mid {
    double operator()(const Interval& interval) const { return interval.lower + (interval.upper - interval.lower) / 2; }
};
struct First {
    double operator()(const Interval& interval) const { return interval.first(); }
};
struct Last {
    double operator()(const Interval& interval) const { return interval.last(); }
};

/// A limit of a class, from a function object; that of an open end is out of the domain.
template <class F>
Operation of_interval() {
    return {[](const Value* a, std::size_t count, const Faults& faults) {
                if (const auto passed = passed_on(a, count, Kind::number)) {
                    return *passed;
                }
                const double limit = F()(interval_of(a[0]));
                return std::isfinite(limit) ? Value::number(limit) : faults.out_of_domain();
            },
            nullptr, Kind::number};
}

Value convert(const Value* a, std::size_t count, const Faults& faults) {
    if (const auto passed = passed_on(a, count, Kind::number)) {
        return *passed;
    }
    const auto conversion = Conversion::between(a[1].text().str(), a[2].text().str());
    return conversion ? faults.number((*conversion)->of(a[0].number())) : faults.out_of_domain();
}

} // namespace

Operation first_in_interval() {
    return of_interval<First>();
}

Operation last_in_interval() {
    return of_interval<Last>();
}

std::vector<Function> classes_and_units() {
    const auto unit_name = [](std::string_view name) {
        return Argument{name, Role::plain, Kind::text, false, false, true};
    };
    const Argument in{"class", Role::plain, Kind::interval};
    const std::string_view open = N_("an open class has no such limit");
    return {
        plain_function("interval", {{"a"}, {"b"}}, {&make_interval, nullptr, Kind::interval},
                       N_("The class of numbers from a up to, but not including, b."), "3 in interval(2, 4)", "yes",
                       N_("interval needs an a below its b")),
        plain_function("lower", {in}, of_interval<Lower>(), N_("The lower limit of a class."),
                       "lower(interval(10, 20))", "10", open),
        plain_function("upper", {in}, of_interval<Upper>(), N_("The upper limit of a class."),
                       "upper(interval(10, 20))", "20", open),
        plain_function("mid", {in}, of_interval<Mid>(), N_("The midpoint of a class."), "mid(interval(10, 20))", "15",
                       open, "(lower + upper) / 2"),
        {.name = "convert",
         .arguments = {{"x"}, unit_name("from"), unit_name("to")},
         .purpose = N_("A number converted from one unit to another."),
         .domain = N_("one of these units is unknown, or they measure different quantities"),
         .source = "UDUNITS-2",
         .example = "convert(5, \"cm\", \"mm\")",
         .example_result = "50",
         .special = Special::conversion,
         .operation = {&convert, nullptr, Kind::number}},
    };
}

} // namespace ledgefall::catalogue_parts
