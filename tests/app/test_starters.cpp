// The starters: each opens as a study of its own, holds what it promises, and can be emptied for other data.

#include "app/starters/starter_card.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QDir>
#include <QStandardPaths>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

QList<StarterCard*> cards(WindowDriver& drive) {
    (void)QTest::qWaitFor([&] { return drive.window.findChildren<StarterCard*>().size() >= 9; }, 10000);
    return drive.window.findChildren<StarterCard*>();
}

QString own_folder() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/ledgefall/starters");
}

} // namespace

class TestStarters : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() {
        prepare_application();
        QDir(own_folder()).removeRecursively();
    }

    void each_stands_without_a_fault() {
        WindowDriver drive;
        const auto all = cards(drive);
        QCOMPARE(all.size(), 18);
        for (const StarterCard* card : all) {
            const Starter& starter = card->starter();
            QVERIFY2(starter.note.count(QStringLiteral(". ")) == 1 && starter.note.endsWith(QLatin1Char('.')),
                     qPrintable(starter.note)); // two sentences
            const ResultsPtr results = compute(starter.study);
            for (const auto& table : starter.study.tables) {
                for (const auto& column : table->columns) {
                    const Column* cells = column->computed() ? results->column(column->id) : &*column->cells;
                    for (std::size_t row = 0; row < cells->size(); ++row) {
                        QVERIFY2(!cells->at(row).is_fault(), qPrintable(starter.title));
                    }
                }
            }
            for (const auto& check : starter.study.checks) {
                QVERIFY2(results->single(check->id) == Value::yes_no(true), check->label.c_str());
            }
        }
    }

    void one_is_opened_and_emptied() {
        WindowDriver drive;
        for (StarterCard* card : cards(drive)) {
            if (card->text() == QStringLiteral("Mean and spread by hand")) {
                QTest::mouseClick(card, Qt::LeftButton);
                break;
            }
        }
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().name, std::string("Pebbles"));
        QVERIFY(drive.window.document().path().isEmpty());
        QVERIFY(!drive.window.isWindowModified());
        SuggestionBar& offers = drive.window.page()->suggestions();
        QVERIFY(offers.is_offered());
        offers.take(); // its button
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 12);
        for (int row = 0; row < 12; ++row) {
            for (int section = 0; section < 3; ++section) {
                QCOMPARE(drive.shown(row, section), QString());
            }
        }
        drive.keys(QStringLiteral("3"));
        drive.key(Qt::Key_Return);
        drive.keys(QStringLiteral("5"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QStringLiteral("−1"));
        QCOMPARE(drive.shown(1, 2), QStringLiteral("1"));
        QCOMPARE(drive.shown(2, 1), QString());
        drive.window.document().undo();
        drive.window.document().undo();
        drive.window.document().undo();
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 0), QStringLiteral("42"));
    }

    /// The methods of the motion starter against a Runge–Kutta, and Euler's methods, written here once more.
    void the_methods_of_motion_are_what_they_say() {
        WindowDriver drive;
        for (const StarterCard* card : cards(drive)) {
            if (card->text() != QStringLiteral("Motion by time steps")) {
                continue;
            }
            const Study& study = card->starter().study;
            const ResultsPtr results = compute(study);
            const Table& table = *study.tables.front();
            const double w2 = 12 / 0.4;
            const double h = 0.02;
            double x = 0.8, v = 0, xs = 0.8, vs = 0, xr = 0.8, vr = 0;
            for (std::size_t row = 1; row < 200; ++row) {
                const double step = x + v * h;
                v -= w2 * x * h;
                x = step;
                vs -= w2 * xs * h;
                xs += vs * h;
                const auto move = [w2](double at, double speed) { return std::pair(speed, -w2 * at); };
                const auto [a1, b1] = move(xr, vr);
                const auto [a2, b2] = move(xr + a1 * h / 2, vr + b1 * h / 2);
                const auto [a3, b3] = move(xr + a2 * h / 2, vr + b2 * h / 2);
                const auto [a4, b4] = move(xr + a3 * h, vr + b3 * h);
                xr += h / 6 * (a1 + 2 * a2 + 2 * a3 + a4);
                vr += h / 6 * (b1 + 2 * b2 + 2 * b3 + b4);
                const auto cell = [&](const char* name) {
                    return results->cell(table.column_named(name)->id, row).number();
                };
                QVERIFY(std::fabs(cell("x") - x) < 1e-9);
                QVERIFY(std::fabs(cell("xs") - xs) < 1e-9);
                QVERIFY(std::fabs(cell("xr") - xr) < 1e-9);
                QVERIFY(std::fabs(cell("exact") - xr) < 1e-3);
            }
        }
    }

    void ones_own_study_becomes_a_starter() {
        {
            WindowDriver drive;
            QVERIFY(drive.window.open_demo());
            drive.answer(QStringLiteral("My beck week"));
            drive.entry("starters", QStringLiteral("Keep this study as a starter…"));
            QVERIFY(QTest::qWaitFor([] { return QDir(own_folder()).entryList(QDir::Files).size() == 1; }));
        }
        WindowDriver drive;
        QVERIFY(QTest::qWaitFor([&] { return drive.window.findChildren<StarterCard*>().size() == 19; }, 10000));
        const auto all = drive.window.findChildren<StarterCard*>();
        QVERIFY(std::any_of(all.begin(), all.end(), [](const StarterCard* card) {
            return card->starter().is_own() && card->text() == QStringLiteral("My beck week");
        }));
        QDir(own_folder()).removeRecursively();
    }
};

LEDGEFALL_TEST(TestStarters)
#include "test_starters.moc"
