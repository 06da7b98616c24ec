#include "core/runs/keep_run.h"

#include "core/runs/edit_runs.h"
#include "core/runs/formulas_mark.h"
#include "core/runs/run_titles.h"
#include "core/study/model/parts.h"
#include "core/study/model/study_part.h"
#include "core/study/row_sources/counted_rows.h"

#include <algorithm>

namespace ledgefall {
namespace {

constexpr std::size_t most_runs = 1'000;

bool can_be_kept(Kind kind) {
    return kind == Kind::number || kind == Kind::date || kind == Kind::yes_no || kind == Kind::text;
}

/// Cells that outlive the results: without faults, and with texts that are kept for ever.
Column cells_to_keep(const Column& cells, bool faults) {
    if (!faults && cells.kind() != Kind::text) {
        return cells; // its chunks are shared
    }
    Column kept(cells.kind());
    for (std::size_t row = 0; row < cells.size(); ++row) {
        const Value value = cells.at(row);
        kept.append(value.plain() ? value.persistent() : Value::missing(cells.kind()));
    }
    return kept;
}

class RunMaker {
  public:
    RunMaker(const Study& study, const Results& results)
        : study_(study)
        , results_(results) {
        run_.seed = study.settings.seed;
        run_.settings = settings_of(study);
        for (const auto& table : study.tables) {
            for (const auto& column : table->columns) {
                if (column->computed() && !column->overrides->empty()) {
                    run_.overrides.push_back({column->id, lasting(*column->overrides)});
                }
            }
        }
    }

    void columns(const std::vector<Id>& wanted) {
        for (const Id id : wanted) {
            const StudyPart part = find_part(study_, id);
            const Results::Entry* entry = results_.find(id);
            if (part.column != nullptr && entry != nullptr && entry->cells && can_be_kept(entry->cells->kind())) {
                run_.columns.push_back({part.table->id, id, part.table->name + "." + part.column->name,
                                        part.column->unit, cells_to_keep(*entry->cells, entry->faults > 0)});
            }
        }
    }

    void outcomes(const Table* table) {
        held(study_.ledge);
        if (table != nullptr) {
            held(table->ledge);
            foot(*table);
        }
        if (!says_what_came_out()) {
            for (const RunColumn& column : run_.columns) {
                of_column(column);
            }
        }
        rows(table);
    }

    Run take() {
        run_.formulas = formulas_mark(study_, run_);
        return std::move(run_);
    }

  private:
    static Overrides lasting(const Overrides& overrides) {
        Overrides kept;
        for (const auto& [row, value] : overrides) {
            kept[row] = value.persistent();
        }
        return kept;
    }

    void add(RunOutcome outcome, const Value& value) {
        if (!can_be_kept(value.kind())) {
            return;
        }
        outcome.value = value.plain() ? value.persistent() : Value::missing(value.kind());
        run_.outcomes.push_back(std::move(outcome));
    }

    /// Whether an outcome is taken of a kept column: a foot value, or a held value whose formula names the column. A
    /// held value that the columns themselves are made with tells nothing of them.
    bool says_what_came_out() const {
        return std::any_of(run_.columns.begin(), run_.columns.end(), [this](const RunColumn& column) {
            const std::vector<User> users = parts_using(study_, column.column);
            return std::any_of(run_.outcomes.begin(), run_.outcomes.end(), [&](const RunOutcome& outcome) {
                return outcome.under == column.column ||
                       std::any_of(users.begin(), users.end(),
                                   [&outcome](const User& user) { return user.id == outcome.definition; });
            });
        });
    }

    void held(const std::vector<Shared<HeldValue>>& ledge) {
        for (const auto& one : ledge) {
            if (one->computed()) {
                add({one->id, {}, RunOutcome::Of::single, one->name, one->unit, {}}, results_.single(one->id));
            }
        }
    }

    void foot(const Table& table) {
        for (const auto& line : table.foot) {
            for (const auto& column : table.columns) {
                if (line->takes(column->id)) {
                    add({line->id,
                         column->id,
                         RunOutcome::Of::single,
                         line->label + " " + column->shown_label(),
                         "",
                         {}},
                        results_.foot(line->id, column->id));
                }
            }
        }
    }

