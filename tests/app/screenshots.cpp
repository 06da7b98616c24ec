// Not a test: makes the pictures of docs/screenshots from the demo study, the main views by day and by lamplight.
//
//     LEDGEFALL_SCREENSHOTS=docs/screenshots build/bin/app_tests Screenshots

#include "app/report/report_dialog.h"
#include "app/starters/starter_card.h"
#include "app/table/layer_strip.h"
#include "app/theme/theme.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QApplication>
#include <QSettings>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

void picture(WindowDriver& drive, const QString& name) {
    drive.settle();
    QTest::qWait(300); // a caret, a repaint: what a person would see once the window has come to rest
    drive.window.grab().save(qEnvironmentVariable("LEDGEFALL_SCREENSHOTS") + QStringLiteral("/") + name +
                             QStringLiteral(".png"));
}

/// The same by day and by lamplight.
void pictures(WindowDriver& drive, const QString& name) {
    picture(drive, name);
    WindowCommands::set_dark(true);
    picture(drive, name + QStringLiteral("-dark"));
    WindowCommands::set_dark(false);
}

/// A chart of the demo with the table that it stands by.
void chart(WindowDriver& drive, const char* label, const char* table) {
    const Study& study = drive.window.document().study();
    for (const auto& one : study.charts) {
        if (one->label == label) {
            drive.window.show_table(study.table_named(table)->id);
            drive.window.pages().show_chart(one->id);
        }
    }
    drive.settle();
    (void)QTest::qWaitFor([&drive] { return drive.window.pages().chart_page()->settled(); });
}

void show(WindowDriver& drive, std::size_t table) {
    drive.window.show_table(drive.window.document().study().tables[table]->id);
    drive.settle();
}

} // namespace

class Screenshots : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void make() {
        if (qEnvironmentVariableIsEmpty("LEDGEFALL_SCREENSHOTS")) {
            QSKIP("LEDGEFALL_SCREENSHOTS names the folder for the pictures");
        }
        prepare_application();
        QSettings().remove(QStringLiteral("chart_below"));
        WindowDriver drive;
        (void)QTest::qWaitFor([&] { return drive.window.findChildren<StarterCard*>().size() >= 10; });
        picture(drive, QStringLiteral("start"));
        QVERIFY(drive.window.open_demo());
        drive.settle();
        drive.click_cell(3, 1);
        picture(drive, QStringLiteral("pebbles"));
        drive.window.page()->write_formula(3, {});
        drive.keys(QStringLiteral("z = (x - mean(x)) / s"));
        pictures(drive, QStringLiteral("writing"));
        drive.key(Qt::Key_Return);
        drive.settle();
        drive.click_cell(3, 3);
        picture(drive, QStringLiteral("working"));
        drive.window.document().undo();
        show(drive, 1);
        drive.click_cell(0, 5);
        show(drive, 2);
        drive.click_cell(5, 1);
        drive.window.pages().show_beside(drive.window.document().study().tables[0]->id);
        drive.window.pages().close_beside();
        chart(drive, "Pebble lengths in classes", "Classes");
        drive.click_cell(3, 3);
        picture(drive, QStringLiteral("histogram"));
        chart(drive, "Drift times by site", "Drift_by_site");
        picture(drive, QStringLiteral("boxes"));
        chart(drive, "Germination, observed and expected", "Chances");
        picture(drive, QStringLiteral("germination"));
        drive.command("turn-chart");
        chart(drive, "Path of the puck", "Puck");
        drive.command("help-pages");
        drive.window.help().open(QStringLiteral("foot"));
        picture(drive, QStringLiteral("help"));
        QFile keys(qEnvironmentVariable("LEDGEFALL_SCREENSHOTS") + QStringLiteral("/../help/keys.html"));
        if (keys.open(QIODevice::WriteOnly)) { // those of the window are the page's
            WindowDriver fresh;                // in which there is nothing to undo that has a name
            keys.write(HelpReader::keys_page(fresh.window.commands().rows_of_keys()).toUtf8());
        }
        Q_EMIT drive.window.help().closed();
        const auto of_demo = [&drive](const char* study, const char* label, const char* table, const char* name) {
            QVERIFY(drive.open(QStringLiteral(DEMO_FOLDER "/%1.ledgefall").arg(QLatin1String(study))));
            chart(drive, label, table);
            picture(drive, QLatin1String(name));
        };
        of_demo("puck", "Path of the puck", "Path", "path");
        QVERIFY(drive.open(QStringLiteral(DEMO_FOLDER "/../starters/throw-with-drag.ledgefall")));
        chart(drive, "Path of the pebble", "Thrown_pebble");
        picture(drive, QStringLiteral("throw"));
        QVERIFY(drive.open(QStringLiteral(DEMO_FOLDER "/marrow-beck.ledgefall")));
        QVERIFY(drive.settle());
        ReportDialog report(drive.window.document().study(), drive.window.document().snapshot(), &drive.window);
        report.resize(1280, 800);
        report.show();
        QVERIFY(QTest::qWaitFor([&] { return report.pages() > 0; }));
        QTest::qWait(500);
        report.grab().save(qEnvironmentVariable("LEDGEFALL_SCREENSHOTS") + QStringLiteral("/report.png"));
    }
};

LEDGEFALL_TEST(Screenshots)
#include "screenshots.moc"
