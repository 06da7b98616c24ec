#include "files/worksheet_recovery/formula_shape.h"

#include "files/worksheet_recovery/formula_translator.h"

#include <charconv>

namespace ledgefall {
namespace {

std::string coordinates(const CellReference& of) {
    const auto one = [](const Coordinate& at, bool whole) {
        return whole ? std::string("*") : (at.fixed ? "=" : "+") + std::to_string(at.value);
    };
    return one(of.row, of.whole_column) + "," + one(of.column, of.whole_row);
}

void walk(const SheetNode& node, FormulaShape& out) {
    out.says += std::to_string(static_cast<int>(node.type));
    switch (node.type) {
    case SheetNode::Type::number:
        out.constants.push_back(&node);
        break;
    case SheetNode::Type::text: {
        const ShapeConstant constant = constant_of(node);
        out.says += constant.sign + (constant.number ? "#" : "");
        out.constants.push_back(&node);
        break;
    }
    case SheetNode::Type::cell:
    case SheetNode::Type::range:
        out.says += node.sheet + "!" + coordinates(node.from) + ":" + coordinates(node.to);
        break;
    case SheetNode::Type::operation:
        out.says += "o" + std::to_string(static_cast<int>(node.op));
        break;
    default:
        out.says += node.text + (node.number == 0 ? "" : "t");
        break;
    }
    out.says += "(";
    for (const auto& kid : node.kids) {
        walk(*kid, out);
        out.says += ";";
    }
    out.says += ")";
}

} // namespace

FormulaShape shape_of(const SheetNode& tree) {
    FormulaShape out;
    walk(tree, out);
    return out;
}

ShapeConstant constant_of(const SheetNode& node) {
    if (node.type == SheetNode::Type::number) {
        return {true, node.number, "", ""};
    }
    const Criterion criterion = read_criterion(node.text);
    ShapeConstant out{criterion.number, 0, criterion.value, ""};
    if (criterion.number || criterion.value != node.text) {
        out.sign = criterion.sign;
    }
    if (criterion.number) {
        out.value = read_number(node.text.substr(node.text.find_first_not_of("<>="))).value_or(0);
        out.text.clear();
    }
    return out;
}

} // namespace ledgefall
