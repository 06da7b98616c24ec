#pragma once

#include <QKeySequence>
#include <QMenu>

#include <functional>

namespace ledgefall {

/// Adds a command to a menu, with its keys and the icon of that name; `done` is called for it while `owner` is there.
QAction* add_action(QObject* owner, QMenu* menu, const QString& text, const QKeySequence& keys,
                    const std::function<void()>& done, const char* symbol = nullptr);

/// What is told of a command beside its name.
struct CommandFacts {
    QString words;                    ///< by which it is found too
    std::function<QString()> why_not; ///< why it does not fit what is chosen; empty where it does
};

/// Adds the facts. While its menu is open, a command that does not fit is grey, and says why where its keys would
/// stand; at other times it answers its keys, and refuses with a sentence.
QAction* with_facts(QAction* action, CommandFacts facts);
const CommandFacts& facts_of(const QAction& action);
/// Why a command does not fit now; empty where it does.
QString why_not(const QAction& action);
/// The text of a command without what is put behind it while it is grey, and without the mark of its key.
QString bare_text(const QAction& action);

} // namespace ledgefall
