// Measures of the rows that are like the formula's own, and of ranges that move with it, against plain loops over the
// cells: they are computed by groups, by a balanced tree and from the end, and must give what each row by itself
// gives.

#include "core/value/flat_index.h"
#include "harness/test_program.h"
#include "working.h"

#include <algorithm>
#include <map>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Cells = std::vector<double>; ///< not a number where a cell is missing

double mean_of(const Cells& values) {
    long double sum = 0;
    for (const double value : values) {
        sum += value;
    }
    return values.empty() ? std::nan("") : static_cast<double>(sum / static_cast<long double>(values.size()));
}

double median_of(Cells values) {
    if (values.empty()) {
        return std::nan("");
    }
    std::sort(values.begin(), values.end());
    const std::size_t n = values.size();
    return n % 2 == 1 ? values[n / 2] : (values[n / 2 - 1] + values[n / 2]) / 2;
}

double sum_of(const Cells& values) {
    long double sum = 0;
    for (const double value : values) {
        sum += value;
    }
    return static_cast<double>(sum);
}

bool same(double a, double b) {
    return (std::isnan(a) && std::isnan(b)) || near(a, b, 1e-12) || std::fabs(a - b) < 1e-12;
}

} // namespace

class TestGrouping : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void pairs_are_numbered_in_the_order_in_which_they_come() {
        std::mt19937 random(5);
        for (const std::size_t most : {3U, 40U, 3'000U, 100'000U}) { // the last are too many for a table of all pairs
            PairIndex index;
            std::map<std::pair<std::size_t, std::size_t>, std::size_t> wanted;
            for (std::size_t turn = 0; turn < 20'000; ++turn) {
                const std::pair<std::size_t, std::size_t> pair(random() % (1 + most * turn / 20'000), random() % most);
                QCOMPARE(index.known(pair.first, pair.second).has_value(), wanted.contains(pair));
                const std::size_t number = wanted.try_emplace(pair, wanted.size()).first->second;
                QCOMPARE(index.number_of(pair.first, pair.second), number);
            }
            for (const auto& [pair, number] : wanted) {
                QCOMPARE(index.known(pair.first, pair.second), std::optional(number));
            }
        }
    }

    void rows_like_this_one() {
        std::mt19937 random(3);
        const auto any = [&random](int to) { return static_cast<int>(random() % static_cast<unsigned>(to)); };
        int compared = 0;
        for (const std::size_t rows : {1UL, 7UL, 60UL, 3000UL}) {
            Cells x(rows);
            Cells key(rows);
            std::vector<std::string> site(rows);
            const char* const sites[] = {"riffle", "pool", "weir", ""};
            for (std::size_t row = 0; row < rows; ++row) {
                x[row] = any(8) == 0 ? std::nan("") : any(1000) / 8.0 - 40;
                key[row] = any(9) == 0 ? std::nan("") : any(3) == 0 ? -0.0 : any(5) - 2;
                site[row] = sites[any(4)];
            }
            Bench bench;
            bench.numbers("x", x).numbers("key", key).texts("site", site);
            bench.work("m = mean(x where key = key[i])");
            bench.work("back = mean(x where key[i] = key)");
            bench.work("at_site = sum(x where site = site[i] and x > 0)");
            bench.work("n = count(site = site[i])");
            bench.work("few = count(site = site[i] and key = 1)");
            bench.work("middle = median(x where key mod 3 = key[i] mod 3)");
            bench.work("pairs = slope(x, key where site = site[i])");
            for (std::size_t row = 0; row < rows; ++row) {
                Cells alike;
                Cells at_site;
                Cells by_rest;
                double n = 0;
                double few = 0;
                const auto rest = [](double k) { return k - 3 * std::floor(k / 3); };
                for (std::size_t other = 0; other < rows; ++other) {
                    if (!std::isnan(x[other]) && key[other] == key[row]) {
                        alike.push_back(x[other]);
                    }
                    if (!std::isnan(x[other]) && rest(key[other]) == rest(key[row])) {
                        by_rest.push_back(x[other]);
                    }
                    const bool same_site = !site[row].empty() && site[other] == site[row];
                    if (same_site && x[other] > 0) {
                        at_site.push_back(x[other]);
                    }
                    n += same_site ? 1 : 0;
                    few += same_site && key[other] == 1 ? 1 : 0;
                }
                const auto cell = [&bench, row](const char* name) {
                    const Value value = bench.cell(name, row + 1);
                    return value.plain() ? value.number() : std::nan("");
                };
                QVERIFY(same(cell("m"), mean_of(alike)) && same(cell("back"), mean_of(alike)));
                QVERIFY(same(cell("at_site"), sum_of(at_site)));
                QVERIFY(same(cell("n"), n) && same(cell("few"), few));
                QVERIFY(same(cell("middle"), median_of(by_rest)));
                compared += 6;
            }
        }
        QVERIFY(compared > 15000);
    }

    /// Groups whose rows are put in order once, for a sum between two limits of each row.
    void rows_like_this_one_within_limits() {
        std::mt19937 random(5);
        const auto any = [&random](int to) { return static_cast<int>(random() % static_cast<unsigned>(to)); };
        for (const std::size_t rows : {1UL, 7UL, 60UL, 2000UL}) {
            Cells x(rows);
            Cells y(rows);
            std::vector<std::string> site(rows);
            const char* const sites[] = {"riffle", "pool", "weir", ""};
            for (std::size_t row = 0; row < rows; ++row) {
                x[row] = any(8) == 0 ? std::nan("") : any(1000) / 10.0 - 40;
                y[row] = any(9) == 0 ? std::nan("") : any(30);
                site[row] = sites[any(4)];
            }
            Bench bench;
            bench.numbers("x", x).numbers("y", y).texts("site", site);
            bench.work("before = sum(x where site = site[i] and y < y[i])");
            bench.work("near = mean(x where y[i] - 3 <= y <= y[i] and site = site[i] and x > 0)");
            bench.work("all = sum(x where y >= y[i])");
            bench.work("n = count(site = site[i] and y > y[i])");
            bench.work("n_of = count(x where site = site[i] and y != 3 and y <= y[i])");
            for (std::size_t row = 0; row < rows; ++row) {
                Cells before;
                Cells near;
                Cells above;
                double n = 0;
                double n_of = 0;
                for (std::size_t other = 0; other < rows; ++other) {
                    const bool same_site = !site[row].empty() && site[other] == site[row];
                    n += same_site && y[other] > y[row] ? 1 : 0;
                    if (std::isnan(x[other])) {
                        continue;
                    }
                    n_of += same_site && y[other] != 3 && y[other] <= y[row] ? 1 : 0;
                    if (same_site && y[other] < y[row]) {
                        before.push_back(x[other]);
                    }
                    if (same_site && x[other] > 0 && y[row] - 3 <= y[other] && y[other] <= y[row]) {
                        near.push_back(x[other]);
                    }
                    if (y[other] >= y[row]) {
                        above.push_back(x[other]);
                    }
                }
                const auto cell = [&bench, row](const char* name) {
                    const Value value = bench.cell(name, row + 1);
                    return value.plain() ? value.number() : std::nan("");
                };
                QVERIFY(same(cell("before"), sum_of(before)) && same(cell("near"), mean_of(near)));
                QVERIFY(same(cell("all"), sum_of(above)));
                QCOMPARE(cell("n"), n);
                QCOMPARE(cell("n_of"), n_of);
            }
        }
    }

    /// A difference of two sums would keep nothing of a small one behind large ones; and an error among the rows is met
    /// by the rows that reach it.
    void sums_within_limits_keep_small_values_and_errors() {
        Bench bench;
        bench.numbers("x", {1e17, 0.1, 0.2, -0.3}).numbers("y", {1, 2, 3, 4});
        bench.work("s = sum(x where y >= y[i] and y > 0)").work("m = mean(x where y >= y[i] and y > 0)");
        bench.work("bad = 1 / (y - 1)").work("e = sum(bad where y >= y[i] and y > 0)");
        QCOMPARE(bench.cell("s", 3).number(), 0.2 - 0.3);
        QCOMPARE(bench.cell("m", 4).number(), -0.3);
        QVERIFY(bench.cell("e", 1).is_fault());
        QCOMPARE(bench.cell("e", 3).number(), 1 / 2.0 + 1 / 3.0);
    }

    /// A fault is the fault that each row by itself would come to.
    void faults_and_gaps_stay_what_they_are() {
        Bench bench;
        bench.numbers("x", {1, 2, std::nan(""), 4}).numbers("k", {1, 0, 1, std::nan("")});
        bench.work("bad = 1 / k");
        bench.work("m = mean(x where bad = bad[i])")
            .work("v = mean(bad where k = k[i])")
            .work("p = pick(x where k = k[i])");
        for (std::size_t row = 1; row <= 4; ++row) { // 1/0 is among the keys and the values
            QVERIFY(bench.cell("m", row).is_fault());
        }
        QCOMPARE(bench.cell("v", 1).number(), 1.0);
        QVERIFY(bench.cell("v", 2).is_fault());
        QVERIFY(bench.cell("v", 4).is_missing());
        QVERIFY(bench.cell("p", 1).is_fault()); // two rows, one of them missing
        QCOMPARE(bench.cell("p", 2).number(), 2.0);
        QVERIFY(bench.cell("p", 4).is_missing());
        bench.numbers("y", {5, 5, 5, 5}).work("s = skewness(y where k = k[i])");
        QCOMPARE(bench.cell("s", 1).fault().at().cause, Cause::out_of_domain);
    }

    void ranges_that_move() {
        std::mt19937 random(5);
        const auto any = [&random](int to) { return static_cast<int>(random() % static_cast<unsigned>(to)); };
        int compared = 0;
        for (const int rows : {1, 6, 90, 1200}) {
            Cells x;
            for (int row = 0; row < rows; ++row) {
                x.push_back(any(7) == 0 ? std::nan("") : any(100) / 4.0 - 10);
            }
            Bench bench;
            bench.numbers("x", x);
            bench.work("a = median(x[1..i])").work("b = median(x[i-3..i+3])").work("c = max(x[i-20..i-2])");
            bench.work("d = sum(x[i..last])").work("e = median(x[i..last])").work("f = min(x[i+1..last])");
            bench.work("g = mean(x[i..last] where x[i..last] > 0)").work("h = quantile(x[..i-1], 0.25, 7)");
            bench.work("k = sd(x[i..last])").work("m = median(x[rows+1-i..last])");
            const auto part = [&x, rows](int from, int to) {
                Cells out;
                for (int row = std::max(0, from); row <= std::min(to, rows - 1); ++row) {
                    if (!std::isnan(x[static_cast<std::size_t>(row)])) {
                        out.push_back(x[static_cast<std::size_t>(row)]);
                    }
                }
                return out;
            };
            for (int row = 0; row < rows; ++row) {
                const auto cell = [&bench, row](const char* name) {
                    const Value value = bench.cell(name, static_cast<std::size_t>(row) + 1);
                    return value.plain() ? value.number() : std::nan("");
                };
                const auto least = [](const Cells& values) {
                    return values.empty() ? std::nan("") : *std::min_element(values.begin(), values.end());
                };
                const auto most = [](const Cells& values) {
                    return values.empty() ? std::nan("") : *std::max_element(values.begin(), values.end());
                };
                QVERIFY(same(cell("a"), median_of(part(0, row))));
                QVERIFY(same(cell("b"), median_of(part(row - 3, row + 3))));
                QVERIFY(same(cell("c"), most(part(row - 20, row - 2))));
                QVERIFY(same(cell("d"), sum_of(part(row, rows - 1))));
                QVERIFY(same(cell("e"), median_of(part(row, rows - 1))));
                QVERIFY(same(cell("f"), least(part(row + 1, rows - 1))));
                Cells above = part(row, rows - 1);
                std::erase_if(above, [](double value) { return value <= 0; });
                QVERIFY(same(cell("g"), mean_of(above)));
                QVERIFY(same(cell("m"), median_of(part(rows - 1 - row, rows - 1))));
                Cells before = part(0, row - 1);
                std::sort(before.begin(), before.end());
                const double place = 0.25 * (static_cast<double>(before.size()) - 1);
                const auto low = static_cast<std::size_t>(std::max(0.0, std::floor(place)));
                const double quarter =
                    before.empty() ? std::nan("")
                                   : before[low] + (place - std::floor(place)) *
                                                       (before[std::min(low + 1, before.size() - 1)] - before[low]);
                QVERIFY(same(cell("h"), quarter));
                const Cells rest = part(row, rows - 1);
                const double mean = mean_of(rest);
                long double squares = 0;
                for (const double value : rest) {
                    squares += (value - mean) * (value - mean);
                }
                const double sd =
                    rest.size() < 2 ? std::nan("")
                                    : std::sqrt(static_cast<double>(squares) / (static_cast<double>(rest.size()) - 1));
                QVERIFY(same(cell("k"), sd));
                compared += 10;
            }
        }
        QVERIFY(compared > 12000);
    }
};

LEDGEFALL_TEST(TestGrouping)
#include "test_grouping.moc"
