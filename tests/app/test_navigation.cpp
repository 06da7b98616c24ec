// Where things stand in the window, and how one gets about: two tables side by side, headings and their bands, the
// ledge's order, finding and replacing one by one, keys that go from cell to cell.

#include "app/table/heading_lines.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QApplication>
#include <QCheckBox>
#include <QClipboard>
#include <QScrollBar>
#include <QTreeWidget>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

Id table_id(WindowDriver& drive, std::size_t at) {
    return drive.window.document().study().tables[at]->id;
}

} // namespace

class TestNavigation : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }
    void cleanup() {
        set_dark(false);
        set_zoom(1);
    }

    void two_tables_stand_side_by_side() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        PageArea& place = drive.window.pages();
        place.show_beside(table_id(drive, 1));
        QVERIFY(place.beside() != nullptr);
        QCOMPARE(place.page()->table_id(), table_id(drive, 0));
        place.beside()->view().setFocus(); // what one works in is the current one
        QTRY_COMPARE(place.page()->table_id(), table_id(drive, 1));
        QCOMPARE(place.beside()->table_id(), table_id(drive, 0));
        drive.click_cell(0, 1);
        drive.keys(QStringLiteral("65"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 4), QStringLiteral("119"));
        drive.window.show_table(table_id(drive, 0)); // it is there already
        QCOMPARE(place.page()->table_id(), table_id(drive, 0));
        QVERIFY(place.beside() != nullptr);
        drive.window.show_table(table_id(drive, 2)); // takes the current one's place
        QVERIFY(place.page_of(table_id(drive, 0)) == nullptr);
        QVERIFY(drive.window.document().perform(
            QStringLiteral("gone"),
            remove_table(drive.window.document().study(), table_id(drive, 1), IfUsed::remove_anyway)));
        QVERIFY(place.beside() == nullptr);
        place.show_beside(table_id(drive, 0));
        QVERIFY(place.beside() != nullptr);
        QVERIFY(drive.window.document().perform(
            QStringLiteral("gone"),
            remove_table(drive.window.document().study(), place.page()->table_id(), IfUsed::remove_anyway)));
        QVERIFY(place.page() != nullptr); // the one beside is all that is left
        QVERIFY(place.beside() == nullptr);
    }

    void the_width_of_the_window_does_not_follow_what_is_shown() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const int width = drive.window.width();
        drive.window.pages().show_beside(table_id(drive, 1));
        drive.command("find");
        drive.window.page()->write_formula(3);
        drive.keys(QStringLiteral("wide = quantile(x, 0.25, 7) + x - mean(x) + sum(x[1..i]) / count(x) + x[3]"));
        QVERIFY(drive.settle());
        QCoreApplication::sendPostedEvents(); // layouts that are still to be made
        QCoreApplication::processEvents();
        QCOMPARE(drive.window.width(), width);
    }

    /// A heading's formula breaks where a reader would, and a name only where it alone is too long.
    void headings_break_where_a_reader_would() {
        const QFontMetrics metrics(theme().formula());
        const auto lines = [&metrics](const QString& formula, const QString& as_wide_as) {
            QStringList out;
            for (QString rest = formula; !rest.isEmpty();) {
                const qsizetype length = length_of_line(rest, metrics, metrics.horizontalAdvance(as_wide_as));
                out << rest.left(length).trimmed();
                rest = rest.mid(length);
            }
            return out.join(u'|');
        };
        QCOMPARE(lines(QStringLiteral("dev = length − mean(length)"), QStringLiteral("dev = length − me")),
                 QStringLiteral("dev = length −|mean(length)"));
        QCOMPARE(lines(QStringLiteral("m = mean(time where site = pool)"), QStringLiteral("m = mean(time wh")),
                 QStringLiteral("m = mean(time|where site = pool)"));
        QCOMPARE(lines(QStringLiteral("f = count(Dishes.seeds in class)"), QStringLiteral("count(Dishes.s")),
                 QStringLiteral("f = count(|Dishes.seeds|in class)"));
        QCOMPARE(lines(QStringLiteral("a·b/c^d"), QStringLiteral("a·b/")), QStringLiteral("a·b/|c^d"));
        QCOMPARE(lines(QStringLiteral("relative_frequency_of_pebbles"), QStringLiteral("relative_frequen")),
                 QStringLiteral("relative_|frequency_of_|pebbles"));
        QCOMPARE(lines(QStringLiteral("unbreakable"), QStringLiteral("unbr")), QStringLiteral("unbr|eaka|ble"));
    }

    void headings_are_as_high_as_they_need() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        TableHeading& heading = drive.window.page()->view().heading();
        const int before = heading.sizeHint().height();
        const auto change = [&](const Result<Study>& next) {
            QVERIFY(drive.window.document().perform(QStringLiteral("change"), next));
            QVERIFY(drive.settle());
        };
        const Id x = drive.table().columns[0]->id;
        change(group_columns(drive.window.document().study(), drive.table().id, "What was found",
                             {x, drive.table().columns[1]->id}));
        const int with_band = heading.sizeHint().height();
        QVERIFY(with_band > before);
        QCOMPARE(heading.height(), with_band);
        change(head_column(drive.window.document().study(), x,
                           {"The length of the pebble along its longest axis", "mm", ""}));
        change(resize_column(drive.window.document().study(), x, 60)); // narrow: the label wraps and nothing is cut
        QVERIFY(heading.sizeHint().height() > with_band);
        change(resize_column(drive.window.document().study(), x, 0));
        QVERIFY(heading.sectionSize(0) > 200);
        QVERIFY(!heading.grab().isNull());
    }

    void a_card_is_dragged_along_the_ledge() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const auto names = [&drive] {
            std::string all;
            for (const auto& held : drive.table().ledge) {
                all += held->name + " ";
            }
            return all;
        };
        QCOMPARE(names(), std::string("n m variance s "));
        const auto& cards = drive.window.ledge().cards();
        HeldCard* first = cards[0];
        const QPoint to = first->mapFromParent(cards[2]->geometry().center() + QPoint(10, 0));
        QTest::mousePress(first, Qt::LeftButton, Qt::NoModifier, {20, 12});
        QTest::mouseMove(first, {60, 12});
        QTest::mouseMove(first, to);
        QTest::mouseRelease(first, Qt::LeftButton, Qt::NoModifier, to);
        QCOMPARE(names(), std::string("m variance n s "));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QStringLiteral("−8.875")); // and nothing else has changed
        drive.window.document().undo();
        QCOMPARE(names(), std::string("n m variance s "));
    }

    void cards_of_a_group_stand_together() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        for (const std::size_t at : {std::size_t{0}, std::size_t{3}}) {
            QVERIFY(drive.window.document().perform(
                QStringLiteral("group"),
                detail_held(drive.window.document().study(), drive.table().ledge[at]->id, {"", "", "ends", {}, {}})));
        }
        const auto& cards = drive.window.ledge().cards();
        QCOMPARE(cards[0]->value()->name, std::string("n"));
        QCOMPARE(cards[1]->value()->name, std::string("s"));
        QCOMPARE(cards[2]->value()->name, std::string("m"));
        QVERIFY(cards[0]->geometry().right() < cards[1]->geometry().left());
    }

    void values_are_replaced_one_by_one() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Sites"));
        drive.click_cell(0, 0);
        QApplication::clipboard()->setText(QStringLiteral("site\tnear\npool\tpool\nweir\tpool\npool\tweir\n"));
        drive.command("paste");
        FindBar& bar = drive.window.find_bar();
        drive.click_cell(2, 1);
        drive.command("find");
        bar.what().setText(QStringLiteral("pool"));
        bar.with().setText(QStringLiteral("deep pool"));
        bar.whole().setChecked(true);
        const auto here = [&drive] {
            const QModelIndex at = drive.window.page()->view().currentIndex();
            return QStringLiteral("%1,%2").arg(at.row()).arg(at.column());
        };
        bar.find(false);
        QTRY_VERIFY(!bar.searching());
        QCOMPARE(here(), QStringLiteral("0,0"));
        bar.replace(false); // this one, and on to the next
        QTRY_VERIFY(!bar.searching());
        QCOMPARE(drive.shown(0, 0), QStringLiteral("deep pool"));
        QCOMPARE(here(), QStringLiteral("0,1"));
        bar.find(false);
        QTRY_COMPARE(here(), QStringLiteral("1,1"));
        bar.find(true);
        QTRY_COMPARE(here(), QStringLiteral("0,1"));
        drive.click_cell(0, 1); // only in the chosen columns
        drive.window.page()->view().selectColumn(1);
        drive.command("find");
        for (QCheckBox* box : bar.findChildren<QCheckBox*>()) {
            box->setChecked(true);
        }
        bar.replace(true);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(2, 0), QStringLiteral("pool"));
        QCOMPARE(drive.shown(1, 1), QStringLiteral("deep pool"));
        bar.what().setText(QStringLiteral("weir"));
        bar.find(false); // and another table is chosen before it is found
        (void)drive.window.document().perform(QStringLiteral("other"),
                                              add_table(drive.window.document().study(), "Other"));
        drive.window.show_table(table_id(drive, 1));
        QTRY_VERIFY(!bar.searching());
        QVERIFY(bar.message().isEmpty());
        QTest::keyClick(&bar.what(), Qt::Key_Escape);
        QVERIFY(!bar.isVisible());
    }

    void the_contents_lead_to_checks_and_tables() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        auto* contents = drive.window.findChild<ContentsPanel*>();
        QTreeWidgetItem* share = contents->topLevelItem(2)->child(1);
        QTest::mouseClick(contents->viewport(), Qt::LeftButton, Qt::NoModifier,
                          contents->visualItemRect(share).center());
        QCOMPARE(drive.table().name, std::string("Invertebrates"));
        QVERIFY(drive.window.details().working().heading().contains(QStringLiteral("shares add up")));
        QTreeWidgetItem* puck = contents->topLevelItem(0)->child(2);
        QTest::mouseClick(contents->viewport(), Qt::LeftButton, Qt::NoModifier,
                          contents->visualItemRect(puck).center());
        QCOMPARE(drive.table().name, std::string("Puck"));
        drive.command("move-table-up");
        QCOMPARE(drive.window.document().study().tables[1]->name, std::string("Puck"));
        QCOMPARE(contents->topLevelItem(0)->child(1)->text(0), QStringLiteral("Puck on a cord"));
        drive.press_button_of_next_dialog(QStringLiteral("OK"));
        drive.command("check");
        QCOMPARE(drive.window.document().study().checks.size(), std::size_t{6});
        QVERIFY(drive.settle());
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("failing"))); // the times do not add up to 1
        QVERIFY(contents->currentItem() != nullptr && contents->currentItem()->parent() != nullptr); // it is chosen
        QCOMPARE(contents->currentItem()->parent()->text(0), QStringLiteral("Checks"));
        QCOMPARE(contents->currentItem()->text(0), contents->topLevelItem(2)->child(5)->text(0));
    }

    void a_name_leads_to_its_place_wherever_it_stands() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const Study& study = drive.window.document().study();
        const Id share = study.tables[1]->column_named("share")->id;
        const Id k = study.tables[2]->ledge[0]->id;
        const DefinitionId foot =
            DefinitionId::foot_value(study.tables[0]->foot[0]->id, study.tables[0]->columns[0]->id);
        drive.window.go_to(share, 3);
        QCOMPARE(drive.table().name, std::string("Invertebrates"));
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 2);
        QCOMPARE(drive.window.page()->view().currentIndex().column(), 5);
        drive.window.go_to(share, 99'999); // beyond the end: the last row
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 7);
        drive.window.go_to(k, 0);
        QCOMPARE(drive.table().name, std::string("Puck"));
        QVERIFY(drive.window.details().working().heading().startsWith(QStringLiteral("k")));
        drive.window.go_to(foot, 0);
        QCOMPARE(drive.table().name, std::string("Pebbles"));
        QVERIFY(drive.window.details().working().heading().contains(QStringLiteral("sum under Length")));
        drive.window.go_to(study.tables[1]->id, 0);
        QCOMPARE(drive.table().name, std::string("Invertebrates"));
        drive.window.go_to(Id("gone"), 1); // leads nowhere, and nothing happens
        QCOMPARE(drive.table().name, std::string("Invertebrates"));
    }

    void a_click_on_the_drop_chooses_the_cell_below() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(0, 0);
        TableView& view = drive.window.page()->view();
        const QRect first = view.visualRect(drive.window.page()->model().index(0, 0));
        QTest::mouseClick(view.viewport(), Qt::LeftButton, Qt::NoModifier, {first.left() + 9, first.bottom() + 5});
        QCOMPARE(view.currentIndex().row(), 1);
        QCOMPARE(drive.window.page()->model().table_rows(), 24); // nothing has been continued
    }

    void keys_go_about_in_a_table() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(0, 0);
        TableView& view = drive.window.page()->view();
        drive.key(Qt::Key_End, Qt::ControlModifier);
        QVERIFY(view.currentIndex().row() >= 23);
        drive.key(Qt::Key_Home, Qt::ControlModifier);
        QCOMPARE(view.currentIndex().row(), 0);
        drive.key(Qt::Key_Down, Qt::ShiftModifier);
        drive.key(Qt::Key_Right, Qt::ShiftModifier);
        QCOMPARE(view.chosen().rows(), 2);
        QCOMPARE(view.chosen().columns(), 2);
        QVERIFY(drive.window.details().summary().contains(QStringLiteral("n 4")));
        drive.key(Qt::Key_Equal);
        QVERIFY(drive.window.page()->editor().is_open());
        drive.key(Qt::Key_Escape);
        drive.key(Qt::Key_F2, Qt::ControlModifier);
        QVERIFY(drive.window.page()->editor().is_open());
        drive.key(Qt::Key_Escape);
        drive.key(Qt::Key_F9);
        QVERIFY(drive.window.panels().is_folded(drive.window.findChild<ContentsPanel*>()));
        drive.key(Qt::Key_F9);
        drive.key(Qt::Key_F9, Qt::ShiftModifier);
        QVERIFY(drive.window.panels().is_folded(&drive.window.details()));
        drive.key(Qt::Key_F9, Qt::ShiftModifier);
        QVERIFY(!drive.window.panels().is_folded(&drive.window.details()));
    }

    void the_slip_goes_with_its_page() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(3);
        drive.keys(QStringLiteral("z = x + "));
        QVERIFY(drive.window.pages().active_editor().writing());
        (void)drive.window.document().perform(QStringLiteral("other"),
                                              add_table(drive.window.document().study(), "Other"));
        QVERIFY(drive.window.document().perform(
            QStringLiteral("gone"),
            remove_table(drive.window.document().study(), drive.window.page()->table_id(), IfUsed::remove_anyway)));
        QVERIFY(!drive.window.pages().active_editor().writing()); // its table is gone
        drive.window.document().undo();
        QVERIFY(drive.settle());
        drive.window.show_table(table_id(drive, 0));
        drive.window.page()->write_formula(3);
        drive.keys(QStringLiteral("z = x + "));
        drive.press_buttons_of_next_dialogs({QStringLiteral("Continue without it"), QStringLiteral("Discard")});
        drive.command("new"); // the window lives on with a editor that was open
        QVERIFY(drive.window.page() == nullptr);
        QVERIFY(!drive.window.pages().active_editor().writing());
    }

    void the_zoom_and_the_look_are_kept() {
        {
            WindowDriver drive;
            drive.command("zoom-in");
            WindowCommands::set_dark(true);
        }
        QVERIFY(QSettings().value(QStringLiteral("zoom")).toDouble() > 1.1);
        QVERIFY(QSettings().value(QStringLiteral("dark")).toBool());
        set_zoom(1);
        set_dark(false);
        restore_theme();
        QVERIFY(theme().zoom > 1.1);
        QVERIFY(is_dark());
        QSettings().remove(QStringLiteral("zoom"));
        QSettings().remove(QStringLiteral("dark"));
    }
};

LEDGEFALL_TEST(TestNavigation)
#include "test_navigation.moc"
