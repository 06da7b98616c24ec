#include "core/engine/computation.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr double most_rows = 20'000'000;

/// The rows from 0 that a piece covers.
struct Reach {
    std::size_t from = 0, to = 0;
};

Reach reach_of(const PlannedPiece& piece, const Table& table, std::size_t rows) {
    const auto row_of = [&table](std::uint64_t id) -> std::optional<std::size_t> {
        return table.axis.source == RowSource::typed ? table.axis.ids.row_of(id) : std::optional<std::size_t>(id - 1);
    };
    Reach reach{0, rows};
    if (piece.from) {
        reach.from = row_of(*piece.from).value_or(0);
    }
    if (piece.to) {
        reach.to = row_of(*piece.to).value_or(rows - (rows > 0 ? 1 : 0)) + 1;
    }
    reach.to = std::min(reach.to, rows);
    reach.from = std::min(reach.from, reach.to);
    return reach;
}

/// What is typed over a worked column's cell, as a cell of that column.
Value as_override(const Value& typed, Kind kind) {
    return typed.kind() == kind || !typed.plain() ? typed : Value::odd(Text(write_cell(typed)));
}

void lay_overrides(const PlannedDefinition& definition, Column& cells) {
    for (const auto& [id, value] : *definition.column->overrides) {
        const auto row = definition.table->axis.source == RowSource::typed ? definition.table->axis.ids.row_of(id)
                                                                           : std::optional<std::size_t>(id - 1);
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

} // namespace

ResultsPtr compute(const Study& study, const ResultsPtr& before, std::stop_token stop) {
    return Computation(study, before, std::move(stop)).run();
}

Computation::Computation(const Study& study, ResultsPtr before, std::stop_token stop)
    : study_(study)
    , plan_(make_plan(study))
    , before_(std::move(before))
    , stop_(std::move(stop)) {}

Environment::View Computation::column(Id id) const {
    const auto growing = growing_.find(id);
    if (growing != growing_.end()) {
        return {growing->second.cells.get(), &growing->second.computed};
    }
    const Column* cells = results_->column(id);
    return {cells == nullptr ? &none_ : cells, nullptr};
}

ResultsPtr Computation::run() {
    for (const auto& table : study_.tables) {
        if (table->axis.source == RowSource::typed) {
            results_->rows_[table->id] = table->axis.ids.size();
        }
        for (const auto& column : table->columns) {
            if (!column->worked()) {
                Results::Entry entry;
                entry.cells = column->cells.pointer();
                entry.kind = entry.cells->kind();
                results_->entries_.emplace(column->id, std::move(entry));
            }
        }
    }
    for (const Plan::Group& group : plan_.groups) {
        if (stopped()) {
            return nullptr;
        }
        compute_group(group);
    }
    return stopped() ? nullptr : results_;
}

std::vector<Results::Input> Computation::inputs_of(const Plan::Group& group) const {
    std::vector<Results::Input> inputs;
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_.definitions[member];
        for (const Formula* formula : definition.formulas()) {
            inputs.push_back({formula->tree(), {}});
        }
        if (definition.fault) {
            inputs.push_back({nullptr, Value::number(*definition.fault)});
        }
        if (definition.what == PlannedDefinition::What::column) {
            inputs.push_back({definition.column->overrides.pointer(), {}});
            for (const PlannedPiece& piece : definition.pieces) {
                const Reach reach = reach_of(piece, *definition.table, rows(definition.table->id));
                inputs.push_back({nullptr, Value::number(static_cast<double>(reach.from))});
                inputs.push_back({nullptr, Value::number(static_cast<double>(reach.to))});
            }
            inputs.push_back({nullptr, Value::number(static_cast<double>(rows(definition.table->id)))});
        }
        for (const Link& link : definition.links) {
            const Results::Entry* entry = results_->find(link.target);
            if (entry != nullptr) {
                inputs.push_back({entry->cells, entry->single});
            }
            const PlannedDefinition* target = plan_.find(link.target);
            if (target != nullptr && target->table != nullptr) {
                inputs.push_back({nullptr, Value::number(static_cast<double>(rows(target->table->id)))});
            }
        }
    }
    return inputs;
}

