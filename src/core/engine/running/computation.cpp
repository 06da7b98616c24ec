#include "core/engine/running/computation.h"

#include "core/engine/running/cancellation.h"
#include "core/engine/running/measure_state.h"
#include "core/engine/running/row_places.h"
#include "core/engine/running/sequence.h"
#include "core/parallel/parallel.h"
#include "core/value/date.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace ledgefall {
namespace {

void lay_overrides(const PlannedDefinition& definition, const Environment& environment, Column& cells) {
    const RowPlaces places(*definition.table, environment);
    for (const auto& [id, value] : *definition.column->overrides) {
        const auto row = places.row_of(id);
        if (row && *row < cells.size()) {
            cells.set(*row, as_override(value, cells.kind()));
        }
    }
}

void fill(Column& cells, std::size_t from, std::size_t to, const Value& value) {
    for (std::size_t row = from; row < to; ++row) {
        cells.set(row, value);
    }
}

void count_faults(Results::Entry& entry) {
    entry.faults = 0;
    for (std::size_t number = 0; number < entry.cells->chunk_count(); ++number) {
        const Column::Chunk& chunk = entry.cells->chunk(number);
        for (std::size_t in = 0; in < chunk.states.size(); ++in) {
            if (chunk.states[in] == State::fault) {
                if (entry.faults++ == 0) {
                    entry.first_fault = Value::of(chunk.slots[in], Kind::number, State::fault).fault();
                }
            }
        }
    }
}

/// The plan of a study, and what was interned in making it.
std::shared_ptr<const Plan> planned(const Study& study, InternedObjectsPtr& interned) {
    const InternScope scope;
    interned = scope.objects();
    return std::make_shared<const Plan>(make_plan(study));
}

} // namespace

ResultsPtr compute(const Study& study, const ResultsPtr& before, std::stop_token stop, Progress* progress) {
    return Computation(study, before, std::move(stop), progress).run();
}

ResultsPtr compute_in_task(const Study& study, const ResultsPtr& before, const StopToken& stop, Progress* progress) {
    ResultsPtr results = compute(study, before, stop.token(), progress);
    return results ? results : throw Stopped();
}

Computation::Computation(const Study& study, ResultsPtr before, std::stop_token stop, Progress* progress)
    : study_(study)
    , plan_(planned(study, planned_))
    , before_(std::move(before))
    , stop_(std::move(stop))
    , progress_(progress)
    , own_answers_(std::make_unique<TrialAnswers>())
    , trial_answers_(own_answers_.get())
    , own_memory_(std::make_unique<MemoryBudget>())
    , memory_(*own_memory_) {}

bool Computation::take_memory(double bytes) {
    const bool taken = memory_.take(bytes);
    if (taken) {
        taken_ += bytes;
    }
    return taken;
}

/// Makes a place for every result beforehand, so that groups that are computed at the same time only write into their
/// own.
void Computation::make_places() {
    for (const auto& table : study_.tables) {
        results_->rows_[table->id] = table->own_rows().value_or(0);
        for (const Axis* axis : table->axes()) {
            if (table->two_way()) {
                results_->rows_[(*axis->column)->id] = axis->source->own_rows().value_or(0);
            }
        }
        const auto give = [this](const ColumnDefinition& column) {
            Results::Entry& entry = results_->entries_[column.id];
            entry.cells = column.cells.pointer();
            entry.kind = column.cells->kind();
        };
        for (const auto& column : table->columns) {
            if (!column->computed() && !table->two_way()) {
                give(*column);
            }
        }
        for (const Axis* axis : table->axes()) {
            if (axis->column) {
                give(**axis->column);
            }
        }
    }
    for (const PlannedDefinition& definition : plan_->definitions) {
        if (definition.held != nullptr && !definition.computed()) {
            Results::Entry& entry = results_->entries_[definition.id];
            entry.single = definition.held->value;
            entry.kind = definition.kind;
        } else if (definition.computed()) {
            results_->entries_.try_emplace(definition.id);
        }
    }
}

ResultsPtr Computation::run() {
    make_places();
    std::map<std::size_t, std::vector<const Plan::Group*>> by_depth;
    for (const Plan::Group& group : plan_->groups) {
        by_depth[group.depth].push_back(&group);
    }
    for (const auto& [depth, groups] : by_depth) {
        compute_together(groups);
        if (stopped()) {
            return nullptr;
        }
    }
    results_->computed_count_ = computed_count_;
    results_->interned_ = study_.interned;
    return results_;
}

