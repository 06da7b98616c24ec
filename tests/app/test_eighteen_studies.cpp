// The last nine of eighteen things done from nothing at the window, with mouse and keys only, their actions counted.

#include "app/charts/chart_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/summary_dialog.h"
#include "app/starters/starter_card.h"
#include "harness/test_program.h"
#include "user_simulator.h"

#include <QDialogButtonBox>
#include <QPushButton>

#include <cmath>
#include <numeric>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

bool near(double a, double b, double within = 1e-12) {
    return std::fabs(a - b) <= within * std::max(1.0, std::fabs(b));
}

QPushButton* button_of(QWidget& dialog, const QString& text) {
    for (QPushButton* button : dialog.findChildren<QPushButton*>()) {
        if (button->text().remove(QLatin1Char('&')) == text) {
            return button;
        }
    }
    qFatal("no button %s", qPrintable(text));
}

ChartPage* chart_of(UserSimulator& hands) {
    return hands.drive.window.pages().chart_page();
}

bool drawn(UserSimulator& hands) {
    return QTest::qWaitFor([&] {
        return hands.drive.settle() && chart_of(hands) != nullptr && chart_of(hands)->settled() &&
               chart_of(hands)->plot().figures() != nullptr;
    });
}

/// The float in its eddy as the story means it, once more: semi-implicit steps.
std::vector<std::array<double, 3>> eddy(double strength, double speed, double step, int rows) {
    double x = 0.8, y = 0, vx = 0, vy = speed;
    std::vector<std::array<double, 3>> out;
    for (int row = 0; row < rows; ++row) {
        if (row > 0) {
            const double pull = strength / std::pow(std::hypot(x, y), 3);
            vx -= pull * x * step;
            vy -= pull * y * step;
            x += vx * step;
            y += vy * step;
        }
        out.push_back({x, y, std::hypot(x, y)});
    }
    return out;
}

/// By linear interpolation between the values in order (type 7).
double quantile(std::vector<double> values, double p) {
    std::sort(values.begin(), values.end());
    const double at = p * static_cast<double>(values.size() - 1);
    const auto below = static_cast<std::size_t>(at);
    const std::size_t above = std::min(below + 1, values.size() - 1);
    return values[below] + (at - static_cast<double>(below)) * (values[above] - values[below]);
}

/// At p (n + 1), as many textbooks have it (type 6).
double quantile_of_type_6(std::vector<double> values, double p) {
    std::sort(values.begin(), values.end());
    const double at =
        std::clamp(p * static_cast<double>(values.size() + 1), 1.0, static_cast<double>(values.size())) - 1;
    const auto below = static_cast<std::size_t>(at);
    const std::size_t above = std::min(below + 1, values.size() - 1);
    return values[below] + (at - static_cast<double>(below)) * (values[above] - values[below]);
}

} // namespace

