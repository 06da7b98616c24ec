#pragma once

#include "core/study/model/scope.h"

#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace ledgefall {

/// How a function of another way of writing formulas is said here, by its name in capitals and the number of its
/// arguments: `$1` is the first argument, `@1` the same as a sample, `#1` its value in a row, `$*` and `@*` all of
/// them. Empty where there is none.
using OtherFunction = std::function<std::string_view(std::string_view name, std::size_t arguments)>;

/// A formula as somebody writes it who knows another way, in this language: functions in capitals or by another name,
/// `**`, `<>`, `&&`, `TRUE`, `if(c, a, b)`, `2x`, semicolons between arguments and decimal commas, `mean x`, `x bar`,
/// columns by the letters of cell addresses, `=` typed twice, other quotation marks. Mostly one way; `log(x)` is
/// `ln(x)` or `log10(x)`. None where the text holds nothing of that kind. Whether a form is right is for the binder to
/// say.
std::vector<std::string> familiar_forms(const std::string& formula, const Study& study, const Table* own,
                                        const OtherFunction& other = {});

/// A name in the formula that looks like the address of a cell, as `A2`, `$B$3` or `A1:A9`, and is none of the study's.
std::optional<std::string> cell_address_in(const std::string& formula, const Study& study, const Table* own);

} // namespace ledgefall
