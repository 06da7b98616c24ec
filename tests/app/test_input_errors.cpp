// Errors of input on the way through what people do: nothing that was typed is lost, one sentence says what to do, and
// going on from there comes to the right numbers.

#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "user_simulator.h"

#include <cmath>
#include <set>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// What the editor says is one sentence, and what was written still stands in it.
bool kept_with_a_sentence(UserSimulator& hands, const QString& written) {
    FormulaEditor& editor = hands.drive.window.page()->editor();
    const QString said = editor.message();
    return editor.is_open() && editor.line().toPlainText() == written && !said.isEmpty() &&
           said.count(QLatin1Char('\n')) == 0;
}

} // namespace

class TestInputErrors : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void a_wrong_bracket() {
        for (const auto& [wrong, right] : {std::pair("w2 = 2*(w^3 + d^2", ")"), std::pair("m = mean(w", ")")}) {
            UserSimulator hands(QString{});
            hands.paste(QStringLiteral("w\td\n1.2\t0.4\n2.5\t0.9\n"));
            hands.type(QStringLiteral("=") + QString::fromLatin1(wrong));
            hands.key(Qt::Key_Return);
            if (hands.drive.window.page()->editor().is_open()) {
                QVERIFY(kept_with_a_sentence(hands, QString::fromLatin1(wrong)));
                hands.type(QString::fromLatin1(right));
                hands.key(Qt::Key_Return);
            }
            QVERIFY(!hands.drive.window.page()->editor().is_open());
            QVERIFY(!std::isnan(hands.number(0, 2)) || hands.drive.window.ledge().cards().size() == 1);
        }
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("w\n1.2\n"));
        hands.type(QStringLiteral("=y = w) * 2"));
        hands.key(Qt::Key_Return);
        QVERIFY(kept_with_a_sentence(hands, QStringLiteral("y = w) * 2")));
    }

    void a_name_that_is_not_there() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("depth\n5\n10\n"));
        hands.type(QStringLiteral("=load = depth * factor"));
        hands.key(Qt::Key_Return);
        QVERIFY(!hands.drive.window.page()->editor().is_open()); // it stands, and waits
        QCOMPARE(hands.drive.shown(0, 1), QStringLiteral("waits for factor"));
        QCOMPARE(hands.drive.window.page()->model().column(1)->pieces.front().formula.text(),
                 std::string("depth * factor"));
        SuggestionBar& offers = hands.drive.window.page()->suggestions();
        QVERIFY2(offers.is_offered() && offers.text().contains(QStringLiteral("factor")), qPrintable(offers.text()));
        hands.key(Qt::Key_H, Qt::ControlModifier);
        hands.type(QStringLiteral("factor = 17"));
        hands.key(Qt::Key_Return);
        QCOMPARE(hands.number(1, 1), 170.0);
    }

    void a_text_among_numbers() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("caught\ttries\n17\t6\nn/a\t3\n29\t7\n8\t4\n"));
        hands.type(QStringLiteral("=rate = caught / tries"));
        hands.key(Qt::Key_Return);
        QCOMPARE(hands.drive.shown(1, 0), QStringLiteral("n/a")); // as it was typed
        QVERIFY(std::isnan(hands.number("rate", 1)));
        QVERIFY(std::fabs(hands.number("rate", 2) - 29.0 / 7) < 1e-12);
        hands.click_cell(1, 2);
        const QString said = hands.drive.window.page()->model().index(1, 2).data(Qt::ToolTipRole).toString();
        QVERIFY2(said.contains(QStringLiteral("row 2")) && said.contains(QStringLiteral("not a number")),
                 qPrintable(said));
        hands.click_cell(1, 0);
        hands.type(QStringLiteral("9"));
        hands.key(Qt::Key_Return);
        QCOMPARE(hands.number("rate", 1), 3.0);
    }

    /// Texts that could all be read as numbers or dates: the editor's message offers that, by its button or its keys.
    void texts_that_were_meant_as_numbers_or_dates() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("site\tdepth\tday\npool\t12\t25/05/2021\nweir\t20\t26/05/2021\n"));
        Study texts = hands.drive.window.document().study();
        for (const char* name : {"depth", "day"}) {
            texts = *set_kind(texts, hands.column(name).id, Kind::text);
        }
        QVERIFY(hands.drive.window.document().perform(QStringLiteral("texts"), texts));
        hands.type(QStringLiteral("=twice = 2 * depth"));
        FormulaEditor& editor = hands.drive.window.page()->editor();
        QVERIFY(!editor.message().isEmpty() && editor.can_correct());
        hands.key(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(editor.message().isEmpty());
        hands.key(Qt::Key_Return);
        QCOMPARE(hands.number("twice", 1), 40.0);
        hands.click_cell(0, hands.section("twice") + 1);
        hands.type(QStringLiteral("=later = day + 1"));
        QVERIFY(editor.can_correct());
        hands.button(QStringLiteral("Read day as dates, day first (Ctrl+Enter)"));
        hands.drive.window.page()->editor().line().setFocus();
        hands.key(Qt::Key_Return);
        QCOMPARE(hands.drive.shown(0, hands.section("later")), QStringLiteral("2021-05-26"));
        hands.click_cell(0, hands.section("later") + 1);
        hands.type(QStringLiteral("=no = 2 * site"));
        QVERIFY(!editor.message().isEmpty() && !editor.can_correct());
    }

    void a_heading_twice() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("count\tcount\tcount\n1\t2\t3\n4\t5\t6\n"));
        QCOMPARE(hands.drive.table().columns.size(), std::size_t{3});
        QCOMPARE(hands.drive.table().columns[1]->shown_label(), std::string("count"));
        std::set<std::string> names;
        for (const auto& column : hands.drive.table().columns) {
            names.insert(column->name);
        }
        QCOMPARE(names.size(), std::size_t{3}); // formulas tell them apart
        QCOMPARE(hands.number(1, 2), 6.0);
    }

    void a_date_that_does_not_exist() {
        UserSimulator hands(QString{});
        hands.paste(QStringLiteral("collected\tanalysed\n12/05/2021\t30/02/2022\n13/05/2021\t14/06/2021\n"
                                   "15/05/2021\t16/05/2021\n"));
        hands.type(QStringLiteral("=d = days(collected, analysed)"));
        hands.key(Qt::Key_Return);
        QCOMPARE(hands.drive.shown(0, 1), QStringLiteral("30/02/2022"));
        QVERIFY(std::isnan(hands.number("d", 0)));
        QCOMPARE(hands.number("d", 1), 32.0);
        const QString said = hands.drive.window.page()->model().index(0, 1).data(Qt::ToolTipRole).toString();
        QVERIFY2(!said.isEmpty(), "the cell says that it is no date");
        hands.click_cell(0, 1);
        hands.type(QStringLiteral("28/02/2022"));
        hands.key(Qt::Key_Return);
        QCOMPARE(hands.number("d", 0), 292.0);
    }
};

LEDGEFALL_TEST(TestInputErrors)
#include "test_input_errors.moc"
