#include "core/study/builders/frequency.h"

#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"

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

Result<Study> frequency_table(const Study& study, Id id, const Classes& classes, const FrequencyParts& parts,
                              Id* added) {
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
    add_shares(maker, parts);
    if (parts.density) {
        maker.column({N_("Relative frequency density")}, "density = f / n / (upper - lower)");
    }
    const bool open = classes.open_below || classes.open_above; // whose middles are infinite
    if (parts.measures && !open) {
        maker.held("grouped_mean = wmean(mid, f)", {N_("from the class midpoints")});
        maker.held("grouped_var = wvar(mid, f)", {N_("from the class midpoints, divided by n − 1")});
        maker.held("grouped_sd = sqrt(grouped_var)", {N_("of a sample; for a population wsd_pop(mid, f)")});
        maker.held("grouped_q1 = grouped_quantile(lower, upper, f, 0.25)", {N_("interpolated within its class")});
        maker.held("grouped_median = grouped_quantile(lower, upper, f, 0.5)", {N_("interpolated within its class")});
        maker.held("grouped_q3 = grouped_quantile(lower, upper, f, 0.75)", {N_("interpolated within its class")});
    }
    if (parts.mode && !open) {
        add_mode(maker);
    }
    maker.foot({N_("sum")}, "sum(each)", {"f", "rel", "percent"});
    maker.check({N_("every value of %1 is in a class"), {column->shown_label()}}, "n = count(" + data + ")",
                {N_("Some values of %1 are in no class. Check them for mistakes, or widen the classes."),
                 {column->shown_label()}});
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
