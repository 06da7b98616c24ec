#include "core/study/builders/goodness_of_fit.h"

#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

/// The first column of numbers that says which row it is: the pooled rows are named by their first and last of it.
const ColumnDefinition* naming_column(const Table& table, Id observed, Id expected) {
    for (const auto& column : table.columns) {
        const bool other = !(column->id == observed) && !(column->id == expected);
        if (other && column->cells->kind() == Kind::number) {
            return &*column;
        }
    }
    return nullptr;
}

/// In the table of the counts: which rows are pooled. The name of the column that numbers the pools, and that of the
/// held number of them.
struct Pools {
    std::string column, count;
};
Pools add_pools(TableMaker& maker, const std::string& expected) {
    const std::string least = maker.free_here("least");
    const std::string reached = maker.free_here("reached");
    const std::string pool = maker.free_here("pool");
    const std::string pools = maker.free_here("pools");
    const std::string in_pool = maker.free_here("in_pool");
    const std::string full = reached + "[i-1] >= " + least;
    maker.held(least + " = 5", {N_("rows are pooled until so many are expected; 0: none are")});
    maker.column({N_("Expected in the pool so far")}, reached + " = first " + expected + " then if " + full + " then " +
                                                          expected + " else " + reached + "[i-1] + " + expected);
    maker.column({N_("Pool")}, pool + " = first 1 then " + pool + "[i-1] + (if " + full + " then 1 else 0)");
    maker.held(pools + " = larger(1, " + pool + "[last] - (if " + reached + "[last] >= " + least + " then 0 else 1))",
               {N_("number of pools; a last one that stays short joins the one before")});
    maker.column({N_("In pool")}, in_pool + " = smaller(" + pool + ", " + pools + ")");
    maker.hide(reached);
    maker.hide(pool);
    return {in_pool, pools};
}

} // namespace

Result<Study> goodness_of_fit_table(const Study& study, Id observed, Id expected, Id* added) {
    const Table* source = table_with(study, &Table::columns, observed);
    if (source == nullptr || source->column(expected) == nullptr || observed == expected || source->two_way()) {
        return Sentence{N_("This needs two columns of one table: select the observed counts and the expected ones."),
                        {}};
    }
    const std::string owner = source->name + ".";
    const std::string of_observed = owner + source->column(observed)->name;
    const std::string of_expected = owner + source->column(expected)->name;
    const ColumnDefinition* naming = naming_column(*source, observed, expected);
    TableMaker pooling(study, source->id);
    const Pools pools = add_pools(pooling, source->column(expected)->name);
    Id table;
    Result<Study> begun = pooling.study()
                              ? add_table(*pooling.study(), worded({N_("%1, pooled"), {source->shown_label()}}), &table)
                              : pooling.study();
    begun = begun ? count_rows(*begun, table, owner + pools.count) : begun;
    if (!begun) {
        return begun;
    }
    if (added != nullptr) {
        *added = table;
    }
    TableMaker maker(*begun, table);
    const std::string here = " where " + owner + pools.column + " = row)";
    if (naming != nullptr) {
        maker.column({N_("%1, from"), {naming->shown_label()}}, "from_row = min(" + owner + naming->name + here);
        maker.column({N_("%1, to"), {naming->shown_label()}}, "to_row = max(" + owner + naming->name + here);
    }
    const Format two_decimals{Format::Style::decimals, 2};
    maker.column({N_("Observed")}, "observed = sum(" + of_observed + here);
    maker.column({N_("Expected")}, "expected = sum(" + of_expected + here, two_decimals);
    maker.column({N_("Part of χ²")}, "part = (observed - expected)^2 / expected", {Format::Style::decimals, 3});
    maker.held("chi2 = sum(part)", {N_("chi-squared of observed against expected counts")});
    maker.held("fitted = 0", {N_("number of parameters estimated from the counts")});
    maker.held("freedom = count(expected) - 1 - fitted", {N_("degrees of freedom")});
    maker.held("p_value = P(chi_squared(freedom) >= chi2)",
               {N_("probability of a chi-squared this large or larger, if the expectation holds")});
    maker.held("smallest_expected = min(expected)", {N_("smallest expected count")});
    maker.held("below_5 = count(expected < 5)", {N_("number of expected counts below 5")});
    maker.foot({N_("sum")}, "sum(each)", {"observed", "expected", "part"});
    maker.check({N_("as many are expected as were observed")},
                "|sum(observed) - sum(expected)| <= 0.005 * sum(observed)",
                {N_("The totals differ. Expected counts are the probabilities times the number observed.")});
    maker.check({N_("expected counts are large enough for chi-squared")},
                "smallest_expected >= 1 and below_5 <= count(expected) / 5",
                {N_("Some expected counts are small. Raise the least that rows are pooled to.")});
    return maker.study();
}

} // namespace ledgefall