/// Takes the group's results from those before, where nothing it was worked out from has changed.
bool Computation::reuse(const Plan::Group& group, const std::vector<Results::Input>& inputs) {
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_.definitions[member];
        const Results::Entry* old = before_ ? before_->find(definition.id) : nullptr;
        if (old == nullptr || old->inputs.empty() || old->inputs != inputs || old->kind != definition.kind) {
            return false;
        }
    }
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_.definitions[member];
        Results::Entry entry = *before_->find(definition.id);
        if (definition.what == PlannedDefinition::What::row_count) {
            set_rows(definition, entry);
        }
        results_->entries_.emplace(definition.id, std::move(entry));
    }
    return true;
}

/// Keeps a new result. If it is equal to the one before, that one is kept in its place, so that nothing that depends on
/// it is worked out again.
void Computation::keep(const PlannedDefinition& definition, Results::Entry entry) {
    ++results_->worked_out_;
    entry.kind = definition.kind;
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
    results_->entries_.emplace(definition.id, std::move(entry));
}

void Computation::compute_group(const Plan::Group& group) {
    const PlannedDefinition& only = plan_.definitions[group.members.front()];
    if (group.members.size() == 1 && !only.worked()) {
        if (only.what == PlannedDefinition::What::held) {
            Results::Entry entry;
            entry.single = only.held->value;
            entry.kind = only.kind;
            results_->entries_.emplace(only.id, std::move(entry));
        }
        return;
    }
    const std::vector<Results::Input> inputs = inputs_of(group);
    if (reuse(group, inputs)) {
        return;
    }
    if (group.by_rows) {
        compute_sequence(group, inputs);
        return;
    }
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_.definitions[member];
        Results::Entry entry;
        entry.inputs = inputs;
        if (definition.what == PlannedDefinition::What::column) {
            compute_column(definition, entry);
        } else {
            compute_single(definition, entry);
        }
        keep(definition, std::move(entry));
    }
}

void Computation::compute_single(const PlannedDefinition& definition, Results::Entry& entry) {
    if (definition.fault) {
        entry.single = Value::fault({*definition.fault, 0});
    } else {
        Runner runner(definition.pieces.front().program, *this);
        runner.start();
        entry.single = runner.output_value(0, 0);
    }
    if (definition.what == PlannedDefinition::What::row_count) {
        set_rows(definition, entry);
    }
}

void Computation::set_rows(const PlannedDefinition& definition, Results::Entry& entry) {
    const double count = entry.single.plain() ? entry.single.number() : 0;
    const bool possible =
        definition.kind == Kind::number && count >= 0 && count <= most_rows && count == std::floor(count);
    if (!possible && entry.single.plain()) {
        const Sentence what{"a table takes a whole number of rows from 0 to %1", {"20,000,000"}};
        entry.single = Value::fault({fault_site({Cause::too_large, definition.id, what, 0, 0}), 0});
    }
    results_->rows_[definition.id] = possible ? static_cast<std::size_t>(count) : 0;
}

void Computation::run_rows(const Program& program, std::size_t from, std::size_t to, Column& cells) {
    Runner runner(program, *this);
    runner.start();
    for_blocks(from, to, [&](std::size_t first, std::size_t count) {
        if (first >= cells.size()) { // a column that grows chunk by chunk, each still near when it is filled
            cells.extend(std::min(Column::chunk_rows, to - first));
        }
        Column::Chunk& chunk = cells.own_chunk(first / Column::chunk_rows);
        double* slots = chunk.slots.data() + first % Column::chunk_rows;
        runner.aim(slots);
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
        return !stopped();
    });
}

