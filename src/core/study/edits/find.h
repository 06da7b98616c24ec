#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/study/model/study.h"

#include <functional>
#include <optional>
#include <string>

namespace ledgefall {

/// What is looked for in the cells of a table.
struct Search {
    std::string text;
    bool whole_cell = false; ///< else anywhere in what the cell holds
    bool match_case = false;
    std::vector<Id> columns; ///< only in these; empty: in all
};

/// The cells of a table's column: typed ones, or those computed. May give null.
using CellsOf = std::function<const Column*(const ColumnDefinition&)>;

struct CellPlace {
    std::size_t row = 0, column = 0; ///< from 0, in the order of the table
    friend bool operator==(const CellPlace&, const CellPlace&) = default;
};

/// Whether the cell holds what is looked for. Numbers are compared as they are typed; a whole number cell also by its
/// value, so that 1.50 finds 1.5.
bool holds(const Value& value, const Search& search);
/// The same of a computed value, of which six figures are compared, since further ones are not seen.
bool computed_holds(const Value& value, const Search& search);

/// The next such cell after `from` (row by row, within a row from left to right), beginning again at the top; the first
/// of all where `from` is empty. With `backwards` the one before.
std::optional<CellPlace> find_next(const Table& table, std::size_t rows, const Search& search, const CellsOf& cells_of,
                                   std::optional<CellPlace> from, bool backwards = false, const StopToken& stop = {});

/// Puts `with` in place of what is found in the given columns' cells, in the one cell or in all; `replaced` becomes the
/// number of cells. Worked columns are left as they are.
Result<Study> replace_cells(const Study& study, Id table, const Search& search, const std::string& with,
                            std::optional<CellPlace> only, std::size_t* replaced, const StopToken& stop = {});

} // namespace ledgefall
