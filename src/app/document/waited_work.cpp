#include "app/document/waited_work.h"

#include <QTimer>

namespace ledgefall {

void WaitedWork::stop() {
    if (source_) {
        source_->request_stop();
    }
}

void WaitedWork::wait(const QString& what, WhenStopped when_stopped, const IsReady& is_ready) {
    using std::chrono::milliseconds;
    constexpr milliseconds unnoticed(40);
    constexpr int before_told = 300, between = 5; // milliseconds
    if (is_ready(unnoticed)) {
        return;
    }
    const auto over = [&] {
        return is_ready(milliseconds(0)) || (source_->stop_requested() && when_stopped == WhenStopped::leave);
    };
    QEventLoop loop;
    QTimer poll;
    poll.setInterval(between);
    double told = 0;
    connect(&poll, &QTimer::timeout, &loop, [&] {
        if (over()) {
            loop.quit();
        } else if (const double part = *progress_; part != told) {
            told = part;
            Q_EMIT progressed(part);
        }
    });
    poll.start();
    // What is typed and clicked in the first moment waits: it is meant for what comes of the work.
    QTimer::singleShot(before_told, &loop, &QEventLoop::quit);
    loop.exec(QEventLoop::ExcludeUserInputEvents);
    if (!over()) {
        Q_EMIT began(what);
        if (loop.exec() != 0 || !over()) { // the program is being left
            stop();
        }
        Q_EMIT ended();
    }
    while (when_stopped == WhenStopped::wait && !is_ready(milliseconds(between))) {
        // left while it was writing: what is written must come to its end or be taken back
    }
}

} // namespace ledgefall
