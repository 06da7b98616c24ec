#include "files/study_json/settle_study.h"

#include "core/study/edits/edits.h"

#include <algorithm>
#include <set>

namespace ledgefall {
namespace {

template <class See>
void for_each_part(const Study& study, See see) {
    const auto held = [&see](const std::vector<Shared<HeldValue>>& ledge) {
        for (const auto& one : ledge) {
            see(one->id, one->name);
        }
    };
    held(study.ledge);
    for (const auto& check : study.checks) {
        see(check->id, check->label);
    }
    for (const auto& chart : study.charts) {
        see(chart->id, chart->label);
    }
    for (const auto& run : study.runs) {
        see(run->id, run->name);
    }
    for (const auto& table : study.tables) {
        see(table->id, table->name);
        held(table->ledge);
        for (const auto& column : table->columns) {
            see(column->id, table->name + "." + column->name);
        }
        for (const auto& line : table->foot) {
            see(line->id, line->label);
        }
        for (const auto& group : table->groups) {
            see(group->id, table->name + "." + group->name);
        }
        for (const Axis* axis : table->axes()) {
            if (axis->column) {
                see((*axis->column)->id, table->name + "." + (*axis->column)->name);
            }
        }
    }
}

/// A column by its id, or as a formula of another table names it: `Pebbles.length`.
Id column_called(const Study& study, Id written) {
    for (const auto& table : study.tables) {
        if (table->axis_of(written) != nullptr || table->column(written) != nullptr) {
            return written;
        }
    }
    const std::string& text = written.str();
    const std::size_t point = text.find('.');
    if (point == std::string::npos) {
        return {};
    }
    const Binding named = look_up(study, nullptr, text.substr(0, point), text.substr(point + 1));
    return named.column == nullptr ? Id() : named.column->id;
}

/// Whether a column is written by its name, as a script would, rather than by an id, whose column may be gone.
bool by_name(Id written) {
    return written.str().find('.') != std::string::npos;
}

class Settling {
  public:
    explicit Settling(Study& study)
        : study_(study) {}

    std::optional<Sentence> refusal;

