#include "core/study/edits/offers.h"

#include "core/study/model/parts.h"
#include "core/study/model/scope.h"

namespace ledgefall {
namespace {

/// A formula `part / whole`, or that times 100.
struct Share {
    const Node* part = nullptr;
    const Node* whole = nullptr;
    double total = 1; ///< what such shares add up to
};

bool is_hundred(const Node& node) {
    return node.type == NodeType::number && node.number == 100;
}

bool is_binary(const Node& node, Operator op) {
    return node.type == NodeType::binary && node.op == op;
}

/// Whether it stays put: a number, a held value, a cell held at a row, a measure without `[i]`.
bool stays(const Node& node, const Study& study, const Table& own) {
    if (node.type == NodeType::number) {
        return true;
    }
    if (node.type == NodeType::name) {
        return look_up(study, &own, node.owner, node.text).column == nullptr;
    }
    if (node.type == NodeType::index) {
        return node.kid(1).type == NodeType::number ||
               (node.kid(1).type == NodeType::word && node.kid(1).text == "last");
    }
    return node.type == NodeType::call && node.text == "sum" && node.kids.size() == 1 &&
           node.kid(0).type == NodeType::name;
}

bool is_column(const Node& node, const Study& study, const Table& own) {
    const Binding meant =
        node.type == NodeType::name && node.owner.empty() ? look_up(study, &own, "", node.text) : Binding();
    return meant.column != nullptr && meant.table->id == own.id;
}

std::optional<Share> share_in(const Node& tree, const Study& study, const Table& own) {
    if (is_binary(tree, Operator::multiply) && (is_hundred(tree.kid(0)) || is_hundred(tree.kid(1)))) {
        auto inner = share_in(tree.kid(is_hundred(tree.kid(0)) ? 1 : 0), study, own);
        if (inner) {
            inner->total *= 100;
        }
        return inner;
    }
    if (!is_binary(tree, Operator::divide)) {
        return std::nullopt;
    }
    const Node* part = &tree.kid(0);
    double total = 1;
    if (is_binary(*part, Operator::multiply) && (is_hundred(part->kid(0)) || is_hundred(part->kid(1)))) {
        part = &part->kid(is_hundred(part->kid(0)) ? 1 : 0);
        total = 100;
    }
    // A number is taken for a total only where it is no power of ten: f / 10 is a change of unit.
    const Node& whole = tree.kid(1);
    const bool unit = whole.type == NodeType::number &&
                      (whole.number == 1 || whole.number == 2 || whole.number == 10 || whole.number == 100 ||
                       whole.number == 1000 || whole.number == 60 || whole.number == 3600);
    if (!is_column(*part, study, own) || !stays(whole, study, own) || unit) {
        return std::nullopt;
    }
    return Share{part, &whole, total};
}

std::optional<Share> share_of(const ColumnDefinition& column, const Study& study, const Table& own) {
    const bool single = column.pieces.size() == 1 && column.pieces.front().formula.tree();
    return single ? share_in(*column.pieces.front().formula.tree(), study, own) : std::nullopt;
}

bool is_sum_of(const Node& whole, const Node& part) {
    return whole.type == NodeType::call && whole.text == "sum" && whole.kid(0).type == NodeType::name &&
           whole.kid(0).text == part.text && whole.kid(0).owner == part.owner;
}

} // namespace

std::optional<CheckOffer> check_for(const Study& study, Id id) {
    const Table* table = table_with(study, &Table::columns, id);
    const ColumnDefinition* column = table == nullptr ? nullptr : table->column(id);
    const auto share = column == nullptr ? std::nullopt : share_of(*column, study, *table);
    if (!share) {
        return std::nullopt;
    }
    const std::string total = shortest(share->total);
    CheckOffer offer{column->shown_label() + " adds up to " + total, "sum(" + column->name + ") ≈ " + total,
                     column->shown_label() + " does not add up to " + total +
                         ": what it is divided by is not the sum of " + share->part->text + "."};
    for (const auto& check : study.checks) {
        if (check->table == table->id && check->condition.text() == offer.condition) {
            return std::nullopt;
        }
    }
    return offer;
}

std::optional<ShareCorrection> correction_for_check(const Study& study, Id id) {
    for (const auto& check : study.checks) {
        const Table* table = check->id == id ? study.table(check->table) : nullptr;
        if (table == nullptr) {
            continue;
        }
        for (const auto& column : table->columns) {
            const auto share = share_of(*column, study, *table);
            const bool watched =
                share && check->condition.text() == "sum(" + column->name + ") ≈ " + shortest(share->total);
            if (watched && !is_sum_of(*share->whole, *share->part)) {
                std::string text = column->pieces.front().formula.text();
                const Span span = share->whole->span;
                text.replace(span.from, span.to - span.from, "sum(" + share->part->text + ")");
                return ShareCorrection{column->id, text};
            }
        }
    }
    return std::nullopt;
}

std::string lacking_total(const Study& study, const Table& own, const Formula& formula, const std::string& name) {
    const auto share = formula.tree() ? share_in(*formula.tree(), study, own) : std::nullopt;
    const bool lacks = share && share->whole->type == NodeType::name && share->whole->text == name &&
                       !look_up(study, &own, share->whole->owner, name).exists();
    return lacks ? name + " = sum(" + share->part->text + ")" : std::string();
}

} // namespace ledgefall
