// Tables of diversity indices and matrices of pairs from the four ways in which counts of species at sites are written,
// against plain loops over the same counts.

#include "core/study/builders/diversity_tables.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Grid = std::vector<std::vector<double>>; ///< a row for each species

const std::vector<std::string> species = {"Mayflies", "Snails", "Midges", "Leeches"};
const std::vector<std::string> sites = {"riffle", "pool", "weir"};
const Grid counts = {{12, 3, 0}, {1, 0, 1}, {5, 9, 2}, {0, 1, 4}};

/// The layer that is made of them, written in one of the ways.
struct Noted {
    Study study;
    Id layer;
    ResultsPtr results;

    explicit Noted(SiteCounts::Form form) {
        Bench bench;
        SiteCounts noted;
        noted.form = form;
        noted.table = bench.table;
        std::vector<double> numbers;
        if (form == SiteCounts::Form::list) {
            std::vector<std::string> named_species;
            std::vector<std::string> named_sites;
            for (std::size_t at = 0; at < species.size(); ++at) {
                for (std::size_t site = 0; site < sites.size(); ++site) {
                    const bool in_two = counts[at][site] == 12; // a species that is noted twice at a site
                    for (const double number : in_two ? std::vector<double>{7, 5} : std::vector{counts[at][site]}) {
                        named_species.push_back(species[at]);
                        named_sites.push_back(sites[site]);
                        numbers.push_back(number);
                    }
                }
            }
            bench.texts("site", named_sites).texts("taxon", named_species).numbers("found", numbers);
            noted.site = bench.id("site");
            noted.species = bench.id("taxon");
            noted.number = bench.id("found");
        } else if (form == SiteCounts::Form::sites_in_columns) {
            bench.texts("taxon", species);
            noted.species = bench.id("taxon");
            for (std::size_t site = 0; site < sites.size(); ++site) {
                numbers.clear();
                for (const auto& row : counts) {
                    numbers.push_back(row[site]);
                }
                bench.numbers(sites[site], numbers);
                noted.counts.push_back(bench.id(sites[site]));
            }
        } else {
            bench.texts("site", sites);
            noted.site = bench.id("site");
            for (std::size_t at = 0; at < species.size(); ++at) {
                bench.numbers(species[at], counts[at]);
                noted.counts.push_back(bench.id(species[at]));
            }
        }
        const Result<Study> made = species_by_site(bench.study, noted, &layer);
        if (!made) {
            qFatal("refused: %s", made.refusal().text().c_str());
        }
        study = *made;
        results = compute(study);
    }

    void take(const Result<Study>& next) {
        if (!next) {
            qFatal("refused: %s", next.refusal().text().c_str());
        }
        study = *next;
        results = compute(study);
    }
    Value at(Id table, const std::string& column, std::size_t row) const {
        return results->cell(study.table(table)->column_named(column)->id, row);
    }
};

const SiteCounts::Form forms[] = {SiteCounts::Form::list, SiteCounts::Form::sites_in_columns,
                                  SiteCounts::Form::sites_in_rows};

double shannon_of(std::size_t site) {
    double all = 0;
    for (const auto& row : counts) {
        all += row[site];
    }
    double h = 0;
    for (const auto& row : counts) {
        h -= row[site] > 0 ? row[site] / all * std::log(row[site] / all) : 0;
    }
    return h;
}

} // namespace

