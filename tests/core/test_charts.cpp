// What charts draw, as numbers; the edits of charts; and which chart is proposed for which columns.

#include "core/charts/chart_figures.h"
#include "core/charts/proposed_chart.h"
#include "core/engine/planning/plan.h"
#include "core/stats/classing.h"
#include "core/study/builders/frequency.h"
#include "harness/test_program.h"
#include "working.h"

#include <numeric>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// Adds a chart to a bench and gives what it draws.
ChartFigures drawn(Bench& bench, Chart chart, Id* added = nullptr) {
    Id id;
    chart.table = chart.table.empty() ? bench.table : chart.table;
    bench.take(add_chart(bench.study, std::move(chart), &id));
    if (added != nullptr) {
        *added = id;
    }
    return chart_figures(bench.study, *bench.results, *bench.study.chart(id));
}

Chart of(SeriesForm form, Id x, Id y) {
    Chart chart;
    chart.series.push_back({form, x, y, false, false, ""});
    return chart;
}

Reference reference(Reference::Form form, const std::vector<std::string>& numbers) {
    Reference result{form, {}, ""};
    for (const std::string& number : numbers) {
        result.numbers.emplace_back(number);
    }
    return result;
}

QString description_of(const ChartFigures& figures) {
    QStringList all;
    for (const Sentence& one : figures.missing) {
        all << QString::fromStdString(one.text());
    }
    return all.join(QLatin1Char('\n'));
}

struct Classed {
    Bench bench;
    Id table;
    Id column(const std::string& name) const { return bench.study.table(table)->column_named(name)->id; }
    Id axis() const { return (*bench.study.table(table)->axis.column)->id; }
};

Classed classed(const std::vector<double>& limits) {
    Classed classed_table;
    classed_table.bench.numbers("x", {1, 2, 3, 12, 14, 15, 16, 25, 28, 55});
    Classes classes;
    classes.boundaries = limits;
    FrequencyParts parts;
    parts.density = true;
    classed_table.bench.take(
        frequency_table(classed_table.bench.study, classed_table.bench.id("x"), classes, parts, &classed_table.table));
    return classed_table;
}

} // namespace

