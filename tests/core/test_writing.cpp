// What helps while a formula is written: completion, the call at the cursor, turning references, the cells that are
// meant, and what would set a formula right.

#include "core/authoring/completion.h"
#include "core/authoring/turning.h"
#include "core/engine/planning/plan.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

Bench bench_of_pebbles() {
    Bench bench;
    bench.numbers("x", {1, 2, 3, 4}).texts("site", {"pool", "weir", "pool", "riffle"}).held("factor = 2");
    bench.take(hold(bench.study, bench.table, "mean_x = mean(x)"));
    return bench;
}

QString found_text(const Bench& bench, const std::string& before, std::size_t most = 3) {
    const Table* own = bench.study.table(bench.table);
    const Completions all = completions_for(before, bench.study, own, [](const ColumnDefinition& column) {
        return column.name == "site" ? std::vector<std::string>{"pool", "riffle", "weir"} : std::vector<std::string>();
    });
    QStringList texts{QString::number(all.from)};
    for (std::size_t at = 0; at < std::min(most, all.all.size()); ++at) {
        texts << QString::fromStdString(all.all[at].text);
    }
    return texts.join(u' ');
}

/// The formula after the reference in which `@` stands has been turned for row 3.
QString turned(const Bench& bench, std::string formula) {
    const auto place = static_cast<std::uint32_t>(formula.find('@'));
    formula.erase(place, 1);
    const Formula parsed(formula);
    const auto turning = turning_at(formula, *parsed.tree(), place, bench.study, bench.study.table(bench.table), 3);
    if (!turning || turning->turned.empty()) {
        return turning ? QStringLiteral("stays") : QStringLiteral("nothing");
    }
    formula.replace(turning->span.from, turning->span.to - turning->span.from, turning->turned);
    return QString::fromStdString(formula);
}

/// The formula of a new column after its correction, as the parser or the binder offers one.
QString mended(const Bench& bench, const std::string& formula) {
    std::string text = formula;
    std::optional<SuggestedCorrection> correction;
    const Formula parsed(formula);
    if (parsed.mistake()) {
        correction = parsed.mistake()->correction;
    } else {
        const Result<Study> with = write_column(bench.study, bench.table, "new_one = " + formula);
        const Plan plan = make_plan(*with);
        const PlannedDefinition* planned = plan.find(with->tables.front()->column_named("new_one")->id);
        correction = planned->fault ? Fault{*planned->fault, 0}.at().correction : std::nullopt;
    }
    if (!correction) {
        return QStringLiteral("no mend");
    }
    text.replace(correction->span.from, correction->span.to - correction->span.from, correction->text);
    return QString::fromStdString(text);
}

} // namespace

