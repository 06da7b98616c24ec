// Edits of a study: names keep their meaning, removal says who uses what, cells follow their rows, undo has no end.

#include "core/study/model/history.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

std::string formula_of(const Bench& bench, const std::string& name) {
    const ColumnDefinition* column = bench.study.table(bench.table)->column_named(name);
    return column == nullptr ? "" : column->pieces.front().formula.text();
}

} // namespace

class TestEdits : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void renaming_rewrites_formulas_and_nothing_else_in_them() {
        Bench bench;
        bench.numbers("x", {1, 2, 3}).held("p = 2").work("y  =  x*p  - mean( x ) + x[i-1]");
        bench.take(rename_column(bench.study, bench.id("x"), "length"));
        QCOMPARE(formula_of(bench, "y"), std::string("length*p  - mean( length ) + length[i-1]"));
        bench.take(rehold(bench.study, bench.id("p"), "factor = 2"));
        QCOMPARE(formula_of(bench, "y"), std::string("length*factor  - mean( length ) + length[i-1]"));
        QCOMPARE(bench.cell("y", 2).number(), 2 * 2 - 2.0 + 1);
        QVERIFY(!rename_column(bench.study, bench.id("y"), "length"));
        QVERIFY(!rename_column(bench.study, bench.id("y"), "2y"));
        QVERIFY(!rename_column(bench.study, bench.id("y"), "mod"));
    }

    void renaming_a_table_rewrites_what_names_it() {
        Bench bench;
        bench.numbers("x", {1, 2, 3}).held("m = mean(Data.x)");
        bench.take(rename_table(bench.study, bench.table, "Pebbles"));
        QCOMPARE(bench.study.held_named("m")->formula.text(), std::string("mean(Pebbles.x)"));
        QCOMPARE(bench.results->single(bench.id("m")).number(), 2.0);
    }

    void a_newcomer_captures_no_name() {
        Bench bench;
        bench.numbers("x", {1, 2}).held("n = 10").work("y = x * n");
        bench.work("n = row"); // a column of the same name comes first in this table's formulas
        QCOMPARE(formula_of(bench, "y"), std::string("x * ledge.n"));
        QCOMPARE(bench.cell("y", 2).number(), 20.0);
        bench.take(rename_column(bench.study, bench.id("n"), "number"));
        QCOMPARE(bench.cell("y", 2).number(), 20.0);
        bench.work("k = sum(n for n in 1..3) + ledge.n");
        bench.take(rename_column(bench.study, bench.id("number"), "n")); // the bound n stays itself
        QCOMPARE(formula_of(bench, "k"), std::string("sum(n for n in 1..3) + ledge.n"));
    }

    void removal_says_who_uses_it() {
        Bench bench;
        bench.numbers("x", {1, 2}).work("y = x + 1").work("z = x * y").held("m = mean(Data.x)");
        const Result<Study> refused = remove_column(bench.study, bench.id("x"));
        QVERIFY(!refused);
        const std::string why = refused.refusal().text();
        for (const char* user : {"Data.y", "Data.z", "ledge.m"}) {
            QVERIFY2(why.find(user) != std::string::npos, why.c_str());
        }
        bench.take(remove_column(bench.study, bench.id("z")));
        bench.take(remove_column(bench.study, bench.id("x"), IfUsed::remove_anyway));
        QCOMPARE(bench.results->single(bench.id("m")).fault().at().cause, Cause::unknown_name);
        QVERIFY(!remove_table(bench.study, bench.table) || users_of(bench.study, bench.table).empty());
    }

    void blocks_make_the_rows_and_columns_they_need() {
        Bench bench;
        bench.take(type_block(bench.study, bench.table, 0, 0, {{"1", "pool"}, {"2", "weir"}, {"x", ""}}));
        const Table& table = *bench.study.table(bench.table);
        QCOMPARE(table.columns.size(), std::size_t{2});
        QCOMPARE(table.axis.ids()->size(), std::size_t{3});
        QCOMPARE(table.columns[0]->cells->kind(), Kind::number);
        QCOMPARE(table.columns[0]->cells->at(2).state(), State::unparsed);
        QCOMPARE(table.columns[1]->cells->kind(), Kind::text);
        QCOMPARE(table.columns[1]->cells->at(1).text().str(), std::string("weir"));
        QVERIFY(!type_block(bench.study, bench.table, 30'000'000, 0, {{"1"}}));
    }

    void cells_and_overrides_follow_their_rows() {
        Bench bench;
        bench.numbers("x", {1, 2, 3}).work("y = x * 10");
        bench.take(type_block(bench.study, bench.table, 1, 1, {{"99"}}));
        bench.take(insert_rows(bench.study, bench.table, 0, 2));
        QCOMPARE(bench.cell("y", 4).number(), 99.0);
        QVERIFY(bench.cell("x", 1).is_missing());
        bench.take(remove_rows(bench.study, bench.table, 0, 3));
        QCOMPARE(bench.cell("y", 1).number(), 99.0);
        QCOMPARE(bench.cell("y", 2).number(), 30.0);
        bench.take(remove_rows(bench.study, bench.table, 0, 1));
        QVERIFY(bench.study.table(bench.table)->columns[1]->overrides->empty());
        bench.take(type_block(bench.study, bench.table, 0, 1, {{"5"}}));
        bench.take(type_block(bench.study, bench.table, 0, 1, {{""}})); // a blank gives the cell back
        QCOMPARE(bench.cell("y", 1).number(), 30.0);
    }

    void kinds_are_read_anew() {
        Bench bench;
        bench.texts("t", {"1", "two", "3"});
        bench.take(set_kind(bench.study, bench.id("t"), Kind::number));
        QCOMPARE(bench.cell("t", 3).number(), 3.0);
        QCOMPARE(bench.study.table(bench.table)->columns[0]->cells->at(1).state(), State::unparsed);
        bench.take(set_kind(bench.study, bench.id("t"), Kind::text));
        QCOMPARE(bench.cell("t", 2).text().str(), std::string("two"));
    }

    void held_values_are_given_or_worked() {
        Bench bench;
        bench.held("p = 35%").held("site = \"pool\"").held("q = 1 - p").held("neg = -4");
        QCOMPARE(bench.study.held_named("p")->value.number(), 0.35);
        QVERIFY(!bench.study.held_named("p")->computed());
        QVERIFY(bench.study.held_named("q")->computed());
        QCOMPARE(bench.study.held_named("neg")->value.number(), -4.0);
        QCOMPARE(bench.study.held_named("site")->value.text().str(), std::string("pool"));
        bench.take(rehold(bench.study, bench.id("p"), "p [1] = 0.5"));
        QCOMPARE(bench.results->single(bench.id("q")).number(), 0.5);
        QVERIFY(!hold(bench.study, Id(), "= 4"));
        QVERIFY(!hold(bench.study, Id(), "p q = 4"));
    }

    void a_tables_own_held_value_comes_first() {
        Bench bench;
        bench.numbers("x", {1}).held("k = 1").work("y = x * k");
        bench.take(hold(bench.study, bench.table, "k = 5"));
        QCOMPARE(bench.cell("y", 1).number(), 1.0); // it still means the ledge's
        QCOMPARE(formula_of(bench, "y"), std::string("x * ledge.k"));
        bench.work("z = x * k");
        QCOMPARE(bench.cell("z", 1).number(), 5.0);
    }

    void broken_formulas_change_nothing() {
        Bench bench;
        bench.numbers("x", {1});
        QVERIFY(!write_column(bench.study, bench.table, "y = x +"));
        Study named = *write_column(bench.study, bench.table, "x + 1"); // a formula alone gets a name
        QVERIFY(named.table(bench.table)->column_named("result") != nullptr);
        QVERIFY(!add_foot_line(bench.study, bench.table, "bad", "sum(", {}));
        QVERIFY(!count_rows(bench.study, bench.table, "1 +"));
    }

    void history_goes_back_and_forth_without_end() {
        Bench bench;
        bench.numbers("x", {0});
        History history(bench.study);
        for (int k = 1; k <= 1000; ++k) {
            history.perform(*type_block(history.now(), bench.table, 0, 0, {{std::to_string(k)}}), "typing");
        }
        history.mark_saved();
        for (int k = 0; k < 1000; ++k) {
            QVERIFY(history.can_undo());
            history.undo();
        }
        QVERIFY(!history.can_undo());
        QVERIFY(history.now() == bench.study);
        QVERIFY(!history.is_saved());
        for (int k = 0; k < 1000; ++k) {
            history.redo();
        }
        QVERIFY(history.is_saved());
        QCOMPARE(history.now().table(bench.table)->columns[0]->cells->at(0).number(), 1000.0);
        history.undo();
        history.perform(bench.study, "other");
        QVERIFY(!history.can_redo());
        QVERIFY(!history.is_saved());
    }
};

LEDGEFALL_TEST(TestEdits)
#include "test_edits.moc"
