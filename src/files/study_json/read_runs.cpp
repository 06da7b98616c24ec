// Reading kept runs.

#include "files/study_json/packed_cells.h"
#include "files/study_json/study_fields.h"
#include "files/study_json/study_reader.h"

namespace ledgefall {

RunOutcome StudyReader::outcome_place(const Json& json, const Place& place) {
    RunOutcome outcome;
    outcome.definition = Id(text(json, "definition", place));
    outcome.under = Id(text(json, "under", place));
    outcome.of = static_cast<RunOutcome::Of>(
        word(json, "of", {std::begin(fields::outcomes_of), std::end(fields::outcomes_of)}, place));
    return outcome;
}

Column StudyReader::cells(const Json& json, const Place& place) {
    Column cells(kind(json, place));
    if (const Json* compact = field(json, "packed")) {
        const InternScope scope;
        std::optional<Column> read = packed::read(*compact, cells.kind());
        interned.add(scope.objects());
        if (!read) {
            wrong(place.field("packed"), N_("cells that can be unpacked"));
        }
        return read ? *std::move(read) : cells;
    }
    const Json* values = field(json, "values");
    if (values == nullptr) {
        return cells;
    }
    if (!values->is_array()) {
        wrong(place.field("values"), "a list");
    }
    const InternScope scope;
    for (std::size_t at = 0; at < values->size() && !refusal; ++at) {
        cells.append(value((*values)[at], cells.kind(), place.field("values").item(at)));
    }
    interned.add(scope.objects());
    return cells;
}

Run StudyReader::run(const Json& json, const Place& place) {
    Run run;
    run.id = Id(text(json, "id", place));
    run.name = text(json, "name", place);
    run.seed = whole(json, "seed", place).value_or(1);
    run.formulas = whole(json, "formulas", place).value_or(0);
    run.drawn = field(json, "drawn") == nullptr || yes(json, "drawn", place);
    run.row = whole(json, "row", place).value_or(0);
    list(json, "settings", place, [&](const Json& item, const Place& at) {
        run.settings.push_back(
            {Id(text(item, "held", at)), text(item, "name", at), text(item, "unit", at), own_value(item, at)});
    });
    list(json, "overrides", place, [&](const Json& item, const Place& at) {
        run.overrides.push_back({Id(text(item, "column", at)), overrides(item, "values", at)});
    });
    list(json, "columns", place, [&](const Json& item, const Place& at) {
        run.columns.push_back({Id(text(item, "table", at)), Id(text(item, "column", at)), text(item, "name", at),
                               text(item, "unit", at), cells(item, at)});
    });
    list(json, "outcomes", place, [&](const Json& item, const Place& at) {
        RunOutcome outcome = outcome_place(item, at);
        outcome.name = text(item, "name", at);
        outcome.unit = text(item, "unit", at);
        outcome.value = own_value(item, at);
        run.outcomes.push_back(std::move(outcome));
    });
    run.unknown_fields = unknown_fields(json, fields::run);
    return run;
}

void StudyReader::runs(const Json& json, Study& study) {
    list(json, "runs", Place(), [&](const Json& item, const Place& at) { study.runs.emplace_back(run(item, at)); });
    const Json* entry = field(json, "runs_table");
    if (entry == nullptr) {
        return;
    }
    const Place place = Place().field("runs_table");
    if (!entry->is_object()) {
        return wrong(place, NC_("Kind", "an object in braces"));
    }
    RunsTable& table = study.runs_table.emplace();
    table.table = Id(text(*entry, "table", place));
    list(*entry, "columns", place, [&](const Json& item, const Place& at) {
        table.columns.push_back({Id(text(item, "column", at)), outcome_place(item, at)});
    });
    table.unknown_fields = unknown_fields(*entry, fields::runs_table);
}

} // namespace ledgefall
