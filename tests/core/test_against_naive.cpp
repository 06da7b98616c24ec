// Thousands of random formulas over random columns with gaps: the engine, with its blocks, preludes, running ranges and
// sequences, beside a walk over the tree for every cell.

#include "harness/test_program.h"
#include "naive.h"
#include "working.h"

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// Writes random formulas of numbers and conditions.
class Writer {
  public:
    explicit Writer(unsigned seed)
        : engine_(seed) {}

    std::size_t pick(std::size_t count) { return std::uniform_int_distribution<std::size_t>(0, count - 1)(engine_); }

    std::string number(int depth, bool in_measure = false) {
        if (depth == 0) {
            return leaf(in_measure);
        }
        switch (pick(in_measure ? 7 : 11)) {
        case 0:
            return leaf(in_measure);
        case 1:
            return "(" + number(depth - 1, in_measure) + " + " + number(depth - 1, in_measure) + ")";
        case 2:
            return "(" + number(depth - 1, in_measure) + " - " + number(depth - 1, in_measure) + ")";
        case 3:
            return number(depth - 1, in_measure) + " * " + leaf(in_measure);
        case 4:
            return "(" + number(depth - 1, in_measure) + " / " + leaf(in_measure) + ")";
        case 5:
            return function(depth, in_measure);
        case 6:
            return "(if " + condition(depth - 1, in_measure) + " then " + number(depth - 1, in_measure) + " else " +
                   number(depth - 1, in_measure) + ")";
        default:
            return measure(depth);
        }
    }

    std::string condition(int depth, bool in_measure = false) {
        static const char* signs[] = {" < ", " <= ", " > ", " = ", " != "};
        if (depth > 0 && pick(4) == 0) {
            return "(" + condition(depth - 1, in_measure) + (pick(2) == 0 ? " and " : " or ") +
                   condition(depth - 1, in_measure) + ")";
        }
        if (pick(6) == 0) {
            return "not " + leaf(in_measure) + " < " + leaf(in_measure);
        }
        if (pick(6) == 0) {
            return leaf(in_measure) + " <= " + leaf(in_measure) + " < " + leaf(in_measure);
        }
        return leaf(in_measure) + signs[pick(5)] + number(depth > 0 ? depth - 1 : 0, in_measure);
    }

  private:
    std::string leaf(bool in_measure) {
        static const char* free[] = {"x",      "y",    "z",    "p",       "q",
                                     "row",    "2",    "0.5",  "3",       "x[i-1]",
                                     "y[i+2]", "z[1]", "x[3]", "y[rows]", "x[rows + 1 - row]",
                                     "z[i-5]", "x[i]"};
        static const char* running[] = {"x", "y", "z", "p", "2", "x[i]", "y[i-1]", "z[2]", "row"};
        return in_measure ? running[pick(9)] : free[pick(17)];
    }

    std::string function(int depth, bool in_measure) {
        static const char* names[] = {"abs(", "sqrt(", "larger(", "smaller("};
        const std::size_t which = pick(4);
        const std::string second = which >= 2 ? ", " + leaf(in_measure) : "";
        return names[which] + number(depth - 1, in_measure) + second + ")";
    }

    std::string measure(int depth) {
        static const char* names[] = {"sum", "mean", "min", "max", "count"};
        static const char* ranges[] = {"[1..i]", "[..i-1]", "[i-2..i]", "[i..]", "[2..4]", "[i-1..i+1]", "[3..]"};
        static const char* columns[] = {"x", "y", "z"};
        const std::string name = names[pick(5)];
        switch (pick(4)) {
        case 0:
            return name + "(" + columns[pick(3)] + ranges[pick(7)] + ")";
        case 1:
            return name + "(" + columns[pick(3)] + " * " + number(depth > 1 ? 1 : 0, true) + " where " +
                   condition(0, true) + ")";
        case 2:
            return "count(" + std::string(columns[pick(3)]) + " < " + number(0, true) + ")";
        default:
            return name + "(" + columns[pick(3)] + " + " + number(depth - 1, true) + ")";
        }
    }

    std::mt19937 engine_;
};

std::vector<Naive::Cell> random_cells(std::mt19937& engine, std::size_t rows) {
    std::vector<Naive::Cell> cells(rows);
    for (Naive::Cell& cell : cells) {
        const int what = std::uniform_int_distribution<int>(0, 11)(engine);
        cell = what == 0   ? Naive::Cell()
               : what == 1 ? Naive::Cell::of(0)
                           : Naive::Cell::of(std::uniform_int_distribution<int>(-40, 60)(engine) / 4.0);
    }
    return cells;
}

Column as_column(const std::vector<Naive::Cell>& cells) {
    std::vector<Value> values;
    for (const Naive::Cell& cell : cells) {
        values.push_back(cell.is == Naive::Is::plain ? Value::number(cell.number) : Value::missing());
    }
    return Column::of(Kind::number, values);
}

bool agrees(const Value& value, const Naive::Cell& cell) {
    switch (cell.is) {
    case Naive::Is::missing:
        return value.is_missing();
    case Naive::Is::fault:
        return value.is_fault();
    case Naive::Is::plain:
        return value.plain() &&
               (near(value.number(), cell.number, 1e-9) || std::fabs(value.number() - cell.number) < 1e-9);
    }
    return false;
}

} // namespace

class TestAgainstNaive : public QObject {
    Q_OBJECT

    struct Scene {
        Naive naive;
        Bench bench;
    };

