// The window, killed at any moment: what is recovered has all that was typed two seconds before.
//
//     kill_window COUNT [AT_ONCE]      kills COUNT windows, AT_ONCE of them running side by side
//
// A child types one whole number after the other into a column, writes each into a log when the window has taken it,
// and saves now and then. The parent kills it at a random moment and compares what is left on the disk with the log.

#include "app/recovery/recovered_studies.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "window_driver.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

#include <csignal>
#include <cstdio>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

qint64 now() {
    return QDateTime::currentMSecsSinceEpoch();
}

/// Types until it is killed.
int type_on(const QString& folder, unsigned seed) {
    prepare_application();
    WindowDriver drive;
    drive.window.new_table(QStringLiteral("Gravel"));
    std::mt19937 random(seed);
    QFile log(folder + QStringLiteral("/log"));
    if (!log.open(QIODevice::WriteOnly | QIODevice::Unbuffered)) {
        return 1;
    }
    drive.click_cell(0, 0);
    for (int number = 1;; ++number) {
        drive.keys(QString::number(number));
        drive.key(Qt::Key_Return);
        log.write(QByteArray::number(now()) + ' ' + QByteArray::number(number) + '\n');
        if (random() % 60 == 0) {
            (void)drive.window.save_to(folder + QStringLiteral("/gravel.ledgefall"));
        }
        QTest::qWait(static_cast<int>(random() % 60));
    }
}

/// How many numbers, from 1 on, stand in a study; −1 where they are not these.
int numbers_in(const Study& study) {
    if (study.tables.empty() || study.tables.front()->columns.empty()) {
        return 0;
    }
    const Column& cells = *study.tables.front()->columns.front()->cells;
    for (std::size_t row = 0; row < cells.size(); ++row) {
        if (!cells.at(row).plain() || cells.at(row).number() != static_cast<double>(row + 1)) {
            return -1;
        }
    }
    return static_cast<int>(cells.size());
}

struct Child {
    QTemporaryDir folder;
    QProcess process;
    qint64 end = 0; ///< when it is to be killed
};

/// What a killed child has left; empty where it is what was promised.
QString mistake(const Child& child, qint64 killed) {
    qputenv("XDG_STATE_HOME", child.folder.path().toUtf8());
    int best = 0;
    const QString saved = child.folder.filePath(QStringLiteral("gravel.ledgefall"));
    if (const Result<std::string> text = read_file(saved.toStdString())) {
        const Result<Study> study = read_study(*text);
        if (!study) {
            return QStringLiteral("the saved file is torn: ") + QString::fromStdString(study.refusal().text());
        }
        best = numbers_in(*study);
    }
    for (const RecoveredStudy& recovered : recovered_studies()) {
        const Result<Study> study = recovered.read();
        if (!study) {
            return QStringLiteral("the recovery is torn: ") + QString::fromStdString(study.refusal().text());
        }
        const int numbers = numbers_in(*study);
        best = numbers < 0 || best < 0 ? -1 : std::max(best, numbers);
    }
    int promised = 0;
    QFile log(child.folder.filePath(QStringLiteral("log")));
    if (log.open(QIODevice::ReadOnly)) {
        for (const QByteArray& line : log.readAll().split('\n')) {
            const QList<QByteArray> fields = line.split(' ');
            promised = fields.size() == 2 && fields[0].toLongLong() <= killed - 2000 ? fields[1].toInt() : promised;
        }
    }
    return best >= promised ? QString() : QStringLiteral("recovered %1 of %2 numbers").arg(best).arg(promised);
}

} // namespace

int main(int count, char** arguments) {
    const QApplication application(count, arguments);
    const QStringList given = QApplication::arguments();
    if (given.size() == 4 && given[1] == QStringLiteral("--type")) {
        return type_on(given[2], given[3].toUInt());
    }
    const int wanted = given.size() > 1 ? given[1].toInt() : 20;
    const int at_once = given.size() > 2 ? given[2].toInt() : 5;
    std::mt19937 random(20261126);
    int killed = 0;
    int failed = 0;
    int started = 0;
    std::vector<std::unique_ptr<Child>> running;
    while (killed < wanted) {
        while (started < wanted && static_cast<int>(running.size()) < at_once) {
            auto child = std::make_unique<Child>();
            QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
            environment.insert(QStringLiteral("XDG_STATE_HOME"), child->folder.path());
            child->process.setProcessEnvironment(environment);
            child->process.setStandardErrorFile(QProcess::nullDevice());
            child->process.start(QApplication::applicationFilePath(),
                                 {QStringLiteral("--type"), child->folder.path(), QString::number(random())});
            child->end = now() + 2500 + static_cast<qint64>(random() % 4000);
            running.push_back(std::move(child));
            ++started;
        }
        QTest::qWait(5);
        for (auto& child : running) {
            if (now() < child->end) {
                continue;
            }
            const qint64 at = now();
            child->process.kill();
            child->process.waitForFinished();
            const QString what = mistake(*child, at);
            if (!what.isEmpty()) {
                std::printf("window %d: %s\n", killed, qPrintable(what));
                ++failed;
            }
            ++killed;
            child.reset();
        }
        std::erase(running, nullptr);
    }
    std::printf("killed %d windows, lost more than two seconds in %d\n", killed, failed);
    return failed == 0 ? 0 : 1;
}
