#include "app/numbers/format_choices.h"

#include <QCoreApplication>
#include <QInputDialog>

namespace ledgefall {
namespace {

QString words(const char* text) {
    return QCoreApplication::translate("FormatChoices", text);
}

} // namespace

QList<FormatChoice> format_choices() {
    using Style = Format::Style;
    QList<FormatChoice> all = {{words(QT_TRANSLATE_NOOP("FormatChoices", "As needed")), {}}};
    for (const int digits : {0, 1, 2, 3, 4, 6}) {
        all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Decimals: %1")).arg(digits), {Style::decimals, digits}});
    }
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Per cent")), {Style::percent, 0}});
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Per cent, 1 decimal")), {Style::percent, 1}});
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "3 significant figures")), {Style::significant, 3}});
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Powers of ten")), {Style::scientific, 3}});
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Fractions, such as 3 1/4…")), {Style::fraction, 0}});
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Angles from radians: 57.3°")), {Style::degrees, 1}});
    all.append(
        {words(QT_TRANSLATE_NOOP("FormatChoices", "Angles from radians: 57°17′45″")), {Style::degrees_minutes, 0}});
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Dates: 20 May 2026")), {Style::day_month, 0}});
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Dates: Wed 20 May 2026")), {Style::weekday, 0}});
    all.append({words(QT_TRANSLATE_NOOP("FormatChoices", "Dates: May 2026")), {Style::month_year, 0}});
    return all;
}

void add_format_choices(QMenu* menu, const Format& now, const std::function<void(const Format&)>& chosen) {
    for (const FormatChoice& one : format_choices()) {
        const bool fraction = one.format.style == Format::Style::fraction;
        QAction* action = menu->addAction(one.text, menu, [menu, chosen, fraction, now, format = one.format] {
            const std::optional<Format> complete =
                fraction ? ask_for_denominator(menu->parentWidget(), now) : std::optional(format);
            if (complete) {
                chosen(*complete);
            }
        });
        action->setCheckable(true);
        action->setChecked(fraction ? now.style == one.format.style : now == one.format);
    }
    tell_of_rounding(menu);
}

std::optional<Format> ask_for_denominator(QWidget* parent, const Format& now) {
    constexpr int usual = 16;
    constexpr int most = 999'999;
    bool accepted = false;
    const int before = now.style == Format::Style::fraction && now.digits > 0 ? now.digits : usual;
    const int largest = QInputDialog::getInt(parent, words(QT_TRANSLATE_NOOP("FormatChoices", "Fractions")),
                                             words(QT_TRANSLATE_NOOP("FormatChoices", "The largest denominator:")),
                                             before, 1, most, 1, &accepted);
    return accepted ? std::optional(Format{Format::Style::fraction, largest}) : std::nullopt;
}

void tell_of_rounding(QMenu* menu) {
    menu->addSeparator();
    menu->addAction(words(QT_TRANSLATE_NOOP(
                        "FormatChoices", "Only what is shown changes. To round the value itself, write round(x, 2).")))
        ->setEnabled(false);
}

} // namespace ledgefall
