// Foot lines that use each other by name, each column by itself.

#include "core/study/model/fault_explanation.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

class TestFoot : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void lines_use_each_other_in_any_order() {
        Bench bench;
        fill(bench);
        const std::vector<Id> columns = {bench.id("riffle"), bench.id("pool")};
        Id all, extra, total;
        bench.take(define_foot_line(bench.study, bench.table, "all = total + extra", columns, &all));
        QVERIFY(bench.results->foot(all, columns[0]).is_fault()); // total is not there yet
        bench.take(define_foot_line(bench.study, bench.table, "extra = total * rate", columns, &extra));
        bench.take(define_foot_line(bench.study, bench.table, "total = sum(each)", columns, &total));
        QCOMPARE(bench.results->foot(total, columns[0]).number(), 16.0);
        QCOMPARE(bench.results->foot(total, columns[1]).number(), 40.0);
        QCOMPARE(bench.results->foot(extra, columns[0]).number(), 2.0);
        QCOMPARE(bench.results->foot(extra, columns[1]).number(), 5.0);
        QCOMPARE(bench.results->foot(all, columns[0]).number(), 18.0);
        QCOMPARE(bench.results->foot(all, columns[1]).number(), 45.0);
    }

    void a_line_that_is_renamed_takes_its_users_along() {
        Bench bench;
        fill(bench);
        const std::vector<Id> columns = {bench.id("riffle"), bench.id("pool")};
        Id total, extra;
        bench.take(define_foot_line(bench.study, bench.table, "total = sum(each)", columns, &total));
        bench.take(define_foot_line(bench.study, bench.table, "extra = total * rate + total", columns, &extra));
        bench.take(redefine_foot_line(bench.study, total, "catch_of_all = sum(each)"));
        QCOMPARE(bench.study.table(bench.table)->foot[1]->formula.text(),
                 std::string("catch_of_all * rate + catch_of_all"));
        QCOMPARE(bench.results->foot(extra, columns[1]).number(), 45.0);
        QVERIFY(!remove_foot_line(bench.study, total)); // it is used
        bench.take(remove_foot_line(bench.study, extra));
        bench.take(remove_foot_line(bench.study, total));
        QVERIFY(bench.study.table(bench.table)->foot.empty());
    }

    void names_are_not_taken_twice() {
        Bench bench;
        fill(bench);
        const std::vector<Id> columns = {bench.id("riffle")};
        bench.take(define_foot_line(bench.study, bench.table, "total = sum(each)", columns));
        QVERIFY(!define_foot_line(bench.study, bench.table, "total = max(each)", columns));
        QVERIFY(!define_foot_line(bench.study, bench.table, "pool = max(each)", columns)); // a column
        QVERIFY(hold(bench.study, Id(), "total = 3"));                                     // nothing uses the line yet
        bench.take(define_foot_line(bench.study, bench.table, "twice = 2 * total", columns));
        QVERIFY(!hold(bench.study, Id(), "total = 3")); // it would silently be meant instead
    }

    void a_column_that_comes_in_takes_no_name_in_use() {
        Bench bench;
        fill(bench);
        const Id riffle = bench.id("riffle");
        Id twice;
        bench.take(define_foot_line(bench.study, bench.table, "total = sum(each)", {riffle}));
        bench.take(define_foot_line(bench.study, bench.table, "twice = 2 * total", {riffle}, &twice));
        bench.take(add_columns(bench.study, bench.table, // as by pasting
                               {{"total", "", "", Column::of(Kind::number, {Value::number(7)})}}));
        QCOMPARE(bench.results->foot(twice, riffle).number(), 32.0);
        QVERIFY(bench.study.table(bench.table)->column_named("total") == nullptr);
    }

    void rings_and_columns_without_the_line_are_faults() {
        Bench bench;
        fill(bench);
        const Id riffle = bench.id("riffle");
        const Id pool = bench.id("pool");
        Id a, b, part;
        bench.take(define_foot_line(bench.study, bench.table, "a = b + 1", {riffle}, &a));
        bench.take(define_foot_line(bench.study, bench.table, "b = a + 1", {riffle}, &b));
        QVERIFY(bench.results->foot(a, riffle).is_fault());
        bench.take(define_foot_line(bench.study, bench.table, "part = a / 2", {pool}, &part));
        QVERIFY(bench.results->foot(part, pool).is_fault());
        const std::string why = explain(bench.study, *bench.results, bench.results->foot(part, pool).fault()).text();
        QVERIFY2(why.find("does not cover this column") != std::string::npos, why.c_str());
    }

  private:
    static void fill(Bench& bench) {
        bench.numbers("riffle", {3, 5, 8});
        bench.numbers("pool", {10, 10, 20});
        bench.held("rate = 12.5%");
    }
};

LEDGEFALL_TEST(TestFoot)
#include "test_foot.moc"
