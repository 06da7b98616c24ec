#include "core/engine/running/sequence.h"

#include "core/engine/running/row_places.h"

#include <algorithm>
#include <map>

namespace ledgefall {

Reach reach_of(const PlannedPiece& piece, const Table& table, std::size_t rows) {
    Reach reach{0, rows};
    const auto from = piece.from ? table.axis.row_of(*piece.from) : std::optional<std::size_t>(0);
    const auto last = piece.to ? table.axis.row_of(*piece.to) : std::optional<std::size_t>(rows == 0 ? 0 : rows - 1);
    if (!from || !last) { // edits move an end that is removed to a row that stays: here none was left
        return {0, 0};
    }
    reach.from = *from;
    reach.to = rows == 0 ? 0 : *last + 1;
    reach.to = std::min(reach.to, rows);
    reach.from = std::min(reach.from, reach.to);
    return reach;
}

Value as_override(const Value& typed, Kind kind) {
    return typed.kind() == kind || !typed.plain() ? typed : Value::unparsed(Text(write_cell(typed)));
}

/// One of the columns, with its formulas ready to run.
struct Sequence::Member {
    struct Part {
        Reach reach;
        std::vector<std::unique_ptr<Runner>> first;
        std::unique_ptr<Runner> then;
    };
    const PlannedDefinition* definition = nullptr;
    std::shared_ptr<Column> cells;
    std::size_t computed = 0;
    std::vector<Part> parts;
    std::map<std::size_t, Value> overrides;
    bool holds_own_rows = false; ///< it refers to a fixed row of a column that is growing: seen anew at every row

