// Texts of a study are shown as texts, whatever they look like: no label, tooltip, message or dialog reads markup in
// them.

#include "app/dialogs/check_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/heading_dialog.h"
#include "app/dialogs/held_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/shell/formula_page.h"
#include "core/study/edits/edits.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QHelpEvent>
#include <QTextDocument>
#include <QToolTip>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const std::string markup = "<img src=\"/dev/zero\"><table><tr><td>";

/// Every name that people give, and every note, is markup.
Study hostile() {
    Id table;
    Study study = *add_table(Study(), "Gravel", &table);
    study.title = markup;
    study = *add_columns(study, table,
                         {{markup, "x", markup, Column::numbers({1, 2, 3, 4})},
                          {markup + "2", "site", "",
                           Column::of(Kind::text, {Value::text(Text(markup)), Value::text(Text("<b>b</b>"))})}});
    study = *write_column(study, table, "y = x / (x - 1)");
    study = *write_column(study, table, "t = join(\"<h1>\", site)");
    Id held;
    study = *hold(study, table, "n = count(x)", &held);
    study = *note_held(study, held, markup);
    study = *add_foot_line(study, table, markup, "sum(each)", {study.tables[0]->columns[0]->id});
    study = *add_check(study, table, {markup, "n = 5", markup});
    Chart chart;
    chart.id = Id("chart");
    chart.label = chart.x.title = chart.y.title = markup;
    chart.table = table;
    chart.series.push_back(
        {SeriesForm::points, study.tables[0]->columns[0]->id, study.tables[0]->columns[0]->id, true, false, markup});
    study.charts.emplace_back(chart);
    return study;
}

int labels_looked_at = 0;

/// Markup that a label shows must be shown as it is, or have been taken apart before.
QString markup_read_by_a_label() {
    for (QWidget* widget : QApplication::allWidgets()) {
        const auto* label = qobject_cast<QLabel*>(widget);
        if (label == nullptr || !label->text().contains(QLatin1Char('<'))) {
            continue;
        }
        ++labels_looked_at;
        const bool reads = label->textFormat() == Qt::RichText || label->textFormat() == Qt::AutoText;
        if (reads && label->text().contains(QStringLiteral("<img"))) {
            return label->objectName() + QStringLiteral(": ") + label->text();
        }
    }
    return {};
}

void show_tip(QWidget& widget, const QPoint& at) {
    QHelpEvent event(QEvent::ToolTip, at, widget.mapToGlobal(at));
    QApplication::sendEvent(&widget, &event);
}

} // namespace

class TestPlainText : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void the_whole_window() {
        WindowDriver drive;
        QVERIFY(drive.window.document().open_text(QByteArray::fromStdString(write_study(hostile()))));
        QVERIFY(drive.settle());
        TablePage& page = *drive.window.page();
        drive.click_cell(0, 0);
        drive.click_cell(0, 2); // in error
        QVERIFY2(markup_read_by_a_label().isEmpty(), qPrintable(markup_read_by_a_label()));
        for (int section = 0; section < page.model().columnCount(); ++section) {
            drive.click_cell(1, section);
            show_tip(*page.view().viewport(), page.view().visualRect(page.model().index(1, section)).center());
            show_tip(*page.view().heading().viewport(),
                     {page.view().heading().sectionViewportPosition(section) + 20, 20});
            QVERIFY2(markup_read_by_a_label().isEmpty(), qPrintable(markup_read_by_a_label()));
        }
        for (QWidget* widget : drive.window.findChildren<QWidget*>()) {
            if (widget->isVisible()) {
                show_tip(*widget, widget->rect().center());
                QVERIFY2(markup_read_by_a_label().isEmpty(), qPrintable(markup_read_by_a_label()));
            }
        }
        QToolTip::showText({}, QString::fromStdString(markup), &drive.window);
        QVERIFY(QToolTip::isVisible());
        QVERIFY2(markup_read_by_a_label().isEmpty(), qPrintable(markup_read_by_a_label()));
        drive.window.document().refuse({markup, {}});
        QVERIFY2(markup_read_by_a_label().isEmpty(), qPrintable(markup_read_by_a_label()));
        QVERIFY(labels_looked_at > 10);
        drive.window.files().autosave().discard();
        drive.window.document().start_new();
    }

    void dialogs_and_messages() {
        const Study study = hostile();
        const Table& table = *study.tables.front();
        QWidget parent;
        HeldDialog held(study, *table.ledge.front(), &parent);
        held.show();
        FrequencyDialog frequency(std::make_shared<const Column>(*table.columns.front()->cells),
                                  QString::fromStdString(markup), &parent);
        frequency.show();
        QVERIFY2(markup_read_by_a_label().isEmpty(), qPrintable(markup_read_by_a_label()));
        QString read;
        QTimer::singleShot(0, &parent, [&read] {
            read = markup_read_by_a_label();
            qobject_cast<QDialog*>(QApplication::activeModalWidget())->reject();
        });
        (void)ask_choice(&parent, QString::fromStdString(markup), QString::fromStdString(markup),
                         {QStringLiteral("a")});
        QVERIFY2(read.isEmpty(), qPrintable(read));
        QTimer::singleShot(0, &parent, [&read] {
            read = markup_read_by_a_label();
            qobject_cast<QDialog*>(QApplication::activeModalWidget())->reject();
        });
        (void)may_remove(&parent, study, table.columns.front()->id);
        QVERIFY2(read.isEmpty(), qPrintable(read));
    }

    /// The page of formulas is rich text by itself: what a study says is taken apart in it.
    void the_page_of_formulas() {
        Document document;
        QVERIFY(document.open_text(QByteArray::fromStdString(write_study(hostile()))));
        QTRY_VERIFY(!document.computing());
        const FormulaPage page(document, nullptr);
        QVERIFY(page.text().contains(QString::fromStdString(markup)));
    }
};

LEDGEFALL_TEST(TestPlainText)
#include "test_plain_text.moc"
