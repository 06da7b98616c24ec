#pragma once

#include "core/value/stopping.h"

#include <QMetaObject>
#include <QObject>
#include <QThreadPool>

#include <memory>
#include <new>
#include <optional>

namespace ledgefall {

/// Work on a thread beside the interface, one piece after the other. Where it is stopped, or destroyed, what runs is
/// given up at its next chance.
class AsideWork {
  public:
    AsideWork() { pool_.setMaxThreadCount(1); }
    AsideWork(const AsideWork&) = delete;
    AsideWork& operator=(const AsideWork&) = delete;
    ~AsideWork() {
        stop();
        pool_.waitForDone();
    }

    /// Gives up what runs, and what waits to be run without having begun.
    void stop() {
        pool_.clear();
        running_->request_stop();
        running_ = std::make_shared<std::stop_source>();
    }

    /// Runs `work` beside the interface and gives what it returns to `done`, on the thread of `context`; nothing where
    /// it was given up, or the memory did not suffice.
    template <class Work, class Done>
    void run(QObject* context, Work work, Done done) {
        pool_.start([context, work = std::move(work), done = std::move(done), token = running_->get_token()] {
            using Outcome = std::optional<decltype(work())>;
            Outcome outcome;
            const StopScope scope(token);
            try {
                outcome = work();
            } catch (const Stopped&) {
                outcome.reset();
            } catch (const std::bad_alloc&) {
                outcome.reset();
            }
            QMetaObject::invokeMethod(
                context, [done, outcome = std::move(outcome)] { done(outcome); }, Qt::QueuedConnection);
        });
    }

  private:
    QThreadPool pool_;
    std::shared_ptr<std::stop_source> running_ = std::make_shared<std::stop_source>();
};

} // namespace ledgefall
