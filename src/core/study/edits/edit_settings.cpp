// The study's settings.

#include "core/study/edits/edits.h"
#include "core/value/date.h"

#include <algorithm>
#include <cmath>
#include <initializer_list>
#include <type_traits>

namespace ledgefall {

Result<Study> set_settings(Study study, const Settings& settings) {
    if (settings.quantile_type < 1 || settings.quantile_type > Settings::inclusive_halves) {
        return Sentence{N_("The type of quantile must be a whole number from 1 to 11."), {}};
    }
    constexpr double largest_tolerance = 0.1;
    if (!(settings.tolerance > 0 && settings.tolerance <= largest_tolerance)) {
        return Sentence{N_("The tolerance of ≈ must be above 0 and at most 0.1."), {}};
    }
    if (settings.as_of && !in_calendar(*settings.as_of)) {
        return Sentence{N_("The date for today() must be in the years 1 to 9999."), {}};
    }
    constexpr std::uint64_t largest_seed = 0x1FFFFFFFFFFFFFU; // what every reader of JSON can hold
    if (settings.seed > largest_seed) {
        return Sentence{N_("The seed of random numbers must be a whole number up to %1."),
                        {std::to_string(largest_seed)}};
    }
    study.settings = settings;
    return study;
}

namespace {

/// How numbers are shown, by the words of the file.
bool set_display(Settings& settings, const std::string& name, std::string word) {
    std::erase(word, ' ');
    const auto choose = [&word](std::initializer_list<std::string_view> words, auto& chosen) {
        const auto known = std::find(words.begin(), words.end(), word);
        if (known != words.end()) {
            chosen = static_cast<std::remove_reference_t<decltype(chosen)>>(known - words.begin());
        }
        return known != words.end();
    };
    return (name == "decimal_sign" && choose({"desktop", "point", "comma"}, settings.decimal_sign)) ||
           (name == "grouping" && choose({"none", "space", "sign"}, settings.grouping)) ||
           (name == "angles" && choose({"radians", "degrees", "degrees_minutes"}, settings.angles));
}

/// What a setting that is a number or a date must be; nothing for others.
std::optional<std::string> setting_needs(const std::string& name) {
    return name == "quantile_type" ? std::optional(N_("a whole number from 1 to 9, exclusive or inclusive"))
           : name == "tolerance"   ? std::optional(N_("a number above 0 and at most 0.1"))
           : name == "seed"        ? std::optional(N_("a whole number of 0 or more"))
           : name == "as_of"       ? std::optional(NC_("Kind", "a date"))
                                   : std::nullopt;
}

} // namespace

Result<Study> set_setting(Study study, const std::string& text) {
    const std::size_t sign = text.find('=');
    std::string name = text.substr(0, sign);
    std::erase(name, ' ');
    const std::string typed = sign == std::string::npos ? std::string() : text.substr(sign + 1);
    const auto number = read_spelled_number(typed);
    Settings settings = study.settings;
    std::string word = typed;
    std::erase(word, ' ');
    if (name == "quantile_type" && (word == "exclusive" || word == "inclusive")) {
        settings.quantile_type = word == "exclusive" ? Settings::exclusive_halves : Settings::inclusive_halves;
    } else if (name == "quantile_type" && number && *number == std::floor(*number) && std::fabs(*number) < 100) {
        settings.quantile_type = static_cast<int>(*number);
    } else if (name == "tolerance" && number) {
        settings.tolerance = *number;
    } else if (name == "seed" && number && *number >= 0 && *number == std::floor(*number) && *number < 1e16) {
        settings.seed = static_cast<std::uint64_t>(*number);
    } else if (name == "as_of" && read_spelled_date(typed)) {
        settings.as_of = std::floor(*read_spelled_date(typed));
    } else if (name == "as_of" && typed.find_first_not_of(" \t") == std::string::npos) {
        settings.as_of.reset();
    } else if (const auto needs = setting_needs(name)) {
        return Sentence{N_("%1 needs %2. %3 is not one."),
                        {name, *needs, typed.substr(std::min(typed.find_first_not_of(' '), typed.size()))}};
    } else if (!set_display(settings, name, typed)) {
        return Sentence{N_("Write a setting as quantile_type = 7, tolerance = 1e-9, seed = 1, as_of = 2026-05-20, "
                           "decimal_sign = comma, grouping = space or angles = degrees."),
                        {}};
    }
    return set_settings(std::move(study), settings);
}

} // namespace ledgefall
