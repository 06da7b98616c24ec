// Worksheet formulas as text.

#include "files/worksheet_reading/sheet_formula.h"

#include "files/worksheet_reading/openformula_names.h"

#include <algorithm>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

bool letter(char c) {
    return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z');
}
std::string coordinate_text(Coordinate of) {
    return (of.fixed ? "=" : of.value < 0 ? "" : "+") + std::to_string(of.value);
}
std::string reference_text(const CellReference& of) {
    return "<" + (of.whole_column ? "*" : coordinate_text(of.row)) + " " +
           (of.whole_row ? "*" : coordinate_text(of.column)) + ">";
}

std::string_view sign_of(SheetOperator op) {
    constexpr std::string_view signs[] = {"=", "<>", "<", "<=", ">", ">=", "&", "+", "-", "*", "/", "^", "-", "+", "%"};
    return signs[static_cast<std::size_t>(op)];
}

/// How tightly an operator binds, loosest first.
int rank_of(const SheetNode& node) {
    if (node.type != Type::operation) {
        return 9;
    }
    switch (node.op) {
    case SheetOperator::join:
        return 2;
    case SheetOperator::add:
    case SheetOperator::subtract:
        return 3;
    case SheetOperator::multiply:
    case SheetOperator::divide:
        return 4;
    case SheetOperator::power:
        return 5;
    case SheetOperator::negate:
    case SheetOperator::plus:
        return 6;
    case SheetOperator::percent:
        return 7;
    default:
        return 1;
    }
}

std::string in_marks(const std::string& text, char mark) {
    std::string out(1, mark);
    for (const char c : text) {
        out.append(c == mark ? 2 : 1, c);
    }
    return out + mark;
}

/// A tree as text, with its references as `reference` writes them. What binds less tightly than its place asks for
/// stands in brackets.
template <class Reference>
void write(const SheetNode& node, const Reference& reference, FormulaNotation notation, std::string& out,
           int least_rank = 0) {
    switch (node.type) {
    case Type::number: {
        const bool negative = node.number < 0 && least_rank > 0;
        out += negative ? "(" : "";
        out += shortest(node.number);
        out += negative ? ")" : "";
        return;
    }
    case Type::text:
        out += in_marks(node.text, '"');
        return;
    case Type::yes_no:
        out += node.number == 0 ? "FALSE" : "TRUE";
        return;
    case Type::cell:
    case Type::range:
        out += reference(node);
        return;
    case Type::fault:
    case Type::name:
    case Type::elsewhere:
        out += node.text;
        return;
    case Type::operation: {
        const int rank = rank_of(node);
        const bool bracket = rank < least_rank;
        out += bracket ? "(" : "";
        if (node.kids.size() == 2) {
            write(node.kid(0), reference, notation, out, rank);
            out += sign_of(node.op);
            write(node.kid(1), reference, notation, out, rank + 1);
        } else if (node.op == SheetOperator::percent) {
            write(node.kid(0), reference, notation, out, rank);
            out += "%";
        } else {
            out += sign_of(node.op);
            write(node.kid(0), reference, notation, out, rank);
        }
        out += bracket ? ")" : "";
        return;
    }
    case Type::call:
    case Type::list:
        out += node.type == Type::call ? function_written(node.text, notation) + "(" : "{";
        for (std::size_t kid = 0; kid < node.kids.size(); ++kid) {
            out += kid == 0 ? "" : notation == FormulaNotation::open_formula ? ";" : ",";
            write(node.kid(kid), reference, notation, out);
        }
        out += node.type == Type::call ? ')' : '}';
        return;
    case Type::nothing:
        return;
    }
}

std::string plain_text(const CellReference& of, SheetPlace own) {
    std::string out;
    if (!of.whole_row) {
        const std::int64_t column = of.column.from(own.column);
        out += (of.column.fixed ? "$" : "") + (column < 0 ? "?" : column_letters(static_cast<std::uint32_t>(column)));
    }
    if (!of.whole_column) {
        out += (of.row.fixed ? "$" : "") + std::to_string(of.row.from(own.row) + 1);
    }
    return out;
}

} // namespace

std::string column_letters(std::uint32_t column) {
    std::string out;
    for (std::uint32_t left = column + 1; left > 0; left = (left - 1) / 26) {
        out.insert(out.begin(), static_cast<char>('A' + (left - 1) % 26));
    }
    return out;
}

std::string place_name(SheetPlace place) {
    return column_letters(place.column) + std::to_string(place.row + 1);
}

std::string what_formula_says(const SheetNode& node) {
    std::string out;
    write(
        node,
        [](const SheetNode& place) {
            return place.sheet + "!" + reference_text(place.from) +
                   (place.type == Type::range ? ":" + reference_text(place.to) : std::string());
        },
        FormulaNotation::plain, out);
    return out;
}

std::string write_sheet_formula(const SheetNode& node, SheetPlace own, FormulaNotation notation) {
    const bool open = notation == FormulaNotation::open_formula;
    // A name with figures may read as a cell's: it stands in quotes, and so do the letters of rows and columns.
    const auto sheet = [](const std::string& name) {
        const bool plain =
            name.size() > 2 && std::all_of(name.begin(), name.end(), [](char c) { return letter(c) || c == '_'; });
        return plain ? name : in_marks(name, '\'');
    };
    std::string out;
    write(
        node,
        [&](const SheetNode& place) {
            const std::string name = place.sheet.empty() ? "" : sheet(place.sheet);
            const std::string to = place.type == Type::range ? plain_text(place.to, own) : std::string();
            if (open) {
                return "[" + (name.empty() ? "" : "$" + name) + "." + plain_text(place.from, own) +
                       (to.empty() ? "" : ":." + to) + "]";
            }
            return (name.empty() ? "" : name + "!") + plain_text(place.from, own) + (to.empty() ? "" : ":" + to);
        },
        notation, out);
    return out;
}

} // namespace ledgefall
