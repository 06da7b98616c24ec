// Numbers and dates as people write them.

#include "core/value/date.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

class TestSpelling : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void numbers_data() {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("by_point"); ///< "-": none
        QTest::addColumn<QString>("by_comma");
        const char* rows[][3] = {{"12", "12", "12"},
                                 {"12,5", "12.5", "12.5"},
                                 {"12.5", "12.5", "12.5"},
                                 {"1,250", "1250", "1.25"},
                                 {"1.250", "1.25", "1250"},
                                 {"1 250", "1250", "1250"},
                                 {"12 345,6", "12345.6", "12345.6"},
                                 {"12 345.6", "12345.6", "12345.6"},
                                 {"1,234,567.5", "1234567.5", "-"},
                                 {"1.234.567,5", "-", "1234567.5"},
                                 {"3 %", "0.03", "0.03"},
                                 {"3,5 %", "0.035", "0.035"},
                                 {"1.2e-3", "0.0012", "0.0012"},
                                 {"1.2×10^-3", "0.0012", "0.0012"},
                                 {"1,2 · 10⁻³", "0.0012", "0.0012"},
                                 {"6.02*10^23", "6.02e+23", "6.02e+23"},
                                 {"−4,5", "-4.5", "-4.5"},
                                 {"+4", "4", "4"},
                                 {"1'250", "1250", "1250"},
                                 {"1 25", "-", "-"},
                                 {"12,34,5", "-", "-"},
                                 {"1,2,3", "-", "-"},
                                 {"--4", "-", "-"},
                                 {"4 m", "-", "-"},
                                 {"1.2.3", "-", "-"},
                                 {"", "-", "-"},
                                 {"e5", "-", "-"},
                                 {",5", "0.5", "0.5"}};
        for (const auto& row : rows) {
            QTest::newRow(row[0]) << QString::fromUtf8(row[0]) << QString::fromUtf8(row[1])
                                  << QString::fromUtf8(row[2]);
        }
    }
    void numbers() {
        QFETCH(QString, typed);
        QFETCH(QString, by_point);
        QFETCH(QString, by_comma);
        const auto shown = [](std::optional<double> number) {
            return number ? QString::fromStdString(shortest(*number)) : QStringLiteral("-");
        };
        QCOMPARE(shown(read_spelled_number(typed.toStdString(), {'.'})), by_point);
        QCOMPARE(shown(read_spelled_number(typed.toStdString(), {','})), by_comma);
    }

    void fractions_stand_among_numbers_only() {
        QCOMPARE(read_cell("2/5", Kind::number).number(), 0.4);
        QCOMPARE(read_cell("1 1/2", Kind::number).number(), 1.5);
        QCOMPARE(read_cell("-1 3/4", Kind::number).number(), -1.75);
        QVERIFY(!read_fraction("1/0") && !read_fraction("1/2/3") && !read_fraction("a/2") && !read_fraction("1 /2"));
        QVERIFY(kind_of_typed("2/5") == Kind::text);
        QVERIFY(kind_of_typed("12/05/2021") == Kind::date);
        QVERIFY(kind_of_typed("1,250") == Kind::number);
    }

    void dates_data() {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("by_day");
        QTest::addColumn<QString>("by_month");
        const char* rows[][3] = {{"2021-5-3", "2021-05-03", "2021-05-03"},
                                 {"12/05/2021", "2021-05-12", "2021-12-05"},
                                 {"12.5.21", "2021-05-12", "2021-05-12"},
                                 {"12.05.1998", "1998-05-12", "1998-05-12"},
                                 {"31/12/99", "1999-12-31", "-"},
                                 {"12/31/1999", "-", "1999-12-31"},
                                 {"5 May 2021", "2021-05-05", "2021-05-05"},
                                 {"5. Mai 2021", "2021-05-05", "2021-05-05"},
                                 {"May 5, 2021", "2021-05-05", "2021-05-05"},
                                 {"1 Sept 2020", "2020-09-01", "2020-09-01"},
                                 {"3. März 2024", "2024-03-03", "2024-03-03"},
                                 {"29/02/2024", "2024-02-29", "-"},
                                 {"29/02/2023", "-", "-"},
                                 {"30 Feb 2021", "-", "-"},
                                 {"2021/05/03 14:30", "2021-05-03 14:30", "2021-05-03 14:30"},
                                 {"3/5/2021 9:05", "2021-05-03 09:05", "2021-03-05 09:05"},
                                 {"2021-05-03T14:30Z", "2021-05-03 14:30", "2021-05-03 14:30"},
                                 {"2021-05-03T00:30+02:00", "2021-05-02 22:30", "2021-05-02 22:30"},
                                 {"2021-05-03 23:00:00-0130", "2021-05-04 00:30", "2021-05-04 00:30"},
                                 {"12/05", "-", "-"},
                                 {"12-05-21", "-", "-"},
                                 {"1.2.3", "-", "-"},
                                 {"5 Foo 2021", "-", "-"},
                                 {"12/05/2021 25:00", "-", "-"},
                                 {"12/5.2021", "-", "-"}};
        for (const auto& row : rows) {
            QTest::newRow(row[0]) << QString::fromUtf8(row[0]) << QString::fromUtf8(row[1])
                                  << QString::fromUtf8(row[2]);
        }
    }
    void dates() {
        QFETCH(QString, typed);
        QFETCH(QString, by_day);
        QFETCH(QString, by_month);
        const auto shown = [](std::optional<double> days) {
            return days ? QString::fromStdString(write_date(*days)) : QStringLiteral("-");
        };
        QCOMPARE(shown(read_spelled_date(typed.toStdString(), {'.', false})), by_day);
        QCOMPARE(shown(read_spelled_date(typed.toStdString(), {'.', true})), by_month);
    }

    /// Every day of some years, in the forms of people, against Qt's calendar.
    void every_day_against_another_calendar() {
        for (QDate day(1996, 1, 1); day.year() < 2030; day = day.addDays(1)) {
            const auto days = static_cast<double>(QDate(1970, 1, 1).daysTo(day));
            for (const char* form : {"dd/MM/yyyy", "d.M.yyyy", "d.M.yy", "yyyy-M-d", "yyyy/MM/dd"}) {
                const std::string text = day.toString(QLatin1String(form)).toStdString();
                QVERIFY2(read_spelled_date(text) == days, text.c_str());
            }
            const std::string in_words = QLocale::c().toString(day, QStringLiteral("d MMMM yyyy")).toStdString();
            QVERIFY2(read_spelled_date(in_words) == days, in_words.c_str());
        }
    }

    void a_column_of_dates_turns_its_days_and_months() {
        Bench bench;
        bench.take(type_block(bench.study, bench.table, 0, 0, {{"12/05/2021"}, {"3/5/2021"}, {"2021-04-03"}}));
        const Id id = bench.study.table(bench.table)->columns[0]->id;
        const auto cell = [&](std::size_t row) {
            return write_cell(bench.study.table(bench.table)->columns[0]->cells->at(row));
        };
        QCOMPARE(cell(0), std::string("2021-05-12"));
        bench.take(swap_days_and_months(bench.study, id));
        QCOMPARE(cell(0), std::string("2021-12-05"));
        QCOMPARE(cell(1), std::string("2021-03-05"));
        bench.take(type_block(bench.study, bench.table, 3, 0, {{"30/05/2021"}}));
        bench.take(swap_days_and_months(bench.study, id));
        QCOMPARE(cell(3), std::string("2021-05-30")); // there is no month 30
    }
};

LEDGEFALL_TEST(TestSpelling)
#include "test_spelling.moc"
