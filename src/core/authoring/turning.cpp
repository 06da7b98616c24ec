#include "core/authoring/turning.h"

#include "core/authoring/two_axes.h"

namespace ledgefall {
namespace {

const Node* node_with(const Node& tree, Span span) {
    if (tree.span == span && (tree.type == NodeType::name || tree.type == NodeType::index)) {
        return &tree;
    }
    for (const NodePtr& kid : tree.kids) {
        if (const Node* node = kid ? node_with(*kid, span) : nullptr) {
            return node;
        }
    }
    return nullptr;
}

bool names_row(const Node& node) {
    if (node.type == NodeType::word && (node.text == "i" || node.text == "row")) {
        return true;
    }
    for (const NodePtr& kid : node.kids) {
        if (kid && names_row(*kid)) {
            return true;
        }
    }
    return false;
}

/// How far from the formula's own row `[i]`, `[i-1]` and `[i+2]` are; nothing for any other place.
std::optional<long long> steps_from_row(const Node& place) {
    if (place.type == NodeType::word && place.text == "i") {
        return 0;
    }
    const bool shifted =
        place.type == NodeType::binary && (place.op == Operator::add || place.op == Operator::subtract) &&
        place.kid(0).type == NodeType::word && place.kid(0).text == "i" && place.kid(1).type == NodeType::number;
    if (!shifted) {
        return std::nullopt;
    }
    const auto steps = static_cast<long long>(place.kid(1).number);
    return place.op == Operator::add ? steps : -steps;
}

std::string at_row(const std::string& base, long long row) {
    return base + "[" + std::to_string(std::max(1LL, row)) + "]";
}

/// The row that an end of a range or a single place means; nothing where it depends on values.
std::optional<long long> row_of(const Node& place, std::size_t row, std::size_t rows) {
    if (place.type == NodeType::number) {
        return static_cast<long long>(place.number);
    }
    if (place.type == NodeType::word && (place.text == "last" || place.text == "rows")) {
        return static_cast<long long>(rows);
    }
    const auto steps = steps_from_row(place);
    return steps ? std::optional(static_cast<long long>(row) + *steps) : std::nullopt;
}

} // namespace

std::optional<RowsMeant> rows_meant(const Node& tree, const Mark& mark, std::size_t row, std::size_t rows) {
    const Node* node = node_with(tree, mark.span);
    if (node == nullptr || rows == 0) {
        return std::nullopt;
    }
    std::optional<long long> from;
    std::optional<long long> to;
    if (node->type == NodeType::name) {
        const bool whole = mark.manner == Manner::stays;
        from = whole ? 1 : static_cast<long long>(row);
        to = whole ? static_cast<long long>(rows) : *from;
    } else if (const Node& place = node->kid(1); place.type == NodeType::range) {
        from = place.kids[0] ? row_of(*place.kids[0], row, rows) : 1;
        to = place.kids[1] ? row_of(*place.kids[1], row, rows) : static_cast<long long>(rows);
    } else {
        from = to = row_of(place, row, rows);
    }
    if (!from || !to) {
        return std::nullopt;
    }
    const long long first = std::max(1LL, *from);
    const long long last = std::min(static_cast<long long>(rows), *to);
    return first > last ? std::nullopt
                        : std::optional(RowsMeant{static_cast<std::size_t>(first), static_cast<std::size_t>(last)});
}

std::optional<Turning> turning_at(const std::string& formula, const Node& tree, std::uint32_t place, const Study& study,
                                  const Table* own, std::size_t row, std::size_t columns) {
    std::optional<Mark> mark;
    for (const Mark& one : marks_of(tree, study, own)) {
        const bool here = !one.between && one.span.from <= place && place <= one.span.to;
        if (here && (!mark || one.span.to - one.span.from <= mark->span.to - mark->span.from)) {
            mark = one;
        }
    }
    const Node* node = mark ? node_with(tree, mark->span) : nullptr;
    if (node == nullptr) {
        return std::nullopt;
    }
    Turning out{
        mark->span, mark->manner, formula.substr(mark->span.from, mark->span.to - mark->span.from), {}, mark->id};
    const Node& base = node->type == NodeType::index ? node->kid(0) : *node;
    const Binding meant = base.type == NodeType::name ? look_up(study, own, base.owner, base.text) : Binding();
    if (meant.column == nullptr) {
        return out;
    }
    if (meant.table->two_way()) {
        const std::size_t across = std::max<std::size_t>(columns, 1);
        const GridSpot spot{(row - 1) / across + 1, (row - 1) % across + 1, 0, 0};
        const bool own_cells = own == meant.table;
        const bool measured = in_measure_over(tree, node->span, study, own, *meant.table);
        if (own_cells || measured) {
            out.turned = turned_in_grid(formula, *meant.table, *node, mark->manner, measured, spot);
        }
        return out;
    }
    const std::string name = formula.substr(base.span.from, base.span.to - base.span.from);
    const bool of_own = own != nullptr && meant.table->id == own->id;
    const std::string following = of_own ? name : name + "[i]";
    if (node->type == NodeType::name) {
        // Bare in a measure it is the whole column; elsewhere it is this row's.
        out.turned = mark->manner == Manner::follows ? at_row(name, static_cast<long long>(row)) : name + "[1..i]";
        return out;
    }
    const Node& index = node->kid(1);
    if (index.type == NodeType::range) {
        out.turned = name;
    } else if (const auto steps = steps_from_row(index)) {
        out.turned = at_row(name, static_cast<long long>(row) + *steps);
    } else if (!names_row(index)) {
        out.turned = following;
    }
    return out;
}

} // namespace ledgefall
