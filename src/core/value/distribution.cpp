#include "core/value/distribution.h"

#include "core/basics/sentence.h"
#include "core/value/interned.h"

#include <algorithm>
#include <functional>

namespace ledgefall {
namespace {

struct Known {
    std::string_view name;
    std::size_t numbers;
};
constexpr std::array<Known, 14> families = {{{"binomial", 2},
                                             {"poisson", 1},
                                             {"geometric", 1},
                                             {"negative_binomial", 2},
                                             {"hypergeometric", 3},
                                             {"discrete_uniform", 2},
                                             {"discrete", 0},
                                             {"uniform", 2},
                                             {"normal", 2},
                                             {"exponential", 1},
                                             {"student_t", 1},
                                             {"chi_squared", 1},
                                             {"f_dist", 2},
                                             {"lognormal", 2}}};

struct HashOfDistribution {
    std::size_t operator()(const Distribution& distribution) const {
        std::size_t hash = static_cast<std::size_t>(distribution.family);
        for (const double number : distribution.numbers) {
            hash = hash * 1'099'511'628'211U + std::hash<double>()(number);
        }
        return hash;
    }
};

struct HashOfList {
    std::size_t operator()(const ListedValues& list) const {
        std::size_t hash = list.values.size();
        for (const auto* numbers : {&list.values, &list.probabilities}) {
            for (const double number : *numbers) {
                hash = hash * 1'099'511'628'211U + std::hash<double>()(number);
            }
        }
        return hash;
    }
};

using Lists = Interned<ListedValues, HashOfList>;
using Distributions = Interned<Distribution, HashOfDistribution>;

/// `discrete((0, 1, 2), (0.2, 0.5, 0.3))`.
std::string write_list(const ListedValues& list) {
    const std::size_t most = 8;
    const auto numbers = [most](const std::vector<double>& all) {
        std::string out = "(";
        for (std::size_t at = 0; at < std::min(all.size(), most); ++at) {
            out += (at == 0 ? "" : ", ") + shortest(all[at]);
        }
        return out + (all.size() > most ? ", …)" : ")");
    };
    return "discrete(" + numbers(list.values) + ", " + numbers(list.probabilities) + ")";
}

} // namespace

Distribution listed_distribution(const ListedValues& list) {
    return {Family::listed, {Value::slot_of_address(Lists::at(list))}};
}

const ListedValues& listed_values(const Distribution& distribution) {
    return *static_cast<const ListedValues*>(Value::address_of(distribution.numbers[0]));
}

std::string_view family_name(Family family) {
    return families[static_cast<std::size_t>(family)].name;
}

std::size_t number_count(Family family) {
    return families[static_cast<std::size_t>(family)].numbers;
}

std::string write_distribution(const Distribution& distribution) {
    if (distribution.family == Family::listed) {
        return write_list(listed_values(distribution));
    }
    std::string out = std::string(family_name(distribution.family)) + "(";
    for (std::size_t at = 0; at < number_count(distribution.family); ++at) {
        out += (at == 0 ? "" : ", ") + shortest(distribution.numbers[at]);
    }
    return out + ")";
}

Value distribution_value(const Distribution& distribution) {
    return Value::of(Value::slot_of_address(Distributions::at(distribution)), Kind::distribution, State::plain);
}

const Distribution& distribution_of(const Value& value) {
    return *static_cast<const Distribution*>(Value::address_of(value.slot()));
}

} // namespace ledgefall
