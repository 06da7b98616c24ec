// Delimited text that comes in through the dialog, each column read as it is chosen there, at the window.

#include "app/dialogs/export_dialog.h"
#include "app/dialogs/import_dialog.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/edits/missing_marks.h"
#include "harness/test_program.h"
#include "story_steps.h"
#include "user_simulator.h"

#include <QTemporaryDir>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestImportStories : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;

    QString written(const char* name, const QByteArray& bytes) const {
        const QString path = folder_.filePath(QString::fromLatin1(name));
        QFile file(path);
        return file.open(QFile::WriteOnly) && file.write(bytes) == bytes.size() ? path : QString();
    }

    /// Imports a file by the keyboard; `done` is what is done in the dialog on its columns.
    static void bring_in(UserSimulator& hands, const QString& path, const std::function<void(ImportDialog&)>& done) {
        hands.in_next_dialog([&](QDialog&) {
            hands.in_next_dialog([&](QDialog& dialog) {
                done(*qobject_cast<ImportDialog*>(&dialog));
                if (dialog.isVisible()) { // something was found wrong before it was accepted
                    dialog.reject();
                }
            });
            hands.type(path);
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.key(Qt::Key_I, Qt::ControlModifier);
        QVERIFY(hands.drive.files_done() && hands.drive.settle());
    }

    static QRect cell(ImportDialog& dialog, int row, int column) {
        return dialog.columns().visualRect(dialog.columns().model()->index(row, column));
    }

    /// A click on how a column is read, and on one of the ways.
    static void choose(UserSimulator& hands, ImportDialog& dialog, int row, const QString& way) {
        hands.click(dialog.columns().viewport(), cell(dialog, row, 1).center());
        auto* box = qobject_cast<QComboBox*>(dialog.columns().indexWidget(dialog.columns().model()->index(row, 1)));
        QVERIFY(box != nullptr);
        QTRY_VERIFY(box->view()->isVisible());
        const int at = box->findText(way);
        QVERIFY2(at >= 0, qPrintable(way));
        hands.click(box->view()->viewport(), box->view()->visualRect(box->model()->index(at, 0)).center());
        QCOMPARE(dialog.columns().item(row, 1)->text(), way);
    }

    static QString report(ImportDialog& dialog) {
        QString all;
        for (const QLabel* label : dialog.findChildren<QLabel*>()) {
            all += label->text() + u'\n';
        }
        return all;
    }

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void each_column_is_read_as_it_is_chosen() {
        const QString path = written("drift.csv", "# second day, by hand\nsite;depth;day;tag;left\n;m;;;s\n"
                                                  "pool;1,250;05/06/2021;004;3\nweir;1,300;06/06/2021;012;n/a\n"
                                                  "riffle;1,400;07/06/2021;013;5\n");
        UserSimulator hands(QString{});
        bring_in(hands, path, [&](ImportDialog& dialog) {
            QVERIFY(report(dialog).contains(
                QStringLiteral("depth (m): “1,250” can mean 1250 or 1.25. It is read as 1250")));
            QVERIFY(report(dialog).contains(QStringLiteral("can mean 2021-06-05 or 2021-05-06")));
            QCOMPARE(dialog.columns().item(4, 3)->text(), QStringLiteral("n/a")); // does not fit
            if (const QString folder = qEnvironmentVariable("LEDGEFALL_SCREENSHOTS"); !folder.isEmpty()) {
                dialog.grab().save(folder + QStringLiteral("/import-question.png"));
            }
            choose(hands, dialog, 1, QStringLiteral("Numbers: 1,250 is 1.25"));
            choose(hands, dialog, 2, QStringLiteral("Dates: 05/06/2021 is 2021-05-06"));
            choose(hands, dialog, 3, QStringLiteral("Numbers"));
            QVERIFY(!report(dialog).contains(QStringLiteral("may be")));
            const QRect first = cell(dialog, 0, 0);
            hands.click(dialog.columns().viewport(), {first.left() + 12, first.center().y()}); // leaves it out
            QCOMPARE(dialog.columns().item(0, 1)->text(), QStringLiteral("left out"));
            hands.click(dialog.columns().viewport(), {first.center().x(), cell(dialog, 1, 0).center().y()});
            QVERIFY(QTest::qWaitFor([] { return qobject_cast<QLineEdit*>(QApplication::focusWidget()) != nullptr; }));
            hands.type(QStringLiteral("Water depth (cm)"));
            hands.key_in_dialog(Qt::Key_Return);
            QTRY_COMPARE(dialog.columns().item(1, 0)->text(), QStringLiteral("Water depth (cm)"));
            if (const QString folder = qEnvironmentVariable("LEDGEFALL_SCREENSHOTS"); !folder.isEmpty()) {
                dialog.grab().save(folder + QStringLiteral("/import-dialog.png"));
            }
            dialog.accept();
        });
        QVERIFY(hands.drive.window.page() != nullptr);
        QCOMPARE(hands.drive.table().columns.size(), std::size_t{4});
        QCOMPARE(hands.number("water_depth", 0), 1.25);
        QCOMPARE(hands.column("water_depth").unit, std::string("cm"));
        QCOMPARE(hands.column("left").unit, std::string("s"));
        QCOMPARE(hands.number("tag", 1), 12.0);
        QCOMPARE(hands.drive.shown(0, hands.section("day")), QStringLiteral("2021-05-06"));
        QVERIFY(hands.drive.notice().contains(QStringLiteral("left that are not a number: 1 (row 2)")));
        QVERIFY(hands.drive.notice().contains(QStringLiteral("start with # were left out: 1")));
    }

    /// What was chosen of columns does not outlive what makes other columns of them, nor another decimal sign.
    void choices_go_with_what_they_were_about() {
        ImportDialog dialog("a;b\n1,5;2,25\n3,5;4\n", QStringLiteral("x"));
        dialog.choose_reading(0, dialog.readings(0).front());
        QCOMPARE(dialog.choice().columns[0].spelling->decimal, ',');
        const auto boxes = dialog.findChildren<QComboBox*>();
        boxes[1]->setCurrentIndex(1); // a point
        QVERIFY(dialog.choice().columns[0].kind && !dialog.choice().columns[0].spelling);
        dialog.columns().item(1, 0)->setCheckState(Qt::Unchecked);
        QVERIFY(dialog.choice().columns[1].skipped);
        boxes[0]->setCurrentIndex(1); // commas
        for (const ColumnChoice& choice : dialog.choice().columns) {
            QVERIFY(!choice.skipped && !choice.kind);
        }
    }

    /// Only the first lines are looked at in the dialog; what the others say is told.
    void what_only_the_whole_text_shows_is_told() {
        QByteArray text = "x,who\n";
        for (int row = 0; row < 500; ++row) {
            text += "1," + QByteArray::number(row) + "\n";
        }
        for (int row = 0; row < 900; ++row) {
            text += "2,a" + QByteArray::number(row) + "\n";
        }
        UserSimulator hands(QString{});
        bring_in(hands, written("late.csv", text), [&](ImportDialog& dialog) {
            QVERIFY(report(dialog).contains(QStringLiteral("First 399 rows")));
            QCOMPARE(dialog.columns().item(1, 1)->text(), QStringLiteral("Numbers"));
            dialog.accept();
        });
        QVERIFY(hands.drive.window.page() != nullptr);
        QVERIFY(hands.column("who").cells->kind() == Kind::text);
        QCOMPARE(hands.drive.window.page()->model().table_rows(), 1400);
        QVERIFY(hands.drive.notice().contains(QStringLiteral("who")));
    }

    /// NA and the like in place of values are offered as missing, once for all columns; pasted ones too.
    void marks_of_missing_values_are_offered_as_missing() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        paste(drive, QStringLiteral("length\tdepth\tsite\n42\tNA\tpool\n-\t1.5\t-\n57\tn.a.\tNA\n?\tNA\tweir\n"));
        QVERIFY(drive.settle());
        SuggestionBar& offers = drive.window.page()->suggestions();
        QVERIFY2(offers.text().contains(QStringLiteral("NA n.a.")) && offers.text().endsWith(QStringLiteral("5.")),
                 qPrintable(offers.text()));
        offers.take();
        QVERIFY(drive.settle());
        QCOMPARE(missing_marks(drive.table()).cells, std::size_t{0});
        QCOMPARE(drive.table().columns[0]->cells->filled(), std::size_t{2});
        QCOMPARE(drive.table().columns[1]->cells->kind(), Kind::number);
        QCOMPARE(drive.table().columns[1]->cells->filled(), std::size_t{1});
        QCOMPARE(write_cell(drive.table().columns[2]->cells->at(1)), std::string("-")); // a text among texts
        drive.window.document().undo();
        QCOMPARE(missing_marks(drive.table()).cells, std::size_t{5});
        Id table; // a number that two signs read differently is read by the sign that is in use
        Study study = *add_table(Study(), "Pools", &table);
        const Column depths = Column::of(Kind::text, {Value::text(Text("1,250")), Value::text(Text("NA"))});
        study = *add_columns(study, table, {{"depth", "depth", "", depths}});
        for (const auto& [sign, depth] : {std::pair(',', 1.25), std::pair('.', 1250.0)}) {
            const Study read = *marks_as_missing(study, table, Spelling(sign));
            QCOMPARE(read.table(table)->columns[0]->cells->at(0).number(), depth);
            QVERIFY(read.table(table)->columns[0]->cells->at(1).is_missing());
        }
    }

    /// What was copied is wanted: a column of tags is no column of comments, and equal headings are told once each.
    void pasted_tags_are_no_comments() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("# tag\n#1\n#2\n#3\n"));
        QCOMPARE(hands.drive.window.page()->model().table_rows(), 3);
        QCOMPARE(hands.drive.shown(2, 0), QStringLiteral("#3"));
        ImportDialog wide(std::string(3000, ',') + "\n" + std::string(3000, ',') + "\n", QStringLiteral("wide"));
        QCOMPARE(wide.columns().rowCount(), 3001);
        ImportDialog quoted("a,b\n\"" + std::string(500, '\n') + "\",2\n", QStringLiteral("quoted"));
        QVERIFY(quoted.text() && quoted.text()->records.size() == 1);
    }

    /// The table that is shown goes out as it is chosen in the dialog, by keys.
    void a_table_is_written_as_it_is_chosen() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("Caught fish\ttries\tsite\n17\t6\tpool\n-4\t3\tweir, upper\n?\t2\tmouth\n"));
        hands.type(QStringLiteral("=rate [1/h] = caught_fish / tries"));
        hands.key(Qt::Key_Return);
        hands.click_heading(hands.section("rate"));
        hands.key(Qt::Key_BracketLeft, Qt::ControlModifier);
        const auto exported = [&](const char* name, const std::function<void(QDialog&)>& choose_form) {
            const QString path = folder_.filePath(QString::fromLatin1(name));
            hands.in_next_dialog([&](QDialog&) {
                hands.in_next_dialog([&](QDialog& dialog) {
                    choose_form(dialog);
                    hands.key_in_dialog(Qt::Key_Return);
                });
                hands.key_in_dialog(Qt::Key_A, Qt::ControlModifier);
                hands.type(path);
                hands.key_in_dialog(Qt::Key_Return);
            });
            hands.key(Qt::Key_E, Qt::ControlModifier);
            QFile file(path);
            return QTest::qWaitFor([&] { return file.exists(); }) && file.open(QFile::ReadOnly) ? file.readAll()
                                                                                                : QByteArray();
        };
        const auto down = [&](Qt::Key letter, int times) {
            hands.key_in_dialog(letter, Qt::AltModifier);
            for (int turn = 0; turn < times; ++turn) {
                hands.key_in_dialog(Qt::Key_Down);
            }
        };
        QString preview;
        QCOMPARE(exported("a.csv", [&](QDialog& dialog) { preview = qobject_cast<ExportDialog*>(&dialog)->preview(); }),
                 QByteArray("caught_fish,tries,site,rate\r\n17,6,pool,2.8333333333333335\r\n"
                            "-4,3,\"weir, upper\",-1.3333333333333333\r\n?,2,mouth,\r\n"));
        QVERIFY2(preview.startsWith(QStringLiteral("caught_fish,tries,site,rate\n17,6,pool,2.83")),
                 qPrintable(preview));
        const QString shown = hands.drive.shown(0, hands.section("rate"));
        const QByteArray rounded = shown.toUtf8().replace('.', ',');
        const QByteArray semicolons = exported("b.csv", [&](QDialog& dialog) {
            down(Qt::Key_F, 1);
            down(Qt::Key_D, 1);
            down(Qt::Key_H, 2);
            down(Qt::Key_N, 1);
            if (const QString folder = qEnvironmentVariable("LEDGEFALL_SCREENSHOTS"); !folder.isEmpty()) {
                dialog.grab().save(folder + QStringLiteral("/export-dialog.png"));
            }
        });
        QVERIFY2(semicolons.startsWith("caught_fish;tries;site;rate [1/h] = caught_fish / tries\r\n17;6;pool;" +
                                       rounded + "\r\n-4;3;weir, upper;-1,3"),
                 semicolons.constData());
        QVERIFY2(semicolons.endsWith("\r\n?;2;mouth;\r\n"), semicolons.constData()); // what is no number stays
        QVERIFY(exported("c.tsv", [&](QDialog&) {
                    down(Qt::Key_H, 1);
                }).startsWith("Caught fish\ttries\tsite\trate [1/h]\r\n"));
        // A two-way table as it is seen, or a line for each cell: shown before it is written.
        Id grid;
        const Result<Study> with = add_two_way_table(hands.drive.window.document().study(), "Product",
                                                     {"a", "", "", "1..2"}, {"b", "", "", "3, 4"}, &grid);
        QVERIFY(with &&
                hands.drive.window.document().perform(QStringLiteral("grid"), write_column(*with, grid, "p = a * b")));
        hands.drive.window.show_table(grid);
        QVERIFY(hands.drive.settle());
        QString seen;
        QCOMPARE(exported("g.csv", [&](QDialog& dialog) { seen = qobject_cast<ExportDialog*>(&dialog)->preview(); }),
                 QByteArray("a by b,3,4\r\n1,3,4\r\n2,6,8\r\n"));
        QVERIFY2(seen.startsWith(QStringLiteral("a by b,3,4\n")), qPrintable(seen));
        const auto line_for_each_cell = [&](QDialog& dialog) {
            if (const QString folder = qEnvironmentVariable("LEDGEFALL_SCREENSHOTS"); !folder.isEmpty()) {
                dialog.grab().save(folder + QStringLiteral("/export-grid.png"));
            }
            down(Qt::Key_T, 1);
        };
        QCOMPARE(exported("h.csv", line_for_each_cell), QByteArray("a,b,p\r\n1,3,3\r\n1,4,4\r\n2,3,6\r\n2,4,8\r\n"));
        hands.drive.window.show_table(hands.drive.window.document().study().tables.front()->id);
        const QByteArray document = exported("d.md", [&](QDialog&) { down(Qt::Key_N, 1); });
        QVERIFY2(document.contains("?") && document.contains(shown.toUtf8()) && !document.contains("2.8333333333"),
                 document.constData());
    }
};

LEDGEFALL_TEST(TestImportStories)
#include "test_import_stories.moc"
