// Long random walks through the edits of a study. After every step: what is computed from the results before equals
// what is computed from nothing; no formula has changed its meaning where a name came or changed; and the whole walk
// can be undone and redone.

#include "core/runs/edit_runs.h"
#include "core/runs/keep_run.h"
#include "core/study/builders/frequency.h"
#include "core/study/builders/summary.h"
#include "core/study/edits/series.h"
#include "core/study/model/history.h"
#include "difference.h"
#include "harness/test_program.h"
#include "working.h"

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

class Walk {
  public:
    explicit Walk(unsigned seed)
        : engine_(seed) {
        for (const char* label : {"Riffle", "Pool"}) {
            Id table;
            study = *add_table(study, label, &table);
            study = *add_columns(study, table,
                                 {{"x", "x", "", Column::numbers({4, 1, 7, 3, 9, 2})},
                                  {"y", "y", "", Column::numbers({2, 2, 5, 0, 1, 8})}});
        }
        study = *hold(study, Id(), "p = 2");
    }

    Study study;

    /// One random edit; a refusal leaves the study as it is. Gives what was done, for a failure to be read.
    std::string step() {
        const Table& table = *study.tables[pick(study.tables.size())];
        switch (pick(30)) {
        case 0:
            return done("write", write_column(study, table.id, fresh("w") + " = " + formula(table)));
        case 1:
            return done("hold", hold(study, Id(), fresh("h") + " = " + std::to_string(pick(9))));
        case 2:
            return done("hold worked", hold(study, Id(), fresh("k") + " = p + mean(" + table.name + ".x)"));
        case 3:
            return done("hold in table", hold(study, table.id, fresh("t") + " = sum(" + column(table).name + ")"));
        case 4:
            return done("type", type_block(study, table.id, pick(8), pick(table.columns.size()),
                                           {{std::to_string(pick(50))}, {pick(3) == 0 ? "" : "1.5"}}));
        case 5:
            return done("rename column", rename_column(study, column(table).id, fresh("c")));
        case 6:
            return done("rename to a name in use elsewhere",
                        rename_column(study, column(table).id, pick(2) == 0 ? "p" : "x"));
        case 7:
            return done("rename held", study.ledge.empty() ? Result<Study>(study)
                                                           : rehold(study, study.ledge[pick(study.ledge.size())]->id,
                                                                    fresh("r") + " = 3"));
        case 8:
            return done("rename table", rename_table(study, table.id, fresh("T")));
        case 9:
            return done("insert rows", insert_rows(study, table.id, pick(7), 1 + pick(2)));
        case 10:
            return done("remove rows", remove_rows(study, table.id, pick(6), 1));
        case 11:
            return done("remove column",
                        table.columns.size() > 2 ? remove_column(study, column(table).id) : Result<Study>(study));
        case 12:
            return done("foot", add_foot_line(study, table.id, "sum", "sum(each)", {column(table).id}));
        case 13:
            return done("categories", study.tables.size() > 6 ? Result<Study>(study) : counted(table));
        case 16:
            return done("try", write_column(study, table.id,
                                            fresh("t") + " = sum(" + table.name + "." + column(table).name +
                                                ") * p with p = " + std::to_string(pick(5))));
        case 14: {
            SummaryRequest request;
            request.columns = {column(table).id, column(table).id};
            request.by = pick(2) == 0 ? Id() : column(table).id;
            request.measures = {"n", "avg", "lower_q"};
            return done("summary", study.tables.size() > 6 ? Result<Study>(study) : summary_table(study, request));
        }
        case 15: {
            Chart chart;
            chart.label = fresh("chart");
            chart.table = table.id;
            chart.series.push_back({SeriesForm::points, column(table).id, column(table).id, true, false, ""});
            chart.references.push_back({Reference::Form::across, {Formula("mean(" + column(table).name + ")")}, ""});
            return done("chart", study.charts.size() > 4 ? Result<Study>(study) : add_chart(study, chart));
        }
        default:
            return layout_step(table);
        }
    }

    Result<Study> counted(const Table& table) {
        Categories how;
        how.of = column(table).id;
        how.order = static_cast<Categories::Order>(pick(3));
        return category_table(study, how);
    }

