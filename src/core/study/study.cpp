#include "core/study/study.h"

#include <algorithm>

namespace ledgefall {
namespace {

template <class List, class Test>
auto found(const List& list, Test test) -> decltype(&**list.begin()) {
    const auto it = std::find_if(list.begin(), list.end(), [&test](const auto& item) { return test(*item); });
    return it == list.end() ? nullptr : &**it;
}

} // namespace

Formula::Formula(std::string text)
    : text_(std::move(text))
    , parsed_(parse_formula(text_)) {}

bool FootLine::takes(Id column) const {
    return std::find(columns.begin(), columns.end(), column) != columns.end();
}

const ColumnDefinition* Table::column(Id wanted) const {
    return found(columns, [wanted](const ColumnDefinition& column) { return column.id == wanted; });
}

const ColumnDefinition* Table::column_named(std::string_view wanted) const {
    return found(columns, [wanted](const ColumnDefinition& column) { return column.name == wanted; });
}

Id Study::fresh_id(std::string_view prefix) {
    return Id(std::string(prefix) + std::to_string(++last_number));
}

const Table* Study::table(Id wanted) const {
    return found(tables, [wanted](const Table& table) { return table.id == wanted; });
}

const Table* Study::table_named(std::string_view wanted) const {
    return found(tables, [wanted](const Table& table) { return table.name == wanted; });
}

const HeldValue* Study::held_named(std::string_view wanted) const {
    return found(ledge, [wanted](const HeldValue& held) { return held.name == wanted; });
}

} // namespace ledgefall
