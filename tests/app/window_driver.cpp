#include "window_driver.h"

#include "app/exchange/wait_dialog.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "files/formats/file_format.h"
#include "files/io/atomic_file.h"

#include <QApplication>
#include <QDialog>
#include <QInputDialog>
#include <QLineEdit>
#include <QMenuBar>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTimer>

namespace ledgefall::testing {
namespace {

/// Calls `act` with the modal dialog as soon as there is one.
void when_dialog_opens(std::function<void(QWidget*)> act) {
    auto* timer = new QTimer(qApp);
    QObject::connect(timer, &QTimer::timeout, qApp, [timer, act] {
        QWidget* dialog = QApplication::activeModalWidget();
        if (dialog != nullptr && qobject_cast<WaitDialog*>(dialog) == nullptr) {
            timer->deleteLater();
            act(dialog);
        }
    });
    timer->start(10);
}

QString plain(QString text) {
    return text.remove(QLatin1Char('&'));
}

QAction* action_in(const QMenu& menu, const QString& text) {
    for (QAction* action : menu.actions()) {
        QAction* inside = action->menu() == nullptr ? nullptr : action_in(*action->menu(), text);
        const QString its_text = plain(action->text()).section(QLatin1Char('\t'), 0, 0);
        if (inside != nullptr || its_text == text || (text.endsWith(QChar(0x2014)) && its_text.startsWith(text))) {
            return inside != nullptr ? inside : action;
        }
    }
    return nullptr;
}

} // namespace

void prepare_application() {
    QStandardPaths::setTestModeEnabled(true);
    QApplication::setOrganizationName(QStringLiteral("LedgefallTest"));
    // Settings of this process alone: tests run side by side, and one must not undo what another has set.
    static const QTemporaryDir settings;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    apply_application_theme();
}

Document::BytesPtr bytes_of_file(const QString& path) {
    return std::make_shared<const std::string>(*read_file(path.toStdString()));
}

WindowDriver::WindowDriver() {
    window.resize(1280, 800); // whatever the screen is
    window.show();
    (void)QTest::qWaitForWindowExposed(&window);
    window.activateWindow();
    (void)QTest::qWaitForWindowActive(&window);
}

bool WindowDriver::settle() {
    return QTest::qWaitFor(
        [this] { return !window.document().computing() && !window.document().file_task().running(); }, 20000);
}

bool WindowDriver::files_done() {
    return QTest::qWaitFor(
        [this] { return !window.document().file_task().running() && QApplication::activeModalWidget() == nullptr; },
        20000);
}

bool WindowDriver::followed(const std::function<void(const StudyFiles::Then&)>& step) {
    bool followed = false;
    step([&followed] { followed = true; });
    return files_done() && followed;
}

bool WindowDriver::open(const QString& path) {
    window.files().open(path);
    return files_done() && window.document().path() == QFileInfo(path).absoluteFilePath();
}

bool WindowDriver::save_to(const QString& path) {
    return followed([&](const StudyFiles::Then& then) { window.files().save_to(path, then); });
}

QWidget* WindowDriver::target() {
    if (QApplication::focusWidget() == nullptr) { // after a dialog, where no window manager gives the focus back
        window.activateWindow();
        (void)QTest::qWaitForWindowActive(&window);
    }
    return QApplication::focusWidget() != nullptr ? QApplication::focusWidget() : window.focusWidget();
}

void WindowDriver::keys(const QString& text) {
    for (const QChar c : text) { // one at a time: the first may open an editor that takes the rest
        QTest::keyClicks(target(), QString(c));
        QCoreApplication::processEvents();
    }
}

void WindowDriver::key(Qt::Key key, Qt::KeyboardModifiers modifiers) {
    QTest::keyClick(target(), key, modifiers);
    QCoreApplication::processEvents(); // an editor hands over what was typed once the key is done with
}

void WindowDriver::click_cell(int row, int column) {
    TableView& view = window.page()->view();
    const QModelIndex index = window.page()->model().index(row, column);
    view.bring_into_view(index);
    QTest::mouseClick(view.viewport(), Qt::LeftButton, Qt::NoModifier, view.rect_of(index).center());
}

QPoint WindowDriver::point_on_heading(const TableHeading& heading, int section) {
    const int at = heading.sectionViewportPosition(section);
    return heading.orientation() == Qt::Vertical ? QPoint(20, at + 14) : QPoint(at + 20, 20);
}

void WindowDriver::click_heading(int section) {
    TableHeading& heading = window.page()->view().heading();
    QTest::mouseClick(heading.viewport(), Qt::LeftButton, Qt::NoModifier, point_on_heading(heading, section));
}

void WindowDriver::double_click_heading(int section) {
    TableHeading& heading = window.page()->view().heading();
    QTest::mouseDClick(heading.viewport(), Qt::LeftButton, Qt::NoModifier, point_on_heading(heading, section));
}

QAction* WindowDriver::action_in_menu(const QMenu& menu, const QString& text) {
    return action_in(menu, text);
}

void WindowDriver::entry(const char* menu, const QString& text) {
    QAction* action = action_in(*window.commands().menu(QLatin1String(menu)), text);
    if (action == nullptr) {
        qFatal("no entry %s in %s", qPrintable(text), menu);
    }
    action->trigger();
}

void WindowDriver::new_table(const QString& label) {
    Id added;
    window.document().perform(QStringLiteral("new table"),
                              add_table(window.document().study(), label.toStdString(), &added));
    window.show_table(added);
}

void WindowDriver::export_table(const QString& path) {
    window.exports().write(path, window.page()->table_id(), usual_choice(format_of(path.toStdString())));
}

void WindowDriver::answer(const QString& text) {
    when_dialog_opens([text](QWidget* dialog) {
        auto* line = dialog->findChild<QLineEdit*>();
        line->setText(text);
        QTest::keyClick(line, Qt::Key_Return);
    });
}

void WindowDriver::press_buttons_of_next_dialogs(const QStringList& buttons) {
    when_dialog_opens([this, buttons](QWidget* dialog) {
        for (QPushButton* button : dialog->findChildren<QPushButton*>()) {
            if (plain(button->text()) == buttons.front()) {
                if (buttons.size() > 1) {
                    press_buttons_of_next_dialogs(buttons.mid(1));
                }
                QTest::mouseClick(button, Qt::LeftButton);
                return;
            }
        }
        qFatal("no button called %s", qPrintable(buttons.front()));
    });
}

QString WindowDriver::shown(int row, int column) {
    return window.page()->model().index(row, column).data().toString();
}

QString WindowDriver::foot(int line, int column) {
    return window.page()->foot().foot().index(line, column).data().toString();
}

const Table& WindowDriver::table() {
    return *window.page()->model().table();
}

} // namespace ledgefall::testing
