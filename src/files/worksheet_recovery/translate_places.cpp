// Cells, ranges and names, as a formula of ours calls them.

#include "files/worksheet_recovery/formula_translation.h"

#include <algorithm>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;
using Role = SheetLayout::Role;

} // namespace

std::string FormulaTranslation::column_name(std::size_t table, std::size_t field) {
    const SheetTable& of = layout_.tables[table];
    if (of.fields[field].left_out) {
        throw NotTranslatable{{N_("it refers to a column without values"), {}}};
    }
    if (place_.foot && own(table) && field == place_.field) {
        return "each";
    }
    if (own(table)) {
        out_.used.emplace_back(table, field);
        return of.fields[field].name;
    }
    return of.name + "." + of.fields[field].name;
}

WorkbookPlace FormulaTranslation::resolved(const SheetNode& node, const CellReference& reference,
                                           std::size_t row) const {
    std::uint32_t own_row = seen_from_.at.place.row;
    std::uint32_t own_column = seen_from_.at.place.column;
    if (row > 0 && place_.table) {
        (layout_.tables[*place_.table].across ? own_column : own_row) += static_cast<std::uint32_t>(row);
    }
    const std::int64_t to_row = reference.row.from(own_row);
    const std::int64_t to_column = reference.column.from(own_column);
    const std::size_t sheet = sheet_of(workbook_, node, seen_from_.at.sheet);
    if (sheet >= workbook_.sheets.size()) {
        throw NotTranslatable{{N_("it refers to the sheet %1, which does not exist"), {node.sheet}}};
    }
    if (to_row < 0 || to_column < 0) {
        throw NotTranslatable{{N_("it refers to cells outside the sheet"), {}}};
    }
    return {sheet, {static_cast<std::uint32_t>(to_row), static_cast<std::uint32_t>(to_column)}};
}

std::string FormulaTranslation::in_grid(const SheetNode& node, const WorkbookPlace& at) const {
    const SheetGrid& grid = layout_.grids[*place_.grid];
    const Coordinate& row = node.from.row;
    const Coordinate& column = node.from.column;
    if (at.sheet != grid.sheet || seen_from_.at != place_.at) {
        return {};
    }
    if (row.fixed && at.place.row == grid.corner.row && !column.fixed && column.value == 0) {
        return grid.across;
    }
    if (column.fixed && at.place.column == grid.corner.column && !row.fixed && row.value == 0) {
        return grid.down;
    }
    if (!row.fixed && !column.fixed) {
        const std::string by = row.value == 0 ? "" : (row.value > 0 ? "+" : "") + std::to_string(row.value);
        const std::string sideways =
            column.value == 0 ? "" : (column.value > 0 ? "+" : "") + std::to_string(column.value);
        return grid.layer + "[i" + by + ", j" + sideways + "]";
    }
    return {};
}

std::string FormulaTranslation::cell(const SheetNode& node, bool in_measure) {
    const WorkbookPlace at = resolved(node, node.from);
    if (place_.grid) {
        if (std::string said = in_grid(node, at); !said.empty()) {
            return said;
        }
    }
    const Role role = layout_.role_of(at);
    const bool moves = follows(node.from);
    if (role.is == Role::Is::cell && moves && layout_.tables[role.at].across == layout_.tables[*place_.table].across) {
        const std::int64_t by = std::int64_t(role.row) - std::int64_t(place_.first_row);
        out_.earlier_rows = out_.earlier_rows || (own(role.at) && by < 0);
        const std::string name = column_name(role.at, role.field);
        return by == 0 && own(role.at) && !in_measure ? name : name + "[" + beside_row(by) + "]";
    }
    if (moves && role.is == Role::Is::nothing) {
        if (const std::optional<std::size_t> field =
                heading_above(at)) { // of the row before the first, which is missing
            return column_name(*place_.table, *field) + "[" + beside_row(-1) + "]";
        }
    }
    if (moves && place_.row_count > 1) {
        note_wandering(node, at);
    }
    switch (role.is) {
    case Role::Is::cell:
        return column_name(role.at, role.field) + "[" + std::to_string(role.row + 1) + "]";
    case Role::Is::held:
        return layout_.held[role.at].name;
    case Role::Is::foot:
        return bracketed(foot_value(at, in_measure));
    case Role::Is::nothing:
        break;
    }
    const SheetCell* there = workbook_.sheets[at.sheet].at(at.place);
    if (there == nullptr) {
        throw NotTranslatable{{N_("it refers to %1, which is empty"), {place_name(at.place)}}};
    }
    if (there->is_text() && there->formula == nullptr) {
        return in_quotes(there->text);
    }
    throw NotTranslatable{{N_("it refers to %1, which is not in a table"), {place_name(at.place)}}};
}