class TestDiversityTables : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void counts_become_species_by_site() {
        for (const auto form : forms) {
            const Noted noted(form);
            for (std::size_t at = 0; at < species.size(); ++at) {
                for (std::size_t site = 0; site < sites.size(); ++site) {
                    QCOMPARE(noted.results->cell(noted.layer, at * sites.size() + site).number(), counts[at][site]);
                }
            }
            for (const auto& check : noted.study.checks) { // in the list one is noted twice
                const bool twice = check->label == "no species is noted twice at a site";
                QCOMPARE(noted.results->single(check->id).yes(), !twice);
            }
        }
    }

    void a_row_for_each_site_has_its_indices() {
        for (const auto form : forms) {
            Noted noted(form);
            IndexRequest request;
            for (const SiteIndex& index : site_indices()) {
                request.indices.push_back(index.name);
            }
            request.rarefied = true;
            Id table;
            noted.take(index_table(noted.study, noted.layer, request, &table));
            QCOMPARE(noted.results->rows(table), sites.size());
            const double individuals[] = {18, 13, 7};
            const double present[] = {3, 3, 3};
            const double once[] = {1, 1, 1};
            for (std::size_t site = 0; site < sites.size(); ++site) {
                QCOMPARE(noted.at(table, "site", site).text().str(), sites[site]);
                QCOMPARE(noted.at(table, "N", site).number(), individuals[site]);
                QCOMPARE(noted.at(table, "S", site).number(), present[site]);
                QVERIFY(near(noted.at(table, "H", site).number(), shannon_of(site), 1e-13));
                QVERIFY(near(noted.at(table, "J", site).number(), shannon_of(site) / std::log(3), 1e-13));
                QCOMPARE(noted.at(table, "singletons", site).number(), once[site]);
                QCOMPARE(noted.at(table, "zeros", site).number(), 1.0);
            }
            QCOMPARE(noted.at(table, "rarefied_S", 2).number(), 3.0); // the smallest sample as it is
            QVERIFY(noted.at(table, "rarefied_S", 0).number() < 3);
            QVERIFY(std::fabs(noted.at(table, "rarefied_S_sd", 2).number()) < 1e-7);
        }
    }

    void the_base_of_the_logarithm_can_be_chosen() {
        Noted noted(SiteCounts::Form::list);
        Id table;
        noted.take(index_table(noted.study, noted.layer, {{"H"}, 2, false}, &table));
        QVERIFY(near(noted.at(table, "H", 1).number(), shannon_of(1) / std::log(2), 1e-13));
        QVERIFY(noted.study.table(table)->column_named("H")->label.find("base 2") != std::string::npos);
    }

    void a_matrix_has_all_pairs() {
        Noted noted(SiteCounts::Form::list);
        for (const SitePairIndex& index : pair_indices()) {
            Id table;
            noted.take(pair_matrix(noted.study, noted.layer, index.name, &table));
            const Id layer = noted.study.table(table)->columns.front()->id;
            for (std::size_t a = 0; a < 3; ++a) {
                for (std::size_t b = 0; b < 3; ++b) {
                    double apart = 0, all = 0, shared = 0, any = 0, square = 0, in_a = 0, in_b = 0;
                    double product = 0, aa = 0, bb = 0, sum_a = 0, sum_b = 0;
                    for (const auto& row : counts) {
                        apart += std::fabs(row[a] - row[b]);
                        all += row[a] + row[b];
                        shared += row[a] > 0 && row[b] > 0 ? 1 : 0;
                        any += row[a] > 0 || row[b] > 0 ? 1 : 0;
                        in_a += row[a] > 0 ? 1 : 0;
                        in_b += row[b] > 0 ? 1 : 0;
                        square += (row[a] - row[b]) * (row[a] - row[b]);
                        product += row[a] * row[b];
                        aa += row[a] * row[a];
                        bb += row[b] * row[b];
                        sum_a += row[a];
                        sum_b += row[b];
                    }
                    const std::map<std::string, double> wanted = {
                        {"bray_curtis", apart / all},
                        {"jaccard", shared / any},
                        {"jaccard_dissimilarity", 1 - shared / any},
                        {"sorensen", 2 * shared / (in_a + in_b)},
                        {"sorensen_dissimilarity", 1 - 2 * shared / (in_a + in_b)},
                        {"euclidean", std::sqrt(square)},
                        {"morisita_horn", 2 * product / ((aa / sum_a / sum_a + bb / sum_b / sum_b) * sum_a * sum_b)}};
                    const Value given = noted.results->cell(layer, a * 3 + b);
                    QVERIFY2(given.plain() && std::fabs(given.number() - wanted.at(index.name)) < 1e-12,
                             index.name.c_str());
                }
            }
            QVERIFY(index.label.starts_with("similarity") || index.label.starts_with("dissimilarity"));
        }
    }

    void curves_have_a_column_for_each_site() {
        Noted noted(SiteCounts::Form::sites_in_columns);
        Id table;
        Id chart;
        noted.take(site_curves(noted.study, noted.layer, sites, SiteCurves::rank_abundance, &table, &chart));
        QCOMPARE(noted.at(table, "riffle", 0).number(), 12.0 / 18);
        QCOMPARE(noted.at(table, "riffle", 2).number(), 1.0 / 18);
        QVERIFY(noted.at(table, "riffle", 3).is_missing());
        QVERIFY(noted.study.chart(chart)->y.logarithmic);
        noted.take(site_curves(noted.study, noted.layer, sites, SiteCurves::hill_profile, &table, &chart));
        QCOMPARE(noted.at(table, "pool", 0).number(), 3.0);
        QVERIFY(near(noted.at(table, "pool", 10).number(), std::exp(shannon_of(1)), 1e-12));
        noted.take(site_curves(noted.study, noted.layer, sites, SiteCurves::rarefaction, &table, &chart));
        QCOMPARE(noted.at(table, "weir", 0).number(), 0.0);
        QCOMPARE(noted.at(table, "riffle", 25).number(), 3.0);
        QVERIFY(noted.at(table, "weir", 25).is_missing()); // there are fewer individuals
        QCOMPARE(noted.study.chart(chart)->series.size(), sites.size());
    }

    /// The sites change their order when the list is written anew: each column stays with its site.
    void curves_follow_their_sites_by_name() {
        Bench bench;
        bench.texts("site", {"riffle", "pool", "pool"}).texts("taxon", {"a", "a", "b"}).numbers("found", {9, 2, 5});
        SiteCounts noted;
        noted.table = bench.table;
        noted.site = bench.id("site");
        noted.species = bench.id("taxon");
        noted.number = bench.id("found");
        Id layer;
        Id table;
        Id chart;
        bench.take(species_by_site(bench.study, noted, &layer));
        bench.take(site_curves(bench.study, layer, {"riffle", "pool"}, SiteCurves::hill_profile, &table, &chart));
        const Id pool = bench.study.table(table)->column_named("pool")->id;
        QCOMPARE(bench.results->cell(pool, 0).number(), 2.0);
        bench.take(move_rows(bench.study, bench.table, 1, 2, 0));
        QCOMPARE(bench.results->cell(pool, 0).number(), 2.0);
        QCOMPARE(bench.results->cell(bench.study.table(table)->column_named("riffle")->id, 0).number(), 1.0);
    }

    void columns_of_one_name_are_refused() {
        Bench bench;
        bench.texts("taxon", {"a"}).numbers("p", {1}).numbers("q", {2});
        for (const char* column : {"p", "q"}) {
            bench.take(head_column(bench.study, bench.id(column), {"Pool", "", ""}));
        }
        Id layer;
        const auto made = species_by_site(bench.study,
                                          {SiteCounts::Form::sites_in_columns,
                                           bench.table,
                                           {},
                                           bench.id("taxon"),
                                           {},
                                           {bench.id("p"), bench.id("q")}},
                                          &layer);
        QVERIFY(!made && made.refusal().text().find("Pool") != std::string::npos);
    }

    void percentages_fail_the_check_and_their_indices_say_why() {
        Bench bench;
        bench.texts("taxon", {"Mayflies", "Snails"}).numbers("riffle", {62.5, 37.5}).numbers("pool", {0, 0});
        SiteCounts noted{SiteCounts::Form::sites_in_columns,    bench.table, {}, bench.id("taxon"), {},
                         {bench.id("riffle"), bench.id("pool")}};
        Id layer;
        Study study = *species_by_site(bench.study, noted, &layer);
        Id table;
        study = *index_table(study, layer, {{"H", "margalef_d"}, 0, false}, &table);
        const auto results = compute(study);
        const auto column = [&](const char* name) { return study.table(table)->column_named(name)->id; };
        QVERIFY(results->cell(column("H"), 0).plain());
        QVERIFY(results->cell(column("H"), 1).is_missing());
        QVERIFY(results->cell(column("margalef_d"), 0).is_fault());
        for (const auto& check : study.checks) {
            QVERIFY2(!results->single(check->id).yes(), check->label.c_str());
        }
        noted.species = Id();
        QVERIFY(!species_by_site(bench.study, noted, &layer));
        QVERIFY(!index_table(bench.study, bench.id("riffle"), {}, &table));
        QVERIFY(!pair_matrix(bench.study, bench.id("riffle"), "jaccard", &table));
    }
};

LEDGEFALL_TEST(TestDiversityTables)
#include "test_diversity_tables.moc"
