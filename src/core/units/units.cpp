// Conversion of units by UDUNITS-2, behind one lock: the library's tables of units belong to no thread.

#include "core/units/units.h"

#include "core/basics/trimmed.h"
#include "core/units/unit_names.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <charconv>
#include <clocale>
#include <cmath>
#include <map>
#include <mutex>
#include <optional>
#include <set>
#include <string>
#include <udunits2.h>

namespace ledgefall {
namespace {

struct System {
    std::mutex mutex;
    ut_system* units = nullptr;
    std::map<std::pair<std::string, std::string>, std::shared_ptr<const Conversion>> conversions;

    System() {
        ut_set_error_message_handler(ut_ignore);
        units = ut_read_xml(nullptr);
    }
};

System& system() {
    static System instance;
    return instance;
}

using Unit = std::unique_ptr<ut_unit, void (*)(ut_unit*)>;

Unit unit(const std::string& text) {
    return {text.empty() ? nullptr : ut_parse(system().units, text.c_str(), UT_UTF8), &ut_free};
}

/// While it is there, numbers are read with a point on this thread, whatever the desktop's language: the library reads
/// its tables and the units' factors by the C library.
class NumbersWithPoint {
  public:
    NumbersWithPoint()
        : with_point_(newlocale(LC_NUMERIC_MASK, "C", nullptr))
        , before_(uselocale(with_point_)) {}
    ~NumbersWithPoint() {
        uselocale(before_);
        freelocale(with_point_);
    }
    NumbersWithPoint(const NumbersWithPoint&) = delete;
    NumbersWithPoint& operator=(const NumbersWithPoint&) = delete;

  private:
    locale_t with_point_, before_;
};

/// `y = a x + b`.
struct Line {
    long double a = 1, b = 0;
};

/// The line that a converter draws, where its numbers are short decimals, as those of most definitions are: an inch is
/// 25.4 mm, and degrees Fahrenheit are 1.8 of Celsius and 32. Then nothing is lost on the way over base units.
std::optional<Line> short_line(const cv_converter* converter) {
    const double at_0 = cv_convert_double(converter, 0);
    const double slope = cv_convert_double(converter, 1) - at_0;
    const auto rounded = [](double x) -> long double {
        constexpr int figures = 12;
        std::array<char, 40> text{};
        const auto end =
            std::to_chars(text.data(), text.data() + text.size(), x, std::chars_format::general, figures).ptr;
        long double read = x;
        std::from_chars(text.data(), end, read);
        return read;
    };
    const Line line{rounded(slope), rounded(at_0)};
    const auto near = [](long double a, long double b, double size) { return std::fabs(a - b) <= 1e-14L * size; };
    const double far = cv_convert_double(converter, 1000);
    const double size = std::fabs(slope) + std::fabs(at_0);
    const bool same =
        near(line.a, slope, size) && near(line.b, at_0, size) && near(line.a * 1000 + line.b, far, size * 1000);
    return same && line.a != 0 ? std::optional(line) : std::nullopt;
}

/// Whether a word in a unit is one of these; the library takes an angle for a plain number.
bool says(std::string_view unit, const std::set<std::string_view>& words) {
    const auto of_word = [](char c) { return std::isalpha(static_cast<unsigned char>(c)) != 0; };
    for (auto at = unit.begin(); at != unit.end();) {
        const auto from = std::find_if(at, unit.end(), of_word);
        at = std::find_if_not(from, unit.end(), of_word);
        if (words.contains(std::string_view(from, at))) {
            return true;
        }
    }
    return false;
}
bool says_cycles(std::string_view unit) {
    return says(unit, {"Hz", "mHz", "kHz", "MHz", "GHz", "THz", "hertz"});
}
bool says_angle(std::string_view unit) {
    return says(unit, {"rad", "mrad", "radian", "radians", "deg", "degree", "degrees", "turn", "turns", "revolution",
                       "revolutions", "arcminute", "arcsecond", "gon", "grad"}) ||
           unit == "°" || unit.starts_with("°/");
}

} // namespace

class Conversion::Converter {
  public:
    Converter(cv_converter* there, cv_converter* back)
        : converter_(there, &cv_free)
        , there_(short_line(there))
        , back_(short_line(back)) {
        cv_free(back);
    }
    double of(double x) const {
        if (back_ && (!there_ || std::fabs(back_->a) > 1)) {
            return static_cast<double>((x - back_->b) / back_->a);
        }
        return there_ ? static_cast<double>(there_->a * x + there_->b) : cv_convert_double(converter_.get(), x);
    }

  private:
    std::unique_ptr<cv_converter, void (*)(cv_converter*)> converter_;
    std::optional<Line> there_, back_;
};

Conversion::Conversion(std::unique_ptr<Converter> converter)
    : converter_(std::move(converter)) {}
Conversion::~Conversion() = default;

double Conversion::of(double number) const {
    return converter_->of(number);
}

Result<std::shared_ptr<const Conversion>> Conversion::between(std::string_view from_text, std::string_view to_text) {
    const std::pair key{std::string(trimmed(from_text)), std::string(trimmed(to_text))};
    const NumbersWithPoint numbers_with_point;
    System& units = system();
    const std::lock_guard lock(units.mutex);
    if (units.units == nullptr) {
        return Sentence{N_("the table of units cannot be read: install libudunits2-data"), {}};
    }
    if (const auto conversion = units.conversions.find(key); conversion != units.conversions.end()) {
        return conversion->second;
    }
    const Result<std::string> from_words = in_library_words(key.first);
    const Result<std::string> to_words = in_library_words(key.second);
    if (!from_words || !to_words) {
        return from_words ? to_words.refusal() : from_words.refusal();
    }
    const Unit from = unit(*from_words);
    const Unit to = unit(*to_words);
    if (!from || !to) {
        return Sentence{N_("%1 is not a known unit: write it like mm, m/s or °C"), {from ? key.second : key.first}};
    }
    if (says_angle(key.first) != says_angle(key.second) && (says_cycles(key.first) || says_cycles(key.second))) {
        return Sentence{N_("%1 cannot be converted to %2: one counts cycles, the other measures an angle; an angular "
                           "frequency is 2 * pi * f"),
                        {key.first, key.second}};
    }
    if (ut_are_convertible(from.get(), to.get()) == 0) {
        return Sentence{N_("%1 cannot be converted to %2: they measure different quantities"), {key.first, key.second}};
    }
    auto conversion = std::make_shared<const Conversion>(
        std::make_unique<Converter>(ut_get_converter(from.get(), to.get()), ut_get_converter(to.get(), from.get())));
    units.conversions.emplace(key, conversion);
    return std::shared_ptr<const Conversion>(conversion);
}

} // namespace ledgefall
