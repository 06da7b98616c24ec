// Loops on several cores: every call is made once, what is thrown comes out, and loops within loops end.

#include "core/parallel/parallel.h"
#include "harness/test_program.h"

#include <QtTest>

#include <atomic>
#include <mutex>
#include <new>
#include <set>
#include <thread>
#include <vector>

using namespace ledgefall;

class TestParallel : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void every_call_is_made_once() {
        for (const std::size_t count : {0UL, 1UL, 2UL, 1000UL}) {
            std::vector<std::atomic<int>> calls(count);
            parallel_for(count, [&](std::size_t at) { ++calls[at]; });
            for (const auto& made : calls) {
                QCOMPARE(made.load(), 1);
            }
        }
    }

    /// However deep loops are within loops and however many threads begin them, the pool adds its own threads only.
    void loops_within_loops_add_no_threads() {
        std::atomic<int> calls = 0;
        std::set<std::thread::id> seen;
        std::mutex mutex;
        const auto run = [&] {
            parallel_for(8, [&](std::size_t) {
                parallel_for(8, [&](std::size_t) {
                    parallel_for(4, [&](std::size_t) {
                        ++calls;
                        const std::lock_guard lock(mutex);
                        seen.insert(std::this_thread::get_id());
                    });
                });
            });
        };
        {
            const std::jthread first(run);
            const std::jthread second(run);
            run();
        }
        QCOMPARE(calls.load(), 3 * 8 * 8 * 4);
        QVERIFY(seen.size() <= 3 + parallel_width() - 1);
    }

    /// Wherever it is thrown, in a thread of the pool too.
    void what_is_thrown_comes_out() {
        for (int round = 0; round < 200; ++round) {
            std::atomic<int> after = 0;
            QVERIFY_THROWS_EXCEPTION(std::bad_alloc, parallel_for(64, [&](std::size_t at) {
                                         if (at == 5) {
                                             throw std::bad_alloc();
                                         }
                                         ++after;
                                     }));
            QVERIFY(after < 64);
        }
        std::atomic<int> calls = 0;
        parallel_for(10, [&](std::size_t) { ++calls; }); // and the pool goes on
        QCOMPARE(calls.load(), 10);
    }
};

LEDGEFALL_TEST(TestParallel)
#include "test_parallel.moc"
