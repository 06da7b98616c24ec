#pragma once

#include <QKeySequence>
#include <QMenu>

#include <functional>

namespace ledgefall {

/// Adds a command to a menu, with its keys and the icon of that name; `done` is called for it while `owner` is there.
QAction* add_action(QObject* owner, QMenu* menu, const QString& text, const QKeySequence& keys,
                    const std::function<void()>& done, const char* symbol = nullptr);

} // namespace ledgefall
