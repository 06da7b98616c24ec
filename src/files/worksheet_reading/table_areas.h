#pragma once

#include "files/worksheet_reading/sheet_formula.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// A named area of a sheet with headings, whose parts formulas take by name: `Dishes[Depth]`, of the own row
/// `Dishes[[#This Row],[Depth]]` (tables of ISO/IEC 29500-1, 18.5).
struct TableArea {
    std::string name, sheet;
    SheetPlace from, to; ///< both included
    std::uint32_t heading_rows = 1, total_rows = 0;
    std::vector<std::string> columns;
};

/// The areas of a workbook, and the sheet on which a formula stands.
struct AreasInReach {
    const std::vector<TableArea>* areas = nullptr;
    std::string_view sheet;

    const TableArea* find(std::string_view name) const; ///< in small letters or capitals
    const TableArea* around(SheetPlace place) const;    ///< the one in which a cell of the sheet stands
};

/// Reads what stands in brackets after an area's name, from `at` on, which is left behind it: a cell or a range.
/// Nothing where it cannot be read, names no column, or takes the own row of other rows.
std::optional<SheetNode> part_of_area(const TableArea& area, std::string_view text, std::size_t& at, SheetPlace own,
                                      std::string_view own_sheet);

} // namespace ledgefall