void Computation::compute_column(const PlannedDefinition& definition, Results::Entry& entry) {
    const std::size_t rows_here = rows(definition.table->id);
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
                const std::size_t end = std::min(reach.from + 1, reach.to);
                run_rows(first, reach.from, end, *cells);
                reach.from = end;
            }
            run_rows(piece.program, reach.from, reach.to, *cells);
        }
    }
    lay_overrides(definition, *cells);
    entry.cells = std::move(cells);
}

struct Computation::Prepared {
    const PlannedDefinition* definition = nullptr;
    Growing* growing = nullptr;
    struct Part {
        Reach reach;
        std::vector<std::unique_ptr<Runner>> first;
        std::unique_ptr<Runner> then;
    };
    std::vector<Part> parts;
    std::unordered_map<std::size_t, Value> overrides;
    bool holds_own_rows = false; ///< it refers to a fixed row of a column that is growing: seen anew at every row

    Value at(std::size_t row) {
        if (!overrides.empty()) {
            const auto typed = overrides.find(row);
            if (typed != overrides.end()) {
                return typed->second;
            }
        }
        for (Part& part : parts) {
            if (row >= part.reach.from && row < part.reach.to) {
                const std::size_t number = row - part.reach.from;
                Runner& runner = number < part.first.size() ? *part.first[number] : *part.then;
                if (holds_own_rows) {
                    runner.start();
                }
                runner.run(row, 1);
                return runner.output_value(0, 0);
            }
        }
        return Value::missing(definition->kind);
    }
};

void Computation::compute_sequence(const Plan::Group& group, const std::vector<Results::Input>& inputs) {
    const Table& table = *plan_.definitions[group.members.front()].table;
    const std::size_t rows_here = rows(table.id);
    for (const std::size_t member : group.members) {
        Growing& growing = growing_[plan_.definitions[member].id];
        growing.cells = std::make_shared<Column>(plan_.definitions[member].kind);
        growing.cells->prepare(rows_here);
    }
    std::vector<Prepared> columns(group.members.size());
    for (std::size_t at = 0; at < columns.size(); ++at) {
        const PlannedDefinition& definition = plan_.definitions[group.members[at]];
        columns[at].definition = &definition;
        columns[at].growing = &growing_[definition.id];
        columns[at].holds_own_rows =
            std::any_of(definition.links.begin(), definition.links.end(), [this](const Link& link) {
                return (link.type == LinkType::fixed_row || link.type == LinkType::computed_row) &&
                       growing_.contains(link.target);
            });
        const auto started = [this](const Program& program) {
            auto runner = std::make_unique<Runner>(program, *this);
            runner->start();
            return runner;
        };
        for (const PlannedPiece& piece : definition.pieces) {
            Prepared::Part part;
            part.reach = reach_of(piece, table, rows_here);
            for (const Program& first : piece.first) {
                part.first.push_back(started(first));
            }
            part.then = started(piece.program);
            columns[at].parts.push_back(std::move(part));
        }
        for (const auto& [id, value] : *definition.column->overrides) {
            const auto row =
                table.axis.source == RowSource::typed ? table.axis.ids.row_of(id) : std::optional<std::size_t>(id - 1);
            if (row) {
                columns[at].overrides.emplace(*row, as_override(value, definition.kind));
            }
        }
    }
    for (std::size_t row = 0; row < rows_here; ++row) {
        if (row % Runner::block_rows == 0 && stopped()) {
            return;
        }
        for (Prepared& column : columns) {
            column.growing->cells->set(row, column.at(row));
            column.growing->computed = row + 1;
        }
    }
    for (const std::size_t member : group.members) {
        const PlannedDefinition& definition = plan_.definitions[member];
        Results::Entry entry;
        entry.inputs = inputs;
        entry.cells = growing_[definition.id].cells;
        keep(definition, std::move(entry));
    }
    columns.clear(); // their programs read the columns that are now done
    for (const std::size_t member : group.members) {
        growing_.erase(plan_.definitions[member].id);
    }
}

} // namespace ledgefall
