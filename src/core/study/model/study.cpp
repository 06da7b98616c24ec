#include "core/study/model/study.h"

#include "core/value/interval.h"

#include <algorithm>
#include <limits>

namespace ledgefall {
namespace {

template <class List, class Test>
auto find_in(const List& list, Test test) -> decltype(&**list.begin()) {
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
    return find_in(columns, [wanted](const ColumnDefinition& column) { return column.id == wanted; });
}

const ColumnDefinition* Table::column_named(std::string_view wanted) const {
    return find_in(columns, [wanted](const ColumnDefinition& column) { return column.name == wanted; });
}

const Group* Table::group_named(std::string_view wanted) const {
    return find_in(groups, [wanted](const Group& group) { return group.name == wanted; });
}

std::vector<const Axis*> Table::axes() const {
    return two_way() ? std::vector<const Axis*>{&axis, &*across} : std::vector<const Axis*>{&axis};
}

const Axis* Table::axis_of(Id wanted) const {
    for (const Axis* one : axes()) {
        if (one->column && (*one->column)->id == wanted) {
            return one;
        }
    }
    return nullptr;
}

const Axis* Table::axis_named(std::string_view wanted) const {
    for (const Axis* one : axes()) {
        if (one->column && (*one->column)->name == wanted) {
            return one;
        }
    }
    return nullptr;
}

Sentence Table::rows_are_fixed() const {
    return two_way() ? Sentence{N_("%1 is a two-way table. Change the values of its axes instead."), {name}}
                     : axis.source->rows_are_fixed(name);
}

Sentence Table::no_columns_of_rows() const {
    return {N_("%1 is a two-way table and has no rows of values. Type in the cells of a layer, or make another table."),
            {name}};
}

std::optional<std::size_t> Table::own_rows() const {
    const std::optional<std::size_t> rows = axis.source->own_rows();
    const std::optional<std::size_t> in_each = two_way() ? across->source->own_rows() : 1;
    return rows && in_each ? std::optional(*rows * *in_each) : std::nullopt;
}

Axis::Axis(RowSourcePtr rows, Id column_id, const std::string& name)
    : source(std::move(rows)) {
    const std::optional<Kind> kind = source->axis_kind();
    if (!kind) {
        return;
    }
    ColumnDefinition definition;
    definition.id = column_id;
    definition.name = name;
    definition.cells = Shared<Column>(source->axis_cells().value_or(Column(*kind)));
    definition.format.style = source->axis_of_months() ? Format::Style::month_year : Format::Style::automatic;
    column = Shared<ColumnDefinition>(std::move(definition));
}

std::optional<std::size_t> Axis::row_of(std::uint64_t id) const {
    return ids() == nullptr ? std::optional(static_cast<std::size_t>(id - 1)) : ids()->row_of(id);
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
    return find_in(tables, [wanted](const Table& table) { return table.id == wanted; });
}

const Table* Study::table_named(std::string_view wanted) const {
    return find_in(tables, [wanted](const Table& table) { return table.name == wanted; });
}

const Chart* Study::chart(Id wanted) const {
    return find_in(charts, [wanted](const Chart& chart) { return chart.id == wanted; });
}

const Run* Study::run(Id wanted) const {
    return find_in(runs, [wanted](const Run& run) { return run.id == wanted; });
}

const HeldValue* Study::held_named(std::string_view wanted) const {
    return find_in(ledge, [wanted](const HeldValue& held) { return held.name == wanted; });
}

} // namespace ledgefall
