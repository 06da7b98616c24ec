// What is found or checked once a whole study has been read.

#include "files/study_json/study_reader.h"

#include <set>

namespace ledgefall {

/// Gives ids where a script has written none, and names the first name or id that comes twice.
void StudyReader::settle(Study& study) {
    std::set<std::string> ids;
    std::uint64_t last = 0;
    const auto pass = [&last](const Id id) {
        const std::string& text = id.str();
        const std::size_t digits = text.find_last_not_of("0123456789");
        const std::string number = digits == std::string::npos ? "" : text.substr(digits + 1);
        if (!number.empty() && number.size() < 18) {
            last = std::max(last, static_cast<std::uint64_t>(std::stoull(number)));
        }
    };
    const auto see = [&](const Id id, const std::string& name) {
        if (!id.empty() && !ids.insert(id.str()).second) {
            refuse(N_("The id %1 occurs twice in the file, the second time at %2."), {id.str(), name});
        }
        pass(id);
    };
    for_each_part(study, see);
    for (const auto& run : study.runs) { // what has gone since must not come back under its id as something else
        for (const RunSetting& setting : run->settings) {
            pass(setting.held);
        }
        for (const RunOverrides& typed : run->overrides) {
            pass(typed.column);
        }
        for (const RunColumn& column : run->columns) {
            pass(column.column);
            pass(column.table);
        }
        for (const RunOutcome& outcome : run->outcomes) {
            pass(outcome.definition);
            pass(outcome.under);
        }
    }
    study.last_number = last;
    give_ids(study);
    check_names(study);
    resolve_columns(study);
    resolve_checks(study);
    resolve_categories(study);
    resolve_charts(study);
    settle_runs(study);
}

/// A row of the table of runs that was removed must not be found again in one that is typed later under its id.
void StudyReader::settle_runs(Study& study) {
    const Table* list = study.runs_table ? study.table(study.runs_table->table) : nullptr;
    for (auto& run : study.runs) {
        if (list != nullptr && run->row != 0 && !list->axis.row_of(run->row)) {
            run.edit([](Run& copy) { copy.row = Run::removed_row; });
        }
    }
}

void StudyReader::give_ids(Study& study) {
    const auto give = [&study](auto& parts, const char* prefix) {
        for (auto& part : parts) {
            if (part->id.empty()) {
                part.edit([&](auto& copy) { copy.id = study.fresh_id(prefix); });
            }
        }
    };
    give(study.ledge, "h");
    give(study.tables, "t");
    give(study.checks, "k");
    give(study.charts, "p");
    give(study.runs, "u");
    for (auto& shared : study.tables) {
        Table table = *shared;
        give(table.ledge, "h");
        give(table.columns, "c");
        give(table.foot, "f");
        give(table.groups, "g");
        for (Axis* axis : {&table.axis, table.across ? &*table.across : nullptr}) {
            if (axis != nullptr && axis->column && (*axis->column)->id.empty()) {
                axis->column->edit([&study](ColumnDefinition& copy) { copy.id = study.fresh_id("c"); });
            }
        }
        shared = Shared<Table>(std::move(table));
    }
}

void StudyReader::check_names(const Study& study) {
    std::set<std::string> tables;
    std::set<std::string> on_ledge;
    for (const auto& held : study.ledge) {
        if (!on_ledge.insert(held->name).second) {
            refuse(N_("Two held values of the study are called %1."), {held->name});
        }
    }
    for (const auto& table : study.tables) {
        if (!tables.insert(table->name).second) {
            refuse(N_("Two tables are called %1."), {table->name});
        }
        std::set<std::string> names;
        const auto see = [&](const std::string& name) {
            if (!names.insert(name).second) {
                refuse(N_("Two things in the table %1 are called %2."), {table->name, name});
            }
        };
        for (const auto& held : table->ledge) {
            see(held->name);
        }
        for (const auto& column : table->columns) {
            see(column->name);
        }
        for (const auto& group : table->groups) {
            see(group->name);
        }
        for (const Axis* axis : table->axes()) {
            if (axis->column) {
                see((*axis->column)->name);
            }
        }
    }
}

void StudyReader::resolve_checks(Study& study) {
    for (auto& check : study.checks) {
        if (check->table.empty()) {
            continue;
        }
        const Table* named = study.table_named(check->table.str());
        named = named == nullptr ? study.table(check->table) : named;
        if (named == nullptr) {
            return refuse(N_("The check %1 uses a table %2 that does not exist."), {check->label, check->table.str()});
        }
        check.edit([named](Check& copy) { copy.table = named->id; });
    }
}

/// The columns of a foot line or group may be written by name, as a script would; they are held by id.
void StudyReader::resolve_columns(Study& study) {
    for (auto& shared : study.tables) {
        const auto by_name = [&shared](const auto& part) {
            return std::any_of(part->columns.begin(), part->columns.end(),
                               [&](Id id) { return shared->column(id) == nullptr; });
        };
        if (std::none_of(shared->foot.begin(), shared->foot.end(), by_name) &&
            std::none_of(shared->groups.begin(), shared->groups.end(), by_name)) {
            continue;
        }
        Table table = *shared;
        const auto resolve = [&](std::vector<Id>& columns, const std::string& of_what) {
            for (Id& id : columns) {
                const ColumnDefinition* named = table.column(id) != nullptr ? nullptr : table.column_named(id.str());
                if (table.column(id) == nullptr && named == nullptr) {
                    refuse(N_("%1 of the table %2 uses a column %3 that does not exist."),
                           {of_what, table.name, id.str()});
                }
                id = named != nullptr ? named->id : id;
            }
        };
        for (auto& line : table.foot) {
            line.edit([&](FootLine& copy) { resolve(copy.columns, "The foot line " + copy.label); });
        }
        for (auto& group : table.groups) {
            group.edit([&](Group& copy) { resolve(copy.columns, "The group " + copy.name); });
        }
        shared = Shared<Table>(std::move(table));
    }
}

} // namespace ledgefall
