#include "core/engine/running/row_places.h"

#include <algorithm>

namespace ledgefall {

RowPlaces::RowPlaces(const Table& table, const Environment& environment)
    : table_(table) {
    if (table.two_way()) {
        const Column* down = environment.column((*table.axis.column)->id).cells;
        const Column* across = environment.column((*table.across->column)->id).cells;
        grid_.emplace(table, *down, *across);
    }
}

std::size_t cells_of_row(const Table& table, const Environment& environment) {
    return table.two_way() ? std::max<std::size_t>(environment.rows((*table.across->column)->id), 1) : 1;
}

} // namespace ledgefall
