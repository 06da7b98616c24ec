// Measures unfolded into the tables that give them: the same number by readable steps, with gaps and without.

#include "core/study/builders/unfold.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// The unfolded study's checks, each as "label: holds", or what is wrong.
QString checks_of(const Bench& bench) {
    QStringList parts;
    for (const auto& check : bench.study.checks) {
        if (check->label.find("by hand") == std::string::npos) {
            continue; // whether the numbers are fit for the measure
        }
        const Value value = bench.results->single(check->id);
        parts << (value.plain() && value.yes() ? QStringLiteral("holds")
                  : value.is_missing()         ? QStringLiteral("missing")
                                               : QString::fromStdString(check->condition.text()));
    }
    return parts.join(u' ');
}

double held(const Bench& bench, const std::string& name) {
    for (const auto& one : bench.study.table(bench.table)->ledge) {
        if (one->name == name) {
            return bench.results->single(one->id).number();
        }
    }
    return std::nan("");
}

std::string formula(const Bench& bench, const std::string& name) {
    return bench.study.table(bench.table)->column_named(name)->pieces[0].formula.text();
}

std::vector<Id> columns_for(const Bench& bench, const Unfolding& unfolding) {
    return unfolding.takes.size() == 1 ? std::vector<Id>{bench.id("x")} : std::vector<Id>{bench.id("x"), bench.id("y")};
}

} // namespace

