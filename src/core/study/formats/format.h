#pragma once

#include <cstdint>
#include <span>
#include <string>
#include <string_view>

namespace ledgefall {

struct NumberStyle;

/// How numbers are shown; the value behind them is never touched.
struct Format {
    /// In the order in which menus offer them, and in which format.cpp describes them.
    enum class Style : std::uint8_t {
        automatic,
        decimals,
        percent,
        significant,
        scientific,
        fraction,        ///< a whole number and a fraction with a denominator up to `digits`: 3 1/4
        degrees,         ///< of angles in radians: 57.3°
        degrees_minutes, ///< of angles in radians, to the second: 57°17′45″
        day_month,       ///< of dates: 20 May 2026
        weekday,         ///< Wed 20 May 2026
        month_year,      ///< May 2026
    };
    Style style = Style::automatic;
    int digits = 0; ///< decimals, significant figures, or the largest denominator
    std::string unknown_fields = {};

    bool automatic() const { return style == Style::automatic; }
    /// Itself, or where it is automatic, another.
    const Format& or_else(const Format& other) const { return automatic() ? other : *this; }
    const NumberStyle& shown_as() const;
    /// A number with a decimal point, a true minus and no grouping.
    std::string text(double number) const;
    /// The code by which worksheets show such numbers, as "0.00%"; empty where they have none.
    std::string sheet_code() const;
    /// With so many decimals or figures more, within what the style can show.
    Format with_more(int digits_more) const;
    friend bool operator==(const Format&, const Format&) = default;
};

/// All that is known of one way of showing numbers.
struct NumberStyle {
    /// A choice of a menu; the text is to be translated.
    struct Choice {
        const char* text;
        int digits = 0;
    };
    std::string_view word; ///< in files
    std::string (*text)(double number, int digits);
    std::span<const Choice> choices;
    double scale = 1;            ///< what a number is multiplied by before it is shown: 100 of per cent
    bool fixed_decimals = false; ///< what is smaller than its decimals is shown as 0
    const char* sheet_ending =
        nullptr; ///< what follows the digits in a worksheet's code; none: worksheets have no such
    const char* date_pattern = nullptr;      ///< by which dates are shown, to be translated
    const char* asks = nullptr;              ///< the question for the digits, where a choice asks for them
    std::string_view digits_word = "digits"; ///< of the digits in files
    int fewest = 0, most = 15;
};

/// Every style, in the order of Format::Style.
std::span<const NumberStyle> number_styles();

} // namespace ledgefall
