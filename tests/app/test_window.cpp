// The real window, driven by mouse and keys through a student's first hour.

#include "app/theme/theme.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "files/tables/delimited.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QApplication>
#include <QClipboard>
#include <QHeaderView>
#include <QMenu>
#include <QSettings>
#include <QTemporaryDir>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestWindow : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void the_demo_opens_and_all_checks_hold() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 0), QStringLiteral("42"));
        QCOMPARE(drive.shown(0, 1), QStringLiteral("−8.875"));
        QCOMPARE(drive.foot(0, 0), QStringLiteral("1221"));
        for (const auto& check : drive.window.document().study().checks) {
            QVERIFY2(drive.window.document().results().single(check->id).yes(), check->label.c_str());
        }
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(0, 5), QStringLiteral("100.0\u202F%"));
        drive.window.show_table(drive.window.document().study().tables[2]->id);
        QCOMPARE(drive.window.page()->model().table_rows(), 200);
        QCOMPARE(drive.shown(0, 1), QStringLiteral("0.80000"));
    }

    void a_students_first_table() {
        WindowDriver drive;
        // A new study, a table with a name, a column of lengths typed with Enter.
        drive.command("new");
        drive.command("new-table");
        auto* title = drive.window.page()->findChild<QLabel*>(QStringLiteral("title"));
        QTRY_VERIFY(title->width() > 0 && title->isVisible());
        QTest::mouseDClick(title, Qt::LeftButton, Qt::NoModifier, title->rect().center()); // written in place
        QCoreApplication::processEvents();
        drive.keys(QStringLiteral("Gravel"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().name, std::string("Gravel"));
        drive.click_cell(0, 0);
        for (const char* length : {"42", "57", "38", "61"}) {
            drive.keys(QString::fromLatin1(length));
            drive.key(Qt::Key_Return);
        }
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 4);
        QCOMPARE(drive.table().columns.front()->name, std::string("x"));
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 4);

        // A value on the ledge.
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("shift = 0.5"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.window.document().study().held_named("shift")->value.number(), 0.5);

        // dev = x - mean(x), written on the editor, falls through all rows; then sq = dev^2 by typing = in the next
        // column.
        drive.click_heading(1);
        QVERIFY(drive.window.page()->editor().is_open());
        drive.keys(QStringLiteral("dev = x - mean("));
        QVERIFY(!drive.window.page()->editor().message().isEmpty());
        drive.keys(QStringLiteral("x)"));
        QTRY_VERIFY(drive.window.page()->editor().preview().contains(QStringLiteral("row 1: −7.5")));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QVERIFY(!drive.window.page()->editor().is_open());
        QCOMPARE(drive.shown(3, 1), QStringLiteral("11.5"));
        drive.click_cell(0, 2);
        drive.key(Qt::Key_Equal);
        drive.keys(QStringLiteral("sq = "));
        drive.click_heading(1); // pointing puts the name in
        drive.keys(QStringLiteral("^2"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 2), QStringLiteral("56.25"));

        // Sums and means in the foot, chosen from the measures.
        for (QAction* action : drive.window.page()->findChild<NewFootMenu*>()->actions()) {
            if (action->text().startsWith(QStringLiteral("sum —")) ||
                action->text().startsWith(QStringLiteral("mean —"))) {
                action->trigger();
            }
        }
        QCOMPARE(drive.table().foot.size(), std::size_t{2});
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(0, 0), QStringLiteral("198"));
        QCOMPARE(drive.foot(0, 1), QStringLiteral("0"));

        // One length corrected: everything follows; undone: everything is back.
        drive.click_cell(3, 0);
        drive.keys(QStringLiteral("63"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(0, 0), QStringLiteral("200"));
        QCOMPARE(drive.shown(0, 1), QStringLiteral("−8"));
        drive.command("undo");
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(0, 0), QStringLiteral("198"));

        // Saved, closed, opened again: the same study. The table goes out as CSV, and comes back the same.
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        QVERIFY(drive.window.isWindowModified());
        QVERIFY(drive.save_to(path));
        QVERIFY(!drive.window.isWindowModified());
        const QString table_path = folder.filePath(QStringLiteral("gravel.csv"));
        drive.export_table(table_path);
        QVERIFY(drive.files_done());
        QCOMPARE(QString::fromStdString(*read_file(table_path.toStdString())).section(QStringLiteral("\r\n"), 0, 1),
                 QStringLiteral("x,dev,sq\r\n42,-7.5,56.25"));
        const Study before = drive.window.document().study();
        WindowDriver again;
        QVERIFY(again.open(path));
        QVERIFY(again.window.document().study() == before);
        QVERIFY(again.settle());
        QCOMPARE(again.foot(0, 0), QStringLiteral("198"));
        QCOMPARE(QSettings().value(QStringLiteral("recent")).toStringList().front(), path);
    }

    void blocks_come_in_and_go_out() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Drift"));
        drive.click_cell(0, 0);
        QApplication::clipboard()->setText(QStringLiteral("Reach\tTime [s]\nupper\t12.5\nlower\t14\n"));
        drive.command("paste");
        QCOMPARE(drive.table().columns.size(), std::size_t{2});
        QCOMPARE(drive.table().columns[1]->unit, std::string("s"));
        QCOMPARE(drive.shown(1, 1), QStringLiteral("14.0"));
        drive.window.page()->view().selectAll();
        drive.command("copy");
        QCOMPARE(QApplication::clipboard()->text(), QStringLiteral("reach\ttime\nupper\t12.5\nlower\t14\n"));
        drive.click_cell(1, 1); // a block over cells that are there, and beyond the end
        QApplication::clipboard()->setText(QStringLiteral("15\n16\n"));
        drive.command("paste");
        QCOMPARE(drive.window.page()->model().table_rows(), 3);
        QCOMPARE(drive.shown(2, 1), QStringLiteral("16.0"));
        drive.click_cell(2, 1);
        drive.key(Qt::Key_Delete);
        QCOMPARE(drive.shown(2, 1), QString());
    }

    void enter_and_tab_move() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("T"));
        drive.click_cell(0, 0);
        drive.keys(QStringLiteral("1"));
        drive.key(Qt::Key_Tab);
        drive.keys(QStringLiteral("2"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 1);
        QCOMPARE(drive.window.page()->view().currentIndex().column(), 0);
        QCOMPARE(drive.shown(0, 1), QStringLiteral("2"));
        drive.click_cell(1, 1);
        for (const char* value : {"3", "4", "5"}) {
            drive.keys(QString::fromLatin1(value));
            drive.key(Qt::Key_Return);
        }
        drive.click_cell(0, 1); // correcting in the middle goes down by one row, and up with Shift
        drive.keys(QStringLiteral("7"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 1);
        QCOMPARE(drive.shown(1, 1), QStringLiteral("3"));
        drive.key(Qt::Key_Return, Qt::ShiftModifier);
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 0);
        drive.click_cell(4, 1);
        drive.keys(QStringLiteral("9"));
        drive.key(Qt::Key_Escape); // leaves the cell as it was
        QCOMPARE(drive.window.page()->model().table_rows(), 4);
    }

    void faults_are_seen_and_explained() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(3, {});
        drive.keys(QStringLiteral("ratio = 1 / (x - 42)"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 3), QStringLiteral("÷ 0"));
        drive.click_cell(0, 3);
        QVERIFY2(drive.window.details().story().contains(QStringLiteral("Pebbles.ratio, row 1: division by zero.")),
                 qPrintable(drive.window.details().story()));
    }

    void a_formula_that_does_not_parse_stays_as_typed() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const Study before = drive.window.document().study();
        drive.window.page()->write_formula(3, {});
        FormulaEditor& editor = drive.window.page()->editor();
        drive.keys(QStringLiteral("z = 2x"));
        drive.key(Qt::Key_Return);
        QVERIFY(editor.is_open());
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("z = 2x"));
        QVERIFY(editor.message().contains(QStringLiteral("2*x")));
        editor.line().selectAll();
        drive.keys(QStringLiteral("z = deev + 1"));
        QVERIFY2(editor.message().contains(QStringLiteral("Did you mean dev?")), qPrintable(editor.message()));
        editor.line().selectAll();
        drive.keys(QStringLiteral("z = z + 1"));
        drive.key(Qt::Key_Return);
        QVERIFY(editor.is_open());
        QVERIFY(editor.message().contains(QStringLiteral("z → z")));
        drive.key(Qt::Key_Escape);
        QVERIFY(!editor.is_open());
        QVERIFY(drive.window.document().study() == before);
    }

    void a_typed_over_cell_is_marked_and_given_back() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(1, 1);
        drive.keys(QStringLiteral("100"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        const QModelIndex cell = drive.window.page()->model().index(1, 1);
        QVERIFY(cell.data(TableModel::OverrideRole).toBool());
        QCOMPARE(drive.shown(1, 2), QStringLiteral("10000.0"));
        const auto menu = drive.window.page()->column_menu(1, 1);
        for (QAction* action : menu->actions()) {
            if (action->text() == QStringLiteral("Restore formula in this cell")) {
                action->trigger();
            }
        }
        QVERIFY(drive.settle());
        QVERIFY(!cell.data(TableModel::OverrideRole).toBool());
        QCOMPARE(drive.shown(1, 1), QStringLiteral("6.125"));
    }

    void held_values_are_changed_renamed_and_taken_off() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().tables[2]->id);
        QVERIFY(drive.settle());
        const Id stiffness = drive.table().ledge[0]->id;
        HeldCard* card = drive.window.ledge().card(stiffness);
        QTest::mouseDClick(card, Qt::LeftButton);
        drive.keys(QStringLiteral("24"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().ledge[0]->value.number(), 24.0);
        QCOMPARE(drive.shown(0, 4), QStringLiteral("22.5000"));
        drive.window.ledge().card(stiffness)->edit(true);
        drive.keys(QStringLiteral("stiffness"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().ledge[0]->name, std::string("stiffness"));
        QVERIFY(drive.table().column_named("pull")->pieces[0].formula.text().find("stiffness *") != std::string::npos);
        QVERIFY(!remove_held(drive.window.document().study(), stiffness));
    }

    void unsaved_changes_are_asked_about() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("T"));
        drive.press_button_of_next_dialog(QStringLiteral("Cancel"));
        QVERIFY(!drive.window.close());
        QVERIFY(drive.window.isVisible());
        drive.press_button_of_next_dialog(QStringLiteral("Discard"));
        drive.command("new");
        QVERIFY(drive.window.document().study().tables.empty());
        QVERIFY(drive.window.close());
    }

    void a_file_that_cannot_be_read_is_told_in_one_sentence() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("cut.ledgefall"));
        QVERIFY(write_file(path.toStdString(), "{\"format\": \"ledgefall-study\", \"ver"));
        QVERIFY(!drive.open(path));
        QVERIFY2(drive.notice().contains(QStringLiteral("cut off")), qPrintable(drive.notice()));
        QCOMPARE(drive.window.document().study().tables.size(), std::size_t{9}); // what was open stays open
    }

    void text_is_imported_with_a_report() {
        WindowDriver drive;
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("drift.csv"));
        QVERIFY(write_file(path.toStdString(), "reach;time\nupper;1,5\nlower;2,5;extra\n"));
        drive.window.imports().read_text(path, bytes_of_file(path), {}, QStringLiteral("Drift times"));
        QVERIFY(drive.files_done());
        QCOMPARE(drive.table().name, std::string("Drift_times"));
        QCOMPARE(drive.shown(1, 1), QStringLiteral("2.5"));
        QVERIFY2(drive.notice().contains(QStringLiteral("line 3")), qPrintable(drive.notice()));
    }

    void undo_and_redo_reach_both_ends() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("T"));
        drive.click_cell(0, 0);
        for (int k = 1; k <= 30; ++k) {
            drive.keys(QString::number(k));
            drive.key(Qt::Key_Return);
        }
        Document& document = drive.window.document();
        while (document.can_undo()) {
            document.undo();
        }
        QVERIFY(document.study().tables.empty());
        QVERIFY(drive.window.page() == nullptr);
        while (document.can_redo()) {
            document.redo();
        }
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 30);
        QCOMPARE(drive.shown(29, 0), QStringLiteral("30"));
    }

    void everything_says_what_it_is() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        for (const QWidget* widget : std::initializer_list<const QWidget*>{
                 &drive.window.page()->view(), &drive.window.page()->foot(), &drive.window.ledge(),
                 &drive.window.details(), &drive.window.page()->editor().line()}) {
            QVERIFY(!widget->accessibleName().isEmpty());
        }
        const Id held = drive.table().ledge[0]->id;
        QVERIFY(drive.window.ledge().card(held)->accessibleDescription().contains(QStringLiteral("count(x)")));
        const TableModel& model = drive.window.page()->model();
        QVERIFY(
            model.headerData(1, Qt::Horizontal, Qt::AccessibleTextRole).toString().contains(QStringLiteral("x - m")));
    }
};

LEDGEFALL_TEST(TestWindow)
#include "test_window.moc"
