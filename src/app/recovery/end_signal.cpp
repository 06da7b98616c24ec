#include "app/recovery/end_signal.h"

#include <QSocketNotifier>

#include <array>
#include <cerrno>
#include <csignal>
#include <cstdlib>
#include <sys/socket.h>
#include <unistd.h>

namespace ledgefall {
namespace {

// A signal can come in the middle of anything: its handler only writes a byte, which the event loop reads.
std::array<int, 2> ends = {-1, -1};

void tell_event_loop(int) {
    const int error = errno; // of what was interrupted
    const char byte = 1;
    (void)!::write(ends[0], &byte, 1);
    errno = error;
}

} // namespace

void on_end_signal(QObject* owner, const std::function<void()>& done) {
    if (ends[0] < 0 && ::socketpair(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0, ends.data()) != 0) {
        return;
    }
    auto* notifier = new QSocketNotifier(ends[1], QSocketNotifier::Read, owner);
    QObject::connect(notifier, &QSocketNotifier::activated, owner, [notifier, done] {
        notifier->setEnabled(false);
        char byte = 0;
        (void)!::read(ends[1], &byte, 1);
        done();
    });
    struct sigaction action {};
    action.sa_handler = tell_event_loop;
    action.sa_flags = SA_RESTART;
    for (const int signal : {SIGTERM, SIGINT, SIGHUP}) {
        ::sigaction(signal, &action, nullptr);
    }
}

void on_exit_within(QObject* owner, const std::function<void()>& done) {
    static std::function<void()> at_exit;
    at_exit = done;
    QObject::connect(owner, &QObject::destroyed, [] { at_exit = nullptr; });
    std::atexit([] {
        if (at_exit) {
            at_exit();
        }
    });
}

} // namespace ledgefall
