#include "core/engine/running/row_places.h"

namespace ledgefall {

RowPlaces::RowPlaces(const Table& table, const Environment& environment)
    : table_(table) {
    if (table.two_way()) {
        const Column* down = environment.column((*table.axis.column)->id).cells;
        const Column* across = environment.column((*table.across->column)->id).cells;
        grid_.emplace(table, *down, *across);
    }
}

} // namespace ledgefall