class TestWriting : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void names_functions_and_texts_complete() {
        const Bench bench = bench_of_pebbles();
        QCOMPARE(found_text(bench, "2 * si"), QStringLiteral("4 site sin( sign("));
        QCOMPARE(found_text(bench, "fac"), QStringLiteral("0 factor factorial("));
        QCOMPARE(found_text(bench, "me", 4), QStringLiteral("0 mean_x mean( median( mean_dev("));
        QCOMPARE(found_text(bench, "x"), QStringLiteral("0"));    // a name already
        QCOMPARE(found_text(bench, "x + "), QStringLiteral("4")); // nothing has been begun
        QCOMPARE(found_text(bench, "Da"), QStringLiteral("0"));   // its own table needs no name before it
        QCOMPARE(found_text(bench, "ledge."), QStringLiteral("6 factor"));
        QCOMPARE(found_text(bench, "ledge.f"), QStringLiteral("6 factor"));
        QCOMPARE(found_text(bench, "Data.si"), QStringLiteral("5 site"));
        QCOMPARE(found_text(bench, "count(site = \""), QStringLiteral("14 pool\" riffle\" weir\""));
        QCOMPARE(found_text(bench, "count(site = \"p"), QStringLiteral("14 pool\""));
        QCOMPARE(found_text(bench, "count(site in (\"pool\", \"w"), QStringLiteral("24 weir\""));
        QCOMPARE(found_text(bench, "quantile(x, 0.5,"), QStringLiteral("16 1 2 3"));
        QCOMPARE(found_text(bench, "convert(x, \"k"), QStringLiteral("12 km\" kg\" km/h\""));
        QCOMPARE(found_text(bench, "convert(x,"), QStringLiteral("10 \"mm\" \"cm\" \"m\""));
        QCOMPARE(found_text(bench, ""), QStringLiteral("0"));
        QCOMPARE(found_text(bench, "fir"), QStringLiteral("0 first "));
    }

    void another_tables_names_come_after_its_point() {
        Bench bench = bench_of_pebbles();
        Id other;
        bench.take(add_table(bench.study, "Rates", &other));
        bench.take(add_columns(bench.study, other, {{"speed", "speed", "", Column::numbers({1})}}));
        QCOMPARE(found_text(bench, "Ra"), QStringLiteral("0 Rates."));
        QCOMPARE(found_text(bench, "mean(Rates.s"), QStringLiteral("11 speed"));
        QCOMPARE(found_text(bench, "mean(Rates."), QStringLiteral("11 speed"));
    }

    void the_call_at_the_cursor_is_known() {
        const Bench bench = bench_of_pebbles();
        const Table* own = bench.study.table(bench.table);
        const auto call = open_call("1 + quantile(x, sqrt(2) + ", bench.study, own);
        QCOMPARE(call->name, std::string("quantile"));
        QCOMPARE(call->argument, std::size_t{1});
        QCOMPARE(open_call("round(mean(x", bench.study, own)->name, std::string("mean"));
        QVERIFY(!open_call("round(mean(x))", bench.study, own));
        QVERIFY(!open_call("(x + 1", bench.study, own));
        QVERIFY(!open_call("nothing(x", bench.study, own));
        Bench with = bench_of_pebbles();
        with.held("force(r, m) = r * m");
        const auto held = open_call("force(1, ", with.study, with.study.table(with.table));
        QVERIFY(held->held != nullptr);
        QCOMPARE(held->argument, std::size_t{1});
    }

    void references_turn_from_following_to_held_and_back() {
        Bench bench = bench_of_pebbles();
        Id other;
        bench.take(add_table(bench.study, "Rates", &other));
        bench.take(add_columns(bench.study, other, {{"r", "r", "", Column::numbers({1, 2, 3})}}));
        QCOMPARE(turned(bench, "2 * x@ + 1"), QStringLiteral("2 * x[3] + 1"));
        QCOMPARE(turned(bench, "2 * x@[3] + 1"), QStringLiteral("2 * x + 1"));
        QCOMPARE(turned(bench, "x[la@st]"), QStringLiteral("x"));
        QCOMPARE(turned(bench, "x[i-1@]"), QStringLiteral("x[2]"));
        QCOMPARE(turned(bench, "x[i+@2]"), QStringLiteral("x[5]"));
        QCOMPARE(turned(bench, "x - mean(@x)"), QStringLiteral("x - mean(x[1..i])"));
        QCOMPARE(turned(bench, "x - mean(x[1.@.i])"), QStringLiteral("x - mean(x)"));
        QCOMPARE(turned(bench, "Rates@.r[2]"), QStringLiteral("Rates.r[i]"));
        QCOMPARE(turned(bench, "Rates@.r[i]"), QStringLiteral("Rates.r[3]"));
        QCOMPARE(turned(bench, "x * fac@tor"), QStringLiteral("stays"));
        QCOMPARE(turned(bench, "x@ * 2"), QStringLiteral("x[3] * 2"));
        QCOMPARE(turned(bench, "x * 2@"), QStringLiteral("nothing"));
        QCOMPARE(turned(bench, "mean(@x where site = \"pool\")"),
                 QStringLiteral("mean(x[1..i] where site = \"pool\")"));
    }

    void turning_twice_gives_the_same_formula() {
        const Bench bench = bench_of_pebbles();
        for (const char* formula : {"x@ + 1", "sum(x@) / x", "x@[3] * 2"}) {
            const std::string before = QString::fromUtf8(formula).remove(u'@').toStdString();
            const std::string once = turned(bench, formula).toStdString();
            const std::size_t at = std::string(formula).find('@');
            std::string again = once;
            again.insert(at, "@");
            QCOMPARE(turned(bench, again).toStdString(), before);
        }
    }

    void the_cells_that_are_meant_are_known() {
        const Bench bench = bench_of_pebbles();
        const auto rows = [&bench](const std::string& formula) {
            const Formula parsed(formula);
            const auto marks = marks_of(*parsed.tree(), bench.study, bench.study.table(bench.table));
            const auto meant = rows_meant(*parsed.tree(), marks.front(), 3, 4);
            return meant ? QStringLiteral("%1-%2").arg(meant->from).arg(meant->to) : QStringLiteral("none");
        };
        QCOMPARE(rows("x"), QStringLiteral("3-3"));
        QCOMPARE(rows("x[2]"), QStringLiteral("2-2"));
        QCOMPARE(rows("x[last]"), QStringLiteral("4-4"));
        QCOMPARE(rows("x[i-1]"), QStringLiteral("2-2"));
        QCOMPARE(rows("x[i-5]"), QStringLiteral("none"));
        QCOMPARE(rows("sum(x)"), QStringLiteral("1-4"));
        QCOMPARE(rows("sum(x[1..i])"), QStringLiteral("1-3"));
        QCOMPARE(rows("sum(x[i-9..i+9])"), QStringLiteral("1-4"));
        QCOMPARE(rows("sum(x[..i-1])"), QStringLiteral("1-2"));
        QCOMPARE(rows("x[factor]"), QStringLiteral("none"));
    }

    void what_is_clear_is_mended() {
        const Bench bench = bench_of_pebbles();
        QCOMPARE(mended(bench, "2x + 1"), QStringLiteral("2*x + 1"));
        QCOMPARE(mended(bench, "x (3)"), QStringLiteral("no mend")); // a call of something that is no function
        QCOMPARE(mended(bench, "(x + 1"), QStringLiteral("(x + 1)"));
        QCOMPARE(mended(bench, "mean(x"), QStringLiteral("mean(x)"));
        QCOMPARE(mended(bench, "x[i-1"), QStringLiteral("x[i-1]"));
        QCOMPARE(mended(bench, "x + 1)"), QStringLiteral("x + 1"));
        QCOMPARE(mended(bench, "x % 3"), QStringLiteral("x  mod  3"));
        QCOMPARE(mended(bench, "x x"), QStringLiteral("x*x"));
        QCOMPARE(mended(bench, "site = \"pool"), QStringLiteral("site = \"pool\""));
        QCOMPARE(mended(bench, "x # 2"), QStringLiteral("x  2"));
        QCOMPARE(mended(bench, "facter * x"), QStringLiteral("factor * x"));
        QCOMPARE(mended(bench, "ledge.facter * x"), QStringLiteral("ledge.factor * x"));
        QCOMPARE(mended(bench, "sqr(x)"), QStringLiteral("sqrt(x)"));
        QCOMPARE(mended(bench, "Dat.x[1]"), QStringLiteral("Data.x[1]"));
        QCOMPARE(mended(bench, "min(x, 0)"), QStringLiteral("smaller(x, 0)"));
        QCOMPARE(mended(bench, "max(x, 0)"), QStringLiteral("larger(x, 0)"));
        QCOMPARE(mended(bench, "if x > 1 then 2"), QStringLiteral("no mend"));
        QCOMPARE(mended(bench, "x + wholly_unknown"), QStringLiteral("no mend"));
    }

    void a_mistake_within_a_held_function_is_not_mended_where_it_is_called() {
        Bench bench = bench_of_pebbles();
        bench.held("twice(r) = r * facter");
        QCOMPARE(mended(bench, "twice(x)"), QStringLiteral("no mend"));
    }

    void a_foot_line_is_written_for_a_column() {
        QCOMPARE(for_column(Formula("sum(each^2) / count(each)"), "x"), std::string("sum(x^2) / count(x)"));
        QCOMPARE(for_column(Formula("sum(each"), "x"), std::string("sum(each"));
    }
};

LEDGEFALL_TEST(TestWriting)
#include "test_writing.moc"