    /// Gives ids where a script has written none, and names the first name or id that comes twice.
    void settle() {
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
        for_each_part(study_, see);
        for (const auto& run : study_.runs) { // what has gone since must not come back under its id as something else
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
        study_.last_number = last;
        check_rows();
        give_ids();
        check_names();
        resolve_columns();
        resolve_checks();
        resolve_categories();
        resolve_charts();
        settle_runs();
    }

  private:
    void refuse(const std::string& pattern, std::vector<std::string> parts) {
        if (!refusal) {
            refusal = Sentence(pattern, std::move(parts));
        }
    }

    /// A script may leave out how many rows there are; a layer of a two-way table has no cells and no pieces.
    void check_rows() {
        for (std::size_t at = 0; at < study_.tables.size(); ++at) {
            study_.tables[at].edit([&](Table& table) {
                std::size_t rows = table.ids() == nullptr ? 0 : table.ids()->size();
                for (const auto& column : table.columns) {
                    rows = std::max(rows, column->cells->size());
                    const bool narrowed = std::any_of(column->pieces.begin(), column->pieces.end(),
                                                      [](const Piece& piece) { return piece.from || piece.to; });
                    if (table.two_way() && (narrowed || column->cells->size() > 0)) {
                        refuse(
                            N_("%1 at %2 is a layer of a two-way table. Its formula covers all cells, and typed values "
                               "belong in its overrides."),
                            {column->name, "tables[" + std::to_string(at) + "]"});
                    }
                }
                if (table.ids() != nullptr) {
                    table.axis.edit_ids([rows](RowIds& ids) { ids.append(rows - ids.size()); });
                }
            });
        }
    }

    void give_ids() {
        const auto give = [this](auto& parts, const char* prefix) {
            for (auto& part : parts) {
                if (part->id.empty()) {
                    part.edit([&](auto& copy) { copy.id = study_.fresh_id(prefix); });
                }
            }
        };
        give(study_.ledge, "h");
        give(study_.tables, "t");
        give(study_.checks, "k");
        give(study_.charts, "p");
        give(study_.runs, "u");
        for (auto& shared : study_.tables) {
            Table table = *shared;
            give(table.ledge, "h");
            give(table.columns, "c");
            give(table.foot, "f");
            give(table.groups, "g");
            for (Axis* axis : {&table.axis, table.across ? &*table.across : nullptr}) {
                if (axis != nullptr && axis->column && (*axis->column)->id.empty()) {
                    axis->column->edit([this](ColumnDefinition& copy) { copy.id = study_.fresh_id("c"); });
                }
            }
            shared = Shared<Table>(std::move(table));
        }
    }

    void check_names() {
        std::set<std::string> tables;
        std::set<std::string> on_ledge;
        for (const auto& held : study_.ledge) {
            if (!on_ledge.insert(held->name).second) {
                refuse(N_("Two held values of the study are called %1."), {held->name});
            }
        }
        for (const auto& table : study_.tables) {
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

    /// The columns of a foot line or group may be written by name, as a script would; they are held by id.
    void resolve_columns() {
        for (auto& shared : study_.tables) {
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
                    const ColumnDefinition* named =
                        table.column(id) != nullptr ? nullptr : table.column_named(id.str());
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

    void resolve_checks() {
        for (auto& check : study_.checks) {
            if (check->table.empty()) {
                continue;
            }
            const Table* named = study_.table_named(check->table.str());
            named = named == nullptr ? study_.table(check->table) : named;
            if (named == nullptr) {
                return refuse(N_("The check %1 uses a table %2 that does not exist."),
                              {check->label, check->table.str()});
            }
            check.edit([named](Check& copy) { copy.table = named->id; });
        }
    }

    void resolve_categories() {
        for (auto& shared : study_.tables) {
            Table table = *shared;
            for (Axis* axis : {&table.axis, table.across ? &*table.across : nullptr}) {
                const Id written = axis == nullptr ? Id() : axis->source->made_of();
                const Id of = written.empty() ? Id() : column_called(study_, written);
                if (written.empty() || (of.empty() && !by_name(written))) {
                    continue; // where its column has been removed the rows say so
                }
                if (of.empty() || table.column(of) != nullptr) {
                    return refuse(N_("The rows of the table %1 are made from a column %2 that does not exist."),
                                  {table.name, written.str()});
                }
                axis->source = axis->source->with_made_of(of);
            }
            if (!(table == *shared)) {
                shared = Shared<Table>(std::move(table));
            }
        }
    }

    void resolve_charts() {
        for (auto& shared : study_.charts) {
            Chart chart = *shared;
            if (!chart.table.empty()) {
                const Table* table = study_.table_named(chart.table.str());
                table = table == nullptr ? study_.table(chart.table) : table;
                if (table == nullptr) {
                    return refuse(N_("The chart %1 uses a table %2 that does not exist."),
                                  {chart.label, chart.table.str()});
                }
                chart.table = table->id;
            }
            for (Series& series : chart.series) {
                for (Id* column : {&series.x, &series.y, &series.error}) {
                    const Id match = column->empty() ? Id() : column_called(study_, *column);
                    if (match.empty() && by_name(*column)) {
                        return refuse(N_("The chart %1 uses a column %2 that does not exist."),
                                      {chart.label, column->str()});
                    }
                    *column = match;
                }
            }
            shared = Shared<Chart>(std::move(chart));
        }
        study_ = without_lost_series(std::move(study_));
    }

    /// A row of the table of runs that was removed must not be found again in one that is typed later under its id.
    void settle_runs() {
        const Table* list = study_.runs_table ? study_.table(study_.runs_table->table) : nullptr;
        for (auto& run : study_.runs) {
            if (list != nullptr && run->row != 0 && !list->axis.row_of(run->row)) {
                run.edit([](Run& copy) { copy.row = Run::removed_row; });
            }
        }
    }

    Study& study_;
};

} // namespace

std::optional<Sentence> settle(Study& study) {
    Settling settling(study);
    settling.settle();
    return settling.refusal;
}

} // namespace ledgefall
