// Rows made from the categories of a column, and what is made with them: counts, summaries, counts of pairs.

#include "core/study/builders/asked_share.h"
#include "core/study/builders/contingency.h"
#include "core/study/builders/frequency.h"
#include "core/study/builders/goodness_of_fit.h"
#include "core/study/builders/summary.h"
#include "core/study/row_sources/category_rows.h"
#include "core/value/date.h"
#include "harness/test_program.h"
#include "working.h"

#include <map>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

QStringList shown(const Result<Column>& rows) {
    QStringList all;
    for (std::size_t row = 0; rows && row < rows->size(); ++row) {
        all << QString::fromStdString(write_cell(rows->at(row)));
    }
    return rows ? all : QStringList{QString::fromStdString(rows.refusal().text())};
}

Column dates(const std::vector<std::string>& days) {
    Column cells(Kind::date);
    for (const std::string& day : days) {
        cells.append(read_cell(day, Kind::date));
    }
    return cells;
}

/// A table that was made beside the bench's own, asked by the names of its columns.
struct Made {
    const Bench& bench;
    Id table;

    const Table& it() const { return *bench.study.table(table); }
    Value cell(const std::string& name, std::size_t row) const {
        return bench.results->cell(it().column_named(name)->id, row - 1);
    }
    double number(const std::string& name, std::size_t row) const {
        const Value value = cell(name, row);
        return value.plain() ? value.number() : std::nan("");
    }
    QString row_name(std::size_t row) const {
        return QString::fromStdString(write_cell(bench.results->cell((*it().axis.column)->id, row - 1)));
    }
    std::size_t rows() const { return bench.results->rows(table); }
    double held(const std::string& name) const {
        for (const auto& one : it().ledge) {
            if (one->name == name) {
                return bench.results->single(one->id).number();
            }
        }
        return std::nan("");
    }
    bool checks_hold() const {
        return !bench.study.checks.empty() &&
               std::all_of(bench.study.checks.begin(), bench.study.checks.end(), [this](const auto& check) {
                   return bench.results->single(check->id) == Value::yes_no(true);
               });
    }
};

const std::vector<std::string> sites = {"riffle", "pool", "riffle", "", "weir", "pool", "riffle"};

} // namespace

