// JSON records in and out, and tables as parts of documents.

#include "files/formats/file_format.h"
#include "files/tables/document_tables.h"
#include "files/tables/json_records.h"
#include "harness/test_program.h"

#include <QXmlStreamReader>
#include <QtTest>

#include <cmath>

using namespace ledgefall;

namespace {

LabelledColumns some_columns() {
    LabelledColumns out;
    out.columns.push_back(
        {"Drift time", "drift_time", "s",
         Column::of(Kind::number, {Value::number(12.5), Value::missing(), Value::number(0.1 + 0.2)})});
    out.columns.push_back({"", "site", "",
                           Column::of(Kind::text, {Value::text(Text("a|b <c> & \"d\" 50 %_$")),
                                                   Value::text(Text("=1+1")), Value::missing(Kind::text)})});
    out.columns.push_back(
        {"Taken on", "taken_on", "",
         Column::of(Kind::date, {Value::of(20000, Kind::date, State::plain), Value::missing(Kind::date),
                                 Value::of(-1, Kind::date, State::plain)})});
    out.columns.push_back(
        {"", "wet", "",
         Column::of(Kind::yes_no, {Value::yes_no(true), Value::yes_no(false), Value::missing(Kind::yes_no)})});
    return out;
}

} // namespace

class TestTableFormats : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void json_records_come_back() {
        const LabelledColumns before = some_columns();
        const Result<LabelledColumns> after = read_json_records(write_json_records(before));
        QVERIFY(after);
        QCOMPARE(after->columns.size(), before.columns.size());
        for (std::size_t at = 0; at < before.columns.size(); ++at) {
            QCOMPARE(after->columns[at].name, before.columns[at].name);
            QVERIFY(after->columns[at].cells == before.columns[at].cells);
        }
    }

    void json_comes_as_records_or_as_columns() {
        const auto records = read_json_records(R"([{"width [mm]": 1.5, "site": "riffle"}, {"site": null, "deep": true},
                                                  {"width [mm]": -2e3, "site": "pool", "note": {"a": [1, 2]}}])");
        QVERIFY(records);
        QCOMPARE(records->columns.size(), std::size_t(4));
        QCOMPARE(records->columns[0].unit, std::string("mm"));
        QCOMPARE(records->rows(), std::size_t(3));
        QVERIFY(records->columns[0].cells.at(1).is_missing());
        QCOMPARE(records->columns[0].cells.at(2).number(), -2000.0);
        QVERIFY(records->columns[1].cells.at(1).is_missing());
        QCOMPARE(records->columns[2].cells.kind(), Kind::yes_no);
        QCOMPARE(records->columns[3].cells.at(2).text().str(), std::string(R"({"a":[1,2]})"));
        const auto columns = read_json_records(R"({"x": [1, 2, 3], "day": ["2026-05-03", null]})");
        QVERIFY(columns);
        QCOMPARE(columns->columns[1].cells.kind(), Kind::date);
        QCOMPARE(columns->rows(), std::size_t(3));
        // Whole numbers of more digits than a number can hold lose none of them.
        const auto large = read_json_records(R"([{"id": 12345678901234567890}, {"id": 7}])");
        QVERIFY(large && large->columns[0].cells.at(0).text().str() == "12345678901234567890");
        // A column of several kinds is one of texts.
        const auto mixed = read_json_records(R"([{"x": 1}, {"x": "two"}])");
        QVERIFY(mixed && mixed->columns[0].cells.kind() == Kind::text);
    }

    void bad_json_is_refused() {
        const std::pair<const char*, const char*> all[] = {
            {"", "not valid JSON"},
            {"[{\"x\": 1,}", "not valid JSON"},
            {"[1, 2]", "record 1 is not an object"},
            {"{\"x\": 1}", "is not a list"},
            {"\"text\"", "neither a list"},
            {"nul", "not valid JSON"},
        };
        for (const auto& [text, why] : all) {
            const auto read = read_json_records(text);
            QVERIFY2(!read && read.refusal().text().find(why) != std::string::npos, text);
        }
        const std::string deep = std::string(100'000, '[') + std::string(100'000, ']');
        QVERIFY(!read_json_records(deep));
    }

    void html_is_well_formed() {
        QXmlStreamReader reader(QByteArray::fromStdString(write_html_table(some_columns())));
        int cells = 0;
        QStringList texts;
        while (!reader.atEnd()) {
            if (reader.readNext() == QXmlStreamReader::StartElement && reader.name() == QLatin1String("td")) {
                texts << reader.readElementText();
                ++cells;
            }
        }
        QVERIFY2(!reader.hasError(), qPrintable(reader.errorString()));
        QCOMPARE(cells, 12);
        QCOMPARE(texts[1], QStringLiteral("a|b <c> & \"d\" 50 %_$"));
        QCOMPARE(texts[8], QStringLiteral("0.30000000000000004"));
    }

    void markdown_and_latex_keep_their_columns() {
        const QString markdown = QString::fromStdString(write_markdown_table(some_columns()));
        const QStringList lines = markdown.split(u'\n');
        QCOMPARE(lines[0], QStringLiteral("| Drift time [s] | site | Taken on | wet |"));
        QCOMPARE(lines[1], QStringLiteral("| ---: | --- | --- | --- |"));
        QCOMPARE(lines[2], QStringLiteral("| 12.5 | a\\|b \\<c> & \"d\" 50 %\\_$ | 2024-10-04 | yes |"));
        const QString latex = QString::fromStdString(write_latex_table(some_columns()));
        QVERIFY(latex.contains(QStringLiteral("\\begin{tabular}{rlll}")));
        QVERIFY(latex.contains(QStringLiteral("12.5 & a|b <c> \\& \"d\" 50 \\%\\_\\$ & 2024-10-04 & yes \\\\")));
    }

    void each_format_is_found_by_its_suffix() {
        const std::pair<const char*, const char*> all[] = {
            {"a.json", "json"}, {"a.html", "html"},     {"a.md", "markdown"}, {"a.tex", "latex"}, {"a.ods", "ods"},
            {"a.xlsx", "xlsx"}, {"MARKS.XLSX", "xlsx"}, {"a.csv", "csv"},     {"a.dat", "csv"}};
        for (const auto& [path, name] : all) {
            QCOMPARE(format_of(path).name, std::string_view(name));
        }
    }
};

LEDGEFALL_TEST(TestTableFormats)
#include "test_table_formats.moc"
