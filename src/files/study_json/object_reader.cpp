#include "files/study_json/object_reader.h"

#include "core/formula/names.h"
#include "core/value/date.h"
#include "files/study_json/packed_cells.h"
#include "files/study_json/study_fields.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr auto any_letters = Json::error_handler_t::replace;

/// Of a value that says itself what it is.
Kind kind_of(const Json& json) {
    return json.is_string() ? Kind::text : json.is_boolean() ? Kind::yes_no : Kind::number;
}

bool is_pair_of_wholes(const Json& pair) {
    return pair.is_array() && pair.size() == 2 && pair[0].is_number_unsigned() && pair[1].is_number_unsigned();
}

} // namespace

const Json* ObjectReader::find(std::string_view field) {
    asked_.push_back(field);
    const auto entry = object_.find(field);
    return entry == object_.end() || entry->is_null() ? nullptr : &*entry;
}

const Json* ObjectReader::object_at(std::string_view field) {
    const Json* entry = find(field);
    if (entry != nullptr && !entry->is_object()) {
        refuse(std::string(field), NC_("Kind", "an object in braces"));
        return nullptr;
    }
    return entry;
}

std::string ObjectReader::place_of(std::string_view field) const {
    return place_.empty() || field.empty() ? place_ + std::string(field) : place_ + "." + std::string(field);
}

void ObjectReader::refuse(const std::string& field, const std::string& wanted) {
    wrong(place_of(field), wanted);
}

void ObjectReader::wrong(const std::string& place, const std::string& wanted) {
    refuse_with(N_("At %1, the file should have %2. Correct it, or use an earlier copy."),
                {place.empty() ? NC_("Kind", "its start") : place, wanted});
}

void ObjectReader::refuse_with(const std::string& pattern, std::vector<std::string> parts) {
    if (!reading_.refusal) {
        reading_.refusal = Sentence(pattern, std::move(parts));
    }
}

std::string ObjectReader::text(std::string_view field) {
    const Json* entry = find(field);
    if (entry != nullptr && !entry->is_string()) {
        refuse(std::string(field), NC_("Kind", "text"));
    }
    return entry != nullptr && entry->is_string() ? entry->get<std::string>() : std::string();
}

std::string ObjectReader::formula(std::string_view field) {
    const Json* entry = find(field);
    return entry != nullptr && entry->is_number() ? entry->dump() : text(field);
}

std::optional<std::uint64_t> ObjectReader::whole_number(std::string_view field) {
    const Json* entry = find(field);
    return entry != nullptr && entry->is_number_unsigned() ? std::optional(entry->get<std::uint64_t>()) : std::nullopt;
}

std::optional<std::uint64_t> ObjectReader::whole_of(std::string_view field) {
    const std::optional<std::uint64_t> number = whole_number(field);
    if (!number && has(field)) {
        refuse(std::string(field), NC_("Kind", "a whole number of 0 or more"));
    }
    return number;
}

std::vector<double> ObjectReader::numbers(std::string_view field) {
    std::vector<double> all;
    const Json* list = find(field);
    for (std::size_t at = 0; list != nullptr && list->is_array() && at < list->size(); ++at) {
        if (!(*list)[at].is_number()) {
            wrong(place_of(field) + "[" + std::to_string(at) + "]", NC_("Kind", "a number"));
            return {};
        }
        all.push_back((*list)[at].get<double>());
    }
    return all;
}

std::vector<std::string> ObjectReader::texts(std::string_view field, const char* wanted) {
    std::vector<std::string> all;
    const Json* list = find(field);
    if (list != nullptr && !list->is_array()) {
        refuse(std::string(field), wanted);
        return all;
    }
    for (std::size_t at = 0; list != nullptr && at < list->size() && !reading_.refusal; ++at) {
        if ((*list)[at].is_string()) {
            all.push_back((*list)[at].get<std::string>());
        } else {
            wrong(place_of(field) + "[" + std::to_string(at) + "]", wanted);
        }
    }
    return all;
}

Kind ObjectReader::kind(std::string_view field) {
    const std::string name = text(field);
    const auto kind = kind_named(name.empty() ? "number" : name);
    if (!kind) {
        refuse(std::string(field), NC_("Kind", "number, text, yes_no or date"));
    }
    return kind.value_or(Kind::number);
}

std::vector<Value> ObjectReader::values(std::string_view field, Kind kind) {
    std::vector<Value> all;
    const Json* list = find(field);
    for (std::size_t at = 0; list != nullptr && list->is_array() && at < list->size() && !reading_.refusal; ++at) {
        all.push_back(value((*list)[at], kind, place_of(field) + "[" + std::to_string(at) + "]"));
    }
    return all;
}

std::size_t ObjectReader::choice(std::string_view field, std::span<const std::string_view> words) {
    const std::string written = text(field);
    std::string all;
    for (std::size_t at = 0; at < words.size(); ++at) {
        if (written == words[at]) {
            return at;
        }
        all += (at == 0 ? "" : ", ") + std::string(words[at]);
    }
    if (!written.empty()) {
        refuse(std::string(field), "one of " + all);
    }
    return 0;
}

