#include "app/numbers/number_text.h"

#include "app/numbers/cause_info.h"
#include "app/numbers/locale_text.h"
#include "core/value/date.h"
#include "core/value/decimals.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>

#include <algorithm>
#include <charconv>
#include <cmath>

namespace ledgefall {
namespace {

QString with_minus(QString text) {
    if (text.startsWith(QLatin1Char('-'))) {
        text.replace(0, 1, QChar(0x2212));
    }
    return text;
}

/// Ten to a power as it is written by hand: 3.2·10⁻⁷
QString scientific(double number, int digits) {
    const QString text = QString::number(number, 'e', digits);
    const qsizetype mark = text.indexOf(QLatin1Char('e'));
    const int exponent = text.mid(mark + 1).toInt();
    static const QString raised = QStringLiteral("⁰¹²³⁴⁵⁶⁷⁸⁹");
    QString power;
    for (const QChar c : QString::number(std::abs(exponent))) {
        power += raised[c.digitValue()];
    }
    return with_minus(text.left(mark)) + QStringLiteral("·10") + (exponent < 0 ? QStringLiteral("⁻") : QString()) +
           power;
}

/// How many decimals the number is written with.
int decimals_written(double number) {
    // Ten significant figures: what arithmetic leaves behind them, as in 0.30000000000000004, asks for no decimals.
    char digits[40];
    const auto end_of_digits =
        std::to_chars(digits, digits + sizeof digits, number, std::chars_format::general, 10).ptr;
    const std::string_view text(digits, static_cast<std::size_t>(end_of_digits - digits));
    const std::size_t mark = text.find('e');
    const std::size_t point = text.find('.');
    const std::size_t end = mark == std::string::npos ? text.size() : mark;
    const int written = point == std::string::npos || point > end ? 0 : static_cast<int>(end - point - 1);
    int exponent = 0;
    if (mark != std::string::npos) {
        const std::size_t sign = text[mark + 1] == '+' ? 1 : 0; // which from_chars does not read
        std::from_chars(digits + mark + 1 + sign, end_of_digits, exponent);
    }
    return std::max(0, written - exponent);
}

int decimals_for(double largest, int significant) {
    const int before = largest > 0 ? static_cast<int>(std::floor(std::log10(largest))) + 1 : 1;
    return std::clamp(significant - std::max(before, 1), 0, 12);
}

constexpr double huge = 1e12;
constexpr double small = 1e-5;

QString automatic(double number) {
    const double size = std::fabs(number);
    if (size != 0 && (size >= huge || size < small)) {
        return scientific(number, 4);
    }
    const int leading_zeros = size != 0 && size < 1 ? static_cast<int>(-std::floor(std::log10(size))) - 1 : 0;
    const int decimals = std::min(decimals_written(number), decimals_for(size, 6) + leading_zeros);
    QString text = QString::number(number, 'f', decimals);
    while (text.contains(QLatin1Char('.')) && (text.endsWith(QLatin1Char('0')) || text.endsWith(QLatin1Char('.')))) {
        text.chop(1);
    }
    return with_minus(text);
}

/// The nearest fraction whose denominator is at most `largest`, by continued fractions, with the whole part
/// before it: 3 1/4.
QString fraction(double number, int largest) {
    const double size = std::fabs(number);
    if (size >= 1e9) {
        return automatic(number);
    }
    const double most = std::clamp(largest, 1, 999'999);
    const double whole = std::floor(size);
    double rest = size - whole;
    double n0 = 0;
    double d0 = 1; // the convergent before
    double n1 = 1;
    double d1 = 0;
    double x = rest;
    double n = std::round(rest);
    double d = 1;
    for (int step = 0; step < 40; ++step) {
        const double a = std::floor(x);
        const double n2 = a * n1 + n0;
        const double d2 = a * d1 + d0;
        if (d2 > most) {
            const double part = std::floor((most - d0) / d1); // the last semiconvergent that still fits
            const double half_n = part * n1 + n0;
            const double half_d = part * d1 + d0;
            const bool nearer = d1 == 0 || std::fabs(half_n / half_d - rest) < std::fabs(n1 / d1 - rest);
            n = nearer ? half_n : n1;
            d = nearer ? half_d : d1;
            break;
        }
        n0 = n1;
        d0 = d1;
        n = n1 = n2;
        d = d1 = d2;
        if (std::fabs(n / d - rest) < 1e-12 || x == a) {
            break;
        }
        x = 1 / (x - a);
    }
    const double carried = n == d ? whole + 1 : whole;
    QString text = n == 0 || n == d ? QString::number(carried, 'f', 0)
                   : whole == 0     ? QString()
                                    : QString::number(whole, 'f', 0) + QChar(0x2005);
    if (n != 0 && n != d) {
        text += QStringLiteral("%1⁄%2").arg(n, 0, 'f', 0).arg(d, 0, 'f', 0);
    }
    return number < 0 && text != QStringLiteral("0") ? QChar(0x2212) + text : text;
}

constexpr double degrees_of_radian = 57.295779513082320876798154814105;

/// An angle in radians as degrees, minutes and seconds, rounded to whole seconds.
QString degrees_and_minutes(double radians) {
    const double seconds = std::round(std::fabs(radians) * degrees_of_radian * 3600);
    if (!(seconds < 1e15)) {
        return automatic(radians);
    }
    const auto whole = static_cast<long long>(seconds);
    const QString text = QStringLiteral("%1°%2′%3″").arg(whole / 3600).arg(whole / 60 % 60).arg(whole % 60);
    return radians < 0 && whole != 0 ? QChar(0x2212) + text : text;
}

/// With thousands grouped, where the study asks for it. Numbers of four digits stay together where a space groups.
QString with_groups(QString text) {
    const QString sign = group_sign();
    if (sign.isEmpty()) {
        return text;
    }
    qsizetype from = 0;
    while (from < text.size() && !text[from].isDigit()) {
        ++from;
    }
    qsizetype end = from;
    while (end < text.size() && text[end].isDigit()) {
        ++end;
    }
    const qsizetype least = sign.front().isSpace() ? 5 : 4;
    for (qsizetype at = end - 3; end - from >= least && at > from; at -= 3) {
        text.insert(at, sign);
    }
    return text;
}

/// A date in words.
QString date_text(double days, Format::Style style) {
    const QDate date = QDate(1970, 1, 1).addDays(day_of(milliseconds_of(days)));
    const QString pattern = style == Format::Style::weekday      ? QCoreApplication::translate("Date", "ddd d MMM yyyy")
                            : style == Format::Style::month_year ? QCoreApplication::translate("Date", "MMMM yyyy")
                                                                 : QCoreApplication::translate("Date", "d MMM yyyy");
    return QLocale().toString(date, pattern);
}

} // namespace

namespace {

QString number_with_point(double number, const Format& format) {
    const double shown = number == 0 ? 0 : number; // no minus before zero
    switch (format.style) {
    case Format::Style::automatic:
        return automatic(shown);
    case Format::Style::decimals:
        return with_minus(QString::number(shown, 'f', format.digits));
    case Format::Style::significant: {
        const QString text = QString::number(shown, 'g', std::max(format.digits, 1));
        return text.contains(QLatin1Char('e')) ? scientific(shown, std::max(format.digits, 1) - 1) : with_minus(text);
    }
    case Format::Style::percent:
        return with_minus(QString::number(shown * 100, 'f', format.digits)) + QStringLiteral("\u202F%");
    case Format::Style::scientific:
        return scientific(shown, format.digits);
    case Format::Style::fraction:
        return fraction(shown, format.digits);
    case Format::Style::degrees: {
        const QString text = format.digits > 0
                                 ? with_minus(QString::number(shown * degrees_of_radian, 'f', format.digits))
                                 : automatic(shown * degrees_of_radian);
        return text + QStringLiteral("°");
    }
    case Format::Style::degrees_minutes:
        return degrees_and_minutes(shown);
    case Format::Style::day_month:
    case Format::Style::weekday:
    case Format::Style::month_year:
        return automatic(shown);
    }
    return {};
}

} // namespace

QString number_text(double number, const Format& format) {
    return with_groups(with_decimal_sign(number_with_point(number, format)));
}

Format format_for_unit(const Format& format, const std::string& unit, const Settings& settings) {
    if (format.style != Format::Style::automatic || unit != "rad" || settings.angles == Settings::Angles::radians) {
        return format;
    }
    return {settings.angles == Settings::Angles::degrees ? Format::Style::degrees : Format::Style::degrees_minutes, 0};
}

Format settled_format(const Format& format, const Column& cells) {
    if (format.style != Format::Style::automatic || cells.kind() != Kind::number) {
        return format;
    }
    // A sample is enough: all of the first rows, as every second may need a decimal more, and some from all over.
    constexpr std::size_t most = 200;
    const std::size_t step = std::max<std::size_t>(1, cells.size() / most);
    double largest = 0;
    double least = huge;
    int needed = 0;
    for (std::size_t row = 0; row < cells.size(); row += row < most ? 1 : step) {
        const Value value = cells.at(row);
        if (value.plain() && value.number() != 0) {
            largest = std::max(largest, std::fabs(value.number()));
            least = std::min(least, std::fabs(value.number()));
            needed = std::max(needed, decimals_written(value.number()));
        }
    }
    if (largest >= huge || (largest > 0 && largest < small)) {
        return {Format::Style::scientific, 4};
    }
    const int zeros = largest > 0 && largest < 1 ? static_cast<int>(-std::floor(std::log10(largest))) - 1 : 0;
    return {Format::Style::decimals, std::min(needed, decimals_for(largest, 6) + zeros)};
}

bool seems_exact(double number, const Format& format) {
    const bool percent = format.style == Format::Style::percent;
    if ((!percent && format.style != Format::Style::decimals) || number == 0) {
        return false;
    }
    const double size = std::fabs(number) * (percent ? 100 : 1);
    const double half = 0.5 * std::pow(10.0, -format.digits);
    // What arithmetic leaves behind is no difference: a share of 0.9999999999999999 is shown as 100 %.
    const bool nothing = size < half && std::fabs(number) > 1e-14;
    const bool whole = percent && std::fabs(size - 100) < half && std::fabs(std::fabs(number) - 1) > 1e-12;
    return nothing || whole;
}

QString place_in_words(std::size_t row, std::size_t columns) {
    return columns == 0 ? QCoreApplication::translate("Places", "row %1").arg(row)
                        : QCoreApplication::translate("Places", "row %1, column %2")
                              .arg((row - 1) / columns + 1)
                              .arg((row - 1) % columns + 1);
}

QString rounded_to_zero_text(const Format& format) {
    return QStringLiteral("≈") + number_text(0, format);
}

QString waited_for(const Value& value) {
    return value.is_fault() ? QString::fromStdString(value.fault().at().waits_for) : QString();
}

QString value_text(const Value& value, const Format& format) {
    if (value.is_fault()) {
        const QString waited = waited_for(value);
        return waited.isEmpty() ? cause_word(value.fault().at().cause)
                                : QCoreApplication::translate("Fault", "waits for %1").arg(waited);
    }
    if (value.is_missing()) {
        return {};
    }
    if (value.plain() && value.kind() == Kind::number) {
        const QString text = number_text(value.number(), format);
        return seems_exact(value.number(), format) ? QStringLiteral("≈") + text : text;
    }
    const bool in_words = format.style == Format::Style::day_month || format.style == Format::Style::weekday ||
                          format.style == Format::Style::month_year;
    if (value.plain() && value.kind() == Kind::date && in_words) {
        return date_text(value.number(), format.style);
    }
    if (value.plain() && value.kind() == Kind::yes_no) {
        return value.yes() ? QCoreApplication::translate("Value", "yes") : QCoreApplication::translate("Value", "no");
    }
    return QString::fromStdString(write_cell(value));
}

QString told_text(const Value& value) {
    constexpr int figures = 12;
    return value.plain() && value.kind() == Kind::number
               ? exact_text(Value::number(rounded_to_figures(value.number(), figures)))
               : exact_text(value);
}

QString exact_text(const Value& value) {
    if (value.plain() && value.kind() == Kind::number) {
        return with_decimal_sign(with_minus(QString::fromStdString(shortest(value.number()))));
    }
    return value_text(value, {});
}

} // namespace ledgefall
