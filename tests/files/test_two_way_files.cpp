// Two-way tables in the study's file, on the command line and as delimited text.

#include "calc/calculator.h"
#include "core/engine/running/results.h"
#include "core/study/edits/edit_grid.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"

#include <QTemporaryDir>
#include <QtTest>

using namespace ledgefall;

namespace {

using Do = Step::Do;

std::string out(const std::vector<Step>& steps, const std::string& file = "") {
    const Result<std::string> done = Calculator().run(file, steps);
    return done ? *done : "refused: " + done.refusal().text();
}

const std::string head = R"json({"format": "ledgefall-study", "version": 1, )json";

std::string refusal_of(const std::string& axes, const std::string& columns) {
    const Result<Study> read =
        read_study(head + R"("tables": [{"name": "G", "axes": [)" + axes + R"(], "columns": [)" + columns + "]}]}");
    return read ? std::string() : read.refusal().text();
}

} // namespace

class TestTwoWayFiles : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void an_axis_keeps_how_it_is_shown() {
        Study study;
        Id table;
        study = *add_two_way_table(study, "G", *written_axis("rate = 3 %, 3.5 % .. 6 %"),
                                   *written_axis("years = 6, 12"), &table);
        study.tables.front().edit([](Table& copy) {
            copy.across->column->edit([](ColumnDefinition& years) {
                years.note = "until the stand is counted";
                years.width = 90;
            });
        });
        QVERIFY((*study.table(table)->axis.column)->format.style == Format::Style::percent);
        const Result<Study> read = read_study(write_study(study));
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        QVERIFY(read->tables.front()->axis == study.tables.front()->axis);
        QVERIFY(read->tables.front()->across == study.tables.front()->across);
    }

    void the_command_line_makes_grids() {
        const std::vector<Step> grid = {{Do::grid, "Product"}, {Do::down, "a = 1..3"}, {Do::across, "b = 2, 4, 8"}};
        const auto with = [&grid](std::vector<Step> more) {
            more.insert(more.begin(), grid.begin(), grid.end());
            return more;
        };
        QCOMPARE(out(with({{Do::layer, "p = a * b"}, {Do::table, "Product"}})),
                 std::string("a by b,2,4,8\n1,2,4,8\n2,4,8,16\n3,6,12,24\n"));
        QCOMPARE(
            out(with({{Do::layer, "p = a * b"}, {Do::layer, "q = p / sum(p[i, ..])"}, {Do::value, "sum(Product.q)"}})),
            std::string("3\n"));
        QCOMPARE(out(with({{Do::layer, "p = a + b"}, {Do::long_form, "Product"}})),
                 std::string("a,b,p\n1,2,3\n1,4,5\n1,8,9\n2,2,4\n2,4,6\n2,8,10\n3,2,5\n3,4,7\n3,8,11\n"));
        QCOMPARE(out(with({{Do::layer, "p = a + b"}, {Do::layer, "q = a > 2"}, {Do::table, "Product"}})),
                 std::string("layer,a by b,2,4,8\np,1,3,5,9\np,2,4,6,10\np,3,5,7,11\nq,1,no,no,no\nq,2,no,no,no\n"
                             "q,3,yes,yes,yes\n"));
        QCOMPARE(out(with({{Do::layer, "p = a * b"}, {Do::working, "Product.p[2, 3]"}})),
                 std::string("p[2, 3] = a × b\n        = 2 × 8\n        = 16\n"));
    }

    void mistakes_are_told() {
        QCOMPARE(out({{Do::down, "a = 1..3"}}),
                 std::string("refused: a = 1..3: write --grid NAME first, for the two-way table of this axis."));
        QCOMPARE(out({{Do::grid, "G"}, {Do::across, "a = 1..3"}}),
                 std::string("refused: a = 1..3: write --down before --across."));
        QCOMPARE(
            out({{Do::layer, "p = 1"}}),
            std::string("refused: p = 1: a layer needs a two-way table. Write --grid, --down and --across first."));
        QCOMPARE(out({{Do::grid, "G"}, {Do::down, "a ="}, {Do::across, "b = 1..3"}}),
                 std::string("refused: b = 1..3: The axis a: This axis has no values yet. Write some, as in 1..12 or "
                             "riffle, pool, weir."));
        QCOMPARE(out({{Do::grid, "G"}, {Do::down, "1..3"}}),
                 std::string("refused: 1..3: Write an axis as name = values, as in rate = 0.03, 0.035 .. 0.06."));
        QCOMPARE(out({{Do::grid, "G"}, {Do::down, "a = 1..3"}, {Do::across, "a = 1..3"}}),
                 std::string("refused: a = 1..3: Both axes are called a. Give one of them another name."));
    }

    void the_file_holds_them() {
        Study study;
        Id table;
        study = *hold(study, Id(), "n = 4");
        study = *add_two_way_table(study, "Counts", {"site", "", "", "riffle, pool, weir"}, {"visit", "", "", "1..n"},
                                   &table);
        Id typed;
        study = *add_typed_layer(study, table, "Seen", Kind::number, &typed);
        study = *write_column(study, table, "share = seen / sum(seen[i, ..])");
        study = *define_foot_line(study, table, "total = sum(each)", {typed});
        ResultsPtr results = compute(study);
        const auto axis = [&](bool across) {
            return *results->column(
                (across ? *study.table(table)->across->column : *study.table(table)->axis.column)->id);
        };
        study = *type_cells(study, typed, {0, 0}, axis(false), axis(true), {{"1", "2", "3"}, {"4", "", "six"}});
        results = compute(study);
        const std::string text = write_study(study);
        const Result<Study> read = read_study(text);
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        QVERIFY(write_study(*read) == text);
        const ResultsPtr again = compute(*read);
        for (const auto& layer : study.table(table)->columns) {
            QVERIFY(*results->column(layer->id) == *again->column(layer->id));
        }
        QCOMPARE(again->cell(typed, 1).number(), 2.0);
        QVERIFY(again->cell(typed, 6).state() == State::unparsed);
        QCOMPARE(again->column(typed)->size(), std::size_t(12));
    }

    void files_that_cannot_be_are_refused() {
        const std::string across = R"({"source": "series", "name": "b", "from": 1, "to": 3})";
        QVERIFY(refusal_of(R"({"source": "listed", "name": "a", "values": [1, 2]}, )" + across, "").empty());
        const auto told = [](const std::string& refusal, const char* part) {
            return QString::fromStdString(refusal).contains(part);
        };
        QVERIFY(told(refusal_of(R"({"source": "typed"}, )" + across, ""), "have their own values"));
        QVERIFY(told(refusal_of(across + ", " + across, ""), "Two things"));
        QVERIFY(
            told(refusal_of(R"({"source": "listed", "name": "a", "values": [1, 2, 1]}, )" + across, ""), "values[3]"));
        QVERIFY(
            told(refusal_of(R"({"source": "listed", "name": "a", "values": [1, null]}, )" + across, ""), "values[2]"));
        QVERIFY(told(refusal_of(R"({"source": "listed", "name": "a", "values": [1], "ids": [[1, 2]]}, )" + across, ""),
                     "ids"));
        QVERIFY(told(refusal_of(R"({"source": "listed", "name": "a", "values": [1]}, )" + across,
                                R"({"name": "f", "kind": "number", "values": [1, 2, 3]})"),
                     "in its overrides"));
        QVERIFY(told(refusal_of(R"({"source": "listed", "name": "a", "values": [1]}, )" + across + ", " + across, ""),
                     "one axis, or two"));
    }
};

LEDGEFALL_TEST(TestTwoWayFiles)
#include "test_two_way_files.moc"