/// Computes groups that need nothing of each other, on several cores where there is much to do.
void Computation::compute_together(const std::vector<const Plan::Group*>& groups) {
    constexpr std::size_t few_cells = 50'000;
    constexpr std::size_t rows_for_a_cell = 64;
    std::size_t cells = 0;
    for (const Plan::Group* group : groups) {
        const PlannedDefinition& first = plan_->definitions[group->members.front()];
        cells += first.table == nullptr || !first.computed() ? 0 : rows(first.table->id) * group->members.size();
        // A measure of many rows, however few its own table has. One or two are bound by the memory, which a second
        // core does not speed up: a helper pays off only where there are many.
        for (const Dependency& link : first.links) {
            const PlannedDefinition* target = link.type == DependencyKind::whole ? plan_->find(link.target) : nullptr;
            const std::size_t rows_read = target == nullptr || target->table == nullptr ? 0 : rows(target->table->id);
            // An axis looks each row up, which costs more than adding it to a sum.
            cells += first.what->work == Work::axis ? rows_read : rows_read / rows_for_a_cell;
        }
    }
    const auto compute = [&](std::size_t at) {
        if (!stopped()) {
            start_allowance();
            compute_group(*groups[at]);
        }
    };
    if (cells > few_cells) {
        parallel_for(groups.size(), compute);
    } else {
        for (std::size_t at = 0; at < groups.size(); ++at) {
            compute(at);
        }
    }
}

void Computation::report_progress(std::size_t rows) const {
    if (outer_ != nullptr) {
        outer_->report_progress(rows);
    }
    if (progress_) {
        progress_->cells += rows;
    }
}

/// What a definition's own text and place add to what it is computed from.
void Computation::add_own_inputs(const PlannedDefinition& definition, std::vector<Results::Input>& inputs,
                                 std::set<const PlannedDefinition*>& added) const {
    if (!added.insert(&definition).second) {
        return;
    }
    for (const Formula* formula : definition.formulas()) {
        inputs.push_back({formula->tree(), {}});
    }
    if (definition.fault) {
        inputs.push_back({nullptr, Value::number(*definition.fault)});
    }
    if (definition.has_cells()) {
        inputs.push_back({definition.column->overrides.pointer(), {}});
        if (!definition.column->overrides->empty()) { // they stand in rows by the rows' ids
            for (const Axis* axis : definition.table->axes()) {
                inputs.push_back({axis->source, {}});
                const Results::Entry* values = axis->column ? results_->find((*axis->column)->id) : nullptr;
                inputs.push_back({values == nullptr ? nullptr : values->cells, {}});
            }
        }
        for (const PlannedPiece& piece : definition.pieces) {
            const Reach reach = reach_of(piece, *definition.table, rows(definition.table->id));
            inputs.push_back({nullptr, Value::number(static_cast<double>(reach.from))});
            inputs.push_back({nullptr, Value::number(static_cast<double>(reach.to))});
        }
        inputs.push_back({nullptr, Value::number(static_cast<double>(rows(definition.table->id)))});
    }
    if (definition.axis != nullptr) {
        inputs.push_back({definition.axis->source, {}});
    }
    if (definition.what->work == Work::foot_row) {
        for (const Axis* axis : definition.table->axes()) { // how long they are
            inputs.push_back({nullptr, Value::number(static_cast<double>(rows((*axis->column)->id)))});
        }
    }
    for (const Dependency& link : definition.links) {
        const PlannedDefinition* target = plan_->find(link.target);
        if (target != nullptr && target->held != nullptr && target->held->is_function()) {
            inputs.push_back({target->held->formula.tree(), {}});
        }
    }
    // What lies between a what-if and what it replaces is computed with it, so that it follows their formulas too.
    for (const auto& what_if : definition.what_ifs) {
        const auto groups = plan_->trials.find(what_if.get());
        for (const std::size_t at : groups == plan_->trials.end() ? std::vector<std::size_t>() : groups->second) {
            for (const std::size_t member : plan_->groups[at].members) {
                add_own_inputs(plan_->definitions[member], inputs, added);
            }
        }
    }
}

