// Tables with one axis that are laid across: their rows run to the right, and all commands are as before.

#include "app/theme/theme.h"
#include "harness/test_program.h"
#include "story_steps.h"
#include "user_simulator.h"

#include <QApplication>
#include <QClipboard>
#include <QTemporaryDir>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestLaidAcross : public QObject {
    Q_OBJECT

    static TableView& view(WindowDriver& drive) { return drive.window.page()->view(); }
    static QRect cell(WindowDriver& drive, int row, int section) {
        return view(drive).rect_of(drive.window.page()->model().index(row, section));
    }
    static QPair<int, int> current(WindowDriver& drive) {
        return {view(drive).current().row(), view(drive).current().column()};
    }
    static QString clipboard() { return QApplication::clipboard()->text(); }

    /// Drift times typed by hand, with a running total and a foot; then laid across by the menu.
    static void lay_drift_times(UserSimulator& hands) {
        hands.drive.new_table(QStringLiteral("Drift"));
        hands.drive.click_cell(0, 0);
        paste(hands.drive, QStringLiteral("time [s]\n12\n15\n11\n14\n"));
        write(hands.drive, QStringLiteral("total = sum(time[1..i])"));
        hands.button_menu(QStringLiteral("foot line"), {QString::fromUtf16(u"mean —")});
        hands.drive.settle();
        hands.drive.click_cell(2, 1);
        hands.menu({QStringLiteral("Table"), QStringLiteral("Show rows across")});
        hands.drive.settle();
    }

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void rows_run_to_the_right() {
        UserSimulator hands(QStringLiteral("-"));
        WindowDriver& drive = hands.drive;
        lay_drift_times(hands);
        QVERIFY(drive.table().laid_across);
        QCOMPARE(current(drive), qMakePair(2, 1)); // what was chosen is chosen still
        QVERIFY(cell(drive, 1, 0).left() >= cell(drive, 0, 0).right());
        QCOMPARE(cell(drive, 1, 0).top(), cell(drive, 0, 0).top());
        QVERIFY(cell(drive, 0, 1).top() >= cell(drive, 0, 0).bottom());
        QCOMPARE(drive.shown(2, 1), QStringLiteral("38"));
        // The headings stand at the left of the cells, and the foot right of them, line by line.
        TableHeading& heading = view(drive).heading();
        QCOMPARE(heading.orientation(), Qt::Vertical);
        QCOMPARE(heading.sectionViewportPosition(1), cell(drive, 0, 1).top());
        FootView& foot = drive.window.page()->foot();
        QVERIFY(foot.isVisible());
        const QWidget& page = *drive.window.page();
        const QPoint beside = foot.viewport()->mapTo(&page, foot.visualRect(foot.model()->index(1, 0)).topLeft());
        const QPoint last = view(drive).viewport()->mapTo(&page, cell(drive, 3, 1).topRight());
        QCOMPARE(beside.y(), last.y());
        QVERIFY(beside.x() > last.x());
        QCOMPARE(drive.foot(0, 0), QStringLiteral("13"));
        hands.picture(QStringLiteral("laid-across"));
        drive.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!drive.window.page()->laid_across());
        QCOMPARE(current(drive), qMakePair(2, 1));
        QVERIFY(cell(drive, 1, 0).top() >= cell(drive, 0, 0).bottom());
        drive.command("redo");
        QVERIFY(drive.window.page()->laid_across());
    }

    void values_are_typed_along_the_row_and_down_the_columns() {
        UserSimulator hands(QStringLiteral("-"));
        WindowDriver& drive = hands.drive;
        lay_drift_times(hands);
        drive.click_cell(3, 0);
        drive.keys(QStringLiteral("20"));
        drive.key(Qt::Key_Tab); // to the right: the next row, which is the one for adding
        QCOMPARE(current(drive), qMakePair(4, 0));
        drive.keys(QStringLiteral("30"));
        drive.key(Qt::Key_Return); // down: the next column, under the cell where the Tab was
        QCOMPARE(current(drive), qMakePair(3, 1));
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 5);
        QCOMPARE(drive.shown(4, 1), QStringLiteral("88"));
        drive.click_cell(1, 0);
        drive.key(Qt::Key_Right);
        QCOMPARE(current(drive), qMakePair(2, 0));
        drive.key(Qt::Key_Delete);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(4, 1), QStringLiteral("77"));
        drive.command("insert-rows");
        QCOMPARE(drive.window.page()->model().table_rows(), 6);
        drive.double_click_heading(0);
        QVERIFY(view(drive).heading().label_line() != nullptr);
        drive.keys(QStringLiteral("drift [s]"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().columns[0]->shown_label(), std::string("drift"));
        QCOMPARE(current(drive), qMakePair(0, 0));
    }

    void formulas_are_pointed_at() {
        UserSimulator hands(QStringLiteral("-"));
        WindowDriver& drive = hands.drive;
        lay_drift_times(hands);
        drive.click_cell(2, 0);
        drive.keys(QStringLiteral("="));
        FormulaEditor& editor = drive.window.page()->editor();
        QVERIFY(editor.is_open());
        drive.keys(QStringLiteral("d = "));
        hands.click_cell(2, 0);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("d = time"));
        drive.keys(QStringLiteral(" - "));
        hands.click_cell(1, 0); // the row before
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("d = time - time[i-1]"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(2, 2), QStringLiteral("-4").replace(u'-', u'−'));
        QCOMPARE(current(drive), qMakePair(2, 2));
        // Alt and an arrow points at what lies there on the screen.
        drive.click_cell(2, 0);
        drive.command("next-column");
        drive.keys(QStringLiteral("e = "));
        drive.key(Qt::Key_Left, Qt::AltModifier);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("e = time[i-1]"));
        drive.key(Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("e = total[i-1]"));
        drive.key(Qt::Key_Escape);
        drive.click_heading(0);
        QCOMPARE(view(drive).chosen().rows(), 4);
        QCOMPARE(view(drive).chosen().columns(), 1);
    }

    void what_is_copied_lies_as_it_is_seen() {
        UserSimulator hands(QStringLiteral("-"));
        WindowDriver& drive = hands.drive;
        lay_drift_times(hands);
        choose(drive, 1, 2, 0, 1);
        drive.command("copy");
        QCOMPARE(clipboard(), QStringLiteral("15\t11\n27\t38\n"));
        drive.click_heading(0);
        drive.command("copy");
        QCOMPARE(clipboard(), QStringLiteral("time\t12\t15\t11\t14\n"));
        QVERIFY(
            QApplication::clipboard()->mimeData()->html().contains(QStringLiteral("<th scope=\"row\">time [s]</th>")));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("1\t2\t3\t4\t5\n")); // from elsewhere: along the row
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 5);
        QCOMPARE(drive.shown(4, 0), QStringLiteral("5"));
        QCOMPARE(drive.shown(4, 1), QStringLiteral("15"));
        QCOMPARE(view(drive).chosen().rows(), 5);
        // What was copied here keeps its lines, wherever it is pasted.
        choose(drive, 1, 3, 0, 0);
        drive.command("copy");
        drive.new_table(QStringLiteral("Down"));
        drive.click_cell(0, 0);
        drive.command("paste");
        QCOMPARE(drive.window.page()->model().table_rows(), 3);
        QCOMPARE(drive.shown(2, 0), QStringLiteral("4"));
    }

    void rows_are_dragged_and_continued_to_the_right() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Steps"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("no\tname\n5\tdish 1\n10\tdish 2\n"));
        drive.command("lay-across");
        choose(drive, 0, 1, 0, 0);
        const QRect last = cell(drive, 1, 0);
        const QPoint drop(last.right() + 4, last.top() + 9);
        QTest::mousePress(view(drive).viewport(), Qt::LeftButton, Qt::NoModifier, drop);
        QTest::mouseMove(view(drive).viewport(), drop + QPoint(30 + 3 * last.width(), 0));
        QTest::mouseRelease(view(drive).viewport(), Qt::LeftButton, Qt::NoModifier,
                            drop + QPoint(30 + 3 * last.width(), 0));
        QVERIFY(drive.window.page()->model().table_rows() > 3);
        QCOMPARE(drive.shown(2, 0), QStringLiteral("15"));
        drive.command("new-table");
        drive.answer(QStringLiteral("4"));
        drive.command("count-rows");
        write(drive, QStringLiteral("twice = 2 * row"));
        drive.command("lay-across");
        auto* edge = drive.window.page()->findChild<RowsEdge*>();
        QVERIFY(edge != nullptr && edge->isVisible());
        QVERIFY(edge->height() > edge->width());
        const int width = view(drive).row_names().defaultSectionSize();
        const QPoint grip = edge->rect().center();
        QTest::mousePress(edge, Qt::LeftButton, Qt::NoModifier, grip);
        QTest::mouseMove(edge, grip + QPoint(2 * width + 3, 0));
        QTest::mouseRelease(edge, Qt::LeftButton, Qt::NoModifier, grip + QPoint(2 * width + 3, 0));
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 6);
        QCOMPARE(drive.shown(5, 0), QStringLiteral("12"));
    }

    void it_is_kept_with_the_study_and_not_for_two_axes() {
        QTemporaryDir folder;
        UserSimulator hands(QStringLiteral("-"));
        lay_drift_times(hands);
        const QString path = folder.filePath(QStringLiteral("drift.ledgefall"));
        QVERIFY(hands.drive.save_to(path));
        WindowDriver other;
        QVERIFY(other.open(path));
        QVERIFY(other.settle());
        QVERIFY(other.window.page()->laid_across());
        QCOMPARE(other.shown(3, 1), QStringLiteral("52"));
        QVERIFY(other.window.open_demo());
        for (const auto& table : other.window.document().study().tables) {
            const Result<Study> laid = lay_across(other.window.document().study(), table->id, true);
            QCOMPARE(static_cast<bool>(laid), !table->two_way());
        }
    }

    void a_heading_over_columns_stands_left_of_theirs() {
        UserSimulator hands(QStringLiteral("-"));
        WindowDriver& drive = hands.drive;
        lay_drift_times(hands);
        const int before = view(drive).heading().sizeHint().width();
        choose(drive, 0, 3, 0, 1);
        drive.answer(QStringLiteral("By the float"));
        drive.command("group-columns");
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().groups.size(), std::size_t{1});
        QVERIFY(view(drive).heading().sizeHint().width() > before);
        hands.picture(QStringLiteral("laid-across-group"));
    }

    /// Moving goes as it is seen, and so do its names: rows to the left and right, columns up and down.
    void rows_and_columns_are_moved_as_they_are_seen() {
        UserSimulator hands(QStringLiteral("-"));
        WindowDriver& drive = hands.drive;
        lay_drift_times(hands);
        const auto alt_shift = Qt::AltModifier | Qt::ShiftModifier;
        drive.click_cell(2, 0);
        drive.key(Qt::Key_Left, alt_shift);
        QVERIFY(drive.settle());
        QCOMPARE(current(drive), qMakePair(1, 0));
        QCOMPARE(drive.shown(1, 0), QStringLiteral("11"));
        QCOMPARE(drive.shown(2, 1), QStringLiteral("38"));
        drive.click_cell(0, 0);
        drive.key(Qt::Key_Down, alt_shift);
        QCOMPARE(drive.table().columns[0]->name, std::string("total"));
        drive.command("move-column-left");
        QCOMPARE(drive.table().columns[0]->name, std::string("time"));
        drive.command("lay-across"); // down again
        QVERIFY(!drive.window.page()->laid_across());
        drive.click_cell(0, 0);
        drive.key(Qt::Key_Down, alt_shift);
        QCOMPARE(drive.shown(1, 0), QStringLiteral("12"));
        drive.command("move-column-right");
        QCOMPARE(drive.table().columns[1]->name, std::string("time"));
    }

    /// All rows get wider and narrower together, and fit again.
    void rows_are_made_wider() {
        UserSimulator hands(QStringLiteral("-"));
        WindowDriver& drive = hands.drive;
        lay_drift_times(hands);
        const auto control_alt = Qt::ControlModifier | Qt::AltModifier;
        const auto width = [&drive] { return cell(drive, 1, 0).width(); };
        const int before = width();
        drive.click_cell(1, 0);
        drive.key(Qt::Key_Right, control_alt);
        QTRY_COMPARE(width(), before + 12);
        QCOMPARE(cell(drive, 3, 1).width(), before + 12);
        drive.click_cell(1, 1);
        drive.key(Qt::Key_Left, control_alt);
        QTRY_COMPARE(width(), before);
        drive.key(Qt::Key_Right, control_alt);
        drive.key(Qt::Key_Right, control_alt);
        QTRY_COMPARE(width(), before + 24);
        drive.key(Qt::Key_Down, control_alt);
        QTRY_COMPARE(width(), before);
        QCOMPARE(drive.table().columns[0]->width, 0);
        QCOMPARE(drive.table().columns[1]->width, 0);
    }

    /// At another zoom all rows and columns are seen as before, where there is room.
    void it_is_zoomed() {
        UserSimulator hands(QStringLiteral("-"));
        lay_drift_times(hands);
        const int before = view(hands.drive).width();
        const auto back = qScopeGuard([] { set_zoom(1); });
        set_zoom(1.4);
        QVERIFY(hands.drive.settle());
        QTRY_VERIFY(view(hands.drive).width() > before);
        QTRY_VERIFY(view(hands.drive).viewport()->rect().contains(cell(hands.drive, 3, 1)));
    }

    /// A table of all kinds of rows and columns, laid across, groups and classes too.
    void demo_tables_are_laid_across() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const std::vector<Shared<Table>> tables = drive.window.document().study().tables;
        for (const auto& table : tables) {
            if (table->two_way()) {
                continue;
            }
            drive.window.show_table(table->id);
            QVERIFY(drive.settle());
            const QString below = drive.shown(0, 0);
            drive.command("lay-across");
            QVERIFY(drive.settle());
            QVERIFY2(drive.window.page()->laid_across(), table->name.c_str());
            QCOMPARE(drive.shown(0, 0), below);
        }
    }
};

LEDGEFALL_TEST(TestLaidAcross)
#include "test_laid_across.moc"
