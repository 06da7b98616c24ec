// Delimited text after RFC 4180, as it comes in practice.

#include "files/tables/delimited.h"
#include "files/tables/text_encoding.h"
#include "harness/test_program.h"

#include <QtTest>

#include <map>
#include <random>

using namespace ledgefall;

namespace {

using Lines = std::vector<std::vector<std::string>>;

Delimited read(const std::string& bytes, const DialectChoice& choice = {}) {
    const Result<Delimited> text = read_delimited(bytes, choice);
    return text ? *text : Delimited();
}

LabelledColumns as_columns(const Delimited& text) {
    return {.columns = columns_of(text), .least_rows = 0, .reports = {}};
}

/// The records of a text by a plain reading of one letter after the other: the reference for the reader of whole
/// blocks.
Lines plain_records(const std::string& text, char delimiter) {
    Lines out;
    std::vector<std::string> record;
    std::string field;
    bool quotes = false;
    bool was_quoted = false;
    const auto trimmed = [](std::string bare) {
        bare.erase(0, std::min(bare.find_first_not_of(' '), bare.size()));
        bare.erase(bare.find_last_not_of(' ') + 1);
        return bare;
    };
    const auto end_field = [&] {
        record.push_back(was_quoted ? field : trimmed(field));
        field.clear();
        was_quoted = false;
    };
    for (std::size_t at = 0; at < text.size(); ++at) {
        const char c = text[at];
        if (quotes) {
            if (c != '"') {
                field += c;
            } else if (at + 1 < text.size() && text[at + 1] == '"') {
                field += text[++at];
            } else {
                quotes = false;
            }
        } else if (c == '"' && field.empty() && !was_quoted) {
            quotes = was_quoted = true;
        } else if (c == delimiter || c == '\n') {
            end_field();
            if (c == '\n') {
                out.push_back(std::exchange(record, {}));
            }
        } else if (c != '\r') {
            field += c;
        }
    }
    if (!field.empty() || was_quoted || !record.empty()) {
        end_field();
        out.push_back(record);
    }
    return out;
}

/// A column of such records, by the kind that most of its cells have.
Column plain_column(const Lines& records, std::size_t column, const Spelling& spelling) {
    std::map<Kind, std::size_t> kinds;
    std::size_t filled = 0;
    bool as_text = false;
    const auto cell = [&](std::size_t row) {
        return column < records[row].size() ? records[row][column] : std::string();
    };
    for (std::size_t row = 0; row < records.size(); ++row) {
        if (cell(row).find_first_not_of(" \t") != std::string::npos) {
            ++filled;
            ++kinds[kind_of_typed(cell(row), spelling)];
            as_text = as_text || loses_digits(cell(row));
        }
    }
    Kind kind = filled == 0 ? Kind::number : Kind::text;
    for (const auto& [one, count] : kinds) {
        kind = !as_text && 2 * count > filled ? one : kind;
    }
    Column cells(kind);
    for (std::size_t row = 0; row < records.size(); ++row) {
        cells.append(read_cell(unguarded(cell(row)), kind, spelling));
    }
    return cells;
}

} // namespace

