// Wandering through the window at random: commands, typing, formulas, sliding, undoing. Whatever is done, what is shown
// is what the study comes to, nothing breaks, and all of it can be undone.

#include "../core/difference.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QApplication>
#include <QClipboard>
#include <QMenuBar>

#include <map>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// Commands that ask nothing.
const char* const plain_commands[] = {"copy",
                                      "paste",
                                      "cut",
                                      "empty-cells",
                                      "insert-rows",
                                      "remove-rows",
                                      "move-rows-up",
                                      "move-rows-down",
                                      "sort-rising",
                                      "sort-falling",
                                      "insert-column",
                                      "duplicate-column",
                                      "move-column-left",
                                      "move-column-right",
                                      "hide-columns",
                                      "show-columns",
                                      "ungroup-columns",
                                      "wider-column",
                                      "narrower-column",
                                      "fit-column",
                                      "more-decimals",
                                      "fewer-decimals",
                                      "narrow-reach",
                                      "cover-all-rows",
                                      "draw-again",
                                      "move-table-up",
                                      "lay-across",
                                      "lay-across",
                                      "swap-axes",
                                      "swap-axes",
                                      "contingency-table",
                                      "goodness-of-fit",
                                      "zoom-in",
                                      "zoom-out",
                                      "reset-zoom",
                                      "dark",
                                      "ledge-list",
                                      "one-table"};

/// What is called otherwise where the table is laid across.
const char* const formulas[] = {"a = x + 1",
                                "b = x - mean(x)",
                                "c = first 1 then c[i-1] + 1",
                                "d = sum(x[1..i])",
                                "e = x / sum(x)",
                                "f = if x > 40 then 1 else 0",
                                "g = riffle * 2",
                                "h = x[3] * row",
                                "k = 2x",
                                "l = nothing_there + 1",
                                "m = draw(normal(0, 1))",
                                "n = mean(x[i-1..i+1])",
                                "o = sum(x[i, ..]) + 1",
                                "p = first 2 then p[i-1] + x",
                                "q = x with k = 8"};

class Wanderer {
  public:
    explicit Wanderer(unsigned seed)
        : engine_(seed) {}

    std::string step(WindowDriver& drive) {
        if (drive.window.page() == nullptr) {
            drive.window.document().undo();
            return "back";
        }
        switch (pick(10)) {
        case 0:
        case 1:
            return choose(drive);
        case 2: {
            choose(drive);
            drive.keys(QString::number(pick(90)));
            drive.key(Qt::Key_Return);
            return "type";
        }
        case 3:
            return write(drive);
        case 4:
            pick(2) == 0 ? drive.window.document().undo() : drive.window.document().redo();
            return "undo or redo";
        case 5: {
            const auto& tables = drive.window.document().study().tables;
            const Id table = tables[pick(tables.size())]->id;
            pick(4) == 0 ? drive.window.pages().show_beside(table) : drive.window.show_table(table);
            return "another table";
        }
        case 6:
            return slide(drive);
        default: {
            choose(drive);
            const char* command = plain_commands[pick(std::size(plain_commands))];
            drive.command(command);
            return command;
        }
        }
    }

  private:
    std::size_t pick(std::size_t count) { return std::uniform_int_distribution<std::size_t>(0, count - 1)(engine_); }

    std::string choose(WindowDriver& drive) {
        TableModel& model = drive.window.page()->model();
        TableView& view = drive.window.page()->view();
        const auto at = [this](int count) {
            return static_cast<int>(pick(static_cast<std::size_t>(std::max(count, 1))));
        };
        const QModelIndex one = model.index(std::min(at(model.rowCount()), 12), at(model.columnCount()));
        const QModelIndex other = model.index(std::min(at(model.rowCount()), 12), at(model.columnCount()));
        if (!one.isValid() || !other.isValid()) {
            return "nothing to choose";
        }
        const auto seen = [&view](const QModelIndex& cell) {
            return view.laid_across() ? view.model()->index(cell.column(), cell.row()) : cell;
        };
        view.set_current(one);
        if (pick(2) == 0) {
            view.selectionModel()->select(QItemSelection(seen(one), seen(other)), QItemSelectionModel::ClearAndSelect);
        }
        view.setFocus();
        return "choose";
    }

    std::string write(WindowDriver& drive) {
        drive.window.page()->write_formula(drive.window.page()->model().columnCount() - 1);
        const QString text = QString::fromUtf8(formulas[pick(std::size(formulas))]);
        drive.keys(text);
        if (pick(3) == 0) {
            drive.key(Qt::Key_L, Qt::ControlModifier);
        }
        if (pick(3) == 0) {
            drive.key(Qt::Key_Down, Qt::AltModifier);
        }
        if (pick(3) == 0) {
            drive.key(Qt::Key_Return, Qt::ControlModifier);
        }
        drive.key(pick(4) == 0 ? Qt::Key_Escape : Qt::Key_Return);
        FormulaEditor& editor = drive.window.page()->editor();
        for (int times = 0; editor.is_open() && times < 3; ++times) { // the list first, then the editor
            drive.key(Qt::Key_Escape);
        }
        return "write " + text.toStdString();
    }

