// Values as they are shown, and formulas with their marks.

#include "app/document/document.h"
#include "app/numbers/formula_text.h"
#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"

#include <QtTest>

using namespace ledgefall;

namespace {

Study small_study(Id* table) {
    Study study = *add_table(Study(), "T", table);
    study = *add_columns(study, *table, {{"x", "x", "mm", Column::numbers({1, 2, 3})}});
    return *write_column(study, *table, "y = x * 2");
}

} // namespace

class TestNumberText : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

    void numbers_as_shown_data() {
        QTest::addColumn<double>("number");
        QTest::addColumn<int>("style");
        QTest::addColumn<int>("digits");
        QTest::addColumn<QString>("expected");
        const auto row = [](const char* name, double number, Format::Style style, int digits, const char* expected) {
            QTest::newRow(name) << number << static_cast<int>(style) << digits << QString::fromUtf8(expected);
        };
        using Style = Format::Style;
        row("whole", 42, Style::automatic, 0, "42");
        row("true minus", -0.5, Style::automatic, 0, "−0.5");
        row("third", 1.0 / 3, Style::automatic, 0, "0.33333");
        row("six figures", 82.46195652, Style::automatic, 0, "82.462");
        row("rounded zeros go", 79.02604166, Style::automatic, 0, "79.026");
        row("leftover of arithmetic", 0.1 + 0.2, Style::automatic, 0, "0.3");
        row("huge", 6.02214076e23, Style::automatic, 0, "6.0221·10²³");
        row("tiny", -3.2e-7, Style::automatic, 0, "−3.2000·10⁻⁷");
        row("small", 0.00012345678, Style::automatic, 0, "0.00012346");
        row("no minus before nothing", -0.0, Style::automatic, 0, "0");
        row("decimals", 2.5, Style::decimals, 3, "2.500");
        row("Per cent", 0.2226, Style::percent, 1, "22.3\u202F%");
        row("significant", 0.012345, Style::significant, 3, "0.0123");
        row("significant, large", 123456, Style::significant, 3, "1.23·10⁵");
        row("powers of ten", 12345, Style::scientific, 2, "1.23·10⁴");
        row("degrees", std::atan2(1, 1), Style::degrees, 1, "45.0°");
        row("degrees as needed", -std::acos(-1) / 3, Style::degrees, 0, "−60°");
        row("minutes", 1.0, Style::degrees_minutes, 0, "57°17′45″"); // 57.29577951°
        row("minutes carry", std::acos(-1) / 180 * 59.99999, Style::degrees_minutes, 0, "60°0′0″");
    }

    void numbers_as_shown() {
        QFETCH(double, number);
        QFETCH(int, style);
        QFETCH(int, digits);
        QFETCH(QString, expected);
        QCOMPARE(number_text(number, {static_cast<Format::Style>(style), digits}), expected);
    }

    void numbers_as_the_study_says() {
        using Sign = Settings::DecimalSign;
        using Grouping = Settings::Grouping;
        const auto shown = [](Sign sign, Grouping grouping, double number, int decimals) {
            Settings settings;
            settings.decimal_sign = sign;
            settings.grouping = grouping;
            spell_numbers_by(settings);
            return number_text(number, {Format::Style::decimals, decimals});
        };
        QCOMPARE(shown(Sign::comma, Grouping::none, 1234.5, 2), QStringLiteral("1234,50"));
        QCOMPARE(typed_number(QStringLiteral("1234,5")).value_or(0), 1234.5);
        QCOMPARE(field_text(0.25), QStringLiteral("0,25"));
        QCOMPARE(shown(Sign::comma, Grouping::sign, -1234567.5, 1), QStringLiteral("−1.234.567,5"));
        QCOMPARE(shown(Sign::point, Grouping::sign, 1234.5, 1), QStringLiteral("1,234.5"));
        QCOMPARE(typed_number(QStringLiteral("1,234.5")).value_or(0), 1234.5);
        QCOMPARE(shown(Sign::point, Grouping::space, 1234.25, 2), QStringLiteral("1234.25"));
        QCOMPARE(shown(Sign::point, Grouping::space, 12345.25, 2), QStringLiteral("12\u202F345.25"));
        QCOMPARE(shown(Sign::point, Grouping::space, 123, 0), QStringLiteral("123"));
        QCOMPARE(shown(Sign::point, Grouping::sign, 999, 0), QStringLiteral("999"));
        QVERIFY(spell_numbers_by(Settings()));
        QVERIFY(!spell_numbers_by(Settings()));
    }

    void a_columns_decimals_are_found_together() {
        const auto shown = [](const std::vector<double>& values, double value) {
            return number_text(value, settled_format({}, Column::numbers(values)));
        };
        QCOMPARE(shown({1, 2.5, 3.25}, 1), QStringLiteral("1.00"));
        QCOMPARE(shown({1, 2, 3}, 2), QStringLiteral("2"));
        QCOMPARE(shown({0.1 + 0.2, 0.4}, 0.1 + 0.2), QStringLiteral("0.3"));
        QCOMPARE(shown({1.0 / 3, 1000}, 1.0 / 3), QStringLiteral("0.33"));
        QCOMPARE(shown({1e15, 2e15}, 1e15), QStringLiteral("1.0000·10¹⁵"));
        QCOMPARE(shown({}, 5), QStringLiteral("5"));
        const Column own = Column::numbers({1.23456});
        QCOMPARE(settled_format({Format::Style::percent, 1}, own), (Format{Format::Style::percent, 1}));
    }

    void values_of_every_kind_are_shown() {
        QCOMPARE(value_text(Value::missing(), {}), QString());
        QCOMPARE(value_text(Value::yes_no(true), {}), QStringLiteral("yes"));
        QCOMPARE(value_text(Value::text(Text("pool")), {}), QStringLiteral("pool"));
        QCOMPARE(value_text(Value::unparsed(Text("n/a")), {}), QStringLiteral("n/a"));
        QCOMPARE(value_text(read_cell("2026-05-04", Kind::date), {}), QStringLiteral("2026-05-04"));
        const std::uint32_t site = fault_site({Cause::division_by_zero, Id("c"), {"division by zero", {}}, 0, 0});
        QCOMPARE(value_text(Value::fault({site, 1}), {}), QStringLiteral("÷ 0"));
        QCOMPARE(exact_text(Value::number(-1.0 / 3)), QStringLiteral("−0.3333333333333333"));
    }

    void fractions_and_dates_are_shown_in_words() {
        const auto fraction = [](double number, int largest) {
            return number_text(number, {Format::Style::fraction, largest}).replace(QChar(0x2005), u' ');
        };
        QCOMPARE(fraction(3.25, 9), QStringLiteral("3 1⁄4"));
        QCOMPARE(fraction(-0.5, 9), QStringLiteral("−1⁄2"));
        QCOMPARE(fraction(1.0 / 3, 9), QStringLiteral("1⁄3"));
        QCOMPARE(fraction(5.0 / 16, 16), QStringLiteral("5⁄16"));
        QCOMPARE(fraction(3.14159265358979, 999), QStringLiteral("3 16⁄113"));
        QCOMPARE(fraction(7, 1), QStringLiteral("7"));
        QCOMPARE(fraction(0, 1), QStringLiteral("0"));
        QCOMPARE(fraction(0.9999, 1), QStringLiteral("1"));
        QCOMPARE(fraction(1.9999, 1), QStringLiteral("2"));
        QCOMPARE(fraction(0.0001, 1), QStringLiteral("0"));
        QCOMPARE(fraction(-0.0001, 1), QStringLiteral("0"));
        const Value day = read_cell("2026-05-20", Kind::date);
        QCOMPARE(value_text(day, {Format::Style::day_month, 0}), QStringLiteral("20 May 2026"));
        QCOMPARE(value_text(day, {Format::Style::weekday, 0}), QStringLiteral("Wed 20 May 2026"));
        QCOMPARE(value_text(day, {Format::Style::month_year, 0}), QStringLiteral("May 2026"));
        QCOMPARE(value_text(read_cell("1969-12-31", Kind::date), {Format::Style::day_month, 0}),
                 QStringLiteral("31 Dec 1969"));
    }

    void what_only_seems_exact_says_so_data() {
        QTest::addColumn<double>("number");
        QTest::addColumn<int>("style");
        QTest::addColumn<int>("digits");
        QTest::addColumn<bool>("seems");
        const auto row = [](const char* name, double number, Format::Style style, int digits, bool seems) {
            QTest::newRow(name) << number << static_cast<int>(style) << digits << seems;
        };
        using Style = Format::Style;
        row("nought", 0, Style::decimals, 2, false);
        row("nearly nought", 0.004, Style::decimals, 2, true);
        row("not nearly", 0.006, Style::decimals, 2, false);
        row("left over", 1e-16, Style::decimals, 2, false);
        row("nearly no per cent", 0.0004, Style::percent, 0, true);
        row("nearly all", 0.9996, Style::percent, 0, true);
        row("all", 1, Style::percent, 0, false);
        row("all but what arithmetic leaves", 0.9999999999999999, Style::percent, 1, false);
        row("over all", 1.0004, Style::percent, 0, true);
        row("half", 0.5, Style::percent, 0, false);
        row("negative", -0.001, Style::decimals, 2, true);
        row("as needed", 0.001, Style::automatic, 0, false);
        row("one", 0.999, Style::decimals, 1, false);
    }

    void what_only_seems_exact_says_so() {
        QFETCH(double, number);
        QFETCH(int, style);
        QFETCH(int, digits);
        QFETCH(bool, seems);
        const Format format{static_cast<Format::Style>(style), digits};
        QCOMPARE(seems_exact(number, format), seems);
        QCOMPARE(value_text(Value::number(number), format).startsWith(QStringLiteral("≈")), seems);
    }

    void formulas_are_read_with_their_marks() {
        Id table;
        Study study = small_study(&table);
        study = *hold(study, Id(), "p = 2");
        const ReadableFormula shown = readable(Formula("x^2 * p - mean(x) <= x[i-1]"), study, study.table(table));
        QCOMPARE(shown.text, QStringLiteral("x² · p − mean(x) ≤ x[i−1]"));
        QStringList marked;
        for (const auto& range : shown.formats) {
            marked << shown.text.mid(range.start, range.length) +
                          (range.format.underlineStyle() == QTextCharFormat::NoUnderline ? QStringLiteral(" follows")
                                                                                         : QStringLiteral(" stays"));
        }
        QCOMPARE(marked.join(QStringLiteral("; ")), QStringLiteral("x follows; p stays; x stays; x[i−1] follows"));
        QCOMPARE(readable(Formula("x +"), study, study.table(table)).text, QStringLiteral("x +"));
        QCOMPARE(position_of("µx", 2), 1);
    }
};

LEDGEFALL_TEST(TestNumberText)
#include "test_number_text.moc"
