#include "core/study/formats/format.h"

#include "core/basics/marked_text.h"
#include "core/basics/sentence.h"
#include "core/study/formats/style_texts.h"

#include <algorithm>
#include <cmath>
#include <iterator>

namespace ledgefall {
namespace {

using Choice = NumberStyle::Choice;
constexpr Choice as_needed[] = {{N_("Automatic")}};
constexpr Choice decimals[] = {{N_("Decimals: %1"), 0}, {N_("Decimals: %1"), 1}, {N_("Decimals: %1"), 2},
                               {N_("Decimals: %1"), 3}, {N_("Decimals: %1"), 4}, {N_("Decimals: %1"), 6}};
constexpr Choice percent[] = {{N_("Per cent"), 0}, {N_("Per cent, 1 decimal"), 1}};
constexpr Choice significant[] = {{N_("3 significant figures"), 3}};
constexpr Choice scientific[] = {{N_("Powers of ten"), 3}};
constexpr Choice fractions[] = {{N_("Fractions: 3 1/4…")}};
constexpr Choice degrees[] = {{N_("Angles in degrees: 57.3°"), 1}};
constexpr Choice degrees_minutes[] = {{N_("Angles in degrees: 57°17′45″")}};
constexpr Choice day_month[] = {{N_("Dates: 20 May 2026")}};
constexpr Choice weekday[] = {{N_("Dates: Wed 20 May 2026")}};
constexpr Choice month_year[] = {{N_("Dates: May 2026")}};

constexpr NumberStyle styles[] = {
    {.word = "automatic", .text = automatic_text, .choices = as_needed},
    {.word = "decimals", .text = decimals_text, .choices = decimals, .fixed_decimals = true, .sheet_ending = ""},
    {.word = "percent",
     .text = percent_text,
     .choices = percent,
     .scale = 100,
     .fixed_decimals = true,
     .sheet_ending = "%"},
    {.word = "significant", .text = significant_text, .choices = significant, .fewest = 1},
    {.word = "scientific", .text = scientific_text, .choices = scientific, .sheet_ending = "E+00"},
    {.word = "fraction",
     .text = fraction_text,
     .choices = fractions,
     .asks = N_("Largest denominator:"),
     .digits_word = "largest_denominator",
     .fewest = 1,
     .most = 999'999},
    {.word = "degrees", .text = degrees_text, .choices = degrees},
    {.word = "degrees_minutes", .text = degrees_minutes_text, .choices = degrees_minutes},
    {.word = "day_month", .text = automatic_text, .choices = day_month, .date_pattern = N_("d MMM yyyy")},
    {.word = "weekday", .text = automatic_text, .choices = weekday, .date_pattern = N_("ddd d MMM yyyy")},
    {.word = "month_year", .text = automatic_text, .choices = month_year, .date_pattern = N_("MMMM yyyy")},
};
static_assert(std::size(styles) == static_cast<std::size_t>(Format::Style::month_year) + 1);

} // namespace

std::span<const NumberStyle> number_styles() {
    return styles;
}

const NumberStyle& Format::shown_as() const {
    return styles[static_cast<std::size_t>(style)];
}

std::string Format::text(double number) const {
    return std::isfinite(number) ? shown_as().text(number == 0 ? 0 : number, digits) // no minus before zero
                                 : shortest(number);
}

std::string Format::sheet_code() const {
    const char* ending = shown_as().sheet_ending;
    if (ending == nullptr) {
        return {};
    }
    return (digits > 0 ? "0." + std::string(static_cast<std::size_t>(digits), '0') : "0") + ending;
}

Format Format::with_more(int digits_more) const {
    Format out = *this;
    if (automatic()) {
        out = {Style::decimals, 2};
    }
    const NumberStyle& shown = out.shown_as();
    const bool denominators = style == Style::fraction; // of a digit more or less
    const int wanted = !denominators     ? out.digits + digits_more
                       : digits_more > 0 ? out.digits * 10 + 9
                                         : out.digits / 10;
    out.digits = std::clamp(wanted, shown.fewest, shown.most);
    return out;
}

} // namespace ledgefall
