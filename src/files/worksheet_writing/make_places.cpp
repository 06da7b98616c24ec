// Places: columns that follow the row, ranges with fixed rows, held values, cells of two-way tables.

#include "core/engine/binding/place_binder.h"
#include "files/worksheet_recovery/openformula_patterns.h"
#include "files/worksheet_writing/formula_making.h"
#include "files/worksheet_writing/sheet_nodes.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

} // namespace

std::string SheetFormulaMaking::sheet_of(const Table& table) const {
    if (is_own(table) && !seat_.apart()) {
        return {};
    }
    return places_.of(table).sheet;
}

Coordinate SheetFormulaMaking::column_at(const Table& table, Id column) const {
    const auto& of = places_.of(table);
    const auto found = of.column_of.find(column);
    if (found == of.column_of.end()) {
        refuse(N_("it uses a column that is not exported"));
    }
    const auto at = static_cast<std::int32_t>(found->second);
    if (!is_own(table) || seat_.apart()) {
        return {at, true};
    }
    return {at - static_cast<std::int32_t>(of.column_of.at(seat_.column)), false};
}

SheetNodePtr SheetFormulaMaking::cell_of(const Table& table, Id column, Coordinate row) const {
    auto out = node_of(Type::cell);
    out->sheet = sheet_of(table);
    out->from.row = row;
    out->from.column = column_at(table, column);
    return out;
}

SheetNodePtr SheetFormulaMaking::range_of(const Table& table, Id first, Id last, Coordinate from, Coordinate to) const {
    auto out = node_of(Type::range);
    out->sheet = sheet_of(table);
    out->from.row = from;
    out->to.row = to;
    out->from.column = column_at(table, first);
    out->to.column = column_at(table, last);
    return out;
}

Coordinate SheetFormulaMaking::last_row(const Table& table) const {
    const auto& of = places_.of(table);
    if (of.rows == 0) {
        refuse(N_("it uses a column without rows"));
    }
    return {static_cast<std::int32_t>(of.first_row + of.rows - 1), true};
}

SheetNodePtr SheetFormulaMaking::held(const HeldValue& value) const {
    const auto found = places_.held_row.find(value.id);
    if (found == places_.held_row.end()) {
        refuse(N_("it uses a held function"));
    }
    auto out = node_of(Type::cell);
    out->sheet = seat_.in == FormulaPosition::In::ledge ? std::string() : places_.held_sheet;
    out->from.row = {static_cast<std::int32_t>(found->second), true};
    out->from.column = {1, true};
    return out;
}

std::int32_t SheetFormulaMaking::placed(double number, std::uint32_t first, std::uint32_t count) {
    if (!(number >= 1 && number <= count)) {
        refuse(N_("it uses a row or column that does not exist"));
    }
    return static_cast<std::int32_t>(first + static_cast<std::uint32_t>(number) - 1);
}

Coordinate SheetFormulaMaking::row_at(const Table& table, const Node& place) {
    const auto& of = places_.of(table);
    if (place.type == NodeType::number) {
        return {placed(place.number, of.first_row, of.rows), true};
    }
    if (place.type == NodeType::word && place.text == "last") {
        return last_row(table);
    }
    const std::optional<std::int64_t> shift = shift_of(place);
    if (!shift || seat_.in != FormulaPosition::In::column) {
        refuse(N_("it uses a row whose number is computed"));
    }
    // Another table's rows begin elsewhere on their sheet, all by the same distance.
    const auto apart = std::int64_t(of.first_row) - own().first_row;
    if (*shift != 0) {
        out_.earlier_rows.insert(*shift);
    }
    if (!is_own(table) && *shift == 0) {
        out_.earlier_rows.insert(0);
    }
    return {static_cast<std::int32_t>(*shift + apart), false};
}

Binding SheetFormulaMaking::meaning(const Node& name) const {
    const Binding out = look_up(study_, seat_.table, name.owner, name.text);
    if (!out.exists()) {
        refuse(N_("it uses an unknown name"));
    }
    return out;
}

