// Several definitions at once, names that are waited for, and headings that were typed as texts.

#include "core/authoring/completion.h"
#include "core/authoring/definitions.h"
#include "core/authoring/marks.h"
#include "core/engine/planning/plan.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Texts = std::vector<std::string>;

Texts columns_of(const Study& study, Id table) {
    Texts names;
    for (const auto& column : study.table(table)->columns) {
        names.push_back(column->name);
    }
    return names;
}

Texts held_by(const Study& study, Id table) {
    Texts names;
    for (const auto& held : study.table(table)->ledge) {
        names.push_back(held->name);
    }
    return names;
}

std::string waited_for(const Study& study, Id id) {
    const Plan plan = make_plan(study);
    const PlannedDefinition* planned = plan.find(id);
    return planned == nullptr || !planned->fault ? "" : Fault{*planned->fault, 0}.at().waits_for;
}

} // namespace

class TestDefinitions : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    /// Lines taken together mean each other, in whichever order they stand, and leave other formulas what they meant.
    void lines_taken_together_mean_each_other() {
        Bench bench;
        bench.numbers("x", {1, 2, 3});
        bench.study = *hold(bench.study, Id(), "n = 100");
        bench.study = *write_column(bench.study, bench.table, "before = x + n");
        std::string lines;
        constexpr int count = 300;
        for (int at = count; at > 0; --at) {
            lines += "c" + std::to_string(at) + " = c" + std::to_string(at - 1) + " + n\n";
        }
        const auto written = write_definitions(bench.study, bench.table, lines + "c0 = x\nn = 2 * x\n");
        QVERIFY2(written, written ? "" : written.refusal().text().c_str());
        QCOMPARE(written->columns.size(), std::size_t{count + 2});
        const ResultsPtr results = compute(written->study);
        const Table& table = *written->study.table(bench.table);
        for (std::size_t row = 0; row < 3; ++row) {
            const auto x = static_cast<double>(row + 1);
            QCOMPARE(results->cell(table.column_named("before")->id, row).number(), x + 100); // the ledge's n
            QCOMPARE(results->cell(table.column_named("c300")->id, row).number(), x + count * 2 * x);
        }
    }

    void what_follows_the_row_is_a_column_and_the_rest_is_held() {
        Bench bench;
        bench.numbers("f", {1, 2, 3});
        const auto written = write_definitions(bench.study, bench.table,
                                               "rel = f / n\n\n  n = sum(f)  \ncum = sum(f[1..i])\nhalf = n / 2\n"
                                               "twice = 2 * rel\nk = 3\nage(t) = t * k\nlate = age(f)");
        QVERIFY2(written, written ? "" : written.refusal().text().c_str());
        QCOMPARE(columns_of(written->study, bench.table), (Texts{"f", "rel", "cum", "twice", "late"}));
        QCOMPARE(held_by(written->study, bench.table), (Texts{"n", "half", "k", "age"}));
        const ResultsPtr results = compute(written->study);
        QCOMPARE(results->cell(written->columns[0], 1).number(), 2.0 / 6);
        QCOMPARE(results->cell(written->columns[3], 2).number(), 9.0);
    }

    void columns_that_need_each_other_come_in_any_order() {
        Bench bench;
        bench.rows("50");
        const std::string lines[] = {"x = first 1 then x[i-1] + v[i-1] * dt", "v = first 0 then v[i-1] - x[i-1] * dt",
                                     "dt = 0.01"};
        for (const auto& order : {std::array{0, 1, 2}, std::array{2, 1, 0}, std::array{1, 2, 0}}) {
            const auto written = write_definitions(bench.study, bench.table,
                                                   lines[order[0]] + "\n" + lines[order[1]] + "\n" + lines[order[2]]);
            QVERIFY(written);
            const ResultsPtr results = compute(written->study);
            const Id x = written->study.table(bench.table)->column_named("x")->id;
            double at = 1;
            double speed = 0;
            for (std::size_t row = 0; row < 50; ++row) {
                QCOMPARE(results->cell(x, row).number(), at);
                const double before = at;
                at = before + speed * 0.01;
                speed = speed - before * 0.01;
            }
        }
    }

    void what_cannot_be_taken_names_its_line() {
        Bench bench;
        bench.numbers("f", {1});
        const std::pair<const char*, const char*> wrong[] = {{"a = 1\nb = (2", "Line 2"},
                                                             {"a = 1\n\nc = 2 +", "Line 2"},
                                                             {"a = 1\na = f", "twice"},
                                                             {"1a = f\nb = 1", "Line 1"}};
        for (const auto& [text, told] : wrong) {
            const auto written = write_definitions(bench.study, bench.table, text);
            QVERIFY2(!written, text);
            QVERIFY2(written.refusal().text().find(told) != std::string::npos, written.refusal().text().c_str());
        }
        QVERIFY(!write_definitions(bench.study, Id("gone"), "a = 1\nb = 2"));
        QVERIFY(definition_lines("\n \n").empty());
    }

    void a_column_waits_for_one_name_after_the_other() {
        Bench bench;
        bench.numbers("x", {1, 2}).work("z = x * a + b");
        const Id z = bench.id("z");
        QCOMPARE(waited_for(bench.study, z), std::string("a"));
        QVERIFY(bench.cell("z", 1).is_fault());
        bench.held("a = 2");
        QCOMPARE(waited_for(bench.study, z), std::string("b"));
        bench.work("b = x + 1");
        QCOMPARE(waited_for(bench.study, z), std::string());
        QCOMPARE(bench.cell("z", 2).number(), 7.0);
        bench.work("w = z + y"); // what depends on it passes the fault on
        bench.work("v = w * 2");
        QCOMPARE(bench.cell("v", 1).fault().at().waits_for, std::string("y"));
        bench.work("q = Gone.x"); // no table: nothing to wait for
        QCOMPARE(waited_for(bench.study, bench.id("q")), std::string());
    }

    void neighbours_are_offered_behind_the_bracket_of_a_measure() {
        Bench bench;
        bench.texts("site", {"pool"}).numbers("t1", {1}).numbers("t2", {2}).numbers("t3", {3});
        const Table& own = *bench.study.table(bench.table);
        const TextsOf none = [](const ColumnDefinition&) { return Texts(); };
        const auto offered = [&](const std::string& before, Id written = {}) {
            Texts texts;
            for (const Completion& one : completions_for(before, bench.study, &own, none, written).all) {
                texts.push_back(one.text);
            }
            return texts;
        };
        QCOMPARE(offered("mean("), (Texts{"t1[i] .. t3[i]", "t3"}));
        QCOMPARE(offered("2 * sd(", bench.id("t3")), (Texts{"t1[i] .. t2[i]", "t2"}));
        QCOMPARE(offered("sum(", bench.id("t2")), (Texts{"t1"}));
        QVERIFY(offered("sum(", bench.id("site")).empty());
        QVERIFY(offered("sqrt(").empty());
        QVERIFY(offered("(").empty());
    }

    void columns_between_two_are_marked() {
        Bench bench;
        bench.numbers("a", {1}).numbers("b", {1}).numbers("c", {1}).numbers("d", {1});
        const Formula formula("mean(a[i] .. c[i]) + sum(b .. d)");
        const auto marks = marks_of(*formula.tree(), bench.study, bench.study.table(bench.table));
        Texts follow;
        Texts stay;
        for (const Mark& mark : marks) {
            (mark.manner == Manner::follows ? follow : stay)
                .push_back(bench.study.table(bench.table)->column(mark.id)->name + (mark.between ? "*" : ""));
        }
        std::sort(follow.begin(), follow.end());
        std::sort(stay.begin(), stay.end());
        QCOMPARE(follow, (Texts{"a", "b*", "c"}));
        QCOMPARE(stay, (Texts{"b", "c*", "d"}));
    }

    /// After any typing under a text, what is shown is what a plain model of it says.
    void typed_headings_against_a_plain_model_data() {
        QTest::addColumn<QString>("typed"); ///< cells down the first column
        QTest::addColumn<QString>("label"); ///< "-": none is taken
        QTest::addColumn<int>("rows");
        QTest::newRow("numbers") << "Length|42|57"
                                 << "Length" << 2;
        QTest::newRow("dates") << "Taken|12/05/2021"
                               << "Taken" << 1;
        QTest::newRow("answers") << "Alive|yes|no"
                                 << "Alive" << 2;
        QTest::newRow("texts") << "Site|pool|weir"
                               << "-" << 3;
        QTest::newRow("a gap") << "Length||42"
                               << "-" << 3;
        QTest::newRow("a number over numbers") << "7|42"
                                               << "-" << 2;
    }
    void typed_headings_against_a_plain_model() {
        QFETCH(QString, typed);
        QFETCH(QString, label);
        QFETCH(int, rows);
        Bench bench;
        std::size_t row = 0;
        for (const QString& text : typed.split(u'|')) {
            const std::vector<Texts> block = {{text.toStdString()}};
            const auto headed = with_typed_headings(bench.study, bench.table, row, 0, block);
            row -= headed ? 1 : 0;
            bench.take(type_block(headed ? headed->study : bench.study, bench.table, row, 0, block));
            ++row;
        }
        const Table& table = *bench.study.table(bench.table);
        QCOMPARE(QString::fromStdString(table.columns[0]->label.empty() ? "-" : table.columns[0]->label), label);
        QCOMPARE(static_cast<int>(table.axis.ids()->size()), rows);
    }
};

LEDGEFALL_TEST(TestDefinitions)
#include "test_definitions.moc"
