#include "core/study/study.h"

#include "core/value/interval.h"

#include <algorithm>
#include <limits>

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

std::string HeldValue::left_side() const {
    std::string out = name;
    for (std::size_t at = 0; at < parameters.size(); ++at) {
        out += (at == 0 ? "(" : ", ") + parameters[at];
    }
    return is_function() ? out + ")" : out;
}

bool FootLine::takes(Id column) const {
    return std::find(columns.begin(), columns.end(), column) != columns.end();
}

const ColumnDefinition* Table::column(Id wanted) const {
    return found(columns, [wanted](const ColumnDefinition& column) { return column.id == wanted; });
}

const ColumnDefinition* Table::column_named(std::string_view wanted) const {
    return found(columns, [wanted](const ColumnDefinition& column) { return column.name == wanted; });
}

const Group* Table::group_named(std::string_view wanted) const {
    return found(groups, [wanted](const Group& group) { return group.name == wanted; });
}

std::optional<std::size_t> Table::own_rows() const {
    switch (axis.source) {
    case RowSource::typed:
        return axis.ids.size();
    case RowSource::classes:
        return (*axis.column)->cells->size();
    case RowSource::counted:
    case RowSource::categories:
    case RowSource::other:
        break;
    }
    return std::nullopt;
}

std::vector<Value> Classes::intervals() const {
    std::vector<Value> all;
    const double infinity = std::numeric_limits<double>::infinity();
    const auto add = [&](double lower, double upper) {
        all.push_back(interval_value({lower, upper, closed_left, !closed_left}));
    };
    if (open_below && !boundaries.empty()) {
        add(-infinity, boundaries.front());
    }
    for (std::size_t at = 1; at < boundaries.size(); ++at) {
        add(boundaries[at - 1], boundaries[at]);
    }
    if (open_above && !boundaries.empty()) {
        add(boundaries.back(), infinity);
    }
    return all;
}

Axis axis_of_classes(Id column, const std::string& name, Classes classes) {
    ColumnDefinition made;
    made.id = column;
    made.name = name;
    made.cells = Shared<Column>(Column::of(Kind::interval, classes.intervals()));
    Axis axis;
    axis.source = RowSource::classes;
    axis.classes = std::move(classes);
    axis.column = Shared<ColumnDefinition>(std::move(made));
    return axis;
}

Axis axis_of_categories(Id column, const std::string& name, Kind kind, Categories categories) {
    ColumnDefinition made;
    made.id = column;
    made.name = name;
    made.cells = Shared<Column>(Column(kind_of_categories(categories.by, kind)));
    made.format.style = categories.by == Categories::By::month ? Format::Style::month_year : Format::Style::automatic;
    Axis axis;
    axis.source = RowSource::categories;
    axis.categories = std::move(categories);
    axis.column = Shared<ColumnDefinition>(std::move(made));
    return axis;
}

Kind kind_of_categories(Categories::By by, Kind of) {
    switch (by) {
    case Categories::By::value:
        return of;
    case Categories::By::month:
        return Kind::date;
    case Categories::By::year:
        return Kind::number;
    case Categories::By::weekday:
        break;
    }
    return Kind::text;
}

std::size_t numbers_of(Reference::Form form) {
    switch (form) {
    case Reference::Form::across:
    case Reference::Form::upright:
        return 1;
    case Reference::Form::range_across:
    case Reference::Form::range_upright:
        return 2;
    case Reference::Form::circle:
        break;
    }
    return 3;
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

const Chart* Study::chart(Id wanted) const {
    return found(charts, [wanted](const Chart& chart) { return chart.id == wanted; });
}

const HeldValue* Study::held_named(std::string_view wanted) const {
    return found(ledge, [wanted](const HeldValue& held) { return held.name == wanted; });
}

} // namespace ledgefall
