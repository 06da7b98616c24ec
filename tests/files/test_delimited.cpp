// Delimited text after RFC 4180, as it comes in practice.

#include "files/tables/delimited.h"
#include "harness/test_program.h"

#include <QtTest>

using namespace ledgefall;

namespace {

using Lines = std::vector<std::vector<std::string>>;

Delimited read(const std::string& bytes, const DialectChoice& choice = {}) {
    const Result<Delimited> text = read_delimited(bytes, choice);
    return text ? *text : Delimited();
}

LabelledColumns as_columns(const Delimited& text) {
    return {.columns = columns_of(text), .least_rows = 0, .report = {}};
}

} // namespace

class TestDelimited : public QObject {
    Q_OBJECT

  private Q_SLOTS:
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
        QVERIFY(text.records == expected);
        QVERIFY(text.ragged.empty());
        QVERIFY(read("").records.empty());
        QVERIFY(read("\n\n").records.empty());
    }

    void encodings() {
        QCOMPARE(read("\xEF\xBB\xBFlength,site\n1,a\n").header.front(), std::string("length"));
        const Delimited latin = read("L\xE4nge,x\n1,2\n");
        QVERIFY(latin.latin1);
        QCOMPARE(latin.header.front(), std::string("Länge"));
        QVERIFY(latin.report().text().find("Latin-1") != std::string::npos);
        QVERIFY(!read_delimited(std::string("\xFF\xFEx", 3)));
        QVERIFY(!read_delimited(std::string("a\0b", 3)));
    }

    void ragged_rows_are_kept_and_reported() {
        const Delimited text = read("a,b\n1,2\n3\n4,5,6\n");
        QVERIFY((text.ragged == std::vector<std::size_t>{3, 4}));
        const auto columns = columns_of(text);
        QCOMPARE(columns.size(), std::size_t{3});
        QVERIFY(columns[1].cells.at(1).is_missing());
        QCOMPARE(columns[2].cells.at(2).number(), 6.0);
        QVERIFY(text.report().text().find("line 3") != std::string::npos);
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
        QCOMPARE(columns[0].cells.at(1).state(), State::odd);
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
};

LEDGEFALL_TEST(TestDelimited)
#include "test_delimited.moc"
