#include "core/study/builders/held_reading.h"

#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"
#include "core/study/model/scope.h"
#include "core/study/model/study_part.h"

namespace ledgefall {
namespace {

/// The counts that a cumulative column adds up, as the f of `sum(f[1..i])`; null where its formula names none.
const ColumnDefinition* counts_of(const Study& study, const Table& table, const ColumnDefinition& cumulative) {
    const ColumnDefinition* counts = nullptr;
    if (!cumulative.computed() || !cumulative.pieces.front().formula.tree()) {
        return nullptr;
    }
    for_each_name(*cumulative.pieces.front().formula.tree(), [&](const Node& name) {
        const ColumnDefinition* meant = meaning_of(study, &table, name).column;
        const bool counted =
            meant != nullptr && meant->computed() && meant->pieces.front().formula.text().starts_with("count(");
        counts = counts == nullptr && counted ? meant : counts;
    });
    return counts;
}

/// The curve that a chart is read by: its first cumulative one.
const ColumnDefinition* curve_of(const Table& table, const Chart& chart) {
    for (const Series& series : chart.series) {
        if (kind_of(series.form).running) {
            return table.column(series.y);
        }
    }
    return nullptr;
}

} // namespace

Result<Study> hold_reading(const Study& study, Id id, double x, Id* held) {
    const Chart* chart = find_part(study, DefinitionId(id)).chart;
    const Table* table = chart == nullptr ? nullptr : study.table(chart->table);
    const ColumnDefinition* curve = table == nullptr ? nullptr : curve_of(*table, *chart);
    const ColumnDefinition* counts = curve == nullptr ? nullptr : counts_of(study, *table, *curve);
    if (counts == nullptr || !table->axis.column) {
        return Sentence{N_("Reading a curve needs the classes and the counts that it is drawn of. Draw the cumulative "
                           "column of a frequency table."),
                        {}};
    }
    const std::string classes = table->name + "." + (*table->axis.column)->name;
    TableMaker maker(study, Id());
    const std::string name = maker.free_here("share_up_to");
    maker.held(name + " = grouped_share(lower(" + classes + "), upper(" + classes + "), " + table->name + "." +
                   counts->name + ", " + shortest(x) + ")",
               {N_("share of %1 up to %2, read off the cumulative curve"), {table->shown_label(), shortest(x)}});
    if (held != nullptr && maker.study()) {
        *held = maker.study()->held_named(name)->id;
    }
    return maker.study();
}

Result<Study> hold_fences(const Study& study, Id id) {
    const Table* table = table_with(study, &Table::columns, id);
    if (table == nullptr || table->two_way()) {
        return Sentence{N_("Fences need a column of numbers. Select one."), {}};
    }
    const std::string& x = table->column(id)->name;
    const std::string low = x + "_lower_fence";
    const auto is_low = [&low](const auto& one) { return one->name == low; };
    if (std::any_of(table->ledge.begin(), table->ledge.end(), is_low)) {
        return study;
    }
    TableMaker maker(study, table->id);
    maker.held(low + " = q1(" + x + ") - 1.5 * iqr(" + x + ")", {N_("values below are outliers (Tukey 1977)")});
    maker.held(x + "_upper_fence = q3(" + x + ") + 1.5 * iqr(" + x + ")",
               {N_("values above are outliers (Tukey 1977)")});
    return maker.study();
}

} // namespace ledgefall
