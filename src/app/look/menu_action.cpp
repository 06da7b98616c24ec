#include "app/look/menu_action.h"

#include "app/look/look.h"

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

} // namespace ledgefall