    std::string slide(WindowDriver& drive) {
        for (HeldCard* card : drive.window.ledge().findChildren<HeldCard*>()) {
            const HeldValue* held = card->value();
            if (held != nullptr && held->slider && card->isVisible()) {
                const std::string said = "slide " + held->name; // sliding puts another in its place
                card->setFocus();
                for (int times = 0; times < 3; ++times) {
                    QTest::keyClick(card, pick(2) == 0 ? Qt::Key_Right : Qt::Key_Left);
                }
                return said;
            }
        }
        return "nothing to slide";
    }

    std::mt19937 engine_;
};

} // namespace

class TestRandomActions : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }
    void cleanup() {
        set_dark(false);
        set_zoom(1);
    }

    void whatever_is_done_what_is_shown_is_right_data() {
        QTest::addColumn<unsigned>("seed");
        bool asked = false;
        const int ways = qEnvironmentVariableIntValue("LEDGEFALL_WAYS", &asked); // more than a run of all tests takes
        for (unsigned seed = 1; seed <= static_cast<unsigned>(asked ? ways : 6); ++seed) {
            QTest::addRow("way %u", seed) << seed;
        }
    }
    void whatever_is_done_what_is_shown_is_right() {
        QFETCH(unsigned, seed);
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const Study before = drive.window.document().study();
        Wanderer wanderer(seed);
        QApplication::clipboard()->setText(QStringLiteral("1\t2\n3\t4\n"));
        std::string way;
        bool asked = false;
        const int actions = qEnvironmentVariableIntValue("LEDGEFALL_ACTIONS", &asked);
        for (int number = 0; number < (asked ? actions : 120); ++number) {
            way += wanderer.step(drive) + "; ";
            if (number % 10 == 9) {
                QVERIFY2(drive.settle(), way.c_str());
                const Document& document = drive.window.document();
                const std::string differs =
                    difference(document.study(), document.results(), *compute(document.study()));
                QVERIFY2(differs.empty(), (way + differs).c_str());
                QVERIFY(!drive.window.grab().isNull());
                way.clear();
            }
        }
        int steps = 0;
        while (drive.window.document().can_undo()) {
            drive.window.document().undo();
            ++steps;
        }
        QVERIFY2(steps > 10, qPrintable(QString::number(steps)));
        QVERIFY(drive.window.document().study() == before);
        QVERIFY(drive.settle());
    }

    void every_command_has_a_name_and_no_two_share_a_key() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QMap<QString, QString> keys;
        int commands = 0;
        const std::function<void(const QMenu*)> look_at = [&](const QMenu* menu) {
            for (QAction* action : menu->actions()) {
                if (action->menu() != nullptr) {
                    look_at(action->menu());
                } else if (!action->isSeparator()) {
                    QVERIFY(!action->text().isEmpty());
                    const QString key = action->shortcut().toString();
                    QVERIFY2(
                        key.isEmpty() || !keys.contains(key) || keys[key] == action->text(),
                        qPrintable(key + QStringLiteral(": ") + action->text() + QStringLiteral(", ") + keys[key]));
                    keys.insert(key, action->text());
                    ++commands;
                }
            }
        };
        for (QAction* action : drive.window.menuBar()->actions()) {
            look_at(action->menu());
        }
        QVERIFY(commands > 80);
    }

    void everything_in_the_window_has_a_name_for_screen_readers() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.command("ledge-list");
        drive.command("find");
        drive.window.page()->write_formula(3);
        for (QWidget* widget : drive.window.findChildren<QWidget*>()) {
            const bool takes_keys = widget->focusPolicy() != Qt::NoFocus && widget->isVisible();
            const bool inner = widget->objectName().startsWith(QStringLiteral("qt_")) ||
                               qobject_cast<QAbstractButton*>(widget) != nullptr || widget->inherits("QScrollBar") ||
                               qobject_cast<QLabel*>(widget) != nullptr || widget->inherits("QSplitter") ||
                               widget->inherits("QTableCornerButton") || qobject_cast<QMenuBar*>(widget) != nullptr;
            if (takes_keys && !inner) {
                QVERIFY2(!widget->accessibleName().isEmpty(), widget->metaObject()->className());
            }
        }
    }
};

LEDGEFALL_TEST(TestRandomActions)
#include "test_random_actions.moc"