    /// One random edit of where things stand.
    std::string layout_step(const Table& table) {
        const ColumnDefinition& chosen = column(table);
        switch (pick(17)) {
        case 0:
            return done("move column", move_column(study, chosen.id, pick(table.columns.size())));
        case 1:
            return done("duplicate column",
                        table.columns.size() < 12 ? duplicate_column(study, chosen.id) : Result<Study>(study));
        case 2:
            return done("insert column", table.columns.size() < 12
                                             ? insert_column(study, table.id, pick(table.columns.size()))
                                             : Result<Study>(study));
        case 3:
            return done("move rows", move_rows(study, table.id, pick(6), 1 + pick(2), pick(6)));
        case 4:
            return done("sort rows", chosen.computed() ? Result<Study>(study)
                                                       : sort_rows(study, table.id, *chosen.cells, pick(2) == 0));
        case 5:
            return done("hide column", hide_column(study, chosen.id, pick(2) == 0));
        case 6: {
            const std::size_t from = pick(5);
            return done("narrow reach", pick(2) == 0 ? narrow_reach(study, chosen.id, std::nullopt)
                                                     : narrow_reach(study, chosen.id, std::pair(from, from + pick(3))));
        }
        case 7: {
            const std::size_t at = pick(table.columns.size() - 1);
            return done("group",
                        group_columns(study, table.id, fresh("G"), {table.columns[at]->id, table.columns[at + 1]->id}));
        }
        case 8:
            return done("move held", move_held(study, held(), pick(4)));
        case 9:
            return done("shelve held", shelve_held(study, held(), pick(2) == 0 ? table.id : Id()));
        case 10:
            return done("continue", continue_cells(study, table.id, 0, pick(table.columns.size()), 0, 2, pick(9)));
        case 11:
            return done("keep a run", keep_run(study, *compute(study), {"", table.id, {}}));
        case 12:
            return done("restore", restore_run(study, run()));
        case 13:
            return done("remove a run", remove_run(study, run()));
        case 14:
            return done("table of runs", study.tables.size() > 3 ? Result<Study>(study) : add_runs_table(study));
        default:
            return done("slide", give_held(study, held(), Value::number(static_cast<double>(pick(10)))));
        }
    }

  private:
    std::size_t pick(std::size_t count) { return std::uniform_int_distribution<std::size_t>(0, count - 1)(engine_); }
    /// A held value of whatever ledge.
    Id held() {
        std::vector<Id> all;
        for (const auto& one : study.ledge) {
            all.push_back(one->id);
        }
        for (const auto& table : study.tables) {
            for (const auto& one : table->ledge) {
                all.push_back(one->id);
            }
        }
        return all.empty() ? Id("gone") : all[pick(all.size())];
    }
    Id run() { return study.runs.empty() ? Id("gone") : study.runs[pick(study.runs.size())]->id; }
    std::string fresh(const std::string& stem) { return stem + std::to_string(++number_); }
    const ColumnDefinition& column(const Table& table) { return *table.columns[pick(table.columns.size())]; }

    std::string formula(const Table& table) {
        const Table& other = *study.tables[&table == &*study.tables[0] ? 1 : 0];
        const std::string a = column(table).name;
        const std::string b = column(table).name;
        switch (pick(8)) {
        case 0:
            return a + " - mean(" + b + ")";
        case 1:
            return a + "[i-1] + " + b;
        case 2:
            return "sum(" + a + "[1..i])";
        case 3:
            return "count(" + a + " < " + b + "[i]) * 2";
        case 4:
            return "first 1 then " + a + " + 0.5 * " + b + "[i-1]";
        case 5:
            return "sum(" + other.name + "." + column(other).name + " where " + other.name + ".y > " + a + ")";
        case 6:
            return study.ledge.empty() ? a : study.ledge[pick(study.ledge.size())]->name + " * " + a;
        default:
            return "if " + a + " > " + b + " then " + a + " else " + b + " / 2";
        }
    }

    std::string done(const std::string& what, const Result<Study>& changed) {
        if (changed) {
            study = *changed;
            return what;
        }
        return what + ", refused: " + changed.refusal().text();
    }

    std::mt19937 engine_;
    int number_ = 0;
};

/// What every name in every formula means: by the formula's owner and place, the ids.
std::vector<std::string> meanings(const Study& study) {
    std::vector<std::string> all;
    for_each_formula(study, [&](const FormulaPlace& place, const Formula& formula) {
        if (formula.tree()) {
            std::string ids = place.owner.str() + ":";
            for_each_name(*formula.tree(), [&](const Node& name) {
                ids += " " + look_up(study, place.table, name.owner, name.text).id().str();
            });
            all.push_back(ids);
        }
    });
    return all;
}

} // namespace