class TestUnfold : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_deviation_is_worked_by_hand() {
        Bench bench;
        bench.numbers("x", {42, 57, 38, 61});
        bench.take(unfold(bench.study, "sd", {bench.id("x")}));
        QCOMPARE(formula(bench, "dev"), std::string("x - mean"));
        QCOMPARE(formula(bench, "sq"), std::string("dev^2"));
        QCOMPARE(held(bench, "mean"), 49.5);
        QCOMPARE(held(bench, "variance"), (7.5 * 7.5 + 7.5 * 7.5 + 11.5 * 11.5 + 11.5 * 11.5) / 3);
        QVERIFY(near(held(bench, "s"), std::sqrt(held(bench, "variance"))));
        QCOMPARE(checks_of(bench), QStringLiteral("holds"));
        const Table& table = *bench.study.table(bench.table);
        QCOMPARE(bench.results->foot(table.foot[0]->id, bench.id("x")).number(), 198.0);
        QCOMPARE(bench.results->foot(table.foot[0]->id, bench.id("sq")).number(), 377.0);
        QCOMPARE(table.columns[1]->label, std::string("x − mean"));
    }

    void names_that_are_taken_get_a_number() {
        Bench bench;
        bench.numbers("x", {1, 2, 4}).numbers("dev", {0, 0, 0}).held("n = 12");
        bench.take(unfold(bench.study, "var", {bench.id("x")}));
        QCOMPARE(formula(bench, "dev_2"), std::string("x - mean"));
        QCOMPARE(formula(bench, "sq"), std::string("dev_2^2"));
        bench.take(unfold(bench.study, "sd_pop", {bench.id("x")})); // and again beside it
        QCOMPARE(formula(bench, "dev_3"), std::string("x - mean_2"));
        QCOMPARE(checks_of(bench), QStringLiteral("holds holds"));
        QCOMPARE(bench.study.held_named("n")->value.number(), 12.0);
    }

    void shannons_index_and_simpsons_forms() {
        const std::vector<double> counts = {64, 38, 27, 52, 3, 19, 1, 2};
        double total = 0;
        for (const double n : counts) {
            total += n;
        }
        double h = 0;
        double squares = 0;
        double pairs = 0;
        for (const double n : counts) {
            h -= n / total * std::log(n / total);
            squares += n / total * n / total;
            pairs += n * (n - 1);
        }
        Bench bench;
        bench.numbers("x", counts);
        bench.take(unfold(bench.study, "shannon", {bench.id("x")}));
        QVERIFY(near(held(bench, "H"), h, 1e-13));
        bench.take(unfold(bench.study, "dominance", {bench.id("x")}));
        QVERIFY(near(held(bench, "D"), squares, 1e-13));
        bench.take(unfold(bench.study, "gini_simpson", {bench.id("x")}));
        QVERIFY(near(held(bench, "D_2"), 1 - squares, 1e-13));
        bench.take(unfold(bench.study, "inverse_simpson", {bench.id("x")}));
        QVERIFY(near(held(bench, "D_3"), 1 / squares, 1e-13));
        bench.take(unfold(bench.study, "simpson_unbiased", {bench.id("x")}));
        QVERIFY(near(held(bench, "D_4"), 1 - pairs / (total * (total - 1)), 1e-13));
        QCOMPARE(checks_of(bench), QStringLiteral("holds holds holds holds holds"));
    }

    void a_line_and_a_correlation_are_worked_from_pairs() {
        Bench bench;
        bench.numbers("x", {1, 2, 3, 4, std::nan("")}).numbers("y", {2, 4.5, 5.5, 8, 100});
        bench.take(unfold(bench.study, "regression", {bench.id("x"), bench.id("y")}));
        QVERIFY(near(held(bench, "b"), 1.9)); // Σ(x−2.5)(y−5) / 5
        QVERIFY(near(held(bench, "a"), 0.25));
        QVERIFY(near(bench.cell("fit", 4).number(), 0.25 + 4 * 1.9));
        bench.take(unfold(bench.study, "corr", {bench.id("x"), bench.id("y")}));
        QVERIFY(near(held(bench, "r"), 9.5 / std::sqrt(5 * 18.5), 1e-13));
        QCOMPARE(checks_of(bench), QStringLiteral("holds holds holds"));
    }

    void chi_squared_and_classes() {
        Bench bench;
        bench.numbers("x", {12, 18, 30}).numbers("y", {15, 20, 25});
        bench.take(unfold(bench.study, "chi2_stat", {bench.id("x"), bench.id("y")}));
        QVERIFY(near(held(bench, "chi2"), 9.0 / 15 + 4.0 / 20 + 25.0 / 25));
        bench.take(unfold(bench.study, "grouped", {bench.id("x"), bench.id("y")}));
        QVERIFY(near(held(bench, "mean"), (12 * 15 + 18 * 20 + 30 * 25) / 60.0));
        QCOMPARE(checks_of(bench), QStringLiteral("holds holds holds"));
    }

    /// By each type of quantiles, for samples of any length; the check compares with the measure.
    void quartiles_follow_the_method_of_the_study() {
        std::mt19937 engine(3);
        for (int type = 1; type <= 9; ++type) {
            for (std::size_t size = 1; size <= 14; ++size) {
                std::vector<double> x(size);
                std::generate(x.begin(), x.end(), [&engine] { return static_cast<double>(engine() % 50); });
                Bench bench;
                bench.study.settings.quantile_type = type;
                bench.numbers("x", x);
                for (const char* name : {"q1", "median", "q3"}) {
                    bench.take(unfold(bench.study, name, {bench.id("x")}));
                }
                QVERIFY2(
                    checks_of(bench) == QStringLiteral("holds holds holds"),
                    qPrintable(QStringLiteral("type %1, %2 values: %3").arg(type).arg(size).arg(checks_of(bench))));
            }
        }
    }

    void quartiles_are_found_by_their_place() {
        Bench bench;
        bench.numbers("x", {9, 1, 7, std::nan(""), 3, 5});
        bench.take(unfold(bench.study, "q1", {bench.id("x")}));
        QCOMPARE(held(bench, "at"), 2.0);
        QCOMPARE(held(bench, "q"), 3.0);
        bench.take(unfold(bench.study, "median", {bench.id("x")}));
        bench.take(unfold(bench.study, "q3", {bench.id("x")}));
        QCOMPARE(held(bench, "q_3"), 7.0);
        QVERIFY(bench.cell("ordered", 6).is_missing());
        QCOMPARE(bench.cell("ordered", 1).number(), 1.0);
        QCOMPARE(checks_of(bench), QStringLiteral("holds holds holds"));
    }

    void a_binomial_is_worked_from_its_chances() {
        Bench bench;
        bench.held("p = 0.35").rows("13").work("k = row - 1");
        bench.take(unfold(bench.study, "binomial", {bench.id("k")}));
        QVERIFY(near(bench.cell("prob", 5).number(), 0.23669235431027727, 1e-13)); // of SciPy
        QVERIFY(near(held(bench, "mean"), 12 * 0.35, 1e-13));
        QVERIFY(near(held(bench, "s"), std::sqrt(12 * 0.35 * 0.65), 1e-13));
        QCOMPARE(checks_of(bench), QStringLiteral("holds holds holds"));
        Bench without; // no p is held yet
        without.rows("5").work("k = row - 1");
        without.take(unfold(without.study, "binomial", {without.id("k")}));
        QCOMPARE(held(without, "p"), 0.5);
        QCOMPARE(held(without, "mean"), 2.0);
    }

    void every_measure_ends_in_the_same_number_data() {
        QTest::addColumn<QString>("name");
        for (const Unfolding& unfolding : unfoldings()) {
            if (unfolding.name == "binomial" || unfolding.takes.size() > 2) { // of k from 0 to n, and of classes only
                continue;
            }
            QTest::newRow(unfolding.name.c_str()) << QString::fromStdString(unfolding.name);
        }
    }
    void every_measure_ends_in_the_same_number() {
        QFETCH(QString, name);
        const auto& all = unfoldings();
        const auto it = std::find_if(all.begin(), all.end(),
                                     [&name](const Unfolding& one) { return one.name == name.toStdString(); });
        std::mt19937 engine(11);
        for (int turn = 0; turn < 40; ++turn) {
            const std::size_t size = 3 + engine() % 30;
            std::vector<double> x(size);
            std::vector<double> y(size);
            for (std::size_t row = 0; row < size; ++row) {
                x[row] = static_cast<double>(1 + engine() % 90 + 3 * row);
                y[row] = static_cast<double>(1 + engine() % 40) / 4 + static_cast<double>(row);
                if (turn % 2 == 1 && row > 2 && engine() % 3 == 0) { // of one value there is no spread by hand
                    (engine() % 2 == 0 ? x : y)[row] = std::nan("");
                }
            }
            Bench bench;
            if (it->name == "chi2_stat") { // expected in another order: as many
                std::replace_if(
                    x.begin(), x.end(), [](double one) { return std::isnan(one); }, 7.0);
                std::rotate_copy(x.begin(), x.begin() + 1, x.end(), y.begin());
            }
            if (it->name.starts_with("grouped")) {
                std::transform(y.begin(), y.end(), y.begin(), [](double one) { return std::floor(one); });
            }
            bench.numbers("x", x).numbers("y", y);
            bench.take(unfold(bench.study, it->name, columns_for(bench, *it)));
            QVERIFY(!bench.study.checks.empty());
            for (const QString& parts : checks_of(bench).split(u' ')) {
                QVERIFY2(parts == QStringLiteral("holds"),
                         qPrintable(QStringLiteral("turn %1: %2").arg(turn).arg(parts)));
            }
        }
    }

    void measures_from_classes_by_their_boundaries() {
        for (const std::vector<double>& counts :
             {std::vector<double>{3, 7, 9, 4}, std::vector<double>{0, 5, 0, 6}, std::vector<double>{8, 1, 1, 1}}) {
            Bench bench;
            bench.numbers("low", {0, 10, 20, 40}).numbers("high", {10, 20, 40, 50}).numbers("f", counts);
            for (const char* name : {"grouped_q1", "grouped_median", "grouped_q3", "grouped_mode"}) {
                bench.take(unfold(bench.study, name, {bench.id("low"), bench.id("high"), bench.id("f")}));
            }
            for (const QString& parts : checks_of(bench).split(u' ')) {
                QCOMPARE(parts, QStringLiteral("holds"));
            }
        }
        Bench mode;
        mode.numbers("low", {0, 10, 20}).numbers("high", {10, 20, 40}).numbers("f", {2, 5, 6});
        mode.take(unfold(mode.study, "grouped_mode", {mode.id("low"), mode.id("high"), mode.id("f")}));
        QVERIFY(near(mode.number("mode"), 10 + 10 * 0.3 / (0.3 + 0.2), 1e-12));
    }

    void what_cannot_be_unfolded_is_told() {
        Bench bench;
        bench.numbers("x", {1, 2}).numbers("y", {3, 4});
        QVERIFY(!unfold(bench.study, "nothing", {bench.id("x")}));
        QVERIFY(unfold(bench.study, "sd", {bench.id("x"), bench.id("y")})); // of each by itself
        const auto two = unfold(bench.study, "chi2_stat", {bench.id("x")});
        QVERIFY(!two);
        QVERIFY(two.refusal().text().find("observed") != std::string::npos);
        QVERIFY(!unfold(bench.study, "sd", {Id("gone")}));
        Bench empty;
        empty.numbers("x", {});
        empty.take(unfold(empty.study, "sd", {empty.id("x")})); // steps that wait for values
        empty.take(type_block(empty.study, empty.table, 0, 0, {{"1"}, {"3"}}));
        QCOMPARE(checks_of(empty), QStringLiteral("holds"));
    }
};

LEDGEFALL_TEST(TestUnfold)
#include "test_unfold.moc"
