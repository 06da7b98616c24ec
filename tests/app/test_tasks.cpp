// Tasks: each is completed once, on the interface's thread, or not at all where its receiver is gone; and what waits
// for results belongs to the study for which it was asked.

#include "app/recovery/autosave.h"
#include "app/tasks/task_queue.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QDir>
#include <QSemaphore>
#include <QTemporaryDir>
#include <QtTest>

#include <atomic>
#include <memory>
#include <optional>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// Work that goes on until it is stopped.
int endless(const StopToken& stop) {
    for (;;) {
        stop.throw_if_stopped();
    }
}

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

class TestTasks : public QObject {
    Q_OBJECT

    template <class Work>
    static TaskEnd end_of(Work work) {
        QObject receiver;
        std::optional<TaskEnd> end;
        const Task task =
            TaskRunner::of_process().start(&receiver, work, [&end](const auto& came) { end = came.end(); });
        (void)QTest::qWaitFor([&end] { return end.has_value(); }, 20'000);
        return end.value_or(TaskEnd::not_begun);
    }

  private Q_SLOTS:
    void a_task_ends_with_what_came_of_it() {
        QCOMPARE(end_of([] { return 1; }), TaskEnd::done);
        QCOMPARE(end_of([]() -> int { throw std::bad_alloc(); }), TaskEnd::out_of_memory);
        QCOMPARE(end_of([]() -> int { throw std::runtime_error("the disk is full"); }), TaskEnd::failed);
        QCOMPARE(end_of([]() -> int { throw Stopped(); }), TaskEnd::stopped);
        QCOMPARE(TaskOutcome<int>(TaskEnd::failed, "the disk is full").why().text(),
                 std::string("This failed, and nothing has changed: the disk is full"));
    }

    /// One that may be left is over at once, whatever its work does; one that writes is waited for.
    void a_stopped_task_is_left_or_waited_for() {
        for (const WhenStopped when : {WhenStopped::leave, WhenStopped::wait}) {
            QSemaphore began;
            QSemaphore goes_on;
            int completed = 0;
            bool there = false;
            QObject receiver;
            const Task task = TaskRunner::of_process().start(
                &receiver,
                [&] {
                    began.release();
                    goes_on.acquire();
                    return 7;
                },
                [&](const TaskOutcome<int>& came) {
                    ++completed;
                    there = static_cast<bool>(came);
                },
                when);
            began.acquire();
            task.stop();
            task.stop();
            QCOMPARE(task.running(), when == WhenStopped::wait);
            if (when == WhenStopped::leave) {
                QTRY_COMPARE(completed, 1);
            }
            goes_on.release();
            QTRY_COMPARE(completed, 1);
            TaskRunner::of_process().shut_down();
            QCoreApplication::processEvents();
            QCOMPARE(completed, 1);
            QCOMPARE(there, when == WhenStopped::wait);
        }
    }

    void what_waits_in_a_queue_is_completed_too() {
        QObject receiver;
        int stopped = 0;
        TaskQueue queue(&receiver);
        for (int count = 0; count < 5; ++count) {
            queue.start(endless, [&stopped](const TaskOutcome<int>& came) {
                stopped += came.end() == TaskEnd::stopped ? 1 : 0;
            });
        }
        QVERIFY(queue.busy());
        queue.stop();
        QTRY_COMPARE(stopped, 5);
        QVERIFY(!queue.busy());
        QList<int> order;
        for (int count = 0; count < 20; ++count) {
            queue.start([count] { return count; }, [&order](const TaskOutcome<int>& came) { order << *came; });
        }
        QTRY_COMPARE(order.size(), 20);
        QVERIFY(std::is_sorted(order.begin(), order.end()));
    }

    /// Two thousand tasks that are started, stopped and left without a receiver in any order: each that has one is
    /// completed once.
    void tasks_in_any_order_are_completed_once() {
        std::mt19937 random(7);
        const auto any = [&random](unsigned to) { return random() % to; };
        struct Counted {
            QObject receiver;
            TaskQueue queue{&receiver};
            std::shared_ptr<int> completed = std::make_shared<int>(0);
            int started = 0;
        };
        std::vector<std::unique_ptr<Counted>> all;
        std::vector<std::pair<std::shared_ptr<int>, int>> gone;
        std::vector<Task> tasks;
        for (int turn = 0; turn < 2000; ++turn) {
            if (all.size() < 8) {
                all.push_back(std::make_unique<Counted>());
            }
            Counted& one = *all[any(static_cast<unsigned>(all.size()))];
            const auto work = [kind = any(3), data = std::vector<double>(any(5000), 1.0)](const StopToken& stop) {
                double sum = 0;
                for (std::size_t at = 0; at < data.size(); ++at) {
                    sum += data[at];
                    stop.throw_if_stopped_at(at);
                }
                return kind == 0 ? throw std::bad_alloc() : sum;
            };
            const auto done = [completed = one.completed](const TaskOutcome<double>&) { ++*completed; };
            ++one.started;
            if (any(2) == 0) {
                one.queue.start(work, done);
            } else {
                tasks.push_back(TaskRunner::of_process().start(&one.receiver, work, done,
                                                               any(2) == 0 ? WhenStopped::leave : WhenStopped::wait));
            }
            if (any(3) == 0 && !tasks.empty()) {
                tasks[any(static_cast<unsigned>(tasks.size()))].stop();
            }
            if (any(9) == 0) {
                one.queue.stop();
            }
            if (any(40) == 0) {
                const std::size_t which = any(static_cast<unsigned>(all.size()));
                gone.emplace_back(all[which]->completed, *all[which]->completed);
                all.erase(all.begin() + static_cast<std::ptrdiff_t>(which));
            }
            if (any(5) == 0) {
                QCoreApplication::processEvents();
            }
        }
        for (const auto& one : all) {
            QTRY_COMPARE(*one->completed, one->started);
        }
        for (const auto& [completed, before] : gone) {
            QCOMPARE(*completed, before);
        }
    }

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
        QVERIFY(drive.window.notice().contains(QStringLiteral("sorting")));
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

    /// Two pieces of work that never end and are left keep neither other tasks nor the painting from going on.
    void work_that_was_left_does_not_hold_others_up() {
        QSemaphore goes_on;
        QObject receiver;
        for (int count = 0; count < 4; ++count) {
            TaskRunner::of_process()
                .start(
                    &receiver,
                    [&goes_on] {
                        goes_on.acquire();
                        return 0;
                    },
                    [](const TaskOutcome<int>&) {})
                .stop();
        }
        QCOMPARE(end_of([] { return 1; }), TaskEnd::done);
        QVERIFY(QThreadPool::globalInstance()->activeThreadCount() == 0);
        goes_on.release(4);
        TaskRunner::of_process().shut_down(); // the work that was left uses what stands here
    }
};

LEDGEFALL_TEST(TestTasks)
#include "test_tasks.moc"
