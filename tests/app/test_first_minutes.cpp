// What somebody does who has never seen the program: types a heading and numbers, pastes, writes in any order.

#include "app/dialogs/settings_dialog.h"
#include "app/numbers/locale_text.h"
#include "harness/test_program.h"
#include "story_steps.h"
#include "user_simulator.h"

#include <QRegularExpression>
#include <QTextBlock>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

void type_down(WindowDriver& drive, const QStringList& texts) {
    for (const QString& text : texts) {
        drive.keys(text);
        drive.key(Qt::Key_Return);
    }
}

std::vector<std::string> texts_of(WindowDriver& drive, const std::string& name) {
    std::vector<std::string> out;
    const Column& cells = *drive.table().column_named(name)->cells;
    for (std::size_t row = 0; row < cells.size(); ++row) {
        out.push_back(write_cell(cells.at(row)));
    }
    return out;
}

using Texts = std::vector<std::string>;

} // namespace

class TestFirstMinutes : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void a_text_over_numbers_is_their_heading() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Gravel"));
        drive.click_cell(0, 0);
        type_down(drive, {QStringLiteral("Length [mm]"), QStringLiteral("42"), QStringLiteral("57")});
        QCOMPARE(drive.table().columns.size(), std::size_t{1});
        QCOMPARE(drive.table().columns[0]->name, std::string("length"));
        QCOMPARE(drive.table().columns[0]->unit, std::string("mm"));
        QCOMPARE(texts_of(drive, "length"), (Texts{"42", "57"}));
        QCOMPARE(drive.table().axis.ids()->size(), std::size_t{2});
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 2);
        SuggestionBar& offers = drive.window.page()->suggestions();
        QVERIFY2(offers.text().contains(QStringLiteral("Length is used as the heading")), qPrintable(offers.text()));
        offers.take();
        QCOMPARE(texts_of(drive, "length"), (Texts{"Length [mm]", "42", "57"}));
        QVERIFY(drive.table().columns[0]->unit.empty());
        drive.window.document().undo();
        drive.window.document().undo();
        drive.window.document().undo();
        QCOMPARE(texts_of(drive, "x"), (Texts{"Length [mm]"})); // one step with the first number
    }

    void headings_of_several_columns_are_taken_together() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        drive.click_cell(0, 0);
        for (const char* heading : {"Site", "Length", "Depth"}) {
            drive.keys(QLatin1String(heading));
            drive.key(Qt::Key_Tab);
        }
        drive.click_cell(1, 0);
        for (const char* text : {"pool", "42", "1.5"}) {
            drive.keys(QLatin1String(text));
            drive.key(Qt::Key_Tab);
        }
        QCOMPARE(texts_of(drive, "site"), (Texts{"pool"}));
        QCOMPARE(texts_of(drive, "length"), (Texts{"42"}));
        QCOMPARE(texts_of(drive, "depth"), (Texts{"1.5"}));
        // A further column of a table that has rows: its own top is its heading.
        drive.click_cell(0, 3);
        type_down(drive, {QStringLiteral("Width"), QStringLiteral("9")});
        QCOMPARE(texts_of(drive, "width"), (Texts{"9"}));
        QCOMPARE(drive.table().axis.ids()->size(), std::size_t{1});
        drive.window.page()->suggestions().take();
        QCOMPARE(texts_of(drive, "width"), (Texts{"Width", "9"}));
        QCOMPARE(drive.table().axis.ids()->size(), std::size_t{2});
        // Texts under a text, and a text in a column that has its heading, are values.
        drive.click_cell(0, 0);
        type_down(drive, {QStringLiteral("weir"), QStringLiteral("riffle")});
        QCOMPARE(texts_of(drive, "site"), (Texts{"weir", "riffle"}));
    }

    void headings_are_typed_in_their_place() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        drive.double_click_heading(0);
        QVERIFY(!drive.window.page()->editor().is_open());
        drive.keys(QStringLiteral("Water depth [cm]"));
        drive.key(Qt::Key_Tab);
        drive.keys(QStringLiteral("w"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().columns.size(), std::size_t{2});
        QCOMPARE(drive.table().columns[0]->name, std::string("water_depth"));
        QCOMPARE(drive.table().columns[0]->label, std::string("Water depth"));
        QCOMPARE(drive.table().columns[0]->unit, std::string("cm"));
        QCOMPARE(drive.table().columns[1]->name, std::string("w"));
        drive.click_cell(0, 1);
        type_down(drive, {QStringLiteral("3"), QStringLiteral("4")});
        QCOMPARE(texts_of(drive, "w"), (Texts{"3", "4"}));
        write(drive, QStringLiteral("twice = 2 * w"));
        drive.double_click_heading(1); // a given column's heading never opens a formula over its values
        QVERIFY(!drive.window.page()->editor().is_open());
        drive.keys(QStringLiteral("width"));
        drive.key(Qt::Key_Return);
        QVERIFY2(
            formula(drive, "twice") == "2 * width",
            (drive.table().columns[1]->name + "/" + drive.table().columns[1]->label + "/" + formula(drive, "twice"))
                .c_str());
        drive.double_click_heading(2);
        drive.keys(QStringLiteral("never mind"));
        drive.key(Qt::Key_Escape);
        QVERIFY(drive.table().columns[2]->label.empty());
    }

    /// What is only begun is not marked, and the line says what can follow; it is at Enter, and when the cursor goes
    /// on.
    void unfinished_is_not_wrong() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        paste(drive, QStringLiteral("length\n42\n57\n"));
        FormulaEditor& editor = drive.window.page()->editor();
        const auto is_red = [&editor] {
            for (QTextBlock block = editor.line().document()->begin(); block.isValid(); block = block.next()) {
                for (const auto& range : block.layout()->formats()) {
                    if (range.format.underlineColor() == theme().fault) {
                        return true;
                    }
                }
            }
            return false;
        };
        drive.window.page()->write_formula(1);
        for (const QChar c : QStringLiteral("dev = mean(length * (length - 2")) {
            drive.keys(QString(c));
            QVERIFY2(!is_red(), qPrintable(editor.line().toPlainText()));
        }
        QCOMPARE(editor.message(), QStringLiteral("An operator or ) can follow."));
        drive.keys(QStringLiteral("))*"));
        QVERIFY(!is_red());
        QCOMPARE(editor.message(), QStringLiteral("A number, a name, a function or an opening bracket can follow."));
        drive.key(Qt::Key_Return);
        QVERIFY(is_red() && editor.is_open());
        QVERIFY2(editor.message().contains(QStringLiteral("incomplete")), qPrintable(editor.message()));
        drive.key(Qt::Key_Backspace);
        QVERIFY(!is_red());
        drive.keys(QStringLiteral("*"));
        drive.key(Qt::Key_Left);
        QVERIFY(is_red());
        drive.key(Qt::Key_End);
        QVERIFY(!is_red());
        drive.keys(QStringLiteral(" 2 )")); // no continuation helps
        QVERIFY(is_red());
    }

    /// What another way of writing formulas has is suggested in this one, as a whole, by a key.
    void a_formula_from_elsewhere_is_suggested_in_this_language() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Pools"));
        paste(drive, QStringLiteral("length\tdepth\n42\t1\n57\t2\n"));
        FormulaEditor& editor = drive.window.page()->editor();
        drive.window.page()->write_formula(2);
        drive.keys(QStringLiteral("z = =IF(A2>50;AVERAGE(A2:A3)**2;2length)"));
        QVERIFY(editor.can_correct());
        QVERIFY2(editor.message().contains(QStringLiteral("address of a cell")), qPrintable(editor.message()));
        drive.key(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("z = if length>50 then mean(length)^2 else 2*length"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 2), QStringLiteral("84.00"));
        QCOMPARE(drive.shown(1, 2), QStringLiteral("2450.25"));
        drive.window.page()->write_formula(3);
        drive.keys(QStringLiteral("u = log(length)"));
        QVERIFY(editor.can_correct());
        editor.other_correction();
        QCOMPARE(editor.line().toPlainText(), QStringLiteral("u = log10(length)"));
    }

    void pasting_without_a_table_makes_one() {
        WindowDriver drive;
        paste(drive, QStringLiteral("Length\tSite\n42\tpool\n57\tweir\n"));
        QCOMPARE(texts_of(drive, "length"), (Texts{"42", "57"}));
        QCOMPARE(texts_of(drive, "site"), (Texts{"pool", "weir"}));
    }

    /// Columns that need each other are written in any order; what is not there yet is waited for.
    void a_formula_may_name_what_is_not_there_yet() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Float"));
        TablePage& page = *drive.window.page();
        page.write_formula(0);
        drive.keys(QStringLiteral("x = first 100 then x[i-1] + vx[i-1] * dt"));
        QVERIFY2(page.editor().message().contains(QStringLiteral("waits for vx")), qPrintable(page.editor().message()));
        drive.key(Qt::Key_Return);
        QVERIFY(!page.editor().is_open());
        QVERIFY(drive.settle());
        QCOMPARE(page.model().table_rows(), 100); // what falls from a first row has rows to fall down
        QCOMPARE(drive.shown(3, 0), QStringLiteral("waits for vx"));
        QVERIFY(page.suggestions().is_offered());
        page.suggestions().take(0); // make it a column
        QVERIFY(page.editor().is_open());
        drive.keys(QStringLiteral("first 2 then vx[i-1] * 0.5"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(3, 0), QStringLiteral("waits for dt"));
        drive.click_cell(3, 0);
        QVERIFY(drive.settle());
        QVERIFY2(drive.window.details().story().contains(QStringLiteral("It waits for dt")),
                 qPrintable(drive.window.details().story()));
        drive.window.details().working().follow(QStringLiteral("hold:dt"));
        drive.keys(QStringLiteral("0.1"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        double x = 100;
        double vx = 2;
        for (int row = 0; row < 100; ++row) {
            const Value shown = page.model().value(row, 0);
            QVERIFY(shown.plain() && std::fabs(shown.number() - x) < 1e-12 * x);
            x += vx * 0.1;
            vx *= 0.5;
        }
    }

    /// What is dragged over while a formula is written: along a row, down a column, over headings; Ctrl adds.
    void ranges_are_pointed_at() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Floats"));
        paste(drive, QStringLiteral("t1\tt2\tt3\tt4\n4\t5\t6\t7\n5\t6\t7\t8\n9\t9\t9\t10\n"));
        TablePage& page = *drive.window.page();
        FormulaEditor& editor = page.editor();
        const auto drag = [&](int row, int section, int to_row, int to_section, Qt::KeyboardModifiers how = {}) {
            QWidget* cells = page.view().viewport();
            const auto at = [&](int r, int c) { return page.view().visualRect(page.model().index(r, c)).center(); };
            QTest::mousePress(cells, Qt::LeftButton, how, at(row, section));
            QTest::mouseMove(cells, at(to_row, to_section));
            QTest::mouseRelease(cells, Qt::LeftButton, how, at(to_row, to_section));
        };
        drive.click_cell(1, 4);
        drive.keys(QStringLiteral("="));
        drive.keys(QStringLiteral("m = mean("));
        const auto formula = [&] { return editor.line().toPlainText(); };
        drag(1, 0, 1, 3); // in the formula's own row
        QCOMPARE(formula(), QStringLiteral("m = mean(t1[i] .. t4[i]"));
        QCOMPARE(page.view().referenced_cells().size(), std::size_t{0}); // the bracket is open yet
        drive.keys(QStringLiteral(")"));
        QCOMPARE(page.view().referenced_cells().size(), std::size_t{4}); // the columns between are framed, too
        editor.line().setPlainText(QStringLiteral("m = mean("));
        editor.line().moveCursor(QTextCursor::End);
        drag(0, 1, 2, 1);
        QCOMPARE(formula(), QStringLiteral("m = mean(t2"));
        drag(0, 2, 1, 2, Qt::ControlModifier);
        QCOMPARE(formula(), QStringLiteral("m = mean(t2, t3[1..i]"));
        drag(1, 2, 2, 2);
        QCOMPARE(formula(), QStringLiteral("m = mean(t2, t3[2..3]"));
        drag(0, 0, 2, 2);
        QCOMPARE(formula(), QStringLiteral("m = mean(t2, t1 .. t3"));
        editor.line().setPlainText(QStringLiteral("m = sum("));
        editor.line().moveCursor(QTextCursor::End);
        TableHeading& heading = page.view().heading();
        const auto at_heading = [&](int section) { return QPoint(heading.sectionViewportPosition(section) + 20, 20); };
        QTest::mousePress(heading.viewport(), Qt::LeftButton, {}, at_heading(1));
        QTest::mouseMove(heading.viewport(), at_heading(3));
        QTest::mouseRelease(heading.viewport(), Qt::LeftButton, {}, at_heading(3));
        QCOMPARE(formula(), QStringLiteral("m = sum(t2 .. t4"));
        drive.key(Qt::Key_Escape);
        QVERIFY(!editor.is_open());
        // Behind the bracket of a measure its usual neighbours are offered; Tab takes the first.
        drive.click_cell(1, 4);
        drive.keys(QStringLiteral("="));
        drive.keys(QStringLiteral("m = mean("));
        drive.key(Qt::Key_Tab);
        drive.keys(QStringLiteral(")"));
        QCOMPARE(formula(), QStringLiteral("m = mean(t1[i] .. t4[i])"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(page.model().value(1, 4).number(), 6.5);
    }

    void columns_that_are_no_neighbours_are_chosen() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Path"));
        paste(drive, QStringLiteral("x\tvx\ty\n1\t9\t3\n2\t9\t5\n"));
        TablePage& page = *drive.window.page();
        TableHeading& heading = page.view().heading();
        drive.click_heading(0);
        QTest::mouseClick(heading.viewport(), Qt::LeftButton, Qt::ControlModifier,
                          {heading.sectionViewportPosition(2) + 20, 20});
        QCOMPARE(page.view().chosen_sections(), (std::vector<int>{0, 2}));
        QCOMPARE(page.clipboard().copied(), QStringLiteral("x\ty\n1\t3\n2\t5\n"));
        drive.entry("across", QStringLiteral("sum"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(formula(drive, "sum"), std::string("sum(x[i], y[i])"));
        drive.click_heading(0);
        QTest::mouseClick(heading.viewport(), Qt::LeftButton, Qt::ControlModifier,
                          {heading.sectionViewportPosition(2) + 20, 20});
        drive.command("draw");
        QVERIFY(drive.settle());
        const Chart& chart = *drive.window.document().study().charts.front();
        QCOMPARE(chart.series.size(), std::size_t{1});
        QVERIFY(chart.series[0].x == drive.table().columns[0]->id && chart.series[0].y == drive.table().columns[2]->id);
    }

    /// What can be read two ways is read one way, said once, and turned by one button; the column remembers it.
    void dates_are_read_as_people_write_them() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Samples"));
        drive.click_cell(0, 0);
        type_down(drive, {QStringLiteral("Collected"), QStringLiteral("12/05/2021"), QStringLiteral("3/6/2021")});
        SuggestionBar& offers = drive.window.page()->suggestions();
        const bool month_first = own_spelling().month_first; // by the desktop
        QCOMPARE(texts_of(drive, "collected").front(), std::string(month_first ? "2021-12-05" : "2021-05-12"));
        QVERIFY2(offers.text().contains(QStringLiteral("12/05/2021 is read as")), qPrintable(offers.text()));
        drive.click_cell(0, 1);
        type_down(drive, {QStringLiteral("1/2/2021")});
        QVERIFY2(offers.text().contains(QStringLiteral("1/2/2021 is read as")), qPrintable(offers.text()));
        offers.take();
        QCOMPARE(texts_of(drive, "x").front(), std::string(month_first ? "2021-02-01" : "2021-01-02"));
        type_down(drive, {QStringLiteral("3/4/2021")}); // the other way round from now on
        QCOMPARE(texts_of(drive, "x").back(), std::string(month_first ? "2021-04-03" : "2021-03-04"));
        // Of what is pasted together, one that can be read one way only says how the others are.
        drive.click_cell(0, 2);
        paste(drive, QStringLiteral("1/2/2021\n25/12/2021\n"));
        QCOMPARE(texts_of(drive, "x2"), (Texts{"2021-02-01", "2021-12-25"}));
    }

    void numbers_are_read_as_people_write_them() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Numbers"));
        drive.click_cell(0, 0);
        type_down(drive, {QStringLiteral("12,5"), QStringLiteral("1 250"), QStringLiteral("3 %"), QStringLiteral("2/5"),
                          QStringLiteral("1 1/2"), QStringLiteral("1.2×10^-3")});
        QCOMPARE(texts_of(drive, "x"), (Texts{"12.5", "1250", "0.03", "0.4", "1.5", "0.0012"}));
        // Texts that read as numbers are offered their mend.
        drive.click_cell(0, 1);
        type_down(drive, {QStringLiteral("pool"), QStringLiteral("7"), QStringLiteral("8")});
        drive.window.page()->suggestions().take(); // the heading is a value
        drive.click_cell(0, 1);
        drive.keys(QStringLiteral("6"));
        drive.key(Qt::Key_Return);
        drive.click_cell(1, 1);
        QVERIFY(drive.settle());
        QVERIFY2(drive.window.details().story().contains(QStringLiteral("looks like numbers")),
                 qPrintable(drive.window.details().story()));
        drive.window.details().working().follow(QStringLiteral("read:kind"));
        QVERIFY(drive.table().columns[1]->cells->kind() == Kind::number);
        QCOMPARE(drive.table().columns[1]->cells->at(2).number(), 8.0);
    }

    /// 1,250 may be 1250 or 1.25: it is said which, and one button reads it, and what follows, the other way.
    void a_number_that_can_be_read_two_ways_is_asked_about_once() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Loads"));
        drive.click_cell(0, 0);
        type_down(drive, {QStringLiteral("Load"), QStringLiteral("1,250"), QStringLiteral("2,500")});
        const auto cells = [&drive] {
            const Column& column = *drive.table().columns[0]->cells;
            return std::vector<double>{column.at(0).number(), column.at(1).number()};
        };
        QCOMPARE(cells(), (std::vector<double>{1250, 2500}));
        SuggestionBar& offers = drive.window.page()->suggestions();
        QVERIFY2(offers.text().contains(QStringLiteral("1,250 is read as 1250")), qPrintable(offers.text()));
        offers.take();
        QCOMPARE(drive.table().columns[0]->cells->at(0).number(), 1.25);
        drive.click_cell(2, 0);
        drive.keys(QStringLiteral("3,125"));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().columns[0]->cells->at(2).number(), 3.125);
        // What the column's other values say is not asked.
        drive.new_table(QStringLiteral("Others"));
        paste(drive, QStringLiteral("w\n1,250\n12,5\n"));
        QCOMPARE(drive.table().columns[0]->cells->at(0).number(), 1.25);
        QCOMPARE(drive.table().columns[0]->cells->at(1).number(), 12.5);
    }

    void a_studys_settings_are_in_one_dialog() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Times"));
        paste(drive, QStringLiteral("t\n1\n2\n3\n10\n"));
        write(drive, QStringLiteral("q = q1(t)"));
        QCOMPARE(drive.window.page()->model().value(0, 1).number(), 1.75); // type 7
        SettingsDialog dialog(drive.window.document().study(), &drive.window);
        dialog.method().setCurrentIndex(5);
        dialog.tolerance().setText(QStringLiteral("2"));
        dialog.show();
        QTest::keyClick(&dialog, Qt::Key_Return);
        QVERIFY2(dialog.isVisible() && dialog.refusal().contains(QStringLiteral("0.1")), qPrintable(dialog.refusal()));
        dialog.tolerance().setText(QStringLiteral("1e-6"));
        dialog.seed().setText(QStringLiteral("42"));
        dialog.fixed_day().setChecked(true);
        dialog.day().setDate(QDate(2026, 5, 20));
        QTest::keyClick(&dialog, Qt::Key_Return);
        QVERIFY(!dialog.isVisible());
        QVERIFY(drive.window.document().perform(QStringLiteral("settings"), dialog.study()));
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().value(0, 1).number(), 1.25); // type 6, (n + 1) p
        const Settings& settings = drive.window.document().study().settings;
        QCOMPARE(settings.tolerance, 1e-6);
        QCOMPARE(settings.seed, std::uint64_t{42});
        QCOMPARE(*settings.as_of, static_cast<double>(QDate(1970, 1, 1).daysTo(QDate(2026, 5, 20))));
        SettingsDialog shown(drive.window.document().study(), &drive.window);
        shown.decimal_sign().setCurrentIndex(2);
        shown.angles().setCurrentIndex(1);
        QVERIFY(drive.window.document().perform(QStringLiteral("settings"), shown.study()));
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QStringLiteral("1,25"));
        QVERIFY(drive.window.document().perform(
            QStringLiteral("angle"),
            write_column(drive.window.document().study(), drive.table().id, "angle [rad] = atan2(t, t)")));
        QVERIFY(drive.settle());
        for (const char* line : {"mean(each)", "count(each)"}) {
            QVERIFY(drive.window.document().perform(QStringLiteral("foot"),
                                                    add_foot_line(drive.window.document().study(), drive.table().id,
                                                                  line, line, {drive.table().columns[2]->id})));
        }
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 2), QStringLiteral("45°"));
        QCOMPARE(drive.foot(0, 2), QStringLiteral("45°"));
        QCOMPARE(drive.foot(1, 2), QStringLiteral("4")); // a count is no angle
        drive.window.document().undo();
        drive.window.document().undo();
        drive.window.document().undo();
        drive.window.document().undo();
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 1), QStringLiteral("1.25"));
        drive.press_button_of_next_dialog(QStringLiteral("Cancel"));
        drive.command("settings");
        QCOMPARE(drive.window.document().study().settings.seed, std::uint64_t{42});
    }

    /// Typed values give way only at a second Enter, though the formula waits, and though it is one of several.
    void given_values_are_not_written_over_unseen() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("T"));
        paste(drive, QStringLiteral("x\ty\n1\t3\n2\t4\n"));
        TablePage& page = *drive.window.page();
        for (const char* text : {"x = 2 * nowhere", "x = row\nz = row\ny = 2 * row"}) {
            page.write_formula(2);
            page.editor().line().setPlainText(QLatin1String(text));
            drive.key(Qt::Key_Return);
            QVERIFY2(page.editor().is_open() && page.editor().message().contains(QStringLiteral("again")), text);
            QCOMPARE(texts_of(drive, "x"), (Texts{"1", "2"}));
            drive.key(Qt::Key_Escape);
        }
    }

    void a_misspelled_name_is_offered_its_nearest() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Gravel"));
        paste(drive, QStringLiteral("length\n4\n6\n"));
        write(drive, QStringLiteral("twice = 2 * lenght"));
        QCOMPARE(drive.shown(0, 1), QStringLiteral("waits for lenght"));
        drive.window.page()->suggestions().take(0);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(1, 1), QStringLiteral("12"));
    }

    void several_definitions_are_one_step() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Eddy"));
        TablePage& page = *drive.window.page();
        page.write_formula(0);
        drive.keys(QStringLiteral("v = first v0 then v[i-1] - g * x[i-1] * dt"));
        drive.key(Qt::Key_Return, Qt::ShiftModifier);
        QApplication::clipboard()->setText(QStringLiteral(
            "x = first 0 then x[i-1] + v * dt\ng = 9 / scale\nscale = 3\ndt = 0.25\nv0 = 2\nt = row * dt"));
        page.editor().line().paste();
        QVERIFY2(page.editor().message().isEmpty(), qPrintable(page.editor().message()));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().columns.size(), std::size_t{3});
        QCOMPARE(drive.table().ledge.size(), std::size_t{4});
        double v = 2;
        double x = 0;
        for (int row = 0; row < 100; ++row) {
            QCOMPARE(page.model().value(row, 0).number(), v);
            QCOMPARE(page.model().value(row, 1).number(), x);
            QCOMPARE(page.model().value(row, 2).number(), (row + 1) * 0.25);
            v -= 3 * x * 0.25;
            x += v * 0.25;
        }
        drive.window.document().undo();
        QVERIFY(drive.table().columns.empty() && drive.table().ledge.empty());
        // A mistake in one of the lines is told with its number, and nothing is taken.
        page.write_formula(0);
        drive.keys(QStringLiteral("a = 1"));
        drive.key(Qt::Key_Return, Qt::ShiftModifier);
        drive.keys(QStringLiteral("b = (2"));
        drive.key(Qt::Key_Return, Qt::ShiftModifier);
        drive.keys(QStringLiteral("c = row"));
        QVERIFY2(page.editor().message().contains(QStringLiteral("Line 2")), qPrintable(page.editor().message()));
        drive.key(Qt::Key_Return);
        QVERIFY(page.editor().is_open() && drive.table().columns.empty());
    }

    void the_number_of_rows_is_changed_where_it_is_said() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Growth"));
        TablePage& page = *drive.window.page();
        QVERIFY(!page.row_count().isVisible());
        write(drive, QStringLiteral("x = first 1 then x[i-1] * 2"));
        QVERIFY(page.row_count().isVisible());
        page.row_count().line().setFocus();
        page.row_count().line().selectAll();
        drive.keys(QStringLiteral("40"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(page.model().table_rows(), 40);
        drive.key(Qt::Key_Up);
        QVERIFY(drive.settle());
        QCOMPARE(page.model().table_rows(), 41);
        QCOMPARE(page.model().value(40, 0).number(), std::pow(2.0, 40));
        page.row_count().line().selectAll();
        drive.keys(QStringLiteral("4.5x"));
        drive.key(Qt::Key_Return);
        QCOMPARE(page.row_count().line().text(), QStringLiteral("41"));
        QVERIFY(!drive.notice().isEmpty());
    }

    /// Results on trial and their workings have at most twelve significant digits, without trailing zeros.
    void results_on_trial_have_the_digits_that_a_person_would_write() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("x\n22.4\n0.1\n0.3\n7.7\n1e-9\n"));
        FormulaEditor& editor = hands.drive.window.page()->editor();
        const auto is_wrong = [&] {
            static const QRegularExpression number(QStringLiteral("[0-9]+(\\.[0-9]+)?"));
            for (auto all = number.globalMatch(editor.preview()); all.hasNext();) {
                const QString text = all.next().captured();
                const qsizetype digits =
                    QString(text).remove(QLatin1Char('.')).remove(QRegularExpression(QStringLiteral("^0+"))).size();
                if (digits > 12 || (text.contains(QLatin1Char('.')) && text.endsWith(QLatin1Char('0')))) {
                    return true;
                }
            }
            return false;
        };
        QString said;
        const std::pair<const char*, const char*> formulas[] = {{"x - 17.8875", "4.5125"},
                                                                {"x / 3", "7.46666666667"},
                                                                {"x * 1.1", "24.64"},
                                                                {"x - mean(x)", "16.2999999998"},
                                                                {"100 * x / sum(x)", "73.4426229484"},
                                                                {"sqrt(x)", "4.73286382648"},
                                                                {"x + 0.2", "22.6"},
                                                                {"(x - 0.1) * 10", "223"}};
        for (const auto& [formula, first] : formulas) { // of the first row
            hands.type(QStringLiteral("=y = ") + QString::fromLatin1(formula));
            QTRY_VERIFY2(editor.preview().contains(QString::fromLatin1(first)), formula);
            QVERIFY2(!is_wrong(), qPrintable(editor.preview()));
            said += editor.preview();
            hands.key(Qt::Key_Escape);
        }
        QVERIFY2(said.contains(QStringLiteral("3.33333333333e-10")), qPrintable(said));
    }
};

LEDGEFALL_TEST(TestFirstMinutes)
#include "test_first_minutes.moc"
