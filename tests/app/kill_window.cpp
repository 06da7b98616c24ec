// The window, killed at any moment: what is recovered has all that was typed two seconds before.
//
//     kill_window COUNT [AT_ONCE [SLOW_DISK]]      kills COUNT windows, AT_ONCE of them running side by side; on a disk
//                                                  that takes long where the library SLOW_DISK is given
//
// A child types one whole number after the other into a column, writes each into a log when the window has taken it,
// and saves now and then. The parent kills it at a random moment and compares what is left on the disk with the log.

#include "app/recovery/end_signal.h"
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

/// What is written into a formula one letter after the other; it is never complete.
QString letters_of_formula(qsizetype count) {
    return QStringLiteral("z = x") + QStringLiteral(" + x").repeated(count / 4 + 1).left(count);
}

/// Writes on at a formula until it is killed.
void write_on(WindowDriver& drive, QFile& log, std::mt19937& random) {
    drive.window.page()->write_formula(1, letters_of_formula(0));
    for (qsizetype count = 1;; ++count) {
        drive.keys(letters_of_formula(count).right(1));
        log.write(QByteArray::number(now()) + " letter " + QByteArray::number(count) + '\n');
        QTest::qWait(static_cast<int>(random() % 60));
    }
}

Document::BytesPtr drift_times() {
    std::string text = "time,depth\n";
    for (int row = 0; row < 200'000; ++row) {
        text += std::to_string(row % 977) + ',' + std::to_string(row % 89) + '\n';
    }
    return std::make_shared<const std::string>(std::move(text));
}

/// Imports 200,000 rows and goes back to the table in which it was typing.
void bring_in(WindowDriver& drive, int typed) {
    drive.window.imports().read_text(QStringLiteral("drift.csv"), drift_times(), {}, QStringLiteral("Drift"));
    (void)drive.files_done();
    drive.window.show_table(drive.window.document().study().tables.front()->id);
    drive.click_cell(typed, 0);
}

