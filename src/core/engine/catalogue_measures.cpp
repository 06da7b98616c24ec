// Measures of columns.

#include "core/engine/catalogue_parts.h"
#include "core/stats/measures.h"

#include <algorithm>
#include <utility>

namespace ledgefall::catalogue_parts {
namespace {

const Argument x{"x", Role::sample};
const Argument f{"f", Role::paired};
const Argument p{"p"};
const Argument type{"type", Role::plain, Kind::number, false, true};

Function measure(std::string_view name, std::vector<Argument> arguments, MakeAccumulator make, std::string_view purpose,
                 std::string_view source, std::string_view example, std::string_view result,
                 std::string_view domain = "") {
    Function made;
    made.name = name;
    made.arguments = std::move(arguments);
    made.make = make;
    made.purpose = purpose;
    made.source = source;
    made.example = example;
    made.example_result = result;
    made.domain = domain;
    return made;
}

std::vector<Function> of_one_column() {
    std::vector<Function> all = {
        measure("sum", {x}, &make_sum, "The sum of the values; 0 of none.", "Σx, compensated (Neumaier 1974)",
                "sum(1.5, 2, 3)", "6.5"),
        measure("product", {x}, &make_product, "The product of the values; 1 of none.", "Πx", "product(2, 3, 4)", "24"),
        measure("count", {x}, &make_count, "How many values there are, or for how many rows a condition holds.", "n",
                "count(4, 5, 6)", "3"),
        measure("share", {x}, &make_share, "For which part of the rows a condition holds, of those where it is known.",
                "count(c) / n", "share(yes, no, no, no)", "0.25"),
        measure("mean", {x}, &make_mean, "The arithmetic mean.", "Σx / n", "mean(2, 3, 7)", "4"),
        measure("median", {x}, &make_median, "The middle value in order, or the mean of the two middle ones.", "",
                "median(9, 1, 4, 2)", "3"),
        measure("mode", {x}, &make_mode, "The most frequent value; of several the first to occur.", "",
                "mode(3, 1, 3, 2)", "3"),
        measure("min", {x}, &make_min, "The smallest value.", "", "min(3, 1, 2)", "1"),
        measure("max", {x}, &make_max, "The largest value.", "", "max(3, 1, 2)", "3"),
        measure("range", {x}, &make_range, "The largest value minus the smallest.", "max − min", "range(3, 1, 2)", "2"),
        measure("quantile", {x, p, type}, &make_quantile, "The value below which a part p of the values lies.",
                "the study's type, or one of the nine of Hyndman and Fan (1996)", "quantile((1, 2, 3, 4), 0.25)",
                "1.75", "quantile takes a p from 0 to 1 and a type from 1 to 9"),
        measure("q1", {x}, &make_q1, "The lower quartile.", "quantile(x, 0.25)", "q1(1, 2, 3, 4)", "1.75"),
        measure("q3", {x}, &make_q3, "The upper quartile.", "quantile(x, 0.75)", "q3(1, 2, 3, 4)", "3.25"),
        measure("iqr", {x}, &make_iqr, "The distance of the quartiles.", "q3 − q1", "iqr(1, 2, 3, 4)", "1.5"),
        measure("var", {x}, &make_var, "The variance of a sample: divides by n − 1.", "Σ(x − x̄)² / (n − 1)",
                "var(1, 2, 3, 4)", "1.6666666666666667"),
        measure("sd", {x}, &make_sd, "The standard deviation of a sample: divides by n − 1.", "√(Σ(x − x̄)² / (n − 1))",
                "sd(2, 4)", "1.4142135623730951"),
        measure("var_pop", {x}, &make_var_pop, "The variance of a whole population: divides by n.", "Σ(x − x̄)² / n",
                "var_pop(1, 2, 3, 4)", "1.25"),
        measure("sd_pop", {x}, &make_sd_pop, "The standard deviation of a whole population: divides by n.",
                "√(Σ(x − x̄)² / n)", "sd_pop(2, 4)", "1"),
        measure("se", {x}, &make_se, "The standard error of the mean.", "sd / √n", "se(1, 3, 5, 7)",
                "1.2909944487358056"),
        measure("cv", {x}, &make_cv, "The coefficient of variation.", "sd / mean", "cv(1, 3)", "0.7071067811865476"),
        measure("mad", {x}, &make_mad, "The median of the distances from the median.", "", "mad(1, 2, 4, 8, 9)", "3"),
        measure("geomean", {x}, &make_geomean, "The geometric mean.", "(Πx)^(1/n)", "geomean(1, 4, 16)", "4",
                "geomean takes numbers from 0 up"),
        measure("harmean", {x}, &make_harmean, "The harmonic mean.", "n / Σ(1/x)", "harmean(1, 2, 4)",
                "1.7142857142857142", "harmean takes numbers from 0 up"),
        measure("skewness", {x}, &make_skewness, "The skewness of the moments.", "g₁ = m₃ / m₂^(3/2)",
                "skewness(1, 2, 6)", "0.5951700641394972", "skewness has no value where all values are equal"),
        measure("kurtosis", {x}, &make_kurtosis, "The excess kurtosis of the moments.", "g₂ = m₄ / m₂² − 3",
                "kurtosis(1, 2, 3, 4)", "-1.36", "kurtosis has no value where all values are equal"),
        measure("pick", {x}, &make_pick,
                "The one value of those rows for which a condition holds: missing of none, a fault of several.", "",
                "pick(y where x = 6)", "5", "several rows fit here: pick takes exactly one"),
        measure("rank", {x}, nullptr, "The place of this row's value among all, smallest first; ties share theirs.",
                "count(x < x[i]) + (count(x = x[i]) + 1) / 2", "rank(x)", "1"),
        measure("t_stat", {x, {"m"}}, &make_t_stat, "How many standard errors the mean lies from a value m.",
                "t = (x̄ − m) / (s / √n)", "t_stat((1, 3, 5, 7), 2)", "1.5491933384829668",
                "t has no value where all values are equal"),
        measure("distinct", {x}, &make_distinct, "How many different values there are.", "", "distinct(3, 1, 3, 2)",
                "3"),
    };
    for (Function& one : all) {
        one.keeps_kind = one.name == "min" || one.name == "max" || one.name == "mode" || one.name == "pick";
        one.domain_cause = one.name == "pick" ? Cause::several_rows : Cause::out_of_domain;
        one.takes_type = one.name == "quantile" || one.name == "q1" || one.name == "q3" || one.name == "iqr";
        one.arguments[0].any_kind =
            one.name == "count" || one.name == "pick" || one.name == "mode" || one.name == "distinct";
        one.arguments[0].kind = one.name == "share" ? Kind::yes_no : Kind::number;
        one.make_of_condition = one.name == "count" ? &make_count_yes : nullptr;
    }
    return all;
}

std::vector<Function> of_several_columns() {
    const std::vector<Argument> xy = {{"x", Role::sample}, {"y", Role::paired}};
    const std::vector<Argument> yx = {{"y", Role::sample}, {"x", Role::paired}};
    const std::string_view frequencies = "frequencies are numbers from 0 up, and p is from 0 to 1";
    const std::string_view spread = "there is no correlation where all values of one column are equal";
    std::vector<Function> all = {
        measure("cov", xy, &make_cov, "The covariance of two columns: divides by n − 1.", "Σ(x − x̄)(y − ȳ) / (n − 1)",
                "cov(x, y)", "2.6666666666666665"),
        measure("corr", xy, &make_corr, "The correlation of two columns.", "Pearson's r", "corr(x, y)",
                "0.8944271909999157", spread),
        measure("rank_corr", xy, &make_rank_corr, "The correlation of the ranks of two columns.",
                "Spearman's ρ, ties sharing their mean rank", "rank_corr(x, y)", "0.9486832980505139", spread),
        measure("slope", yx, &make_slope, "The slope of the regression line of y on x.", "Σ(x − x̄)(y − ȳ) / Σ(x − x̄)²",
                "slope(y, x)", "1"),
        measure("intercept", yx, &make_intercept, "Where the regression line of y on x meets the y axis.",
                "ȳ − slope · x̄", "intercept(y, x)", "-1"),
        measure("chi2_stat", {{"observed", Role::sample}, {"expected", Role::paired}}, &make_chi2_stat,
                "How far observed counts are from expected ones.", "χ² = Σ(o − e)² / e (Pearson 1900)",
                "chi2_stat(x, y)", "3.2", "expected counts are numbers above 0"),
        measure("t_stat2", {{"x", Role::sample}, {"y", Role::sample}}, nullptr,
                "How many standard errors the means of two samples lie apart, whatever their variances.",
                "t = (x̄ − ȳ) / √(se(x)² + se(y)²) (Welch 1947)", "t_stat2(x, y)", "0.8164965809277261"),
        measure("interpolate", {{"x", Role::sample}, {"y", Role::paired}, {"at"}}, &make_interpolate,
                "The y at a place between the rows of a table, on the straight line from x to x.",
                "y₁ + (at − x₁)(y₂ − y₁) / (x₂ − x₁)", "interpolate(x, y, 3)", "2",
                "interpolate takes a place between the smallest and the largest x"),
        measure("wmean", {x, f}, &make_wmean, "The mean of values with their frequencies.", "Σfx / Σf", "wmean(x, f)",
                "4", frequencies),
        measure("wvar", {x, f}, &make_wvar, "The variance of values with their frequencies: divides by n − 1.",
                "Σf(x − x̄)² / (Σf − 1)", "wvar(x, f)", "1.6", frequencies),
        measure("wsd", {x, f}, &make_wsd, "The standard deviation of values with their frequencies.", "√wvar",
                "wsd(x, f)", "1.2649110640673518", frequencies),
        measure("wvar_pop", {x, f}, &make_wvar_pop, "The variance of a population given by values and frequencies.",
                "Σf(x − x̄)² / Σf", "wvar_pop(x, f)", "1.3333333333333333", frequencies),
        measure("wsd_pop", {x, f}, &make_wsd_pop, "The standard deviation of such a population.", "√wvar_pop",
                "wsd_pop(x, f)", "1.1547005383792515", frequencies),
        measure("wquantile", {x, f, p}, &make_wquantile, "A quantile of values with their frequencies.",
                "as quantile, of each value as often as it occurs", "wquantile(x, f, 0.5)", "4", frequencies),
        measure("grouped_quantile", {{"lower", Role::sample}, {"upper", Role::paired}, f, p}, &make_grouped_quantile,
                "A quantile estimated from classes and their counts.", "within its class evenly",
                "grouped_quantile(y, y + 2, f, 0.5)", "4", frequencies),
    };
    for (Function& one : all) {
        one.takes_type = one.name == "wquantile";
    }
    return all;
}

/// What measures come to in simpler functions.
constexpr std::pair<std::string_view, std::string_view> simpler[] = {
    {"mean", "sum(x) / count(x)"},
    {"range", "max(x) - min(x)"},
    {"iqr", "q3(x) - q1(x)"},
    {"var", "sum((x - mean(x))^2) / (count(x) - 1)"},
    {"var_pop", "sum((x - mean(x))^2) / count(x)"},
    {"sd", "sqrt(var(x))"},
    {"sd_pop", "sqrt(var_pop(x))"},
    {"se", "sd(x) / sqrt(count(x))"},
    {"cv", "sd(x) / mean(x)"},
    {"mad", "median(abs(x - median(x)))"},
    {"geomean", "exp(sum(ln(x)) / count(x))"},
    {"harmean", "count(x) / sum(1 / x)"},
    {"skewness", "sum((x - mean(x))^3) / count(x) / var_pop(x)^1.5"},
    {"kurtosis", "sum((x - mean(x))^4) / count(x) / var_pop(x)^2 - 3"},
    {"t_stat", "(mean(x) - m) / se(x)"},
    {"t_stat2", "(mean(x) - mean(y)) / sqrt(se(x)^2 + se(y)^2)"},
    {"cov", "sum((x - mean(x)) * (y - mean(y))) / (count(x) - 1)"},
    {"corr", "cov(x, y) / (sd(x) * sd(y))"},
    {"slope", "cov(x, y) / var(x)"},
    {"intercept", "mean(y) - slope(y, x) * mean(x)"},
    {"chi2_stat", "sum((observed - expected)^2 / expected)"},
    {"wmean", "sum(f * x) / sum(f)"},
    {"wvar", "sum(f * (x - wmean(x, f))^2) / (sum(f) - 1)"},
    {"wvar_pop", "sum(f * (x - wmean(x, f))^2) / sum(f)"},
    {"wsd", "sqrt(wvar(x, f))"},
    {"wsd_pop", "sqrt(wvar_pop(x, f))"},
    {"richness", "count(n > 0)"},
    {"shannon", "-sum(xlnx(n / sum(n)))"},
    {"pielou", "shannon(n) / ln(richness(n))"},
    {"dominance", "sum((n / sum(n))^2)"},
    {"gini_simpson", "1 - dominance(n)"},
    {"inverse_simpson", "1 / dominance(n)"},
    {"simpson_unbiased", "1 - sum(n * (n - 1)) / (sum(n) * (sum(n) - 1))"},
    {"margalef", "(richness(n) - 1) / ln(sum(n))"},
    {"menhinick", "richness(n) / sqrt(sum(n))"},
    {"berger_parker", "max(n) / sum(n)"},
    {"bray_curtis", "sum(abs(a - b)) / sum(a + b)"},
};

void write_out(std::vector<Function>& functions) {
    for (Function& function : functions) {
        const auto* known = std::find_if(std::begin(simpler), std::end(simpler),
                                         [&function](const auto& one) { return one.first == function.name; });
        function.written_out = known == std::end(simpler) ? std::string_view() : known->second;
    }
}

} // namespace

std::vector<Function> measures() {
    std::vector<Function> all = of_one_column();
    for (Function& one : of_several_columns()) {
        all.push_back(std::move(one));
    }
    write_out(all);
    return all;
}

std::vector<Function> diversity() {
    const Argument counts{"n", Role::sample};
    const std::string_view sound = "counts are numbers from 0 up";
    const std::vector<Argument> two = {{"a", Role::sample}, {"b", Role::paired}};
    std::vector<Function> all = {
        measure("richness", {counts}, &make_richness, "How many species occur.", "S", "richness(10, 5, 0, 1)", "3",
                sound),
        measure("shannon", {counts, {"base", Role::plain, Kind::number, false, true}}, &make_shannon,
                "Shannon's entropy, in natural logarithms or to a base.", "−Σ p ln p", "shannon((1, 1, 1, 1), 2)", "2",
                "counts are numbers from 0 up, and a base is above 0 and not 1"),
        measure("pielou", {counts}, &make_pielou, "The evenness of Pielou.", "shannon / ln S", "pielou(8, 4, 2, 2)",
                "0.875", sound),
        measure("dominance", {counts}, &make_dominance,
                "Simpson's dominance: the chance that two draws with putting back are of one species.", "Σp²",
                "dominance(1, 1, 2)", "0.375", sound),
        measure("gini_simpson", {counts}, &make_gini_simpson,
                "The chance that two draws with putting back are of different species.", "1 − Σp²",
                "gini_simpson(1, 1, 2)", "0.625", sound),
        measure("inverse_simpson", {counts}, &make_inverse_simpson,
                "As many equally common species would have this dominance.", "1 / Σp²", "inverse_simpson(2, 2, 2, 2)",
                "4", sound),
        measure("simpson_unbiased", {counts}, &make_simpson_unbiased,
                "The chance that two draws without putting back are of different species.", "1 − Σn(n−1) / (N(N−1))",
                "simpson_unbiased(2, 2)", "0.6666666666666667", sound),
        measure("hill", {counts, {"q"}}, &make_hill, "The effective number of species of order q.",
                "(Σp^q)^(1/(1−q)) (Hill 1973)", "hill((4, 4, 4, 4), 2)", "4", "counts and q are numbers from 0 up"),
        measure("margalef", {counts}, &make_margalef, "Margalef's richness.", "(S − 1) / ln N", "margalef(8, 8, 8, 8)",
                "0.8656170245333781", sound),
        measure("menhinick", {counts}, &make_menhinick, "Menhinick's richness.", "S / √N", "menhinick(10, 5, 1)",
                "0.75", sound),
        measure("berger_parker", {counts}, &make_berger_parker, "The share of the commonest species.", "max n / N",
                "berger_parker(6, 3, 3)", "0.5", sound),
        measure("brillouin", {counts}, &make_brillouin, "Brillouin's index of a fully counted community.",
                "(ln N! − Σ ln n!) / N", "brillouin(1, 1)", "0.34657359027997264", sound),
        measure("fisher_alpha", {counts}, &make_fisher_alpha, "Fisher's α.",
                "S = α ln(1 + N/α) (Fisher, Corbet and Williams 1943)", "round(fisher_alpha(10, 5, 3, 1, 1), 6)",
                "2.139804", "with as many species as individuals there is no finite α, and counts are from 0 up"),
        measure("chao1", {counts}, &make_chao1, "The number of species estimated from those seen once and twice.",
                "S + f₁(f₁−1) / (2(f₂+1)) (Chao 1984)", "chao1(5, 2, 1, 1)", "4.5", sound),
        measure("rarefied", {counts, {"m"}}, &make_rarefied, "The number of species expected in a sample of m.",
                "Σ(1 − C(N−n, m) / C(N, m)) (Hurlbert 1971)", "rarefied((2, 2), 1)", "1",
                "m is a whole number from 0 to the number of individuals"),
        measure("bray_curtis", two, &make_bray_curtis, "The unlikeness of two samples.", "Σ|a − b| / Σ(a + b)",
                "bray_curtis(x, y)", "0.14285714285714285", sound),
        measure("jaccard", two, &make_jaccard, "The part of the species of two samples that both have.",
                "shared / (shared + only in one)", "jaccard(x, y)", "1", sound),
        measure("sorensen", two, &make_sorensen, "The same, counting shared species twice.", "2 shared / (S₁ + S₂)",
                "sorensen(x, y)", "1", sound),
    };
    write_out(all);
    return all;
}

} // namespace ledgefall::catalogue_parts
