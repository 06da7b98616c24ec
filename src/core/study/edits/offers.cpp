#include "core/study/edits/offers.h"

#include "core/study/model/parts.h"
#include "core/study/model/scope.h"

#include <cmath>

namespace ledgefall {
namespace {

constexpr std::size_t rows_looked_at = 1000; // of a column of texts

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

/// The same of a formula that stands elsewhere, where the names may have their tables' before them.
bool is_sum_of_column(const Node& whole, const ColumnDefinition& part, const Study& study, const Table* own) {
    return whole.type == NodeType::call && whole.text == "sum" && whole.kids.size() == 1 &&
           whole.kid(0).type == NodeType::name &&
           look_up(study, own, whole.kid(0).owner, whole.kid(0).text).column == &part;
}

/// The sum of a given column's numbers; nothing of a computed one, which is not computed here.
std::optional<double> sum_of(const ColumnDefinition& column) {
    if (column.computed() || column.cells->kind() != Kind::number) {
        return std::nullopt;
    }
    double sum = 0;
    for (std::size_t row = 0; row < column.cells->size(); ++row) {
        const Value value = column.cells->at(row);
        sum += value.plain() ? value.number() : 0;
    }
    return sum;
}

/// Whether what is divided by is the sum of what is divided: written so, held so, or a number that is, or is so near to
/// it that it was meant to be.
bool is_total(const Share& share, const Study& study, const Table& own) {
    if (is_sum_of(*share.whole, *share.part)) {
        return true;
    }
    const bool named = share.whole->type == NodeType::name;
    const Binding meant = named ? look_up(study, &own, share.whole->owner, share.whole->text) : Binding();
    const HeldValue* held = meant.held;
    const ColumnDefinition* part = look_up(study, &own, share.part->owner, share.part->text).column;
    if (held != nullptr && held->computed()) {
        return part != nullptr && held->formula.tree() &&
               is_sum_of_column(*held->formula.tree(), *part, study, meant.table);
    }
    const bool number = share.whole->type == NodeType::number;
    const double whole = number                                   ? share.whole->number
                         : held != nullptr && held->value.plain() ? held->value.number()
                                                                  : 0;
    const std::optional<double> total = part == nullptr ? std::nullopt : sum_of(*part);
    constexpr double near = 0.1;
    return total && *total != 0 && std::fabs(whole - *total) <= near * std::fabs(*total);
}

} // namespace

std::optional<CheckOffer> check_for(const Study& study, Id id) {
    const Table* table = table_with(study, &Table::columns, id);
    const ColumnDefinition* column = table == nullptr ? nullptr : table->column(id);
    const auto share = column == nullptr ? std::nullopt : share_of(*column, study, *table);
    if (!share || !is_total(*share, study, *table)) {
        return std::nullopt;
    }
    const std::string total = shortest(share->total);
    CheckOffer offer{column->shown_label() + " adds up to " + total, "sum(" + column->name + ") ≈ " + total,
                     column->shown_label() + " does not add up to " + total + ". Its divisor is not the sum of " +
                         share->part->text + "."};
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

bool stands_as_text(const Table& table, const std::string& name) {
    for (const auto& column : table.columns) {
        if (column->computed() || column->cells->kind() != Kind::text) {
            continue;
        }
        for (std::size_t row = 0; row < std::min(column->cells->size(), rows_looked_at); ++row) {
            const Value value = column->cells->at(row);
            if (value.plain() && value.text().str() == name) {
                return true;
            }
        }
    }
    return false;
}

std::optional<OtherKind> other_kind_of(const ColumnDefinition& column, const Spelling& usual) {
    if (column.computed() || column.cells->kind() != Kind::text || !column.cells->any_filled()) {
        return std::nullopt;
    }
    const Spelling month_first(usual.decimal, !usual.month_first);
    for (const OtherKind& kind :
         {OtherKind{Kind::number, usual}, OtherKind{Kind::date, usual}, OtherKind{Kind::date, month_first}}) {
        bool all = true;
        for (std::size_t row = 0; row < std::min(column.cells->size(), rows_looked_at) && all; ++row) {
            const Value value = column.cells->at(row);
            all = !value.plain() ||
                  (kind_of_typed(value.text().str(), kind.spelling) == kind.kind && !loses_digits(value.text().str()));
        }
        if (all) {
            return kind;
        }
    }
    return std::nullopt;
}

std::optional<OddCells> odd_cells_of(const std::string& name, const Column& cells) {
    constexpr std::size_t most_told = 8;
    std::optional<OddCells> out;
    std::size_t count = 0;
    std::string rows;
    for (std::size_t chunk = 0; chunk < cells.chunk_count(); ++chunk) {
        const std::vector<State>& states = cells.chunk(chunk).states;
        for (std::size_t in = 0; in < states.size(); ++in) {
            if (states[in] != State::unparsed) {
                continue;
            }
            const std::size_t row = chunk * Column::chunk_rows + in;
            out = out ? out : OddCells{row, {}};
            rows += count < most_told ? (count == 0 ? "" : ", ") + std::to_string(row + 1) : "";
            ++count;
        }
    }
    if (out) {
        out->told = {
            N_("Cells of %1 that are not %2: %3 (row %4). They are kept as written."),
            {name, kind_in_words(cells.kind()), std::to_string(count), rows + (count > most_told ? ", …" : "")}};
    }
    return out;
}

} // namespace ledgefall
