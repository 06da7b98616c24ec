#pragma once

#include "files/worksheet_reading/sheet.h"

#include <set>

namespace ledgefall {

/// A place in a workbook.
struct WorkbookPlace {
    std::size_t sheet = 0;
    SheetPlace place;
    friend auto operator<=>(const WorkbookPlace&, const WorkbookPlace&) = default;
};

/// A table found in a sheet. Its rows run down the sheet, or to the right where it is `across`; "line" is the sheet's
/// row (or column, where it is across) in which a row of the table stands, and "field" the other coordinate.
struct SheetTable {
    struct Field {
        std::string label, unit;
        std::string name;      ///< in formulas
        bool left_out = false; ///< nothing stands in it but labels of the foot
    };
    struct FootRow {
        std::uint32_t line = 0;
        std::string label;
    };
    std::size_t sheet = 0;
    bool across = false;
    std::uint32_t first_line = 0, last_line = 0; ///< of its rows
    std::uint32_t first_field = 0;
    std::vector<Field> fields; ///< one beside the other
    std::vector<FootRow> foot;
    std::string title; ///< as it stands above; may be empty
    std::string name;  ///< in formulas

    std::size_t rows() const { return last_line - first_line + 1; }
    std::uint32_t line_of(SheetPlace place) const { return across ? place.column : place.row; }
    std::uint32_t field_of(SheetPlace place) const { return across ? place.row : place.column; }
    SheetPlace place(std::uint32_t line, std::uint32_t field) const {
        return across ? SheetPlace{field, line} : SheetPlace{line, field};
    }
    SheetPlace cell(std::size_t row, std::size_t field) const {
        return place(first_line + static_cast<std::uint32_t>(row), first_field + static_cast<std::uint32_t>(field));
    }
    const Coordinate& along(const CellReference& of) const { return across ? of.column : of.row; }
    const Coordinate& sideways(const CellReference& of) const { return across ? of.row : of.column; }
};

/// A single value with a label beside it.
struct SheetHeldValue {
    WorkbookPlace place;
    std::string label, unit;
    std::string name; ///< in formulas
};

/// A block of cells that all say the same of the row above them and the column beside them: a two-way table.
struct SheetGrid {
    std::size_t sheet = 0;
    SheetPlace corner; ///< the headings stand beside and under it
    std::uint32_t rows = 0, columns = 0;
    std::string title;
    std::string name, down, across, layer; ///< in formulas
    std::shared_ptr<const SheetFormula> formula;

    SheetPlace cell(std::size_t row, std::size_t column) const {
        return {corner.row + 1 + static_cast<std::uint32_t>(row),
                corner.column + 1 + static_cast<std::uint32_t>(column)};
    }
};

/// What the cells of a workbook are.
struct SheetLayout {
    std::vector<SheetTable> tables;
    std::vector<SheetHeldValue> held;
    std::vector<SheetGrid> grids;
    std::vector<std::string> notes; ///< texts that belong to nothing
    std::vector<Sentence> left_out; ///< one sentence for each part that is not a table

    struct Role {
        enum class Is : std::uint8_t { nothing, cell, foot, held };
        Is is = Is::nothing;
        std::size_t at = 0;             ///< which table, or which held value
        std::size_t row = 0, field = 0; ///< of a cell; of a foot value which line, and its field
    };
    Role role_of(const WorkbookPlace& place) const;
};

/// The sheet that a reference of a formula on the sheet `own` means; the number of sheets where there is none.
std::size_t sheet_of(const Workbook& workbook, const SheetNode& node, std::size_t own);

/// The places that some formula or name refers to as a single cell that stays put.
std::set<WorkbookPlace> single_places(const Workbook& workbook);

/// Finds tables, held values and feet: blocks of cells that are divided by empty rows or columns.
SheetLayout find_layout(const Workbook& workbook);

} // namespace ledgefall
