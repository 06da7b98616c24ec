#include "app/document/waited_work.h"

#include <QPointer>
#include <QTimer>

namespace ledgefall {

void WaitedWork::wait(const QString& what) {
    constexpr int before_told = 300, between = 5; // milliseconds
    const QPointer<WaitedWork> there = this;
    QEventLoop loop;
    QTimer poll;
    double told = 0;
    connect(&poll, &QTimer::timeout, &loop, [&] {
        if (!there || !task_.running()) {
            return loop.quit();
        }
        if (const double part = task_.progress(); part != told) {
            told = part;
            Q_EMIT progressed(part);
        }
    });
    connect(this, &QObject::destroyed, &loop, &QEventLoop::quit);
    poll.start(between);
    // What is typed and clicked in the first moment waits: it is meant for what comes of the work.
    QTimer::singleShot(before_told, &loop, &QEventLoop::quit);
    loop.exec(QEventLoop::ExcludeUserInputEvents);
    if (!there || !waiting()) {
        return;
    }
    Q_EMIT began(what);
    while (there && waiting() && loop.exec() != 0) { // the program is being left
        stop();
    }
    if (there) {
        Q_EMIT ended();
    }
}

} // namespace ledgefall
