// The eighteen things done from nothing, each with an error of input in it: nothing typed is lost, one sentence says
// what to do, and going on from there comes to the right numbers.

#include "harness/test_program.h"
#include "user_simulator.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

bool near(double a, double b) {
    return std::fabs(a - b) <= 1e-12 * std::max(1.0, std::fabs(b));
}

/// A person with an empty window who makes an error.
class HandsWithError : public UserSimulator {
  public:
    HandsWithError()
        : UserSimulator(QString()) {}

    FormulaEditor& editor() { return drive.window.page()->editor(); }
    void enter(const QString& text) {
        type(text);
        key(Qt::Key_Return);
    }
    /// Enter on a formula that cannot be taken: it stands as it was typed, with one sentence that has the word in it.
    bool is_kept(const QString& text, const char* word) {
        enter(QStringLiteral("=") + text);
        const QString said = editor().message();
        const bool kept = editor().is_open() && editor().line().toPlainText() == text && one_sentence(said, word);
        if (!kept) {
            qWarning("%s: “%s”, %d", qPrintable(text), qPrintable(said), int(editor().is_open()));
        }
        return kept;
    }
    /// The formula that is being written, written anew.
    void instead(const QString& text) {
        key(Qt::Key_A, Qt::ControlModifier);
        enter(text);
    }
    /// What is said of a cell, in the details panel and when the mouse rests on it.
    bool is_told(int row, int section, const char* word) {
        const QString said = drive.window.page()->model().index(row, section).data(Qt::ToolTipRole).toString();
        if (!one_sentence(said, word)) {
            qWarning("cell: “%s”", qPrintable(said));
        }
        return one_sentence(said, word);
    }
    void type_over(int row, int section, const QString& text) {
        click_cell(row, section);
        enter(text);
    }

  private:
    static bool one_sentence(const QString& said, const char* word) {
        return said.contains(QString::fromUtf8(word)) && !said.contains(u'\n');
    }
};

} // namespace

