// Diversity of a sample of individuals, from their counts per species; likeness of two samples.

#include "core/stats/boost_policy.h"
#include "core/stats/distributions.h"
#include "core/stats/gathered.h"
#include "core/stats/quantile_search.h"

#include <boost/math/special_functions/gamma.hpp>

#include <algorithm>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

/// The counts above 0, and what is needed of them again and again.
struct Community {
    Values counts;
    double individuals = 0;
    bool sound = true; ///< no count below 0
    bool whole = true; ///< these can be numbers of individuals

    explicit Community(const Values& all) {
        CompensatedSum sum;
        for (const double n : all) {
            sound = sound && n >= 0;
            whole = whole && n == std::floor(n);
            if (n > 0) {
                counts.push_back(n);
                sum.add(n);
            }
        }
        individuals = sum.total();
    }

    double species() const { return static_cast<double>(counts.size()); }

    /// The sum of `term(n)` over the species.
    template <class F>
    double sum(F term) const {
        CompensatedSum sum;
        for (const double n : counts) {
            sum.add(term(n));
        }
        return sum.total();
    }

    double entropy() const {
        return 0 - sum([this](double n) { return n / individuals * std::log(n / individuals); }); // never −0
    }
    double dominance() const {
        return sum([this](double n) { return n / individuals * (n / individuals); });
    }
};

/// A measure of a community; missing of no individuals, and no value where a count is below 0.
template <class F>
Made of_community(F measure) {
    return gathered_by([measure](Values& values, const Faults& faults) {
        const Community community(values);
        if (!community.sound) {
            return faults.out_of_domain();
        }
        if (!std::isfinite(community.individuals)) {
            return faults.too_large();
        }
        return community.individuals == 0 ? Value::missing() : measure(community, faults);
    });
}

/// The same of individuals that were counted: percentages and cover are no counts.
template <class F>
Made of_counts(F measure) {
    return of_community([measure](const Community& community, const Faults& faults) {
        return community.whole ? measure(community, faults) : faults.out_of_domain();
    });
}

double log_factorial(double n) {
    return boost::math::lgamma(n + 1, NothingThrown());
}

/// C(all − n, m) / C(all, m): the hypergeometric probability of none.
double probability_of_none(double all, double n, double m) {
    return density({Family::hypergeometric, {all, n, m}}, 0);
}

/// Fisher's α (Fisher, Corbet and Williams 1943): S = α ln(1 + N/α), which grows with α, by halving all doubles.
double fisher_alpha(double species, double individuals) {
    return first_double_reached(0, std::numeric_limits<double>::max(), [&](double alpha) {
        const double ratio = individuals / alpha;
        const double log = std::isfinite(ratio) ? std::log1p(ratio) : std::log(individuals) - std::log(alpha);
        return alpha * log >= species;
    });
}

/// The chance that some of m individuals, drawn from `all` without putting back, are of `n`: 1 − C(all − n, m) / C(all,
/// m).
double chance_of_some(double all, double n, double m) {
    if (all - n < m) {
        return 1;
    }
    const bool by_species = n < m && n == std::floor(n); // the same product, by as many factors
    const double factors = by_species ? n : m;
    constexpr double many = 1e6;
    if (factors > many) {
        return 1 - probability_of_none(all, n, m);
    }
    CompensatedSum log_none;
    for (double at = 0; at < factors; ++at) {
        log_none.add(std::log1p(-(by_species ? m : n) / (all - at)));
    }
    return -std::expm1(log_none.total());
}

/// The logarithm of Σ p^q over 1 − q, by what is exact near q = 1 and by what does not vanish far from it.
double log_hill(const Community& c, double q) {
    const double d = q - 1;
    constexpr double near = 0.1;
    if (std::fabs(d) < near) { // Σ p^q − 1 = Σ p (p^d − 1)
        return -std::log1p(c.sum([&](double n) {
            return n / c.individuals * std::expm1(d * std::log(n / c.individuals));
        })) / d;
    }
    const double most = *std::max_element(c.counts.begin(), c.counts.end());
    const double powers = c.sum([q, most](double n) { return std::pow(n / most, q); });
    return -(q * std::log(most / c.individuals) + std::log(powers)) / d;
}

template <class F>
Made of_two_communities(F measure) {
    return pairs_by([measure](Samples& samples, const Faults& faults) {
        double shared = 0;
        double only = 0;
        double apart = 0;
        double all = 0;
        for (std::size_t at = 0; at < samples[0].size(); ++at) {
            const double a = samples[0][at];
            const double b = samples[1][at];
            if (a < 0 || b < 0) {
                return faults.out_of_domain();
            }
            shared += a > 0 && b > 0 ? 1 : 0;
            only += (a > 0) != (b > 0) ? 1 : 0;
            apart += std::fabs(a - b);
            all += a + b;
        }
        if (!std::isfinite(all)) {
            return faults.too_large();
        }
        return all == 0 ? Value::missing() : Value::number(measure(shared, only, apart, all));
    });
}

} // namespace

Made make_richness(Plain) {
    return gathered_by([](Values& values, const Faults& faults) { // of counts that are all 0 it is 0
        const Community community(values);
        return community.sound ? Value::number(community.species()) : faults.out_of_domain();
    });
}

Made make_shannon(Plain plain) {
    return of_community(
        [base = plain_number(plain, 0, 0), given = !plain.empty()](const Community& c, const Faults& faults) {
            if (given && (base <= 0 || base == 1)) {
                return faults.out_of_domain();
            }
            return Value::number(given ? c.entropy() / std::log(base) : c.entropy());
        });
}

