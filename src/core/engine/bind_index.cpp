// Binding what stands in square brackets: which row of a column is meant.

#include "core/engine/binder.h"

#include <cmath>

namespace ledgefall {

TermPtr Binder::row_of_formula(const Node& node) {
    if (node.text == "j") {
        return fail(Cause::not_supported, node.span,
                    {"j is a column of a two-way table, which cannot be worked out yet.", {}});
    }
    if (!frame_.has_rows) {
        return fail(
            Cause::wrong_arguments, node.span,
            {"[i] is the row of a column's formula, and there is no row here: use a measure or a row such as [1].",
             {}});
    }
    auto made = std::make_shared<Term>();
    made->type = TermType::row_number;
    made->on = 1U;
    made->span = here(node.span);
    made->table = frame_.own->id;
    return made;
}

/// How far from the formula's row `i`, `i - 2` or `i + 1` is; nothing for other places.
std::optional<std::int64_t> Binder::shift_of(const Node& place) const {
    if (is_word(place, "i")) {
        return 0;
    }
    const bool steps = place.type == NodeType::binary &&
                       (place.op == Operator::add || place.op == Operator::subtract) && is_word(place.kid(0), "i") &&
                       place.kid(1).type == NodeType::number;
    if (!steps) {
        return std::nullopt;
    }
    const double count = place.kid(1).number;
    if (count != std::floor(count) || count > 1e9) {
        return std::nullopt;
    }
    const auto whole = static_cast<std::int64_t>(count);
    return place.op == Operator::add ? whole : -whole;
}

TermPtr Binder::index(const Node& node) {
    const Node& base = node.kid(0);
    if (node.kids.size() > 2) {
        return fail(Cause::not_supported, node.span,
                    {"Two places in brackets belong to a two-way table, which cannot be worked out yet.", {}});
    }
    if (base.type == NodeType::name && parameter(base) != nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 stands for one value here and has no rows: leave out the brackets.", {base.text}});
    }
    const bool each = is_word(base, "each") && frame_.each != nullptr;
    if (base.type != NodeType::name && !each) {
        return fail(Cause::wrong_arguments, node.span,
                    {"Only a column can have a row in square brackets after it.", {}});
    }
    const Binding binding = each ? Binding{frame_.own, frame_.each, nullptr} : bound(base);
    if (binding.held != nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 is a held value and has no rows: leave out the brackets.", {base.text}});
    }
    if (binding.group != nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 is a group of columns: take a measure of it, as in mean(%1[i]).", {base.text}});
    }
    return binding.column == nullptr ? nameless(base) : indexed_column(node, binding, node.kid(1));
}

TermPtr Binder::indexed_column(const Node& node, const Binding& binding, const Node& place) {
    if (place.type == NodeType::range) {
        // The measure around it has taken the range as its rows, so that the column runs over them.
        const bool running =
            !levels_.empty() && levels_.back().range != nullptr && levels_.back().table == binding.table->id;
        return running ? column(node.kid(0), binding)
                       : fail(Cause::wrong_arguments, node.span,
                              {"A range of rows can stand only in a measure, as in sum(%1[1..i]).",
                               {binding.column->name}});
    }
    auto made = std::make_shared<Term>();
    made->id = binding.column->id;
    made->table = binding.table->id;
    made->span = here(node.span);
    made->kind = scope_.kind_of(binding.column->id);
    const auto shift = shift_of(place);
    if (shift) {
        if (!frame_.has_rows) {
            return row_of_formula(place);
        }
        made->type = TermType::column;
        made->shift = *shift;
        made->on = 1U;
        link(*shift == 0 ? LinkType::same_row : *shift < 0 ? LinkType::earlier_row : LinkType::later_row, binding);
        return made;
    }
    made->type = TermType::gather;
    TermPtr row;
    if (is_word(place, "last")) {
        auto count = std::make_shared<Term>();
        count->type = TermType::row_count;
        count->table = binding.table->id;
        count->span = here(place.span);
        row = count;
        link(LinkType::later_row, binding);
    } else {
        row = term(place);
        const bool fixed = place.type == NodeType::number && place.number >= 1;
        link(fixed ? LinkType::fixed_row : LinkType::computed_row, binding,
             fixed ? static_cast<std::uint64_t>(std::min(place.number, 1e15)) : 0);
    }
    if (!row) {
        return nullptr;
    }
    if (row->kind != Kind::number) {
        return fail(Cause::wrong_kind, place.span, {"A row is a number, and this is %1.", {kind_in_words(row->kind)}});
    }
    made->on = row->on;
    made->kids = {row};
    return made;
}

} // namespace ledgefall