std::vector<Results::Input> Computation::inputs_of(const Plan::Group& group) const {
    std::vector<Results::Input> inputs;
    if (outer_ != nullptr) {
        return inputs; // a trial's results are not taken over into others
    }
    std::set<const PlannedDefinition*> added;
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_->definitions[member];
        const Settings& settings = study_.settings;
        inputs.push_back({nullptr, Value::number(settings.tolerance)});
        inputs.push_back({nullptr, Value::number(settings.quantile_type)});
        inputs.push_back({nullptr, Value::number(static_cast<double>(settings.seed >> 32))}); // in halves, each exact
        inputs.push_back({nullptr, Value::number(static_cast<double>(settings.seed & 0xffff'ffff))});
        inputs.push_back({nullptr, Value::number(settings.as_of.value_or(today_))});
        add_own_inputs(definition, inputs, added);
        for (const Dependency& link : definition.links) {
            const PlannedDefinition* target = plan_->find(link.target);
            const bool own =
                target != nullptr && std::any_of(group.members.begin(), group.members.end(),
                                                 [&](std::size_t one) { return &plan_->definitions[one] == target; });
            const Results::Entry* entry = own ? nullptr : results_->find(link.target);
            if (entry != nullptr) {
                inputs.push_back({entry->cells, entry->single});
            }
            const Table* table = target != nullptr ? target->table : study_.table(link.target.object);
            if (table != nullptr && !group.by_rows) {
                inputs.push_back({nullptr, Value::number(static_cast<double>(rows(table->id)))});
            }
        }
    }
    return inputs;
}

/// Takes the group's results from those before, where nothing it was computed from has changed.
bool Computation::reuse(const Plan::Group& group, const std::vector<Results::Input>& inputs) {
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_->definitions[member];
        const Results::Entry* old = before_ ? before_->find(definition.id) : nullptr;
        if (old == nullptr || old->inputs.empty() || old->inputs != inputs || old->kind != definition.kind) {
            return false;
        }
    }
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_->definitions[member];
        Results::Entry entry = *before_->find(definition.id);
        if (const auto take_rows = worker(definition).take_rows) {
            (this->*take_rows)(definition, entry);
        }
        results_->entries_.at(definition.id) = std::move(entry);
    }
    return true;
}

/// Keeps a new result. If it is equal to the one before, that one is kept in its place, so that nothing that depends on
/// it is computed again.
void Computation::keep(const PlannedDefinition& definition, Results::Entry entry, const InternedObjectsPtr& made) {
    ++computed_count_;
    entry.kind = definition.kind;
    entry.interned.add(made);
    entry.interned.add(planned_);
    if (entry.cells) {
        const Results::Entry* old = before_ ? before_->find(definition.id) : nullptr;
        if (old != nullptr && old->cells && *old->cells == *entry.cells) {
            entry.cells = old->cells;
        }
        count_faults(entry);
    } else if (entry.single.is_fault()) {
        entry.faults = 1;
        entry.first_fault = entry.single.fault();
    }
    results_->entries_.at(definition.id) = std::move(entry);
}

void Computation::compute_group(const Plan::Group& group) {
    const PlannedDefinition& only = plan_->definitions[group.members.front()];
    if (group.members.size() == 1 && !only.computed()) {
        return;
    }
    const std::vector<Results::Input> inputs = inputs_of(group);
    if (before_ != nullptr && reuse(group, inputs)) {
        return;
    }
    constexpr double most_text = 1e9; // of one definition
    const InternScope scope(std::min(memory_.left(), most_text));
    if (group.by_rows) {
        compute_sequence(group, inputs, scope.objects());
        return;
    }
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_->definitions[member];
        Results::Entry entry;
        entry.inputs = inputs;
        (this->*worker(definition).work_out)(definition, entry);
        keep(definition, std::move(entry), scope.objects());
    }
}

const Computation::Worker& Computation::worker(const PlannedDefinition& definition) {
    static constexpr Worker workers[] = {{&Computation::compute_single, nullptr},
                                         {&Computation::compute_row_count, &Computation::set_rows},
                                         {&Computation::compute_column, nullptr},
                                         {&Computation::never_stopped, &Computation::set_stopped_rows},
                                         {&Computation::compute_axis, &Computation::set_axis_rows},
                                         {&Computation::compute_grid_size, &Computation::set_rows},
                                         {&Computation::compute_foot_row, nullptr}};
    static_assert(std::size(workers) == static_cast<std::size_t>(Work::foot_row) + 1);
    return workers[static_cast<std::size_t>(definition.what->work)];
}

void Computation::set_stopped_rows(const PlannedDefinition& definition, Results::Entry& entry) {
    results_->rows_.at(definition.table->id) = entry.stopped_after;
}

void Computation::compute_single(const PlannedDefinition& definition, Results::Entry& entry) {
    if (definition.fault) {
        entry.single = Value::fault({*definition.fault, 0});
    } else {
        Runner runner(definition.pieces.front().program, *this);
        runner.start();
        entry.single = runner.output_value(0, 0);
        if (definition.size_program && entry.single.plain()) {
            entry.terms_size = size_of_terms(entry.single.number(), *definition.size_program, *this);
        }
    }
}

void Computation::compute_row_count(const PlannedDefinition& definition, Results::Entry& entry) {
    compute_single(definition, entry);
    set_rows(definition, entry);
}