SheetNodePtr SheetFormulaMaking::named(const Node& node, bool in_measure) {
    if (seat_.in_foot()) {
        if (const FootLine* line = foot_line_meant(study_, seat_.table, node)) {
            if (seat_.table->two_way()) {
                return line_of_grid(*line);
            }
            return cell_of(*seat_.table, seat_.column, {static_cast<std::int32_t>(own().foot_row.at(line->id)), true});
        }
    }
    if (node.owner.empty() && node.text == "pi" && !look_up(study_, seat_.table, "", "pi").exists()) {
        return call_of(openformula::pi, {});
    }
    const Binding binding = meaning(node);
    if (binding.held != nullptr) {
        return held(*binding.held);
    }
    if (binding.group != nullptr) {
        if (!in_measure) {
            refuse(N_("it uses a group of columns as one value"));
        }
        return whole(*binding.table, binding.group->columns.front(), binding.group->columns.back());
    }
    const Table& table = *binding.table;
    if (table.two_way()) {
        return in_grid(binding, in_measure);
    }
    if (in_measure) {
        return whole(table, binding.column->id, binding.column->id);
    }
    if (!is_own(table) || seat_.in != FormulaPosition::In::column) {
        refuse(N_("it uses a whole column as one value"));
    }
    if (const Column* cells = results_.column(binding.column->id);
        cells != nullptr && cells->kind() == Kind::interval) {
        refuse(N_("it uses a class as a value"));
    }
    SheetNodePtr out = cell_of(table, binding.column->id, {0, false});
    out_.operands.push_back(out);
    return out;
}

/// The value of another foot line of a two-way table, in the same column, row or corner.
SheetNodePtr SheetFormulaMaking::line_of_grid(const FootLine& line) const {
    const auto& of = own();
    const auto under = of.foot_row.find(line.id);
    const auto beside = of.side_column.find(line.id);
    const bool by_row = seat_.in != FormulaPosition::In::side;
    const bool by_column = seat_.in != FormulaPosition::In::foot;
    if ((by_row && under == of.foot_row.end()) || (by_column && beside == of.side_column.end())) {
        refuse(N_("it uses a foot line that is not under that column"));
    }
    auto out = node_of(Type::cell);
    out->from.row = by_row ? Coordinate{static_cast<std::int32_t>(under->second), true} : Coordinate{0, false};
    out->from.column = by_column ? Coordinate{static_cast<std::int32_t>(beside->second), true} : Coordinate{0, false};
    return out;
}

/// What a foot value of a two-way table is taken of: its column, its row, or the whole layer.
SheetNodePtr SheetFormulaMaking::each_of_grid() const {
    const auto& of = own();
    if (of.rows == 0 || of.columns == 0) {
        refuse(N_("it uses a layer without cells"));
    }
    const bool all_rows = seat_.in != FormulaPosition::In::side;
    const bool all_columns = seat_.in != FormulaPosition::In::foot;
    const Coordinate here{0, false};
    auto out = node_of(Type::range);
    out->from = {all_rows ? Coordinate{static_cast<std::int32_t>(of.first_row), true} : here,
                 all_columns ? Coordinate{static_cast<std::int32_t>(of.first_column), true} : here};
    out->to = {all_rows ? Coordinate{static_cast<std::int32_t>(of.first_row + of.rows - 1), true} : here,
               all_columns ? Coordinate{static_cast<std::int32_t>(of.first_column + of.columns - 1), true} : here};
    return out;
}

SheetNodePtr SheetFormulaMaking::in_grid(const Binding& binding, bool in_measure) {
    const Table& table = *binding.table;
    const auto& of = places_.of(table);
    const bool own_layer = is_own(table) && seat_.in == FormulaPosition::In::layer;
    const bool axis = table.axis_of(binding.column->id) != nullptr;
    auto out = node_of(in_measure && !axis ? Type::range : Type::cell);
    if (axis) {
        if (!own_layer || in_measure) {
            refuse(N_("it uses an axis of a two-way table"));
        }
        const bool down = table.axis_of(binding.column->id) == &table.axis;
        out->from.row = down ? Coordinate{0, false} : Coordinate{static_cast<std::int32_t>(of.first_row) - 1, true};
        out->from.column =
            down ? Coordinate{static_cast<std::int32_t>(of.first_column) - 1, true} : Coordinate{0, false};
        return out;
    }
    const bool same_sheet = own_layer && binding.column->id == seat_.column;
    out->sheet = same_sheet ? std::string() : of.layer_sheet.at(binding.column->id);
    if (in_measure) {
        out->from = {{static_cast<std::int32_t>(of.first_row), true},
                     {static_cast<std::int32_t>(of.first_column), true}};
        out->to = {{static_cast<std::int32_t>(of.first_row + of.rows - 1), true},
                   {static_cast<std::int32_t>(of.first_column + of.columns - 1), true}};
        return out;
    }
    if (!own_layer) {
        refuse(N_("it uses a cell of a two-way table"));
    }
    out_.operands.push_back(out);
    return out;
}