std::optional<std::vector<std::pair<std::uint64_t, std::uint64_t>>> ObjectReader::pairs(std::string_view field) {
    const Json* list = find(field);
    if (list == nullptr || !list->is_array() || !std::all_of(list->begin(), list->end(), is_pair_of_wholes)) {
        return std::nullopt;
    }
    return list->get<std::vector<std::pair<std::uint64_t, std::uint64_t>>>();
}

std::string ObjectReader::everything() {
    for (const auto& [field, value] : object_.items()) {
        asked_.push_back(field);
    }
    return object_.dump(-1, ' ', false, any_letters);
}

void ObjectReader::unknown(std::string& fields) {
    Json rest = Json::object();
    for (const auto& [field, value] : object_.items()) {
        if (std::find(asked_.begin(), asked_.end(), field) == asked_.end()) {
            rest[field] = value;
        }
    }
    fields = rest.empty() ? std::string() : rest.dump(-1, ' ', false, any_letters);
}

void ObjectReader::name(std::string& value) {
    value = normal_name(text("name"));
    expect(is_name(value), "name", NC_("Kind", "a name made of letters, digits and _"));
}

void ObjectReader::names(std::string_view field, std::vector<std::string>& values, bool applies) {
    std::vector<std::string> all = texts(field, NC_("Kind", "the names of a function's arguments"));
    for (std::size_t at = 0; applies && at < all.size(); ++at) {
        expect(is_name(all[at]), std::string(field) + "[" + std::to_string(at) + "]",
               NC_("Kind", "a name made of letters, digits and _"));
    }
    values = applies ? std::move(all) : std::vector<std::string>();
}

/// Columns by their ids or names; settled once all are known.
void ObjectReader::ids(std::string_view field, std::vector<Id>& values) {
    for (const std::string& one : texts(field, NC_("Kind", "the ids or names of columns"))) {
        values.emplace_back(one);
    }
}

void ObjectReader::formulas(std::string_view field, std::vector<Formula>& values) {
    for (const std::string& one : texts(field, NC_("Kind", "numbers or formulas, in quotes"))) {
        values.emplace_back(one);
    }
}

void ObjectReader::number(std::string_view field, double& value) {
    const Json* entry = find(field);
    const bool is_so = entry == nullptr || (entry->is_number() && std::isfinite(entry->get<double>()));
    expect(is_so, std::string(field), NC_("Kind", "a number"));
    value = entry != nullptr && is_so ? entry->get<double>() : value;
}

void ObjectReader::yes(std::string_view field, bool& value, bool usual) {
    const Json* entry = find(field);
    expect(entry == nullptr || entry->is_boolean(), std::string(field), NC_("Kind", "true or false"));
    value = entry != nullptr && entry->is_boolean() ? entry->get<bool>() : usual;
}

void ObjectReader::day(std::string_view field, std::optional<double>& value) {
    const std::string written = text(field);
    value = written.empty() ? std::nullopt : read_date(written);
    expect(written.empty() || value, std::string(field), NC_("Kind", "a date such as 2026-05-20"));
}

void ObjectReader::format(Format& value) {
    const Json* entry = find("format");
    if (entry == nullptr || !entry->is_object()) {
        return;
    }
    ObjectReader fields(*entry, place_of("format"), reading_);
    const std::string style = fields.text("style");
    const auto styles = number_styles();
    const auto known =
        std::find_if(styles.begin(), styles.end(), [&](const NumberStyle& one) { return one.word == style; });
    if (known == styles.end() && !style.empty()) { // of a later version: shown as automatic
        ObjectReader(*entry, "", reading_).unknown(value.unknown_fields);
        return;
    }
    value.style = style.empty() ? value.style : static_cast<Format::Style>(known - styles.begin());
    const NumberStyle& shown = value.shown_as();
    double digits = 0;
    fields.number("digits", digits);
    digits = std::clamp(digits, 0.0, 17.0);
    if (shown.digits_word != "digits") { // files before had the number of the denominator's digits
        digits = std::pow(10.0, std::clamp(digits, 1.0, 6.0)) - 1;
        fields.number(shown.digits_word, digits);
        digits = std::clamp<double>(digits, shown.fewest, shown.most);
    }
    value.digits = static_cast<int>(digits);
    fields.unknown(value.unknown_fields);
}

void ObjectReader::width(int& value) {
    double wide = 0;
    number("width", wide);
    value = static_cast<int>(std::clamp(wide, 0.0, 4000.0));
}

