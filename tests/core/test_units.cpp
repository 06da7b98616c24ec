// Conversions of the units that school and field work use, against their definitions: the SI Brochure (2019), CODATA
// 2018, the international yard and pound (1959), NIST SP 811. Each factor is written out here as it stands there.

#include "core/engine/workings/working.h"
#include "harness/test_program.h"
#include "working.h"

#include <QProcess>
#include <QTemporaryDir>

#include <clocale>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

struct Factor {
    const char *unit, *in;
    long double factor;
};

constexpr Factor factors[] = {
    {"nmi", "m", 1852.0L},
    {"knot", "m/s", 1852.0L / 3600},
    {"kn", "km/h", 1.852L},
    {"mph", "km/h", 1.609344L},
    {"kph", "m/s", 1 / 3.6L},
    {"km/h", "m/s", 1 / 3.6L},
    {"km h-1", "m·s⁻¹", 1 / 3.6L},
    {"m·s⁻¹", "cm/s", 100.0L},
    {"m s⁻²", "cm/s2", 100.0L},
    {"kg·m⁻³", "g/cm³", 0.001L},
    {"in", "mm", 25.4L},
    {"ft", "m", 0.3048L},
    {"yd", "m", 0.9144L},
    {"mi", "m", 1609.344L},
    {"fathom", "m", 1.8288L},
    {"rod", "m", 5.0292L},
    {"chain", "m", 20.1168L},
    {"furlong", "m", 201.168L},
    {"Å", "nm", 0.1L},
    {"AU", "m", 149597870700.0L},
    {"ly", "m", 9460730472580800.0L},
    {"ha", "m2", 10000.0L},
    {"acre", "m²", 4046.8564224L},
    {"L", "cm3", 1000.0L},
    {"mL", "cc", 1.0L},
    {"us_gallon", "L", 3.785411784L},
    {"us_pint", "mL", 473.176473L},
    {"imperial_gallon", "L", 4.54609L},
    {"imperial_pint", "mL", 568.26125L},
    {"kcal_th", "kJ", 4.184L},
    {"kcal_it", "kJ", 4.1868L},
    {"year_julian", "d", 365.25L},
    {"year_common", "h", 8760.0L},
    {"us_cup", "mL", 236.5882365L},
    {"us_fluid_ounce", "mL", 29.5735295625L},
    {"us_tablespoon", "mL", 14.78676478125L},
    {"us_teaspoon", "mL", 4.92892159375L},
    {"lb", "kg", 0.45359237L},
    {"lbs", "kg", 0.45359237L},
    {"oz", "g", 28.349523125L},
    {"st", "lb", 14.0L},
    {"t", "kg", 1000.0L},
    {"grain", "mg", 64.79891L},
    {"carat", "g", 0.2L},
    {"mcg", "µg", 1.0L},
    {"u", "kg", 1.66053906660e-27L},
    {"Da", "kg", 1.66053906660e-27L},
    {"min", "s", 60.0L},
    {"hrs", "min", 60.0L},
    {"week", "h", 168.0L},
    {"N", "dyn", 100000.0L},
    {"bar", "kPa", 100.0L},
    {"atm", "Pa", 101325.0L},
    {"torr", "Pa", 101325.0L / 760},
    {"mmHg", "Pa", 133.322387415L},
    {"psi", "Pa", 4.4482216152605L / 6.4516e-4L},
    {"kWh", "MJ", 3.6L},
    {"Wh", "J", 3600.0L},
    {"eV", "J", 1.602176634e-19L},
    {"MeV", "J", 1.602176634e-13L},
    {"erg", "J", 1e-7L},
    {"hp", "W", 745.69987158227022L},
    {"PS", "W", 735.49875L},
    {"mAh", "C", 3.6L},
    {"G", "T", 1e-4L},
    {"cP", "Pa s", 0.001L},
    {"µS/cm", "S/m", 1e-4L},
    {"M", "mol/L", 1.0L},
    {"mM", "mol/m3", 1.0L},
    {"mg/L", "g/m3", 1.0L},
    {"%", "‰", 10.0L},
    {"°", "rad", 0.017453292519943295769L},
    {"deg", "arcmin", 60.0L},
    {"turn/min", "deg/s", 6.0L},
};

} // namespace

