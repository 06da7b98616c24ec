#include "core/formula/parser.h"
#include "core/marking/marks_study.h"
#include "core/study/builders/handout.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/handout_edits.h"
#include "harness/test_program.h"

#include <QtTest>

#include <algorithm>
#include <cmath>
#include <set>

using namespace ledgefall;

namespace {

#if defined(__has_feature)
constexpr bool slow_build = __has_feature(address_sanitizer) || __has_feature(thread_sanitizer);
#else
constexpr bool slow_build = false;
#endif

/// One formula of each kind that slips are made in.
Study key() {
    Id table;
    Study study = *add_table(Study(), "Pebbles", &table);
    study = *add_columns(study, table,
                         {{"x", "x", "mm", Column::numbers({42, 57, 38, 61, 45, 50, 44, 66})},
                          {"y", "y", "mm", Column::numbers({12, 9, 31, 24, 18, 7, 15, 28})}});
    study = *hold(study, {}, "n = count(Pebbles.x)");
    study = *hold(study, table, "m = mean(x)");
    study = *hold(study, table, "angle = 0.6");
    study = *write_column(study, table, "dev = x - m");
    study = *write_column(study, table, "sq = dev^2");
    study = *write_column(study, table, "share = y / sum(y)");
    study = *write_column(study, table, "up_to = sum(y[1..i])");
    study = *hold(study, table, "variance = sum(sq) / (n - 1)");
    study = *hold(study, table, "s = sqrt(variance)");
    study = *hold(study, table, "height = 12 * sin(angle)");
    study = *hold(study, table, "H = -sum(share * ln(share))");
    study = *hold(study, table, "big = count(x > 50)");
    Id steps;
    study = *add_table(study, "Steps", &steps);
    study = *count_rows(study, steps, "20");
    study = *hold(study, steps, "dt = 0.1");
    study = *write_column(study, steps, "v = first 3 then v[i-1] - 2 * dt");
    return *write_column(study, steps, "z = first 1 then z[i-1] + v[i-1] * dt");
}

const std::vector<std::string> everything = {"Pebbles.dev", "Pebbles.sq",       "Pebbles.share", "Pebbles.up_to",
                                             "Pebbles.m",   "Pebbles.variance", "Pebbles.s",     "Pebbles.height",
                                             "Pebbles.H",   "Pebbles.big",      "Steps.v",       "Steps.z"};

std::vector<AskedItem> asked_of(const Study& study) {
    std::vector<AskedItem> asked;
    for (const std::string& name : everything) {
        asked.emplace_back().part = *part_to_ask(study, name);
        asked.back().question = name;
    }
    return asked;
}

/// What a student writes, by names; all else is as in the key.
struct Filled {
    const char* name;
    const char* formula;
};

class Class {
  public:
    Class()
        : study_(key())
        , asked_(asked_of(study_))
        , judge_(study_, asked_) {}

    Study with(const std::vector<Filled>& filled) const {
        Study study = study_;
        study.handout = Handout();
        study.handout->asked = asked_;
        for (const Filled& one : filled) {
            const std::string name = one.name;
            const std::string definition = name.substr(name.find('.') + 1) + " = " + one.formula;
            const Id table = study.table_named(name.substr(0, name.find('.')))->id;
            const Id part = *part_to_ask(study, name);
            study = study.table(table)->column(part) != nullptr ? *write_column(study, table, definition)
                                                                : *hold(study, table, definition);
        }
        return study;
    }

    Judgement judged(const std::string& item, const std::vector<Filled>& filled) const {
        const std::vector<Judgement> all = judge_.judge(with(filled));
        const auto at = std::find(everything.begin(), everything.end(), item) - everything.begin();
        return all[static_cast<std::size_t>(at)];
    }
    std::string mark(const Filled& filled) const {
        const Judgement made = judged(filled.name, {filled});
        return std::string(outcome_name(made.outcome)) + (made.slip == nullptr ? "" : " ") +
               std::string(made.slip == nullptr ? "" : made.slip->name);
    }
    const Judge& judge() const { return judge_; }

  private:
    Study study_;
    std::vector<AskedItem> asked_;
    Judge judge_;
};

} // namespace

class TestMarking : public QObject {
    Q_OBJECT

    Class class_;

  private Q_SLOTS:
    void another_way_to_write_it_is_right() {
        for (const Filled& one : std::vector<Filled>{{"Pebbles.dev", "-(m - x)"},
                                                     {"Pebbles.dev", "x - sum(x) / n"},
                                                     {"Pebbles.sq", "(x - mean(x)) * dev"},
                                                     {"Pebbles.share", "y * (1 / sum(y))"},
                                                     {"Pebbles.up_to", "first y[1] then up_to[i-1] + y"},
                                                     {"Pebbles.m", "sum(x) / count(x)"},
                                                     {"Pebbles.variance", "var(x)"},
                                                     {"Pebbles.s", "variance^0.5"},
                                                     {"Pebbles.H", "shannon(y)"},
                                                     {"Pebbles.big", "sum(if x > 50 then 1 else 0)"},
                                                     {"Steps.v", "3 - 2 * dt * (row - 1)"},
                                                     {"Steps.z", "first 1 then z[i-1] + dt * v[i-1]"}}) {
            QCOMPARE(class_.mark(one), std::string("right"));
        }
    }

