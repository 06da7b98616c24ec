// Where a table's rows come from.

#include "core/study/edits/class_words.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"
#include "core/study/row_sources/category_rows.h"
#include "core/study/row_sources/class_rows.h"
#include "core/study/row_sources/counted_rows.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {

namespace {

/// Why a table takes no other rows; nothing where it does.
std::optional<Sentence> rows_refused(const Study& study, Id id) {
    const Table* table = study.table(id);
    return table == nullptr   ? std::optional(no_such_part)
           : table->two_way() ? std::optional(table->rows_are_fixed())
                              : std::nullopt;
}

} // namespace

Result<Study> count_rows(Study study, Id id, const std::string& count) {
    if (auto refused = rows_refused(study, id)) {
        return *refused;
    }
    const Formula formula(count);
    if (formula.mistake()) {
        return formula.mistake()->what;
    }
    const auto counted = with_table(std::move(study), id, [&formula](Table& table) {
        const Formula* until = table.axis.source->until();
        table.axis = Axis(std::make_shared<CountedRows>(formula, until == nullptr ? Formula() : *until), {}, "");
    });
    return counted ? without_lost_series(*counted) : counted;
}

Result<Study> stop_rows(Study study, Id id, const std::string& until) {
    const Formula condition = until.empty() ? Formula() : Formula(until);
    if (condition.mistake()) {
        return condition.mistake()->what;
    }
    const Table* table = study.table(id);
    if (table == nullptr || table->axis.rows_as<CountedRows>() == nullptr) {
        return table == nullptr
                   ? no_such_part
                   : Sentence{N_("Only counted rows can stop early. Give %1 a number of rows first."), {table->name}};
    }
    return with_table(std::move(study), id, [&condition](Table& copy) {
        copy.axis.source = std::make_shared<CountedRows>(*copy.axis.source->count(), condition);
    });
}

namespace {

std::optional<Sentence> classes_refused(const Classes& classes) {
    constexpr std::size_t most_classes = 100'000;
    const auto& limits = classes.boundaries;
    const bool rising = std::adjacent_find(limits.begin(), limits.end(), std::greater_equal<>()) == limits.end();
    const bool finite = std::all_of(limits.begin(), limits.end(), [](double limit) { return std::isfinite(limit); });
    if (limits.size() < 2 || limits.size() > most_classes || !rising || !finite) {
        return Sentence{N_("Classes need 2 to %1 boundaries, each above the one before."), {"100,000"}};
    }
    return std::nullopt;
}

} // namespace

Result<Study> class_rows(Study study, Id id, const std::string& name, const Classes& classes) {
    if (auto refused = classes_refused(classes)) {
        return *refused;
    }
    if (auto refused = rows_refused(study, id)) {
        return *refused;
    }
    const Table* table = study.table(id);
    const Id column = study.fresh_id("c");
    if (table == nullptr) {
        return no_such_part;
    }
    if (auto refused = name_refused(study, table, name)) {
        return *refused;
    }
    const auto result = with_table(std::move(study), id, [&](Table& copy) {
        copy.axis = Axis(std::make_shared<ClassRows>(classes), column, name);
    });
    return result ? without_lost_series(*result) : result;
}

Result<Study> reclass(Study study, Id id, const Classes& classes) {
    const Table* table = study.table(id);
    if (table == nullptr || table->two_way() || table->axis.rows_as<ClassRows>() == nullptr) {
        return Sentence{N_("The rows of this table are not classes."), {}};
    }
    if (auto refused = classes_refused(classes)) {
        return *refused;
    }
    return with_table(std::move(study), id, [&classes](Table& copy) {
        for (auto& held : copy.ledge) { // how they were chosen is no longer so
            if (held->name == class_rule_name && !held->computed()) {
                const Value words = Value::text(Text(class_words(classes, worded({N_("limits changed afterwards")}))));
                held.edit([&words](HeldValue& rule) { rule.value = words; });
            }
        }
        copy.axis.source = std::make_shared<ClassRows>(classes);
        copy.axis.column->edit(
            [&copy](ColumnDefinition& axis) { axis.cells = Shared<Column>(*copy.axis.source->axis_cells()); });
    });
}

Result<Study> category_rows(Study study, Id id, const std::string& name, const Categories& categories) {
    const Table* table = study.table(id);
    const Table* source = table_with(study, &Table::columns, categories.of);
    if (table == nullptr || source == nullptr) {
        return no_such_part;
    }
    if (auto refused = rows_refused(study, id)) {
        return *refused;
    }
    if (source == table) {
        return Sentence{
            N_("A table cannot use categories of its own column as rows. Choose a column of another table."), {}};
    }
    if (auto refused = name_refused(study, table, name)) {
        return *refused;
    }
    const Kind kind = kind_of_categories(categories.by, source->column(categories.of)->cells->kind());
    const Id column = study.fresh_id("c");
    return with_table(std::move(study), id, [&](Table& copy) {
        copy.axis = Axis(std::make_shared<CategoryRows>(categories, kind), column, name);
    });
}

} // namespace ledgefall
