// Rows typed one after the other: where Tab, Enter and the arrows go, and what begins on the start page.

#include "app/dialogs/prompts.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QFileDialog>
#include <QSettings>
#include <QStandardPaths>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Texts = std::vector<std::string>;

Texts texts_of(WindowDriver& drive, const std::string& name) {
    Texts texts;
    const ColumnDefinition* column = drive.table().column_named(name);
    for (std::size_t row = 0; column != nullptr && row < drive.table().axis.ids()->size(); ++row) {
        texts.push_back(write_cell(column->cells->at(row)));
    }
    return texts;
}

/// Types fields with Tab between them, and Enter after the last.
void type_row(WindowDriver& drive, const QStringList& fields) {
    for (int at = 0; at < fields.size(); ++at) {
        drive.keys(fields[at]);
        drive.key(at + 1 < fields.size() ? Qt::Key_Tab : Qt::Key_Return);
    }
}

} // namespace

class TestEnteringRows : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void typing_on_the_start_page_begins_a_table() {
        WindowDriver drive;
        type_row(drive, {QStringLiteral("Site"), QStringLiteral("Length [mm]"), QStringLiteral("Depth")});
        type_row(drive, {QStringLiteral("pool"), QStringLiteral("42"), QStringLiteral("1.5")});
        type_row(drive, {QStringLiteral("weir"), QStringLiteral("57"), QStringLiteral("2.5")});
        QCOMPARE(drive.table().columns.size(), std::size_t{3});
        QCOMPARE(texts_of(drive, "site"), (Texts{"pool", "weir"}));
        QCOMPARE(texts_of(drive, "length"), (Texts{"42", "57"}));
        QCOMPARE(texts_of(drive, "depth"), (Texts{"1.5", "2.5"}));
        QCOMPARE(drive.window.page()->view().current(), drive.window.page()->model().index(2, 0));
    }

    void a_formula_is_begun_on_the_start_page() {
        WindowDriver drive;
        drive.keys(QStringLiteral("=n = 7"));
        QVERIFY(drive.window.page()->editor().is_open());
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().columns.size(), std::size_t{1});
    }

    void a_command_on_the_start_page_is_no_text() {
        WindowDriver drive;
        drive.key(Qt::Key_A, Qt::ControlModifier);
        drive.key(Qt::Key_Down);
        QVERIFY(drive.window.page() == nullptr);
    }

    void headings_typed_in_their_place_are_filled_with_tab_and_enter() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        drive.double_click_heading(0);
        type_row(drive, {QStringLiteral("a"), QStringLiteral("b"), QStringLiteral("c")});
        type_row(drive, {QStringLiteral("1"), QStringLiteral("2"), QStringLiteral("3")});
        type_row(drive, {QStringLiteral("4"), QStringLiteral("5"), QStringLiteral("6")});
        QCOMPARE(drive.table().columns.size(), std::size_t{3});
        QCOMPARE(texts_of(drive, "a"), (Texts{"1", "4"}));
        QCOMPARE(texts_of(drive, "b"), (Texts{"2", "5"}));
        QCOMPARE(texts_of(drive, "c"), (Texts{"3", "6"}));
    }

    /// What is begun anywhere but in the first column goes on under where it began; a click begins anew.
    void enter_goes_on_under_the_cell_where_the_tabs_began() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        paste(drive, QStringLiteral("a\tb\tc\n1\t2\t3\n4\t5\t6\n7\t8\t9\n"));
        const auto at = [&drive] { return drive.window.page()->view().current(); };
        const TableModel& model = drive.window.page()->model();
        drive.click_cell(0, 1);
        drive.key(Qt::Key_Tab);
        drive.key(Qt::Key_Return); // without typing, too
        QCOMPARE(at(), model.index(1, 1));
        type_row(drive, {QStringLiteral("50"), QStringLiteral("60")});
        QCOMPARE(at(), model.index(2, 1));
        drive.key(Qt::Key_Return, Qt::ShiftModifier);
        QCOMPARE(at(), model.index(1, 1));
        drive.keys(QStringLiteral("51"));
        drive.key(Qt::Key_Return, Qt::ShiftModifier);
        QCOMPARE(at(), model.index(0, 1));
        drive.key(Qt::Key_Tab);
        drive.keys(QStringLiteral("30"));
        drive.key(Qt::Key_Backtab, Qt::ShiftModifier);
        QCOMPARE(at(), model.index(0, 1));
        drive.key(Qt::Key_Tab);
        drive.click_cell(1, 2);
        drive.key(Qt::Key_Return);
        QCOMPARE(at(), model.index(2, 2));
        QCOMPARE(texts_of(drive, "b"), (Texts{"2", "51", "8"}));
        QCOMPARE(texts_of(drive, "c"), (Texts{"30", "60", "9"}));
    }

    void of_a_table_that_is_laid_across_it_is_as_it_is_seen() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        paste(drive, QStringLiteral("a\tb\n1\t2\n4\t5\n7\t8\n"));
        drive.command("lay-across");
        drive.click_cell(0, 0);
        type_row(drive, {QStringLiteral("10"), QStringLiteral("40"), QStringLiteral("70")});
        type_row(drive, {QStringLiteral("20"), QStringLiteral("50"), QStringLiteral("80")});
        QCOMPARE(texts_of(drive, "a"), (Texts{"10", "40", "70"}));
        QCOMPARE(texts_of(drive, "b"), (Texts{"20", "50", "80"}));
    }

    void arrows_end_what_was_begun_by_typing_and_move_in_what_was_opened() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        paste(drive, QStringLiteral("a\tb\n1\t2\n4\t5\n7\t8\n"));
        const auto at = [&drive] { return drive.window.page()->view().current(); };
        const TableModel& model = drive.window.page()->model();
        drive.click_cell(0, 0);
        drive.keys(QStringLiteral("11"));
        drive.key(Qt::Key_Down);
        drive.keys(QStringLiteral("44"));
        drive.key(Qt::Key_Right);
        drive.keys(QStringLiteral("55"));
        drive.key(Qt::Key_Up);
        drive.keys(QStringLiteral("22"));
        drive.key(Qt::Key_Left);
        QCOMPARE(at(), model.index(0, 0));
        QCOMPARE(texts_of(drive, "a"), (Texts{"11", "44", "7"}));
        QCOMPARE(texts_of(drive, "b"), (Texts{"22", "55", "8"}));
        drive.key(Qt::Key_F2);
        drive.key(Qt::Key_End);
        drive.key(Qt::Key_Left);
        drive.keys(QStringLiteral("0"));
        drive.key(Qt::Key_Return);
        QCOMPARE(texts_of(drive, "a"), (Texts{"101", "44", "7"}));
        drive.click_cell(2, 0);
        drive.keys(QStringLiteral("79"));
        drive.key(Qt::Key_F2); // typed first, then to be corrected
        drive.key(Qt::Key_Left);
        drive.keys(QStringLiteral("8"));
        drive.key(Qt::Key_Return);
        QCOMPARE(texts_of(drive, "a"), (Texts{"101", "44", "789"}));
    }

    void file_dialogs_begin_in_the_folder_that_was_used_last() {
        const QTemporaryDir folder;
        const QString first = folder.filePath(QStringLiteral("first"));
        QVERIFY(QDir().mkpath(first));
        const auto save_dialog = [](const QString& begun, const QString& path) {
            QString shown;
            QTimer::singleShot(0, [&shown, path] {
                auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
                shown = dialog->directory().absolutePath();
                dialog->selectFile(path);
                path.isEmpty() ? dialog->reject() : static_cast<QDialog*>(dialog)->accept();
            });
            ask_save_path(nullptr, QStringLiteral("Save"), begun, QStringLiteral("Text (*.txt)"),
                          {QStringLiteral("txt")});
            return shown;
        };
        QSettings().remove(QStringLiteral("folder"));
        const QString documents = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
        QVERIFY(QDir().mkpath(documents));
        QCOMPARE(save_dialog(QStringLiteral("a.txt"), first + QStringLiteral("/a.txt")), documents);
        QCOMPARE(save_dialog(QStringLiteral("b.txt"), {}), first);
        QCOMPARE(save_dialog(folder.filePath(QStringLiteral("c.txt")), {}), folder.path()); // its own
        QVERIFY(QDir(first).removeRecursively());
        QCOMPARE(save_dialog(QStringLiteral("d.txt"), {}), documents);
    }
};

LEDGEFALL_TEST(TestEnteringRows)
#include "test_entering_rows.moc"
