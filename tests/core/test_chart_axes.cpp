// Error bars, logarithmic and second axes, charts of some rows only.

#include "core/charts/chart_figures.h"
#include "core/charts/proposed_chart.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

Chart chart_of(const Bench& bench, SeriesForm form, const char* x, const char* y) {
    Chart chart;
    chart.table = bench.table;
    Series series;
    series.form = form;
    series.x = bench.id(x);
    series.y = bench.id(y);
    chart.series.push_back(series);
    return chart;
}

ChartFigures drawn(Bench& bench, const Chart& chart) {
    Id id;
    bench.take(add_chart(bench.study, chart, &id));
    return chart_figures(bench.study, *bench.results, *bench.study.chart(id));
}

} // namespace

class TestChartAxes : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void error_bars_come_from_a_column_or_a_mean() {
        Bench bench;
        bench.numbers("k", {1, 2}).numbers("half", {0.5, std::nan("")});
        Id data;
        bench.study = *add_table(bench.study, "Raw", &data);
        bench.study = *add_columns(bench.study, data,
                                   {{"g", "g", "",
                                     Column::of(Kind::number, {Value::number(1), Value::number(1), Value::number(1),
                                                               Value::number(2), Value::number(2)})},
                                    {"t", "t", "",
                                     Column::of(Kind::number, {Value::number(3), Value::number(5), Value::number(10),
                                                               Value::number(4), Value::number(8)})}});
        bench.work("avg = mean(Raw.t where Raw.g = k)");
        Chart chart = chart_of(bench, SeriesForm::points, "k", "avg");
        chart.series[0].error = bench.id("half");
        ChartFigures figures = drawn(bench, chart);
        QCOMPARE(figures.series[0].error[0], 0.5);
        QVERIFY(std::isnan(figures.series[0].error[1]));
        chart.series[0].error = Id();
        chart.series[0].standard_error = true;
        figures = drawn(bench, chart);
        QVERIFY(near(figures.series[0].error[0], std::sqrt(13.0 / 3))); // sd² = 13 of 3, 5, 10
        QVERIFY(near(figures.series[0].error[1], 2.0));                 // sd² = 8 of 4, 8
        chart.series[0].y = bench.id("k");
        figures = drawn(bench, chart);
        QCOMPARE(figures.missing.size(), std::size_t{1}); // k is no mean
        QVERIFY(figures.series[0].error.empty());
    }

    void a_logarithmic_axis_leaves_out_what_is_not_above_zero() {
        Bench bench;
        bench.numbers("x", {1, 10, 100, 1000}).numbers("y", {0, -3, 5, 50});
        Chart chart = chart_of(bench, SeriesForm::line, "x", "y");
        chart.x.logarithmic = chart.y.logarithmic = true;
        chart.equal_scales = true;
        const ChartFigures figures = drawn(bench, chart);
        QVERIFY(figures.x.logarithmic && figures.y.logarithmic && !figures.equal_scales);
        QCOMPARE(figures.series[0].x, (std::vector<double>{100, 1000}));
        QCOMPARE(figures.series[0].left_out, std::size_t{2});
        Chart bars = chart_of(bench, SeriesForm::bars, "x", "y");
        bars.y.logarithmic = true;
        const ChartFigures even = drawn(bench, bars);
        QVERIFY(!even.y.logarithmic); // bars stand on zero
        QCOMPARE(even.missing.size(), std::size_t{1});
        chart.x.from = Formula("0");
        QVERIFY(!drawn(bench, chart).missing.empty());
    }

    void the_second_axis_has_its_own_title_and_ends() {
        Bench bench;
        bench.numbers("t", {0, 1, 2}).numbers("speed", {1, 2, 3}).numbers("depth", {100, 300, 200});
        bench.take(head_column(bench.study, bench.id("speed"), {"", "m/s", ""}));
        bench.take(head_column(bench.study, bench.id("depth"), {"", "cm", ""}));
        Chart chart = chart_of(bench, SeriesForm::line, "t", "speed");
        chart.series.push_back(chart.series.front());
        chart.series[1].y = bench.id("depth");
        QVERIFY(drawn(bench, chart).y.title.empty()); // two units on one axis have no common name
        chart.series[1].second_axis = true;
        chart.second.to = Formula("400");
        const ChartFigures figures = drawn(bench, chart);
        QCOMPARE(figures.y.title, std::string("speed (m/s)"));
        QCOMPARE(figures.second.title, std::string("depth (cm)"));
        QCOMPARE(*figures.second.to, 400.0);
        QVERIFY(figures.series[1].second_axis && !figures.series[0].second_axis);
    }

    void only_the_chosen_rows_are_drawn_wherever_they_stand() {
        Bench bench;
        bench.numbers("x", {5, 1, 4, 2, 3}).numbers("y", {50, 10, 40, 20, 30});
        Chart chart = chart_of(bench, SeriesForm::points, "x", "y");
        const Axis& axis = bench.study.table(bench.table)->axis;
        chart.rows = {{axis.id_at(1), axis.id_at(2)}};
        Id id;
        bench.take(add_chart(bench.study, chart, &id));
        const auto ys = [&] { return chart_figures(bench.study, *bench.results, *bench.study.chart(id)).series[0].y; };
        QCOMPARE(ys(), (std::vector<double>{10, 40}));
        bench.take(sort_rows(bench.study, bench.table, *bench.results->column(bench.id("x")), true));
        QCOMPARE(ys(), (std::vector<double>{40, 10})); // the same rows in their new order
        bench.take(remove_rows(bench.study, bench.table, 1, 1));
        QCOMPARE(ys(), (std::vector<double>{10}));
        bench.take(insert_rows(bench.study, bench.table, 0, 2));
        QCOMPARE(ys(), (std::vector<double>{10}));
    }

    void equal_scales_and_titles_are_proposed_from_what_is_drawn() {
        Bench bench;
        bench.numbers("x", {0, 1, 2}).numbers("y", {2, 3, 1}).numbers("z", {7, 8, 9});
        const auto proposed = [&](const std::vector<Id>& columns) {
            return *proposed_chart(bench.study, *bench.results, bench.table, columns);
        };
        QVERIFY(!proposed({bench.id("x"), bench.id("y")}).equal_scales); // they have no unit
        for (const char* name : {"x", "y"}) {
            bench.take(head_column(bench.study, bench.id(name), {"", "m", ""}));
        }
        QVERIFY(proposed({bench.id("x"), bench.id("y")}).equal_scales);
        for (const char* name : {"x", "y"}) {
            bench.take(head_column(bench.study, bench.id(name), {"", "s", ""}));
        }
        QVERIFY(!proposed({bench.id("x"), bench.id("y")}).equal_scales); // time over time
        QCOMPARE(proposed({bench.id("x"), bench.id("y"), bench.id("z")}).label, std::string("y, z over x"));
    }

    /// A way whose x turn back, about as wide as it is high, keeps its shape; a course in time does not.
    void a_path_without_units_keeps_its_shape() {
        Bench bench;
        bench.rows("40").work("t = row / 5").work("x = 3 * cos(t)").work("y = 2 * sin(t)").work("flat = 0.1 * sin(t)");
        const auto proposed = [&](const char* x, const char* y) {
            return *proposed_chart(bench.study, *bench.results, bench.table, {bench.id(x), bench.id(y)});
        };
        QVERIFY(proposed("x", "y").equal_scales);
        QCOMPARE(proposed("x", "y").label, std::string("y over x"));
        QVERIFY(!proposed("t", "y").equal_scales);    // its x only rise
        QVERIFY(!proposed("x", "flat").equal_scales); // thirty times as wide as high
    }
};

LEDGEFALL_TEST(TestChartAxes)
#include "test_chart_axes.moc"
