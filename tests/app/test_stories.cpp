// Further stories through the real window: menus, feet, formats, import by its dialog, zoom, rows, several tables.

#include "app/dialogs/heading_dialog.h"
#include "app/dialogs/import_dialog.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "files/io/atomic_file.h"
#include "files/tables/delimited.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QPushButton>
#include <QScrollBar>
#include <QTemporaryDir>
#include <QTreeWidget>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

QAction* action_named(const QMenu& menu, const QString& text) {
    for (QAction* action : menu.actions()) {
        if (action->text() == text) {
            return action;
        }
        if (action->menu() != nullptr) {
            if (QAction* named = action_named(*action->menu(), text)) {
                return named;
            }
        }
    }
    return nullptr;
}

} // namespace

class TestStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void a_column_is_formatted_named_and_removed_from_its_menu() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        auto menu = drive.window.page()->column_menu(1, 0);
        action_named(*menu, QStringLiteral("Decimals: 1"))->trigger();
        QCOMPARE(drive.shown(0, 1), QStringLiteral("−8.9"));
        QCOMPARE(drive.window.page()->model().index(0, 1).data(TableModel::ExactRole).toString(),
                 QStringLiteral("−8.875"));
        drive.answer(QStringLiteral("deviation"));
        menu = drive.window.page()->column_menu(1, 0);
        action_named(*menu, QStringLiteral("Rename in formulas…"))->trigger();
        QCOMPARE(drive.table().columns[2]->pieces[0].formula.text(), std::string("deviation^2"));
        drive.press_button_of_next_dialog(QStringLiteral("Cancel")); // it is used: the question says by what
        menu = drive.window.page()->column_menu(1, 0);
        action_named(*menu, QStringLiteral("Remove column"))->trigger();
        QCOMPARE(drive.table().columns.size(), std::size_t{3});
        drive.press_button_of_next_dialog(QStringLiteral("Remove anyway"));
        menu = drive.window.page()->column_menu(1, 0);
        action_named(*menu, QStringLiteral("Remove column"))->trigger();
        QVERIFY(drive.settle());
        QCOMPARE(drive.table().columns.size(), std::size_t{2});
        QCOMPARE(drive.shown(0, 1), QStringLiteral("waits for deviation"));
        drive.window.document().undo();
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(0, 2), QStringLiteral("78.766"));
    }

    void a_heading_takes_label_unit_and_note() {
        ColumnDefinition column;
        column.name = "x";
        column.unit = "mm";
        HeadingDialog dialog(column, nullptr);
        const auto lines = dialog.findChildren<QLineEdit*>();
        lines[0]->setText(QStringLiteral(" Length "));
        QCOMPARE(dialog.heading().label, std::string("Length"));
        QCOMPARE(dialog.heading().unit, std::string("mm"));
    }

    void a_foot_line_is_changed_and_removed() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const Id table = drive.table().id;
        const Id mean = drive.table().foot[1]->id;
        drive.answer(QStringLiteral("max(each) - min(each)"));
        {
            FootMenu menu(drive.window.document(), table, mean, &drive.window);
            action_named(menu, QStringLiteral("Change formula…"))->trigger();
        }
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(1, 0), QStringLiteral("35"));
        {
            FootMenu menu(drive.window.document(), table, mean, &drive.window);
            action_named(menu, QStringLiteral("Deviation"))->trigger(); // under that column too
        }
        QVERIFY(drive.settle());
        QCOMPARE(drive.foot(1, 1), QStringLiteral("35"));
        {
            FootMenu menu(drive.window.document(), table, mean, &drive.window);
            action_named(menu, QStringLiteral("Remove foot line"))->trigger();
        }
        QCOMPARE(drive.table().foot.size(), std::size_t{1});
    }

    void rows_are_inserted_and_removed() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(2, 0);
        drive.command("insert-rows");
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 25);
        QCOMPARE(drive.shown(2, 0), QString());
        QCOMPARE(drive.shown(2, 1), QString()); // an empty row shows nothing rather than a fault
        QCOMPARE(drive.foot(0, 0), QStringLiteral("1221"));
        drive.click_cell(2, 0);
        drive.command("remove-rows");
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(2, 0), QStringLiteral("38"));
        drive.window.show_table(drive.window.document().study().tables[2]->id);
        drive.click_cell(0, 0);
        drive.command("insert-rows"); // its rows are counted
        QVERIFY(drive.notice().contains(QStringLiteral("counted")));
    }

    void rows_are_counted_by_a_formula() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Steps"));
        drive.window.ledge().begin_holding();
        drive.keys(QStringLiteral("steps = 5"));
        drive.key(Qt::Key_Return);
        drive.answer(QStringLiteral("2 * steps"));
        drive.command("count-rows");
        drive.window.page()->write_formula(0, {});
        drive.keys(QStringLiteral("f = first 1; 1 then f[i-1] + f[i-2]"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(9, 0), QStringLiteral("55"));
        HeldCard* card = drive.window.ledge().card(drive.window.document().study().held_named("steps")->id);
        card->edit();
        drive.keys(QStringLiteral("3"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().table_rows(), 6);
    }

    void a_value_on_the_ledge_that_cannot_be_read_stays_in_its_line() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.ledge().begin_holding();
        drive.keys(QStringLiteral("q = 1 - "));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.window.ledge().new_line().isVisible());
        QVERIFY(!drive.notice().isEmpty());
        drive.key(Qt::Key_Escape);
        QVERIFY(!drive.window.ledge().new_line().isVisible());
        QVERIFY(drive.window.document().study().ledge.empty());
    }

    void held_values_keep_their_sides_of_a_refused_change() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const Id n = drive.table().ledge[0]->id;
        HeldCard* card = drive.window.ledge().card(n);
        card->edit();
        drive.keys(QStringLiteral("count("));
        drive.key(Qt::Key_Return);
        QCOMPARE(drive.table().ledge[0]->formula.text(), std::string("count(x)"));
        QVERIFY(!drive.notice().isEmpty());
        card->edit();
        drive.keys(QStringLiteral("99"));
        drive.key(Qt::Key_Escape);
        QVERIFY(drive.table().ledge[0]->computed());
    }

    void the_import_dialog_reads_anew_as_it_is_told() {
        ImportDialog dialog("reach;time\nupper;1,5\nlower;2,25;more\n", QStringLiteral("drift"));
        dialog.show();
        QCOMPARE(dialog.text()->dialect.decimal, ',');
        QCOMPARE(dialog.text()->header.size(), std::size_t{2});
        const auto boxes = dialog.findChildren<QComboBox*>();
        boxes[0]->setCurrentIndex(1); // by commas
        QCOMPARE(dialog.text()->dialect.delimiter, ',');
        boxes[0]->setCurrentIndex(0);
        QTest::mouseClick(dialog.findChildren<QCheckBox*>()[0], Qt::LeftButton, Qt::NoModifier, {8, 8});
        QCOMPARE(dialog.text()->records.size(), std::size_t{3});
        QCOMPARE(dialog.table_label(), QStringLiteral("drift"));
        ImportDialog broken("a,\"b\n", QStringLiteral("x"));
        QVERIFY(!broken.text());
    }

    void a_table_of_another_decimal_sign_comes_by_clipboard() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("T"));
        drive.click_cell(0, 0);
        QApplication::clipboard()->setText(QStringLiteral("1,5\t2\n2,5\t3\n"));
        drive.command("paste");
        QCOMPARE(drive.shown(1, 0), QStringLiteral("2.5"));
        drive.window.page()->view().selectAll();
        drive.command("cut");
        QCOMPARE(drive.shown(1, 0), QString());
        drive.command("undo");
        QCOMPARE(drive.shown(1, 0), QStringLiteral("2.5"));
    }

    void the_contents_lead_to_tables_and_show_broken_checks() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        auto* contents = drive.window.findChild<ContentsPanel*>();
        QTreeWidgetItem* second = contents->topLevelItem(0)->child(1);
        QTest::mouseClick(contents->viewport(), Qt::LeftButton, Qt::NoModifier,
                          contents->visualItemRect(second).center());
        QCOMPARE(drive.table().name, std::string("Invertebrates"));
        QVERIFY(drive.window.document().perform(
            QStringLiteral("typing"), type_block(drive.window.document().study(), drive.table().id, 0, 5, {{"0.9"}})));
        QVERIFY(drive.settle());
        QTreeWidgetItem* check = contents->topLevelItem(2)->child(1);
        QVERIFY(check->data(0, Qt::AccessibleTextRole).toString().contains(QStringLiteral("fails")));
        QVERIFY(check->toolTip(0).contains(QStringLiteral("do not add up")));
    }

    void the_companion_sums_what_is_chosen() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        TableView& view = drive.window.page()->view();
        view.selectColumn(0);
        const QString summary = drive.window.details().summary();
        for (const char* part : {"n 24", "sum 1221", "mean 50.875", "smallest 35", "largest 70"}) {
            QVERIFY2(summary.contains(QString::fromLatin1(part)), qPrintable(summary));
        }
    }

    void the_whole_workspace_grows_together() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        const int before = drive.window.page()->view().rowHeight(0);
        const int card = drive.window.ledge().card(drive.table().ledge[0]->id)->height();
        drive.command("zoom-in");
        drive.command("zoom-in");
        QVERIFY(drive.window.page()->view().rowHeight(0) > before);
        QVERIFY(drive.window.ledge().card(drive.table().ledge[0]->id)->height() > card);
        drive.command("reset-zoom");
        QCOMPARE(drive.window.page()->view().rowHeight(0), before);
    }

    void headings_are_never_cut_and_the_foot_goes_along() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.show_table(drive.window.document().study().tables[2]->id);
        QVERIFY(drive.settle());
        TablePage& page = *drive.window.page();
        for (int section = 0; section < page.model().columnCount(); ++section) {
            QVERIFY(page.view().columnWidth(section) >= page.view().heading().fitting_width(section, 0));
            QCOMPARE(page.foot().columnWidth(section), page.view().columnWidth(section));
        }
        page.view().horizontalScrollBar()->setValue(120);
        QCOMPARE(page.foot().horizontalScrollBar()->value(), 120);
        page.view().setColumnWidth(0,
                                   60); // narrower by hand: its formula wraps, its heading grows, and it is remembered
        QCOMPARE(drive.table().columns[0]->width, 60);
        QVERIFY(page.view().heading().sizeHint().height() > 60);
    }

    void a_formula_over_typed_values_says_so_first() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        FormulaEditor& editor = drive.window.page()->editor();
        drive.click_cell(0, 0);
        drive.keys(QStringLiteral("=")); // over given values it begins the next column
        QVERIFY(editor.is_open() && editor.draft().column().empty());
        const QString name = QString::fromStdString(drive.table().columns[0]->name);
        drive.keys(name + QStringLiteral(" = row * 2"));
        QVERIFY(editor.message().contains(QStringLiteral("rows: 24")));
        drive.key(Qt::Key_Return);
        QVERIFY2(editor.is_open() && editor.message().contains(QStringLiteral("again")), qPrintable(editor.message()));
        drive.key(Qt::Key_Return);
        QVERIFY(!editor.is_open());
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(3, 0), QStringLiteral("8"));
        drive.window.document().undo();
        QVERIFY(drive.settle());
        QCOMPARE(drive.shown(3, 0), QStringLiteral("61"));
    }

    void pointing_at_the_ledge_puts_the_name_in() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.window.page()->write_formula(3, {});
        drive.keys(QStringLiteral("z = ("));
        drive.click_heading(0);
        drive.keys(QStringLiteral(" - "));
        QTest::mouseClick(drive.window.ledge().card(drive.table().ledge[1]->id), Qt::LeftButton);
        drive.keys(QStringLiteral(")"));
        QCOMPARE(drive.window.page()->editor().line().toPlainText(), QStringLiteral("z = (x - m)"));
    }
};

LEDGEFALL_TEST(TestStories)
#include "test_stories.moc"
