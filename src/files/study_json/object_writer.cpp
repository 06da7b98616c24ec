#include "files/study_json/object_writer.h"

#include "core/value/date.h"
#include "files/study_json/packed_cells.h"
#include "files/study_json/study_fields.h"

#include <cmath>

namespace ledgefall {
namespace {

/// Whole numbers are written without a point, as people write them.
Json number_json(double number) {
    constexpr double exact = 9007199254740992.0;
    const bool whole =
        number == static_cast<double>(static_cast<std::int64_t>(std::abs(number) < exact ? number : 0.5));
    const bool negative_zero = number == 0 && std::signbit(number);
    return whole && !negative_zero ? Json(static_cast<std::int64_t>(number)) : Json(number);
}

Json value_json(const Value& value) {
    if (value.state() == State::unparsed) {
        return value.text().str();
    }
    if (!value.plain()) {
        return nullptr;
    }
    switch (value.kind()) {
    case Kind::text:
        return value.text().str();
    case Kind::yes_no:
        return value.yes();
    case Kind::date:
        return write_date(value.number());
    default:
        return number_json(value.number());
    }
}

} // namespace

void ObjectWriter::text(std::string_view field, const std::string& value) {
    if (!value.empty()) {
        put(field) = value;
    }
}

void ObjectWriter::numbers(std::string_view field, const std::vector<double>& values) {
    for (const double value : values) {
        put(field).push_back(number_json(value));
    }
}

void ObjectWriter::texts(std::string_view field, const std::vector<std::string>& values) {
    for (const std::string& value : values) {
        put(field).push_back(value);
    }
}

void ObjectWriter::values(std::string_view field, const std::vector<Value>& values) {
    for (const Value& value : values) {
        put(field).push_back(value_json(value));
    }
}

void ObjectWriter::pairs(std::string_view field, const std::vector<std::pair<std::uint64_t, std::uint64_t>>& pairs) {
    put(field) = Json::array();
    for (const auto& [first, second] : pairs) {
        put(field).push_back(Json::array({first, second}));
    }
}

void ObjectWriter::ids(std::string_view field, const std::vector<Id>& values) {
    put(field) = Json::array();
    for (const Id value : values) {
        put(field).push_back(value.str());
    }
}

void ObjectWriter::table(Id value) {
    if (const Table* table = study_.table(value)) {
        put("table") = table->name;
    }
}

void ObjectWriter::formulas(std::string_view field, const std::vector<Formula>& values) {
    for (const Formula& value : values) {
        put(field).push_back(value.text());
    }
}

void ObjectWriter::number(std::string_view field, double value) {
    put(field) = number_json(value);
}

void ObjectWriter::yes(std::string_view field, bool value, bool usual) {
    if (value != usual) {
        put(field) = value;
    }
}

void ObjectWriter::day(std::string_view field, const std::optional<double>& value) {
    if (value) {
        put(field) = write_date(*value);
    }
}

void ObjectWriter::format(const Format& value) {
    if (!(value == Format())) {
        const NumberStyle& style = value.shown_as();
        Json& format = put("format") = {{"style", style.word}, {style.digits_word, value.digits}};
        ObjectWriter(format, study_).unknown(value.unknown_fields);
    }
}

void ObjectWriter::width(int value) {
    if (value != 0) {
        put("width") = value;
    }
}

void ObjectWriter::own_value(const Value& value, bool applies) {
    if (applies) {
        put("value") = value_json(value);
        text("kind", value.kind() == Kind::date ? std::string(kind_name(Kind::date)) : std::string());
    }
}

void ObjectWriter::cells(const Column& value) {
    put("kind") = kind_name(value.kind());
    if (std::optional<Json> packed = packed::written(value)) {
        put("packed") = *std::move(packed);
        return;
    }
    Json& values = put("values") = Json::array();
    for (std::size_t row = 0; row < value.size(); ++row) {
        values.push_back(value_json(value.at(row)));
    }
}

void ObjectWriter::cells(const Shared<Column>& value, bool applies) {
    if (applies) {
        cells(*value);
    }
}

void ObjectWriter::overrides(std::string_view field, const Overrides& values) {
    Json& list = put(field) = Json::array();
    for (const auto& [row, value] : values) {
        Json one = {{"row", row}};
        ObjectWriter(one, study_).own_value(value);
        list.push_back(std::move(one));
    }
}

void ObjectWriter::overrides(std::string_view field, const Shared<Overrides>& values) {
    if (!values->empty()) {
        overrides(field, *values);
    }
}

void ObjectWriter::pieces(const std::vector<Piece>& pieces) {
    if (pieces.size() == 1 && !pieces.front().from && !pieces.front().to) {
        formula("formula", pieces.front().formula);
    } else {
        list("pieces", pieces, Empty::left_out);
    }
}

Json ObjectWriter::axis(const Axis& axis) {
    Json json = {{"source", axis.source->kind()}};
    ObjectWriter fields(json, study_);
    if (axis.column) {
        fields.id("id", (*axis.column)->id);
        fields.name((*axis.column)->name);
        describe_axis_column(fields, **axis.column);
    }
    axis.source->write(fields);
    fields.unknown(axis.unknown_fields);
    return json;
}

void ObjectWriter::axes(const Table& table) {
    Json& list = put("axes") = Json::array();
    for (const Axis* one : table.axes()) {
        list.push_back(axis(*one));
    }
}

void ObjectWriter::row_ranges(std::string_view field,
                              const std::vector<std::pair<std::uint64_t, std::uint64_t>>& ranges) {
    if (!ranges.empty()) {
        pairs(field, ranges);
    }
}

void ObjectWriter::whole(std::string_view field, const std::optional<std::uint64_t>& value) {
    if (value) {
        put(field) = *value;
    }
}

void ObjectWriter::unknown(const std::string& fields) {
    if (!fields.empty()) {
        object_.update(Json::parse(fields, nullptr, false));
    }
}

} // namespace ledgefall
