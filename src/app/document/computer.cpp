#include "app/document/computer.h"

namespace ledgefall {
namespace {

constexpr qint64 long_running = 250; // milliseconds, after which it is given up for a newer study

} // namespace

Computer::Computer(QObject* parent)
    : QObject(parent) {
    ticking_.setInterval(200);
    patience_.setSingleShot(true);
    connect(&patience_, &QTimer::timeout, this, [this] {
        if (next_) {
            task_.stop();
        }
    });
    connect(&ticking_, &QTimer::timeout, this, [this] { Q_EMIT progressed(static_cast<qint64>(progress_->cells)); });
    connect(this, &Computer::busy_changed, &ticking_, [this](bool busy) { busy ? ticking_.start() : ticking_.stop(); });
}

void Computer::ask(const Study& study) {
    next_ = study;
    if (!task_.running()) {
        start();
    } else if (!patience_.isActive()) {
        patience_.start(static_cast<int>(std::max<qint64>(0, long_running - since_.elapsed())));
    }
    tell_busy();
}

void Computer::begin_from(ResultsPtr results) {
    previous_ = std::move(results);
}

void Computer::stop() {
    const bool runs = task_.running();
    task_.stop();
    if (next_.has_value() && !runs) {
        QMetaObject::invokeMethod(
            this, [this] { take(TaskOutcome<ResultsPtr>()); }, Qt::QueuedConnection);
    }
    next_.reset();
}

void Computer::start() {
    patience_.stop();
    progress_ = std::make_shared<Progress>();
    since_.start();
    const auto work = [study = *std::exchange(next_, std::nullopt), before = previous_, progress = progress_](
                          const StopToken& stop) { return compute_in_task(study, before, stop, progress.get()); };
    task_ =
        TaskRunner::of_process().start(this, work, [this](const TaskOutcome<ResultsPtr>& outcome) { take(outcome); });
}

void Computer::take(const TaskOutcome<ResultsPtr>& outcome) {
    previous_ = outcome ? *outcome : outcome.end() == TaskEnd::stopped ? previous_ : nullptr;
    if (next_ && !task_.running()) {
        start();
    }
    if (!outcome && outcome.end() != TaskEnd::stopped) {
        Q_EMIT failed(outcome.why());
    }
    if (outcome || !busy()) {
        Q_EMIT finished(outcome ? *outcome : nullptr);
    }
    tell_busy();
}

void Computer::tell_busy() {
    if (told_busy_ != busy()) {
        told_busy_ = busy();
        Q_EMIT busy_changed(told_busy_);
    }
}

} // namespace ledgefall
