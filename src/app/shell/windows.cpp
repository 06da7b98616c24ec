#include "app/shell/windows.h"

#include "app/tasks/log.h"

#include <QDir>
#include <QJsonArray>
#include <QJsonDocument>
#include <QLocalSocket>
#include <QRegularExpression>
#include <QScreen>
#include <QStandardPaths>
#include <QUrl>

#include <sys/socket.h>
#include <unistd.h>

namespace ledgefall {
namespace {

/// Whether the process at the other end is this user's.
bool is_own(const QLocalSocket& socket) {
    ucred other{};
    socklen_t size = sizeof other;
    const bool known =
        ::getsockopt(static_cast<int>(socket.socketDescriptor()), SOL_SOCKET, SO_PEERCRED, &other, &size) == 0;
    return known && other.uid == ::getuid();
}

constexpr int moment = 500;        // milliseconds
constexpr int to_answer = 2000;    // it does nothing long before it answers
constexpr qint64 most = 1'000'000; // bytes that another start hands over

} // namespace

QString local_path(const QString& file) {
    const QUrl url(file);
    if (url.isLocalFile()) {
        return url.toLocalFile();
    }
    const bool address = file.contains(QStringLiteral("://"));
    return address ? QString() : QFileInfo(file).absoluteFilePath();
}

QString Windows::server_name() {
    const QString wayland = qEnvironmentVariable("WAYLAND_DISPLAY");
    QString display = wayland.isEmpty() ? qEnvironmentVariable("DISPLAY") : wayland;
    display += QLatin1Char('-') + qEnvironmentVariable("XDG_SESSION_ID");
    display.replace(QRegularExpression(QStringLiteral("[^A-Za-z0-9.-]")), QStringLiteral("_"));
    return QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation) + QStringLiteral("/ledgefall-") + display;
}

Windows::Windows(QObject* parent)
    : QObject(parent) {
    connect(&server_, &QLocalServer::newConnection, this, &Windows::take_from_other_start);
}

MainWindow* Windows::add() {
    auto* window = new MainWindow;
    window->setAttribute(Qt::WA_DeleteOnClose);
    windows_.append(window);
    connect(window, &MainWindow::new_window_wanted, this, [this] { add()->show(); });
    connect(window, &MainWindow::files_dropped, this, &Windows::open);
    connect(window, &MainWindow::item_wanted, this, &Windows::open_at);
    connect(window, &MainWindow::new_study_wanted, this, [this](const Study& study) {
        MainWindow* another = add();
        another->document().open_unsaved(study, {});
        another->show();
    });
    return window;
}

QList<MainWindow*> Windows::all() const {
    QList<MainWindow*> out;
    for (const QPointer<MainWindow>& window : windows_) {
        if (window != nullptr) {
            out.append(window);
        }
    }
    return out;
}

void Windows::open_at(const QString& file, const QString& item, Qt::Edge half) {
    open({file});
    for (MainWindow* window : all()) {
        if (!window->files().has_or_opens(file)) {
            continue;
        }
        QRect there = window->screen()->availableGeometry();
        there.setWidth(there.width() / 2);
        there.translate(half == Qt::RightEdge ? there.width() : 0, 0);
        window->setGeometry(there);
        if (!window->document().path().isEmpty()) {
            return window->go_to_item(item);
        }
        connect(
            &window->files(), &StudyFiles::opened, window, [window, item] { window->go_to_item(item); },
            Qt::SingleShotConnection);
    }
}

void Windows::open(const QStringList& files) {
    for (const QString& file : files) {
        const QString path = local_path(file);
        const QList<MainWindow*> windows = all();
        const auto here = std::find_if(windows.begin(), windows.end(),
                                       [&path](MainWindow* one) { return one->files().has_or_opens(path); });
        // One in which nothing has begun is as good as a new one.
        const auto untouched =
            std::find_if(windows.begin(), windows.end(), [](const MainWindow* one) { return one->untouched(); });
        MainWindow* window = here != windows.end() ? *here : untouched != windows.end() ? *untouched : add();
        window->show();
        if (here == windows.end()) {
            window->imports().open(path);
        }
        window->raise();
        window->activateWindow();
    }
}

void Windows::end_at_once() {
    for (MainWindow* window : all()) {
        window->files().end_at_once();
    }
}

bool Windows::hand_over(const QStringList& files) {
    QLocalSocket socket;
    socket.connectToServer(server_name());
    if (!socket.waitForConnected(moment) || !is_own(socket)) {
        return false;
    }
    QJsonArray paths;
    for (const QString& file : files) {
        paths.append(local_path(file));
    }
    socket.write(QJsonDocument(paths).toJson(QJsonDocument::Compact) + '\n');
    return socket.waitForBytesWritten(moment) && socket.waitForReadyRead(to_answer); // it has answered
}

void Windows::listen() {
    server_.setSocketOptions(QLocalServer::UserAccessOption);
    if (!server_.listen(server_name())) {
        QLocalServer::removeServer(server_name()); // left by a program that crashed
        if (!server_.listen(server_name())) {
            qCWarning(log_windows) << "other starts cannot hand over files:" << server_.errorString();
        }
    }
}

void Windows::take_from_other_start() {
    QLocalSocket* socket = server_.nextPendingConnection();
    connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
    if (!is_own(*socket)) {
        qCWarning(log_windows) << "another user's program is not listened to";
        return socket->abort();
    }
    socket->setReadBufferSize(most);
    connect(socket, &QLocalSocket::readyRead, this, [this, socket] {
        if (!socket->canReadLine()) {
            if (socket->bytesAvailable() >= most) {
                qCWarning(log_windows) << "another start hands over too much";
                socket->abort();
            }
            return;
        }
        const QJsonArray paths = QJsonDocument::fromJson(socket->readLine()).array();
        socket->write("taken\n");
        socket->flush();
        QStringList files;
        for (const auto& path : paths) {
            files << path.toString();
        }
        qCInfo(log_windows) << "handed over by another start:" << files;
        // Opening may ask and wait, in which time the other start goes away and with it the socket whose signal this
        // is.
        QMetaObject::invokeMethod(
            this, [this, files] { files.isEmpty() ? add()->show() : open(files); }, Qt::QueuedConnection);
    });
}

} // namespace ledgefall
