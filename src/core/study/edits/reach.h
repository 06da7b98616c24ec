#pragma once

#include "core/study/model/study.h"

namespace ledgefall {

// How the reach of formulas follows its rows when these are removed or put in another order.

/// The most pieces into which one order of rows may divide a column's formulas.
constexpr std::size_t most_pieces = 10'000;

/// Before `count` typed rows from `row` on are removed: ends of reaches that stand on them move to the nearest row
/// within the reach that stays. A reach of which no row stays covers none from then on.
void keep_reach_through_removal(Table& table, std::size_t row, std::size_t count);

/// Before typed rows come into another order (`order[k]` is the row that comes to stand at k): each formula goes on to
/// cover the same rows, in as many pieces as these stand apart. False, and nothing is changed, where a column would
/// come to more than the most pieces; `scattered` is then its name.
bool keep_reach_through_order(Table& table, const std::vector<std::size_t>& order, std::string& scattered);

/// After rows were removed or put in another order: pieces of one formula that have come to stand next to each other
/// become one, so that it covers a row that is inserted between them as well.
void join_neighbouring_pieces(Table& table);

} // namespace ledgefall
