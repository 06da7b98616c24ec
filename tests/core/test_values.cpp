// Values, columns, dates and row ids, each by itself.

#include "core/formula/names.h"
#include "core/study/row_sources/row_ids.h"
#include "core/value/column.h"
#include "core/value/date.h"
#include "core/value/decimals.h"
#include "harness/test_program.h"

#include <QtTest>

#include <cmath>

using namespace ledgefall;

class TestValues : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void numbers_are_read_as_typed() {
        QCOMPARE(read_number("12.5"), std::optional(12.5));
        QCOMPARE(read_number(" −3 "), std::optional(-3.0));
        QCOMPARE(read_number("+1e-3"), std::optional(0.001));
        QCOMPARE(read_number("1,5", ','), std::optional(1.5));
        QVERIFY(!read_number("1.5", ','));
        for (const char* wrong : {"", "x", "1.2.3", "1e999", "inf", "nan", "0x10", "+-1", "12 mm"}) {
            QVERIFY2(!read_number(wrong), wrong);
        }
    }

    void a_cell_keeps_what_is_no_number() {
        const Value odd = read_cell("about 12", Kind::number);
        QCOMPARE(odd.state(), State::unparsed);
        QCOMPARE(write_cell(odd), std::string("about 12"));
        QVERIFY(read_cell("  ", Kind::number).is_missing());
        QVERIFY(read_cell("yes", Kind::yes_no).yes());
        QCOMPARE(write_cell(read_cell("0.1", Kind::number)), std::string("0.1"));
    }

    void dates_are_days() {
        QCOMPARE(read_date("1970-01-01"), std::optional(0.0));
        QCOMPARE(read_date("2026-03-01").value() - read_date("2026-02-28").value(), 1.0);
        QCOMPARE(read_date("2024-03-01").value() - read_date("2024-02-28").value(), 2.0);
        QCOMPARE(write_date(*read_date("2026-05-31 14:30")), std::string("2026-05-31 14:30"));
        QCOMPARE(write_date(*read_date("1931-12-05T08:09:10")), std::string("1931-12-05 08:09:10"));
        for (const char* wrong :
             {"2026-02-29", "2026-13-01", "2026-1-1", "2026-01-01x", "2026-01-01 24:00", "31.12.2026"}) {
            QVERIFY2(!read_date(wrong), wrong);
        }
    }

    void columns_share_until_they_are_written() {
        std::vector<double> many(Column::chunk_rows * 2 + 5, 1.0);
        Column a = Column::numbers(many);
        Column b = a;
        b.set(Column::chunk_rows + 1, Value::number(7));
        QCOMPARE(a.at(Column::chunk_rows + 1).number(), 1.0);
        QCOMPARE(b.at(Column::chunk_rows + 1).number(), 7.0);
        QCOMPARE(&a.chunk(0), &b.chunk(0));
        QVERIFY(&a.chunk(1) != &b.chunk(1));
        QVERIFY(!(a == b));
        b.set(Column::chunk_rows + 1, Value::number(1));
        QVERIFY(a == b);
    }

    void columns_mind_missing_cells() {
        Column column;
        column.append(Value::number(1));
        column.set(3, Value::number(4));
        QCOMPARE(column.size(), std::size_t{4});
        QVERIFY(column.at(1).is_missing());
        QVERIFY(column.at(99).is_missing());
        column.insert(1, {Value::number(2), Value::number(3)});
        QCOMPARE(column.at(2).number(), 3.0);
        QCOMPARE(column.at(5).number(), 4.0);
        column.erase(3, 2);
        QCOMPARE(column.size(), std::size_t{4});
        QCOMPARE(column.at(3).number(), 4.0);
        QVERIFY(column.chunk(0).states.size() <= column.size());
        column.resize(1);
        QCOMPARE(column.at(0).number(), 1.0);
    }

    void a_column_across_chunks_survives_insertion() {
        std::vector<double> many;
        for (int k = 0; k < 20000; ++k) {
            many.push_back(k);
        }
        Column column = Column::numbers(many);
        column.insert(8190, {Value::missing(), Value::number(-1)});
        QCOMPARE(column.at(8189).number(), 8189.0);
        QVERIFY(column.at(8190).is_missing());
        QCOMPARE(column.at(8191).number(), -1.0);
        QCOMPARE(column.at(20001).number(), 19999.0);
        column.erase(8190, 2);
        QVERIFY(column == Column::numbers(many));
    }

    void rows_keep_their_ids() {
        RowIds ids(5);
        ids.insert(2, 2);
        QCOMPARE(ids.id_at(2), std::uint64_t{6});
        QCOMPARE(ids.row_of(3), std::optional<std::size_t>(4));
        ids.erase(0, 3);
        QVERIFY(!ids.row_of(1));
        QCOMPARE(ids.row_of(7), std::optional<std::size_t>(0));
        ids.append(1);
        QCOMPARE(ids.id_at(4), std::uint64_t{8});
        QVERIFY(!RowIds::from_runs({{1, 3}, {2, 2}}));
        QVERIFY(!RowIds::from_runs({{1, 0}}));
        QCOMPARE(RowIds::from_runs({{4, 2}, {1, 2}})->id_at(2), std::uint64_t{1});
    }

    void rounding_goes_by_the_decimal_as_written_data() {
        QTest::addColumn<double>("x");
        QTest::addColumn<double>("decimals");
        QTest::addColumn<double>("expected");
        QTest::newRow("half just below") << 2.675 << 2.0 << 2.68;
        QTest::newRow("half just above") << 1.005 << 2.0 << 1.01;
        QTest::newRow("negative half") << -2.5 << 0.0 << -3.0;
        QTest::newRow("carry") << 9.996 << 2.0 << 10.0;
        QTest::newRow("carry to a new digit") << 0.95 << 1.0 << 1.0;
        QTest::newRow("tens") << 1250.0 << -2.0 << 1300.0;
        QTest::newRow("all rounded away") << 4.0 << -1.0 << 0.0;
        QTest::newRow("one digit up") << 5.0 << -1.0 << 10.0;
        QTest::newRow("tiny") << 4.9e-324 << 3.0 << 0.0;
        QTest::newRow("huge") << 1.5e300 << 2.0 << 1.5e300;
        QTest::newRow("few digits") << 0.1 << 5.0 << 0.1;
    }
    void rounding_goes_by_the_decimal_as_written() {
        QFETCH(double, x);
        QFETCH(double, decimals);
        QFETCH(double, expected);
        QCOMPARE(round_decimal(x, decimals), expected);
        QVERIFY(std::isnan(round_decimal(x, 0.5)));
    }

    void names_follow_the_language() {
        QCOMPARE(name_from_label("Plants per tray"), std::string("plants_per_tray"));
        QCOMPARE(name_from_label("N"), std::string("N"));
        QCOMPARE(name_from_label("2nd try!"), std::string("c_2nd_try"));
        QCOMPARE(name_from_label("---"), std::string("column"));
        QCOMPARE(name_from_label("first"), std::string("first_"));
        QCOMPARE(name_from_label("Länge"), std::string("länge"));
        for (const char* good : {"x", "Σf", "x₁", "_a", "µ", "length_mm"}) {
            QVERIFY2(is_name(good), good);
        }
        for (const char* bad : {"", "1x", "a b", "and", "ledge", "x-1", "a.b", "×"}) {
            QVERIFY2(!is_name(bad), bad);
        }
        QCOMPARE(normal_name("µ"), std::string("μ"));
        QCOMPARE(nearest_name("lenght", {"length", "width"}), std::string("length"));
        QVERIFY(nearest_name("zzz", {"length", "width"}).empty());
    }
};

LEDGEFALL_TEST(TestValues)
#include "test_values.moc"
