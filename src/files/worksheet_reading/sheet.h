#pragma once

#include "core/study/model/study.h"
#include "files/worksheet_reading/sheet_formula.h"
#include "files/worksheet_reading/table_areas.h"

#include <map>
#include <unordered_map>

namespace ledgefall {

/// How a cell shows its number: what a worksheet's formats and ours have in common. Small, since there are many cells.
struct CellFormat {
    Format::Style style = Format::Style::automatic;
    std::int16_t digits = 0;

    CellFormat() = default;
    CellFormat(const Format& format)
        : style(format.style)
        , digits(static_cast<std::int16_t>(format.digits)) {}
    operator Format() const { return {style, digits}; }
};

/// One cell of a sheet: what the file says it shows, and its formula.
struct SheetCell {
    SheetPlace place;
    double number = 0;                           ///< of a date its days since 1970-01-01, of a yes 1
    std::string text;                            ///< of a text; of a cell in error the sign that stood there
    std::shared_ptr<const SheetFormula> formula; ///< cells whose formulas say the same, seen from each, share one
    CellFormat format;
    Kind kind = Kind::number; ///< of number, text, yes_no and date
    bool at_fault = false;
    bool has_value = true; ///< false: a formula whose value is not in the file, or is an empty text
    bool heading = false;  ///< of a written sheet

    bool is_number() const { return !at_fault && has_value && kind == Kind::number; }
    bool is_text() const { return !at_fault && has_value && kind == Kind::text; }
};

/// A picture beside the cells of a written sheet: a PNG, with its size in 96ths of an inch.
struct SheetPicture {
    std::string title, png;
    int width = 0, height = 0;
    SheetPlace at; ///< the cell at its upper left corner
};

/// One sheet: cells that are not empty, row by row and from left to right.
struct Sheet {
    std::string name;
    std::vector<SheetCell> cells;
    std::vector<double> widths;              ///< of a written sheet's columns, in characters
    std::uint32_t frozen_rows = 0;           ///< of a written sheet: they stay in view
    std::uint32_t frozen_columns = 0;        ///< likewise
    std::map<SheetPlace, std::string> notes; ///< of a written sheet, at its cells
    std::vector<SheetPicture> pictures;      ///< of a written sheet

    const SheetCell* at(SheetPlace place) const;
    /// The first cell in a row at or after a column; the end of the cells where there is none.
    std::vector<SheetCell>::const_iterator from(SheetPlace place) const;
};

/// A name for a place, as it is held in a workbook: of one sheet alone, or of all where `sheet` is empty.
struct DefinedName {
    std::string name;
    std::string sheet;
    std::shared_ptr<const SheetFormula> meaning; ///< with fixed places
};

/// What both worksheet formats are read as. It says nothing of tables; those are found in it afterwards.
struct Workbook {
    std::vector<Sheet> sheets;
    std::vector<DefinedName> names;
    std::vector<TableArea> areas;  ///< known before the sheets are read
    std::vector<Sentence> reports; ///< what a person should know of the reading

    const Sheet* sheet_named(std::string_view name) const;
    /// One formula for all cells whose formulas say the same: `formula` itself, or one that was given before.
    std::shared_ptr<const SheetFormula> shared(SheetFormula formula);

  private:
    std::unordered_map<std::string, std::shared_ptr<const SheetFormula>> formulas_; ///< by what they say
};

/// The bounds within which a worksheet is read.
struct WorksheetLimits {
    static constexpr std::uint64_t unpacked_bytes = 1'500'000'000; ///< of one part of the archive
    static constexpr std::uint64_t always_unpacked = 100'000'000;  ///< however few bytes it takes in the archive
    static constexpr std::uint64_t most_for_a_byte = 100;          ///< of what is larger
    static constexpr std::size_t cells = 6'000'000;
    static constexpr std::uint32_t rows = 1'048'576;
    static constexpr std::uint32_t columns = 16'384;
};

} // namespace ledgefall
