// Texts that come and go: what the window says of what has been done or refused is there when it is true, and gone when
// it is not any more.

#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "story_steps.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

void begin(WindowDriver& drive) {
    drive.new_table(QStringLiteral("Gravel"));
    drive.click_cell(0, 0);
    for (const char* text : {"42", "57", "38"}) {
        drive.keys(QLatin1String(text));
        drive.key(Qt::Key_Return);
    }
    QVERIFY(drive.settle());
}

} // namespace

class TestNotices : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void a_refusal_is_told_until_the_next_change() {
        WindowDriver drive;
        begin(drive);
        QVERIFY(drive.notice().isEmpty());
        Document& document = drive.window.document();
        QVERIFY(!document.perform(QStringLiteral("bad"),
                                  rename_column(document.study(), drive.table().columns[0]->id, "if")));
        QVERIFY(drive.notice().contains(QStringLiteral("if")));
        drive.click_cell(3, 0);
        drive.keys(QStringLiteral("61"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.notice().isEmpty());
        drive.window.files().autosave().discard();
    }

    void what_is_wrong_with_a_formula_goes_when_it_is_right() {
        WindowDriver drive;
        begin(drive);
        drive.window.page()->write_formula(1);
        FormulaEditor& editor = drive.window.page()->editor();
        drive.keys(QStringLiteral("dev = x - maen(x)"));
        QVERIFY2(editor.message().contains(QStringLiteral("mean")), qPrintable(editor.message()));
        QVERIFY(editor.can_correct());
        drive.key(Qt::Key_Return, Qt::ControlModifier); // the correction
        QVERIFY2(editor.message().isEmpty(), qPrintable(editor.message()));
        QVERIFY(!editor.can_correct());
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("dev = x - mean(x)"));
        QTRY_VERIFY(!editor.preview().isEmpty());
        drive.keys(QStringLiteral(" +"));
        QVERIFY(!editor.message().isEmpty());
        drive.key(Qt::Key_Backspace);
        drive.key(Qt::Key_Backspace);
        QVERIFY(editor.message().isEmpty());
        drive.key(Qt::Key_Return);
        QVERIFY(!editor.is_open());
        drive.window.files().autosave().discard();
    }

    /// The line under the formula tells of the reference at the cursor, and of nothing where there is none.
    void the_line_under_the_formula_follows_the_cursor() {
        WindowDriver drive;
        begin(drive);
        drive.window.page()->write_formula(1);
        FormulaEditor& editor = drive.window.page()->editor();
        drive.keys(QStringLiteral("dev = x - 2"));
        editor.line().moveCursor(QTextCursor::Start);
        for (int step = 0; step < 7; ++step) {
            editor.line().moveCursor(QTextCursor::Right);
        }
        QVERIFY2(editor.aid().contains(QStringLiteral("follows the row")), qPrintable(editor.aid()));
        editor.turn();
        QVERIFY2(editor.aid().contains(QStringLiteral("stays put")), qPrintable(editor.aid()));
        editor.line().moveCursor(QTextCursor::End);
        QVERIFY2(!editor.aid().contains(QStringLiteral("stays put")), qPrintable(editor.aid()));
        drive.key(Qt::Key_Escape);
        drive.window.files().autosave().discard();
    }

    void the_offer_of_a_check_goes_when_it_is_taken_or_left() {
        WindowDriver drive;
        begin(drive);
        write(drive, QStringLiteral("share = x / sum(x)"));
        SuggestionBar& offers = drive.window.page()->suggestions();
        QVERIFY(offers.is_offered());
        offers.leave();
        QVERIFY(!offers.is_offered());
        drive.window.document().undo();
        write(drive, QStringLiteral("share = x / sum(x)"));
        QVERIFY(offers.is_offered());
        offers.take();
        QVERIFY(drive.settle());
        QVERIFY(!offers.is_offered());
        QCOMPARE(drive.window.document().study().checks.size(), std::size_t{1});
        QTRY_VERIFY(drive.window.checks().text().contains(QStringLiteral("1")));
        drive.window.files().autosave().discard();
    }

    /// The state of the checks is that of the study that is shown, through changes, undo and another study.
    void the_state_of_the_checks_follows() {
        WindowDriver drive;
        begin(drive);
        Document& document = drive.window.document();
        const Id table = drive.table().id;
        QVERIFY(
            document.perform(QStringLiteral("check"), add_check(document.study(), table, {"few", "count(x) < 4", ""})));
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.checks().text(), QStringLiteral("checks that hold: 1"));
        drive.click_cell(3, 0);
        drive.keys(QStringLiteral("9"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.checks().text(), QStringLiteral("failing checks: 1 of 1"));
        document.undo();
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.checks().text(), QStringLiteral("checks that hold: 1"));
        drive.window.files().autosave().discard();
        document.start_new();
        QVERIFY(drive.settle());
        QVERIFY(!drive.window.findChild<QToolButton*>(QStringLiteral("checks"))->isVisible());
    }

    /// Title, undo and redo name what they are about at every step.
    void titles_and_undo_say_what_they_are_about() {
        WindowDriver drive;
        begin(drive);
        QVERIFY(drive.window.isWindowModified());
        const auto undo = [&drive]() -> QString {
            for (QAction* action : drive.window.findChildren<QAction*>()) {
                if (action->text().startsWith(QStringLiteral("&Undo"))) {
                    return action->isEnabled() ? action->text() : QString();
                }
            }
            return {};
        };
        write(drive, QStringLiteral("dev = x - mean(x)"));
        QVERIFY2(undo().contains(QStringLiteral("dev")), qPrintable(undo()));
        drive.window.document().undo();
        QVERIFY(!undo().contains(QStringLiteral("dev")));
        while (drive.window.document().can_undo()) {
            drive.window.document().undo();
        }
        QVERIFY(undo().isEmpty());
        QVERIFY(!drive.window.isWindowModified());
        QVERIFY(drive.settle());
        drive.window.document().redo();
        QVERIFY(drive.window.isWindowModified());
        drive.window.files().autosave().discard();
        drive.window.document().start_new();
    }

    /// n, sum and mean of the chosen cells go with the choice; a sum that is only rounding is told as such.
    void sums_of_the_chosen_cells_follow_the_choice() {
        WindowDriver drive;
        begin(drive);
        write(drive, QStringLiteral("dev = x - mean(x)"));
        choose(drive, 0, 2, 0, 0);
        QTRY_VERIFY(drive.window.details().summary().contains(QStringLiteral("137")));
        choose(drive, 0, 1, 0, 0);
        QTRY_VERIFY(drive.window.details().summary().contains(QStringLiteral("99")));
        QVERIFY(!drive.window.details().summary().contains(QStringLiteral("137")));
        choose(drive, 0, 2, 1, 1);
        QTRY_VERIFY(drive.window.details().summary().contains(QStringLiteral("sum")));
        QVERIFY2(!drive.window.details().summary().contains(QStringLiteral("e-1")),
                 qPrintable(drive.window.details().summary()));
        drive.click_cell(0, 0);
        QTRY_VERIFY(!drive.window.details().summary().contains(QStringLiteral("137")));
        drive.window.files().autosave().discard();
    }
};

LEDGEFALL_TEST(TestNotices)
#include "test_notices.moc"
