// Worksheets that other libraries have written, read as studies: formulas, values, and what is said of them. The values
// were computed by those who wrote them, in openformula_worksheets.py.

#include "core/engine/running/results.h"
#include "files/archive_writing.h"
#include "files/formats/file_format.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "files/worksheet_reading/archive.h"
#include "files/worksheet_reading/worksheet_readers.h"
#include "harness/test_program.h"

#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include <cmath>
#include <set>
using namespace ledgefall;
using namespace ledgefall::testing;
using Is = WorksheetReport::Line::Is;

namespace {

/// What is found in a worksheet: lines of its report that there must be, and no others of these kinds.
struct Expected {
    const char* name;
    std::vector<const char*> formulas;
    std::vector<const char*> slips;
    std::size_t differences = 0;
    std::size_t tables = 1, held = 0;
};

const std::vector<Expected>& all_expected() {
    static const std::vector<Expected> all = {
        {"beside",
         {"rate = catch / tries", "rounded = round(rate, 2)", "Sum under Catch: sum(each)",
          "Mean under Rate: mean(each)"},
         {}},
        {"marks",
         {"percent = marks / 40 * 100", "passed = marks >= most_possible / 2", "Average under Marks: mean(each)",
          "Average under Percent: mean(each)"},
         {"The number 40 is written in the formula, and is also in B3, as most possible."},
         0,
         1,
         1},
        {"binomial",
         {"P = choose(n, k) * p^k * q^(n - k)", "P_2 = sum(P[1..i])", "q = 1 - p", "mean = n * p",
          "sd = sqrt(n * p * q)"},
         {},
         0,
         1,
         5},
        {"diversity",
         {"p = n / sum(n)", "p_ln_p = p * ln(p)", "n_2 = n * (n - 1)", "Sums under n: sum(each)",
          "Sums under p ln p: sum(each)", "Sums under n: sum(each)", "Shannon under n: -sum(p_ln_p)",
          "Evenness under n: -sum(p_ln_p) / ln(count(each))"},
         {}},
        {"classes",
         {"from = first 25 then to[i-1]", "to = from + 5", "mid = (from + to) / 2",
          "f = count(Classes.length >= from[i] and Classes.length < to[i])", "share = f / sum(f)",
          "sum(each) under f: sum(each)"},
         {},
         0,
         2},
        {"shares", {"share = count / sum(count)", "Total under Count: sum(each)"}, {}},
        {"shares_unlocked",
         {"share = count / sum(count)", "Total under Count: sum(each)"},
         {"The reference B8 is not fixed and has moved to B13 after 5 rows."},
         5},
        {"conditions",
         {"count_below = count(Pebbles.length < below[i])"},
         {"Row 6 counts below 54, but the rows around it go up by 5 to 55."},
         0,
         2},
        {"deviations",
         {"deviation = length - mean(length)", "squared = deviation^2",
          "variance = sum(Deviations.squared) / (count(Deviations.length) - 1)", "standard_deviation = sqrt(variance)",
          "mean(each) under Length: mean(each)", "sum(each) under Deviation: sum(each)",
          "sum(each) under Squared: sum(each)"},
         {},
         0,
         1,
         2},
        {"running", {"so_far = sum(caught[1..i])", "difference = caught - caught[i-1]"}, {}},
        {"growth", {"seedlings = first 100 then seedlings[i-1] * (1 + rate)"}, {}, 0, 1, 1},
        {"motion",
         {"t = first 0 then t[i-1] + dt", "x = first 0 then x[i-1] + v[i-1] * dt",
          "v = first start_speed then v[i-1] - k * x[i-1] * dt"},
         {},
         0,
         1,
         3},
        {"quartiles",
         {"quantile(each, 1 / 4) under Riffle: quantile(each, 1 / 4)",
          "quantile(each, 1 / 4) under Pool: quantile(each, 1 / 4)",
          "quantile(each, 1 / 4) under Weir: quantile(each, 1 / 4)",
          "quantile(each, 2 / 4) under Riffle: quantile(each, 2 / 4)",
          "quantile(each, 2 / 4) under Pool: quantile(each, 2 / 4)",
          "quantile(each, 2 / 4) under Weir: quantile(each, 2 / 4)",
          "quantile(each, 3 / 4) under Riffle: quantile(each, 3 / 4)",
          "quantile(each, 3 / 4) under Pool: quantile(each, 3 / 4)",
          "quantile(each, 3 / 4) under Weir: quantile(each, 3 / 4)"},
         {}},
        {"grid", {"value = start * (1 + down)^across"}, {}, 0, 1, 1},
        {"dates",
         {"years = years(collected, analysed)", "months = months(collected, analysed)",
          "days = days(collected, analysed)", "between = analysed - collected"},
         {}},
        {"totals",
         {"all = sum(riffle[i] .. weir[i])", "share = all / sum(all)", "Total under Riffle: sum(each)",
          "Total under Pool: sum(each)", "Total under Weir: sum(each)", "Total under All: sum(each)"},
         {}},
        {"names", {"temperature = T_air + 61.5 * exp(-k * minute)"}, {}, 0, 1, 2},
        {"two_tables", {"speed = 10 / drift_time", "speed = 10 / drift_time"}, {}, 0, 2},
        {"slips",
         {"area = width * depth", "mean_width = mean(Slips.width[1..6])"},
         {"Row 4 of Area has =A5+B5, but the rows around it have =A5*B5.",
          "Row 6 of Area is 2.2, typed over the formula =A7*B7, and is kept.",
          "The range A2:A7 leaves out the last rows of the column (2) and is kept."},
         0,
         1,
         1},
        {"laid_across", {"so_far = sum(rain[1..i])", "in_inches = rain / 25.4"}, {}},
        {"mixed",
         {"share = size / 2", "c_2021 = c_2019 + c_2020", "mean(each) under 2019: mean(each)",
          "mean(each) under 2021: mean(each)", "max(each) under 2021: max(each)", "Total under Column B: sum(each)"},
         {"Cells of Depth that are not a number: 1 (row 2). They are kept as written.",
          "The numbers of Tries are stored as text, which sums leave out",
          "Row 3 of Share has =C4/C9, but the rows around it have =C4/2. It has no value to keep"},
         1,
         7},
        {"years", {"both = c_2019 + c_2020"}, {}},
        {"blocks",
         {"ratio = mass / size", "share = size / sum(size)",
          "count = count(Data.size <= up_to[i]) - count(Data.size <= up_to[i-1])",
          "nearest_in_a_block = pick(Charges.charge where Charges.from = max(Charges.from where Charges.from <= 4.9))",
          "nearest_in_a_column = pick(Charges.charge where Charges.from = max(Charges.from where Charges.from <= 5))",
          "nearest_by_place = pick(Charges.charge where Charges.from = max(Charges.from where Charges.from <= 100))",
          "second_largest = quantile(Data.size, (count(Data.size) - 2 + 0.5) / count(Data.size), 1)",
          "third_smallest = quantile(Data.size, (3 - 0.5) / count(Data.size), 1)",
          "sum_by_a_product = sum(Data.size where Data.site = \"pool\")",
          "count_by_a_product = count(Data.site = \"pool\" and Data.size > 4)",
          "begins_so = count(starts(Data.site, \"po\"))", "has_it = count(contains(Data.site, \"r\"))",
          "does_not_end_so = count(not contains(Data.site, \"e\"))",
          "over_two_columns = count(Data.size >= 4) + count(Data.mass >= 4)",
          "largest_of_some = max(Data.size where Data.site = \"pool\")"},
         {},
         0,
         3,
         12},
        {"functions",
         {"count = count(Data.site = site[i])",
          "size = sum(Data.size where Data.site = site[i])",
          "mean_size = mean(Data.size where Data.site = site[i])",
          "large = count(Data.site = site[i] and Data.size >= 4)",
          "kind = if count > 2 then \"many\" else \"few\"",
          "squared = (-count)^2",
          "per_other = if count - 2 = 0 then missing else size / (count - 2)",
          "skew = skewness(Data.size) * sqrt(count(Data.size) * (count(Data.size) - 1)) / (count(Data.size) - 2)",
          "kurt = (count(Data.size) - 1) / ((count(Data.size) - 2) * (count(Data.size) - 3)) * ((count(Data.size) + 1) "
          "* "
          "kurtosis(Data.size) + 6)",
          "slope = slope(Data.weight, Data.size)",
          "tenth = quantile(Data.size, 0.1)",
          "product_of_both = sum(Data.size * Data.weight)",
          "squares = sum(Data.size^2)",
          "mean_deviation = mean(abs(Data.size - mean(Data.size)))",
          "six_of_ten = P(binomial(10, 0.4) = 6)",
          "payment = -1000 * 0.01 / (1 - (1 + 0.01)^-24)",
          "angle = atan2(4, 3) * 180 / pi",
          "log = log10(1000)",
          "signs = (-2)^2 + 7%",
          "towers = (2^3)^2",
          "joined = join(\"site \", Data.site[1])",
          "cut_off = trunc(Data.size[2] * 10^1) / 10^1",
          "to_wholes = sign(-Data.size[1]) * ceil(abs(-Data.size[1]))",
          "whole_times = trunc(Data.size[4] / 2)",
          "from_the_line = intercept(Data.weight, Data.size) + slope(Data.weight, Data.size) * 10",
          "graded = if Data.size[1] < 3 then \"small\" else if Data.size[1] < 6 then \"middle\" else \"large\""},
         {},
         0,
         2,
         19},
    };
    return all;
}

std::string report_of(const WorksheetReport& report, Is is) {
    std::string out;
    for (const auto& line : report.lines) {
        out += line.is == is ? line.place + " " + line.what.text() + "\n" : "";
    }
    return out;
}

std::string row_of(const std::string& cells) {
    return "<table:table-row>" + cells + "</table:table-row>";
}
std::string text_cell(const std::string& text) {
    return "<table:table-cell office:value-type=\"string\"><text:p>" + text + "</text:p></table:table-cell>";
}
std::string number_cell(const std::string& value, const std::string& formula = "") {
    return "<table:table-cell office:value-type=\"float\" office:value=\"" + value + "\"" +
           (formula.empty() ? "" : " table:formula=\"of:=" + formula + "\"") + "/>";
}

} // namespace

