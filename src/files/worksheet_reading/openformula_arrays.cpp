#include "files/worksheet_reading/openformula_arrays.h"

#include <algorithm>
#include <optional>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

/// The functions of the standards that take single values, so that in an array they are taken of each cell.
bool takes_single_values(std::string_view name) {
    constexpr std::string_view names[] = {"ABS",     "ACOS", "ASIN",  "ATAN", "COS",   "EXP",   "IF",
                                          "INT",     "LN",   "LOG",   "MOD",  "LOG10", "POWER", "ROUNDDOWN",
                                          "ROUNDUP", "SIGN", "SIN",   "SQRT", "TAN",   "FACT",  "ROUND",
                                          "TRUNC",   "LEN",  "LOWER", "TRIM", "UPPER"};
    return std::find(std::begin(names), std::end(names), name) != std::end(names);
}

class ArrayElement {
  public:
    ArrayElement(SheetPlace first, std::uint32_t down, std::uint32_t right)
        : first_(first)
        , own_{first.row + down, first.column + right}
        , down_(down)
        , right_(right) {}

    SheetNodePtr of(const SheetNodePtr& formula) {
        return formula->type == Type::call && formula->text == "FREQUENCY" && formula->kids.size() == 2
                   ? counted(*formula)
                   : single(formula);
    }

  private:
    static std::shared_ptr<SheetNode> node(Type type, const std::string& text, std::vector<SheetNodePtr> kids) {
        auto out = std::make_shared<SheetNode>();
        out->type = type;
        out->text = text;
        out->kids = std::move(kids);
        return out;
    }

    /// A coordinate of the block's first cell as seen from this one, fixed where it was counted from there.
    static Coordinate held(Coordinate coordinate, std::uint32_t first) {
        return {static_cast<std::int32_t>(coordinate.from(first)), true};
    }
    CellReference held(CellReference reference) const {
        reference.row = held(reference.row, first_.row);
        reference.column = held(reference.column, first_.column);
        return reference;
    }

    SheetNodePtr whole(const SheetNodePtr& from) const {
        auto out = std::make_shared<SheetNode>(*from);
        if (from->type == Type::cell || from->type == Type::range) {
            out->from = held(from->from);
            out->to = held(from->to);
        }
        for (SheetNodePtr& kid : out->kids) {
            kid = whole(kid);
        }
        return out;
    }

    SheetNodePtr single(const SheetNodePtr& from) {
        if (from->type == Type::range) {
            return cell_of(*from, down_, right_);
        }
        const bool elementwise =
            from->type == Type::operation || (from->type == Type::call && takes_single_values(from->text));
        if (!elementwise) {
            return whole(from);
        }
        auto out = std::make_shared<SheetNode>(*from);
        for (SheetNodePtr& kid : out->kids) {
            kid = single(kid);
            if (kid == nullptr) {
                return nullptr;
            }
        }
        return out;
    }

    /// One cell of a range. What moves with the block's cells is counted from the formula's own, so that all say the
    /// same. Null past the range's end.
    SheetNodePtr cell_of(const SheetNode& range, std::int64_t down, std::int64_t right) const {
        if (range.from.whole_column || range.from.whole_row) {
            return nullptr;
        }
        const auto place = [](Coordinate from, Coordinate to, std::uint32_t first, std::uint32_t own,
                              std::int64_t by) -> std::optional<Coordinate> {
            const std::int64_t begin = from.from(first);
            const std::int64_t end = to.from(first);
            if (begin == end) { // one line for all
                return Coordinate{static_cast<std::int32_t>(begin), true};
            }
            if (begin + by > end) {
                return std::nullopt;
            }
            return Coordinate{static_cast<std::int32_t>(begin + by - own), false};
        };
        const auto row = place(range.from.row, range.to.row, first_.row, own_.row, down);
        const auto column = place(range.from.column, range.to.column, first_.column, own_.column, right);
        if (!row || !column) {
            return nullptr;
        }
        auto out = std::make_shared<SheetNode>();
        out->type = Type::cell;
        out->sheet = range.sheet;
        out->from = {*row, *column};
        return out;
    }

    /// Counts by class, whose upper limits are a range: those up to this limit without those up to the one before;
    /// after the last limit, those above it.
    SheetNodePtr counted(const SheetNode& formula) {
        const SheetNode& limits = formula.kid(1);
        if (limits.type != Type::range || right_ > 0) {
            return nullptr;
        }
        const SheetNodePtr data = whole(formula.kids[0]);
        const auto count = [&](const char* sign, const SheetNodePtr& limit) {
            auto text = node(Type::text, sign, {});
            auto condition = node(Type::operation, "", {text, limit});
            condition->op = SheetOperator::join;
            return node(Type::call, "COUNTIF", {data, condition});
        };
        const SheetNodePtr limit = cell_of(limits, down_, 0);
        const SheetNodePtr before = cell_of(limits, std::int64_t(down_) - 1, 0);
        if (limit == nullptr) {
            return before == nullptr ? nullptr : SheetNodePtr(count(">", before));
        }
        if (before == nullptr || limits.from.row.from(first_.row) == 0) {
            return nullptr; // nothing stands above the first limit, to which its formula could look
        }
        auto out = node(Type::operation, "", {count("<=", limit), count("<=", before)});
        out->op = SheetOperator::subtract;
        return out;
    }

    SheetPlace first_, own_;
    std::uint32_t down_, right_;
};

} // namespace

SheetNodePtr element_of_array(const SheetNodePtr& formula, SheetPlace first, std::uint32_t down, std::uint32_t right) {
    return ArrayElement(first, down, right).of(formula);
}

} // namespace ledgefall
