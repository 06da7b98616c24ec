// Writing single fields of a study.

#include "core/value/date.h"
#include "files/study_json/packed_cells.h"
#include "files/study_json/study_writer.h"

namespace ledgefall {

void put(Json& json, const char* field, const std::string& text) {
    if (!text.empty()) {
        json[field] = text;
    }
}

void put_unknown_fields(Json& json, const std::string& unknown_fields) {
    if (unknown_fields.empty()) {
        return;
    }
    const Json fields = Json::parse(unknown_fields, nullptr, false);
    if (fields.is_object()) {
        for (const auto& [name, value] : fields.items()) {
            json[name] = value;
        }
    }
}

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

void put_own_value(Json& json, const Value& value) {
    json["value"] = value_json(value);
    if (value.kind() == Kind::date) {
        json["kind"] = kind_name(Kind::date);
    }
}

void put_cells(Json& json, const Column& cells) {
    json["kind"] = kind_name(cells.kind());
    if (std::optional<Json> compact = packed::written(cells)) {
        json["packed"] = *std::move(compact);
        return;
    }
    Json values = Json::array();
    for (std::size_t row = 0; row < cells.size(); ++row) {
        values.push_back(value_json(cells.at(row)));
    }
    json["values"] = std::move(values);
}

Json overrides_json(const Overrides& overrides) {
    Json list = Json::array();
    for (const auto& [row, value] : overrides) {
        Json one = {{"row", row}};
        put_own_value(one, value);
        list.push_back(std::move(one));
    }
    return list;
}

} // namespace ledgefall
