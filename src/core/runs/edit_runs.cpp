#include "core/runs/edit_runs.h"

#include "core/runs/run_titles.h"
#include "core/study/model/parts.h"
#include "core/study/model/study_part.h"

#include <algorithm>

namespace ledgefall {
namespace {

template <class Change>
Result<Study> with_run(Study study, Id id, Change change) {
    Shared<Run>* run = part_with(study.runs, id);
    if (run == nullptr) {
        return no_such_part;
    }
    run->edit(change);
    return study;
}

std::optional<Sentence> run_name_refused(const Study& study, const std::string& name, Id itself) {
    const bool taken = !name.empty() && std::any_of(study.runs.begin(), study.runs.end(), [&](const auto& run) {
        return run->name == name && !(run->id == itself);
    });
    return taken ? std::optional(Sentence{N_("%1 is already the name of a run. Choose another name."), {name}})
                 : std::nullopt;
}

/// Those of the values whose rows are still there.
Overrides of_present_rows(const Table& table, const Overrides& overrides) {
    Overrides kept;
    for (const auto& [row, value] : overrides) {
        if (table.two_way() || table.axis.row_of(row)) {
            kept[row] = value;
        }
    }
    return kept;
}

} // namespace

Result<Study> add_run(Study study, Run run, Id* added) {
    if (const auto why = run_name_refused(study, run.name, {})) {
        return *why;
    }
    run.id = study.fresh_id("u");
    if (added != nullptr) {
        *added = run.id;
    }
    study.runs.emplace_back(std::move(run));
    return with_runs_listed(std::move(study));
}

Result<Study> rename_run(Study study, Id id, const std::string& name) {
    if (const auto why = run_name_refused(study, name, id)) {
        return *why;
    }
    Result<Study> renamed = with_run(std::move(study), id, [&name](Run& run) { run.name = name; });
    return renamed ? Result<Study>(with_runs_listed(*renamed)) : renamed;
}

Result<Study> draw_run(Study study, Id id, bool drawn) {
    return with_run(std::move(study), id, [drawn](Run& run) { run.drawn = drawn; });
}

Result<Study> remove_run(Study study, Id id) {
    const Run* run = study.run(id);
    if (run == nullptr) {
        return no_such_part;
    }
    const Table* list = study.runs_table ? study.table(study.runs_table->table) : nullptr;
    if (list != nullptr && run->row != 0) {
        if (const auto row = list->axis.row_of(run->row)) {
            Result<Study> removed = remove_rows(study, list->id, *row, 1);
            study = removed ? *removed : study;
        }
    }
    std::erase_if(study.runs, [id](const auto& one) { return one->id == id; });
    return with_runs_listed(std::move(study));
}

Result<Study> restore_run(Study study, Id id, std::vector<std::string>* stays) {
    const Run* kept = study.run(id);
    if (kept == nullptr) {
        return no_such_part;
    }
    const Run run = *kept;
    const Study before = study;
    for (const RunSetting& setting : run.settings) {
        const StudyPart part = find_part(study, setting.held);
        if (part.held == nullptr || part.held->computed() || part.held->is_function()) {
            if (stays != nullptr) {
                stays->push_back(setting.name);
            }
        } else if (!(part.held->value == setting.value)) {
            study = *with_held(study, setting.held, [&setting](HeldValue& held) { held.value = setting.value; });
        }
    }
    for (const auto& table : before.tables) {
        for (const auto& column : table->columns) {
            if (!column->computed()) {
                continue;
            }
            const auto typed = std::find_if(run.overrides.begin(), run.overrides.end(),
                                            [&column](const RunOverrides& one) { return one.column == column->id; });
            const Overrides then = typed == run.overrides.end() ? Overrides() : of_present_rows(*table, typed->values);
            if (!(*column->overrides == then)) {
                study = *with_column(study, column->id,
                                     [&then](ColumnDefinition& copy) { copy.overrides = Shared<Overrides>(then); });
            }
        }
    }
    study.settings.seed = run.seed;
    if (study == before) {
        return Sentence{N_("Everything is already as it was in this run."), {}};
    }
    return study;
}

} // namespace ledgefall
