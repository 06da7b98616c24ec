// Several windows in one process, files from outside: dropped, as addresses, handed over by a second start; and the end
// of the process by a signal.

#include "app/dialogs/import_dialog.h"
#include "app/numbers/locale_text.h"
#include "app/recovery/autosave.h"
#include "app/recovery/recovered_studies.h"
#include "app/recovery/state_folder.h"
#include "app/shell/windows.h"
#include "core/study/edits/edits.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QDropEvent>
#include <QElapsedTimer>
#include <QLocalSocket>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <QStandardPaths>
#include <QTemporaryDir>

#include <array>
#include <atomic>
#include <csignal>
#include <thread>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// A study with one table of that name, in a file.
QString study_file(const QTemporaryDir& folder, const QString& name) {
    const QString path = folder.filePath(name + QStringLiteral(".ledgefall"));
    const bool written =
        static_cast<bool>(write_file(path.toStdString(), write_study(*add_table(Study(), name.toStdString()))));
    return written ? path : QString();
}

QStringList tables_shown(const Windows& windows) {
    QStringList names;
    for (MainWindow* window : windows.all()) {
        for (const auto& table : window->document().study().tables) {
            names << QString::fromStdString(table->name);
        }
    }
    names.sort();
    return names;
}

/// 600,000 rows of two columns with typed numbers and three with formulas.
Study large_study() {
    Study study = *add_table(Study(), "Large");
    const Id table = study.tables.front()->id;
    std::vector<double> values;
    for (int row = 0; row < 600'000; ++row) {
        values.push_back(row % 977 * 0.37);
    }
    study = *add_columns(std::move(study), table,
                         {{"x", "", "", Column::numbers(values)}, {"y", "", "", Column::numbers(values)}});
    for (const char* formula : {"z = x - mean(x)", "w = z^2", "s = sum(w[1..i])"}) {
        study = *write_column(study, table, formula);
    }
    return study;
}

/// How much processor time a process has used, in ticks.
qint64 time_used(const QProcess& process) {
    QFile about(QStringLiteral("/proc/%1/stat").arg(process.processId()));
    const QList<QByteArray> fields = about.open(QFile::ReadOnly) ? about.readAll().split(' ') : QList<QByteArray>();
    return fields.size() > 14 ? fields[13].toLongLong() + fields[14].toLongLong() : -1;
}

/// The most address space that a process has had, in kilobytes.
qint64 most_memory(const QProcess& process) {
    QFile about(QStringLiteral("/proc/%1/status").arg(process.processId()));
    const QByteArray text = about.open(QFile::ReadOnly) ? about.readAll() : QByteArray();
    return text.mid(text.indexOf("VmPeak:") + 7).trimmed().split(' ').front().toLongLong();
}

/// Whether a process does nothing for a second.
bool idle(const QProcess& process) {
    const qint64 before = time_used(process);
    QTest::qWait(1000);
    return time_used(process) <= before + 1;
}

} // namespace