SheetNodePtr SheetFormulaMaking::indexed(const Node& node, bool in_measure) {
    if (node.kid(0).type != NodeType::name) {
        refuse(N_("it uses a row of a computed expression"));
    }
    const Binding binding = meaning(node.kid(0));
    if (binding.held != nullptr || binding.table == nullptr) {
        refuse(N_("it uses a row of a held value"));
    }
    const Table& table = *binding.table;
    if (table.two_way()) {
        return grid_part(node, binding, in_measure);
    }
    const Id first = binding.group != nullptr ? binding.group->columns.front() : binding.column->id;
    const Id last = binding.group != nullptr ? binding.group->columns.back() : binding.column->id;
    if (node.kids.size() != 2) {
        refuse(N_("it has two positions in brackets"));
    }
    const Node& place = node.kid(1);
    if (place.type == NodeType::range) {
        if (!in_measure) {
            refuse(N_("it uses several rows as one value"));
        }
        const Coordinate from = place.kids[0] ? row_at(table, *place.kids[0]) : first_row(table);
        const Coordinate to = place.kids[1] ? row_at(table, *place.kids[1]) : last_row(table);
        return range_of(table, first, last, from, to);
    }
    const Coordinate row = row_at(table, place);
    if (binding.group != nullptr) {
        return range_of(table, first, last, row, row);
    }
    SheetNodePtr out = cell_of(table, first, row);
    if (!in_measure) {
        out_.operands.push_back(out);
    }
    return out;
}

SheetNodePtr SheetFormulaMaking::grid_part(const Node& node, const Binding& binding, bool in_measure) {
    const Table& table = *binding.table;
    const auto& of = places_.of(table);
    if (!is_own(table) || seat_.in != FormulaPosition::In::layer || node.kids.size() != 3 ||
        table.axis_of(binding.column->id) != nullptr) {
        refuse(N_("it uses a part of a two-way table"));
    }
    const auto coordinate = [](const Node& place, const char* word, std::uint32_t first, std::uint32_t count) {
        if (place.type == NodeType::number) {
            return Coordinate{placed(place.number, first, count), true};
        }
        const auto shift = shift_of(place, word);
        if (!shift) {
            refuse(N_("it uses a row or column whose number is computed"));
        }
        return Coordinate{static_cast<std::int32_t>(*shift), false};
    };
    const auto ends = [&](const Node& place, const char* word, std::uint32_t first, std::uint32_t count) {
        if (place.type != NodeType::range) {
            const Coordinate one = coordinate(place, word, first, count);
            return std::pair(one, one);
        }
        return std::pair(place.kids[0] ? coordinate(*place.kids[0], word, first, count)
                                       : Coordinate{static_cast<std::int32_t>(first), true},
                         place.kids[1] ? coordinate(*place.kids[1], word, first, count)
                                       : Coordinate{static_cast<std::int32_t>(first + count - 1), true});
    };
    const auto [from_row, to_row] = ends(node.kid(1), "i", of.first_row, of.rows);
    const auto [from_column, to_column] = ends(node.kid(2), "j", of.first_column, of.columns);
    const bool single = from_row == to_row && from_column == to_column;
    if (!single && !in_measure) {
        refuse(N_("it uses several cells as one value"));
    }
    auto out = node_of(single ? Type::cell : Type::range);
    out->sheet = binding.column->id == seat_.column ? std::string() : of.layer_sheet.at(binding.column->id);
    out->from = {from_row, from_column};
    out->to = {to_row, to_column};
    if (!in_measure) {
        out_.operands.push_back(out);
    }
    return out;
}

} // namespace ledgefall