Value ObjectReader::value(const Json& json, Kind kind, const std::string& place) {
    if (json.is_null()) {
        return Value::missing(kind);
    }
    if (json.is_number() && kind == Kind::number && std::isfinite(json.get<double>())) {
        return Value::number(json.get<double>());
    }
    if (json.is_boolean() && kind == Kind::yes_no) {
        return Value::yes_no(json.get<bool>());
    }
    if (json.is_string() && kind == Kind::text) {
        return Value::text(Text(json.get<std::string>()));
    }
    if (json.is_string()) {
        const auto days = kind == Kind::date ? read_date(json.get<std::string>()) : std::nullopt;
        return days ? Value::of(*days, Kind::date, State::plain) : Value::unparsed(Text(json.get<std::string>()));
    }
    if (json.is_number() || json.is_boolean()) {
        return Value::unparsed(Text(json.dump()));
    }
    wrong(place, NC_("Kind", "a number, text, true, false or null"));
    return Value::missing(kind);
}

/// `kind` is written of dates, which look like texts.
void ObjectReader::own_value(Value& result, bool applies) {
    const Json* entry = find("value");
    const bool dated = find("kind") != nullptr && applies && text("kind") == "date";
    if (entry != nullptr && applies) {
        result = value(*entry, dated ? Kind::date : kind_of(*entry), place_of("value"));
    }
}

void ObjectReader::mixed_values(std::string_view field, std::vector<Value>& values) {
    const Json* list = find(field);
    for (std::size_t at = 0; list != nullptr && list->is_array() && at < list->size() && !reading_.refusal; ++at) {
        const Json& one = (*list)[at];
        values.push_back(value(one, kind_of(one), place_of(field) + "[" + std::to_string(at) + "]"));
    }
}

void ObjectReader::cells(Column& cells, bool applies) {
    const Json* packed = find("packed");
    const Json* values = find("values");
    cells = Column(kind("kind"));
    if (!applies || (packed == nullptr && values == nullptr)) {
        return;
    }
    const InternScope scope;
    if (packed != nullptr) {
        std::optional<Column> read = packed::read(*packed, cells.kind());
        expect(read.has_value(), "packed", N_("cells that can be unpacked"));
        cells = read ? *std::move(read) : std::move(cells);
    } else {
        expect(values->is_array(), "values", "a list");
        for (std::size_t at = 0; at < values->size() && !reading_.refusal; ++at) {
            cells.append(value((*values)[at], cells.kind(), place_of("values") + "[" + std::to_string(at) + "]"));
        }
    }
    reading_.interned.add(scope.objects());
}

void ObjectReader::cells(Shared<Column>& value, bool applies) {
    Column read(Kind::number);
    cells(read, applies);
    value = Shared<Column>(std::move(read));
}

void ObjectReader::overrides(std::string_view field, Overrides& values) {
    each(field, [&values](ObjectReader& item) {
        const std::optional<std::uint64_t> row = item.whole_of("row");
        item.expect(row.has_value(), "row", NC_("Kind", "a row number"));
        item.own_value(values[row.value_or(0)]);
    });
}

void ObjectReader::overrides(std::string_view field, Shared<Overrides>& values) {
    Overrides read;
    overrides(field, read);
    values = Shared<Overrides>(std::move(read));
}

/// A `formula` for all rows, or `pieces` for some of them each.
void ObjectReader::pieces(std::vector<Piece>& pieces) {
    Formula whole;
    formula("formula", whole);
    if (!whole.empty()) {
        pieces.push_back({whole, {}, {}});
    }
    list("pieces", pieces);
}

void ObjectReader::row_ranges(std::string_view field, std::vector<std::pair<std::uint64_t, std::uint64_t>>& ranges) {
    const Json* list = find(field);
    if (list != nullptr && list->is_array()) {
        const auto read = pairs(field);
        expect(read.has_value(), std::string(field), N_("a list of pairs of row ids"));
        ranges = read.value_or(ranges);
    }
}

void ObjectReader::axis(Axis& axis) {
    RowSourcePtr source = read_row_source(*this);
    const bool named = has("name") && source->axis_kind();
    std::string column_name(source->axis_name());
    Id column;
    id("id", column);
    if (named) {
        name(column_name);
    }
    axis = Axis(std::move(source), column, column_name);
    ColumnDefinition described = axis.column ? **axis.column : ColumnDefinition();
    describe_axis_column(*this, described);
    if (axis.column) {
        axis.column = Shared<ColumnDefinition>(std::move(described));
    }
    unknown(axis.unknown_fields);
}

void ObjectReader::axes(Table& table) {
    std::size_t count = 0;
    each("axes", [&](ObjectReader& item) { item.axis(++count == 1 ? table.axis : table.across.emplace()); });
    if (!table.two_way() && table.axis.source->for_two_axes()) {
        refuse_with(N_("The rows of the table at %1 are a list, which only the axes of a two-way table can have."),
                    {place_});
    }
    if (count > 2 || (table.two_way() && (!table.axis.column || !table.across->column))) {
        refuse_with(N_("The table at %1 needs one axis, or two that each have their own values."), {place_});
    }
}

} // namespace ledgefall
