#include "files/worksheet_recovery/limits_beside.h"

#include "core/value/value.h"
#include "files/worksheet_recovery/formula_shape.h"

#include <algorithm>

namespace ledgefall {
namespace {

using Cells = std::vector<const SheetCell*>;
constexpr std::size_t fewest = 3; ///< cells that make a column

std::optional<double> number_in(const SheetCell* cell) {
    if (cell == nullptr || cell->formula != nullptr) {
        return std::nullopt;
    }
    return cell->is_number() ? std::optional(cell->number) : cell->is_text() ? read_number(cell->text) : std::nullopt;
}

bool stands_in(const SheetCell* cell, const ShapeConstant& constant) {
    if (constant.number) {
        return number_in(cell) == constant.value;
    }
    return cell != nullptr && cell->formula == nullptr && cell->is_text() && cell->text == constant.text;
}

SheetNodePtr cell_beside(std::int32_t columns) {
    auto node = std::make_shared<SheetNode>();
    node->type = SheetNode::Type::cell;
    node->from.column.value = columns;
    node->to = node->from;
    return node;
}

/// A constant as it is said by the cell beside: `"<5"` as `"<"` joined to it.
SheetNodePtr by_cell_beside(const ShapeConstant& constant, std::int32_t columns) {
    SheetNodePtr cell = cell_beside(columns);
    if (constant.sign.empty()) {
        return cell;
    }
    auto sign = std::make_shared<SheetNode>();
    sign->type = SheetNode::Type::text;
    sign->text = constant.sign;
    auto joined = std::make_shared<SheetNode>();
    joined->type = SheetNode::Type::operation;
    joined->op = SheetOperator::join;
    joined->kids = {std::move(sign), std::move(cell)};
    return joined;
}

SheetNodePtr replaced(const SheetNodePtr& node, const std::map<const SheetNode*, SheetNodePtr>& by) {
    if (const auto known = by.find(node.get()); known != by.end()) {
        return known->second;
    }
    if (node->kids.empty()) {
        return node;
    }
    auto out = std::make_shared<SheetNode>(*node);
    for (SheetNodePtr& kid : out->kids) {
        kid = replaced(kid, by);
    }
    return out;
}

/// How many columns away a cell stands that a formula refers to in its own row; nothing for another node.
std::optional<std::int32_t> columns_to(const SheetNode& node) {
    const bool beside = node.type == SheetNode::Type::cell && node.sheet.empty() && !node.from.row.fixed &&
                        node.from.row.value == 0 && !node.from.column.fixed && !node.from.whole_column &&
                        !node.from.whole_row && node.from.column.value != 0;
    return beside ? std::optional(node.from.column.value) : std::nullopt;
}

/// A constant where another formula refers to the cell beside.
struct InPlaceOfCell {
    ShapeConstant constant;
    std::int32_t columns = 0;
};

bool is_sign(const SheetNode& node) {
    return node.type == SheetNode::Type::text && !node.text.empty() &&
           node.text.find_first_not_of("<>=") == std::string::npos;
}

/// Whether it is a sign of comparison joined to a cell beside, as in `"<"&A5`.
bool is_condition(const SheetNode& node) {
    return node.type == SheetNode::Type::operation && node.op == SheetOperator::join && is_sign(node.kid(0)) &&
           columns_to(node.kid(1)).has_value();
}

/// Whether a formula is the same as a pattern but for constants where the pattern refers to a cell beside.
bool fits(const SheetNode& pattern, const SheetNode& node, std::vector<InPlaceOfCell>& constants) {
    using Type = SheetNode::Type;
    if (const auto columns = columns_to(pattern); columns && (node.type == Type::number || node.type == Type::text)) {
        constants.push_back({constant_of(node), *columns});
        return constants.back().constant.sign.empty();
    }
    if (is_condition(pattern) && node.type == Type::text) {
        constants.push_back({constant_of(node), *columns_to(pattern.kid(1))});
        return constants.back().constant.sign == pattern.kid(0).text;
    }
    if (pattern.type != node.type || pattern.op != node.op || pattern.number != node.number ||
        pattern.text != node.text || pattern.sheet != node.sheet || !(pattern.from == node.from) ||
        !(pattern.to == node.to) || pattern.kids.size() != node.kids.size()) {
        return false;
    }
    for (std::size_t kid = 0; kid < pattern.kids.size(); ++kid) {
        if (!fits(pattern.kid(kid), node.kid(kid), constants)) {
            return false;
        }
    }
    return true;
}

class LimitsFinder {
  public:
    explicit LimitsFinder(const Workbook& workbook)
        : workbook_(workbook) {}

