// Measures by themselves: however the values come, in whichever pieces, with gaps, conditions and faults among them,
// the result is that of a plain loop in extended precision.

#include "core/stats/measures.h"
#include "harness/test_program.h"
#include "working.h"

#include <QtTest>

#include <algorithm>
#include <cmath>
#include <random>

using namespace ledgefall;
using ledgefall::testing::near;

namespace {

struct Sample {
    std::vector<double> slots;
    std::vector<State> states;

    Lane lane(std::size_t from) const { return {slots.data() + from, states.data() + from, false}; }
    Lane plain_lane(std::size_t from) const { return {slots.data() + from, nullptr, false}; }
};

Sample random_sample(unsigned seed, std::size_t count, double middle, double width, int one_in = 0) {
    std::mt19937_64 engine(seed);
    std::normal_distribution<double> spread(middle, width);
    Sample sample;
    for (std::size_t k = 0; k < count; ++k) {
        sample.slots.push_back(spread(engine));
        sample.states.push_back(one_in > 0 && engine() % static_cast<unsigned>(one_in) == 0 ? State::missing
                                                                                            : State::plain);
    }
    return sample;
}

std::vector<long double> without_missing(const Sample& sample) {
    std::vector<long double> values;
    for (std::size_t k = 0; k < sample.slots.size(); ++k) {
        if (sample.states[k] == State::plain) {
            values.push_back(sample.slots[k]);
        }
    }
    return values;
}

long double sum_of(const std::vector<long double>& values) {
    long double sum = 0;
    for (const long double value : values) {
        sum += value;
    }
    return sum;
}

long double squares_of(const std::vector<long double>& values) {
    const long double mean = sum_of(values) / static_cast<long double>(values.size());
    long double squares = 0;
    for (const long double value : values) {
        squares += (value - mean) * (value - mean);
    }
    return squares;
}

bool close_to(double match, long double expected, double relative) {
    return std::fabs(static_cast<long double>(match) - expected) <=
           relative * std::max<long double>(std::fabs(expected), 1e-300L);
}

double result(Accumulator& accumulator) {
    return accumulator.result({}).number();
}

} // namespace

