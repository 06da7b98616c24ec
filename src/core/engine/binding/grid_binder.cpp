// Binding what is meant in a two-way table: a cell by its row and column, a part of the grid, an axis.

#include "core/engine/binding/grid_binder.h"

#include "core/engine/binding/place_binder.h"

namespace ledgefall {
namespace {

Id id_of(const Axis& axis) {
    return (*axis.column)->id;
}

/// How far the last of what a place means is from the formula's row or column; nothing where that is not fixed.
std::optional<std::int64_t> last_shift(const Node& place, std::string_view word) {
    if (place.type != NodeType::range) {
        return shift_of(place, word);
    }
    return place.kids[1] ? shift_of(*place.kids[1], word) : std::nullopt;
}

} // namespace

TermPtr GridBinder::length(const Node& node, const Axis& axis) {
    context_.links.push_back({DependencyKind::whole, id_of(axis), 0});
    return made(node, RowCountTerm{id_of(axis)});
}

TermPtr GridBinder::word(const Node& node) {
    const Table& table = *context_.frame.own;
    const bool by_column = node.text == "col" || node.text == "cols" || node.text == "j";
    if (node.text == "last") {
        return length(node, context_.place_on != nullptr ? *context_.place_on : table.axis);
    }
    if (node.text == "rows" || node.text == "cols") {
        return length(node, by_column ? *table.across : table.axis);
    }
    const bool of_formula = node.text == "i" || node.text == "j"; // whatever rows run in a measure around it
    const auto level = of_formula ? std::optional(0U) : binder_.level_over(table.id);
    if (!level) {
        return fail(Cause::wrong_arguments, node.span, {N_("%1 needs a cell, but there is none here."), {node.text}});
    }
    if (*level > 0) {
        context_.links.push_back({DependencyKind::whole, table.id, 0});
    }
    return part(node, by_column ? GridPart::column : GridPart::row, *level);
}

TermPtr GridBinder::part(const Node& node, GridPart part, std::uint32_t level) {
    const BindingContext::Frame& frame = context_.frame;
    const bool none = level == 0 && (!frame.has_rows || (frame.along != GridPart::cell && frame.along != part));
    if (none) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 depends on a cell of the two-way table, but there is none here. Use a measure, or a "
                        "position such as [1, 2]."),
                     {node.text}});
    }
    RowNumberTerm number{.level = level};
    if (level > 0 || frame.along == GridPart::cell) {
        number.part = part;
        number.across = id_of(*frame.own->across);
        context_.links.push_back({DependencyKind::whole, number.across, 0});
    }
    return made(node, number, Kind::number, 1U << level);
}

TermPtr GridBinder::running(const Node& node, const Binding& binding) {
    const BindingContext::Frame& frame = context_.frame;
    const Table& table = *binding.table;
    const Axis* axis = table.axis_of(binding.column->id);
    const auto own_level = axis == nullptr ? std::nullopt : binder_.level_over(binding.column->id);
    const auto level = own_level ? own_level : binder_.level_over(table.id);
    // In a foot line, which is taken for each column or row, there is no cell, but a value of one of the axes.
    const bool along_axis = frame.along == (axis == &table.axis ? GridPart::row : GridPart::column);
    const bool no_cell = level && *level == 0 && frame.along != GridPart::cell && (axis == nullptr || !along_axis);
    if (!level || no_cell) {
        const std::string shown = (node.owner.empty() ? "" : node.owner + ".") + binding.column->name;
        return axis != nullptr
                   ? fail(Cause::wrong_arguments, node.span,
                          {N_("%1 is a whole axis. Use one of its values, as in %1[1], or a measure, as in max(%1)."),
                           {shown}})
                   : fail(Cause::wrong_arguments, node.span,
                          {N_("%1 is a whole layer. Use one cell of it, as in %1[1, 2], or a measure, as in sum(%1)."),
                           {shown}});
    }
    const bool in_cells = axis != nullptr && !own_level && !(*level == 0 && frame.along != GridPart::cell);
    ColumnTerm column{
        .id = binding.column->id, .table = own_level || in_cells ? binding.column->id : table.id, .level = *level};
    if (in_cells) {
        column.part = axis == &table.axis ? GridPart::row : GridPart::column;
        column.across = id_of(*table.across);
        context_.links.push_back({DependencyKind::whole, column.across, 0});
    }
    if (axis != nullptr) {
        context_.links.push_back({DependencyKind::whole, column.id, 0});
    } else {
        link(*level == 0 ? DependencyKind::same_row : context_.levels[*level - 1].link, binding);
    }
    return made(node, column, context_.scope.kind_of(column.id), 1U << *level);
}

