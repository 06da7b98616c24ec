#pragma once

#include "core/value/column.h"
#include "core/value/text.h"

#include <cstdint>
#include <map>
#include <string>
#include <vector>

namespace ledgefall {

/// What a given held value was when a run was kept.
struct RunSetting {
    Id held;
    std::string name, unit; ///< as they were then: the held value may have gone since
    Value value = Value::missing();
    friend bool operator==(const RunSetting&, const RunSetting&) = default;
};

/// What was typed over a column's formula then, by the ids of rows.
struct RunOverrides {
    Id column;
    std::map<std::uint64_t, Value> values;
    friend bool operator==(const RunOverrides&, const RunOverrides&) = default;
};

/// The cells of a column as they were then; one in error is missing.
struct RunColumn {
    Id table, column;
    std::string name, unit; ///< `Orbit.r`
    Column cells;
    friend bool operator==(const RunColumn&, const RunColumn&) = default;
};

/// A single value that came out: of a held value, of a foot line under a column, or of a column as a whole.
struct RunOutcome {
    enum class Of : std::uint8_t { single, largest, last }; ///< the last two: of a column
    Id definition;                                          ///< the held value, foot line or column
    Id under;                                               ///< of a foot line: the column
    Of of = Of::single;
    std::string name, unit; ///< for people: "largest r"
    Value value = Value::missing();
    bool same_place(const RunOutcome& other) const {
        return definition == other.definition && under == other.under && of == other.of;
    }
    friend bool operator==(const RunOutcome&, const RunOutcome&) = default;
};

/// A kept result: what it was made with, and what came out, to be compared with the next. Nothing of it follows the
/// study.
struct Run {
    Id id;
    std::string name;       ///< given by a person; empty: it is called by what differs from the other runs
    std::uint64_t seed = 1; ///< of random numbers
    std::vector<RunSetting> settings;
    std::vector<RunOverrides> overrides;
    std::vector<RunColumn> columns;
    std::vector<RunOutcome> outcomes;
    std::uint64_t formulas = 0; ///< a mark of the formulas that it came from (`formulas_mark`); 0: not known
    bool drawn = true;          ///< under the charts of its columns
    std::uint64_t row = 0;      ///< its row in the table of runs, by its id; 0: none yet
    std::string unknown_fields;

    /// In place of a row's id: the row was removed by hand, and is not to come back.
    static constexpr std::uint64_t removed_row = 0x1FFFFFFFFFFFFFU; // what every reader of JSON can hold
    const RunColumn* column(Id id) const;
    const RunSetting* setting(Id held) const;
    friend bool operator==(const Run&, const Run&) = default;
};

/// The table that has a row for each run: typed rows and given columns, which the edits of runs fill.
struct RunsTable {
    /// What a column shows: the runs' names where `of` is empty, else what a held value was or what came out.
    struct Shown {
        Id column;
        RunOutcome of; ///< its place; without a value
        friend bool operator==(const Shown&, const Shown&) = default;
    };
    Id table;
    std::vector<Shown> columns;
    std::string unknown_fields;
    friend bool operator==(const RunsTable&, const RunsTable&) = default;
};

} // namespace ledgefall
