#include "core/engine/functions/catalogue.h"

#include "core/engine/functions/catalogue_parts.h"

#include <algorithm>
#include <unordered_map>

namespace ledgefall {
namespace {

std::vector<Function> all_functions() {
    std::vector<Function> all;
    const auto add = [&all](std::string_view family, std::vector<Function> part) {
        for (Function& function : part) {
            function.family = family;
            all.push_back(std::move(function));
        }
    };
    add("Numbers", catalogue_parts::numbers());
    add(N_("Missing values and text"), catalogue_parts::gaps_and_texts());
    add("Dates", catalogue_parts::dates());
    add(N_("Classes and units"), catalogue_parts::classes_and_units());
    add("Measures", catalogue_parts::measures_of_one_column());
    add("Measures", catalogue_parts::measures_of_several_columns());
    add("Probability", catalogue_parts::probability());
    add("Diversity", catalogue_parts::diversity());
    return all;
}

} // namespace

std::size_t Function::sample_count() const {
    return static_cast<std::size_t>(std::count_if(
        arguments.begin(), arguments.end(), [](const Argument& argument) { return argument.role != Role::plain; }));
}

std::string Function::signature() const {
    std::string out = std::string(name) + "(";
    for (std::size_t at = 0; at < arguments.size(); ++at) {
        const std::string between = at == 0 ? "" : ", ";
        out += arguments[at].optional ? "[" + between + std::string(arguments[at].name) + "]"
                                      : between + std::string(arguments[at].name);
    }
    return out + ")";
}

const std::vector<Function>& catalogue() {
    static const std::vector<Function> all = all_functions();
    return all;
}

namespace {

using ByName = std::unordered_map<std::string_view, const Function*>;

ByName functions_by_name(bool of_distributions) {
    ByName match;
    for (const Function& f : catalogue()) {
        if (f.of_distribution() == of_distributions) {
            match.emplace(f.name, &f);
        }
    }
    return match;
}

const Function* found_in(const ByName& functions, std::string_view name) {
    const auto it = functions.find(name);
    return it == functions.end() ? nullptr : it->second;
}

} // namespace

const Function* find_function(std::string_view name) {
    static const ByName by_name = functions_by_name(false);
    const Function* function = found_in(by_name, name);
    return function != nullptr ? function : find_distribution_function(name);
}

const Function* find_function_of(std::string_view name, Kind first) {
    const auto& all = catalogue();
    const auto place = std::find_if(all.begin(), all.end(), [&](const Function& f) {
        return f.name == name && !f.arguments.empty() && f.arguments.front().kind == first;
    });
    return place == all.end() ? nullptr : &*place;
}

Typesetting typesetting_of(std::string_view name) {
    const Function* function = find_function(name);
    return function == nullptr ? Typesetting::call : function->typesetting;
}

const Function& special_function(Special special) {
    const auto& all = catalogue();
    return *std::find_if(all.begin(), all.end(), [special](const Function& f) { return f.special == special; });
}

const Function* find_distribution_function(std::string_view name) {
    static const ByName by_name = functions_by_name(true);
    return found_in(by_name, name);
}

} // namespace ledgefall