class TestEighteenStudies : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void s10_a_float_circling_an_eddy() {
        UserSimulator hands(QStringLiteral("S10"));
        hands.paste(QStringLiteral("strength = 0.5\nspeed = 0.7\ndt = 0.05\nt [s] = (row - 1) * dt\n"
                                   "x [m] = first 0.8 then x[i-1] + vx * dt\ny [m] = first 0 then y[i-1] + vy * dt\n"
                                   "r [m] = hypot(x, y)\nvx = first 0 then vx[i-1] - pull[i-1] * x[i-1] * dt\n"
                                   "vy = first speed then vy[i-1] - pull[i-1] * y[i-1] * dt\npull = strength / r^3\n"));
        RowCountField& rows = hands.drive.window.page()->row_count();
        hands.double_click(rows.findChild<QLineEdit*>());
        hands.type(QStringLiteral("400"));
        hands.key(Qt::Key_Return);
        const auto is_right = [&](double speed, double step) {
            const auto expected = eddy(0.5, speed, step, 400);
            for (int row = 0; row < 400; ++row) {
                const auto& at = expected[static_cast<std::size_t>(row)];
                if (!near(hands.number("x", row), at[0], 1e-9) || !near(hands.number("y", row), at[1], 1e-9) ||
                    !near(hands.number("r", row), at[2], 1e-9)) {
                    return false;
                }
            }
            return hands.number("t", 0) == 0;
        };
        QCOMPARE(hands.drive.window.page()->model().table_rows(), 400);
        QVERIFY(is_right(0.7, 0.05));
        hands.click_heading(hands.section("x"));
        hands.click_heading(hands.section("y"), Qt::ControlModifier);
        hands.button(QStringLiteral("chart"));
        QVERIFY(drawn(hands));
        QVERIFY(chart_of(hands)->plot().figures()->equal_scales); // both are metres
        hands.in_next_dialog([&](QDialog& dialog) {
            QPushButton* add = button_of(dialog, ChartDialog::tr("Add line, circle or range"));
            hands.in_open_menu(QStringLiteral("Circle"));
            hands.click(add);
            hands.type(QStringLiteral("0"));
            hands.key_in_dialog(Qt::Key_Tab);
            hands.type(QStringLiteral("0"));
            hands.key_in_dialog(Qt::Key_Tab);
            hands.type(QStringLiteral("0.8"));
            hands.click(button_of(dialog, QStringLiteral("Draw chart")));
        });
        hands.click(&chart_of(hands)->tool(QStringLiteral("change")));
        QVERIFY(drawn(hands));
        QCOMPARE(chart_of(hands)->plot().figures()->references.size(), std::size_t{1});
        QCOMPARE(chart_of(hands)->plot().figures()->references.front().numbers, (std::vector<double>{0, 0, 0.8}));
        hands.click_heading(hands.section("t"));
        hands.click_heading(hands.section("r"), Qt::ControlModifier);
        hands.button(QStringLiteral("chart"));
        QVERIFY(drawn(hands));
        QCOMPARE(chart_of(hands)->plot().figures()->x.title, std::string("t (s)"));
        hands.card("speed", QStringLiteral("0.9"));
        QVERIFY(is_right(0.9, 0.05));
        hands.card("speed", QStringLiteral("0.5"), false);
        QVERIFY(is_right(0.5, 0.05));
        hands.card("dt", QStringLiteral("0.025"));
        QVERIFY(is_right(0.5, 0.025));
        QVERIFY2(hands.actions <= 30, qPrintable(QString::number(hands.actions)));
        hands.drive.window.pages().show_chart(hands.drive.window.document().study().charts.front()->id);
        QVERIFY(drawn(hands));
        WindowCommands::set_dark(true);
        WindowCommands::set_dark(false);
    }

    void s11_per_cent_of_the_total() {
        UserSimulator hands(QStringLiteral("S11"));
        hands.paste(QStringLiteral("trap\tinsects\nA\t34\nB\t51\nC\t15\n"));
        hands.type(QStringLiteral("=percent = 100 * insects / sum(insects)"));
        hands.key(Qt::Key_Return);
        QVERIFY(hands.drive.window.page()->suggestions().is_offered());
        hands.click(hands.drive.window.page()->suggestions().findChild<QToolButton*>(QStringLiteral("take")));
        const double counts[] = {34, 51, 15};
        for (int row = 0; row < 3; ++row) {
            QVERIFY(near(hands.number("percent", row), counts[row]));
        }
        const Study& study = hands.drive.window.document().study();
        QCOMPARE(study.checks.size(), std::size_t{1});
        QCOMPARE(hands.drive.window.document().check_state(study.checks.front()->id), Document::CheckState::holds);
        QVERIFY2(hands.actions <= 7, qPrintable(QString::number(hands.actions)));
    }

    void s12_a_running_total_and_a_product() {
        UserSimulator hands(QStringLiteral("S12"));
        hands.paste(QStringLiteral("rain\n3\n0\n7.5\n2\n"));
        hands.type(QStringLiteral("=so_far = sum(rain[1..i])"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("k = 2.5"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("litres = rain * k"));
        hands.key(Qt::Key_Return);
        const double rain[] = {3, 0, 7.5, 2};
        double sum = 0;
        for (int row = 0; row < 4; ++row) {
            sum += rain[row];
            QCOMPARE(hands.number("so_far", row), sum);
            QCOMPARE(hands.number("litres", row), rain[row] * 2.5);
        }
        QVERIFY2(hands.actions <= 7, qPrintable(QString::number(hands.actions)));
    }

    void s13_thirty_times_in_classes_and_one_mistyped() {
        UserSimulator hands(QStringLiteral("S13"));
        QString text = QStringLiteral("time [s]\tleast = min(time)\tmost = max(time)\tspan = range(time)\n");
        std::vector<double> times;
        for (int at = 0; at < 30; ++at) {
            times.push_back(12 + (at * 7 % 30) * 0.6);
            text += QString::number(times.back()) + QStringLiteral("\t\t\t\n");
        }
        hands.paste(text);
        QCOMPARE(hands.held("least"), *std::min_element(times.begin(), times.end()));
        QVERIFY(near(hands.held("span"), hands.held("most") - hands.held("least")));
        hands.in_next_dialog([&](QDialog&) {
            hands.type(QStringLiteral("10"));
            hands.key_in_dialog(Qt::Key_Tab);
            hands.type(QStringLiteral("5"));
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.button(QStringLiteral("classes"));
        QVERIFY(drawn(hands));
        const auto count = [&](double from) {
            return static_cast<double>(std::count_if(times.begin(), times.end(),
                                                     [from](double time) { return time >= from && time < from + 5; }));
        };
        for (int row = 0; row < hands.drive.window.page()->model().table_rows(); ++row) {
            QCOMPARE(hands.number("lower", row), 9.9 + 5 * row); // all times are multiples of 0.2 s
            QCOMPARE(hands.number("f", row), count(10.0 + 5 * row));
        }
        QVERIFY(!chart_of(hands)->plot().figures()->x.title.empty());
        QVERIFY(!chart_of(hands)->plot().figures()->y.title.empty());
        const std::string source = hands.drive.window.document().study().tables.front()->name;
        hands.show_table(source);
        hands.click_cell(4, 0);
        hands.type(QStringLiteral("1234"));
        hands.key(Qt::Key_Return);
        bool noticed = false;
        for (const auto& check : hands.drive.window.document().study().checks) {
            noticed = noticed || hands.drive.window.document().check_state(check->id) == Document::CheckState::fails;
        }
        QVERIFY(noticed);
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
    }

    void s14_parts_of_the_most_possible_and_growth() {
        UserSimulator hands(QStringLiteral("S14"));
        hands.paste(QStringLiteral("mark\n31\n28.5\n40\n"));
        hands.type(QStringLiteral("=most = 40"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("part = mark / most"));
        hands.key(Qt::Key_Return);
        const double marks[] = {31, 28.5, 40};
        for (int row = 0; row < 3; ++row) {
            QCOMPARE(hands.number("part", row), marks[row] / 40);
        }
        hands.key(Qt::Key_T, Qt::ControlModifier);
        hands.paste(QStringLiteral("rate = 6 %\nyield = first 100 then yield[i-1] * (1 + rate)\n"));
        for (int row = 0; row < 100; ++row) {
            QVERIFY(near(hands.number("yield", row), 100 * std::pow(1.06, row), 1e-11));
        }
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
    }

    void s15_the_spread_by_hand_and_unfolded() {
        UserSimulator hands(QStringLiteral("S15"));
        hands.paste(QStringLiteral("a\tb\n4\t12\n7\t15\n9\t11\n3\t18\n7\t14\n"));
        hands.type(QStringLiteral("=dev = a - mean(a)"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("sq = dev^2"));
        hands.key(Qt::Key_Return, Qt::ShiftModifier);
        hands.type(QStringLiteral("by_hand = sqrt(sum(sq) / count(a))"));
        hands.key(Qt::Key_Return);
        hands.click_heading(0);
        hands.click_heading(1, Qt::ControlModifier);
        hands.menu({QStringLiteral("Compute"), QStringLiteral("Unfold a measure of selected columns"),
                    QStringLiteral("standard deviation of a whole population (n)")});
        hands.key(Qt::Key_A, Qt::ControlModifier);
        hands.menu({QStringLiteral("Table"), QStringLiteral("Number format"), QStringLiteral("3 significant figures")});
        const auto spread = [](const std::vector<double>& values) {
            const double mean = std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
            double sum = 0;
            for (const double value : values) {
                sum += (value - mean) * (value - mean);
            }
            return std::sqrt(sum / static_cast<double>(values.size()));
        };
        const double a = spread({4, 7, 9, 3, 7});
        const double b = spread({12, 15, 11, 18, 14});
        QVERIFY(near(hands.held("by_hand"), a));
        int found_a = 0;
        int found_b = 0;
        for (const HeldCard* card : hands.drive.window.ledge().cards()) {
            const Value value = hands.drive.window.document().results().single(card->held());
            found_a += value.plain() && value.kind() == Kind::number && near(value.number(), a) ? 1 : 0;
            found_b += value.plain() && value.kind() == Kind::number && near(value.number(), b) ? 1 : 0;
        }
        QVERIFY(found_a >= 2 && found_b >= 1); // by hand and unfolded; the other one unfolded
        for (const auto& check : hands.drive.window.document().study().checks) {
            QCOMPARE(hands.drive.window.document().check_state(check->id), Document::CheckState::holds);
        }
        QCOMPARE(hands.column("dev").format.style, Format::Style::significant);
        QCOMPARE(hands.column("dev").format.digits, 3);
        QVERIFY2(hands.actions <= 22, qPrintable(QString::number(hands.actions)));
    }

    void s16_quartiles_of_columns_of_twelve_rows_and_pooled() {
        UserSimulator hands(QStringLiteral("S16"));
        std::vector<std::vector<double>> columns(3);
        QString text = QStringLiteral("a\tb\tc\n");
        for (int row = 0; row < 15; ++row) {
            for (int at = 0; at < 3; ++at) {
                columns[static_cast<std::size_t>(at)].push_back((row * (3 + at) + 7 * at) % 17 + 0.5 * at);
                text += QString::number(columns[static_cast<std::size_t>(at)].back()) +
                        (at == 2 ? QLatin1Char('\n') : QLatin1Char('\t'));
            }
        }
        hands.paste(text);
        const auto summary = [&](const std::function<void(QDialog&)>& fill) {
            hands.in_next_dialog([&hands, fill](QDialog& dialog) {
                fill(dialog);
                hands.key_in_dialog(Qt::Key_Return);
            });
            hands.button(QStringLiteral("summary"));
        };
        const auto is_shown = [&](int row, const std::vector<double>& values,
                                  double (*quantile)(std::vector<double>, double)) {
            return near(hands.number("lower_q", row), quantile(values, 0.25)) &&
                   near(hands.number("middle", row), quantile(values, 0.5)) &&
                   near(hands.number("upper_q", row), quantile(values, 0.75));
        };
        summary([&](QDialog&) {
            hands.key_in_dialog(Qt::Key_Q, Qt::AltModifier); // the method
            hands.key_in_dialog(Qt::Key_Up);
            hands.key_in_dialog(Qt::Key_T, Qt::AltModifier); // columns together: and all pooled
            hands.key_in_dialog(Qt::Key_Down);
        });
        std::vector<double> pooled;
        for (int at = 0; at < 3; ++at) {
            const auto& own = columns[static_cast<std::size_t>(at)];
            QVERIFY(is_shown(at, own, quantile_of_type_6));
            pooled.insert(pooled.end(), own.begin(), own.end());
        }
        QVERIFY(is_shown(3, pooled, quantile_of_type_6));
        hands.show_table("Table");
        summary([&](QDialog& dialog) {
            auto* some = dialog.findChild<QCheckBox*>(QStringLiteral("first_rows"));
            hands.click(some, QPoint(8, some->height() / 2));
            hands.type(QStringLiteral("12"));
        });
        const std::vector<double> twelve(columns[0].begin(), columns[0].begin() + 12);
        QVERIFY(is_shown(0, twelve, quantile));
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
    }

    void s17_rectangles_and_triangles_with_blank_rows() {
        UserSimulator hands(QStringLiteral("S17"));
        const auto title = [&](const QString& text) {
            hands.double_click(hands.drive.window.page()->findChild<QLabel*>(QStringLiteral("title")));
            hands.type(text);
            hands.key(Qt::Key_Return);
        };
        hands.paste(QStringLiteral("a [m]\tb [m]\tarea = a * b\taround = 2 * (a + "
                                   "b)\n12.5\t4\t\t\n8\t6.5\t\t\n\t\t\t\n\t\t\t\n\t\t\t\n\t\t\t\n"));
        title(QStringLiteral("Rectangles"));
        hands.key(Qt::Key_T, Qt::ControlModifier);
        hands.paste(QStringLiteral("a [m]\tb [m]\tarea = a * b / 2\taround = a + b + hypot(a, "
                                   "b)\n3\t4\t\t\n\t\t\t\n\t\t\t\n\t\t\t\n\t\t\t\n"));
        title(QStringLiteral("Triangles"));
        QCOMPARE(hands.number("area", 0), 6.0);
        QCOMPARE(hands.number("around", 0), 12.0);
        QCOMPARE(hands.drive.window.page()->model().table_rows(), 5);
        QCOMPARE(hands.drive.shown(1, hands.section("area")), QString()); // blank rows show nothing
        hands.click_cell(1, 0);
        hands.paste(QStringLiteral("2.123456789012\t3.987654321098\n"));
        QVERIFY(near(hands.number("area", 1), 2.123456789012 * 3.987654321098 / 2));
        QVERIFY(near(hands.number("around", 1),
                     2.123456789012 + 3.987654321098 + std::hypot(2.123456789012, 3.987654321098)));
        QCOMPARE(hands.drive.table().shown_label(), std::string("Triangles"));
        hands.show_table("Rectangles");
        QCOMPARE(hands.number("area", 0), 50.0);
        QCOMPARE(hands.number("around", 1), 29.0);
        QCOMPARE(hands.drive.window.page()->model().table_rows(), 6);
        QVERIFY2(hands.actions <= 14, qPrintable(QString::number(hands.actions)));
    }

    void s18_a_constant_used_by_three_tables() {
        UserSimulator hands(QStringLiteral("S18"));
        hands.key(Qt::Key_H, Qt::ControlModifier);
        hands.type(QStringLiteral("g = 9.81"));
        hands.key(Qt::Key_Return);
        hands.paste(QStringLiteral("m\tw = m * g\n2\t\n3\t\n"));
        hands.key(Qt::Key_T, Qt::ControlModifier);
        hands.paste(QStringLiteral("h\te = g * h\n10\t\n"));
        hands.key(Qt::Key_T, Qt::ControlModifier);
        hands.paste(QStringLiteral("t\ts = g / 2 * t^2\n2\t\n"));
        QCOMPARE(hands.number("s", 0), 9.81 / 2 * 4);
        hands.card("g", QStringLiteral("1.62"));
        QVERIFY(near(hands.number("s", 0), 1.62 / 2 * 4));
        const Study& study = hands.drive.window.document().study();
        const Results& results = hands.drive.window.document().results();
        QCOMPARE(results.cell(study.tables[0]->column_named("w")->id, 1).number(), 3 * 1.62);
        QCOMPARE(results.cell(study.tables[1]->column_named("e")->id, 0).number(), 10 * 1.62);
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
    }
};

LEDGEFALL_TEST(TestEighteenStudies)
#include "test_eighteen_studies.moc"
