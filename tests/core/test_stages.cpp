// The stages between text and numbers, each by what it hands on: tokens, bound terms with their links, programs,
// groups.

#include "core/engine/planning/graph.h"
#include "core/engine/planning/plan.h"
#include "core/engine/running/runner.h"
#include "core/formula/lexer.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

std::string tokens(const std::string& text) {
    std::string out;
    for (const Token& token : read_tokens(text).all) {
        const char* type = token.type == TokenType::number ? "n"
                           : token.type == TokenType::text ? "t"
                           : token.type == TokenType::name ? "a"
                           : token.type == TokenType::sign ? "s"
                                                           : "e";
        out += type + ("<" + token.text + "> ");
    }
    return out;
}

std::string name_of(DependencyKind type) {
    switch (type) {
    case DependencyKind::value:
        return "value";
    case DependencyKind::same_row:
        return "same";
    case DependencyKind::earlier_row:
        return "earlier";
    case DependencyKind::fixed_row:
        return "fixed";
    case DependencyKind::computed_row:
        return "computed";
    case DependencyKind::later_row:
        return "later";
    case DependencyKind::rows_before:
        return "before";
    case DependencyKind::rows_to_here:
        return "to here";
    case DependencyKind::same_stop:
        return "same stop";
    case DependencyKind::whole:
        return "whole";
    }
    return "?";
}

} // namespace

class TestStages : public QObject {
    Q_OBJECT

    /// The links of a column `w` with this formula, in their order.
    static std::string links(Bench& bench, const std::string& formula) {
        const Study study = *write_column(bench.study, bench.table, "w = " + formula);
        const Plan plan = make_plan(study);
        std::string out;
        for (const PlannedDefinition& definition : plan.definitions) {
            if (definition.column != nullptr && definition.column->name == "w") {
                for (const Dependency& link : definition.links) {
                    out += (out.empty() ? "" : ", ") + name_of(link.type) + " " + display_name(study, link.target);
                }
            }
        }
        return out;
    }

    static Program program(Bench& bench, const std::string& formula) {
        const Study study = *write_column(bench.study, bench.table, "w = " + formula);
        const Plan plan = make_plan(study);
        const Id id = study.table(bench.table)->column_named("w")->id;
        return plan.find(id)->pieces.front().program;
    }