/// The column of the formula's own table over whose first row a text stands, where the formula is one of the first row.
std::optional<std::size_t> FormulaTranslation::heading_above(const WorkbookPlace& at) const {
    const SheetTable& table = layout_.tables[*place_.table];
    const std::uint32_t field = table.field_of(at.place);
    const SheetCell* there = workbook_.sheets[at.sheet].at(at.place);
    const bool above = at.sheet == table.sheet && table.line_of(at.place) + 1 == table.first_line &&
                       field >= table.first_field && field < table.first_field + table.fields.size();
    return above && place_.first_row == 0 && there != nullptr && there->is_text()
               ? std::optional<std::size_t>(field - table.first_field)
               : std::nullopt;
}

std::string FormulaTranslation::foot_value(const WorkbookPlace& at, bool in_measure) {
    const SheetCell* there = workbook_.sheets[at.sheet].at(at.place);
    if (there == nullptr || there->formula == nullptr || !there->formula->tree) {
        throw NotTranslatable{{N_("it refers to %1, under a table, which is not a formula"), {place_name(at.place)}}};
    }
    const SeenFrom before = seen_from_;
    seen_from_ = {at, false};
    std::string out = value(*there->formula->tree, in_measure);
    seen_from_ = before;
    return out;
}

void FormulaTranslation::note_wandering(const SheetNode& node, const WorkbookPlace& at) {
    const WorkbookPlace last = resolved(node, node.from, place_.row_count - 1);
    add_slip({SuspectReference::Is::wanders, place_name(at.place), place_name(last.place), 0});
}

void FormulaTranslation::add_slip(SuspectReference slip) {
    if (std::find(out_.slips.begin(), out_.slips.end(), slip) == out_.slips.end()) {
        out_.slips.push_back(std::move(slip));
    }
}

std::string FormulaTranslation::named(const std::string& name, bool in_measure) {
    const DefinedName* meaning = find_name(name);
    if (meaning == nullptr || !meaning->meaning->tree) {
        throw NotTranslatable{{N_("it uses the name %1, which is not defined"), {name}}};
    }
    return seen_fixed(*meaning,
                      [&](const SheetNode& node) {
                          return TranslatedSample{value(node, in_measure), {}};
                      })
        .text;
}

const DefinedName* FormulaTranslation::find_name(const std::string& name) const {
    const std::string& sheet = workbook_.sheets[seen_from_.at.sheet].name;
    const DefinedName* out = nullptr;
    for (const DefinedName& one : workbook_.names) {
        if (one.name == name && (one.sheet == sheet || (one.sheet.empty() && out == nullptr))) {
            out = &one;
        }
    }
    return out;
}

std::optional<std::size_t> FormulaTranslation::table_of(const WorkbookPlace& from, const WorkbookPlace& to,
                                                        bool whole_lines) const {
    std::optional<std::size_t> out;
    for (std::size_t at = 0; at < layout_.tables.size(); ++at) {
        const SheetTable& table = layout_.tables[at];
        const std::uint32_t fields_to = table.first_field + static_cast<std::uint32_t>(table.fields.size());
        const bool sideways = table.field_of(from.place) >= table.first_field && table.field_of(to.place) < fields_to;
        const bool along = whole_lines || (table.line_of(from.place) <= table.last_line &&
                                           table.line_of(to.place) >= table.first_line);
        if (table.sheet == from.sheet && sideways && along) {
            if (out) {
                throw NotTranslatable{{N_("it uses a range over several tables"), {}}};
            }
            out = at;
        }
    }
    return out;
}

TranslatedSample FormulaTranslation::range(const SheetNode& node) {
    const bool whole_lines = node.from.whole_column || node.from.whole_row;
    const WorkbookPlace from = resolved(node, node.from);
    const WorkbookPlace to = resolved(node, node.to);
    const std::optional<std::size_t> found = table_of(from, to, whole_lines);
    if (!found) {
        return single_values(from, to);
    }
    const SheetTable& table = layout_.tables[*found];
    if (node.from.whole_column ? table.across : node.from.whole_row && !table.across) {
        throw NotTranslatable{{N_("it uses a whole row of the sheet"), {}}};
    }
    const std::string rows = rows_of_range(node, *found, from, to, whole_lines);
    const std::size_t first = table.field_of(from.place) - table.first_field;
    const std::size_t last = table.field_of(to.place) - table.first_field;
    if (first == last) {
        return {column_name(*found, first) + rows, found};
    }
    TranslatedSample out{{}, found};
    for (std::size_t field = first; field <= last; ++field) {
        out.columns.push_back(column_name(*found, field) + rows);
        out.text += (field == first ? "" : ", ") + out.columns.back();
    }
    if (own(*found) && !place_.foot && (rows.empty() || rows.find("..") == std::string::npos)) {
        out.text = out.columns.front() + " .. " + out.columns.back();
    }
    return out;
}

