#pragma once

#include "core/engine/running/results.h"
#include "core/study/model/study.h"

#include <string>

namespace ledgefall::testing {

/// Where the two results differ, in words; empty where they are the same.
inline std::string difference(const Study& study, const Results& a, const Results& b) {
    for (const auto& held : study.ledge) {
        if (!(a.single(held->id) == b.single(held->id))) {
            return "held value " + held->name;
        }
    }
    for (const auto& table : study.tables) {
        if (a.rows(table->id) != b.rows(table->id)) {
            return "rows of " + table->name;
        }
        for (const auto& held : table->ledge) {
            if (!(a.single(held->id) == b.single(held->id))) {
                return table->name + "." + held->name;
            }
        }
        for (const auto& column : table->columns) {
            for (std::size_t row = 0; row < a.rows(table->id); ++row) {
                if (!(a.cell(column->id, row) == b.cell(column->id, row))) {
                    return table->name + "." + column->name + ", row " + std::to_string(row + 1);
                }
            }
            for (const auto& line : table->foot) {
                if (line->takes(column->id) && !(a.foot(line->id, column->id) == b.foot(line->id, column->id))) {
                    return line->label + " under " + column->name;
                }
            }
        }
    }
    return {};
}

} // namespace ledgefall::testing
