// Two-way tables: their axes, layers and cells.

#include "core/study/edits/edit_grid.h"

#include "core/basics/trimmed.h"
#include "core/formula/names.h"
#include "core/formula/print.h"
#include "core/study/model/grid_cells.h"
#include "core/study/model/parts.h"
#include "core/study/row_sources/listed_rows.h"
#include "core/study/row_sources/series_rows.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <optional>

namespace ledgefall {
namespace {

std::vector<std::string> divided(const std::string& text, char sign) {
    std::vector<std::string> parts;
    std::size_t from = 0;
    bool quoted = false;
    for (std::size_t at = 0; at <= text.size(); ++at) {
        quoted = at < text.size() && text[at] == '"' ? !quoted : quoted;
        if (at == text.size() || (text[at] == sign && !quoted)) {
            parts.emplace_back(trimmed(std::string_view(text).substr(from, at - from)));
            from = at + 1;
        }
    }
    return parts;
}

/// One value of a list: a number, a date, an answer, or else a text, with or without quotation marks.
Value listed_value(const std::string& typed, const Spelling& spelling) {
    if (typed.size() > 1 && typed.front() == '"' && typed.back() == '"') {
        std::string text = typed.substr(1, typed.size() - 2);
        for (std::size_t at = text.find("\"\""); at != std::string::npos; at = text.find("\"\"", at + 1)) {
            text.erase(at, 1); // a quotation mark within a text is written twice
        }
        return Value::text(Text(text));
    }
    Value value = read_cell(typed, Kind::number, spelling);
    for (const Kind kind : {Kind::date, Kind::yes_no, Kind::text}) {
        value = value.state() == State::unparsed ? read_cell(typed, kind, spelling) : value;
    }
    return value;
}

/// What ends a series: a number as it is spelled, else a formula.
std::string end_of_series(const std::string& typed, const Spelling& spelling) {
    const auto number = read_spelled_number(typed, spelling);
    return number ? write_cell(Value::number(*number)) : typed;
}

/// The days from one date to another, by a number of days.
Result<RowSourcePtr> days(double from, double to, const std::string& step) {
    constexpr double most_listed = 10'000;
    const double by = step.empty() ? 1 : read_number(step).value_or(0);
    if (by < 1 || by != std::floor(by) || to < from || (to - from) / by >= most_listed) {
        return Sentence{
            N_("An axis of dates goes from an earlier to a later one, by a whole number of days, up to %1 of them."),
            {"10,000"}};
    }
    Column cells(Kind::date);
    for (double day = from; day <= to; day += by) {
        cells.append(Value::of(day, Kind::date, State::plain));
    }
    return RowSourcePtr(std::make_shared<ListedRows>(std::move(cells)));
}

Result<RowSourcePtr> series(const std::string& before, const std::string& after, const Spelling& spelling) {
    const std::size_t by = after.rfind(" by ");
    const auto first_day = read_spelled_date(before, spelling);
    const auto last_day = read_spelled_date(trimmed(after.substr(0, by)), spelling);
    if (first_day && last_day) {
        return days(*first_day, *last_day, by == std::string::npos ? "" : std::string(trimmed(after.substr(by + 4))));
    }
    std::string to = end_of_series(std::string(trimmed(after.substr(0, by))), spelling);
    std::string step =
        by == std::string::npos ? "" : end_of_series(std::string(trimmed(after.substr(by + 4))), spelling);
    const std::vector<std::string> begun = divided(before, before.find(';') != std::string::npos ? ';' : ',');
    const std::string from = end_of_series(begun.front(), spelling);
    if (begun.size() == 2 && step.empty()) { // continued from two
        const auto first = read_number(from);
        const auto second = read_spelled_number(begun[1], spelling);
        if (!first || !second || *first == *second) {
            return Sentence{N_("Two numbers before .. give the step and must differ, as in 3, 3.5 .. 6."), {}};
        }
        step = write_cell(
            Value::number(rounded_to(*second - *first, std::max(decimals_of(*first), decimals_of(*second)))));
    } else if (begun.size() != 1) {
        return Sentence{N_("Before .. write the first number, or the first two, as in 3, 3.5 .. 6."), {}};
    }
    step = step.empty() ? "1" : step;
    for (const std::string& one : {from, to, step}) {
        const Formula formula(one);
        if (formula.mistake()) {
            return Sentence{N_("%1 is not a number of the axis: %2"), {one, formula.mistake()->what.text()}};
        }
    }
    const auto first = read_number(from);
    const auto last = read_number(to);
    const auto steps = read_number(step);
    if (first && last && steps) {
        if (const auto cells = numbers_from_to(*first, *last, *steps); !cells) {
            return cells.refusal();
        }
    }
    return RowSourcePtr(std::make_shared<SeriesRows>(Formula(from), Formula(to), Formula(step)));
}

/// Why a name or formula cannot be one of the values of an axis: it means something else, or nothing that is known.
std::optional<Sentence> name_in_list(const Study& study, const std::string& one, bool alone) {
    const std::size_t point = one.find('.');
    if (point != std::string::npos && is_name(one.substr(0, point)) && is_name(one.substr(point + 1))) {
        return study.table_named(one.substr(0, point)) == nullptr
                   ? Sentence{N_("There is no table called %1. Put a text in quotation marks."), {one.substr(0, point)}}
                   : Sentence{N_("%1 has no column called %2. Put a text in quotation marks."),
                              {one.substr(0, point), one.substr(point + 1)}};
    }
    if (is_name(one) && study.held_named(one) != nullptr) {
        return Sentence{
            N_("%1 is a held value, and a list takes values: write its number, or put a text in quotation marks."),
            {one}};
    }
    if (!one.starts_with("\"") && one.find_first_of("*^") != std::string::npos && !Formula(one).mistake()) {
        return Sentence{
            N_("%1 is a formula, and a list takes values: write its number, or put a text in quotation marks."), {one}};
    }
    return alone && is_name(one)
               ? std::optional(
                     Sentence{N_("There is no column called %1 here. Put a single text in quotation marks."), {one}})
               : std::nullopt;
}

Result<RowSourcePtr> list(const Study& study, const std::string& written, const Spelling& spelling) {
    constexpr std::size_t most_listed = 10'000;
    const char sign = written.find(';') != std::string::npos ? ';' : ',';
    std::vector<Value> values;
    for (const std::string& one : divided(written, sign)) {
        if (one.empty()) {
            return Sentence{N_("A value is missing between two commas of the axis."), {}};
        }
        if (const auto other = name_in_list(study, one, one == written)) {
            return *other;
        }
        values.push_back(listed_value(one, spelling));
    }
    if (values.size() > most_listed) {
        return Sentence{N_("A list for an axis can have at most %1 values. Write it as a range, such as 1..20000."),
                        {std::to_string(most_listed)}};
    }
    const bool one_kind = std::all_of(values.begin(), values.end(),
                                      [&](const Value& value) { return value.kind() == values.front().kind(); });
    if (!one_kind) { // such as 1, 2, more
        const std::vector<std::string> texts = divided(written, sign);
        std::transform(texts.begin(), texts.end(), values.begin(),
                       [](const std::string& text) { return Value::text(Text(text)); });
    }
    Column cells = Column::of(values.front().kind(), values);
    if (const auto twice = value_met_twice(cells)) {
        return Sentence{N_("%1 occurs twice on this axis. Each value can occur only once."),
                        {write_cell(twice->first)}};
    }
    return RowSourcePtr(std::make_shared<ListedRows>(std::move(cells)));
}

/// The values of a column, or the rows of the table whose classes or categories are named; null where none is.
RowSourcePtr of_column(const Study& study, const std::string& written) {
    const std::size_t point = written.find('.');
    if (point == std::string::npos) {
        return nullptr;
    }
    const Table* table = study.table_named(std::string(trimmed(written.substr(0, point))));
    const std::string name(trimmed(std::string_view(written).substr(point + 1)));
    if (table == nullptr) {
        return nullptr;
    }
    if (const Axis* axis = table->axis_named(name)) {
        return axis->source;
    }
    const ColumnDefinition* column = table->column_named(name);
    if (column == nullptr) {
        return nullptr;
    }
    Categories categories;
    categories.of = column->id;
    const Kind kind = column->cells->kind();
    categories.order = kind == Kind::text ? Categories::Order::seen : Categories::Order::rising;
    return std::make_shared<CategoryRows>(categories, kind);
}

Result<Axis> axis_of(Study& study, const WrittenAxis& written, const Spelling& spelling) {
    const Result<RowSourcePtr> source = axis_source(study, written.values, spelling);
    if (!source) {
        return Sentence{N_("The axis %1: %2"),
                        {written.label.empty() ? written.name : written.label, source.refusal().text()}};
    }
    Axis axis(*source, study.fresh_id("c"), written.name.empty() ? name_from_label(written.label) : written.name);
    axis.column->edit([&](ColumnDefinition& column) {
        column.label = written.label == column.name ? "" : written.label;
        column.unit = written.unit;
        const bool percent = written.values.find('%') != std::string::npos && column.cells->kind() == Kind::number;
        if (percent) {
            column.format = {Format::Style::percent, 1};
        }
    });
    return axis;
}

} // namespace

Result<WrittenAxis> written_axis(const std::string& definition) {
    const std::size_t sign = definition.find('=');
    if (sign == std::string::npos || trimmed(definition.substr(0, sign)).empty()) {
        return Sentence{N_("Write an axis as name = values, as in rate = 0.03, 0.035 .. 0.06."), {}};
    }
    WrittenAxis axis;
    split_unit(std::string(trimmed(definition.substr(0, sign))), axis.label, axis.unit);
    axis.values = trimmed(definition.substr(sign + 1));
    return axis;
}

Result<RowSourcePtr> axis_source(const Study& study, const std::string& values, const Spelling& spelling) {
    const std::string written(trimmed(values));
    if (written.empty()) {
        return Sentence{N_("This axis has no values yet. Write some, as in 1..12 or riffle, pool, weir."), {}};
    }
    if (RowSourcePtr source = of_column(study, written)) {
        return source;
    }
    const std::size_t points = written.find("..");
    return points == std::string::npos ? list(study, written, spelling)
                                       : series(std::string(trimmed(written.substr(0, points))),
                                                std::string(trimmed(written.substr(points + 2))), spelling);
}

namespace {

/// `0.035` as `3.5 %`.
std::string as_percent(double number) {
    constexpr int digits = 12; // what is left of a product with 100 beyond them is rounding
    char text[40];
    (void)std::snprintf(text, sizeof text, "%.*g", digits, number * 100);
    return std::string(text) + " %";
}

/// A series of an axis that is shown in per cent, as it is typed: `3 %, 3.5 % .. 6 %`; nothing where it is no such
/// series, or its ends are formulas.
std::optional<std::string> series_in_percent(const Axis& axis, const SeriesRows& series) {
    const auto from = read_number(series.from().text());
    const auto to = read_number(series.to().text());
    const auto step = read_number(series.step().text());
    if (!axis.column || (*axis.column)->format.style != Format::Style::percent || !from || !to || !step) {
        return std::nullopt;
    }
    return as_percent(*from) + ", " + as_percent(*from + *step) + " .. " + as_percent(*to);
}

} // namespace

std::string axis_in_words(const Study& study, const Axis& axis) {
    if (const auto* numbers = axis.rows_as<SeriesRows>()) {
        if (const auto in_percent = series_in_percent(axis, *numbers)) {
            return *in_percent;
        }
        const std::string step = numbers->step().text() == "1" ? "" : " by " + numbers->step().text();
        return numbers->from().text() + ".." + numbers->to().text() + step;
    }
    if (axis.rows_as<ListedRows>() != nullptr) {
        const Column cells = *axis.source->axis_cells();
        std::string out;
        for (std::size_t at = 0; at < cells.size(); ++at) {
            const std::string one = write_cell(cells.at(at));
            const bool quoted = cells.kind() == Kind::text && name_in_list(study, one, cells.size() == 1);
            out += (at == 0 ? "" : ", ") + (quoted ? "\"" + one + "\"" : one);
        }
        return out;
    }
    if (!axis.source->made_of().empty()) {
        const Table* source = table_with(study, &Table::columns, axis.source->made_of());
        return source == nullptr ? "" : source->name + "." + source->column(axis.source->made_of())->name;
    }
    for (const auto& table : study.tables) { // classes that another table has too
        if (table->axis.column && !table->two_way() && table->axis.source->equals(*axis.source)) {
            return table->name + "." + (*table->axis.column)->name;
        }
    }
    return {};
}

Result<Study> add_two_way_table(const Study& study, const std::string& label, const WrittenAxis& down,
                                const WrittenAxis& across, Id* added, const Spelling& spelling) {
    Id id;
    Result<Study> begun = add_table(study, label, &id);
    if (!begun) {
        return begun;
    }
    Study out = *std::move(begun);
    Result<Axis> first = axis_of(out, down, spelling);
    Result<Axis> second = first ? axis_of(out, across, spelling) : first;
    if (!second) {
        return second.refusal();
    }
    for (const Axis* axis : {&*first, &*second}) {
        if (auto refused = name_refused(out, out.table(id), (*axis->column)->name)) {
            return *refused;
        }
    }
    if ((*first->column)->name == (*second->column)->name) {
        return Sentence{N_("Both axes are called %1. Give one of them another name."), {(*first->column)->name}};
    }
    if (added != nullptr) {
        *added = id;
    }
    const Result<Study> made = with_table(std::move(out), id, [&](Table& table) {
        table.axis = *std::move(first);
        table.across = *std::move(second);
    });
    return made ? Result<Study>(keeping_meaning(study, *made)) : made;
}

Result<Study> rewrite_axis(const Study& study, Id id, bool across, const WrittenAxis& written,
                           const Spelling& spelling) {
    const Table* table = study.table(id);
    if (table == nullptr || !table->two_way()) {
        return no_such_part;
    }
    const Axis& old = across ? *table->across : table->axis;
    Study out = study;
    const Result<Axis> made = axis_of(out, written, spelling);
    if (!made) {
        return made.refusal();
    }
    Axis axis = *made;
    const std::string name = (*axis.column)->name;
    const Id column = (*old.column)->id;
    if (auto refused = name_refused(out, table, name, column)) {
        return *refused;
    }
    // Listed values that stay keep their identities, so that what was typed beside them does.
    const auto* values = axis.rows_as<ListedRows>();
    if (values != nullptr && old.rows_as<ListedRows>() != nullptr) {
        const Column before = *old.source->axis_cells();
        const Column cells = *values->axis_cells();
        std::uint64_t next = 1;
        for (std::size_t at = 0; at < before.size(); ++at) {
            next = std::max(next, old.id_at(at) + 1);
        }
        std::vector<RowIds::Run> runs;
        for (std::size_t at = 0; at < cells.size(); ++at) {
            std::uint64_t known = 0;
            for (std::size_t place = 0; place < before.size() && known == 0; ++place) {
                known = before.at(place) == cells.at(at) ? old.id_at(place) : 0;
            }
            runs.push_back({known != 0 ? known : next++, 1});
        }
        axis.source = std::make_shared<ListedRows>(cells, *RowIds::from_runs(runs));
    }
    axis.column->edit([&](ColumnDefinition& copy) {
        const ColumnDefinition& before = **old.column;
        copy.id = before.id;
        copy.name = before.name;
        copy.format = copy.format == Format() ? before.format : copy.format;
        copy.width = before.width;
    });
    Result<Study> changed =
        with_table(std::move(out), id, [&](Table& copy) { (across ? *copy.across : copy.axis) = axis; });
    if (!changed || (*old.column)->name == name) {
        return changed;
    }
    const Result<Study> renamed = with_table(*changed, id, [&](Table& copy) {
        (across ? *copy.across : copy.axis).column->edit([&](ColumnDefinition& one) { one.name = name; });
    });
    return renamed ? Result<Study>(keeping_meaning(*changed, *renamed)) : renamed;
}

Result<Study> add_typed_layer(const Study& study, Id id, const std::string& label, Kind kind, Id* added) {
    const Table* table = study.table(id);
    if (table == nullptr || !table->two_way()) {
        return no_such_part;
    }
    const std::string name = free_name(
        name_from_label(label), [&](const std::string& one) { return name_refused(study, table, one).has_value(); });
    Study out = study;
    ColumnDefinition layer;
    layer.id = out.fresh_id("c");
    layer.name = name;
    layer.label = label == name ? "" : label;
    layer.cells = Shared<Column>(Column(kind));
    if (added != nullptr) {
        *added = layer.id;
    }
    const Result<Study> with =
        with_table(std::move(out), id, [&layer](Table& copy) { copy.columns.emplace_back(std::move(layer)); });
    return with ? Result<Study>(keeping_meaning(study, *with)) : with;
}

namespace {

/// The identity of a place of an axis, which a category gets now where it has none.
std::uint64_t named_place(Axis& axis, const Column& values, std::size_t place) {
    const std::uint64_t known = place_id(axis, values, place);
    const auto* categories = axis.rows_as<CategoryRows>();
    if (known != 0 || categories == nullptr) {
        return known;
    }
    Categories named = categories->categories();
    named.named.push_back(values.at(place));
    axis.source = std::make_shared<CategoryRows>(named, *categories->axis_kind());
    return named.named.size();
}

} // namespace

Result<Study> type_cells(const Study& study, Id layer, const GridPlace& place, const Column& down, const Column& across,
                         const std::vector<std::vector<std::string>>& block, const Spelling& spelling) {
    const Table* table = table_with(study, &Table::columns, layer);
    if (table == nullptr || !table->two_way()) {
        return no_such_part;
    }
    std::size_t width = 0;
    for (const auto& line : block) {
        width = std::max(width, line.size());
    }
    if (place.row + block.size() > down.size() || place.column + width > across.size()) {
        return Sentence{
            N_("This block has %1 rows and %2 columns, more than fit in %3 from here. Add values to its axes first."),
            {std::to_string(block.size()), std::to_string(width), table->name}};
    }
    return with_table(study, table->id, [&](Table& copy) {
        Shared<ColumnDefinition>* typed = part_with(copy.columns, layer);
        const bool computed = (*typed)->computed();
        const Kind kind = (*typed)->cells->kind();
        Overrides overrides = *(*typed)->overrides;
        for (std::size_t line = 0; line < block.size(); ++line) {
            for (std::size_t at = 0; at < block[line].size(); ++at) {
                const std::uint64_t id = cell_id(named_place(copy.axis, down, place.row + line),
                                                 named_place(*copy.across, across, place.column + at));
                const std::string& text = block[line][at];
                const Value value = computed ? listed_value(text, spelling) : read_cell(text, kind, spelling);
                if (trimmed(text).empty()) {
                    overrides.erase(id);
                } else {
                    overrides[id] = value;
                }
            }
        }
        typed->edit([&](ColumnDefinition& column) { column.overrides = Shared<Overrides>(std::move(overrides)); });
    });
}

Result<Study> give_back_cell(const Study& study, Id layer, std::size_t cell, const Column& down, const Column& across) {
    const std::size_t columns = std::max<std::size_t>(across.size(), 1);
    return type_cells(study, layer, {cell / columns, cell % columns}, down, across, {{""}});
}

} // namespace ledgefall
