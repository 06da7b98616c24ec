// Texts of any alphabet: their case, their order and their length, as cells, in formulas, sorted and as categories.

#include "core/study/row_sources/category_rows.h"
#include "core/value/text_order.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

class TestTexts : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void capitals_of_any_alphabet() {
        const std::pair<const char*, const char*> pairs[] = {
            {"łódź", "ŁÓDŹ"}, {"straße", "STRASSE"}, {"αβγ", "ΑΒΓ"}, {"жук", "ЖУК"},
            {"ÿ", "Ÿ"},       {"pool 3", "POOL 3"},  {"", ""}};
        const Bench bench;
        for (const auto& [small, large] : pairs) {
            QCOMPARE(in_capitals(small), std::string(large));
            QCOMPARE(write_cell(bench.value(std::string("upper(\"") + small + "\")")), std::string(large));
        }
        QCOMPARE(in_small_letters("ŁÓDŹ Σ Ж"), std::string("łódź σ ж"));
        QCOMPARE(write_cell(bench.value("lower(\"RIFFLE\")")), std::string("riffle"));
        QCOMPARE(bench.number("length(\"łódź\")"), 4.0);
    }

    /// An order in which every text has one place: of any two one stands before the other, unless they are equal.
    void the_order_is_one() {
        const std::vector<std::string> in_order = {"",     "10",   "9",      "a",    "A", "ä", "apple", "Äpfel", "b",
                                                   "pool", "Pool", "riffle", "weir", "z", "ż", "ω",     "ж"};
        for (std::size_t a = 0; a < in_order.size(); ++a) {
            for (std::size_t b = 0; b < in_order.size(); ++b) {
                const int order = compare_texts(in_order[a], in_order[b]);
                QCOMPARE(order == 0, a == b);
                QCOMPARE(compare_texts(in_order[b], in_order[a]) < 0, order > 0);
            }
        }
        QVERIFY(compare_texts("ä", "b") < 0 && compare_texts("łódź", "m") < 0 && compare_texts("ż", "Zoo") < 0);
        QVERIFY(compare_texts("a", "A") < 0 && compare_texts("A", "b") < 0);
    }

    void comparisons_sorting_and_categories_agree() {
        const std::vector<std::string> sites = {"weir", "Äsche", "pool", "łódź", "Aal", "pool", "zander", "", "lachs"};
        Bench bench;
        bench.texts("site", sites).work("before = count(site < site[i])").work("same = site = site[i]");
        for (std::size_t row = 0; row < sites.size(); ++row) {
            if (sites[row].empty()) {
                continue;
            }
            double before = 0;
            for (const std::string& other : sites) {
                before += !other.empty() && compare_texts(other, sites[row]) < 0 ? 1 : 0;
            }
            QCOMPARE(bench.cell("before", row + 1).number(), before);
        }
        const auto sorted = sort_rows(bench.study, bench.table, *bench.results->column(bench.id("site")), false);
        QVERIFY(sorted);
        const Column& cells = *sorted->table(bench.table)->column_named("site")->cells;
        for (std::size_t row = 1; row + 1 < cells.size(); ++row) {
            QVERIFY(compare_texts(cells.at(row - 1).text().str(), cells.at(row).text().str()) <= 0);
        }
        QVERIFY(cells.at(cells.size() - 1).is_missing());
        Categories categories;
        categories.of = bench.id("site");
        categories.order = Categories::Order::rising;
        Id table;
        Study counted = *add_table(bench.study, "Counted", &table);
        counted = *category_rows(counted, table, "which", categories);
        const ResultsPtr results = compute(counted);
        QCOMPARE(results->rows(table), std::size_t{7});
        const Id axis = (*counted.table(table)->axis.column)->id;
        for (std::size_t row = 1; row < 7; ++row) {
            QVERIFY(compare_texts(results->cell(axis, row - 1).text().str(), results->cell(axis, row).text().str()) <
                    0);
        }
    }

    /// What no state of a study uses any more is freed: texts, classes, distributions and the sites of faults.
    void what_is_not_used_is_freed() {
        constexpr std::size_t rows = 2000;
        Bench bench;
        bench.held("p = 0.5").rows(std::to_string(rows));
        for (const char* formula :
             {"site = join(\"site \", text(row * p))", "same = if row > 3 then site else \"none\"",
              "D = binomial(row, p / 1000)", "up = upper(same)", "at = 1 / (row - row)"}) {
            bench.work(formula);
        }
        const Id p = bench.id("p");
        const std::size_t texts = Text::count();
        const std::size_t sites = fault_site_count();
        for (int step = 1; step <= 20; ++step) {
            bench.take(give_held(bench.study, p, Value::number(0.5 + step / 64.0)));
            QVERIFY(Text::count() < texts + 100);
            QVERIFY(fault_site_count() < sites + 100);
            for (const std::size_t row : {std::size_t{1}, std::size_t{4}, rows}) {
                const std::string site = "site " + shortest(static_cast<double>(row) * (0.5 + step / 64.0));
                QCOMPARE(bench.cell("site", row).text().str(), site);
                QCOMPARE(bench.cell("up", row).text().str(), row > 3 ? in_capitals(site) : std::string("NONE"));
            }
        }
        bench.results.reset();
        QVERIFY(Text::count() < texts - rows);
    }

    void numbers_are_written_as_people_do() {
        const std::pair<double, const char*> written[] = {{100000, "100000"},
                                                          {0.0001, "0.0001"},
                                                          {1e15, "1000000000000000"},
                                                          {1e16, "1e+16"},
                                                          {1e-7, "0.0000001"},
                                                          {1e-8, "1e-08"},
                                                          {-0.0, "0"},
                                                          {0.1 + 0.2, "0.30000000000000004"},
                                                          {12345678.9, "12345678.9"},
                                                          {1e290, "1e+290"},
                                                          {-2.5, "-2.5"},
                                                          {5e-324, "5e-324"}};
        for (const auto& [number, text] : written) {
            QCOMPARE(shortest(number), std::string(text));
            QCOMPARE(*read_number(text), number);
        }
    }
};

LEDGEFALL_TEST(TestTexts)
#include "test_texts.moc"