    void every_slip_has_its_name() {
        const std::vector<std::pair<Filled, const char*>> all = {
            {{"Pebbles.share", "sum(y) / y"}, "slip division_reversed"},
            {{"Pebbles.variance", "sum(sq) / n"}, "slip n_for_n_minus_1"},
            {{"Pebbles.m", "sum(x)"}, "slip sum_for_mean"},
            {{"Pebbles.m", "sum(x) / (count(x) - 1)"}, "slip n_minus_1_for_n"},
            {{"Pebbles.share", "y / sum(y[i..last])"}, "slip row_for_held"},
            {{"Pebbles.up_to", "sum(y)"}, "slip held_for_row"},
            {{"Pebbles.share", "x / sum(y)"}, "slip other_column"},
            {{"Pebbles.up_to", "sum(y[1..i-1])"}, "slip range_short"},
            {{"Pebbles.up_to", "sum(y[1..i+1])"}, "slip range_long"},
            {{"Pebbles.share", "100 * y / sum(y)"}, "slip percent_for_share"},
            {{"Pebbles.share", "y / sum(y) / 100"}, "slip share_for_percent"},
            {{"Pebbles.sq", "dev"}, "slip square_missing"},
            {{"Pebbles.s", "variance"}, "slip root_missing"},
            {{"Pebbles.dev", "m - x"}, "slip sign"},
            {{"Pebbles.height", "12 * sin(angle * pi / 180)"}, "slip degrees"},
            {{"Pebbles.H", "-sum(share * log10(share))"}, "slip log_base"},
            {{"Pebbles.big", "count(x >= 50)"}, "slip class_end"},
            {{"Steps.v", "first 0 then v[i-1] - 2 * dt"}, "slip first_value"},
            {{"Steps.z", "first 1 then z[i-1] + v * dt"}, "slip step_order"}};
        std::set<std::string> seen;
        for (const auto& [filled, wanted] : all) {
            QCOMPARE(class_.mark(filled), std::string(wanted));
            seen.insert(wanted);
        }
        QCOMPARE(seen.size(), slips().size());
    }

    void a_wrong_result_is_carried_on() {
        const std::vector<Filled> wrong = {{"Pebbles.m", "median(x)"}};
        QCOMPARE(class_.judged("Pebbles.m", wrong).outcome, MarkOutcome::different);
        for (const char* after : {"Pebbles.dev", "Pebbles.sq", "Pebbles.variance", "Pebbles.s"}) {
            QCOMPARE(class_.judged(after, wrong).outcome, MarkOutcome::carried);
        }
        QCOMPARE(class_.judged("Pebbles.share", wrong).outcome, MarkOutcome::right);
        // A slip is found on wrong results too.
        const Judgement slip = class_.judged("Pebbles.s", {{"Pebbles.m", "median(x)"}, {"Pebbles.s", "variance"}});
        QCOMPARE(slip.outcome, MarkOutcome::slip);
        QCOMPARE(std::string(slip.slip->name), std::string("root_missing"));
    }

    /// In a handout that locks nothing.
    void other_names_change_nothing() {
        Study study = class_.with({{"Pebbles.s", "variance"}});
        const Id table = study.table_named("Pebbles")->id;
        study = *rename_column(study, study.table(table)->columns[0]->id, "length");
        study = *rename_table(study, table, "Stones");
        const std::vector<Judgement> all = class_.judge().judge(study);
        for (std::size_t at = 0; at < everything.size(); ++at) {
            QCOMPARE(all[at].outcome, everything[at] == "Pebbles.s" ? MarkOutcome::slip : MarkOutcome::right);
        }
    }

    void typed_numbers_follow_no_data() {
        QCOMPARE(class_.mark({"Pebbles.m", "50.4"}), std::string("values")); // 50.375, rounded as it shows
        QCOMPARE(class_.mark({"Pebbles.m", "50.375"}), std::string("values"));
        QCOMPARE(class_.mark({"Pebbles.m", "50.3"}), std::string("different"));
        QCOMPARE(class_.mark({"Pebbles.m", "403"}), std::string("slip sum_for_mean"));
        QCOMPARE(class_.mark({"Pebbles.big", "count(x > 50) + 0 * y[1]"}), std::string("right"));
        QCOMPARE(class_.mark({"Pebbles.big", "3"}), std::string("values"));
    }

