// What is written of a formula so far: errors, suggestions, trials, completions.

#include "app/formula_editor/completion_list.h"
#include "app/formula_editor/formula_draft.h"
#include "app/formula_editor/suggestion_bar.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "pebbles_document.h"

#include <QSignalSpy>
#include <QtTest>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestFormulaDraft : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

    void a_draft_knows_what_is_wrong_and_what_is_meant() {
        PebblesDocument open;
        QVERIFY(open.settle());
        FormulaDraft draft(open.document);
        draft.begin(open.table, Id());
        draft.set_text(QStringLiteral("y"), 0);
        QVERIFY(!draft.is_valid() && !draft.trouble()); // only begun
        draft.set_text(QStringLiteral("y = 2x"), 0);
        QCOMPARE(draft.trouble()->from, 4);
        QCOMPARE(QString::fromStdString(draft.trouble()->correction->text), QStringLiteral("*"));
        draft.set_text(QStringLiteral("y [mm] = x * faktor"), 0);
        QCOMPARE(draft.trouble()->from, 13);
        QCOMPARE(draft.trouble()->to, 19);
        draft.set_text(QStringLiteral("y = x / whole"), 0);
        QCOMPARE(QString::fromStdString(draft.trouble()->hold), QStringLiteral("whole = sum(x)"));
        QVERIFY(!draft.hold_too(draft.trouble()->hold, true));
        draft.set_text(QStringLiteral("y = x / whole"), 0);
        QVERIFY(draft.is_valid());
        QCOMPARE(draft.marks().size(), std::size_t{2});
        QCOMPARE(draft.formats().first().start, 4);
        QVERIFY(draft.hold_too("x +", false).has_value()); // told why not
        QSignalSpy computed(&draft, &FormulaDraft::computed);
        draft.set_text(QStringLiteral("y = x / whole * 2"), 0);
        QTRY_VERIFY(!computed.isEmpty());
        QCOMPARE(draft.turning_at(5, 2)->turned, std::string("x[2]"));
        QVERIFY(!draft.turning_at(1, 2));
        QVERIFY(draft.liftable_at(17).has_value());
        QVERIFY(!draft.liftable_at(5).has_value());
        draft.set_text(QStringLiteral("x = 3"), 0); // a column with typed values
        QVERIFY(draft.warning().contains(QStringLiteral("replaces the typed values")));
        draft.set_text(QStringLiteral("y = mean(abs(x - x[i-1]))"), 0);
        QVERIFY(draft.warning().contains(QStringLiteral("step")));
        draft.set_text(QStringLiteral("y = y + 1"), 0);
        QVERIFY(draft.trouble().has_value()); // a ring
    }

    void a_draft_tells_what_takes_long() {
        Id table;
        const Column cells = Column::numbers(std::vector<double>(40'000, 1));
        Document document;
        document.perform(QStringLiteral("data"), add_table(Study(), "Data", &table));
        document.perform(QStringLiteral("data"),
                         add_columns(document.study(), table, {{"x", "x", "", cells}, {"y", "y", "", cells}}));
        QTRY_VERIFY(!document.computing());
        FormulaDraft draft(document);
        draft.begin(table, Id());
        draft.set_text(QStringLiteral("m = median(x where y < y[i])"), 0);
        QVERIFY2(draft.warning().contains(QStringLiteral("takes a while")), qPrintable(draft.warning()));
        draft.set_text(QStringLiteral("m = sum(x where y < y[i])"), 0);
        QVERIFY(draft.warning().isEmpty());
    }

    void a_draft_in_each_is_written_for_all() {
        PebblesDocument open;
        FormulaDraft draft(open.document);
        draft.begin(open.table, Id(), {open.id("x"), open.id("dev")});
        draft.set_text(QStringLiteral("part = each / sum(each)"), 0);
        QVERIFY2(draft.is_valid(), qPrintable(draft.trouble() ? draft.trouble()->what : QString()));
        QCOMPARE(draft.written()->table(open.table)->columns.size(), std::size_t{5});
        draft.set_text(QStringLiteral("part = each / summ(each)"), 0);
        QVERIFY(draft.trouble().has_value());
        QCOMPARE(draft.trouble()->from, draft.formula_from());
    }

    void completions_are_walked_through() {
        QWidget window;
        window.resize(600, 400);
        CompletionList list(&window);
        using What = Completion::What;
        list.offer({{What::column, "x", "mm"}, {What::held, "p", "0.5"}, {What::function, "pi()", ""}}, {10, 20});
        QVERIFY(!list.isHidden());
        QVERIFY(!list.stepped());
        QCOMPARE(list.chosen()->text, std::string("x"));
        list.step(1);
        QVERIFY(list.stepped());
        QCOMPARE(list.chosen()->text, std::string("p"));
        list.step(-2);
        QCOMPARE(list.chosen()->text, std::string("pi()"));
        list.step(1);
        QCOMPARE(list.chosen()->text, std::string("x"));
        list.offer({}, {0, 0});
        QVERIFY(list.isHidden());
        QVERIFY(list.chosen() == nullptr);
        list.offer({{What::column, "x", ""}}, {9000, 20}); // at the edge it still lies within the window
        QVERIFY(list.geometry().right() <= window.width() || list.width() > window.width());
    }

    void an_offer_is_taken_or_left() {
        PebblesDocument open;
        QVERIFY(open.document.perform(QStringLiteral("share"),
                                      write_column(open.document.study(), open.table, "share = x / 200")));
        QVERIFY(open.settle());
        SuggestionBar strip(open.document);
        strip.offer_check(open.table, open.id("dev")); // no share
        QVERIFY(!strip.is_offered());
        strip.offer_check(open.table, open.id("share"));
        QVERIFY(strip.is_offered());
        strip.leave();
        QVERIFY(!strip.is_offered());
        QVERIFY(open.document.study().checks.empty());
        strip.offer_check(open.table, open.id("share"));
        strip.take();
        QVERIFY(open.settle());
        QCOMPARE(open.document.study().checks.size(), std::size_t{1});
        QTRY_VERIFY(strip.is_offered()); // it does not hold: 198 of 200
        strip.take();
        QVERIFY(open.settle());
        QCOMPARE(open.own().column_named("share")->pieces[0].formula.text(), std::string("x / sum(x)"));
        strip.offer_correction(open.document.study().checks[0]->id);
        QVERIFY(!strip.is_offered()); // nothing is to be corrected any more
    }
};

LEDGEFALL_TEST(TestFormulaDraft)
#include "test_formula_draft.moc"
