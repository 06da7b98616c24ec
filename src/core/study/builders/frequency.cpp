#include "core/study/builders/frequency.h"

#include "core/formula/names.h"
#include "core/formula/text_literal.h"
#include "core/study/builders/table_maker.h"
#include "core/study/edits/class_words.h"
#include "core/study/model/parts.h"

#include <cmath>

namespace ledgefall {
namespace {

const Format in_percent{Format::Style::percent, 1};

/// What both kinds of frequency tables have: shares of the counts, and what they come to further down.
void add_shares(TableMaker& maker, const FrequencyParts& parts) {
    if (parts.tally) {
        maker.column({N_("Tally")}, "strokes = tally(f)");
    }
    if (parts.relative) {
        maker.column({N_("Share")}, "rel = f / n", in_percent);
    }
    if (parts.percent) {
        maker.column({N_("Per cent")}, "percent = 100 * f / n", {Format::Style::decimals, 1});
    }
    if (parts.cumulative) {
        maker.column({N_("Cumulative")}, "cum = sum(f[1..i])");
    }
    if (parts.cumulative_share) {
        maker.column({N_("Cumulative share")}, "cum_rel = sum(f[1..i]) / n", in_percent);
    }
    if (parts.cumulative_down) {
        maker.column({N_("Cumulative from above")}, "down = sum(f[i..last])");
    }
}

/// The first of the classes with the greatest density, and the mode interpolated between it and its neighbours.
void add_mode(TableMaker& maker) {
    maker.column({N_("Frequency density")}, "per_width = f / (upper - lower)");
    maker.held("modal_row = min(row where per_width = max(per_width))",
               {N_("row of the modal class, the first where there are several")});
    maker.held("grouped_mode = lower[modal_row] + (upper[modal_row] - lower[modal_row]) * (per_width[modal_row] - "
               "default(per_width[modal_row - 1], 0)) / (2 * per_width[modal_row] - default(per_width[modal_row - 1], "
               "0) - default(per_width[modal_row + 1], 0))",
               {N_("interpolated within the modal class by its neighbours")});
}

/// The counts of one group, its shares, and its mean and spread on the ledge.
void add_group(TableMaker& maker, const std::string& data, const std::string& condition, const std::string& group,
               const FrequencyParts& parts, GroupColumns& made) {
    const std::string suffix = name_from_label(group);
    const std::string f = maker.free_here("f_" + suffix);
    maker.column({N_("Count, %1"), {group}}, f + " = count(" + data + " in class and " + condition + ")");
    const std::string share = maker.free_here("rel_" + suffix);
    made.counts.push_back(f);
    made.shares.push_back(share);
    maker.column({N_("Share, %1"), {group}}, share + " = " + f + " / sum(" + f + ")", in_percent);
    if (parts.measures) {
        const std::string spread = parts.population ? " = wsd_pop(mid, " : " = wsd(mid, ";
        maker.held(maker.free_here("mean_" + suffix) + " = wmean(mid, " + f + ")",
                   {N_("mean of %1, from the class midpoints"), {group}});
        maker.held(maker.free_here("sd_" + suffix) + spread + f + ")",
                   {N_("standard deviation of %1, from the class midpoints"), {group}});
    }
}

/// The counts of each group in the same classes, side by side, and their shares of the group.
GroupColumns add_groups(TableMaker& maker, const Table& source, const std::string& data, const FrequencyParts& parts) {
    GroupColumns made;
    const ColumnDefinition* by = source.column(parts.by);
    if (by == nullptr) {
        return made;
    }
    const std::string is_group = source.name + "." + by->name + " = ";
    for (const std::string& group : parts.groups) {
        add_group(maker, data, is_group + text_literal(group), group, parts, made);
    }
    std::string all;
    for (const std::string& f : made.counts) {
        all.append(all.empty() ? "" : " + ").append("sum(").append(f).append(")");
    }
    maker.check({N_("every value belongs to a group")}, all + " = sum(f)",
                {N_("Some values belong to none of the groups that are counted here. Look for empty or new names.")});
    return made;
}

/// What a reader of the table has to know of it, as text that follows the data and the classes.
void add_caption(TableMaker& maker, const std::string& data, const Classes& classes, const FrequencyParts& parts) {
    maker.held(std::string(class_rule_name) + " = " + text_literal(class_words(classes, parts.rule)),
               {N_("how the classes were chosen")});
    maker.held("caption = join(\"n = \", n, \"; \", class_rule, " + text_literal("; ") + ", join(count(" + data +
                   ") - n, " + text_literal(worded({N_(" outside the classes")})) + "))",
               {N_("what the reader of the table needs to know")});
}

/// A name of the language's own words or functions would be read otherwise.
std::string category_name(Categories::By by, const ColumnDefinition& of) {
    switch (by) {
    case Categories::By::month:
        return "month";
    case Categories::By::year:
        return "year";
    case Categories::By::weekday:
        return "weekday";
    case Categories::By::value:
        break;
    }
    return of.name == "f" || of.name == "n" || of.name == "rel" || of.name == "cum" ? of.name + "_value" : of.name;
}

Sentence by_calendar(Categories::By by, const ColumnDefinition& of) {
    const char* const pattern = by == Categories::By::month  ? N_("%1 by month")
                                : by == Categories::By::year ? N_("%1 by year")
                                                             : N_("%1 by weekday");
    return {pattern, {of.shown_label()}};
}

std::string count_of(Categories::By by, const std::string& data, const std::string& name) {
    switch (by) {
    case Categories::By::month:
        return "f = count(year(" + data + ") = year(month) and month(" + data + ") = month(month))";
    case Categories::By::year:
        return "f = count(year(" + data + ") = year)";
    case Categories::By::weekday:
        return "f = count(weekday(" + data + ") = row)";
    case Categories::By::value:
        break;
    }
    return "f = count(" + data + " = " + name + ")";
}

} // namespace

Result<Study> frequency_table(const Study& study, Id id, const Classes& classes, const FrequencyParts& parts, Id* added,
                              GroupColumns* groups) {
    const Table* source = table_with(study, &Table::columns, id);
    const ColumnDefinition* column = source == nullptr ? nullptr : source->column(id);
    if (column == nullptr) {
        return no_such_part;
    }
    Id table;
    Result<Study> begun = add_table(study, worded({N_("%1, classes"), {column->shown_label()}}), &table);
    begun = begun ? class_rows(*begun, table, "class", classes) : begun;
    if (!begun) {
        return begun;
    }
    if (added != nullptr) {
        *added = table;
    }
    const std::string data = source->name + "." + column->name;
    TableMaker maker(*begun, table);
    const bool recorded = classes.recorded_to > 0; // limits as written are not where the classes meet
    maker.column({recorded ? N_("Lower boundary") : N_("From")}, "lower = lower(class)");
    maker.column({recorded ? N_("Upper boundary") : N_("To")}, "upper = upper(class)");
    if (parts.middle || parts.measures) {
        maker.column({N_("Midpoint")}, "mid = mid(class)");
    }
    maker.column({N_("Count")}, "f = count(" + data + " in class)");
    maker.held("n = sum(f)", {N_("number of values in the classes")});
    const GroupColumns by_group = add_groups(maker, *source, data, parts);
    if (groups != nullptr) {
        *groups = by_group;
    }
    add_shares(maker, parts);
    if (parts.density) {
        maker.column({N_("Relative frequency density")}, "density = f / n / (upper - lower)");
    }
    const bool open = classes.open_below || classes.open_above; // whose middles are infinite
    if (parts.measures && !open) {
        maker.held("grouped_mean = wmean(mid, f)", {N_("from the class midpoints")});
        if (parts.population) {
            maker.held("grouped_var = wvar_pop(mid, f)", {N_("σ² from the class midpoints, divided by n")});
            maker.held("grouped_sd = sqrt(grouped_var)", {N_("σ, of a whole population")});
        } else {
            maker.held("grouped_var = wvar(mid, f)", {N_("s² from the class midpoints, divided by n − 1")});
            maker.held("grouped_sd = sqrt(grouped_var)", {N_("s, of a sample; for a population wsd_pop(mid, f)")});
        }
        maker.held("grouped_q1 = grouped_quantile(lower, upper, f, 0.25)", {N_("interpolated within its class")});
        maker.held("grouped_median = grouped_quantile(lower, upper, f, 0.5)", {N_("interpolated within its class")});
        maker.held("grouped_q3 = grouped_quantile(lower, upper, f, 0.75)", {N_("interpolated within its class")});
    }
    if (parts.mode && !open) {
        add_mode(maker);
    }
    if (!parts.rule.empty()) {
        add_caption(maker, data, classes, parts);
    }
    maker.foot({N_("sum")}, "sum(each)", {"f", "rel", "percent"});
    maker.check({N_("every value of %1 is in a class"), {column->shown_label()}}, "n = count(" + data + ")",
                {N_("Some values of %1 are in no class. Check them for mistakes, or widen the classes."),
                 {column->shown_label()}});
    return maker.study();
}

Result<Study> stem_and_leaf(const Study& study, Id id, const Column& cells, Id* added) {
    const Table* source = table_with(study, &Table::columns, id);
    const ColumnDefinition* column = source == nullptr ? nullptr : source->column(id);
    double least = HUGE_VAL;
    double most = -HUGE_VAL;
    for (std::size_t row = 0; row < cells.size() && cells.kind() == Kind::number; ++row) {
        if (cells.at(row).plain() && std::isfinite(cells.at(row).number())) {
            least = std::min(least, cells.at(row).number());
            most = std::max(most, cells.at(row).number());
        }
    }
    if (column == nullptr || cells.kind() != Kind::number || !(0 <= least && least <= most)) {
        return Sentence{N_("Stems and leaves need a column of numbers of 0 or more."), {}};
    }
    constexpr double most_stems = 15;
    double unit = most == 0 ? 1 : std::pow(10, std::floor(std::log10(most)) - 2);
    while (std::floor(most / (10 * unit)) - std::floor(least / (10 * unit)) + 1 > most_stems) {
        unit *= 10;
    }
    Id table;
    Result<Study> begun = add_table(study, worded({N_("%1, stems and leaves"), {column->shown_label()}}), &table);
    if (!begun) {
        return begun;
    }
    const std::string data = source->name + "." + column->name;
    TableMaker maker(*begun, table);
    maker.held("unit = " + shortest(unit), {N_("place of the leaf")});
    maker.held("first_stem = floor(min(" + data + ") / (10 * unit))", {N_("stem of the smallest value")});
    maker.take(maker.study()
                   ? count_rows(*maker.study(), table, "floor(max(" + data + ") / (10 * unit)) - first_stem + 1")
                   : maker.study());
    maker.column({N_("Stem")}, "stem = first_stem + row - 1");
    maker.column({N_("Leaves")}, "leaves_in_order = leaves(" + data + ", stem, unit)");
    maker.column({N_("Count")}, "f = floor((length(leaves_in_order) + 1) / 2)");
    maker.held("key = join(first_stem, \" | 5 = \", sigfig((10 * first_stem + 5) * unit, 12)" +
                   (column->unit.empty() ? std::string() : ", " + text_literal(" " + column->unit)) + ")",
               {N_("key: how a stem and a leaf are read")});
    maker.foot({N_("sum")}, "sum(each)", {"f"});
    maker.check({N_("every value of %1 has a leaf"), {column->shown_label()}}, "sum(f) = count(" + data + ")",
                {N_("Some values have no leaf. Values below 0 have none.")});
    if (added != nullptr) {
        *added = table;
    }
    return maker.study();
}

Id counted_column(const Study& study, const Table& table) {
    Id match;
    for (const auto& column : table.columns) {
        for (const Piece& piece : column->pieces) {
            if (!match.empty() || !piece.formula.tree()) {
                continue;
            }
            for_each_name(*piece.formula.tree(), [&](const Node& name) {
                const Binding meant = meaning_of(study, &table, name);
                if (meant.column != nullptr && meant.table->id != table.id && match.empty()) {
                    match = meant.column->id;
                }
            });
        }
    }
    return match;
}

Result<Study> category_table(const Study& study, const Categories& categories, const FrequencyParts& parts, Id* added) {
    const Table* source = table_with(study, &Table::columns, categories.of);
    const ColumnDefinition* column = source == nullptr ? nullptr : source->column(categories.of);
    if (column == nullptr) {
        return no_such_part;
    }
    const bool calendar = categories.by != Categories::By::value;
    if (calendar && column->cells->kind() != Kind::date && !column->computed()) {
        return Sentence{N_("Months, years and weekdays need a column of dates, but %1 holds %2."),
                        {column->shown_label(), kind_in_words(column->cells->kind())}};
    }
    const std::string name = category_name(categories.by, *column);
    Id table;
    Result<Study> begun = add_table(
        study,
        worded(calendar ? by_calendar(categories.by, *column) : Sentence{N_("%1, counted"), {column->shown_label()}}),
        &table);
    begun = begun ? category_rows(*begun, table, name, categories) : begun;
    if (!begun) {
        return begun;
    }
    if (added != nullptr) {
        *added = table;
    }
    const std::string data = source->name + "." + column->name;
    TableMaker maker(*begun, table);
    maker.column({N_("Count")}, count_of(categories.by, data, name));
    maker.held("n = sum(f)", {N_("number of values counted")});
    add_shares(maker, parts);
    maker.foot({N_("sum")}, "sum(each)", {"f", "rel", "percent"});
    maker.check({N_("every value of %1 is counted"), {column->shown_label()}},
                "n = count(not is_missing(" + data + "))",
                {N_("Some values of %1 are in no row. Look for cells of another kind."), {column->shown_label()}});
    return maker.study();
}

} // namespace ledgefall
