// Edits of several columns at once: groups, and definitions for each of them.

#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

/// `tree`'s text with every `each` replaced by a column's name.
std::string with_column_for_each(const std::string& text, const Node& tree, const std::string& name) {
    std::vector<Span> places;
    const std::function<void(const Node&)> find = [&](const Node& node) {
        if (node.type == NodeType::word && node.text == "each") {
            places.push_back(node.span);
        }
        for (const NodePtr& kid : node.kids) {
            if (kid) {
                find(*kid);
            }
        }
    };
    find(tree);
    std::sort(places.begin(), places.end(), [](Span a, Span b) { return a.from > b.from; });
    std::string out = text;
    for (const Span place : places) {
        out.replace(place.from, place.to - place.from, name);
    }
    return out;
}

/// Whether the columns stand side by side in their table, in this order.
bool side_by_side(const Table& table, const std::vector<Id>& columns) {
    const auto first = std::find_if(table.columns.begin(), table.columns.end(),
                                    [&columns](const auto& column) { return column->id == columns.front(); });
    const auto room = static_cast<std::size_t>(table.columns.end() - first);
    return columns.size() <= room && std::equal(columns.begin(), columns.end(), first,
                                                [](Id id, const auto& column) { return column->id == id; });
}

} // namespace

std::string for_column(const Formula& each, const std::string& name) {
    return each.tree() ? with_column_for_each(each.text(), *each.tree(), name) : each.text();
}

Result<Study> write_for_each(const Study& study, Id id, const std::string& text, const std::vector<Id>& columns,
                             std::vector<Id>* written) {
    const ParsedDefinition parsed = parse_definition(text, true);
    const Table* table = study.table(id);
    if (parsed.mistake || table == nullptr) {
        return parsed.mistake ? parsed.mistake->what : no_such_part;
    }
    const Definition& definition = parsed.definition;
    const std::string unit = definition.unit.empty() ? "" : " [" + definition.unit + "]";
    Study out = study;
    for (const Id column : columns) {
        const ColumnDefinition* each = table->column(column);
        if (each == nullptr) {
            return no_such_part;
        }
        const std::string formula = with_column_for_each(definition.formula_text(), *definition.formula, each->name);
        Id one;
        std::string for_one = definition.name;
        for_one.append("_").append(each->name).append(unit).append(" = ").append(formula);
        Result<Study> next = write_column(out, id, for_one, &one);
        if (!next) {
            return next;
        }
        out = *std::move(next);
        if (written != nullptr) {
            written->push_back(one);
        }
    }
    return out;
}

Result<Study> group_columns(const Study& study, Id id, const std::string& label, const std::vector<Id>& columns,
                            Id* added) {
    const Table* table = study.table(id);
    if (table == nullptr) {
        return no_such_part;
    }
    if (columns.size() < 2 || !side_by_side(*table, columns)) {
        return Sentence{N_("A group heading covers two or more neighbouring columns. Select such columns."), {}};
    }
    for (const auto& group : table->groups) {
        for (const Id column : columns) {
            if (std::find(group->columns.begin(), group->columns.end(), column) != group->columns.end()) {
                return Sentence{N_("%1 is already in the group %2. Remove that heading first."),
                                {table->column(column)->name, group->shown_label()}};
            }
        }
    }
    Study out = study;
    Group group;
    group.id = out.fresh_id("g");
    group.label = label;
    group.name = free_name(name_from_label(label.empty() ? "group" : label), [&](const std::string& name) {
        return look_up(study, nullptr, table->name, name).exists();
    });
    group.columns = columns;
    if (added != nullptr) {
        *added = group.id;
    }
    const Result<Study> with =
        with_table(std::move(out), id, [&group](Table& copy) { copy.groups.emplace_back(std::move(group)); });
    return with ? Result<Study>(keeping_meaning(study, *with)) : with;
}

Result<Study> rename_group(const Study& study, Id id, const std::string& typed) {
    const std::string name = normal_name(typed);
    const Table* table = table_with(study, &Table::groups, id);
    if (table == nullptr) {
        return no_such_part;
    }
    if (auto refused = name_refused(study, table, name, id)) {
        return *refused;
    }
    const Result<Study> renamed = with_part(study, &Table::groups, id, [&name](Group& group) { group.name = name; });
    return renamed ? Result<Study>(keeping_meaning(study, *renamed)) : renamed;
}

Result<Study> ungroup(const Study& study, Id id, IfUsed if_used) {
    const Table* table = table_with(study, &Table::groups, id);
    if (table == nullptr) {
        return no_such_part;
    }
    const auto users = if_used == IfUsed::refuse ? users_of(study, id) : std::vector<std::string>();
    if (!users.empty()) {
        return Sentence{N_("This group is used by %1. Change that first."), {users.front()}};
    }
    return with_table(study, table->id, [id](Table& copy) {
        std::erase_if(copy.groups, [id](const auto& group) { return group->id == id; });
    });
}

} // namespace ledgefall
