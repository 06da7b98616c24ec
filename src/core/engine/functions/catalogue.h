#pragma once

#include "core/engine/functions/operation.h"
#include "core/formula/mathematics.h"
#include "core/value/distribution.h"

#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// How an argument of a function is taken. A *sample* runs over rows, a *paired* one runs together with the sample,
/// and a *plain* one follows the formula's own row.
enum class Role : std::uint8_t { plain, sample, paired };

struct Argument {
    std::string_view name;
    Role role = Role::plain;
    Kind kind = Kind::number;
    bool any_kind = false; ///< takes what it is given, of whatever kind
    bool optional = false;
    bool unit = false; ///< the name of a unit of measurement
};

/// What the binder does with a call that needs more than the values of its arguments.
enum class Special : std::uint8_t {
    none,
    probability,    ///< `P`: the argument is a condition on a distribution
    today,          ///< the study's as-of day
    conversion,     ///< units that are written out are checked when the formula is bound
    draw,           ///< depends on the study's seed and on the row
    rank,           ///< compares this row's value with those of all rows
    search,         ///< looks for a value of a bound number: `root(E for t in a..b)`
    count,          ///< counts rows; what `rank` is made of
    missing_test,   ///< `is_missing`, of which `rank` makes use
    absolute_value, ///< what bars around an expression mean
};

/// What is looked for in a range of a bound number: where an expression is 0, least, or greatest.
enum class SearchGoal : std::uint8_t { none, root, least, greatest };

/// How a measure over a window of rows is brought from one row to the next without being measured anew.
enum class RollingForm : std::uint8_t { none, sum, mean };

/// In which part of the menu of foot lines a measure is offered.
enum class FootMenuPart : std::uint8_t { none, usual, order, spread, diversity };

/// One function of the language: all that is known of it stands in its entry. Help, completion, argument hints, the
/// binder, workings and the reference page read these entries and compare no names.
struct Function {
    std::string_view name = {};
    std::vector<Argument> arguments = {};
    std::string_view purpose = {}; ///< one sentence
    std::string_view domain = {};  ///< the sentence of a fault for arguments outside the function's domain, if any
    Cause domain_cause = Cause::out_of_domain;
    std::string_view source = {};         ///< the formula, and where it is from
    std::string_view example = {};        ///< its names, if any, are those of the example table below
    std::string_view example_result = {}; ///< what it gives, in the shortest form; run as a test

    std::string_view also_called = {}; ///< other names of the field in small letters, divided by blanks

    std::string_view family = {}; ///< under which heading it is listed; set by the catalogue

    Special special = Special::none;
    SearchGoal search = SearchGoal::none;        ///< of one that looks for a value
    Operation operation = {};                    ///< of a function of plain arguments
    MakeAccumulator make = nullptr;              ///< of a measure
    MakeAccumulator make_of_condition = nullptr; ///< where the measure differs for a condition
    RollingForm rolling = RollingForm::none;     ///< of a measure of one column of numbers
    OfOrder of_order = nullptr;                  ///< of a measure that needs only the k-th values of a sample in order
    bool takes_type = false; ///< its last plain argument is a type of quantile, the study's where it is left out
    bool adds_up = false;    ///< it adds its values, so that rounding leaves an error of their size, not of its own
    std::optional<Kind> gives = {}; ///< the kind of a measure's result, where it is neither a number nor the sample's
    bool keeps_kind = false;        ///< the result is of the sample's kind, as the smallest date is a date
    bool takes_dates = false;       ///< of dates it gives days
    bool keeps_unit = false;        ///< the result is in the unit of the values
    FootMenuPart foot_menu = FootMenuPart::none;
    std::string_view symbol = {};          ///< of a sample's: `x̄`, `s`
    std::string_view symbol_of_whole = {}; ///< of a population's: `μ`, `σ`
    std::string_view of_whole = {};        ///< the measure in its place where the values are a whole population
    bool usual_across = false;             ///< offered of several columns, row by row
    std::string_view standard_error = {};  ///< the measure that gives its standard error
    Typesetting typesetting = Typesetting::call;
    std::string_view of_none = "missing";  ///< what a measure gives of no values
    std::string_view terms_joined_by = {}; ///< the sign between the values, where a working lists them
    std::string_view row_by_row = {};      ///< the plain function that is meant where single values are compared

    std::optional<Family> distribution = {}; ///< of a function that gives a distribution

    /// What it comes to in simpler functions, with the names of its arguments: `sum(x) / count(x)`. It shows how a
    /// measure is computed; a function without an operation or a maker is computed by it.
    std::string_view simpler_form = {};

    /// How many of the arguments, from the first, run over rows.
    std::size_t sample_count() const;
    bool is_measure() const { return !arguments.empty() && arguments.front().role == Role::sample; }
    /// Whether its first argument is a distribution: its operation then takes the family's number and three others
    /// in its place.
    bool of_distribution() const {
        return !arguments.empty() && arguments.front().kind == Kind::distribution &&
               operation.result != Kind::distribution;
    }
    /// `round(x, d)`, with what may be left out in brackets.
    std::string signature() const;
};

/// The columns that examples of measures of several columns use: x = 2, 4, 4, 6; y = 1, 4, 2, 5 (row by row with x);
/// and frequencies f = 1, 2, 2, 1.
const std::vector<Function>& catalogue();
/// The function of this name; of several the one that takes no distribution.
const Function* find_function(std::string_view name);
/// The function of this name that takes a distribution: `mean(D)` beside `mean(x)`.
const Function* find_distribution_function(std::string_view name);
/// The function of this name whose first argument is of a kind: `lower(class)` beside `lower(text)`; null where there
/// is none.
const Function* find_function_of(std::string_view name, Kind first);
/// How a call of the function of this name is set in mathematics.
Typesetting typesetting_of(std::string_view name);
/// The one function with this property.
const Function& special_function(Special special);

} // namespace ledgefall
