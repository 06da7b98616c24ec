// Keeping what formulas mean while names come, go and change.

#include "core/formula/names.h"
#include "core/study/edits/edits.h"

#include <algorithm>
#include <set>
#include <unordered_map>

namespace ledgefall {
namespace {

Formula rewritten(const Formula& formula, const std::vector<std::string>& parameters, const Study& before,
                  const Table* own_before, const Study& after, const Table* own_after) {
    struct Change {
        Span span;
        std::string text;
    };
    std::vector<Change> changes;
    for_each_name(
        *formula.tree(),
        [&](const Node& name) {
            const Id meant = meaning_of(before, own_before, name).id();
            if (meant.empty() || meaning_of(after, own_after, name).id() == meant) {
                return;
            }
            std::string text = shortest_name(after, own_after, meant);
            if (!text.empty()) { // else it has been removed, and the formula is left as it was written
                const bool call = name.type == NodeType::call;
                changes.push_back({call ? Span{name.span.from, name.name_span.to} : name.span, std::move(text)});
            }
        },
        parameters);
    if (changes.empty()) {
        return formula;
    }
    std::sort(changes.begin(), changes.end(),
              [](const Change& a, const Change& b) { return a.span.from > b.span.from; });
    std::string text = formula.text();
    for (const Change& change : changes) {
        text.replace(change.span.from, change.span.to - change.span.from, change.text);
    }
    return Formula(text);
}

/// Whether a foot line of the table uses another one by this name.
bool used_in_foot(const Study& study, const Table& table, const std::string& name) {
    bool uses = false;
    for (const auto& line : table.foot) {
        if (line->formula.tree()) {
            for_each_name(*line->formula.tree(), [&](const Node& node) {
                uses = uses || (node.text == name && foot_line_meant(study, &table, node) != nullptr);
            });
        }
    }
    return uses;
}

} // namespace

Study keeping_meaning(const Study& before, const Study& after) {
    const NameIndex names_before(before);
    const NameIndex names_after(after);
    std::set<std::string> owners;
    for_each_formula(before,
                     [&owners](const FormulaPlace& place, const Formula&) { owners.insert(place.owner.str()); });
    return with_formulas(after, [&](const FormulaPlace& place, const Formula& formula) {
        const Table* own_before = place.table == nullptr ? nullptr : before.table(place.table->id);
        const bool is_new = !owners.contains(place.owner.str()) || (place.table != nullptr && own_before == nullptr);
        if (is_new || !formula.tree()) {
            return formula;
        }
        return rewritten(formula, place.parameters, before, own_before, after, place.table);
    });
}

std::string shortest_name(const Study& study, const Table* own, Id id) {
    const auto fits = [&](const std::string& owner, const std::string& name) {
        return look_up(study, own, owner, name).id() == id;
    };
    for (const auto& held : study.ledge) {
        if (held->id == id) {
            return fits("", held->name) ? held->name : "ledge." + held->name;
        }
    }
    for (const auto& table : study.tables) {
        std::string name;
        if (const ColumnDefinition* column = table->column(id)) {
            name = column->name;
        }
        for (const auto& group : table->groups) {
            name = group->id == id ? group->name : name;
        }
        if (const Axis* axis = table->axis_of(id)) {
            name = (*axis->column)->name;
        }
        for (const auto& held : table->ledge) {
            name = held->id == id ? held->name : name;
        }
        if (!name.empty()) {
            return fits("", name) ? name : table->name + "." + name;
        }
    }
    return {};
}

std::vector<std::string> users_of(const Study& study, Id id) {
    std::vector<std::string> names;
    for (const User& user : parts_using(study, id)) {
        names.push_back(user.display_name);
    }
    return names;
}

std::vector<User> parts_using(const Study& study, Id id) {
    const NameIndex index(study);
    std::vector<User> users;
    for_each_formula(study, [&](const FormulaPlace& place, const Formula& formula) {
        const bool inside = place.owner == id || (place.table != nullptr && place.table->id == id);
        if (inside || !formula.tree()) {
            return;
        }
        bool uses = false;
        for_each_name(
            *formula.tree(),
            [&](const Node& name) {
                const Binding meant = meaning_of(study, place.table, name);
                uses =
                    uses || (meant.exists() && (meant.id() == id || (meant.table != nullptr && meant.table->id == id)));
                const bool in_group =
                    meant.group != nullptr && std::find(meant.group->columns.begin(), meant.group->columns.end(), id) !=
                                                  meant.group->columns.end();
                uses = uses || in_group;
            },
            place.parameters);
        const auto same = [&place](const User& user) { return user.display_name == place.display_name; };
        if (uses && std::none_of(users.begin(), users.end(), same)) {
            users.push_back({place.owner, place.display_name});
        }
    });
    for (const auto& table : study.tables) { // rows made from a column's cells
        for (const Axis* axis : table->axes()) {
            if (!axis->source->made_of().empty() && axis->source->made_of() == id) {
                users.push_back({(*axis->column)->id, table->name + "." + (*axis->column)->name});
            }
        }
    }
    return users;
}

std::optional<Sentence> name_refused(const Study& study, const Table* table, const std::string& name, Id itself) {
    if (name.empty()) {
        return Sentence{N_("A name is needed here, such as x or mean_length."), {}};
    }
    if (is_reserved(name)) {
        return Sentence{N_("%1 is a reserved word in formulas. Choose another name, such as %1_1."), {name}};
    }
    if (name.size() > longest_name) {
        return Sentence{N_("This name has %1 characters. Choose one of at most %2."),
                        {std::to_string(name.size()), std::to_string(longest_name)}};
    }
    if (!is_name(name)) {
        return Sentence{N_("%1 is not a valid name. Use letters, digits and _, and do not start with a digit."),
                        {name}};
    }
    // In the scope where it will stand, nothing else of its rank may be called so.
    const Binding other =
        table == nullptr ? look_up(study, nullptr, "", name) : look_up(study, nullptr, table->name, name);
    if (other.exists() && !(other.id() == itself)) {
        return Sentence{N_("%1 is already the name of %2. Choose another name."),
                        {name, other.column != nullptr  ? NC_("Kind", "a column of this table")
                               : other.group != nullptr ? NC_("Kind", "a group of columns")
                                                        : NC_("Kind", "a held value")}};
    }
    // Nor may a foot line lose what it is used by.
    for (const auto& each : study.tables) {
        if ((table == nullptr || each->id == table->id) && used_in_foot(study, *each, name)) {
            return Sentence{N_("%1 is already the name of a foot line that another one uses. Choose another name."),
                            {name}};
        }
    }
    return std::nullopt;
}

} // namespace ledgefall
