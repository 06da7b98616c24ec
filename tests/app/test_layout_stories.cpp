// Stories of laying out, finding, showing otherwise, watching and unfolding, through the real window.

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

class TestLayoutStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void values_are_continued_by_the_drop_and_by_command() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Dishes"));
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
        QVERIFY(drive.window.document().perform(QStringLiteral("continuing"),
                                                continue_cells(drive.window.document().study(), drive.table().id, 0, 0,
                                                               0, 2, 11, Pattern{Pattern::Way::growth, 2})));
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
        drive.command("move-column-right");
        QCOMPARE(drive.table().columns[2]->name, std::string("dev"));
        QCOMPARE(drive.window.page()->view().currentIndex().column(), 2);
        drive.command("duplicate-column");
        QCOMPARE(drive.table().columns[3]->name, std::string("dev_2"));
        drive.command("insert-column");
        QVERIFY(!drive.table().columns[2]->computed());
        drive.click_cell(0, 2);
        drive.command("hide-columns");
        QVERIFY(drive.window.page()->view().isColumnHidden(2));
        QVERIFY(drive.window.page()->foot().isColumnHidden(2));
        drive.command("show-columns");
        QVERIFY(!drive.window.page()->view().isColumnHidden(2));
        drive.click_cell(0, 0);
        const int width = drive.window.page()->view().columnWidth(0);
        drive.command("wider-column");
        QVERIFY(drive.window.page()->view().columnWidth(0) > width);
        drive.command("fit-column");
        QCOMPARE(drive.window.page()->view().columnWidth(0), width);
        drive.command("sort-rising");
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 0), QStringLiteral("35"));
        drive.command("sort-falling");
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 0), QStringLiteral("70"));
        choose(drive, 0, 0, 0, 0);
        drive.command("move-rows-down");
        QCOMPARE(drive.shown(1, 0), QStringLiteral("70"));
        drive.click_cell(2, 1);
        choose(drive, 2, 5, 1, 1);
        drive.command("narrow-reach");
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QString());
        QVERIFY(drive.window.page()->model().index(5, 1).data(TableModel::ReachEndRole).toBool());
        QVERIFY(!drive.window.page()->model().index(6, 1).data(TableModel::ComputedRole).toBool());
        drive.command("cover-all-rows");
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
        drive.click_cell(0, 1);
        drive.command("wider-column");
        QVERIFY(drive.table().columns[1]->width > 0);
        const QString before = drive.window.document().undo_name();
        Q_EMIT heading.sectionHandleDoubleClicked(1); // what a double click on a boundary comes to
        QCOMPARE(drive.table().columns[1]->width, 0);
        drive.window.document().undo(); // in one step
        QVERIFY(drive.table().columns[1]->width > 0);
        QCOMPARE(drive.window.document().undo_name(), before);
    }

    void things_are_found() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.finder().open();
        drive.keys(QStringLiteral("sort desc"));
        QCOMPARE(drive.window.finder().matches().front(), QStringLiteral("Sort by this column, descending"));
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
        drive.command("find");
        FindBar& bar = drive.window.find_bar();
        drive.keys(QStringLiteral("57"));
        bar.whole().setChecked(true);
        drive.key(Qt::Key_Return);
        QTRY_VERIFY(!bar.searching());
        QCOMPARE(drive.window.page()->view().currentIndex().data().toString(), QStringLiteral("57"));
        bar.with().setText(QStringLiteral("58"));
        bar.replace(true);
        QVERIFY(drive.settle());
        QVERIFY2(bar.message().contains(QStringLiteral("1")), qPrintable(bar.message()));
        bar.find(false);
        QTRY_VERIFY2(bar.message().contains(QStringLiteral("was not found")), qPrintable(bar.message()));
    }

    void numbers_are_shown_otherwise_and_stay_what_they_are() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        write(drive, QStringLiteral("tiny = if row = 1 then 0.0004 else 0.5"));
        drive.click_cell(0, 3);
        drive.entry("formats", QStringLiteral("Per cent"));
        QCOMPARE(drive.shown(0, 3), QStringLiteral("≈0\u202F%"));
        QCOMPARE(drive.shown(1, 3), QStringLiteral("50\u202F%"));
        drive.command("more-decimals");
        drive.command("more-decimals");
        QCOMPARE(drive.shown(0, 3), QStringLiteral("0.04\u202F%"));
        drive.command("fewer-decimals");
        QCOMPARE(drive.shown(1, 3), QStringLiteral("50.0\u202F%"));
        drive.press_button_of_next_dialog(QStringLiteral("OK")); // the largest denominator as it is offered
        drive.entry("formats", QStringLiteral("Fractions: 3 1/4…"));
        QCOMPARE(drive.shown(1, 3), QStringLiteral("1⁄2"));
        QCOMPARE(drive.window.page()->model().value(0, 3).number(), 0.0004);
        QVERIFY(drive.window.details().story().contains(QStringLiteral("shown as")));
        (void)drive.target();                                                   // after the dialog
        HeldCard* card = drive.window.ledge().card(drive.table().ledge[1]->id); // a held value, by the same keys
        card->setFocus();
        drive.command("fewer-decimals");
        QCOMPARE(drive.table().ledge[1]->format, (Format{Format::Style::decimals, 1}));
        FootView& foot = drive.window.page()->foot(); // and a foot line
        foot.setCurrentIndex(foot.foot().index(1, 0));
        foot.setFocus();
        drive.command("more-decimals");
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
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("failing checks: 1 of 6")));
        drive.window.show_table(drive.window.document().study().tables[2]->id);
        QTest::mouseClick(drive.window.findChild<QToolButton*>(QStringLiteral("checks")), Qt::LeftButton);
        QCOMPARE(drive.table().name, std::string("Pebbles"));
        QVERIFY(drive.window.details().working().heading().contains(QStringLiteral("every dev is above 1")));
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
        QVERIFY(drive.save_to(path));
        WindowDriver again;
        QVERIFY(again.open(path));
        QVERIFY(again.window.document().study() == study());
    }

    void the_ledge_is_a_calculator() {
        WindowDriver drive;
        drive.command("ledge-list");
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
        drive.press_button_of_next_dialog(QStringLiteral("Make table"));
        drive.command("frequency-table");
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().label, std::string("Length, classes"));
        QCOMPARE(drive.window.page()->model().table_rows(), 8);
        QCOMPARE(drive.shown(0, 3), QStringLiteral("3"));
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("checks that hold: 6")));
        drive.window.show_table(drive.window.document().study().tables[0]->id);
        drive.click_cell(0, 0);
        drive.keys(QStringLiteral("420"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("failing")));
        drive.window.document().undo();
        drive.window.document().undo(); // the table goes in one step
        QCOMPARE(drive.window.document().study().tables.size(), std::size_t{9});
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        drive.click_cell(0, 0); // texts
        drive.press_button_of_next_dialog(QStringLiteral("Make table"));
        drive.command("frequency-table");
        QVERIFY(drive.settle());
        QVERIFY(drive.table().axis.source->kind() == "categories");
        QCOMPARE(drive.window.page()->model().table_rows(), 8);
    }

    void a_measure_is_unfolded_and_one_undo_takes_it_back() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().tables[1]->id);
        QVERIFY(drive.settle());
        const Study before = drive.window.document().study();
        drive.click_cell(0, 1);
        drive.entry("unfold", QStringLiteral("Shannon's index, of counts"));
        QVERIFY(drive.settle());
        QCOMPARE(formula(drive, "p_ln_p"), std::string("xlnx(p)"));
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("checks that hold: 6")));
        drive.window.document().undo();
        QVERIFY(drive.window.document().study() == before);
        drive.entry("unfold", QStringLiteral("correlation")); // of one column alone
        QVERIFY(drive.notice().contains(QStringLiteral("needs these columns")));
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
        QVERIFY(page.write(path));
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly) && file.read(4) == "%PDF");
    }

    void the_look_turns_dark_and_back() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const QColor light = drive.window.grab().toImage().pixelColor(640, 700);
        WindowCommands::set_dark(true);
        QCoreApplication::processEvents();
        const QColor dark = drive.window.grab().toImage().pixelColor(640, 700);
        QVERIFY(light.lightness() > 200);
        QVERIFY(dark.lightness() < 80);
        WindowCommands::set_dark(false);
        QCoreApplication::processEvents();
        QCOMPARE(drive.window.grab().toImage().pixelColor(640, 700), light);
    }
};

LEDGEFALL_TEST(TestLayoutStories)
#include "test_layout_stories.moc"
