#pragma once

#include "core/study/model/study.h"
#include "files/worksheet_reading/sheet.h"

namespace ledgefall {

/// Where a study's parts stand in the workbook that is written of it.
struct SheetPlaces {
    struct OfTable {
        std::string sheet;
        std::uint32_t first_row = 1, rows = 0;             ///< of its cells; of a two-way table its rows down
        std::uint32_t first_column = 1, columns = 0;       ///< of a two-way table its columns across
        std::unordered_map<Id, std::uint32_t> column_of;   ///< of a table with one axis: each column, the axis too
        bool label_column = false;                         ///< whether the foot's labels have a column of their own
        std::unordered_map<Id, std::uint32_t> foot_row;    ///< of each foot line
        std::unordered_map<Id, std::uint32_t> side_column; ///< of a two-way table: of each line beside its rows
        std::optional<std::uint32_t> lower_column;         ///< of a table of classes: their limits, this and the next
        bool with_lower = true, with_upper = false;        ///< which of the limits belong to a class
        std::unordered_map<Id, std::string> layer_sheet;   ///< of a two-way table: each layer has a sheet
    };
    std::unordered_map<Id, OfTable> tables;
    std::string held_sheet, check_sheet;
    std::unordered_map<Id, std::uint32_t> held_row; ///< the values stand in the second column

    const OfTable& of(const Table& table) const { return tables.at(table.id); }

    /// The column whose cells stand in a column of a sheet, or the layer that a sheet has; without an id where neither
    /// does.
    struct Standing {
        Id column;
        const OfTable* of = nullptr;
    };
    Standing standing(const std::string& sheet, std::int64_t column) const;
};

} // namespace ledgefall
