// A worksheet that somebody else has made, from opening it to handing it on, at the window.

#include "app/details/working_view.h"
#include "app/dialogs/worksheet_dialog.h"
#include "core/study/edits/edits.h"
#include "files/formats/file_format.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"
#include "story_steps.h"
#include "user_simulator.h"

#include <QMimeData>
#include <QProcess>
#include <QTemporaryDir>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestWorksheetStories : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;

    static void paste_behind(WindowDriver& drive, const QString& text) {
        drive.click_cell(0, drive.window.page()->model().columnCount() - 1);
        paste(drive, text);
    }

    QString file(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }

  private Q_SLOTS:
    void initTestCase() {
        prepare_application();
        QProcess writer;
        writer.start(QStringLiteral("/usr/bin/python3"), {QStringLiteral(WORKSHEETS), folder_.path()});
        QVERIFY(writer.waitForFinished(60000));
        QVERIFY2(writer.exitCode() == 0, writer.readAllStandardError().constData());
    }

    void s25_a_worksheet_is_read_mended_and_handed_on() {
        UserSimulator hands(QStringLiteral("S25"));
        QString report;
        hands.in_next_dialog([&](QDialog&) {
            hands.in_next_dialog([&](QDialog& dialog) {
                report = qobject_cast<WorksheetDialog*>(&dialog)->report().toPlainText();
                if (const QString folder = qEnvironmentVariable("LEDGEFALL_SCREENSHOTS"); !folder.isEmpty()) {
                    dialog.grab().save(folder + QStringLiteral("/worksheet-dialog.png"));
                }
                hands.key_in_dialog(Qt::Key_Return);
            });
            hands.type(file("slips.ods"));
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.key(Qt::Key_O, Qt::ControlModifier);
        QVERIFY(hands.drive.files_done() && hands.drive.settle());
        QVERIFY2(report.contains(QStringLiteral("Row 4 of Area has =A5+B5, but the rows around it have =A5*B5.")),
                 qPrintable(report));
        QVERIFY(report.indexOf(QStringLiteral("Row 4")) < report.indexOf(QStringLiteral("area = width * depth")));
        QCOMPARE(hands.number("area", 3), 4.75);
        QCOMPARE(hands.number("area", 4), 1.8);
        hands.picture(QStringLiteral("worksheet"));
        hands.click_cell(3, hands.section("area"));
        hands.key(Qt::Key_Delete); // what stood over the formula goes
        QCOMPARE(hands.number("area", 3), 3.0);
        QCOMPARE(hands.number("area", 5), 2.2); // the other one stays
        hands.in_next_dialog([&](QDialog&) { hands.key_in_dialog(Qt::Key_Return); });
        hands.key(Qt::Key_S, Qt::ControlModifier);
        hands.in_next_dialog([&](QDialog&) { hands.key_in_dialog(Qt::Key_Return); });
        hands.key(Qt::Key_E, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(hands.actions <= 10);

        const Result<std::string> saved = read_file(file("slips.ledgefall").toStdString());
        QVERIFY(saved);
        const Result<Study> study = read_study(*saved);
        QVERIFY(study && study->note.find("Row 4 of Area") != std::string::npos);
        const QString written = file("slips worksheet.ods");
        QTRY_VERIFY(QFileInfo::exists(written));
        const Result<std::string> bytes = read_file(written.toStdString());
        QVERIFY(bytes);
        const auto again = format_of(written.toStdString()).read_worksheet(*bytes, {});
        QVERIFY(again);
        QCOMPARE(again->report.count(WorksheetReport::Line::Is::difference), std::size_t(0));
        const ColumnDefinition& area = *again->study.tables.front()->column_named("area");
        QCOMPARE(QString::fromStdString(area.pieces.front().formula.text()), QStringLiteral("width * depth"));
        QCOMPARE(area.overrides->size(), std::size_t(1));
    }

    /// The charts of a study go out as pictures, beside the tables that they are drawn of.
    void charts_go_out_as_pictures() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        for (const char* name : {"demo.ods", "demo.xlsx"}) {
            drive.window.exports().write_worksheet(file(name));
            QTRY_VERIFY_WITH_TIMEOUT(QFileInfo(file(name)).size() > 100'000, 30000);
            QVERIFY(drive.settle());
            QProcess python;
            python.start(QStringLiteral("/usr/bin/python3"),
                         {QStringLiteral("-c"),
                          QStringLiteral(
                              "import sys, zipfile, xml.dom.minidom as dom\nz = zipfile.ZipFile(sys.argv[1])\n"
                              "for n in z.namelist():\n"
                              "    n.endswith(('.xml', '.rels')) and dom.parseString(z.read(n))\n"
                              "print(sum(n.endswith('.png') and z.read(n)[:4] == b'\\x89PNG' for n in z.namelist()))"),
                          file(name)});
            QVERIFY(python.waitForFinished(30000));
            QCOMPARE(python.readAllStandardOutput().trimmed().toULongLong(),
                     qulonglong(drive.window.document().study().charts.size()));
        }
        // An independent reader finds the notes and the frozen headings.
        QProcess reader;
        reader.start(QStringLiteral("/usr/bin/python3"),
                     {QStringLiteral("-c"),
                      QStringLiteral("import sys, openpyxl\nb = openpyxl.load_workbook(sys.argv[1])\n"
                                     "print(sum(c.comment is not None for s in b for r in s for c in r) > 5, "
                                     "b.worksheets[0].freeze_panes)"),
                      file("demo.xlsx")});
        QVERIFY(reader.waitForFinished(30000));
        QCOMPARE(reader.readAllStandardOutput().trimmed(), QByteArray("True A2"));
    }

    /// Imported while a study is open, a worksheet's tables are added to it; names that are taken give way; one undo.
    void tables_are_added_to_an_open_study() {
        UserSimulator hands(QStringLiteral("-"));
        WindowDriver& drive = hands.drive;
        drive.new_table(QStringLiteral("Slips"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("a\tb\n2\t3\n"));
        const Study before = drive.window.document().study();
        hands.in_next_dialog([&](QDialog&) {
            hands.in_next_dialog([&](QDialog& dialog) {
                if (const QString folder = qEnvironmentVariable("LEDGEFALL_SCREENSHOTS"); !folder.isEmpty()) {
                    dialog.grab().save(folder + QStringLiteral("/worksheet-added.png"));
                }
                hands.key_in_dialog(Qt::Key_Return);
            });
            hands.type(file("slips.ods"));
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.key(Qt::Key_I, Qt::ControlModifier);
        QVERIFY(drive.files_done() && drive.settle());
        const Study& study = drive.window.document().study();
        QCOMPARE(study.tables.size(), std::size_t(2));
        QCOMPARE(study.tables[1]->name, std::string("Slips_2"));
        QCOMPARE(drive.window.page()->table_id(), study.tables[1]->id); // what was just made is in view
        QCOMPARE(hands.number("area", 4), 1.8);
        QVERIFY(study.note.find("Row 4 of Area") != std::string::npos);
        drive.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(drive.window.document().study() == before);
    }

    /// Cancelling takes nothing, and what cannot be read says so in one sentence.
    void nothing_is_taken_unasked() {
        WindowDriver drive;
        drive.press_buttons_of_next_dialogs({QStringLiteral("Cancel")});
        drive.window.imports().open(file("growth.xlsx"));
        QVERIFY(drive.files_done());
        QVERIFY(drive.window.document().study().tables.empty());
        QVERIFY(write_file(file("cut.xlsx").toStdString(), "PK cut"));
        QSignalSpy refused(&drive.window.document(), &Document::refused);
        drive.window.imports().open(file("cut.xlsx"));
        QTRY_COMPARE(refused.size(), 1);
        QVERIFY(refused.front().front().toString().contains(QStringLiteral("cut off or damaged")));
        QVERIFY(drive.window.document().study().tables.empty());
    }

    /// Whole columns that are copied bring their formulas and what these need into another window; names that are taken
    /// give way and that is said; where cells are chosen, values are pasted.
    void copied_columns_bring_their_formulas() {
        WindowDriver from;
        paste(from, QStringLiteral("a\tb\n2\t3\n4\t5\n6\t7\n"));
        paste_behind(from, QStringLiteral("k = 10\narea = a * b * k\n"));
        QVERIFY(from.settle());
        choose(from, 0, 2, 0, 2);
        from.command("copy");
        const QMimeData* copied = QApplication::clipboard()->mimeData();
        QVERIFY(copied->html().contains(QStringLiteral("<td style=\"text-align: right\">200</td>")));
        QVERIFY(copied->text().startsWith(QStringLiteral("a\tb\tarea\n2\t3\t60\n")));

        WindowDriver to;
        to.command("paste"); // into an empty window
        QVERIFY(to.settle());
        QCOMPARE(formula(to, "area"), std::string("a * b * k"));
        QCOMPARE(to.shown(2, 2), QStringLiteral("420"));
        QVERIFY(to.window.page()->suggestions().text().startsWith(
            QStringLiteral("Pasted with their formulas: a, b, area.")));
        to.click_cell(0, 3); // the next column
        to.command("paste");
        QVERIFY(to.settle());
        QCOMPARE(formula(to, "area_2"), std::string("a_2 * b_2 * k"));
        QVERIFY(to.window.page()->suggestions().text().contains(
            QStringLiteral("a is a_2 here, b is b_2 here, area is area_2 here")));
        to.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(to.table().columns.size(), std::size_t(3));
        to.click_cell(1, 0);
        to.command("paste"); // as values, the headings left out
        QVERIFY(to.settle());
        QCOMPARE(to.shown(1, 0), QStringLiteral("2"));
        QCOMPARE(to.table().columns.size(), std::size_t(3));
    }

    /// A table of a page that was copied, where the text beside it does not keep its columns.
    void a_table_of_html_is_pasted() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("T"));
        drive.click_cell(0, 0);
        auto* page = new QMimeData;
        page->setText(QStringLiteral("site\ncount\npool\n12\n"));
        page->setHtml(
            QStringLiteral("<p>Counts</p><table><tr><th>site</th><th>count</th></tr><tr><td>upper  <b>pool</b></td>"
                           "<td>12</td></tr><tr><td>weir</td><td>1,5</td></tr></table>"));
        QApplication::clipboard()->setMimeData(page);
        drive.command("paste");
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().columns.size(), std::size_t{2});
        QCOMPARE(drive.table().columns[1]->name, std::string("count"));
        QCOMPARE(drive.shown(0, 0), QStringLiteral("upper pool"));
        QCOMPARE(drive.window.page()->model().value(1, 1).number(), 1.5);
    }

    void a_working_is_copied_as_text_and_as_latex() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("T"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("x\n1\n5\n"));
        write(drive, QStringLiteral("dev = x - mean(x)"));
        drive.click_cell(1, 1);
        QVERIFY(working(drive).contains(QStringLiteral("mean(x)")));
        WorkingView* view = nullptr;
        for (WorkingView* one : drive.window.details().findChildren<WorkingView*>()) {
            view = one->text().contains(QStringLiteral("mean(x)")) ? one : view;
        }
        QVERIFY(view != nullptr);
        view->setFocus();
        QTest::keyClick(view, Qt::Key_C, Qt::ControlModifier);
        QVERIFY(QApplication::clipboard()->text().contains(QStringLiteral("mean(x)")));
        QTest::keyClick(view, Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
        const QString latex = QApplication::clipboard()->text();
        QVERIFY2(latex.startsWith(QStringLiteral("\\begin{align*}\n  ")) &&
                     latex.endsWith(QStringLiteral("\\end{align*}\n")),
                 qPrintable(latex));
        QVERIFY2(latex.contains(QStringLiteral("&= x - \\overline{x} \\\\\n")), qPrintable(latex));
        QCOMPARE(latex.count(QStringLiteral("\\begin{align*}")), latex.count(QStringLiteral("\\end{align*}")));
    }
};

LEDGEFALL_TEST(TestWorksheetStories)
#include "test_worksheet_stories.moc"
