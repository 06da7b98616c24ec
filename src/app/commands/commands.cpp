#include "app/commands/commands.h"

#include "app/theme/theme.h"

#include <algorithm>

namespace ledgefall {

Commands::Commands(const Requirements& requirements, QMenuBar* bar, QObject* parent)
    : QObject(parent)
    , requirements_(requirements)
    , bar_(bar) {}

QMenu* Commands::make_menu(const Command& command, QMenu* in) {
    QMenu* menu = command.opens != nullptr ? command.opens : new QMenu(command.text, bar_);
    if (in == nullptr) {
        bar_->addMenu(menu);
    } else {
        in->addMenu(menu);
        within_[menu] = path(command);
    }
    if (command.symbol != nullptr) {
        menu->setIcon(drawn_icon(QLatin1String(command.symbol)));
    }
    menu->setToolTipsVisible(true);
    if (command.fill) {
        connect(menu, &QMenu::aboutToShow, this, [menu, fill = command.fill] {
            menu->clear();
            fill(menu);
        });
        command.fill(menu);
    }
    // What does not fit is grey while its menu is open, and says why where its keys would stand. At other times it
    // answers its keys, and refuses with a sentence.
    connect(menu, &QMenu::aboutToShow, this, [this, menu] { say_what_fits(menu); });
    connect(menu, &QMenu::aboutToHide, this, &Commands::update, Qt::QueuedConnection);
    menus_[QLatin1String(command.id)] = menu;
    return menu;
}

void Commands::add(const QList<Command>& commands) {
    for (const Command& command : commands) {
        QMenu* in = command.menu == nullptr ? nullptr : menu(QLatin1String(command.menu));
        if (command.rule) {
            in->addSeparator();
        }
        if (!command.run) {
            make_menu(command, in);
            continue;
        }
        QAction* action = in->addAction(command.text);
        action->setObjectName(QLatin1String(command.id));
        if (command.symbol != nullptr) {
            action->setIcon(drawn_icon(QLatin1String(command.symbol)));
        }
        action->setShortcuts(command.keys);
        action->setCheckable(command.is_on != nullptr);
        all_.emplace_back(command, action);
        connect(action, &QAction::triggered, this, [this, command] { run(command); });
    }
}

void Commands::run(const Command& command) {
    const QString reason = why_not(command);
    if (reason.isEmpty()) {
        command.run();
    } else {
        requirements_.refuse(QString(command.text).remove(QLatin1Char('&')), reason);
    }
    update();
}

void Commands::update() {
    turn(requirements_.laid_across());
    for (const auto& [command, action] : all_) {
        word(command, *action);
    }
}

/// Its text is written anew only where it is another one, for a menu that is shown has given it a letter.
void Commands::word(const Command& command, QAction& action) const {
    const bool turned = across_ && !command.across_text.isEmpty();
    const QString text = command.named ? command.named() : turned ? command.across_text : command.text;
    if (action.data().toString() != text || action.text().contains(u'\t')) {
        action.setText(text);
        action.setData(text);
    }
    action.setEnabled(requirements_.possible(command.needs));
    if (command.is_on) {
        action.setChecked(command.is_on());
    }
}

/// What has a direction has another where the rows run to the right. No two may have the same keys at any time.
void Commands::turn(bool across) {
    if (across == across_) {
        return;
    }
    across_ = across;
    for (const auto& [command, action] : all_) {
        if (!command.across_text.isEmpty()) {
            action->setShortcuts(no_keys);
        }
    }
    for (const auto& [command, action] : all_) {
        if (!command.across_text.isEmpty()) {
            action->setShortcuts(across ? command.across_keys : command.keys);
        }
    }
}

void Commands::say_what_fits(const QMenu* menu) {
    turn(requirements_.laid_across());
    for (const auto& [command, action] : all_) {
        if (!menu->actions().contains(action)) {
            continue;
        }
        word(command, *action);
        const QString reason = why_not(command);
        if (!reason.isEmpty() && action->isEnabled()) {
            action->setEnabled(false);
            action->setText(action->text() + QLatin1Char('\t') + reason);
        }
    }
}

const Command& Commands::command(const QString& id) const {
    const auto known =
        std::find_if(all_.begin(), all_.end(), [&id](const auto& one) { return id == QLatin1String(one.first.id); });
    if (known == all_.end()) {
        qFatal("There is no command %s.", qPrintable(id));
    }
    return known->first;
}

QAction* Commands::action(const QString& id) const {
    const Command* wanted = &command(id);
    return std::find_if(all_.begin(), all_.end(), [wanted](const auto& one) { return &one.first == wanted; })->second;
}

QMenu* Commands::menu(const QString& id) const {
    return menus_.at(id);
}

QString Commands::path(const Command& command) const {
    const QMenu* in = command.menu == nullptr ? nullptr : menu(QLatin1String(command.menu));
    if (in == nullptr) {
        return {};
    }
    const auto outer = within_.find(in);
    const QString title = in->title().remove(QLatin1Char('&'));
    return outer == within_.end() || outer->second.isEmpty() ? title : outer->second + QStringLiteral(" ▸ ") + title;
}

QList<TablePage::NextStep> Commands::next_steps(const QStringList& ids) const {
    QList<TablePage::NextStep> all;
    for (const QString& id : ids) {
        const Command& one = command(id);
        all.append({action(id), one.beside, [this, needs = one.needs] { return requirements_.missing(needs); }});
    }
    return all;
}

QString Commands::rows_of_keys() const {
    QString rows;
    for (const auto& [command, action] : all_) {
        if (!action->shortcut().isEmpty()) {
            rows += QStringLiteral("<tr><td>%1</td><td>%2</td></tr>\n")
                        .arg(bare_text(*action).toHtmlEscaped(),
                             action->shortcut().toString(QKeySequence::NativeText).toHtmlEscaped());
        }
    }
    return rows;
}

QString bare_text(const QAction& action) {
    return action.text().section(QLatin1Char('\t'), 0, 0).remove(QLatin1Char('&'));
}

} // namespace ledgefall
