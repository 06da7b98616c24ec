#pragma once

#include <cstddef>
#include <cstdint>
#include <string_view>
#include <utility>
#include <vector>

namespace ledgefall {

/// How a function of the worksheet standards (OpenFormula, ODF 1.3 part 4, chapter 6) is said in the formula language.
/// In `form`, `$1` is the first argument as a value, `@1` as a sample over which a measure runs, `#1` a value within a
/// measure; `$*` and `@*` are all of them, with commas.
struct OpenFormulaFunction {
    std::string_view name;
    std::size_t least_arguments = 0, most_arguments = 0;
    std::string_view form;
};

/// All of them, in the order of their names.
std::vector<OpenFormulaFunction> openformula_functions();
/// The form of a function with that number of arguments; null where the language has none.
const OpenFormulaFunction* openformula_function(std::string_view name, std::size_t arguments);

/// Functions whose arguments decide what is said: those that count or take by a condition, and lookups.
enum class ArgumentForm : std::uint8_t {
    none,
    when,                ///< IF
    unless_at_fault,     ///< IFERROR
    first_that_holds,    ///< IFS: pairs of condition and value
    all_of,              ///< AND
    any_of,              ///< OR
    count_by,            ///< COUNTIF, COUNTIFS: pairs of range and condition
    sum_by,              ///< SUMIF: range, condition, range to add up
    mean_by,             ///< AVERAGEIF
    sum_by_several,      ///< SUMIFS: range to add up, then pairs
    mean_by_several,     ///< AVERAGEIFS
    least_by_several,    ///< MINIFS
    greatest_by_several, ///< MAXIFS
    sum,                 ///< SUM, whose products may have conditions among their factors
    sum_of_products,     ///< SUMPRODUCT, likewise
    lookup_in_block,     ///< VLOOKUP
    lookup_by_place,     ///< INDEX, with MATCH as its place
    lookup_in_columns,   ///< XLOOKUP
    lookup_in_order,     ///< LOOKUP: the nearest that is no greater
    by_number,           ///< SUBTOTAL: a number says which measure
    completed,           ///< DATEDIF: a text says which unit
    convert,             ///< CONVERT: units are texts
    distribution,        ///< the last argument says whether it is cumulative
};
ArgumentForm argument_form(std::string_view name);

/// The measure that a number means as the first argument of SUBTOTAL; empty where it means none.
std::string_view subtotal_measure(int number);
/// The function that a unit text of DATEDIF means; empty where there is none.
std::string_view completed_function(std::string_view unit);
/// Whether its second argument is a number of decimals, which may be left out (ROUNDDOWN, ROUNDUP, TRUNC).
bool takes_digits(std::string_view name);
/// Whether it is MATCH, whose place INDEX takes.
bool finds_place(std::string_view name);
/// Of a distribution, with its last argument true and false: how its other arguments are said.
struct DistributionForms {
    std::string_view cumulative, at_value;
    std::size_t arguments() const; ///< how many come before that last one
};
DistributionForms distribution_forms(std::string_view name);
std::vector<std::pair<std::string_view, DistributionForms>> openformula_distributions();
/// Numbers that are drawn anew each time: their values say nothing about a formula.
bool is_drawn(std::string_view name);

} // namespace ledgefall