Made make_pielou(Plain) {
    return of_community([](const Community& c, const Faults&) {
        return c.species() < 2 ? Value::missing() : Value::number(c.entropy() / std::log(c.species()));
    });
}

Made make_dominance(Plain) {
    return of_community([](const Community& c, const Faults&) { return Value::number(c.dominance()); });
}

Made make_gini_simpson(Plain) {
    return of_community([](const Community& c, const Faults&) { return Value::number(1 - c.dominance()); });
}

Made make_inverse_simpson(Plain) {
    return of_community([](const Community& c, const Faults&) { return Value::number(1 / c.dominance()); });
}

Made make_simpson_unbiased(Plain) {
    return of_counts([](const Community& c, const Faults&) {
        const double n = c.individuals;
        return n < 2 ? Value::missing()
                     : Value::number(1 - c.sum([n](double k) { return k / n * ((k - 1) / (n - 1)); }));
    });
}

Made make_hill(Plain plain) {
    return of_community([q = plain_number(plain, 0, -1)](const Community& c, const Faults& faults) {
        if (q < 0) {
            return faults.out_of_domain();
        }
        if (q == 0) {
            return Value::number(c.species());
        }
        if (q == 1) {
            return Value::number(std::exp(c.entropy()));
        }
        if (q == 2) {
            return Value::number(1 / c.dominance());
        }
        return faults.number(std::exp(log_hill(c, q)));
    });
}

Made make_margalef(Plain) {
    return of_counts([](const Community& c, const Faults& faults) {
        return c.individuals <= 1 ? faults.divided_by_zero()
                                  : Value::number((c.species() - 1) / std::log(c.individuals));
    });
}

Made make_menhinick(Plain) {
    return of_counts(
        [](const Community& c, const Faults&) { return Value::number(c.species() / std::sqrt(c.individuals)); });
}

Made make_berger_parker(Plain) {
    return of_community([](const Community& c, const Faults&) {
        return Value::number(*std::max_element(c.counts.begin(), c.counts.end()) / c.individuals);
    });
}

Made make_brillouin(Plain) {
    return of_counts([](const Community& c, const Faults&) {
        const double inside = c.sum([](double n) { return log_factorial(n); });
        return Value::number((log_factorial(c.individuals) - inside) / c.individuals);
    });
}

Made make_fisher_alpha(Plain) {
    return of_counts([](const Community& c, const Faults& faults) {
        // With as many species as individuals there is no finite α.
        return c.species() >= c.individuals ? faults.out_of_domain()
                                            : faults.number(fisher_alpha(c.species(), c.individuals));
    });
}

Made make_chao1(Plain) {
    return of_counts([](const Community& c, const Faults&) {
        const auto seen = [&c](double times) {
            return static_cast<double>(std::count(c.counts.begin(), c.counts.end(), times));
        };
        return Value::number(c.species() + seen(1) * (seen(1) - 1) / (2 * (seen(2) + 1)));
    });
}

Made make_rarefied(Plain plain) {
    return of_counts([m = plain_number(plain, 0, -1)](const Community& c, const Faults& faults) {
        const double n = c.individuals;
        if (m < 0 || m > n || m != std::floor(m)) {
            return faults.out_of_domain();
        }
        return Value::number(c.sum([n, m](double k) { return chance_of_some(n, k, m); }));
    });
}

Made make_rarefied_sd(Plain plain) {
    return of_counts([m = plain_number(plain, 0, -1)](const Community& c, const Faults& faults) {
        const double n = c.individuals;
        if (m < 0 || m > n || m != std::floor(m)) {
            return faults.out_of_domain();
        }
        // Of the numbers 1 (absent) and 0 (present) of the species: their variances and twice their covariances.
        Values absent;
        for (const double k : c.counts) {
            absent.push_back(1 - chance_of_some(n, k, m));
        }
        CompensatedSum variance;
        for (std::size_t i = 0; i < absent.size(); ++i) {
            variance.add(absent[i] * (1 - absent[i]));
            for (std::size_t j = 0; j < i; ++j) {
                const double neither = 1 - chance_of_some(n, c.counts[i] + c.counts[j], m);
                variance.add(2 * (neither - absent[i] * absent[j]));
            }
        }
        return Value::number(std::sqrt(std::max(0.0, variance.total())));
    });
}

Made make_shannon_var(Plain) {
    return of_counts([](const Community& c, const Faults&) {
        const double h = c.entropy();
        const double spread = c.sum([&c, h](double n) { // Σ p (ln p + H)², which is Σ p ln²p − H² without its loss
            const double off = std::log(n / c.individuals) + h;
            return n / c.individuals * off * off;
        });
        return Value::number(spread / c.individuals + (c.species() - 1) / (2 * c.individuals * c.individuals));
    });
}

Made make_simpson_evenness(Plain) {
    return of_community(
        [](const Community& c, const Faults&) { return Value::number(1 / c.dominance() / c.species()); });
}

Made make_good_coverage(Plain) {
    return of_counts([](const Community& c, const Faults&) {
        return Value::number(1 -
                             static_cast<double>(std::count(c.counts.begin(), c.counts.end(), 1.0)) / c.individuals);
    });
}

Made make_bray_curtis(Plain) {
    return of_two_communities([](double, double, double apart, double all) { return apart / all; });
}

Made make_jaccard(Plain) {
    return of_two_communities([](double shared, double only, double, double) { return shared / (shared + only); });
}

Made make_sorensen(Plain) {
    return of_two_communities(
        [](double shared, double only, double, double) { return 2 * shared / (2 * shared + only); });
}

} // namespace ledgefall
