// What follows and what stays; rows that depend on rows; rings; what is computed anew; stopping.

#include "core/authoring/marks.h"
#include "core/engine/planning/plan.h"
#include "core/engine/running/memory_budget.h"
#include "core/study/model/fault_explanation.h"
#include "harness/test_program.h"
#include "working.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <thread>
#include <utility>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const double gap = std::nan("");

bool same(const std::vector<double>& a, const std::vector<double>& b) {
    bool equal = a.size() == b.size();
    for (std::size_t k = 0; equal && k < a.size(); ++k) {
        equal = a[k] == b[k] || (std::isnan(a[k]) && std::isnan(b[k]));
    }
    return equal;
}

} // namespace

class TestEngine : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void formulas_give_their_columns_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<QList<double>>("expected");
        const std::pair<const char*, QList<double>> rows[] = {
            {"x - mean(x)", {-4, 0, 6, -2}},
            {"x[i-1]", {gap, 2, 6, 12}},
            {"x[i+2]", {12, 4, gap, gap}},
            {"x / x[1]", {1, 3, 6, 2}},
            {"x[last]", {4, 4, 4, 4}},
            {"x[3]", {12, 12, 12, 12}},
            {"x[rows + 1 - row]", {4, 12, 6, 2}},
            {"x[0]", {gap, gap, gap, gap}},
            {"x[99]", {gap, gap, gap, gap}},
            {"sum(x[1..i])", {2, 8, 20, 24}},
            {"sum(x[..i-1])", {0, 2, 8, 20}},
            {"mean(x[i-1..i])", {2, 4, 9, 8}},
            {"sum(x[i..last])", {24, 22, 16, 4}},
            {"max(x[..i])", {2, 6, 12, 12}},
            {"sum(x[2..3])", {18, 18, 18, 18}},
            {"count(x < x[i])", {0, 2, 3, 1}},
            {"count(x < x[i] + y[i])", {1, 0, 4, 0}},
            {"sum(x where x > x[i])", {22, 12, 0, 18}},
            {"mean(x[i], y[i])", {1.5, 6, 7.5, 4}},
            {"sum(x[i] .. z[i])", {7, 6, 20, 10}},
            {"sum(x .. z)", {43, 43, 43, 43}},
            {"max((x, y), z)", {12, 12, 12, 12}},
            {"if x > 5 then x else 0", {0, 6, 12, 0}},
            {"y", {1, gap, 3, gap}},
            {"x + y", {3, gap, 15, gap}},
            {"default(y, 0)", {1, 0, 3, 0}},
            {"count(y)", {2, 2, 2, 2}},
            {"row * rows", {4, 8, 12, 16}},
            {"larger(x, 5)", {5, 6, 12, 5}},
            {"first 10 then x[i-1]", {10, 2, 6, 12}},
            {"sum(k * x[i] for k in 1..3)", {12, 36, 72, 24}},
            {"sum(x * mean(x))", {144, 144, 144, 144}},
            {"sum((x - mean(x))^2) / (count(x) - 1)", {56.0 / 3, 56.0 / 3, 56.0 / 3, 56.0 / 3}},
        };
        for (const auto& [formula, expected] : rows) {
            QTest::newRow(formula) << QString::fromUtf8(formula) << expected;
        }
    }
    void formulas_give_their_columns() {
        QFETCH(QString, formula);
        QFETCH(QList<double>, expected);
        Bench bench;
        bench.numbers("x", {2, 6, 12, 4}).numbers("y", {1, gap, 3, gap}).numbers("z", {4, 0, 5, 6});
        bench.work("w = " + formula.toStdString());
        const std::vector<double> wanted(expected.begin(), expected.end());
        const std::vector<double> count = bench.cells("w");
        QVERIFY2(same(count, wanted), qPrintable(QString::fromStdString(
                                          bench.cell("w", 1).is_fault()
                                              ? explain(bench.study, *bench.results, bench.cell("w", 1).fault()).text()
                                              : "values differ")));
    }

    void blocks_and_chunks_agree_with_plain_loops() {
        std::vector<double> x;
        std::vector<double> expected_lag;
        std::vector<double> expected_running;
        double running = 0;
        for (int k = 0; k < 20000; ++k) {
            x.push_back(k % 97 == 5 ? gap : k % 31);
            expected_lag.push_back(k < 3 ? gap : x[static_cast<std::size_t>(k - 3)] * 2);
            running += std::isnan(x.back()) ? 0 : x.back();
            expected_running.push_back(running);
        }
        Bench bench;
        bench.numbers("x", x).work("lag = x[i-3] * 2").work("running = sum(x[1..i])").work("z = x^2 + x^3");
        QVERIFY(same(bench.cells("lag"), expected_lag));
        QVERIFY(same(bench.cells("running"), expected_running));
        QCOMPARE(bench.cell("z", 9001).number(), std::pow(x[9000], 2) + std::pow(x[9000], 3));
    }

    void another_tables_rows() {
        Bench bench;
        bench.numbers("lower", {0, 10, 20}).numbers("upper", {10, 20, 30});
        Id stones;
        bench.take(add_table(bench.study, "Stones", &stones));
        bench.take(add_columns(bench.study, stones, {{"size", "size", "", Column::numbers({3, 9.5, 10, 25, 14, 10})}}));
        bench.work("f = count(lower <= Stones.size < upper)")
            .work("share = f / count(Stones.size)")
            .work("nth = Stones.size[i]")
            .work("third = Stones.size[3]");
        QVERIFY(same(bench.cells("f"), {2, 3, 1}));
        QVERIFY(same(bench.cells("nth"), {3, 9.5, 10}));
        QVERIFY(same(bench.cells("third"), {10, 10, 10}));
        bench.work("bad = Stones.size + 1");
        QCOMPARE(bench.cell("bad", 1).fault().at().cause, Cause::wrong_arguments);
    }

    void recurrences_run_down_the_rows() {
        Bench bench;
        bench.rows("10").work("f = first 1; 1 then f[i-1] + f[i-2]");
        QVERIFY(same(bench.cells("f"), {1, 1, 2, 3, 5, 8, 13, 21, 34, 55}));
        bench.work("g = first 100 then g[i-1] * 1.1");
        QVERIFY(near(bench.cell("g", 10).number(), 100 * std::pow(1.1, 9)));
        bench.work("s = first 1 then sum(s[..i-1]) + 1"); // doubles
        QCOMPARE(bench.cell("s", 10).number(), 512.0);
        bench.work("anchored = first 3 then anchored[1] + anchored[i-1]");
        QCOMPARE(bench.cell("anchored", 4).number(), 12.0);
    }

    void columns_that_need_each_other_are_one_sequence() {
        // A fall with drag: compared with the same steps in a plain loop.
        Bench bench;
        bench.rows("500").held("dt = 0.01").held("g = 9.81");
        bench.study = *hold(bench.study, Id(), "drag = 0.2");
        Study study = bench.study;
        for (const char* definition :
             {"v = first 0 then v[i-1] + a[i-1] * dt", "a = g - drag * v", "h = first 50 then h[i-1] - v * dt"}) {
            study = *write_column(study, bench.table, definition); // a ring until the second is there
        }
        bench.take(study);
        double v = 0;
        double h = 50;
        double a = 9.81;
        for (int k = 1; k < 500; ++k) {
            v = v + a * 0.01;
            a = 9.81 - 0.2 * v;
            h = h - v * 0.01;
        }
        QCOMPARE(bench.cell("v", 500).number(), v);
        QCOMPARE(bench.cell("a", 500).number(), a);
        QCOMPARE(bench.cell("h", 500).number(), h);
    }

    void a_held_row_makes_no_false_ring() {
        Bench bench;
        bench.rows("4");
        Study study = *write_column(bench.study, bench.table, "a = first 5 then b[i-1] + 1");
        study = *write_column(study, bench.table, "b = a[1] * 2");
        bench.take(study);
        QVERIFY(same(bench.cells("a"), {5, 11, 11, 11}));
    }

    void rings_are_found_and_named() {
        Bench bench;
        bench.rows("3");
        Study study = *write_column(bench.study, bench.table, "a = b + 1");
        study = *write_column(study, bench.table, "b = c * 2");
        study = *write_column(study, bench.table, "c = a - 1");
        bench.take(study);
        const FaultSite site = bench.cell("b", 2).fault().at();
        QCOMPARE(site.cause, Cause::cycle);
        QVERIFY2(site.what.text().find("a → b → c → a") != std::string::npos, site.what.text().c_str());
        bench.work("own = own + 1");
        QCOMPARE(bench.cell("own", 1).fault().at().cause, Cause::cycle);
        bench.work("none = none[i-1] + 1");
        QCOMPARE(bench.cell("none", 1).fault().at().cause, Cause::no_first);
        bench.work("ahead = first 1 then ahead[i+1]");
        QCOMPARE(bench.cell("ahead", 2).fault().at().cause, Cause::cycle);
        bench.work("whole = first 1 then mean(whole)");
        QCOMPARE(bench.cell("whole", 2).fault().at().cause, Cause::cycle);
        Bench ledge;
        ledge.numbers("x", {1}).held("p = q").held("q = 1 - p");
        QCOMPARE(ledge.results->single(ledge.id("q")).fault().at().cause, Cause::cycle);
    }

    void rows_not_yet_passed_are_told() {
        Bench bench;
        bench.rows("4").work("x = first 1 then x[row + 1]");
        QCOMPARE(bench.cell("x", 2).fault().at().cause, Cause::row_not_computed_yet);
    }

    void overrides_feed_the_rows_after_them() {
        Bench bench;
        bench.rows("5").work("x = first 1 then 2 * x[i-1]").work("y = x + 1");
        bench.take(type_block(bench.study, bench.table, 2, 0, {{"10"}}));
        QVERIFY(same(bench.cells("x"), {1, 2, 10, 20, 40}));
        bench.take(type_block(bench.study, bench.table, 0, 1, {{"100"}}));
        QVERIFY(same(bench.cells("y"), {100, 3, 11, 21, 41}));
        bench.take(give_back(bench.study, bench.id("x"), std::nullopt));
        QVERIFY(same(bench.cells("x"), {1, 2, 4, 8, 16}));
    }

    void a_reach_covers_only_its_rows() {
        Bench bench;
        bench.numbers("x", {1, 2, 3, 4}).work("y = first 10 then y[i-1] + x");
        bench.study.tables.front().edit([](Table& table) {
            table.columns[1].edit([](ColumnDefinition& column) {
                column.pieces.front().from = 2;
                column.pieces.front().to = 3;
            });
        });
        bench.take(bench.study);
        QVERIFY(same(bench.cells("y"), {gap, 10, 13, gap}));
    }

    void faults_say_where_they_began() {
        Bench bench;
        bench.numbers("x", {4, 0, 2}).work("y = 1 / x").work("z = y + 1").work("total = sum(z)");
        QVERIFY(bench.cell("z", 1).plain());
        const Fault fault = bench.cell("total", 1).fault();
        QCOMPARE(fault.row, std::uint32_t{2});
        QCOMPARE(explain(bench.study, *bench.results, fault).text(), std::string("Data.y, row 2: division by zero."));
        const Results::Entry* entry = bench.results->find(bench.id("z"));
        QCOMPARE(entry->faults, std::size_t{1});
        QCOMPARE(entry->first_fault.row, std::uint32_t{2});
        bench.column("odd", Column::of(Kind::number, {Value::number(1), Value::unparsed(Text("n/a"))}))
            .work("w = odd * 2");
        QCOMPARE(bench.cell("w", 2).fault().at().cause, Cause::not_a_number);
        QCOMPARE(bench.cell("w", 1).number(), 2.0);
        QCOMPARE(bench.cause("lenght"), Cause::unknown_name);
        bench.numbers("length", {1});
        QVERIFY(bench.value("lenght").fault().at().what.text().find("Did you mean length?") != std::string::npos);
    }

    void mixing_whole_and_single_values_offers_the_function_by_rows() {
        Bench bench;
        bench.numbers("x", {1, 2});
        const FaultSite site = bench.value("max(x, 0)").fault().at();
        QVERIFY2(site.what.text().find("larger(a, b)") != std::string::npos, site.what.text().c_str());
        QVERIFY(bench.value("sum(x[i])").is_fault()); // no row where there are no rows
    }

    void counted_rows_follow_a_held_value() {
        Bench bench;
        bench.held("steps = 3").rows("steps * 2").work("x = row");
        QCOMPARE(bench.cells("x").size(), std::size_t{6});
        bench.held("steps = 1");
        QCOMPARE(bench.cells("x").size(), std::size_t{2});
        bench.held("steps = 1e9");
        QVERIFY(bench.results->single(bench.table).is_fault());
        QCOMPARE(bench.results->rows(bench.table), std::size_t{0});
        bench.held("steps = 0.25");
        QVERIFY(bench.results->single(bench.table).is_fault());
    }

    void a_change_works_out_its_dependents_and_nothing_else() {
        Bench bench;
        bench.numbers("x", {1, 2, 3}).numbers("y", {4, 5, 6}).held("p = 2");
        bench.work("a = x * p").work("b = a + 1").work("c = y + 1").work("d = c * sum(c)");
        bench.take(type_block(bench.study, bench.table, 0, 1, {{"40"}}));
        QCOMPARE(bench.results->computed_count(), std::size_t{2}); // c and d
        bench.held("p = 3");
        QCOMPARE(bench.results->computed_count(), std::size_t{2}); // a and b
        const Column* before = bench.results->column(bench.id("b"));
        bench.work("a = 0 * x + x * p");
        QCOMPARE(bench.results->computed_count(), std::size_t{1}); // equal results stop the wave
        QCOMPARE(bench.results->column(bench.id("b")), before);
        bench.take(head_column(bench.study, bench.id("x"), {"Length", "mm", ""}));
        QCOMPARE(bench.results->computed_count(), std::size_t{0});
        QCOMPARE(bench.cell("b", 3).number(), 10.0);
    }

    void feet_are_taken_of_each_column() {
        Bench bench;
        bench.numbers("x", {1, 2, 3}).work("y = 2 * x");
        Id line;
        bench.take(add_foot_line(bench.study, bench.table, "sum", "sum(each)", {bench.id("x"), bench.id("y")}, &line));
        QCOMPARE(bench.results->foot(line, bench.id("x")).number(), 6.0);
        QCOMPARE(bench.results->foot(line, bench.id("y")).number(), 12.0);
    }

    void long_work_can_be_stopped() {
        std::vector<double> many(200'000);
        for (std::size_t k = 0; k < many.size(); ++k) {
            many[k] = static_cast<double>((k * 7919) % 100'003);
        }
        Bench bench;
        bench.numbers("x", many);
        const Study slow = *write_column(bench.study, bench.table, "r = sum(abs(x - x[i]))"); // every row over all rows
        std::stop_source stop;
        Progress progress;
        std::jthread stopper([&stop, &progress] {
            while (progress.cells == 0) {
                std::this_thread::yield();
            }
            stop.request_stop();
        });
        QVERIFY(compute(slow, bench.results, stop.get_token(), &progress) == nullptr);
    }

    void a_long_chain_of_columns_is_no_deep_recursion() {
        Bench bench;
        Study study = bench.study;
        study = *count_rows(study, bench.table, "3");
        study.tables.front().edit([&](Table& table) {
            for (int k = 4000; k > 0; --k) { // each needs the one that stands after it
                ColumnDefinition column;
                column.id = Id("chain" + std::to_string(k));
                column.name = "c" + std::to_string(k);
                column.pieces = {{Formula(k == 1 ? "row" : "c" + std::to_string(k - 1) + " + 1"), {}, {}}};
                table.columns.emplace_back(column);
            }
        });
        bench.take(study);
        QCOMPARE(bench.cell("c4000", 1).number(), 4000.0);
    }

    void marks_tell_what_stays_and_what_follows() {
        Bench bench;
        bench.numbers("x", {1}).held("p = 1");
        const std::string formula = "x - mean(x) * p + x[i-1] / x[1] + sum(x[1..i])";
        const auto marks = marks_of(*parse_formula(formula).tree, bench.study, bench.study.table(bench.table));
        std::string shown;
        for (const Mark& mark : marks) {
            shown += formula.substr(mark.span.from, mark.span.to - mark.span.from) +
                     (mark.manner == Manner::stays ? " stays; " : " follows; ");
        }
        QCOMPARE(shown, std::string("x follows; x stays; p stays; x[i-1] follows; x[1] stays; x[1..i] follows; "));
    }

    /// What would take more memory than there is free is a fault that says so, and nothing else is lost by it.
    void memory_is_asked_for_before_it_is_used() {
        Bench bench;
        bench.rows("20000");
        const auto usual = std::exchange(MemoryBudget::available, [] { return 1e6 / 0.6; }); // six columns of the rows
        for (int column = 0; column < 12; ++column) {
            bench.work("c" + std::to_string(column) + " = row + " + std::to_string(column));
        }
        bench.work("x = first 1 then x[i-1] + 1");
        const ResultsPtr all = compute(bench.study); // anew, not one by one
        MemoryBudget::available = usual;
        int refused = 0;
        int sound = 0;
        for (int column = 0; column < 12; ++column) {
            const Value value = all->cell(bench.id("c" + std::to_string(column)), 19999);
            refused += value.is_fault() && value.fault().at().what.text().find("memory") != std::string::npos ? 1 : 0;
            sound += value.plain() ? 1 : 0;
        }
        QCOMPARE(refused + sound, 12);
        QVERIFY(refused >= 5 && sound >= 3);
        QVERIFY(compute(bench.study)->cell(bench.id("c11"), 19999).plain());
    }

    /// Every measure over what `for` names: as over the same values one by one, or a fault.
    void measures_of_bound_values() {
        Bench bench;
        bench.numbers("x", {2, 3, 5});
        std::size_t compared = 0;
        for (const Function& function : catalogue()) {
            const std::string name(function.name);
            if (!function.is_measure()) {
                continue;
            }
            bench.work("bound = " + name + "(k * x for k in 1..4)");
            bench.work("listed = " + name + "((x[i], 2 * x[i], 3 * x[i], 4 * x[i]))");
            const ResultsPtr results = compute(bench.study);
            const Value bound = results->cell(bench.id("bound"), 1);
            const Value listed = results->cell(bench.id("listed"), 1);
            if (bound.plain() && listed.plain()) {
                QVERIFY2(bound == listed, name.c_str());
                ++compared;
            }
        }
        QVERIFY2(compared > 25, qPrintable(QString::number(compared)));
        for (const char* fault : {"rank(k * x for k in 0..3)", "corr(k for k in 1..4)",
                                  "corr(k for k in 1..4, k^2 for k in 1..4)", "quantile(k for k in 1..4)"}) {
            bench.work("bound = " + std::string(fault));
            QVERIFY2(bench.cell("bound", 1).is_fault(), fault);
        }
        QCOMPARE(bench.work("bound = quantile(k * x for k in 1..4, 0.5)").cell("bound", 2).number(), 7.5);
    }

    /// What is counted may have parts that no row changes: against a count by hand, in the own table (where the values
    /// are put in order) and in another with many more rows (where all are counted in one pass).
    void counted_parts_that_no_row_changes() {
        std::vector<double> x;
        for (int row = 0; row < 400; ++row) {
            x.push_back((row * 37) % 101);
        }
        Bench bench;
        bench.numbers("x", x).held("k = 3");
        struct Counted {
            const char* formula;
            std::function<double(double)> value;
        };
        const Counted all[] = {{"x - -8", [](double v) { return v + 8; }},
                               {"2 * k + x", [](double v) { return v + 6; }},
                               {"x * (k + 1) - k^2", [](double v) { return v * 4 - 9; }},
                               {"-x / (1 + k)", [](double v) { return -v / 4; }}};
        int compared = 0;
        Id limits;
        bench.take(add_table(bench.study, "Limits", &limits));
        bench.take(
            add_columns(bench.study, limits, {{"limit", "limit", "", Column::numbers({-20, 0, 7.5, 40, 55, 300})}}));
        for (const Counted& one : all) {
            const std::string formula(one.formula);
            bench.work("below = count(" + formula + " < x[i])").work("place = rank(" + formula + ")");
            bench.take(write_column(bench.study, limits,
                                    "below = count(" + std::string(formula).replace(formula.find('x'), 1, "Data.x") +
                                        " < limit)"));
            const auto below = [&](double limit) {
                return static_cast<double>(
                    std::count_if(x.begin(), x.end(), [&](double v) { return one.value(v) < limit; }));
            };
            for (std::size_t row = 0; row < x.size(); ++row) {
                QCOMPARE(bench.cell("below", row + 1).number(), below(x[row]));
                const double equal = static_cast<double>(std::count(x.begin(), x.end(), x[row]));
                QCOMPARE(bench.cell("place", row + 1).number(), below(one.value(x[row])) + (equal + 1) / 2);
                compared += 2;
            }
            const Table& table = *bench.study.table(limits);
            for (std::size_t row = 0; row < 6; ++row) {
                const double limit = bench.results->cell(table.column_named("limit")->id, row).number();
                QCOMPARE(bench.results->cell(table.column_named("below")->id, row).number(), below(limit));
                ++compared;
            }
        }
        QCOMPARE(compared, 4 * (800 + 6));
    }
};

LEDGEFALL_TEST(TestEngine)
#include "test_engine.moc"
