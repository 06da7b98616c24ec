// Two-way tables: layers over two axes, held against loops over plain arrays that share no code with the engine.

#include "core/engine/workings/working.h"
#include "core/study/edits/edit_grid.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>
#include <functional>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Grid = std::vector<std::vector<double>>; ///< NaN is missing

/// A study with one two-way table, `Grid`, whose axes are called `a` and `b`.
class GridBench {
  public:
    GridBench(const std::string& down, const std::string& across) {
        take(hold(study, Id(), "n = 3"));
        take(hold(study, Id(), "k = 0.25"));
        take(add_two_way_table(study, "Grid", {"a", "", "", down}, {"b", "", "", across}, &table));
    }
    GridBench& take(const Result<Study>& changed) {
        if (!changed) {
            qFatal("refused: %s", changed.refusal().text().c_str());
        }
        study = *changed;
        results = compute(study, results);
        return *this;
    }
    GridBench& layer(const std::string& definition) { return take(write_column(study, table, definition)); }
    Id id(const std::string& name) const { return study.table(table)->column_named(name)->id; }
    std::size_t rows() const { return results->rows((*study.table(table)->axis.column)->id); }
    std::size_t columns() const { return results->rows((*study.table(table)->across->column)->id); }
    Grid cells(const std::string& name) const {
        Grid out(rows(), std::vector<double>(columns()));
        for (std::size_t row = 0; row < rows(); ++row) {
            for (std::size_t column = 0; column < columns(); ++column) {
                const Value value = results->cell(id(name), row * columns() + column);
                out[row][column] = value.plain() ? value.number() : std::nan("");
            }
        }
        return out;
    }
    std::string fault(const std::string& name) const {
        const Results::Entry* entry = results->find(id(name));
        return entry->faults == 0 ? "" : explain(study, *results, entry->first_fault).text();
    }
    Value on_ledge(const std::string& formula) {
        const Result<Study> asked = hold(study, Id(), "asked = " + formula);
        return asked ? compute(*asked)->single(asked->held_named("asked")->id).persistent() : Value::missing();
    }

    Study study;
    Id table;
    ResultsPtr results;
};

/// Missing where an index is past an edge.
double at(const Grid& grid, long row, long column) {
    const bool inside = row >= 0 && column >= 0 && row < static_cast<long>(grid.size()) &&
                        column < static_cast<long>(grid.front().size());
    return inside ? grid[static_cast<std::size_t>(row)][static_cast<std::size_t>(column)] : std::nan("");
}

bool same(const Grid& one, const Grid& other) {
    for (std::size_t row = 0; row < other.size(); ++row) {
        for (std::size_t column = 0; column < other[row].size(); ++column) {
            const double a = one[row][column];
            const double b = other[row][column];
            if (!(std::isnan(a) && std::isnan(b)) && !near(a, b, 1e-12) && std::fabs(a - b) > 1e-12) {
                qWarning("row %zu, column %zu: %.17g for %.17g", row + 1, column + 1, a, b);
                return false;
            }
        }
    }
    return one.size() == other.size();
}

Grid made(std::size_t rows, std::size_t columns, const std::function<double(long, long)>& cell) {
    Grid out(rows, std::vector<double>(columns));
    for (std::size_t row = 0; row < rows; ++row) {
        for (std::size_t column = 0; column < columns; ++column) {
            out[row][column] = cell(static_cast<long>(row), static_cast<long>(column));
        }
    }
    return out;
}

} // namespace

Q_DECLARE_METATYPE(std::function<double(const Grid&, long, long)>) // before it is first used

