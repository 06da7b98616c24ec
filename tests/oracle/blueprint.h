#pragma once

#include "oracle/oracle_value.h"

#include <cstdint>
#include <map>
#include <string>
#include <vector>

namespace ledgefall::testing {

// A study described plainly, from which both the engine's study and the oracle's are made.

struct HeldPlan {
    std::string name;    ///< of a held function with its parameters: `force(r)`
    std::string formula; ///< of a given value the value as it is typed
};

struct ColumnPlan {
    std::string name;
    OracleKind kind = OracleKind::number;
    std::vector<OracleValue> cells;               ///< of a given column
    std::string formula;                          ///< of a computed one; of a layer too
    std::map<std::size_t, OracleValue> overrides; ///< by the row from 1; of a layer by its cell, row by row
    std::size_t from = 0, to = 0;                 ///< the reach; 0 and 0: all rows
};

struct FootPlan {
    std::string label, formula;
    std::vector<std::string> columns;
};

struct GroupPlan {
    std::string name;
    std::vector<std::string> columns; ///< side by side, and given
};

struct TablePlan {
    std::string name;
    std::size_t rows = 0;
    std::string until; ///< of a counted table that stops early
    bool counted = false;
    std::string down_name, across_name; ///< of a two-way table
    std::vector<double> down, across;
    std::vector<HeldPlan> ledge;
    std::vector<ColumnPlan> columns; ///< of a two-way table its layers; one without a formula is typed
    std::vector<GroupPlan> groups;
    std::vector<FootPlan> foot;
    std::vector<HeldPlan> checks; ///< their labels and conditions

    bool two_way() const { return !across_name.empty(); }
    std::size_t columns_across() const { return two_way() ? across.size() : 1; }
};

struct Blueprint {
    int quantile_type = 7;
    std::uint64_t seed = 1;
    std::vector<HeldPlan> ledge;
    std::vector<TablePlan> tables;
};

} // namespace ledgefall::testing
