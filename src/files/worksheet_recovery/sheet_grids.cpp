#include "files/worksheet_recovery/sheet_grids.h"

namespace ledgefall {

std::optional<SheetGrid> grid_in(const Sheet& sheet, std::size_t number, const SheetBlock& block) {
    SheetGrid grid;
    grid.sheet = number;
    grid.corner = block.from;
    grid.rows = block.to.row - block.from.row;
    grid.columns = block.to.column - block.from.column;
    if (grid.rows < 2 || grid.columns < 2) {
        return std::nullopt;
    }
    const auto headings = [&](bool across) {
        bool numbers = true;
        bool texts = true;
        for (std::uint32_t by = 1; by <= (across ? grid.columns : grid.rows); ++by) {
            const SheetCell* cell = across ? sheet.at({grid.corner.row, grid.corner.column + by})
                                           : sheet.at({grid.corner.row + by, grid.corner.column});
            numbers = numbers && cell != nullptr && cell->is_number();
            texts = texts && cell != nullptr && cell->is_text();
        }
        return numbers || texts;
    };
    const SheetCell* first = sheet.at({grid.corner.row + 1, grid.corner.column + 1});
    if (first == nullptr || first->formula == nullptr || !first->formula->tree || !headings(true) || !headings(false)) {
        return std::nullopt;
    }
    grid.formula = first->formula;
    bool above = false;
    bool beside = false;
    each_reference(*grid.formula->tree, [&](const SheetNode& node) {
        const CellReference& to = node.from;
        const bool own_sheet = node.type == SheetNode::Type::cell && node.sheet.empty();
        above = above || (own_sheet && to.row == Coordinate{std::int32_t(grid.corner.row), true} &&
                          to.column == Coordinate{0, false});
        beside = beside || (own_sheet && to.column == Coordinate{std::int32_t(grid.corner.column), true} &&
                            to.row == Coordinate{0, false});
    });
    std::size_t same = 0;
    for (const SheetCell* cell : block.cells) {
        same += cell->formula == grid.formula ? 1 : 0;
    }
    if (!above || !beside || 5 * same < 4 * std::size_t(grid.rows) * grid.columns) {
        return std::nullopt;
    }
    return grid;
}

} // namespace ledgefall
