#pragma once

#include "core/value/stopping.h"

#include <QEventLoop>
#include <QObject>
#include <QString>
#include <QThreadPool>

#include <atomic>
#include <chrono>
#include <functional>
#include <future>
#include <memory>
#include <new>
#include <optional>

namespace ledgefall {

/// What a person has asked for and waits for, such as the reading of a large file: it is done on a thread of its own,
/// and the window goes on painting and can be closed. What is over at once is not noticed. After a moment it is said,
/// by `began`, what is waited for, so that it can be stopped.
class WaitedWork : public QObject {
    Q_OBJECT
  public:
    /// Whether stopped work may go on unseen, its result dropped (reading), or is waited for until it has noticed
    /// (writing, of which it must be known whether it was done).
    enum class WhenStopped { leave, wait };

    /// What `work` returns; nothing where it was stopped, the memory did not suffice, or something else is waited for.
    template <class Work>
    auto run(const QString& what, WhenStopped when_stopped, Work work) {
        using Outcome = std::optional<decltype(work())>;
        if (waiting()) {
            return Outcome();
        }
        const auto promise = std::make_shared<std::promise<Outcome>>();
        std::future<Outcome> outcome = promise->get_future();
        source_.emplace();
        const auto progress = std::make_shared<std::atomic<double>>(0);
        progress_ = progress.get();
        QThreadPool::globalInstance()->start(
            [promise, progress, work = std::move(work), token = source_->get_token()]() mutable {
                const StopScope scope(token, progress.get());
                Outcome result;
                try {
                    result.emplace(work());
                } catch (const Stopped&) {
                    result.reset();
                } catch (const std::bad_alloc&) {
                    result.reset();
                }
                promise->set_value(std::move(result));
            });
        wait(what, when_stopped, [&outcome](std::chrono::milliseconds most) {
            return outcome.wait_for(most) == std::future_status::ready;
        });
        const bool dropped = source_->stop_requested() && when_stopped == WhenStopped::leave;
        source_.reset();
        progress_ = nullptr;
        return dropped ? Outcome() : outcome.get();
    }

    bool waiting() const { return source_.has_value(); }
    void stop();

  Q_SIGNALS:
    void began(const QString& what);
    void progressed(double part); ///< of what is waited for, where it tells
    void ended();

  private:
    using IsReady = std::function<bool(std::chrono::milliseconds most)>;
    void wait(const QString& what, WhenStopped when_stopped, const IsReady& is_ready);

    std::optional<std::stop_source> source_; ///< of what is waited for
    const std::atomic<double>* progress_ = nullptr;
};

} // namespace ledgefall
