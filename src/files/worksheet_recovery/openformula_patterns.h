#pragma once

#include "core/formula/tree.h"

#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// A call of the formula language as a function of the worksheet standards says it.
struct OpenFormulaMatch {
    std::string name;
    struct Argument {
        const Node* node = nullptr;
        bool sample = false;     ///< a measure runs over it
        bool in_measure = false; ///< a single value within a measure
    };
    std::vector<Argument> arguments;
    bool says_cumulative = false; ///< one more argument follows: whether it is cumulative
    bool cumulative = false;
};

/// Finds the function that says a call, by the forms of the one table; its name is empty where there is none.
OpenFormulaMatch openformula_match(const Node& call);

/// The standards' names for what the maker builds by itself.
namespace openformula {
extern const char* const when;
extern const char* const all_of;
extern const char* const any_of;
extern const char* const negation;
extern const char* const remainder;
extern const char* const factorial;
extern const char* const absolute;
extern const char* const square_root;
extern const char* const pi;
extern const char* const row;
extern const char* const column;
extern const char* const sum;
extern const char* const sum_of_products;
extern const char* const greatest;
extern const char* const count_if;
extern const char* const sum_if;
extern const char* const mean_if;
extern const char* const lookup;
extern const char* const place;
extern const char* const completed;
extern const char* const date;
extern const char* const count_filled;
/// A function of the formula language by others, with `a_` and `b_` for its arguments; empty where there is no need.
std::string_view form_by_parts(std::string_view name, std::size_t arguments);
} // namespace openformula

/// The unit text that a completed-units function has; empty where it is none.
std::string completed_unit(const std::string& function);

} // namespace ledgefall
