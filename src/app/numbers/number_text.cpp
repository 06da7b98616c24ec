#include "app/numbers/number_text.h"

#include "app/numbers/cause_info.h"
#include "app/numbers/locale_text.h"
#include "core/value/date.h"
#include "core/value/decimals.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>

namespace ledgefall {
namespace {

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

} // namespace

QString number_text(double number, const Format& format) {
    return with_groups(with_decimal_sign(QString::fromStdString(format.text(number))));
}

Format format_for_unit(const Format& format, const std::string& unit, const Settings& settings) {
    if (!format.automatic() || unit != "rad" || settings.angles == Settings::Angles::radians) {
        return format;
    }
    return {settings.angles == Settings::Angles::degrees ? Format::Style::degrees : Format::Style::degrees_minutes, 0};
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
    const char* pattern = format.shown_as().date_pattern;
    if (pattern != nullptr && value.plain() && value.kind() == Kind::date) {
        const QDate date = QDate(1970, 1, 1).addDays(day_of(milliseconds_of(value.number())));
        return QLocale().toString(date, QCoreApplication::translate("Sentence", pattern));
    }
    if (value.plain() && value.kind() == Kind::yes_no) {
        return value.yes() ? QCoreApplication::translate("Value", "yes") : QCoreApplication::translate("Value", "no");
    }
    return QString::fromStdString(write_cell(value));
}

QString beginning_of(const QString& text) {
    constexpr qsizetype most = 600;
    return text.size() <= most ? text : text.left(most) + QStringLiteral("…");
}

QString told_text(const Value& value) {
    constexpr int figures = 12;
    return value.plain() && value.kind() == Kind::number
               ? exact_text(Value::number(rounded_to_figures(value.number(), figures)))
               : exact_text(value);
}

QString exact_text(const Value& value) {
    if (value.plain() && value.kind() == Kind::number) {
        QString text = QString::fromStdString(shortest(value.number()));
        if (text.startsWith(QLatin1Char('-'))) {
            text.replace(0, 1, QChar(0x2212));
        }
        return with_decimal_sign(text);
    }
    return value_text(value, {});
}

} // namespace ledgefall
