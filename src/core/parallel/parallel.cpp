#include "core/parallel/parallel.h"

#include <algorithm>
#include <atomic>
#include <condition_variable>
#include <exception>
#include <mutex>
#include <system_error>
#include <thread>
#include <vector>

namespace ledgefall {
namespace {

/// A loop that threads can join as long as it has calls left.
struct Loop {
    std::size_t count;
    const std::function<void(std::size_t)>& body;
    std::atomic<std::size_t> next = 0;
    std::size_t helping = 0; ///< threads of the pool; guarded by the pool, as is what has been thrown
    std::exception_ptr thrown = nullptr;
};

class Pool {
  public:
    Pool() {
        try {
            for (std::size_t at = 1; at < parallel_width(); ++at) {
                threads_.emplace_back([this](const std::stop_token& ending) { help(ending); });
            }
        } catch (const std::system_error&) { // there are no more threads to be had: the callers do the work
        }
    }
    Pool(const Pool&) = delete;
    Pool& operator=(const Pool&) = delete;
    ~Pool() {
        for (std::jthread& thread : threads_) {
            thread.request_stop();
        }
        threads_.clear(); // while what they use is still there
    }

    void run(Loop& loop) {
        {
            const std::lock_guard lock(mutex_);
            loops_.push_back(&loop);
        }
        offered_.notify_all();
        work(loop);
        std::unique_lock lock(mutex_);
        std::erase(loops_, &loop);
        left_.wait(lock, [&loop] { return loop.helping == 0; });
        if (loop.thrown) {
            std::rethrow_exception(loop.thrown);
        }
    }

  private:
    void work(Loop& loop) {
        try {
            for (std::size_t at = loop.next++; at < loop.count; at = loop.next++) {
                loop.body(at);
            }
        } catch (...) {
            loop.next = loop.count;
            const std::lock_guard lock(mutex_);
            loop.thrown = loop.thrown ? loop.thrown : std::current_exception();
        }
    }

    Loop* unfinished() const {
        const auto loop = std::find_if(loops_.begin(), loops_.end(), [](Loop* one) { return one->next < one->count; });
        return loop == loops_.end() ? nullptr : *loop;
    }

    void help(const std::stop_token& ending) {
        std::unique_lock lock(mutex_);
        Loop* loop = nullptr; // which may be at its end the next moment
        while (offered_.wait(lock, ending, [&] { return (loop = unfinished()) != nullptr; })) {
            ++loop->helping;
            lock.unlock();
            work(*loop);
            lock.lock();
            --loop->helping;
            left_.notify_all();
        }
    }

    std::mutex mutex_;
    std::condition_variable_any offered_, left_;
    std::vector<Loop*> loops_; ///< in the order in which they were begun
    std::vector<std::jthread> threads_;
};

} // namespace

std::size_t parallel_width() {
    constexpr unsigned most = 16;
    static const std::size_t width = std::clamp(std::thread::hardware_concurrency(), 1U, most);
    return width;
}

void parallel_for(std::size_t count, const std::function<void(std::size_t)>& body) {
    if (count == 1) {
        body(0);
    } else if (count > 1) {
        static Pool pool;
        Loop loop{count, body};
        pool.run(loop);
    }
}

} // namespace ledgefall
