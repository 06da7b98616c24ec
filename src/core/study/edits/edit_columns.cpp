// Edits of tables and their columns.

#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"

#include <cmath>
#include <functional>
#include <unordered_set>

namespace ledgefall {
namespace {

std::string joined(const std::vector<std::string>& names) {
    std::string out;
    for (std::size_t at = 0; at < names.size(); ++at) {
        out += (at == 0 ? "" : at + 1 == names.size() ? " and " : ", ") + names[at];
    }
    return out;
}

std::optional<Sentence> in_use(const Study& study, Id id, IfUsed if_used) {
    const auto users = if_used == IfUsed::refuse ? users_of(study, id) : std::vector<std::string>();
    if (users.empty()) {
        return std::nullopt;
    }
    return Sentence{N_("%1 is used by %2. Change that first."), {display_name(study, id), joined(users)}};
}

template <class T>
void drop(std::vector<Shared<T>>& parts, Id id) {
    std::erase_if(parts, [id](const auto& part) { return part->id == id; });
}

bool name_taken(const Table& table, const std::string& name) {
    const auto held = [&name](const auto& value) { return value->name == name; };
    return table.column_named(name) != nullptr || table.group_named(name) != nullptr ||
           table.axis_named(name) != nullptr || std::any_of(table.ledge.begin(), table.ledge.end(), held);
}

/// Tables are written with a capital, so that Table.name reads well.
std::string table_name_for(const std::string& title) {
    std::string wanted = name_from_label(title.empty() ? "Table" : title);
    if (wanted[0] >= 'a' && wanted[0] <= 'z') {
        wanted[0] = static_cast<char>(wanted[0] - 32);
    }
    return wanted;
}

} // namespace

Result<Study> add_table(Study study, const std::string& label, Id* added) {
    const Study before = study;
    Table table;
    table.id = study.fresh_id("t");
    table.label = label;
    table.name = free_name(table_name_for(label),
                           [&study](const std::string& name) { return study.table_named(name) != nullptr; });
    if (added != nullptr) {
        *added = table.id;
    }
    study.tables.emplace_back(std::move(table));
    return study;
}

Result<Study> rename_table(const Study& study, Id id, const std::string& typed) {
    const std::string name = normal_name(typed);
    if (!is_name(name)) {
        return Sentence{N_("%1 is not a valid table name. Use letters, digits and _, and do not start with a digit."),
                        {typed}};
    }
    const Table* other = study.table_named(name);
    if (other != nullptr && !(other->id == id)) {
        return Sentence{N_("There is already a table called %1. Choose another name."), {name}};
    }
    Result<Study> renamed = with_table(study, id, [&name](Table& table) {
        table.label = table.label == table.name ? name : table.label;
        table.name = name;
    });
    return renamed ? Result<Study>(keeping_meaning(study, *renamed)) : renamed;
}

Result<Study> label_table(Study study, Id id, const std::string& label, const std::string& note) {
    return with_table(std::move(study), id, [&](Table& table) {
        table.label = label;
        table.note = note;
    });
}

Result<Study> lay_across(const Study& study, Id id, bool across) {
    const Table* table = study.table(id);
    if (table != nullptr && table->two_way()) {
        return Sentence{N_("%1 is a two-way table. Swap its axes instead."), {table->name}};
    }
    return with_table(study, id, [across](Table& copy) { copy.laid_across = across; });
}

Result<Study> retitle_table(const Study& study, Id id, const std::string& title) {
    const Table* table = study.table(id);
    if (table == nullptr || title.empty()) {
        return no_such_part;
    }
    const bool named_by_title = table->name.rfind(table_name_for(table->shown_label()), 0) == 0;
    const std::string note = table->note;
    Result<Study> out = label_table(study, id, title, note);
    if (!out || !named_by_title) {
        return out;
    }
    const std::string name = free_name(table_name_for(title), [&](const std::string& one) {
        const Table* other = study.table_named(one);
        return other != nullptr && !(other->id == id);
    });
    return rename_table(*out, id, name);
}

Result<Study> remove_table(const Study& study, Id id, IfUsed if_used) {
    if (auto used = in_use(study, id, if_used)) {
        return *used;
    }
    Study out = study;
    drop(out.tables, id);
    return without_lost_series(std::move(out));
}

Study draw_again(Study study) {
    study.settings.seed = study.settings.seed * 6364136223846793005U + 1442695040888963407U;
    study.settings.seed &= 0x1FFFFFFFFFFFFFU; // what every reader of JSON can hold
    return study;
}

Result<Study> add_columns(Study study, Id id, const std::vector<NewColumn>& columns, std::vector<Id>* added) {
    const Study before = study;
    const Table* into = study.table(id);
    const bool with_cells =
        std::any_of(columns.begin(), columns.end(), [](const NewColumn& column) { return column.cells.any_filled(); });
    if (into != nullptr && into->two_way() && with_cells) {
        return into->no_columns_of_rows();
    }
    std::vector<ColumnDefinition> result;
    for (const NewColumn& column : columns) {
        ColumnDefinition definition;
        definition.id = study.fresh_id("c");
        definition.name = normal_name(column.name);
        definition.label = column.label;
        definition.unit = column.unit;
        definition.cells = Shared<Column>(column.cells);
        study.interned.add(column.interned);
        result.push_back(std::move(definition));
    }
    std::optional<Sentence> refused;
    Result<Study> out = with_table(std::move(study), id, [&](Table& table) {
        const Table table_before = table;
        std::unordered_set<std::string> new_names; // so that very many columns do not ask each other
        const auto taken = [&](const std::string& name) {
            const bool in_foot = // by which a foot line uses another
                is_name(name) && !is_reserved(name) && name_refused(before, &table_before, name).has_value();
            return new_names.contains(name) || name_taken(table_before, name) || in_foot;
        };
        for (ColumnDefinition& definition : result) {
            if (definition.name.empty()) {
                definition.name = free_name(name_from_label(definition.label), taken);
            } else if (taken(definition.name) || !is_name(definition.name)) {
                refused =
                    Sentence{N_("A new column cannot be called %1 here. Choose another name."), {definition.name}};
            }
            if (table.ids() != nullptr && definition.cells->size() > table.ids()->size()) {
                table.axis.edit_ids([&](RowIds& ids) { ids.append(definition.cells->size() - ids.size()); });
            }
            if (added != nullptr) {
                added->push_back(definition.id);
            }
            new_names.insert(definition.name);
            definition.label = definition.label == definition.name ? std::string() : definition.label;
            table.columns.emplace_back(std::move(definition));
        }
    });
    if (refused) {
        return *refused;
    }
    return out ? Result<Study>(keeping_meaning(before, *out)) : out;
}

Result<Study> write_column(const Study& study, Id id, const std::string& text, Id* written, Meanings meanings) {
    const ParsedDefinition parsed = parse_definition(text);
    if (parsed.mistake) {
        return parsed.mistake->what;
    }
    const Table* table = study.table(id);
    if (table == nullptr) {
        return no_such_part;
    }
    const std::string name =
        !parsed.definition.name.empty() ? parsed.definition.name : free_name("result", [&](const std::string& one) {
            return name_refused(study, table, one) || look_up(study, table, "", one).exists();
        });
    if (const ColumnDefinition* column = table->column_named(name)) {
        if (written != nullptr) {
            *written = column->id;
        }
        return rewrite_column(study, column->id, text);
    }
    if (auto refused = name_refused(study, table, name)) {
        return *refused;
    }
    Study out = study;
    ColumnDefinition column;
    column.id = out.fresh_id("c");
    column.name = name;
    column.unit = parsed.definition.unit;
    column.pieces = {{Formula(parsed.definition.formula_text()), {}, {}}};
    if (written != nullptr) {
        *written = column.id;
    }
    const Result<Study> with =
        with_table(std::move(out), id, [&column](Table& copy) { copy.columns.emplace_back(std::move(column)); });
    return with && meanings == Meanings::kept ? Result<Study>(keeping_meaning(study, *with)) : with;
}

Result<Study> rewrite_column(const Study& study, Id id, const std::string& text) {
    const ParsedDefinition parsed = parse_definition(text);
    if (parsed.mistake) {
        return parsed.mistake->what;
    }
    const Definition& definition = parsed.definition;
    Result<Study> out = with_column(study, id, [&](ColumnDefinition& column) {
        const Formula formula(definition.formula_text());
        const bool was_worked = column.computed();
        if (column.pieces.size() == 1) {
            column.pieces.front().formula = formula; // its reach stays
        } else {
            column.pieces = {{formula, {}, {}}};
        }
        if (!was_worked) { // what was typed gives way
            column.overrides = Shared<Overrides>();
        }
        column.cells = Shared<Column>(Column(column.cells->kind()));
        column.unit = definition.unit.empty() ? column.unit : definition.unit;
    });
    const bool renamed = out && !definition.name.empty() &&
                         table_with(*out, &Table::columns, id)->column(id)->name != normal_name(definition.name);
    return renamed ? rename_column(*out, id, definition.name) : out;
}

Result<Study> rename_column(const Study& study, Id id, const std::string& typed) {
    const std::string name = normal_name(typed);
    const Table* table = table_with(study, &Table::columns, id);
    if (table == nullptr) {
        return no_such_part;
    }
    if (auto refused = name_refused(study, table, name, id)) {
        return *refused;
    }
    Result<Study> renamed = with_column(study, id, [&name](ColumnDefinition& column) {
        column.label = column.label == column.name ? std::string() : column.label;
        column.name = name;
    });
    return renamed ? Result<Study>(keeping_meaning(study, *renamed)) : renamed;
}

Result<Study> head_column(Study study, Id id, const Heading& heading) {
    return with_column(std::move(study), id, [&heading](ColumnDefinition& column) {
        column.label = heading.label == column.name ? std::string() : heading.label;
        column.unit = heading.unit;
        column.note = heading.note;
    });
}

Result<Study> format_column(Study study, Id id, const Format& format) {
    return with_column(std::move(study), id, [&format](ColumnDefinition& column) { column.format = format; });
}

Result<Study> resize_column(Study study, Id id, int width) {
    return with_column(std::move(study), id, [width](ColumnDefinition& column) { column.width = width; });
}

Result<Study> set_kind(Study study, Id id, Kind kind, const Spelling& spelling) {
    return with_column(std::move(study), id, [kind, &spelling](ColumnDefinition& column) {
        Column cells(kind);
        for (std::size_t row = 0; row < column.cells->size(); ++row) {
            cells.append(read_cell(write_cell(column.cells->at(row)), kind, spelling));
        }
        column.cells = Shared<Column>(std::move(cells));
        if (!column.computed() && !column.overrides->empty()) { // of a typed layer
            Overrides typed;
            for (const auto& [cell, value] : *column.overrides) {
                typed.emplace(cell, read_cell(write_cell(value), kind, spelling));
            }
            column.overrides = Shared<Overrides>(std::move(typed));
        }
    });
}

Result<Study> remove_column(const Study& study, Id id, IfUsed if_used) {
    const Table* table = table_with(study, &Table::columns, id);
    if (table == nullptr) {
        return no_such_part;
    }
    if (auto used = in_use(study, id, if_used)) {
        return *used;
    }
    Result<Study> out = with_table(study, table->id, [id](Table& copy) {
        drop(copy.columns, id);
        for (auto& line : copy.foot) {
            if (line->takes(id)) {
                line.edit([id](FootLine& foot) { std::erase(foot.columns, id); });
            }
        }
        for (auto& group : copy.groups) {
            group.edit([id](Group& changed) { std::erase(changed.columns, id); });
        }
        std::erase_if(copy.groups, [](const auto& group) { return group->columns.empty(); });
    });
    return out ? without_lost_series(std::move(*out)) : out;
}

Result<Study> remove_held(const Study& study, Id id, IfUsed if_used) {
    if (auto used = in_use(study, id, if_used)) {
        return *used;
    }
    Study out = study;
    drop(out.ledge, id);
    if (const Table* table = table_with(study, &Table::ledge, id)) {
        return with_table(std::move(out), table->id, [id](Table& copy) { drop(copy.ledge, id); });
    }
    return out;
}

} // namespace ledgefall
