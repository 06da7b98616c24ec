// The states of a study, and changes that take long.

#include "app/document/computer.h"
#include "app/document/document.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "pebbles_document.h"

#include <QPointer>
#include <QSemaphore>
#include <QSignalSpy>
#include <QThread>
#include <QtTest>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

Study small_study(Id* table) {
    Study study = *add_table(Study(), "T", table);
    study = *add_columns(study, *table, {{"x", "x", "mm", Column::numbers({1, 2, 3})}});
    return *write_column(study, *table, "y = x * 2");
}

} // namespace

class TestDocument : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

    void sliding_joins_only_what_belongs_together() {
        PebblesDocument open;
        const auto give = [&](double value) {
            return give_held(open.document.study(), open.id("p"), Value::number(value));
        };
        QVERIFY(open.document.slide(QStringLiteral("sliding p"), give(0.1)));
        QVERIFY(open.document.slide(QStringLiteral("sliding p"), give(0.2)));
        open.document.end_sliding();
        QVERIFY(open.document.slide(QStringLiteral("sliding p"), give(0.3)));
        open.document.undo();
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.2);
        open.document.undo();
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.5);
        open.document.redo();
        QVERIFY(open.document.slide(QStringLiteral("sliding p"), give(0.7))); // after redo a step of its own
        open.document.undo();
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.2);
        QVERIFY(!open.document.slide(QStringLiteral("sliding p"), Result<Study>(Sentence{"No.", {}})));
    }

    void a_long_change_is_made_on_the_side() {
        QSemaphore early_is_made; // outlives the change that waits for it
        PebblesDocument open;
        QVERIFY(open.settle());
        bool taken = false;
        int count = 0;
        const auto change = [&count, &early_is_made](const Study& study, const StopToken&) {
            if (++count == 1) {
                (void)early_is_made.tryAcquire(1, 5000);
            }
            return hold(study, Id(), "late = 1");
        };
        open.document.perform_aside(&open.document, QStringLiteral("late"), change,
                                    [&taken](bool done) { taken = done; });
        QVERIFY(open.document.computing());
        QVERIFY(open.document.study().held_named("late") == nullptr); // the interface goes on
        QVERIFY(open.document.perform(QStringLiteral("early"), hold(open.document.study(), Id(), "early = 2")));
        early_is_made.release();
        QVERIFY(open.settle());
        QVERIFY(taken);
        QCOMPARE(count, 2); // once more, over what had changed
        QVERIFY(open.document.study().held_named("early") != nullptr);
        QVERIFY(open.document.study().held_named("late") != nullptr);
        open.document.undo();
        QVERIFY(open.document.study().held_named("early") != nullptr);
        open.document.perform_aside(
            &open.document, QStringLiteral("no"),
            [](const Study&, const StopToken&) {
                return Result<Study>(Sentence{"No.", {}});
            },
            [&taken](bool done) { taken = done; });
        QVERIFY(open.settle());
        QVERIFY(!taken);
    }

    /// It does not wait for the change, whose completion does not come.
    void a_document_can_go_while_a_change_is_made() {
        QSemaphore began;
        QSemaphore goes_on;
        bool completed = false;
        auto open = std::make_unique<PebblesDocument>();
        open->document.perform_aside(
            this, QStringLiteral("late"),
            [&](const Study& study, const StopToken&) {
                began.release();
                goes_on.acquire();
                return Result<Study>(study);
            },
            [&completed](bool) { completed = true; });
        began.acquire();
        open.reset();
        goes_on.release();
        QTRY_VERIFY(goes_on.available() == 0);
        QCoreApplication::processEvents();
        QVERIFY(!completed);
    }

    void the_latest_question_is_answered() {
        Id table;
        Study study = small_study(&table);
        Computer computer;
        ResultsPtr last;
        QSignalSpy busy(&computer, &Computer::busy_changed);
        connect(&computer, &Computer::finished, this, [&last](const ResultsPtr& results) { last = results; });
        for (int k = 0; k < 200; ++k) {
            study = *type_block(study, table, 0, 0, {{std::to_string(k)}});
            computer.ask(study);
        }
        QTRY_VERIFY(!computer.busy());
        QVERIFY(last != nullptr);
        QCOMPARE(last->cell(study.table(table)->columns[1]->id, 0).number(), 398.0);
        QCOMPARE(busy.first().first().toBool(), true);
        QCOMPARE(busy.last().first().toBool(), false);
    }

    void long_work_gives_way_and_can_be_stopped() {
        std::vector<double> many(3'000'000, 1.0); // hours of work: what waits for it does not come to an end
        Id table;
        Study slow = *add_table(Study(), "T", &table);
        slow = *add_columns(slow, table, {{"x", "x", "", Column::numbers(many)}});
        slow = *write_column(slow, table, "y = sum(abs(x - x[i]))");
        Computer computer;
        int answers = 0;
        connect(&computer, &Computer::finished, this,
                [&answers](const ResultsPtr& results) { answers += results ? 1 : 0; });
        computer.ask(slow);
        QVERIFY(computer.busy());
        computer.stop();
        QTRY_VERIFY(!computer.busy());
        QCOMPARE(answers, 0);
        QSignalSpy progress(&computer, &Computer::progressed);
        computer.ask(slow);
        QTRY_VERIFY_WITH_TIMEOUT(progress.size() >= 2, 20'000); // by then it has taken long
        Id other;
        computer.ask(small_study(&other)); // newer, and the first has taken long already
        QTRY_VERIFY(!computer.busy());
        QCOMPARE(answers, 1);
    }

    void a_computer_can_go_while_it_works() {
        std::vector<double> many(3'000'000, 1.0); // hours of work: what waits for it does not come to an end
        Id table;
        Study slow = *add_table(Study(), "T", &table);
        slow = *add_columns(slow, table, {{"x", "x", "", Column::numbers(many)}});
        slow = *write_column(slow, table, "y = sum(abs(x - x[i]))");
        {
            Computer computer;
            computer.ask(slow);
        }
    }

    void the_document_tells_of_refusals_and_states() {
        Document document;
        QSignalSpy refused(&document, &Document::refused);
        QVERIFY(!document.perform(QStringLiteral("x"), Result<Study>(Sentence{"No %1.", {"rows"}})));
        QCOMPARE(refused.first().first().toString(), QStringLiteral("No rows."));
        QVERIFY(!document.modified());
        Id table;
        QVERIFY(document.perform(QStringLiteral("small"), small_study(&table)));
        QVERIFY(document.modified());
        QCOMPARE(document.undo_name(), QStringLiteral("small"));
        QVERIFY(document.perform(QStringLiteral("nothing"), document.study())); // no change, no step
        QCOMPARE(document.undo_name(), QStringLiteral("small"));
        document.read_study_file(QStringLiteral("/nowhere.ledgefall"),
                                 [](const Study&, const FileStamp&) { QFAIL("it is not there"); });
        QTRY_VERIFY(!document.file_task().running());
        QSignalSpy not_saved(&document, &Document::saving_failed);
        std::optional<bool> saved;
        document.save(QStringLiteral("/nowhere/x.ledgefall"), [&saved](bool done) { saved = done; });
        QTRY_COMPARE(saved, std::optional(false));
        QCOMPARE(refused.size(), 2);
        QCOMPARE(not_saved.size(), 1);
        document.start_new();
        QVERIFY(!document.can_undo());
    }
};

LEDGEFALL_TEST(TestDocument)
#include "test_document.moc"
