#include "files/worksheet_recovery/sheet_blocks.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// Cuts cells at the rows (or columns) in which none of them stands.
std::vector<std::vector<const SheetCell*>> cut(std::vector<const SheetCell*> cells, bool by_rows) {
    const auto key = [by_rows](const SheetCell* cell) { return by_rows ? cell->place.row : cell->place.column; };
    std::stable_sort(cells.begin(), cells.end(),
                     [&key](const SheetCell* a, const SheetCell* b) { return key(a) < key(b); });
    std::vector<std::vector<const SheetCell*>> out;
    for (const SheetCell* cell : cells) {
        if (out.empty() || key(cell) > key(out.back().back()) + 1) {
            out.emplace_back();
        }
        out.back().push_back(cell);
    }
    return out;
}

void cut_again(std::vector<const SheetCell*> cells, std::vector<SheetBlock>& out, int depth = 0) {
    constexpr int deepest = 40;
    auto parts = cut(std::move(cells), true);
    bool divided = parts.size() > 1;
    std::vector<std::vector<const SheetCell*>> smaller;
    for (auto& part : parts) {
        auto beside = cut(std::move(part), false);
        divided = divided || beside.size() > 1;
        std::move(beside.begin(), beside.end(), std::back_inserter(smaller));
    }
    for (auto& part : smaller) {
        if (divided && depth < deepest) {
            cut_again(std::move(part), out, depth + 1);
            continue;
        }
        SheetBlock block{part.front()->place, part.front()->place, std::move(part)};
        for (const SheetCell* cell : block.cells) {
            block.from = {std::min(block.from.row, cell->place.row), std::min(block.from.column, cell->place.column)};
            block.to = {std::max(block.to.row, cell->place.row), std::max(block.to.column, cell->place.column)};
        }
        out.push_back(std::move(block));
    }
}

} // namespace

std::vector<SheetBlock> find_blocks(std::vector<const SheetCell*> cells) {
    std::vector<SheetBlock> out;
    cut_again(std::move(cells), out);
    return out;
}

void each_reference(const SheetNode& node, const std::function<void(const SheetNode&)>& see) {
    if (node.type == SheetNode::Type::cell || node.type == SheetNode::Type::range) {
        see(node);
    }
    for (const auto& kid : node.kids) {
        each_reference(*kid, see);
    }
}

} // namespace ledgefall
