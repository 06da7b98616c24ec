// The demo studies: each reads, is written back as it is, has no fault in it, and holds its checks; and their figures
// are those that NumPy, SciPy and loops by hand give for the same data.

#include "core/engine/planning/plan.h"
#include "core/engine/running/results.h"
#include "core/study/model/fault_explanation.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"

#include <QDir>
#include <QtTest>

using namespace ledgefall;

namespace {

struct Expected {
    const char* study;
    const char* table;
    const char* formula;
    double value;
};

constexpr Expected expected[] = {
    {"frequency", "Classes", "f[4]", 11.0},
    {"frequency", "Classes", "cum[last]", 60.0},
    {"frequency", "Classes", "grouped_mean", 52.666666666666664},
    {"frequency", "Classes", "true_mean", 52.641666666666666},
    {"temperatures", "Temperatures", "sd_beck", 1.1292319669425033},
    {"temperatures", "Ordered", "q1_beck", 9.55},
    {"temperatures", "Ordered", "median_beck", 10.399999999999999},
    {"temperatures", "Temperatures", "sd_feeder", 0.7536358755838478},
    {"temperatures", "Ordered", "q1_feeder", 7.825},
    {"temperatures", "Ordered", "median_feeder", 8.4},
    {"temperatures", "Temperatures", "sd_outflow", 1.3454849201420545},
    {"temperatures", "Ordered", "q1_outflow", 10.675},
    {"temperatures", "Ordered", "median_outflow", 11.75},
    {"germination", "Chances", "chance[5]", 0.23669235431027727},
    {"germination", "Chances", "spread", 1.6522711641858305},
    {"diversity", "Sites", "H_riffle", 1.6411017416815261},
    {"diversity", "Sites", "U_riffle", 0.7835188254795169},
    {"diversity", "Sites", "H_pool", 1.9031728767397182},
    {"diversity", "Sites", "U_pool", 0.8380382092956943},
    {"diversity", "Sites", "H_weir", 1.8745475303169161},
    {"diversity", "Sites", "U_weir", 0.8304383788254756},
    {"diversity", "Sites", "unlike_riffle_weir", 0.32044198895027626},
    {"diversity", "Sites", "shared_riffle_weir", 1.0},
    {"cooling", "Cooling", "rows", 202.0},
    {"cooling", "Cooling", "temp[last]", 14.4951208520097},
    {"cooling", "Cooling", "max(abs(error))", 0.20053984469223707},
    {"germination", "Pooled", "smallest_expected", 6.051503133410695},
    {"germination", "Pooled", "freedom", 4.0},
    {"cooling", "Puck", "rows", 231.0},
    {"cooling", "Puck", "max(off)", 0.011073246155474135},
    {"cooling", "Puck", "x[last]", 0.7997265620598714},
    {"settling", "Settling", "hours[3, 4]", 0.7843148611497234},
    {"two-axes", "Triangle", "sum(c)", 8191.0},
    {"two-axes", "Triangle", "c[13, 7]", 924.0},
    {"two-axes", "Warmth", "u[61, 20]", 6.464619217888406},
    {"two-axes", "Warmth", "sum(u[61, ..])", 99.88328811359398},
    {"two-axes", "Counts", "chi2", 17.00923469387755},
    {"two-axes", "Counts", "p_value", 0.030013063101844765},
    {"two-axes", "Counts", "cramers_v", 0.343685445391785},
    {"puck", "Path", "end_x", -0.4046005013795019},
    {"puck", "Steps", "end_x[last]", -0.4014416417315372},
    {"puck", "Round", "rows", 94.0},
    {"puck", "Round", "angle", 2.3599600742803175},
    {"puck", "Star", "closing", 0.767643370708175},
    {"dates", "Samples", "sum(waited)", 379.0},
    {"dates", "Samples", "months_between[4]", 1.0},
    {"dates", "Samples", "months_between[5]", 3.0},
    {"dates", "Samples", "count(late)", 2.0},
};

Study demo(const std::string& name) {
    return *read_study(*read_file(DEMO_FOLDER "/" + name + ".ledgefall"));
}

} // namespace

class TestDemo : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void every_study_is_sound_data() {
        QTest::addColumn<QString>("path");
        const QDir folder(QStringLiteral(DEMO_FOLDER));
        const QStringList files = folder.entryList({QStringLiteral("*.ledgefall")});
        QVERIFY(files.size() >= 10);
        for (const QString& file : files) {
            QTest::newRow(qPrintable(file)) << folder.filePath(file);
        }
    }
    void every_study_is_sound() {
        QFETCH(QString, path);
        const std::string text = *read_file(path.toStdString());
        const Result<Study> study = read_study(text);
        QVERIFY2(study, study ? "" : study.refusal().text().c_str());
        QVERIFY(write_study(*study) == text);
        const ResultsPtr results = compute(*study);
        const Plan plan = make_plan(*study);
        for (const PlannedDefinition& definition : plan.definitions) {
            const Results::Entry* entry = results->find(definition.id);
            QVERIFY2(entry == nullptr || entry->faults == 0,
                     entry == nullptr || entry->faults == 0
                         ? ""
                         : explain(*study, *results, entry->first_fault).text().c_str());
        }
        for (const auto& check : study->checks) {
            const Value held = results->single(check->id);
            QVERIFY2(held.plain() && held.yes(), check->label.c_str());
        }
    }

    void the_runs_of_the_puck_are_those_by_hand() {
        const Study study = demo("puck");
        QCOMPARE(study.runs.size(), std::size_t{3});
        for (const auto& run : study.runs) {
            double x = 0.8;
            double y = 0;
            double vx = 0;
            double vy = run->setting(Id("h5"))->value.number();
            const Column& kept = run->column(Id("c11"))->cells;
            QCOMPARE(kept.size(), std::size_t{601});
            for (std::size_t row = 0; row < kept.size(); ++row) {
                QVERIFY(std::fabs(kept.at(row).number() - x) < 1e-10);
                const double r = std::hypot(x, y);
                const double pull = r > 0.5 ? 12 * (r - 0.5) / (0.4 * r) : 0;
                vx -= pull * x * 0.01;
                vy -= pull * y * 0.01;
                x += vx * 0.01;
                y += vy * 0.01;
            }
        }
    }

    void their_figures_are_those_of_other_libraries_data() {
        QTest::addColumn<int>("number");
        for (int at = 0; at < static_cast<int>(std::size(expected)); ++at) {
            QTest::addRow("%s: %s", expected[at].study, expected[at].formula) << at;
        }
    }
    void their_figures_are_those_of_other_libraries() {
        QFETCH(int, number);
        const Expected& wanted = expected[number];
        Study study = demo(wanted.study);
        HeldValue asked;
        asked.id = Id("asked");
        asked.name = "asked";
        asked.formula = Formula(wanted.formula);
        for (auto& table : study.tables) {
            if (table->name == wanted.table) {
                table.edit([&asked](Table& copy) { copy.ledge.emplace_back(asked); });
            }
        }
        const Value match = compute(study)->single(asked.id).persistent();
        QVERIFY(match.plain());
        QVERIFY2(std::fabs(match.number() - wanted.value) <= 1e-11 * std::max(1.0, std::fabs(wanted.value)),
                 qPrintable(QString::number(match.number(), 'g', 17)));
    }
};

LEDGEFALL_TEST(TestDemo)
#include "test_demo.moc"
