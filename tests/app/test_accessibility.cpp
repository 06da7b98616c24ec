// The window and its dialogs by keys alone and as a screen reader finds them: names, letters, sizes, announcements, and
// the way from pane to pane.

#include "app/theme/accessibility.h"
#include "app/theme/mnemonics.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "story_steps.h"
#include "user_simulator.h"

#include <QAccessible>
#include <QComboBox>
#include <QFileDialog>
#include <QMenuBar>
#include <QStatusBar>
#include <QTranslator>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// What is wrong with the letters of a menu and those in it: entries without one, letters that two share.
QStringList wrong_letters(QMenu& menu) {
    QStringList wrong;
    QMap<QChar, QString> taken;
    Q_EMIT menu.aboutToShow();
    give_mnemonics(menu);
    for (const QAction* action : menu.actions()) {
        if (!action->isVisible() || action->isSeparator()) {
            continue;
        }
        const QChar letter = letter_of(action->text());
        if (letter.isNull() || taken.contains(letter)) {
            wrong << menu.title() + QStringLiteral(" ▸ ") + action->text();
        }
        taken[letter] = action->text();
        if (action->menu() != nullptr) {
            wrong << wrong_letters(*action->menu());
        }
    }
    return wrong;
}

QString name_of(QWidget& widget) {
    QAccessibleInterface* found = QAccessible::queryAccessibleInterface(&widget);
    if (found == nullptr) {
        return {};
    }
    for (const auto& [label, relation] : found->relations(QAccessible::Label)) {
        if (label != nullptr && !label->text(QAccessible::Name).isEmpty()) {
            return label->text(QAccessible::Name);
        }
    }
    const bool is_list = qobject_cast<QComboBox*>(&widget) != nullptr; // which gives its value for a name
    return is_list ? QString() : found->text(QAccessible::Name);
}

bool takes_keys(const QWidget& widget) {
    const bool part_of_another = qobject_cast<const QAbstractSpinBox*>(widget.parentWidget()) != nullptr ||
                                 qobject_cast<const QComboBox*>(widget.parentWidget()) != nullptr ||
                                 widget.inherits("QTabBar") || widget.inherits("QScrollArea");
    return (widget.focusPolicy() & Qt::TabFocus) != 0 && widget.focusProxy() == nullptr && !part_of_another;
}

/// Fields, lists and buttons that a screen reader could only call by what they are.
QStringList without_name(const QWidget& window) {
    QStringList out;
    for (QWidget* part : window.findChildren<QWidget*>()) {
        if (part->isVisible() && part->window() == &window && takes_keys(*part) && name_of(*part).isEmpty()) {
            out << QString::fromLatin1(part->metaObject()->className()) + u' ' + part->objectName() +
                       QStringLiteral(" in ") + QString::fromLatin1(part->parentWidget()->metaObject()->className());
        }
    }
    return out;
}

QStringList shared_letters(const QWidget& dialog) {
    QStringList out;
    QMap<QChar, QString> taken;
    for (QWidget* part : dialog.findChildren<QWidget*>()) {
        const auto* button = qobject_cast<QAbstractButton*>(part);
        const auto* label = qobject_cast<QLabel*>(part);
        const QString text = button != nullptr                               ? button->text()
                             : label != nullptr && label->buddy() != nullptr ? label->text()
                                                                             : QString();
        if (!part->isVisible() || part->window() != &dialog || text.isEmpty()) {
            continue;
        }
        const QChar letter = letter_of(text);
        if (letter.isNull() || taken.contains(letter)) {
            out << text;
        }
        taken[letter] = text;
    }
    return out;
}

void open_pebbles(WindowDriver& drive) {
    drive.new_table(QStringLiteral("Pebbles"));
    paste(drive, QStringLiteral("length\tmass\tsite\n42\t10\tpool\n57\t12\tweir\n38\t9\tpool\n44\t10\tweir\n"));
    write(drive, QStringLiteral("dev = length - mean(length)"));
    drive.window.document().perform(QStringLiteral("hold"), *hold(drive.window.document().study(), Id(), "limit = 50"));
    (void)drive.settle();
}

class German {
  public:
    German() {
        if (!translator_.load(QStringLiteral("ledgefall_de"), QStringLiteral(":/translations"))) {
            qFatal("The German translation is not there.");
        }
        QCoreApplication::installTranslator(&translator_);
    }
    ~German() { QCoreApplication::removeTranslator(&translator_); }

  private:
    QTranslator translator_;
};

/// The dialogs of the window's commands, with what has to be chosen for each.
struct DialogOf {
    const char* command;
    int column;
};
constexpr DialogOf dialogs[] = {{"settings", 0},        {"two-way-table", 0}, {"title-table", 0},   {"rename-table", 0},
                                {"frequency-table", 0}, {"summary", 0},       {"check", 0},         {"formula-page", 0},
                                {"continue", 0},        {"label-column", 0},  {"rename-column", 0}, {"try-values", 3},
                                {"find-value", 3},      {"change-chart", 0},  {"group-columns", 0}, {"about", 0}};

} // namespace

