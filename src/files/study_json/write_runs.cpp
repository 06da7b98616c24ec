// Writing kept runs.

#include "files/study_json/study_fields.h"
#include "files/study_json/study_writer.h"

namespace ledgefall {
namespace {

Json column_json(const RunColumn& column) {
    Json json = {{"table", column.table.str()}, {"column", column.column.str()}, {"name", column.name}};
    put(json, "unit", column.unit);
    put_cells(json, column.cells);
    return json;
}

/// Where an outcome stands, without its value.
void put_place(Json& json, const RunOutcome& place) {
    put(json, "definition", place.definition.str());
    put(json, "under", place.under.str());
    if (place.of != RunOutcome::Of::single) {
        json["of"] = std::string(fields::outcomes_of[static_cast<std::size_t>(place.of)]);
    }
}

Json run_json(const Run& run) {
    Json json = {{"id", run.id.str()}};
    put(json, "name", run.name);
    json["seed"] = run.seed;
    json["formulas"] = run.formulas;
    if (!run.drawn) {
        json["drawn"] = false;
    }
    if (run.row != 0) {
        json["row"] = run.row;
    }
    json["settings"] = Json::array();
    for (const RunSetting& setting : run.settings) {
        Json one = {{"held", setting.held.str()}, {"name", setting.name}};
        put(one, "unit", setting.unit);
        put_own_value(one, setting.value);
        json["settings"].push_back(std::move(one));
    }
    for (const RunOverrides& typed : run.overrides) {
        json["overrides"].push_back({{"column", typed.column.str()}, {"values", overrides_json(typed.values)}});
    }
    json["columns"] = Json::array();
    for (const RunColumn& column : run.columns) {
        json["columns"].push_back(column_json(column));
    }
    json["outcomes"] = Json::array();
    for (const RunOutcome& outcome : run.outcomes) {
        Json one = {{"name", outcome.name}};
        put_place(one, outcome);
        put(one, "unit", outcome.unit);
        put_own_value(one, outcome.value);
        json["outcomes"].push_back(std::move(one));
    }
    put_unknown_fields(json, run.unknown_fields);
    return json;
}

} // namespace

void put_runs(Json& json, const Study& study) {
    for (const auto& run : study.runs) {
        json["runs"].push_back(run_json(*run));
    }
    if (study.runs_table) {
        Json list = {{"table", study.runs_table->table.str()}, {"columns", Json::array()}};
        for (const RunsTable::Shown& shown : study.runs_table->columns) {
            Json one = {{"column", shown.column.str()}};
            put_place(one, shown.of);
            list["columns"].push_back(std::move(one));
        }
        put_unknown_fields(list, study.runs_table->unknown_fields);
        json["runs_table"] = std::move(list);
    }
}

} // namespace ledgefall
