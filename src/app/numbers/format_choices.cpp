#include "app/numbers/format_choices.h"

#include <QCoreApplication>
#include <QInputDialog>

namespace ledgefall {
namespace {

QString words(const char* text) {
    return QCoreApplication::translate("Sentence", text);
}

} // namespace

QList<FormatChoice> format_choices() {
    QList<FormatChoice> all;
    int style = 0;
    for (const NumberStyle& known : number_styles()) {
        for (const NumberStyle::Choice& choice : known.choices) {
            all.append({words(choice.text).replace(QStringLiteral("%1"), QString::number(choice.digits)),
                        {static_cast<Format::Style>(style), choice.digits}});
        }
        ++style;
    }
    return all;
}

std::optional<Format> completed(QWidget* parent, const Format& format, const Format& now) {
    constexpr int usual = 16;
    const NumberStyle& style = format.shown_as();
    if (style.asks == nullptr) {
        return format;
    }
    bool accepted = false;
    const int before = now.style == format.style && now.digits > 0 ? now.digits : usual;
    const int digits = QInputDialog::getInt(parent, QCoreApplication::translate("FormatChoices", "Number format"),
                                            words(style.asks), before, style.fewest, style.most, 1, &accepted);
    return accepted ? std::optional(Format{format.style, digits}) : std::nullopt;
}

void add_format_choices(QMenu* menu, const Format& now, const std::function<void(const Format&)>& chosen) {
    for (const FormatChoice& one : format_choices()) {
        const bool asks = one.format.shown_as().asks != nullptr;
        QAction* action = menu->addAction(one.text, menu, [menu, chosen, now, format = one.format] {
            if (const auto complete = completed(menu->parentWidget(), format, now)) {
                chosen(*complete);
            }
        });
        action->setCheckable(true);
        action->setChecked(asks ? now.style == one.format.style : now == one.format);
    }
    tell_of_rounding(menu);
}

void tell_of_rounding(QMenu* menu) {
    menu->addSeparator();
    menu->addAction(QCoreApplication::translate(
                        "FormatChoices", "Only the display changes. To round the value itself, use round(x, 2)."))
        ->setEnabled(false);
}

} // namespace ledgefall
