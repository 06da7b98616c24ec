// Kept runs in the study's file and at the command line.

#include "calc/calculator.h"
#include "core/runs/edit_runs.h"
#include "core/runs/keep_run.h"
#include "core/working.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"

#include <QtTest>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Do = Step::Do;

/// Every kind of cell, gaps and faults, something typed over a formula, a foot, and a table of the runs.
Study with_runs() {
    Bench bench;
    bench.held("k = 0.1").held("site = \"pool\"").held("began = date(2026, 5, 20)").rows("3");
    bench.work("x = k * row").work("odd = 1 / (row - 2)").work("day = began + row").work("place = site");
    bench.work("late = day > began + 1");
    bench.take(type_block(bench.study, bench.table, 1, 0, {{"7"}}));
    bench.take(define_foot_line(bench.study, bench.table, "total = sum(each)", {bench.id("x")}));
    for (const char* setting : {"k = 0.1", "k = 1e-300", "k = 12345.678901234567"}) {
        bench.held(setting);
        Id added;
        bench.take(keep_run(bench.study, *bench.results, {"", bench.table, {}}, &added));
        bench.take(draw_run(bench.study, added, bench.study.runs.size() != 2));
    }
    bench.take(rename_run(bench.study, bench.study.runs.front()->id, "small k"));
    bench.take(add_runs_table(bench.study));
    return bench.study;
}

std::string out(const std::vector<Step>& steps) {
    const Result<std::string> done = Calculator().run("", steps);
    return done ? *done : "refused: " + done.refusal().text();
}

std::string refusal_of(const std::string& runs) {
    const Result<Study> read = read_study(R"json({"format": "ledgefall-study", "version": 1, )json" + runs + "}");
    return read ? std::string() : read.refusal().text();
}

} // namespace

class TestRunFiles : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void runs_come_back_in_full() {
        const Study study = with_runs();
        const std::string text = write_study(study);
        const Result<Study> read = read_study(text);
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        QCOMPARE(read->runs.size(), std::size_t{3});
        for (std::size_t at = 0; at < 3; ++at) {
            QVERIFY(*read->runs[at] == *study.runs[at]);
        }
        QVERIFY(read->runs_table == study.runs_table);
        QCOMPARE(write_study(*read), text);
        QCOMPARE(read->runs[2]->columns[0].cells.at(0), Value::number(12345.678901234567));
    }

    void fields_of_a_later_version_are_kept() {
        std::string text = write_study(with_runs());
        const std::string mark = "\"seed\": 1,\n      \"formulas\"";
        QVERIFY(text.find(mark) != std::string::npos);
        text.replace(text.find(mark), 9, "\"later\": [1, 2], \"seed\": 1");
        const Result<Study> read = read_study(text);
        QVERIFY(read);
        QVERIFY(write_study(*read).find("\"later\": [1, 2]") != std::string::npos);
    }

    void what_has_gone_does_not_come_back_as_something_else() {
        Bench bench;
        bench.held("last = 3").rows("2").work("x = last * row");
        bench.held("gone = 4");
        Id run;
        bench.take(keep_run(bench.study, *bench.results, {"", bench.table, {}}, &run));
        const Id gone = bench.id("gone");
        bench.take(remove_held(bench.study, gone));
        Study read = *read_study(write_study(bench.study));
        Id added;
        read = *hold(read, Id(), "fresh = 9", &added);
        QVERIFY(!(added == gone));
        std::vector<std::string> stays;
        read = *hold(read, Id(), "last = 5");
        read = *restore_run(read, run, &stays);
        QCOMPARE(stays, (std::vector<std::string>{"gone"}));
        QCOMPARE(read.held_named("fresh")->value, Value::number(9));
        QCOMPARE(read.held_named("last")->value, Value::number(3));
    }

    void a_row_that_was_removed_is_not_found_in_a_later_one() {
        Study study = with_runs();
        const Id list = study.runs_table->table;
        study = *remove_rows(study, list, 2, 1); // that of the last run
        study = *read_study(write_study(study));
        const Id names = study.runs_table->columns.front().column;
        study = *set_cells(study, names, 2, {Value::text(Text("my own row"))}); // under the id of the one before
        study = *rename_run(study, study.runs.back()->id, "another name");
        QCOMPARE(study.table(list)->column(names)->cells->at(2), Value::text(Text("my own row")));
    }

    void broken_runs_are_refused_with_their_place() {
        const std::pair<const char*, const char*> wrong[] = {
            {R"("runs": 3)", "At runs, the file should have a list"},
            {R"("runs": [3])", "At runs[0], the file should have an object in braces"},
            {R"("runs": [{"seed": -1}])", "At runs[0].seed, the file should have a whole number of 0 or more"},
            {R"("runs": [{"columns": [{"values": 1}]}])", "At runs[0].columns[0].values, the file should have a list"},
            {R"("runs": [{"columns": [{"kind": "tree"}]}])", "At runs[0].columns[0].kind"},
            {R"("runs": [{"outcomes": [{"of": "least"}]}])", "At runs[0].outcomes[0].of"},
            {R"("runs": [{"overrides": [{"values": [{"value": 1}]}]}])", "At runs[0].overrides[0].values[0].row"},
            {R"("runs": [{"drawn": 1}])", "At runs[0].drawn, the file should have true or false"},
            {R"("runs_table": [])", "At runs_table, the file should have an object in braces"},
        };
        for (const auto& [text, sentence] : wrong) {
            QVERIFY2(refusal_of(text).starts_with(sentence), refusal_of(text).c_str());
        }
        QCOMPARE(refusal_of(R"("runs": [{}, {}])"), std::string());
    }

    void the_command_line_keeps_and_lists_them() {
        QCOMPARE(out({{Do::rows, "3"},
                      {Do::hold, "k = 2"},
                      {Do::column, "x = k * row"},
                      {Do::keep_run, ""},
                      {Do::hold, "k = 5"},
                      {Do::keep_run, "large"},
                      {Do::runs, ""}}),
                 std::string("run,k,largest_x,last_x\nk = 2,2,6,6\nlarge,5,15,15\n"));
        QCOMPARE(out({{Do::runs, ""}}),
                 std::string("refused: There are no runs yet. Keep one, change a held value, and keep another."));
        QVERIFY(out({{Do::rows, "3"}, {Do::column, "x = 1 / (row - 2)"}, {Do::keep_run, "a"}})
                    .starts_with("refused: Data.x, row 2"));
        const std::string twice =
            out({{Do::rows, "3"}, {Do::column, "x = row"}, {Do::keep_run, "a"}, {Do::keep_run, "a"}});
        QCOMPARE(twice, std::string("refused: --keep-run a: This is already kept as a. Change a held value first."));
    }
};

LEDGEFALL_TEST(TestRunFiles)
#include "test_run_files.moc"