class TestStoryErrors : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void s01_a_bracket_too_many() {
        HandsWithError hands;
        hands.paste(QStringLiteral("w\td\n1.2\t0.4\n2.5\t0.9\n"));
        QVERIFY(hands.is_kept(QStringLiteral("v = 2*w)^3 + d^2"), "extra )"));
        hands.instead(QStringLiteral("v = 2*w^3 + d^2"));
        QVERIFY(near(hands.number("v", 1), 2 * 2.5 * 2.5 * 2.5 + 0.81));
    }

    void s02_a_unit_that_there_is_not() {
        HandsWithError hands;
        hands.paste(QStringLiteral("t1 [mm]\tt2 [mm]\n410\t432\n388\t401\n"));
        hands.enter(QStringLiteral("=far [mm] = mean(t1[i], t2[i])"));
        QVERIFY(hands.is_kept(QStringLiteral("ft [ft] = convert(far, \"mm\", \"fot\")"), "fot"));
        hands.instead(QStringLiteral("ft [ft] = convert(far, \"mm\", \"ft\")"));
        QVERIFY(near(hands.number("ft", 0), 421 / 304.8));
    }

    void s03_a_day_that_there_is_not() {
        HandsWithError hands;
        hands.paste(QStringLiteral("collected\tanalysed\n31/02/2021\t03/07/2021\n25/12/2020\t30/11/2022\n"
                                   "31/01/2024\t01/03/2024\n"));
        hands.enter(QStringLiteral("=d = days(collected, analysed)"));
        QCOMPARE(hands.drive.shown(0, 0), QStringLiteral("31/02/2021"));
        QVERIFY(std::isnan(hands.number("d", 0)) && hands.number("d", 2) == 30);
        QVERIFY(hands.is_told(0, 0, "not a date"));
        hands.type_over(0, 0, QStringLiteral("28/02/2021"));
        QCOMPARE(hands.number("d", 0), 125.0);
    }

    void s04_a_number_with_a_letter_in_it() {
        HandsWithError hands;
        hands.paste(QStringLiteral("depth\n5\n10\n"));
        QVERIFY(hands.is_kept(QStringLiteral("k = 17O"), "O"));
        hands.instead(QStringLiteral("k = 170"));
        hands.enter(QStringLiteral("=load = depth * k"));
        QCOMPARE(hands.number("load", 1), 1700.0);
    }

    void s05_a_word_among_the_tries() {
        HandsWithError hands;
        hands.paste(QStringLiteral("net\tcaught\ttries\nA\t17\t6\nB\t4\ttwo\nC\t29\t7\nD\t8\t3\n"));
        hands.enter(QStringLiteral("=rate = caught / tries"));
        QVERIFY(hands.is_told(1, 3, "not a number"));
        QVERIFY(near(hands.number("rate", 2), 29.0 / 7));
        hands.type_over(1, 2, QStringLiteral("2"));
        QCOMPARE(hands.number("rate", 1), 2.0);
    }

    void s06_a_heading_twice() {
        HandsWithError hands;
        hands.paste(QStringLiteral("group\triffle\tpool\tpool\nmayfly\t64\t21\t33\ncaddis\t27\t15\t41\n"));
        const SuggestionBar& offers = hands.drive.window.page()->suggestions();
        QVERIFY(offers.is_offered() && offers.text().contains(QStringLiteral("are called pool_2.")));
        hands.enter(QStringLiteral("=total = sum(riffle[i] .. pool_2[i])"));
        QCOMPARE(hands.number("total", 0), 118.0);
        QCOMPARE(hands.drive.table().columns[3]->shown_label(), std::string("pool"));
    }

    void s07_a_name_mistyped() {
        HandsWithError hands;
        hands.paste(QStringLiteral("reading\n14.2\n15.1\n"));
        hands.enter(QStringLiteral("=off = 0.3"));
        hands.type(QStringLiteral("=right = readng - off"));
        QVERIFY(hands.editor().can_correct());
        hands.key(Qt::Key_Return, Qt::ControlModifier);
        hands.key(Qt::Key_Return);
        QVERIFY(near(hands.number("right", 1), 14.8));
    }

    void s08_a_text_without_its_marks() {
        HandsWithError hands;
        hands.paste(QStringLiteral("site\npool\nriffle\npool\n"));
        hands.enter(QStringLiteral("=here = site = pool"));
        hands.button(QStringLiteral("Write \"pool\"")); // since the formula waits for a name
        QCOMPARE(hands.drive.shown(1, hands.section("here")), QStringLiteral("no"));
        hands.click_cell(0, hands.section("here") + 1);
        hands.type(QStringLiteral("=part = share(site = pool)"));
        QVERIFY(hands.editor().is_open() && hands.editor().can_correct());
        hands.key(Qt::Key_Return, Qt::ControlModifier);
        hands.key(Qt::Key_Return);
        QVERIFY(near(hands.number("part", 0), 2.0 / 3));
    }

    void s09_a_chance_above_one() {
        HandsWithError hands;
        hands.paste(QStringLiteral("n = 12\np = 0.35\nk = first 0 then k[i-1] + 1\nchance = P(binomial(n, p) = k)\n"));
        hands.card("p", QStringLiteral("1.5"));
        QVERIFY(std::isnan(hands.number("chance", 0)));
        QVERIFY(hands.is_told(0, hands.section("chance"), "binomial"));
        hands.card("p", QStringLiteral("0.5"));
        QVERIFY(near(hands.number("chance", 0), 1.0 / 4096));
    }

    void s10_a_bracket_lost_among_pasted_lines() {
        HandsWithError hands;
        hands.paste(QStringLiteral("speed = 0.7\ndt = 0.05\nx = first 0.8 then x[i-1] + speed * dt\n"
                                   "pull = 2 / (x^3\n"));
        QVERIFY(hands.editor().is_open() && hands.editor().line().toPlainText().count(u'\n') == 3);
        hands.key(Qt::Key_End, Qt::ControlModifier);
        QVERIFY2(hands.editor().message().contains(QStringLiteral("not closed")), qPrintable(hands.editor().message()));
        hands.enter(QStringLiteral(")"));
        QVERIFY(!hands.editor().is_open());
        QCOMPARE(hands.drive.window.page()->model().table_rows(), 100);
        QVERIFY(near(hands.number("x", 2), 0.8 + 2 * 0.7 * 0.05));
        QVERIFY(near(hands.number("pull", 0), 2 / (0.8 * 0.8 * 0.8)));
    }

    void s11_a_name_without_its_end() {
        HandsWithError hands;
        hands.paste(QStringLiteral("trap\tinsects\nA\t34\nB\t51\nC\t15\n"));
        hands.enter(QStringLiteral("=percent = 100 * insects / sum(insect)"));
        QCOMPARE(hands.drive.shown(0, 2), QStringLiteral("waits for insect"));
        hands.click_cell(0, 2);
        hands.key(Qt::Key_F2, Qt::ControlModifier);
        hands.key(Qt::Key_Return, Qt::ControlModifier); // the nearest name
        hands.key(Qt::Key_Return);
        QVERIFY(near(hands.number("percent", 1), 51));
    }

    void s12_a_place_that_is_not_closed() {
        HandsWithError hands;
        hands.paste(QStringLiteral("rain\n3\n0\n7.5\n"));
        QVERIFY(hands.is_kept(QStringLiteral("so_far = sum(rain[1..i)"), "] before the )"));
        hands.key(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(hands.editor().line().toPlainText(), QStringLiteral("so_far = sum(rain[1..i])"));
        hands.instead(QStringLiteral("so_far = sum(rain[1..i])"));
        QCOMPARE(hands.number("so_far", 2), 10.5);
    }

    void s13_classes_without_a_width() {
        HandsWithError hands;
        hands.paste(QStringLiteral("time\n12\n17\n13.5\n21\n"));
        QString said;
        hands.in_next_dialog([&](QDialog& dialog) {
            hands.type(QStringLiteral("10"));
            hands.key_in_dialog(Qt::Key_Tab);
            hands.type(QStringLiteral("0"));
            for (const QLabel* label : dialog.findChildren<QLabel*>()) {
                said += label->text() + u'|';
            }
            hands.key_in_dialog(Qt::Key_Return);
            if (dialog.isVisible()) {
                hands.key_in_dialog(Qt::Key_A, Qt::ControlModifier);
                hands.type(QStringLiteral("5"));
                hands.key_in_dialog(Qt::Key_Return);
            }
        });
        hands.button(QStringLiteral("classes"));
        QVERIFY(said.contains(QStringLiteral("Classes need a width above 0")));
        QCOMPARE(hands.number("f", 0), 2.0);
    }

    void s14_a_row_before_the_first() {
        HandsWithError hands;
        hands.paste(QStringLiteral("rate = 6 %\ncrop = 100 * (1 + rate)\n"));
        QVERIFY(hands.drive.window.page() != nullptr);
        QVERIFY(hands.is_kept(QStringLiteral("yield = yield[i-1] * (1 + rate)"), "first"));
        hands.instead(QStringLiteral("yield = first 100 then yield[i-1] * (1 + rate)"));
        QVERIFY(near(hands.number("yield", 1), 106));
    }

    void s15_a_root_that_is_not_closed() {
        HandsWithError hands;
        hands.paste(QStringLiteral("a\n4\n7\n9\n3\n7\n"));
        hands.enter(QStringLiteral("=sq = (a - mean(a))^2"));
        hands.type(QStringLiteral("=spread = sqrt((sum(sq) / count(a)"));
        hands.key(Qt::Key_Return);
        QVERIFY(hands.editor().message().contains(QStringLiteral(") at the end")));
        hands.key(Qt::Key_Return, Qt::ControlModifier); // it is put there
        hands.key(Qt::Key_Return, Qt::ControlModifier); // and the second one
        hands.key(Qt::Key_Return);
        QVERIFY(near(hands.number("spread", 0), std::sqrt(4.8)));
    }

    void s16_a_mark_among_numbers() {
        HandsWithError hands;
        hands.paste(QStringLiteral("a\n4\n?\n9\n3\n7\n"));
        QVERIFY(hands.is_kept(QStringLiteral("q = quantile(a)"), "quantile"));
        hands.instead(QStringLiteral("q = quantile(a, 1/4)"));
        QVERIFY(std::isnan(hands.number("q", 0)));
        QVERIFY(hands.is_told(1, 0, "not a number"));
        hands.type_over(1, 0, QString::number(5));
        QCOMPARE(hands.number("q", 0), 4.0);
    }

    void s17_a_length_with_its_unit() {
        HandsWithError hands;
        hands.paste(QStringLiteral("a [m]\tb [m]\tarea = a * b\n12.5\t4\t\n8\t6.5 m\t\n3\t2\t\n"));
        QCOMPARE(hands.drive.shown(1, 1), QStringLiteral("6.5 m"));
        QVERIFY(hands.is_told(1, 1, "not a number"));
        QCOMPARE(hands.number("area", 2), 6.0);
        hands.type_over(1, 1, QStringLiteral("6.5"));
        QCOMPARE(hands.number("area", 1), 52.0);
    }

    void s18_a_constant_that_is_no_number() {
        HandsWithError hands;
        hands.key(Qt::Key_H, Qt::ControlModifier);
        hands.enter(QStringLiteral("g = 9.8.1"));
        QVERIFY(!hands.drive.notice().isEmpty());
        QCOMPARE(hands.drive.window.ledge().new_line().text(), QStringLiteral("g = 9.8.1"));
        hands.key(Qt::Key_A, Qt::ControlModifier);
        hands.enter(QStringLiteral("g = 9.81"));
        hands.paste(QStringLiteral("m\tw = m * g\n2\t\n3\t\n"));
        QVERIFY(near(hands.number("w", 1), 29.43));
    }
};

LEDGEFALL_TEST(TestStoryErrors)
#include "test_story_errors.moc"
