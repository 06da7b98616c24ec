// Trees written out again: as text that reads back to the same tree, as mathematics, and as workings.

#include "core/engine/functions/catalogue.h"
#include "core/engine/workings/working.h"
#include "core/formula/latex.h"
#include "core/formula/mathematics.h"
#include "core/formula/print.h"
#include "harness/test_program.h"
#include "working.h"

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// A random expression, with more brackets than it needs.
std::string expression(std::mt19937& engine, int depth) {
    const auto pick = [&engine](int count) { return std::uniform_int_distribution<int>(0, count - 1)(engine); };
    const auto inner = [&] { return "(" + expression(engine, depth - 1) + ")"; };
    if (depth == 0) {
        static const char* const leaves[] = {"x",   "2",   "0.5",  "Other.y", "x[i-1]",       "x[2]",     "\"a\"",
                                             "yes", "row", "1e-3", "pi",      "x[row mod 3]", "x[x! = 2]"};
        return leaves[pick(13)];
    }
    static const char* const between[] = {" + ",   " - ",  " * ", " / ", "^",   " mod ",
                                          " and ", " or ", " < ", " = ", " ~= "};
    switch (pick(12)) {
    case 0:
        return "-" + inner();
    case 1:
        return "not " + inner();
    case 2:
        return inner() + "%";
    case 3:
        return inner() + "!";
    case 4:
        return "√" + inner();
    case 5:
        return "if " + inner() + " then " + inner() + " else " + inner();
    case 6:
        return "|" + inner() + "|";
    case 7:
        return "sum(" + inner() + " where " + inner() + ")";
    case 8:
        return "max(" + inner() + ", " + inner() + ")";
    case 9:
        return inner() + " <= " + inner() + " < " + inner();
    default:
        return inner() + between[pick(11)] + inner();
    }
}

std::string lines(const Working& working) {
    std::string out;
    for (const std::string& line : working.lines) {
        out += (out.empty() ? "" : " ; ") + line;
    }
    return out;
}

} // namespace

class TestPrint : public QObject {
    Q_OBJECT

    static Working working(const Bench& bench, const std::string& place) {
        const Result<WorkingPlace> match = place_of_working(bench.study, *bench.results, place);
        const Result<Working> result =
            match ? working_of(bench.study, *bench.results, match->definition, match->row) : match.refusal();
        if (!result) {
            qFatal("%s", result.refusal().text().c_str());
        }
        return *result;
    }

  private Q_SLOTS:
    void what_is_printed_reads_back_to_the_same_tree() {
        for (const char* text : {"x - mean(x)",
                                 "-2^2",
                                 "(-2)^2",
                                 "2^-1",
                                 "2^3^2",
                                 "(2^3)^2",
                                 "a - (b - c)",
                                 "a - b - c",
                                 "a / (b * c)",
                                 "not a and b",
                                 "not (a and b)",
                                 "-x^2",
                                 "√x^2",
                                 "(√x)^2",
                                 "20% * 3",
                                 "(a + b)%",
                                 "5!",
                                 "(-5)!",
                                 "30°",
                                 "x in (\"A\", \"B\")",
                                 "a < b <= c",
                                 "(a < b) = (c < d)",
                                 "if a then b else if c then d else e",
                                 "(if a then b else c) + 1",
                                 "first 1; 1 then f[i-1] + f[i-2]",
                                 "sum(x[1..i])",
                                 "sum(f[..i-1])",
                                 "mean(t1[i] .. t4[i])",
                                 "quantile((a, b, c), 0.25)",
                                 "median(a .. c)",
                                 "sum(1/k! for k in 0..10)",
                                 "pick(Rates.rate where Rates.site = site)",
                                 "P(D > 3 | D > 1)",
                                 "P(binomial(12, 0.35) <= 4)",
                                 "f[i, ..]",
                                 "f[.., j]",
                                 "x[last]",
                                 "x[k + 1]",
                                 "ledge.force(r)",
                                 "||x| - 1|",
                                 "\"say \"\"no\"\"\"",
                                 "a mod (b mod c)",
                                 "1 - -1",
                                 "mean((a, b) where c)",
                                 "-(-x)",
                                 "(x)",
                                 "x[(row mod 3) + 1]"}) {
            const ParsedFormula tree = parse_formula(text);
            QVERIFY2(tree.tree, text);
            for (const Signs signs : {Signs::typed, Signs::print}) {
                const std::string printed = print(*tree.tree, signs);
                const ParsedFormula again = parse_formula(printed);
                QVERIFY2(again.tree && same_tree(tree.tree.get(), again.tree.get()),
                         (std::string(text) + " became " + printed).c_str());
                QCOMPARE(print(*again.tree, signs), printed);
            }
        }
    }