class TestAccessibility : public QObject {
    Q_OBJECT

    /// Opens each dialog and looks at it.
    static QStringList look_at_dialogs(const std::function<QStringList(QDialog&)>& look) {
        QStringList wrong;
        WindowDriver drive;
        open_pebbles(drive);
        choose(drive, 0, 3, 0, 1);
        drive.command("draw");
        (void)drive.settle();
        for (const DialogOf& one : dialogs) {
            drive.click_cell(0, one.column);
            bool seen = false;
            QTimer timer;
            connect(&timer, &QTimer::timeout, &drive.window, [&] {
                if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget())) {
                    for (const QString& line : seen ? QStringList() : look(*dialog)) {
                        wrong << QLatin1String(one.command) + QStringLiteral(": ") + line;
                    }
                    seen = true;
                    dialog->reject();
                }
            });
            timer.start(5);
            drive.command(one.command);
            (void)drive.settle();
            (void)QTest::qWaitFor([&] { return seen && QApplication::activeModalWidget() == nullptr; }, 5000);
            if (!seen) {
                wrong << QLatin1String(one.command) + QStringLiteral(": opened no dialog; ") + drive.notice();
            }
        }
        return wrong;
    }

  private Q_SLOTS:
    void initTestCase() {
        prepare_application();
        QAccessible::setActive(true);
    }

    void every_menu_entry_has_a_letter_of_its_own() {
        for (const bool german : {false, true}) {
            const auto language = german ? std::make_unique<German>() : nullptr;
            WindowDriver drive;
            open_pebbles(drive);
            QStringList wrong;
            QSet<QChar> bar;
            for (const QAction* action : drive.window.menuBar()->actions()) {
                const QChar letter = letter_of(action->text());
                QVERIFY2(!letter.isNull() && !bar.contains(letter), qPrintable(action->text()));
                bar.insert(letter);
                wrong << wrong_letters(*action->menu());
            }
            QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(u'\n')));
        }
    }

    /// No two commands have a key or chord in common, the desktop's other keys for the same among them.
    void every_key_belongs_to_one_command() {
        const WindowDriver drive;
        QMap<QKeySequence, const QAction*> taken;
        for (const QAction* action : drive.window.findChildren<QAction*>()) {
            for (const QKeySequence& keys : action->shortcuts()) {
                QVERIFY2(!taken.contains(keys), qPrintable(keys.toString() + u' ' + action->text()));
                taken[keys] = action;
            }
        }
        QVERIFY(taken.size() > 50);
    }

    void every_part_of_a_dialog_has_a_name_and_a_letter() {
        for (const bool german : {false, true}) {
            const auto language = german ? std::make_unique<German>() : nullptr;
            const QStringList wrong = look_at_dialogs([](QDialog& dialog) {
                QStringList out;
                for (const QString& nameless : without_name(dialog)) {
                    out << QStringLiteral("no name: ") + nameless;
                }
                for (const QString& shared : shared_letters(dialog)) {
                    out << QStringLiteral("no letter of its own: ") + shared;
                }
                return out;
            });
            QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(u'\n')));
        }
    }

    /// Tab never goes back over what stands above in the same column of a dialog, but from its end to its beginning.
    void tab_goes_through_a_dialog_as_it_is_seen() {
        const QStringList wrong = look_at_dialogs([](QDialog& dialog) {
            QList<QWidget*> order;
            QWidget* first = dialog.nextInFocusChain();
            for (QWidget* part = first; order.isEmpty() || part != first; part = part->nextInFocusChain()) {
                order << part;
            }
            order.erase(std::remove_if(order.begin(), order.end(),
                                       [&dialog](const QWidget* part) {
                                           return !part->isVisible() || part->window() != &dialog || !takes_keys(*part);
                                       }),
                        order.end());
            const auto place = [&dialog](const QWidget* part) {
                return QRect(part->mapTo(&dialog, QPoint()), part->size());
            };
            QStringList out;
            for (qsizetype at = 1; at < order.size(); ++at) {
                const QRect before = place(order[at - 1]);
                const QRect now = place(order[at]);
                const bool same_column = now.left() < before.right() && before.left() < now.right();
                if (same_column && now.bottom() <= before.top()) {
                    out << QString::fromLatin1(order[at]->metaObject()->className()) + u' ' + name_of(*order[at]);
                }
            }
            return out.size() > 1 ? out : QStringList(); // one is the way from the end to the beginning
        });
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(u'\n')));
    }

    /// At twice the size each dialog fits a screen of 1280 by 800.
    void dialogs_fit_the_screen_at_twice_the_size() {
        set_zoom(2.0);
        const auto back = qScopeGuard([] { set_zoom(1.0); });
        const QStringList wrong = look_at_dialogs([](QDialog& dialog) {
            const QSize size = dialog.size().expandedTo(dialog.minimumSizeHint());
            return size.width() <= 1280 && size.height() <= 800
                       ? QStringList()
                       : QStringList{QStringLiteral("%1 x %2").arg(size.width()).arg(size.height())};
        });
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(u'\n')));
    }

    void every_part_of_the_window_has_a_name() {
        WindowDriver drive;
        open_pebbles(drive);
        choose(drive, 0, 3, 0, 1);
        drive.command("draw");
        drive.command("find");
        QVERIFY(drive.settle());
        const QStringList nameless = without_name(drive.window);
        QVERIFY2(nameless.isEmpty(), qPrintable(nameless.join(u'\n')));
    }

    /// A cell says where it stands and what is special about it, a heading its unit and formula; no panel is a mere
    /// box.
    void cells_headings_and_panels_say_what_they_are() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pebbles"));
        paste(drive, QStringLiteral("length [mm]\n42\n57\n\n44\n"));
        write(drive, QStringLiteral("share [%] = 100 * length / sum(length)"));
        write(drive, QStringLiteral("wrong = length / 0"));
        write(drive, QStringLiteral("late = length * nothing"));
        drive.click_cell(1, 1);
        drive.keys(QStringLiteral("5"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        const TableModel& model = drive.window.page()->model();
        const auto said = [&model](int row, int column) {
            return model.index(row, column).data(Qt::AccessibleTextRole).toString();
        };
        QCOMPARE(said(0, 0), QStringLiteral("length, row 1: 42 mm"));
        QCOMPARE(said(2, 0), QStringLiteral("length, row 3: missing"));
        QVERIFY2(said(1, 1).startsWith(QStringLiteral("share, row 2: 5")) &&
                     said(1, 1).endsWith(QStringLiteral("overridden")),
                 qPrintable(said(1, 1)));
        QVERIFY2(said(0, 2).startsWith(QStringLiteral("wrong, row 1: error: ")), qPrintable(said(0, 2)));
        QCOMPARE(said(0, 3), QStringLiteral("late, row 1: waits for nothing"));
        QCOMPARE(model.headerData(1, Qt::Horizontal, Qt::AccessibleTextRole).toString(),
                 QStringLiteral("share [%] = 100 * length / sum(length)"));
        QCOMPARE(drive.window.page()->view().accessibleName(), QStringLiteral("Table Pebbles"));
        for (QWidget* panel : {static_cast<QWidget*>(&drive.window.details()),
                               static_cast<QWidget*>(&drive.window.ledge()), static_cast<QWidget*>(drive.window.page()),
                               &drive.window.page()->line(), static_cast<QWidget*>(&drive.window.help())}) {
            const QAccessibleInterface* found = QAccessible::queryAccessibleInterface(panel);
            QVERIFY2(found != nullptr && found->role() == QAccessible::Grouping && !name_of(*panel).isEmpty(),
                     panel->metaObject()->className());
        }
    }

    void a_key_goes_round_the_panes() {
        WindowDriver drive;
        open_pebbles(drive);
        choose(drive, 0, 3, 0, 1);
        drive.command("draw");
        drive.window.page()->suggestions().offer(QStringLiteral("News"), QStringLiteral("Take"), [] {});
        QVERIFY(drive.settle());
        drive.window.page()->view().setFocus();
        const auto is_in = [](const QWidget& part) {
            return QApplication::focusWidget() == &part || part.isAncestorOf(QApplication::focusWidget());
        };
        TablePage& page = *drive.window.page();
        const QList<QWidget*> order{&page.view(),
                                    &page.suggestions(),
                                    drive.window.pages().chart_page(),
                                    &drive.window.details(),
                                    &drive.window.contents(),
                                    &drive.window.ledge(),
                                    &page.line(),
                                    &page.view()};
        for (qsizetype at = 0; at < order.size(); ++at) {
            QVERIFY2(is_in(*order[at]), qPrintable(QString::number(at)));
            drive.key(Qt::Key_F6);
        }
        drive.window.page()->view().setFocus();
        for (qsizetype at = order.size() - 1; at >= 0; --at) {
            QVERIFY2(is_in(*order[at]), qPrintable(QString::number(at)));
            drive.key(Qt::Key_F6, Qt::ShiftModifier);
        }
        for (QWidget* part : order) {
            drive.window.page()->view().setFocus();
            for (int presses = 0; presses < 9 && !is_in(*part); ++presses) {
                drive.key(Qt::Key_F6);
            }
            drive.key(Qt::Key_Escape);
            QVERIFY(is_in(page.view()));
        }
    }

    void keys_lead_through_the_tables_and_to_the_ends_of_the_data() {
        WindowDriver drive;
        open_pebbles(drive);
        const Id first = drive.window.page()->table_id();
        drive.new_table(QStringLiteral("Pools"));
        drive.key(Qt::Key_PageUp, Qt::ControlModifier);
        QCOMPARE(drive.window.page()->table_id(), first);
        drive.key(Qt::Key_PageUp, Qt::ControlModifier); // from the first on to the last
        QVERIFY(drive.window.page()->table_id() != first);
        drive.key(Qt::Key_PageDown, Qt::ControlModifier);
        QCOMPARE(drive.window.page()->table_id(), first);
        const TableView& view = drive.window.page()->view();
        drive.click_cell(1, 1);
        drive.key(Qt::Key_Down, Qt::ControlModifier);
        QCOMPARE(view.current().row(), 3);
        drive.key(Qt::Key_Right, Qt::ControlModifier);
        QCOMPARE(view.current().column(), 3);
        drive.key(Qt::Key_Up, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(view.chosen().rows(), 4);
        drive.key(Qt::Key_Left, Qt::ControlModifier);
        QCOMPARE(view.current(), drive.window.page()->model().index(0, 0));
        drive.key(Qt::Key_A, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(view.whole_columns_chosen());
        drive.key(Qt::Key_Insert, Qt::ControlModifier);
        QVERIFY2(QApplication::clipboard()->text().startsWith(QStringLiteral("length\n42\n57")),
                 qPrintable(QApplication::clipboard()->text()));
    }

    /// Through the menus by their letters: Alt and the letter of the menu, then one letter for each step.
    void a_foot_line_is_changed_and_removed_by_keys() {
        WindowDriver drive;
        open_pebbles(drive);
        drive.window.document().perform(
            QStringLiteral("foot"),
            *add_foot_line(drive.window.document().study(), drive.window.page()->table_id(), "Mean", "mean(each)", {}));
        QVERIFY(drive.settle());
        drive.window.page()->view().setFocus();
        drive.key(Qt::Key_F6);
        QVERIFY(drive.window.page()->foot().hasFocus());
        drive.key(Qt::Key_Right);
        drive.key(Qt::Key_Delete);
        QVERIFY(drive.table().foot.empty());
    }

    void a_point_of_a_chart_is_chosen_and_a_suggestion_taken_by_keys() {
        WindowDriver drive;
        open_pebbles(drive);
        choose(drive, 0, 3, 0, 1);
        drive.command("draw");
        QVERIFY(drive.settle());
        TableView& view = drive.window.page()->view();
        view.setFocus();
        drive.key(Qt::Key_F6);
        QVERIFY(drive.window.pages().chart_page()->plot().hasFocus());
        drive.key(Qt::Key_Right);
        drive.key(Qt::Key_Right);
        drive.key(Qt::Key_Return);
        QTRY_COMPARE(view.chosen().top, 1);
        QCOMPARE(view.chosen().rows(), 1);
        bool taken = false;
        drive.window.page()->suggestions().offer(QStringLiteral("News"), QStringLiteral("Take"),
                                                 [&taken] { taken = true; });
        view.setFocus();
        drive.key(Qt::Key_F6);
        drive.key(Qt::Key_Space);
        QVERIFY(taken);
    }

    /// Mistakes, refusals, suggestions and outcomes are heard.
    void what_is_news_is_announced() {
        WindowDriver drive;
        open_pebbles(drive);
        QStringList heard;
        connect(&announcements(), &Announcements::said, this, [&heard](const QString& text) { heard << text; });
        const auto back = qScopeGuard([this] { announcements().disconnect(this); });
        const auto was_heard = [&heard](const QString& part) { return heard.filter(part).size() == 1; };
        drive.window.document().refuse({"A refusal.", {}});
        QVERIFY(was_heard(QStringLiteral("A refusal.")));
        drive.window.page()->suggestions().offer(QStringLiteral("A suggestion."), QStringLiteral("Take"), [] {});
        QVERIFY(was_heard(QStringLiteral("A suggestion.")));
        drive.window.page()->write_formula(4);
        drive.keys(QStringLiteral("z = length 2"));
        QVERIFY2(was_heard(QStringLiteral("operator")), qPrintable(heard.join(u'\n')));
        drive.key(Qt::Key_Escape);
        drive.command("find");
        drive.keys(QStringLiteral("nowhere"));
        drive.key(Qt::Key_Return);
        QTRY_VERIFY(was_heard(QStringLiteral("nowhere was not found.")));
    }
};

LEDGEFALL_TEST(TestAccessibility)
#include "test_accessibility.moc"