    void what_cannot_be_computed_says_why() {
        const Judgement error = class_.judged("Pebbles.s", {{"Pebbles.s", "sqrt(spread)"}});
        QCOMPARE(error.outcome, MarkOutcome::error);
        QVERIFY2(feedback_on(error).find("spread") != std::string::npos, feedback_on(error).c_str());
        const Judgement different = class_.judged("Pebbles.dev", {{"Pebbles.dev", "if row < 3 then x - m else 0"}});
        QCOMPARE(different.outcome, MarkOutcome::different);
        QCOMPARE(*different.row, std::size_t{2});
        QCOMPARE(different.answer, std::string("if row < 3 then x - m else 0"));
    }

    void what_is_empty_is_missing() {
        Study study = class_.with({});
        HandoutRequest request;
        request.asked = asked_of(study);
        for (const Judgement& judgement : class_.judge().judge(*make_handout(study, request))) {
            QCOMPARE(judgement.outcome, MarkOutcome::missing);
        }
    }

    /// Foot lines, layers of two-way tables, class limits and questions in words.
    void every_kind_of_item_is_judged() {
        Id pebbles;
        Study study = *add_table(Study(), "Pebbles", &pebbles);
        study = *add_columns(study, pebbles, {{"x", "x", "", Column::numbers({42, 57, 38, 61, 45, 50})}});
        study = *define_foot_line(study, pebbles, "middle = mean(each)", {study.table(pebbles)->columns[0]->id});
        Id grid;
        study = *add_two_way_table(study, "Grid", {"a", "a", "", "1..4"}, {"b", "b", "", "1..3"}, &grid);
        study = *write_column(study, grid, "p = a / b");
        Id classes;
        study = *add_table(study, "Classes", &classes);
        study = *class_rows(study, classes, "class", {{30, 45, 60, 75}});
        std::vector<AskedItem> asked;
        for (const char* name : {"Pebbles.middle", "Grid.p", "Classes.class"}) {
            asked.emplace_back().part = *part_to_ask(study, name);
        }
        asked.emplace_back().part = Id("question_1");
        asked.back().answer = "The Middle";
        const Judge judge(study, asked);
        HandoutRequest request;
        request.asked = asked;
        const Study blank = *make_handout(study, request);
        const Id line = blank.table(pebbles)->foot[0]->id;
        const auto outcomes = [&](const Study& submission) {
            std::string all;
            for (const Judgement& judgement : judge.judge(submission)) {
                all += std::string(outcome_name(judgement.outcome)) + " ";
                all += judgement.slip == nullptr ? "" : std::string(judgement.slip->name) + " ";
            }
            return all;
        };
        QCOMPARE(outcomes(blank), std::string("missing missing missing missing "));
        Study right = *rewrite_foot_line(blank, line, "middle", "sum(each) / count(each)");
        right = *write_column(right, grid, "p = a * b^-1");
        right = *reclass(right, classes, {{30, 45, 60, 75}});
        right = *answer_in_words(right, Id("question_1"), "the middle ");
        QCOMPARE(outcomes(right), std::string("right right right right "));
        Study wrong = *rewrite_foot_line(blank, line, "middle", "sum(each)");
        wrong = *write_column(wrong, grid, "p = b / a");
        Classes turned{{30, 45, 60, 75}};
        turned.closed_left = false;
        wrong = *reclass(wrong, classes, turned);
        wrong = *answer_in_words(wrong, Id("question_1"), "the spread");
        QCOMPARE(outcomes(wrong), std::string("slip sum_for_mean slip division_reversed slip class_end different "));
    }

