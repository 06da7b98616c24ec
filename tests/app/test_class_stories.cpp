// What leaves the window and comes back: a report, a page with blank columns, a handout, what a student hands in, and
// the marks of a folder.

#include "app/handout/handout_dialog.h"
#include "app/handout/mark_dialog.h"
#include "app/report/report_dialog.h"
#include "app/shell/windows.h"
#include "core/study/builders/handout.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"
#include "user_simulator.h"

#include <QFileDialog>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTimer>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const QString pebbles = QStringLiteral("x\n42\n57\n38\n61\n49\n53\n44\n66\n");

/// Lengths with their mean, deviations and squares.
void make_table(UserSimulator& hands) {
    hands.paste(pebbles);
    for (const char* column : {"=dev = x - mean(x)", "=sq = dev^2"}) {
        hands.click_cell(0, static_cast<int>(hands.drive.table().columns.size()));
        hands.type(QLatin1String(column));
        hands.key(Qt::Key_Return);
        QVERIFY(hands.drive.settle());
    }
    hands.key(Qt::Key_H, Qt::ControlModifier);
    hands.type(QStringLiteral("s = sqrt(sum(sq) / (count(x) - 1))"));
    hands.key(Qt::Key_Return);
    QVERIFY(hands.drive.settle());
}

Study study_of_file(const QString& path) {
    const Result<std::string> text = read_file(path.toStdString());
    const Result<Study> study = text ? read_study(*text) : Result<Study>(text.refusal());
    if (!study) {
        qFatal("%s", study.refusal().text().c_str());
    }
    return *study;
}

/// Ticks a part of the handout by a click on its box.
void tick(UserSimulator& hands, HandoutDialog& dialog, const QString& name) {
    QTreeWidget& parts = dialog.parts();
    const QList<QTreeWidgetItem*> found = parts.findItems(name, Qt::MatchExactly | Qt::MatchRecursive, 0);
    if (found.isEmpty()) {
        qFatal("no part %s", qPrintable(name));
    }
    parts.scrollToItem(found.front());
    const QRect row = parts.visualItemRect(found.front());
    const int box = parts.style()->pixelMetric(QStyle::PM_IndicatorWidth) / 2;
    hands.click(parts.viewport(), QPoint(row.left() + box + 2, row.center().y()));
}

void type_into(UserSimulator& hands, QLineEdit& line, const QString& text) {
    hands.click(&line);
    line.selectAll();
    hands.type(text);
}

} // namespace

