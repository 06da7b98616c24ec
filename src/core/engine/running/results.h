#pragma once

#include "core/basics/stopping.h"
#include "core/study/model/study.h"

#include <atomic>
#include <memory>
#include <optional>
#include <unordered_map>

namespace ledgefall {

/// What follows from a study: every column's cells, every held value, every foot value. A snapshot beside the study's:
/// it can be read from any thread, and the next one shares with it all that has not changed.
class Results {
  public:
    /// What a definition's result was computed from. While all of it is the same, the result is.
    struct Input {
        std::shared_ptr<const void> thing; ///< cells, a formula's tree, overrides
        Value single = Value::missing();
        friend bool operator==(const Input&, const Input&) = default;
    };
    struct Entry {
        std::shared_ptr<const Column> cells; ///< of a column
        Value single = Value::missing();     ///< of a held value, a foot value or a number of rows
        std::vector<Input> inputs;
        std::size_t faults = 0; ///< how many cells are in error, and the first of them
        Fault first_fault;
        Kind kind = Kind::number;
        /// Of a held or foot value that is tiny beside the terms it is made of: how large those are; else 0.
        double terms_size = 0;
        /// What was interned when it was computed, and when its study was planned: texts that pass from one result to
        /// another are held by the entry that made them, in these results as well.
        HeldObjects interned;
        std::size_t stopped_after = 0; ///< of the condition on which a table stops: how many rows it has
    };

    const Entry* find(const DefinitionId& id) const;
    const Column* column(Id id) const;
    Value cell(Id column, std::size_t row) const;
    Value single(const DefinitionId& id) const;
    Value foot(Id line, Id column) const;
    std::size_t rows(Id table) const;
    /// Why a table's number of rows is not known: its formula, or the condition on which it stops, is in error.
    std::optional<Fault> fault_of_rows(Id table) const;
    /// Whether a held or foot value is no more than what rounding leaves of its terms, as a sum of deviations is.
    bool only_rounding(const DefinitionId& id) const;

    /// How many definitions were computed anew to get from the results before to these.
    std::size_t computed_count() const { return computed_count_; }

  private:
    friend class Computation;
    std::unordered_map<DefinitionId, Entry> entries_;
    std::unordered_map<Id, std::size_t> rows_;
    /// Of tables whose rows are made from an axis, and of the axes of two-way tables: what is wrong with it, if
    /// anything.
    std::unordered_map<Id, std::optional<Fault>> axis_faults_;
    HeldObjects interned_; ///< of the study that they follow from
    std::size_t computed_count_ = 0;
};

using ResultsPtr = std::shared_ptr<const Results>;

/// How far a computing has come; it may be looked at from another thread.
struct Progress {
    std::atomic<std::size_t> cells = 0; ///< computed so far
};

/// Works a study out. What the `before` results already have, for the same inputs, is taken from them. Null where
/// `stop` was requested before the end.
ResultsPtr compute(const Study& study, const ResultsPtr& before = nullptr, std::stop_token stop = {},
                   Progress* progress = nullptr);
/// The same within the work of a task: throws `Stopped` where that is given up before the end.
ResultsPtr compute_in_task(const Study& study, const ResultsPtr& before, const StopToken& stop,
                           Progress* progress = nullptr);

/// How many columns the grid of a two-way table has; 0 for other tables.
std::size_t columns_of_grid(const Study& study, const Results& results, Id table);

/// What a fault is and where it began: its cell by the row, of a two-way table by the row and the column.
Sentence explain(const Study& study, const Results& results, Fault fault);

} // namespace ledgefall
