// Files are written whole or not at all: on a full disk, where the folder goes, where another process reads meanwhile,
// and cut off at any byte.

#include "files/io/atomic_file.h"
#include "harness/test_program.h"

#include <QDir>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include <atomic>
#include <csignal>
#include <sys/resource.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace ledgefall;

namespace {

/// While it is there, no file of this process grows beyond so many bytes, as on a disk that is full.
class FullDisk {
  public:
    explicit FullDisk(rlim_t bytes) {
        ::getrlimit(RLIMIT_FSIZE, &before_);
        struct rlimit less = before_;
        less.rlim_cur = bytes;
        ::setrlimit(RLIMIT_FSIZE, &less);
        take_file_limit_as_error();
    }
    ~FullDisk() {
        ::setrlimit(RLIMIT_FSIZE, &before_);
        ::signal(SIGXFSZ, SIG_DFL);
    }

  private:
    struct rlimit before_ {};
};

QStringList files_in(const QTemporaryDir& folder) {
    return QDir(folder.path()).entryList(QDir::Files | QDir::Hidden);
}

} // namespace

class TestWritingFiles : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_full_disk_leaves_the_old_file() {
        const QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("study.ledgefall")).toStdString();
        QVERIFY(write_file(path, "as it was"));
        for (const rlim_t room : {rlim_t{0}, rlim_t{1}, rlim_t{5000}, rlim_t{99'999}}) {
            const FullDisk full(room);
            const auto saved = write_file(path, std::string(100'000, 'x'));
            QVERIFY(!saved);
            const std::string said = saved.refusal().text();
            QVERIFY2(said.find(path) != std::string::npos && said.find("unchanged") != std::string::npos, said.c_str());
            QCOMPARE(*read_file(path), std::string("as it was"));
            QCOMPARE(files_in(folder).size(), 1); // nothing torn lies about
        }
        QVERIFY(write_file(path, std::string(100'000, 'x')));
        // One that must stay itself is written over only once the whole of it stands beside.
        const std::string other = folder.filePath(QStringLiteral("other")).toStdString();
        QVERIFY(::link(path.c_str(), other.c_str()) == 0);
        const FullDisk full(5000);
        QVERIFY(!write_file(path, std::string(200'000, 'y')));
        QCOMPARE(*read_file(other), std::string(100'000, 'x'));
    }

    /// A limit on the size of files is an error that the program tells, and does not end it by a signal.
    void a_limit_on_files_is_told_by_the_program() {
        const QTemporaryDir folder;
        const QString out = folder.filePath(QStringLiteral("out.ledgefall"));
        QProcess shell;
        shell.start(QStringLiteral("/bin/sh"),
                    {QStringLiteral("-c"), QStringLiteral("ulimit -f 1; exec \"$0\" \"$1\" --save \"$2\""),
                     QCoreApplication::applicationDirPath() + QStringLiteral("/ledgefall-calc"),
                     QStringLiteral(DEMO_FOLDER "/marrow-beck.ledgefall"), out});
        QVERIFY(shell.waitForFinished());
        QCOMPARE(shell.exitStatus(), QProcess::NormalExit);
        QVERIFY(shell.exitCode() != 0);
        QVERIFY(QString::fromUtf8(shell.readAllStandardError()).contains(QStringLiteral("could not be saved")));
        QVERIFY(!QFile::exists(out));
    }

    void a_folder_that_is_gone() {
        QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("study.ledgefall")).toStdString();
        QVERIFY(write_file(path, "one"));
        QVERIFY(folder.remove());
        const auto saved = write_file(path, "two");
        QVERIFY(!saved);
        QVERIFY(saved.refusal().text().find("No file was written") != std::string::npos);
        QVERIFY(!read_file(path));
    }

    /// Whoever reads meanwhile sees one version or the other, whole.
    void readers_see_whole_versions() {
        const QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("study.ledgefall")).toStdString();
        const std::string first(300'000, 'a');
        const std::string second(200'000, 'b');
        QVERIFY(write_file(path, first));
        std::atomic<bool> end = false;
        std::atomic<int> torn = 0;
        std::atomic<int> read = 0;
        std::thread reader([&] {
            while (!end) {
                const Result<std::string> text = read_file(path);
                torn += text && (*text == first || *text == second) ? 0 : 1;
                ++read;
            }
        });
        for (int round = 0; round < 40; ++round) {
            QVERIFY(write_file(path, round % 2 == 0 ? second : first));
        }
        end = true;
        reader.join();
        QCOMPARE(torn.load(), 0);
        QVERIFY(read > 5);
    }

    /// Killed while it writes: what is there is one version or the other, and what is torn is cleared away afterwards.
    void a_killed_writer_tears_nothing() {
        const QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("study.ledgefall")).toStdString();
        const std::string first(2'000'000, 'a');
        const std::string second(1'500'000, 'b');
        QVERIFY(write_file(path, first));
        int changed = 0;
        for (int round = 0; round < 25; ++round) {
            const pid_t child = ::fork();
            QVERIFY(child >= 0);
            if (child == 0) {
                for (;;) {
                    (void)write_file(path, second);
                    (void)write_file(path, first);
                }
            }
            ::usleep(static_cast<useconds_t>(1000 + 1700 * round));
            ::kill(child, SIGKILL);
            ::waitpid(child, nullptr, 0);
            const Result<std::string> text = read_file(path);
            QVERIFY(text && (*text == first || *text == second));
            changed += *text == second ? 1 : 0;
        }
        remove_stale_temporaries(folder.path().toStdString());
        QCOMPARE(files_in(folder), QStringList{QStringLiteral("study.ledgefall")});
        QVERIFY(changed > 0); // else none was killed after it had written
    }

    void permissions_and_places_are_kept() {
        const QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("study.ledgefall")).toStdString();
        QVERIFY(write_file(path, "one"));
        QVERIFY(QFile::setPermissions(QString::fromStdString(path),
                                      QFile::ReadOwner | QFile::WriteOwner | QFile::ReadGroup));
        QVERIFY(write_file(path, "two"));
        const QFile::Permissions kept = QFile::permissions(QString::fromStdString(path));
        QVERIFY(kept.testFlag(QFile::ReadGroup) && !kept.testFlag(QFile::ReadOther) &&
                !kept.testFlag(QFile::WriteGroup));
        // A name without a folder is in the folder that is the process' own.
        const QString before = QDir::currentPath();
        QVERIFY(QDir::setCurrent(folder.path()));
        const auto saved = write_file("plain.txt", "three");
        QVERIFY(QDir::setCurrent(before));
        QVERIFY(saved && QFile::exists(folder.filePath(QStringLiteral("plain.txt"))));
    }
};

LEDGEFALL_TEST(TestWritingFiles)
#include "test_writing_files.moc"
