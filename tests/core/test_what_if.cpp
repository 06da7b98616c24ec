// `with`: an expression as it would be with other values in the place of held ones. What a trial gives is held against
// loops written by hand, and against the study in which the value really is held.

#include "core/engine/workings/working.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// A stone thrown upwards, by steps; how high it comes.
double height_by_hand(double speed, double step, int rows) {
    double v = speed;
    double s = 0;
    double highest = 0;
    for (int row = 1; row < rows; ++row) {
        const double before = v;
        v = v - 9.81 * step;
        s = s + before * step;
        highest = std::max(highest, s);
    }
    return highest;
}

Bench thrown_stone(const char* rows) {
    Bench bench;
    bench.held("v0 = 10").held("dt = 0.01").rows(rows);
    bench.take(write_column(bench.study, bench.table, "v = first v0 then v[i-1] - 9.81 * dt"));
    bench.work("s = first 0 then s[i-1] + v[i-1] * dt").held("far = max(Data.s)");
    return bench;
}

/// A second table whose rows are trials.
Id trials(Bench& bench, const std::string& name, const std::vector<double>& values) {
    Id table;
    bench.take(add_table(bench.study, "Trials", &table));
    bench.take(add_columns(bench.study, table, {{name, name, "", Column::numbers(values)}}));
    return table;
}

std::string fault_of(const Bench& bench, const DefinitionId& id) {
    const Results::Entry* entry = bench.results->find(id);
    const Value value = entry->cells ? entry->cells->at(0) : entry->single;
    return value.is_fault() ? value.fault().at().what.text() : "no fault";
}

} // namespace