class TestDelimited : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void one_very_long_line_among_short_ones_is_refused_at_once() {
        std::string text = "a,b\n";
        for (int row = 0; row < 3000; ++row) {
            text += "1,2\n";
        }
        text += std::string(6000, ',') + "\n";
        const Result<Delimited> read = read_delimited(text);
        QVERIFY(!read);
        QCOMPARE(
            QString::fromStdString(read.refusal().text()),
            QStringLiteral("Line 3002 has 6001 fields, and the others have 2 on average. Correct that line, or choose "
                           "another separator."));
    }

    void dialects_are_found_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<char>("delimiter");
        QTest::addColumn<char>("decimal");
        QTest::addColumn<bool>("header");
        QTest::newRow("comma") << QByteArray("x,y\n1.5,2\n3,4\n") << ',' << '.' << true;
        QTest::newRow("semicolon and decimal comma") << QByteArray("x;y\n1,5;2\n3,25;4\n") << ';' << ',' << true;
        QTest::newRow("semicolon and decimal point") << QByteArray("x;y\n1.5;2\n3.25;4\n") << ';' << '.' << true;
        QTest::newRow("tab") << QByteArray("x\ty\n1,5\t2\n") << '\t' << ',' << true;
        QTest::newRow("no heading") << QByteArray("1,2\n3,4\n") << ',' << '.' << false;
        QTest::newRow("one column") << QByteArray("x\n1.5\n2\n") << ',' << '.' << true;
        QTest::newRow("texts") << QByteArray("site,who\npool,a\n") << ',' << '.' << true;
        QTest::newRow("years across") << QByteArray("site,2019,2020\npool,4,5\n") << ',' << '.' << true;
        QTest::newRow("years, and years below")
            << QByteArray("pool,2019,2020\nweir,2018,2021\n") << ',' << '.' << false;
        QTest::newRow("falling numbers") << QByteArray("pool,2020,2019\nweir,4,5\n") << ',' << '.' << false;
        QTest::newRow("quoted decimal commas") << QByteArray("x,y\n\"1,5\",\"2,25\"\n") << ',' << ',' << true;
        QTest::newRow("quoted thousands") << QByteArray("x,y\n\"1,500\",\"2,250\"\n") << ',' << '.' << true;
        QTest::newRow("bars") << QByteArray("x|y|site\n1.5|2|a, b\n3|4|c\n") << '|' << '.' << true;
        QTest::newRow("Spaces") << QByteArray("  x   y\n 1.5\t 2\n 3    4\n") << ' ' << '.' << true;
        QTest::newRow("blanks and decimal commas") << QByteArray("1,5 2\n3,25 4\n") << ' ' << ',' << false;
        QTest::newRow("grouped numbers of one column") << QByteArray("x\n1 250\n2 500\n") << ',' << '.' << true;
        QTest::newRow("dates in words of one column")
            << QByteArray("day\n12 May 2021\n3 June 2021\n") << ',' << '.' << true;
        QTest::newRow("names with a number") << QByteArray("site 1\nsite 2\nsite 3\n") << ',' << '.' << true;
        QTest::newRow("sentences") << QByteArray("the upper pool\nthe lower weir\n") << ',' << '.' << true;
        QTest::newRow("commas inside quotes") << QByteArray("a;b\n\"x, y, z\";\"1, 2, 3\"\n") << ';' << '.' << true;
    }
    void dialects_are_found() {
        QFETCH(QByteArray, bytes);
        QFETCH(char, delimiter);
        QFETCH(char, decimal);
        QFETCH(bool, header);
        const Delimited text = read(bytes.toStdString());
        QCOMPARE(text.dialect.delimiter, delimiter);
        QCOMPARE(text.dialect.decimal, decimal);
        QCOMPARE(text.dialect.header, header);
    }

    void quotes_and_line_ends() {
        const Delimited text = read("a,b\r\n\"one\r\ntwo\",\"say \"\"yes\"\"\"\r\n\r\n\"\",x\rlast,\n");
        const Lines expected = {{"one\r\ntwo", "say \"yes\""}, {"", "x"}, {"last", ""}};
        QVERIFY(text.records.texts() == expected);
        QVERIFY(text.ragged.empty());
        QVERIFY(read("").records.empty());
        QVERIFY(read("\n\n").records.empty());
    }

    void encodings() {
        QCOMPARE(read("\xEF\xBB\xBFlength,site\n1,a\n").header.front(), std::string("length"));
        const Delimited latin = read("L\xE4nge,x\n1,2\n");
        QVERIFY(latin.windows1252);
        QCOMPARE(latin.header.front(), std::string("Länge"));
        QVERIFY(latin.reports().front().text().find("Windows-1252") != std::string::npos);
        QCOMPARE(read("price\n\x80 5\n").records.at(0, 0), std::string_view("€ 5"));
        QCOMPARE(read("say\n\x93yes\x94 \x96\n").records.at(0, 0), std::string_view("“yes” –"));
        QVERIFY(read_delimited(std::string("\xFF\xFEx", 3))->records.empty()); // half a unit of UTF-16
        QVERIFY(!read_delimited(std::string("a\0b", 3)));
    }

    void ragged_rows_are_kept_and_reported() {
        const Delimited text = read("a,b\n1,2\n3\n4,5,6\n");
        QVERIFY((text.ragged == std::vector<std::size_t>{3, 4}));
        const auto columns = columns_of(text);
        QCOMPARE(columns.size(), std::size_t{3});
        QVERIFY(columns[1].cells.at(1).is_missing());
        QCOMPARE(columns[2].cells.at(2).number(), 6.0);
        QVERIFY(text.reports().front().text().find("2 (line 3, 4)") != std::string::npos);
    }

    /// A quoted field with tabs in several lines does not make the tab the delimiter.
    void quotation_marks_tell_the_delimiter() {
        const Delimited text = read("a,b\n\"one\",\"\t\t\tweir\t\t\n\t\tpool\t\t\"\n");
        QCOMPARE(text.dialect.delimiter, ',');
        QCOMPARE(text.records.size(), std::size_t{1});
        QCOMPARE(text.records[0].size(), std::size_t{2});
    }

    /// A whole number that no double is stays a text, and is told; one that a double is stays a number.
    void whole_numbers_lose_no_digits() {
        const Delimited text = read("tag,count\n9007199254740993,9007199254740992\n12,18014398509481984\n");
        QVERIFY(labelled_columns(text, {}).reports.front().text().find("1. Their columns") != std::string::npos);
        const auto columns = columns_of(text);
        QCOMPARE(write_cell(columns[0].cells.at(0)), std::string("9007199254740993"));
        QVERIFY(columns[0].cells.kind() == Kind::text);
        QCOMPARE(columns[1].cells.at(1).number(), 18014398509481984.0);
        for (const char* exact : {"602214076000000000000001", "100000000000000000000000"}) {
            QVERIFY(is_inexact_whole(exact));
        }
        for (const char* exact : {"999999999999999", "-9007199254740992", "1e30", "9007199254740993.5", "", "-"}) {
            QVERIFY2(!is_inexact_whole(exact), exact);
        }
    }

    void comments_and_units() {
        const Delimited text =
            read("# Marrow Beck, second day\n# drift\nsite,length,time\n,m,s\npool,1.5,2\n# late\nweir,3,4\n");
        QCOMPARE(text.dialect.comment, std::string("#"));
        QCOMPARE(text.records.comments(), std::size_t{3});
        QVERIFY(text.dialect.units);
        const auto columns = columns_of(text);
        QCOMPARE(columns[1].unit, std::string("m"));
        QCOMPARE(columns[0].unit, std::string());
        QVERIFY(columns[1].cells == Column::numbers({1.5, 3}));
        QVERIFY(text.reports().front().text().find("start with # were left out: 3") != std::string::npos);
        const Delimited bracketed = read("a;b\n(cm);[kg]\n1;2\n");
        QCOMPARE(columns_of(bracketed)[0].unit, std::string("cm"));
        QCOMPARE(columns_of(bracketed)[1].unit, std::string("kg"));
        QVERIFY(!read("site,group\nm,s\npool,weir\n").dialect.units); // over texts they are values
        QVERIFY(read("a,b,c\nkm/h,kg m^-3,m2\n1,2,3\n").dialect.units);
        QVERIFY(read("a,b,c\n°C,µm,m·s⁻²\n1,2,3\n").dialect.units);
        for (const char* none : {"m-", "m/", "/m", "m^", "m^-", "2m", "m//s", "m s-1-", "(m", "m,"}) {
            QVERIFY2(!read(std::string("a\tb\n") + none + "\tm\n1\t2\n").dialect.units, none);
        }
        QVERIFY(!read("a,b\npool,3\n2,4\n").dialect.units);
        QVERIFY(read("#id,size\n1,2\n3,4\n").dialect.comment.empty()); // a heading that begins so
        QCOMPARE(read("#id,size\n1,2\n3,4\n").header.front(), std::string("#id"));
        QCOMPARE(read("# by hand\na,b\n1,2\n").header.front(), std::string("a"));
        DialectChoice none;
        none.comment = "";
        QCOMPARE(read("# one\n# two\n", none).width(), std::size_t{1});
        QCOMPARE(read("#1\n#2\n#3\n").records.comments(), std::size_t{0}); // they are all that there is
    }

    /// What is chosen of a column counts.
    void columns_are_read_as_chosen() {
        std::string text = "site,sample,count,day\n";
        for (int row = 0; row < 3000; ++row) {
            text += "pool,00" + std::to_string(row % 7) + ",\"1," + std::to_string(100 + row % 9) + "\",0" +
                    std::to_string(1 + row % 9) + "/05/2021\n";
        }
        text += "weir,004,n/a,31/31/2021\n";
        DialectChoice choice;
        choice.columns.resize(4);
        choice.columns[0].skipped = true;
        choice.columns[1].kind = Kind::number;
        choice.columns[2].kind = Kind::number;
        choice.columns[2].spelling = Spelling(',');
        choice.columns[2].heading = "Depth (m)";
        choice.columns[3].kind = Kind::date;
        choice.columns[3].spelling = Spelling('.', true);
        const LabelledColumns read = *read_delimited_columns(text, choice);
        const auto& columns = read.columns;
        QCOMPARE(columns.size(), std::size_t{3});
        QCOMPARE(columns[0].name, std::string("sample"));
        QVERIFY(columns[0].cells.at(1) == Value::number(1));
        QCOMPARE(columns[1].name, std::string("depth"));
        QCOMPARE(columns[1].unit, std::string("m"));
        QVERIFY(columns[1].cells.at(2) == Value::number(1.102));
        QCOMPARE(write_cell(columns[2].cells.at(2)), std::string("2021-03-05"));
        QVERIFY(columns[1].cells.at(3000).state() == State::unparsed);
        QCOMPARE(read.reports.size(), std::size_t{2});
        QCOMPARE(read.reports[0].text(), std::string("Cells of depth that are not a number: 1 (row 3001). They are "
                                                     "kept as written."));
    }

    void cells_of_two_readings_are_asked_about() {
        const auto two_ways = [](const std::string& text) { return cell_of_two_ways(read(text), 0); };
        QCOMPARE(two_ways("x;y\n1,250;a\n"), std::string("1,250"));
        QCOMPARE(two_ways("x;y\n1,250;a\n2,5;b\n"), std::string()); // the other cell tells
        QCOMPARE(two_ways("x;y\n1,250;2.5\n"), std::string());      // the other column tells
        QCOMPARE(two_ways("x\n125\n"), std::string());
        QCOMPARE(two_ways("day\n05/06/2021\n"), std::string("05/06/2021"));
        QCOMPARE(two_ways("day\n05/06/2021\n25/06/2021\n"), std::string());
        QCOMPARE(two_ways("day\n05/05/2021\n"), std::string()); // both are the same day
        ColumnChoice chosen;
        chosen.spelling = Spelling('.', true);
        const Delimited text = read("day\n05/06/2021\n");
        QVERIFY(cell_of_two_ways(text, 0, chosen).empty());
        QVERIFY(reading_of(text, 0, chosen).spelling.month_first);
    }

    void the_first_lines_of_any_encoding() {
        QCOMPARE(first_lines("a\nb\nc", 2), std::string_view("a\nb\n"));
        QCOMPARE(first_lines("a\nb", 5), std::string_view("a\nb"));
        const auto wide = [](std::u16string_view text, bool low_first) {
            std::string out = low_first ? "\xFF\xFE" : "\xFE\xFF";
            for (const char16_t unit : text) {
                const char low = static_cast<char>(unit & 0xFFU);
                const char high = static_cast<char>(unit >> 8U);
                out += low_first ? low : high;
                out += low_first ? high : low;
            }
            return out;
        };
        for (const bool low_first : {true, false}) { // Ċ has the byte of a line's end in it, in either order
            const std::string text = wide(u"x,\u010A\n1,\u0A0A\n3,4\n", low_first);
            QCOMPARE(as_utf8(first_lines(text, 2)).text(), std::string_view("x,Ċ\n1,\u0A0A\n"));
            QCOMPARE(read(text).records.size(), std::size_t{2});
        }
    }

    /// Blank lines of a single column are missing values: what comes after them stays in its row.
    void blank_lines_of_a_single_column_are_rows() {
        const auto cells = [](const std::string& text, bool at_end) {
            DialectChoice choice;
            choice.blank_lines_at_end = at_end;
            const auto columns = columns_of(*read_delimited(text, choice));
            std::string out;
            for (std::size_t row = 0; row < columns.front().cells.size(); ++row) {
                out += write_cell(columns.front().cells.at(row)) + "|";
            }
            return out;
        };
        QCOMPARE(cells("x\n4\n\n7\n", false), std::string("4||7|"));
        QCOMPARE(cells("x\r\n\r\n4\r\n\r\n\r\n7", false), std::string("|4|||7|"));
        QCOMPARE(cells("x\n4\n\n\n", false), std::string("4|"));
        QCOMPARE(cells("4\n\n\n", true), std::string("4|||"));
        QCOMPARE(columns_of(read("x,y\n1,2\n\n3,4\n")).front().cells.size(), std::size_t{2});
    }

    void numbers_as_people_write_them() {
        const auto columns = columns_of(read("part,sample,size,tiny,site\n50%,007,\"1,250\",1e-400,pool \n12.5 %,012,"
                                             "\"12,000\",2e-3, pool\n"));
        QCOMPARE(columns[0].cells.at(0).number(), 0.5);
        QCOMPARE(columns[0].cells.at(1).number(), 0.125);
        QCOMPARE(columns[1].cells.kind(), Kind::text);
        QCOMPARE(write_cell(columns[1].cells.at(0)), std::string("007"));
        QCOMPARE(columns[2].cells.at(0).number(), 1250.0);
        QCOMPARE(columns[2].cells.at(1).number(), 12000.0);
        QCOMPARE(columns[3].cells.at(0).number(), 0.0);
        QVERIFY(columns[4].cells.at(0) == columns[4].cells.at(1)); // blanks at the ends are none
        QCOMPARE(columns_of(read("x;y\n\"1,5\";2\n"))[0].cells.at(0).number(), 1.5);
        QCOMPARE(columns_of(read("x,y\n\"1,5\",2\n"))[0].cells.at(0).number(), 1.5);
        QVERIFY(!read_number("1e400") && !read_number("%") && !read_number("5%%") && !read_number("0x10"));
        QCOMPARE(*read_number("-0.5e-999"), 0.0);
    }

    /// As many columns of one name as there may be take time in proportion.
    void a_name_ten_thousand_times() {
        std::string heading = "x";
        std::string line = "1";
        for (int k = 1; k < 10000; ++k) {
            heading += ",x";
            line += ",1";
        }
        const auto columns = columns_of(read(heading + "\n" + line + "\n"));
        QCOMPARE(columns.size(), std::size_t{10000});
        QCOMPARE(columns[1].name, std::string("x_2"));
        QCOMPARE(columns.back().name, std::string("x_10000"));
        const Study study = study_of(as_columns(read(heading + "\n" + line + "\n")));
        QCOMPARE(study.tables.front()->columns.size(), std::size_t{10000});
    }

    void an_open_quote_is_refused_with_its_line() {
        const Result<Delimited> text = read_delimited("a,b\n1,\"open\n2,3\n");
        QVERIFY(!text);
        QVERIFY(text.refusal().text().find("line 2") != std::string::npos);
    }

    void columns_have_kinds_labels_and_units() {
        const auto columns = columns_of(read("Length [mm],Day,Wet,Site,Length [mm]\n12.5,2026-05-04,yes,pool,1\nabout "
                                             "9,2026-05-05,no,,2\n3,,no,weir,3\n"));
        QCOMPARE(columns[0].label, std::string("Length"));
        QCOMPARE(columns[0].unit, std::string("mm"));
        QCOMPARE(columns[0].name, std::string("length"));
        QCOMPARE(columns[4].name, std::string("length_2"));
        QCOMPARE(columns[0].cells.at(1).state(), State::unparsed);
        QCOMPARE(columns[1].cells.kind(), Kind::date);
        QCOMPARE(columns[2].cells.kind(), Kind::yes_no);
        QCOMPARE(columns[3].cells.kind(), Kind::text);
        QVERIFY(columns[3].cells.at(1).is_missing());
    }

    void what_is_written_reads_back() {
        Study study =
            study_of(as_columns(read("name,x,when,\"odd, name\"\n\"a \"\"b\"\", c\",0.1,2026-05-04,1e-7\n,,,\n\" edge "
                                     "\",-3,2026-05-06,123456789.125\n")));
        const Id table = study.tables.front()->id;
        for (const char delimiter : {',', ';', '\t'}) {
            const Dialect dialect{delimiter, delimiter == ';' ? ',' : '.', true};
            const std::string written = write_delimited(labelled_columns(study, *compute(study), table), dialect);
            const Delimited again = read(written, {delimiter, dialect.decimal, true});
            const Study back = study_of(as_columns(again));
            for (std::size_t column = 0; column < 4; ++column) {
                QVERIFY(*back.tables[0]->columns[column]->cells == *study.tables[0]->columns[column]->cells);
            }
        }
        QVERIFY(write_delimited(labelled_columns(study, *compute(study), table), {}).find("\r\n") != std::string::npos);
    }

    void odd_bytes_never_break_the_reader() {
        std::uint64_t state = 99;
        for (int round = 0; round < 300; ++round) {
            std::string bytes;
            for (int k = 0; k < 200; ++k) {
                state = state * 6364136223846793005ULL + 1442695040888963407ULL;
                bytes += ",;\t\"\n\r1.x\xC3\xA4"[(state >> 40U) % 11];
            }
            const Result<Delimited> text = read_delimited(bytes);
            if (text) {
                QVERIFY(columns_of(*text).size() <= 210);
            }
        }
    }

    /// The reader of whole blocks gives what a plain reading of one letter after the other gives.
    void random_texts_are_read_as_by_a_plain_reading() {
        std::mt19937 random(5);
        const auto pick = [&random](std::size_t count) {
            return std::uniform_int_distribution<std::size_t>(0, count - 1)(random);
        };
        const std::vector<std::vector<const char*>> kinds = {
            {"1", "2.5", "-3", "0.125", "1e3", "12345678.25", "7", "0", "-0.5", "100000"},
            {"riffle", "pool", "weir", "a b", "ä", "x1"},
            {"2026-05-03", "2024-02-29", "1999-12-31", "2026-05-03 14:30"},
            {"yes", "no", "yes", "no"},
        };
        const std::vector<const char*> rare = {"",
                                               " ",
                                               "n/a",
                                               "007",
                                               "12345678901234567890",
                                               "1 250",
                                               "3 %",
                                               "\"quoted, too\"",
                                               "\"two \"\"marks\"\"\"",
                                               "5\" pipe",
                                               "1,5",
                                               "12/05/2021",
                                               " 4 ",
                                               "=1+1",
                                               "\"a\nb\""};
        for (int turn = 0; turn < 400; ++turn) {
            const std::size_t width = 2 + pick(4);
            std::vector<std::size_t> kind(width);
            std::string text;
            const char* const end = pick(3) == 0 ? "\r\n" : "\n";
            const char delimiter = ",;\t"[pick(3)];
            for (std::size_t column = 0; column < width; ++column) {
                kind[column] = pick(kinds.size());
                text += (column > 0 ? std::string(1, delimiter) : "") + "column " + std::to_string(column);
            }
            text += end;
            const std::size_t rows = 3 + pick(40);
            const bool odd_ones = pick(2) == 0;
            for (std::size_t row = 0; row < rows; ++row) {
                for (std::size_t column = 0; column < width; ++column) {
                    const auto& usual = kinds[kind[column]];
                    const bool odd = odd_ones && pick(12) == 0;
                    text += (column > 0 ? std::string(1, delimiter) : "") +
                            (odd ? rare[pick(rare.size())] : usual[pick(usual.size())]);
                }
                text += row + 1 == rows && pick(4) == 0 ? "" : end;
                if (odd_ones && pick(60) == 0) {
                    text += pick(2) == 0 ? end : "1" + std::string(end); // a blank line, or a short one
                }
            }
            const Result<Delimited> read = read_delimited(text);
            QVERIFY2(read && read->dialect.header && !read->dialect.units, text.c_str());
            Lines records = plain_records(text, read->dialect.delimiter);
            records.erase(records.begin());
            std::erase_if(records, [](const auto& record) { return record.size() == 1 && record[0].empty(); });
            QVERIFY2(read->records.texts() == records, text.c_str());
            const std::vector<NewColumn> columns = columns_of(*read);
            for (std::size_t column = 0; column < columns.size(); ++column) {
                QVERIFY2(columns[column].cells == plain_column(records, column, reading_of(*read, column).spelling),
                         ("column " + std::to_string(column) + " of\n" + text).c_str());
            }
        }
    }

    /// A large text, read by several threads in blocks, with kinds that only show far from its beginning.
    void kinds_that_show_far_down_are_found() {
        std::string text = "x,site,day\n";
        for (int row = 0; row < 9000; ++row) {
            text += std::to_string(row * 0.125) + (row % 3 == 0 ? ",pool," : ",weir " + std::to_string(row) + ",") +
                    (row % 7 == 0 ? "" : "2026-05-03") + "\n";
        }
        for (const char* last :
             {"", "1,2,3\n", "odd,pool,never\n", "007,a,\n", "1,2\n", "\n", "12345678901234567890,,\n"}) {
            const std::string all = text + last;
            const LabelledColumns read = *read_delimited_columns(all);
            Lines records = plain_records(all, ',');
            records.erase(records.begin());
            std::erase_if(records, [](const auto& record) { return record.size() == 1 && record[0].empty(); });
            for (std::size_t column = 0; column < 3; ++column) {
                QVERIFY2(read.columns[column].cells == plain_column(records, column, Spelling('.')), last);
            }
        }
    }

    /// A text of separators alone takes little more memory than it is long, or is refused.
    void texts_of_very_many_fields_or_lines() {
        const Result<Delimited> wide = read_delimited(std::string(5'000'000, ','));
        QVERIFY(!wide);
        QCOMPARE(wide.refusal().text(), std::string("Line 1 has more than 20000 fields, the most that a table has "
                                                    "columns. Choose another separator, or divide the text."));
        QVERIFY(!read_delimited(std::string(TextRecords::most_records, '\n') + "1\n"));
        QCOMPARE(read_delimited(std::string(1'000'000, '\n') + "1\n")->records.size(), std::size_t{1'000'001});
    }

    /// A text that another program would run as a formula is written as a text, and comes back as it was.
    void texts_like_formulas_stay_texts() {
        std::vector<Value> texts;
        for (const char* one : {"=1+1", "+2", "-x", "@sum", "'=1", "''-a", "'quoted'", "plain", "-5", "'"}) {
            texts.push_back(Value::text(Text(one)));
        }
        std::vector<Value> numbers;
        for (std::size_t row = 0; row < texts.size(); ++row) {
            numbers.push_back(Value::number(-1.5 * static_cast<double>(row)));
        }
        LabelledColumns table;
        table.columns = {{"", "t", "", Column::of(Kind::text, texts)},
                         {"", "n", "", Column::of(Kind::number, numbers)}};
        const std::string written = write_delimited(table, Dialect(), "\n");
        QVERIFY(written.find("\n=") == std::string::npos && written.find("\n-") == std::string::npos);
        QVERIFY(written.find("'=1+1,0\n'+2,-1.5\n") != std::string::npos); // numbers are numbers
        const std::vector<NewColumn> read = columns_of(*read_delimited(written));
        for (std::size_t row = 0; row < texts.size(); ++row) {
            QCOMPARE(write_cell(read[0].cells.at(row)), write_cell(texts[row]));
            QVERIFY(read[1].cells.at(row) == Value::number(numbers[row].number() + 0.0));
        }
    }

    /// UTF-16 of either order of bytes, with signs beyond its first plane; half of a pair is no letter.
    void utf16_is_read() {
        const std::u16string text = u"name,b [µm]\r\nPfütze 𝛼,1.5\r\n\xD835x,2\r\n";
        for (const bool low_first : {true, false}) {
            std::string bytes = low_first ? "\xFF\xFE" : "\xFE\xFF";
            for (const char16_t unit : text) {
                const char high = static_cast<char>(unit >> 8U);
                const char low = static_cast<char>(unit & 0xFFU);
                bytes += low_first ? std::string{low, high} : std::string{high, low};
            }
            const std::vector<NewColumn> columns = columns_of(read(bytes));
            QCOMPARE(columns.size(), std::size_t(2));
            QCOMPARE(columns[1].unit, std::string("µm"));
            QCOMPARE(columns[1].cells.at(1).number(), 2.0);
            QCOMPARE(columns[0].cells.at(0).text().str(), std::string("Pfütze 𝛼"));
            QCOMPARE(columns[0].cells.at(1).text().str(), std::string("\xEF\xBF\xBDx"));
            QCOMPARE(read(bytes + "\x31").records.size(), std::size_t(2)); // half a unit at its end
        }
    }
};

LEDGEFALL_TEST(TestDelimited)
#include "test_delimited.moc"