    void random_trees_read_back_too() {
        std::mt19937 engine(5);
        for (int trial = 0; trial < 3000; ++trial) {
            const std::string text = expression(engine, 1 + trial % 4);
            const ParsedFormula tree = parse_formula(text);
            QVERIFY2(tree.tree, text.c_str());
            for (const Signs signs : {Signs::typed, Signs::print}) {
                const std::string printed = print(*tree.tree, signs);
                const ParsedFormula again = parse_formula(printed);
                QVERIFY2(again.tree && same_tree(tree.tree.get(), again.tree.get()),
                         (text + " became " + printed).c_str());
                QVERIFY(printed.size() <= text.size() + 8);
            }
        }
    }

    void brackets_only_where_they_are_needed() {
        const auto printed = [](const char* text) { return print(*parse_formula(text).tree); };
        QCOMPARE(printed("((a)+(b))*(c)"), std::string("(a + b) * c"));
        QCOMPARE(printed("(a*b)+(c/d)"), std::string("a * b + c / d"));
        QCOMPARE(printed("((x[(i)-(1)]))"), std::string("x[i-1]"));
        QCOMPARE(printed("a≤b"), std::string("a <= b"));
        QCOMPARE(print(*parse_formula("a<=b*-c").tree, Signs::print), std::string("a ≤ b × −c"));
    }

    void mathematics_has_fractions_roots_bars_and_sums() {
        const auto set = [](const char* text) {
            return in_one_line(mathematics_of(*parse_formula(text).tree, &typesetting_of));
        };
        QCOMPARE(set("(a + b) / c"), std::string("frac(a + b; c)"));
        QCOMPARE(set("sqrt(x^2 + y^2)"), std::string("root(raised(x; 2) + raised(y; 2))"));
        QCOMPARE(set("(a + b)^2 * c"), std::string("raised((a + b); 2) · c"));
        QCOMPARE(set("|x - mean(x)|"), std::string("bars(x − over(x))"));
        QCOMPARE(set("sum(1/k! for k in 0..10)"), std::string("Σ(frac(1; k !); k = 0; 10)"));
        QCOMPARE(set("sum(x where x > 0)"), std::string("Σ(x; x > 0)"));
        QCOMPARE(set("v[i-1] * dt"), std::string("lowered(v; i − 1) · dt"));
        QCOMPARE(set("if a then b else c"), std::string("cases(b; if a; c; else)"));
        QCOMPARE(set("a - (b - c)"), std::string("a − (b − c)"));
        QCOMPARE(set("exp(-x) + cbrt(8)"), std::string("raised(e; − x) + root(8; 3)"));
        QCOMPARE(set("first 1 then 2 * x[i-1]"), std::string("first 1 then 2 · lowered(x; i − 1)"));
        QCOMPARE(set("quantile(x, 0.5)"), std::string("quantile (x , 0.5)"));
        QCOMPARE(mathematics_of(*parse_formula("a / bc").tree, &typesetting_of).parts[1].span, (Span{4, 6}));
    }

    void a_working_puts_the_numbers_in() {
        Bench bench;
        bench.numbers("x", {2, 4, 9})
            .held("k = 3")
            .work("dev = x - mean(x)")
            .work("z = if dev > 0 then k * dev^2 else -dev");
        QCOMPARE(lines(working(bench, "Data.dev[3]")), std::string("x − mean(x) ; 9 − 5 ; 4"));
        QCOMPARE(lines(working(bench, "Data.z[3]")),
                 std::string("if dev > 0 then k × dev^2 else −dev ; if 4 > 0 then 3 × 4^2 else −4 ; "
                             "if yes then 3 × 16 else −4 ; 48"));
        const Working first = working(bench, "Data.dev[1]");
        QCOMPARE(first.parts.size(), std::size_t{1});
        QCOMPARE(lines(first.parts[0]), std::string("sum(x) / count(x) ; 15 / 3 ; 5"));
        QCOMPARE(lines(first.parts[0].parts[0]), std::string("2 + 4 + 9 ; 15"));
        QCOMPARE(lines(working(bench, "Data.x[2]")), std::string("4"));
        QCOMPARE(lines(working(bench, "k")), std::string("3"));
    }

