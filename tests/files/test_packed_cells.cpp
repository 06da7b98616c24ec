// Long columns in the study's file: packed, and to the last bit what they were.

#include "core/study/edits/edits.h"
#include "files/study_json/base64.h"
#include "files/study_json/packed_cells.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"

#include <QtTest>

#include <bit>
#include <random>

using namespace ledgefall;

namespace {

Column random_cells(Kind kind, int shape, std::size_t rows, std::mt19937& random) {
    Column cells(kind);
    const auto any = [&](int from, int to) { return std::uniform_int_distribution<int>(from, to)(random); };
    for (std::size_t row = 0; row < rows; ++row) {
        if (shape % 2 == 1 && any(0, 99) == 0) {
            cells.append(any(0, 9) == 0 && kind != Kind::text ? Value::unparsed(Text("n/a")) : Value::missing(kind));
            continue;
        }
        const double number = shape < 2   ? any(-100, 100)
                              : shape < 4 ? any(-20000, 20000) / 100.0
                              : shape < 6 ? any(-2000000000, 2000000000) / 1e3
                              : shape < 8 ? std::ldexp(any(1, 2000000000), any(-600, 600))
                                          : (any(0, 1) == 0 ? -0.0 : 0.5);
        switch (kind) {
        case Kind::text:
            cells.append(Value::text(Text("site " + std::to_string(any(0, 20)))));
            break;
        case Kind::yes_no:
            cells.append(Value::yes_no(any(0, 1) == 1));
            break;
        case Kind::date:
            cells.append(Value::of(any(-9999, 99999) + (shape < 4 ? 0 : 0.25), kind, State::plain));
            break;
        default:
            cells.append(Value::number(number));
        }
    }
    return cells;
}

} // namespace

class TestPackedCells : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void base64_is_that_of_the_standard() {
        const std::pair<const char*, const char*> pairs[] = {{"", ""},
                                                             {"f", "Zg=="},
                                                             {"fo", "Zm8="},
                                                             {"foo", "Zm9v"},
                                                             {"foob", "Zm9vYg=="},
                                                             {"fooba", "Zm9vYmE="},
                                                             {"foobar", "Zm9vYmFy"}};
        for (const auto& [bytes, text] : pairs) { // of RFC 4648
            QCOMPARE(to_base64(bytes), std::string(text));
            QCOMPARE(*from_base64(text), std::string(bytes));
        }
        std::string all;
        for (int byte = 0; byte < 256; ++byte) {
            all += static_cast<char>(byte);
        }
        QCOMPARE(to_base64(all), QByteArray::fromStdString(all).toBase64().toStdString());
        QCOMPARE(*from_base64(to_base64(all)), all);
        for (const char* wrong : {"Z", "Zg=", "Zg=a", "Z===", "Zm9%", "Zm 9v"}) {
            QVERIFY2(!from_base64(wrong), wrong);
        }
    }

    void cells_come_back_to_the_last_bit() {
        std::mt19937 random(11);
        for (const Kind kind : {Kind::number, Kind::text, Kind::date, Kind::yes_no}) {
            for (int shape = 0; shape < 10; ++shape) {
                for (const std::size_t rows : {std::size_t{0}, std::size_t{1}, std::size_t{500}, std::size_t{20000}}) {
                    const Column cells = random_cells(kind, shape, rows, random);
                    const std::optional<Json> written = packed::written(cells, 0);
                    if (!written) {
                        QVERIFY(rows < 500); // too little for what stands beside
                        continue;
                    }
                    const std::optional<Column> read = packed::read(Json::parse(json_text(*written)), kind);
                    QVERIFY(read);
                    QVERIFY(*read == cells);
                }
            }
        }
        const Column tenths = Column::numbers({0.1, 0.2, 123456.5});
        QCOMPARE((*packed::written(tenths, 0))["as"].get<std::string>(), std::string("int32"));
        QCOMPARE((*packed::written(tenths, 0))["decimals"].get<int>(), 1);
        QCOMPARE((*packed::written(Column::numbers({0.1 + 0.2, 1}), 0))["as"].get<std::string>(),
                 std::string("double"));
    }

    void damaged_cells_are_refused() {
        const Json sound = *packed::written(Column::numbers({1, 2.5, 3}), 0);
        QVERIFY(packed::read(sound, Kind::number));
        const auto refused = [&](const char* field, const Json& value, Kind kind = Kind::number) {
            Json json = sound;
            json[field] = value;
            return !packed::read(json, kind);
        };
        QVERIFY(refused("version", 2U) && refused("version", "1") && refused("rows", 4U) && refused("rows", -1));
        QVERIFY(refused("rows", 1e300) && refused("as", "int64") && refused("as", 5) && refused("decimals", 7U));
        QVERIFY(refused("data", "AAA") && refused("data", 3) && refused("data", ""));
        QVERIFY(refused("missing", 5) && refused("missing", Json::array({Json::array({0U, 1U})})));
        QVERIFY(refused("missing", Json::array({Json::array({3U, 2U})})) && refused("missing", Json::array({7})));
        QVERIFY(refused("missing", Json::array({Json::array({2U, 18446744073709551615U})})));
        QVERIFY(refused("odd", Json::array({Json::array({2U, 5})})) &&
                refused("odd", Json::array({Json::array({9U, "x"})})));
        QVERIFY(!packed::read(sound, Kind::text)); // places of no texts
        QVERIFY(!packed::read(sound, Kind::yes_no) && !packed::read(Json(5), Kind::number));
        const double infinite = std::numeric_limits<double>::infinity();
        QVERIFY(refused("as", "double") &&
                !packed::read({{"version", 1U},
                               {"rows", 1U},
                               {"as", "double"},
                               {"data", to_base64({reinterpret_cast<const char*>(&infinite), 8})}},
                              Kind::number));
    }

    void a_study_with_long_columns_says_the_second_version() {
        std::vector<double> numbers;
        for (int row = 0; row < 20000; ++row) {
            numbers.push_back(row * 0.001);
        }
        Id table;
        Study study = *add_table(Study(), "Data", &table);
        study = *add_columns(study, table, {{"", "x", "", Column::numbers(numbers)}});
        const std::string text = write_study(study);
        QVERIFY(text.find("\"version\": 2") != std::string::npos && text.find("\"packed\"") != std::string::npos);
        const Result<Study> again = read_study(text);
        QVERIFY(again);
        QVERIFY(*again->tables.front()->columns.front()->cells == *study.tables.front()->columns.front()->cells);
        QCOMPARE(write_study(*again), text);
        std::string damaged = text;
        damaged.replace(damaged.find("\"data\": \"") + 9, 1, "%");
        const Result<Study> refused = read_study(damaged);
        QVERIFY(!refused);
        QCOMPARE(refused.refusal().text(), std::string("At tables[0].columns[0].packed, the file should have cells "
                                                       "that can be unpacked. Correct it, or use an earlier copy."));
        numbers.resize(100);
        study = *add_columns(*add_table(Study(), "Data", &table), table, {{"", "x", "", Column::numbers(numbers)}});
        const std::string small = write_study(study);
        QVERIFY(small.find("\"version\": 1") != std::string::npos && small.find("packed") == std::string::npos);
    }
};

LEDGEFALL_TEST(TestPackedCells)
#include "test_packed_cells.moc"
