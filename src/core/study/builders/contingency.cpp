#include "core/study/builders/contingency.h"

#include "core/study/builders/table_maker.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/model/parts.h"

namespace ledgefall {

Result<Study> contingency_table(const Study& study, Id down, Id across, Id* added) {
    const Table* source = table_with(study, &Table::columns, down);
    if (source == nullptr || source->column(across) == nullptr || down == across) {
        return Sentence{N_("Counting pairs needs two columns of one table. Select both."), {}};
    }
    const ColumnDefinition& first = *source->column(down);
    const ColumnDefinition& second = *source->column(across);
    const std::string of_down = source->name + "." + first.name;
    const std::string of_across = source->name + "." + second.name;
    Id table;
    Result<Study> begun = add_two_way_table(
        study, worded({N_("%1 by %2"), {first.shown_label(), second.shown_label()}}),
        {first.label, first.name, first.unit, of_down}, {second.label, second.name, second.unit, of_across}, &table);
    if (!begun) {
        return begun;
    }
    if (added != nullptr) {
        *added = table;
    }
    TableMaker maker(*begun, table);
    const auto free_here = [&maker](const char* wanted) { return maker.free_here(wanted); };
    const std::string n = free_here("n");
    maker.column({"n"},
                 n + " = count(" + of_down + " = " + first.name + " and " + of_across + " = " + second.name + ")");
    const Format percent{Format::Style::percent, 1};
    const std::string of_row = "sum(" + n + "[i, ..])";
    const std::string of_column = "sum(" + n + "[.., j])";
    const std::string in_row = free_here("of_row");
    maker.column({N_("share of the row")}, in_row + " = " + n + " / " + of_row, percent);
    const std::string in_column = free_here("of_column");
    maker.column({N_("share of the column")}, in_column + " = " + n + " / " + of_column, percent);
    maker.column({N_("share of all")}, free_here("of_all") + " = " + n + " / sum(" + n + ")", percent);
    const std::string expected = free_here("expected");
    const Format two_decimals{Format::Style::decimals, 2};
    maker.column({"expected"}, expected + " = " + of_row + " * " + of_column + " / sum(" + n + ")", two_decimals);
    maker.column({"residual"}, free_here("residual") + " = (" + n + " - " + expected + ") / sqrt(" + expected + ")",
                 two_decimals);
    const std::string part = free_here("part");
    maker.column({N_("part of χ²")}, part + " = (" + n + " - " + expected + ")^2 / " + expected, two_decimals);
    const std::string all = free_here("all");
    maker.held(all + " = sum(" + n + ")", {N_("number of pairs counted")});
    const std::string chi2 = free_here("chi2");
    const std::string freedom = free_here("freedom");
    maker.held(chi2 + " = sum(" + part + ")", {N_("chi-squared of observed against expected counts")});
    maker.held(freedom + " = (count(" + first.name + ") - 1) * (count(" + second.name + ") - 1)",
               {N_("degrees of freedom")});
    maker.held(free_here("p_value") + " = P(chi_squared(" + freedom + ") >= " + chi2 + ")",
               {N_("probability of a chi-squared this large or larger if the two are independent")});
    maker.held(free_here("cramers_v") + " = sqrt(" + chi2 + " / (" + all + " * (smaller(count(" + first.name +
                   "), count(" + second.name + ")) - 1)))",
               {N_("strength of association, from 0 to 1 (Cramér's V)")});
    const std::string smallest = free_here("smallest_expected");
    const std::string below_5 = free_here("below_5");
    maker.held(smallest + " = min(" + expected + ")", {N_("smallest expected count")});
    maker.held(below_5 + " = count(" + expected + " < 5)", {N_("number of expected counts below 5")});
    maker.foot({N_("sum")}, "sum(each)", {n, expected, part});
    maker.check({N_("expected counts are large enough for chi-squared")},
                smallest + " >= 1 and " + below_5 + " <= count(" + expected + ") / 5",
                {N_("Some expected counts are small. Count rarer values together, or collect more.")});
    maker.check({N_("every pair is counted")},
                all + " = count(not is_missing(" + of_down + ") and not is_missing(" + of_across + "))",
                {N_("Some pairs are in no cell.")});
    return maker.study();
}

} // namespace ledgefall
