#include "app/shell/panes.h"

#include "app/theme/focus.h"

#include <QApplication>

namespace ledgefall {

/// The innermost part that has the focus; −1 where none has it.
qsizetype Panes::current() const {
    qsizetype match = -1;
    const QWidget* innermost = nullptr;
    const QWidget* focused = QApplication::focusWidget();
    for (qsizetype at = 0; at < parts_.size(); ++at) {
        const QWidget* part = parts_[at]();
        const bool holds = part != nullptr && focused != nullptr && (part == focused || part->isAncestorOf(focused));
        if (holds && (innermost == nullptr || innermost->isAncestorOf(part))) {
            match = at;
            innermost = part;
        }
    }
    return match;
}

void Panes::go(int by) {
    const qsizetype count = parts_.size();
    qsizetype at = current();
    at = at < 0 && by < 0 ? 0 : at;
    for (qsizetype step = 0; step < count; ++step) {
        at = (at + by + count) % count;
        QWidget* part = parts_[at]();
        if (part != nullptr && part->isVisible() && part->isEnabled() && focus_inside(*part)) {
            return;
        }
    }
}

} // namespace ledgefall