TermPtr GridBinder::index(const Node& node, const Binding& binding) {
    if (binding.table->axis_of(binding.column->id) != nullptr) {
        return of_axis(node, binding);
    }
    const Node& base = node.kid(0);
    if (node.kids.size() != 3) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 has two axes. Write the row and the column, as in %1[i-1, j], or %1[i, ..] for all of this "
                        "row in a measure."),
                     {base.text}});
    }
    if (node.kid(1).type == NodeType::range || node.kid(2).type == NodeType::range) {
        // The measure around it has taken the places as its part of the grid, so that the layer runs over it.
        const bool runs = !context_.levels.empty() && context_.levels.back().column_range != nullptr &&
                          context_.levels.back().table == binding.table->id;
        return runs ? running(base, binding)
                    : fail(Cause::wrong_arguments, node.span,
                           {N_("A part of a two-way table can be used only in a measure, as in sum(%1[i, ..])."),
                            {base.text}});
    }
    const auto rows = shift_of(node.kid(1), "i");
    const auto columns = shift_of(node.kid(2), "j");
    const bool own_cell =
        context_.frame.own == binding.table && context_.frame.has_rows && context_.frame.along == GridPart::cell;
    return rows && columns && own_cell ? neighbour(node, binding, *rows, *columns) : one_cell(node, binding);
}

TermPtr GridBinder::neighbour(const Node& node, const Binding& binding, std::int64_t rows, std::int64_t columns) {
    const ColumnTerm column{.id = binding.column->id,
                            .table = binding.table->id,
                            .shift = columns,
                            .line_shift = rows,
                            .across = id_of(*binding.table->across)};
    context_.links.push_back({DependencyKind::whole, column.across, 0});
    const bool here_itself = rows == 0 && columns == 0;
    const bool earlier = rows < 0 || (rows == 0 && columns < 0);
    link(here_itself ? DependencyKind::same_row
         : earlier   ? DependencyKind::earlier_row
                     : DependencyKind::later_row,
         binding);
    context_.links.back().line_above = rows < 0;
    return made(node, column, context_.scope.kind_of(column.id), 1U);
}

TermPtr GridBinder::place(const Node& node, const Axis& axis) {
    const Axis* outer = context_.place_on;
    context_.place_on = &axis;
    TermPtr number = term(node);
    context_.place_on = outer;
    if (number && number->kind != Kind::number) {
        return fail(Cause::wrong_kind, node.span,
                    {N_("A row or column is a number, but this is %1."), {kind_in_words(number->kind)}});
    }
    return number;
}

TermPtr GridBinder::one_cell(const Node& node, const Binding& binding) {
    const Table& table = *binding.table;
    const TermPtr row = place(node.kid(1), table.axis);
    const TermPtr column = row ? place(node.kid(2), *table.across) : nullptr;
    if (!column) {
        return nullptr;
    }
    const TermPtr one = constant(node, Value::number(1));
    const TermPtr columns = length(node, *table.across);
    const auto operate = [&](Operator op, const TermPtr& a, const TermPtr& b) {
        return binder_.operate(node, op, {a, b});
    };
    const TermPtr inside = operate(Operator::logical_and, operate(Operator::less_equal, one, column),
                                   operate(Operator::less_equal, column, columns));
    const TermPtr before = operate(Operator::multiply, operate(Operator::subtract, row, one), columns);
    const TermPtr number =
        binder_.chosen(node, inside, operate(Operator::add, before, column), constant(node, Value::missing()));
    link(DependencyKind::computed_row, binding);
    return made(node, CellTerm{binding.column->id, table.id, number}, context_.scope.kind_of(binding.column->id),
                number->on);
}

TermPtr GridBinder::of_axis(const Node& node, const Binding& binding) {
    const Axis& axis = *binding.table->axis_of(binding.column->id);
    const std::string& name = node.kid(0).text;
    if (node.kids.size() != 2 || node.kid(1).type == NodeType::range) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 is an axis and has one position in brackets, a row or a column. Write %1[1]."), {name}});
    }
    const TermPtr number = place(node.kid(1), axis);
    if (!number) {
        return nullptr;
    }
    context_.links.push_back({DependencyKind::whole, binding.column->id, 0});
    return made(node, CellTerm{binding.column->id, binding.column->id, number},
                context_.scope.kind_of(binding.column->id), number->on);
}

bool GridBinder::ends(const Node& node, const Axis& axis, TermPtr& from, TermPtr& to) {
    if (node.type != NodeType::range) {
        from = place(node, axis);
        to = from;
        return from != nullptr;
    }
    const auto end = [&](const NodePtr& kid, TermPtr& out) {
        out = kid ? place(*kid, axis) : nullptr;
        return !kid || out;
    };
    return end(node.kids[0], from) && end(node.kids[1], to);
}

bool GridBinder::range(const BindingContext::Level& level, MeasureTerm& measure) {
    const Table* table = context_.scope.study->table(level.table);
    GridRange grid;
    grid.down = id_of(table->axis);
    grid.across = id_of(*table->across);
    context_.links.push_back({DependencyKind::whole, grid.down, 0});
    context_.links.push_back({DependencyKind::whole, grid.across, 0});
    if (!ends(*level.range, table->axis, grid.from_row, grid.to_row) ||
        !ends(*level.column_range, *table->across, grid.from_column, grid.to_column)) {
        return false;
    }
    measure.grid = std::move(grid);
    return true;
}

DependencyKind GridBinder::link_of(const BindingContext::Level& level) {
    const auto rows = last_shift(*level.range, "i");
    const auto columns = last_shift(*level.column_range, "j");
    if (rows && *rows < 0) {
        return DependencyKind::rows_before;
    }
    if (!rows || *rows > 0 || !columns || *columns > 0) {
        return DependencyKind::whole;
    }
    return *columns < 0 ? DependencyKind::rows_before : DependencyKind::rows_to_here;
}

} // namespace ledgefall