    void marks_keep_what_was_changed() {
        const auto mark = [](const char* name, const char* item, MarkOutcome outcome) {
            ItemMark out;
            out.name = name;
            out.item = item;
            out.outcome = outcome;
            out.points = 2;
            out.file = std::string(name) + ".ledgefall";
            return out;
        };
        const Study first =
            *marks_study({"Marks", "/class", "/key"},
                         {mark("Ash", "T.a", MarkOutcome::right), mark("Ash", "T.b", MarkOutcome::slip),
                          mark("Beech", "T.a", MarkOutcome::different), mark("Beech", "T.b", MarkOutcome::carried)},
                         {{"Ash.ledgefall", "Ash", ""}, {"Beech.ledgefall", "Beech", ""}});
        const auto points = [](const Study& study) {
            const ResultsPtr results = compute(study);
            std::vector<double> all;
            const Table& answers = *study.table_named("Answers");
            for (std::size_t row = 0; row < results->rows(answers.id); ++row) {
                all.push_back(results->cell(answers.column_named("points")->id, row).number());
            }
            return all;
        };
        QCOMPARE(points(first), (std::vector<double>{2, 0, 0, 2}));
        const Table& answers = *first.table_named("Answers");
        const auto column = std::find_if(answers.columns.begin(), answers.columns.end(),
                                         [](const auto& one) { return one->name == "points"; }) -
                            answers.columns.begin();
        const Study changed = *type_block(first, answers.id, 1, static_cast<std::size_t>(column), {{"1.5"}});
        const Study again =
            *marks_study({"Marks", "/class", "/key"},
                         {mark("Clover", "T.a", MarkOutcome::right), mark("Ash", "T.a", MarkOutcome::different),
                          mark("Ash", "T.b", MarkOutcome::slip), mark("Beech", "T.a", MarkOutcome::right)},
                         {{"Clover.ledgefall", "Clover", ""}}, &changed);
        // Ash a, Ash b (changed), Beech a, Clover a; Beech's b is gone
        QCOMPARE(points(again), (std::vector<double>{0, 1.5, 2, 2}));
        QCOMPARE(again.tables.size(), changed.tables.size());
        const auto place = place_of_mark(again, again.table_named("Answers")->id, 3);
        QVERIFY(place.has_value());
        QCOMPARE(place->submission, std::string("/class/Clover.ledgefall"));
        QCOMPARE(place->key, std::string("/key"));
        QCOMPARE(place->item, std::string("T.a"));
        const ResultsPtr results = compute(again);
        for (const auto& table : again.tables) {
            for (const auto& one : table->columns) {
                QVERIFY2(results->find(one->id)->faults == 0, (table->name + "." + one->name).c_str());
            }
        }
    }

    /// Slips at random places of the right formulas, singly and in pairs of items.
    void slips_made_at_random_are_named() {
        const Study study = key();
        struct Made {
            std::string item, formula, slip;
        };
        std::vector<Made> all;
        for (const std::string& item : everything) {
            const Id part = *part_to_ask(study, item);
            const Table* table = study.table_named(item.substr(0, item.find('.')));
            const ColumnDefinition* column = table->column(part);
            const auto held = std::find_if(table->ledge.begin(), table->ledge.end(),
                                           [part](const auto& one) { return one->id == part; });
            const Formula& right = column != nullptr ? column->pieces.front().formula : (*held)->formula;
            for (const Slip& slip : slips()) {
                for (const std::string& text : slipped(slip, *right.tree(), {study, table, column})) {
                    if (!parse_formula(text).mistake) {
                        all.push_back({item, text, std::string(slip.name)});
                    }
                }
            }
        }
        std::uint64_t key = 20;
        const auto below = [&key](std::size_t count) {
            key = key * 6364136223846793005U + 1442695040888963407U;
            return static_cast<std::size_t>((key >> 33U) % count);
        };
        int named = 0;
        int counted = 0;
        int wrongly = 0;
        constexpr int rounds = slow_build ? 40 : 500;
        for (int round = 0; round < rounds; ++round) {
            const Made& one = all[below(all.size())];
            std::vector<Filled> filled = {{one.item.c_str(), one.formula.c_str()}};
            const Made& other = all[below(all.size())];
            if (round % 2 == 1 && other.item != one.item) {
                filled.push_back({other.item.c_str(), other.formula.c_str()});
            }
            const std::vector<Judgement> judgements = class_.judge().judge(class_.with(filled));
            for (std::size_t at = 0; at < everything.size(); ++at) {
                const auto& judgement = judgements[at];
                const bool touched = std::any_of(filled.begin(), filled.end(),
                                                 [&](const Filled& each) { return each.name == everything[at]; });
                const bool fine = judgement.outcome == MarkOutcome::right ||
                                  judgement.outcome == MarkOutcome::carried ||
                                  judgement.outcome == MarkOutcome::error; // what goes on from an error is one
                wrongly += !touched && !fine ? 1 : 0;
                if (filled.size() == 1 && everything[at] == one.item && judgement.outcome != MarkOutcome::right &&
                    judgement.outcome != MarkOutcome::error) {
                    ++counted;
                    const bool right = judgement.slip != nullptr && judgement.slip->name == one.slip;
                    named += right ? 1 : 0;
                    if (!right) {
                        qInfo("%s = %s: %s, was %s", one.item.c_str(), one.formula.c_str(),
                              judgement.slip == nullptr ? "none" : std::string(judgement.slip->name).c_str(),
                              one.slip.c_str());
                    }
                }
            }
        }
        QCOMPARE(wrongly, 0);
        qInfo("named %d of %d", named, counted);
        QVERIFY(counted > rounds / 4);
        QVERIFY2(named >= 0.98 * counted, qPrintable(QStringLiteral("%1 of %2").arg(named).arg(counted)));
    }
};

LEDGEFALL_TEST(TestMarking)
#include "test_marking.moc"
