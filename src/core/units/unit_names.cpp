#include "core/units/unit_names.h"

#include <algorithm>
#include <array>

namespace ledgefall {
namespace {

struct Definition {
    std::string_view name, meaning;
};

// By the SI Brochure (9th edition, 2019), CODATA 2018, the international yard and pound (1959), NIST SP 811.
constexpr Definition definitions[] = {
    {"nmi", "1852 m"},
    {"kn", "1852 m / (3600 s)"},
    {"knot", "1852 m / (3600 s)"},
    {"kt", "1852 m / (3600 s)"},
    {"mph", "1609.344 m / (3600 s)"},
    {"kph", "1000 m / (3600 s)"},
    {"kmh", "1000 m / (3600 s)"},
    {"fps", "0.3048 m/s"},
    {"mps", "m/s"},
    {"ly", "9460730472580800 m"},
    {"pc", "3.0856775814913673e16 m"},
    {"AU", "149597870700 m"},
    {"fathom", "1.8288 m"},
    {"rod", "5.0292 m"},
    {"chain", "20.1168 m"},
    {"furlong", "201.168 m"},
    {"acre", "4046.8564224 m2"},
    {"oz", "0.028349523125 kg"},
    {"lbs", "0.45359237 kg"},
    {"st", "6.35029318 kg"},
    {"stone", "6.35029318 kg"},
    {"slug", "14.593902937206364 kg"},
    {"mcg", "1e-9 kg"},
    {"us_gallon", "3.785411784e-3 m3"},
    {"us_quart", "9.46352946e-4 m3"},
    {"us_pint", "4.73176473e-4 m3"},
    {"us_cup", "2.365882365e-4 m3"},
    {"us_fluid_ounce", "2.95735295625e-5 m3"},
    {"us_tablespoon", "1.478676478125e-5 m3"},
    {"us_teaspoon", "4.92892159375e-6 m3"},
    {"imperial_gallon", "4.54609e-3 m3"},
    {"imperial_quart", "1.1365225e-3 m3"},
    {"imperial_pint", "5.6826125e-4 m3"},
    {"imperial_fluid_ounce", "2.84130625e-5 m3"},
    {"cal_th", "4.184 J"},
    {"cal_it", "4.1868 J"},
    {"kcal_th", "4184 J"},
    {"kcal_it", "4186.8 J"},
    {"year_julian", "31557600 s"},
    {"year_tropical", "31556925.216 s"},
    {"year_common", "31536000 s"},
    {"Wh", "3600 J"},
    {"kWh", "3.6e6 J"},
    {"MWh", "3.6e9 J"},
    {"GWh", "3.6e12 J"},
    {"Ah", "3600 C"},
    {"mAh", "3.6 C"},
    {"hp", "745.69987158227022 W"},
    {"PS", "735.49875 W"},
    {"eV", "1.602176634e-19 J"},
    {"meV", "1.602176634e-22 J"},
    {"keV", "1.602176634e-16 J"},
    {"MeV", "1.602176634e-13 J"},
    {"GeV", "1.602176634e-10 J"},
    {"electronvolt", "1.602176634e-19 J"},
    {"u", "1.66053906660e-27 kg"},
    {"amu", "1.66053906660e-27 kg"},
    {"Da", "1.66053906660e-27 kg"},
    {"kDa", "1.66053906660e-24 kg"},
    {"dalton", "1.66053906660e-27 kg"},
    {"torr", "101325 Pa / 760"},
    {"dyn", "1e-5 N"},
    {"P", "0.1 Pa s"},
    {"cP", "0.001 Pa s"},
    {"G", "1e-4 T"},
    {"M", "1000 mol/m3"},
    {"mM", "mol/m3"},
    {"uM", "1e-3 mol/m3"},
    {"µM", "1e-3 mol/m3"},
    {"μM", "1e-3 mol/m3"},
    {"nM", "1e-6 mol/m3"},
    {"‰", "0.001"},
    {"deg", "degree"},
    {"wk", "week"},
    {"a", "31557600 s"},
    {"mins", "min"},
    {"hrs", "h"},
    {"yd", "0.9144 m"},
};

constexpr Definition refused[] = {
    {"gal", N_("gal can mean us_gallon, imperial_gallon or a unit of acceleration: write one of them, or cm/s2")},
    {"gallon", N_("gallon can mean us_gallon or imperial_gallon: write one of them")},
    {"quart", N_("quart can mean us_quart or imperial_quart: write one of them")},
    {"qt", N_("qt can mean us_quart or imperial_quart: write one of them")},
    {"pint", N_("pint can mean us_pint or imperial_pint: write one of them")},
    {"pt", N_("pt can mean us_pint or imperial_pint: write one of them")},
    {"cup", N_("cup depends on the country: write us_cup, or mL")},
    {"floz", N_("floz can mean us_fluid_ounce or imperial_fluid_ounce: write one of them")},
    {"tbsp", N_("tbsp depends on the country: write us_tablespoon, or mL")},
    {"tsp", N_("tsp depends on the country: write us_teaspoon, or mL")},
    {"cal", N_("cal can mean cal_th (4.184 J) or cal_it (4.1868 J): write one of them")},
    {"calorie", N_("calorie can mean cal_th (4.184 J) or cal_it (4.1868 J): write one of them")},
    {"kcal", N_("kcal can mean kcal_th (4184 J) or kcal_it (4186.8 J): write one of them")},
    {"Cal", N_("Cal can mean kcal_th (4184 J) or kcal_it (4186.8 J): write one of them")},
    {"year", N_("year can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them")},
    {"years", N_("years can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them")},
    {"yr", N_("yr can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them")},
    {"yrs", N_("yrs can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them")},
    {"rpm", N_("rpm depends on whether a turn is an angle or a count: write turn/min, or 1/min")},
    {"ppt", N_("ppt can mean per thousand or per trillion: write ‰, or 1e-12")},
    {"ton", N_("ton is ambiguous: write t (1000 kg), short_ton or long_ton")},
    {"ct", N_("ct is not a unit here: for gems, write carat")},
    {"dpi", N_("dpi counts dots, which are not a unit here: write 1/in")},
    {"pH", N_("pH is a logarithm, not a unit: compute it with a formula")},
    {"dB", N_("dB is a logarithm, not a unit: compute it with a formula")},
};

constexpr std::pair<std::string_view, char> superscripts[] = {
    {"⁰", '0'}, {"¹", '1'}, {"²", '2'}, {"³", '3'}, {"⁴", '4'}, {"⁵", '5'}, {"⁶", '6'}, {"⁷", '7'},
    {"⁸", '8'}, {"⁹", '9'}, {"⁻", '-'}, {"−", '-'}, {"·", ' '}, {"⋅", ' '}, {"×", '*'},
};

/// Superscripts as plain digits, the minus and the signs of a product as the library takes them.
std::string plain_signs(std::string_view text) {
    std::string out;
    while (!text.empty()) {
        const auto sign = std::find_if(std::begin(superscripts), std::end(superscripts),
                                       [text](const auto& one) { return text.starts_with(one.first); });
        const bool replaced = sign != std::end(superscripts);
        out += replaced ? sign->second : text.front();
        text.remove_prefix(replaced ? sign->first.size() : 1);
    }
    return out;
}

bool of_name(char c) {
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || c == '_' || static_cast<unsigned char>(c) >= 0x80;
}

template <std::size_t count>
const Definition* find_name(const Definition (&list)[count], std::string_view name) {
    const auto place =
        std::find_if(std::begin(list), std::end(list), [name](const auto& one) { return one.name == name; });
    return place == std::end(list) ? nullptr : &*place;
}

} // namespace

Result<std::string> in_library_words(std::string_view unit) {
    const std::string text = plain_signs(unit);
    std::string out;
    for (std::size_t at = 0; at < text.size();) {
        std::size_t end = at;
        while (end < text.size() && of_name(text[end])) {
            ++end;
        }
        if (end == at) {
            out += text[at++];
            continue;
        }
        std::string_view name = std::string_view(text).substr(at, end - at);
        if (const Definition* no = find_name(refused, name)) {
            return Sentence{no->meaning, {}};
        }
        const Definition* known = find_name(definitions, name);
        out += known != nullptr ? "(" + std::string(known->meaning) + ")" : std::string(name);
        at = end;
    }
    return out;
}

} // namespace ledgefall
