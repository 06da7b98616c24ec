#include "core/engine/running/results.h"
#include "core/study/builders/handout.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/handout_edits.h"
#include "harness/test_program.h"

#include <QtTest>

#include <algorithm>
#include <cmath>
#include <set>

using namespace ledgefall;

namespace {

/// Lengths with a mean, deviations, squares, a foot line, and classes of them.
Study pebbles() {
    Id table;
    Study study = *add_table(Study(), "Pebbles", &table);
    study = *add_columns(study, table, {{"Length", "x", "mm", Column::numbers({42, 57, 38, 61, 42})}});
    study = *hold(study, table, "m = mean(x)");
    study = *hold(study, {}, "level = 0.95");
    study = *write_column(study, table, "dev = x - m");
    study = *write_column(study, table, "sq = dev^2");
    study = *define_foot_line(study, table, "total = sum(each)", {study.table(table)->columns[2]->id});
    Id classes;
    study = *add_table(study, "Classes", &classes);
    study = *class_rows(study, classes, "class", {{30, 40, 50, 70}});
    return *write_column(study, classes, "f = count(Pebbles.x in class)");
}

AskedItem asking(const Study& study, const std::string& name) {
    const Id part = *part_to_ask(study, name);
    AskedItem item;
    item.part = part;
    item.question = usual_question(study, part);
    return item;
}

Result<Study> handout(const Study& study, const std::vector<std::string>& names) {
    HandoutRequest request;
    for (const std::string& name : names) {
        request.asked.push_back(asking(study, name));
    }
    return make_handout(study, request);
}

} // namespace

