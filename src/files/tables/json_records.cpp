#include "files/tables/json_records.h"

#include "core/formula/names.h"
#include "core/value/date.h"
#include "files/io/json_depth.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>
#include <map>

namespace ledgefall {
namespace {

using Json = nlohmann::ordered_json;

constexpr std::size_t most_columns = 10'000;

/// The values of one column, in the order of the rows; null where one is not there.
struct Field {
    std::string label;
    std::vector<const Json*> values;
};

/// Whether it is a whole number beyond those that a double has all of: it would lose digits.
bool loses_digits(const Json& value) {
    constexpr std::uint64_t most = std::uint64_t(1) << 53U;
    return value.is_number_unsigned()
               ? value.get<std::uint64_t>() > most
               : value.is_number_integer() && value.get<std::int64_t>() < -static_cast<std::int64_t>(most);
}

Kind kind_of(const Field& field) {
    bool numbers = true;
    bool answers = true;
    bool dates = true;
    bool any = false;
    for (const Json* value : field.values) {
        if (value == nullptr || value->is_null()) {
            continue;
        }
        any = true;
        numbers = numbers && value->is_number() && !loses_digits(*value);
        answers = answers && value->is_boolean();
        dates = dates && value->is_string() && read_date(value->get_ref<const std::string&>()).has_value();
    }
    return !any || numbers ? Kind::number : answers ? Kind::yes_no : dates ? Kind::date : Kind::text;
}

Value value_of(const Json* value, Kind kind) {
    if (value == nullptr || value->is_null()) {
        return Value::missing(kind);
    }
    switch (kind) {
    case Kind::number:
        return Value::number(value->get<double>());
    case Kind::yes_no:
        return Value::yes_no(value->get<bool>());
    case Kind::date:
        return Value::of(*read_date(value->get_ref<const std::string&>()), Kind::date, State::plain);
    default:
        return Value::text(Text(value->is_string() ? value->get<std::string>() : value->dump()));
    }
}

LabelledColumns columns_of(const std::vector<Field>& fields) {
    LabelledColumns out;
    std::vector<std::string> names;
    const InternScope scope;
    for (const Field& field : fields) {
        NewColumn column;
        split_unit(field.label, column.label, column.unit);
        column.name = free_name(name_from_label(column.label), [&names](const std::string& name) {
            return std::find(names.begin(), names.end(), name) != names.end();
        });
        names.push_back(column.name);
        column.label = column.label == column.name ? "" : column.label;
        const Kind kind = kind_of(field);
        column.cells = Column(kind);
        for (const Json* value : field.values) {
            column.cells.append(value_of(value, kind));
        }
        column.interned = scope.objects();
        out.columns.push_back(std::move(column));
    }
    return out;
}

Json json_of(const Value& value) {
    if (!value.plain()) {
        return value.state() == State::unparsed ? Json(value.text().str()) : Json(nullptr);
    }
    switch (value.kind()) {
    case Kind::number:
        return std::isfinite(value.number()) ? Json(value.number()) : Json(nullptr);
    case Kind::yes_no:
        return Json(value.yes());
    default:
        return Json(write_cell(value));
    }
}

} // namespace

Result<LabelledColumns> read_json_records(std::string_view bytes) {
    if (bytes.starts_with("\xEF\xBB\xBF")) {
        bytes.remove_prefix(3);
    }
    constexpr std::size_t deepest = 200;
    const Json json = json_depth(bytes) > deepest ? Json(Json::value_t::discarded) : Json::parse(bytes, nullptr, false);
    if (json.is_discarded()) {
        return Sentence{N_("It is not valid JSON. Look for a missing comma or bracket, or use a JSON checker."), {}};
    }
    std::vector<Field> fields;
    if (json.is_array()) {
        std::map<std::string, std::size_t> places;
        std::size_t row = 0;
        for (const Json& record : json) {
            if (!record.is_object()) {
                return Sentence{N_("Its record %1 is not an object. Write records as [{\"x\": 1}, {\"x\": 2}]."),
                                {std::to_string(row + 1)}};
            }
            for (const auto& [label, value] : record.items()) {
                const auto [place, added] = places.emplace(label, fields.size());
                if (added) {
                    if (fields.size() >= most_columns) {
                        return Sentence{N_("It has more than %1 different fields."), {std::to_string(most_columns)}};
                    }
                    fields.push_back({label, {}});
                }
                Field& field = fields[place->second];
                field.values.resize(row, nullptr);
                field.values.push_back(&value);
            }
            ++row;
        }
        for (Field& field : fields) {
            field.values.resize(row, nullptr);
        }
    } else if (json.is_object()) {
        for (const auto& [label, values] : json.items()) {
            if (!values.is_array()) {
                return Sentence{N_("Its field %1 is not a list. Write columns as {\"x\": [1, 2], \"y\": [3, 4]}."),
                                {label}};
            }
            Field field{label, {}};
            for (const Json& value : values) {
                field.values.push_back(&value);
            }
            fields.push_back(std::move(field));
        }
    } else {
        return Sentence{N_("It is JSON, but neither a list of records nor an object of lists."), {}};
    }
    return columns_of(fields);
}

std::string write_json_records(const LabelledColumns& columns) {
    std::string out = "[";
    const std::size_t rows = columns.rows();
    for (std::size_t row = 0; row < rows; ++row) {
        Json record = Json::object();
        for (const NewColumn& column : columns.columns) {
            record[column.name.empty() ? column.label : column.name] = json_of(column.cells.at(row));
        }
        out += (row > 0 ? ",\n " : "\n ") + record.dump(-1, ' ', false, Json::error_handler_t::replace);
    }
    return out + "\n]\n";
}

} // namespace ledgefall
