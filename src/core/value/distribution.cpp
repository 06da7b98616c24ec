#include "core/value/distribution.h"

#include "core/value/interned.h"
#include "core/value/sentence.h"

#include <utility>

namespace ledgefall {
namespace {

struct Known {
    std::string_view name;
    std::size_t numbers;
};
constexpr std::array<Known, 12> families = {{{"binomial", 2},
                                             {"poisson", 1},
                                             {"geometric", 1},
                                             {"negative_binomial", 2},
                                             {"hypergeometric", 3},
                                             {"uniform", 2},
                                             {"normal", 2},
                                             {"exponential", 1},
                                             {"student_t", 1},
                                             {"chi_squared", 1},
                                             {"f_dist", 2},
                                             {"lognormal", 2}}};

using Shelf = Interned<Distribution, std::pair<Family, std::array<double, 3>>>;

Shelf& shelf() {
    static Shelf instance;
    return instance;
}

} // namespace

std::string_view family_name(Family family) {
    return families[static_cast<std::size_t>(family)].name;
}

std::size_t number_count(Family family) {
    return families[static_cast<std::size_t>(family)].numbers;
}

std::string write_distribution(const Distribution& distribution) {
    std::string out = std::string(family_name(distribution.family)) + "(";
    for (std::size_t at = 0; at < number_count(distribution.family); ++at) {
        out += (at == 0 ? "" : ", ") + shortest(distribution.numbers[at]);
    }
    return out + ")";
}

Value distribution_value(const Distribution& distribution) {
    return shelf().value(distribution, {distribution.family, distribution.numbers}, Kind::distribution);
}

const Distribution& distribution_of(const Value& value) {
    return Shelf::of(value);
}

} // namespace ledgefall
