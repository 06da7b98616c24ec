#include "core/authoring/two_axes.h"

#include "core/engine/functions/catalogue.h"

#include <algorithm>

namespace ledgefall {
namespace {

bool names(const Node& node, std::string_view word, std::string_view number) {
    const bool is_it = (node.type == NodeType::word || node.type == NodeType::name) && node.owner.empty() &&
                       (node.text == word || node.text == number);
    return is_it || std::any_of(node.kids.begin(), node.kids.end(),
                                [&](const NodePtr& kid) { return kid && names(*kid, word, number); });
}

const Node* reference_at(const Node& tree, Span span) {
    if (tree.span == span && (tree.type == NodeType::name || tree.type == NodeType::index)) {
        return &tree;
    }
    for (const NodePtr& kid : tree.kids) {
        if (const Node* node = kid ? reference_at(*kid, span) : nullptr) {
            return node;
        }
    }
    return nullptr;
}

/// A row or column that a place tells by a number, its word (`i` or `j`) and steps from it, or `last`.
std::optional<long long> told_by(const Node& place, std::string_view word, std::size_t here, std::size_t length) {
    if (place.type == NodeType::number) {
        return static_cast<long long>(place.number);
    }
    if (place.type == NodeType::word && place.text == "last") {
        return static_cast<long long>(length);
    }
    if (place.type == NodeType::word && place.text == word) {
        return static_cast<long long>(here);
    }
    const bool shifted = place.type == NodeType::binary &&
                         (place.op == Operator::add || place.op == Operator::subtract) &&
                         place.kid(1).type == NodeType::number;
    const auto from = shifted ? told_by(place.kid(0), word, here, length) : std::nullopt;
    const auto steps = shifted ? static_cast<long long>(place.kid(1).number) : 0;
    return from ? std::optional(*from + (place.op == Operator::add ? steps : -steps)) : std::nullopt;
}

std::optional<RowsMeant> span_of(const Node* place, std::string_view word, std::size_t here, std::size_t length) {
    std::optional<long long> from = 1;
    auto to = std::optional(static_cast<long long>(length));
    if (place != nullptr && place->type == NodeType::range) {
        from = place->kids[0] ? told_by(*place->kids[0], word, here, length) : from;
        to = place->kids[1] ? told_by(*place->kids[1], word, here, length) : to;
    } else if (place != nullptr) {
        from = to = told_by(*place, word, here, length);
    }
    if (!from || !to) {
        return std::nullopt;
    }
    const long long first = std::max(1LL, *from);
    const long long last = std::min(static_cast<long long>(length), *to);
    return first > last ? std::nullopt
                        : std::optional(RowsMeant{static_cast<std::size_t>(first), static_cast<std::size_t>(last)});
}

bool is_measure(const Node& node) {
    const Function* function = node.type == NodeType::call && node.owner.empty() ? find_function(node.text) : nullptr;
    return function != nullptr && function->is_measure();
}

} // namespace

Manner manner_in_grid(const Table& table, const ColumnDefinition& column, const Node& reference, bool in_measure) {
    const Axis* axis = table.axis_of(column.id);
    const bool indexed = reference.type == NodeType::index;
    if (axis != nullptr) {
        const bool down = axis == &table.axis;
        const bool moves = indexed ? names(reference.kid(1), down ? "i" : "j", down ? "row" : "col") : !in_measure;
        return !moves ? Manner::stays : down ? Manner::follows : Manner::across;
    }
    if (!indexed) {
        return in_measure ? Manner::stays : Manner::both;
    }
    const bool by_row = names(reference.kid(1), "i", "row");
    const bool by_column = reference.kids.size() > 2 && names(reference.kid(2), "j", "col");
    return by_row && by_column ? Manner::both : by_row ? Manner::follows : by_column ? Manner::across : Manner::stays;
}

std::string turned_in_grid(const std::string& formula, const Table& table, const Node& reference, Manner manner,
                           bool in_measure, const GridSpot& spot) {
    const bool indexed = reference.type == NodeType::index;
    const Node& base = indexed ? reference.kid(0) : reference;
    std::string name = formula.substr(base.span.from, base.span.to - base.span.from);
    const std::string row = std::to_string(spot.row);
    const std::string column = std::to_string(spot.column);
    const Axis* axis = table.axis_named(base.text);
    if (axis != nullptr) {
        return indexed ? name : name + "[" + (axis == &table.axis ? row : column) + "]";
    }
    if (in_measure) {
        return !indexed                    ? name + "[i, ..]"
               : manner == Manner::follows ? name + "[.., j]"
               : manner == Manner::across  ? name + "[1..i, j]"
                                           : name;
    }
    switch (manner) {
    case Manner::both:
        return name + "[i, " + column + "]";
    case Manner::follows:
        return name + "[" + row + ", j]";
    case Manner::across:
        return name + "[" + row + ", " + column + "]";
    case Manner::stays:
        break;
    }
    return name;
}

std::optional<GridPartMeant> cells_meant(const Node& tree, const Mark& mark, const Table& table, const GridSpot& spot) {
    const Node* node = reference_at(tree, mark.span);
    if (node == nullptr) {
        return std::nullopt;
    }
    const Axis* axis = table.axis_of(mark.id);
    const bool indexed = node->type == NodeType::index;
    const Node* rows = indexed ? &node->kid(1) : nullptr;
    const Node* columns = indexed && node->kids.size() > 2 ? &node->kid(2) : nullptr;
    if (axis == &*table.across) {
        std::swap(rows, columns);
    }
    const bool here = !indexed && mark.manner != Manner::stays;
    const auto one = [](std::size_t at) { return std::optional(RowsMeant{at, at}); };
    const bool of_rows = axis == nullptr || axis == &table.axis;
    const bool of_columns = axis == nullptr || axis == &*table.across;
    const auto in_rows = here && of_rows ? one(spot.row) : span_of(rows, "i", spot.row, spot.rows);
    const auto in_columns = here && of_columns ? one(spot.column) : span_of(columns, "j", spot.column, spot.columns);
    return in_rows && in_columns ? std::optional(GridPartMeant{*in_rows, *in_columns}) : std::nullopt;
}

bool in_measure_over(const Node& tree, Span reference, const Study& study, const Table* own, const Table& table) {
    if (reference.from < tree.span.from || reference.to > tree.span.to) {
        return false;
    }
    for (const NodePtr& kid : tree.kids) {
        if (kid && in_measure_over(*kid, reference, study, own, table)) {
            return true;
        }
    }
    const bool inside = std::any_of(tree.kids.begin(), tree.kids.end(), [&](const NodePtr& kid) {
        return kid && kid->span.from <= reference.from && reference.to <= kid->span.to;
    });
    return inside && is_measure(tree) && own != nullptr && study.table(table.id) != nullptr;
}

} // namespace ledgefall
