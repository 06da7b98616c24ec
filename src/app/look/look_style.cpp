#include "app/look/look_style.h"

#include "app/look/look.h"

namespace ledgefall {

LookStyle::LookStyle()
    : QProxyStyle(QStringLiteral("Fusion")) {}

int LookStyle::styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                         QStyleHintReturn* returned) const {
    return hint == SH_DialogButtonBox_ButtonsHaveIcons ? 0 : QProxyStyle::styleHint(hint, option, widget, returned);
}

QIcon LookStyle::standardIcon(StandardPixmap symbol, const QStyleOption* option, const QWidget* widget) const {
    switch (symbol) {
    case SP_MessageBoxQuestion:
        return drawn_icon(QStringLiteral("question"));
    case SP_MessageBoxWarning:
    case SP_MessageBoxCritical:
        return drawn_icon(QStringLiteral("broken"));
    case SP_MessageBoxInformation:
        return drawn_icon(QStringLiteral("holds"));
    default:
        return QProxyStyle::standardIcon(symbol, option, widget);
    }
}

} // namespace ledgefall
