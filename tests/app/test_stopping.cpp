// What takes long can be stopped, gives way to what is newer, and keeps no window from closing.

#include "core/study/edits/edits.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QPushButton>
#include <QTemporaryDir>

#include <atomic>
#include <optional>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// A table with a column that takes hours, as every row looks at all rows: what waits for it does not come to an end.
Study slow_study(Id* table) {
    constexpr std::size_t rows = 3'000'000;
    Study study = *add_table(Study(), "Long", table);
    study = *add_columns(study, *table, {{"x", "x", "", Column::numbers(std::vector<double>(rows, 1.5))}});
    return *write_column(study, *table, "slow = sum(abs(x - x[i]))");
}

} // namespace

class TestStopping : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void computing_is_stopped_by_its_command_and_begun_again() {
        WindowDriver drive;
        Document& document = drive.window.document();
        Id table;
        QVERIFY(document.perform(QStringLiteral("slow"), slow_study(&table)));
        QVERIFY(document.computing());
        drive.command("stop-computing");
        QVERIFY(QTest::qWaitFor([&document] { return !document.computing(); }));
        QVERIFY(!document.results_are_current());
        QTRY_VERIFY(document.shows_old());
        drive.command("compute-again");
        QVERIFY(document.computing());
        document.stop_computing();
        QTRY_VERIFY(!document.computing());
        document.undo();
        QVERIFY(drive.settle());
        QVERIFY(document.results_are_current());
        drive.window.files().autosave().discard();
    }

    /// A change that comes while the last one is computed for long does not wait for it.
    void a_newer_change_has_precedence() {
        WindowDriver drive;
        Document& document = drive.window.document();
        Id table;
        QVERIFY(document.perform(QStringLiteral("slow"), slow_study(&table)));
        QSignalSpy progressed(&document, &Document::computing_progressed);
        QTRY_VERIFY_WITH_TIMEOUT(progressed.size() >= 2, 20'000); // it has taken long by now
        QVERIFY(document.perform(QStringLiteral("light"), write_column(document.study(), table, "slow = x + 1")));
        QVERIFY(drive.settle());
        QCOMPARE(document.results().cell(drive.table().column_named("slow")->id, 7).number(), 2.5);
        drive.window.files().autosave().discard();
    }

    /// Sorting, searching and drawing very many rows: none of them keeps a window open, and each can be stopped.
    void work_beside_the_window_is_given_up() {
        {
            WindowDriver drive;
            Document& document = drive.window.document();
            bool taken = true;
            const auto endless = [](const Study& study, const StopToken& stop) -> Result<Study> {
                std::vector<int> some(100'000);
                for (int turn = 0;; ++turn) {
                    std::sort(some.begin(), some.end(), stoppable(stop, [turn](int a, int b) { return a + turn < b; }));
                }
                return study;
            };
            document.perform_aside(&drive.window, QStringLiteral("sorting"), endless,
                                   [&taken](bool done) { taken = done; });
            QVERIFY(document.computing());
            drive.command("stop-computing");
            QTRY_VERIFY(!taken);
            QVERIFY(!document.computing());
            QVERIFY2(drive.notice().contains(QStringLiteral("Stopped")), qPrintable(drive.notice()));
            document.perform_aside(&drive.window, QStringLiteral("sorting"), endless);
            drive.window.files().autosave().discard();
        }
    }

    void a_window_closes_while_it_computes() {
        {
            WindowDriver drive;
            Id table;
            QVERIFY(drive.window.document().perform(QStringLiteral("slow"), slow_study(&table)));
            QVERIFY(drive.window.document().computing());
            drive.window.files().autosave().discard();
        }
    }

    void a_window_closes_while_cells_are_summed_and_workings_asked_for() {
        {
            WindowDriver drive;
            Id table;
            Study study = *add_table(Study(), "Many", &table);
            std::vector<double> many(2'000'000, 0.25);
            study = *add_columns(study, table, {{"x", "x", "", Column::numbers(many)}});
            study = *write_column(study, table, "y = x - mean(x)");
            QVERIFY(drive.window.document().perform(QStringLiteral("many"), study));
            QVERIFY(drive.settle());
            drive.window.page()->view().selectAll(); // two millions of rows, summed up on the side
            drive.click_cell(3, 1);
            drive.window.page()->view().selectAll();
            drive.window.files().autosave().discard();
        }
    }

    /// While a formula is tried for very many rows, typing goes on: the trial gives way to each newer text.
    void typing_does_not_wait_for_trials() {
        WindowDriver drive;
        Id table;
        QVERIFY(drive.window.document().perform(
            QStringLiteral("many"),
            *add_columns(*add_table(Study(), "Many", &table), table,
                         {{"x", "x", "", Column::numbers(std::vector<double>(3'000'000, 2.0))}})));
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(1);
        drive.keys(QStringLiteral("y = sum(abs(x - x[i])) + 12345"));
        QCOMPARE(drive.window.page()->editor().line().toPlainText(), QStringLiteral("y = sum(abs(x - x[i])) + 12345"));
        drive.key(Qt::Key_Escape);
        QVERIFY(!drive.window.page()->editor().is_open());
        drive.window.files().autosave().discard();
    }

    /// A change that is made on the side is made anew where the study has changed meanwhile, and what waits for it
    /// comes.
    void a_change_on_the_side_is_not_lost() {
        Document document;
        Id table;
        Study study = *add_table(Study(), "T", &table);
        QVERIFY(document.perform(QStringLiteral("columns"),
                                 add_columns(study, table, {{"x", "x", "", Column::numbers({3, 1, 2})}})));
        int made = 0;
        bool taken = false;
        document.perform_aside(
            &document, QStringLiteral("sorting"),
            [&made, table](const Study& of, const StopToken&) {
                ++made;
                return sort_rows(of, table, *of.table(table)->column_named("x")->cells, false);
            },
            [&taken](bool done) { taken = done; });
        QVERIFY(document.perform(QStringLiteral("more"), type_block(document.study(), table, 3, 0, {{"0"}})));
        QTRY_VERIFY(taken);
        QVERIFY(made >= 1);
        const Column& cells = *document.study().table(table)->column_named("x")->cells;
        QCOMPARE(cells.size(), std::size_t{4});
        for (std::size_t row = 0; row < 4; ++row) {
            QCOMPARE(cells.at(row).number(), static_cast<double>(row));
        }
    }

    /// A file that takes long is waited for with a painted window, a word of what it is, and a way to stop it.
    void reading_and_writing_are_waited_for_beside_the_window() {
        WindowDriver drive;
        drive.window.show();
        Document& document = drive.window.document();
        const auto stop_after = [&drive](int turns) {
            int seen = 0;
            return [&drive, turns, seen]() mutable {
                auto* stop = drive.window.findChild<QPushButton*>(QStringLiteral("stop waiting"));
                if (stop->isVisible() && ++seen == turns) {
                    stop->click();
                }
            };
        };
        for (const auto when : {WhenStopped::leave, WhenStopped::wait}) {
            QTimer presses;
            connect(&presses, &QTimer::timeout, this, stop_after(3)); // it goes on to turn while it is waited for
            presses.start(10);
            std::optional<TaskOutcome<int>> given_up;
            document.file_task().start(
                QStringLiteral("Reading for ever…"), when,
                [](const StopToken& stop) {
                    for (;;) {
                        stop.throw_if_stopped();
                    }
                    return 1;
                },
                [&](const TaskOutcome<int>& outcome) { given_up = outcome; });
            bool refused = false;
            document.file_task().start(
                QStringLiteral("Reading something else…"), when, [] { return 2; },
                [&](const TaskOutcome<int>& outcome) {
                    refused = outcome.why().text().find("Reading for ever") != std::string::npos;
                });
            QVERIFY(refused); // it says what is running
            QTRY_VERIFY(given_up.has_value());
            QVERIFY(!*given_up && given_up->end() == TaskEnd::stopped);
            QVERIFY(!document.file_task().running());
        }
        int ran = 0;
        document.file_task().start(
            QStringLiteral("Reading…"), WhenStopped::leave, [] { return 1; },
            [&](const TaskOutcome<int>& outcome) { ran += outcome ? *outcome : 0; });
        QTRY_COMPARE(ran, 1);
    }

    void a_stopped_writing_leaves_the_file_that_was_there() {
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        WindowDriver drive;
        drive.window.show();
        drive.new_table(QStringLiteral("Gravel"));
        QVERIFY(drive.save_to(path));
        const Result<std::string> before = read_file(path.toStdString());
        std::atomic<bool> begun = false;
        std::optional<Sentence> why;
        drive.window.document().write_aside(
            path,
            [&begun](const StopToken& stop) {
                for (;;) {
                    begun = true;
                    stop.throw_if_stopped();
                }
                return std::make_shared<const std::string>("half");
            },
            [&why](const Result<Saved>& written) { why = written ? Sentence() : written.refusal(); });
        QTRY_VERIFY(begun);
        drive.window.document().file_task().stop();
        QTRY_VERIFY(why.has_value());
        QVERIFY(why->text().find("unchanged") != std::string::npos);
        QCOMPARE(*read_file(path.toStdString()), *before);
        QCOMPARE(QDir(folder.path()).entryList(QDir::Files).size(), 1);
    }

    void closing_gives_up_what_is_waited_for() {
        WindowDriver drive;
        drive.window.show();
        std::atomic<bool> begun = false, may_end = false, ended = false;
        bool stopped = false;
        drive.window.document().file_task().start(
            QStringLiteral("Reading…"), WhenStopped::leave,
            [&] {
                begun = true;
                may_end.wait(false); // it never looks whether it is to stop
                ended = true;
                return 1;
            },
            [&](const TaskOutcome<int>& outcome) { stopped = outcome.end() == TaskEnd::stopped; });
        QTRY_VERIFY(begun);
        drive.window.close();
        QTRY_VERIFY(stopped && !drive.window.isVisible());
        QVERIFY(!ended);
        may_end = true;
        may_end.notify_all();
        QTRY_VERIFY(ended);
    }

    /// What is being written is waited for, and nothing is asked about it.
    void closing_waits_for_what_is_written() {
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        WindowDriver drive;
        drive.new_table(QStringLiteral("Gravel"));
        QVERIFY(drive.window.document().modified());
        drive.window.files().save_to(path);
        drive.window.close();
        QVERIFY(drive.window.isVisible() && drive.window.document().file_task().writing());
        QTRY_VERIFY(!drive.window.isVisible());
        QVERIFY(QFile::exists(path));
    }

    /// What is changed while a window that is to close is being saved is asked about before it closes.
    void closing_loses_nothing_that_comes_during_saving() {
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        WindowDriver drive;
        drive.new_table(QStringLiteral("Gravel"));
        QVERIFY(drive.save_to(path));
        drive.new_table(QStringLiteral("Sand"));
        drive.press_buttons_of_next_dialogs({QStringLiteral("Save"), QStringLiteral("Cancel")});
        drive.window.close();
        QVERIFY(drive.window.document().file_task().writing());
        drive.new_table(QStringLiteral("Silt"));
        QVERIFY(drive.files_done());
        QVERIFY(drive.window.isVisible() && drive.window.document().modified());
        QCOMPARE(read_study(*read_file(path.toStdString()))->tables.size(), std::size_t(2));
        drive.press_button_of_next_dialog(QStringLiteral("Save"));
        drive.window.close();
        QTRY_VERIFY(!drive.window.isVisible());
        QCOMPARE(read_study(*read_file(path.toStdString()))->tables.size(), std::size_t(3));
    }

    /// What is changed while it is being saved is not saved.
    void a_change_during_saving_is_not_taken_for_saved() {
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        WindowDriver drive;
        drive.new_table(QStringLiteral("Gravel"));
        drive.window.files().save_to(path);
        drive.new_table(QStringLiteral("Sand"));
        QVERIFY(drive.settle());
        QVERIFY(drive.window.document().modified());
        QCOMPARE(read_study(*read_file(path.toStdString()))->tables.size(), std::size_t(1));
        QVERIFY(drive.save_to(path));
        QVERIFY(!drive.window.document().modified());
        // Nor is another study that is begun meanwhile given the file's name.
        drive.new_table(QStringLiteral("Silt"));
        drive.window.files().save_to(path);
        drive.window.document().start_new();
        QVERIFY(drive.settle());
        QVERIFY(drive.window.document().path().isEmpty() && !drive.window.document().modified());
        QCOMPARE(read_study(*read_file(path.toStdString()))->tables.size(), std::size_t(3));
    }
};

LEDGEFALL_TEST(TestStopping)
#include "test_stopping.moc"
