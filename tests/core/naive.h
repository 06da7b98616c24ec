#pragma once

#include "core/formula/tree.h"

#include <cmath>
#include <map>
#include <string>
#include <vector>

namespace ledgefall::testing {

/// The language once more, as plainly as it can be said: a walk over the tree for every cell, with nothing worked out
/// twice or ahead. Far too slow to use, and a check on the engine, with which it shares the parser and nothing else.
class Naive {
  public:
    enum class Is { plain, missing, fault };
    struct Cell {
        Is is = Is::missing;
        double number = 0;
        static Cell of(double x) { return std::isfinite(x) ? Cell{Is::plain, x} : Cell{Is::fault, 0}; }
    };

    std::map<std::string, std::vector<Cell>> columns;
    std::map<std::string, double> held;
    std::size_t rows = 0;

    /// The value for a row from 1; `sample` is the row that a measure around it is at, 0 outside of measures.
    Cell cell(const Node& node, std::size_t row, std::size_t sample = 0) const {
        switch (node.type) {
        case NodeType::number:
            return Cell::of(node.number);
        case NodeType::word:
            return node.text == "row"
                       ? Cell::of(static_cast<double>(sample == 0 ? row : sample))
                       : Cell::of(node.text == "i" ? static_cast<double>(row) : static_cast<double>(rows));
        case NodeType::name:
            return held.contains(node.text) ? Cell::of(held.at(node.text))
                                            : at(node.text, static_cast<double>(sample == 0 ? row : sample));
        case NodeType::index:
            if (node.kid(1).type == NodeType::range) {
                return at(node.kid(0).text, static_cast<double>(sample));
            } else {
                const Cell place = cell(node.kid(1), row, sample);
                return place.is == Is::plain ? at(node.kid(0).text, place.number) : place;
            }
        case NodeType::unary: {
            const Cell kid = cell(node.kid(0), row, sample);
            if (kid.is != Is::plain) {
                return kid;
            }
            return Cell::of(node.op == Operator::negate ? -kid.number : kid.number == 0 ? 1 : 0);
        }
        case NodeType::binary:
            return binary(node, row, sample);
        case NodeType::chain:
            return chain(node, row, sample);
        case NodeType::choice: {
            const Cell condition = cell(node.kid(0), row, sample);
            return condition.is != Is::plain ? condition : cell(node.kid(condition.number != 0 ? 1 : 2), row, sample);
        }
        case NodeType::call:
            return call(node, row, sample);
        default:
            return {Is::fault, 0};
        }
    }

  private:
    Cell at(const std::string& name, double row) const {
        if (row != std::floor(row)) {
            return {Is::fault, 0};
        }
        const auto& cells = columns.at(name);
        return row < 1 || row > static_cast<double>(cells.size()) ? Cell() : cells[static_cast<std::size_t>(row) - 1];
    }

    static Cell strict(const Cell& a, const Cell& b, double result) {
        if (a.is == Is::fault || b.is == Is::fault) {
            return {Is::fault, 0};
        }
        return a.is == Is::missing || b.is == Is::missing ? Cell() : Cell::of(result);
    }

    Cell binary(const Node& node, std::size_t row, std::size_t sample) const {
        const Cell a = cell(node.kid(0), row, sample);
        const Cell b = cell(node.kid(1), row, sample);
        switch (node.op) {
        case Operator::add:
            return strict(a, b, a.number + b.number);
        case Operator::subtract:
            return strict(a, b, a.number - b.number);
        case Operator::multiply:
            return strict(a, b, a.number * b.number);
        case Operator::divide:
            return strict(a, b, a.number / b.number);
        case Operator::power:
            return strict(a, b, std::pow(a.number, b.number));
        case Operator::logical_and:
            return logic(a, b, 0);
        case Operator::logical_or:
            return logic(a, b, 1);
        default:
            return {Is::fault, 0};
        }
    }

