// Kept runs: what they hold against loops by hand, what they are called, that they stay as they were whatever is done
// to the study, and that restoring brings back what they were made with.

#include "core/charts/chart_figures.h"
#include "core/runs/edit_runs.h"
#include "core/runs/formulas_mark.h"
#include "core/runs/keep_run.h"
#include "core/runs/run_titles.h"
#include "core/study/model/parts.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

constexpr int steps = 40;

/// The heights of a stone thrown upwards, step by step.
std::vector<double> heights(double speed, double step) {
    std::vector<double> all;
    double v = speed;
    double s = 0;
    for (int row = 0; row < steps; ++row) {
        all.push_back(s);
        s += v * step;
        v -= 9.81 * step;
    }
    return all;
}

Bench thrown_stone() {
    Bench bench;
    bench.held("v0 = 10").held("dt = 0.05").rows(std::to_string(steps));
    bench.take(write_column(bench.study, bench.table, "v = first v0 then v[i-1] - 9.81 * dt"));
    return bench.work("s = first 0 then s[i-1] + v[i-1] * dt").held("far = max(Data.s)");
}

Id keep(Bench& bench, const std::string& name = "") {
    Id added;
    bench.take(keep_run(bench.study, *bench.results, {name, bench.table, {}}, &added));
    return added;
}

Id kept_with(Bench& bench, const std::string& definition) {
    bench.held(definition);
    return keep(bench);
}

std::vector<std::string> titles(const Bench& bench) {
    std::vector<std::string> all;
    for (const RunTitle& title : run_titles(bench.study)) {
        all.push_back(title_text(title));
    }
    return all;
}

std::string refusal(const Result<Study>& result) {
    return result ? "not refused" : result.refusal().text();
}

bool same(const Column& cells, const std::vector<double>& wanted) {
    bool equal = cells.size() == wanted.size();
    for (std::size_t row = 0; row < wanted.size() && equal; ++row) {
        equal = near(cells.at(row).number(), wanted[row], 1e-12);
    }
    return equal;
}

/// What stands in the table of runs, as people would write it.
std::vector<std::vector<std::string>> listed(const Bench& bench) {
    const Table& table = *bench.study.table(bench.study.runs_table->table);
    std::vector<std::vector<std::string>> rows(*table.own_rows());
    for (std::size_t row = 0; row < rows.size(); ++row) {
        for (const auto& column : table.columns) {
            rows[row].push_back(write_cell(bench.results->cell(column->id, row)));
        }
    }
    return rows;
}

} // namespace