std::string FormulaTranslation::rows_of_range(const SheetNode& node, std::size_t number, const WorkbookPlace& from,
                                              const WorkbookPlace& to, bool whole_lines) {
    const SheetTable& table = layout_.tables[number];
    if (whole_lines) {
        if (!table.foot.empty()) {
            throw NotTranslatable{{N_("it uses a whole column of the sheet, including the cells under the table"), {}}};
        }
        return {};
    }
    const auto rows = static_cast<std::int64_t>(table.rows());
    const std::int64_t begin = std::int64_t(table.line_of(from.place)) - table.first_line;
    const std::int64_t end = std::int64_t(table.line_of(to.place)) - table.first_line;
    const bool all = begin <= 0 && end >= rows - 1;
    if (std::any_of(table.foot.begin(), table.foot.end(), [&](const SheetTable::FootRow& foot) {
            return foot.line >= table.line_of(from.place) && foot.line <= table.line_of(to.place);
        })) {
        throw NotTranslatable{{N_("it uses a range that includes cells under a table"), {}}};
    }
    const bool along = seen_from_.follows && table.across == layout_.tables[*place_.table].across;
    const bool begin_moves = along && !table.along(node.from).fixed;
    const bool end_moves = along && !table.along(node.to).fixed;
    const auto own_row = static_cast<std::int64_t>(place_.first_row);
    if (begin_moves && end_moves) {
        if (all && rows > 2 && place_.row_count > 1) {
            const WorkbookPlace last = resolved(node, node.to, place_.row_count - 1);
            add_slip({SuspectReference::Is::wanders, place_name(from.place) + ":" + place_name(to.place),
                      place_name(last.place), 0});
            return {};
        }
        if (all && place_.row_count == 1 && rows > 1) {
            return {};
        }
        out_.earlier_rows = out_.earlier_rows || (own(number) && begin < own_row);
        const std::string first = beside_row(begin - own_row);
        return begin == end ? "[" + first + "]" : "[" + first + ".." + beside_row(end - own_row) + "]";
    }
    if (begin_moves) {
        return "[" + beside_row(begin - own_row) + ".." +
               (end >= rows - 1 ? std::string("last") : std::to_string(end + 1)) + "]";
    }
    if (end_moves) {
        out_.earlier_rows = out_.earlier_rows || (own(number) && end < own_row);
        return "[" + std::to_string(std::max<std::int64_t>(begin, 0) + 1) + ".." + beside_row(end - own_row) + "]";
    }
    if (all) {
        return {};
    }
    if (begin <= 0 && end < rows - 1 && end + 1 >= rows / 2) {
        add_slip({SuspectReference::Is::leaves_out, place_name(from.place) + ":" + place_name(to.place), "",
                  static_cast<std::size_t>(rows - 1 - end)});
    }
    const std::int64_t first = std::max<std::int64_t>(begin, 0) + 1;
    const std::int64_t last = std::min(end, rows - 1) + 1;
    return first == last ? "[" + std::to_string(first) + "]"
                         : "[" + std::to_string(first) + ".." + std::to_string(last) + "]";
}

TranslatedSample FormulaTranslation::single_values(const WorkbookPlace& from, const WorkbookPlace& to) {
    constexpr std::size_t most = 200;
    std::string out;
    std::size_t count = 0;
    for (std::uint32_t row = from.place.row; row <= to.place.row; ++row) {
        for (std::uint32_t column = from.place.column; column <= to.place.column; ++column) {
            const WorkbookPlace at{from.sheet, {row, column}};
            const Role role = layout_.role_of(at);
            if (++count > most) {
                throw NotTranslatable{{N_("it uses a range that is not in a table"), {}}};
            }
            if (workbook_.sheets[at.sheet].at(at.place) == nullptr) {
                continue;
            }
            if (role.is != Role::Is::foot && role.is != Role::Is::held) {
                throw NotTranslatable{{N_("it uses %1, which is not in a table"), {place_name(at.place)}}};
            }
            out += (out.empty() ? "" : ", ") +
                   (role.is == Role::Is::held ? layout_.held[role.at].name : bracketed(foot_value(at, true)));
        }
    }
    if (out.empty()) {
        throw NotTranslatable{{N_("it uses a range that is empty"), {}}};
    }
    return {out, {}};
}

TranslatedSample FormulaTranslation::sample(const SheetNode& node) {
    if (node.type == Type::range) {
        return range(node);
    }
    if (node.type == Type::name) {
        const DefinedName* meaning = find_name(node.text);
        if (meaning != nullptr && meaning->meaning->tree && meaning->meaning->tree->type == Type::range) {
            return seen_fixed(*meaning, [this](const SheetNode& tree) { return range(tree); });
        }
    }
    return {value(node, true), {}};
}

} // namespace ledgefall
