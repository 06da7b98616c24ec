#include "core/study/asked_share.h"

#include "core/formula/names.h"
#include "core/study/parts.h"

namespace ledgefall {

Result<Study> asked_share(const Study& study, Id id, const Value& begun, Id* added) {
    const Table* table = table_with(study, &Table::columns, id);
    const ColumnDefinition* column = table == nullptr ? nullptr : table->column(id);
    if (column == nullptr) {
        return no_such_part;
    }
    if (!begun.plain() || begun.kind() == Kind::interval || begun.kind() == Kind::distribution) {
        return Sentence{"%1 has no value yet that could be asked for.", {column->shown_label()}};
    }
    Result<Study> made = study;
    const auto held = [&](const std::string& wanted, const std::string& formula, const std::string& note) {
        std::string name;
        Id id_of;
        if (made) {
            name = free_name(wanted, [&](const std::string& one) {
                return name_refused(*made, made->table(table->id), one).has_value();
            });
            made = hold(*made, table->id, name + " = " + formula, &id_of);
            made = made ? note_held(*made, id_of, note) : made;
        }
        return std::pair(name, id_of);
    };
    const auto [name, asked] = held("asked_" + column->name, "0", "which " + column->shown_label() + " is asked for");
    made = made ? give_held(*made, asked, begun) : made;
    HeldDetails details;
    details.note = "which " + column->shown_label() + " is asked for";
    details.choices.column = id;
    made = made ? detail_held(*made, asked, details) : made;
    held("count_" + column->name, "count(" + column->name + " = " + name + ")", "how often it occurs");
    const auto share =
        held("share_" + column->name, "share(" + column->name + " = " + name + ")", "which part of all values that is");
    made = made ? format_held(*made, share.second, {Format::Style::percent, 1}) : made;
    if (added != nullptr) {
        *added = asked;
    }
    return made;
}

} // namespace ledgefall