class TestWhatIf : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_table_may_stop_later_or_earlier() {
        for (const char* step : {"0.05", "0.01", "0.002"}) { // of the study around the trials
            Bench bench;
            bench.held(std::string("dt = ") + step).rows("5000");
            bench.take(write_column(bench.study, bench.table, "v = first 10 then v[i-1] - 9.81 * dt"));
            bench.work("s = first 0 then s[i-1] + v[i-1] * dt").work("n = row^2");
            bench.take(stop_rows(bench.study, bench.table, "row > 1 and s < 0"));
            bench.work("after = s * 2")
                .held("count_all = Data.s[last] * 0 + count(Data.s)")
                .held("squares = sum(Data.n)");
            bench.held("deepest = Data.after[last]");
            int compared = 0;
            for (const double tried : {0.1, 0.03, 0.004, 0.0025}) {
                double v = 10;
                double s = 0;
                double squares = 1;
                int rows = 1;
                while (rows < 5000 && !(rows > 1 && s < 0)) {
                    s += v * tried;
                    v -= 9.81 * tried;
                    ++rows;
                    squares += static_cast<double>(rows) * rows;
                }
                const std::string with = " with ledge.dt = " + shortest(tried);
                QCOMPARE(bench.number("count_all" + with), static_cast<double>(rows));
                QVERIFY(near(bench.number("squares" + with), squares));
                QVERIFY(near(bench.number("deepest" + with), 2 * s, 1e-11));
                ++compared;
            }
            QCOMPARE(compared, 4);
        }
    }

    void a_recurrence_is_run_for_every_row() {
        Bench bench = thrown_stone("300");
        std::vector<double> speeds;
        for (int speed = 1; speed <= 40; ++speed) {
            speeds.push_back(speed / 2.0);
        }
        const Id table = trials(bench, "speed", speeds);
        bench.take(write_column(bench.study, table, "high = far with v0 = speed"));
        bench.take(write_column(bench.study, table, "fine = max(Data.s) with (v0 = speed, dt = 0.005)"));
        for (std::size_t row = 0; row < speeds.size(); ++row) {
            const auto at = [&](const char* name) {
                return bench.results->cell(bench.study.table(table)->column_named(name)->id, row).number();
            };
            QCOMPARE(at("high"), height_by_hand(speeds[row], 0.01, 300));
            QCOMPARE(at("fine"), height_by_hand(speeds[row], 0.005, 300));
        }
        QCOMPARE(bench.results->single(bench.id("far")).number(), height_by_hand(10, 0.01, 300)); // nothing has changed
    }

    /// Whatever is asked, a trial gives what the study gives in which the value is held.
    void a_trial_is_the_study_with_that_value() {
        std::mt19937 engine(20261126);
        const auto any = [&engine](int below) { return static_cast<int>(engine() % static_cast<unsigned>(below)); };
        int compared = 0;
        for (int round = 0; round < 60; ++round) {
            Bench bench;
            bench.numbers("x", {4, 1, 7, 3, 9, 2})
                .held("k = 3")
                .held("m = 2")
                .held("q = k + m")
                .held("f(t) = k * t + 1");
            const char* columns[] = {"a = x * k", "a = x + q", "a = f(x)", "a = sum(x[1..i]) * m",
                                     "a = first k then a[i-1] + x * m"};
            bench.work(columns[any(5)]);
            const char* next[] = {"b = a - mean(a)", "b = a[i-1] * q", "b = if a > k then a else m",
                                  "b = count(a < a[i])"};
            bench.work(next[any(4)]);
            bench.held("out = sum(Data.b) + max(Data.a) * k");
            const char* asked[] = {"out", "mean(Data.b) + q", "Data.a[3] - Data.b[last]", "f(m)", "out - q"};
            const std::string expression = asked[any(5)];
            const char* name = any(2) == 0 ? "k" : "m";
            const double value = any(9) - 2;
            bench.held("trial = " + expression + " with " + name + " = " + std::to_string(value));
            Bench held = bench;
            held.take(give_held(held.study, held.id(name), Value::number(value)));
            held.held("plain = " + expression);
            const Value trial = bench.results->single(bench.id("trial"));
            const Value meant = held.results->single(held.id("plain"));
            if (trial.is_fault() && !meant.is_fault()) { // what is asked may not use the value at all
                QVERIFY2(trial.fault().at().what.text().find("changes nothing") != std::string::npos,
                         trial.fault().at().what.text().c_str());
                continue;
            }
            QVERIFY(trial.state() == meant.state());
            QVERIFY2(!meant.plain() || trial.number() == meant.number(), expression.c_str());
            ++compared;
        }
        QVERIFY2(compared > 30, qPrintable(QString::number(compared)));
    }

    void it_takes_this_rows_values_and_nests() {
        Bench bench;
        bench.held("k = 3").numbers("x", {1, 2, 3}).work("y = x * k").work("z = y + x with k = x");
        QCOMPARE(bench.cells("z"), (std::vector<double>{2, 6, 12}));
        bench.held("m = 2").held("p = k * m").work("both = (p with k = x) with m = 10");
        QCOMPARE(bench.cells("both"), (std::vector<double>{10, 20, 30}));
        bench.held("squares = sum(k^2 with k = j for j in 1..4)");
        QCOMPARE(bench.results->single(bench.id("squares")).number(), 30.0);
        bench.numbers("gaps", {1, std::nan(""), 3}).work("over = k with k = gaps");
        QVERIFY(bench.cell("over", 2).is_missing() && bench.cell("over", 3).number() == 3);
    }

    void rows_that_are_counted_by_the_value_are_as_many() {
        Bench bench;
        bench.held("n = 10").rows("n").work("r = row").held("all = sum(Data.r) with n = 4");
        QCOMPARE(bench.results->single(bench.id("all")).number(), 10.0);
        QCOMPARE(bench.results->rows(bench.table), std::size_t{10});
        bench.take(stop_rows(bench.study, bench.table, "r > n / 2"));
        bench.held("n = 30").held("stopped = count(Data.r) with n = 20");
        QCOMPARE(bench.results->single(bench.id("stopped")).number(), 11.0);
        bench.held("none = sum(Data.r) with n = -1");
        QVERIFY(bench.results->single(bench.id("none")).is_fault());
    }

    /// A change of anything between the value and what is asked is followed, by what was computed before as from new.
    void changes_between_are_followed() {
        Bench bench = thrown_stone("50");
        const Id table = trials(bench, "speed", {5, 8});
        bench.take(write_column(bench.study, table, "high = far with v0 = speed"));
        const Id high = bench.study.table(table)->column_named("high")->id;
        for (const char* change : {"s = first 1 then s[i-1] + v[i-1] * dt", "v = first v0 then v[i-1] - 5 * dt"}) {
            bench.work(change);
            const ResultsPtr anew = compute(bench.study);
            QCOMPARE(bench.results->cell(high, 1).number(), anew->cell(high, 1).number());
        }
        bench.take(type_block(bench.study, bench.table, 3, 1, {{"1000"}})); // typed over s
        QVERIFY(bench.results->cell(high, 0).number() > 1000);
        bench.held("dt = 0.02");
        QCOMPARE(bench.results->cell(high, 1).number(), compute(bench.study)->cell(high, 1).number());
        const ResultsPtr before = bench.results;
        bench.held("v0 = 11"); // what is replaced anyway
        QVERIFY(bench.results->column(high) == before->column(high));
    }

    void a_value_may_be_searched_by_trials_of_itself() {
        Bench bench = thrown_stone("300");
        bench.held("v0 = root(far - 3 with v0 = t for t in 1..20)");
        const double speed = bench.results->single(bench.id("v0")).number();
        QVERIFY2(std::fabs(height_by_hand(speed, 0.01, 300) - 3) < 1e-12, qPrintable(QString::number(speed, 'g', 17)));
        QVERIFY(std::fabs(bench.results->single(bench.id("far")).number() - 3) < 1e-12);
    }

    void refusals_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<QString>("part");
        const auto row = [](const char* formula, const char* part) {
            QTest::newRow(formula) << QString::fromUtf8(formula) << QString::fromUtf8(part);
        };
        row("q with z = 1", "no column or held value called z");
        row("q with Data.x = 1", "x is not one");
        row("q with f = 1", "f is not one");
        row("q with m = 1", "uses m, so another value of it changes nothing");
        row("q with (k = 1, k = 2)", "two values");
        row("q with k = \"a\"", "k holds");
        row("sum(Data.x where Data.x > q with k = 1)", "cannot be used in a measure");
        row("sum(Data.x * (q with k = Data.x))", "cannot be used in a measure");
        row("sum(q * j with k = 1 for j in 1..3)", "cannot use the number of an outer for");
        row("name with k = 1", "Before with, use a number");
        row("itself + q with k = 2", "ring");
        row("root(q)", "Write it as root(t^2");
        row("root(t where t > 1 for t in 0..2)", "");
        row("root(t^2 + 1 for t in 0..3)", "is 1 at 0 and 10 at 3");
        row("root(sin(t) for t in 1..10)", "0 at 3 values");
        row("root(1/t for t in -1..2)", "0 nowhere");
        row("root(floor(t) - 1.5 for t in 0..5)", "jumps from -0.5 to 0.5 at 2");
        row("root(round(t, 0) - 0.5 for t in 0..3)", "jumps from -0.5 to 0.5 at 0.5");
        row("root(100 * (t - 2) + 0.01 * sign(t - 2.00005) for t in 0..5)", "jumps from -0.00");
        row("root(t for t in 3..1)", "is empty");
        row("root(ln(t) for t in -1..2)", "at -1: ln");
        row("argmax(1 / (t - 1) for t in 0..2)", "at 1: division by zero");
        row("argmin(t for t in 1)", "two dots");
    }
    void refusals() {
        QFETCH(QString, formula);
        QFETCH(QString, part);
        Bench bench;
        bench.held("k = 3").held("m = 2").held("q = k + 1").held("f(t) = k * t").held("name = join(\"a\", text(k))");
        bench.numbers("x", {1, 2});
        const Result<Study> with = hold(bench.study, Id(), "itself = " + formula.toStdString());
        if (!with) {
            QVERIFY2(with.refusal().text().find(part.toStdString()) != std::string::npos,
                     with.refusal().text().c_str());
            return;
        }
        bench.take(with);
        const std::string told = fault_of(bench, bench.id("itself"));
        QVERIFY2(told != "no fault" &&
                     (part == QStringLiteral("ring") || told.find(part.toStdString()) != std::string::npos),
                 told.c_str());
    }

    void a_fault_under_one_value_is_that_rows() {
        Bench bench;
        bench.held("k = 3").numbers("x", {1, 2, 3}).work("y = 1 / (k - 2)").work("z = y[1] with k = x");
        QCOMPARE(bench.cell("z", 1).number(), -1.0);
        QVERIFY(bench.cell("z", 2).is_fault());
        QCOMPARE(bench.cell("z", 2).fault().at().cause, Cause::division_by_zero);
        QCOMPARE(bench.cell("z", 3).number(), 1.0);
    }

    void searches_find_what_is_known() {
        Bench bench;
        bench.numbers("c", {2, 3, 5, 1e-6, 1e6}).work("r = root(t^2 - c for t in 0..2000)");
        for (std::size_t row = 1; row <= 5; ++row) {
            const double expected = std::sqrt(bench.cell("c", row).number());
            QVERIFY(std::fabs(bench.cell("r", row).number() - expected) <= 4e-16 * expected);
        }
        const auto single = [&bench](const std::string& formula) {
            bench.held("found = " + formula);
            return bench.results->single(bench.id("found")).number();
        };
        QCOMPARE(single("root(t - 2 for t in 0..2)"), 2.0); // at the very end
        QCOMPARE(single("root(t + 1 for t in -1..2)"), -1.0);
        QCOMPARE(single("root(ln(t) for t in 1e-300..1e300)"), 1.0);
        QVERIFY(std::fabs(single("root(t^3 - 1e-30 for t in 0..1e6)") - 1e-10) < 1e-20);
        QCOMPARE(single("root(t^3 for t in -1..3)"), 0.0);
        QVERIFY(std::fabs(single("root(100 * (t - 2) + 0.01 * sign(t - 4) for t in 0..5)") - 2.0001) < 1e-12);
        QVERIFY(std::fabs(single("root(cos(t) - t for t in 0..2)") - 0.73908513321516064) < 1e-15);
        QVERIFY(std::fabs(single("argmin(t^4 - 3*t^3 + 2 for t in 0..4)") - 2.25) < 1e-7);
        QVERIFY(std::fabs(single("argmax(t * exp(-t) for t in 0..10)") - 1) < 1e-7);
        QCOMPARE(single("argmax(t for t in 0..10)"), 10.0); // greatest at an end
        QCOMPARE(single("argmin(t for t in 0..10)"), 0.0);
        QVERIFY(std::fabs(single("argmin(sum((Data.c - t)^2 where Data.c < 10) for t in 0..9)") - 10.000001 / 4) <
                1e-6);
    }

    void names_are_followed_and_it_is_written_back() {
        Bench bench;
        bench.held("k = 3").held("q = k + 1").held("out = q * 2 with k = 5");
        bench.take(rehold(bench.study, bench.id("k"), "stiffness = 3"));
        QCOMPARE(bench.study.held_named("out")->formula.text(), std::string("q * 2 with stiffness = 5"));
        QCOMPARE(bench.results->single(bench.id("out")).number(), 12.0);
        QVERIFY(!remove_held(bench.study, bench.id("stiffness")));
    }

    void its_working_shows_the_value_tried() {
        Bench bench;
        bench.held("k = 3").numbers("x", {1, 2}).work("y = x * k").work("z = sum(y) + 1 with k = x");
        const Result<Working> working = working_of(bench.study, *bench.results, bench.id("z"), 2);
        QVERIFY(working);
        QCOMPARE(working->result.number(), 7.0);
        const std::string text = working_text(*working);
        QVERIFY2(text.find("sum(y) + 1 with k = 2") != std::string::npos, text.c_str());
        QVERIFY2(text.find("9") == std::string::npos, text.c_str()); // what sum(y) is without it
        QCOMPARE(working->parts.size(), std::size_t{1});
        QCOMPARE(working->parts[0].lines, (std::vector<std::string>{"sum(y) + 1", "6 + 1", "7"}));
    }
};

LEDGEFALL_TEST(TestWhatIf)
#include "test_what_if.moc"
