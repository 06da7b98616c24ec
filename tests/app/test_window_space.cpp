// Room for the table: the ledge takes one shelf, the foot a third, panels fold, the window asks for no more than a
// small screen, and the names in the contents can be told apart at any zoom.

#include "app/contents/contents_panel.h"
#include "app/theme/theme.h"
#include "core/charts/proposed_chart.h"
#include "core/study/builders/frequency.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QMenuBar>
#include <QSettings>

#include <set>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

bool open_demo_file(WindowDriver& drive, const char* name) {
    return drive.open(QStringLiteral(DEMO_FOLDER "/") + QString::fromLatin1(name)) && drive.settle();
}

QToolButton* more_button(WindowDriver& drive) {
    for (QToolButton* button : drive.window.ledge().findChildren<QToolButton*>()) {
        if (button->isVisible() && button->text().endsWith(QStringLiteral("more"))) {
            return button;
        }
    }
    return nullptr;
}

} // namespace

class TestWindowSpace : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }
    void cleanup() { QSettings().remove(QStringLiteral("folded")); }

    /// Of very many held values some have cards at a time; each can be reached.
    void a_thousand_held_values_are_shown_some_at_a_time() {
        WindowDriver drive;
        Study study;
        for (int at = 0; at < 1000; ++at) {
            HeldValue held;
            held.id = study.fresh_id("h");
            held.name = "h" + std::to_string(at);
            held.value = Value::number(at);
            study.ledge.emplace_back(std::move(held));
        }
        const Id last = study.ledge.back()->id;
        QVERIFY(drive.window.document().perform(QStringLiteral("values"), study));
        LedgeView& ledge = drive.window.ledge();
        QVERIFY(ledge.cards().size() < 300 && ledge.card(last) == nullptr);
        QVERIFY(more_button(drive)->text().startsWith(QStringLiteral("9")));
        drive.window.go_to(last, 1);
        QVERIFY(ledge.card(last) != nullptr && ledge.card(last)->isVisible());
        for (int turn = 0; turn < 300 && ledge.card(study.ledge[300]->id) == nullptr; ++turn) {
            QTest::mouseClick(more_button(drive), Qt::LeftButton);
        }
        QVERIFY(ledge.card(study.ledge[300]->id) != nullptr);
    }

    /// The headings of a very wide table are measured as they come into view.
    void a_very_wide_table_is_sized_as_it_is_scrolled() {
        WindowDriver drive;
        Id id;
        Study study = *add_table(Study(), "Wide", &id);
        std::vector<NewColumn> columns;
        for (int at = 0; at < 2000; ++at) {
            columns.push_back({"", "c" + std::to_string(at), "", Column::numbers({1, 2})});
        }
        columns[1500].label = "Length of the longest axis of every pebble of the sample, measured by caliper";
        columns[1600].label = columns[1500].label;
        std::vector<Id> added;
        study = *add_columns(study, id, columns, &added);
        study = *resize_column(study, added[1600], 90);
        QVERIFY(drive.window.document().perform(QStringLiteral("columns"), study));
        QVERIFY(drive.settle());
        const TableView& view = drive.window.page()->view();
        const int before = view.horizontalHeader()->height();
        drive.window.page()->view().scrollTo(view.model()->index(0, 1500));
        QTRY_VERIFY(view.columnWidth(1500) > 2 * view.columnWidth(1501)); // as wide as its heading
        QCOMPARE(view.horizontalHeader()->height(), before);
        drive.window.page()->view().scrollTo(view.model()->index(0, 1600));
        QTRY_VERIFY(view.horizontalHeader()->height() > before); // the heading of a narrow column in several lines
    }

    /// What is very long is shown by its beginning.
    void a_megabyte_in_a_heading_or_cell_is_shown_by_its_beginning() {
        WindowDriver drive;
        Id id;
        Study study = *add_table(Study(), "Long", &id);
        const std::string text(1'000'000, '(');
        study = *add_columns(study, id, {{text, "x", "", Column::of(Kind::text, {Value::text(Text(text))})}});
        QVERIFY(drive.window.document().perform(QStringLiteral("columns"), study));
        QVERIFY(drive.settle());
        QVERIFY(drive.shown(0, 0).size() < 1000 && drive.shown(0, 0).endsWith(u'…'));
        QVERIFY(drive.window.page()->view().horizontalHeader()->height() < 2000);
    }

    void twelve_held_values_take_one_shelf() {
        WindowDriver drive;
        QVERIFY(open_demo_file(drive, "diversity.ledgefall"));
        QCOMPARE(drive.window.ledge().cards().size(), std::size_t{12});
        QVERIFY2(drive.window.minimumSizeHint().height() < 700,
                 qPrintable(QString::number(drive.window.minimumSizeHint().height())));
        const int one_shelf = drive.window.ledge().height();
        QVERIFY(one_shelf < 90);
        QToolButton* more = more_button(drive);
        QVERIFY(more != nullptr);
        QTest::mouseClick(more, Qt::LeftButton); // a second shelf while they are looked through
        QTRY_VERIFY(drive.window.ledge().height() > one_shelf && drive.window.ledge().height() < 2 * one_shelf + 10);
        int seen = 0;
        for (const HeldCard* card : drive.window.ledge().cards()) {
            seen += card->x() >= 0 && card->geometry().right() < card->parentWidget()->width() ? 1 : 0;
        }
        drive.window.ledge().cards().back()->setFocus(Qt::TabFocusReason); // by keys all are reached
        const HeldCard* last = drive.window.ledge().cards().back();
        QTRY_VERIFY(last->geometry().right() < last->parentWidget()->width());
        QVERIFY(seen > 4);
        drive.click_cell(0, 0);
        QTRY_COMPARE(drive.window.ledge().height(), one_shelf);
    }

    void a_new_value_is_in_view_and_chosen() {
        WindowDriver drive;
        QVERIFY(open_demo_file(drive, "diversity.ledgefall"));
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("later = 3"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        for (const HeldCard* card : drive.window.ledge().cards()) {
            if (card->value()->name == "later") {
                QTRY_VERIFY(card->hasFocus());
                QTRY_VERIFY(card->x() >= 0 && card->geometry().right() < card->parentWidget()->width());
                return;
            }
        }
        QFAIL("it is not on the ledge");
    }

    void the_foot_takes_a_third_and_slides_under_its_first_line() {
        WindowDriver drive;
        drive.window.resize(1000, 620);
        QVERIFY(open_demo_file(drive, "diversity.ledgefall"));
        TablePage& page = *drive.window.page();
        FootView& foot = page.foot();
        const int lines = static_cast<int>(drive.table().foot.size());
        QCOMPARE(lines, 8);
        QTRY_VERIFY(foot.height() <= page.height() / 3);
        QVERIFY(page.view().height() >= page.height() / 3);
        QVERIFY(!foot.isRowHidden(0));
        foot.setFocus();
        foot.setCurrentIndex(foot.foot().index(lines - 1, 1)); // by keys the last one comes into view
        QVERIFY(!foot.isRowHidden(0) && foot.isRowHidden(1) && !foot.isRowHidden(lines - 1));
        foot.setCurrentIndex(foot.foot().index(1, 1));
        QVERIFY(!foot.isRowHidden(1));
    }

    /// While a formula is written, nothing below the editor moves: not for an error, results, or further lines.
    void the_editor_keeps_its_height() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        paste(drive, QStringLiteral("length\n1\n2\n3\n4\n"));
        TablePage& page = *drive.window.page();
        page.write_formula(1);
        const QPoint place = page.view().mapTo(&drive.window, QPoint());
        for (const char* text :
             {"d", "ev = length*", "2", ")", "\n", "b = length + unknown_name", "\nc = 1\ne = 2\n"}) {
            for (const QChar c : QString::fromLatin1(text)) {
                c == u'\n' ? drive.key(Qt::Key_Return, Qt::ShiftModifier) : drive.keys(QString(c));
            }
            QVERIFY(drive.settle());
            QCOMPARE(page.view().mapTo(&drive.window, QPoint()), place);
        }
    }

    void a_suggestion_moves_nothing_that_is_above_it() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        paste(drive, QStringLiteral("length\n1\n2\n3\n4\n"));
        TablePage& page = *drive.window.page();
        const QPoint place = page.view().mapTo(&drive.window, QPoint());
        page.suggestions().offer(QStringLiteral("A suggestion"), QStringLiteral("Take"), [] {});
        QTRY_VERIFY(page.suggestions().isVisible());
        QCOMPARE(page.view().mapTo(&drive.window, QPoint()), place);
    }

    /// The line over a table has all its commands at their places; what does not fit is dimmed and says why.
    void the_line_of_commands_keeps_its_places() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        const auto button = [&drive](const char* id) {
            return drive.window.page()->findChild<QToolButton*>(QLatin1String(id));
        };
        QVERIFY(drive.settle());
        QVERIFY(button("frequency-table")->isVisible() && !button("frequency-table")->isEnabled());
        QVERIFY2(button("frequency-table")->toolTip().contains(QStringLiteral("select a column")),
                 qPrintable(button("frequency-table")->toolTip()));
        QVERIFY(button("foot-line")->isVisible() && !button("foot-line")->isEnabled());
        const int place = button("draw")->x();
        paste(drive, QStringLiteral("a = first 1 then a[i-1] + 1\nb = a^2\n"));
        QVERIFY(drive.settle());
        QTRY_VERIFY(button("frequency-table")->isEnabled());
        QVERIFY(button("draw")->isEnabled() && button("foot-line")->isEnabled());
        QCOMPARE(button("draw")->x(), place);
    }

    /// A frequency table of eight classes and its histogram are both seen whole in a window of 1280 by 800.
    void eight_classes_stand_beside_their_histogram() {
        WindowDriver drive;
        drive.window.resize(1280, 800);
        drive.new_table(QStringLiteral("Dishes"));
        QString values = QStringLiteral("seeds\n");
        for (int at = 0; at < 80; ++at) {
            values += QString::number(at % 40) + u'\n';
        }
        paste(drive, values);
        QVERIFY(drive.settle());
        Id made, chart;
        Classes classes;
        for (int at = 0; at <= 8; ++at) {
            classes.boundaries.push_back(5.0 * at);
        }
        const Study with = *frequency_table(drive.window.document().study(), drive.table().columns[0]->id, classes,
                                            FrequencyParts(), &made);
        QVERIFY(drive.window.document().perform(QStringLiteral("table"), with));
        QVERIFY(drive.settle());
        const auto proposal = proposed_chart(drive.window.document().study(), drive.window.document().results(), made,
                                             {drive.window.document().study().table(made)->column_named("f")->id});
        QVERIFY(proposal);
        QCOMPARE(proposal->label, std::string("seeds in classes"));
        QVERIFY(drive.window.document().perform(QStringLiteral("chart"), add_chart(with, *proposal, &chart)));
        drive.window.show_table(made);
        drive.window.pages().show_chart(chart);
        QVERIFY(drive.settle());
        TableView& view = drive.window.page()->view();
        const QModelIndex last = drive.window.page()->model().index(7, 0);
        QTRY_VERIFY(view.rect_of(last).bottom() <= view.viewport()->height());
        QVERIFY(drive.window.pages().chart_page()->plot().width() >= 300);
        QVERIFY(drive.window.pages().chart_page()->plot().height() >= 200);
    }

    /// Screens from small to large: the table keeps half, no menu is hidden, a panel comes out over the table.
    void the_table_keeps_half_of_any_screen() {
        struct Screen {
            int width, height;
            double zoom;
        };
        for (const Screen& screen : {Screen{1366, 768, 1.25}, Screen{1280, 800, 2.0}, Screen{2560, 1440, 1.0},
                                     Screen{1280, 800, 1.6}, Screen{1024, 700, 1.0}}) {
            WindowDriver drive;
            set_zoom(screen.zoom);
            drive.window.resize(screen.width, screen.height);
            QVERIFY(drive.window.open_demo() && drive.settle());
            QTRY_COMPARE(drive.window.width(), screen.width);
            QTRY_VERIFY2(2 * drive.window.pages().width() >= screen.width,
                         qPrintable(QString::number(drive.window.pages().width())));
            const QList<QAction*> menus = drive.window.menuBar()->actions();
            const QRect last = drive.window.menuBar()->actionGeometry(menus.back());
            QVERIFY2(last.isValid() && last.right() < drive.window.menuBar()->cornerWidget()->x(),
                     qPrintable(QString::number(screen.width)));
            FoldingSplitter& panels = drive.window.panels();
            for (QWidget* panel :
                 {static_cast<QWidget*>(&drive.window.contents()), static_cast<QWidget*>(&drive.window.details())}) {
                if (!panels.is_folded(panel)) {
                    QVERIFY(panel->width() <= screen.width / 5 + 1);
                    continue;
                }
                const int table = drive.window.pages().width();
                panels.fold(panel, false);
                QVERIFY(!panels.is_folded(panel) && panel->isVisible() && panel->width() > theme().px(100));
                QCOMPARE(drive.window.pages().width(), table);
                drive.click_cell(0, 0);
                QTRY_VERIFY(panels.is_folded(panel));
                QCOMPARE(drive.window.pages().width(), table);
            }
            set_zoom(1.0);
        }
    }

    void panels_fold_and_stay_folded() {
        const auto contents = [](WindowDriver& drive) { return drive.window.findChild<ContentsPanel*>(); };
        {
            WindowDriver drive;
            QVERIFY(drive.window.open_demo());
            const int before = drive.window.pages().width();
            QSplitterHandle* edge = drive.window.panels().handle(1);
            QTest::mouseClick(edge, Qt::LeftButton);
            QVERIFY(drive.window.panels().is_folded(contents(drive)));
            QTRY_VERIFY(drive.window.pages().width() > before + 100);
        }
        WindowDriver drive; // another time
        QVERIFY(drive.window.panels().is_folded(contents(drive)));
        QTest::mouseClick(drive.window.panels().handle(1), Qt::LeftButton);
        QVERIFY(!drive.window.panels().is_folded(contents(drive)));
        QTRY_VERIFY(contents(drive)->width() > 100);
    }

    void names_are_told_apart_at_one_and_a_half_times_the_size() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        for (int step = 0; step < 3; ++step) {
            drive.command("zoom-in");
        }
        QVERIFY(drive.settle());
        auto* contents = drive.window.findChild<ContentsPanel*>();
        std::set<QString> shown;
        int items = 0;
        for (QTreeWidgetItemIterator it(contents); *it != nullptr; ++it) {
            if ((*it)->parent() == nullptr) {
                continue;
            }
            const int room = contents->visualItemRect(*it).width() - theme().px(40);
            shown.insert(QString::number(quintptr((*it)->parent())) +
                         QFontMetrics((*it)->font(0)).elidedText((*it)->text(0), contents->textElideMode(), room));
            ++items;
        }
        QCOMPARE(static_cast<int>(shown.size()), items);
        drive.command("reset-zoom");
    }

    void a_counted_table_is_longer_when_its_end_is_dragged() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Steps"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("x = first 0 then x[i-1] + 1\ny = x * 2\n"));
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 100);
        auto* edge = drive.window.page()->findChild<RowsEdge*>();
        QVERIFY(edge->isVisible());
        const int row = drive.window.page()->view().rowHeight(0);
        const QPoint from = edge->rect().center();
        const auto drag_to = [&](const QPoint& to) {
            QMouseEvent move(QEvent::MouseMove, to, edge->mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                             Qt::NoModifier);
            QApplication::sendEvent(edge, &move);
        };
        QTest::mousePress(edge, Qt::LeftButton, Qt::NoModifier, from);
        const QPoint pressed = edge->mapToGlobal(from);
        drag_to(edge->mapFromGlobal(pressed + QPoint(0, 3 * row + 2)));
        drag_to(edge->mapFromGlobal(pressed + QPoint(0, 5 * row + 2)));
        QTest::mouseRelease(edge, Qt::LeftButton, Qt::NoModifier, from);
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 105);
        drive.window.document().undo(); // the drag as one step
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 100);
    }

    /// 0.05, 0.075, 0.1 need three decimals, though every second one needs fewer.
    void numbers_between_are_not_cut() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Steps"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("t = (row - 1) * 0.025\nx = first 0 then x[i-1] + 1\n"));
        QVERIFY(drive.window.document().perform(QStringLiteral("rows"),
                                                count_rows(drive.window.document().study(), drive.table().id, "400")));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(1, 0), QStringLiteral("0.025"));
        QCOMPARE(drive.shown(3, 0), QStringLiteral("0.075"));
        drive.key(Qt::Key_H, Qt::ControlModifier);
        drive.keys(QStringLiteral("rate = 12.5 %"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QVERIFY(drive.window.ledge().cards().front()->accessibleDescription().contains(QStringLiteral("12.5")));
        QCOMPARE(drive.window.document().single_text(drive.window.document().study().ledge.front()->id,
                                                     drive.window.document().study().ledge.front()->format),
                 QStringLiteral("12.5\u202F%"));
    }
};

LEDGEFALL_TEST(TestWindowSpace)
#include "test_window_space.moc"