class TestClassStories : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    int handouts_ = 0;

    /// A handout of the table above, made at the window; it asks for three things.
    QString handout_by(UserSimulator& hands) {
        const QString path = folder_.filePath(QStringLiteral("handout-%1.ledgefall").arg(++handouts_));
        make_table(hands);
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<HandoutDialog*>(&dialog);
            for (const char* part : {"dev", "sq", "s"}) {
                tick(hands, form, QLatin1String(part));
            }
            QCOMPARE(form.refusal(), QString());
            type_into(hands, *form.findChild<QLineEdit*>(QStringLiteral("target")), path);
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.menu({QStringLiteral("Study"), QStringLiteral("Make a handout…")});
        (void)hands.drive.files_done();
        return path;
    }

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void a_report_with_chart_and_working() {
        UserSimulator hands(QStringLiteral("S26"));
        const QString path = folder_.filePath(QStringLiteral("report.pdf"));
        hands.paste(pebbles);
        hands.click_heading(0);
        hands.in_next_dialog([&](QDialog&) { hands.key_in_dialog(Qt::Key_Return); });
        hands.key(Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(hands.drive.settle());
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<ReportDialog*>(&dialog);
            hands.click(&form.workings());
            hands.type(QString::fromStdString(hands.drive.window.document().study().tables.front()->name) +
                       QStringLiteral(".x[2]"));
            hands.key_in_dialog(Qt::Key_Return);
            QVERIFY(QTest::qWaitFor([&] { return form.pages() > 0; }));
            QTimer asked;
            QObject::connect(&asked, &QTimer::timeout, &form, [&] {
                if (auto* saving = qobject_cast<QFileDialog*>(QApplication::activeModalWidget())) {
                    asked.stop();
                    auto* line = saving->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"));
                    line->setText(path);
                    QTest::keyClick(line, Qt::Key_Return);
                    hands.actions += 2;
                }
            });
            asked.start(10);
            for (QPushButton* button : form.findChildren<QPushButton*>()) {
                if (button->text().remove(QLatin1Char('&')) == QStringLiteral("Save as…")) {
                    hands.click(button);
                }
            }
            const QList<QLabel*> labels = form.findChildren<QLabel*>();
            QVERIFY2(
                std::any_of(labels.begin(), labels.end(),
                            [](const QLabel* label) { return label->text().startsWith(QStringLiteral("Written")); }),
                qPrintable(labels.back()->text()));
            form.reject(); // Escape
            ++hands.actions;
        });
        hands.key(Qt::Key_P, Qt::ControlModifier);
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(file.readAll().startsWith("%PDF"));
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
    }

    void a_page_with_blank_columns() {
        UserSimulator hands(QStringLiteral("S27"));
        handout_by(hands);
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<ReportDialog*>(&dialog);
            hands.click(&form.blank(), QPoint(8, form.blank().height() / 2));
            QVERIFY(form.choices().blank);
            QVERIFY(QTest::qWaitFor([&] { return form.pages() > 0; }));
            if (qEnvironmentVariableIsSet("LEDGEFALL_SCREENSHOTS")) {
                form.grab().save(qEnvironmentVariable("LEDGEFALL_SCREENSHOTS") + QStringLiteral("/blank-columns.png"));
            }
            const QString page = folder_.filePath(QStringLiteral("blank.html"));
            QVERIFY(form.write_to(page));
            QFile file(page);
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QByteArray html = file.readAll();
            QCOMPARE(html.count("class=\"blank\""), 16); // two columns of eight rows
            QVERIFY(html.contains("__________"));
            QVERIFY(!html.contains("mean"));
            form.reject(); // Escape
            ++hands.actions;
        });
        hands.key(Qt::Key_P, Qt::ControlModifier);
        QVERIFY2(hands.actions <= 22, qPrintable(QString::number(hands.actions)));
    }

    void a_handout_with_three_asked_items() {
        UserSimulator hands(QStringLiteral("S28"));
        const QString path = handout_by(hands);
        const Study handout = study_of_file(path);
        QCOMPARE(handout.handout->asked.size(), std::size_t{3});
        QVERIFY(!handout.tables.front()->column_named("dev")->computed());
        QCOMPARE(hands.drive.window.document().study().handout->asked.size(), std::size_t{3}); // the key knows
        QVERIFY(hands.drive.window.document().study().handout->is_key);
        QVERIFY2(hands.actions <= 18, qPrintable(QString::number(hands.actions)));
    }

    void a_student_fills_it_in_and_hands_it_in() {
        QString path;
        {
            UserSimulator teacher(QStringLiteral("-"));
            path = handout_by(teacher);
        }
        UserSimulator hands(QStringLiteral("S29"));
        QVERIFY(hands.drive.open(path));
        QVERIFY(hands.drive.settle());
        HandoutBar& bar = hands.drive.window.handout_bar();
        QVERIFY(bar.isVisible());
        QCOMPARE(bar.progress(), QStringLiteral("filled in: 0 of 3"));
        type_into(hands, *bar.findChild<QLineEdit*>(), QStringLiteral("Dace"));
        hands.key(Qt::Key_Return);
        hands.click_heading(hands.section("dev"));
        QVERIFY(hands.drive.window.details().about_class().contains(QStringLiteral("Write the formula of")));
        hands.type(QStringLiteral("=x - mean(x)"));
        hands.key(Qt::Key_Return);
        hands.click_heading(hands.section("sq"));
        hands.type(QStringLiteral("=dev^2"));
        hands.key(Qt::Key_Return);
        QVERIFY(hands.drive.settle());
        QCOMPARE(bar.progress(), QStringLiteral("filled in: 2 of 3"));
        hands.picture(QStringLiteral("handout"));
        hands.card("s", QStringLiteral("s = sqrt(sum(sq) / count(x))"));
        QCOMPARE(bar.progress(), QStringLiteral("filled in: 3 of 3"));
        // What is given is locked.
        hands.click_cell(0, hands.section("x"));
        hands.type(QStringLiteral("7"));
        hands.key(Qt::Key_Return);
        QVERIFY2(hands.drive.notice().contains(QStringLiteral("is locked in this handout")),
                 qPrintable(hands.drive.notice()));
        QCOMPARE(hands.number(0, hands.section("x")), 42.0);
        hands.key(Qt::Key_S, Qt::ControlModifier);
        QVERIFY(hands.drive.files_done());
        const Study handed_in = study_of_file(path);
        QCOMPARE(handed_in.handout->student, std::string("Dace"));
        QVERIFY(handed_in.tables.front()->column_named("dev")->computed());
        QVERIFY2(hands.actions <= 16, qPrintable(QString::number(hands.actions)));
    }

    void a_folder_is_marked_and_a_slip_is_read() {
        const QString key = QStringLiteral(DEMO_FOLDER "/class/key.ledgefall");
        const QString folder = QStringLiteral(DEMO_FOLDER "/class/submissions");
        UserSimulator hands(QStringLiteral("S30"));
        QVERIFY(hands.drive.open(key));
        std::optional<Study> marks;
        QObject::connect(&hands.drive.window, &MainWindow::new_study_wanted, &hands.drive.window,
                         [&marks](const Study& study) { marks = study; });
        hands.in_next_dialog([&](QDialog& dialog) {
            type_into(hands, *dialog.findChild<QLineEdit*>(), folder);
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.menu({QStringLiteral("Study"), QStringLiteral("Mark a folder…")});
        QVERIFY(QTest::qWaitFor([&] { return marks.has_value(); }, 20000));
        WindowDriver other; // the window of the marks
        other.window.document().open_unsaved(*marks, {});
        QVERIFY(other.settle());
        QCOMPARE(other.table().name, std::string("Answers"));
        const auto column = [&](const char* name) {
            const auto& columns = other.table().columns;
            return static_cast<int>(
                std::find_if(columns.begin(), columns.end(), [name](const auto& one) { return one->name == name; }) -
                columns.begin());
        };
        int row = 0;
        while (other.shown(row, column("slip")).isEmpty()) {
            ++row;
        }
        QVERIFY(!other.shown(row, column("feedback")).isEmpty());
        QStringList wanted;
        QObject::connect(&other.window, &MainWindow::item_wanted, &other.window,
                         [&wanted](const QString& file, const QString& item) { wanted << file << item; });
        other.click_cell(row, column("outcome"));
        ++hands.actions;
        QVERIFY(QTest::qWaitFor([&] { return !other.window.details().about_class().isEmpty(); }));
        Q_EMIT other.window.details().submission_wanted(); // a click on its link
        ++hands.actions;
        QCOMPARE(wanted.size(), 4);
        QCOMPARE(wanted[0], key);
        QVERIFY(wanted[2].startsWith(folder));
        hands.drive.window.go_to_item(wanted[1]); // in the key's window
        if (qEnvironmentVariableIsSet("LEDGEFALL_SCREENSHOTS")) {
            other.window.resize(1280, 800);
            other.window.grab().save(qEnvironmentVariable("LEDGEFALL_SCREENSHOTS") + QStringLiteral("/marks.png"));
        }
        QVERIFY2(hands.actions <= 8, qPrintable(QString::number(hands.actions)));
    }

    /// Windows of the whole program: the submission and the key are opened at the item.
    void a_submission_is_opened_beside_the_key() {
        Windows windows;
        windows.open_at(QStringLiteral(DEMO_FOLDER "/class/key.ledgefall"), QStringLiteral("Catch.share"),
                        Qt::RightEdge);
        QVERIFY(QTest::qWaitFor([&] {
            const QList<MainWindow*> all = windows.all();
            TablePage* page = all.isEmpty() ? nullptr : all.front()->page();
            return page != nullptr && page->model().table() != nullptr && page->model().table()->name == "Catch";
        }));
        for (MainWindow* window : windows.all()) {
            delete window;
        }
    }

    /// The right answer stays with the key.
    void a_question_in_words_has_its_answer() {
        UserSimulator hands(QStringLiteral("-"));
        make_table(hands);
        HandoutDialog form(hands.drive.window.document().study(), folder_.filePath(QStringLiteral("words.ledgefall")),
                           {}, &hands.drive.window);
        form.show();
        QStringList typed = {QStringLiteral("What is spread?"), QStringLiteral("distance from the mean")};
        QTimer answering;
        connect(&answering, &QTimer::timeout, &form, [&typed] {
            auto* asking = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            auto* line = asking == nullptr ? nullptr : asking->findChild<QLineEdit*>();
            if (line != nullptr && !typed.isEmpty()) {
                line->setText(typed.takeFirst());
                asking->accept();
            }
        });
        answering.start(10);
        for (QPushButton* button : form.findChildren<QPushButton*>()) {
            if (button->text().remove(QLatin1Char('&')) == QStringLiteral("Add a question in words…")) {
                button->click();
            }
        }
        QCOMPARE(form.asked().size(), std::size_t{1});
        QCOMPARE(form.asked().front().answer, std::string("distance from the mean"));
        const Study handout = *make_handout(hands.drive.window.document().study(), form.request());
        QVERIFY(write_study(handout).find("distance from the mean") == std::string::npos);
    }

    void names_make_a_folder_of_handouts() {
        UserSimulator hands(QStringLiteral("-"));
        make_table(hands);
        const QString out = folder_.filePath(QStringLiteral("class"));
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<HandoutDialog*>(&dialog);
            QVERIFY(form.refusal().startsWith(QStringLiteral("Nothing is asked")));
            tick(hands, form, QStringLiteral("sq"));
            QVERIFY(form.refusal().isEmpty());
            tick(hands, form, QStringLiteral("dev"));
            auto* names = form.findChild<QPlainTextEdit*>();
            hands.click(names);
            hands.type(QStringLiteral("Ash"));
            hands.key_in_dialog(Qt::Key_Return);
            hands.type(QStringLiteral("Ash"));
            QVERIFY(form.refusal().contains(QStringLiteral("twice")));
            hands.type(QStringLiteral("ling"));
            QVERIFY(form.refusal().isEmpty());
            type_into(hands, *form.findChild<QLineEdit*>(QStringLiteral("target")), out);
            QFile there(out + QStringLiteral("/Ash.ledgefall"));
            QVERIFY(QDir().mkpath(out) && there.open(QIODevice::WriteOnly) && there.write("mine") == 4);
            there.close();
            hands.drive.press_button_of_next_dialog(QStringLiteral("Cancel"));
            form.accept();
            QVERIFY(form.isVisible()); // nothing is replaced unasked
            hands.drive.press_button_of_next_dialog(QStringLiteral("Replace"));
            form.accept();
        });
        hands.menu({QStringLiteral("Study"), QStringLiteral("Make a handout…")});
        QVERIFY(hands.drive.files_done());
        QCOMPARE(QDir(out).entryList(QDir::Files),
                 (QStringList{QStringLiteral("Ash.ledgefall"), QStringLiteral("Ashling.ledgefall")}));
        QCOMPARE(study_of_file(out + QStringLiteral("/Ashling.ledgefall")).handout->student, std::string("Ashling"));
    }
};

LEDGEFALL_TEST(TestClassStories)
#include "test_class_stories.moc"