    Value at(std::size_t row, std::size_t columns) {
        if (!overrides.empty()) {
            const auto typed = overrides.find(row);
            if (typed != overrides.end()) {
                return typed->second;
            }
        }
        if (definition->fault) {
            return Value::fault({*definition->fault, 0});
        }
        for (Part& part : parts) {
            if (row >= part.reach.from && row < part.reach.to) {
                const std::size_t number = (row - part.reach.from) / columns; // of the row of the table
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

Sequence::Sequence(const Plan& plan, const Plan::Group& group, const Environment& outer, std::size_t rows)
    : outer_(outer)
    , table_(*plan.definitions[group.members.front()].table)
    , rows_(rows)
    , columns_(cells_of_row(table_, outer)) {
    std::vector<std::size_t> order = group.members;
    std::stable_partition(order.begin(), order.end(),
                          [&plan](std::size_t member) { return !plan.definitions[member].stops(); });
    for (const std::size_t at : order) {
        auto member = std::make_unique<Member>();
        member->definition = &plan.definitions[at];
        member->cells = std::make_shared<Column>(member->definition->kind);
        by_id_.emplace(member->definition->id, member.get());
        members_.push_back(std::move(member));
    }
    for (auto& member : members_) {
        prepare(*member);
    }
    steps_ = recurrence_program();
}

Sequence::~Sequence() = default;

const PlannedDefinition& Sequence::definition(std::size_t member) const {
    return *members_[member]->definition;
}

std::shared_ptr<Column> Sequence::cells(std::size_t member) const {
    return members_[member]->cells;
}

Environment::View Sequence::column(Id id) const {
    const auto own = by_id_.find(id);
    return own == by_id_.end() ? outer_.column(id) : View{own->second->cells.get(), &own->second->computed, rows_};
}

void Sequence::prepare(Member& member) {
    const PlannedDefinition& definition = *member.definition;
    member.holds_own_rows =
        std::any_of(definition.links.begin(), definition.links.end(), [this](const Dependency& link) {
            return (link.type == DependencyKind::fixed_row || link.type == DependencyKind::computed_row) &&
                   by_id_.contains(link.target);
        });
    const auto started = [this](const Program& program) {
        auto runner = std::make_unique<Runner>(program, *this);
        runner->start();
        return runner;
    };
    for (const PlannedPiece& piece : definition.pieces) {
        Member::Part part;
        part.reach = reach_of(piece, table_, rows_);
        for (const Program& first : piece.first) {
            part.first.push_back(started(first));
        }
        part.then = started(piece.program);
        careful_rows_ = std::max(careful_rows_, std::min(part.reach.from + part.first.size() * columns_, rows_));
        member.parts.push_back(std::move(part));
    }
    if (definition.column != nullptr) {
        const RowPlaces places(table_, *this);
        for (const auto& [id, value] : *definition.column->overrides) {
            if (const auto row = places.row_of(id)) {
                member.overrides.emplace(*row, as_override(value, definition.kind));
            }
        }
    }
}

/// The members' programs as one list of steps, where each has one formula for all rows to the end.
std::optional<RecurrenceProgram> Sequence::recurrence_program() const {
    std::vector<RecurrenceCompiler::Source> sources;
    for (const auto& member : members_) {
        const PlannedDefinition& definition = *member->definition;
        const bool simple = !definition.fault && member->parts.size() == 1 && !member->holds_own_rows &&
                            member->parts.front().reach.to == rows_;
        if (!simple) {
            return std::nullopt;
        }
        sources.push_back({definition.id, &definition.pieces.front().program, member->parts.front().then.get()});
    }
    std::optional<RecurrenceCode> code = RecurrenceCompiler(sources, *this).compile();
    return code ? std::optional<RecurrenceProgram>(std::move(*code)) : std::nullopt;
}

/// The first row from `row` on in which something is typed over a member's cell, up to `end`.
std::size_t Sequence::next_override(std::size_t row, std::size_t end) const {
    for (const auto& member : members_) {
        const auto next = member->overrides.lower_bound(row);
        end = next == member->overrides.end() ? end : std::min(end, next->first);
    }
    return end;
}

void Sequence::run_row_checked(std::size_t row) {
    for (const auto& member : members_) {
        member->computed = row;
    }
    for (std::size_t at = 0; at < members_.size(); ++at) {
        Member& member = *members_[at];
        const Value value = member.at(row, columns_);
        member.cells->set(row, value);
        member.computed = row + 1;
        if (steps_) {
            steps_->put(row, at, value);
        }
    }
}

/// Whether the table stops at the row for which the condition gave this; it also does where that is a fault, since
/// nothing after it could be told.
bool Sequence::stops_at(const Value& condition) {
    if (condition.is_fault()) {
        stopped_by_ = condition;
    }
    return condition.is_fault() || (condition.plain() && condition.yes());
}

/// Whether each member needs nothing of the others' present row of the grid that is not computed before it.
bool Sequence::goes_by_lines() const {
    return table_.two_way() && std::all_of(members_.begin(), members_.end(), [this](const auto& member) {
               const auto& links = member->definition->links;
               return !member->holds_own_rows &&
                      std::all_of(links.begin(), links.end(), [this](const Dependency& link) {
                          return !by_id_.contains(link.target) || link.type == DependencyKind::same_row ||
                                 (link.type == DependencyKind::earlier_row && link.line_above);
                      });
           });
}

void Sequence::run_line(Member& member, std::size_t first, std::size_t end) {
    const auto put = [&member](std::size_t row, const Value& value) { member.cells->set(row, value); };
    Member::Part* part = member.parts.empty() ? nullptr : &member.parts.front();
    if (member.definition->fault || part == nullptr) {
        for (std::size_t row = first; row < end; ++row) {
            put(row, member.definition->fault ? Value::fault({*member.definition->fault, 0})
                                              : Value::missing(member.definition->kind));
        }
    } else {
        const std::size_t line = first / columns_;
        const bool begins = line < part->first.size();
        Runner& runner = begins ? *part->first[line] : *part->then;
        const PlannedPiece& piece = member.definition->pieces.front();
        const Program& program = begins ? piece.first[line] : piece.program;
        for_blocks_of(program, *this, first, end, [&](std::size_t from, std::size_t count) {
            Column::Chunk& chunk = member.cells->own_chunk(from / Column::chunk_rows);
            const std::size_t in = from % Column::chunk_rows;
            double* slots = chunk.slots.data() + in;
            runner.set_output(slots);
            runner.run(from, count);
            const Lane lane = runner.output(0);
            if (lane.states != nullptr && chunk.states.empty()) {
                chunk.states.assign(chunk.slots.size(), State::plain);
            }
            if (lane.single) {
                std::fill_n(slots, count, lane.slots[0]);
            } else if (lane.slots != slots) {
                std::copy_n(lane.slots, count, slots);
            }
            for (std::size_t at = 0; at < count && !chunk.states.empty(); ++at) {
                chunk.states[in + at] = lane.state(at);
            }
            return true;
        });
    }
    for (auto typed = member.overrides.lower_bound(first); typed != member.overrides.end() && typed->first < end;
         ++typed) {
        put(typed->first, typed->second);
    }
    member.computed = end;
}

bool Sequence::run_by_lines() {
    for (std::size_t first = 0; first < rows_; first += columns_) {
        if (outer_.stopped()) {
            return false;
        }
        const std::size_t end = std::min(rows_, first + columns_);
        for (auto& member : members_) { // cells are made when they are written, while they are near
            while (member->cells->size() < end) {
                member->cells->extend(std::min(Column::chunk_rows, rows_ - member->cells->size()));
            }
        }
        for (auto& member : members_) {
            run_line(*member, first, end);
        }
        outer_.report_progress((end - first) * members_.size());
    }
    return true;
}

bool Sequence::run() {
    if (goes_by_lines()) {
        return run_by_lines();
    }
    const bool stops = members_.back()->definition->stops();
    const std::size_t last = members_.size() - 1;
    std::size_t row = 0;
    bool ended = false;
    while (row < rows_ && !ended) {
        if (outer_.stopped()) {
            return false;
        }
        const std::size_t end = std::min(rows_, row + Column::chunk_rows);
        const std::size_t chunk_first = row;
        std::vector<double*> cells;
        for (auto& member : members_) {
            member->cells->extend(end - row);
            cells.push_back(member->cells->own_chunk(row / Column::chunk_rows).slots.data());
        }
        if (steps_) {
            steps_->begin(row, end - row, cells);
        }
        while (row < end && !ended) {
            if (steps_ && row >= careful_rows_) {
                const std::size_t from = row;
                row = steps_->run(row, next_override(row, end), stops ? std::optional(last) : std::nullopt);
                ended = stops && row > from && cells[last][row - 1 - chunk_first] != 0;
            }
            if (row < end && !ended) {
                run_row_checked(row);
                ended = stops && stops_at(members_[last]->cells->at(row));
                ++row;
            }
            if (row % Runner::block_rows == 0 && outer_.stopped()) {
                return false;
            }
        }
        outer_.report_progress((row - chunk_first) * members_.size());
    }
    rows_ = row;
    for (auto& member : members_) {
        member->cells->resize(rows_);
    }
    return true;
}

} // namespace ledgefall
