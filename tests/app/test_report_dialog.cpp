// The report's dialog: its pages follow its choices, and it writes PDF, HTML and LaTeX.

#include "app/report/report_dialog.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QTemporaryDir>
#include <QTimer>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

QByteArray bytes_of(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

/// Once they are laid out.
int pages_of(ReportDialog& dialog) {
    if (!QTest::qWaitFor([&dialog] { return !dialog.laying_out(); }, 20000)) {
        qFatal("the pages do not come");
    }
    return dialog.pages();
}

} // namespace

class TestReportDialog : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void pages_follow_the_choices() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const Study& study = drive.window.document().study();
        ReportDialog dialog(study, drive.window.document().snapshot(), &drive.window);
        const int all = pages_of(dialog);
        QVERIFY(all > 4);
        dialog.rows().setCurrentIndex(2);
        const int without_rows = pages_of(dialog);
        QVERIFY(without_rows < all);
        for (const auto& chart : study.charts) {
            dialog.tick(QString::fromStdString(chart->id.str()), false);
        }
        QVERIFY(pages_of(dialog) < without_rows);
        QCOMPARE(dialog.choices().left_out.size(), study.charts.size());
        const QString table = QString::fromStdString(study.tables.front()->id.str());
        dialog.tick(table, false);
        QVERIFY(!dialog.choices().has(study.tables.front()->id));
        dialog.tick(QStringLiteral("note"), false);
        QVERIFY(!dialog.choices().note);
    }

    /// What is chosen is kept with the study, and is there the next time.
    void choices_are_kept_with_the_study() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const auto in_dialog = [&](const std::function<void(ReportDialog&)>& done) {
            QTimer::singleShot(0, &drive.window, [done] {
                auto* dialog = qobject_cast<ReportDialog*>(QApplication::activeModalWidget());
                QVERIFY(dialog != nullptr);
                done(*dialog);
                dialog->reject();
            });
            drive.command("report");
        };
        in_dialog([](ReportDialog&) {});
        QVERIFY(!drive.window.document().modified());                       // nothing was chosen
        QVERIFY(drive.open(QStringLiteral(DEMO_FOLDER "/puck.ledgefall"))); // long: not all rows are proposed
        QVERIFY(drive.settle());
        in_dialog([](ReportDialog& dialog) { QCOMPARE(dialog.rows().currentIndex(), 1); });
        QVERIFY(!drive.window.document().modified());
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        in_dialog([](ReportDialog& dialog) {
            dialog.rows().setCurrentIndex(1);
            dialog.workings().setText(QStringLiteral("Pebbles.dev[3], s"));
            dialog.tick(QStringLiteral("runs"), false);
        });
        QVERIFY(drive.window.document().study().report.has_value());
        const ReportChoices kept = *drive.window.document().study().report;
        QCOMPARE(kept.workings, (std::vector<std::string>{"Pebbles.dev[3]", "s"}));
        const Result<Study> read = read_study(write_study(drive.window.document().study()));
        QVERIFY(read && read->report == kept);
        in_dialog([&kept](ReportDialog& dialog) { QCOMPARE(dialog.choices(), kept); });
    }

    void it_is_written_in_each_form() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        QTemporaryDir folder;
        ReportDialog dialog(drive.window.document().study(), drive.window.document().snapshot(), &drive.window);
        for (const char* form : {"pdf", "html", "tex", "odt"}) {
            QVERIFY2(dialog.write_to(folder.filePath(QStringLiteral("report.") + QLatin1String(form))), form);
        }
        const QByteArray pdf = bytes_of(folder.filePath(QStringLiteral("report.pdf")));
        QVERIFY(pdf.startsWith("%PDF"));
        QCOMPARE(pdf.count("/Type /Page") - pdf.count("/Type /Pages"), pages_of(dialog));
        QVERIFY(pdf.contains("/Lang") && pdf.contains("/Outlines"));
        QCOMPARE(pdf.count("/Fit"),
                 drive.window.document().study().tables.size() + drive.window.document().study().charts.size());
        QVERIFY(bytes_of(folder.filePath(QStringLiteral("report.odt"))).startsWith("PK"));
        const QByteArray html = bytes_of(folder.filePath(QStringLiteral("report.html")));
        QCOMPARE(html.count("<svg"), drive.window.document().study().charts.size());
        QVERIFY(html.contains("<mfrac>"));
        const QByteArray tex = bytes_of(folder.filePath(QStringLiteral("report.tex")));
        QCOMPARE(tex.count("\\includegraphics"), drive.window.document().study().charts.size());
        QVERIFY(QFile::exists(folder.filePath(QStringLiteral("report-1.pdf"))));
        QVERIFY(!dialog.write_to(folder.filePath(QStringLiteral("report.doc"))));
        QVERIFY(!dialog.write_to(QStringLiteral("/nowhere/report.pdf")));
        QVERIFY(!dialog.write_to(folder.path() + QStringLiteral("/missing/report.html")));
    }

    /// What cannot be made leaves no older report to be written in its place.
    void a_wrong_place_leaves_nothing_to_write() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        QTemporaryDir folder;
        ReportDialog dialog(drive.window.document().study(), drive.window.document().snapshot(), &drive.window);
        dialog.workings().setText(QStringLiteral("Nothing.x[1]"));
        Q_EMIT dialog.workings().editingFinished();
        QCOMPARE(pages_of(dialog), 0);
        QVERIFY(!dialog.write_to(folder.filePath(QStringLiteral("report.pdf"))));
        dialog.workings().setText(QStringLiteral("Pebbles.dev[3]"));
        Q_EMIT dialog.workings().editingFinished();
        QVERIFY(pages_of(dialog) > 0);
    }

    void charts_of_another_report_are_not_replaced() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        QTemporaryDir folder;
        QFile other(folder.filePath(QStringLiteral("report-1.pdf")));
        QVERIFY(other.open(QIODevice::WriteOnly) && other.write("mine") == 4);
        other.close();
        ReportDialog dialog(drive.window.document().study(), drive.window.document().snapshot(), &drive.window);
        QVERIFY(!dialog.write_to(folder.filePath(QStringLiteral("report.tex"))));
        QCOMPARE(bytes_of(other.fileName()), QByteArray("mine"));
    }

    /// Nothing is lost at the right edge of a page: what does not fit goes on below.
    void a_wide_table_goes_on_below() {
        Id table;
        Study study = *add_table(Study(), "Wide", &table);
        study = *count_rows(study, table, "3");
        for (int column = 0; column < 30; ++column) {
            study = *write_column(study, table,
                                  "column_" + std::to_string(column) + " = row * " + std::to_string(1000 + column));
        }
        const auto drawn = drawn_report(study, compute(study), {});
        QVERIFY(drawn);
        const ReportPages pages(drawn->report, drawn->charts, report_page(QPageSize::A4, false));
        const QString text = pages.text();
        for (int column = 0; column < 30; ++column) {
            QCOMPARE(text.count(QString::number(3 * (1000 + column))), 1);
        }
        QVERIFY(text.contains(QStringLiteral("Wide continues")));
    }

    void the_command_refuses_without_a_table() {
        WindowDriver drive;
        drive.command("report");
        QVERIFY(drive.notice().contains(QStringLiteral("needs a table")));
    }
};

LEDGEFALL_TEST(TestReportDialog)
#include "test_report_dialog.moc"
