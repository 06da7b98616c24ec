#include "core/study/builders/distribution_tables.h"

#include "core/formula/names.h"
#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

const Format four_decimals{Format::Style::decimals, 4};

/// A study with the distribution held, and its name; one that is a name already stays.
struct HeldDistribution {
    Result<Study> study;
    std::string name;
};
HeldDistribution hold_distribution(const Study& study, const std::string& formula) {
    if (study.held_named(formula) != nullptr) {
        return {study, formula};
    }
    TableMaker maker(study, Id());
    const std::string name = maker.free_here("D");
    maker.held(name + " = " + formula, {N_("the distribution")});
    return {maker.study(), name};
}

/// A table whose rows are the values of the distribution `$D` near its mean.
Result<Study> begun_table(const HeldDistribution& held, const Sentence& title, Id* added) {
    if (!held.study) {
        return held.study;
    }
    const std::string d = "ledge." + held.name;
    Result<Study> begun = add_table(*held.study, worded(title), added);
    if (!begun) {
        return begun;
    }
    TableMaker maker(*begun, *added);
    maker.held("first_k = quantile(" + d + ", 0.00005)", {N_("first value in the table")});
    maker.held("last_k = quantile(" + d + ", 0.99995)", {N_("last value in the table")});
    maker.take(maker.study() ? count_rows(*maker.study(), *added, "last_k - first_k + 1") : maker.study());
    maker.column({"k"}, "k = first_k + row - 1");
    return maker.study();
}

} // namespace

Result<Study> critical_region(const Study& study, const std::string& distribution, double level, CriticalSide side,
                              Id* held) {
    if (!(level > 0 && level < 1)) {
        return Sentence{N_("A significance level must be between 0 and 1, such as 0.05."), {}};
    }
    const HeldDistribution of = hold_distribution(study, distribution);
    if (!of.study) {
        return of.study;
    }
    TableMaker maker(*of.study, Id());
    const std::string alpha = maker.free_here("alpha");
    maker.held(alpha + " = " + shortest(level), {N_("significance level")});
    const std::string each = side == CriticalSide::both ? alpha + " / 2" : alpha;
    std::string size;
    if (side != CriticalSide::large) {
        const std::string low = maker.free_here("critical_up_to");
        maker.held(low + " = critical_low(" + of.name + ", " + each + ")",
                   {N_("values up to this one are in the critical region")});
        size = "P(" + of.name + " <= " + low + ")";
    }
    if (side != CriticalSide::small) {
        const std::string high = maker.free_here("critical_from");
        maker.held(high + " = critical_high(" + of.name + ", " + each + ")",
                   {N_("values from this one on are in the critical region")});
        size += (size.empty() ? "P(" : " + P(") + of.name + " >= " + high + ")";
    }
    maker.held(maker.free_here("actual_size") + " = " + size,
               {N_("probability of the critical region, at most the level")});
    if (held != nullptr && maker.study()) {
        *held = maker.study()->ledge.back()->id;
    }
    return maker.study();
}

Result<Study> probability_table(const Study& study, const std::string& distribution, Id* added) {
    const HeldDistribution held = hold_distribution(study, distribution);
    Result<Study> begun = begun_table(held, {N_("Probabilities of %1"), {distribution}}, added);
    if (!begun) {
        return begun;
    }
    TableMaker maker(*begun, *added);
    const std::string d = "ledge." + held.name;
    maker.column({"P(D = k)"}, "p = P(" + d + " = k)", four_decimals);
    maker.column({"P(D ≤ k)"}, "up_to = P(" + d + " <= k)", four_decimals);
    maker.column({"P(D ≥ k)"}, "from_k = P(" + d + " >= k)", four_decimals);
    maker.foot({N_("sum")}, "sum(each)", {"p"});
    return maker.study();
}

Result<Study> approximation_table(const Study& study, const std::string& distribution, Id* added) {
    const HeldDistribution held = hold_distribution(study, distribution);
    Result<Study> begun = begun_table(held, {N_("Normal approximation of %1"), {distribution}}, added);
    if (!begun) {
        return begun;
    }
    TableMaker maker(*begun, *added);
    const std::string d = "ledge." + held.name;
    maker.held("m = mean(" + d + ")", {N_("mean")});
    maker.held("s = sd(" + d + ")", {N_("standard deviation")});
    maker.column({N_("Exact P(D ≤ k)")}, "exact = P(" + d + " <= k)", four_decimals);
    maker.column({N_("Normal, to k + ½")}, "approximate = P(normal(m, s) <= k + 0.5)", four_decimals);
    maker.column({N_("Error")}, "error = approximate - exact", {Format::Style::significant, 2});
    maker.held("largest_error = max(abs(error))", {N_("largest error of the approximation")});
    return maker.study();
}

Result<Study> fit_counts(const Study& study, Id values, Id counts, FittedFamily family, Id* added) {
    const Table* table = table_with(study, &Table::columns, values);
    if (table == nullptr || table->column(counts) == nullptr || values == counts || table->two_way()) {
        return Sentence{N_("Fitting needs two columns of one table: select the values and their observed counts."), {}};
    }
    const std::string& x = table->column(values)->name;
    const std::string& f = table->column(counts)->name;
    TableMaker maker(study, table->id);
    const std::string expected = maker.free_here("expected");
    std::string distribution;
    if (family == FittedFamily::poisson) {
        const std::string mean = maker.free_here("lambda");
        maker.held(mean + " = wmean(" + x + ", " + f + ")", {N_("mean, estimated from the counts")});
        distribution = "poisson(" + mean + ")";
    } else {
        const std::string trials = maker.free_here("trials");
        const std::string p = maker.free_here("p_estimated");
        maker.held(trials + " = max(" + x + ")", {N_("number of trials; type it where the largest value is not it")});
        maker.held(p + " = wmean(" + x + ", " + f + ") / " + trials, {N_("probability, estimated from the counts")});
        distribution = "binomial(" + trials + ", " + p + ")";
    }
    maker.column({N_("Expected")}, expected + " = sum(" + f + ") * P(" + distribution + " = " + x + ")",
                 {Format::Style::decimals, 2});
    if (added != nullptr && maker.study()) {
        *added = maker.study()->table(table->id)->column_named(expected)->id;
    }
    return maker.study();
}

} // namespace ledgefall
