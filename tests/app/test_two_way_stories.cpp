// Two-way tables from nothing at the window: made, written, pointed at, typed into, turned. What is shown is held
// against loops written here.

#include "app/dialogs/two_way_dialog.h"
#include "app/table/foot_view.h"
#include "app/table/layer_strip.h"
#include "harness/test_program.h"
#include "user_simulator.h"

#include <QClipboard>

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// Makes a two-way table in its dialog.
void make(UserSimulator& hands, const QString& down, const QString& across, const QString& formula) {
    hands.in_next_dialog([&](QDialog& dialog) {
        hands.type(down);
        hands.key_in_dialog(Qt::Key_Tab);
        hands.type(across);
        hands.key_in_dialog(Qt::Key_Tab);
        hands.type(formula);
        auto& form = *qobject_cast<TwoWayDialog*>(&dialog);
        QVERIFY2(QTest::qWaitFor([&form] { return form.preview().columnCount() > 0; }), qPrintable(form.told()));
        hands.key_in_dialog(Qt::Key_Return);
    });
    hands.key(Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
    QVERIFY(hands.drive.settle());
}

TwoWayModel& grid(UserSimulator& hands) {
    return *qobject_cast<TwoWayModel*>(&hands.drive.window.page()->model());
}

double cell(UserSimulator& hands, int row, int column) {
    const Value value = grid(hands).value(row, column);
    return value.plain() ? value.number() : std::nan("");
}

bool near(double a, double b) {
    return std::fabs(a - b) <= 1e-12 * std::max(1.0, std::fabs(b));
}

} // namespace

class TestTwoWayStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void s19_a_product_table() {
        UserSimulator hands(QStringLiteral("S19"));
        make(hands, QStringLiteral("a = 1..12"), QStringLiteral("b = 1..12"), QStringLiteral("p = a * b"));
        QCOMPARE(grid(hands).table_rows(), 12);
        QCOMPARE(grid(hands).grid_columns(), 12);
        for (int row = 0; row < 12; ++row) {
            for (int column = 0; column < 12; ++column) {
                QCOMPARE(cell(hands, row, column), (row + 1) * (column + 1));
            }
        }
        QVERIFY2(hands.actions <= 7, qPrintable(QString::number(hands.actions)));
    }

    void s20_what_a_yearly_planting_comes_to() {
        UserSimulator hands(QStringLiteral("S20"));
        make(hands, QStringLiteral("rate = 3 %, 3.5 % .. 6 %"), QStringLiteral("years = 6, 12, 18, 24"),
             QStringLiteral("stand = seedlings * ((1 + rate)^years - 1) / rate"));
        hands.button(QStringLiteral("Hold seedlings on the ledge"));
        hands.type(QStringLiteral("40"));
        hands.key(Qt::Key_Return);
        const auto by_hand = [](double seedlings, int row, int column) {
            const double rate = 0.03 + 0.005 * row;
            return seedlings * (std::pow(1 + rate, 6 * (column + 1)) - 1) / rate;
        };
        for (int row = 0; row < 7; ++row) {
            for (int column = 0; column < 4; ++column) {
                QVERIFY(near(cell(hands, row, column), by_hand(40, row, column)));
            }
        }
        hands.card("seedlings", QStringLiteral("55"), false);
        QVERIFY(near(cell(hands, 6, 3), by_hand(55, 6, 3)));
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
        const int of_story = hands.actions; // what follows is beside it
        hands.click_cell(2, 1);
        hands.button_menu(QStringLiteral("foot line"), {QStringLiteral("mean — The arithmetic mean.")});
        QVERIFY(near(grid(hands).foot_value(*hands.drive.table().foot.front(), 0).number(), [&] {
            double all = 0;
            for (int row = 0; row < 7; ++row) {
                all += by_hand(55, row, 0) / 7;
            }
            return all;
        }()));
        hands.click_cell(2, 1);
        hands.button(QStringLiteral("chart"));
        QVERIFY(hands.drive.settle());
        ChartPage* page = hands.drive.window.pages().chart_page();
        QVERIFY(page != nullptr && QTest::qWaitFor([page] { return page->settled(); }));
        QCOMPARE(page->plot().plots().size(), std::size_t{7}); // a line for each rate
        QCOMPARE(page->plot().plots()[3]->legend_text(), QString::fromUtf8("rate = 4.5\u202f%"));
        hands.picture(QStringLiteral("planting"));
        hands.actions = of_story;
    }

    void cells_are_drawn_as_a_heat_map() {
        UserSimulator hands(QStringLiteral("-"));
        make(hands, QStringLiteral("t = 0..60"), QStringLiteral("x = 1..80"),
             QStringLiteral(
                 "u = first if 30 < x < 50 then 100 else 0 then u[i-1, j] + 0.24 * (default(u[i-1, j-1], 0) - "
                 "2 * u[i-1, j] + default(u[i-1, j+1], 0))"));
        hands.button(QStringLiteral("chart"));
        QVERIFY(hands.drive.settle());
        ChartPage* page = hands.drive.window.pages().chart_page();
        QVERIFY(page != nullptr && QTest::qWaitFor([page] { return page->settled(); }));
        QCOMPARE(page->plot().plots().size(), std::size_t{1});
        QCOMPARE(page->plot().plots()[0]->legend_text(), QStringLiteral("u, from 0 to 100"));
        const QCPColorScale* key = page->plot().colour_key().scale(); // with the values that the colours stand for
        QVERIFY(key != nullptr && key->dataRange().lower == 0 && key->dataRange().upper == 100);
        QVERIFY(key->outerRect().left() >= page->plot().axisRect()->outerRect().right() - 1 &&
                key->outerRect().right() < page->plot().width());
        QVERIFY(key->gradient().colorStops().first() != key->gradient().colorStops().last());
        QVERIFY(!page->tool(QStringLiteral("trail")).isVisible()); // a map would cover it
        hands.picture(QStringLiteral("rod"));
        Chart chart = *hands.drive.window.document().study().charts.front();
        chart.series.front().form = SeriesForm::contours;
        QVERIFY(hands.drive.window.document().perform(QStringLiteral("form"),
                                                      rewrite_chart(hands.drive.window.document().study(), chart)));
        QVERIFY(hands.drive.settle());
        QVERIFY(QTest::qWaitFor([page] { return page->settled(); }));
        QVERIFY(page->plot().colour_key().scale() == nullptr); // contour lines have their values on them
    }

    void all_layers_stand_under_each_other() {
        UserSimulator hands(QStringLiteral("-"));
        make(hands, QStringLiteral("a = 1..3"), QStringLiteral("b = 1..4"), QStringLiteral("p = a * b"));
        auto* strip = hands.drive.window.page()->findChild<LayerStrip*>();
        QVERIFY(strip != nullptr && !strip->all_button().isVisible());
        hands.button(QStringLiteral("next layer"));
        hands.type(QStringLiteral("s = a + b"));
        hands.key(Qt::Key_Return);
        QVERIFY(hands.drive.settle());
        const int one_high = hands.drive.window.page()->view().rowHeight(0);
        hands.click(&strip->all_button());
        const auto lines = [&](int row, int column) {
            return grid(hands).index(row, column).data(TableModel::LinesRole).toStringList();
        };
        QCOMPARE(lines(2, 3), (QStringList{QStringLiteral("12"), QStringLiteral("7")}));
        QVERIFY(hands.drive.window.page()->view().rowHeight(0) > 3 * one_high / 2);
        hands.click_cell(2, 1);
        hands.button_menu(QStringLiteral("foot line"), {QStringLiteral("sum — The sum of the values (0 if none).")});
        auto* foot = hands.drive.window.page()->findChild<FootView*>(); // its columns stand under those of the cells
        const TableView& cells = hands.drive.window.page()->view();
        QCOMPARE(foot->viewport()->mapTo(hands.drive.window.page(), QPoint(foot->columnViewportPosition(0), 0)).x(),
                 cells.viewport()->mapTo(hands.drive.window.page(), QPoint(cells.columnViewportPosition(0), 0)).x());
        QCOMPARE(grid(hands).headerData(1, Qt::Vertical, TableModel::LinesRole).toStringList().back(),
                 QStringLiteral("s"));
        QCOMPARE(grid(hands).index(0, 0).data(TableModel::LineRole).toInt(), 1); // the new one is written into
        hands.click_cell(2, 3);
        hands.type(QStringLiteral("50"));
        hands.key(Qt::Key_Return);
        QVERIFY(hands.drive.settle());
        QCOMPARE(lines(2, 3).back(), QStringLiteral("50"));
        hands.picture(QStringLiteral("two-layers"));
        hands.click(&strip->all_button());
        QVERIFY(lines(2, 3).isEmpty());
        QCOMPARE(hands.drive.window.page()->view().rowHeight(0), one_high);
    }

    void s21_mean_drift_time_by_site_and_day() {
        UserSimulator hands(QStringLiteral("S21"));
        const char* sites[] = {"riffle", "pool", "weir", "riffle", "pool", "riffle", "weir", "pool"};
        const char* days[] = {"Mon", "Mon", "Mon", "Tue", "Tue", "Tue", "Tue", "Mon"};
        const double drift[] = {12.5, 40, 33, 14, 44, 15.5, 31, 42};
        QString text = QStringLiteral("site\tday\tdrift\n");
        for (int row = 0; row < 8; ++row) {
            text +=
                QStringLiteral("%1\t%2\t%3\n").arg(QLatin1String(sites[row]), QLatin1String(days[row])).arg(drift[row]);
        }
        hands.paste(text);
        hands.click_heading(0);
        hands.click_heading(2, Qt::ShiftModifier);
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<TwoWayDialog*>(&dialog);
            QVERIFY2(QTest::qWaitFor([&form] { return form.preview().columnCount() > 0; }), qPrintable(form.told()));
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.key(Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(hands.drive.settle());
        QCOMPARE(grid(hands).axis_text(false, 0), QStringLiteral("riffle"));
        QCOMPARE(grid(hands).axis_text(true, 1), QStringLiteral("Tue"));
        for (int row = 0; row < 3; ++row) {
            for (int column = 0; column < 2; ++column) {
                double sum = 0;
                int n = 0;
                for (int at = 0; at < 8; ++at) {
                    const bool meant = grid(hands).axis_text(false, row) == QLatin1String(sites[at]) &&
                                       grid(hands).axis_text(true, column) == QLatin1String(days[at]);
                    sum += meant ? drift[at] : 0;
                    n += meant ? 1 : 0;
                }
                QVERIFY(near(cell(hands, row, column), sum / n));
            }
        }
        QVERIFY2(hands.actions <= 8, qPrintable(QString::number(hands.actions)));
    }

    void pairs_are_counted_with_what_would_be_expected() {
        UserSimulator hands(QStringLiteral("-"));
        hands.paste(QStringLiteral("site\tkind\nriffle\tmayfly\nriffle\tcaddis\nriffle\tmayfly\npool\tmayfly\n"
                                   "pool\tcaddis\npool\tmayfly\nweir\tcaddis\n"));
        hands.click_heading(0);
        hands.click_heading(1, Qt::ShiftModifier);
        hands.menu({QStringLiteral("Compute"), QStringLiteral("Tables from columns"),
                    QStringLiteral("Make a contingency table of two columns")});
        QVERIFY(hands.drive.settle());
        const double counts[3][2] = {{2, 1}, {2, 1}, {0, 1}};
        double chi2 = 0;
        const double of_rows[] = {3, 3, 1};
        const double of_columns[] = {4, 3};
        for (int row = 0; row < 3; ++row) {
            for (int column = 0; column < 2; ++column) {
                QCOMPARE(cell(hands, row, column), counts[row][column]);
                const double expected = of_rows[row] * of_columns[column] / 7;
                chi2 += (counts[row][column] - expected) * (counts[row][column] - expected) / expected;
            }
        }
        QVERIFY(near(hands.held("chi2"), chi2));
        hands.click(hands.drive.window.page()->layers()->layer_buttons()[4]);
        QVERIFY(near(cell(hands, 0, 0), 12.0 / 7));
    }

    void nothing_is_typed_beside_axes_that_are_no_more() {
        UserSimulator hands(QStringLiteral("-"));
        make(hands, QStringLiteral("site = riffle, pool, weir"), QStringLiteral("visit = 1..3"),
             QStringLiteral("n = 0"));
        QVERIFY(grid(hands).type(2, 0, {{"5"}}, QStringLiteral("typing")));
        QVERIFY(hands.drive.settle());
        Document& document = hands.drive.window.document();
        QVERIFY(document.perform(QStringLiteral("axis"), rewrite_axis(document.study(), grid(hands).table_id(), false,
                                                                      {"site", "", "", "weir, pool"})));
        for (int row = 0; row < grid(hands).rowCount(); ++row) { // the axis before is still shown
            (void)grid(hands).index(row, 0).data(TableModel::OverrideRole);
        }
        const bool current = document.results_are_current();
        QCOMPARE(grid(hands).type(0, 1, {{"9"}}, QStringLiteral("typing")), current);
        QVERIFY(hands.drive.settle());
        QCOMPARE(cell(hands, 0, 0), 5.0); // what was typed beside weir
        QCOMPARE(cell(hands, 0, 1), current ? 9.0 : 0.0);
        QVERIFY(grid(hands).index(0, 0).data(TableModel::OverrideRole).toBool());
    }

    void two_held_values_are_tried_together() {
        UserSimulator hands(QStringLiteral("-"));
        hands.paste(QStringLiteral("v0 = 8\ndrag = 0.25\ndt = 0.1\nv = first v0 then v[i-1] - drag * v[i-1] * dt\n"
                                   "s = first 0 then s[i-1] + v[i-1] * dt\n"));
        hands.in_next_dialog([&](QDialog&) {     // which held value
            hands.in_next_dialog([&](QDialog&) { // and which other one
                hands.in_next_dialog([&](QDialog& dialog) {
                    auto& form = *qobject_cast<TwoWayDialog*>(&dialog);
                    QCOMPARE(form.down().text(), QStringLiteral("v0_tried = 4..12 by 2"));
                    QCOMPARE(form.across().text(), QStringLiteral("drag_tried = 0.125..0.375 by 0.0625"));
                    QVERIFY2(QTest::qWaitFor([&form] { return form.preview().columnCount() > 0; }),
                             qPrintable(form.told()));
                    hands.key_in_dialog(Qt::Key_Return);
                });
                hands.key_in_dialog(Qt::Key_Return);
            });
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.menu({QStringLiteral("Compute"), QStringLiteral("What-if and runs"),
                    QStringLiteral("Try values of two held values…")});
        QVERIFY(hands.drive.settle());
        const auto farthest = [](double speed, double drag) {
            double v = speed;
            double s = 0;
            for (int row = 1; row < 100; ++row) {
                s += v * 0.1;
                v -= drag * v * 0.1;
            }
            return s;
        };
        for (int row = 0; row < 5; ++row) {
            for (int column = 0; column < 5; ++column) {
                QVERIFY(near(cell(hands, row, column), farthest(4 + 2 * row, 0.125 + 0.0625 * column)));
            }
        }
    }

    void layers_are_written_by_pointing() {
        UserSimulator hands(QStringLiteral("-"));
        make(hands, QStringLiteral("a = 1..4"), QStringLiteral("b = 1..3"), QStringLiteral("p = a * b"));
        LayerStrip& strip = *hands.drive.window.page()->layers();
        hands.click_cell(1, 1);
        hands.button(QStringLiteral("next layer"));
        FormulaEditor& editor = hands.drive.window.page()->editor();
        hands.type(QStringLiteral("q = "));
        hands.click_cell(1, 1);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("q = p"));
        hands.click_cell(0, 1);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("q = p[i-1, j]"));
        hands.click_cell(1, 0);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("q = p[i, j-1]"));
        hands.click_cell(3, 2);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("q = p[4, j+1]"));
        hands.drag_cells(1, 0, 2);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("q = p[i, ..]"));
        hands.click_cell(1, 1);
        for (const char* turned : {"q = p[i, 2]", "q = p[2, j]", "q = p[2, 2]", "q = p"}) {
            editor.turn();
            QCOMPARE(editor.line().toPlainText(), QLatin1String(turned));
        }
        hands.type(QStringLiteral(" / sum("));
        hands.click_cell(1, 1);
        hands.type(QStringLiteral(")"));
        hands.key(Qt::Key_Left);
        for (const char* turned : {"p[i, ..]", "p[.., j]", "p[1..i, j]", "p", "p[i, ..]"}) {
            editor.turn();
            QCOMPARE(editor.line().toPlainText(), QStringLiteral("q = p / sum(%1)").arg(QLatin1String(turned)));
        }
        hands.key(Qt::Key_Return);
        QVERIFY(hands.drive.settle());
        QVERIFY(!editor.is_open());
        QVERIFY2(strip.formula_text().contains(QStringLiteral("p / sum(p[i, ..])")), qPrintable(strip.formula_text()));
        QVERIFY(near(cell(hands, 2, 1), 2.0 / 6));
        QCOMPARE(strip.layer_buttons().size(), 2);
        hands.click(strip.layer_buttons().front());
        QVERIFY(near(cell(hands, 2, 1), 6));
    }

    void cells_are_typed_copied_pasted_and_turned() {
        UserSimulator hands(QStringLiteral("-"));
        make(hands, QStringLiteral("site = riffle, pool"), QStringLiteral("visit = 1..3"), QStringLiteral("n = 0"));
        hands.click_cell(0, 0);
        hands.type(QStringLiteral("5"));
        hands.key(Qt::Key_Return);
        QVERIFY(hands.drive.settle());
        QCOMPARE(cell(hands, 0, 0), 5.0);
        hands.click_cell(1, 1);
        hands.paste(QStringLiteral("7\t8\n"));
        QVERIFY(hands.drive.settle());
        QCOMPARE(cell(hands, 1, 1), 7.0);
        QCOMPARE(cell(hands, 1, 2), 8.0);
        QCOMPARE(cell(hands, 0, 1), 0.0);
        hands.key(Qt::Key_A, Qt::ControlModifier);
        hands.key(Qt::Key_C, Qt::ControlModifier);
        QCOMPARE(QApplication::clipboard()->text(),
                 QStringLiteral("site by visit\t1\t2\t3\nriffle\t5\t0\t0\npool\t0\t7\t8\n"));
        hands.button(QStringLiteral("swap axes"));
        QVERIFY(hands.drive.settle());
        QCOMPARE(grid(hands).table_rows(), 3);
        QCOMPARE(cell(hands, 1, 1), 7.0);
        QCOMPARE(cell(hands, 2, 1), 8.0);
        hands.drive.window.document().undo();
        QVERIFY(hands.drive.settle());
        QCOMPARE(cell(hands, 1, 2), 8.0);
    }
};

LEDGEFALL_TEST(TestTwoWayStories)
#include "test_two_way_stories.moc"
