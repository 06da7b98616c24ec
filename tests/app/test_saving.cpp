// What is typed counts when a study is saved or left; other windows and programs at the same file are noticed; versions
// saved before are kept.

#include "app/dialogs/prompts.h"
#include "app/recovery/earlier_versions.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_difference.h"
#include "files/study_json/study_json.h"
#include "gravel_window.h"
#include "harness/test_program.h"

#include <QFileDialog>
#include <QPushButton>
#include <QTemporaryDir>

#include <sys/stat.h>
#include <unistd.h>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestSaving : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }
    void init() {
        state_ = std::make_unique<QTemporaryDir>();
        qputenv("XDG_STATE_HOME", state_->path().toUtf8());
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

LEDGEFALL_TEST(TestSaving)
#include "test_saving.moc"
