#include "app/document/computer.h"

#include <QDateTime>
#include <QMetaObject>

#include <new>

namespace ledgefall {
namespace {

constexpr qint64 long_running = 250; // milliseconds, after which a newer question has precedence

} // namespace

Computer::Computer(QObject* parent)
    : QObject(parent) {
    ticking_.setInterval(200);
    connect(&ticking_, &QTimer::timeout, this, [this] { Q_EMIT progressed(static_cast<qint64>(progress_.cells)); });
    connect(this, &Computer::busy_changed, &ticking_, [this](bool busy) { busy ? ticking_.start() : ticking_.stop(); });
    thread_ = std::jthread([this](const std::stop_token& ending) { work(ending); });
}

Computer::~Computer() {
    thread_.request_stop();
    stop();
}

void Computer::ask(const Study& study) {
    const bool was_busy = busy();
    {
        const std::lock_guard lock(mutex_);
        next_ = Question{study, ++asked_};
        if (started_at_ != 0 && QDateTime::currentMSecsSinceEpoch() - started_at_ > long_running) {
            running_.request_stop();
        }
    }
    waiting_.notify_one();
    if (!was_busy) {
        Q_EMIT busy_changed(true);
    }
}

void Computer::begin_from(ResultsPtr results) {
    const std::lock_guard lock(mutex_);
    previous_ = std::move(results);
}

void Computer::stop() {
    const std::lock_guard lock(mutex_);
    running_.request_stop();
    if (next_) {
        QMetaObject::invokeMethod(
            this, [this, number = next_->number] { answer(number, nullptr); }, Qt::QueuedConnection);
        next_.reset();
    }
}

void Computer::work(const std::stop_token& ending) {
    ResultsPtr before;
    while (!ending.stop_requested()) {
        Question question;
        std::stop_token token;
        {
            std::unique_lock lock(mutex_);
            if (!waiting_.wait(lock, ending, [this] { return next_.has_value(); })) {
                return;
            }
            question = std::move(*next_);
            next_.reset();
            before = previous_ ? std::exchange(previous_, nullptr) : before;
            running_ = std::stop_source();
            token = running_.get_token();
            started_at_ = QDateTime::currentMSecsSinceEpoch();
        }
        progress_.cells = 0;
        ResultsPtr results;
        try {
            results = compute(question.study, before, token, &progress_);
        } catch (const std::bad_alloc&) { // told as a computation that was stopped
            before = nullptr;
        }
        before = results ? results : before;
        {
            const std::lock_guard lock(mutex_);
            started_at_ = 0;
        }
        QMetaObject::invokeMethod(
            this, [this, number = question.number, results] { answer(number, results); }, Qt::QueuedConnection);
    }
}

void Computer::answer(quint64 number, const ResultsPtr& results) {
    const bool newer_waits = number != asked_;
    answered_ = number;
    if (results || !newer_waits) {
        Q_EMIT finished(results);
    }
    if (!newer_waits) {
        Q_EMIT busy_changed(false);
    }
}

} // namespace ledgefall
