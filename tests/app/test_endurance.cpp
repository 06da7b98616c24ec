// The window under strain: a restless user, the keyboard alone, a large table, files of every shape.

#include "app/numbers/number_text.h"
#include "core/study/edits/edits.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "files/tables/delimited.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QApplication>
#include <QClipboard>
#include <QScrollBar>
#include <QTemporaryDir>

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestEndurance : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void a_restless_user_breaks_nothing() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const Study before = drive.window.document().study();
        std::mt19937 engine(11);
        const auto pick = [&engine](int count) { return static_cast<int>(engine() % static_cast<unsigned>(count)); };
        for (int turn = 0; turn < 150; ++turn) {
            const Study& study = drive.window.document().study();
            if (drive.window.page() == nullptr) {
                drive.window.document().undo();
                continue;
            }
            TablePage& page = *drive.window.page();
            const int rows = page.model().rowCount();
            const int columns = page.model().columnCount();
            switch (pick(14)) {
            case 0:
                drive.window.show_table(
                    study.tables[static_cast<std::size_t>(pick(static_cast<int>(study.tables.size())))]->id);
                break;
            case 1:
                drive.click_cell(pick(rows), pick(columns));
                break;
            case 2:
                drive.click_cell(pick(rows), pick(columns));
                drive.keys(QString::number(pick(100)));
                drive.key(Qt::Key_Return);
                break;
            case 3:
                drive.click_cell(pick(rows), pick(columns));
                drive.keys(QStringLiteral("words"));
                drive.key(Qt::Key_Tab);
                break;
            case 4:
                drive.key(Qt::Key_Delete);
                break;
            case 5:
                page.write_formula(pick(columns), {});
                drive.keys(QStringLiteral("v%1 = row / %2").arg(turn).arg(pick(3)));
                drive.key(pick(2) == 0 ? Qt::Key_Return : Qt::Key_Escape);
                break;
            case 6:
                page.write_formula(pick(columns), {});
                drive.keys(QStringLiteral(") nonsense ["));
                drive.key(Qt::Key_Return);
                drive.key(Qt::Key_Escape);
                break;
            case 7:
                page.insert_rows_above();
                break;
            case 8:
                page.remove_selected_rows();
                break;
            case 9:
                drive.window.document().undo();
                break;
            case 10:
                if (drive.window.document().can_redo()) {
                    drive.window.document().redo();
                }
                break;
            case 11:
                page.view().selectColumn(pick(columns));
                QApplication::clipboard()->setText(page.clipboard().copied());
                break;
            case 12:
                page.clipboard().paste();
                break;
            default:
                drive.key(pick(2) == 0 ? Qt::Key_Down : Qt::Key_Right);
                break;
            }
        }
        QVERIFY(drive.settle());
        const Result<Study> again = read_study(write_study(drive.window.document().study()));
        QVERIFY2(again, again ? "" : again.refusal().text().c_str());
        QVERIFY(*again == drive.window.document().study());
        while (drive.window.document().can_undo()) {
            drive.window.document().undo();
        }
        QVERIFY(drive.window.document().study() == before);
        QVERIFY(drive.settle());
        drive.window.show_table(before.tables.front()->id);
        QCOMPARE(drive.foot(0, 0), QStringLiteral("1221"));
    }

    void a_first_table_by_keys_alone() {
        WindowDriver drive;
        drive.answer(QStringLiteral("Flask"));
        drive.key(Qt::Key_T, Qt::ControlModifier);
        QTRY_VERIFY(drive.window.page() != nullptr);
        drive.window.page()->view().setFocus();
        for (const char* value : {"20.5", "19.25", "18.5"}) {
            drive.keys(QString::fromLatin1(value));
            drive.key(Qt::Key_Return);
        }
        drive.key(Qt::Key_N, static_cast<Qt::KeyboardModifiers>(Qt::ControlModifier | Qt::ShiftModifier));
        QVERIFY(drive.window.page()->editor().is_open());
        drive.keys(QStringLiteral("drop [K] = x[i-1] - x"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QString());
        QCOMPARE(drive.shown(1, 1), QStringLiteral("1.25"));
        QCOMPARE(drive.table().columns[1]->unit, std::string("K"));
        drive.window.page()->view().setCurrentIndex(drive.window.page()->model().index(1, 0));
        drive.key(Qt::Key_F2); // edits what is there
        drive.key(Qt::Key_End);
        drive.key(Qt::Key_Backspace);
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(1, 0), QStringLiteral("19.2"));
        drive.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(1, 0), QStringLiteral("19.25"));
        drive.key(Qt::Key_Y, Qt::ControlModifier);
        drive.key(Qt::Key_Z, static_cast<Qt::KeyboardModifiers>(Qt::ControlModifier | Qt::ShiftModifier));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(1, 0), QStringLiteral("19.2"));
    }

    void a_large_table_is_scrolled_and_edited() {
        constexpr std::size_t rows = 300'000;
        std::vector<double> x(rows);
        for (std::size_t row = 0; row < rows; ++row) {
            x[row] = static_cast<double>(row % 1000);
        }
        Id table;
        Study study = *add_table(Study(), "Stones", &table);
        study = *add_columns(study, table, {{"x", "x", "mm", Column::numbers(x)}});
        for (const char* definition : {"dev = x - mean(x)", "rank = count(x < x[i]) + 1", "run = sum(x[1..i])"}) {
            study = *write_column(study, table, definition);
        }
        WindowDriver drive;
        QVERIFY(drive.window.document().perform(QStringLiteral("large"), study));
        QVERIFY(drive.settle());
        TableView& view = drive.window.page()->view();
        view.verticalScrollBar()->setValue(view.verticalScrollBar()->maximum());
        QCOMPARE(drive.shown(299'999, 1), QStringLiteral("499.5"));
        QCOMPARE(drive.shown(299'999, 2), QString::number(999 * 300 + 1));
        drive.click_cell(200'000, 0);
        drive.keys(QStringLiteral("1000000"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(200'000, 2), QStringLiteral("300000"));
        QCOMPARE(drive.window.page()->model().value(299'999, 3).number(), 149'850'000.0 + 1'000'000);
        drive.window.document().undo();
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().value(299'999, 3).number(), 149'850'000.0);
        view.selectColumn(0);
        QTRY_VERIFY(drive.window.details().summary().contains(QStringLiteral("n 300000")));
        QVERIFY(drive.window.details().summary().contains(QStringLiteral("mean 499.5")));
    }

    void tables_of_any_text_go_out_and_come_back() {
        std::mt19937 engine(3);
        const QTemporaryDir folder;
        static const char* bits[] = {"a", ",", ";", "\"", "\n", " ", "ä", "1.5", "-", "\t", "yes", "2026-05-04", "x"};
        for (int round = 0; round < 20; ++round) {
            Id table;
            Study study = *add_table(Study(), "T", &table);
            std::vector<NewColumn> columns;
            for (std::size_t at = 0; at < 1 + engine() % 4; ++at) {
                std::vector<Value> values;
                const bool texts = engine() % 2 == 0;
                for (int row = 0; row < 5; ++row) {
                    std::string text = "q"; // a first letter, so that it is read as the text that it is
                    for (std::size_t k = 0; k < engine() % 5; ++k) {
                        text += bits[engine() % std::size(bits)];
                    }
                    text += "z";
                    values.push_back(texts ? Value::text(Text(text))
                                           : Value::number(static_cast<double>(engine()) / 1000 - 2e6));
                }
                columns.push_back({"c" + std::to_string(at), "c" + std::to_string(at), "",
                                   Column::of(texts ? Kind::text : Kind::number, values)});
            }
            study = *add_columns(study, table, columns);
            WindowDriver drive;
            QVERIFY(drive.window.document().perform(QStringLiteral("texts"), study));
            QVERIFY(drive.settle());
            const QString path = folder.filePath(round % 2 == 0 ? QStringLiteral("t.csv") : QStringLiteral("t.tsv"));
            drive.export_table(path);
            QVERIFY(drive.files_done());
            DialectChoice choice;
            choice.delimiter = round % 2 == 0 ? ',' : '\t';
            choice.header = true;
            drive.window.imports().read_text(path, bytes_of_file(path), choice, QStringLiteral("Back"));
            QVERIFY(drive.files_done());
            const Table& back = drive.table();
            QCOMPARE(back.columns.size(), columns.size());
            for (std::size_t at = 0; at < columns.size(); ++at) {
                QVERIFY(*back.columns[at]->cells == columns[at].cells);
            }
        }
    }

    void a_formula_of_any_length_is_answered_at_once() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(3, {});
        FormulaEditor& editor = drive.window.page()->editor();
        editor.line().setPlainText(QStringLiteral("z = ") + QString(100'000, QLatin1Char('1')));
        QVERIFY(editor.message().contains(QStringLiteral("100004 characters")));
        editor.line().setPlainText(QStringLiteral("z = ") + QString(5'000, QLatin1Char('(')) + QStringLiteral("1"));
        QVERIFY(editor.message().contains(QStringLiteral("nested")));
        drive.key(Qt::Key_Return);
        QVERIFY(editor.is_open());
        QString sum = QStringLiteral("z = x");
        for (int k = 0; k < 300; ++k) {
            sum += QStringLiteral(" + x");
        }
        editor.line().setPlainText(sum);
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 3), QString::number(42 * 301));
    }

    void work_that_takes_long_can_be_stopped_from_the_menu() {
        std::vector<double> x(200'000, 1.5);
        Id table;
        Study study = *add_table(Study(), "T", &table);
        study = *add_columns(study, table, {{"x", "x", "", Column::numbers(x)}});
        WindowDriver drive;
        QVERIFY(drive.window.document().perform(QStringLiteral("large"), study));
        QVERIFY(drive.settle());
        QVERIFY(drive.window.document().perform(QStringLiteral("slow"),
                                                write_column(study, table, "s = sum(abs(x - x[i]))")));
        QVERIFY(drive.window.document().computing());
        drive.click_cell(3, 0); // the window answers meanwhile
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 3);
        drive.command("stop-computing");
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QString());
        drive.window.document().undo();
        QVERIFY(drive.settle());
    }
};

LEDGEFALL_TEST(TestEndurance)
#include "test_endurance.moc"
