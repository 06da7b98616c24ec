// The first nine of eighteen things done from nothing at the window, with mouse and keys only, their actions counted.
// Numbers are checked against ones computed here.

#include "harness/test_program.h"
#include "user_simulator.h"

#include <QPushButton>

#include <cmath>
#include <numeric>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

constexpr double close = 1e-12;

bool near(double a, double b, double within = close) {
    return std::fabs(a - b) <= within * std::max(1.0, std::fabs(b));
}

} // namespace

class TestEighteenTables : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void s01_a_formula_of_two_columns_by_pointing() {
        UserSimulator hands(QStringLiteral("S01"));
        hands.paste(QStringLiteral("w\td\n1.2\t0.4\n2.5\t0.9\n0.8\t0.3\n"));
        hands.type(QStringLiteral("=2*"));
        hands.click_heading(0);
        hands.type(QStringLiteral("^3 + "));
        hands.click_heading(1);
        hands.type(QStringLiteral("^2"));
        hands.key(Qt::Key_Return);
        const std::vector<std::pair<double, double>> pools = {{1.2, 0.4}, {2.5, 0.9}, {0.8, 0.3}};
        for (int row = 0; row < 3; ++row) {
            const auto [w, d] = pools[static_cast<std::size_t>(row)];
            QVERIFY(near(hands.number(row, 2), 2 * w * w * w + d * d));
        }
        QVERIFY2(hands.actions <= 8, qPrintable(QString::number(hands.actions)));
    }

    void s02_means_across_in_four_units() {
        UserSimulator hands(QStringLiteral("S02"));
        hands.paste(QStringLiteral("float\tt1 [mm]\tt2 [mm]\tt3 [mm]\tt4 [mm]\n"
                                   "cork\t410\t432\t425\t418\nleaf\t388\t401\t\t395\ntwig\t502\t489\t497\t510\n"));
        hands.type(QStringLiteral("=far [mm] = mean("));
        hands.drag_cells(0, 1, 4);
        hands.type(QStringLiteral(")"));
        hands.key(Qt::Key_Return);
        QVERIFY2(!hands.drive.window.page()->editor().is_open(),
                 qPrintable(hands.drive.window.page()->editor().message()));
        hands.type(QStringLiteral("=cm [cm] = convert(far, \"mm\", \"cm\")"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("m [m] = convert(far, \"mm\", \"m\")"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("ft [ft] = convert(far, \"mm\", \"ft\")"));
        hands.key(Qt::Key_Return);
        hands.button_menu(QStringLiteral("foot line"), {QString::fromUtf16(u"mean —")});
        const double means[] = {(410 + 432 + 425 + 418) / 4.0, (388 + 401 + 395) / 3.0, (502 + 489 + 497 + 510) / 4.0};
        for (int row = 0; row < 3; ++row) {
            QVERIFY(near(hands.number("far", row), means[row]));
            QVERIFY(near(hands.number("cm", row), means[row] / 10));
            QVERIFY(near(hands.number("m", row), means[row] / 1000));
            QVERIFY(near(hands.number("ft", row), means[row] / 304.8));
        }
        QVERIFY(near(hands.foot(QStringLiteral("mean"), "t3"), (425 + 497) / 2.0)); // without the one not measured
        QVERIFY(near(hands.foot(QStringLiteral("mean"), "ft"), (means[0] + means[1] + means[2]) / 3 / 304.8));
        QVERIFY2(hands.actions <= 14, qPrintable(QString::number(hands.actions)));
        hands.picture(QStringLiteral("means"));
    }

    void s03_completed_years_months_and_days() {
        UserSimulator hands(QStringLiteral("S03"));
        hands.paste(QStringLiteral("collected\tanalysed\n12/05/2021\t03/07/2021\n01/12/2020\t30/11/2022\n"
                                   "31/01/2024\t01/03/2024\n"));
        if (hands.drive.window.page()
                ->suggestions()
                .is_offered()) { // one question for the column, where it has to be asked
            ++hands.actions;
            hands.drive.window.page()->suggestions().leave();
        }
        hands.type(QStringLiteral("=y = years(collected, analysed)"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("mo = months(collected, analysed)"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("d = days(collected, analysed)"));
        hands.key(Qt::Key_Return);
        const double expected[3][3] = {{0, 1, 52}, {1, 23, 729}, {0, 1, 30}}; // 12 May to 3 July; 1 Dec to 30 Nov; leap
        for (int row = 0; row < 3; ++row) {
            QCOMPARE(hands.number("y", row), expected[row][0]);
            QCOMPARE(hands.number("mo", row), expected[row][1]);
            QCOMPARE(hands.number("d", row), expected[row][2]);
        }
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
    }

    void s04_continued_from_two_and_multiplied() {
        UserSimulator hands(QStringLiteral("S04"));
        hands.paste(QStringLiteral("depth\n5\n10\n"));
        hands.in_next_dialog([&](QDialog&) {
            hands.type(QStringLiteral("14"));
            hands.key(Qt::Key_Return);
        });
        hands.key(Qt::Key_J, Qt::ControlModifier);
        hands.type(QStringLiteral("=k = 17"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("load = depth * k"));
        hands.key(Qt::Key_Return);
        QCOMPARE(hands.drive.window.page()->model().table_rows(), 16);
        QCOMPARE(hands.number("load", 15), 80.0 * 17);
        hands.card("k", QStringLiteral("19"));
        for (int row = 0; row < 16; ++row) {
            QCOMPARE(hands.number("depth", row), 5.0 * (row + 1));
            QCOMPARE(hands.number("load", row), 5.0 * (row + 1) * 19);
        }
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
    }

    void s05_two_rates_one_rounded_one_only_shown() {
        UserSimulator hands(QStringLiteral("S05"));
        hands.paste(QStringLiteral("net\tcaught\ttries\nA\t17\t6\nB\t4\t\nC\t29\t7\nD\t8\t3\n"));
        hands.type(QStringLiteral("=rate = round(caught / tries, 3)"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("full = caught / tries"));
        hands.key(Qt::Key_Return);
        for (const char16_t* measure : {u"max —", u"min —", u"mean —", u"sum —"}) {
            hands.button_menu(QStringLiteral("foot line"), {QString::fromUtf16(measure)});
        }
        hands.click_heading(hands.section("full"));
        hands.key(Qt::Key_BracketLeft, Qt::ControlModifier);
        hands.key(Qt::Key_BracketLeft, Qt::ControlModifier);
        const double rates[] = {17.0 / 6, 29.0 / 7, 8.0 / 3};
        const int rows[] = {0, 2, 3};
        for (int at = 0; at < 3; ++at) {
            QCOMPARE(hands.number("rate", rows[at]), std::round(rates[at] * 1000) / 1000);
            QCOMPARE(hands.number("full", rows[at]), rates[at]);
            QCOMPARE(hands.drive.shown(rows[at], hands.section("full")), QString::number(rates[at], 'f', 3));
        }
        QVERIFY(std::isnan(hands.number("rate", 1)));
        QCOMPARE(hands.drive.shown(1, hands.section("full")), QString()); // no fault: it was not tried
        QCOMPARE(hands.foot(QStringLiteral("max"), "full"), rates[1]);
        QCOMPARE(hands.foot(QStringLiteral("min"), "rate"), 2.667);
        QVERIFY(near(hands.foot(QStringLiteral("mean"), "full"), (rates[0] + rates[1] + rates[2]) / 3));
        QCOMPARE(hands.foot(QStringLiteral("sum"), "caught"), 58.0);
        QVERIFY2(hands.actions <= 16, qPrintable(QString::number(hands.actions)));
    }

    void s06_totals_both_ways_and_shares_with_their_check() {
        UserSimulator hands(QStringLiteral("S06"));
        hands.paste(QStringLiteral("group\triffle\tpool\tweir\tmouth\nmayfly\t64\t21\t33\t10\ncaddis\t27\t15\t41\t6\n"
                                   "shrimp\t52\t30\t26\t9\n"));
        hands.type(QStringLiteral("=rate = 12.5 %"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("total = sum(riffle[i] .. mouth[i])"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("share = total / sum(total)"));
        hands.key(Qt::Key_Return);
        QVERIFY(hands.drive.window.page()->suggestions().is_offered()); // the check
        hands.click(hands.drive.window.page()->suggestions().findChild<QToolButton*>(QStringLiteral("take")));
        hands.button_menu(QStringLiteral("foot line"), {QString::fromUtf16(u"sum —")});
        for (const char* line : {"extra = sum * rate", "with_extra = sum + extra"}) {
            hands.in_next_dialog([&hands, line](QDialog&) {
                hands.type(QString::fromLatin1(line));
                hands.key(Qt::Key_Return);
            });
            hands.button_menu(QStringLiteral("foot line"), {QStringLiteral("Custom formula…")});
        }
        const double counts[3][4] = {{64, 21, 33, 10}, {27, 15, 41, 6}, {52, 30, 26, 9}};
        const char* sites[] = {"riffle", "pool", "weir", "mouth"};
        double all = 0;
        for (const auto& row : counts) {
            all += std::accumulate(std::begin(row), std::end(row), 0.0);
        }
        for (int site = 0; site < 4; ++site) {
            const double total = counts[0][site] + counts[1][site] + counts[2][site];
            QCOMPARE(hands.foot(QStringLiteral("sum"), sites[site]), total);
            QVERIFY(near(hands.foot(QStringLiteral("extra"), sites[site]), total / 8));
            QVERIFY(near(hands.foot(QStringLiteral("with_extra"), sites[site]), total * 9 / 8));
        }
        for (int row = 0; row < 3; ++row) {
            const double total = std::accumulate(std::begin(counts[row]), std::end(counts[row]), 0.0);
            QCOMPARE(hands.number("total", row), total);
            QVERIFY(near(hands.number("share", row), total / all));
        }
        const Study& study = hands.drive.window.document().study();
        QCOMPARE(study.checks.size(), std::size_t{1});
        QCOMPARE(hands.drive.window.document().check_state(study.checks.front()->id), Document::CheckState::holds);
        QVERIFY2(hands.actions <= 18, qPrintable(QString::number(hands.actions)));
        hands.picture(QStringLiteral("totals"));
    }

    void s07_one_correction_from_every_reading() {
        UserSimulator hands(QStringLiteral("S07"));
        hands.paste(QStringLiteral("reading\n14.2\n15.1\n13.8\n"));
        hands.type(QStringLiteral("=off = 0.3"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("right = reading - off"));
        hands.key(Qt::Key_Return);
        hands.card("off", QStringLiteral("0.4"));
        const double readings[] = {14.2, 15.1, 13.8};
        for (int row = 0; row < 3; ++row) {
            QVERIFY(near(hands.number("right", row), readings[row] - 0.4));
        }
        const TableModel& model = hands.drive.window.page()->model(); // the formula stands in the heading, unclicked
        QCOMPARE(model.column(1)->pieces.front().formula.text(), std::string("reading - off"));
        QVERIFY2(hands.actions <= 8, qPrintable(QString::number(hands.actions)));
    }

    void s08_the_share_of_one_site_and_of_another() {
        UserSimulator hands(QStringLiteral("S08"));
        hands.paste(QStringLiteral("site\tnote\npool\t1\nriffle\t2\npool\t3\nweir\t4\nriffle\t5\n"));
        hands.menu({QStringLiteral("Compute"), QStringLiteral("Tables from columns"),
                    QStringLiteral("Hold the share of one value")});
        const auto share = [&] {
            for (HeldCard* card : hands.drive.window.ledge().cards()) {
                const Value value = hands.drive.window.document().results().single(card->held());
                if (QString::fromStdString(card->value()->name).contains(QStringLiteral("share"))) {
                    return value.number();
                }
            }
            return std::nan("");
        };
        QVERIFY(near(share(), 2.0 / 5));
        HeldCard* asked = nullptr;
        for (HeldCard* card : hands.drive.window.ledge().cards()) {
            asked = card->choices().isEmpty() ? asked : card;
        }
        QVERIFY(asked != nullptr);
        hands.click(asked, QPoint(6, 6));
        hands.in_open_menu(QStringLiteral("weir"));
        hands.key(Qt::Key_Down);
        QVERIFY(near(share(), 1.0 / 5));
        hands.click_cell(5, 0);
        hands.paste(QStringLiteral("weir\t6\nweir\t7\n"));
        QVERIFY(near(share(), 3.0 / 7));
        QVERIFY2(hands.actions <= 9, qPrintable(QString::number(hands.actions)));
    }

    void s09_a_binomial_tried_at_three_chances() {
        UserSimulator hands(QStringLiteral("S09"));
        hands.paste(
            QStringLiteral("n = 12\np = 0.35\nq = 1 - p\nmean_k = n * p\nvar_k = n * p * q\nsd_k = sqrt(var_k)\n"
                           "k = first 0 then k[i-1] + 1\nchance = P(binomial(n, p) = k)\n"));
        RowCountField& rows = hands.drive.window.page()->row_count();
        hands.double_click(rows.findChild<QLineEdit*>());
        hands.type(QStringLiteral("13"));
        hands.key(Qt::Key_Return);
        hands.click_cell(0, 0);
        hands.type(QStringLiteral("=drawn = draw(binomial(n, p))")); // one in each row
        hands.key(Qt::Key_Return);
        hands.type(QStringLiteral("=counted = count(drawn where drawn = k[i])"));
        hands.key(Qt::Key_Return);
        const auto chance = [](double p, int k) {
            double combinations = 1;
            for (int at = 0; at < k; ++at) {
                combinations = combinations * (12 - at) / (at + 1);
            }
            return combinations * std::pow(p, k) * std::pow(1 - p, 12 - k);
        };
        const auto holds = [&](double p) {
            bool all = near(hands.held("mean_k"), 12 * p) && near(hands.held("var_k"), 12 * p * (1 - p)) &&
                       near(hands.held("sd_k"), std::sqrt(12 * p * (1 - p)));
            double counted = 0;
            for (int row = 0; row < 13; ++row) {
                all = all && near(hands.number("chance", row), chance(p, row));
                counted += hands.number("counted", row);
            }
            return all && counted == 13;
        };
        QCOMPARE(hands.drive.window.page()->model().table_rows(), 13);
        QVERIFY(holds(0.35));
        hands.card("p", QStringLiteral("0.15"));
        QVERIFY(holds(0.15));
        hands.card("p", QStringLiteral("0.7"), false);
        QVERIFY(holds(0.7));
        QVERIFY2(hands.actions <= 14, qPrintable(QString::number(hands.actions)));
    }
};

LEDGEFALL_TEST(TestEighteenTables)
#include "test_eighteen_tables.moc"