class TestCategories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void values_come_in_the_order_that_is_asked_for() {
        Column cells(Kind::text);
        for (const std::string& site : sites) {
            cells.append(site.empty() ? Value::missing(Kind::text) : Value::text(Text(site)));
        }
        Categories how;
        QCOMPARE(shown(rows_of_categories(cells, how)), QStringList({"riffle", "pool", "weir"}));
        how.order = Categories::Order::rising;
        QCOMPARE(shown(rows_of_categories(cells, how)), QStringList({"pool", "riffle", "weir"}));
        how.order = Categories::Order::frequent;
        QCOMPARE(shown(rows_of_categories(cells, how)), QStringList({"riffle", "pool", "weir"}));
        how.first = {Value::text(Text("bank")), Value::text(Text("weir"))};
        QCOMPARE(shown(rows_of_categories(cells, how)), QStringList({"bank", "weir", "riffle", "pool"}));
    }

    void edges_of_categories() {
        QCOMPARE(shown(rows_of_categories(Column(Kind::text), {})), QStringList());
        QCOMPARE(shown(rows_of_categories(Column::numbers({2, 1, 2, -0.0, 0.0}), {})), QStringList({"2", "1", "0"}));
        std::vector<double> many(150'000);
        for (std::size_t at = 0; at < many.size(); ++at) {
            many[at] = static_cast<double>(at);
        }
        QVERIFY(shown(rows_of_categories(Column::numbers(many), {})).front().contains(QStringLiteral("100,000")));
        Categories months;
        months.by = Categories::By::month;
        QVERIFY(shown(rows_of_categories(Column::numbers({1}), months)).front().contains(QStringLiteral("dates")));
        QCOMPARE(shown(rows_of_categories(Column(Kind::date), months)), QStringList());
    }

    void months_and_years_have_no_gaps_and_weekdays_are_seven() {
        const Column cells = dates({"2026-05-20", "2026-02-03", "", "2026-05-01"});
        Categories how;
        how.by = Categories::By::month;
        QCOMPARE(shown(rows_of_categories(cells, how)),
                 QStringList({"2026-02-01", "2026-03-01", "2026-04-01", "2026-05-01"}));
        how.by = Categories::By::year;
        QCOMPARE(shown(rows_of_categories(dates({"2024-12-31", "2026-01-01"}), how)),
                 QStringList({"2024", "2025", "2026"}));
        how.by = Categories::By::weekday;
        QCOMPARE(shown(rows_of_categories(cells, how)).size(), 7);
    }

    void counts_follow_when_data_comes() {
        Bench bench;
        bench.texts("site", sites);
        Id table;
        Categories how;
        how.of = bench.id("site");
        FrequencyParts parts;
        parts.tally = true;
        bench.take(category_table(bench.study, how, parts, &table));
        const Made result{bench, table};
        QCOMPARE(result.rows(), std::size_t{3});
        QCOMPARE(result.row_name(1), QStringLiteral("riffle"));
        QCOMPARE(result.number("f", 1), 3.0);
        QCOMPARE(result.number("rel", 2), 2.0 / 6);
        QCOMPARE(QString::fromStdString(result.cell("strokes", 1).text().str()), QStringLiteral("|||"));
        QVERIFY(result.checks_hold());
        bench.take(type_block(bench.study, bench.table, 7, 0, {{"bank"}, {"bank"}, {"pool"}}));
        QCOMPARE(result.rows(), std::size_t{4});
        QCOMPARE(result.row_name(4), QStringLiteral("bank"));
        QCOMPARE(result.number("f", 4), 2.0);
        QCOMPARE(result.number("f", 2), 3.0);
        QVERIFY(result.checks_hold());
        QVERIFY(!remove_column(bench.study, bench.id("site"))); // its rows come from there
    }

    void counts_by_month_and_weekday_agree_with_the_calendar() {
        Bench bench;
        bench.column("day",
                     dates({"2026-05-18", "2026-05-20", "2026-06-01", "2026-05-27", "2026-06-14", "2026-08-31"}));
        for (const auto by : {Categories::By::month, Categories::By::weekday, Categories::By::year}) {
            Id table;
            Categories how;
            how.of = bench.id("day");
            how.by = by;
            bench.take(category_table(bench.study, how, {}, &table));
            const Made result{bench, table};
            QVERIFY(result.checks_hold());
            if (by == Categories::By::month) {
                QCOMPARE(result.rows(), std::size_t{4});
                QCOMPARE(result.number("f", 1), 3.0); // May
                QCOMPARE(result.number("f", 3), 0.0); // July
            } else if (by == Categories::By::weekday) {
                QCOMPARE(result.number("f", 1), 3.0); // Mondays: 18 May, 1 June, 31 August
                QCOMPARE(result.number("f", 3), 2.0);
                QCOMPARE(result.number("f", 7), 1.0);
            } else {
                QCOMPARE(result.number("f", 1), 6.0);
            }
        }
    }

    void worked_columns_have_categories_too_and_rings_are_told() {
        Bench bench;
        bench.numbers("x", {1, 5, 2, 8}).work("size = if x > 3 then \"large\" else \"small\"");
        Id table;
        Categories how;
        how.of = bench.id("size");
        bench.take(category_table(bench.study, how, {}, &table));
        const Made result{bench, table};
        QCOMPARE(result.row_name(1), QStringLiteral("small"));
        QCOMPARE(result.number("f", 2), 2.0);
        bench.work("size = if x > sum(Size_counted.f) then \"large\" else \"small\"");
        QVERIFY(bench.results->fault_of_rows(table)); // an axis in error has no rows, and none is made up
        QCOMPARE(bench.results->rows(table), std::size_t{0});
        QVERIFY(bench.value("sum(Size_counted.f)").is_fault());
        const Result<Study> of_itself = category_rows(bench.study, bench.table, "kinds", how);
        QVERIFY(!of_itself);
    }

    void summaries_by_group_agree_with_values_gathered_by_hand() {
        std::mt19937 engine(5);
        std::vector<double> x(200);
        std::vector<std::string> site(200);
        std::map<std::string, std::vector<double>> gathered;
        for (std::size_t row = 0; row < x.size(); ++row) {
            x[row] = static_cast<double>(engine() % 1000) / 8;
            site[row] = std::vector<std::string>{"riffle", "pool", "weir"}[engine() % 3];
            gathered[site[row]].push_back(x[row]);
        }
        Bench bench;
        bench.numbers("len", x).texts("site", site);
        SummaryRequest request;
        request.columns = {bench.id("len")};
        request.by = bench.id("site");
        for (const SummaryMeasure& one : summary_measures()) {
            request.measures.push_back(one.name);
        }
        Id table;
        bench.take(summary_table(bench.study, request, &table));
        const Made result{bench, table};
        QCOMPARE(result.rows(), std::size_t{3});
        for (std::size_t row = 1; row <= 3; ++row) {
            std::vector<double> values = gathered[result.row_name(row).toStdString()];
            std::sort(values.begin(), values.end());
            const double n = static_cast<double>(values.size());
            double sum = 0;
            double squares = 0;
            for (const double value : values) {
                sum += value;
            }
            for (const double value : values) {
                squares += (value - sum / n) * (value - sum / n);
            }
            const double place = (n - 1) * 0.25;
            const auto below = static_cast<std::size_t>(place);
            const double q1 = values[below] + (place - std::floor(place)) * (values[below + 1] - values[below]);
            QCOMPARE(result.number("n", row), n);
            QVERIFY(near(result.number("total", row), sum, 1e-13));
            QVERIFY(near(result.number("avg", row), sum / n, 1e-13));
            QVERIFY(near(result.number("sd_sample", row), std::sqrt(squares / (n - 1)), 1e-12));
            QVERIFY(near(result.number("sd_whole", row), std::sqrt(squares / n), 1e-12));
            QVERIFY(near(result.number("lower_q", row), q1, 1e-12));
            QCOMPARE(result.number("least", row), values.front());
            QCOMPARE(result.number("most", row), values.back());
        }
        const ColumnDefinition* sample = result.it().column_named("sd_sample");
        QVERIFY(sample->label.find("sample (n − 1)") != std::string::npos); // told apart in words
        QVERIFY(result.it().column_named("sd_whole")->label.find("population (n)") != std::string::npos);
        QVERIFY(result.it().column_named("lower_q")->label.find("type 7") != std::string::npos);
    }

    void summaries_of_columns_pooled_grown_and_cut() {
        Bench bench;
        bench.numbers("a", {1, 2, 3, 100}).numbers("b", {5, 6, 7, 200}).numbers("c", {9, 9, 9, 9});
        SummaryRequest request;
        request.columns = {bench.id("a"), bench.id("b"), bench.id("c")};
        request.measures = {"n", "avg", "middle"};
        request.first_rows = 3;
        request.quantile_type = 2;
        request.together = SummaryRequest::Together::pooled;
        Id table;
        bench.take(summary_table(bench.study, request, &table));
        const Made pooled{bench, table};
        QCOMPARE(pooled.rows(), std::size_t{4});
        QCOMPARE(pooled.number("avg", 1), 2.0);
        QCOMPARE(pooled.number("avg", 2), 6.0);
        QCOMPARE(pooled.number("n", 4), 9.0);
        QCOMPARE(pooled.number("avg", 4), 51.0 / 9);
        QCOMPARE(pooled.number("middle", 4), 6.0);
        request.first_rows.reset();
        request.together = SummaryRequest::Together::one_after_other;
        bench.take(summary_table(bench.study, request, &table));
        const Made grown{bench, table};
        QCOMPARE(grown.rows(), std::size_t{3});
        QCOMPARE(grown.number("n", 1), 4.0);
        QCOMPARE(grown.number("n", 2), 8.0);
        QCOMPARE(grown.number("avg", 2), 324.0 / 8);
        QCOMPARE(grown.number("n", 3), 12.0);
        request.columns.clear();
        QVERIFY(!summary_table(bench.study, request));
    }

    /// 40 dishes of 12 seeds: the pools and their sums by hand.
    void observed_and_expected_counts_are_compared_in_pools() {
        Bench bench;
        bench.numbers("k", {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})
            .numbers("observed", {0, 1, 4, 8, 12, 8, 4, 2, 1, 0})
            .numbers("expected", {0.5, 2, 4, 8, 11, 8, 4, 1.5, 0.75, 0.25});
        Id table;
        bench.take(goodness_of_fit_table(bench.study, bench.id("observed"), bench.id("expected"), &table));
        const Made result{bench, table};
        QCOMPARE(result.rows(), std::size_t(5)); // 0–2, 3, 4, 5, 6–9: 7–9 alone stay below 5
        QCOMPARE(result.number("from_row", 1), 0.0);
        QCOMPARE(result.number("to_row", 1), 2.0);
        QCOMPARE(result.number("to_row", 5), 9.0);
        QCOMPARE(result.number("observed", 5), 7.0);
        QCOMPARE(result.number("expected", 5), 6.5);
        QVERIFY(near(result.held("chi2"), 1.5 * 1.5 / 6.5 + 1.0 / 11 + 0.25 / 6.5, 1e-12));
        QCOMPARE(result.held("freedom"), 4.0);
        QCOMPARE(result.held("smallest_expected"), 6.5);
        QVERIFY(result.checks_hold());
        QVERIFY(!goodness_of_fit_table(bench.study, bench.id("observed"), bench.id("observed")));
        Bench wrong; // probabilities in place of counts
        wrong.numbers("observed", {8, 12, 20}).numbers("expected", {0.2, 0.3, 0.5});
        wrong.take(goodness_of_fit_table(wrong.study, wrong.id("observed"), wrong.id("expected"), &table));
        QVERIFY(!Made({wrong, table}).checks_hold());
    }

    void pairs_are_counted_against_what_is_expected() {
        Bench bench;
        bench.texts("site", {"riffle", "riffle", "pool", "pool", "pool", "riffle", "weir"})
            .texts("kind", {"mayfly", "caddis", "mayfly", "mayfly", "caddis", "mayfly", "caddis"});
        Id table;
        bench.take(contingency_table(bench.study, bench.id("site"), bench.id("kind"), &table));
        const Made result{bench, table}; // cells go row by row: riffle, pool and weir by mayfly and caddis
        QCOMPARE(result.number("n", 1), 2.0);
        QCOMPARE(result.number("n", 6), 1.0);
        QCOMPARE(result.number("n", 5), 0.0);
        QVERIFY(near(result.number("of_row", 1), 2.0 / 3));
        QVERIFY(near(result.number("of_column", 1), 0.5));
        QVERIFY(near(result.number("of_all", 1), 2.0 / 7));
        QVERIFY(near(result.number("expected", 1), 3.0 * 4 / 7));
        QVERIFY(near(result.number("residual", 1), (2 - 12.0 / 7) / std::sqrt(12.0 / 7)));
        // χ² of the 3 × 2 table {2 1; 2 1; 0 1}, by exact fractions: 14/9 · … = Σ(o − e)²/e
        double chi2 = 0;
        const double counts[3][2] = {{2, 1}, {2, 1}, {0, 1}};
        const double rows[3] = {3, 3, 1};
        const double columns[2] = {4, 3};
        for (int row = 0; row < 3; ++row) {
            for (int column = 0; column < 2; ++column) {
                const double expected = rows[row] * columns[column] / 7;
                chi2 += (counts[row][column] - expected) * (counts[row][column] - expected) / expected;
            }
        }
        QVERIFY(near(result.held("chi2"), chi2, 1e-13));
        QCOMPARE(result.held("freedom"), 2.0);
        QVERIFY(near(result.held("p_value"), std::exp(-chi2 / 2), 1e-12)); // of two degrees of freedom
        QVERIFY(near(result.held("smallest_expected"), 3.0 / 7));
        QCOMPARE(result.held("below_5"), 6.0);
        QVERIFY(!result.checks_hold());                                              // since so little is expected
        QVERIFY(near(result.held("cramers_v"), std::sqrt(chi2 / 7), 1e-12));         // min(3, 2) − 1 is 1
        bench.take(type_block(bench.study, bench.table, 7, 0, {{"weir", "leech"}})); // a kind that comes by itself
        QCOMPARE(result.held("all"), 8.0);
        QCOMPARE(result.rows(), std::size_t(9));
        QCOMPARE(result.number("n", 9), 1.0);
        QCOMPARE(result.held("freedom"), 4.0);
        QVERIFY(!contingency_table(bench.study, bench.id("site"), bench.id("site")));
    }

    void a_share_is_asked_for_again() {
        Bench bench;
        bench.texts("site", sites);
        Id asked;
        bench.take(asked_share(bench.study, bench.id("site"), Value::text(Text("riffle")), &asked));
        const Made own{bench, bench.table};
        QCOMPARE(own.held("count_site"), 3.0);
        QCOMPARE(own.held("share_site"), 0.5);
        bench.take(give_held(bench.study, asked, Value::text(Text("pool"))));
        QCOMPARE(own.held("count_site"), 2.0);
        bench.take(type_block(bench.study, bench.table, 7, 0, {{"pool"}, {"pool"}}));
        QCOMPARE(own.held("count_site"), 4.0); // more data is covered without a touch
        QCOMPARE(own.held("share_site"), 0.5);
        QVERIFY(!asked_share(bench.study, bench.id("site"), Value::missing()));
    }

    void tallies_stand_in_fives() {
        Bench bench;
        bench.numbers("n", {0, 1, 5, 7, 10, 201, 2.5});
        bench.work("t = tally(n)");
        const QStringList wanted = {"", "|", "|||||", "||||| ||", "||||| |||||", "201"};
        for (int row = 0; row < wanted.size(); ++row) {
            const Value value = bench.cell("t", static_cast<std::size_t>(row) + 1);
            QCOMPARE(QString::fromStdString(value.text().str()), wanted[row]);
        }
        QVERIFY(bench.cell("t", 7).is_fault());
    }
};

LEDGEFALL_TEST(TestCategories)
#include "test_categories.moc"
