// What is computed many rows at a time, against the same rows one by one: across the ends of blocks and chunks, with
// gaps, faults and typed cells.

#include "core/engine/running/limit_counts.h"
#include "harness/test_program.h"
#include "working.h"

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const double gap = std::nan("");
constexpr std::size_t many = 20'000; // several chunks of 8192

std::vector<double> numbers(unsigned seed, double gaps) {
    std::mt19937 engine(seed);
    std::uniform_real_distribution<double> spread(-50, 50);
    std::uniform_real_distribution<double> chance(0, 1);
    std::vector<double> out(many);
    for (double& number : out) {
        number = spread(engine);
        number = chance(engine) < gaps ? gap : number;
    }
    return out;
}

/// The sum and the number of the values in a window, in long doubles.
std::pair<long double, double> window(const std::vector<double>& x, std::size_t from, std::size_t to) {
    long double sum = 0;
    double count = 0;
    for (std::size_t row = from; row <= to; ++row) {
        sum += std::isnan(x[row]) ? 0 : static_cast<long double>(x[row]);
        count += std::isnan(x[row]) ? 0 : 1;
    }
    return {sum, count};
}

bool close(double a, long double b) {
    return std::fabs(static_cast<long double>(a) - b) <= 1e-12L;
}

} // namespace

