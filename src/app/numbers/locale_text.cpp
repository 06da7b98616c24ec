#include "app/numbers/locale_text.h"

#include "core/value/value.h"

#include <QLocale>

namespace ledgefall {
namespace {

Settings& settings_in_use() {
    thread_local Settings settings;
    return settings;
}

QChar decimal_sign() {
    using Sign = Settings::DecimalSign;
    const Sign sign = settings_in_use().decimal_sign;
    const bool comma =
        sign == Sign::comma || (sign == Sign::of_the_desktop && QLocale().decimalPoint() == QStringLiteral(","));
    return comma ? QLatin1Char(',') : QLatin1Char('.');
}

} // namespace

bool spell_numbers_by(const Settings& settings) {
    Settings& now = settings_in_use();
    const bool same =
        now.decimal_sign == settings.decimal_sign && now.grouping == settings.grouping && now.angles == settings.angles;
    now = settings;
    return !same;
}

SpelledBy::SpelledBy(const Settings& settings)
    : before_(std::exchange(settings_in_use(), settings)) {}

SpelledBy::~SpelledBy() {
    settings_in_use() = before_;
}

QString group_sign() {
    switch (settings_in_use().grouping) {
    case Settings::Grouping::none:
        break;
    case Settings::Grouping::space:
        return QString(QChar(0x202F)); // narrow, and no line ends there
    case Settings::Grouping::sign:
        return decimal_sign() == QLatin1Char('.') ? QStringLiteral(",") : QStringLiteral(".");
    }
    return {};
}

QString with_decimal_sign(QString text) {
    return decimal_sign() == QLatin1Char('.') ? text : text.replace(QLatin1Char('.'), decimal_sign());
}

QString field_text(double number) {
    return with_decimal_sign(QString::fromStdString(shortest(number)));
}

std::optional<double> typed_number(const QString& typed) {
    return read_spelled_number(typed.toStdString(), own_spelling());
}

Spelling own_spelling() {
    const QString date = QLocale().dateFormat(QLocale::ShortFormat).toLower();
    return {decimal_sign().toLatin1(), date.indexOf(u'm') < date.indexOf(u'd') && !date.startsWith(u'y')};
}

std::string with_point(const QString& typed) {
    std::string text = typed.toStdString();
    if (decimal_sign() == QLatin1Char('.') || !typed.contains(QLatin1Char(','))) {
        return text;
    }
    const auto number = read_spelled_number(text, ',');
    return number ? shortest(*number) : text;
}

} // namespace ledgefall
