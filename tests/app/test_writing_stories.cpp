// Stories of writing formulas by pointing, of trusting the result, and of laying out, through the real window.

#include "app/check_dialog.h"
#include "app/continue_dialog.h"
#include "app/formula_page.h"
#include "app/held_dialog.h"
#include "app/look.h"
#include "core/study/edits.h"
#include "window_driver.h"

#include <QAccessible>
#include <QApplication>
#include <QClipboard>
#include <QScrollBar>
#include <QTemporaryDir>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// Chooses a block of cells, as by dragging over it.
void choose(WindowDriver& drive, int top, int bottom, int left, int right) {
    TableView& view = drive.window.page()->view();
    drive.click_cell(top, left);
    const QPoint to = view.visualRect(drive.window.page()->model().index(bottom, right)).center();
    QTest::mouseClick(view.viewport(), Qt::LeftButton, Qt::ShiftModifier, to);
}

void paste(WindowDriver& drive, const QString& text) {
    QApplication::clipboard()->setText(text);
    drive.command(QStringLiteral("Paste"));
}

void write(WindowDriver& drive, const QString& definition) {
    drive.window.page()->write_formula(drive.window.page()->model().columnCount() - 1);
    drive.keys(definition);
    drive.key(Qt::Key_Return);
    QVERIFY(!drive.window.page()->slip().is_open());
    QVERIFY(drive.settle());
}

std::string formula(WindowDriver& drive, const std::string& name) {
    const ColumnDefinition* column = drive.table().column_named(name);
    return column == nullptr || !column->worked() ? "" : column->pieces.front().formula.text();
}

QString working(WindowDriver& drive) {
    WorkingPanel& panel = drive.window.companion().working();
    (void)QTest::qWaitFor([&] { return !panel.busy(); });
    return panel.working_text();
}

} // namespace

class TestWritingStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    /// Drift times of a float, four drifts a reach, to a mean in three units.
    void drift_times_come_to_a_mean_in_three_units() {
        WindowDriver drive;
        drive.window.new_table(QStringLiteral("Drift"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("reach\tt1\tt2\tt3\tt4\nupper\t12.1\t11.9\t12.4\t12\nlower\t20\t21\t19\t20\n"));
        choose(drive, 0, 1, 1, 4);
        drive.command(QStringLiteral("mean"));
        WritingSlip& slip = drive.window.page()->slip();
        QVERIFY(slip.is_open());
        QCOMPARE(slip.line().toPlainText(), QStringLiteral("mean = mean(t1[i] .. t4[i])"));
        QTRY_VERIFY2(slip.preview().contains(QStringLiteral("row 2: 20")), qPrintable(slip.preview()));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 5), QStringLiteral("12.1"));
        choose(drive, 0, 0, 1, 4); // a heading over the four drifts
        drive.window.commands().group_chosen(QStringLiteral("Drifts"));
        QCOMPARE(drive.table().groups.size(), std::size_t{1});
        write(drive, QStringLiteral("minutes [min] = convert(mean, \"s\", \"min\")"));
        write(drive, QStringLiteral("hours [h] = convert(mean, \"s\", \"h\")"));
        QCOMPARE(drive.window.page()->model().value(1, 6).number(), 20.0 / 60);
        QCOMPARE(drive.window.page()->model().value(1, 7).number(), 20.0 / 3600);
        drive.click_cell(0, 5);
        QVERIFY2(working(drive).contains(QStringLiteral("mean[1]")), qPrintable(working(drive)));
        QVERIFY(drive.window.companion().working().used_by().contains(QStringLiteral("Drift.hours")));
    }

    /// A share of a total done wrong, and mended through the check that is offered.
    void a_wrong_share_is_mended_through_the_offered_check() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        QVERIFY(drive.settle());
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("n = 200")); // the total as somebody remembered it
        drive.key(Qt::Key_Return);
        write(drive, QStringLiteral("part = riffle / n"));
        OfferStrip& offers = drive.window.page()->offers();
        QVERIFY(offers.is_offered());
        offers.take();
        QVERIFY(drive.settle());
        QVERIFY(drive.window.checks_line().contains(QStringLiteral("broken checks: 1")));
        QTRY_VERIFY2(offers.is_offered() && offers.text().contains(QStringLiteral("riffle")),
                     qPrintable(offers.text()));
        offers.take();
        QVERIFY(drive.settle());
        QCOMPARE(formula(drive, "part"), std::string("riffle / sum(riffle)"));
        QVERIFY(drive.window.checks_line().contains(QStringLiteral("checks that hold: 4")));
        QVERIFY(!offers.is_offered());
    }

    void a_lacking_total_is_held_with_one_key() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(99);
        drive.keys(QStringLiteral("part = pool / all_pool"));
        WritingSlip& slip = drive.window.page()->slip();
        QVERIFY(slip.can_mend());
        drive.key(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY2(slip.draft().sound(), qPrintable(slip.message()));
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
        drive.window.new_table(QStringLiteral("Growth"));
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("rate = 0.1"));
        drive.key(Qt::Key_Return);
        drive.answer(QStringLiteral("10"));
        drive.command(QStringLiteral("Count its rows…"));
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
        drive.command(QStringLiteral("Undo sliding rate")); // all of the sliding is one step
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
        drive.window.new_table(QStringLiteral("Temperatures"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("a\tb\tc\n1\t10\t5\n2\t20\t5\n3\t30\t6\n4\t40\t7\n"));
        for (QAction* action : drive.window.page()->findChild<NewFootMenu*>()->actions()) {
            if (action->text().startsWith(QStringLiteral("q1 —")) ||
                action->text().startsWith(QStringLiteral("q3 —"))) {
                action->trigger();
            }
        }
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(0, 0), QStringLiteral("1.75"));
        QCOMPARE(drive.foot(1, 1), QStringLiteral("32.5"));
        QCOMPARE(drive.foot(0, 2), QStringLiteral("5"));
        FootView& foot = drive.window.page()->foot();
        QTest::mouseClick(foot.viewport(), Qt::LeftButton, Qt::NoModifier,
                          foot.visualRect(foot.foot().index(1, 1)).center());
        QVERIFY(drive.window.companion().working().heading().contains(QStringLiteral("q3 under b")));
        QVERIFY2(drive.window.companion().story().contains(QStringLiteral("32.5")),
                 qPrintable(drive.window.companion().story()));
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
        QVERIFY(drive.window.checks_line().contains(QStringLiteral("checks that hold: 3")));
    }

    void pointing_puts_names_in() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(3, 1);
        drive.window.page()->write_formula(3);
        WritingSlip& slip = drive.window.page()->slip();
        const auto text = [&slip] { return slip.line().toPlainText(); };
        drive.keys(QStringLiteral("a = "));
        drive.click_cell(3, 0); // the formula's own row
        QCOMPARE(text(), QStringLiteral("a = x"));
        drive.click_cell(5, 0); // pointing again takes its place
        QCOMPARE(text(), QStringLiteral("a = x[6]"));
        QVERIFY(slip.aid().contains(QStringLiteral("stays put")));
        drive.key(Qt::Key_L, Qt::ControlModifier);
        QCOMPARE(text(), QStringLiteral("a = x"));
        QVERIFY(slip.aid().contains(QStringLiteral("follows the row")));
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
        QVERIFY(!drive.window.page()->view().meant().empty());
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
        QVERIFY(drive.window.page()->view().meant().empty());
    }

    void another_tables_columns_are_pointed_at_beside() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(1, 0);
        drive.window.page()->write_formula(3);
        drive.keys(QStringLiteral("b = x / sum("));
        drive.window.show_table(drive.window.document().study().tables[1]->id); // while writing: beside
        TablePage* beside = drive.window.place().beside();
        QVERIFY(beside != nullptr);
        QVERIFY(QTest::qWaitForWindowExposed(&drive.window));
        TableHeading& heading = beside->view().heading();
        QTest::mouseClick(heading.viewport(), Qt::LeftButton, Qt::NoModifier,
                          {heading.sectionViewportPosition(1) + 12, 20});
        QCOMPARE(drive.window.page()->slip().line().toPlainText(), QStringLiteral("b = x / sum(Invertebrates.riffle"));
        drive.key(Qt::Key_Return, Qt::ControlModifier); // the bracket is closed by a key
        QCOMPARE(drive.window.page()->slip().line().toPlainText(), QStringLiteral("b = x / sum(Invertebrates.riffle)"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().value(0, 3).number(), 42.0 / 206);
        drive.command(QStringLiteral("One table alone"));
        QVERIFY(drive.window.place().beside() == nullptr);
    }

    void results_are_seen_before_they_are_entered() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(1);
        WritingSlip& slip = drive.window.page()->slip();
        slip.line().selectAll();
        drive.keys(QStringLiteral("dev = x * 100"));
        const QModelIndex cell = drive.window.page()->model().index(0, 1);
        QTRY_VERIFY(cell.data(TableModel::TrialRole).toBool());
        QTRY_COMPARE(cell.data().toString(), QStringLiteral("4200"));
        QTRY_VERIFY(slip.preview().contains(QStringLiteral("100")));
        QVERIFY2(slip.preview().contains(QStringLiteral("42 × 100")) ||
                     slip.preview().contains(QStringLiteral("42 · 100")),
                 qPrintable(slip.preview()));
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
        WritingSlip& slip = drive.window.page()->slip();
        drive.keys(QStringLiteral("a = va"));
        QVERIFY(slip.completions().texts().contains(QStringLiteral("variance")));
        drive.key(Qt::Key_Tab);
        QCOMPARE(slip.line().toPlainText(), QStringLiteral("a = variance"));
        drive.keys(QStringLiteral(" + qua"));
        drive.key(Qt::Key_Down);
        drive.key(Qt::Key_Up);
        drive.key(Qt::Key_Return); // takes the one that was moved to, and does not fill
        QCOMPARE(slip.line().toPlainText(), QStringLiteral("a = variance + quantile("));
        QVERIFY2(slip.aid().contains(QStringLiteral("runs over the rows")), qPrintable(slip.aid()));
        drive.keys(QStringLiteral("x, 0.5, "));
        QVERIFY(slip.aid().contains(QStringLiteral("type is one value")));
        drive.keys(QStringLiteral("7) + deev"));
        QVERIFY(slip.can_mend());
        drive.key(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(slip.line().toPlainText(), QStringLiteral("a = variance + quantile(x, 0.5, 7) + dev"));
        QVERIFY(slip.draft().sound());
        QVERIFY(!slip.can_mend());
    }

    void a_number_is_lifted_onto_the_ledge() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(3);
        WritingSlip& slip = drive.window.page()->slip();
        drive.keys(QStringLiteral("g = x * 9.81"));
        slip.lift_as(QStringLiteral("gravity"));
        QCOMPARE(slip.line().toPlainText(), QStringLiteral("g = x * gravity"));
        drive.keys(QStringLiteral(" + x[3]"));
        slip.lift_as(QStringLiteral("third"));
        QCOMPARE(slip.line().toPlainText(), QStringLiteral("g = x * gravity + third"));
        slip.lift_as(QStringLiteral("x")); // there is no number at the cursor
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
        drive.command(QStringLiteral("One formula for each chosen column…"));
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
        WorkingPanel& panel = drive.window.companion().working();
        QVERIFY2(panel.story().contains(QStringLiteral("Pebbles.ratio, row 1: this divides by zero")),
                 qPrintable(panel.story()));
        panel.follow(
            QStringLiteral("go:%1:1").arg(QString::fromStdString(drive.table().column_named("ratio")->id.str())));
        QCOMPARE(drive.window.page()->view().currentIndex().column(), 3);
        drive.click_cell(3, 1);
        QVERIFY(working(drive).contains(QStringLiteral("61 − 50.875")));
        drive.key(Qt::Key_Down); // walking along a column
        QVERIFY2(working(drive).contains(QStringLiteral("49 − 50.875")), qPrintable(working(drive)));
        QVERIFY(panel.uses().contains(QStringLiteral("Pebbles.m")));
        panel.follow(QStringLiteral("go:%1:0").arg(QString::fromStdString(drive.table().ledge[1]->id.str())));
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
        WorkingPanel& panel = drive.window.companion().working();
        panel.follow(QStringLiteral("back:1"));
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().columns[1]->overrides->size(), std::size_t{1});
        QCOMPARE(drive.shown(1, 1), QStringLiteral("6.125"));
        panel.follow(QStringLiteral("back:all"));
        QVERIFY(drive.table().columns[1]->overrides->empty());
    }

    void values_are_continued_by_the_drop_and_by_command() {
        WindowDriver drive;
        drive.window.new_table(QStringLiteral("Dishes"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("no\tname\n5\tdish 1\n10\tdish 2\n"));
        choose(drive, 0, 1, 0, 1);
        TableView& view = drive.window.page()->view();
        const QRect last = view.visualRect(drive.window.page()->model().index(1, 0));
        const QPoint drop(last.left() + 9, last.bottom() + 4);
        QTest::mousePress(view.viewport(), Qt::LeftButton, Qt::NoModifier, drop);
        QTest::mouseMove(view.viewport(), drop + QPoint(0, 30));
        QTest::mouseRelease(view.viewport(), Qt::LeftButton, Qt::NoModifier,
                            drop + QPoint(0, 30 + 3 * view.rowHeight(0)));
        QVERIFY(drive.window.page()->model().table_rows() > 2);
        QCOMPARE(drive.shown(2, 0), QStringLiteral("15"));
        QCOMPARE(drive.shown(2, 1), QStringLiteral("dish 3"));
        choose(drive, 0, 1, 0, 0);
        drive.window.commands().continue_to(12, Pattern{Pattern::Way::growth, 2});
        QCOMPARE(drive.shown(11, 0), QStringLiteral("10240"));
        ContinueDialog dialog({Value::number(1), Value::number(2)}, 2, 5, nullptr);
        QCOMPARE(static_cast<int>(dialog.pattern().way), static_cast<int>(Pattern::Way::steps));
        QVERIFY2(dialog.preview().startsWith(QStringLiteral("3 · 4 · 5")), qPrintable(dialog.preview()));
        QCOMPARE(dialog.to_row(), std::size_t{5});
    }

    void columns_and_rows_are_laid_out() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(0, 1);
        drive.command(QStringLiteral("Move it to the right"));
        QCOMPARE(drive.table().columns[2]->name, std::string("dev"));
        QCOMPARE(drive.window.page()->view().currentIndex().column(), 2);
        drive.command(QStringLiteral("Duplicate the column"));
        QCOMPARE(drive.table().columns[3]->name, std::string("dev_2"));
        drive.command(QStringLiteral("Insert a column before"));
        QVERIFY(!drive.table().columns[2]->worked());
        drive.click_cell(0, 2);
        drive.command(QStringLiteral("Hide the chosen columns"));
        QVERIFY(drive.window.page()->view().isColumnHidden(2));
        QVERIFY(drive.window.page()->foot().isColumnHidden(2));
        drive.command(QStringLiteral("Show hidden columns"));
        QVERIFY(!drive.window.page()->view().isColumnHidden(2));
        drive.click_cell(0, 0);
        const int width = drive.window.page()->view().columnWidth(0);
        drive.command(QStringLiteral("Wider"));
        QVERIFY(drive.window.page()->view().columnWidth(0) > width);
        drive.command(QStringLiteral("Fit the width"));
        QCOMPARE(drive.window.page()->view().columnWidth(0), width);
        drive.command(QStringLiteral("Sort by this column"));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 0), QStringLiteral("35"));
        drive.command(QStringLiteral("Sort by this column, falling"));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 0), QStringLiteral("70"));
        choose(drive, 0, 0, 0, 0);
        drive.command(QStringLiteral("Move them down"));
        QCOMPARE(drive.shown(1, 0), QStringLiteral("70"));
        drive.click_cell(2, 1);
        choose(drive, 2, 5, 1, 1);
        drive.command(QStringLiteral("Let the formula cover only the chosen rows"));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QString());
        QVERIFY(drive.window.page()->model().index(5, 1).data(TableModel::ReachEndRole).toBool());
        QVERIFY(!drive.window.page()->model().index(6, 1).data(TableModel::WorkedRole).toBool());
        drive.command(QStringLiteral("Let it cover all rows"));
        QVERIFY(drive.settle());
        QVERIFY(!drive.shown(0, 1).isEmpty());
    }

    void a_heading_is_dragged_to_another_place() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        TableHeading& heading = drive.window.page()->view().heading();
        heading.moveSection(0, 2); // what dragging comes to
        QTRY_COMPARE(drive.table().columns[2]->name, std::string("x"));
        QCOMPARE(heading.visualIndex(2), 2);
        heading.moveSection(0, 3); // over the place for the next column: no
        QCoreApplication::processEvents();
        QCOMPARE(drive.table().columns[0]->name, std::string("dev"));
        QCOMPARE(heading.visualIndex(0), 0);
        Q_EMIT heading.sectionHandleDoubleClicked(1);
        QCOMPARE(drive.table().columns[1]->width, 0);
    }

    void things_are_found() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.finder().open();
        drive.keys(QStringLiteral("sort fall"));
        QCOMPARE(drive.window.finder().found().front(), QStringLiteral("Sort by this column, falling"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 0), QStringLiteral("70"));
        drive.window.finder().open();
        drive.keys(QStringLiteral("puck"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().name, std::string("Puck"));
        drive.window.finder().open();
        drive.keys(QStringLiteral("squared"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().name, std::string("Pebbles"));
        QCOMPARE(drive.window.page()->view().currentIndex().column(), 2);
        drive.command(QStringLiteral("Find and replace…"));
        FindBar& bar = drive.window.find_bar();
        drive.keys(QStringLiteral("57"));
        bar.whole().setChecked(true);
        drive.key(Qt::Key_Return);
        QTRY_VERIFY(!bar.searching());
        QCOMPARE(drive.window.page()->view().currentIndex().data().toString(), QStringLiteral("57"));
        bar.with().setText(QStringLiteral("58"));
        bar.replace(true);
        QVERIFY(drive.settle());
        QVERIFY2(bar.told().contains(QStringLiteral("1")), qPrintable(bar.told()));
        bar.find(false);
        QTRY_VERIFY2(bar.told().contains(QStringLiteral("is not there")), qPrintable(bar.told()));
    }

    void numbers_are_shown_otherwise_and_stay_what_they_are() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        write(drive, QStringLiteral("tiny = if row = 1 then 0.0004 else 0.5"));
        drive.click_cell(0, 3);
        drive.command(QStringLiteral("Per cent"));
        QCOMPARE(drive.shown(0, 3), QStringLiteral("≈0\u202F%"));
        QCOMPARE(drive.shown(1, 3), QStringLiteral("50\u202F%"));
        drive.command(QStringLiteral("More decimals"));
        drive.command(QStringLiteral("More decimals"));
        QCOMPARE(drive.shown(0, 3), QStringLiteral("0.04\u202F%"));
        drive.command(QStringLiteral("Fewer decimals"));
        QCOMPARE(drive.shown(1, 3), QStringLiteral("50.0\u202F%"));
        drive.command(QStringLiteral("Fractions: 3 1/4"));
        QCOMPARE(drive.shown(1, 3), QStringLiteral("1⁄2"));
        QCOMPARE(drive.window.page()->model().value(0, 3).number(), 0.0004);
        QVERIFY(drive.window.companion().story().contains(QStringLiteral("shown as")));
        HeldCard* card = drive.window.ledge().card(drive.table().ledge[1]->id); // a held value, by the same keys
        card->setFocus();
        drive.command(QStringLiteral("Fewer decimals"));
        QCOMPARE(drive.table().ledge[1]->format, (Format{Format::Style::decimals, 1}));
        FootView& foot = drive.window.page()->foot(); // and a foot line
        foot.setCurrentIndex(foot.foot().index(1, 0));
        foot.setFocus();
        drive.command(QStringLiteral("More decimals"));
        QCOMPARE(drive.table().foot[1]->format, (Format{Format::Style::decimals, 3}));
    }

    void checks_are_put_on_watch_and_lead_to_their_place() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        CheckDialog dialog(drive.window.document().study(), drive.table().id, {}, nullptr);
        QCOMPARE(QString::fromStdString(dialog.text().condition), QStringLiteral("sum(x) ≈ 1"));
        dialog.columns().setCurrentIndex(1);
        QCOMPARE(QString::fromStdString(dialog.text().condition), QStringLiteral("sum(dev) ≈ 1"));
        dialog.kinds().setCurrentIndex(2);
        QCOMPARE(QString::fromStdString(dialog.text().condition), QStringLiteral("count(dev > 1) = count(dev)"));
        QVERIFY(drive.window.document().perform(
            QStringLiteral("check"), add_check(drive.window.document().study(), drive.table().id, dialog.text())));
        QVERIFY(drive.settle());
        QVERIFY(drive.window.checks_line().contains(QStringLiteral("broken checks: 1 of 4")));
        drive.window.show_table(drive.window.document().study().tables[2]->id);
        QTest::mouseClick(drive.window.findChild<QToolButton*>(QStringLiteral("checks")), Qt::LeftButton);
        QCOMPARE(drive.table().name, std::string("Pebbles"));
        QVERIFY(drive.window.companion().working().heading().contains(QStringLiteral("every dev is above 1")));
    }

    void held_values_are_described_and_ordered() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("site = \"riffle\""));
        drive.key(Qt::Key_Return);
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("p = 0.5"));
        drive.key(Qt::Key_Return);
        const auto study = [&drive]() -> const Study& { return drive.window.document().study(); };
        const Id p = study().held_named("p")->id;
        HeldDialog dialog(study(), *study().held_named("p"), nullptr);
        dialog.findChild<QCheckBox*>()->setChecked(true);
        const auto lines = dialog.findChildren<QLineEdit*>();
        lines[2]->setText(QStringLiteral("chances"));
        QVERIFY(drive.window.document().perform(QStringLiteral("p"), detail_held(study(), p, dialog.details())));
        QVERIFY(study().held_named("p")->slider.has_value());
        QCOMPARE(study().held_named("p")->group, std::string("chances"));
        HeldCard* card = drive.window.ledge().card(p);
        card->setFocus();
        QTest::keyClick(card, Qt::Key_Left, Qt::ControlModifier);
        QCOMPARE(study().ledge.front()->name, std::string("p"));
        HeldCard* site = drive.window.ledge().card(study().held_named("site")->id);
        QVERIFY(drive.window.document().perform(
            QStringLiteral("site"),
            detail_held(study(), site->held(),
                        {"", "", "", {}, {Id(), {Value::text(Text("pool")), Value::text(Text("weir"))}}})));
        QCOMPARE(site->choices().size(), 2);
        site->choose(site->choices()[1]);
        QCOMPARE(study().held_named("site")->value.text().str(), std::string("weir"));
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("held.ledgefall"));
        QVERIFY(drive.window.save_to(path));
        WindowDriver again;
        QVERIFY(again.window.open_path(path));
        QVERIFY(again.window.document().study() == study());
    }

    void the_ledge_is_a_calculator() {
        WindowDriver drive;
        drive.command(QStringLiteral("The ledge as a list"));
        LedgeModel& list = drive.window.ledge_list().list();
        const auto type = [&list](int row, int column, const char* text) {
            return list.setData(list.index(row, column), QString::fromUtf8(text));
        };
        QVERIFY(drive.window.ledge_list().isVisible());
        QVERIFY(type(0, LedgeModel::name, "n = 12"));
        QVERIFY(type(1, LedgeModel::name, "p = 0.25"));
        QVERIFY(type(2, LedgeModel::name, "mu = n * p"));
        QVERIFY(!type(3, LedgeModel::name, "broken = n *"));
        QVERIFY(drive.settle());
        QCOMPARE(list.index(2, LedgeModel::value).data().toString(), QStringLiteral("3"));
        QCOMPARE(list.index(0, LedgeModel::used_by).data().toString(), QStringLiteral("ledge.mu"));
        QVERIFY(type(0, LedgeModel::value, "16"));
        QVERIFY(type(1, LedgeModel::note, "chance of a seed"));
        QVERIFY(type(2, LedgeModel::name, "mean_of_k"));
        QVERIFY(type(2, LedgeModel::unit, "seeds"));
        QVERIFY(type(2, LedgeModel::formula, "n * p + 1"));
        QVERIFY(drive.settle());
        QCOMPARE(list.index(2, LedgeModel::value).data().toString(), QStringLiteral("5"));
        QCOMPARE(drive.window.document().study().held_named("mean_of_k")->unit, std::string("seeds"));
        QVERIFY(!(list.flags(list.index(0, LedgeModel::used_by)) & Qt::ItemIsEditable));
        QCOMPARE(list.rowCount(), 4);
    }

    void cards_say_what_they_are_to_screen_readers() {
        WindowDriver drive;
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("p = 0.5"));
        drive.key(Qt::Key_Return);
        const Id p = drive.window.document().study().held_named("p")->id;
        QVERIFY(
            drive.window.document().perform(QStringLiteral("p"), detail_held(drive.window.document().study(), p,
                                                                             {"", "", "", Slider{0, 1, 0.25}, {}})));
        QAccessibleInterface* card = QAccessible::queryAccessibleInterface(drive.window.ledge().card(p));
        QCOMPARE(card->role(), QAccessible::Slider);
        QVERIFY(card->text(QAccessible::Name).contains(QStringLiteral("p")));
        QCOMPARE(card->valueInterface()->maximumValue().toDouble(), 1.0);
        card->valueInterface()->setCurrentValue(0.7);
        QCOMPARE(card->valueInterface()->currentValue().toDouble(), 0.75);
    }

    /// Raw lengths to counts in classes in a few actions; a mistyped one is noticed.
    void lengths_are_counted_in_classes() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(0, 0);
        drive.press_button_of_next_dialog(QStringLiteral("Make the table"));
        drive.command(QStringLiteral("A frequency table of the column…"));
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().label, std::string("Length, classes"));
        QCOMPARE(drive.window.page()->model().table_rows(), 8);
        QCOMPARE(drive.shown(0, 3), QStringLiteral("3"));
        QVERIFY(drive.window.checks_line().contains(QStringLiteral("checks that hold: 4")));
        drive.window.show_table(drive.window.document().study().tables[0]->id);
        drive.click_cell(0, 0);
        drive.keys(QStringLiteral("420"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QVERIFY(drive.window.checks_line().contains(QStringLiteral("broken")));
        drive.window.document().undo();
        drive.window.document().undo(); // the table goes in one step
        QCOMPARE(drive.window.document().study().tables.size(), std::size_t{3});
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        drive.click_cell(0, 0); // texts
        drive.command(QStringLiteral("A frequency table of the column…"));
        QVERIFY(drive.window.notice().contains(QStringLiteral("no number")));
    }

    void a_measure_is_unfolded_and_one_undo_takes_it_back() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        QVERIFY(drive.settle());
        const Study before = drive.window.document().study();
        drive.click_cell(0, 1);
        drive.command(QStringLiteral("Shannon's index, of counts"));
        QVERIFY(drive.settle());
        QCOMPARE(formula(drive, "p_ln_p"), std::string("xlnx(p)"));
        QVERIFY(drive.window.checks_line().contains(QStringLiteral("checks that hold: 4")));
        drive.window.document().undo();
        QVERIFY(drive.window.document().study() == before);
        drive.command(QStringLiteral("correlation")); // of one column alone
        QVERIFY(drive.window.notice().contains(QStringLiteral("two columns")));
    }

    void all_formulas_stand_on_one_page() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const FormulaPage page(drive.window.document(), nullptr);
        for (const char* part : {"Pebble lengths", "x − m", "sum(sq) / (n − 1)", "foot, sum", "deviations cancel"}) {
            QVERIFY2(page.text().contains(QString::fromUtf8(part)), part);
        }
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("formulas.pdf"));
        QVERIFY(page.save_pdf(path));
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly) && file.read(4) == "%PDF");
    }

    void the_look_turns_dark_and_back() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const QColor light = drive.window.grab().toImage().pixelColor(640, 700);
        drive.window.set_dark(true);
        QCoreApplication::processEvents();
        const QColor dark = drive.window.grab().toImage().pixelColor(640, 700);
        QVERIFY(light.lightness() > 200);
        QVERIFY(dark.lightness() < 80);
        drive.window.set_dark(false);
        QCoreApplication::processEvents();
        QCOMPARE(drive.window.grab().toImage().pixelColor(640, 700), light);
    }
};

QTEST_MAIN(TestWritingStories)
#include "test_writing_stories.moc"