class TestCharts : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void dots_stand_on_one_another_over_equal_values() {
        Bench bench;
        bench.numbers("x", {3, 1, 3, std::nan(""), 2, 3});
        const ChartFigures figures = drawn(bench, of(SeriesForm::dots, Id(), bench.id("x")));
        const SeriesFigures& dots = figures.series.front();
        QCOMPARE(dots.x, (std::vector<double>{3, 1, 3, 2, 3}));
        QCOMPARE(dots.y, (std::vector<double>{1, 1, 2, 1, 3}));
        QCOMPARE(dots.rows, (std::vector<std::uint32_t>{0, 1, 2, 4, 5}));
        QCOMPARE(dots.left_out, std::size_t{1});
        QCOMPARE(figures.x.title, std::string("x"));
        Bench many;
        std::vector<double> values;
        for (int at = 0; at < 1000; ++at) {
            values.push_back(at * 0.001);
        }
        many.numbers("x", values);
        const ChartFigures near = drawn(many, of(SeriesForm::dots, Id(), many.id("x")));
        QVERIFY(*std::max_element(near.series.front().y.begin(), near.series.front().y.end()) >=
                19); // in some fifty stacks
        Bench none;
        none.numbers("x", {std::nan("")});
        QVERIFY(drawn(none, of(SeriesForm::dots, Id(), none.id("x"))).empty());
    }

    void points_leave_out_what_has_no_number() {
        Bench bench;
        bench.numbers("x", {1, 2, std::nan(""), 4}).numbers("y", {5, std::nan(""), 7, 8}).work("z = 1 / (x - 4)");
        const ChartFigures figures = drawn(bench, of(SeriesForm::points, bench.id("x"), bench.id("y")));
        QCOMPARE(figures.series[0].x, std::vector<double>({1, 4}));
        QCOMPARE(figures.series[0].rows, std::vector<std::uint32_t>({0, 3}));
        QCOMPARE(figures.series[0].left_out, std::size_t{2});
        QVERIFY(figures.missing.empty());
        QCOMPARE(figures.x.title, std::string("x"));
        QVERIFY(figures.y.whole);
        const ChartFigures by_row = drawn(bench, of(SeriesForm::points, Id(), bench.id("z")));
        QCOMPARE(by_row.series[0].x, std::vector<double>({1, 2})); // missing, and the division by zero
    }

    void a_histogram_stands_on_true_limits() {
        Classed classed_table = classed({0, 10, 20, 60});
        Chart chart = of(SeriesForm::histogram, classed_table.axis(), classed_table.column("f"));
        chart.table = classed_table.table;
        const ChartFigures counts = drawn(classed_table.bench, chart);
        QCOMPARE(counts.series[0].limits, std::vector<double>({0, 10, 20, 60}));
        QCOMPARE(counts.series[0].y, std::vector<double>({0.3, 0.4, 0.075})); // the widths differ
        QCOMPARE(counts.y.title, std::string("density: Count per unit of width"));
        Classed equal = classed({0, 20, 40, 60});
        Chart plain = of(SeriesForm::histogram, equal.axis(), equal.column("f"));
        plain.table = equal.table;
        QCOMPARE(drawn(equal.bench, plain).series[0].y, std::vector<double>({7, 2, 1}));
        plain.series[0].per_width = true;
        QCOMPARE(drawn(equal.bench, plain).series[0].y[0], 7.0 / 20);
        QCOMPARE(counts.x.ticks, std::vector<double>({0, 10, 20, 60}));
        QCOMPARE(counts.x.title, std::string("x")); // of the column that is counted
        double area = 0;
        for (std::size_t at = 0; at < 3; ++at) {
            area += counts.series[0].y[at] * (counts.series[0].limits[at + 1] - counts.series[0].limits[at]);
        }
        QVERIFY(near(area, 10, 1e-14)); // areas add up to all values
        chart.series = {
            {SeriesForm::histogram, classed_table.axis(), classed_table.column("density"), false, false, ""}};
        const ChartFigures density = drawn(classed_table.bench, chart);
        QVERIFY(near(density.series[0].y[2], 3.0 / 10 / 40, 1e-14));
        QVERIFY(description_of(drawn(classed_table.bench, of(SeriesForm::histogram, classed_table.bench.id("x"),
                                                             classed_table.bench.id("x"))))
                    .contains(QStringLiteral("needs classes")));
    }

    void polygon_and_cumulative_curve() {
        Classed classed_table = classed({0, 10, 20, 30, 60});
        Chart chart = of(SeriesForm::polygon, classed_table.axis(), classed_table.column("f"));
        chart.table = classed_table.table;
        const ChartFigures polygon = drawn(classed_table.bench, chart);
        QCOMPARE(polygon.series[0].x, std::vector<double>({-5, 5, 15, 25, 45, 75}));
        QCOMPARE(polygon.series[0].y, std::vector<double>({0, 0.3, 0.4, 0.2, 1.0 / 30, 0}));
        QCOMPARE(polygon.series[0].rows.front(), no_row);
        chart.series[0] = {SeriesForm::cumulative, classed_table.axis(), classed_table.column("cum"), false, false, ""};
        const ChartFigures curve = drawn(classed_table.bench, chart);
        QCOMPARE(curve.series[0].x, std::vector<double>({0, 10, 20, 30, 60}));
        QCOMPARE(curve.series[0].y, std::vector<double>({0, 3, 7, 9, 10}));
        QCOMPARE(*read_off(curve.series[0].x, curve.series[0].y, 5), 15.0); // the median: two of four into 10 to 20
        QCOMPARE(*read_off(curve.series[0].x, curve.series[0].y, 10), 60.0);
        QVERIFY(!read_off(curve.series[0].x, curve.series[0].y, 11));
        const Table& table = *classed_table.bench.study.table(classed_table.table);
        for (const auto& [name, reached] :
             {std::pair("grouped_q1", 2.5), {"grouped_median", 5.0}, {"grouped_q3", 7.5}}) {
            const auto held = std::find_if(table.ledge.begin(), table.ledge.end(),
                                           [name = name](const auto& one) { return one->name == name; });
            QCOMPARE(*read_off(curve.series[0].x, curve.series[0].y, reached),
                     classed_table.bench.results->single((*held)->id).number());
        }
    }

    void open_classes_are_left_out_but_counted_in_the_curve() {
        Bench bench;
        bench.numbers("x", {1, 2, 12, 25});
        Classes classes;
        classes.boundaries = {10, 20, 30};
        classes.open_below = true;
        Id table;
        bench.take(frequency_table(bench.study, bench.id("x"), classes, {}, &table));
        const Table& result = *bench.study.table(table);
        Chart chart = of(SeriesForm::cumulative, (*result.axis.column)->id, result.column_named("cum")->id);
        chart.table = table;
        const ChartFigures curve = drawn(bench, chart);
        QCOMPARE(curve.series[0].y, std::vector<double>({2, 3, 4}));
        QCOMPARE(curve.series[0].left_out, std::size_t{1});
    }

    void boxes_have_five_numbers_and_what_lies_beyond() {
        Bench bench;
        bench.numbers("t", {1, 2, 3, 4, 5, 30, 7, 7, std::nan("")})
            .texts("site", {"a", "a", "a", "a", "a", "a", "b", "b", "b"});
        const ChartFigures figures = drawn(bench, of(SeriesForm::boxes, bench.id("site"), bench.id("t")));
        QCOMPARE(figures.series[0].boxes.size(), std::size_t{2});
        const Box& first = figures.series[0].boxes[0];
        QCOMPARE(first.count, std::size_t{6});
        QCOMPARE(first.q1, bench.number("quantile(t where site = \"a\", 0.25)"));
        QCOMPARE(first.median, bench.number("median(t where site = \"a\")"));
        QCOMPARE(first.q3, bench.number("quantile(t where site = \"a\", 0.75)"));
        QCOMPARE(first.beyond, std::vector<double>({30}));
        QCOMPARE(first.beyond_rows, std::vector<std::uint32_t>({5}));
        QCOMPARE(first.high_whisker, 5.0);
        QCOMPARE(first.greatest, 30.0);
        const Box& second = figures.series[0].boxes[1]; // all equal
        QCOMPARE(second.q1, 7.0);
        QCOMPARE(second.high_whisker, 7.0);
        QVERIFY(second.beyond.empty());
        QCOMPARE(figures.series[0].left_out, std::size_t{1});
    }

    void a_fitted_line_is_the_regression_line() {
        Bench bench;
        bench.numbers("x", {1, 2, 3, 4, 7}).numbers("y", {2, 4.5, 5.5, 8, 3});
        Chart chart = of(SeriesForm::points, bench.id("x"), bench.id("y"));
        chart.series[0].fit = true;
        const ChartFigures figures = drawn(bench, chart);
        QVERIFY(near(figures.series[0].fit->slope, bench.number("slope(y, x)"), 1e-13));
        QVERIFY(near(figures.series[0].fit->intercept, bench.number("intercept(y, x)"), 1e-13));
        QVERIFY(near(figures.series[0].fit->corr, bench.number("corr(x, y)"), 1e-13));
        Bench one;
        one.numbers("x", {3, 3}).numbers("y", {1, 2});
        chart.series[0].x = one.id("x");
        chart.series[0].y = one.id("y");
        QVERIFY(description_of(drawn(one, chart)).contains(QStringLiteral("no fitted line")));
    }

    void names_stand_side_by_side_across_all_series() {
        Bench bench;
        bench.texts("group", {"mayfly", "caddis", "leech"}).numbers("pool", {3, 1, 2}).numbers("weir", {5, 0, 1});
        Chart chart = of(SeriesForm::bars, bench.id("group"), bench.id("pool"));
        chart.series.push_back({SeriesForm::bars, bench.id("group"), bench.id("weir"), false, false, ""});
        const ChartFigures figures = drawn(bench, chart);
        QCOMPARE(figures.x.names.size(), std::size_t{3});
        QCOMPARE(figures.series[1].x, std::vector<double>({0, 1, 2}));
        bench.texts("again", {"a", "a", "b"});
        QVERIFY(description_of(drawn(bench, of(SeriesForm::bars, bench.id("again"), bench.id("pool"))))
                    .contains(QStringLiteral("more than once")));
        chart.series.push_back({SeriesForm::points, Id(), bench.id("weir"), false, false, ""});
        QVERIFY(description_of(drawn(bench, chart)).contains(QStringLiteral("some use names")));
    }

    void numbers_beside_it_are_formulas_and_follow() {
        Bench bench;
        bench.numbers("x", {1, 2, 3}).numbers("y", {4, 5, 9}).held("r = 0.5");
        Chart chart = of(SeriesForm::points, bench.id("x"), bench.id("y"));
        chart.references = {reference(Reference::Form::across, {"mean(y)"}),
                            reference(Reference::Form::circle, {"2", "5", "2 * r"}),
                            reference(Reference::Form::range_upright, {"min(x)", "1 / 0"})};
        chart.y.from = Formula("min(y) - 1");
        Id id;
        const ChartFigures figures = drawn(bench, chart, &id);
        QCOMPARE(figures.references.size(), std::size_t{2}); // the third has no number, and says so
        QCOMPARE(figures.references[0].numbers, std::vector<double>({6}));
        QCOMPARE(figures.references[1].numbers, std::vector<double>({2, 5, 1}));
        QCOMPARE(*figures.y.from, 3.0);
        QVERIFY(description_of(figures).contains(QStringLiteral("division by zero")));
        bench.take(give_held(bench.study, bench.study.held_named("r")->id, Value::number(3)));
        QCOMPARE(chart_figures(bench.study, *bench.results, *bench.study.chart(id)).references[1].numbers[2], 6.0);
        bench.take(rename_column(bench.study, bench.id("y"), "height")); // formulas of charts are rewritten too
        QCOMPARE(bench.study.chart(id)->references[0].numbers[0].text(), std::string("mean(height)"));
        QVERIFY(!remove_held(bench.study, bench.study.held_named("r")->id)); // the chart uses it
    }

    void charts_of_nothing_say_what_is_missing() {
        Bench bench;
        bench.texts("t", {"a"}).numbers("gap", {std::nan("")}).work("bad = gap + nothing");
        QVERIFY(description_of(drawn(bench, Chart())).contains(QStringLiteral("nothing to draw")));
        QVERIFY(description_of(drawn(bench, of(SeriesForm::points, Id(), bench.id("t"))))
                    .contains(QStringLiteral("not numbers")));
        QVERIFY(description_of(drawn(bench, of(SeriesForm::points, Id(), bench.id("gap"))))
                    .contains(QStringLiteral("no numbers")));
        QVERIFY(description_of(drawn(bench, of(SeriesForm::points, Id(), bench.id("bad"))))
                    .contains(QStringLiteral("nothing")));
        Bench empty;
        empty.numbers("x", {});
        QVERIFY(description_of(drawn(empty, of(SeriesForm::points, Id(), empty.id("x"))))
                    .contains(QStringLiteral("no rows yet")));
        Chart turned = of(SeriesForm::points, Id(), bench.id("gap"));
        turned.x.from = Formula("5");
        turned.x.to = Formula("2");
        QVERIFY(description_of(drawn(bench, turned)).contains(QStringLiteral("must be larger")));
    }

    void infinities_and_huge_numbers_are_left_out_or_kept() {
        Bench bench;
        const double infinity = std::numeric_limits<double>::infinity();
        bench.column("x", Column::numbers({1, infinity, 1e300, -1e300}));
        const ChartFigures figures = drawn(bench, of(SeriesForm::points, Id(), bench.id("x")));
        QCOMPARE(figures.series[0].y, std::vector<double>({1, 1e300, -1e300}));
        QCOMPARE(figures.series[0].left_out, std::size_t{1});
    }

    void edits_of_charts() {
        Bench bench;
        bench.numbers("x", {1, 2}).numbers("y", {3, 4});
        Id id;
        drawn(bench, of(SeriesForm::points, bench.id("x"), bench.id("y")), &id);
        Chart broken = *bench.study.chart(id);
        broken.references = {reference(Reference::Form::across, {"1 +"})};
        QVERIFY(!rewrite_chart(bench.study, broken));
        broken.references = {reference(Reference::Form::across, {""})};
        QVERIFY(!rewrite_chart(bench.study, broken));
        const Study before = bench.study;
        bench.take(remove_column(bench.study, bench.id("x"), IfUsed::remove_anyway));
        QVERIFY(bench.study.chart(id)->series[0].x.empty()); // then by row
        bench.take(remove_column(bench.study, bench.id("y"), IfUsed::remove_anyway));
        QVERIFY(bench.study.chart(id)->series.empty());
        bench.take(remove_chart(before, id));
        QVERIFY(bench.study.charts.empty());
        QVERIFY(!remove_chart(bench.study, id));
    }

    void other_classes_keep_formulas_and_charts() {
        Classed classed_table = classed({0, 10, 20, 60});
        Chart chart = of(SeriesForm::histogram, classed_table.axis(), classed_table.column("f"));
        chart.table = classed_table.table;
        Id id;
        drawn(classed_table.bench, chart, &id);
        Classes wider;
        wider.boundaries = {0, 30, 60};
        classed_table.bench.take(reclass(classed_table.bench.study, classed_table.table, wider));
        const ChartFigures figures = chart_figures(classed_table.bench.study, *classed_table.bench.results,
                                                   *classed_table.bench.study.chart(id));
        QCOMPARE(figures.series[0].y, std::vector<double>({9, 1}));
        QCOMPARE(counted_column(classed_table.bench.study, *classed_table.bench.study.table(classed_table.table)),
                 classed_table.bench.id("x"));
        wider.boundaries = {0, 0};
        QVERIFY(!reclass(classed_table.bench.study, classed_table.table, wider));
        QVERIFY(!reclass(classed_table.bench.study, classed_table.bench.table, wider));
        classed_table.bench.take(count_rows(classed_table.bench.study, classed_table.table,
                                            "3")); // the classes are gone, and with them the x
        QVERIFY(classed_table.bench.study.chart(id)->series[0].x.empty());
    }

    void the_likeliest_chart_is_proposed() {
        const auto form = [](const Bench& bench, Id table, const std::vector<Id>& columns) {
            const auto proposal = proposed_chart(bench.study, *bench.results, table, columns);
            return proposal ? static_cast<int>(proposal->series.front().form) : -1;
        };
        Classed classed_table = classed({0, 10, 20, 60});
        QCOMPARE(form(classed_table.bench, classed_table.table, {classed_table.column("f")}),
                 static_cast<int>(SeriesForm::histogram));
        QCOMPARE(form(classed_table.bench, classed_table.table, {classed_table.column("cum_rel")}),
                 static_cast<int>(SeriesForm::cumulative));
        QCOMPARE(
            form(classed_table.bench, classed_table.table, {classed_table.column("f"), classed_table.column("rel")}),
            static_cast<int>(SeriesForm::polygon));
        Bench bench;
        bench.texts("site", {"a", "b", "a"})
            .texts("kind", {"p", "q", "r"})
            .numbers("x", {1, 3, 2})
            .numbers("y", {4, 5, 6});
        QCOMPARE(form(bench, bench.table, {bench.id("site"), bench.id("y")}), static_cast<int>(SeriesForm::boxes));
        QCOMPARE(form(bench, bench.table, {bench.id("kind"), bench.id("y")}), static_cast<int>(SeriesForm::bars));
        QCOMPARE(form(bench, bench.table, {bench.id("x"), bench.id("y")}), static_cast<int>(SeriesForm::points));
        QCOMPARE(form(bench, bench.table, {bench.id("kind")}), -1);
        Bench path;
        path.rows("50").work("t = row / 10").work("x = cos(t)").work("y = sin(t)");
        QCOMPARE(form(path, path.table, {path.id("x"), path.id("y")}), static_cast<int>(SeriesForm::line));
    }
};

LEDGEFALL_TEST(TestCharts)
#include "test_charts.moc"
