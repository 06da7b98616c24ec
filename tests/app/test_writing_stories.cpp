// Stories of writing formulas by pointing, of trusting the result, and of laying out, through the real window.

#include "app/dialogs/check_dialog.h"
#include "app/dialogs/continue_dialog.h"
#include "app/dialogs/held_dialog.h"
#include "app/shell/formula_page.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QAccessible>
#include <QApplication>
#include <QClipboard>
#include <QScrollBar>
#include <QTemporaryDir>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestWritingStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    /// Drift times of a float, four drifts a reach, to a mean in three units.
    void drift_times_come_to_a_mean_in_three_units() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Drift"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("reach\tt1\tt2\tt3\tt4\nupper\t12.1\t11.9\t12.4\t12\nlower\t20\t21\t19\t20\n"));
        choose(drive, 0, 1, 1, 4);
        drive.entry("across", QStringLiteral("mean"));
        FormulaEditor& editor = drive.window.page()->editor();
        QVERIFY(editor.is_open());
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("mean = mean(t1[i] .. t4[i])"));
        QTRY_VERIFY2(editor.preview().contains(QStringLiteral("row 2: 20")), qPrintable(editor.preview()));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 5), QStringLiteral("12.1"));
        choose(drive, 0, 0, 1, 4); // a heading over the four drifts
        drive.answer(QStringLiteral("Drifts"));
        drive.command("group-columns");
        QCOMPARE(drive.table().groups.size(), std::size_t{1});
        drive.answer(QStringLiteral("drifts_of_floats"));
        drive.command("rename-group");
        QCOMPARE(drive.table().groups.front()->name, std::string("drifts_of_floats"));
        write(drive, QStringLiteral("minutes [min] = convert(mean, \"s\", \"min\")"));
        write(drive, QStringLiteral("hours [h] = convert(mean, \"s\", \"h\")"));
        QCOMPARE(drive.window.page()->model().value(1, 6).number(), 20.0 / 60);
        QCOMPARE(drive.window.page()->model().value(1, 7).number(), 20.0 / 3600);
        drive.click_cell(0, 5);
        QVERIFY2(working(drive).contains(QStringLiteral("mean[1]")), qPrintable(working(drive)));
        QVERIFY(drive.window.details().working().used_by().contains(QStringLiteral("Drift.hours")));
    }

    /// A share of a total done wrong, and corrected through the check that is offered.
    void a_wrong_share_is_mended_through_the_offered_check() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        QVERIFY(drive.settle());
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("n = 200")); // the total as somebody remembered it
        drive.key(Qt::Key_Return);
        write(drive, QStringLiteral("part = riffle / n"));
        SuggestionBar& offers = drive.window.page()->suggestions();
        QVERIFY(offers.is_offered());
        offers.take();
        QVERIFY(drive.settle());
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("failing checks: 1")));
        QTRY_VERIFY2(offers.is_offered() && offers.text().contains(QStringLiteral("riffle")),
                     qPrintable(offers.text()));
        offers.take();
        QVERIFY(drive.settle());
        QCOMPARE(formula(drive, "part"), std::string("riffle / sum(riffle)"));
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("checks that hold: 6")));
        QVERIFY(!offers.is_offered());
    }

    void a_lacking_total_is_held_with_one_key() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(99);
        drive.keys(QStringLiteral("part = pool / all_pool"));
        FormulaEditor& editor = drive.window.page()->editor();
        QVERIFY(editor.can_correct());
        drive.key(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY2(editor.draft().is_valid(), qPrintable(editor.message()));
        QVERIFY(drive.table().ledge.empty()); // it comes with the formula, not before
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().ledge[0]->formula.text(), std::string("sum(pool)"));
        QCOMPARE(drive.window.page()->model().value(0, 7).number(), 21.0 / 168);
        drive.window.document().undo(); // and goes with it
        QVERIFY(drive.table().ledge.empty());
    }

    /// A growth table from first … then, with its rate slid.
    void a_growth_table_follows_its_slider() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Growth"));
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("rate = 0.1"));
        drive.key(Qt::Key_Return);
        drive.answer(QStringLiteral("10"));
        drive.command("count-rows");
        write(drive, QStringLiteral("n = first 100 then n[i-1] * (1 + rate)"));
        QCOMPARE(drive.window.page()->model().value(2, 0).number(), 100 * 1.1 * 1.1);
        const Id rate = drive.window.document().study().held_named("rate")->id;
        QVERIFY(drive.window.document().perform(
            QStringLiteral("slider"),
            detail_held(drive.window.document().study(), rate, {"", "", "", Slider{0, 0.5, 0.05}, {}})));
        HeldCard* card = drive.window.ledge().card(rate);
        const QRect track = card->track();
        QVERIFY(!track.isEmpty());
        QTest::mousePress(card, Qt::LeftButton, Qt::NoModifier, {track.left() + 8, track.center().y()});
        for (int x = track.left() + 8; x <= track.right(); x += 7) {
            QTest::mouseMove(card, {x, track.center().y()});
        }
        QTest::mouseRelease(card, Qt::LeftButton, Qt::NoModifier, {track.right() - 2, track.center().y()});
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.document().study().held_named("rate")->value.number(), 0.5);
        QCOMPARE(drive.window.page()->model().value(2, 0).number(), 225.0);
        drive.command("undo"); // all of the sliding is one step
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.document().study().held_named("rate")->value.number(), 0.1);
        card = drive.window.ledge().card(rate);
        card->setFocus();
        QTest::keyClick(card, Qt::Key_Right);
        QCOMPARE(drive.window.document().study().held_named("rate")->value.number(), 0.15);
        QTest::keyClick(card, Qt::Key_Home);
        QCOMPARE(drive.window.document().study().held_named("rate")->value.number(), 0.0);
        drive.click_cell(3, 0);
        QVERIFY2(working(drive).contains(QStringLiteral("n[3]")), qPrintable(working(drive))); // the row it came from
    }

    /// Three data columns with quartiles below.
    void quartiles_stand_under_three_columns() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Temperatures"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("a\tb\tc\n1\t10\t5\n2\t20\t5\n3\t30\t6\n4\t40\t7\n"));
        drive.click_cell(0, 0); // of one chosen cell, all columns are meant
        for (const char16_t* quartile : {u"q1 —", u"q3 —"}) {
            QAction* action =
                drive.action_in_menu(*drive.window.page()->findChild<NewFootMenu*>(), QString::fromUtf16(quartile));
            QVERIFY(action != nullptr);
            action->trigger();
        }
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(0, 0), QStringLiteral("1.75"));
        QCOMPARE(drive.foot(1, 1), QStringLiteral("32.5"));
        QCOMPARE(drive.foot(0, 2), QStringLiteral("5"));
        FootView& foot = drive.window.page()->foot();
        QTest::mouseClick(foot.viewport(), Qt::LeftButton, Qt::NoModifier,
                          foot.visualRect(foot.foot().index(1, 1)).center());
        QVERIFY(drive.window.details().working().heading().contains(QStringLiteral("q3 under b")));
        QVERIFY2(drive.window.details().story().contains(QStringLiteral("32.5")),
                 qPrintable(drive.window.details().story()));
    }

    /// A sheet emptied and filled with other data: the formulas are still there, and cover the new rows.
    void a_sheet_is_emptied_and_filled_again() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        choose(drive, 0, 0, 0, 0);
        drive.window.page()->view().selectColumn(0);
        drive.key(Qt::Key_Delete);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QString());
        QCOMPARE(drive.foot(0, 0), QStringLiteral("0"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("10\n20\n30\n"));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QStringLiteral("−10"));
        QCOMPARE(drive.foot(0, 0), QStringLiteral("60"));
        // That the pebbles' classes no longer cover them is told.
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("failing checks: 1 of 5")));
    }

    void pointing_puts_names_in() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(3, 1);
        drive.window.page()->write_formula(3);
        FormulaEditor& editor = drive.window.page()->editor();
        const auto text = [&editor] { return editor.line().toPlainText(); };
        drive.keys(QStringLiteral("a = "));
        drive.click_cell(3, 0); // the formula's own row
        QCOMPARE(text(), QStringLiteral("a = x"));
        drive.click_cell(5, 0); // pointing again takes its place
        QCOMPARE(text(), QStringLiteral("a = x[6]"));
        QVERIFY(editor.aid().contains(QStringLiteral("stays put")));
        drive.key(Qt::Key_L, Qt::ControlModifier);
        QCOMPARE(text(), QStringLiteral("a = x"));
        QVERIFY(editor.aid().contains(QStringLiteral("follows the row")));
        drive.key(Qt::Key_L, Qt::ControlModifier);
        QCOMPARE(text(), QStringLiteral("a = x[4]"));
        drive.key(Qt::Key_L, Qt::ControlModifier);
        drive.keys(QStringLiteral(" - "));
        drive.click_cell(2, 0);
        QCOMPARE(text(), QStringLiteral("a = x - x[i-1]"));
        drive.keys(QStringLiteral(" + "));
        FootView& foot = drive.window.page()->foot();
        QTest::mouseClick(foot.viewport(), Qt::LeftButton, Qt::NoModifier,
                          foot.visualRect(foot.foot().index(1, 0)).center());
        QCOMPARE(text(), QStringLiteral("a = x - x[i-1] + mean(x)"));
        drive.keys(QStringLiteral(" / "));
        QTest::mouseClick(drive.window.ledge().card(drive.table().ledge[3]->id), Qt::LeftButton);
        QCOMPARE(text(), QStringLiteral("a = x - x[i-1] + mean(x) / s"));
        drive.keys(QStringLiteral(" * "));
        drive.key(Qt::Key_Left, Qt::AltModifier); // and by keys
        QCOMPARE(text(), QStringLiteral("a = x - x[i-1] + mean(x) / s * x"));
        drive.key(Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(text(), QStringLiteral("a = x - x[i-1] + mean(x) / s * x[5]"));
        QVERIFY(!drive.window.page()->view().referenced_cells().empty());
        const QString before = QStringLiteral("a = x - x[i-1] + mean(x) / s * ");
        drive.key(Qt::Key_Home, Qt::AltModifier); // the headings, and up from there the ledge
        QCOMPARE(text(), before + QStringLiteral("x"));
        drive.key(Qt::Key_Up, Qt::AltModifier);
        drive.key(Qt::Key_Right, Qt::AltModifier);
        QCOMPARE(text(), before + QStringLiteral("m"));
        drive.key(Qt::Key_Down, Qt::AltModifier);
        drive.key(Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(text(), before + QStringLiteral("x[1]"));
        drive.key(Qt::Key_End, Qt::AltModifier); // the foot
        QCOMPARE(text(), before + QStringLiteral("sum(x)"));
        drive.key(Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(text(), before + QStringLiteral("mean(x)"));
        drive.key(Qt::Key_PageDown, Qt::AltModifier); // another table's columns
        drive.key(Qt::Key_Right, Qt::AltModifier);
        QCOMPARE(text(), before + QStringLiteral("Invertebrates.riffle"));
        drive.key(Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(text(), before + QStringLiteral("Invertebrates.riffle[1]"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().columns.size(), std::size_t{4});
        QVERIFY(drive.window.page()->view().referenced_cells().empty());
    }

    void another_tables_columns_are_pointed_at_beside() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(1, 0);
        drive.window.page()->write_formula(3);
        drive.keys(QStringLiteral("b = x / sum("));
        drive.window.show_table(drive.window.document().study().tables[1]->id); // while writing: beside
        TablePage* beside = drive.window.pages().beside();
        QVERIFY(beside != nullptr);
        QVERIFY(QTest::qWaitForWindowExposed(&drive.window));
        TableHeading& heading = beside->view().heading();
        QTest::mouseClick(heading.viewport(), Qt::LeftButton, Qt::NoModifier,
                          {heading.sectionViewportPosition(1) + 12, 20});
        QCOMPARE(drive.window.page()->editor().line().toPlainText(),
                 QStringLiteral("b = x / sum(Invertebrates.riffle"));
        drive.key(Qt::Key_Return, Qt::ControlModifier); // the bracket is closed by a key
        QCOMPARE(drive.window.page()->editor().line().toPlainText(),
                 QStringLiteral("b = x / sum(Invertebrates.riffle)"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().value(0, 3).number(), 42.0 / 206);
        drive.command("one-table");
        QVERIFY(drive.window.pages().beside() == nullptr);
    }

    void results_are_seen_before_they_are_entered() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(1);
        FormulaEditor& editor = drive.window.page()->editor();
        editor.line().selectAll();
        drive.keys(QStringLiteral("dev = x * 100"));
        const QModelIndex cell = drive.window.page()->model().index(0, 1);
        QTRY_VERIFY(cell.data(TableModel::TrialRole).toBool());
        QTRY_COMPARE(cell.data().toString(), QStringLiteral("4200"));
        QTRY_VERIFY(editor.preview().contains(QStringLiteral("100")));
        QVERIFY2(editor.preview().contains(QStringLiteral("42 × 100")) ||
                     editor.preview().contains(QStringLiteral("42 · 100")),
                 qPrintable(editor.preview()));
        QCOMPARE(drive.window.document().results().cell(drive.table().columns[1]->id, 0).number(), -8.875);
        drive.key(Qt::Key_Escape);
        QVERIFY(!cell.data(TableModel::TrialRole).toBool());
        QCOMPARE(cell.data().toString(), QStringLiteral("−8.875"));
        drive.window.page()->write_formula(3);
        drive.keys(QStringLiteral("new = x + 1"));
        QTRY_COMPARE(drive.shown(0, 3), QStringLiteral("43")); // in the place of the next column
        drive.key(Qt::Key_Escape);
        QCOMPARE(drive.shown(0, 3), QString());
    }

    void names_complete_and_mistakes_are_mended() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(3);
        FormulaEditor& editor = drive.window.page()->editor();
        drive.keys(QStringLiteral("a = va"));
        QVERIFY(editor.completions().texts().contains(QStringLiteral("variance")));
        drive.key(Qt::Key_Tab);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("a = variance"));
        drive.keys(QStringLiteral(" + qua"));
        drive.key(Qt::Key_Down);
        drive.key(Qt::Key_Up);
        drive.key(Qt::Key_Return); // takes the one that was moved to, and does not fill
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("a = variance + quantile("));
        QVERIFY2(editor.aid().contains(QStringLiteral("runs over the rows")), qPrintable(editor.aid()));
        drive.keys(QStringLiteral("x, 0.5, "));
        QVERIFY(editor.aid().contains(QStringLiteral("type is a single value")));
        drive.keys(QStringLiteral("7) + deev"));
        QVERIFY(editor.can_correct());
        drive.key(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("a = variance + quantile(x, 0.5, 7) + dev"));
        QVERIFY(editor.draft().is_valid());
        QVERIFY(!editor.can_correct());
    }

    void a_number_is_lifted_onto_the_ledge() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(3);
        FormulaEditor& editor = drive.window.page()->editor();
        drive.keys(QStringLiteral("g = x * 9.81"));
        editor.lift_as(QStringLiteral("gravity"));
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("g = x * gravity"));
        drive.keys(QStringLiteral(" + x[3]"));
        editor.lift_as(QStringLiteral("third"));
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("g = x * gravity + third"));
        editor.lift_as(QStringLiteral("x")); // there is no number at the cursor
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.document().study().held_named("gravity")->value.number(), 9.81);
        QCOMPARE(drive.table().ledge.back()->formula.text(), std::string("x[3]"));
        QCOMPARE(drive.window.page()->model().value(0, 3).number(), 42 * 9.81 + 38);
    }

    void one_formula_is_spread_over_columns() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        QVERIFY(drive.settle());
        const std::size_t before = drive.table().columns.size();
        choose(drive, 0, 2, 1, 3);
        drive.command("spread");
        drive.keys(QStringLiteral("part = each / sum(each)"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().columns.size(), before + 3);
        QCOMPARE(formula(drive, "part_pool"), std::string("pool / sum(pool)"));
    }

    void working_shows_where_a_value_and_a_fault_come_from() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        write(drive, QStringLiteral("ratio = 1 / (x - 42)"));
        write(drive, QStringLiteral("twice = ratio * 2"));
        drive.click_cell(0, 4);
        WorkingPanel& panel = drive.window.details().working();
        QVERIFY2(panel.story().contains(QStringLiteral("Pebbles.ratio, row 1: division by zero")),
                 qPrintable(panel.story()));
        panel.follow(QStringLiteral("go:0")); // the first link: where it began
        QCOMPARE(drive.window.page()->view().currentIndex().column(), 3);
        drive.click_cell(3, 1);
        QVERIFY(working(drive).contains(QStringLiteral("61 − 50.875")));
        drive.key(Qt::Key_Down); // walking along a column
        QVERIFY2(working(drive).contains(QStringLiteral("49 − 50.875")), qPrintable(working(drive)));
        QVERIFY(panel.uses().contains(QStringLiteral("Pebbles.m")));
        panel.follow(QStringLiteral("go:1")); // x is the first
        QVERIFY(working(drive).contains(QStringLiteral("1221")));
        QVERIFY(panel.heading().startsWith(QStringLiteral("m")));
    }

    void overrides_are_listed_and_given_back() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        for (const int row : {1, 4}) {
            drive.click_cell(row, 1);
            drive.keys(QStringLiteral("100"));
            drive.key(Qt::Key_Return);
        }
        QVERIFY(drive.settle());
        drive.click_cell(1, 1);
        WorkingPanel& panel = drive.window.details().working();
        panel.follow(QStringLiteral("back:1"));
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().columns[1]->overrides->size(), std::size_t{1});
        QCOMPARE(drive.shown(1, 1), QStringLiteral("6.125"));
        panel.follow(QStringLiteral("back:all"));
        QVERIFY(drive.table().columns[1]->overrides->empty());
    }
};

LEDGEFALL_TEST(TestWritingStories)
#include "test_writing_stories.moc"
