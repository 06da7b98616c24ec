#include "app/look/menu_action.h"

#include "app/look/look.h"

#include <memory>

Q_DECLARE_METATYPE(std::shared_ptr<ledgefall::CommandFacts>)

namespace ledgefall {

QAction* add_action(QObject* owner, QMenu* menu, const QString& text, const QKeySequence& keys,
                    const std::function<void()>& done, const char* symbol) {
    QAction* action = menu->addAction(text);
    if (symbol != nullptr) {
        action->setIcon(drawn_icon(QLatin1String(symbol)));
    }
    action->setShortcut(keys);
    QObject::connect(action, &QAction::triggered, owner, [done] { done(); });
    return action;
}

namespace {

const char* const facts_property = "ledgefall_facts";

/// Grey while the menu is open, for what its entries say then.
void say_what_fits(QMenu* menu) {
    for (QAction* action : menu->actions()) {
        const QString reason = why_not(*action);
        if (!reason.isEmpty() && action->isEnabled()) {
            action->setProperty("ledgefall_grey", true);
            action->setEnabled(false);
            action->setText(action->text() + QLatin1Char('\t') + reason);
        }
    }
}

void answer_keys_again(QMenu* menu) {
    for (QAction* action : menu->actions()) {
        if (action->property("ledgefall_grey").toBool()) {
            action->setProperty("ledgefall_grey", false);
            action->setText(action->text().section(QLatin1Char('\t'), 0, 0));
            action->setEnabled(true);
        }
    }
}

} // namespace

QAction* with_facts(QAction* action, CommandFacts facts) {
    action->setProperty(facts_property, QVariant::fromValue(std::make_shared<CommandFacts>(std::move(facts))));
    for (QObject* object : action->associatedObjects()) {
        auto* menu = qobject_cast<QMenu*>(object);
        if (menu != nullptr && !menu->property(facts_property).toBool()) {
            menu->setProperty(facts_property, true);
            QObject::connect(menu, &QMenu::aboutToShow, menu, [menu] { say_what_fits(menu); });
            QObject::connect(menu, &QMenu::aboutToHide, menu, [menu] { answer_keys_again(menu); });
        }
    }
    return action;
}

const CommandFacts& facts_of(const QAction& action) {
    static const CommandFacts none;
    const auto facts = action.property(facts_property).value<std::shared_ptr<CommandFacts>>();
    return facts ? *facts : none;
}

QString why_not(const QAction& action) {
    const CommandFacts& facts = facts_of(action);
    return facts.why_not ? facts.why_not() : QString();
}

QString bare_text(const QAction& action) {
    return action.text().section(QLatin1Char('\t'), 0, 0).remove(QLatin1Char('&'));
}

} // namespace ledgefall
