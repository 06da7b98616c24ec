// Binding what stands in square brackets: which row of a column is meant.

#include "core/engine/binding/place_binder.h"

#include "core/engine/binding/grid_binder.h"

#include <cmath>

namespace ledgefall {

TermPtr PlaceBinder::row_of_formula(const Node& node) {
    const bool in_grid = context_.frame.own != nullptr && context_.frame.own->two_way();
    if (node.text == "j" && !in_grid) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("[j] is the column of a cell in a two-way table, but this formula is not in one."), {}});
    }
    if (in_grid) {
        return GridBinder(context_, binder_).part(node, node.text == "j" ? GridPart::column : GridPart::row, 0);
    }
    if (!context_.frame.has_rows) {
        return fail(
            Cause::wrong_arguments, node.span,
            {N_("[i] is the row of a column's formula, but there is no row here. Use a measure, or a row such as [1]."),
             {}});
    }
    return made(node, RowNumberTerm(), Kind::number, 1U);
}

std::optional<std::int64_t> shift_of(const Node& place, std::string_view word) {
    if (is_word(place, word)) {
        return 0;
    }
    const bool steps = place.type == NodeType::binary &&
                       (place.op == Operator::add || place.op == Operator::subtract) && is_word(place.kid(0), word) &&
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

TermPtr PlaceBinder::index(const Node& node) {
    const Node& base = node.kid(0);
    if (base.type == NodeType::name && parameter(base) != nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 is a single value here and has no rows. Remove the brackets."), {base.text}});
    }
    const bool each = is_word(base, "each") && context_.frame.each != nullptr;
    if (base.type != NodeType::name && !each) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("Only a column can be followed by a row in square brackets."), {}});
    }
    const Binding binding = each ? Binding{context_.frame.own, context_.frame.each, nullptr} : bound(base);
    if (binding.held != nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 is a held value and has no rows. Remove the brackets."), {base.text}});
    }
    if (binding.group != nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 is a group of columns. Use a measure of it, as in mean(%1[i])."), {base.text}});
    }
    if (binding.column == nullptr) {
        return binder_.unknown_name(base) ? fail(Cause::wrong_arguments, node.span,
                                                 {N_("Only a column can be followed by a row in square brackets."), {}})
                                          : nullptr;
    }
    if (binding.table->two_way()) {
        return GridBinder(context_, binder_).index(node, binding);
    }
    return node.kids.size() > 2 ? fail(Cause::wrong_arguments, node.span,
                                       {N_("Two positions in brackets are for a two-way table, but %1 has one axis. "
                                           "Write one position, as in %2[1]."),
                                        {binding.table->name, base.text}})
                                : indexed_column(node, binding, node.kid(1));
}

TermPtr PlaceBinder::indexed_column(const Node& node, const Binding& binding, const Node& place) {
    if (place.type == NodeType::range) {
        // The measure around it has taken the range as its rows, so that the column runs over them.
        const bool running = !context_.levels.empty() && context_.levels.back().range != nullptr &&
                             context_.levels.back().table == binding.table->id;
        return running ? binder_.column(node.kid(0), binding)
                       : fail(Cause::wrong_arguments, node.span,
                              {N_("A range of rows can be used only in a measure, as in sum(%1[1..i])."),
                               {binding.column->name}});
    }
    const Kind kind = context_.scope.kind_of(binding.column->id);
    const auto shift = shift_of(place);
    if (shift) {
        if (!context_.frame.has_rows) {
            return row_of_formula(place);
        }
        link(*shift == 0  ? DependencyKind::same_row
             : *shift < 0 ? DependencyKind::earlier_row
                          : DependencyKind::later_row,
             binding);
        return made(node, ColumnTerm{.id = binding.column->id, .table = binding.table->id, .shift = *shift}, kind, 1U);
    }
    TermPtr row;
    if (is_word(place, "last")) {
        row = made(place, RowCountTerm{binding.table->id});
        link(DependencyKind::later_row, binding);
    } else {
        row = term(place);
        const bool fixed = place.type == NodeType::number && place.number >= 1;
        link(fixed ? DependencyKind::fixed_row : DependencyKind::computed_row, binding,
             fixed ? static_cast<std::uint64_t>(std::min(place.number, 1e15)) : 0);
    }
    if (!row) {
        return nullptr;
    }
    if (row->kind != Kind::number) {
        return fail(Cause::wrong_kind, place.span,
                    {N_("A row is a number, but this is %1."), {kind_in_words(row->kind)}});
    }
    return made(node, CellTerm{binding.column->id, binding.table->id, row}, kind, row->on);
}

} // namespace ledgefall
