#pragma once

#include "core/engine/planning/plan.h"
#include "core/engine/running/recurrence_compiler.h"
#include "core/engine/running/recurrence_program.h"
#include "core/engine/running/runner.h"

#include <memory>
#include <unordered_map>

namespace ledgefall {

/// The rows from 0 that a piece of a column's formulas covers.
struct Reach {
    std::size_t from = 0, to = 0;
};
Reach reach_of(const PlannedPiece& piece, const Table& table, std::size_t rows);

/// What is typed over a computed column's cell, as a cell of that column.
Value as_override(const Value& typed, Kind kind);

/// Columns of one table that need each other's earlier rows, computed together row by row. Most rows are done by
/// steps on plain numbers; those with gaps, faults or typed cells by the columns' own programs. Where the table stops
/// early, the last member is the condition for it. In a two-way table the cells go row by row and from left to right;
/// where they need only earlier rows of the grid, a whole row at a time.
class Sequence : public Environment {
  public:
    Sequence(const Plan& plan, const Plan::Group& group, const Environment& outer, std::size_t rows);
    ~Sequence() override;

    /// Computes up to `rows` rows; `rows()` tells after how many it stopped. False where it was told to stop.
    bool run();

    std::size_t stopped_after() const { return rows_; }
    Value stopped_by() const { return stopped_by_; } ///< a fault of the condition, if that is why it stopped
    /// The members, in the order in which they are computed.
    const PlannedDefinition& definition(std::size_t member) const;
    std::shared_ptr<Column> cells(std::size_t member) const;

    View column(Id id) const override;
    Value single(const DefinitionId& id) const override { return outer_.single(id); }
    std::vector<Value> answers(const WhatIfCall& call, const std::vector<Trial>& trials) const override {
        return outer_.answers(call, trials);
    }
    std::size_t rows(Id table) const override { return outer_.rows(table); }
    std::optional<Fault> fault_of_rows(Id table) const override { return outer_.fault_of_rows(table); }
    bool stopped() const override { return outer_.stopped(); }
    void report_progress(std::size_t rows) const override { outer_.report_progress(rows); }

  private:
    struct Member;

    void prepare(Member& member);
    std::optional<RecurrenceProgram> recurrence_program() const;
    std::size_t next_override(std::size_t row, std::size_t end) const;
    void run_row_checked(std::size_t row);
    bool stops_at(const Value& condition);
    bool goes_by_lines() const;
    bool run_by_lines();
    void run_line(Member& member, std::size_t first, std::size_t end);

    const Environment& outer_;
    const Table& table_;
    std::size_t rows_ = 0;
    std::size_t columns_ = 1; ///< of a two-way table
    std::vector<std::unique_ptr<Member>> members_;
    std::unordered_map<DefinitionId, const Member*> by_id_;
    std::optional<RecurrenceProgram> steps_;
    std::size_t careful_rows_ = 0; ///< from the first on: the first values
    Value stopped_by_ = Value::missing();
};

} // namespace ledgefall
