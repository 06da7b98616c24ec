// Runs at the window, from nothing: kept by a key, drawn under the chart, compared in a table, restored. The numbers
// are checked against loops written here.

#include "app/contents/contents_panel.h"
#include "harness/test_program.h"
#include "user_simulator.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// How high a float stands at each step that is thrown upwards with a speed.
std::vector<double> heights(double speed) {
    std::vector<double> all;
    double v = speed;
    double s = 0;
    for (int row = 0; row < 100; ++row) {
        all.push_back(s);
        s += v * 0.02;
        v -= 9.81 * 0.02;
    }
    return all;
}

bool same(const std::vector<double>& a, const std::vector<double>& b) {
    bool equal = a.size() == b.size();
    for (std::size_t at = 0; at < a.size() && equal; ++at) {
        equal = std::fabs(a[at] - b[at]) <= 1e-12 * std::max(1.0, std::fabs(b[at]));
    }
    return equal;
}

QTreeWidgetItem* entry(UserSimulator& hands, const QString& text) {
    const QList<QTreeWidgetItem*> all =
        hands.drive.window.contents().findItems(text, Qt::MatchExactly | Qt::MatchRecursive);
    return all.isEmpty() ? nullptr : all.back();
}

/// The chart that is shown, once it draws the study as it is.
ChartPage& chart(UserSimulator& hands) {
    ChartPage* page = hands.drive.window.pages().chart_page();
    if (page == nullptr || !hands.drive.settle() || !QTest::qWaitFor([page] { return page->settled(); })) {
        qFatal("no chart");
    }
    return *page;
}

QStringList legend(UserSimulator& hands) {
    QStringList names;
    for (const FigurePlot* plot : chart(hands).plot().plots()) {
        names << plot->legend_text();
    }
    return names;
}

/// Three start speeds, each kept, the last of them held now; with a chart.
void keep_three(UserSimulator& hands) {
    hands.paste(QStringLiteral("v0 = 5\ndt = 0.02\nt = (row - 1) * dt\nv = first v0 then v[i-1] - 9.81 * dt\n"
                               "s = first 0 then s[i-1] + v[i-1] * dt\n"));
    hands.click_heading(hands.section("t"));
    hands.click_heading(hands.section("s"), Qt::ControlModifier);
    hands.button(QStringLiteral("chart"));
    hands.key(Qt::Key_R, Qt::ControlModifier);
    hands.card("v0", QStringLiteral("7"));
    hands.key(Qt::Key_R, Qt::ControlModifier);
    hands.card("v0", QStringLiteral("9"), false);
    hands.key(Qt::Key_R, Qt::ControlModifier);
}

} // namespace

class TestRunStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void s22_three_start_speeds_compared() {
        UserSimulator hands(QStringLiteral("S22"));
        keep_three(hands);
        QCOMPARE(legend(hands),
                 (QStringList{QStringLiteral("v0 = 9 (now)"), QStringLiteral("v0 = 5"), QStringLiteral("v0 = 7")}));
        for (const FigurePlot* plot : chart(hands).plot().plots()) {
            QVERIFY(same(plot->series().y, heights(plot->legend_text().section(QLatin1Char(' '), 2, 2).toDouble())));
        }
        const int before = hands.actions;
        hands.picture(QStringLiteral("runs"));
        hands.actions = before;
        hands.menu(
            {QStringLiteral("Compute"), QStringLiteral("What-if and runs"), QStringLiteral("Make a table of runs")});
        QVERIFY(hands.drive.settle());
        QVERIFY(entry(hands, QStringLiteral("v0 = 7")) != nullptr);
        const Table& list = hands.drive.table();
        QCOMPARE(list.columns[1]->name, std::string("v0"));
        for (int row = 0; row < 3; ++row) {
            QCOMPARE(hands.number(row, 1), 5.0 + 2 * row);
            const std::vector<double> by_hand = heights(5 + 2 * row);
            const double highest = hands.number(row, hands.section("largest_s"));
            QVERIFY(same({highest}, {*std::max_element(by_hand.begin(), by_hand.end())}));
        }
        hands.picture(QStringLiteral("runs-table"));
        QVERIFY2(hands.actions <= 16, qPrintable(QString::number(hands.actions)));
    }

    void a_run_is_restored_renamed_hidden_and_removed() {
        UserSimulator hands(QStringLiteral("-"));
        keep_three(hands);
        const auto choose = [&](const QString& run, const QString& command) {
            QTreeWidgetItem* item = entry(hands, run);
            QVERIFY(item != nullptr);
            ContentsPanel& contents = hands.drive.window.contents();
            contents.scrollToItem(item);
            const QPoint at = contents.visualItemRect(item).center();
            hands.in_open_menu(command);
            QContextMenuEvent event(QContextMenuEvent::Mouse, at, contents.viewport()->mapToGlobal(at));
            QCoreApplication::sendEvent(contents.viewport(), &event);
            QVERIFY(hands.drive.settle());
        };
        choose(QStringLiteral("v0 = 5"), QStringLiteral("Restore run"));
        QCOMPARE(hands.held("v0"), 5.0);
        QCOMPARE(hands.drive.notice(), QStringLiteral("The held values of the run v0 = 5 are restored."));
        hands.drive.window.document().undo();
        QVERIFY(hands.drive.settle());
        QCOMPARE(hands.held("v0"), 9.0);

        choose(QStringLiteral("v0 = 7"), QStringLiteral("Rename run"));
        hands.type(QStringLiteral("middle"));
        hands.key(Qt::Key_Return);
        QVERIFY(QTest::qWaitFor([&] { return entry(hands, QStringLiteral("middle")) != nullptr; }));
        QVERIFY(QTest::qWaitFor([&] { return legend(hands).contains(QStringLiteral("middle")); }));

        entry(hands, QStringLiteral("middle"))->setCheckState(0, Qt::Unchecked);
        QVERIFY(QTest::qWaitFor([&] { return legend(hands).size() == 2; }));

        choose(QStringLiteral("middle"), QStringLiteral("Remove run"));
        QVERIFY(entry(hands, QStringLiteral("middle")) == nullptr);
        QCOMPARE(hands.drive.window.document().study().runs.size(), std::size_t{2});

        hands.key(Qt::Key_R, Qt::ControlModifier); // the same again
        QCOMPARE(hands.drive.notice(), QStringLiteral("This is already kept as v0 = 9. Change a held value first."));
    }

    void cells_at_fault_are_told_of() {
        UserSimulator hands(QStringLiteral("-"));
        hands.paste(QStringLiteral("k = 3\nx = first k then x[i-1] + 1\nz = 1 / (x - 5)\n"));
        hands.key(Qt::Key_R, Qt::ControlModifier);
        QVERIFY(hands.drive.settle());
        QCOMPARE(hands.drive.window.document().study().runs.size(), std::size_t{1});
        QVERIFY2(hands.drive.notice().endsWith(QStringLiteral("Cells with errors are kept empty: 1.")),
                 qPrintable(hands.drive.notice()));
    }

    void a_trail_is_left_while_a_value_changes() {
        UserSimulator hands(QStringLiteral("-"));
        keep_three(hands);
        ChartPage& page = chart(hands);
        hands.click(&page.tool(QStringLiteral("trail")));
        QVERIFY(page.leaves_trail());
        for (int speed = 10; speed < 20; ++speed) {
            hands.card("v0", QString::number(speed), speed == 10);
            QVERIFY(QTest::qWaitFor([&page] { return page.settled(); }));
        }
        QVERIFY(page.trail_length() >= 2 && page.trail_length() <= 6);
        const int drawn = page.plot().plottableCount();
        QCOMPARE(drawn, static_cast<int>(page.plot().plots().size() + page.trail_length()));
        hands.picture(QStringLiteral("trail"));
        hands.click(&page.tool(QStringLiteral("trail")));
        QCOMPARE(page.plot().plottableCount(), static_cast<int>(page.plot().plots().size()));
    }
};

LEDGEFALL_TEST(TestRunStories)
#include "test_run_stories.moc"
