// Tasks: each is completed once, on the interface's thread, or not at all where its receiver is gone.

#include "app/tasks/task_queue.h"
#include "harness/test_program.h"

#include <QSemaphore>
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

} // namespace

class TestTaskRunner : public QObject {
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

LEDGEFALL_TEST(TestTaskRunner)
#include "test_task_runner.moc"