  private Q_SLOTS:
    void tokens_come_in_one_form_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("expected");
        const char* rows[][2] = {
            {"1..i", "n<1> s<..> a<i> e<> "},
            {"1.5..2", "n<1.5> s<..> n<2> e<> "},
            {"x²", "a<x> s<^> n<2> e<> "},
            {"a ≤ b ≥ c ≠ d ≈ e", "a<a> s<<=> a<b> s<>=> a<c> s<!=> a<d> s<~=> a<e> e<> "},
            {"a==b", "a<a> s<=> a<b> e<> "},
            {"µ · σ − π", "a<μ> s<*> a<σ> s<-> a<π> e<> "},
            {"“in quotes”", "t<in quotes> e<> "},
            {"2e3 2e 2e+", ""},
            {"x₁₂ _y", "a<x₁₂> a<_y> e<> "},
            {"1…3", "n<1> s<..> n<3> e<> "},
            {"  x\t\n+ 1 ", "a<x> s<+> n<1> e<> "},
        };
        for (const auto& row : rows) {
            QTest::newRow(row[0]) << QString::fromUtf8(row[0]) << QString::fromUtf8(row[1]);
        }
    }
    void tokens_come_in_one_form() {
        QFETCH(QString, text);
        QFETCH(QString, expected);
        if (expected.isEmpty()) {
            QVERIFY(!read_tokens(text.toStdString()).mistakes.empty());
        } else {
            QCOMPARE(QString::fromStdString(tokens(text.toStdString())), expected);
        }
    }

    void spans_of_tokens_are_bytes_of_the_text() {
        const std::string text = "µ + x²";
        const auto all = read_tokens(text).all;
        QCOMPARE(all[0].span, (Span{0, 2}));
        QCOMPARE(all[2].span, (Span{5, 6}));
        QCOMPARE(all[3].span, (Span{6, 8}));
        QCOMPARE(all[4].span, (Span{6, 8})); // the two that the superscript is
    }

    void links_carry_their_kind_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<QString>("expected");
        const char* rows[][2] = {
            {"x + p", "same Data.x, value p"},
            {"x[i]", "same Data.x"},
            {"x[i-2]", "earlier Data.x"},
            {"x[i+1]", "later Data.x"},
            {"x[1]", "fixed Data.x"},
            {"x[last]", "later Data.x"},
            {"x[y]", "same Data.y, computed Data.x"},
            {"mean(x)", "whole Data.x"},
            {"sum(x[..i-1])", "before Data.x"},
            {"sum(x[1..i])", "to here Data.x"},
            {"sum(x[i..i+1])", "whole Data.x"},
            {"count(x < x[i])", "whole Data.x, same Data.x"},
            {"count(y <= Other.z < x)", "same Data.y, whole Other.z, same Data.x"},
            {"Other.z[i]", "whole Other.z"},
            {"first 1 then w[i-1]", "earlier Data.w"},
        };
        for (const auto& row : rows) {
            QTest::newRow(row[0]) << QString::fromUtf8(row[0]) << QString::fromUtf8(row[1]);
        }
    }
    void links_carry_their_kind() {
        QFETCH(QString, formula);
        QFETCH(QString, expected);
        Bench bench;
        bench.numbers("x", {1, 2}).numbers("y", {1, 2}).held("p = 2");
        Id other;
        bench.take(add_table(bench.study, "Other", &other));
        bench.take(add_columns(bench.study, other, {{"z", "z", "", Column::numbers({1})}}));
        QCOMPARE(QString::fromStdString(links(bench, formula.toStdString())), expected);
    }

    void what_no_row_changes_is_worked_out_once() {
        Bench bench;
        bench.numbers("x", {1, 2, 3}).held("p = 2");
        const Program once = program(bench, "x * (p / 3 + mean(x))");
        QCOMPARE(once.body.size(), std::size_t{2});          // a load and a product
        QCOMPARE(once.prelude.size(), std::size_t{3});       // a quotient, a mean, a sum
        const Program shared = program(bench, "0 < x <= 1"); // x is read once for both comparisons
        QCOMPARE(std::count_if(shared.body.begin(), shared.body.end(),
                               [](const Instruction& step) { return step.as<LoadStep>() != nullptr; }),
                 std::ptrdiff_t{1});
        const Program square = program(bench, "x^2");
        QCOMPARE(square.body.back().as<OperateStep>()->arguments.count, std::uint8_t{1});
    }

    void a_measure_takes_what_follows_the_row_as_a_parameter() {
        Bench bench;
        bench.numbers("x", {1, 2, 3});
        const Program ranked = program(bench, "sum(x * (x[i] + 1))");
        const auto* measure = ranked.body.back().as<MeasureStep>();
        QVERIFY(measure != nullptr);
        QCOMPARE(measure->call->parameters.size(), std::size_t{1});
        QCOMPARE(measure->call->inner.body.size(), std::size_t{2}); // load x, multiply
        QVERIFY(program(bench, "count(x < 2)").body.empty());
        const Program counted = program(bench, "count(x[i] <= x < x[i] + 1)"); // is answered from sorted values
        const auto* of_sorted = counted.body.back().as<MeasureStep>();
        QVERIFY(of_sorted != nullptr);
        QCOMPARE(of_sorted->call->limits.size(), std::size_t{2});
        QCOMPARE(of_sorted->call->inner.body.size(), std::size_t{1});
    }

    void groups_come_in_the_order_of_their_needs() {
        // 0 → 1 → 2 → 1, 3 alone, 4 → 0
        const std::vector<std::vector<std::size_t>> needs = {{1}, {2}, {1}, {}, {0}};
        const auto groups = strongly_connected_components(needs);
        QCOMPARE(groups.size(), std::size_t{4});
        QCOMPARE(groups[0].size(), std::size_t{2});
        QCOMPARE(groups[1], (std::vector<std::size_t>{0}));
        QCOMPARE(shortest_path(needs, 1, 1), (std::vector<std::size_t>{1, 2, 1}));
        QCOMPARE(shortest_path(needs, 4, 2), (std::vector<std::size_t>{4, 0, 1, 2}));
        QVERIFY(shortest_path(needs, 3, 0).empty());
        std::vector<std::vector<std::size_t>> chain(200000);
        for (std::size_t k = 0; k + 1 < chain.size(); ++k) {
            chain[k] = {k + 1};
        }
        const auto ordered = strongly_connected_components(chain);
        QCOMPARE(ordered.size(), chain.size());
        QCOMPARE(ordered.front().front(), chain.size() - 1);
    }

    void kinds_are_found_through_columns_and_rings() {
        Bench bench;
        bench.texts("site", {"pool", "weir"}).work("kept = site").work("is_pool = kept = \"pool\"");
        QCOMPARE(bench.results->find(bench.id("kept"))->kind, Kind::text);
        QCOMPARE(bench.results->find(bench.id("is_pool"))->kind, Kind::yes_no);
        bench.work("carried = first site then if is_missing(site) then carried[i-1] else site");
        QCOMPARE(bench.results->find(bench.id("carried"))->kind, Kind::text);
        QCOMPARE(bench.cell("carried", 2).text().str(), std::string("weir"));
        bench.column(
            "day", Column::of(Kind::date, {read_cell("2026-05-04", Kind::date), read_cell("2026-05-09", Kind::date)}));
        bench.work("since = day - day[1]").work("later = day + 30").work("newest = max(day)");
        QCOMPARE(bench.cell("since", 2).number(), 5.0);
        QCOMPARE(write_cell(bench.cell("later", 1)), std::string("2026-06-03"));
        QCOMPARE(write_cell(bench.cell("newest", 1)), std::string("2026-05-09"));
        QCOMPARE(bench.cause("sum(day)"), Cause::wrong_kind);
        QCOMPARE(bench.cause("day * 2"), Cause::wrong_arguments); // no row on the ledge
    }

    void what_cannot_be_meant_is_told_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<QString>("part");
        const char* rows[][2] = {
            {"x[i..2]", "only in a measure"},
            {"p[1]", "held value and has no rows"},
            {"(x + 1)[2]", "Only a column"},
            {"sum(x[1..2] + y[1..3])", "must be the same"},
            {"sum(Other.z + Third.z)", "two others"},
            {"mean(y .. x)", "table order"},
            {"mean(x .. site)", "holds text"},
            {"x[1, 2]", "has one axis"},
            {"sum(x[i, ..])", "has one axis"},
            {"sum(foo[i, ..])", "no column or held value called foo"},
            {"sum(2[1..2, 3])", "Only a column"},
            {"e[1]", "Only a column"},
            {"pi[i-1]", "Only a column"},
            {"0 with e = 2", "with tries another value for a held value, but e is not one"},
            {"x with pi = 3", "but pi is not one"},
            {"x[j]", "two-way table"},
            {"x[\"a\"]", "A row is a number"},
            {"each + 1", "selected column"},
            {"sum(x where y)", "condition"},
            {"sum()", "needs values"},
            {"min(x, 3)", "smaller(a, b)"},
            {"(1, 2)", "Several values"},
            {"Nowhere.x", "no table called Nowhere"},
            {"Othr.z[1]", "Did you mean Other?"},
            {"ledge.q", "no column or held value called ledge.q"},
            {"if x > 1 then \"a\" else 2", "same kind"},
        };
        for (const auto& row : rows) {
            QTest::newRow(row[0]) << QString::fromUtf8(row[0]) << QString::fromUtf8(row[1]);
        }
    }
    void what_cannot_be_meant_is_told() {
        QFETCH(QString, formula);
        QFETCH(QString, part);
        Bench bench;
        bench.numbers("x", {1, 2}).texts("site", {"a", "b"}).numbers("y", {1, 2}).held("p = 2");
        for (const char* name : {"Other", "Third"}) {
            Id other;
            bench.take(add_table(bench.study, name, &other));
            bench.take(add_columns(bench.study, other, {{"z", "z", "", Column::numbers({1})}}));
        }
        bench.work("w = " + formula.toStdString());
        const Value value = bench.cell("w", 1);
        QVERIFY(value.is_fault());
        const QString message = QString::fromStdString(value.fault().at().what.text());
        QVERIFY2(message.contains(part), qPrintable(message));
        QVERIFY(value.fault().at().to > value.fault().at().from);
    }
};

LEDGEFALL_TEST(TestStages)
#include "test_stages.moc"