class TestHandout : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void what_is_asked_is_empty() {
        const Study study = pebbles();
        const Study copy = *handout(study, {"Pebbles.m", "Pebbles.dev", "Pebbles.total", "Classes.class", "level"});
        const Table& table = *copy.table_named("Pebbles");
        QVERIFY(!table.column_named("dev")->computed());
        QCOMPARE(table.column_named("dev")->cells->size(), std::size_t{0});
        QVERIFY(table.column_named("sq")->computed());
        QVERIFY(table.ledge[0]->formula.empty());
        QVERIFY(copy.ledge[0]->value.is_missing());
        QVERIFY(table.foot[0]->formula.empty());
        QCOMPARE(table.foot[0]->label, std::string("total"));
        for (const AskedItem& item : copy.handout->asked) {
            QVERIFY(!is_answered(copy, item));
            QVERIFY(is_answered(study, item));
        }
        const ResultsPtr results = compute(copy); // it can be computed all the same
        QVERIFY(results->cell(table.column_named("sq")->id, 0).is_missing());
        QVERIFY(results->foot(table.foot[0]->id, table.column_named("sq")->id).is_missing());
    }

    void what_tells_the_solution_is_refused_or_goes() {
        Study study = pebbles();
        const Id table = study.table_named("Pebbles")->id;
        QCOMPARE(handout(study, {}).refusal().text(),
                 std::string("Nothing is asked. Tick what the student is to fill in."));
        Study twice = *write_column(study, table, "far = abs(x - mean(x)) > 9");
        QCOMPARE(
            handout(twice, {"Pebbles.m"}).refusal().text(),
            std::string("The formula of Pebbles.far contains that of Pebbles.m, mean(x). Ask for Pebbles.far too, or "
                        "use the name of Pebbles.m in it."));
        QVERIFY(handout(twice, {"Pebbles.m", "Pebbles.far"}));
        study = *add_check(study, table, {"mean is there", "mean(x) > 0", ""});
        study = *add_check(study, table, {"squares", "min(sq) >= 0", ""});
        study = *add_check(study, table, {"by another way", "m ≈ sum(x) / count(x)", ""});
        study.note = "The deviation is x - m.";
        const Study copy = *handout(study, {"Pebbles.m", "Pebbles.dev"});
        QCOMPARE(copy.checks.size(), std::size_t{1});
        QVERIFY(copy.note.empty());
        QCOMPARE(
            part_to_ask(study, "Pebbles.nothing").refusal().text(),
            std::string("There is no Pebbles.nothing in this study. Write TABLE.COLUMN, TABLE.LABEL of a foot line, "
                        "or ledge.NAME."));
    }

    void what_is_not_asked_is_locked() {
        const Study copy = *handout(pebbles(), {"Pebbles.dev", "level"});
        const Id table = copy.table_named("Pebbles")->id;
        const auto change = [&](const Result<Study>& next) {
            const auto locked = locked_change(copy, *next);
            return locked ? locked->text() : std::string();
        };
        const std::string locked =
            " is locked in this handout. Change what is asked, or add columns and held values of "
            "your own.";
        QCOMPARE(change(write_column(copy, table, "dev = x - m")), std::string());
        QCOMPARE(change(write_column(copy, table, "own = x^2")), std::string());
        QCOMPARE(change(hold(copy, {}, "level = 0.9")), std::string());
        QCOMPARE(change(hold(copy, table, "mine = 2")), std::string());
        QCOMPARE(change(write_column(copy, table, "sq = x")), "Pebbles.sq" + locked);
        QCOMPARE(change(hold(copy, table, "m = 50")), "Pebbles.m" + locked);
        QCOMPARE(change(type_block(copy, table, 0, 0, {{"7"}})), "Pebbles.x" + locked);
        QCOMPARE(change(remove_rows(copy, table, 0, 1)), "Pebbles.x" + locked);
        QCOMPARE(change(rename_table(copy, table, "Stones")), "Pebbles" + locked);
        QCOMPARE(change(remove_column(copy, copy.table(table)->column_named("dev")->id, IfUsed::remove_anyway)),
                 "Pebbles.dev" + locked);
        QCOMPARE(change(set_setting(copy, "quantile_type = 6")),
                 std::string("The settings are locked in this handout. Only what is asked can be changed."));
        QCOMPARE(change(format_column(copy, copy.table(table)->columns[0]->id, {Format::Style::decimals, 2})),
                 std::string());
        HandoutRequest open;
        open.asked = {asking(pebbles(), "Pebbles.dev")};
        open.locked = false;
        const Study unlocked = *make_handout(pebbles(), open);
        QVERIFY(!locked_change(unlocked, *write_column(unlocked, table, "sq = x")));
    }

    void each_student_has_other_data() {
        const Study study = pebbles();
        const Id x = *part_to_ask(study, "Pebbles.x");
        const Id level = *part_to_ask(study, "level");
        const auto cells_for = [&](const std::string& student, Variation::Way way) {
            HandoutRequest request;
            request.asked = {asking(study, "Pebbles.dev")};
            request.varied = {{x, way}, {level, Variation::Way::drawn}};
            request.student = student;
            const Study copy = *make_handout(study, request);
            std::vector<double> numbers;
            for (std::size_t row = 0; row < 5; ++row) {
                numbers.push_back(copy.table_named("Pebbles")->columns[0]->cells->at(row).number());
            }
            numbers.push_back(copy.ledge[0]->value.number());
            return numbers;
        };
        const std::vector<double> ash = cells_for("Ash", Variation::Way::shuffled);
        QCOMPARE(ash, cells_for("Ash", Variation::Way::shuffled));
        QVERIFY(ash != cells_for("Beech", Variation::Way::shuffled));
        QCOMPARE(std::multiset<double>(ash.begin(), ash.end() - 1), (std::multiset<double>{38, 42, 42, 57, 61}));
        QVERIFY(ash.back() >= 0.76 && ash.back() <= 1.14 && ash.back() * 100 == std::round(ash.back() * 100));
        for (const double drawn : cells_for("Dace", Variation::Way::drawn)) {
            QVERIFY(drawn < 2 || (drawn >= 38 && drawn <= 61 && drawn == std::round(drawn)));
        }
        HandoutRequest wrong;
        wrong.asked = {asking(study, "Pebbles.dev")};
        wrong.varied = {{*part_to_ask(study, "Pebbles.m")}};
        QCOMPARE(make_handout(study, wrong).refusal().text(),
                 std::string("Pebbles.m has no given values that could be varied."));
    }

    void names_on_a_list_are_looked_at() {
        QCOMPARE(*student_names(" Ash \r\n\nBeech\n"), (std::vector<std::string>{"Ash", "Beech"}));
        QCOMPARE(student_names("Ash\n../x").refusal().text(),
                 std::string("../x cannot be the name of a file. Leave out slashes, and do not begin with a point."));
        QCOMPARE(student_names("Ash\nAsh").refusal().text(),
                 std::string("Ash is on the list twice. Add something that tells the two apart."));
        QCOMPARE(student_names("\n").refusal().text(), std::string("There is no name on the list."));
    }

    void a_question_in_words_has_room_for_its_answer() {
        HandoutRequest request;
        request.asked = {{Id("question_1"), "What does the mean tell?", 2, "the expected answer"}};
        const Study copy = *make_handout(pebbles(), request);
        QVERIFY(copy.handout->asked[0].answer.empty());
        const Study answered = *answer_in_words(copy, Id("question_1"), "the middle");
        QVERIFY(!locked_change(copy, answered));
        QVERIFY(is_answered(answered, answered.handout->asked[0]));
        QVERIFY(!answer_in_words(copy, Id("question_9"), "x"));
    }
};

LEDGEFALL_TEST(TestHandout)
#include "test_handout.moc"
