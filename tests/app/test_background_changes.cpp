// What is changed, sorted, pasted or discarded by a task belongs to the study for which it was asked.

#include "app/recovery/autosave.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QDir>
#include <QMimeData>
#include <QSemaphore>
#include <QTemporaryDir>
#include <QtTest>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// A column of as many numbers, and one computed from it.
Study long_study(std::size_t rows, Id* table) {
    std::vector<double> values(rows);
    for (std::size_t row = 0; row < rows; ++row) {
        values[row] = static_cast<double>((row * 7919) % rows);
    }
    Study study = *add_table(Study(), "Stones", table);
    study = *add_columns(study, *table, {{"x", "x", "", Column::numbers(values)}});
    return *write_column(study, *table, "y = 2 * x");
}

} // namespace

class TestBackgroundChanges : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    /// What is discarded while it is being written to the recovery folder is not there afterwards.
    void discarding_outlasts_what_is_being_written() {
        const QTemporaryDir state;
        qputenv("XDG_STATE_HOME", state.path().toUtf8());
        for (int round = 0; round < 3; ++round) {
            QString base;
            {
                Document document;
                Autosave autosave(document);
                base = autosave.base();
                Id table;
                document.perform(QStringLiteral("stones"), long_study(200'000, &table));
                QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(base + QStringLiteral(".lock")), 10'000); // it is being written
                autosave.discard();
            }
            TaskRunner::of_process().shut_down();
            QVERIFY(!QFile::exists(base + QStringLiteral(".ledgefall")));
            QVERIFY(!QFile::exists(base + QStringLiteral(".about")));
            QVERIFY(!QFile::exists(base + QStringLiteral(".lock")));
        }
    }

    /// What waits for results is given up with a sentence where another study is opened.
    void what_waits_does_not_meet_another_study() {
        WindowDriver drive;
        Document& document = drive.window.document();
        Id table;
        Study study = long_study(300'000, &table);
        study = *write_column(study, table, "z = median(x where y < y[i])"); // as long as it likes
        document.perform(QStringLiteral("stones"), study);
        QVERIFY(!document.results_are_current());
        bool came = false;
        document.when_current(&document, QStringLiteral("the export to stones.csv"), [&came] { came = true; });
        document.perform_by_results(&document, QStringLiteral("sorting"),
                                    [&came](const Study& of, const Results&, const StopToken&) {
                                        came = true;
                                        return Result<Study>(of);
                                    });
        document.start_new();
        QVERIFY(drive.notice().contains(QStringLiteral("sorting")));
        QTRY_VERIFY(!document.computing());
        QVERIFY(!came);
        QVERIFY(document.study().tables.empty());
    }

    /// The same of a change that is being made: it is completed as not taken, and the other study stays as it is.
    void a_change_does_not_meet_another_study() {
        Document document;
        Id table;
        document.perform(QStringLiteral("stones"), long_study(10, &table));
        QSemaphore began;
        QSemaphore goes_on;
        std::optional<bool> taken;
        document.perform_aside(
            this, QStringLiteral("replacing"),
            [&](const Study& study, const StopToken&) {
                began.release();
                goes_on.acquire();
                return hold(study, Id(), "late = 1");
            },
            [&taken](bool is_taken) { taken = is_taken; });
        began.acquire();
        document.start_new();
        goes_on.release();
        QTRY_VERIFY(taken.has_value());
        QVERIFY(!*taken);
        QTRY_VERIFY(!document.computing());
        QVERIFY(document.study() == Study());
        TaskRunner::of_process().shut_down(); // the work that was left uses what stands here
    }

    /// A sort by computed values that meets a newer study is made anew by the values of that study.
    void a_sort_is_by_the_values_of_the_study_that_it_changes() {
        Document document;
        Id table;
        document.perform(QStringLiteral("stones"), long_study(20'000, &table));
        QTRY_VERIFY(!document.computing());
        QSemaphore began;
        QSemaphore goes_on;
        std::atomic<int> turns = 0;
        const Id by = document.study().table(table)->column_named("y")->id;
        document.perform_by_results(&document, QStringLiteral("sorting"),
                                    [&](const Study& study, const Results& results, const StopToken&) {
                                        if (++turns == 1) {
                                            began.release();
                                            goes_on.acquire();
                                        }
                                        return sort_rows(study, table, *results.column(by), false);
                                    });
        began.acquire();
        document.perform(QStringLiteral("typing"), type_block(document.study(), table, 20'000, 0, {{"-5"}, {"0.5"}}));
        goes_on.release();
        QTRY_VERIFY(turns == 2 && !document.computing());
        const Column& sorted = *document.results().column(by);
        QCOMPARE(sorted.size(), std::size_t{20'002});
        for (std::size_t row = 1; row < sorted.size(); ++row) {
            QVERIFY(sorted.at(row - 1).number() <= sorted.at(row).number());
        }
    }

    /// A large paste is read by a task: the window goes on, and what is pasted then is what was copied.
    void a_large_paste_does_not_hold_the_window_up() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Stones"));
        drive.click_cell(0, 0);
        QString text = QStringLiteral("length\twidth\n");
        constexpr int rows = 20'000;
        for (int row = 0; row < rows; ++row) {
            text += QStringLiteral("%1\t%2\n").arg(row).arg(2 * row);
        }
        QMimeData offered;
        offered.setText(text);
        Document& document = drive.window.document();
        drive.window.page()->clipboard().paste(offered);
        QVERIFY(document.computing() && document.study().tables.front()->columns.empty());
        QVERIFY(drive.settle());
        const Table& table = *document.study().tables.front();
        QCOMPARE(table.columns.size(), std::size_t(2));
        QCOMPARE(table.columns[1]->name, std::string("width"));
        for (std::size_t row = 0; row < rows; ++row) {
            QCOMPARE(table.columns[1]->cells->at(row).number(), 2.0 * static_cast<double>(row));
        }
        // It goes into the table as it was: where that has changed meanwhile, nothing is pasted.
        drive.click_cell(0, 0);
        drive.window.page()->clipboard().paste(offered);
        QVERIFY(document.perform(QStringLiteral("removing"),
                                 remove_column(document.study(), table.columns.front()->id, IfUsed::remove_anyway)));
        const Study changed = document.study();
        QVERIFY(drive.settle());
        QVERIFY(document.study() == changed);
        QVERIFY2(drive.notice().contains(QStringLiteral("Paste again")), qPrintable(drive.notice()));
        // And it can be stopped.
        drive.window.page()->clipboard().paste(offered);
        drive.command("stop-computing");
        QTRY_VERIFY(drive.notice().contains(QStringLiteral("Stopped")));
        QVERIFY(drive.settle());
        QVERIFY(document.study() == changed);
        drive.window.files().autosave().discard();
    }
};

LEDGEFALL_TEST(TestBackgroundChanges)
#include "test_background_changes.moc"
