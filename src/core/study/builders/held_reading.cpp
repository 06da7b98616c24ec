#include "core/study/builders/held_reading.h"

#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"
#include "core/study/model/study_part.h"

namespace ledgefall {
namespace {

/// The first column whose formula begins with a word, as `f = count(…)`; null where there is none.
const ColumnDefinition* column_of(const Table& table, std::string_view begun) {
    for (const auto& column : table.columns) {
        if (column->computed() && column->pieces.front().formula.text().starts_with(begun)) {
            return &*column;
        }
    }
    return nullptr;
}

} // namespace

Result<Study> hold_reading(const Study& study, Id id, double x, Id* held) {
    const Chart* chart = find_part(study, DefinitionId(id)).chart;
    const Table* table = chart == nullptr ? nullptr : study.table(chart->table);
    const ColumnDefinition* counts = table == nullptr ? nullptr : column_of(*table, "count(");
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