    static Scene scene(unsigned seed, std::size_t rows) {
        std::mt19937 engine(seed);
        Scene result;
        result.naive.rows = rows;
        for (const char* name : {"x", "y", "z"}) {
            result.naive.columns[name] = random_cells(engine, rows);
            result.bench.column(name, as_column(result.naive.columns[name]));
        }
        result.naive.held = {{"p", 1.5}, {"q", -2}};
        result.bench.held("p = 1.5").held("q = -2");
        return result;
    }

    void compare(Scene& scene, const std::string& formula) {
        const ParsedFormula parsed = parse_formula(formula);
        QVERIFY2(parsed.tree != nullptr, formula.c_str());
        const Study study = *write_column(scene.bench.study, scene.bench.table, "w = " + formula);
        const ResultsPtr results = compute(study, scene.bench.results);
        const Id column = study.table(scene.bench.table)->column_named("w")->id;
        if (results->find(column)->kind != Kind::number) {
            return;
        }
        const Value first = results->cell(column, 0);
        if (first.is_fault() && first.fault().at().cause == Cause::wrong_arguments) {
            return; // such as a measure of a single value: refused as a whole, which the walk does not do
        }
        for (std::size_t row = 1; row <= scene.naive.rows; ++row) {
            const Value value = results->cell(column, row - 1);
            const Naive::Cell expected = scene.naive.cell(*parsed.tree, row);
            ++compared_;
            plain_ += expected.is == Naive::Is::plain ? 1 : 0;
            if (!agrees(value, expected)) {
                const std::string text = formula + "\nrow " + std::to_string(row) + ": " +
                                         (value.is_fault()     ? "fault"
                                          : value.is_missing() ? "missing"
                                                               : shortest(value.number())) +
                                         ", expected " +
                                         (expected.is == Naive::Is::fault     ? "fault"
                                          : expected.is == Naive::Is::missing ? "missing"
                                                                              : shortest(expected.number));
                QFAIL(text.c_str());
            }
        }
    }

    std::size_t compared_ = 0, plain_ = 0; ///< cells, and those of them that are numbers

  private Q_SLOTS:
    void init() { compared_ = plain_ = 0; }

    void small_tables_and_deep_formulas() {
        for (unsigned seed = 0; seed < 40; ++seed) {
            Scene result = scene(seed, 1 + seed % 9);
            Writer writer(seed * 31 + 7);
            for (int number = 0; number < 60; ++number) {
                compare(result, writer.number(3));
                if (QTest::currentTestFailed()) {
                    return;
                }
            }
        }
        QVERIFY2(compared_ > 6'000, qPrintable(QString::number(compared_)));
        QVERIFY2(plain_ > 1'500, qPrintable(QString::number(plain_)));
    }

    void tables_longer_than_a_block() {
        Scene result = scene(99, 4200);
        // Formulas of whole columns and neighbours only: the walk takes rows × rows steps for each measure.
        for (const char* formula :
             {"x[i-1] + y[i+2]", "x - z[1]", "if x < y then x / z else y[i-3]", "abs(x) * p + sqrt(larger(y, 0))",
              "x[rows + 1 - row] * row", "(x + 1) / (y - y[i])"}) {
            compare(result, formula);
        }
        QCOMPARE(compared_, std::size_t{6 * 4200});
        QVERIFY(plain_ > 10'000);
    }

    void wider_ranges_and_conditions() {
        Scene result = scene(7, 150);
        for (const char* formula :
             {"sum(x[1..i])", "mean(x[i-24..i])", "count(x < x[i])", "max(x[i..])", "sum(x * y where z > z[i])",
              "min(x[..i-1]) + sum(y)", "count(x[i] <= y < z[i])", "count(x > y[i])", "count(z[i] < x <= y[i] / z[i])",
              "count(y = x[i])", "count(1 / x[i] < y)", "count(x + y >= z[i])", "count(1 / x < y[i])",
              "sum(x - mean(x))", "mean((x - mean(x)) * (y - mean(y)))", "sum(x[i-3..i+3] * y[i-3..i+3])"}) {
            compare(result, formula);
        }
        QCOMPARE(compared_, std::size_t{16 * 150});
        QVERIFY(plain_ > 1'200);
    }

    void sequences_agree_with_a_walk_down_the_rows() {
        // Recurrences are walked here by filling the column row by row.
        for (unsigned seed = 0; seed < 30; ++seed) {
            Scene result = scene(seed + 500, 12);
            Writer writer(seed);
            const std::string step = "0.5 * w[i-1] + " + writer.number(2);
            const ParsedFormula parsed = parse_formula(step);
            QVERIFY(parsed.tree != nullptr);
            Study study = *write_column(result.bench.study, result.bench.table, "w = first 3 then " + step);
            const ResultsPtr results = compute(study, result.bench.results);
            const Id column = study.table(result.bench.table)->column_named("w")->id;
            const Value second = results->cell(column, 1);
            if (second.is_fault() && second.fault().at().cause == Cause::wrong_arguments) {
                continue;
            }
            result.naive.columns["w"] = {Naive::Cell::of(3)};
            for (std::size_t row = 2; row <= result.naive.rows; ++row) {
                result.naive.columns["w"].push_back(result.naive.cell(*parsed.tree, row));
                QVERIFY2(agrees(results->cell(column, row - 1), result.naive.columns["w"].back()), step.c_str());
                ++compared_;
            }
        }
        QVERIFY2(compared_ > 200, qPrintable(QString::number(compared_)));
    }
};

LEDGEFALL_TEST(TestAgainstNaive)
#include "test_against_naive.moc"