    LimitsBeside find() {
        for (number_ = 0; number_ < workbook_.sheets.size(); ++number_) {
            std::map<std::uint32_t, Cells> columns;
            for (const SheetCell& cell : sheet().cells) {
                if (cell.formula != nullptr && cell.formula->tree) {
                    columns[cell.place.column].push_back(&cell);
                }
            }
            for (const auto& [column, cells] : columns) {
                look_through(cells);
            }
        }
        return std::move(out_);
    }

  private:
    const Sheet& sheet() const { return workbook_.sheets[number_]; }

    const SheetCell* beside(const SheetCell& cell, std::int32_t columns) const {
        const std::int64_t column = std::int64_t(cell.place.column) + columns;
        return column < 0 ? nullptr : sheet().at({cell.place.row, static_cast<std::uint32_t>(column)});
    }

    /// The formulas of one column of the sheet, in runs without a gap.
    void look_through(const Cells& cells) {
        for (std::size_t from = 0; from < cells.size();) {
            std::size_t to = from + 1;
            while (to < cells.size() && cells[to]->place.row == cells[to - 1]->place.row + 1) {
                ++to;
            }
            if (to - from >= fewest) {
                look_at({cells.begin() + static_cast<std::ptrdiff_t>(from),
                         cells.begin() + static_cast<std::ptrdiff_t>(to)});
            }
            from = to;
        }
    }

    static bool are_alike(const Cells& cells) {
        return std::all_of(cells.begin(), cells.end(),
                           [&](const SheetCell* cell) { return cell->formula == cells.front()->formula; });
    }

    /// How many columns away the limits of a formula's conditions stand, as in `"<"&A5`.
    static std::vector<std::int32_t> limits_of(const SheetNode& node) {
        if (is_condition(node)) {
            return {*columns_to(node.kid(1))};
        }
        std::vector<std::int32_t> out;
        for (const SheetNodePtr& kid : node.kids) {
            for (const std::int32_t columns : limits_of(*kid)) {
                out.push_back(columns);
            }
        }
        return out;
    }

    void look_at(const Cells& run) {
        SheetNodePtr pattern = pattern_of(run);
        if (pattern == nullptr) {
            return;
        }
        for (const std::int32_t columns : limits_of(*pattern)) {
            for (const SheetCell* cell : run) {
                read_as_number(beside(*cell, columns));
            }
        }
        if (are_alike(run)) {
            return;
        }
        // A first row says less where the others take away what is above them.
        std::vector<SheetNodePtr> patterns{pattern};
        if (pattern->type == SheetNode::Type::operation) {
            patterns.insert(patterns.end(), pattern->kids.begin(), pattern->kids.end());
        }
        for (const SheetCell* cell : run) {
            const bool at_end = cell == run.front() || cell == run.back();
            for (std::size_t at = 0; at < (at_end ? patterns.size() : 1); ++at) {
                std::vector<InPlaceOfCell> constants;
                if (fits(*patterns[at], *cell->formula->tree, constants)) {
                    constants.empty() ? void() : say(*cell, patterns[at], constants);
                    break;
                }
            }
        }
    }