class TestBlocks : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void windows_data() {
        QTest::addColumn<double>("gaps");
        QTest::newRow("whole") << 0.0;
        QTest::newRow("a few gaps") << 0.001;
        QTest::newRow("many gaps") << 0.4;
    }
    void windows() {
        QFETCH(double, gaps);
        const std::vector<double> x = numbers(7, gaps);
        Bench bench;
        bench.numbers("x", x)
            .work("run = sum(x[1..i])")
            .work("mean_run = mean(x[..i])")
            .work("move = mean(x[i-24..i])")
            .work("total = sum(x[i-2..i])")
            .work("ahead = sum(x[i-1..i+1])")
            .work("above = sum(x[..i-1])");
        long double sum = 0;
        double count = 0;
        for (std::size_t row = 0; row < many; ++row) {
            QVERIFY(row == 0 || close(bench.cell("above", row + 1).number(), sum));
            sum += std::isnan(x[row]) ? 0 : static_cast<long double>(x[row]);
            count += std::isnan(x[row]) ? 0 : 1;
            QVERIFY(close(bench.cell("run", row + 1).number(), sum));
            const Value mean_run = bench.cell("mean_run", row + 1);
            QVERIFY(count == 0 ? mean_run.is_missing() : close(mean_run.number(), sum / count));
            const auto [moved, number] = window(x, row < 24 ? 0 : row - 24, row);
            const Value move = bench.cell("move", row + 1);
            QVERIFY(number == 0 ? move.is_missing() : close(move.number(), moved / number));
            QVERIFY(close(bench.cell("total", row + 1).number(), window(x, row < 2 ? 0 : row - 2, row).first));
            const std::size_t next = std::min(row + 1, many - 1);
            QVERIFY(close(bench.cell("ahead", row + 1).number(), window(x, row < 1 ? 0 : row - 1, next).first));
        }
    }

    void a_window_loses_nothing_to_what_has_passed() {
        std::vector<double> x(5000, 0.1);
        x[1000] = 1e17;
        Bench bench;
        bench.numbers("x", x).work("ten = sum(x[i-9..i])").work("run = sum(x[1..i])");
        QCOMPARE(bench.cell("ten", 1000).number(), 1.0);
        QCOMPARE(bench.cell("ten", 1011).number(), 1.0);
        QCOMPARE(bench.cell("ten", 5000).number(), 1.0);
        QVERIFY(near(bench.cell("run", 1000).number(), 100.0, 1e-15));
    }

    void a_fault_in_a_window_is_met_and_left_behind() {
        std::vector<double> x(5000, 1);
        x[3000] = 0;
        Bench bench;
        bench.numbers("x", x).work("y = 1 / x").work("move = sum(y[i-4..i])").work("run = sum(y[1..i])");
        QCOMPARE(bench.cell("move", 3000).number(), 5.0);
        QVERIFY(bench.cell("move", 3001).is_fault() && bench.cell("move", 3005).is_fault());
        QCOMPARE(bench.cell("move", 3006).number(), 5.0);
        QCOMPARE(bench.cell("run", 3000).number(), 3000.0);
        QVERIFY(bench.cell("run", 4999).is_fault());
        bench.numbers("z", {1e308, 1e308, -1e308, 5}).work("big = sum(z[1..i])");
        QVERIFY(bench.cell("big", 2).is_fault());
    }

    void rows_from_rows_across_chunks() {
        const std::vector<double> x = numbers(3, 0);
        Bench bench;
        bench.numbers("x", x).held("k = 0.5");
        bench.work("a = first 1; 2 then a[i-1] * k + a[i-2] * 0.25 + x")
            .work("b = first 0 then b[i-1] + (if a > 0 then a else -a) + sin(a[i-1])")
            .work("c = first 0 then larger(c[i-1], b) + row + x[i-1]");
        std::vector<double> a(many), b(many), c(many);
        for (std::size_t row = 0; row < many; ++row) {
            a[row] = row == 0 ? 1 : row == 1 ? 2 : a[row - 1] * 0.5 + a[row - 2] * 0.25 + x[row];
            b[row] = row == 0 ? 0 : b[row - 1] + std::fabs(a[row]) + std::sin(a[row - 1]);
            c[row] = row == 0 ? 0 : std::max(c[row - 1], b[row]) + static_cast<double>(row + 1) + x[row - 1];
            QVERIFY(near(bench.cell("a", row + 1).number(), a[row], 1e-15));
            QVERIFY(near(bench.cell("b", row + 1).number(), b[row], 1e-15));
            QVERIFY(near(bench.cell("c", row + 1).number(), c[row], 1e-15));
        }
    }

    void gaps_faults_and_typed_cells_between_quick_rows() {
        std::vector<double> x(many, 1);
        x[9000] = gap;
        Bench bench;
        bench.numbers("x", x).work("a = first 0 then default(a[i-1], 0) + x").work("b = first 1 then b[i-1] * 1");
        QCOMPARE(bench.cell("a", 9000).number(), 8999.0);
        QVERIFY(bench.cell("a", 9001).is_missing());
        QCOMPARE(bench.cell("a", 9002).number(), 1.0);
        const Study before = bench.study;
        bench.take(type_block(bench.study, bench.table, 9499, 1, {{"100"}}));
        QCOMPARE(bench.cell("a", 9500).number(), 100.0);
        QCOMPARE(bench.cell("a", 9501).number(), 101.0);
        QCOMPARE(bench.cell("a", 9499).number(), 498.0);
        bench.take(before);
        bench.work("a = first 0 then a[i-1] + 1 / (10000 - row)");
        QVERIFY(bench.cell("a", 9999).plain());
        QVERIFY(bench.cell("a", 10000).is_fault());
        QCOMPARE(bench.cell("a", 10000).fault().row, 10000U);
        QCOMPARE(bench.cell("a", many).fault().row, 10000U);
    }

    void a_stop_far_down() {
        Bench bench;
        bench.rows("1000000").work("a = first 0 then a[i-1] + 1").work("b = first 1 then b[i-1] + a[i-1]");
        bench.take(stop_rows(bench.study, bench.table, "a >= 12345"));
        QCOMPARE(bench.results->rows(bench.table), std::size_t{12346});
        QCOMPARE(bench.cell("b", 12346).number(), 12344.0 * 12345 / 2 + 1);
        QCOMPARE(bench.results->column(bench.id("b"))->size(), std::size_t{12346});
    }

    void counts_between_limits() {
        std::mt19937 engine(11);
        for (int trial = 0; trial < 200; ++trial) {
            std::uniform_int_distribution<int> some(-20, 20);
            std::vector<double> limits;
            std::vector<double> values;
            const double scale = trial % 3 == 0 ? 1e-12 : trial % 3 == 1 ? 0.1 : 1e300;
            for (int k = 0; k < 1 + trial % 30; ++k) {
                limits.push_back(some(engine) * scale);
            }
            for (int k = 0; k < 200; ++k) {
                values.push_back(some(engine) * scale);
            }
            LimitCounts counts(limits);
            counts.add(values.data(), 120);
            counts.add(values.data() + 120, 80);
            counts.finish();
            QCOMPARE(counts.all(), 200.0);
            for (const double limit : limits) {
                const auto below = std::count_if(values.begin(), values.end(), [&](double x) { return x < limit; });
                const auto up_to = std::count_if(values.begin(), values.end(), [&](double x) { return x <= limit; });
                QCOMPARE(counts.below(limit), static_cast<double>(below));
                QCOMPARE(counts.up_to(limit), static_cast<double>(up_to));
            }
        }
    }
};

LEDGEFALL_TEST(TestBlocks)
#include "test_blocks.moc"
