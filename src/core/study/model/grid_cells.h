#pragma once

#include "core/study/model/study.h"

#include <unordered_map>

namespace ledgefall {

/// The identity of a cell of a two-way table, by those of its row and its column.
std::uint64_t cell_id(std::uint64_t row, std::uint64_t column);
std::uint64_t row_of_cell(std::uint64_t cell);
std::uint64_t column_of_cell(std::uint64_t cell);

/// The identity that a place of an axis has: of categories that of the category. 0 where it has none.
std::uint64_t place_id(const Axis& axis, const Column& values, std::size_t place);

/// Where the cells of a two-way table stand: by their identities, in a grid whose axes have these values.
class GridCells {
  public:
    GridCells(const Table& table, const Column& down, const Column& across);
    std::size_t rows() const { return rows_; }
    std::size_t columns() const { return columns_; }
    /// The number of a cell, from 0, row by row; nothing where its row or column is not there.
    std::optional<std::size_t> place_of(std::uint64_t cell) const;

  private:
    /// Of categories with identities the place of each that occurs.
    using Places = std::unordered_map<std::uint64_t, std::size_t>;
    static Places named_places(const Axis& axis, const Column& values);
    static std::optional<std::size_t> place_on(const Axis& axis, const Places& named, std::uint64_t id);

    const Table& table_;
    std::size_t rows_, columns_;
    Places named_rows_, named_columns_;
};

} // namespace ledgefall
