#include "user_simulator.h"

#include "app/contents/contents_panel.h"
#include "app/exchange/wait_dialog.h"

#include <QApplication>
#include <QClipboard>
#include <QDialog>
#include <QFile>
#include <QMenuBar>
#include <QTimer>

namespace ledgefall::testing {
namespace {

QString bare(const QAction* action) {
    return action->text().section(QLatin1Char('\t'), 0, 0).remove(QLatin1Char('&'));
}

QAction* entry_of(const QWidget* menu, const QString& text) {
    for (QAction* action : menu->actions()) {
        if (bare(action) == text || (bare(action).startsWith(text) && text.endsWith(QChar(0x2014)))) {
            return action;
        }
    }
    return nullptr;
}

/// The menu that an entry stands in; null for the menus of the bar.
QMenu* menu_with(const QMenuBar& bar, const QAction* entry) {
    for (QMenu* menu : bar.findChildren<QMenu*>()) {
        if (!menu->title().isEmpty() && menu->actions().contains(const_cast<QAction*>(entry))) {
            return menu;
        }
    }
    return nullptr;
}

} // namespace

QChar letter_of(const QString& text) {
    const QKeySequence keys = QKeySequence::mnemonic(text);
    return keys.isEmpty() ? QChar() : QChar(static_cast<char16_t>(keys[0].key())).toLower();
}

UserSimulator::UserSimulator(const QString& story)
    : story_(story) {}

UserSimulator::~UserSimulator() {
    QFile file(qEnvironmentVariable("LEDGEFALL_STORIES"));
    if (!file.fileName().isEmpty() && file.open(QIODevice::Append)) {
        file.write(QStringLiteral("%1\t%2\n").arg(story_).arg(actions).toUtf8());
    }
}

/// Until what is shown is what the study means.
void UserSimulator::settle() {
    (void)QTest::qWaitFor(
        [this] { return !drive.window.document().computing() && drive.window.document().results_are_current(); },
        20000);
}

void UserSimulator::key(Qt::Key key, Qt::KeyboardModifiers modifiers) {
    ++actions;
    drive.key(key, modifiers);
    settle();
}

void UserSimulator::key_in_dialog(Qt::Key key, Qt::KeyboardModifiers modifiers) {
    ++actions;
    QWidget* popup = QApplication::activePopupWidget();
    QWidget* active = popup != nullptr ? popup : QApplication::activeModalWidget();
    QTest::keyClick(active->focusWidget() != nullptr ? active->focusWidget() : active, key, modifiers);
}

void UserSimulator::type(const QString& text) {
    ++actions;
    QWidget* active = QApplication::activeModalWidget();
    if (active == nullptr) {
        drive.keys(text);
        return;
    }
    for (const QChar c : text) {
        QTest::keyClicks(active->focusWidget() != nullptr ? active->focusWidget() : active, QString(c));
    }
}

void UserSimulator::paste(const QString& text) {
    QApplication::clipboard()->setText(text);
    key(Qt::Key_V, Qt::ControlModifier);
}

void UserSimulator::click(QWidget* widget, const QPoint& at, Qt::KeyboardModifiers modifiers) {
    ++actions;
    QTest::mouseClick(widget, Qt::LeftButton, modifiers, at);
    QCoreApplication::processEvents();
    if (QApplication::activeModalWidget() == nullptr) {
        settle();
    }
}

void UserSimulator::double_click(QWidget* widget) {
    ++actions;
    QTest::mouseDClick(widget, Qt::LeftButton, Qt::NoModifier, widget->rect().center());
    QCoreApplication::processEvents();
}

void UserSimulator::click_cell(int row, int section, Qt::KeyboardModifiers modifiers) {
    TableView& view = drive.window.page()->view();
    const QModelIndex index = drive.window.page()->model().index(row, section);
    view.bring_into_view(index);
    click(view.viewport(), view.rect_of(index).center(), modifiers);
}

void UserSimulator::drag_cells(int row, int from_section, int to_section) {
    ++actions;
    TableView& view = drive.window.page()->view();
    const auto at = [&](int section) {
        return view.rect_of(drive.window.page()->model().index(row, section)).center();
    };
    QTest::mousePress(view.viewport(), Qt::LeftButton, Qt::NoModifier, at(from_section));
    const int step = from_section < to_section ? 1 : -1;
    for (int section = from_section; section != to_section + step; section += step) {
        QMouseEvent move(QEvent::MouseMove, at(section), view.viewport()->mapToGlobal(at(section)), Qt::NoButton,
                         Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(view.viewport(), &move);
    }
    QTest::mouseRelease(view.viewport(), Qt::LeftButton, Qt::NoModifier, at(to_section));
    QCoreApplication::processEvents();
}

void UserSimulator::click_heading(int section, Qt::KeyboardModifiers modifiers) {
    TableHeading& heading = drive.window.page()->view().heading();
    click(heading.viewport(), WindowDriver::point_on_heading(heading, section), modifiers);
}

void UserSimulator::button(const QString& word) {
    for (QAbstractButton* one : drive.window.findChildren<QAbstractButton*>()) {
        if (one->isVisible() && one->isEnabled() && one->text().remove(QLatin1Char('&')) == word) {
            return click(one);
        }
    }
    qFatal("no button %s", qPrintable(word));
}

void UserSimulator::entry(const QString& text) {
    QMenu* menu = nullptr;
    QAction* action = nullptr;
    (void)QTest::qWaitFor( // a menu within another opens a moment later
        [&] {
            menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            action = menu == nullptr ? nullptr : entry_of(menu, text);
            return action != nullptr;
        },
        1000);
    if (action == nullptr || !action->isEnabled()) {
        QStringList all;
        for (const QAction* one : menu == nullptr ? QList<QAction*>() : menu->actions()) {
            all << one->text() + (one->isEnabled() ? QString() : QStringLiteral(" (grey)"));
        }
        qFatal("no entry %s among %s", qPrintable(text), qPrintable(all.join(QStringLiteral(" | "))));
    }
    const QPoint at = menu->actionGeometry(action).center();
    QTest::mouseMove(menu, at);
    QCoreApplication::processEvents();
    click(menu, at);
}

void UserSimulator::menu(const QStringList& path) {
    QMenuBar* bar = drive.window.menuBar();
    QAction* top = entry_of(bar, path.front());
    if (top == nullptr) {
        qFatal("no menu %s", qPrintable(path.front()));
    }
    click(bar, bar->actionGeometry(top).center());
    for (const QString& text : path.mid(1)) {
        entry(text);
    }
}

void UserSimulator::letters(const char* command) {
    QList<const QAction*> path{drive.window.commands().action(QLatin1String(command))};
    for (QMenu* menu = nullptr; (menu = menu_with(*drive.window.menuBar(), path.front())) != nullptr;) {
        path.prepend(menu->menuAction());
    }
    for (const QAction* step : path) {
        (void)QTest::qWaitFor([step] { return !letter_of(step->text()).isNull(); }); // its menu opens
        QWidget* popup = QApplication::activePopupWidget();
        const QChar letter = letter_of(step->text());
        if (letter.isNull()) {
            qFatal("%s: no letter for %s", command, qPrintable(step->text()));
        }
        ++actions;
        QTest::keyClick(popup == nullptr ? drive.target() : popup, static_cast<Qt::Key>(letter.toUpper().unicode()),
                        popup == nullptr ? Qt::AltModifier : Qt::NoModifier);
        QCoreApplication::processEvents();
    }
    settle();
}

void UserSimulator::button_menu(const QString& word, const QStringList& path) {
    QAbstractButton* found = nullptr;
    for (QAbstractButton* one : drive.window.findChildren<QAbstractButton*>()) {
        found = one->isVisible() && one->text().remove(QLatin1Char('&')) == word ? one : found;
    }
    if (found == nullptr) {
        qFatal("no button %s", qPrintable(word));
    }
    // A button's menu runs until an entry is clicked, so the clicks wait for it.
    auto* waiting = new QTimer(qApp);
    auto left = std::make_shared<QStringList>(path);
    QObject::connect(waiting, &QTimer::timeout, qApp, [this, waiting, left] {
        if (qobject_cast<QMenu*>(QApplication::activePopupWidget()) == nullptr) {
            return;
        }
        const QString text = left->takeFirst();
        if (left->isEmpty()) {
            waiting->deleteLater();
            waiting->stop();
        }
        entry(text);
    });
    waiting->start(10);
    click(found);
    settle();
}

void UserSimulator::in_open_menu(const QString& text) {
    auto* waiting = new QTimer(qApp);
    QObject::connect(waiting, &QTimer::timeout, qApp, [this, waiting, text] {
        if (qobject_cast<QMenu*>(QApplication::activePopupWidget()) != nullptr) {
            waiting->stop();
            waiting->deleteLater();
            entry(text);
        }
    });
    waiting->start(10);
}

void UserSimulator::card_menu(const std::string& name, const QString& text) {
    const Study& study = drive.window.document().study();
    Id held;
    const auto look = [&](const std::vector<Shared<HeldValue>>& ledge) {
        for (const auto& one : ledge) {
            held = one->name == name ? one->id : held;
        }
    };
    look(study.ledge);
    for (const auto& table : study.tables) {
        look(table->ledge);
    }
    HeldCard* card = drive.window.ledge().card(held);
    if (card == nullptr) {
        qFatal("no card of %s is on the ledge that is shown", name.c_str());
    }
    in_open_menu(text);
    ++actions;
    QContextMenuEvent event(QContextMenuEvent::Mouse, card->rect().center(), card->mapToGlobal(card->rect().center()));
    QCoreApplication::sendEvent(card, &event);
    settle();
}

void UserSimulator::in_next_dialog(const std::function<void(QDialog&)>& done) {
    auto* waiting = new QTimer(qApp);
    QObject::connect(waiting, &QTimer::timeout, qApp, [waiting, done] {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (dialog != nullptr && dialog->isVisible() && dialog->isActiveWindow() &&
            qobject_cast<WaitDialog*>(dialog) == nullptr) {
            waiting->stop();
            waiting->deleteLater();
            done(*dialog);
        }
    });
    waiting->start(10);
}

void UserSimulator::card(const std::string& name, const QString& value, bool clicked) {
    for (HeldCard* card : drive.window.ledge().cards()) {
        if (card->value()->name == name) {
            if (clicked) {
                click(card, QPoint(6, 6));
            }
            type(value);
            return key(Qt::Key_Return);
        }
    }
    qFatal("no card %s", name.c_str());
}

int UserSimulator::section(const std::string& name) {
    const auto& columns = drive.table().columns;
    for (std::size_t at = 0; at < columns.size(); ++at) {
        if (columns[at]->name == name) {
            return static_cast<int>(at);
        }
    }
    FormulaEditor& editor = drive.window.page()->editor();
    qFatal("no column %s; %s: %s", name.c_str(), qPrintable(editor.line().toPlainText()), qPrintable(editor.message()));
}

const ColumnDefinition& UserSimulator::column(const std::string& name) {
    return *drive.table().columns[static_cast<std::size_t>(section(name))];
}

void UserSimulator::picture(const QString& name) {
    const QString folder = qEnvironmentVariable("LEDGEFALL_SCREENSHOTS");
    if (!folder.isEmpty()) {
        QTest::qWait(400);
        drive.window.grab().save(folder + QLatin1Char('/') + name + QStringLiteral(".png"));
    }
}

double UserSimulator::number(int row, int section) {
    const Value value = drive.window.page()->model().value(row, section);
    return value.plain() ? value.number() : std::nan("");
}

double UserSimulator::number(const std::string& column, int row) {
    return number(row, section(column));
}

double UserSimulator::held(const std::string& name) {
    for (HeldCard* card : drive.window.ledge().cards()) {
        if (card->value()->name == name) {
            return drive.window.document().results().single(card->held()).number();
        }
    }
    qFatal("no held value %s", name.c_str());
}

double UserSimulator::foot(const QString& label, const std::string& name) {
    for (const auto& line : drive.table().foot) {
        if (QString::fromStdString(line->label) == label) {
            const Value value = drive.window.document().results().foot(line->id, column(name).id);
            return value.plain() ? value.number() : std::nan("");
        }
    }
    qFatal("no foot line %s", qPrintable(label));
}

void UserSimulator::show_table(const std::string& name) {
    auto* contents = drive.window.findChild<ContentsPanel*>();
    const auto& tables = drive.window.document().study().tables;
    for (std::size_t at = 0; at < tables.size(); ++at) {
        if (tables[at]->name == name) {
            QTreeWidgetItem* item = contents->topLevelItem(0)->child(static_cast<int>(at));
            return click(contents->viewport(), contents->visualItemRect(item).center());
        }
    }
    qFatal("no table %s", name.c_str());
}

} // namespace ledgefall::testing