    void a_working_of_rows_from_rows_and_of_faults() {
        Bench bench;
        bench.rows("4").work("a = first 100 then a[i-1] * 1.5").work("b = 1 / (row - 2)");
        const Working third = working(bench, "Data.a[3]");
        QCOMPARE(lines(third), std::string("a[i−1] × 1.5 ; 150 × 1.5 ; 225"));
        QCOMPARE(third.notes.back().text(), std::string("a[2] is 150"));
        QCOMPARE(lines(working(bench, "Data.a[1]")), std::string("100"));
        const Working faulty = working(bench, "Data.b[2]");
        QCOMPARE(lines(faulty), std::string("1 / (row − 2) ; 1 / (2 − 2) ; 1 / 0 ; (fault)"));
        QVERIFY(faulty.notes.back().text().find("division by zero") != std::string::npos);
        bench.take(type_block(bench.study, bench.table, 1, 0, {{"7"}}));
        QVERIFY(working(bench, "Data.a[2]").notes.front().text().find("typed over") == 0);
        QVERIFY(!place_of_working(bench.study, *bench.results, "Data.a"));
        QVERIFY(!place_of_working(bench.study, *bench.results, "a +"));
        QVERIFY(!working_of(bench.study, *bench.results, bench.id("a"), 9));
    }

    void a_measure_is_what_its_simpler_form_gives() {
        Bench bench;
        bench.numbers("x", {2, 4, 4, 6, 11}).numbers("y", {1, 4, 2, 5, 15}).numbers("f", {1, 2, 2, 1, 3});
        for (const Function& function : catalogue()) {
            const bool by_row =
                function.simpler_form.find("row") != std::string_view::npos; // there is none on the ledge
            if (function.simpler_form.empty() || by_row) {
                continue;
            }
            static const char* const columns[] = {"x", "y", "f"};
            std::string call(function.name);
            std::string simpler(function.simpler_form);
            call += "(";
            for (std::size_t at = 0; at < function.arguments.size(); ++at) {
                call += (at == 0 ? "" : ", ") + std::string(columns[at]);
            }
            const bool plain_last = function.arguments.back().role == Role::plain;
            if (plain_last) {
                call = std::string(function.name) + "(x, 3";
            }
            Bench asked = bench;
            asked.take(hold(asked.study, asked.table, "m = " + call + ")"));
            const Working result = working(asked, "Data.m");
            if (function.arguments.size() > 1 && function.arguments[1].optional) {
                continue; // with a base, it is not what is written out
            }
            QVERIFY2(result.parts.size() == 1 && result.parts[0].lines.size() > 1, call.c_str());
        }
    }

    void formulas_as_latex() {
        const std::pair<const char*, const char*> formulas[] = {
            {"2 * w^3 + d", "2 \\cdot {w}^{3} + d"},
            {"(a + b) / 2", "\\frac{a + b}{2}"},
            {"x - mean(x)", "x - \\overline{x}"},
            {"sqrt(sum(sq) / count(a))", "\\sqrt{\\frac{\\sum \\mathit{sq}}{\\operatorname{count} \\left(a\\right)}}"},
            {"first 100 then x[i-1] * (1 + rate_2)",
             "\\text{ first } 100 \\text{ then } {x}_{i - 1} \\cdot \\left(1 + \\mathit{rate\\_2}\\right)"},
            {"if x > 2 then 1 else 1e-9",
             "\\begin{cases} 1 & \\text{ if } x > 2 \\\\ 1 \\cdot 10^{-9} & \\text{ else } "
             "\\end{cases}"},
            {"sum(k^2 for k in 1..n)", "\\sum_{k = 1}^{n} {k}^{2}"},
            {"|x| <= σ", "\\left|x\\right| \\le \\sigma"},
            {"50 %", "50 \\%"},
            {"cbrt(x)", "\\sqrt[3]{x}"},
            {"site = \"a_b & 5 %\"", "\\mathit{site} = \\text{ a\\_b \\& 5 \\% }"},
        };
        for (const auto& [formula, latex] : formulas) {
            QCOMPARE(QString::fromStdString(latex_of(mathematics_of(*parse_formula(formula).tree, &typesetting_of))),
                     QString::fromUtf8(latex));
        }
    }
};

LEDGEFALL_TEST(TestPrint)
#include "test_print.moc"