class TestTwoWay : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void an_axis_in_error_has_no_rows() {
        for (const char* down : {"1..k", "3..1", "1..1/0"}) {
            GridBench bench("1, 2", "1, 2");
            Study study = *hold(Study(), Id(), "k = 0/0");
            Id table;
            const Result<Study> with =
                add_two_way_table(study, "Grid", {"a", "", "", down}, {"b", "", "", "1, 2"}, &table);
            if (!with) {
                continue; // refused beforehand
            }
            study = *write_column(*with, table, "f = 1");
            study = *hold(study, Id(), "s = sum(Grid.f)");
            const ResultsPtr results = compute(study);
            QCOMPARE(results->rows(table), std::size_t{0});
            QVERIFY(results->fault_of_rows(table).has_value());
            QVERIFY(results->single(study.held_named("s")->id).is_fault());
        }
    }

    void values_of_an_axis_are_read_as_they_are_meant() {
        Study study = *hold(Study(), Id(), "k = 3");
        study = *add_table(study, "Data");
        const auto axis = [&](const std::string& values) -> std::string {
            Id table;
            const Result<Study> with =
                add_two_way_table(study, "Grid", {"a", "", "", values}, {"b", "", "", "1, 2"}, &table);
            if (!with) {
                return with.refusal().text();
            }
            const ResultsPtr results = compute(*with);
            const Column* cells = results->column((*with->table(table)->axis.column)->id);
            return kind_name(cells->kind()) + " " + std::to_string(cells->size()) + " " +
                   axis_in_words(*with, with->table(table)->axis);
        };
        QCOMPARE(axis("2024-02-28..2024-03-01"), std::string("date 3 2024-02-28, 2024-02-29, 2024-03-01"));
        QCOMPARE(axis("2024-01-01..2024-01-31 by 10"),
                 std::string("date 4 2024-01-01, 2024-01-11, 2024-01-21, 2024-01-31"));
        QCOMPARE(axis("2024-02-28, 2024-03-01"), std::string("date 2 2024-02-28, 2024-03-01"));
        QCOMPARE(axis("riffle, pool"), std::string("text 2 riffle, pool"));
        QCOMPARE(axis("\"pool\""), std::string("text 1 \"pool\""));
        QVERIFY(axis("nix").find("There is no column called nix") != std::string::npos);
        QVERIFY(axis("1, 2 * k").find("2 * k is a formula") != std::string::npos);
        QCOMPARE(axis("north-west, south"), std::string("text 2 north-west, south"));
        QVERIFY(axis("Data.nix").find("Data has no column called nix") != std::string::npos);
        QVERIFY(axis("Other.x").find("There is no table called Other") != std::string::npos);
        QVERIFY(axis("1, k").find("k is a held value") != std::string::npos);
    }

    void a_formula_is_for_all_cells() {
        GridBench bench("0.03, 0.035 .. 0.06", "6, 12, 18, 24");
        bench.layer("value = 100 * ((1 + a)^b - 1) / a").layer("r = row + 10 * col + 100 * rows + 1000 * cols");
        const double rates[] = {0.03, 0.035, 0.04, 0.045, 0.05, 0.055, 0.06};
        const double years[] = {6, 12, 18, 24};
        QVERIFY(same(bench.cells("value"), made(7, 4, [&](long row, long column) {
                         return 100 * (std::pow(1 + rates[row], years[column]) - 1) / rates[row];
                     })));
        QVERIFY(same(bench.cells("r"), made(7, 4, [](long row, long column) {
                         return static_cast<double>(row + 1 + 10 * (column + 1) + 4700);
                     })));
    }

    void places_mean_what_they_say_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<std::function<double(const Grid&, long, long)>>("by_hand");
        using Hand = std::function<double(const Grid&, long, long)>;
        const auto row = [](const char* formula, Hand hand) { QTest::newRow(formula) << QString(formula) << hand; };
        const auto total = [](const Grid& f, long from_row, long to_row, long from_column, long to_column) {
            double all = 0;
            for (long i = std::max(from_row, 0L); i <= std::min(to_row, static_cast<long>(f.size()) - 1); ++i) {
                for (long j = std::max(from_column, 0L); j <= std::min(to_column, static_cast<long>(f[0].size()) - 1);
                     ++j) {
                    all += std::isnan(at(f, i, j)) ? 0 : at(f, i, j);
                }
            }
            return all;
        };
        constexpr long end = 1000;
        row("f[i-1, j]", [](const Grid& f, long i, long j) { return at(f, i - 1, j); });
        row("f[i, j-1]", [](const Grid& f, long i, long j) { return at(f, i, j - 1); });
        row("f[i, j+1]", [](const Grid& f, long i, long j) { return at(f, i, j + 1); });
        row("f[i-1, j+1]", [](const Grid& f, long i, long j) { return at(f, i - 1, j + 1); });
        row("f[i+1, j-2]", [](const Grid& f, long i, long j) { return at(f, i + 1, j - 2); });
        row("f[i+1, j+1]", [](const Grid& f, long i, long j) { return at(f, i + 1, j + 1); });
        row("f[2, 3]", [](const Grid& f, long, long) { return at(f, 1, 2); });
        row("f[last, j]", [](const Grid& f, long, long j) { return at(f, static_cast<long>(f.size()) - 1, j); });
        row("f[i, last]", [](const Grid& f, long i, long) { return at(f, i, static_cast<long>(f[0].size()) - 1); });
        row("f[i, last - 1]", [](const Grid& f, long i, long) { return at(f, i, static_cast<long>(f[0].size()) - 2); });
        row("f[row, 1]", [](const Grid& f, long i, long) { return at(f, i, 0); });
        row("f[i, j + 100]", [](const Grid&, long, long) { return std::nan(""); });
        row("f[1, cols + 1]", [](const Grid&, long, long) { return std::nan(""); });
        row("f[0, j]", [](const Grid&, long, long) { return std::nan(""); });
        row("sum(f[i, ..])", [=](const Grid& f, long i, long) { return total(f, i, i, 0, end); });
        row("sum(f[.., j])", [=](const Grid& f, long, long j) { return total(f, 0, end, j, j); });
        row("sum(f)", [=](const Grid& f, long, long) { return total(f, 0, end, 0, end); });
        row("sum(f[i, 1..j])", [=](const Grid& f, long i, long j) { return total(f, i, i, 0, j); });
        row("sum(f[1..i, j])", [=](const Grid& f, long i, long j) { return total(f, 0, i, j, j); });
        row("sum(f[1..i, 1..j])", [=](const Grid& f, long i, long j) { return total(f, 0, i, 0, j); });
        row("sum(f[i-1..i+1, j-1..j+1])",
            [=](const Grid& f, long i, long j) { return total(f, i - 1, i + 1, j - 1, j + 1); });
        row("sum(f[.., 2..3])", [=](const Grid& f, long, long) { return total(f, 0, end, 1, 2); });
        row("sum(f[i+1.., j])", [=](const Grid& f, long i, long j) { return total(f, i + 1, end, j, j); });
        row("sum(f[i-1, ..])", [=](const Grid& f, long i, long) { return total(f, i - 1, i - 1, 0, end); });
        row("count(f[i, ..] > f[i, j])", [](const Grid& f, long i, long j) {
            double above = 0;
            for (std::size_t column = 0; column < f[0].size(); ++column) {
                above += at(f, i, static_cast<long>(column)) > at(f, i, j) ? 1 : 0;
            }
            return std::isnan(at(f, i, j)) ? 0 : above;
        });
        row("sum(f[.., j] where b > 2)",
            [=](const Grid& f, long, long j) { return j + 1 > 2 ? total(f, 0, end, j, j) : 0; });
        row("sum(f[i, ..] * b)", [](const Grid& f, long i, long) {
            double all = 0;
            for (std::size_t column = 0; column < f[0].size(); ++column) {
                const double cell = at(f, i, static_cast<long>(column));
                all += std::isnan(cell) ? 0 : cell * static_cast<double>(column + 1);
            }
            return all;
        });
        row("a[i-1] + 100 * b[j+1]", [](const Grid& f, long i, long j) {
            return i == 0 || j + 1 == static_cast<long>(f[0].size()) ? std::nan("")
                                                                     : static_cast<double>(i + 100 * (j + 2));
        });
        row("sum(a) + 100 * max(b) + 10000 * count(b)", [](const Grid& f, long, long) {
            const auto rows = static_cast<double>(f.size());
            const auto columns = static_cast<double>(f[0].size());
            return rows * (rows + 1) / 2 + 100 * columns + 10000 * columns;
        });
    }
    void places_mean_what_they_say() {
        QFETCH(QString, formula);
        using Hand = std::function<double(const Grid&, long, long)>;
        QFETCH(Hand, by_hand);
        for (const auto& [rows, columns] : {std::pair(5, 4), std::pair(1, 6), std::pair(7, 1), std::pair(60, 70)}) {
            GridBench bench("1.." + std::to_string(rows), "1.." + std::to_string(columns));
            bench.layer("f = if (row * 7 + col * 3) mod 11 = 4 then missing else sin(a * 3 + b)");
            bench.layer("g = " + formula.toStdString());
            const Grid f = made(static_cast<std::size_t>(rows), static_cast<std::size_t>(columns), [](long i, long j) {
                return ((i + 1) * 7 + (j + 1) * 3) % 11 == 4 ? std::nan("")
                                                             : std::sin(static_cast<double>((i + 1) * 3 + j + 1));
            });
            QVERIFY2(
                same(bench.cells("g"), made(f.size(), f[0].size(), [&](long i, long j) { return by_hand(f, i, j); })),
                qPrintable(QString::fromStdString(bench.fault("g"))));
        }
    }

    void recurrences_go_row_by_row_and_left_to_right() {
        GridBench bench("1..40", "1..50");
        bench.layer("c = if col = 1 or row = col then 1 else c[i-1, j-1] + c[i-1, j]");
        bench.layer("u = first sin(b) then u[i-1, j] + k * (default(u[i-1, j-1], 0) - 2 * u[i-1, j] + "
                    "default(u[i-1, j+1], 0))");
        bench.layer("p = if col = 1 then a else p[i, j-1] / 2 + default(p[i-1, j], 1)");
        bench.layer("s = 1 + sum(s[i, 1..j-1]) / 3 + sum(s[1..i-1, j]) / 5");
        bench.layer("v = first 1 then v[i-1, j] + w[i-1, j]").layer("w = v * 0.1 + col");
        Grid c(40, std::vector<double>(50));
        Grid u = c;
        Grid p = c;
        Grid s = c;
        Grid v = c;
        Grid w = c;
        const auto or_else = [](double x, double other) { return std::isnan(x) ? other : x; };
        for (long i = 0; i < 40; ++i) {
            for (long j = 0; j < 50; ++j) {
                const auto y = static_cast<std::size_t>(i);
                const auto x = static_cast<std::size_t>(j);
                c[y][x] = j == 0 || i == j ? 1 : at(c, i - 1, j - 1) + at(c, i - 1, j);
                u[y][x] = i == 0 ? std::sin(static_cast<double>(j + 1))
                                 : u[y - 1][x] + 0.25 * (or_else(at(u, i - 1, j - 1), 0) - 2 * u[y - 1][x] +
                                                         or_else(at(u, i - 1, j + 1), 0));
                p[y][x] = j == 0 ? static_cast<double>(i + 1) : p[y][x - 1] / 2 + or_else(at(p, i - 1, j), 1);
                double left = 0;
                double above = 0;
                for (long one = 0; one < j; ++one) {
                    left += at(s, i, one);
                }
                for (long one = 0; one < i; ++one) {
                    above += at(s, one, j);
                }
                s[y][x] = 1 + left / 3 + above / 5;
                v[y][x] = i == 0 ? 1 : v[y - 1][x] + w[y - 1][x];
                w[y][x] = v[y][x] * 0.1 + static_cast<double>(j + 1);
            }
        }
        QVERIFY(same(bench.cells("c"), c));
        QVERIFY(same(bench.cells("u"), u));
        QVERIFY(same(bench.cells("p"), p));
        QVERIFY(same(bench.cells("s"), s));
        QVERIFY(same(bench.cells("v"), v));
        QVERIFY(same(bench.cells("w"), w));
    }

    void what_is_typed_over_a_recurrence_feeds_what_follows() {
        for (const char* formula : {"x = first b then x[i-1, j] + 1", "x = if col = 1 then 1 else x[i, j-1] + 1"}) {
            GridBench bench("1..4", "1..3");
            bench.layer(formula);
            const Grid before = bench.cells("x");
            const Column down = *bench.results->column((*bench.study.table(bench.table)->axis.column)->id);
            const Column across = *bench.results->column((*bench.study.table(bench.table)->across->column)->id);
            bench.take(type_cells(bench.study, bench.id("x"), {1, 1}, down, across, {{"100"}}));
            Grid after = before;
            const bool by_rows = QString(formula).contains("first");
            after[1][1] = 100;
            by_rows ? (after[2][1] = 101, after[3][1] = 102) : (after[1][2] = 101);
            QVERIFY(same(bench.cells("x"), after));
            bench.take(type_cells(bench.study, bench.id("x"), {1, 1}, down, across, {{""}}));
            QVERIFY(same(bench.cells("x"), before));
        }
    }

    void cells_of_other_tables_are_asked_for() {
        GridBench bench("1..n", "2, 4, 8");
        bench.layer("p = a * b");
        QCOMPARE(bench.on_ledge("pick(Grid.p where Grid.a = 3 and Grid.b = 4)").number(), 12.0);
        QCOMPARE(bench.on_ledge("Grid.p[2, 3]").number(), 16.0);
        QCOMPARE(bench.on_ledge("sum(Grid.p[2, ..])").number(), 28.0);
        QCOMPARE(bench.on_ledge("max(Grid.p[.., 2])").number(), 12.0);
        QCOMPARE(bench.on_ledge("sum(Grid.p where Grid.a > 1)").number(), 70.0);
        QCOMPARE(bench.on_ledge("sum(Grid.b)").number(), 14.0);
        QCOMPARE(bench.on_ledge("Grid.b[2]").number(), 4.0);
        QCOMPARE(bench.on_ledge("sum(Grid.p) with n = 4").number(), 140.0);
        bench.take(hold(bench.study, Id(), "n = 5"));
        QCOMPARE(bench.rows(), std::size_t(5));
        QVERIFY(
            same(bench.cells("p"), made(5, 3, [](long i, long j) { return static_cast<double>((i + 1) << (j + 1)); })));
    }

    void categories_make_axes_and_what_is_typed_follows_them() {
        Bench readings;
        readings.texts("site", {"riffle", "pool", "riffle", "weir"}).texts("day", {"Mon", "Tue", "Tue", "Mon"});
        readings.numbers("drift", {10, 20, 30, 44});
        Id table;
        readings.take(add_two_way_table(readings.study, "By", {"place", "", "", "Data.site"},
                                        {"day", "", "", "Data.day"}, &table));
        readings.take(write_column(readings.study, table, "n = count(Data.site = place and Data.day = day)"));
        readings.take(
            write_column(readings.study, table, "m = mean(Data.drift where Data.site = place and Data.day = day)"));
        Id typed;
        readings.take(add_typed_layer(readings.study, table, "Weather", Kind::number, &typed));
        const auto cells = [&](const std::string& name) {
            const Column* column = readings.results->column(readings.study.table(table)->column_named(name)->id);
            std::vector<double> out;
            for (std::size_t row = 0; row < column->size(); ++row) {
                out.push_back(column->at(row).plain() ? column->at(row).number() : -1);
            }
            return out;
        };
        const auto type = [&](std::size_t row, std::size_t column, const char* text) {
            const Table& grid = *readings.study.table(table);
            const Column down = *readings.results->column((*grid.axis.column)->id);
            const Column across = *readings.results->column((*grid.across->column)->id);
            readings.take(type_cells(readings.study, typed, {row, column}, down, across, {{text}}));
        };
        QCOMPARE(cells("n"), (std::vector<double>{1, 1, 0, 1, 1, 0}));
        QCOMPARE(cells("m"), (std::vector<double>{10, 30, -1, 20, 44, -1}));
        type(2, 0, "7"); // weir on Monday
        type(0, 1, "8"); // riffle on Tuesday
        readings.take(set_cells(readings.study, readings.id("site"), 0, {Value::text(Text("weir"))}));
        // weir comes first now, then pool, then riffle
        QCOMPARE(cells("n"), (std::vector<double>{2, 0, 0, 1, 0, 1}));
        QCOMPARE(cells("weather"), (std::vector<double>{7, -1, -1, -1, -1, 8}));
        readings.take(Result<Study>(empty_for_own_data(readings.study)));
        QVERIFY(readings.study.table(table)->column(typed)->overrides->empty());
    }

    void feet_and_sides() {
        GridBench bench("1..3", "1..4");
        bench.layer("f = 10 * a + b");
        Id total;
        Id share;
        bench.take(define_foot_line(bench.study, bench.table, "total = sum(each)", {bench.id("f")}, &total));
        bench.take(define_foot_line(bench.study, bench.table, "twice = 2 * total", {bench.id("f")}, &share));
        const auto values = [&](Id line, bool under) {
            std::vector<double> out;
            const Column* cells = bench.results->column(foot_row_of(line, bench.id("f"), under));
            for (std::size_t at = 0; cells != nullptr && at < cells->size(); ++at) {
                out.push_back(cells->at(at).number());
            }
            return out;
        };
        QCOMPARE(values(total, true), (std::vector<double>{63, 66, 69, 72}));
        QCOMPARE(values(total, false), (std::vector<double>{50, 90, 130}));
        QCOMPARE(bench.results->foot(total, bench.id("f")).number(), 270.0);
        QCOMPARE(values(share, true), (std::vector<double>{126, 132, 138, 144}));
        QCOMPARE(values(share, false), (std::vector<double>{100, 180, 260}));
        QCOMPARE(bench.results->foot(share, bench.id("f")).number(), 540.0);
    }

    void bad_axes_are_told_data() {
        QTest::addColumn<QString>("down");
        QTest::addColumn<QString>("part");
        const char* rows[][2] = {{"1, 2, 1", "1 occurs twice"},
                                 {"1, , 3", "A value is missing"},
                                 {"", "no values yet"},
                                 {"1..10 by -1", "the step must lead"},
                                 {"1..10 by 0", "the step must lead"},
                                 {"1..10000000", "too many for an axis"},
                                 {"3, 3 .. 6", "Two numbers before .."},
                                 {"1, 2, 3 .. 6", "the first two"},
                                 {"1..(", "is not a number of the axis"}};
        for (const auto& row : rows) {
            QTest::newRow(row[0]) << QString(row[0]) << QString(row[1]);
        }
    }
    void bad_axes_are_told() {
        QFETCH(QString, down);
        QFETCH(QString, part);
        const auto made = add_two_way_table(Study(), "Grid", {"a", "", "", down.toStdString()}, {"b", "", "", "1..3"});
        QVERIFY(!made);
        QVERIFY2(QString::fromStdString(made.refusal().text()).contains(part), made.refusal().text().c_str());
    }

    void bad_formulas_are_told_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<QString>("part");
        const char* rows[][2] = {{"f[i-1]", "has two axes"},
                                 {"f[1..i, j]", "only in a measure"},
                                 {"sum(f[1..i])", "both positions"},
                                 {"a[1, 2]", "is an axis"},
                                 {"g[i, j+1]", "in a cycle"},
                                 {"sum(g)", "in a cycle"},
                                 {"sum(f[i, ..]) + sum(f[1..i, j] + f[i, ..])", "must be the same"},
                                 {"f[\"x\", 1]", "a row or column is a number"},
                                 {"Other.z[i, j]", "has one axis"}};
        for (const auto& row : rows) {
            QTest::newRow(row[0]) << QString(row[0]) << QString(row[1]);
        }
    }
    void bad_formulas_are_told() {
        QFETCH(QString, formula);
        QFETCH(QString, part);
        GridBench bench("1..3", "1..4");
        Id other;
        bench.take(add_table(bench.study, "Other", &other));
        bench.take(add_columns(bench.study, other, {{"z", "z", "", Column::numbers({1})}}));
        bench.layer("f = a + b").layer("g = " + formula.toStdString());
        QVERIFY2(QString::fromStdString(bench.fault("g")).contains(part, Qt::CaseInsensitive),
                 bench.fault("g").c_str());
    }

    void a_fault_tells_its_row_and_column() {
        GridBench bench("1..3", "1..4");
        bench.layer("f = 1 / (a - 2 + (b - 3))");
        QCOMPARE(QString::fromStdString(bench.fault("f")), QString("Grid.f, row 1, column 4: division by zero."));
        bench.layer("g = sqrt(2.5 - b)").layer("m = geomean(g[.., j] - 5)");
        QVERIFY2(QString::fromStdString(bench.fault("g")).startsWith("Grid.g, row 1, column 3:"),
                 bench.fault("g").c_str());
    }

    void too_many_cells_are_told() {
        GridBench bench("1..100000", "1..100000");
        bench.layer("f = a + b");
        const Value count = bench.results->single(bench.table);
        QVERIFY(count.is_fault());
        QVERIFY(QString::fromStdString(count.fault().at().what.text()).contains("10000000000 cells"));
        QCOMPARE(bench.results->column(bench.id("f"))->size(), std::size_t(0));
    }

    void workings_are_of_a_cell() {
        GridBench bench("1..3", "1..4");
        bench.layer("f = a * b").layer("g = f / sum(f[i, ..])");
        const auto place = place_of_working(bench.study, *bench.results, "Grid.g[2, 3]");
        QVERIFY(place);
        const auto working = working_of(bench.study, *bench.results, place->definition, place->row);
        QVERIFY(working);
        QCOMPARE(QString::fromStdString(working->what), QString("g[2, 3]"));
        QCOMPARE(QString::fromStdString(working->lines.back()), QString("0.3"));
        QVERIFY2(std::any_of(working->lines.begin(), working->lines.end(),
                             [](const std::string& line) { return line == "6 / 20"; }),
                 working_text(*working).c_str());
    }

    /// What an axis is said to be can be typed again, and makes the same axis; per cent stay per cent.
    void an_axis_is_said_as_it_is_typed() {
        for (const auto& [typed, said] :
             {std::pair("3 %, 3.5 % .. 6 %", "3 %, 3.5 % .. 6 %"), std::pair("1..12", "1..12"),
              std::pair("0..1 by 0.25", "0..1 by 0.25"), std::pair("0.1 %, 0.2 % .. 0.7 %", "0.1 %, 0.2 % .. 0.7 %"),
              std::pair("pool, weir", "pool, weir")}) {
            const Result<Study> study =
                add_two_way_table(Study(), "Grid", {"rate", "", "", typed}, {"b", "", "", "1..2"});
            QVERIFY2(study, typed);
            const Axis& axis = study->tables.front()->axis;
            const std::string words = axis_in_words(*study, axis);
            QCOMPARE(QString::fromStdString(words), QString::fromUtf8(said));
            const Result<WrittenAxis> again = written_axis("rate = " + words);
            QVERIFY(again);
            const Result<Study> other = add_two_way_table(Study(), "Grid", *again, {"b", "", "", "1..2"});
            QVERIFY(other);
            const Column was = *compute(*study)->column((*axis.column)->id);
            const Column is = *compute(*other)->column((*other->tables.front()->axis.column)->id);
            QVERIFY2(was == is, words.c_str());
        }
    }

    /// A number in place of cells past the edges and of missing ones, in grids of any width, against the same by `if`.
    void a_number_stands_for_cells_past_the_edges() {
        for (const char* columns : {"1..1", "1..2", "1..3", "1..17", "1..18", "1..40", "1..2100"}) {
            GridBench bench("1..5", columns);
            bench.layer("f = if (row + col) mod 7 = 3 then missing else row * 10 + col / 8");
            bench.layer("g = default(f[i-1, j-1], 2) + 10 * default(f[i, j+2], -1) + 100 * default(f[i+1, j], 0.5)");
            bench.layer("p = f[i-1, j-1]").layer("q = f[i, j+2]").layer("r = f[i+1, j]");
            bench.layer("h = (if is_missing(p) then 2 else p) + 10 * (if is_missing(q) then -1 else q) + 100 * (if "
                        "is_missing(r) then 0.5 else r)");
            QVERIFY2(same(bench.cells("g"), bench.cells("h")), columns);
            bench.layer("u = first col then default(u[i-1, j-1], 3) - default(u[i-1, j+1], 4) + u[i-1, j] / 2");
            bench.layer("v = first col then (if col = 1 then 3 else v[i-1, j-1]) - (if col = cols then 4 else v[i-1, "
                        "j+1]) + v[i-1, j] / 2");
            QVERIFY2(same(bench.cells("u"), bench.cells("v")), columns);
            bench.layer("s = sum(default(f[i, j-1], 5))");
            bench.layer("k = default(1 / (f[i, j-1] - f[i, j-1]), 7)"); // a fault is no gap
            QVERIFY(bench.results->cell(bench.id("k"), std::string(columns) == "1..1" ? 0 : 1).is_fault() ==
                    (std::string(columns) != "1..1"));
        }
    }

    void the_axes_change_places() {
        GridBench bench("1..3", "1..4");
        bench.layer("f = 10 * a + b").layer("g = f[i-1, j] + sum(f[.., j]) / row + col + rows * 100");
        bench.layer("h = f[row, cols] + f[i, last] + a[i-1] * (if 1 <= row < 3 then 2 else b[j])");
        bench.take(hold(bench.study, Id(), "one = Grid.f[2, 3] + sum(Grid.f[1, ..])"));
        const Value held_before = bench.results->single(bench.study.held_named("one")->id);
        const Grid before = bench.cells("g");
        const Grid before_h = bench.cells("h");
        bench.take(transpose(bench.study, bench.table));
        const Grid after = bench.cells("g");
        QCOMPARE(after.size(), std::size_t(4));
        QVERIFY(same(after, made(4, 3, [&](long i, long j) { return at(before, j, i); })));
        QCOMPARE(bench.study.table(bench.table)->column_named("g")->pieces.front().formula.text(),
                 std::string("f[i, j-1] + sum(f[i, ..]) / col + row + cols * 100"));
        QCOMPARE(bench.study.table(bench.table)->column_named("h")->pieces.front().formula.text(),
                 std::string("f[rows, col] + f[last, j] + a[j-1] * (if 1 <= col < 3 then 2 else b[i])"));
        QVERIFY(same(bench.cells("h"), made(4, 3, [&](long i, long j) { return at(before_h, j, i); })));
        QCOMPARE(bench.study.held_named("one")->formula.text(), std::string("Grid.f[3, 2] + sum(Grid.f[.., 1])"));
        QCOMPARE(bench.results->single(bench.study.held_named("one")->id).number(), held_before.number());
    }

    /// What goes on from row to row goes on from column to column, where nothing at its right is needed.
    void what_goes_on_from_row_to_row_is_turned() {
        GridBench bench("1..5", "1..4");
        bench.layer("f = first 100 * b then f[i-1, j] * (1 + b / 100)");
        bench.layer("g = first b; 2 * b then g[i-1, j] + default(g[i-2, j-1], 0) * f");
        const Grid f = bench.cells("f");
        const Grid g = bench.cells("g");
        bench.take(transpose(bench.study, bench.table));
        QVERIFY(same(bench.cells("f"), made(4, 5, [&](long i, long j) { return at(f, j, i); })));
        QVERIFY(same(bench.cells("g"), made(4, 5, [&](long i, long j) { return at(g, j, i); })));
        QCOMPARE(
            bench.study.table(bench.table)->column_named("g")->pieces.front().formula.text(),
            std::string("if col = 1 then b else if col = 2 then 2 * b else g[i, j-1] + default(g[i-1, j-2], 0) * f"));
        bench.take(transpose(bench.study, bench.table)); // and back
        QVERIFY(same(bench.cells("g"), g));
        bench.layer("u = first b then u[i-1, j] + u[i-1, j+1]");
        const Result<Study> refused = transpose(bench.study, bench.table);
        QVERIFY(!refused && refused.refusal().text().find("needs cells to its right") != std::string::npos);
    }

    void a_changed_axis_keeps_what_was_typed() {
        GridBench bench("riffle, pool, weir", "1..2");
        Id counts;
        bench.take(add_typed_layer(bench.study, bench.table, "Counts", Kind::number, &counts));
        const auto axes = [&](bool across) {
            const Table& table = *bench.study.table(bench.table);
            return *bench.results->column(across ? (*table.across->column)->id : (*table.axis.column)->id);
        };
        bench.take(
            type_cells(bench.study, counts, {0, 0}, axes(false), axes(true), {{"1", "2"}, {"3", "4"}, {"5", "6"}}));
        bench.take(rewrite_axis(bench.study, bench.table, false, {"a", "", "", "weir, outlet, riffle"}));
        const double none = std::nan("");
        QVERIFY(same(bench.cells("counts"), Grid{{5, 6}, {none, none}, {1, 2}}));
        bench.take(rewrite_axis(bench.study, bench.table, true, {"b", "", "", "1..3"}));
        QVERIFY(same(bench.cells("counts"), Grid{{5, 6, none}, {none, none, none}, {1, 2, none}}));
    }

    void walks_of_edits_come_to_what_the_study_means() {
        for (unsigned seed = 1; seed <= 6; ++seed) {
            std::mt19937 random(seed);
            const auto one_of = [&random](const std::vector<std::string>& all) { return all[random() % all.size()]; };
            GridBench bench("1..n", "riffle, pool, weir");
            bench.layer("f = if b = \"pool\" then k * a else a").layer("g = f + default(f[i-1, j], 0)");
            bench.layer("c = if col = 1 or row = 1 then f else c[i-1, j-1] + f[i, j-1]");
            bench.take(define_foot_line(bench.study, bench.table, "total = sum(each)", {bench.id("f"), bench.id("g")}));
            for (int step = 0; step < 60; ++step) {
                const Column down = *bench.results->column((*bench.study.table(bench.table)->axis.column)->id);
                const Column across = *bench.results->column((*bench.study.table(bench.table)->across->column)->id);
                const auto any = [&](const Result<Study>& next) { next ? bench.take(next) : bench; };
                switch (random() % 7) {
                case 0:
                    any(hold(bench.study, Id(), "n = " + one_of({"2", "3", "5"})));
                    break;
                case 1:
                    any(hold(bench.study, Id(), "k = " + one_of({"0.25", "4", "7"})));
                    break;
                case 2:
                    any(type_cells(bench.study, bench.id(one_of({"f", "g", "c"})),
                                   {random() % down.size(), random() % across.size()}, down, across,
                                   {{one_of({"9", "", "2.5"})}}));
                    break;
                case 3:
                    any(rewrite_axis(
                        bench.study, bench.table, random() % 2 == 0,
                        {one_of({"a", "b"}), "", "", one_of({"1..n", "weir, pool", "pool, weir, outlet", "4, 2"})}));
                    break;
                case 4:
                    any(transpose(bench.study, bench.table));
                    break;
                case 5:
                    any(write_column(bench.study, bench.table,
                                     one_of({"g = f / sum(f[i, ..])", "g = f * 2 + col", "g = sum(f[1..i, j])"})));
                    break;
                default:
                    any(hold(bench.study, Id(),
                             "far = " + one_of({"sum(Grid.g)", "Grid.f[2, 1]", "max(Grid.c[.., 1])"})));
                    break;
                }
                const ResultsPtr afresh = compute(bench.study);
                for (const auto& layer : bench.study.table(bench.table)->columns) {
                    QVERIFY2(*bench.results->column(layer->id) == *afresh->column(layer->id),
                             qPrintable(QStringLiteral("seed %1, step %2").arg(seed).arg(step)));
                    for (const bool under : {true, false}) {
                        const Id foot = foot_row_of(bench.study.table(bench.table)->foot.front()->id, layer->id, under);
                        const Column* now = bench.results->column(foot);
                        QVERIFY((now == nullptr) == (afresh->column(foot) == nullptr));
                        QVERIFY(now == nullptr || *now == *afresh->column(foot));
                    }
                }
                QCOMPARE(bench.results->rows(bench.table), afresh->rows(bench.table));
                const HeldValue* far = bench.study.held_named("far");
                QVERIFY(far == nullptr || bench.results->single(far->id) == afresh->single(far->id) ||
                        bench.results->single(far->id).is_fault());
            }
        }
    }
};

LEDGEFALL_TEST(TestTwoWay)
#include "test_two_way.moc"
