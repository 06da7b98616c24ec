// Reading the parts of a study.

#include "core/formula/names.h"
#include "files/study_json/study_fields.h"
#include "files/study_json/study_reader.h"

#include <cmath>

namespace ledgefall {

Study StudyReader::study(const Json& json) {
    Study study;
    const Place top;
    study.title = text(json, "title", top);
    study.note = text(json, "note", top);
    settings(json, study.settings);
    list(json, "ledge", top, [&](const Json& item, const Place& at) { study.ledge.emplace_back(held(item, at)); });
    list(json, "tables", top, [&](const Json& item, const Place& at) { study.tables.emplace_back(table(item, at)); });
    list(json, "checks", top, [&](const Json& item, const Place& at) { study.checks.emplace_back(check(item, at)); });
    list(json, "charts", top, [&](const Json& item, const Place& at) { study.charts.emplace_back(chart(item, at)); });
    runs(json, study);
    study.unknown_fields = unknown_fields(json, fields::study);
    return study;
}

HeldValue StudyReader::held(const Json& json, const Place& place) {
    HeldValue held;
    held.id = Id(text(json, "id", place));
    held.name = name(json, place);
    held.unit = text(json, "unit", place);
    held.note = text(json, "note", place);
    held.formula = Formula(text(json, "formula", place));
    if (!held.formula.empty()) {
        held.parameters = texts(json, "parameters", place, NC_("Kind", "the names of a function's arguments"));
    }
    for (std::size_t at = 0; at < held.parameters.size(); ++at) {
        if (!is_name(held.parameters[at])) {
            wrong(place.field("parameters").item(at), NC_("Kind", "a name made of letters, digits and _"));
        }
    }
    held.value = held.formula.empty() ? own_value(json, place) : Value::missing();
    held.format = format(json, place);
    held.group = text(json, "group", place);
    slider(json, place, held);
    choices(json, place, held);
    held.unknown_fields = unknown_fields(json, fields::held);
    return held;
}

void StudyReader::slider(const Json& json, const Place& place, HeldValue& held) {
    const Json* entry = field(json, "slider");
    if (entry == nullptr) {
        return;
    }
    const Place at = place.field("slider");
    const Slider slider{number(*entry, "from", at, 0), number(*entry, "to", at, 1), number(*entry, "step", at, 0.01),
                        entry->is_object() ? unknown_fields(*entry, fields::slider) : std::string()};
    if (!entry->is_object() || !(slider.from < slider.to) || !(slider.step > 0)) {
        return wrong(at, NC_("Kind", "from, a larger to, and a step above 0"));
    }
    held.slider = slider;
}

void StudyReader::choices(const Json& json, const Place& place, HeldValue& held) {
    const Json* entry = field(json, "choices");
    if (entry == nullptr) {
        return;
    }
    const Place at = place.field("choices");
    if (!entry->is_object()) {
        return wrong(at, NC_("Kind", "an object with a column, or with values"));
    }
    held.choices.unknown_fields = unknown_fields(*entry, fields::choices);
    held.choices.column = Id(text(*entry, "column", at));
    const Json* values = field(*entry, "values");
    for (std::size_t number = 0; values != nullptr && values->is_array() && number < values->size() && !refusal;
         ++number) {
        const Json& one = (*values)[number];
        const Kind kind = one.is_string() ? Kind::text : one.is_boolean() ? Kind::yes_no : Kind::number;
        held.choices.listed.push_back(value(one, kind, at.field("values").item(number)));
    }
}

ColumnDefinition StudyReader::column(const Json& json, const Place& place) {
    ColumnDefinition column;
    column.id = Id(text(json, "id", place));
    column.name = name(json, place);
    column.label = text(json, "label", place);
    column.unit = text(json, "unit", place);
    column.note = text(json, "note", place);
    column.format = format(json, place);
    column.width = width(json, place);
    column.hidden = yes(json, "hidden", place);
    pieces(json, place, column);
    column.cells = Shared<Column>(column.pieces.empty() ? cells(json, place) : Column(kind(json, place)));
    column.unknown_fields = unknown_fields(json, fields::column);
    return column;
}

void StudyReader::pieces(const Json& json, const Place& place, ColumnDefinition& column) {
    const std::string formula = text(json, "formula", place);
    if (!formula.empty()) {
        column.pieces.push_back({Formula(formula), {}, {}});
    }
    list(json, "pieces", place, [&](const Json& item, const Place& at) {
        const std::string of_piece = text(item, "formula", at);
        if (of_piece.empty()) {
            return wrong(at.field("formula"), "a formula");
        }
        column.pieces.push_back({Formula(of_piece), whole(item, "from", at), whole(item, "to", at)});
    });
    column.overrides = Shared<Overrides>(overrides(json, "overrides", place));
}

Overrides StudyReader::overrides(const Json& json, const char* name, const Place& place) {
    Overrides overrides;
    list(json, name, place, [&](const Json& item, const Place& at) {
        const auto row = whole(item, "row", at);
        if (!row) {
            return wrong(at.field("row"), NC_("Kind", "a row number"));
        }
        overrides[*row] = own_value(item, at);
    });
    return overrides;
}

FootLine StudyReader::foot(const Json& json, const Place& place) {
    FootLine line;
    line.id = Id(text(json, "id", place));
    line.formula = Formula(text(json, "formula", place));
    line.label = text(json, "label", place);
    line.label = line.label.empty() ? line.formula.text() : line.label;
    line.format = format(json, place);
    line.place = static_cast<FootLine::Place>(
        word(json, "place", {std::begin(fields::foot_places), std::end(fields::foot_places)}, place));
    line.columns = columns(json, place);
    line.unknown_fields = unknown_fields(json, fields::foot);
    return line;
}

/// Columns by their ids or names; settled once all are known.
std::vector<Id> StudyReader::columns(const Json& json, const Place& place) {
    std::vector<Id> match;
    for (const std::string& one : texts(json, "columns", place, NC_("Kind", "the ids or names of columns"))) {
        match.emplace_back(one);
    }
    return match;
}

Group StudyReader::group(const Json& json, const Place& place) {
    Group group;
    group.id = Id(text(json, "id", place));
    group.name = name(json, place);
    group.label = text(json, "label", place);
    group.columns = columns(json, place);
    group.unknown_fields = unknown_fields(json, fields::group);
    return group;
}

Check StudyReader::check(const Json& json, const Place& place) {
    Check check;
    check.id = Id(text(json, "id", place));
    check.label = text(json, "label", place);
    check.table = Id(text(json, "table", place)); // its name; settled once all tables are known
    check.condition = Formula(text(json, "condition", place));
    check.message = text(json, "message", place);
    check.unknown_fields = unknown_fields(json, fields::check);
    if (check.condition.empty()) {
        wrong(place.field("condition"), NC_("Kind", "a condition, such as sum(share) ≈ 1"));
    }
    check.label = check.label.empty() ? check.condition.text() : check.label;
    return check;
}

Table StudyReader::table(const Json& json, const Place& place) {
    Table table;
    table.id = Id(text(json, "id", place));
    table.name = name(json, place);
    table.label = text(json, "label", place);
    table.note = text(json, "note", place);
    std::size_t axes = 0;
    list(json, "axes", place, [&](const Json& item, const Place& at) {
        ++axes;
        axis(item, at, axes == 1 ? table.axis : table.across.emplace());
    });
    const bool cannot = table.two_way() && (!table.axis.column || !table.across->column);
    if (!table.two_way() && table.axis.source->for_two_axes()) {
        refuse(N_("The rows of the table at %1 are a list, which only the axes of a two-way table can have."),
               {place.text()});
    }
    if (axes > 2 || cannot) {
        refuse(N_("The table at %1 needs one axis, or two that each have their own values."), {place.text()});
    }
    table.laid_across = yes(json, "laid_across", place) && !table.two_way();
    list(json, "ledge", place, [&](const Json& item, const Place& at) { table.ledge.emplace_back(held(item, at)); });
    list(json, "columns", place,
         [&](const Json& item, const Place& at) { table.columns.emplace_back(column(item, at)); });
    list(json, "foot", place, [&](const Json& item, const Place& at) { table.foot.emplace_back(foot(item, at)); });
    list(json, "groups", place, [&](const Json& item, const Place& at) { table.groups.emplace_back(group(item, at)); });
    if (table.ids() != nullptr) { // a script may leave out how many rows there are
        std::size_t rows = table.ids()->size();
        for (const auto& one : table.columns) {
            rows = std::max(rows, one->cells->size());
        }
        table.axis.edit_ids([rows](RowIds& ids) { ids.append(rows - ids.size()); });
    }
    for (const auto& one : table.columns) {
        const bool narrowed = std::any_of(one->pieces.begin(), one->pieces.end(),
                                          [](const Piece& piece) { return piece.from || piece.to; });
        if (table.two_way() && (narrowed || one->cells->size() > 0)) {
            refuse(N_("%1 at %2 is a layer of a two-way table. Its formula covers all cells, and typed values belong "
                      "in its overrides."),
                   {one->name, place.text()});
        }
    }
    table.unknown_fields = unknown_fields(json, fields::table);
    return table;
}

} // namespace ledgefall