/// Types until it is killed; `as`: `typing`, `saving` now and then, or after some time `writing` at a formula or
/// `importing` other rows.
int type_on(const QString& folder, unsigned seed, const QString& as) {
    prepare_application();
    WindowDriver drive;
    drive.new_table(QStringLiteral("Gravel"));
    std::mt19937 random(seed);
    QFile log(folder + QStringLiteral("/log"));
    if (!log.open(QIODevice::WriteOnly | QIODevice::Unbuffered)) {
        return 1;
    }
    on_exit_within(&drive.window, [&drive] { drive.window.files().end_at_once(); });
    drive.click_cell(0, 0);
    qint64 end_of_numbers = as == QStringLiteral("writing") || as == QStringLiteral("importing")
                                ? now() + static_cast<qint64>(random() % 1500)
                                : 0;
    for (int number = 1;; ++number) {
        if (end_of_numbers > 0 && now() > end_of_numbers) {
            if (as == QStringLiteral("writing")) {
                write_on(drive, log, random);
            }
            bring_in(drive, number - 1);
            end_of_numbers = 0;
        }
        drive.keys(QString::number(number));
        drive.key(Qt::Key_Return);
        log.write(QByteArray::number(now()) + ' ' + QByteArray::number(number) + '\n');
        if (as == QStringLiteral("exiting") && number == 7) {
            std::exit(1); // as Qt does where the X server goes away
        }
        if (as == QStringLiteral("saving") && random() % 60 == 0) {
            (void)drive.save_to(folder + QStringLiteral("/gravel.ledgefall"));
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

/// How long a change may take to be on the disk, and the window to take what is typed, in milliseconds.
struct Promise {
    qint64 on_disk = 2000;
    qint64 between_keys = 60'000; ///< on a machine that does other things too, no promise
};

/// On a disk whose every flush takes one and a half seconds (`harness/slow_disk.cpp`), two of which may lie between.
constexpr Promise on_slow_disk = {2000 + 2 * 1500, 1000};

/// What a killed child has left; empty where it is what was promised.
QString mistake(const Child& child, qint64 killed, const Promise& promise) {
    qputenv("XDG_STATE_HOME", child.folder.path().toUtf8());
    int best = 0;
    qsizetype best_letters = 0;
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
        const qsizetype letters = recovered.state.typed.text.size() - letters_of_formula(0).size();
        best_letters = recovered.state.typed.text == letters_of_formula(letters) ? letters : best_letters;
    }
    int promised = 0;
    int promised_letters = 0;
    qint64 before = 0;
    QFile log(child.folder.filePath(QStringLiteral("log")));
    if (log.open(QIODevice::ReadOnly)) {
        for (const QByteArray& line : log.readAll().split('\n')) {
            const QList<QByteArray> fields = line.split(' ');
            const qint64 typed = fields[0].toLongLong();
            if (fields.size() == 3) {
                promised_letters = typed <= killed - promise.on_disk ? fields[2].toInt() : promised_letters;
            }
            if (fields.size() != 2) {
                continue;
            }
            promised = typed <= killed - promise.on_disk ? fields[1].toInt() : promised;
            if (before > 0 && typed - before > promise.between_keys) {
                return QStringLiteral("number %1 took %2 ms").arg(fields[1].toInt()).arg(typed - before);
            }
            before = typed;
        }
    }
    if (best_letters < promised_letters) {
        return QStringLiteral("recovered %1 of %2 letters of a formula").arg(best_letters).arg(promised_letters);
    }
    return best >= promised ? QString() : QStringLiteral("recovered %1 of %2 numbers").arg(best).arg(promised);
}

/// A window whose process ends by exit() at once after something was typed.
QString mistake_of_exit() {
    Child child;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("XDG_STATE_HOME"), child.folder.path());
    child.process.setProcessEnvironment(environment);
    child.process.start(QApplication::applicationFilePath(), {QStringLiteral("--type"), child.folder.path(),
                                                              QStringLiteral("1"), QStringLiteral("exiting")});
    child.process.waitForFinished();
    return mistake(child, now(), {0, 60'000});
}

} // namespace

int main(int count, char** arguments) {
    const QApplication application(count, arguments);
    const QStringList given = QApplication::arguments();
    if (given.size() == 5 && given[1] == QStringLiteral("--type")) {
        return type_on(given[2], given[3].toUInt(), given[4]);
    }
    const int wanted = given.size() > 1 ? given[1].toInt() : 20;
    const int at_once = given.size() > 2 ? given[2].toInt() : 5;
    const QString slow_disk = given.size() > 3 ? given[3] : QString();
    if (!slow_disk.isEmpty() && !QFile::exists(slow_disk)) {
        std::printf("there is no %s\n", qPrintable(slow_disk));
        return 2;
    }
    const Promise promise = slow_disk.isEmpty() ? Promise() : on_slow_disk;
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
            if (!slow_disk.isEmpty()) {
                environment.insert(QStringLiteral("LD_PRELOAD"), slow_disk);
            }
            child->process.setProcessEnvironment(environment);
            child->process.setStandardErrorFile(QProcess::nullDevice());
            child->process.start(QApplication::applicationFilePath(),
                                 {QStringLiteral("--type"), child->folder.path(), QString::number(random()),
                                  started % 2 == 1      ? QStringLiteral("writing")
                                  : started % 4 == 2    ? QStringLiteral("importing")
                                  : slow_disk.isEmpty() ? QStringLiteral("saving")
                                                        : QStringLiteral("typing")});
            child->end = now() + 500 + promise.on_disk + static_cast<qint64>(random() % 4000);
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
            const QString what = mistake(*child, at, promise);
            if (!what.isEmpty()) {
                std::printf("window %d: %s\n", killed, qPrintable(what));
                ++failed;
            }
            ++killed;
            child.reset();
        }
        std::erase(running, nullptr);
    }
    if (const QString what = mistake_of_exit(); !what.isEmpty()) {
        std::printf("ended by exit(): %s\n", qPrintable(what));
        ++failed;
    }
    std::printf("killed %d windows, broken promises in %d\n", killed, failed);
    return failed == 0 ? 0 : 1;
}