class TestWindows : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() {
        prepare_application();
        state_ = std::make_unique<QTemporaryDir>();
        qputenv("XDG_STATE_HOME", state_->path().toUtf8());
    }

    void addresses_become_paths() {
        QCOMPARE(local_path(QStringLiteral("file:///tmp/a%20b.ledgefall")), QStringLiteral("/tmp/a b.ledgefall"));
        QCOMPARE(local_path(QStringLiteral("/tmp/x.csv")), QStringLiteral("/tmp/x.csv"));
        QCOMPARE(local_path(QStringLiteral("https://somewhere/x.csv")), QString());
    }

    void each_file_has_a_window_of_its_own() {
        const QTemporaryDir folder;
        Windows windows;
        windows.add()->show();
        windows.open({study_file(folder, QStringLiteral("Pool")),
                      QStringLiteral("file://") + study_file(folder, QStringLiteral("Weir"))});
        QCOMPARE(windows.all().size(), 2);
        QTRY_COMPARE(tables_shown(windows), (QStringList{QStringLiteral("Pool"), QStringLiteral("Weir")}));
        // What is no study is told, and the window stays as it is.
        windows.open({folder.filePath(QStringLiteral("nothing.ledgefall"))});
        QCOMPARE(windows.all().size(), 3);
        QTRY_VERIFY(!windows.all().back()->notices().line()->text().isEmpty());
        windows.all().back()->close();
        QTRY_COMPARE(windows.all().size(), 2);
        for (MainWindow* window : windows.all()) {
            window->close();
        }
        QTRY_VERIFY(windows.all().isEmpty());
    }

    void files_can_be_dropped_on_a_window() {
        const QTemporaryDir folder;
        Windows windows;
        MainWindow* window = windows.add();
        window->show();
        QMimeData dropped;
        dropped.setUrls({QUrl::fromLocalFile(study_file(folder, QStringLiteral("Riffle")))});
        QDragEnterEvent enters(QPoint(50, 50), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window, &enters);
        QVERIFY(enters.isAccepted());
        QDropEvent event(QPointF(50, 50), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window, &event);
        QTRY_COMPARE(tables_shown(windows), QStringList{QStringLiteral("Riffle")});
        window->close();
        QTRY_VERIFY(windows.all().isEmpty());
    }

    /// Each window paints numbers as its own study has them, whichever is in front.
    void windows_paint_with_their_own_decimal_signs() {
        struct Number : QWidget {
            using QWidget::QWidget;
            void paintEvent(QPaintEvent*) override { painted = field_text(1.5); }
            QString painted;
        };
        Windows windows;
        std::array<Number*, 2> numbers = {};
        for (std::size_t at = 0; at < 2; ++at) {
            MainWindow* window = windows.add();
            window->document().perform(
                QStringLiteral("sign"),
                set_setting(window->document().study(), at == 0 ? "decimal_sign = comma" : "decimal_sign = point"));
            window->show();
            numbers[at] = new Number(window);
            numbers[at]->resize(20, 20);
            numbers[at]->show();
        }
        for (int turn = 0; turn < 2; ++turn) {
            windows.all()[turn]->activateWindow();
            for (Number* number : numbers) {
                number->painted.clear();
                number->update();
            }
            QTRY_COMPARE(numbers[0]->painted, QStringLiteral("1,5"));
            QTRY_COMPARE(numbers[1]->painted, QStringLiteral("1.5"));
        }
        for (MainWindow* window : windows.all()) {
            window->files().autosave().discard();
            window->document().start_new();
            window->close();
        }
        QTRY_VERIFY(windows.all().isEmpty());
    }

    void delimited_text_from_outside_is_asked_about() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("lengths.csv"));
        QVERIFY(write_file(path.toStdString(), "length\n42\n57\n"));
        WindowDriver drive;
        QTimer asked;
        connect(&asked, &QTimer::timeout, this, [] {
            if (auto* dialog = qobject_cast<ImportDialog*>(QApplication::activeModalWidget())) {
                dialog->accept();
            }
        });
        asked.start(5);
        drive.window.imports().open(path);
        QTRY_VERIFY(!drive.window.document().study().tables.empty());
        QCOMPARE(drive.window.document().study().tables.front()->columns.front()->cells->size(), std::size_t{2});
        drive.window.document().start_new();
    }

    /// Several starts at once: no file is lost, and each has a window.
    void several_starts_at_once_lose_nothing() {
        const QTemporaryDir folder;
        QStringList paths;
        for (const char* name : {"Upper", "Midpoint", "Lower"}) {
            paths << study_file(folder, QString::fromLatin1(name));
        }
        Windows windows;
        windows.listen();
        std::vector<std::thread> starts;
        std::atomic<int> taken = 0;
        for (const QString& path : paths) {
            starts.emplace_back([&taken, path] { taken += Windows::hand_over({path}) ? 1 : 0; });
        }
        QTRY_COMPARE(tables_shown(windows).size(), 3);
        for (std::thread& start : starts) {
            start.join();
        }
        QCOMPARE(taken.load(), 3);
        QStringList shown = tables_shown(windows);
        shown.sort();
        QCOMPARE(shown, QStringList({QStringLiteral("Lower"), QStringLiteral("Midpoint"), QStringLiteral("Upper")}));
        for (MainWindow* window : windows.all()) {
            window->close();
        }
        QTRY_VERIFY(windows.all().isEmpty());
    }

    void a_second_start_hands_its_files_over() {
        const QTemporaryDir folder;
        const QString path = study_file(folder, QStringLiteral("Handed"));
        QVERIFY(!Windows::hand_over({path})); // nobody listens yet
        Windows windows;
        windows.listen();
        bool taken = false;
        std::thread other_start([&] { taken = Windows::hand_over({path}); });
        QTRY_COMPARE(tables_shown(windows), QStringList{QStringLiteral("Handed")});
        other_start.join();
        QVERIFY(taken);
        windows.all().front()->close();
        QTRY_VERIFY(windows.all().isEmpty());
    }

    /// A file that is here, or is being opened, by whichever name, is shown and not opened again.
    void a_file_is_opened_once() {
        const QTemporaryDir folder;
        const QString path = study_file(folder, QStringLiteral("Once"));
        const QString link = folder.filePath(QStringLiteral("link.ledgefall"));
        QVERIFY(QFile::link(path, link));
        Windows windows;
        windows.open({path, path, link});
        QTRY_COMPARE(tables_shown(windows), QStringList{QStringLiteral("Once")});
        windows.open({link});
        QTest::qWait(50);
        QCOMPARE(windows.all().size(), 1);
        windows.all().front()->close();
        QTRY_VERIFY(windows.all().isEmpty());
    }

    /// After a crash a file is named and also recovered: it appears once, as it was recovered.
    void a_recovered_file_that_is_named_appears_once() {
        const QTemporaryDir folder;
        const QString path = study_file(folder, QStringLiteral("Twice"));
        const Study study = *add_table(*read_study(*read_file(path.toStdString())), "More");
        WrittenBeside beside;
        QVERIFY(write_recovery(state_folder(QStringLiteral("recovery")) + QStringLiteral("/gone"), study,
                               {path, QStringLiteral("Twice"), stamp_of(path.toStdString()), {}}, beside));
        for (const char* choice : {"Open the recovered study", "Keep the file, and discard the recovered study"}) {
            Windows windows;
            MainWindow* first = windows.add();
            first->show();
            QTimer answer;
            connect(&answer, &QTimer::timeout, this, [&answer, choice] {
                if (const QWidget* dialog = QApplication::activeModalWidget()) {
                    for (QPushButton* button : dialog->findChildren<QPushButton*>()) {
                        if (button->text().remove(u'&') == QLatin1String(choice)) {
                            answer.stop();
                            button->click();
                            return;
                        }
                    }
                }
            });
            answer.start(5);
            first->files().offer_recovered([&windows, path] { windows.open({path}); });
            const QStringList wanted = choice[0] == 'O' ? QStringList{QStringLiteral("More"), QStringLiteral("Twice")}
                                                        : QStringList{QStringLiteral("Twice")};
            QTRY_COMPARE(tables_shown(windows), wanted);
            QTest::qWait(50);
            QCOMPARE(windows.all().size(), 1);
            if (choice[0] == 'O') { // left again by a crash, for the other choice
                QVERIFY(write_recovery(state_folder(QStringLiteral("recovery")) + QStringLiteral("/gone"), study,
                                       {path, QStringLiteral("Twice"), stamp_of(path.toStdString()), {}},
                                       beside = WrittenBeside()));
                first->document().start_new();
            }
            first->close();
            QTRY_VERIFY(windows.all().isEmpty());
        }
        QVERIFY(recovered_studies().isEmpty());
    }

    /// A window that asks something, reads a file, or in which somebody types is not taken for another file.
    void a_window_that_is_in_use_is_not_untouched() {
        MainWindow window;
        window.show();
        QVERIFY(window.untouched());
        QDialog question(&window);
        question.open();
        QVERIFY(!window.untouched());
        question.close();
        QVERIFY(window.untouched());
        window.document().read_bytes(QStringLiteral("/proc/self/exe"), [](const Document::BytesPtr&) {});
        QVERIFY(!window.untouched());
        QTRY_VERIFY(window.untouched());
        Study noted;
        noted.note = "what the pebbles are for";
        window.document().perform(QStringLiteral("a note"), noted);
        QVERIFY(!window.untouched());
        window.document().start_new();
    }

    /// What hands over no line, or too long a one, does no harm; another display has its own program.
    void others_starts_are_bounded() {
        const QTemporaryDir folder;
        const QString path = study_file(folder, QStringLiteral("Calm"));
        Windows windows;
        windows.listen();
        const QString name = windows.server_name();
        QVERIFY(name.startsWith(QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation)));
        QLocalSocket silent;
        silent.connectToServer(name);
        QVERIFY(silent.waitForConnected());
        QLocalSocket loud;
        loud.connectToServer(name);
        QVERIFY(loud.waitForConnected());
        loud.write(QByteArray(3'000'000, 'x'));
        QTRY_COMPARE(loud.state(), QLocalSocket::UnconnectedState);
        bool taken = false;
        std::thread other_start([&] { taken = Windows::hand_over({path}); });
        QTRY_COMPARE(tables_shown(windows), QStringList{QStringLiteral("Calm")});
        other_start.join();
        QVERIFY(taken);
        qputenv("WAYLAND_DISPLAY", "another");
        QVERIFY(!Windows::hand_over({path}));
        qunsetenv("WAYLAND_DISPLAY");
        windows.all().front()->close();
        QTRY_VERIFY(windows.all().isEmpty());
    }

    /// A program that does not answer is passed over.
    void a_program_that_hangs_is_passed_over() {
        QLocalServer hung;
        const QString name = Windows::server_name();
        QLocalServer::removeServer(name);
        QVERIFY(hung.listen(name));
        QElapsedTimer since;
        since.start();
        QVERIFY(!Windows::hand_over({QStringLiteral("/tmp/x.ledgefall")}));
        QVERIFY(since.elapsed() < 60'000); // and not for ever
    }

    /// SIGTERM: what is not saved is written and the process ends, without a question.
    void a_signal_ends_it_and_nothing_is_lost() {
        const QString program = QCoreApplication::applicationDirPath() + QStringLiteral("/ledgefall");
        const QTemporaryDir state;
        const QTemporaryDir folder;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("XDG_STATE_HOME"), state.path());
        environment.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("offscreen"));
        environment.insert(QStringLiteral("TMPDIR"), folder.path()); // where the two starts would find each other
        QProcess window;
        window.setProcessEnvironment(environment);
        window.start(program, {study_file(folder, QStringLiteral("Alive"))});
        QVERIFY(window.waitForStarted());
        const QString locks = state.filePath(QStringLiteral("ledgefall/open"));
        QTRY_VERIFY_WITH_TIMEOUT(!QDir(locks).entryList(QDir::Files).isEmpty(), 10000); // it has opened the file
        ::kill(static_cast<pid_t>(window.processId()), SIGTERM);
        QVERIFY(window.waitForFinished(3000));
        QCOMPARE(window.exitStatus(), QProcess::NormalExit);
        QCOMPARE(window.exitCode(), 0);
    }

    /// Under limits of memory from too little for a large study up to enough, the program goes on and ends when asked.
    void no_limit_of_memory_ends_it() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("large.ledgefall"));
        QVERIFY(write_file(path.toStdString(), write_study(large_study())));
        const qint64 empty = most_memory_of_window(QStringLiteral("unlimited"), QString());
        QVERIFY(empty > 0);
        for (qint64 more = 4; more < 80; more += 18) {
            QVERIFY2(most_memory_of_window(QString::number(empty + more * 1024), path) > 0,
                     qPrintable(QStringLiteral("%1 MB more than a window takes").arg(more)));
        }
    }

  private:
    /// Starts the program under a limit (`ulimit -v`) and asks it to end once it has nothing to do. The most memory
    /// that it has used, in kilobytes; −1 where it did not end as asked.
    static qint64 most_memory_of_window(const QString& limit, const QString& path) {
        const QTemporaryDir state;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("XDG_STATE_HOME"), state.path());
        environment.insert(QStringLiteral("XDG_RUNTIME_DIR"), state.path());
        environment.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("offscreen"));
        QProcess window;
        window.setProcessEnvironment(environment);
        window.start(QStringLiteral("/bin/sh"),
                     {QStringLiteral("-c"), QStringLiteral("ulimit -v $0; exec \"$@\""), limit,
                      QCoreApplication::applicationDirPath() + QStringLiteral("/ledgefall"), path});
        if (!window.waitForStarted() || !QTest::qWaitFor([&] { return idle(window); }, 60'000)) {
            return -1;
        }
        const qint64 most = most_memory(window);
        ::kill(static_cast<pid_t>(window.processId()), SIGTERM);
        const bool ended = window.waitForFinished() && window.exitStatus() == QProcess::NormalExit;
        return ended && window.exitCode() == 0 ? most : -1;
    }

    std::unique_ptr<QTemporaryDir> state_;
};

LEDGEFALL_TEST(TestWindows)
#include "test_windows.moc"
