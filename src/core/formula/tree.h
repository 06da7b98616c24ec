#pragma once

#include "core/basics/span.h"
#include "core/value/text.h"

#include <cstdint>
#include <memory>
#include <string>
#include <vector>

namespace ledgefall {

enum class Operator : std::uint8_t {
    logical_or,
    logical_and,
    logical_not,
    equal,
    not_equal,
    less,
    less_equal,
    greater,
    greater_equal,
    approximately,
    in,
    add,
    subtract,
    multiply,
    divide,
    modulo,
    negate,
    power,
    percent,
    factorial,
    degree,
    root,
};

enum class NodeType : std::uint8_t {
    number,     ///< `text` is the number as written
    text,       ///< a text in quotes; `text` is what stands between them
    word,       ///< a reserved word that is a value: yes no missing row rows each i j last
    name,       ///< `text`, of the table (or `ledge`) `owner` where that is not empty
    index,      ///< kids: what is indexed, then one or two places
    range,      ///< kids: from and to, either may be null
    call,       ///< `text` is the function, of the table (or `ledge`) `owner` if any; kids: its arguments
    where,      ///< kids: what is taken, the condition
    bound,      ///< kids: the expression, the range; `text` is the bound name of `for`
    what_if,    ///< kids: what is asked, then each held value (a name) and what stands in its place
    given,      ///< kids: a condition, and what is known, inside P( )
    unary,      ///< op; kids: one
    binary,     ///< op; kids: two
    chain,      ///< ops between the kids: a <= x < b
    choice,     ///< kids: condition, then, else
    recurrence, ///< kids: the first values, and last the formula of the later rows
    absolute,   ///< kids: one, between bars
    list,       ///< kids: in brackets, with commas
};

struct Node;
using NodePtr = std::unique_ptr<const Node>;

/// One node of a formula as written. It says nothing about what names mean; that is found when it is bound.
struct Node {
    NodeType type = NodeType::number;
    Span span;      ///< all of it
    Span name_span; ///< the name alone: of a name without its owner, of a call, of a bound name
    Operator op = Operator::add;
    double number = 0;
    std::string text;
    std::string owner;
    std::vector<Operator> ops;
    std::vector<NodePtr> kids;
    std::uint32_t depth = 1; ///< of the tree below, this node included; bounded, so that walking by recursion is safe

    const Node& kid(std::size_t at) const { return *kids[at]; }
};

/// A definition as written: `name [unit] = formula`, `name(a, b) = formula`, or a formula alone.
struct Definition {
    std::string text; ///< all of what was written
    std::string name; ///< empty where a formula stands alone
    std::string unit;
    std::vector<std::string> parameters; ///< of a held function
    std::uint32_t formula_from = 0;      ///< where in `text` the formula begins
    std::shared_ptr<const Node> formula; ///< its spans count from `formula_from`

    std::string formula_text() const { return text.substr(formula_from); }
};

/// Whether two trees say the same, wherever they stand; either may be null.
bool same_tree(const Node* a, const Node* b);

} // namespace ledgefall
