// Nothing lost: what is typed counts when a study is saved or left; what is not saved is found again; other windows and
// programs at the same file are noticed; versions saved before are kept.

#include "app/dialogs/prompts.h"
#include "app/recovery/earlier_versions.h"
#include "app/recovery/recovered_studies.h"
#include "app/recovery/recovery_dialog.h"
#include "app/recovery/state_folder.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_difference.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QFileDialog>
#include <QPushButton>
#include <QTemporaryDir>

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

std::string bytes_of(const QString& path) {
    const Result<std::string> bytes = read_file(path.toStdString());
    return bytes ? *bytes : std::string();
}

/// A window with a table of one column of numbers.
void begin(WindowDriver& drive, const QStringList& typed) {
    drive.new_table(QStringLiteral("Gravel"));
    drive.click_cell(0, 0);
    for (const QString& text : typed) {
        drive.keys(text);
        drive.key(Qt::Key_Return);
    }
    QVERIFY(drive.settle());
}

double cell(const Study& study, std::size_t row) {
    return study.tables.front()->columns.front()->cells->at(row).number();
}

} // namespace

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

    void what_is_typed_counts_when_it_is_saved() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("typed.ledgefall"));
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QVERIFY(drive.save_to(path));
        drive.click_cell(1, 0);
        drive.keys(QStringLiteral("57")); // and no Enter
        drive.command("save");
        QVERIFY(drive.files_done());
        QCOMPARE(cell(*read_study(bytes_of(path)), 1), 57.0);
        drive.window.page()->write_formula(1);
        drive.keys(QStringLiteral("dev = x - mean(x)"));
        drive.command("save");
        QVERIFY(drive.files_done());
        QVERIFY(read_study(bytes_of(path))->tables.front()->column_named("dev") != nullptr);
        // A formula that cannot be taken is asked about: nothing of it is lost by staying.
        drive.window.page()->write_formula(2);
        drive.keys(QStringLiteral("z = x +"));
        drive.press_button_of_next_dialog(QStringLiteral("Cancel"));
        drive.command("save");
        QVERIFY(drive.window.pages().active_editor().writing());
        QVERIFY(drive.window.page()->editor().line().toPlainText().contains(QStringLiteral("z = x +")));
        drive.key(Qt::Key_Escape);
        // Closing takes it too.
        drive.click_cell(2, 0);
        drive.keys(QStringLiteral("61"));
        drive.press_button_of_next_dialog(QStringLiteral("Save"));
        drive.window.close();
        QTRY_VERIFY(!drive.window.isVisible()); // once it is saved
        QCOMPARE(cell(*read_study(bytes_of(path)), 2), 61.0);
    }

    /// The suffix belongs to the name before it is asked whether another file may be replaced.
    void saving_never_replaces_another_file_unasked() {
        const QTemporaryDir folder;
        const QString other = folder.filePath(QStringLiteral("foo.ledgefall"));
        QVERIFY(write_file(other.toStdString(), "somebody's"));
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        const auto save_as = [&](const QString& name, const QStringList& then) {
            QTimer::singleShot(0, &drive.window, [&, name, then] {
                auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
                QVERIFY(dialog != nullptr);
                auto* line = dialog->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"));
                dialog->selectFile(folder.filePath(name));
                QObject::connect(
                    dialog, &QDialog::accepted, &drive.window,
                    [&drive, then] {
                        if (!then.isEmpty()) {
                            drive.press_buttons_of_next_dialogs(then);
                        }
                    },
                    Qt::SingleShotConnection);
                QTest::keyClick(line, Qt::Key_Return);
            });
            return drive.followed([&](const auto& next) { drive.window.files().save_as(next); });
        };
        QVERIFY(!save_as(QStringLiteral("foo"), {QStringLiteral("Cancel"), QStringLiteral("Cancel")}));
        QCOMPARE(bytes_of(other), std::string("somebody's"));
        QVERIFY(save_as(QStringLiteral("foo"), {QStringLiteral("Replace")}));
        QVERIFY(read_study(bytes_of(other)));
        QVERIFY(save_as(QStringLiteral("data.v2"), {}));
        QCOMPARE(drive.window.document().path(), folder.filePath(QStringLiteral("data.v2.ledgefall")));
    }

    void a_file_that_is_open_elsewhere_is_not_written_over() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("shared.ledgefall"));
        WindowDriver first;
        begin(first, {QStringLiteral("42")});
        QVERIFY(first.save_to(path));
        {
            WindowDriver second;
            QVERIFY(second.open(path));
            QVERIFY(second.window.windowTitle().contains(QStringLiteral("open in another window")));
            QVERIFY(!second.window.notices().unread().isEmpty());
            second.press_button_of_next_dialog(QStringLiteral("Cancel")); // it asks for another name
            QVERIFY(!second.followed([&](const auto& then) { second.window.files().save(then); }));
        }
        QVERIFY(!first.window.windowTitle().contains(QStringLiteral("another window")));
        first.window.document().start_new();
    }

    void changes_by_another_program_are_noticed() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("watched.ledgefall"));
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QVERIFY(drive.save_to(path));
        const auto theirs = [&](const char* value) {
            Study study = drive.window.document().study();
            study = *type_block(study, study.tables.front()->id, 0, 0, {{value}});
            QVERIFY(write_file(path.toStdString(), write_study(study)));
        };
        theirs("1");
        drive.press_button_of_next_dialog(QStringLiteral("Cancel"));
        QVERIFY(!drive.followed([&](const auto& then) { drive.window.files().save(then); }));
        QCOMPARE(cell(*read_study(bytes_of(path)), 0), 1.0);
        drive.press_button_of_next_dialog(QStringLiteral("Overwrite the file"));
        QVERIFY(drive.followed([&](const auto& then) {
            drive.window.files().look_at_file(then, [&drive, path, then] { drive.window.files().save_to(path, then); });
        }));
        QCOMPARE(cell(*read_study(bytes_of(path)), 0), 42.0);
        theirs("2");
        drive.press_button_of_next_dialog(QStringLiteral("Reload the file"));
        QVERIFY(drive.followed([&](const auto& then) {
            drive.window.files().look_at_file(then, [&drive, path, then] { drive.window.files().save_to(path, then); });
        }));
        QCOMPARE(cell(drive.window.document().study(), 0), 2.0);
        QVERIFY(QFile::remove(path));
        drive.press_button_of_next_dialog(QStringLiteral("Save again"));
        QVERIFY(drive.followed([&](const auto& then) { drive.window.files().may_leave(then); }));
        QVERIFY(QFile::exists(path));
        drive.window.document().start_new();
    }

    /// What another program writes after a file was read here and before it is shown is noticed.
    void changes_while_a_question_is_open_are_noticed() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("watched.ledgefall"));
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QVERIFY(drive.save_to(path));
        const Study saved = drive.window.document().study();
        const auto with_value = [&saved](const char* value) {
            return write_study(*type_block(saved, saved.tables.front()->id, 0, 0, {{value}}));
        };
        drive.window.document().start_new();
        drive.new_table(QStringLiteral("Other")); // whose changes are asked about
        QTimer question;
        connect(&question, &QTimer::timeout, this, [&] {
            QWidget* dialog = QApplication::activeModalWidget();
            if (dialog != nullptr && write_file(path.toStdString(), with_value("7"))) {
                question.stop();
                drive.press_button_of_next_dialog(QStringLiteral("Discard"));
            }
        });
        question.start(5);
        QVERIFY(drive.open(path));
        QCOMPARE(cell(drive.window.document().study(), 0), 42.0); // as it was read
        drive.press_button_of_next_dialog(QStringLiteral("Cancel"));
        QVERIFY(!drive.followed([&](const auto& then) { drive.window.files().save(then); }));
        QCOMPARE(cell(*read_study(bytes_of(path)), 0), 7.0); // nothing was written over it
        drive.window.document().start_new();
    }

    /// The file that is watched is that of the study that is shown, whatever way it came.
    void another_study_lets_go_of_the_file() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("left.ledgefall"));
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QVERIFY(drive.save_to(path));
        QVERIFY(drive.window.open_demo());
        QVERIFY(QFile::remove(path));
        QVERIFY(drive.followed([&](const auto& then) {
            drive.window.files().look_at_file(then, [&drive, path, then] { drive.window.files().save_to(path, then); });
        })); // nothing is asked: it is no file of this window any more
        QVERIFY(!QFile::exists(path));
    }

    void read_only_files_are_left_as_they_are() {
        if (::geteuid() == 0) { // to whom nothing is read only
            QVERIFY(::access("/", W_OK) == 0);
            return;
        }
        const QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("fixed.ledgefall")).toStdString();
        QVERIFY(write_file(path, "as it was"));
        QVERIFY(::chmod(path.c_str(), 0444) == 0);
        QVERIFY(!write_file(path, "new"));
        QCOMPARE(bytes_of(QString::fromStdString(path)), std::string("as it was"));
    }

    void hard_links_links_and_devices() {
        const QTemporaryDir folder;
        const auto at = [&folder](const char* name) { return folder.filePath(QLatin1String(name)).toStdString(); };
        QVERIFY(write_file(at("one"), "first and longer"));
        QVERIFY(::link(at("one").c_str(), at("two").c_str()) == 0);
        QVERIFY(write_file(at("one"), "second"));
        QCOMPARE(*read_file(at("two")), std::string("second")); // still one file of two names
        QVERIFY(::symlink(at("nowhere").c_str(), at("dangling").c_str()) == 0);
        QVERIFY(write_file(at("dangling"), "third"));
        struct stat about {};
        QVERIFY(::lstat(at("dangling").c_str(), &about) == 0 && S_ISLNK(about.st_mode));
        QCOMPARE(*read_file(at("nowhere")), std::string("third"));
        QVERIFY(::mkfifo(at("pipe").c_str(), 0600) == 0);
        QVERIFY(!read_file(at("pipe")) && !write_file(at("pipe"), "x")); // at once, without a writer
        QVERIFY(!read_file("/dev/zero") && !write_file("/dev/null", "x"));
        QVERIFY(!read_file(folder.path().toStdString()));
        // What a killed writer left is cleared away; what belongs to a living one, or to nobody, stays.
        const std::string torn = at("one") + ".ledgefall-new-999999999-1";
        const std::string living = at("one") + ".ledgefall-new-" + std::to_string(::getpid()) + "-77";
        for (const std::string& name : {torn, living, at("one.backup")}) {
            QVERIFY(write_file(name, "x"));
        }
        remove_stale_temporaries(folder.path().toStdString(), "one");
        QVERIFY(!read_file(torn) && read_file(living) && read_file(at("one.backup")));
    }

    void versions_saved_before_are_kept_and_thinned() {
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("versions.ledgefall"));
        WindowDriver drive;
        begin(drive, {QStringLiteral("1")});
        for (int version = 2; version <= 14; ++version) {
            drive.click_cell(0, 0);
            drive.keys(QString::number(version));
            drive.key(Qt::Key_Return);
            QVERIFY(drive.save_to(path));
            QTRY_VERIFY(!earlier_versions(path).isEmpty() &&
                        cell(*earlier_versions(path).front().read(), 0) == static_cast<double>(version));
        }
        QTRY_COMPARE(earlier_versions(path).size(), 10);
        const QList<EarlierVersion> versions = earlier_versions(path);
        QCOMPARE(cell(*versions.front().read(), 0), 14.0);
        QCOMPARE(cell(*versions.back().read(), 0), 2.0); // the oldest stays
        drive.press_button_of_next_dialog(QStringLiteral("Restore this version"));
        drive.command("earlier-versions");
        QTRY_COMPARE(cell(drive.window.document().study(), 0), 14.0);
        drive.window.document().undo();
        drive.window.files().autosave().discard();
        // Thinned by age: the latest lie close together, the older ones further apart.
        QList<QDateTime> saved;
        const QDateTime now = QDateTime::currentDateTime();
        for (int minutes = 0; minutes < 600; minutes += 10) {
            saved.append(now.addSecs(-60 * minutes));
        }
        QList<qsizetype> left;
        const QList<qsizetype> gone = versions_to_remove(saved, 10);
        for (qsizetype k = 0; k < saved.size(); ++k) {
            if (!gone.contains(k)) {
                left.append(k);
            }
        }
        QCOMPARE(left.size(), 10);
        QCOMPARE(left.front(), 0);
        QCOMPARE(left.back(), 59);
        QVERIFY(left[2] - left[1] < left[9] - left[8]);
    }

    /// A failed write stays on the screen until it is read, whatever happens meanwhile.
    void a_failed_write_is_told_until_it_is_read() {
        WindowDriver drive;
        begin(drive, {QStringLiteral("42")});
        QVERIFY(!drive.save_to(QStringLiteral("/nowhere/at/all.ledgefall")));
        QVERIFY(drive.window.notices().unread().contains(QStringLiteral("/nowhere/at/all.ledgefall")));
        drive.click_cell(1, 0);
        drive.keys(QStringLiteral("57"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QVERIFY(!drive.window.notices().unread().isEmpty());
        QTest::mouseClick(drive.window.findChild<QFrame*>(QStringLiteral("unread"))->findChild<QPushButton*>(),
                          Qt::LeftButton);
        QVERIFY(drive.window.notices().unread().isEmpty());
        drive.window.files().autosave().discard();
    }

    /// While results are of the study before, they are told to be so, and do not leave.
    void old_results_are_shown_as_old() {
        WindowDriver drive;
        Id table;
        Study study = *add_table(Study(), "Long", &table);
        study = *count_rows(study, table, "2000");
        study = *write_column(study, table, "a = row mod 7");
        study = *write_column(study, table, "slow = sum(a where a > a[i]) + sum(sqrt(a * k) for k in 1..4000)");
        Document& document = drive.window.document();
        QVERIFY(document.perform(QStringLiteral("begin"), study));
        QVERIFY(document.perform(QStringLiteral("check"),
                                 add_check(document.study(), table, {"big", "sum(slow) > 1", ""})));
        QCOMPARE(document.check_state(document.study().checks.front()->id), Document::CheckState::unknown);
        QVERIFY(!document.results_are_current());
        const QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("slow.csv"));
        drive.export_table(path);
        QVERIFY(!drive.window.document().file_task().running() && !QFile::exists(path));
        bool came = false;
        document.when_current(&document, QStringLiteral("a test"), [&came] { came = true; });
        document.stop_computing();
        QTRY_VERIFY(!document.computing());
        QVERIFY(!document.results_are_current() && !came);
        QTRY_VERIFY(document.shows_old());
        QVERIFY(drive.notice().contains(QStringLiteral("stopped")));
        document.undo();
        QVERIFY(document.perform(QStringLiteral("lighter"), write_column(document.study(), table, "slow = a + 1")));
        document.when_current(&document, QStringLiteral("a test"), [&came] { came = true; });
        QTRY_VERIFY(came);
        QVERIFY(document.results_are_current() && !document.shows_old());
        drive.export_table(path);
        QVERIFY(drive.files_done() && QFile::exists(path));
        drive.window.files().autosave().discard();
    }

    void differences_are_counted() {
        Id table;
        Study study = *add_table(Study(), "T", &table);
        study = *add_columns(study, table, {{"x", "x", "", Column::numbers({1, 2, 3})}});
        study = *write_column(study, table, "y = x + 1");
        QVERIFY(difference_of(study, study).none());
        Study other = *type_block(study, table, 0, 0, {{"5"}, {"2"}, {"7"}, {"8"}});
        other = *write_column(other, table, "y = x + 2");
        other = *add_table(other, "U");
        other = *hold(other, Id(), "p = 0.5");
        const StudyDifference difference = difference_of(study, other);
        QCOMPARE(difference.cells, std::size_t{3});
        QCOMPARE(difference.formulas, std::size_t{1});
        QCOMPARE(difference.tables_added, std::size_t{1});
        QCOMPARE(difference_of(other, study).tables_removed, std::size_t{1});
        QVERIFY(difference.others >= 1);
    }

  private:
    std::unique_ptr<QTemporaryDir> state_;
};

LEDGEFALL_TEST(TestRecovery)
#include "test_recovery.moc"
