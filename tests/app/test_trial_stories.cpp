// Other values of a held value, from nothing at the window: tried in a table and a chart, looked for, halved. The
// numbers are checked against loops written here.

#include "app/dialogs/find_value_dialog.h"
#include "app/dialogs/try_values_dialog.h"
#include "harness/test_program.h"
#include "user_simulator.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// How far a float comes that is pushed off with a speed and slowed by the water.
double far(double speed, double drag, double step, int rows) {
    double v = speed;
    double s = 0;
    for (int row = 1; row < rows; ++row) {
        s += v * step;
        v -= drag * v * step;
    }
    return s;
}

bool near(double a, double b, double within = 1e-12) {
    return std::fabs(a - b) <= within * std::max(1.0, std::fabs(b));
}

const Table& last_table(UserSimulator& hands) {
    return *hands.drive.window.document().study().tables.back();
}

double held_number(UserSimulator& hands, const std::string& name) {
    const Study& study = hands.drive.window.document().study();
    for (const auto& one : study.tables.front()->ledge) {
        if (one->name == name) {
            return hands.drive.window.document().results().single(one->id).number();
        }
    }
    return study.held_named(name)->value.number();
}

double cell(UserSimulator& hands, const Table& table, const char* name, std::size_t row) {
    const ColumnDefinition& column = *table.column_named(name);
    return column.computed() ? hands.drive.window.document().results().cell(column.id, row).number()
                             : column.cells->at(row).number();
}

} // namespace

class TestTrialStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void s23_farthest_for_start_speeds_and_the_speed_for_a_distance() {
        UserSimulator hands(QStringLiteral("S23"));
        hands.paste(QStringLiteral("v0 = 10\ndrag = 0.25\ndt = 0.1\nv = first v0 then v[i-1] - drag * v[i-1] * dt\n"
                                   "s = first 0 then s[i-1] + v[i-1] * dt\n"));
        QCOMPARE(hands.drive.window.page()->suggestions().text(),
                 QStringLiteral("Added as columns: v, s. Put on the ledge, the same in every row: v0, drag, dt."));
        hands.in_next_dialog([&hands](QDialog& dialog) {
            hands.type(QStringLiteral("5 to 15 step 1"));
            QVERIFY2(qobject_cast<TryValuesDialog*>(&dialog)->preview().contains(QStringLiteral("Values of v0 (11)")),
                     qPrintable(qobject_cast<TryValuesDialog*>(&dialog)->preview()));
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.card_menu("v0", QStringLiteral("Try values…"));
        QVERIFY(!hands.drive.window.page()->suggestions().is_offered()); // Undo would now mean the trials
        const Table& trials = last_table(hands);
        QCOMPARE(trials.columns.size(), std::size_t{2});
        for (int speed = 5; speed <= 15; ++speed) {
            const auto row = static_cast<std::size_t>(speed - 5);
            QCOMPARE(cell(hands, trials, "v0_tried", row), speed);
            const double came = hands.drive.window.document().results().cell(trials.columns[1]->id, row).number();
            QVERIFY2(near(came, far(speed, 0.25, 0.1, 100)), qPrintable(QString::number(came)));
        }
        QVERIFY(hands.drive.window.pages().chart_page() != nullptr);
        hands.picture(QStringLiteral("trials"));
        hands.show_table(hands.drive.window.document().study().tables.front()->name);
        QVERIFY(!hands.drive.window.page()->suggestions().is_offered());
        hands.in_next_dialog([&hands](QDialog& dialog) {
            auto& search = *qobject_cast<FindValueDialog*>(&dialog);
            hands.key_in_dialog(Qt::Key_E, Qt::AltModifier);
            hands.type(QStringLiteral("40"));
            QVERIFY2(QTest::qWaitFor([&search] { return search.found().has_value() && !search.searching(); }),
                     qPrintable(search.told()));
            if (!qEnvironmentVariableIsEmpty("LEDGEFALL_SCREENSHOTS")) {
                dialog.grab().save(qEnvironmentVariable("LEDGEFALL_SCREENSHOTS") + QStringLiteral("/find.png"));
            }
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.card_menu("v0", QStringLiteral("Find the value for which…"));
        QVERIFY2(near(far(held_number(hands, "v0"), 0.25, 0.1, 100), 40),
                 qPrintable(QString::number(held_number(hands, "v0"), 'g', 17)));
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
        hands.drive.window.document().undo();
        QVERIFY(hands.drive.settle());
        QCOMPARE(held_number(hands, "v0"), 10.0);
    }

    void s24_the_order_of_a_step_method() {
        UserSimulator hands(QStringLiteral("S24"));
        hands.paste(QStringLiteral("dt = 0.1\ny = first 1 then y[i-1] - y[i-1] * dt\nerr = abs(y[last] - exp(-1))\n"));
        hands.double_click(&hands.drive.window.page()->row_count().line());
        hands.type(QStringLiteral("round(1 / dt, 0) + 1"));
        hands.key(Qt::Key_Return);
        hands.in_next_dialog([&hands](QDialog& dialog) {
            hands.key_in_dialog(Qt::Key_V, Qt::AltModifier);
            hands.type(QStringLiteral("r")); // repeatedly halved
            QVERIFY2(qobject_cast<TryValuesDialog*>(&dialog)->preview().contains(QStringLiteral("Values of dt (6)")),
                     qPrintable(qobject_cast<TryValuesDialog*>(&dialog)->preview()));
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.card_menu("dt", QStringLiteral("Try values…"));
        const Table& steps = last_table(hands);
        double error_before = 0;
        for (std::size_t row = 0; row < 6; ++row) {
            const double step = 0.1 / std::pow(2, row);
            double y = 1;
            for (int turn = 0; turn < 10 << row; ++turn) {
                y -= y * step;
            }
            const double error = std::fabs(y - std::exp(-1));
            const double came = hands.drive.window.document().results().cell(steps.columns[1]->id, row).number();
            QVERIFY2(near(came, error, 1e-11), qPrintable(QString::number(came)));
            QVERIFY(row == 0 || near(cell(hands, steps, "change", row), error - error_before, 1e-11));
            error_before = error;
        }
        QVERIFY2(std::fabs(cell(hands, steps, "order", 5) - 1) < 0.02, "Euler's method is of the first order");
        QVERIFY2(hands.actions <= 10, qPrintable(QString::number(hands.actions)));
    }

    /// What is written wrongly is said in the dialogs, and nothing is lost.
    void slips_are_said_in_the_dialogs() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Path"));
        Document& document = drive.window.document();
        QVERIFY(document.perform(QStringLiteral("held"), hold(document.study(), Id(), "k = 2")));
        QVERIFY(document.perform(QStringLiteral("held"), hold(document.study(), Id(), "q = k^2 + 1")));
        QVERIFY(drive.settle());
        const HeldValue& held = *document.study().held_named("k");
        TryValuesDialog values(document.study(), held);
        for (const char* wrong : {"", "5 to", "1 to 5 step 0", "1 to 5 step -1", "a to b step c", "0 to 1 step 1e-9"}) {
            values.values_line().setText(QString::fromUtf8(wrong));
            QVERIFY2(values.preview().contains(QStringLiteral("cannot be read yet")), wrong);
        }
        values.values_line().setText(QStringLiteral("0 to 0.3 step 0.1"));
        QCOMPARE(values.request().values, (std::vector<double>{0, 0.1, 0.2, 0.3}));
        values.way().setCurrentIndex(1);
        values.values_line().setText(QStringLiteral("3; 1 2"));
        QCOMPARE(values.request().values, (std::vector<double>{3, 1, 2}));
        FindValueDialog search(document.study(), held, document.snapshot());
        search.show();
        search.wanted().setText(QStringLiteral("-5"));
        QTRY_VERIFY2(search.told().contains(QStringLiteral("no zero was found")), qPrintable(search.told()));
        QVERIFY(!search.found());
        search.from().setText(QStringLiteral("9"));
        QTRY_VERIFY2(search.told().contains(QStringLiteral("smaller end")), qPrintable(search.told()));
        search.from().setText(QStringLiteral("0"));
        search.outcome().setEditText(QStringLiteral("q +"));
        QTRY_VERIFY2(search.told().contains(QStringLiteral("cannot be read")), qPrintable(search.told()));
        search.outcome().setEditText(QStringLiteral("q"));
        search.wanted().setText(QStringLiteral("10"));
        QTRY_VERIFY2(search.found().has_value(), qPrintable(search.told()));
        QCOMPARE(*search.found(), 3.0);
    }
};

LEDGEFALL_TEST(TestTrialStories)
#include "test_trial_stories.moc"