    /// What most cells of a run say: as it is, where it refers to a cell beside; or with the constants in which they
    /// differ said by the cells beside. Null where there is no such thing.
    SheetNodePtr pattern_of(const Cells& run) const {
        if (are_alike(run)) {
            return run.front()->formula->tree;
        }
        std::map<std::string, Cells> alike;
        for (const SheetCell* cell : run) {
            alike[shape_of(*cell->formula->tree).says].push_back(cell);
        }
        const auto most = std::max_element(
            alike.begin(), alike.end(), [](const auto& a, const auto& b) { return a.second.size() < b.second.size(); });
        const Cells& cells = most->second;
        if (cells.size() < fewest) {
            return nullptr;
        }
        const SheetNodePtr& first = cells.front()->formula->tree;
        if (are_alike(cells)) {
            return first;
        }
        std::vector<FormulaShape> shapes;
        shapes.reserve(cells.size());
        for (const SheetCell* cell : cells) {
            shapes.push_back(shape_of(*cell->formula->tree));
        }
        std::map<const SheetNode*, SheetNodePtr> by;
        for (std::size_t at = 0; at < shapes.front().constants.size(); ++at) {
            std::vector<ShapeConstant> constants;
            constants.reserve(shapes.size());
            for (const FormulaShape& shape : shapes) {
                constants.push_back(constant_of(*shape.constants[at]));
            }
            const bool differ = std::any_of(constants.begin(), constants.end(),
                                            [&](const ShapeConstant& one) { return !(one == constants.front()); });
            if (const auto columns = differ ? columns_with(cells, constants) : std::nullopt) {
                by[shapes.front().constants[at]] = by_cell_beside(constants.front(), *columns);
            } else if (differ) {
                return nullptr;
            }
        }
        return replaced(first, by);
    }

    /// How many columns away the constants stand beside their cells, but for one in five.
    std::optional<std::int32_t> columns_with(const Cells& cells, const std::vector<ShapeConstant>& constants) const {
        for (const std::int32_t columns : {-1, -2, 1, -3, 2, -4, 3, -5, 4}) {
            std::size_t same = 0;
            for (std::size_t at = 0; at < cells.size(); ++at) {
                same += stands_in(beside(*cells[at], columns), constants[at]) ? 1 : 0;
            }
            if (same >= fewest && 5 * (cells.size() - same) <= cells.size()) {
                return columns;
            }
        }
        return std::nullopt;
    }

    void say(const SheetCell& cell, const SheetNodePtr& tree, const std::vector<InPlaceOfCell>& constants) {
        SheetCell& changed = changed_cell(cell.place);
        for (const InPlaceOfCell& one : constants) {
            const SheetCell* limit = beside(cell, one.columns);
            if (!stands_in(limit, one.constant)) {
                const std::string written = one.constant.number ? shortest(one.constant.value) : one.constant.text;
                out_.others[{number_, cell.place}] = {
                    N_("The formula has %1, but %2 stands in %3 beside it. Its value is kept over the formula. To "
                       "correct it, restore the formula."),
                    {written,
                     limit == nullptr     ? "–"
                     : limit->is_number() ? shortest(limit->number)
                                          : limit->text,
                     place_name(
                         {cell.place.row, static_cast<std::uint32_t>(std::int64_t(cell.place.column) + one.columns)})}};
            } else if (one.constant.number) {
                read_as_number(limit);
            }
        }
        SheetFormula formula;
        formula.tree = tree;
        formula.text = write_sheet_formula(*tree, cell.place);
        formula.says = what_formula_says(*tree);
        changed.formula = out_.workbook->shared(std::move(formula));
    }

    /// A limit that is stored as a text compares as the number that it writes.
    void read_as_number(const SheetCell* limit) {
        const std::optional<double> value = limit != nullptr && limit->is_text() ? number_in(limit) : std::nullopt;
        if (value) {
            SheetCell& number = changed_cell(limit->place);
            number.kind = Kind::number;
            number.number = *value;
            number.text.clear();
        }
    }

    SheetCell& changed_cell(SheetPlace place) {
        if (!out_.workbook) {
            out_.workbook = workbook_;
        }
        std::vector<SheetCell>& cells = out_.workbook->sheets[number_].cells;
        return *std::lower_bound(cells.begin(), cells.end(), place,
                                 [](const SheetCell& one, SheetPlace wanted) { return one.place < wanted; });
    }

    const Workbook& workbook_;
    std::size_t number_ = 0;
    LimitsBeside out_;
};

} // namespace

LimitsBeside say_limits_beside(const Workbook& workbook) {
    return LimitsFinder(workbook).find();
}

} // namespace ledgefall
