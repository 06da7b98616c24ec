#include "app/numbers/locale_text.h"

#include "core/value/value.h"

#include <QLocale>

namespace ledgefall {
namespace {

QChar decimal_sign() {
    const QString sign = QLocale().decimalPoint();
    return sign == QStringLiteral(",") ? QLatin1Char(',') : QLatin1Char('.');
}

} // namespace

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
