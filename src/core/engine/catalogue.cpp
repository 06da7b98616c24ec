#include "core/engine/catalogue.h"

#include "core/engine/catalogue_parts.h"

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
    add("Gaps and texts", catalogue_parts::gaps_and_texts());
    add("Dates", catalogue_parts::dates());
    add("Measures", catalogue_parts::measures());
    add("Diversity", catalogue_parts::diversity());
    return all;
}

} // namespace

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

const Function* find_function(std::string_view name) {
    static const auto by_name = [] {
        std::unordered_map<std::string_view, const Function*> found;
        for (const Function& f : catalogue()) {
            found.emplace(f.name, &f);
        }
        return found;
    }();
    const auto it = by_name.find(name);
    return it == by_name.end() ? nullptr : it->second;
}

} // namespace ledgefall
