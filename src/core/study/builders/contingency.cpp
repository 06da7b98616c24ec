#include "core/study/builders/contingency.h"

#include "core/formula/names.h"
#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

/// A value as a formula writes it.
std::string written(const Value& value) {
    if (value.kind() == Kind::text) {
        std::string text;
        for (const char c : value.text().str()) {
            text += c == '"' ? "\"\"" : std::string(1, c);
        }
        return "\"" + text + "\"";
    }
    return value.kind() == Kind::yes_no ? (value.yes() ? "yes" : "no") : write_cell(value);
}

} // namespace

Result<Study> contingency_table(const Study& study, Id down, Id across, const std::vector<Value>& values, bool expected,
                                Id* added) {
    const Table* source = table_with(study, &Table::columns, down);
    if (source == nullptr || source->column(across) == nullptr || down == across) {
        return Sentence{"Counts of pairs are taken of two columns of one table: choose both.", {}};
    }
    const ColumnDefinition& first = *source->column(down);
    const ColumnDefinition& second = *source->column(across);
    if (values.empty() || values.size() > most_across) {
        return Sentence{values.empty()
                            ? "%1 has no values to be counted."
                            : "%1 has more than %2 different values, too many for a column each: take it down.",
                        {second.shown_label(), std::to_string(most_across)}};
    }
    Id table;
    Result<Study> begun = add_table(study, worded({"%1 by %2", {first.shown_label(), second.shown_label()}}), &table);
    Categories categories;
    categories.of = down;
    begun = begun ? category_rows(*begun, table, first.name, categories) : begun;
    if (!begun) {
        return begun;
    }
    if (added != nullptr) {
        *added = table;
    }
    TableMaker maker(*begun, table);
    const auto free_here = [&maker, table](const std::string& wanted) {
        return free_name(wanted, [&](const std::string& name) {
            return maker.study() && name_refused(*maker.study(), maker.study()->table(table), name).has_value();
        });
    };
    const std::string of_down = source->name + "." + first.name;
    const std::string of_across = source->name + "." + second.name;
    std::vector<std::string> counts;
    for (const Value& value : values) {
        const std::string label = write_cell(value);
        counts.push_back(free_here(name_from_label(label)));
        maker.column({"%1", {label}}, counts.back() + " = count(" + of_down + " = " + first.name + " and " + of_across +
                                          " = " + written(value) + ")");
    }
    const std::string in_row = free_here("row_total");
    maker.column({"Total"}, in_row + " = sum(" + counts.front() + "[i] .. " + counts.back() + "[i])");
    const std::string all = free_here("n");
    maker.held(all + " = sum(" + in_row + ")", {"how many pairs are counted"});
    std::vector<std::string> summed = counts;
    summed.push_back(in_row);
    if (expected) {
        std::vector<std::string> wanted;
        std::string parts;
        for (std::size_t at = 0; at < counts.size(); ++at) {
            wanted.push_back(free_here(counts[at] + "_exp"));
            maker.column({"%1, expected", {write_cell(values[at])}},
                         wanted.back() + " = " + in_row + " * sum(" + counts[at] + ") / " + all,
                         {Format::Style::decimals, 2});
            parts += (at == 0 ? "" : " + ") + std::string("chi2_stat(") + counts[at] + ", " + wanted.back() + ")";
        }
        summed.insert(summed.end(), wanted.begin(), wanted.end());
        const std::string chi2 = free_here("chi2");
        const std::string freedom = free_here("freedom");
        maker.held(chi2 + " = " + parts, {"chi-squared of all counts against the expected ones"});
        maker.held(freedom + " = (rows - 1) * " + std::to_string(counts.size() - 1), {"degrees of freedom"});
        maker.held(free_here("p_value") + " = P(chi_squared(" + freedom + ") >= " + chi2 + ")",
                   {"how likely so much or more is where the two have nothing to do with each other"});
    }
    maker.foot({"sum"}, "sum(each)", summed);
    maker.check({"every pair is counted"},
                all + " = count(not is_missing(" + of_down + ") and not is_missing(" + of_across + "))",
                {"Some pairs are in no cell: %1 has a value that has no column yet.", {second.shown_label()}});
    return maker.study();
}

} // namespace ledgefall