class TestAccumulators : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void pieces_of_any_size_give_the_same_data() {
        QTest::addColumn<int>("count");
        QTest::addColumn<int>("piece");
        QTest::addColumn<double>("middle");
        QTest::addColumn<double>("width");
        QTest::addColumn<int>("one_in");
        for (const int count : {1, 2, 7, 8, 9, 1023, 1024, 1025, 5000}) {
            QTest::addRow("%d plain", count) << count << 1024 << 50.0 << 9.0 << 0;
            QTest::addRow("%d far from zero", count) << count << 100 << 1e7 << 0.1 << 0;
            QTest::addRow("%d with gaps", count) << count << 333 << -3.0 << 1e3 << 4;
            QTest::addRow("%d one by one", count) << count << 1 << 0.0 << 1.0 << 3;
        }
    }
    void pieces_of_any_size_give_the_same() {
        QFETCH(int, count);
        QFETCH(int, piece);
        QFETCH(double, middle);
        QFETCH(double, width);
        QFETCH(int, one_in);
        const Sample sample =
            random_sample(static_cast<unsigned>(count + piece), static_cast<std::size_t>(count), middle, width, one_in);
        const auto values = without_missing(sample);
        const auto total = make_sum({});
        const auto mean = make_mean({});
        const auto variance = make_var({});
        const auto population = make_sd_pop({});
        const auto number = make_count({});
        const auto middle_value = make_median({});
        const auto width_of = make_range({});
        for (std::size_t at = 0; at < sample.slots.size(); at += static_cast<std::size_t>(piece)) {
            const std::size_t rows = std::min(static_cast<std::size_t>(piece), sample.slots.size() - at);
            for (Accumulator* accumulator : {total.get(), mean.get(), variance.get(), population.get(), number.get(),
                                             middle_value.get(), width_of.get()}) {
                accumulator->add(one_in == 0 ? sample.plain_lane(at) : sample.lane(at), nullptr, rows);
            }
        }
        const auto n = static_cast<long double>(values.size());
        QCOMPARE(result(*number), static_cast<double>(values.size()));
        QVERIFY(close_to(result(*total), sum_of(values), 1e-15 * (1 + std::fabs(middle))) ||
                std::fabs(result(*total) - static_cast<double>(sum_of(values))) < 1e-9);
        if (values.empty()) {
            QVERIFY(mean->result({}).is_missing());
            return;
        }
        QVERIFY(close_to(result(*mean), sum_of(values) / n, 1e-14) || std::fabs(result(*mean)) < 1e-3);
        QVERIFY(close_to(result(*population), std::sqrt(squares_of(values) / n), 1e-11) || values.size() == 1);
        if (values.size() > 1) {
            QVERIFY(close_to(result(*variance), squares_of(values) / (n - 1), 1e-11));
        } else {
            QVERIFY(variance->result({}).is_missing());
        }
        std::vector<long double> sorted = values;
        std::sort(sorted.begin(), sorted.end());
        const std::size_t half = sorted.size() / 2;
        QCOMPARE(result(*middle_value),
                 static_cast<double>(sorted.size() % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2));
        QCOMPARE(result(*width_of), static_cast<double>(sorted.back()) - static_cast<double>(sorted.front()));
    }

    void a_running_measure_can_be_asked_at_any_time() {
        const auto median = make_median({});
        const auto variance = make_var_pop({});
        const double values[] = {5, 1, 4, 2, 3};
        const double medians[] = {5, 3, 4, 3, 3};
        const double variances[] = {0, 4, 26.0 / 9, 2.5, 2};
        for (std::size_t k = 0; k < 5; ++k) {
            median->add({values + k, nullptr, false}, nullptr, 1);
            variance->add({values + k, nullptr, false}, nullptr, 1);
            QCOMPARE(result(*median), medians[k]);
            QCOMPARE(result(*variance), variances[k]);
        }
        median->clear();
        QVERIFY(median->result({}).is_missing());
    }

    void conditions_choose_rows() {
        const double x[] = {1, 2, 3, 4};
        const double chosen[] = {1, 0, 1, 1};
        const State entry[] = {State::plain, State::plain, State::missing, State::plain};
        const auto total = make_sum({});
        const Lane condition{chosen, entry, false};
        total->add({x, nullptr, false}, &condition, 4);
        QCOMPARE(result(*total), 5.0);
        const double always = 1;
        const Lane all{&always, nullptr, true};
        total->clear();
        total->add({x, nullptr, false}, &all, 4);
        QCOMPARE(result(*total), 10.0);
        const double same = 2.5; // one value for all rows
        total->clear();
        total->add({&same, nullptr, true}, nullptr, 4);
        QCOMPARE(result(*total), 10.0);
    }

    void the_first_fault_is_the_result_until_cleared() {
        const Fault first{3, 17};
        const Fault second{4, 20};
        const double slots[] = {1, Value::fault(first).slot(), 2, Value::fault(second).slot()};
        const State states[] = {State::plain, State::fault, State::plain, State::fault};
        for (const MakeAccumulator make : {&make_sum, &make_mean, &make_count, &make_max, &make_median, &make_sd}) {
            const auto measure = make({});
            measure->add({slots, states, false}, nullptr, 4);
            QVERIFY(measure->result({}).is_fault());
            QCOMPARE(measure->result({}).fault(), first);
            measure->clear();
            measure->add({slots, nullptr, false}, nullptr, 1);
            QVERIFY(!measure->result({}).is_fault());
        }
    }

    void counts_of_conditions() {
        const double answers[] = {1, 0, 1, 1, 0};
        const State entry[] = {State::plain, State::plain, State::plain, State::missing, State::plain};
        const auto count = make_count_yes({});
        const auto share = make_share({});
        for (Accumulator* measure : {count.get(), share.get()}) {
            measure->add({answers, entry, false}, nullptr, 5);
        }
        QCOMPARE(result(*count), 2.0);
        QCOMPARE(result(*share), 0.5);
    }

    void sums_lose_nothing_in_rounding() {
        CompensatedSum sum;
        std::vector<double> values;
        for (int k = 0; k < 1000; ++k) {
            values.insert(values.end(), {1e16, 1.0, -1e16});
        }
        sum.add(values.data(), values.size());
        QCOMPARE(sum.total(), 1000.0);
        CompensatedSum harmonic;
        long double expected = 0;
        for (int k = 1; k <= 100000; ++k) {
            harmonic.add(1.0 / k);
            expected += static_cast<long double>(1.0 / k);
        }
        QCOMPARE(harmonic.total(), static_cast<double>(expected));
    }

    void overflow_is_a_fault() {
        const double large[] = {1e308, 1e308, 1e308};
        Faults faults;
        faults.large = 9;
        const auto result = [&](MakeAccumulator make) {
            const auto measure = make({});
            measure->add({large, nullptr, false}, nullptr, 3);
            return measure->result(faults);
        };
        QVERIFY(result(&make_sum).is_fault());
        QVERIFY(result(&make_product).is_fault());
        QCOMPARE(result(&make_mean).number(), 1e308); // although their sum is too large
        QCOMPARE(result(&make_var).number(), 0.0);
    }

    /// What is larger than any double on the way is none at the end: in one piece, in many, one by one.
    void sums_and_spreads_beyond_the_largest_double() {
        std::vector<double> values;
        for (int k = 0; k < 3000; ++k) {
            values.insert(values.end(), {1.5e308, -1.2e308, 0.25});
        }
        const auto of = [&values](MakeAccumulator make, std::size_t piece) {
            const auto measure = make({});
            for (std::size_t at = 0; at < values.size(); at += piece) {
                measure->add({values.data() + at, nullptr, false}, nullptr, std::min(piece, values.size() - at));
            }
            return measure->result({});
        };
        for (const std::size_t piece : {std::size_t{1}, std::size_t{7}, std::size_t{1024}, values.size()}) {
            QVERIFY(near(of(&make_mean, piece).number(), 1e307));
            // Of 1.5, −1.2 and 0 (in 1e308): mean 0.1, squares 1.96 + 1.69 + 0.01.
            const double spread = std::sqrt(3.66 / 3) * 1e308;
            QVERIFY(near(of(&make_sd_pop, piece).number(), spread));
            QVERIFY(of(&make_var_pop, piece).is_fault());
            QVERIFY(near(of(&make_se, piece).number(), spread / std::sqrt(8999.0), 1e-12));
        }
        for (double& value : values) { // and as small ones, whose squares vanish
            value = std::ldexp(value, -1500);
        }
        for (const std::size_t piece : {std::size_t{1}, std::size_t{7}, std::size_t{1024}, values.size()}) {
            QVERIFY(near(of(&make_sd_pop, piece).number(), std::ldexp(std::sqrt(3.66 / 3) * 1e308, -1500)));
            QVERIFY(near(of(&make_cv, piece).number(), std::sqrt(3.66 / 2.9996666666666667) * 10, 1e-3));
        }
    }
};

LEDGEFALL_TEST(TestAccumulators)
#include "test_accumulators.moc"