class TestRandomEdits : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void results_from_before_equal_results_from_nothing_data() {
        QTest::addColumn<unsigned>("seed");
        for (unsigned seed = 1; seed <= 12; ++seed) {
            QTest::addRow("walk %u", seed) << seed;
        }
    }
    void results_from_before_equal_results_from_nothing() {
        QFETCH(unsigned, seed);
        Walk walk(seed);
        ResultsPtr results = compute(walk.study);
        std::string story;
        for (int number = 0; number < 80; ++number) {
            story = walk.step();
            results = compute(walk.study, results);
            const std::string differs = difference(walk.study, *results, *compute(walk.study));
            QVERIFY2(differs.empty(), (story + ": " + differs).c_str());
        }
    }

    void no_edit_changes_what_a_formula_means() {
        for (unsigned seed = 100; seed < 130; ++seed) {
            Walk walk(seed);
            for (int number = 0; number < 60; ++number) {
                const std::vector<std::string> before = meanings(walk.study);
                const std::string story = walk.step();
                const std::vector<std::string> after = meanings(walk.study);
                for (const std::string& meaning :
                     before) { // a formula may be gone, or new; those that stay mean the same
                    const std::string owner = meaning.substr(0, meaning.find(':') + 1);
                    const bool stays = std::any_of(after.begin(), after.end(),
                                                   [&owner](const std::string& one) { return one.starts_with(owner); });
                    // A name that meant nothing may come to mean something.
                    const bool open = meaning.ends_with(' ') || meaning.find("  ") != std::string::npos;
                    const bool same = open || std::find(after.begin(), after.end(), meaning) != after.end();
                    QVERIFY2(same || !stays || story == "rename held", (story + ": " + meaning).c_str());
                }
            }
        }
    }

    /// Where a column stands, whether it is seen, and the order of held values change no value anywhere.
    void moving_and_hiding_change_no_value() {
        int moved = 0;
        for (unsigned seed = 200; seed < 230; ++seed) {
            Walk walk(seed);
            for (int number = 0; number < 60; ++number) {
                const Study before = walk.study;
                const std::string story = walk.step();
                if (story == "move column" || story == "hide column" || story == "move held" || story == "group") {
                    QCOMPARE(difference(before, *compute(before), *compute(walk.study)), std::string());
                    ++moved;
                }
            }
        }
        QVERIFY(moved > 100);
    }

    void groups_always_stand_over_neighbours() {
        for (unsigned seed = 300; seed < 340; ++seed) {
            Walk walk(seed);
            for (int number = 0; number < 60; ++number) {
                const std::string story = walk.step();
                for (const auto& table : walk.study.tables) {
                    for (const auto& group : table->groups) {
                        std::vector<std::size_t> places;
                        for (std::size_t at = 0; at < table->columns.size(); ++at) {
                            const Id id = table->columns[at]->id;
                            if (std::find(group->columns.begin(), group->columns.end(), id) != group->columns.end()) {
                                places.push_back(at);
                            }
                        }
                        QVERIFY2(places.size() == group->columns.size(), story.c_str());
                        QVERIFY2(places.empty() || places.back() - places.front() + 1 == places.size(), story.c_str());
                    }
                }
            }
        }
    }

    void a_walk_can_be_undone_and_redone() {
        Walk walk(77);
        History history(walk.study);
        std::vector<Study> states = {walk.study};
        for (int number = 0; number < 60; ++number) {
            const std::string story = walk.step();
            history.perform(walk.study, story);
            states.push_back(walk.study);
        }
        for (std::size_t at = states.size(); at > 1; --at) {
            QVERIFY(history.now() == states[at - 1]);
            history.undo();
        }
        QVERIFY(history.now() == states.front());
        ResultsPtr results = compute(states.back());
        for (const Study& state : states) { // going back and forth takes results along too
            results = compute(state, results);
            QCOMPARE(difference(state, *results, *compute(state)), std::string());
        }
    }

    void soups_of_formula_pieces_are_read_or_refused() {
        static const char* pieces[] = {
            "x",     "y",       "p",      "1",      "2.5",    "\"a\"",     "+",          "-",    "*",   "/",    "^",
            "(",     ")",       "[",      "]",      ",",      "..",        "i",          "last", "if",  "then", "else",
            "first", ";",       "sum(",   "mean(",  "count(", " where ",   " for k in ", "and",  "or",  "not",  "<",
            "<=",    "=",       "≠",      "%",      "!",      "°",         "√",          "|",    "mod", "in",   "each",
            "row",   "missing", "Other.", "ledge.", "²",      "quantile(", "P("};
        Bench bench;
        bench.numbers("x", {1, 2, 3}).numbers("y", {3, 0, 5}).held("p = 2");
        std::mt19937 engine(5);
        int read = 0;
        for (int number = 0; number < 20000; ++number) {
            std::string text;
            const std::size_t length = 1 + engine() % 6;
            for (std::size_t at = 0; at < length; ++at) {
                text += std::string(pieces[engine() % std::size(pieces)]) + (engine() % 2 == 0 ? " " : "");
            }
            const ParsedFormula parsed = parse_formula(text);
            QVERIFY2(parsed.tree != nullptr || (parsed.mistake && !parsed.mistake->what.empty()), text.c_str());
            if (parsed.mistake) {
                QVERIFY2(parsed.mistake->span.from <= text.size() && parsed.mistake->span.to <= text.size(),
                         text.c_str());
                continue;
            }
            ++read;
            Study study = bench.study;
            study.tables.front().edit([&](Table& table) {
                ColumnDefinition column;
                column.id = Id("soup");
                column.name = "soup";
                column.pieces = {{Formula(text), {}, {}}};
                table.columns.emplace_back(column);
            });
            QVERIFY2(compute(study, bench.results) != nullptr, text.c_str());
        }
        QVERIFY(read > 1000);
    }
};

LEDGEFALL_TEST(TestRandomEdits)
#include "test_random_edits.moc"
