// A study's file: round trips, what scripts may leave out, what is kept, what is refused and where, saving whole.

#include "core/engine/running/results.h"
#include "core/study/builders/frequency.h"
#include "core/study/edits/edits.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"

#include <QFile>
#include <QTemporaryDir>
#include <QtTest>

#include <csignal>
#include <filesystem>
#include <random>
#include <sys/resource.h>

using namespace ledgefall;

namespace {

const std::string head = R"json({"format": "ledgefall-study", "version": 1, )json";

std::string demo_text() {
    return *read_file(DEMO_FOLDER "/marrow-beck.ledgefall");
}

std::string refusal_of(const std::string& text) {
    const Result<Study> read = read_study(text);
    return read ? std::string() : read.refusal().text();
}

/// Compares line by line, so that a failure shows the line that differs.
void compare_lines(const std::string& a, const std::string& b) {
    const QStringList left = QString::fromStdString(a).split(QLatin1Char('\n'));
    const QStringList right = QString::fromStdString(b).split(QLatin1Char('\n'));
    for (qsizetype line = 0; line < std::min(left.size(), right.size()); ++line) {
        QCOMPARE(left[line], right[line]);
    }
    QCOMPARE(left.size(), right.size());
}

} // namespace

class TestStudyFile : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void the_demo_reads_back_to_itself() {
        const std::string text = demo_text();
        const Result<Study> read = read_study(text);
        QVERIFY(read);
        compare_lines(write_study(*read), text);
        const Result<Study> again = read_study(write_study(*read));
        QVERIFY(*again == *read);
    }

    void everything_a_study_can_hold_comes_back() {
        Study study;
        Id table;
        study.title = "Marrow Beck \"Week\" \u2713";
        study = *add_table(study, "Drift", &table);
        std::vector<Value> odd = {
            Value::number(0.1),   Value::missing(),      Value::unparsed(Text("n/a")),        Value::number(-0.0),
            Value::number(1e300), Value::number(5e-324), Value::number(123456789012345680.0), Value::number(1.0 / 3)};
        study = *add_columns(study, table,
                             {{"Time", "t", "s", Column::of(Kind::number, odd)},
                              {"Site", "site", "",
                               Column::of(Kind::text, {Value::text(Text("pool;\n\"x\"")), Value::missing(Kind::text)})},
                              {"Wet", "wet", "", Column::of(Kind::yes_no, {Value::yes_no(true), Value::yes_no(false)})},
                              {"Day", "day", "", Column::of(Kind::date, {read_cell("2026-05-04 09:30", Kind::date)})}});
        study = *write_column(study, table, "v [m/s] = 10 / t");
        study = *type_block(study, table, 2, 4, {{"7"}});
        study = *insert_rows(study, table, 1, 1);
        study = *hold(study, Id(), "p = 35%");
        study = *hold(study, table, "k [N/m] = \"stiff\"");
        study = *add_foot_line(study, table, "mean", "mean(each)", {study.tables[0]->columns[0]->id});
        study = *format_column(study, study.tables[0]->columns[0]->id, {Format::Style::decimals, 3});
        const Result<Study> read = read_study(write_study(study));
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        compare_lines(write_study(*read), write_study(study));
        QVERIFY(*read == study);
        QVERIFY(std::signbit(read->tables[0]->columns[0]->cells->at(4).number()));
    }

    /// Files with a part torn out, doubled or changed are read or refused with a sentence; what is read can be written.
    void torn_files_are_read_or_refused() {
        const std::string whole = demo_text();
        std::mt19937 engine(9);
        int read_in = 0;
        int refused = 0;
        for (int turn = 0; turn < 1500; ++turn) {
            std::string text = whole;
            for (int change = 0; change < 1 + turn % 3; ++change) {
                const std::size_t from = engine() % text.size();
                const std::size_t length = 1 + engine() % 12;
                switch (engine() % 4) {
                case 0:
                    text.erase(from, length);
                    break;
                case 1:
                    text.insert(from, text.substr(engine() % text.size(), length));
                    break;
                case 2:
                    text[from] = static_cast<char>(32 + engine() % 95);
                    break;
                default:
                    if (const std::size_t digit = text.find_first_of("0123456789", from); digit != std::string::npos) {
                        text.replace(digit, 1, engine() % 2 == 0 ? "-7" : "1e9");
                    }
                }
            }
            const Result<Study> study = read_study(text);
            if (!study) {
                QVERIFY(!study.refusal().text().empty());
                ++refused;
                continue;
            }
            ++read_in;
            const Result<Study> again = read_study(write_study(*study));
            QVERIFY2(again, text.c_str());
            QVERIFY2(*again == *study, text.c_str());
        }
        QVERIFY(read_in > 100);
        QVERIFY(refused > 100);
    }

    void sliders_choices_groups_and_formats_come_back() {
        Study study;
        Id table;
        study = *add_table(study, "Dishes", &table);
        study = *add_columns(study, table,
                             {{"Site", "site", "", Column::of(Kind::text, {Value::text(Text("pool"))})},
                              {"Sown", "sown", "", Column::of(Kind::date, {read_cell("2026-05-04", Kind::date)})}});
        Id p;
        Id s;
        study = *hold(study, Id(), "p = 0.35", &p);
        study = *hold(study, table, "s = \"pool\"", &s);
        study = *detail_held(study, p, {"", "chance", "chances", Slider{0, 1, 0.05}, {}});
        study = *detail_held(
            study, s,
            {"", "", "sites", {}, {study.tables[0]->columns[0]->id, {Value::text(Text("weir")), Value::number(3)}}});
        study = *hide_column(study, study.tables[0]->columns[0]->id, true);
        using Style = Format::Style;
        for (const Style style :
             {Style::fraction, Style::day_month, Style::weekday, Style::month_year, Style::percent}) {
            study = *format_column(study, study.tables[0]->columns[1]->id, {style, 2});
            const Result<Study> read = read_study(write_study(study));
            QVERIFY2(read, read ? "" : read.refusal().text().c_str());
            QVERIFY(*read == study);
        }
    }

    void what_cannot_slide_or_be_chosen_from_is_told() {
        const auto with = [](const char* held) {
            return refusal_of(head + R"json("ledge": [{"name": "p", "value": 1, )json" + held + "}]}");
        };
        QVERIFY(with(R"json("slider": {"from": 0, "to": 1, "step": 0.1})json").empty());
        for (const char* broken : {R"json("slider": {"from": 1, "to": 0, "step": 0.1})json", R"json("slider": 3)json",
                                   R"json("slider": {"from": 0, "to": 1, "step": -1})json",
                                   R"json("slider": {"from": "a", "to": 1, "step": 1})json", R"json("choices": 3)json",
                                   R"json("choices": {"column": 7})json"}) {
            const std::string why = with(broken);
            QVERIFY2(why.find("ledge") != std::string::npos, (std::string(broken) + ": " + why).c_str());
        }
        const std::string hidden = refusal_of(
            head + R"json("tables": [{"name": "T", "columns": [{"name": "x", "values": [1], "hidden": "yes"}]}]})json");
        QVERIFY2(hidden.find("hidden") != std::string::npos, hidden.c_str());
        // A format of a later version shows as needed.
        const Result<Study> later = read_study(
            head +
            R"json("tables": [{"name": "T", "columns": [{"name": "x", "values": [1], "format": {"style": "roman"}}]}]})json");
        QVERIFY(later->tables[0]->columns[0]->format.style == Format::Style::automatic);
    }

    void a_script_may_leave_out_what_can_be_found() {
        const Result<Study> read = read_study(head + R"json("tables": [{"name": "Dishes", "columns": [
            {"name": "seeds", "values": [12, 12]}, {"name": "k", "values": [3, 5]}, {"name": "share", "formula": "k / seeds"}],
            "foot": [{"formula": "mean(each)", "columns": ["share"]}]}]})json");
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        const Table& table = *read->tables.front();
        QCOMPARE(table.axis.ids()->size(), std::size_t{2});
        QVERIFY(!table.id.empty() && !table.columns[0]->id.empty());
        const ResultsPtr results = compute(*read);
        QCOMPARE(results->foot(table.foot[0]->id, table.columns[2]->id).number(), (0.25 + 5.0 / 12) / 2);
    }

    void unknown_fields_are_kept() {
        const std::string text =
            head + R"json("mood": {"calm": [1, {"deep": null}]}, "charts": [{"id": "g1", "kind": "histogram",
                "series": [{"form": "points", "x": "T.x", "y": "T.x", "dash": 1}], "x": {"title": "X", "log": true},
                "references": [{"form": "across", "numbers": ["1"], "ink": 1}]}],
            "settings": {"seed": 4, "grades": "A to E", "angles": "degrees", "grouping": "space"},
            "ledge": [{"name": "p", "value": 0.35, "slider": {"from": 0, "to": 1, "step": 0.01, "loop": 1},
                       "format": {"style": "decimals", "digits": 2, "sign": "+"}},
                      {"name": "q", "value": 1, "format": {"style": "roman", "digits": 3},
                       "choices": {"values": [1, 2], "sorted": true}}],
            "tables": [{"name": "T", "colour": "red", "axes": [{"source": "counted", "count": "10", "until": "x > 3"}],
            "columns": [{"name": "x", "formula": "row", "handout": "blank"}], "foot": [{"formula": "sum(each)", "columns": [], "new": 1}]}]})json";
        const Result<Study> read = read_study(text);
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        const std::string written = write_study(*read);
        for (const char* part : {"\"mood\"", "\"deep\"", "\"histogram\"", "\"slider\"", "\"step\": 0.01", "\"colour\"",
                                 "\"until\"", "\"handout\"", "\"new\"", "\"dash\"", "\"log\"", "\"ink\"", "\"grades\"",
                                 "\"angles\"", "\"space\"", "\"loop\"", "\"sign\"", "\"roman\"", "\"sorted\""}) {
            QVERIFY2(written.find(part) != std::string::npos, part);
        }
        QVERIFY(*read_study(written) == *read);
    }

    void rows_of_a_later_source_are_kept_unread() {
        const Result<Study> read = read_study(
            head +
            R"json("tables": [{"name": "Kinds", "axes": [{"source": "series", "of": "Stones.rock", "order": ["slate"]}], "columns": []}]})json");
        QVERIFY(read);
        QVERIFY(write_study(*read).find("\"order\"") != std::string::npos);
        QCOMPARE(compute(*read)->rows(read->tables[0]->id), std::size_t{0});
    }

    void categories_and_charts_come_back() {
        const std::string text = head + R"json("tables": [
              {"name": "Sites", "axes": [{"source": "categories", "of": "Drift.site", "kind": "text", "name": "site", "order": "rising", "first": ["weir"]}],
               "columns": [{"name": "f", "formula": "count(Drift.site = site)"}]},
              {"name": "Drift", "columns": [{"name": "site", "kind": "text", "values": ["riffle", "pool", "riffle"]},
                                            {"name": "t", "values": [15, 37.5, 14]}]}],
            "charts": [{"label": "Times", "table": "Drift", "mood": 3, "equal_scales": true,
               "series": [{"form": "boxes", "x": "Drift.site", "y": "Drift.t"}, {"form": "bars", "x": "Sites.site", "y": "Sites.f", "fit": true}],
               "references": [{"form": "circle", "numbers": ["1", "mean(t)", "0.5"], "label": "peg"}],
               "x": {"title": "Where", "to": "count(t)"}}]})json";
        const Result<Study> read = read_study(text);
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        const ResultsPtr results = compute(*read);
        QCOMPARE(results->rows(read->tables[0]->id), std::size_t{3}); // weir first, though it does not occur
        QCOMPARE(results->cell(read->tables[0]->columns[0]->id, 0).number(), 0.0);
        QCOMPARE(results->cell(read->tables[0]->columns[0]->id, 2).number(), 2.0);
        const Chart& chart = *read->charts.front();
        QVERIFY(chart.series[1].x == (*read->tables[0]->axis.column)->id);
        QVERIFY(chart.table == read->tables[1]->id);
        const std::string written = write_study(*read);
        QVERIFY(written.find("\"mood\"") != std::string::npos);
        QVERIFY(*read_study(written) == *read);
    }

    void what_has_lost_its_column_can_be_opened_again() {
        Study study;
        Id table;
        study = *add_table(study, "Drift", &table);
        std::vector<Id> columns;
        study = *add_columns(study, table, {{"Site", "site", "", Column::of(Kind::text, {Value::text(Text("pool"))})}},
                             &columns);
        Categories how;
        how.of = columns.front();
        study = *category_table(study, how);
        study = *remove_table(study, table, IfUsed::remove_anyway);
        const Result<Study> read = read_study(write_study(study));
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        QCOMPARE(write_study(*read), write_study(study));
        const ResultsPtr results = compute(*read);
        const auto fault = results->fault_of_rows(read->tables[0]->id);
        QVERIFY(fault && QString::fromStdString(fault->at().what.text()).contains("removed"));
        QCOMPARE(results->rows(read->tables[0]->id), std::size_t{0});
    }

    void charts_that_are_wrong_are_refused_data() {
        QTest::addColumn<QString>("chart");
        QTest::addColumn<QString>("message");
        QTest::newRow("form") << R"({"series": [{"form": "cake"}]})"
                              << "one of points, line";
        QTest::newRow("column") << R"({"label": "A", "series": [{"y": "T.none"}]})"
                                << "uses a column T.none";
        QTest::newRow("numbers") << R"({"references": [{"form": "circle", "numbers": ["1"]}]})"
                                 << "this many numbers";
        QTest::newRow("table") << R"({"label": "A", "table": "None"})"
                               << "uses a table None";
        QTest::newRow("axis") << R"({"x": 3})"
                              << "an object in braces";
        QTest::newRow("series") << R"({"series": 3})"
                                << "a list";
    }
    void charts_that_are_wrong_are_refused() {
        QFETCH(QString, chart);
        QFETCH(QString, message);
        const Result<Study> read = read_study(
            head + R"json("tables": [{"name": "T", "columns": [{"name": "x", "values": [1]}]}], "charts": [)json" +
            chart.toStdString() + "]}");
        QVERIFY(!read);
        QVERIFY2(QString::fromStdString(read.refusal().text()).contains(message), read.refusal().text().c_str());
    }

    void classes_groups_functions_and_stops_come_back() {
        const std::string text = head + R"json("settings": {"as_of": "2026-05-20"},
            "ledge": [{"name": "force", "formula": "G / r^2", "parameters": ["r"]}, {"name": "G", "value": 8}],
            "tables": [
              {"name": "Classes", "axes": [{"source": "classes", "edges": [0, 5, 10], "closed": "right", "open_ends": ["last"]}],
               "columns": [{"name": "f", "formula": "force(upper(class))"}]},
              {"name": "Drift", "axes": [{"source": "counted", "count": 9, "until": "a > 2"}],
               "columns": [{"name": "a", "formula": "row"}, {"name": "b", "formula": "2 * row"}],
               "groups": [{"name": "Both", "columns": ["a", "b"]}]}]})json";
        const Result<Study> read = read_study(text);
        QVERIFY2(read, read ? "" : read.refusal().text().c_str());
        const ResultsPtr results = compute(*read);
        QCOMPARE(results->rows(read->tables[0]->id), std::size_t{3});
        QCOMPARE(results->cell(read->tables[0]->columns[0]->id, 0).number(), 0.32);
        QVERIFY(results->cell(read->tables[0]->columns[0]->id, 2).is_fault());
        QCOMPARE(results->rows(read->tables[1]->id), std::size_t{3});
        QCOMPARE(read->tables[1]->groups.front()->columns.back(), read->tables[1]->columns.back()->id);
        QVERIFY(*read_study(write_study(*read)) == *read);
        const std::string axis = R"json("tables": [{"name": "C", "axes": [{"source": "classes", "edges": )json";
        QVERIFY(refusal_of(head + axis + "[1, 1]}]}]}").find("edges[1]") != std::string::npos);
        QVERIFY(refusal_of(head + axis + "[1]}]}]}").find("increasing") != std::string::npos);
        QVERIFY(refusal_of(head + R"json("settings": {"as_of": "soon"}})json").find("as_of") != std::string::npos);
        QVERIFY(refusal_of(head + R"json("tables": [{"name": "T", "groups": [{"name": "G", "columns": ["x"]}]}]})json")
                    .find("does not exist") != std::string::npos);
    }

    void broken_formulas_are_kept_as_written() {
        const Result<Study> read = read_study(
            head +
            R"json("tables": [{"name": "T", "columns": [{"name": "x", "values": [1]}, {"name": "y", "formula": "x + * 2"}]}]})json");
        QVERIFY(read);
        QCOMPARE(compute(*read)->cell(read->tables[0]->columns[1]->id, 0).fault().at().cause, Cause::syntax);
        QVERIFY(write_study(*read).find("x + * 2") != std::string::npos);
    }

    void what_is_wrong_is_refused_with_its_place_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("part");
        const auto row = [](const char* name, const std::string& text, const char* part) {
            QTest::newRow(name) << QString::fromStdString(text) << QString::fromUtf8(part);
        };
        row("empty", "", "cut off");
        row("not JSON", "{\"format\": \n nonsense}", "line 2");
        row("another format", "{\"a\": 1}", "not a Ledgefall study");
        row("a list", "[1, 2]", "not a Ledgefall study");
        row("no version", "{\"format\": \"ledgefall-study\"}", "version");
        row("newer", "{\"format\": \"ledgefall-study\", \"version\": 99}", "later Ledgefall");
        row("version zero", "{\"format\": \"ledgefall-study\", \"version\": 0}", "no version 0");
        row("wrong type", head + "\"title\": 5}", "title");
        row("tables no list", head + "\"tables\": {}}", "tables");
        row("a value", head + "\"tables\": [{\"name\": \"T\", \"columns\": [{\"name\": \"x\", \"values\": [1, {}]}]}]}",
            "tables[0].columns[0].values[1]");
        row("a name", head + "\"ledge\": [{\"name\": \"2x\", \"value\": 1}]}", "ledge[0].name");
        row("a kind", head + "\"tables\": [{\"name\": \"T\", \"columns\": [{\"name\": \"x\", \"kind\": \"colour\"}]}]}",
            "tables[0].columns[0].kind");
        row("twice", head + "\"tables\": [{\"name\": \"T\", \"columns\": [{\"name\": \"x\"}, {\"name\": \"x\"}]}]}",
            "Two things in the table T are called x");
        row("id twice", head + "\"tables\": [{\"name\": \"T\", \"id\": \"a\"}, {\"name\": \"U\", \"id\": \"a\"}]}",
            "id a");
        row("rows", head + "\"tables\": [{\"name\": \"T\", \"axes\": [{\"rows\": [[1, 2], [2, 2]]}]}]}",
            "tables[0].axes[0].rows");
        row("a million million rows", head + "\"tables\": [{\"name\": \"T\", \"axes\": [{\"rows\": 1000000000000}]}]}",
            "rows");
        row("too large", head + "\"ledge\": [{\"name\": \"x\", \"value\": 1e999}]}", "too large");
        row("foot of nothing",
            head + "\"tables\": [{\"name\": \"T\", \"foot\": [{\"formula\": \"sum(each)\", \"columns\": [\"z\"]}]}]}",
            "column z");
        row("check of nothing", head + "\"checks\": [{\"condition\": \"yes\", \"table\": \"Z\"}]}", "table Z");
        row("piece", head + "\"tables\": [{\"name\": \"T\", \"columns\": [{\"name\": \"x\", \"pieces\": [{}]}]}]}",
            "tables[0].columns[0].pieces[0].formula");
        row("angles", head + "\"settings\": {\"angles\": \"gradians\"}}", "settings.angles");
        row("quantiles", head + "\"settings\": {\"quantile_type\": 12}}", "settings.quantile_type");
        row("deep", std::string(100000, '['), "deep");
    }
    void what_is_wrong_is_refused_with_its_place() {
        QFETCH(QString, text);
        QFETCH(QString, part);
        const QString refusal = QString::fromStdString(refusal_of(text.toStdString()));
        QVERIFY2(refusal.contains(part), qPrintable(refusal));
    }

    void every_cut_of_the_demo_is_refused() {
        const std::string text = demo_text();
        for (std::size_t length = 0; length + 2 < text.size(); length += 97) {
            QVERIFY(!refusal_of(text.substr(0, length)).empty());
        }
    }

    void changed_bytes_never_break_the_reader() {
        const std::string text = demo_text();
        std::uint64_t state = 12345;
        for (int round = 0; round < 400; ++round) {
            std::string changed = text;
            for (int k = 0; k < 3; ++k) {
                state = state * 6364136223846793005ULL + 1442695040888963407ULL;
                changed[(state >> 33U) % changed.size()] = static_cast<char>(state >> 20U);
            }
            const Result<Study> read = read_study(changed);
            QVERIFY(!read || compute(*read) != nullptr);
        }
    }

    void saving_is_whole_or_not_at_all() {
        const QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("study.ledgefall")).toStdString();
        QVERIFY(write_file(path, "first"));
        QFile::setPermissions(QString::fromStdString(path), QFile::ReadOwner | QFile::WriteOwner);
        QVERIFY(write_file(path, "second"));
        QCOMPARE(*read_file(path), std::string("second"));
        QCOMPARE(QFile::permissions(QString::fromStdString(path)) & QFile::ReadOther, QFile::Permissions());

        // A disk that takes no more: the old file stays, and nothing is left beside it.
        struct rlimit before {};
        getrlimit(RLIMIT_FSIZE, &before);
        take_file_limit_as_error();
        const struct rlimit small { 1000, before.rlim_max };
        setrlimit(RLIMIT_FSIZE, &small);
        const auto refused = write_file(path, std::string(5000, 'x'));
        setrlimit(RLIMIT_FSIZE, &before);
        QVERIFY(!refused);
        QCOMPARE(*read_file(path), std::string("second"));
        const auto entries = std::distance(std::filesystem::directory_iterator(folder.path().toStdString()),
                                           std::filesystem::directory_iterator());
        QCOMPARE(entries, std::ptrdiff_t{1});

        QVERIFY(!write_file(folder.filePath(QStringLiteral("none/x")).toStdString(), "x"));
        QVERIFY(!read_file(folder.filePath(QStringLiteral("none")).toStdString()));
        QVERIFY(!read_file(folder.path().toStdString()));
    }

    void a_link_is_followed() {
        const QTemporaryDir folder;
        const std::string real = folder.filePath(QStringLiteral("real")).toStdString();
        const std::string link = folder.filePath(QStringLiteral("link")).toStdString();
        QVERIFY(write_file(real, "old"));
        std::filesystem::create_symlink("real", link);
        QVERIFY(write_file(link, "new"));
        QVERIFY(std::filesystem::is_symlink(link));
        QCOMPARE(*read_file(real), std::string("new"));
    }
};

LEDGEFALL_TEST(TestStudyFile)
#include "test_study_file.moc"
