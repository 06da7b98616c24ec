// The table that has a row for each run.

#include "core/runs/edit_runs.h"
#include "core/runs/run_titles.h"
#include "core/study/model/parts.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// A column of the table of runs: a setting is a place by its held value alone.
struct ColumnToAdd {
    RunOutcome place;
    std::string name, unit;
    Kind kind = Kind::number;
};

Value value_of(const Run& run, const RunsTable::Shown& shown) {
    if (const RunSetting* setting = run.setting(shown.of.definition)) {
        return setting->value;
    }
    const auto outcome = std::find_if(run.outcomes.begin(), run.outcomes.end(),
                                      [&shown](const RunOutcome& one) { return one.same_place(shown.of); });
    return outcome == run.outcomes.end() ? Value() : outcome->value;
}

/// What differs between the runs themselves, then what came out of any of them.
std::vector<ColumnToAdd> wanted_columns(const Study& study) {
    std::vector<ColumnToAdd> wanted;
    const auto add = [&wanted](const RunOutcome& place, const std::string& name, const std::string& unit,
                               const Value& value) {
        const bool known = std::any_of(wanted.begin(), wanted.end(),
                                       [&place](const ColumnToAdd& one) { return one.place.same_place(place); });
        if (!known) {
            wanted.push_back({place, name, unit, value.kind()});
        }
    };
    const Run& last = *study.runs.back();
    for (const RunSetting& setting : last.settings) {
        const bool differs = std::any_of(study.runs.begin(), study.runs.end(), [&setting](const auto& run) {
            const RunSetting* other = run->setting(setting.held);
            return other != nullptr && !(other->value == setting.value);
        });
        if (differs) {
            add({setting.held, {}, RunOutcome::Of::single, "", "", {}}, setting.name, setting.unit, setting.value);
        }
    }
    for (const auto& run : study.runs) {
        for (const RunOutcome& outcome : run->outcomes) {
            add(outcome, outcome.name, outcome.unit, outcome.value);
        }
    }
    return wanted;
}

/// Adds those columns that the table of runs does not have yet.
Study with_columns(Study study) {
    for (const ColumnToAdd& one : wanted_columns(study)) {
        RunsTable list = *study.runs_table;
        const bool there = std::any_of(list.columns.begin(), list.columns.end(), [&one](const RunsTable::Shown& shown) {
            return shown.of.same_place(one.place);
        });
        if (there) {
            continue;
        }
        std::vector<Id> added;
        const Result<Study> next = add_columns(study, list.table, {{one.name, "", one.unit, Column(one.kind)}}, &added);
        if (!next) {
            continue;
        }
        RunOutcome place = one.place;
        place.name.clear();
        place.unit.clear();
        place.value = Value::missing();
        list.columns.push_back({added.front(), place});
        study = *next;
        study.runs_table = list;
    }
    return study;
}

} // namespace

Study with_runs_listed(Study study) {
    if (!study.runs_table || study.runs.empty()) {
        return study;
    }
    if (study.table(study.runs_table->table) == nullptr) {
        study.runs_table.reset(); // the table was removed
        for (auto& run : study.runs) {
            if (run->row != 0) {
                run.edit([](Run& copy) { copy.row = 0; });
            }
        }
        return study;
    }
    study = with_columns(std::move(study));
    const RunsTable list = *study.runs_table;
    const std::vector<RunTitle> titles = run_titles(study);
    for (std::size_t at = 0; at < study.runs.size(); ++at) {
        Shared<Table>& table = *part_with(study.tables, list.table);
        const std::uint64_t row_id = study.runs[at]->row;
        std::optional<std::size_t> row = row_id == 0 ? std::nullopt : table->axis.row_of(row_id);
        if (!row && row_id != 0) {
            continue; // removed by hand
        }
        if (!row) {
            row = table->ids()->size();
            table.edit([](Table& copy) { copy.axis.edit_ids([](RowIds& ids) { ids.append(1); }); });
            const std::uint64_t new_id = table->axis.id_at(*row);
            study.runs[at].edit([new_id](Run& run) { run.row = new_id; });
        }
        for (const RunsTable::Shown& shown : list.columns) {
            const ColumnDefinition* column = table->column(shown.column);
            if (column == nullptr || column->computed()) {
                continue; // removed, or made something else, by hand
            }
            Value value = shown.of.definition.empty() ? Value::text(Text(title_text(titles[at])))
                                                      : value_of(*study.runs[at], shown);
            value = value.kind() == column->cells->kind() ? value : Value::missing(column->cells->kind());
            if (!(column->cells->at(*row) == value)) {
                Result<Study> next = set_cells(study, shown.column, *row, {value});
                study = next ? *next : study;
            }
        }
    }
    return study;
}

Result<Study> add_runs_table(const Study& study, Id* added) {
    if (study.runs.empty()) {
        return Sentence{N_("There are no runs yet. Keep one, change a held value, and keep another."), {}};
    }
    Id table;
    Result<Study> made = add_table(study, worded({"Runs", {}}), &table);
    if (!made) {
        return made;
    }
    std::vector<Id> columns;
    made = add_columns(*made, table, {{worded({"run", {}}), "run", "", Column(Kind::text)}}, &columns);
    if (!made) {
        return made;
    }
    Study study_with_table = *made;
    study_with_table.runs_table = RunsTable{table, {{columns.front(), {}}}, {}};
    for (auto& run : study_with_table.runs) {
        run.edit([](Run& copy) { copy.row = 0; });
    }
    if (added != nullptr) {
        *added = table;
    }
    return with_runs_listed(std::move(study_with_table));
}

} // namespace ledgefall
