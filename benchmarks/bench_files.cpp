// Files: delimited text into columns and out of them, against a pass that finds fields and calls std::from_chars, and a
// writer that calls std::to_chars; a worksheet against inflating it and parsing its XML.

#include "bench.h"
#include "files/tables/delimited.h"
#include "files/worksheet_reading/archive.h"
#include "files/worksheet_reading/worksheet_readers.h"
#include "files/worksheet_writing/workbook_of_study.h"
#include "files/worksheet_writing/worksheet_writers.h"

#include <charconv>
#include <cmath>
#include <pugixml.hpp>
#include <unordered_map>

namespace ledgefall::benchmarks {
namespace {

constexpr const char* sites[] = {"riffle", "pool", "weir"};

/// Three columns of numbers with three decimals, one of whole numbers, one of three texts.
const std::string& some_text() {
    static const std::string text = [] {
        std::mt19937_64 engine(3);
        std::uniform_int_distribution<int> thousandths(-999'999, 999'999);
        std::string out = "a,b,c,n,site\n";
        for (std::size_t row = 0; row < rows; ++row) {
            for (int column = 0; column < 3; ++column) {
                out += shortest(thousandths(engine) / 1000.0) + ",";
            }
            out += std::to_string(thousandths(engine) / 1000 + 1000) + "," + sites[engine() % 3] + "\n";
        }
        return out;
    }();
    return text;
}

void read_by_ledgefall(benchmark::State& state) {
    const std::string& text = some_text();
    for (auto _ : state) {
        benchmark::DoNotOptimize(read_delimited_columns(text));
    }
}

void read_by_hand(benchmark::State& state) {
    const std::string& text = some_text();
    for (auto _ : state) {
        std::vector<double> numbers[4];
        std::vector<int> site;
        std::unordered_map<std::string_view, int> places;
        for (auto& column : numbers) {
            column.reserve(rows);
        }
        site.reserve(rows);
        const char* at = text.data() + text.find('\n') + 1;
        const char* const end = text.data() + text.size();
        while (at < end) {
            for (auto& column : numbers) {
                double number = 0;
                at = std::from_chars(at, end, number).ptr + 1;
                column.push_back(number);
            }
            const char* const from = at;
            while (*at != '\n') {
                ++at;
            }
            const std::string_view field(from, static_cast<std::size_t>(at - from));
            site.push_back(places.try_emplace(field, static_cast<int>(places.size())).first->second);
            ++at;
        }
        benchmark::DoNotOptimize(numbers[3].data());
        benchmark::DoNotOptimize(site.data());
    }
}

void write_by_ledgefall(benchmark::State& state) {
    const Result<LabelledColumns> columns = read_delimited_columns(some_text());
    for (auto _ : state) {
        benchmark::DoNotOptimize(write_delimited(*columns, Dialect(), "\n"));
    }
}

void write_by_hand(benchmark::State& state) {
    const Result<LabelledColumns> columns = read_delimited_columns(some_text());
    std::vector<double> numbers[4];
    std::vector<std::string> site;
    for (std::size_t row = 0; row < rows; ++row) {
        for (std::size_t column = 0; column < 4; ++column) {
            numbers[column].push_back(columns->columns[column].cells.at(row).number());
        }
        site.push_back(columns->columns[4].cells.at(row).text().str());
    }
    for (auto _ : state) {
        std::string out = "a,b,c,n,site\n";
        for (std::size_t row = 0; row < rows; ++row) {
            for (const auto& column : numbers) {
                char digits[40];
                out.append(digits, std::to_chars(digits, digits + sizeof digits, column[row]).ptr);
                out += ',';
            }
            out += site[row];
            out += '\n';
        }
        benchmark::DoNotOptimize(out.data());
    }
}

/// 100,000 rows of five columns, one of them computed.
const std::string& some_worksheet(bool open_document) {
    const auto make = [](bool open) {
        Id table;
        Study study = *add_table(Study(), "Data", &table);
        std::string text = some_text().substr(0, some_text().find('\n', some_text().size() / 10) + 1);
        const Result<LabelledColumns> columns = read_delimited_columns(text);
        study = *add_columns(study, table, columns->columns);
        study = *write_column(study, table, "z = a * b");
        const Workbook workbook = workbook_of_study(study, *compute(study));
        return *(open ? write_open_document(workbook) : write_open_xml(workbook));
    };
    static const std::string first = make(true);
    static const std::string second = make(false);
    return open_document ? first : second;
}

void worksheet_by_ledgefall(benchmark::State& state, bool open_document) {
    const std::string& bytes = some_worksheet(open_document);
    for (auto _ : state) {
        benchmark::DoNotOptimize(open_document ? read_open_document(bytes) : read_open_xml(bytes));
    }
}

void worksheet_by_hand(benchmark::State& state, bool open_document) {
    const std::string& bytes = some_worksheet(open_document);
    for (auto _ : state) {
        const Result<Archive> archive = Archive::open(bytes);
        Result<std::string> part = archive->read(open_document ? "content.xml" : "xl/worksheets/sheet1.xml");
        pugi::xml_document document;
        benchmark::DoNotOptimize(document.load_buffer_inplace((*part).data(), (*part).size()));
    }
}

} // namespace

void register_files() {
    pair_side("read_text/ledgefall", read_by_ledgefall);
    pair_side("read_text/by_hand", read_by_hand);
    pair_side("write_text/ledgefall", write_by_ledgefall);
    pair_side("write_text/by_hand", write_by_hand);
    pair_side("ods/ledgefall", [](benchmark::State& state) { worksheet_by_ledgefall(state, true); });
    pair_side("ods/by_hand", [](benchmark::State& state) { worksheet_by_hand(state, true); });
    pair_side("xlsx/ledgefall", [](benchmark::State& state) { worksheet_by_ledgefall(state, false); });
    pair_side("xlsx/by_hand", [](benchmark::State& state) { worksheet_by_hand(state, false); });
}

} // namespace ledgefall::benchmarks
