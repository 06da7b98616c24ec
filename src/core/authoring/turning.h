#pragma once

#include "core/authoring/marks.h"

#include <optional>
#include <string>

namespace ledgefall {

/// A reference in a formula's text, and what it can be turned into.
struct Turning {
    Span span;          ///< of the reference as it stands
    Manner manner;      ///< as it stands
    std::string now;    ///< its text
    std::string turned; ///< what takes its place when it is turned; empty where it cannot be
    Id id;              ///< of the column or held value
};

/// The reference at a place of a formula's text (counted in bytes), and how it turns: what follows the row is held at
/// `row` (from 1), what is held at a row follows again; in a measure a whole column becomes the rows up to this one,
/// and back. Nothing where there is no reference. A held value stays in any case. In a two-way table with so many
/// `columns`, `row` is the number of a cell.
std::optional<Turning> turning_at(const std::string& formula, const Node& tree, std::uint32_t place, const Study& study,
                                  const Table* own, std::size_t row, std::size_t columns = 0);

/// The rows (from 1, both included) of its column that a reference means for the formula's row: all of them for a whole
/// column. Nothing where they depend on values, or lie outside the table.
struct RowsMeant {
    std::size_t from = 0, to = 0;
};
std::optional<RowsMeant> rows_meant(const Node& tree, const Mark& mark, std::size_t row, std::size_t rows);

} // namespace ledgefall
