// The language beyond single tables of numbers: distributions, classes, groups, held functions, early stops, draws.

#include "core/engine/binding/hints.h"
#include "core/study/model/fault_explanation.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const double gap = std::nan("");

std::string said(const Bench& bench, const std::string& formula) {
    const Value value = bench.value(formula);
    return value.is_fault() ? value.fault().at().what.text() : "no fault";
}

} // namespace

class TestLanguage : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_distribution_can_be_held_and_asked() {
        Bench bench;
        bench.held("n = 12").held("p = 0.35").held("D = binomial(n, p)").rows("n + 1");
        bench.work("k = row - 1").work("chance = P(D = k)").work("upto = P(D <= k)");
        QVERIFY(near(bench.number("sum(chance)"), 1.0, 1e-14));
        QVERIFY(near(bench.cell("upto", 5).number(), 0.5833450504889478));
        QCOMPARE(write_cell(bench.value("D")), std::string("binomial(12, 0.35)"));
        bench.held("p = 0.5");
        QCOMPARE(bench.cell("chance", 7).number(), 0.2255859375);
        bench.work("own = P(binomial(n, k / n) = k)");
        QCOMPARE(bench.cell("own", 1).number(), 1.0);
        QCOMPARE(bench.cell("own", 7).number(), 0.2255859375);
        bench.work("both = if k < 6 then D else poisson(k)");
        QVERIFY(near(bench.number("mean(both[13])"), 12.0));
        QCOMPARE(bench.number("quantile(both[1], 0.5)"), 6.0);
    }

    void events_of_every_form() {
        const Bench bench;
        const double four = bench.number("P(binomial(12, 0.35) = 4)");
        QCOMPARE(bench.number("P(4 = binomial(12, 0.35))"), four);
        QCOMPARE(bench.number("P(4 <= binomial(12, 0.35) <= 4)"), four);
        QCOMPARE(bench.number("P(3 < binomial(12, 0.35) < 5)"), four);
        QCOMPARE(bench.number("P(binomial(12, 0.35) in (4, 4.5, 99))"), four);
        QCOMPARE(bench.number("P(binomial(12, 0.35) > 3.5 and not binomial(12, 0.35) > 4.2)"), four);
        QCOMPARE(bench.number("P(binomial(12, 0.35) < 4 and binomial(12, 0.35) > 4)"), 0.0);
        QCOMPARE(bench.number("P(binomial(12, 0.35) <= 4 or binomial(12, 0.35) > 4)"), 1.0);
        QCOMPARE(bench.number("P(normal(0, 1) = 0)"), 0.0);
        QVERIFY(near(bench.number("P(normal(0, 1) ≠ 0)"), 1.0));
        QVERIFY(near(bench.number("P(-1 < normal(0, 1) <= 1)"), 0.68268949213708589, 1e-15));
        Bench with_gap;
        with_gap.numbers("x", {1, gap}).work("chance = P(normal(0, 1) < x)");
        QVERIFY(with_gap.cell("chance", 2).is_missing());
    }

    void edges_of_distributions() {
        const Bench bench;
        QCOMPARE(bench.number("P(binomial(0, 0.5) = 0)"), 1.0);
        QCOMPARE(bench.number("P(binomial(5, 0) = 0)"), 1.0);
        QCOMPARE(bench.number("P(binomial(5, 1) >= 5)"), 1.0);
        QCOMPARE(bench.number("P(poisson(0) = 0)"), 1.0);
        QCOMPARE(bench.number("P(poisson(0) > 0)"), 0.0);
        QCOMPARE(bench.number("P(geometric(1) = 0)"), 1.0);
        QCOMPARE(bench.number("P(binomial(5, 0.5) = 2.5)"), 0.0);
        QCOMPARE(bench.number("P(binomial(5, 0.5) < -1)"), 0.0);
        QCOMPARE(bench.number("P(hypergeometric(0, 0, 0) = 0)"), 1.0);
        QCOMPARE(bench.number("P(hypergeometric(9, 9, 4) = 4)"), 1.0);
        QCOMPARE(bench.number("P(hypergeometric(9, 0, 4) <= 0)"), 1.0);
        QCOMPARE(bench.number("P(hypergeometric(9, 7, 4) < 2)"), 0.0);
        QCOMPARE(bench.number("quantile(binomial(5, 0.5), 0)"), 0.0);
        QCOMPARE(bench.number("quantile(binomial(5, 0.5), 1)"), 5.0);
        QCOMPARE(bench.number("var(hypergeometric(1, 1, 1))"), 0.0);
        for (const char* faulty :
             {"P(normal(0, 0) < 1)", "P(binomial(2.5, 0.5) = 1)", "P(binomial(5, 1.5) = 1)", "P(poisson(-1) = 0)",
              "quantile(normal(0, 1), 1)", "quantile(normal(0, 1), -0.1)", "mean(student_t(1))", "var(student_t(2))",
              "var(f_dist(3, 4))", "sd(hypergeometric(5, 6, 2))", "density(chi_squared(1), 0)", "uniform(3, 3)"}) {
            QCOMPARE(bench.cause(faulty), Cause::out_of_domain);
        }
        // A quantile is where the distribution first reaches p, of any p and family.
        for (const char* family : {"binomial(40, 0.3)", "poisson(7.5)", "geometric(0.15)", "hypergeometric(60, 20, 15)",
                                   "negative_binomial(3, 0.3)"}) {
            for (const char* p : {"0.001", "0.25", "0.5", "0.9", "0.999999"}) {
                const std::string of(family);
                const double k = bench.number("quantile(" + of + ", " + p + ")");
                const std::string at = std::to_string(k);
                QVERIFY(bench.number("P(" + of + " <= " + at + ")") >= std::stod(p));
                QVERIFY(bench.number("P(" + of + " < " + at + ")") < std::stod(p));
            }
        }
    }

    void what_is_no_event_is_told() {
        Bench bench;
        bench.numbers("x", {1, 2});
        QVERIFY(said(bench, "P(x > 1)").find("distribution") != std::string::npos);
        QVERIFY(said(bench, "P(x)").find("share") != std::string::npos);
        QVERIFY(said(bench, "P(normal(0, 1) < 1 and normal(0, 2) < 1)").find("two") != std::string::npos);
        QVERIFY(said(bench, "P(normal(0, 1) < \"a\")").find("numbers") != std::string::npos);
        QVERIFY(said(bench, "P(normal(0, 1) > 9 | normal(0, 1) < -99)").find("probability 0") != std::string::npos);
        QVERIFY(said(bench, "normal(0, 1) + 1").find("a distribution") != std::string::npos);
        QVERIFY(said(bench, "density(3, 1)").find("a number") != std::string::npos);
    }

    void draws_are_repeatable_and_follow_their_distribution() {
        Bench bench;
        bench.rows("20000")
            .work("z = draw(normal(10, 2))")
            .work("k = draw(binomial(12, 0.35))")
            .work("w = draw(normal(10, 2))");
        const std::vector<double> before = bench.cells("z");
        QVERIFY(near(bench.number("mean(z)"), 10, 0.01));
        QVERIFY(near(bench.number("sd(z)"), 2, 0.02));
        QVERIFY(std::fabs(bench.number("corr(z, w)")) < 0.03);
        QVERIFY(std::fabs(bench.number("cov(z[1..19999], z[1..19999] - 1)")) > 1);
        QVERIFY(near(bench.number("share(k = 4)"), 0.2367, 0.05));
        QVERIFY(bench.number("min(k)") >= 0 && bench.number("max(k)") <= 12);
        bench.work("other = 1");
        QCOMPARE(bench.cells("z"), before);
        QCOMPARE(compute(bench.study)->cell(bench.id("z"), 77).number(), before[77]);
        const Study again = draw_again(bench.study);
        bench.take(again);
        QVERIFY(bench.cells("z") != before);
        // Within a bound sum every step is a draw of its own.
        QVERIFY(bench.number("distinct(draw(uniform(0, 1)) for k in 1..50)") == 50);
    }

    void held_functions() {
        Bench bench;
        bench.numbers("r", {1, 2, 4}).held("G = 8").held("force(r) = G / r^2").work("f = force(r)");
        QCOMPARE(bench.cells("f"), (std::vector<double>{8, 2, 0.5}));
        QCOMPARE(bench.number("force(2) + force(4)"), 2.5);
        bench.held("G = 16");
        QCOMPARE(bench.cell("f", 1).number(), 16.0);
        bench.held("force(r) = G / r");
        QCOMPARE(bench.cell("f", 2).number(), 8.0);
        bench.held("double(a, b) = force(a) + b").work("g = double(r, 1)");
        QCOMPARE(bench.cell("g", 3).number(), 5.0);
        // Its parameter is its own, whatever else is called so; its names are those of the ledge.
        bench.held("q = 100").held("shifted(q) = q + 1");
        QCOMPARE(bench.number("shifted(1)"), 2.0);
        QCOMPARE(bench.number("sum(force(r))"), 28.0);
        QCOMPARE(bench.number("sum(shifted(k) for k in 1..3)"), 9.0);
        QVERIFY(said(bench, "force(1, 2)").find("force(r)") != std::string::npos);
        QVERIFY(said(bench, "force").find("force(r)") != std::string::npos);
        bench.held("loop(a) = loop(a) + 1");
        QCOMPARE(bench.cause("loop(1)"), Cause::cycle);
    }

    void a_held_function_is_renamed_with_its_calls() {
        Bench bench;
        bench.numbers("r", {1, 2}).held("force(r) = 8 / r").work("f = force(r) * 2");
        bench.take(rehold(bench.study, bench.id("force"), "pull(d) = 8 / d"));
        QCOMPARE(bench.study.table(bench.table)->column_named("f")->pieces.front().formula.text(),
                 std::string("pull(r) * 2"));
        QCOMPARE(bench.cell("f", 2).number(), 8.0);
        QCOMPARE(users_of(bench.study, bench.id("pull")), std::vector<std::string>{"Data.f"});
        QVERIFY(!hold(bench.study, Id(), "twice(a, a) = a"));
    }

    void groups_stand_for_their_columns() {
        Bench bench;
        bench.numbers("t1", {1, 2}).numbers("t2", {3, 4}).numbers("t3", {5, gap}).numbers("other", {9, 9});
        Id group;
        const auto ids = std::vector<Id>{bench.id("t1"), bench.id("t2"), bench.id("t3")};
        bench.take(group_columns(bench.study, bench.table, "Trials", ids, &group));
        const std::string name = bench.study.table(bench.table)->groups.front()->name;
        bench.work("m = mean(" + name + "[i])").work("all = mean(" + name + ")");
        QCOMPARE(bench.cells("m"), (std::vector<double>{3, 3}));
        QCOMPARE(bench.cell("all", 1).number(), 3.0);
        QCOMPARE(bench.number("sum(" + name + " where other = 9)"), 15.0);
        QCOMPARE(bench.number("sum((t1, t2) where t1 > 1)"), 6.0);
        QCOMPARE(bench.number("max(t1 .. t3 where t1 > 1)"), 4.0);
        QVERIFY(said(bench, name).find("group") != std::string::npos);
        bench.take(rename_group(bench.study, group, "Drifts"));
        QCOMPARE(bench.study.table(bench.table)->column_named("m")->pieces.front().formula.text(),
                 std::string("mean(Drifts[i])"));
        QCOMPARE(bench.cell("m", 1).number(), 3.0);
        QVERIFY(!ungroup(bench.study, group));
        QVERIFY(!group_columns(bench.study, bench.table, "Apart", {bench.id("t1"), bench.id("other")}));
        QVERIFY(!remove_column(bench.study, bench.id("t2")));
    }

    void one_definition_is_spread_over_columns() {
        Bench bench;
        bench.numbers("riffle", {1, 3}).numbers("pool", {2, 2});
        std::vector<Id> written;
        bench.take(write_for_each(bench.study, bench.table, "share [%] = each / sum(each)",
                                  {bench.id("riffle"), bench.id("pool")}, &written));
        QCOMPARE(written.size(), std::size_t{2});
        QCOMPARE(bench.cells("share_riffle"), (std::vector<double>{0.25, 0.75}));
        QCOMPARE(bench.cells("share_pool"), (std::vector<double>{0.5, 0.5}));
        QCOMPARE(bench.study.table(bench.table)->column_named("share_pool")->unit, std::string("%"));
    }

    void classes_are_rows_and_one_formula_counts_them() {
        Bench bench;
        bench.numbers("size", {10, 19.9, 20, 25, 30, 41, 5, gap});
        Id classes;
        bench.take(add_table(bench.study, "Classes", &classes));
        bench.take(class_rows(bench.study, classes, "class", {{10, 20, 30, 40}, true, true, true}));
        bench.take(write_column(bench.study, classes, "f = count(Data.size in class)"));
        const Id f = bench.study.table(classes)->column_named("f")->id;
        const auto counts = [&] {
            std::vector<double> match;
            for (std::size_t row = 0; row < bench.results->rows(classes); ++row) {
                match.push_back(bench.results->cell(f, row).number());
            }
            return match;
        };
        QCOMPARE(counts(), (std::vector<double>{1, 2, 2, 1, 1}));
        bench.take(class_rows(bench.study, classes, "bin", {{10, 20, 30}, false, false, false}));
        bench.take(write_column(bench.study, classes, "f = count(Data.size in bin)"));
        QCOMPARE(counts(), (std::vector<double>{2, 2}));
        bench.take(write_column(bench.study, classes, "m = mid(bin) + lower(bin) / upper(bin)"));
        QCOMPARE(bench.results->cell(bench.study.table(classes)->column_named("m")->id, 0).number(), 15.5);
        QVERIFY(!class_rows(bench.study, classes, "bad", {{1, 1}, true, false, false}));
        QCOMPARE(write_cell(bench.results->cell((*bench.study.table(classes)->axis.column)->id, 0)),
                 std::string("(10, 20]"));
        QCOMPARE(bench.cause("upper(interval(5, 2))"), Cause::out_of_domain);
    }

    void counts_of_classes_agree_with_counting_row_by_row() {
        Bench bench;
        bench.rows("5000").work("x = draw(normal(0, 1))").work("y = if row mod 7 = 0 then missing else round(x, 1)");
        Id classes;
        bench.take(add_table(bench.study, "Classes", &classes));
        bench.take(count_rows(bench.study, classes, "60"));
        bench.take(write_column(bench.study, classes, "low = (row - 31) / 10"));
        bench.take(write_column(bench.study, classes, "f = count(low <= Data.y < low + 0.1)"));
        bench.take(write_column(bench.study, classes, "g = sum(if low <= Data.y < low + 0.1 then 1 else 0)"));
        bench.take(write_column(bench.study, classes, "h = count(Data.y = low)"));
        bench.take(write_column(bench.study, classes, "k = sum(if Data.y = low then 1 else 0)"));
        const Table& table = *bench.study.table(classes);
        for (const auto& [a, b] : {std::pair{"f", "g"}, std::pair{"h", "k"}}) {
            for (std::size_t row = 0; row < 60; ++row) {
                QCOMPARE(bench.results->cell(table.column_named(a)->id, row).number(),
                         bench.results->cell(table.column_named(b)->id, row).number());
            }
        }
    }

    void a_counted_table_stops_early() {
        Bench bench;
        bench.rows("1000")
            .work("t = (row - 1) * 0.5")
            .work("r = first 100 then r[i-1] * 0.9")
            .work("share = r / sum(r)");
        bench.take(stop_rows(bench.study, bench.table, "r < 50"));
        QCOMPARE(bench.results->rows(bench.table), std::size_t{8});
        QVERIFY(bench.cell("r", 7).number() >= 50 && bench.cell("r", 8).number() < 50);
        QVERIFY(near(bench.number("sum(share)"), 1.0));
        QCOMPARE(bench.number("count(t)"), 8.0);
        bench.held("limit = 80");
        bench.take(stop_rows(bench.study, bench.table, "r < limit"));
        QCOMPARE(bench.results->rows(bench.table), std::size_t{4});
        bench.held("limit = 0");
        QCOMPARE(bench.results->rows(bench.table), std::size_t{1000});
        bench.held("limit = 200");
        QCOMPARE(bench.results->rows(bench.table), std::size_t{1});
        // Columns without a recurrence can decide as well, and an earlier row is no ring.
        bench.take(stop_rows(bench.study, bench.table, "t > 3 and t[i-1] > 2"));
        QCOMPARE(bench.results->rows(bench.table), std::size_t{8});
    }

    void a_stop_may_use_the_tables_own_held_values() {
        Bench bench;
        bench.rows("1000").work("t = row / 4");
        bench.take(hold(bench.study, bench.table, "w = 2")).take(hold(bench.study, bench.table, "turn = 6 / w"));
        bench.take(stop_rows(bench.study, bench.table, "t >= turn"));
        QCOMPARE(bench.results->rows(bench.table), std::size_t{12});
        QCOMPARE(bench.number("rows"), 12.0);
        bench.take(hold(bench.study, bench.table, "turn = max(t)")); // which needs the row on which it stops
        QVERIFY(bench.number("w") == 2 && bench.value("turn").is_fault());
        QCOMPARE(bench.results->rows(bench.table), std::size_t{0});
    }

    void what_a_stop_must_not_use() {
        Bench bench;
        bench.rows("10").work("x = row").work("part = x / sum(x)").work("left = rows - row");
        for (const char* until : {"part > 0.1", "left < 3", "sum(x) > 3", "x[last] > 2", "x[i+1] > 4"}) {
            bench.take(stop_rows(bench.study, bench.table, until));
            const Value value = bench.results->single(DefinitionId::stop(bench.table));
            QVERIFY2(value.is_fault(), until);
        }
        bench.take(stop_rows(bench.study, bench.table, "x"));
        QVERIFY(bench.results->single(DefinitionId::stop(bench.table)).is_fault());
        bench.take(stop_rows(bench.study, bench.table, "1 / (x - 4) < 0 and no"));
        QCOMPARE(bench.results->rows(bench.table), std::size_t{4});
        QVERIFY(!stop_rows(bench.study, bench.table, "x <"));
    }

    void one_row_is_picked() {
        Bench bench;
        bench.texts("site", {"riffle", "pool", "weir"}).numbers("rate", {1.5, 2.5, gap});
        QCOMPARE(bench.number("pick(rate where site = \"pool\")"), 2.5);
        QVERIFY(bench.value("pick(rate where site = \"weir\")").is_missing());
        QVERIFY(bench.value("pick(rate where site = \"bank\")").is_missing());
        QCOMPARE(bench.cause("pick(rate where site ≠ \"bank\")"), Cause::several_rows);
        QCOMPARE(write_cell(bench.value("pick(site where rate > 2)")), std::string("pool"));
    }

    void ranks_share_their_ties() {
        Bench bench;
        bench.numbers("x", {30, 10, 20, 20, gap}).texts("site", {"a", "b", "a", "b", "a"});
        bench.work("place = rank(x)").work("inside = rank(x where site = \"a\")").work("falling = rank(-x)");
        QCOMPARE(bench.cell("place", 1).number(), 4.0);
        QCOMPARE(bench.cell("place", 3).number(), 2.5);
        QVERIFY(bench.cell("place", 5).is_missing());
        QCOMPARE(bench.cell("inside", 1).number(), 2.0);
        QCOMPARE(bench.cell("falling", 1).number(), 1.0);
        QVERIFY(said(bench, "rank(x)").find("row") != std::string::npos);
    }

    void between_the_rows() {
        Bench bench;
        bench.numbers("depth", {0, 2, 1, 4}).numbers("time", {0, 20, 5, gap});
        QCOMPARE(bench.number("interpolate(depth, time, 1.5)"), 12.5);
        QCOMPARE(bench.number("interpolate(depth, time, 2)"), 20.0);
        QCOMPARE(bench.cause("interpolate(depth, time, 3)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("interpolate(depth, time, -1)"), Cause::out_of_domain);
        bench.work("at = interpolate(depth, time, depth / 2)");
        QCOMPARE(bench.cells("at"), (std::vector<double>{0, 5, 2.5, 20}));
    }

    void units_and_the_day() {
        Bench bench;
        QCOMPARE(bench.number("convert(20, \"°C\", \"degF\")"), 68.0);
        QCOMPARE(bench.number("convert(36, \"km/h\", \"m/s\")"), 10.0);
        QCOMPARE(bench.number("convert(3, \"µg\", \"kg\")"), 3e-9);
        QVERIFY(said(bench, "convert(1, \"mm\", \"s\")").find("mm cannot be converted to s") == 0);
        QVERIFY(said(bench, "convert(1, \"mm\", \"pebble\")").find("pebble is not a known unit") == 0);
        bench.texts("unit", {"cm", "s"}).work("mm = convert(2, unit, \"mm\")");
        QCOMPARE(bench.cell("mm", 1).number(), 20.0);
        QVERIFY(bench.cell("mm", 2).is_fault());
        bench.study.settings.as_of = 20600;
        QCOMPARE(write_cell(bench.value("today()")), std::string("2026-05-27"));
        bench.study.settings.as_of.reset();
        QVERIFY(bench.number("days(date(2026, 1, 1), today())") > 0);
    }

    void a_step_within_a_measure_carries_a_hint() {
        Bench bench;
        bench.numbers("x", {1, 2, 4});
        const auto hinted = [&](const char* text) {
            return hint_for(*parse_formula(text).tree, bench.study, bench.study.table(bench.table)).has_value();
        };
        QVERIFY(hinted("mean(abs(x - x[i-1]))"));
        QVERIFY(hinted("sum(x[i+1] / x)"));
        QVERIFY(!hinted("mean(x - x[1])"));
        QVERIFY(!hinted("count(x < x[i])"));
        QVERIFY(!hinted("abs(x - x[i-1])"));
        QVERIFY(!hinted("x - x[i-1] + mean(x)"));
    }

    void settings_are_followed() {
        Bench bench;
        bench.numbers("x", {1, 2, 3, 4}).held("q = 1").work("low = quantile(x, 0.25)");
        QCOMPARE(bench.cell("low", 1).number(), 1.75);
        Study study = bench.study;
        study.settings.quantile_type = 6;
        bench.take(study);
        QCOMPARE(bench.cell("low", 1).number(), 1.25);
    }

    void nothing_takes_for_ever() {
        const Bench bench;
        QCOMPARE(bench.cause("sum(sum(k * j for j in 1..100000) for k in 1..1000000)"), Cause::too_large);
        QCOMPARE(bench.cause("sum(k for k in 1..1e12)"), Cause::too_large);
        QCOMPARE(bench.cause("factorial(10^6)"), Cause::too_large);
        QVERIFY(!bench.cause("P(hypergeometric(4000000000, 2000000000, 1000000000) > 500000000)"));
    }

  private:
};

LEDGEFALL_TEST(TestLanguage)
#include "test_language.moc"
