#include "core/study/builders/asked_share.h"

#include "core/formula/names.h"
#include "core/study/model/parts.h"

namespace ledgefall {

Result<Study> asked_share(const Study& study, Id id, const Value& begun, Id* added) {
    const Table* table = table_with(study, &Table::columns, id);
    const ColumnDefinition* column = table == nullptr ? nullptr : table->column(id);
    if (column == nullptr) {
        return no_such_part;
    }
    if (!begun.plain() || begun.kind() == Kind::interval || begun.kind() == Kind::distribution) {
        return Sentence{N_("%1 has no values yet."), {column->shown_label()}};
    }
    Result<Study> result = study;
    const auto held = [&](const std::string& wanted, const std::string& formula, const Sentence& note) {
        std::string name;
        Id id_of;
        if (result) {
            name = free_name(wanted, [&](const std::string& one) {
                return name_refused(*result, result->table(table->id), one).has_value();
            });
            result = hold(*result, table->id, name + " = " + formula, &id_of);
            result = result ? note_held(*result, id_of, worded(note)) : result;
        }
        return std::pair(name, id_of);
    };
    const Sentence which{N_("value of %1 to count"), {column->shown_label()}};
    const auto [name, asked] = held("asked_" + column->name, "0", which);
    result = result ? give_held(*result, asked, begun) : result;
    HeldDetails details;
    details.note = worded(which);
    details.choices.column = id;
    result = result ? detail_held(*result, asked, details) : result;
    held("count_" + column->name, "count(" + column->name + " = " + name + ")", {N_("how often it occurs")});
    const auto share =
        held("share_" + column->name, "share(" + column->name + " = " + name + ")", {N_("its share of all values")});
    result = result ? format_held(*result, share.second, {Format::Style::percent, 1}) : result;
    if (added != nullptr) {
        *added = asked;
    }
    return result;
}

} // namespace ledgefall