    /// `decides` is the value that decides by itself: no for and, yes for or.
    static Cell logic(const Cell& a, const Cell& b, double decides) {
        if (a.is == Is::fault || (a.is == Is::plain && a.number == decides)) {
            return a;
        }
        if (b.is == Is::fault || (b.is == Is::plain && b.number == decides)) {
            return b;
        }
        return a.is == Is::plain && b.is == Is::plain ? Cell::of(1 - decides) : Cell();
    }

    Cell chain(const Node& node, std::size_t row, std::size_t sample) const {
        Cell all = Cell::of(1);
        for (std::size_t k = 0; k < node.ops.size(); ++k) {
            const Cell a = cell(node.kid(k), row, sample);
            const Cell b = cell(node.kid(k + 1), row, sample);
            const Operator op = node.ops[k];
            const bool holds = op == Operator::less            ? a.number < b.number
                               : op == Operator::less_equal    ? a.number <= b.number
                               : op == Operator::greater       ? a.number > b.number
                               : op == Operator::greater_equal ? a.number >= b.number
                               : op == Operator::equal         ? a.number == b.number
                                                               : a.number != b.number;
            all = k == 0 ? strict(a, b, holds) : logic(all, strict(a, b, holds), 0);
        }
        return all;
    }

    Cell call(const Node& node, std::size_t row, std::size_t sample) const {
        const std::string& name = node.text;
        if (name == "abs" || name == "sqrt") {
            const Cell x = cell(node.kid(0), row, sample);
            return x.is != Is::plain ? x : Cell::of(name == "abs" ? std::fabs(x.number) : std::sqrt(x.number));
        }
        if (name == "larger" || name == "smaller") {
            const Cell a = cell(node.kid(0), row, sample);
            const Cell b = cell(node.kid(1), row, sample);
            return strict(a, b, name == "larger" ? std::max(a.number, b.number) : std::min(a.number, b.number));
        }
        return measure(node, row);
    }

    /// The first range in a measure's argument, which is the rows it runs over.
    static const Node* range_in(const Node& node) {
        if (node.type == NodeType::index && node.kid(1).type == NodeType::range) {
            return &node.kid(1);
        }
        for (const NodePtr& kid : node.kids) {
            if (const Node* match = range_in(*kid)) {
                return match;
            }
        }
        return nullptr;
    }

    Cell measure(const Node& node, std::size_t row) const {
        const bool conditional = node.kid(0).type == NodeType::where;
        const Node& value = conditional ? node.kid(0).kid(0) : node.kid(0);
        double from = 1;
        double to = static_cast<double>(rows);
        if (const Node* range = range_in(value)) {
            from = range->kids[0] ? cell(*range->kids[0], row).number : from;
            to = range->kids[1] ? cell(*range->kids[1], row).number : to;
        }
        long double sum = 0;
        std::size_t count = 0;
        double low = 0;
        double high = 0;
        const bool counts_yes = node.text == "count" && value.type == NodeType::chain;
        for (double at_row = std::max(from, 1.0); at_row <= std::min(to, static_cast<double>(rows)); ++at_row) {
            const auto sample = static_cast<std::size_t>(at_row);
            if (conditional) {
                const Cell condition = cell(node.kid(0).kid(1), row, sample);
                if (condition.is == Is::fault) {
                    return condition;
                }
                if (condition.is == Is::missing || condition.number == 0) {
                    continue;
                }
            }
            const Cell x = cell(value, row, sample);
            if (x.is == Is::fault) {
                return x;
            }
            if (x.is == Is::missing || (counts_yes && x.number == 0)) {
                continue;
            }
            sum += static_cast<long double>(x.number);
            low = count == 0 ? x.number : std::min(low, x.number);
            high = count == 0 ? x.number : std::max(high, x.number);
            ++count;
        }
        const std::string& name = node.text;
        if (name == "count") {
            return Cell::of(static_cast<double>(count));
        }
        if (name == "sum") {
            return Cell::of(static_cast<double>(sum));
        }
        if (count == 0) {
            return {};
        }
        return Cell::of(name == "mean"  ? static_cast<double>(sum / static_cast<long double>(count))
                        : name == "min" ? low
                                        : high);
    }
};

} // namespace ledgefall::testing