/// A condition that has a mistake, or a group that has a fault, decides nothing: the table has no rows, and says why.
void Computation::never_stopped(const PlannedDefinition& definition, Results::Entry& entry) {
    entry.single = definition.fault ? Value::fault({*definition.fault, 0}) : Value::missing();
    results_->rows_.at(definition.table->id) = 0;
}

void Computation::run_rows(const Program& program, std::size_t from, std::size_t to, Column& cells) {
    Runner runner(program, *this);
    runner.start();
    for_blocks_of(program, *this, from, to, [&](std::size_t first, std::size_t count) {
        if (first >= cells.size()) { // extended chunk by chunk, so that a chunk is still in the cache when it is filled
            cells.extend(std::min(Column::chunk_rows, to - first));
        }
        Column::Chunk& chunk = cells.own_chunk(first / Column::chunk_rows);
        double* slots = chunk.slots.data() + first % Column::chunk_rows;
        runner.set_output(slots);
        runner.run(first, count);
        const Lane lane = runner.output(0);
        if (lane.single) {
            std::fill_n(slots, count, lane.slots[0]);
        } else if (lane.slots != slots) {
            std::copy_n(lane.slots, count, slots);
        }
        if (lane.states != nullptr && chunk.states.empty()) {
            chunk.states.assign(chunk.slots.size(), State::plain);
        }
        if (!chunk.states.empty()) {
            for (std::size_t row = 0; row < count; ++row) {
                chunk.states[first % Column::chunk_rows + row] = lane.state(row);
            }
        }
        report_progress(count);
        return !stopped();
    });
}

void Computation::compute_column(const PlannedDefinition& definition, Results::Entry& entry) {
    const std::size_t rows_here = rows(definition.table->id);
    if (!take_memory(static_cast<double>(rows_here) * bytes_of_cell)) {
        entry.cells = memory_.refused(definition.id, definition.kind, rows_here);
        return;
    }
    auto cells = std::make_shared<Column>(definition.kind);
    const bool whole = !definition.fault && definition.pieces.size() == 1 && !definition.pieces.front().from &&
                       !definition.pieces.front().to && definition.pieces.front().first.empty();
    if (!whole) {
        cells->prepare(rows_here);
    }
    if (definition.fault) {
        fill(*cells, 0, rows_here, Value::fault({*definition.fault, 0}));
    } else {
        std::size_t covered = 0;
        for (const PlannedPiece& piece : definition.pieces) {
            const Reach reach = reach_of(piece, *definition.table, rows_here);
            covered += reach.to - reach.from;
        }
        if (covered < rows_here) {
            fill(*cells, 0, rows_here, Value::missing(definition.kind));
        }
        for (const PlannedPiece& piece : definition.pieces) {
            Reach reach = reach_of(piece, *definition.table, rows_here);
            for (const Program& first : piece.first) {
                const std::size_t end = std::min(reach.from + cells_of_row(*definition.table, *this), reach.to);
                run_rows(first, reach.from, end, *cells);
                reach.from = end;
            }
            run_rows(piece.program, reach.from, reach.to, *cells);
        }
    }
    lay_overrides(definition, *this, *cells);
    entry.cells = std::move(cells);
}

void Computation::compute_sequence(const Plan::Group& group, const std::vector<Results::Input>& inputs,
                                   const InternedObjectsPtr& made) {
    const Table& table = *plan_->definitions[group.members.front()].table;
    if (!take_memory(static_cast<double>(rows(table.id) * group.members.size()) * bytes_of_cell)) {
        for (const std::size_t member : group.members) {
            const PlannedDefinition& definition = plan_->definitions[member];
            Results::Entry entry;
            entry.inputs = inputs;
            entry.cells = memory_.refused(definition.id, definition.kind, rows(table.id));
            if (!definition.stops()) {
                keep(definition, std::move(entry), made);
            }
        }
        return;
    }
    Sequence sequence(*plan_, group, *this, rows(table.id));
    if (!sequence.run()) {
        return;
    }
    // Written only where it changes: groups that do not depend on a stop may read it at the same time.
    if (std::size_t& own_rows = results_->rows_.at(table.id); own_rows != sequence.stopped_after()) {
        own_rows = sequence.stopped_after();
    }
    for (std::size_t at = 0; at < group.members.size(); ++at) {
        const PlannedDefinition& definition = sequence.definition(at);
        Results::Entry entry;
        entry.inputs = inputs;
        if (definition.stops()) {
            entry.single = sequence.stopped_by();
            entry.stopped_after = sequence.stopped_after();
        } else {
            entry.cells = sequence.cells(at);
        }
        keep(definition, std::move(entry), made);
    }
}

} // namespace ledgefall