    void of_column(const RunColumn& kept) {
        const ColumnDefinition* column = find_part(study_, kept.column).column;
        if (!column->computed() || kept.cells.kind() != Kind::number) {
            return;
        }
        Value largest;
        for (std::size_t row = 0; row < kept.cells.size(); ++row) {
            const Value value = kept.cells.at(row);
            largest = value.plain() && (!largest.plain() || value.number() > largest.number()) ? value : largest;
        }
        const Value last = kept.cells.empty() ? Value() : kept.cells.at(kept.cells.size() - 1);
        const std::string& label = column->shown_label();
        add({kept.column, {}, RunOutcome::Of::largest, worded({N_("largest %1"), {label}}), kept.unit, {}}, largest);
        add({kept.column, {}, RunOutcome::Of::last, worded({N_("last %1"), {label}}), kept.unit, {}}, last);
    }

    /// How many rows there are, where a formula or a condition says it.
    void rows(const Table* table) {
        const CountedRows* counted = table == nullptr ? nullptr : table->axis.rows_as<CountedRows>();
        if (counted != nullptr && !table->two_way() && (counted->until() != nullptr || !is_number(*counted->count()))) {
            add({table->id, {}, RunOutcome::Of::single, worded({N_("rows of %1"), {table->shown_label()}}), "", {}},
                Value::number(static_cast<double>(results_.rows(table->id))));
        }
    }

    static bool is_number(const Formula& formula) { return formula.tree() && formula.tree()->type == NodeType::number; }

    const Study& study_;
    const Results& results_;
    Run run_;
};

bool same_result(const Run& one, const Run& other) {
    return one.settings == other.settings && one.overrides == other.overrides && one.seed == other.seed &&
           one.columns == other.columns && one.outcomes == other.outcomes;
}

std::size_t cells_of(const Run& run) {
    std::size_t cells = 0;
    for (const RunColumn& column : run.columns) {
        cells += column.cells.size();
    }
    return cells;
}

} // namespace

std::vector<Id> columns_to_keep(const Study& study, Id id) {
    std::vector<Id> ids;
    const Table* table = study.table(id);
    if (table == nullptr) {
        return ids;
    }
    const auto add = [&ids](Id column) {
        if (!column.empty() && std::find(ids.begin(), ids.end(), column) == ids.end()) {
            ids.push_back(column);
        }
    };
    for (const Axis* axis : table->axes()) {
        add(axis->column ? (*axis->column)->id : Id());
    }
    for (const auto& column : table->columns) {
        add(column->computed() ? column->id : Id());
    }
    for (const auto& chart : study.charts) {
        for (const Series& series : chart->series) {
            for (const Id drawn : {series.x, series.y}) {
                add(table->column(drawn) != nullptr ? drawn : Id());
            }
        }
    }
    return ids;
}

namespace {

/// With what charts draw the columns along, so that a run of chosen columns can be drawn too.
std::vector<Id> with_places_across(const Study& study, std::vector<Id> columns) {
    for (const auto& chart : study.charts) {
        for (const Series& series : chart->series) {
            const bool drawn = std::find(columns.begin(), columns.end(), series.y) != columns.end();
            if (drawn && !series.x.empty() && std::find(columns.begin(), columns.end(), series.x) == columns.end()) {
                columns.push_back(series.x);
            }
        }
    }
    return columns;
}

} // namespace

Result<Study> keep_run(const Study& study, const Results& results, const RunRequest& request, Id* added) {
    const Table* table = study.table(request.table);
    if (table == nullptr && !request.table.empty()) {
        return no_such_part;
    }
    const std::vector<Id> columns =
        request.columns.empty() ? columns_to_keep(study, request.table) : with_places_across(study, request.columns);
    if (std::any_of(columns.begin(), columns.end(),
                    [&study](Id id) { return find_part(study, id).column == nullptr; })) {
        return no_such_part;
    }
    const PersistentInternScope texts_stay; // beyond the results that they are from
    RunMaker maker(study, results);
    maker.columns(columns);
    maker.outcomes(table);
    Run run = maker.take();
    if (run.columns.empty() && run.outcomes.empty()) {
        return Sentence{N_("There is nothing to keep: nothing here is computed by a formula yet."), {}};
    }
    run.name = request.name;
    std::size_t cells = cells_of(run);
    const std::vector<RunTitle> titles = run_titles(study);
    for (std::size_t at = 0; at < study.runs.size(); ++at) {
        cells += cells_of(*study.runs[at]);
        if (same_result(*study.runs[at], run)) {
            return Sentence{N_("This is already kept as %1. Change a held value first."), {title_text(titles[at])}};
        }
    }
    if (cells > most_kept_cells || study.runs.size() >= most_runs) {
        return Sentence{N_("A study can keep %1 runs with %2 numbers in total. Remove a run, or select fewer columns "
                           "before keeping one."),
                        {std::to_string(most_runs), std::to_string(most_kept_cells)}};
    }
    return add_run(study, std::move(run), added);
}

} // namespace ledgefall