class OpenFormulaRecovery : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;

    Result<WorksheetStudy> read(const std::string& name) const {
        const std::string path = folder_.path().toStdString() + "/" + name;
        const Result<std::string> bytes = read_file(path);
        return bytes ? format_of(path).read_worksheet(*bytes, {}) : Result<WorksheetStudy>(bytes.refusal());
    }

  private Q_SLOTS:
    void initTestCase() {
        QProcess writer;
        writer.start("/usr/bin/python3", {WORKSHEETS, folder_.path()});
        QVERIFY(writer.waitForFinished(60000));
        QVERIFY2(writer.exitCode() == 0, writer.readAllStandardError().constData());
    }

    /// The formulas that are recovered, the slips that are told, and no value that is not the one in the file.
    void each_worksheet_is_recovered() {
        std::size_t files = 0;
        for (const Expected& expected : all_expected()) {
            for (const char* suffix : {".ods", ".xlsx"}) {
                const std::string name = std::string(expected.name) + suffix;
                const Result<WorksheetStudy> read = this->read(name);
                QVERIFY2(read, name.c_str());
                std::multiset<std::string> formulas;
                std::vector<std::string> slips;
                for (const auto& line : read->report.lines) {
                    if (line.is == Is::recovered) {
                        formulas.insert(line.what.text());
                    } else if (line.is == Is::slip) {
                        slips.push_back(line.what.text());
                    }
                }
                const std::multiset<std::string> wanted(expected.formulas.begin(), expected.formulas.end());
                QVERIFY2(formulas == wanted, (name + "\n" + report_of(read->report, Is::recovered)).c_str());
                QVERIFY2(slips.size() == expected.slips.size(),
                         (name + "\n" + report_of(read->report, Is::slip)).c_str());
                for (std::size_t at = 0; at < slips.size(); ++at) {
                    QVERIFY2(slips[at].starts_with(expected.slips[at]), slips[at].c_str());
                }
                QVERIFY2(read->report.count(Is::difference) == expected.differences,
                         (name + "\n" + report_of(read->report, Is::difference)).c_str());
                QVERIFY2(read->report.count(Is::not_said) == 0, report_of(read->report, Is::not_said).c_str());
                QCOMPARE(read->study.tables.size(), expected.tables);
                QCOMPARE(read->study.ledge.size(), expected.held);
                ++files;
            }
        }
        QCOMPARE(files, std::size_t(48));
    }

    /// Classes by one condition a row, in whichever way they are written, are one formula over their limits; a limit
    /// that is mistyped in a formula is told, and its value kept.
    void limits_of_classes_are_no_foot() {
        constexpr int ways = 64; // by sign, running or not, limits as texts, by cells, one mistyped, under the data
        for (int way = 0; way < ways; ++way) {
            const bool running = (way & 16) != 0;
            const bool mistyped = (way & 2) != 0;
            for (const char* suffix : {".ods", ".xlsx"}) {
                const std::string name = "limits" + std::to_string(way) + suffix;
                const Result<WorksheetStudy> read = this->read(name);
                QVERIFY2(read, name.c_str());
                const std::string report = name + "\n" + read->report.text();
                const Study& study = read->study;
                const Table* classes = nullptr;
                for (const auto& table : study.tables) {
                    const bool counts = table->columns.size() == 2 && table->columns[1]->computed();
                    classes = counts ? &*table : classes;
                }
                QVERIFY2(classes != nullptr && study.tables.size() == 2, report.c_str());
                const ColumnDefinition& count = *classes->columns[1];
                const std::string sign = way < 32 ? " < " : " <= ";
                const std::string formula = count.pieces.front().formula.text();
                QVERIFY2(formula.find(sign + classes->columns[0]->name + "[i])") != std::string::npos, report.c_str());
                QVERIFY2((formula.find("first") == 0) != running, report.c_str());
                QCOMPARE(classes->columns[0]->cells->kind(), Kind::number);
                QCOMPARE(classes->columns[0]->cells->filled(), std::size_t{8});
                QVERIFY2(read->report.count(Is::slip) == (mistyped ? 1U : 0U), report.c_str());
                QVERIFY2(count.overrides->size() == (mistyped ? 1U : 0U), report.c_str());
                for (const Is none : {Is::difference, Is::not_said, Is::left_out}) {
                    QVERIFY2(read->report.count(none) == 0, report.c_str());
                }
            }
        }
    }

    /// A small archive that unpacks to very much is refused before it does.
    void a_part_of_zeros_is_not_unpacked() {
        const std::string bomb = archive_of({{"content.xml", std::string(300'000'000, '\0')}}, true);
        QVERIFY(bomb.size() < 1'000'000);
        const auto read = read_open_document(bomb);
        QVERIFY(!read);
        QVERIFY2(read.refusal().text().find("unpacks to more than 100000000 bytes") != std::string::npos,
                 read.refusal().text().c_str());
    }

    /// Both formats say the same.
    void formats_agree() {
        for (const Expected& expected : all_expected()) {
            const auto open = read(std::string(expected.name) + ".ods");
            const auto other = read(std::string(expected.name) + ".xlsx");
            QVERIFY(open && other);
            QCOMPARE(QString::fromStdString(open->report.text()), QString::fromStdString(other->report.text()));
        }
    }

    /// What was recovered goes on working: another number, and all that depends on it follows.
    void it_goes_on_working() {
        const auto read = this->read("growth.ods");
        QVERIFY(read);
        const Result<Study> changed = hold(read->study, Id(), "rate = 0.1");
        QVERIFY(changed);
        const ResultsPtr results = compute(*changed);
        const Table& table = *changed->tables.front();
        const double last = results->cell(table.column_named("seedlings")->id, 9).number();
        QVERIFY(std::fabs(last - 100 * std::pow(1.1, 9)) < 1e-9);
        QCOMPARE(results->rows(table.id), std::size_t(10));
    }

    /// Exceptions keep their values, typed over the formula, and the formula can be given back.
    void a_slip_is_mended() {
        const auto read = this->read("slips.xlsx");
        QVERIFY(read);
        const Table& table = *read->study.tables.front();
        const ColumnDefinition& area = *table.column_named("area");
        QCOMPARE(area.overrides->size(), std::size_t(2));
        QCOMPARE(compute(read->study)->cell(area.id, 3).number(), 4.75);
        const Result<Study> mended = give_back(read->study, area.id, std::nullopt);
        QVERIFY(mended);
        QCOMPARE(compute(*mended)->cell(area.id, 3).number(), 3.0);
        QCOMPARE(compute(*mended)->cell(area.id, 5).number(), 2.25);
    }

    void headings_have_units_and_formats() {
        const auto deviations = read("deviations.ods");
        const ColumnDefinition& length = *deviations->study.tables.front()->columns[0];
        QCOMPARE(length.label, std::string("Length"));
        QCOMPARE(length.unit, std::string("mm"));
        for (const char* file : {"totals.ods", "totals.xlsx"}) {
            const auto totals = read(file);
            const Table& table = *totals->study.tables.front();
            QCOMPARE(table.label, std::string("Invertebrates by site"));
            QCOMPARE(table.column_named("share")->format, (Format{Format::Style::percent, 1}));
        }
        const auto dates = read("dates.xlsx");
        QCOMPARE(dates->study.tables.front()->columns[0]->cells->kind(), Kind::date);
        QCOMPARE(write_cell(dates->study.tables.front()->columns[0]->cells->at(1)), std::string("2020-02-29"));
    }

    /// A title stands over a table, and a single text under it heads a column; rows of another kind are another table;
    /// series of several kinds lie across.
    void unusual_blocks_are_found() {
        const auto mixed = read("mixed.ods");
        QVERIFY(mixed);
        const auto& tables = mixed->study.tables;
        QCOMPARE(tables[1]->columns[0]->cells->kind(), Kind::number);
        QCOMPARE(tables[2]->columns[0]->cells->kind(), Kind::date);
        QCOMPARE(tables[3]->label, std::string("Floats by reach"));
        QCOMPARE(tables[3]->columns[0]->name, std::string("reach"));
        QCOMPARE(tables[3]->columns[0]->cells->at(2).number(), 3.0);
        QVERIFY(tables[4]->laid_across);
        QCOMPARE(tables[4]->columns[0]->cells->kind(), Kind::date);
        QCOMPARE(tables[4]->columns[2]->cells->at(1).text().str(), std::string("pool"));
        QCOMPARE(tables[5]->foot.size(), std::size_t(2));
    }

    /// Files that are none, or are cut, or ask for too much: one sentence each.
    void bad_files_are_refused() {
        const std::string good = *read_file(folder_.path().toStdString() + "/shares.ods");
        const std::string book = *read_file(folder_.path().toStdString() + "/shares.xlsx");
        const std::pair<std::string, const char*> open[] = {
            {"", "cut off or damaged"},
            {"no archive at all", "cut off or damaged"},
            {good.substr(0, good.size() / 2), "cut off or damaged"},
            {archive_of({{"mimetype", "x"}}), "content.xml is missing"},
            {archive_of({{"content.xml", "<office:document-content><a></b>"}}), "not well-formed XML"},
            {archive_of({{"content.xml", "<office:document-content/>"}}), "not a spreadsheet"},
            {archive_of({{"META-INF/manifest.xml", "<manifest:encryption-data/>"}, {"content.xml", "x"}}), "encrypted"},
        };
        for (const auto& [bytes, sentence] : open) {
            const Result<Workbook> read = read_open_document(bytes);
            QVERIFY2(!read && read.refusal().text().find(sentence) != std::string::npos,
                     read ? sentence : read.refusal().text().c_str());
        }
        const std::pair<std::string, const char*> other[] = {
            {"", "cut off or damaged"},
            {"\xD0\xCF\x11\xE0 and more", "older binary format"},
            {book.substr(0, book.size() - 100), "cut off or damaged"},
            {archive_of({{"x", "y"}}), "xl/workbook.xml is missing"},
            {archive_of({{"xl/workbook.xml", "<workbook>"}}), "not well-formed XML"},
        };
        for (const auto& [bytes, sentence] : other) {
            const Result<Workbook> read = read_open_xml(bytes);
            QVERIFY2(!read && read.refusal().text().find(sentence) != std::string::npos,
                     read ? "read" : read.refusal().text().c_str());
        }
    }

    /// Entities are not multiplied, rows without end are not made, and names that point outside are only names.
    void hostile_files_cost_nothing() {
        std::string entities = "<!DOCTYPE x [<!ENTITY a \"aaaaaaaaaa\">";
        for (char c = 'b'; c <= 'z'; ++c) {
            entities += std::string("<!ENTITY ") + c + " \"";
            for (int time = 0; time < 10; ++time) {
                entities += std::string("&") + static_cast<char>(c - 1) + ";";
            }
            entities += "\">";
        }
        const std::string multiplied = archive_of(
            {{"content.xml", entities +
                                 "]><office:document-content xmlns:office=\"o\" xmlns:table=\"t\" "
                                 "xmlns:text=\"x\"><office:body><office:spreadsheet><table:table "
                                 "table:name=\"S\">" +
                                 row_of(text_cell("&z;")) +
                                 "</table:table></office:spreadsheet></office:body></office:document-content>"},
             {"../../etc/passwd", "root"}});
        const auto read = read_open_document(multiplied);
        QVERIFY(read);
        QVERIFY(read->sheets.front().cells.size() <= 1);
        const std::string endless =
            spreadsheet_of("<table:table-row table:number-rows-repeated=\"4000000000\">"
                           "<table:table-cell table:number-columns-repeated=\"4000000000\" "
                           "office:value-type=\"float\" office:value=\"1\"/></table:table-row>");
        const auto refused = read_open_document(endless);
        QVERIFY(!refused && refused.refusal().text().find("6000000 cells") != std::string::npos);
        const auto empty = read_open_document(
            spreadsheet_of("<table:table-row table:number-rows-repeated=\"1048576\"><table:table-cell "
                           "table:number-columns-repeated=\"16384\"/></table:table-row>"));
        QVERIFY(empty && empty->sheets.front().cells.empty());
    }

    /// What cannot be said keeps its values, with the reason.
    void what_cannot_be_said_keeps_its_values() {
        const std::pair<std::string, const char*> all[] = {
            {"['file:///other.ods'#$Sheet1.$A$1]*2", "another file"},
            {"[$Nowhere.$A$1]*2", "the sheet Nowhere"},
            {"[.#REF!]+1", "cells that were removed"},
            {"RAND()*[.$A$2]", "draws a new number"},
            {"OFFSET([.$A$2];1;0)", "OFFSET, as used here, has no equivalent"},
            {"[.$A$2]*(2+", "something is missing at the end"},
            {"unheard_of*2", "the name unheard_of, which is not defined"},
            {"[.$Z$99]+[.$A$2]", "Z99, which is empty"},
        };
        for (const auto& [formula, why] : all) {
            std::string rows = row_of(text_cell("x") + text_cell("y"));
            for (int row = 2; row < 5; ++row) {
                // The same in every row: fixed references need no change.
                rows += row_of(number_cell(std::to_string(row)) + number_cell("7", formula));
            }
            const auto read = file_formats()[3].read_worksheet(spreadsheet_of(rows), {});
            QVERIFY(read);
            const std::string said = report_of(read->report, Is::not_said);
            QVERIFY2(said.find(why) != std::string::npos || read->report.text().find(why) != std::string::npos,
                     (formula + "\n" + read->report.text()).c_str());
            const ColumnDefinition& column = *read->study.tables.front()->columns[1];
            QVERIFY2(!column.computed() && column.cells->at(1).number() == 7, formula.c_str());
        }
    }

    /// A value in the file that its formula does not give is listed; the formula stands.
    void stale_values_are_listed() {
        std::string rows = row_of(text_cell("x") + text_cell("y"));
        for (int row = 2; row < 6; ++row) {
            const std::string at = std::to_string(row);
            rows +=
                row_of(number_cell(at) + number_cell(row == 4 ? "99" : std::to_string(2 * row), "[.A" + at + "]*2"));
        }
        const auto read = file_formats()[3].read_worksheet(spreadsheet_of(rows), {});
        QVERIFY(read);
        QCOMPARE(QString::fromStdString(report_of(read->report, Is::difference)),
                 QString("B4 The worksheet has 99, but the formula gives 8.\n"));
    }

    /// Bytes that are no UTF-8 do not reach the study, which could not be saved with them.
    void broken_letters_are_replaced() {
        std::string rows = row_of(text_cell("si\xFFte") + text_cell("y"));
        for (int row = 2; row < 5; ++row) {
            rows += row_of(text_cell("po\xC3ol \xED\xA0\x80") +
                           number_cell("7", "[.A" + std::to_string(row) + "]&amp;&quot;\xFE&quot;"));
        }
        const auto read = file_formats()[3].read_worksheet(spreadsheet_of(rows), {});
        QVERIFY(read);
        const Result<Study> again = read_study(write_study(read->study));
        QVERIFY(again);
        QVERIFY(again->tables.front()->columns.front()->label.find("\xEF\xBF\xBD") != std::string::npos);
    }

    /// A column whose formula gives nothing but faults takes the file's values, and nothing is said of its formula any
    /// more.
    void columns_of_faults_take_the_values() {
        const std::string gap = "<table:table-cell/>";
        std::string rows = row_of(text_cell("x") + text_cell("y") + gap + text_cell("zero") + number_cell("0"));
        for (int row = 2; row < 6; ++row) {
            rows +=
                row_of(number_cell(std::to_string(row)) + number_cell("7", "[.A" + std::to_string(row) + "]/[.$E$1]"));
        }
        const auto read = file_formats()[3].read_worksheet(spreadsheet_of(rows), {});
        QVERIFY(read);
        QCOMPARE(read->report.count(Is::not_said), std::size_t(1));
        QCOMPARE(read->report.count(Is::recovered), std::size_t(0));
        const ColumnDefinition& column = *read->study.tables.front()->columns[1];
        QVERIFY(!column.computed() && column.cells->at(3).number() == 7);
    }

    /// What is said to be a number and cannot be read as one is no 0; dates may be written as such.
    void unreadable_numbers_are_no_zeros() {
        const auto open =
            read_open_document(spreadsheet_of(row_of(number_cell("1,5") + number_cell("") + number_cell("2"))));
        QVERIFY(open);
        QCOMPARE(open->sheets.front().cells.size(), std::size_t(2));
        QVERIFY(open->sheets.front().cells[0].is_text() && open->sheets.front().cells[0].text == "1,5");
        const auto other =
            read_open_xml(workbook_of("<worksheet><sheetData><row r=\"1\"><c r=\"A1\"><v>12x</v></c>"
                                      "<c r=\"B1\" t=\"d\"><v>2021-05-12</v></c></row></sheetData></worksheet>"));
        QVERIFY(other);
        QVERIFY(other->sheets.front().cells[0].is_text());
        QCOMPARE(other->sheets.front().cells[1].kind, Kind::date);
        QCOMPARE(other->sheets.front().cells[1].number, 18759.0);
    }

    /// Both counts of days, and the day that the earlier one has and the calendar has not.
    void both_bases_of_dates() {
        const auto book = [](bool later) {
            std::string cells = "<row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>day</t></is></c></row>";
            int row = 2;
            for (const int day : {1, 59, 61, 36526, 45000}) {
                cells += "<row r=\"" + std::to_string(row) + "\"><c r=\"A" + std::to_string(row) + "\" s=\"1\"><v>" +
                         std::to_string(day) + "</v></c></row>";
                ++row;
            }
            return archive_of(
                {{"xl/workbook.xml", std::string("<workbook xmlns:r=\"r\"><workbookPr date1904=\"") +
                                         (later ? "1" : "0") +
                                         "\"/><sheets><sheet name=\"S\" r:id=\"a\"/></sheets></workbook>"},
                 {"xl/_rels/workbook.xml.rels", "<Relationships><Relationship Id=\"a\" Type=\"x/worksheet\" "
                                                "Target=\"s.xml\"/><Relationship Id=\"b\" Type=\"x/styles\" "
                                                "Target=\"t.xml\"/></Relationships>"},
                 {"xl/t.xml", "<styleSheet><cellXfs><xf numFmtId=\"0\"/><xf numFmtId=\"14\"/></cellXfs></styleSheet>"},
                 {"xl/s.xml", "<worksheet><sheetData>" + cells + "</sheetData></worksheet>"}});
        };
        const std::vector<const char*> earlier = {"1900-01-01", "1900-02-28", "1900-03-01", "2000-01-01", "2023-03-15"};
        const std::vector<const char*> later = {"1904-01-02", "1904-02-29", "1904-03-02", "2004-01-02", "2027-03-16"};
        for (const bool is_later : {false, true}) {
            const auto read = file_formats()[4].read_worksheet(book(is_later), {});
            QVERIFY(read);
            const Column& days = *read->study.tables.front()->columns.front()->cells;
            for (std::size_t row = 0; row < 5; ++row) {
                QCOMPARE(QString::fromStdString(write_cell(days.at(row))),
                         QString(is_later ? later[row] : earlier[row]));
            }
        }
    }

    /// Formulas that refer to each other in a ring, and thousands of styles, come to an end.
    /// A small file does not become a huge study: what is scattered is told and left out.
    void scattered_cells_are_left_out() {
        Workbook workbook;
        workbook.sheets.emplace_back();
        workbook.sheets.front().name = "Far";
        for (std::uint32_t at = 0; at < 15'000; ++at) {
            SheetCell cell;
            cell.place = {at, at};
            cell.number = at;
            workbook.sheets.front().cells.push_back(cell);
        }
        const WorksheetStudy diagonal = worksheet_study(workbook);
        QVERIFY(diagonal.study.tables.empty());
        QCOMPARE(
            QString::fromStdString(diagonal.report.text()).trimmed(),
            QStringLiteral("Left out:\n  15000 cells of the sheet Far, scattered over 15000 rows and 15000 columns, "
                           "are not a table and were left out."));
        for (SheetCell& cell : workbook.sheets.front().cells) {
            cell.place = {cell.place.row * 3, cell.place.column};
        }
        const WorksheetStudy apart = worksheet_study(workbook);
        QVERIFY(apart.study.tables.empty());
        QCOMPARE(apart.report.count(WorksheetReport::Line::Is::left_out), std::size_t{1});
    }

    void rings_and_many_styles_come_to_an_end() {
        const auto ring =
            file_formats()[3].read_worksheet(spreadsheet_of(row_of(text_cell("a") + number_cell("1", "[.$B$2]+1")) +
                                                            row_of(text_cell("b") + number_cell("2", "[.$B$1]+1"))),
                                             {});
        QVERIFY(ring);
        QCOMPARE(ring->report.count(Is::difference), std::size_t(2));
        std::string styles = "<office:document-content xmlns:office=\"o\" xmlns:table=\"t\" xmlns:style=\"s\" "
                             "xmlns:number=\"n\"><office:automatic-styles>";
        for (int number = 0; number < 200'000; ++number) {
            styles += "<style:style style:name=\"c" + std::to_string(number) + "\" style:parent-style-name=\"c" +
                      std::to_string(number - 1) + "\"/>";
        }
        const std::string many = archive_of(
            {{"content.xml", styles +
                                 "</office:automatic-styles><office:body><office:spreadsheet><table:table "
                                 "table:name=\"S\">" +
                                 row_of(number_cell("1")) +
                                 "</table:table></office:spreadsheet></office:body></office:document-content>"}});
        QVERIFY(read_open_document(many));
    }

    /// Files of some writers have formulas without values: they are computed, and nothing is compared.
    void formulas_without_values_are_worked_out() {
        std::string rows = row_of(text_cell("x") + text_cell("y"));
        for (int row = 2; row < 6; ++row) {
            rows += row_of(number_cell(std::to_string(row)) + "<table:table-cell table:formula=\"of:=[.A" +
                           std::to_string(row) + "]*2\"/>");
        }
        const auto read = file_formats()[3].read_worksheet(spreadsheet_of(rows), {});
        QVERIFY(read);
        QCOMPARE(read->report.count(Is::difference), std::size_t(0));
        QVERIFY(report_of(read->report, Is::note).find("without their values") != std::string::npos);
        const Id column = read->study.tables.front()->column_named("y")->id;
        QCOMPARE(compute(read->study)->cell(column, 3).number(), 10.0);
    }

    /// OpenFormula has other names for some functions, and means others by the same name.
    void functions_have_the_names_of_their_standard() {
        const std::pair<const char*, const char*> all[] = {
            {"LEGACY.CHIDIST(3;2)", "CHIDIST(3,2)"},      {"CHISQDIST([.A1];2)", "CHISQ.DIST(A1,2)"},
            {"FDIST([.A1];2;4)", "F.DIST(A1,2,4)"},       {"LEGACY.FDIST([.A1];2;4)", "FDIST(A1,2,4)"},
            {"FINV([.A1];2;4)", "F.INV(A1,2,4)"},         {"LEGACY.NORMSDIST([.A1])", "NORMSDIST(A1)"},
            {"LEGACY.TDIST([.A1];5;2)", "TDIST(A1,5,2)"}, {"CHISQINV([.A1];2)", "CHISQ.INV(A1,2)"},
            {"GAMMA([.A1])", "_xlfn.GAMMA(A1)"},          {"TINV([.A1];5)", "TINV(A1,5)"},
        };
        for (const auto& [open, other] : all) {
            const SheetFormula read = read_sheet_formula(open, FormulaNotation::open_formula, {0, 1});
            QVERIFY2(read.tree, open);
            QCOMPARE(QString::fromStdString(write_sheet_formula(*read.tree, {0, 1})), QString(other));
            QCOMPARE(QString::fromStdString(write_sheet_formula(*read.tree, {0, 1}, FormulaNotation::open_formula)),
                     QString(open));
        }
    }

    /// Without its last argument a distribution is cumulative; a formula without places is OpenFormula too.
    void distributions_are_read_in_both_standards() {
        const auto read = worksheet_study(*read_open_document(archive_of(
            {{"content.xml", "<office:document-content><office:body><office:spreadsheet><table:table "
                             "table:name=\"Chances\">" +
                                 row_of(text_cell("left of it") + number_cell("0.84", "FDIST(3;2;4)")) + row_of("") +
                                 row_of(text_cell("below") + number_cell("0.8413447460685429", "NORMDIST(3;2;1)")) +
                                 "</table:table></office:spreadsheet></office:body></office:document-content>"}})));
        QCOMPARE(QString::fromStdString(report_of(read.report, Is::recovered)),
                 QStringLiteral("B1 left_of_it = P(f_dist(2, 4) <= 3)\nB3 below = P(normal(2, 1) <= 3)\n"));
        QCOMPARE(read.report.count(Is::difference), std::size_t(0));
    }

    /// Signs bind before powers, and powers to the left; what is written back reads as the same.
    void formulas_are_read_as_the_standards_say() {
        const std::pair<const char*, const char*> all[] = {
            {"-A1^2", "-A1^2"},
            {"-(A1^2)", "-(A1^2)"},
            {"2^-1", "2^-1"},
            {"2^3^2", "2^3^2"},
            {"2^(3^2)", "2^(3^2)"},
            {"A1-(B1-C1)-D1", "A1-(B1-C1)-D1"},
            {"(A1+B1)*-C1%", "(A1+B1)*-C1%"},
            {"1+2*3%", "1+2*3%"},
            {"A1&\"x\"\"y\"=B2", "A1&\"x\"\"y\"=B2"},
            {"SUM(A1:B2,,3)", "SUM(A1:B2,,3)"},
            {"'My sheet'!$A$1+Sheet2!B3", "'My sheet'!$A$1+'Sheet2'!B3"},
            {"Q3!A1+Sheet!B3", "'Q3'!A1+Sheet!B3"},
            {"IF(A1<>0,TRUE,\"no\")", "IF(A1<>0,TRUE,\"no\")"},
            {"_xlfn.STDEV.S(A:A)", "STDEV.S(A:A)"},
            {"_xlfn.GAMMA(A1)", "_xlfn.GAMMA(A1)"},
            {"SUM(1:3)", "SUM(1:3)"},
        };
        for (const auto& [written, meant] : all) {
            const SheetFormula read = read_sheet_formula(written, FormulaNotation::plain, {4, 4});
            QVERIFY2(read.tree, written);
            QCOMPARE(QString::fromStdString(write_sheet_formula(*read.tree, {4, 4})), QString(meant));
        }
        for (const char* wrong : {"", "(", "A1+", "\"open", "SUM(1,2", "{1,2", "A1 B2", ")", "1..2", "@"}) {
            const SheetFormula read = read_sheet_formula(wrong, FormulaNotation::plain, {0, 0});
            QVERIFY2(!read.tree && !read.mistake.empty(), wrong);
        }
        const std::string deep(5000, '(');
        QVERIFY(!read_sheet_formula(deep, FormulaNotation::plain, {0, 0}).tree);
        // Copied from cell to cell, a formula stays the same; a fixed place keeps its cell.
        const auto says = [](const char* text, SheetPlace own) {
            return read_sheet_formula(text, FormulaNotation::open_formula, own).says;
        };
        QCOMPARE(says("[.A1]*[.$B$9]", {0, 2}), says("[.A7]*[.$B$9]", {6, 2}));
        QVERIFY(says("[.A1]*[.B9]", {0, 2}) != says("[.A7]*[.B9]", {6, 2}));
    }
};

LEDGEFALL_TEST(OpenFormulaRecovery)
#include "openformula_recovery.moc"
