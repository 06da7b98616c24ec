// Charts of two axes as numbers: families of lines, stacked bars, heat maps, contour lines.

#include "core/charts/chart_figures.h"
#include "core/charts/proposed_chart.h"
#include "core/study/edits/edit_grid.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

struct Drawn {
    Study study;
    Id table;
    ResultsPtr results;

    Drawn(const std::string& down, const std::string& across, const std::string& layer) {
        study = *add_two_way_table(Study(), "Grid", {"a", "", "", down}, {"b", "", "", across}, &table);
        study = *write_column(study, table, layer);
        results = compute(study);
    }
    ChartFigures figures(SeriesForm form, bool along_down = false) const {
        const Table& grid = *study.table(table);
        Chart chart;
        chart.table = table;
        Series series;
        series.form = form;
        series.x = (*(along_down ? grid.axis : *grid.across).column)->id;
        series.y = grid.columns.front()->id;
        chart.series = {series};
        return chart_figures(study, *results, chart);
    }
};

} // namespace

class TestGridCharts : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_layer_is_a_family_of_lines() {
        const Drawn drawn("1..3", "2, 4, 8, 16", "p = a * b");
        const ChartFigures rows = drawn.figures(SeriesForm::line);
        QCOMPARE(rows.series.size(), std::size_t(3));
        QCOMPARE(rows.series[1].x, (std::vector<double>{2, 4, 8, 16}));
        QCOMPARE(rows.series[1].y, (std::vector<double>{4, 8, 16, 32}));
        QCOMPARE(rows.series[1].family->value.number(), 2.0);
        QCOMPARE(rows.series[1].family->along, 0.5);
        QCOMPARE(rows.x.title, std::string("b"));
        const ChartFigures columns = drawn.figures(SeriesForm::line, true);
        QCOMPARE(columns.series.size(), std::size_t(4));
        QCOMPARE(columns.series[3].x, (std::vector<double>{1, 2, 3}));
        QCOMPARE(columns.series[3].y, (std::vector<double>{16, 32, 48}));
        QCOMPARE(columns.x.title, std::string("a"));
    }

    void too_many_lines_are_told() {
        const Drawn drawn("1..61", "1..3", "p = a * b");
        const ChartFigures figures = drawn.figures(SeriesForm::line);
        QVERIFY(figures.empty());
        QVERIFY(QString::fromStdString(figures.missing.front().text()).contains("61 lines"));
        QCOMPARE(drawn.figures(SeriesForm::line, true).series.size(), std::size_t(3));
    }

    void bars_stand_on_one_another() {
        const Drawn drawn("1..3", "x, y", "p = if a = 3 then -2 else a * (if b = \"x\" then 1 else 3)");
        const ChartFigures bars = drawn.figures(SeriesForm::bars);
        QCOMPARE(bars.series.size(), std::size_t(3));
        QCOMPARE(bars.x.names.size(), std::size_t(2));
        const ChartFigures stacked = drawn.figures(SeriesForm::stacked);
        QCOMPARE(stacked.series[1].base, (std::vector<double>{1, 3}));
        QCOMPARE(stacked.series[1].y, (std::vector<double>{3, 9}));
        QCOMPARE(stacked.series[2].base, (std::vector<double>{0, 0})); // what is below zero hangs from it
        QCOMPARE(stacked.series[2].y, (std::vector<double>{-2, -2}));
        const Drawn shares("1..3", "x, y", "p = a * (if b = \"x\" then 1 else 3)");
        const ChartFigures hundred = shares.figures(SeriesForm::stacked_shares);
        QCOMPARE(hundred.series.back().y, (std::vector<double>{1, 1}));
        QVERIFY(near(hundred.series[0].y[0], 1.0 / 6));
    }

    void a_heat_map_has_the_cells_and_their_places() {
        const Drawn drawn("1..3", "2, 4, 8", "p = if a = 2 and b = 4 then missing else a * b");
        const ChartFigures figures = drawn.figures(SeriesForm::heat);
        QCOMPARE(figures.series.size(), std::size_t(1));
        const GridFigures& grid = *figures.series.front().grid;
        QCOMPARE(grid.columns, (std::vector<double>{2, 4, 8}));
        QCOMPARE(grid.rows, (std::vector<double>{1, 2, 3}));
        QCOMPARE(grid.least, 2.0);
        QCOMPARE(grid.greatest, 24.0);
        QVERIFY(std::isnan(grid.cells[4]));
        QCOMPARE(figures.series.front().left_out, std::size_t(1));
        QCOMPARE(figures.series.front().x, (std::vector<double>{1, 10}));
        QCOMPARE(figures.x.title, std::string("b"));
        QCOMPARE(figures.y.title, std::string("a"));
        const Drawn falling("3, 1", "1..3", "p = a * b");
        QVERIFY(falling.figures(SeriesForm::heat).empty());
    }

    void contours_of_a_plane_lie_on_it() {
        const Drawn drawn("0..10", "0..20", "p = 3 * a + 2 * b");
        const ChartFigures figures = drawn.figures(SeriesForm::contours);
        const GridFigures& grid = *figures.series.front().grid;
        const std::vector<double> levels = contour_levels(grid);
        QCOMPARE(levels, (std::vector<double>{10, 20, 30, 40, 50, 60}));
        for (const double level : levels) {
            const std::vector<ContourSegment> parts = contour_segments(grid, level);
            QVERIFY(!parts.empty());
            for (const ContourSegment& part : parts) {
                for (const auto& [x, y] : {part.from, part.to}) {
                    QVERIFY(near(3 * y + 2 * x, level, 1e-12));
                }
            }
        }
    }

    void contours_of_a_hill_are_closed() {
        const Drawn drawn("-6..6", "-6..6", "p = exp(-(a^2 + b^2) / 12)");
        const GridFigures grid = *drawn.figures(SeriesForm::contours).series.front().grid;
        std::map<std::pair<long, long>, int> ends; // each end of a closed line is met by two of its parts
        for (const ContourSegment& part : contour_segments(grid, 0.5)) {
            for (const auto& [x, y] : {part.from, part.to}) {
                ++ends[{std::lround(x * 1e9), std::lround(y * 1e9)}];
            }
        }
        QVERIFY(!ends.empty());
        for (const auto& [end, count] : ends) {
            QCOMPARE(count, 2);
        }
    }

    void what_fits_is_proposed() {
        const auto form = [](const Drawn& drawn) {
            const Result<Chart> chart = proposed_chart(drawn.study, *drawn.results, drawn.table, {});
            return chart ? chart->series.front().form : SeriesForm::boxes;
        };
        QCOMPARE(form(Drawn("1..4", "1..5", "p = a * b")), SeriesForm::joined);
        QCOMPARE(form(Drawn("1..4", "1..50", "p = a * b")), SeriesForm::line);
        QCOMPARE(form(Drawn("1..40", "1..50", "p = a * b")), SeriesForm::heat);
        QCOMPARE(form(Drawn("1..4", "riffle, pool", "p = a")), SeriesForm::bars);
    }
};

LEDGEFALL_TEST(TestGridCharts)
#include "test_grid_charts.moc"
