#include "files/worksheet_recovery/openformula_functions.h"

#include <algorithm>
#include <map>
#include <string>

namespace ledgefall {
namespace {

constexpr std::size_t any = 255;

// What the standard's functions compute is said so that the same numbers come out: SKEW and KURT are the sample forms
// of the moments g1 and g2, LOG has the base 10 where none is given, ATAN2 takes x first.
constexpr OpenFormulaFunction functions[] = {
    {"ABS", 1, 1, "abs($1)"},
    {"ACOS", 1, 1, "acos($1)"},
    {"ASIN", 1, 1, "asin($1)"},
    {"ATAN", 1, 1, "atan($1)"},
    {"ATAN2", 2, 2, "atan2($2, $1)"},
    {"AVEDEV", 1, 1, "mean(abs(@1 - mean(@1)))"},
    {"AVERAGE", 1, any, "mean(@*)"},
    {"BINOM.INV", 3, 3, "quantile(binomial($1, $2), $3)"},
    {"CEILING", 1, 1, "ceil($1)"},
    {"CEILING", 2, 2, "(ceil($1 / $2) * $2)"},
    {"CHIDIST", 2, 2, "P(chi_squared($2) > $1)"},
    {"CHIINV", 2, 2, "quantile(chi_squared($2), 1 - $1)"},
    {"CHISQ.DIST.RT", 2, 2, "P(chi_squared($2) > $1)"},
    {"CHISQ.INV", 2, 2, "quantile(chi_squared($2), $1)"},
    {"CHISQ.INV.RT", 2, 2, "quantile(chi_squared($2), 1 - $1)"},
    {"COMBIN", 2, 2, "choose($1, $2)"},
    {"CONCATENATE", 1, any, "join($*)"}, // before the other, for both standards have it
    {"CONCAT", 1, any, "join($*)"},
    {"CONFIDENCE", 3, 3, "(quantile(normal(0, 1), 1 - $1 / 2) * $2 / sqrt($3))"},
    {"CORREL", 2, 2, "corr(@1, @2)"},
    {"COS", 1, 1, "cos($1)"},
    {"COUNT", 1, any, "count(@*)"},
    {"COUNTA", 1, any, "count(@*)"},
    {"COVAR", 2, 2, "(cov(@1, @2) * (count(@1) - 1) / count(@1))"},
    {"COVARIANCE.P", 2, 2, "(cov(@1, @2) * (count(@1) - 1) / count(@1))"},
    {"COVARIANCE.S", 2, 2, "cov(@1, @2)"},
    {"DATE", 3, 3, "date($1, $2, $3)"},
    {"DAY", 1, 1, "day($1)"},
    {"DAYS", 2, 2, "($1 - $2)"},
    {"DEGREES", 1, 1, "($1 * 180 / pi)"},
    {"DEVSQ", 1, 1, "sum((@1 - mean(@1))^2)"},
    {"ERF", 1, 1, "erf($1)"},
    {"EXACT", 2, 2, "($1 = $2)"},
    {"EXP", 1, 1, "exp($1)"},
    {"FACT", 1, 1, "factorial($1)"},
    {"FDIST", 3, 3, "P(f_dist($2, $3) > $1)"},
    {"F.DIST.RT", 3, 3, "P(f_dist($2, $3) > $1)"},
    {"FINV", 3, 3, "quantile(f_dist($2, $3), 1 - $1)"},
    {"F.INV", 3, 3, "quantile(f_dist($2, $3), $1)"},
    {"F.INV.RT", 3, 3, "quantile(f_dist($2, $3), 1 - $1)"},
    {"FLOOR", 1, 1, "floor($1)"},
    {"FLOOR", 2, 2, "(floor($1 / $2) * $2)"},
    {"FORECAST", 3, 3, "(intercept(@2, @3) + slope(@2, @3) * $1)"},
    {"FV", 3, 3, "(-$3 * ((1 + $1)^$2 - 1) / $1)"},
    {"FV", 4, 4, "(-$4 * (1 + $1)^$2 - $3 * ((1 + $1)^$2 - 1) / $1)"},
    {"GAMMA", 1, 1, "gamma($1)"},
    {"GAMMALN", 1, 1, "lgamma($1)"},
    {"GEOMEAN", 1, any, "geomean(@*)"},
    {"HARMEAN", 1, any, "harmean(@*)"},
    {"INT", 1, 1, "floor($1)"},
    {"INTERCEPT", 2, 2, "intercept(@1, @2)"},
    {"ISBLANK", 1, 1, "is_missing($1)"},
    {"KURT", 1, 1, "((count(@1) - 1) / ((count(@1) - 2) * (count(@1) - 3)) * ((count(@1) + 1) * kurtosis(@1) + 6))"},
    {"LARGE", 2, 2, "quantile(@1, (count(@1) - $2 + 0.5) / count(@1), 1)"},
    {"LEN", 1, 1, "length($1)"},
    {"LN", 1, 1, "ln($1)"},
    {"LOG", 1, 1, "log10($1)"},
    {"LOG", 2, 2, "log($1, $2)"},
    {"LOG10", 1, 1, "log10($1)"},
    {"LOWER", 1, 1, "lower($1)"},
    {"MAX", 1, any, "max(@*)"},
    {"MEDIAN", 1, any, "median(@*)"},
    {"MIN", 1, any, "min(@*)"},
    {"MOD", 2, 2, "($1 mod $2)"},
    {"MODE", 1, any, "mode(@*)"},
    {"MODE.SNGL", 1, any, "mode(@*)"},
    {"MONTH", 1, 1, "month($1)"},
    {"NORM.INV", 3, 3, "quantile(normal($2, $3), $1)"},
    {"NORM.S.INV", 1, 1, "quantile(normal(0, 1), $1)"},
    {"NORMINV", 3, 3, "quantile(normal($2, $3), $1)"},
    {"NORMSDIST", 1, 1, "P(normal(0, 1) <= $1)"},
    {"NORMSINV", 1, 1, "quantile(normal(0, 1), $1)"},
    {"NOT", 1, 1, "not $1"},
    {"NPER", 3, 3, "(-ln(1 + $3 * $1 / $2) / ln(1 + $1))"},
    {"PEARSON", 2, 2, "corr(@1, @2)"},
    {"PERCENTILE", 2, 2, "quantile(@1, $2)"},
    {"PERCENTILE.INC", 2, 2, "quantile(@1, $2)"},
    {"PERMUT", 2, 2, "arrange($1, $2)"},
    {"PI", 0, 0, "pi"},
    {"PMT", 3, 3, "(-$3 * $1 / (1 - (1 + $1)^(-$2)))"},
    {"PMT", 4, 4, "(-($3 * (1 + $1)^$2 + $4) * $1 / ((1 + $1)^$2 - 1))"},
    {"POWER", 2, 2, "($1^$2)"},
    {"PRODUCT", 1, any, "product(@*)"},
    {"PV", 3, 3, "(-$3 * (1 - (1 + $1)^(-$2)) / $1)"},
    {"PV", 4, 4, "(-($4 + $3 * ((1 + $1)^$2 - 1) / $1) / (1 + $1)^$2)"},
    {"QUARTILE", 2, 2, "quantile(@1, $2 / 4)"},
    {"QUARTILE.INC", 2, 2, "quantile(@1, $2 / 4)"},
    {"QUOTIENT", 2, 2, "trunc($1 / $2)"},
    {"RADIANS", 1, 1, "($1 * pi / 180)"},
    {"RANK", 2, 2, "(count(@2 > #1) + 1)"},
    {"RANK.EQ", 2, 2, "(count(@2 > #1) + 1)"},
    {"ROUND", 1, 1, "round($1, 0)"},
    {"ROUND", 2, 2, "round($1, $2)"},
    {"ROUNDDOWN", 1, 1, "trunc($1)"},
    {"ROUNDDOWN", 2, 2, "(trunc($1 * 10^$2) / 10^$2)"},
    {"ROUNDUP", 1, 1, "(sign($1) * ceil(abs($1)))"},
    {"ROUNDUP", 2, 2, "(sign($1) * ceil(abs($1) * 10^$2) / 10^$2)"},
    {"RSQ", 2, 2, "(corr(@1, @2)^2)"},
    {"SIGN", 1, 1, "sign($1)"},
    {"SIN", 1, 1, "sin($1)"},
    {"SKEW", 1, 1, "(skewness(@1) * sqrt(count(@1) * (count(@1) - 1)) / (count(@1) - 2))"},
    {"SLOPE", 2, 2, "slope(@1, @2)"},
    {"SMALL", 2, 2, "quantile(@1, ($2 - 0.5) / count(@1), 1)"},
    {"SQRT", 1, 1, "sqrt($1)"},
    {"STANDARDIZE", 3, 3, "(($1 - $2) / $3)"},
    {"STDEV", 1, any, "sd(@*)"},
    {"STDEV.P", 1, any, "sd_pop(@*)"},
    {"STDEV.S", 1, any, "sd(@*)"},
    {"STDEVP", 1, any, "sd_pop(@*)"},
    {"SUM", 1, any, "sum(@*)"},
    {"SUMPRODUCT", 1, 1, "sum(@1)"},
    {"SUMPRODUCT", 2, 2, "sum(@1 * @2)"},
    {"SUMPRODUCT", 3, 3, "sum(@1 * @2 * @3)"},
    {"SUMSQ", 1, 1, "sum(@1^2)"},
    {"SUMX2MY2", 2, 2, "sum(@1^2 - @2^2)"},
    {"SUMX2PY2", 2, 2, "sum(@1^2 + @2^2)"},
    {"SUMXMY2", 2, 2, "sum((@1 - @2)^2)"},
    {"T.DIST.2T", 2, 2, "(2 * P(student_t($2) > abs($1)))"},
    {"T.DIST.RT", 2, 2, "P(student_t($2) > $1)"},
    {"T.INV", 2, 2, "quantile(student_t($2), $1)"},
    {"T.INV.2T", 2, 2, "quantile(student_t($2), 1 - $1 / 2)"},
    {"TAN", 1, 1, "tan($1)"},
    {"TDIST", 3, 3, "($3 * P(student_t($2) > $1))"},
    {"TINV", 2, 2, "quantile(student_t($2), 1 - $1 / 2)"},
    {"TODAY", 0, 0, "today()"},
    {"TRIM", 1, 1, "trim($1)"},
    {"TRUNC", 1, 1, "trunc($1)"},
    {"TRUNC", 2, 2, "(trunc($1 * 10^$2) / 10^$2)"},
    {"UPPER", 1, 1, "upper($1)"},
    {"VAR", 1, any, "var(@*)"},
    {"VAR.P", 1, any, "var_pop(@*)"},
    {"VAR.S", 1, any, "var(@*)"},
    {"VARP", 1, any, "var_pop(@*)"},
    {"YEAR", 1, 1, "year($1)"},
};

const std::map<std::string_view, ArgumentForm>& argument_forms() {
    static const std::map<std::string_view, ArgumentForm> all = {
        {"IF", ArgumentForm::when},
        {"IFERROR", ArgumentForm::unless_at_fault},
        {"IFS", ArgumentForm::first_that_holds},
        {"AND", ArgumentForm::all_of},
        {"OR", ArgumentForm::any_of},
        {"COUNTIF", ArgumentForm::count_by},
        {"COUNTIFS", ArgumentForm::count_by},
        {"SUMIF", ArgumentForm::sum_by},
        {"AVERAGEIF", ArgumentForm::mean_by},
        {"SUMIFS", ArgumentForm::sum_by_several},
        {"AVERAGEIFS", ArgumentForm::mean_by_several},
        {"MINIFS", ArgumentForm::least_by_several},
        {"MAXIFS", ArgumentForm::greatest_by_several},
        {"SUM", ArgumentForm::sum},
        {"SUMPRODUCT", ArgumentForm::sum_of_products},
        {"LOOKUP", ArgumentForm::lookup_in_order},
        {"VLOOKUP", ArgumentForm::lookup_in_block},
        {"INDEX", ArgumentForm::lookup_by_place},
        {"XLOOKUP", ArgumentForm::lookup_in_columns},
        {"SUBTOTAL", ArgumentForm::by_number},
        {"DATEDIF", ArgumentForm::completed},
        {"CONVERT", ArgumentForm::convert},
        {"BINOMDIST", ArgumentForm::distribution},
        {"BINOM.DIST", ArgumentForm::distribution},
        {"POISSON", ArgumentForm::distribution},
        {"POISSON.DIST", ArgumentForm::distribution},
        {"NORMDIST", ArgumentForm::distribution},
        {"NORM.DIST", ArgumentForm::distribution},
        {"NORM.S.DIST", ArgumentForm::distribution},
        {"EXPONDIST", ArgumentForm::distribution},
        {"EXPON.DIST", ArgumentForm::distribution},
        {"CHISQ.DIST", ArgumentForm::distribution},
        {"T.DIST", ArgumentForm::distribution},
        {"F.DIST", ArgumentForm::distribution},
    };
    return all;
}

} // namespace

const OpenFormulaFunction* openformula_function(std::string_view name, std::size_t arguments) {
    const auto* const found =
        std::find_if(std::begin(functions), std::end(functions), [&](const OpenFormulaFunction& one) {
            return one.name == name && one.least_arguments <= arguments && arguments <= one.most_arguments;
        });
    return found == std::end(functions) ? nullptr : found;
}

ArgumentForm argument_form(std::string_view name) {
    const auto found = argument_forms().find(name);
    return found == argument_forms().end() ? ArgumentForm::none : found->second;
}

std::string_view subtotal_measure(int number) {
    constexpr std::string_view measures[] = {"mean", "count",  "count", "max", "min",    "product",
                                             "sd",   "sd_pop", "sum",   "var", "var_pop"};
    const int from_one = number > 100 ? number - 100 : number;
    return from_one >= 1 && from_one <= 11 ? measures[from_one - 1] : std::string_view();
}

std::string_view completed_function(std::string_view unit) {
    if (unit.size() != 1) {
        return {};
    }
    switch (unit.front()) {
    case 'y':
    case 'Y':
        return "years";
    case 'm':
    case 'M':
        return "months";
    case 'd':
    case 'D':
        return "days";
    default:
        return {};
    }
}

bool takes_digits(std::string_view name) {
    return name == "ROUNDDOWN" || name == "ROUNDUP" || name == "TRUNC";
}

bool finds_place(std::string_view name) {
    return name == "MATCH";
}

namespace {

const std::map<std::string_view, DistributionForms>& all_distributions() {
    static const std::map<std::string_view, DistributionForms> all = {
        {"BINOMDIST", {"P(binomial($2, $3) <= $1)", "P(binomial($2, $3) = $1)"}},
        {"BINOM.DIST", {"P(binomial($2, $3) <= $1)", "P(binomial($2, $3) = $1)"}},
        {"POISSON", {"P(poisson($2) <= $1)", "P(poisson($2) = $1)"}},
        {"POISSON.DIST", {"P(poisson($2) <= $1)", "P(poisson($2) = $1)"}},
        {"NORMDIST", {"P(normal($2, $3) <= $1)", "density(normal($2, $3), $1)"}},
        {"NORM.DIST", {"P(normal($2, $3) <= $1)", "density(normal($2, $3), $1)"}},
        {"NORM.S.DIST", {"P(normal(0, 1) <= $1)", "density(normal(0, 1), $1)"}},
        {"EXPONDIST", {"P(exponential($2) <= $1)", "density(exponential($2), $1)"}},
        {"EXPON.DIST", {"P(exponential($2) <= $1)", "density(exponential($2), $1)"}},
        {"CHISQ.DIST", {"P(chi_squared($2) <= $1)", "density(chi_squared($2), $1)"}},
        {"T.DIST", {"P(student_t($2) <= $1)", "density(student_t($2), $1)"}},
        {"F.DIST", {"P(f_dist($2, $3) <= $1)", "density(f_dist($2, $3), $1)"}},
    };
    return all;
}

} // namespace

std::size_t DistributionForms::arguments() const {
    std::size_t out = 0;
    for (std::size_t at = cumulative.find('$'); at != std::string_view::npos; at = cumulative.find('$', at + 1)) {
        out = std::max(out, static_cast<std::size_t>(cumulative[at + 1] - '0'));
    }
    return out;
}

DistributionForms distribution_forms(std::string_view name) {
    const auto found = all_distributions().find(name);
    return found == all_distributions().end() ? DistributionForms() : found->second;
}

std::vector<std::pair<std::string_view, DistributionForms>> openformula_distributions() {
    return {all_distributions().begin(), all_distributions().end()};
}

std::vector<OpenFormulaFunction> openformula_functions() {
    return {std::begin(functions), std::end(functions)};
}

bool is_drawn(std::string_view name) {
    return name == "RAND" || name == "RANDBETWEEN" || name == "RANDARRAY" || name == "NOW";
}

} // namespace ledgefall
