// Dates and times of day, against Qt's calendar and against the calendar walked day by day.

#include "core/value/date.h"
#include "harness/test_program.h"
#include "working.h"

#include <QDateTime>
#include <QTimeZone>

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// A date and time as a formula of the language.
std::string in_formula(const QDateTime& at) {
    const qint64 time = at.time().msecsSinceStartOfDay();
    return QStringLiteral("(date(%1, %2, %3) + %4 / 86400000)")
        .arg(at.date().year())
        .arg(at.date().month())
        .arg(at.date().day())
        .arg(time)
        .toStdString();
}

/// Completed months, by adding one month after the other to the first as the rule says: its day must have come again.
int months_counted(const QDateTime& from, const QDateTime& to) {
    int months = 12 * (to.date().year() - from.date().year()) + to.date().month() - from.date().month();
    const bool before =
        to.date().day() < from.date().day() || (to.date().day() == from.date().day() && to.time() < from.time());
    return before ? months - 1 : months;
}

} // namespace

class TestDates : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    /// Every day from the year 1 to the year 9999, written and read again, one after the other.
    void every_day_of_the_calendar() {
        int year = 1;
        int month = 1;
        int day = 1;
        const int lengths[] = {31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
        double number = first_day;
        for (; year < 10000; ++number) {
            char text[32];
            std::snprintf(text, sizeof text, "%04d-%02d-%02d", year, month, day);
            if (read_date(text) != number || write_date(number) != text) {
                QFAIL(text);
            }
            const bool leap = year % 4 == 0 && (year % 100 != 0 || year % 400 == 0);
            if (++day > lengths[month - 1] + (month == 2 && leap ? 1 : 0)) {
                day = 1;
                month = month % 12 + 1;
                year += month == 1 ? 1 : 0;
            }
        }
        QCOMPARE(number, last_day + 1);
    }

    /// Completed units between dates with times, around the days whose numbers are powers of two, too.
    void completed_units_with_times_of_day() {
        std::mt19937 random(20261125);
        const auto any = [&random](int from, int to) { return std::uniform_int_distribution<int>(from, to)(random); };
        const Bench bench;
        int compared = 0;
        for (int round = 0; round < 1500; ++round) {
            const int around = any(0, 2) == 0 ? (1 << any(0, 15)) - any(0, 2) : any(-40000, 80000);
            const QTime time = QTime::fromMSecsSinceStartOfDay(any(0, 2) == 0 ? 28'800'000 : any(0, 86'399'999));
            const QDateTime from(QDate(1970, 1, 1).addDays(around), time, Qt::UTC);
            QDateTime to = any(0, 1) == 0 ? from.addYears(any(0, 40)) : from.addDays(any(0, 9000));
            to = any(0, 1) == 0 ? to : to.addMSecs(any(0, 1) == 0 ? -1 : any(-90'000'000, 90'000'000));
            if (to < from) {
                continue;
            }
            const std::string pair = "(" + in_formula(from) + ", " + in_formula(to) + ")";
            const int months = months_counted(from, to);
            const qint64 milliseconds = from.msecsTo(to);
            QCOMPARE(bench.number("months" + pair), static_cast<double>(months));
            QCOMPARE(bench.number("years" + pair), static_cast<double>(months / 12));
            QCOMPARE(bench.number("days" + pair), static_cast<double>(milliseconds / 86'400'000));
            QCOMPARE(bench.number("weeks" + pair), static_cast<double>(milliseconds / 604'800'000));
            ++compared;
        }
        QVERIFY(compared > 1000);
        QCOMPARE(bench.number("years(date(1969,12,25)+1/3, date(1970,12,25)+1/3)"), 1.0);
        QCOMPARE(bench.number("years(date(1970,12,25)+1/3, date(1969,12,25)+1/3)"), -1.0);
        QVERIFY(!std::signbit(bench.number("days(date(2026, 5, 4), date(2026, 5, 4) - 0.5)")));
    }

    void times_are_written_and_read_to_the_microsecond() {
        const char* const texts[] = {"2026-05-03 14:30",           "2026-05-03 14:30:05",
                                     "2026-05-03 23:59:59.9",      "0001-01-01 00:00:01",
                                     "9999-12-31 23:59:59.999",    "1969-12-31 00:00:00.001",
                                     "2026-05-03 12:00:01.123456", "1969-12-31 23:59:59.999999"};
        for (const char* text : texts) {
            QVERIFY(read_date(text).has_value());
            QCOMPARE(write_date(*read_date(text)), std::string(text));
        }
        for (const char* bad : {"0000-01-01", "2026-02-29", "2026-05-03 24:00", "2026-05-03 12:00:60",
                                "2026-05-03 12:00:01.", "2026-05-03 12", "2026-5-3", "2026-05-03 12:00:01.1234567"}) {
            QVERIFY2(!read_date(bad), bad);
        }
        // A hair before midnight is the next day's midnight, as it is written to the millisecond.
        QCOMPARE(write_date(std::nextafter(20000.0, 0.0)), write_date(20000.0));
        const Bench bench;
        QCOMPARE(bench.number("day(date(2026, 5, 4) + 1/86400/10)"), 4.0);
    }

    void what_is_no_date_is_refused() {
        const Bench bench;
        for (const char* formula :
             {"date(2024, 257, 1)", "date(2024, 1, 256)", "date(-5, 1, 1)", "date(0, 1, 1)", "date(10000, 1, 1)",
              "date(2026, 2, 29)", "date(2026.5, 1, 1)", "date(9999,12,31) + 1e9", "date(9999,12,31) + 1e12",
              "date(9999,12,31) + 1", "date(1,1,1) - 1", "date(1,1,1) - 1e300", "1e18 + date(2026, 1, 1)"}) {
            QVERIFY2(bench.cause(formula) == Cause::out_of_domain, formula);
        }
        QCOMPARE(write_cell(bench.value("date(9999, 12, 31) + 0.5")), std::string("9999-12-31 12:00"));
        QCOMPARE(write_cell(bench.value("date(1, 1, 2) - 1")), std::string("0001-01-01"));
        const Value fault = bench.value("date(9999, 12, 31) + 1e12");
        QVERIFY(fault.fault().at().what.text().find("9999") != std::string::npos);
    }

    /// In a column the rows are computed by blocks: a day outside the calendar is one row's fault.
    void days_are_added_row_by_row() {
        Bench bench;
        bench.numbers("n", {1, std::nan(""), 3e6, -2}).work("d = date(2026, 5, 4) + n");
        QCOMPARE(write_cell(bench.cell("d", 1)), std::string("2026-05-05"));
        QVERIFY(bench.cell("d", 2).is_missing());
        QVERIFY(bench.cell("d", 3).is_fault());
        QCOMPARE(write_cell(bench.cell("d", 4)), std::string("2026-05-02"));
    }

    void a_missing_number_of_days_is_missing() {
        const Bench bench;
        for (const char* formula : {"date(2026, 5, 4) + missing", "missing + date(2026, 5, 4)",
                                    "date(2026, 5, 4) - missing", "days(date(2026, 5, 4), missing)"}) {
            QVERIFY2(bench.value(formula).is_missing(), formula);
        }
    }
};

LEDGEFALL_TEST(TestDates)
#include "test_dates.moc"
