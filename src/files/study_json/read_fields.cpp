// Reading single fields of a study.

#include "core/formula/names.h"
#include "core/value/date.h"
#include "files/study_json/study_fields.h"
#include "files/study_json/study_reader.h"

#include <cmath>

namespace ledgefall {

void StudyReader::wrong(const Place& place, const std::string& wanted) {
    refuse(N_("At %1, the file should have %2. Correct it, or use an earlier copy."),
           {place.text().empty() ? NC_("Kind", "its start") : place.text(), wanted});
}

std::string StudyReader::text(const Json& json, const char* name, const Place& place) {
    const Json* entry = field(json, name);
    if (entry == nullptr) {
        return {};
    }
    if (!entry->is_string()) {
        wrong(place.field(name), NC_("Kind", "text"));
        return {};
    }
    return entry->get<std::string>();
}

std::vector<std::string> StudyReader::texts(const Json& json, const char* name, const Place& place,
                                            const char* wanted) {
    std::vector<std::string> match;
    const Json* all = field(json, name);
    if (all != nullptr && !all->is_array()) {
        wrong(place.field(name), wanted);
        return match;
    }
    for (std::size_t at = 0; all != nullptr && at < all->size() && !refusal; ++at) {
        if (!(*all)[at].is_string()) {
            wrong(place.field(name).item(at), wanted);
        } else {
            match.push_back((*all)[at].get<std::string>());
        }
    }
    return match;
}

bool StudyReader::yes(const Json& json, const char* name, const Place& place) {
    const Json* entry = field(json, name);
    if (entry != nullptr && !entry->is_boolean()) {
        wrong(place.field(name), NC_("Kind", "true or false"));
        return false;
    }
    return entry != nullptr && entry->get<bool>();
}

double StudyReader::number(const Json& json, const char* name, const Place& place, double otherwise) {
    const Json* entry = field(json, name);
    if (entry == nullptr) {
        return otherwise;
    }
    if (!entry->is_number() || !std::isfinite(entry->get<double>())) {
        wrong(place.field(name), NC_("Kind", "a number"));
        return otherwise;
    }
    return entry->get<double>();
}

std::optional<std::uint64_t> StudyReader::whole(const Json& json, const char* name, const Place& place) {
    const Json* entry = field(json, name);
    if (entry == nullptr) {
        return std::nullopt;
    }
    if (!entry->is_number_unsigned()) {
        wrong(place.field(name), NC_("Kind", "a whole number of 0 or more"));
        return std::nullopt;
    }
    return entry->get<std::uint64_t>();
}

void StudyReader::settings(const Json& json, Settings& settings) {
    const Json* entry = field(json, "settings");
    if (entry == nullptr) {
        return;
    }
    const Place place = Place().field("settings");
    if (!entry->is_object()) {
        return wrong(place, NC_("Kind", "an object in braces"));
    }
    settings.unknown_fields = unknown_fields(*entry, fields::settings);
    settings.seed = whole(*entry, "seed", place).value_or(settings.seed);
    settings.tolerance = number(*entry, "tolerance", place, settings.tolerance);
    const auto type = whole(*entry, "quantile_type", place).value_or(7);
    if (type < 1 || type > 9) {
        return wrong(place.field("quantile_type"), NC_("Kind", "a whole number from 1 to 9"));
    }
    settings.quantile_type = static_cast<int>(type);
    const std::string as_of = text(*entry, "as_of", place);
    settings.as_of = as_of.empty() ? std::nullopt : read_date(as_of);
    if (!as_of.empty() && !settings.as_of) {
        wrong(place.field("as_of"), NC_("Kind", "a date such as 2026-05-20"));
    }
    const auto choose = [&](const char* name, const auto& words, auto& chosen) {
        const std::string word = text(*entry, name, place);
        const auto known = std::find(std::begin(words), std::end(words), word);
        if (known != std::end(words)) {
            chosen = static_cast<std::remove_reference_t<decltype(chosen)>>(known - std::begin(words));
        } else if (!word.empty()) {
            wrong(place.field(name),
                  std::string(words[0]) + ", " + std::string(words[1]) + " or " + std::string(words[2]));
        }
    };
    choose("decimal_sign", fields::decimal_signs, settings.decimal_sign);
    choose("grouping", fields::groupings, settings.grouping);
    choose("angles", fields::angle_forms, settings.angles);
}

Format StudyReader::format(const Json& json, const Place& place) {
    Format format;
    const Json* entry = field(json, "format");
    if (entry == nullptr || !entry->is_object()) {
        return format;
    }
    const std::string style = text(*entry, "style", place.field("format"));
    const auto styles = number_styles();
    const auto known =
        std::find_if(styles.begin(), styles.end(), [&](const NumberStyle& one) { return one.word == style; });
    if (known == styles.end() && !style.empty()) { // of a later version: shown as automatic
        format.unknown_fields = unknown_fields(*entry, std::vector<std::string_view>());
        return format;
    }
    format.style = style.empty() ? format.style : static_cast<Format::Style>(known - styles.begin());
    format.unknown_fields = unknown_fields(*entry, fields::format);
    format.digits = static_cast<int>(std::clamp(number(*entry, "digits", place.field("format"), 0), 0.0, 17.0));
    const NumberStyle& shown = format.shown_as();
    if (shown.digits_word != "digits") { // files before had the number of the denominator's digits
        const double of_digits = std::pow(10.0, std::clamp(format.digits, 1, 6)) - 1;
        const double given = number(*entry, shown.digits_word.data(), place.field("format"), of_digits);
        format.digits = static_cast<int>(std::clamp<double>(given, shown.fewest, shown.most));
    }
    return format;
}

int StudyReader::width(const Json& json, const Place& place) {
    return static_cast<int>(std::clamp(number(json, "width", place, 0), 0.0, 4000.0));
}

Kind StudyReader::kind(const Json& json, const Place& place) {
    const std::string name = text(json, "kind", place);
    const auto entry = kind_named(name.empty() ? "number" : name);
    if (!entry) {
        wrong(place.field("kind"), NC_("Kind", "number, text, yes_no or date"));
    }
    return entry.value_or(Kind::number);
}

Value StudyReader::value(const Json& json, Kind kind, const Place& place) {
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

/// A value that says itself what kind it is.
Value StudyReader::own_value(const Json& json, const Place& place) {
    const Json* entry = field(json, "value");
    if (entry == nullptr) {
        return Value::missing();
    }
    const bool dated = text(json, "kind", place) == "date";
    const Kind kind = dated                 ? Kind::date
                      : entry->is_string()  ? Kind::text
                      : entry->is_boolean() ? Kind::yes_no
                                            : Kind::number;
    return value(*entry, kind, place.field("value"));
}

std::string StudyReader::name(const Json& json, const Place& place) {
    std::string match = normal_name(text(json, "name", place));
    if (!refusal && !is_name(match)) {
        wrong(place.field("name"), NC_("Kind", "a name made of letters, digits and _"));
    }
    return match;
}

} // namespace ledgefall
