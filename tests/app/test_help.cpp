// The help: its pages are there and lead on, F1 opens the one about what has the focus, the first table in five steps.

#include "app/help/dialog_help.h"
#include "app/numbers/cause_info.h"
#include "harness/test_program.h"
#include "story_steps.h"
#include "user_simulator.h"

#include <QDir>
#include <QDirIterator>
#include <QRegularExpression>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

QString page(const QString& name) {
    QFile file(QStringLiteral(":/help/%1.html").arg(name));
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

void type_lines(WindowDriver& drive, const QStringList& lines) {
    for (const QString& line : lines) {
        drive.keys(line);
        drive.key(Qt::Key_Return);
    }
}

} // namespace

class TestHelp : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void every_link_leads_somewhere() {
        const QRegularExpression link(QStringLiteral("(?:href|src)=\"([^\"]*)\""));
        const auto files = QDir(QStringLiteral(":/help")).entryInfoList({QStringLiteral("*.html")});
        QVERIFY(files.size() > 15);
        for (const QFileInfo& file : files) {
            auto match = link.globalMatch(page(file.completeBaseName()));
            while (match.hasNext()) {
                QString to = match.next().captured(1);
                if (to == QStringLiteral("steps:")) {
                    continue;
                }
                to.replace(QStringLiteral("../screenshots"), QStringLiteral(":/screenshots"));
                const QString path = to.startsWith(QLatin1Char(':')) ? to : QStringLiteral(":/help/") + to;
                QVERIFY2(QFile::exists(path), qPrintable(file.fileName() + QStringLiteral(": ") + to));
            }
        }
    }

    void every_function_and_cause_has_its_place() {
        const QString functions = page(QStringLiteral("functions"));
        for (const Function& function : catalogue()) {
            QVERIFY(functions.contains(
                QStringLiteral("<a name=\"%1\">").arg(QString::fromUtf8(function.name.data(), function.name.size()))));
        }
        const QString faults = page(QStringLiteral("faults"));
        for (std::size_t cause = 0; cause < cause_count; ++cause) {
            const QString place = cause_help_topic(static_cast<Cause>(cause)).section(QLatin1Char('#'), 1);
            QVERIFY2(faults.contains(QStringLiteral("<a name=\"%1\">").arg(place)), qPrintable(place));
        }
        QCOMPARE(faults.count(QStringLiteral("<h2><a name=")), static_cast<int>(cause_count));
    }

    void the_key_tells_about_what_has_the_focus() {
        WindowDriver drive;
        drive.key(Qt::Key_F1);
        QCOMPARE(drive.window.help().place(), QStringLiteral("index"));
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(1, 1);
        drive.key(Qt::Key_F1);
        QCOMPARE(drive.window.help().place(), QStringLiteral("formulas"));
        drive.window.ledge().cards().front()->setFocus();
        drive.key(Qt::Key_F1);
        QCOMPARE(drive.window.help().place(), QStringLiteral("ledge"));
        drive.window.page()->write_formula(3, QStringLiteral("z = median(x"));
        drive.key(Qt::Key_F1);
        QCOMPARE(drive.window.help().place(), QStringLiteral("functions#median"));
        drive.key(Qt::Key_Escape);
        write(drive, QStringLiteral("half = x / 0"));
        drive.click_cell(0, 3);
        drive.key(Qt::Key_F1);
        QCOMPARE(drive.window.help().place(), QStringLiteral("faults#division_by_zero"));
        QVERIFY(drive.window.help().text().toPlainText().contains(QStringLiteral("divisor is zero")));
    }

    void the_key_tells_about_the_dialog_that_is_open() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("w\n1.5\n2\n"));
        QString place;
        bool closed = false;
        hands.in_next_dialog([&](QDialog& dialog) {
            hands.in_next_dialog([&](QDialog& help) {
                place = help.findChild<HelpReader*>()->place();
                hands.key_in_dialog(Qt::Key_Escape);
            });
            hands.key_in_dialog(Qt::Key_F1);
            closed = QTest::qWaitFor([&] { return QApplication::activeModalWidget() == &dialog; });
            dialog.reject();
        });
        hands.button(QStringLiteral("classes"));
        QCOMPARE(place, QStringLiteral("frequency"));
        QVERIFY(closed);
    }

    /// Every dialog of the program has a page, and it is there.
    void every_dialog_has_its_page() {
        const QRegularExpression dialog(QStringLiteral("class (\\w+) : public QDialog \\{"));
        int found = 0;
        QDirIterator headers(QStringLiteral(SOURCE_FOLDER "/app"), {QStringLiteral("*.h")}, QDir::Files,
                             QDirIterator::Subdirectories);
        while (headers.hasNext()) {
            QFile file(headers.next());
            QVERIFY(file.open(QFile::ReadOnly));
            const auto match = dialog.match(QString::fromUtf8(file.readAll()));
            if (!match.hasMatch() || match.captured(1) == QStringLiteral("WaitDialog")) {
                continue;
            }
            const QString its_page = page_of_dialog(match.captured(1).toLatin1().constData());
            QVERIFY2(its_page != QStringLiteral("index"), qPrintable(match.captured(1)));
            QVERIFY2(!page(its_page).isEmpty(), qPrintable(its_page));
            ++found;
        }
        QVERIFY(found >= 14);
    }

    void an_example_is_put_into_the_study() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.command("help-pages");
        drive.window.help().open(QStringLiteral("functions#hypot"));
        QVERIFY(drive.window.help().text().toHtml().contains(QStringLiteral("href=\"example:hypot")));
        Q_EMIT drive.window.help().text().anchorClicked(QUrl(QStringLiteral("example:hypot(3%2C%204)")));
        QVERIFY(drive.window.page()->editor().is_open());
        QCOMPARE(drive.window.page()->editor().line().toPlainText(), QStringLiteral("hypot(3, 4)"));
        drive.key(Qt::Key_Return);
        QVERIFY2(!drive.window.page()->editor().is_open(), qPrintable(drive.window.page()->editor().message()));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 3), QStringLiteral("5"));
        QTest::mouseClick(drive.window.help().findChild<QToolButton*>(), Qt::LeftButton); // back
        QCOMPARE(drive.window.help().place(), QStringLiteral("index"));
    }

    void pages_are_found_in_the_search_box() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.key(Qt::Key_F12);
        auto* finder = drive.window.findChild<CommandFinder*>();
        for (const auto& [typed, found] :
             {std::pair(QStringLiteral("standard deviation by hand"),
                        QStringLiteral("standard deviation of a sample (n − 1)")),
              std::pair(QStringLiteral("histogram"), QStringLiteral("Make a frequency table…")),
              std::pair(QStringLiteral("per cent of total"), QStringLiteral("Write one formula for each column…")),
              std::pair(QStringLiteral("lock"), QStringLiteral("Hold a value…")),
              std::pair(QStringLiteral("bray_curtis"), QStringLiteral("bray_curtis(a, b)"))}) {
            finder->setText(typed);
            QVERIFY2(finder->matches().contains(found),
                     qPrintable(typed + QStringLiteral(": ") + finder->matches().join(QStringLiteral(" | "))));
        }
        finder->setText(QStringLiteral("all functions bray"));
        finder->setText(QStringLiteral("Charts"));
        drive.key(Qt::Key_Escape);
    }

    void the_five_steps_go_on_as_they_are_done() {
        WindowDriver drive;
        drive.command("first-steps");
        FirstSteps& steps = drive.window.first_steps();
        const auto reached = [&](int step) { return QTest::qWaitFor([&] { return steps.step() == step; }, 3000); };
        QVERIFY(reached(0));
        drive.click_cell(0, 0);
        type_lines(drive, {QStringLiteral("length"), QStringLiteral("42"), QStringLiteral("57"), QStringLiteral("38")});
        QVERIFY(reached(1));
        drive.key(Qt::Key_H, Qt::ControlModifier);
        type_lines(drive, {QStringLiteral("m = mean(length)")});
        QVERIFY(reached(2));
        drive.window.page()->write_formula(1);
        type_lines(drive, {QStringLiteral("dev = length - m")});
        QVERIFY(reached(3));
        WindowDriver::action_in_menu(*drive.window.page()->findChild<NewFootMenu*>(), QString::fromUtf16(u"sum —"))
            ->trigger();
        QVERIFY(reached(4));
        drive.click_cell(0, 0);
        type_lines(drive, {QStringLiteral("45")});
        QVERIFY(reached(5));
        QVERIFY(steps.text().startsWith(QStringLiteral("That is a computation table")));
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(0, 0), QStringLiteral("140"));
    }
};

LEDGEFALL_TEST(TestHelp)
#include "test_help.moc"
