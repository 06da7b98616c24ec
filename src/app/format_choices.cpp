#include "app/format_choices.h"

#include <QCoreApplication>

namespace ledgefall {
namespace {

QString words(const char* text) {
    return QCoreApplication::translate("FormatChoices", text);
}

} // namespace

QList<FormatChoice> format_choices() {
    using Style = Format::Style;
    QList<FormatChoice> all = {{words("As needed"), {}}};
    for (const int digits : {0, 1, 2, 3, 4, 6}) {
        all.append({words("Decimals: %1").arg(digits), {Style::decimals, digits}});
    }
    all.append({words("Per cent"), {Style::percent, 0}});
    all.append({words("Per cent, 1 decimal"), {Style::percent, 1}});
    all.append({words("3 significant figures"), {Style::significant, 3}});
    all.append({words("Powers of ten"), {Style::scientific, 3}});
    all.append({words("Fractions: 3 1/4"), {Style::fraction, 1}});
    all.append({words("Fractions, two digits: 5/16"), {Style::fraction, 2}});
    all.append({words("Dates: 20 May 2026"), {Style::day_month, 0}});
    all.append({words("Dates: Wed 20 May 2026"), {Style::weekday, 0}});
    all.append({words("Dates: May 2026"), {Style::month_year, 0}});
    return all;
}

void add_format_choices(QMenu* menu, const Format& now, const std::function<void(const Format&)>& chosen) {
    for (const FormatChoice& one : format_choices()) {
        QAction* action = menu->addAction(one.text, menu, [chosen, format = one.format] { chosen(format); });
        action->setCheckable(true);
        action->setChecked(now == one.format);
    }
    tell_of_rounding(menu);
}

void tell_of_rounding(QMenu* menu) {
    menu->addSeparator();
    menu->addAction(words("Only what is shown changes. To round the value itself, write round(x, 2)."))
        ->setEnabled(false);
}

} // namespace ledgefall
