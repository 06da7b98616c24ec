// Diversity indices: measures of counts per species.

#include "core/engine/functions/catalogue_parts.h"
#include "core/engine/functions/operation_templates.h"
#include "core/stats/measures.h"

#include <algorithm>
#include <cmath>

namespace ledgefall::catalogue_parts {
namespace {

struct Estimate {
    double operator()(double marked, double caught, double again) const {
        return (marked + 1) * (caught + 1) / (again + 1) - 1;
    }
};
struct EstimatedDeviation {
    double operator()(double marked, double caught, double again) const {
        return std::sqrt((marked + 1) * (caught + 1) * (marked - again) * (caught - again) / (again + 2)) / (again + 1);
    }
};

/// Of how many were marked, caught later, and marked among those.
template <class F>
Operation mark_recapture() {
    return {[](const Value* a, std::size_t count, const Faults& faults) {
                if (const auto passed = passed_on(a, count, Kind::number)) {
                    return *passed;
                }
                const double marked = a[0].number();
                const double caught = a[1].number();
                const double again = a[2].number();
                const auto whole = [](double n) { return n >= 0 && n == std::floor(n); };
                const bool sound = whole(marked) && whole(caught) && whole(again) && again <= std::min(marked, caught);
                return sound ? faults.number(F()(marked, caught, again)) : faults.out_of_domain();
            },
            nullptr, Kind::number};
}

} // namespace

std::vector<Function> diversity() {
    const Argument counts{"n", Role::sample};
    const std::string_view sound = N_("counts must be 0 or more");
    const std::string_view whole = N_(
        "counts must be whole numbers of 0 or more; percentages and cover do not say how many individuals there were");
    const std::vector<Argument> two = {{"a", Role::sample}, {"b", Role::paired}};
    std::vector<Function> all = {
        {.name = "richness",
         .arguments = {counts},
         .purpose = N_("The number of species present."),
         .domain = sound,
         .source = "S",
         .example = "richness(10, 5, 0, 1)",
         .example_result = "3",
         .make = &make_richness,
         .simpler_form = "count(n > 0)"},
        {.name = "shannon",
         .arguments = {counts, {"base", Role::plain, Kind::number, false, true}},
         .purpose = N_("Shannon's entropy, with natural logarithms or another base."),
         .domain = N_("counts must be 0 or more, and the base above 0 and not 1"),
         .source = "−Σ p ln p",
         .example = "shannon((1, 1, 1, 1), 2)",
         .example_result = "2",
         .make = &make_shannon,
         .simpler_form = "-sum(xlnx(n / sum(n)))"},
        {.name = "pielou",
         .arguments = {counts},
         .purpose = N_("Pielou's evenness."),
         .domain = sound,
         .source = "shannon / ln S",
         .example = "pielou(8, 4, 2, 2)",
         .example_result = "0.875",
         .make = &make_pielou,
         .simpler_form = "shannon(n) / ln(richness(n))"},
        {.name = "dominance",
         .arguments = {counts},
         .purpose = N_("Simpson's index as Σp²: the probability that two draws with replacement are of one species."),
         .domain = sound,
         .source = "Σp²",
         .example = "dominance(1, 1, 2)",
         .example_result = "0.375",
         .make = &make_dominance,
         .simpler_form = "sum((n / sum(n))^2)"},
        {.name = "gini_simpson",
         .arguments = {counts},
         .purpose = N_(
             "Simpson's index as 1 − Σp²: the probability that two draws with replacement are of different species."),
         .domain = sound,
         .source = "1 − Σp²",
         .example = "gini_simpson(1, 1, 2)",
         .example_result = "0.625",
         .make = &make_gini_simpson,
         .simpler_form = "1 - dominance(n)"},
        {.name = "inverse_simpson",
         .arguments = {counts},
         .purpose = N_("Simpson's index as 1/Σp²: the number of equally common species with this dominance."),
         .domain = sound,
         .source = "1 / Σp²",
         .example = "inverse_simpson(2, 2, 2, 2)",
         .example_result = "4",
         .make = &make_inverse_simpson,
         .simpler_form = "1 / dominance(n)"},
        {.name = "simpson_unbiased",
         .arguments = {counts},
         .purpose =
             N_("Simpson's index without replacement: the probability that two individuals are of different species."),
         .domain = whole,
         .source = "1 − Σn(n−1) / (N(N−1))",
         .example = "simpson_unbiased(2, 2)",
         .example_result = "0.6666666666666667",
         .make = &make_simpson_unbiased,
         .simpler_form = "1 - sum(n * (n - 1)) / (sum(n) * (sum(n) - 1))"},
        {.name = "hill",
         .arguments = {counts, {"q"}},
         .purpose = N_("The effective number of species of order q."),
         .domain = N_("counts and q must be 0 or more"),
         .source = "(Σp^q)^(1/(1−q)) (Hill 1973)",
         .example = "hill((4, 4, 4, 4), 2)",
         .example_result = "4",
         .make = &make_hill},
        {.name = "margalef",
         .arguments = {counts},
         .purpose = N_("Margalef's richness."),
         .domain = whole,
         .source = "(S − 1) / ln N",
         .example = "margalef(8, 8, 8, 8)",
         .example_result = "0.8656170245333781",
         .make = &make_margalef,
         .simpler_form = "(richness(n) - 1) / ln(sum(n))"},
        {.name = "menhinick",
         .arguments = {counts},
         .purpose = N_("Menhinick's richness."),
         .domain = whole,
         .source = "S / √N",
         .example = "menhinick(10, 5, 1)",
         .example_result = "0.75",
         .make = &make_menhinick,
         .simpler_form = "richness(n) / sqrt(sum(n))"},
        {.name = "berger_parker",
         .arguments = {counts},
         .purpose = N_("The share of the most common species."),
         .domain = sound,
         .source = "max n / N",
         .example = "berger_parker(6, 3, 3)",
         .example_result = "0.5",
         .make = &make_berger_parker,
         .simpler_form = "max(n) / sum(n)"},
        {.name = "brillouin",
         .arguments = {counts},
         .purpose = N_("Brillouin's index of a fully counted community."),
         .domain = whole,
         .source = "(ln N! − Σ ln n!) / N",
         .example = "brillouin(1, 1)",
         .example_result = "0.34657359027997264",
         .make = &make_brillouin},
        {.name = "fisher_alpha",
         .arguments = {counts},
         .purpose = N_("Fisher's α."),
         .domain = N_(
             "there is no finite α with as many species as individuals, and counts must be whole numbers of 0 or more"),
         .source = "S = α ln(1 + N/α) (Fisher, Corbet and Williams 1943)",
         .example = "round(fisher_alpha(10, 5, 3, 1, 1), 6)",
         .example_result = "2.139804",
         .make = &make_fisher_alpha},
        {.name = "chao1",
         .arguments = {counts},
         .purpose = N_("The number of species estimated from those seen once or twice."),
         .domain = whole,
         .source = "S + f₁(f₁−1) / (2(f₂+1)) (bias-corrected; Chao 2005)",
         .example = "chao1(5, 2, 1, 1)",
         .example_result = "4.5",
         .make = &make_chao1},
        {.name = "rarefied",
         .arguments = {counts, {"m"}},
         .purpose = N_("The number of species expected in a sample of m individuals."),
         .domain =
             N_("m must be a whole number from 0 to the number of individuals, and counts whole numbers of 0 or more"),
         .source = "Σ(1 − C(N−n, m) / C(N, m)) (Hurlbert 1971)",
         .example = "rarefied((2, 2), 1)",
         .example_result = "1",
         .make = &make_rarefied},
        {.name = "rarefied_sd",
         .arguments = {counts, {"m"}},
         .purpose = N_("The standard deviation of the number of species in a sample of m individuals."),
         .domain =
             N_("m must be a whole number from 0 to the number of individuals, and counts whole numbers of 0 or more"),
         .source = "Heck, van Belle and Simberloff (1975)",
         .example = "round(rarefied_sd((2, 2), 2), 6)",
         .example_result = "0.471405",
         .make = &make_rarefied_sd},
        {.name = "shannon_var",
         .arguments = {counts},
         .purpose = N_("The variance of Shannon's entropy as a sample estimates it."),
         .domain = whole,
         .source = "(Σ p ln²p − H²)/N + (S − 1)/(2N²) (Hutcheson 1970)",
         .example = "shannon_var(1, 1)",
         .example_result = "0.125",
         .make = &make_shannon_var},
        {.name = "simpson_evenness",
         .arguments = {counts},
         .purpose = N_("Simpson's evenness."),
         .domain = sound,
         .source = "(1/Σp²) / S",
         .example = "simpson_evenness(6, 2)",
         .example_result = "0.8",
         .make = &make_simpson_evenness,
         .simpler_form = "inverse_simpson(n) / richness(n)"},
        {.name = "good_coverage",
         .arguments = {counts},
         .purpose = N_("Good's coverage: the proportion of a community that belongs to the species in the sample."),
         .domain = whole,
         .source = "1 − f₁/N (Good 1953)",
         .example = "good_coverage(5, 2, 1)",
         .example_result = "0.875",
         .make = &make_good_coverage,
         .simpler_form = "1 - count(n = 1) / sum(n)"},
        {.name = "bray_curtis",
         .arguments = two,
         .purpose = N_("Dissimilarity of two samples after Bray and Curtis."),
         .domain = sound,
         .source = "Σ|a − b| / Σ(a + b)",
         .example = "bray_curtis(x, y)",
         .example_result = "0.14285714285714285",
         .make = &make_bray_curtis,
         .simpler_form = "sum(abs(a - b)) / sum(a + b)"},
        {.name = "jaccard",
         .arguments = two,
         .purpose = N_("Similarity of two samples after Jaccard: the share of species that they have in common."),
         .domain = sound,
         .source = "shared / (shared + only in one)",
         .example = "jaccard(f - 1, y - 1)",
         .example_result = "0.6666666666666666",
         .make = &make_jaccard},
        {.name = "sorensen",
         .arguments = two,
         .purpose = N_("Similarity of two samples after Sørensen: as jaccard, with shared species counted twice."),
         .domain = sound,
         .source = "2 shared / (S₁ + S₂)",
         .example = "sorensen(f - 1, y - 1)",
         .example_result = "0.8",
         .make = &make_sorensen},
    };
    for (Function& function : all) {
        function.foot_menu = function.arguments.size() == 1 ? FootMenuPart::diversity : FootMenuPart::none;
    }
    const std::string_view no_fewer =
        N_("the marked, the caught and the recaptured animals must be whole numbers of 0 or "
           "more, and those recaptured no more than either");
    all.push_back(plain_function("chapman", {{"marked"}, {"caught"}, {"recaptured"}}, mark_recapture<Estimate>(),
                                 N_("The size of a population from marking and recapture."), "chapman(24, 30, 9)",
                                 "76.5", no_fewer, "(M + 1)(C + 1)/(R + 1) − 1 (Chapman 1951)"));
    all.push_back(
        plain_function("chapman_sd", {{"marked"}, {"caught"}, {"recaptured"}}, mark_recapture<EstimatedDeviation>(),
                       N_("The standard error of the size that chapman estimates."), "round(chapman_sd(24, 30, 9), 4)",
                       "14.8974", no_fewer, "√((M + 1)(C + 1)(M − R)(C − R) / ((R + 1)²(R + 2))) (Seber 1970)"));
    return all;
}

} // namespace ledgefall::catalogue_parts
