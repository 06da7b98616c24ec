#pragma once

#include "files/worksheet_reading/sheet_formula.h"

namespace ledgefall {

// Nodes of a worksheet's formula, as it is put together.

inline std::shared_ptr<SheetNode> node_of(SheetNode::Type type) {
    auto out = std::make_shared<SheetNode>();
    out->type = type;
    return out;
}
inline SheetNodePtr number_of(double number) {
    auto out = node_of(SheetNode::Type::number);
    out->number = number;
    return out;
}
inline SheetNodePtr text_of(const std::string& text) {
    auto out = node_of(SheetNode::Type::text);
    out->text = text;
    return out;
}
inline SheetNodePtr yes_no_of(bool yes) {
    auto out = node_of(SheetNode::Type::yes_no);
    out->number = yes ? 1 : 0;
    return out;
}
inline SheetNodePtr call_of(const std::string& name, std::vector<SheetNodePtr> kids) {
    auto out = node_of(SheetNode::Type::call);
    out->text = name;
    out->kids = std::move(kids);
    return out;
}
inline SheetNodePtr operation_of(SheetOperator op, std::vector<SheetNodePtr> kids) {
    auto out = node_of(SheetNode::Type::operation);
    out->op = op;
    out->kids = std::move(kids);
    return out;
}

} // namespace ledgefall
