#pragma once

#include "core/engine/running/runner.h"
#include "core/study/model/grid_cells.h"

#include <optional>

namespace ledgefall {

/// Where the rows of a table stand, or the cells of a two-way one, by their identities.
class RowPlaces {
  public:
    RowPlaces(const Table& table, const Environment& environment);
    std::optional<std::size_t> row_of(std::uint64_t id) const {
        return grid_ ? grid_->place_of(id) : table_.axis.row_of(id);
    }

  private:
    const Table& table_;
    std::optional<GridCells> grid_;
};

/// How many cells a row of a table has for each column of it: in a two-way table the length of its axis across, else 1.
std::size_t cells_of_row(const Table& table, const Environment& environment);

/// `for_blocks`, where in a two-way table cells from which the program reads past an edge of the grid are apart from
/// the others: those are then as quick as any.
template <class Step>
bool for_blocks_of(const Program& program, const Environment& environment, std::size_t from, std::size_t to,
                   Step step) {
    const std::size_t columns = program.across.empty() ? 0 : environment.rows(program.across);
    constexpr std::size_t few = 16;
    if (columns <= program.columns_before + program.columns_after + few) {
        return for_blocks(from, to, step);
    }
    while (from < to) {
        const std::size_t line = from / columns * columns;
        const std::size_t column = from - line;
        const std::size_t end = column < program.columns_before            ? program.columns_before
                                : column < columns - program.columns_after ? columns - program.columns_after
                                                                           : columns;
        const std::size_t part_end = std::min(to, line + end);
        if (!for_blocks(from, part_end, step)) {
            return false;
        }
        from = part_end;
    }
    return true;
}

} // namespace ledgefall
