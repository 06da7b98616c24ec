#include "app/theme/focus.h"

#include "app/theme/tab_order.h"

namespace ledgefall {

bool focus_inside(QWidget& part) {
    if (QWidget* chosen = part.focusProxy(); chosen != nullptr && chosen->isVisible()) {
        chosen->setFocus(Qt::TabFocusReason);
        return true;
    }
    for (QWidget* inside : in_order_of_layout(part) + part.findChildren<QWidget*>()) {
        const bool takes_keys = (inside->focusPolicy() & Qt::TabFocus) != 0 && inside->focusProxy() == nullptr;
        if (takes_keys && inside->isEnabled() && inside->isVisible()) {
            inside->setFocus(Qt::TabFocusReason);
            return true;
        }
    }
    return false;
}

} // namespace ledgefall