class TestRuns : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_run_stays_as_it_was() {
        Bench bench = thrown_stone();
        const Id first = keep(bench);
        const Id second = kept_with(bench, "v0 = 12");
        bench.held("dt = 0.01").work("s = 7");
        const Run& kept = *bench.study.run(first);
        QVERIFY(same(kept.column(bench.id("s"))->cells, heights(10, 0.05)));
        QVERIFY(same(bench.study.run(second)->column(bench.id("s"))->cells, heights(12, 0.05)));
        QCOMPARE(kept.outcomes.size(), std::size_t{1}); // the computed held value
        const std::vector<double> by_hand = heights(10, 0.05);
        QVERIFY(near(kept.outcomes[0].value.number(), *std::max_element(by_hand.begin(), by_hand.end()), 1e-12));
        QCOMPARE(kept.setting(bench.id("v0"))->value, Value::number(10));
    }

    void without_outcomes_the_columns_give_some() {
        Bench bench = thrown_stone();
        bench.take(remove_held(bench.study, bench.id("far")));
        const Run& run = *bench.study.run(keep(bench));
        QCOMPARE(run.outcomes.size(), std::size_t{4});
        QCOMPARE(run.outcomes[3].name, std::string("last s"));
        QVERIFY(near(run.outcomes[3].value.number(), heights(10, 0.05).back(), 1e-12));
        bench.held("root_of_v0 = sqrt(v0)").held("v0 = 16"); // which the columns are not asked by
        const Run& other = *bench.study.run(keep(bench));
        QCOMPARE(other.outcomes.size(), std::size_t{5});
        QCOMPARE(other.outcomes[0].value, Value::number(4));
        QVERIFY(near(other.outcomes[4].value.number(), heights(16, 0.05).back(), 1e-12));
    }

    void chosen_columns_come_with_what_they_are_drawn_along() {
        Bench bench = thrown_stone();
        bench.work("t = (row - 1) * dt");
        Chart chart;
        chart.table = bench.table;
        chart.series = {{SeriesForm::joined, bench.id("t"), bench.id("s"), false, false, ""}};
        bench.take(add_chart(bench.study, chart));
        bench.take(keep_run(bench.study, *bench.results, {"", bench.table, {bench.id("s")}}));
        QVERIFY(bench.study.runs.front()->column(bench.id("t")) != nullptr);
        QVERIFY(bench.study.runs.front()->column(bench.id("v")) == nullptr);
        bench.held("v0 = 12");
        QCOMPARE(chart_figures(bench.study, *bench.results, *bench.study.charts.front()).series.size(), std::size_t{2});
    }

    void a_foot_is_kept_and_faults_are_missing() {
        Bench bench = thrown_stone();
        bench.work("odd = 1 / (row - 3)");
        bench.take(
            define_foot_line(bench.study, bench.table, "greatest = max(each)", {bench.id("s"), bench.id("odd")}));
        const Run& run = *bench.study.run(keep(bench));
        QCOMPARE(run.outcomes.size(), std::size_t{3});
        QCOMPARE(run.outcomes[1].name, std::string("greatest s"));
        QCOMPARE(run.outcomes[1].value, run.outcomes[0].value);
        QVERIFY(run.outcomes[2].value.is_missing());
        QVERIFY(run.column(bench.id("odd"))->cells.at(2).is_missing());
        QCOMPARE(run.column(bench.id("odd"))->cells.at(3), Value::number(1));
    }

    void they_are_called_by_what_differs() {
        Bench bench = thrown_stone();
        const Id first = keep(bench);
        QCOMPARE(titles(bench), (std::vector<std::string>{"Run 1", ""}));
        kept_with(bench, "v0 = 12");
        QCOMPARE(titles(bench), (std::vector<std::string>{"v0 = 10", "v0 = 12", "v0 = 12"}));
        kept_with(bench, "dt = 0.02");
        QCOMPARE(titles(bench), (std::vector<std::string>{"v0 = 10, dt = 0.05", "v0 = 12, dt = 0.05",
                                                          "v0 = 12, dt = 0.02", "v0 = 12, dt = 0.02"}));
        bench.take(rename_run(bench.study, first, "slow"));
        QCOMPARE(titles(bench)[0], std::string("slow"));
        bench.take(rename_run(bench.study, first, ""));
        QCOMPARE(titles(bench)[0], std::string("v0 = 10, dt = 0.05"));
        bench.work("v = first v0 then v[i-1] - 9 * dt"); // other formulas, the same held values
        keep(bench);
        QCOMPARE(titles(bench)[3], std::string("v0 = 12, dt = 0.02 (2)"));
        bench.take(Result<Study>(draw_again(bench.study)));
        QVERIFY(titles(bench)[4].starts_with("v0 = 12, dt = 0.02, seed = "));
        QCOMPARE(titles(bench)[0], std::string("v0 = 10, dt = 0.05, seed = 1"));
    }

    void restoring_brings_back_what_was_held_and_typed_over() {
        Bench bench = thrown_stone();
        bench.take(type_block(bench.study, bench.table, 4, 1, {{"3"}}));
        const Column before = *bench.results->column(bench.id("s"));
        const Id run = keep(bench);
        QCOMPARE(refusal(restore_run(bench.study, run)), std::string("Everything is already as it was in this run."));
        bench.held("v0 = 20").held("dt = 1").take(give_back(bench.study, bench.id("s"), std::nullopt));
        bench.take(type_block(bench.study, bench.table, 7, 0, {{"1"}}));
        QVERIFY(!(*bench.results->column(bench.id("s")) == before));
        bench.take(restore_run(bench.study, run));
        QCOMPARE(*bench.results->column(bench.id("s")), before);
        bench.held("dt = v0 / 200"); // computed now, so it stays
        std::vector<std::string> stays;
        bench.held("v0 = 3").take(restore_run(bench.study, run, &stays));
        QCOMPARE(stays, (std::vector<std::string>{"dt"}));
        QCOMPARE(bench.study.held_named("v0")->value, Value::number(10));
    }

    void changed_formulas_are_noticed_and_new_names_are_not() {
        Bench bench = thrown_stone();
        bench.held("g = 9.81").work("w = v * g");
        const Run run = *bench.study.run(keep(bench));
        const auto changed = [&] { return formulas_have_changed(bench.study, run); };
        bench.held("v0 = 12");
        QVERIFY(!changed());
        bench.take(rename_column(bench.study, bench.id("v"), "speed"));
        bench.take(rename_table(bench.study, bench.table, "Stone"));
        bench.work("other = 5");
        QVERIFY(!changed());
        const Study sound = bench.study;
        const auto noticed = [&](const Result<Study>& next) {
            bench.take(next);
            const bool yes = changed();
            bench.take(sound);
            return yes;
        };
        QVERIFY(noticed(hold(bench.study, Id(), "g = v0")));          // behind a column
        QVERIFY(noticed(count_rows(bench.study, bench.table, "41"))); // how many rows
        QVERIFY(noticed(write_column(bench.study, bench.table, "speed = first v0 then speed[i-1] - 10 * dt")));
        QVERIFY(noticed(hold(bench.study, Id(), "far = min(Stone.s)")));
        QVERIFY(!changed());
    }

    void a_table_of_runs_follows_them() {
        Bench bench = thrown_stone();
        QVERIFY(refusal(add_runs_table(bench.study)).starts_with("There are no runs yet"));
        keep(bench);
        const Id second = kept_with(bench, "v0 = 12");
        bench.take(add_runs_table(bench.study));
        QCOMPARE(listed(bench).size(), std::size_t{2});
        QCOMPARE(listed(bench)[1][0], std::string("v0 = 12"));
        QCOMPARE(listed(bench)[1][1], std::string("12"));
        const std::string far = write_cell(bench.results->single(bench.id("far")));
        QCOMPARE(listed(bench)[1][2], far);
        kept_with(bench, "dt = 0.02"); // differs for the first time: a column of its own
        QCOMPARE(listed(bench)[2][3], std::string("0.02"));
        QCOMPARE(listed(bench)[0][3], std::string("0.05"));
        QCOMPARE(listed(bench)[0][0], std::string("v0 = 10, dt = 0.05"));
        const Id list = bench.study.runs_table->table;
        bench.take(write_column(bench.study, list, "twice = 2 * far")); // an ordinary table
        bench.take(remove_run(bench.study, second));
        QCOMPARE(listed(bench).size(), std::size_t{2});
        QCOMPARE(listed(bench)[1][1], std::string("12"));
        QCOMPARE(listed(bench)[1][3], std::string("0.02"));
        bench.take(remove_rows(bench.study, list, 0, 1)); // by hand: it does not come back
        kept_with(bench, "v0 = 13");
        QCOMPARE(listed(bench).size(), std::size_t{2});
        bench.take(remove_table(bench.study, list, IfUsed::remove_anyway));
        kept_with(bench, "v0 = 14");
        QVERIFY(!bench.study.runs_table);
        bench.take(add_runs_table(bench.study));
        QCOMPARE(listed(bench).size(), std::size_t{4});
    }

    void charts_draw_those_that_are_wanted() {
        Bench bench = thrown_stone();
        bench.work("t = (row - 1) * dt");
        Chart chart;
        chart.table = bench.table;
        chart.series = {{SeriesForm::joined, bench.id("t"), bench.id("s"), false, false, ""},
                        {SeriesForm::bars, {}, bench.id("v"), false, false, ""}};
        bench.take(add_chart(bench.study, chart));
        const Id first = keep(bench);
        kept_with(bench, "v0 = 12");
        bench.held("dt = 0.1").rows("20");
        const auto figures = [&] { return chart_figures(bench.study, *bench.results, *bench.study.charts.front()); };
        const ChartFigures both = figures();
        QCOMPARE(both.series.size(), std::size_t{4}); // bars would cover each other
        QVERIFY(!both.series[0].of_run() && !both.series[1].run);
        QCOMPARE(both.series[2].run->number, std::size_t{1});
        QCOMPARE(both.series[2].under, std::size_t{0});
        QCOMPARE(both.series[2].x.size(), std::size_t{steps}); // all of its rows, though there are fewer now
        QVERIFY(same(Column::numbers(both.series[3].y), heights(12, 0.05)));
        QCOMPARE(title_text(*both.series[0].run), std::string("v0 = 12, dt = 0.1"));
        QVERIFY(std::all_of(both.series[2].rows.begin(), both.series[2].rows.end(),
                            [](std::uint32_t row) { return row == no_row; }));
        const Study changed = bench.study;
        bench.rows(std::to_string(steps)).held("dt = 0.05"); // as the second run: it would lie hidden
        QCOMPARE(figures().series.size(), std::size_t{3});
        bench.take(changed);
        bench.take(draw_run(bench.study, first, false));
        QCOMPARE(figures().series.size(), std::size_t{3});
        bench.take(remove_table(bench.study, bench.table, IfUsed::remove_anyway));
        QCOMPARE(figures().series.size(), std::size_t{0});
        QCOMPARE(bench.study.run(first)->column(chart.series[0].y)->cells.size(), std::size_t{steps});
    }

    void what_cannot_be_kept_says_why() {
        Bench bench = thrown_stone();
        const auto kept = [&](const RunRequest& request) {
            return refusal(keep_run(bench.study, *bench.results, request));
        };
        QCOMPARE(kept({"", Id("t99"), {}}), no_such_part.text());
        QCOMPARE(kept({"", bench.table, {Id("c99")}}), no_such_part.text());
        keep(bench, "first");
        QCOMPARE(kept({"", bench.table, {}}), std::string("This is already kept as first. Change a held value first."));
        bench.held("v0 = 1");
        QVERIFY(kept({"first", bench.table, {}}).find("already the name of a run") != std::string::npos);
        for (const auto& edit : {rename_run(bench.study, Id("u99"), "x"), remove_run(bench.study, Id("u99")),
                                 draw_run(bench.study, Id("u99"), true), restore_run(bench.study, Id("u99"))}) {
            QCOMPARE(refusal(edit), no_such_part.text());
        }
        Bench empty;
        QVERIFY(refusal(keep_run(empty.study, *compute(empty.study), {"", empty.table, {}}))
                    .starts_with("There is nothing to keep"));
    }

    void a_study_that_is_emptied_has_none() {
        Bench bench = thrown_stone();
        bench.take(type_block(bench.study, bench.table, 4, 1, {{"3"}}));
        keep(bench);
        const Study emptied = empty_for_own_data(bench.study);
        QVERIFY(emptied.runs.empty());
        QVERIFY(emptied.table(bench.table)->column_named("s")->overrides->empty());
    }

    void texts_outlive_their_study() {
        Run run;
        {
            Bench bench;
            const InternScope scope;
            bench.texts("site", {"only in this run", "riffle"}).work("called = lower(site)");
            bench.study.interned.add(scope.objects());
            run = *bench.study.run(keep(bench));
        }
        QVERIFY(run.columns.front().cells.at(0).plain());
        QCOMPARE(run.columns.front().cells.at(0).text().str(), std::string("only in this run"));
    }
};

LEDGEFALL_TEST(TestRuns)
#include "test_runs.moc"
