// Means with their ± as text, for a whole column and by groups.

#include "core/study/builders/mean_text.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

class TestMeanText : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_column_has_its_mean_as_text() {
        Bench bench;
        bench.numbers("x",
                      {42, 57, 38, 61, 49, 53, 44, 70, 35, 58, 47, 51, 66, 40, 55, 48, 62, 45, 52, 39, 59, 50, 46, 54});
        bench.take(head_column(bench.study, bench.id("x"), {"Length", "mm", ""}));
        const auto text = [&](MeanSpread spread, bool population) {
            Id held;
            const Study made = *mean_text(bench.study, {bench.id("x"), Id(), spread, population}, &held);
            return compute(made)->single(held).persistent().text().str();
        };
        QCOMPARE(text(MeanSpread::standard_error, false), std::string("50.9 ± 1.9 mm (SE, n = 24)"));
        QCOMPARE(text(MeanSpread::standard_deviation, false), std::string("50.9 ± 9.1 mm (SD, n = 24)"));
        QCOMPARE(text(MeanSpread::standard_deviation, true), std::string("50.9 ± 8.9 mm (SD, n = 24)"));
        QCOMPARE(text(MeanSpread::interval, false), std::string("50.9 ± 3.8 mm (95 % CI, n = 24)"));
    }

    void each_group_has_a_row() {
        Bench bench;
        bench.numbers("x", {1, 2, 3, 10, 12, 7}).texts("site", {"pool", "pool", "pool", "weir", "weir", "riffle"});
        Id table;
        bench.take(
            mean_text(bench.study, {bench.id("x"), bench.id("site"), MeanSpread::standard_error, false}, &table));
        const Id text = bench.study.table(table)->column_named("mean_text")->id;
        QCOMPARE(bench.results->cell(text, 0).text().str(), std::string("2.00 ± 0.58 (SE, n = 3)"));
        QCOMPARE(bench.results->cell(text, 1).text().str(), std::string("11.0 ± 1.0 (SE, n = 2)"));
        QVERIFY(bench.results->cell(text, 2).is_missing()); // one value has no standard error
        QCOMPARE(bench.study.checks.size(), std::size_t{1});
        QVERIFY(!bench.results->single(bench.study.checks.front()->id).yes());
    }
};

LEDGEFALL_TEST(TestMeanText)
#include "test_mean_text.moc"
