// What is not saved is found again, whatever was being done or written, and several windows do not disturb each other.

#include "app/recovery/earlier_versions.h"
#include "app/recovery/recovered_studies.h"
#include "app/recovery/recovery_dialog.h"
#include "app/recovery/state_folder.h"
#include "core/study/edits/edits.h"
#include "files/study_json/study_json.h"
#include "gravel_window.h"
#include "harness/test_program.h"

#include <QPushButton>
#include <QTemporaryDir>

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestRecovery : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }
    void init() {
        state_ = std::make_unique<QTemporaryDir>();
        qputenv("XDG_STATE_HOME", state_->path().toUtf8());
    }

    void a_change_is_on_the_disk_soon() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        WindowDriver drive;
        QVERIFY(!drive.window.files().autosave().is_written());
        begin(drive, {QStringLiteral("42"), QStringLiteral("57")});
        QVERIFY(QTest::qWaitFor([&] { return drive.window.files().autosave().is_written(); }, 4000));
        QVERIFY(recovered_studies().isEmpty()); // its window is still there
        const QString file = drive.window.files().autosave().base() + QStringLiteral(".ledgefall");
        const Result<Study> written = read_study(bytes_of(file));
        QVERIFY(written && *written == drive.window.document().study());
        QVERIFY(drive.save_to(path));
        QTRY_VERIFY(!QFile::exists(file)); // saved: nothing is to be recovered
        drive.window.document().undo();
        QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(file), 4000);
        drive.press_button_of_next_dialog(QStringLiteral("Discard"));
        drive.window.close();
        QTRY_VERIFY(!QFile::exists(file)); // deliberately given up
    }

    /// What a crashed window left: opened, left to the file, or both.
    void what_was_recovered_is_offered() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        Id table;
        Study study = *add_table(Study(), "Gravel", &table);
        study = *add_columns(study, table, {{"x", "x", "", Column::numbers({1, 2, 3})}});
        QVERIFY(write_file(path.toStdString(), write_study(study)));
        Study changed = *type_block(study, table, 1, 0, {{"20"}, {"30"}, {"40"}});
        for (const char* choice : {"Open the recovered study", "Keep the file, and discard the recovered study",
                                   "Keep both: open it as a new study, and leave the file unchanged", "Decide later"}) {
            const QString base = state_folder(QStringLiteral("recovery")) + QStringLiteral("/gone");
            WrittenBeside about;
            QVERIFY(write_recovery(base, changed, {path, QStringLiteral("Gravel"), stamp_of(path.toStdString()), {}},
                                   about));
            QCOMPARE(recovered_studies().size(), 1);
            const RecoveredStudy gone = recovered_studies().front();
            const RecoveryDialog dialog(gone, changed, gone.look_at_file(changed), nullptr);
            QVERIFY2(dialog.told().contains(QStringLiteral("Cells changed: 3")), qPrintable(dialog.told()));
            WindowDriver drive;
            drive.press_button_of_next_dialog(QLatin1String(choice));
            QVERIFY(drive.followed([&](const auto& then) { drive.window.files().offer_recovered(then); }));
            const Document& document = drive.window.document();
            const QLatin1String chosen(choice);
            const bool opened = chosen.startsWith(QLatin1String("Open")) || chosen.contains(QLatin1String("both"));
            const bool later = chosen.contains(QLatin1String("later"));
            QCOMPARE(document.modified(), opened);
            QCOMPARE(document.path(), chosen.contains(QLatin1String("both")) || later ? QString() : path);
            if (!later) {
                QCOMPARE(cell(document.study(), 1), opened ? 20.0 : 2.0);
            }
            QCOMPARE(QFile::exists(base + QStringLiteral(".ledgefall")), later);
            QVERIFY(read_study(bytes_of(path)) && *read_study(bytes_of(path)) == study); // the file is as it was
            drive.window.files().autosave().discard();
            if (opened) {
                drive.window.document().start_new();
            }
        }
    }

    /// Discard means the study is not wanted once another is there, not before.
    void a_discarded_study_is_recoverable_until_it_is_left() {
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QTRY_VERIFY_WITH_TIMEOUT(drive.window.files().autosave().is_written(), 4000);
        const QString file = drive.window.files().autosave().base() + QStringLiteral(".ledgefall");
        drive.press_button_of_next_dialog(QStringLiteral("Discard"));
        QVERIFY(drive.followed([&](const auto& then) { drive.window.files().may_leave(then); }));
        QTest::qWait(100);
        QVERIFY(QFile::exists(file)); // nothing has come in its place
        drive.window.document().start_new();
        QTRY_VERIFY(!QFile::exists(file));
    }

    /// A formula that is being written is kept as well as what is in the study, and written on after a crash.
    void a_formula_being_written_is_recovered() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        const QString kept = state_folder(QStringLiteral("recovery")) + QStringLiteral("/gone");
        {
            WindowDriver drive;
            begin(drive, {QStringLiteral("42"), QStringLiteral("57")});
            QVERIFY(drive.save_to(path)); // nothing but the formula would be lost
            drive.window.page()->write_formula(1);
            drive.keys(QStringLiteral("z = x - mean("));
            const QString base = drive.window.files().autosave().base();
            QTRY_VERIFY_WITH_TIMEOUT(bytes_of(base + QStringLiteral(".typed")).find("mean(") != std::string::npos,
                                     4000);
            for (const char* ending : {".ledgefall", ".about", ".typed"}) { // as a crash would leave them
                QTRY_VERIFY(QFile::exists(base + QLatin1String(ending)));
                QVERIFY(QFile::copy(base + QLatin1String(ending), kept + QLatin1String(ending)));
            }
            while (drive.window.pages().active_editor().writing()) { // the list of completions goes first
                drive.key(Qt::Key_Escape);
            }
            QTRY_VERIFY_WITH_TIMEOUT(!QFile::exists(base + QStringLiteral(".ledgefall")), 4000); // given up
        }
        WindowDriver drive;
        drive.press_button_of_next_dialog(QStringLiteral("Open the recovered study"));
        drive.window.files().offer_recovered();
        QTRY_VERIFY(drive.window.pages().active_editor().writing());
        QCOMPARE(drive.window.page()->editor().line().toPlainText(), QStringLiteral("z = x - mean("));
        drive.key(Qt::Key_Escape);
        drive.window.document().start_new();
    }

    /// The file has become another one since: both are kept unless the person says otherwise, nothing is written over
    /// unasked, and what is written over can be had back.
    void a_file_that_is_newer_than_what_was_recovered() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        Id table;
        Study study = *add_table(Study(), "Gravel", &table);
        study = *add_columns(study, table, {{"x", "x", "", Column::numbers({1, 2, 3})}});
        QVERIFY(write_file(path.toStdString(), write_study(study)));
        const QString base = state_folder(QStringLiteral("recovery")) + QStringLiteral("/gone");
        WrittenBeside beside;
        const Study changed = *type_block(study, table, 1, 0, {{"20"}});
        QVERIFY(
            write_recovery(base, changed, {path, QStringLiteral("Gravel"), stamp_of(path.toStdString()), {}}, beside));
        const std::string newer = write_study(*type_block(study, table, 0, 0, {{"77"}}));
        QVERIFY(write_file(path.toStdString(), newer));
        const RecoveredStudy gone = recovered_studies().front();
        const RecoveredStudy::File file = gone.look_at_file(changed);
        QVERIFY(file.exists && file.changed);
        const RecoveryDialog dialog(gone, changed, file, nullptr);
        QVERIFY2(dialog.told().contains(QStringLiteral("has been changed since then")), qPrintable(dialog.told()));
        for (const QPushButton* button : dialog.findChildren<QPushButton*>()) {
            QCOMPARE(button->isDefault(), button->text().startsWith(QStringLiteral("Keep both")));
        }
        WindowDriver drive;
        drive.press_button_of_next_dialog(QStringLiteral("Open the recovered study"));
        QVERIFY(drive.followed([&](const auto& then) { drive.window.files().offer_recovered(then); }));
        QCOMPARE(drive.window.document().path(), path);
        drive.press_button_of_next_dialog(QStringLiteral("Cancel"));
        QVERIFY(!drive.followed([&](const auto& then) { drive.window.files().save(then); }));
        QCOMPARE(bytes_of(path), newer);
        drive.press_button_of_next_dialog(QStringLiteral("Overwrite the file"));
        QVERIFY(drive.followed([&](const auto& then) { drive.window.files().save(then); }));
        QCOMPARE(cell(*read_study(bytes_of(path)), 1), 20.0);
        QTRY_COMPARE(earlier_versions(path).size(), 2);
        QCOMPARE(bytes_of(earlier_versions(path).back().file), newer);
        drive.window.document().start_new();
    }

    /// A writing that keeps size and time is noticed; one of the same bytes is not asked about.
    void what_other_programs_write_is_told_by_more_than_its_time() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("watched.ledgefall"));
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QVERIFY(drive.save_to(path));
        const std::string ours = bytes_of(path);
        const auto write_with_old_time = [&path](const std::string& bytes) {
            struct stat about {};
            QVERIFY(::stat(path.toUtf8().constData(), &about) == 0);
            QFile file(path);
            QVERIFY(file.open(QIODevice::ReadWrite) && file.write(QByteArray::fromStdString(bytes)) > 0);
            file.close();
            const timespec times[] = {about.st_atim, about.st_mtim};
            QVERIFY(::utimensat(AT_FDCWD, path.toUtf8().constData(), times, 0) == 0);
        };
        std::string theirs = ours;
        theirs.replace(theirs.rfind("42"), 2, "43");
        QCOMPARE(theirs.size(), ours.size());
        write_with_old_time(theirs);
        drive.press_button_of_next_dialog(QStringLiteral("Cancel"));
        QVERIFY(!drive.followed([&](const auto& then) { drive.window.files().save(then); }));
        QCOMPARE(bytes_of(path), theirs);
        write_with_old_time(ours);
        QVERIFY(drive.followed([&](const auto& then) { drive.window.files().save(then); })); // no question
        drive.window.document().start_new();
    }

    /// What is at the path after a file was read or written is not taken for what was read or written.
    void a_stamp_is_that_of_the_open_file() {
        const QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("one")).toStdString();
        const Result<Saved> saved = write_file(path, "first");
        QVERIFY(saved && saved->stamp.same_file_state(stamp_of(path)));
        FileStamp read;
        QVERIFY(read_file(path, &read));
        QVERIFY(read.same_file_state(saved->stamp) && read.content == saved->stamp.content);
        QVERIFY(::link(path.c_str(), (path + "-too").c_str()) == 0); // it stays the same file from now on
        const Result<Saved> again = write_file(path, "other");
        QVERIFY(again && again->stamp.same_file_state(stamp_of(path)) && again->stamp.content != read.content);
        QVERIFY(!again->stamp.same_file_state(read));
    }

    /// Whatever is being written at the moment of the discard, nothing is offered afterwards.
    void what_was_discarded_is_not_offered() {
        constexpr int windows = 8;
        std::vector<std::unique_ptr<WindowDriver>> drives;
        for (int at = 0; at < windows; ++at) {
            drives.push_back(std::make_unique<WindowDriver>());
            begin(*drives.back(), {QStringLiteral("42")});
        }
        QTRY_VERIFY_WITH_TIMEOUT(drives.front()->window.files().autosave().is_written(), 4000);
        for (const auto& drive : drives) { // others are written in this moment
            drive->press_button_of_next_dialog(QStringLiteral("Discard"));
            drive->window.close();
            QTRY_VERIFY(!drive->window.isVisible());
        }
        drives.clear();
        const QDir folder(state_folder(QStringLiteral("recovery")));
        QTRY_VERIFY(folder.entryList({QStringLiteral("*.ledgefall")}).isEmpty());
        QTest::qWait(200);
        QVERIFY(recovered_studies().isEmpty());
    }

    /// Two windows write at once and neither waits for the other nor asks about its own writing.
    void two_windows_save_at_once() {
        const QTemporaryDir folder;
        WindowDriver first;
        WindowDriver second;
        begin(first, {QStringLiteral("42")});
        begin(second, {QStringLiteral("57")});
        int saved = 0;
        for (int turn = 0; turn < 10; ++turn) {
            for (WindowDriver* drive : {&first, &second}) {
                const char* const name = drive == &first ? "first.ledgefall" : "second.ledgefall";
                drive->window.files().save_to(folder.filePath(QLatin1String(name)), [&saved] { ++saved; });
            }
            while (first.window.document().file_task().running() || second.window.document().file_task().running()) {
                QCoreApplication::processEvents();
                first.window.files().look_at_file_again(); // as when the window comes to the front
                second.window.files().look_at_file_again();
                QVERIFY(QApplication::activeModalWidget() == nullptr);
            }
            first.window.files().look_at_file_again();
            QVERIFY(!first.window.document().file_task().running()); // there is nothing to be compared
        }
        QCOMPARE(saved, 20);
        first.window.document().start_new();
        second.window.document().start_new();
    }

    /// Two windows import at once: each gets the whole of its own rows.
    void two_windows_import_at_once() {
        const QTemporaryDir folder;
        WindowDriver first;
        WindowDriver second;
        for (WindowDriver* drive : {&first, &second}) {
            std::string text = "x,y\n";
            const std::string value = drive == &first ? "42" : "57";
            for (int row = 0; row < 100'000; ++row) {
                text += value + ',' + std::to_string(row) + '\n';
            }
            drive->window.imports().read_text(QStringLiteral("drift.csv"), std::make_shared<const std::string>(text),
                                              {}, QStringLiteral("Drift"));
            QVERIFY(drive->window.document().file_task().running());
        }
        QVERIFY(first.settle() && second.settle());
        for (WindowDriver* drive : {&first, &second}) {
            const Column& cells = *drive->window.document().study().tables.front()->columns.front()->cells;
            QCOMPARE(cells.size(), std::size_t{100'000});
            for (std::size_t row = 0; row < cells.size(); ++row) {
                QVERIFY(cells.at(row).number() == (drive == &first ? 42.0 : 57.0));
            }
            drive->window.document().start_new();
        }
    }

    /// Where there is room again what could not be kept is kept, though nothing is changed any more.
    void a_failed_backup_is_tried_again() {
        const QTemporaryDir folder;
        const QString state = folder.filePath(QStringLiteral("state"));
        QVERIFY(write_file(state.toStdString(), "a file where a folder should be"));
        qputenv("XDG_STATE_HOME", state.toUtf8());
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QTRY_VERIFY_WITH_TIMEOUT(!drive.window.notices().unread().isEmpty(), 4000);
        QVERIFY(QFile::remove(state));
        QTRY_VERIFY_WITH_TIMEOUT(drive.window.files().autosave().is_written(), 8000);
        drive.window.document().start_new();
    }

    /// A version whose writing was cut off leaves nothing behind.
    void torn_versions_are_cleared_away() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        keep_version(path, write_study(Study()));
        const QString kept = earlier_versions(path).front().file;
        const QString torn = kept + QStringLiteral(".ledgefall-new-999999999-1");
        QVERIFY(write_file(torn.toStdString(), "half"));
        keep_version(path, write_study(Study()));
        QVERIFY(!QFile::exists(torn));
        QCOMPARE(earlier_versions(path).size(), 2);
    }

    /// A file and a link to it are one: they share the lock and the versions.
    void a_link_is_the_file_that_it_leads_to() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        const QString link = folder.filePath(QStringLiteral("the same.ledgefall"));
        WindowDriver first;
        begin(first, {QStringLiteral("42")});
        QVERIFY(first.save_to(path));
        QVERIFY(QFile::link(path, link));
        QCOMPARE(name_for_path(link), name_for_path(path));
        QTRY_COMPARE(earlier_versions(link).size(), 1);
        {
            WindowDriver second;
            QVERIFY(second.open(link));
            QVERIFY(second.window.windowTitle().contains(QStringLiteral("open in another window")));
            second.window.document().start_new();
        }
        first.window.document().start_new();
    }

    /// A state folder that cannot be made is told as that, and no other window is made up.
    void a_state_folder_that_cannot_be_written_is_told() {
        const QTemporaryDir folder;
        QVERIFY(write_file(folder.filePath(QStringLiteral("state")).toStdString(), "a file where a folder should be"));
        qputenv("XDG_STATE_HOME", folder.filePath(QStringLiteral("state")).toUtf8());
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QTRY_VERIFY_WITH_TIMEOUT(drive.window.notices().unread().contains(QStringLiteral("cannot be written")), 4000);
        const QString path = folder.filePath(QStringLiteral("gravel.ledgefall"));
        QVERIFY(drive.save_to(path));
        QVERIFY(!drive.window.windowTitle().contains(QStringLiteral("another window")));
        QCOMPARE(cell(*read_study(bytes_of(path)), 0), 42.0);
        drive.window.document().start_new();
    }

  private:
    std::unique_ptr<QTemporaryDir> state_;
};

LEDGEFALL_TEST(TestRecovery)
#include "test_recovery.moc"