class TestUnits : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void each_unit_means_what_people_mean() {
        const Bench bench;
        for (const Factor& one : factors) {
            const std::string there = std::string("convert(1, \"") + one.unit + "\", \"" + one.in + "\")";
            const std::string back = std::string("convert(1, \"") + one.in + "\", \"" + one.unit + "\")";
            QVERIFY2(near(bench.number(there), static_cast<double>(one.factor), 4e-16),
                     (there + " = " + write_cell(bench.value(there))).c_str());
            QVERIFY2(near(bench.number(back), static_cast<double>(1 / one.factor), 4e-16), back.c_str());
        }
        for (int degrees = -273; degrees <= 1000; ++degrees) { // the double nearest to the exact fraction
            const std::string of = "convert(" + std::to_string(degrees) + ", ";
            QCOMPARE(bench.number(of + "\"°C\", \"degF\")"), (9 * degrees + 160) / 5.0);
            QCOMPARE(bench.number(of + "\"°F\", \"°C\")"), (5 * degrees - 160) / 9.0);
        }
        QCOMPARE(bench.number("convert(-40, \"°F\", \"°C\")"), -40.0);
        QCOMPARE(bench.number("convert(0, \"K\", \"°C\")"), -273.15);
    }

    void what_means_two_things_is_refused() {
        const Bench bench;
        for (const char* pair : {"\"Hz\", \"rad/s\"", "\"kHz\", \"turn/s\"", "\"deg/s\", \"Hz\""}) {
            const Value value = bench.value(std::string("convert(1, ") + pair + ")");
            QVERIFY(value.is_fault() && value.fault().at().what.text().find("2 * pi * f") != std::string::npos);
        }
        QCOMPARE(bench.number("convert(3, \"Hz\", \"1/min\")"), 180.0);
        for (const char* unit : {"gallon", "pint", "cal", "kcal", "year", "gal", "rpm", "ppt", "ton", "ct", "dpi", "pH",
                                 "dB", "pebble", ""}) {
            const std::string formula = std::string("convert(1, \"") + unit + "\", \"m\")";
            const Value value = bench.value(formula);
            QVERIFY2(value.is_fault(), formula.c_str());
            QVERIFY2(value.fault().at().what.text().size() > 20, formula.c_str());
        }
        QVERIFY(bench.value("convert(1, \"gal\", \"L\")").fault().at().what.text().find("gallon") != std::string::npos);
    }

    /// The C library's decimal sign is the desktop's in the window: numbers in units and workings must not hear of it.
    void another_decimal_sign_changes_nothing() {
        const QTemporaryDir folder; // a locale of the test's own
        QProcess make;
        make.start(QStringLiteral("localedef"),
                   {QStringLiteral("-i"), QStringLiteral("de_DE"), QStringLiteral("-f"), QStringLiteral("UTF-8"),
                    folder.filePath(QStringLiteral("de_DE.UTF-8"))});
        QVERIFY(make.waitForFinished());
        qputenv("LOCPATH", folder.path().toUtf8());
        QVERIFY(std::setlocale(LC_NUMERIC, "de_DE.UTF-8") != nullptr);
        QCOMPARE(std::localeconv()->decimal_point, ",");
        Bench bench;
        bench.numbers("x", {0.5, 1.25}).work("m = mean(x) + 0.5");
        const std::string working = working_text(*working_of(bench.study, *bench.results, bench.id("m"), 1));
        const double inches = bench.number("convert(2.5, \"in\", \"mm\")");
        const double area = bench.number("convert(1, \"acre\", \"m2\")");
        const std::string rounded = write_cell(bench.value("round(2.675, 2)"));
        std::setlocale(LC_NUMERIC, "C");
        QCOMPARE(inches, 63.5);
        QVERIFY(near(area, 4046.8564224, 4e-16));
        QCOMPARE(rounded, std::string("2.68"));
        QVERIFY2(working.find("0.875") != std::string::npos && working.find(',') == std::string::npos, working.c_str());
    }
};

LEDGEFALL_TEST(TestUnits)
#include "test_units.moc"
