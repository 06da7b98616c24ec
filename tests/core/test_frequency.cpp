// Classes as they are proposed, counted, and made into a table with formulas.

#include "core/stats/classing.h"
#include "core/study/builders/frequency.h"
#include "core/study/builders/held_reading.h"
#include "core/study/formats/settled_format.h"
#include "core/value/decimals.h"
#include "harness/test_program.h"
#include "working.h"

#include <limits>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const double infinity = std::numeric_limits<double>::infinity();

QString description_of(const Result<ClassProposal>& proposal) {
    return proposal ? QStringLiteral("%1 by %2, %3").arg(proposal->start).arg(proposal->width).arg(proposal->count)
                    : QString::fromStdString(proposal.refusal().text());
}

/// Counted one by one, as a person would.
std::vector<std::size_t> by_hand(const std::vector<double>& values, const std::vector<double>& limits,
                                 bool closed_left) {
    std::vector<std::size_t> counts(limits.size() - 1);
    for (const double x : values) {
        for (std::size_t at = 0; at + 1 < limits.size(); ++at) {
            const bool in = closed_left ? limits[at] <= x && x < limits[at + 1] : limits[at] < x && x <= limits[at + 1];
            counts[at] += in ? 1 : 0;
        }
    }
    return counts;
}

const std::vector<double> pebbles = {42, 57, 38, 61, 49, 53, 44, 70, 35, 58, 47, 51,
                                     66, 40, 55, 48, 62, 45, 52, 39, 59, 50, 46, 54};

double value_held(const Bench& bench, Id table, const std::string& name) {
    for (const auto& one : bench.study.table(table)->ledge) {
        if (one->name == name) {
            return bench.results->single(one->id).number();
        }
    }
    return std::nan("");
}

} // namespace

class TestFrequency : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void widths_are_convenient() {
        QCOMPARE(convenient_width(4.375), 5.0);
        QCOMPARE(convenient_width(0.031), 0.025);
        QCOMPARE(convenient_width(1), 1.0);
        QCOMPARE(convenient_width(7.2), 10.0);
        QCOMPARE(convenient_width(2.3), 2.5);
        QCOMPARE(convenient_width(1900), 2000.0);
        QCOMPARE(convenient_width(1.4e-7), 1e-7);
    }

    void numbers_are_written_with_few_decimals() {
        QCOMPARE(decimals_of(2.5), 1);
        QCOMPARE(decimals_of(1e-3), 3);
        QCOMPARE(decimals_of(1e20), 0);
        QCOMPARE(rounded_to(0.1 + 0.2, 1), 0.3);
        QCOMPARE(stepped(0.1, 0.1, 2), 0.3);
        QCOMPARE(stepped(-0.3, 0.1, 3), 0.0);
        QCOMPARE(stepped(0, 0.1, 1e6), 1e5);
    }

    /// One decimal rounding for what is shown and what `round` gives; figures keep their zeros.
    void what_is_shown_is_rounded_as_numbers_are() {
        const auto shown = [](double number, Format::Style style, int digits) {
            return Format{style, digits}.text(number);
        };
        constexpr auto decimals = Format::Style::decimals;
        QCOMPARE(shown(2.675, decimals, 2), std::string("2.68"));
        QCOMPARE(shown(1.005, decimals, 2), std::string("1.01"));
        QCOMPARE(shown(0.5, decimals, 0), std::string("1"));
        QCOMPARE(shown(-2.5, decimals, 0), std::string("\u22123"));
        QCOMPARE(shown(-0.001, decimals, 2), std::string("0.00"));
        QCOMPARE(shown(9.996, decimals, 2), std::string("10.00"));
        QCOMPARE(shown(1e21, decimals, 1), std::string("1000000000000000000000.0"));
        QCOMPARE(shown(0.285, Format::Style::percent, 0), std::string("29\u202F%"));
        QCOMPARE(shown(0.00125, Format::Style::percent, 2), std::string("0.13\u202F%"));
        QCOMPARE(shown(10, Format::Style::significant, 3), std::string("10.0"));
        QCOMPARE(shown(0.02, Format::Style::significant, 2), std::string("0.020"));
        QCOMPARE(shown(99.96, Format::Style::significant, 3), std::string("100"));
        QCOMPARE(shown(1234, Format::Style::significant, 2), std::string("1.2·10³"));
        QCOMPARE(shown(0, Format::Style::significant, 3), std::string("0.00"));
        QCOMPARE(shown(2.5e-9, Format::Style::scientific, 0), std::string("3·10⁻⁹"));
        std::mt19937 engine(20);
        for (int turn = 0; turn < 2000; ++turn) { // as the number that `round` gives, written with those decimals
            const double x = std::ldexp(static_cast<double>(engine()) - 2e9, static_cast<int>(engine() % 60) - 40);
            for (const int digits : {0, 1, 3, 6}) {
                const double rounded = round_decimal(x, digits);
                QCOMPARE(Decimal(x).fixed(digits), Decimal(rounded).fixed(digits));
                QCOMPARE(std::stod(Decimal(x).fixed(digits)), rounded);
            }
        }
    }

    void percentages_that_do_not_add_are_noticed() {
        const Column thirds = Column::numbers({1.0 / 3, 1.0 / 3, 1.0 / 3});
        const Format percent{Format::Style::percent, 0};
        QCOMPARE(shown_percentages_add_to(thirds, percent, 1), std::optional(99.0));
        QCOMPARE(shown_percentages_add_to(Column::numbers({0.25, 0.75}), percent, 1), std::nullopt);
        QCOMPARE(shown_percentages_add_to(Column::numbers({33.3333, 66.6667}), {Format::Style::decimals, 1}, 100),
                 std::nullopt);
        QCOMPARE(shown_percentages_add_to(Column::numbers({16.66, 16.66, 66.68}), {Format::Style::decimals, 1}, 100),
                 std::optional(100.1));
        QCOMPARE(shown_percentages_add_to(Column::numbers({0.4, 0.4, 0.4}), {Format::Style::decimals, 0}, 1.2),
                 std::nullopt); // no percentages
    }

    void what_values_are_recorded_to() {
        const auto unit = [](const std::vector<double>& values) {
            return proposed_recording_unit(Column::numbers(values));
        };
        QCOMPARE(unit({4, 5, 3}), 1.0);
        QCOMPARE(unit({10, 20, 30}), 1.0); // too few to tell tens
        QCOMPARE(unit({14.2, 31.5, 16}), 0.1);
        QCOMPARE(unit({0.125, 0.25}), 0.001);
        QCOMPARE(unit({1.0 / 3, 2}), 0.0);
        QCOMPARE(unit({}), 0.0);
        std::vector<double> halves;
        std::vector<double> tens;
        for (int at = 0; at < 12; ++at) {
            halves.push_back(30 + 0.5 * at * at);
            tens.push_back(10 * at);
        }
        QCOMPARE(unit(halves), 0.5);
        QCOMPARE(unit(tens), 10.0);
        QCOMPARE(unit(pebbles), 1.0);
    }

    /// Whole numbers, a row a value: from the classes come the mean and the median of the data.
    void classes_of_recorded_values_reach_to_their_boundaries() {
        const std::vector<double> dishes = {4, 5, 3, 6, 4, 2, 5, 4, 7, 3, 4, 5, 2, 6, 4, 3, 5, 1, 4, 6,
                                            3, 4, 5, 4, 8, 2, 3, 5, 4, 6, 3, 4, 2, 5, 4, 3, 7, 4, 5, 3};
        const Column cells = Column::numbers(dishes);
        const auto proposal = propose_classes(cells, ClassRule::recorded_values, 1);
        QCOMPARE(description_of(proposal), QStringLiteral("1 by 1, 8"));
        Classes classes;
        classes.boundaries = boundaries_of(*proposal);
        classes.recorded_to = 1;
        QCOMPARE(classes.boundaries.front(), 0.5);
        QCOMPARE(write_cell(classes.intervals()[3]), std::string("4"));
        Bench bench;
        bench.numbers("seeds", dishes);
        Id table;
        bench.take(frequency_table(bench.study, bench.id("seeds"), classes, {}, &table));
        const auto held = [&](const std::string& name) { return value_held(bench, table, name); };
        QCOMPARE(held("grouped_mean"), 4.175);
        QVERIFY(near(held("grouped_median"), 4.0, 0.1)); // 4.08 within the class of 4
        QVERIFY(description_of(cover_with_classes(cells, 1, 2.5, true, 1)).contains(QStringLiteral("multiple")));
        Classes fives;
        fives.recorded_to = 1;
        fives.boundaries = {29.5, 34.5, 39.5};
        fives.open_below = fives.open_above = true;
        QStringList names;
        for (const Value& value : fives.intervals()) {
            names << QString::fromStdString(write_cell(value));
        }
        QCOMPARE(names, QStringList({QStringLiteral("≤ 29"), QStringLiteral("30–34"), QStringLiteral("35–39"),
                                     QStringLiteral("≥ 40")}));
    }

    /// By hand: of unequal classes the one with most values for its width is the modal class.
    /// Two sites in the same classes, counted apart.
    void groups_are_counted_in_the_same_classes() {
        Bench bench;
        bench.numbers("x", {1, 2, 11, 12, 13, 25, 7})
            .texts("site", {"pool", "weir", "pool", "weir", "weir", "pool", ""});
        FrequencyParts parts;
        parts.by = bench.id("site");
        parts.groups = {"pool", "weir"};
        parts.rule = "own limits";
        Id table;
        GroupColumns groups;
        bench.take(frequency_table(bench.study, bench.id("x"), {{0, 10, 20, 30}}, parts, &table, &groups));
        const auto cells = [&](const std::string& name) {
            std::vector<double> out;
            for (std::size_t row = 0; row < 3; ++row) {
                out.push_back(bench.results->cell(bench.study.table(table)->column_named(name)->id, row).number());
            }
            return out;
        };
        QCOMPARE(groups.counts, (std::vector<std::string>{"f_pool", "f_weir"}));
        QCOMPARE(cells("f"), (std::vector<double>{3, 3, 1}));
        QCOMPARE(cells("f_pool"), (std::vector<double>{1, 1, 1}));
        QCOMPARE(cells("f_weir"), (std::vector<double>{1, 2, 0}));
        QVERIFY(near(cells(groups.shares[1])[1], 2.0 / 3));
        QVERIFY(near(value_held(bench, table, "mean_weir"), 35.0 / 3));
        const auto& ledge = bench.study.table(table)->ledge;
        const auto caption =
            std::find_if(ledge.begin(), ledge.end(), [](const auto& one) { return one->name == "caption"; });
        QCOMPARE(bench.results->single((*caption)->id).text().str(),
                 std::string("n = 7; own limits; lower limits are in the class; 0 outside the classes"));
    }

    void the_caption_follows_a_change_of_classes() {
        Bench bench;
        bench.numbers("x", {5, 15, 20, 25, 99});
        FrequencyParts parts;
        parts.rule = "own limits";
        Id table;
        bench.take(frequency_table(bench.study, bench.id("x"), {{0, 10, 20, 30}}, parts, &table));
        const auto caption = [&] {
            const auto& ledge = bench.study.table(table)->ledge;
            const auto one =
                std::find_if(ledge.begin(), ledge.end(), [](const auto& held) { return held->name == "caption"; });
            return QString::fromStdString(bench.results->single((*one)->id).persistent().text().str());
        };
        QCOMPARE(caption(), QStringLiteral("n = 4; own limits; lower limits are in the class; 1 outside the classes"));
        Classes other{{0, 50, 100}};
        other.closed_left = false;
        bench.take(reclass(bench.study, table, other));
        QCOMPARE(caption(), QStringLiteral("n = 5; limits changed afterwards; upper limits are in the class; 0 outside "
                                           "the classes"));
    }

    void values_without_a_group_fail_a_check() {
        Bench bench;
        bench.numbers("x", {5, 15, 25}).texts("site", {"pool", "weir", ""});
        FrequencyParts parts;
        parts.by = bench.id("site");
        parts.groups = {"pool", "weir"};
        bench.take(frequency_table(bench.study, bench.id("x"), {{0, 10, 20, 30}}, parts));
        const auto& checks = bench.study.checks;
        const auto one = std::find_if(checks.begin(), checks.end(), [](const auto& check) {
            return check->label == "every value belongs to a group";
        });
        QVERIFY(one != checks.end() && !bench.results->single((*one)->id).yes());
    }

    /// Of two cumulative columns each curve is read by its own counts.
    void a_reading_is_of_the_curve_that_is_drawn() {
        Bench bench;
        bench.numbers("x", {5, 15, 25, 26}).texts("site", {"pool", "weir", "weir", "weir"});
        FrequencyParts parts;
        parts.by = bench.id("site");
        parts.groups = {"pool", "weir"};
        Id table;
        bench.take(frequency_table(bench.study, bench.id("x"), {{0, 10, 20, 30}}, parts, &table));
        bench.take(write_column(bench.study, table, "cum_weir = sum(f_weir[1..i])"));
        for (const auto& [curve, share] : {std::pair<const char*, double>{"cum", 0.5}, {"cum_weir", 1.0 / 3}}) {
            const Table& classes = *bench.study.table(table);
            Chart chart;
            chart.table = table;
            chart.series.push_back({SeriesForm::cumulative, (*classes.axis.column)->id, classes.column_named(curve)->id,
                                    false, false, ""});
            Id drawn;
            Study study = *add_chart(bench.study, chart, &drawn);
            Id held;
            study = *hold_reading(study, drawn, 20, &held);
            QVERIFY2(near(compute(study)->single(held).number(), share), curve);
        }
        Chart none;
        none.table = table;
        Id drawn;
        const Study study = *add_chart(bench.study, none, &drawn);
        QVERIFY(!hold_reading(study, drawn, 20));
    }

    void a_population_has_its_own_spread() {
        Bench bench;
        bench.numbers("x", {5, 15, 15, 25});
        FrequencyParts parts;
        parts.population = true;
        Id table;
        bench.take(frequency_table(bench.study, bench.id("x"), {{0, 10, 20, 30}}, parts, &table));
        QVERIFY(near(value_held(bench, table, "grouped_var"), 50));
        QVERIFY(near(value_held(bench, table, "grouped_sd"), std::sqrt(50)));
    }

    void stems_have_their_leaves_in_order() {
        Bench bench;
        const std::vector<double> x = {42, 57, 38, 61, 49, 53, 44, 70, 35};
        bench.numbers("x", x);
        Id table;
        bench.take(stem_and_leaf(bench.study, bench.id("x"),
                                 *bench.study.table(bench.table)->column_named("x")->cells.pointer(), &table));
        const auto cell = [&](const char* name, std::size_t row) {
            return bench.results->cell(bench.study.table(table)->column_named(name)->id, row);
        };
        QCOMPARE(bench.results->rows(table), std::size_t{5});
        const char* leaves[] = {"5 8", "2 4 9", "3 7", "1", "0"};
        for (std::size_t row = 0; row < 5; ++row) {
            QCOMPARE(cell("stem", row).number(), static_cast<double>(row + 3));
            QCOMPARE(cell("leaves_in_order", row).text().str(), std::string(leaves[row]));
        }
        QCOMPARE(cell("f", 1).number(), 3.0);
        Bench small;
        small.numbers("x", {0.42, 0.57, 0.4, 0.61});
        small.take(stem_and_leaf(small.study, small.id("x"),
                                 *small.study.table(small.table)->column_named("x")->cells.pointer(), &table));
        const auto column = small.study.table(table)->column_named("leaves_in_order");
        QCOMPARE(small.results->cell(column->id, 0).text().str(), std::string("0 2"));
        for (const std::vector<double>& edge : {std::vector<double>{0, 0}, {0.1}, {1e300, 2e300}, {7, 7, 7}}) {
            Bench bench_of;
            bench_of.numbers("x", edge);
            bench_of.take(stem_and_leaf(bench_of.study, bench_of.id("x"),
                                        *bench_of.study.table(bench_of.table)->column_named("x")->cells.pointer(),
                                        &table));
            for (const auto& check : bench_of.study.checks) {
                QVERIFY2(bench_of.results->single(check->id).yes(), check->label.c_str());
            }
        }
        Bench none;
        none.texts("x", {"a"}).numbers("y", {std::nan("")});
        for (const char* name : {"x", "y"}) {
            QVERIFY(!stem_and_leaf(none.study, none.id(name),
                                   *none.study.table(none.table)->column_named(name)->cells.pointer(), &table));
        }
        Bench below;
        below.numbers("x", {-1, 2});
        QVERIFY(!stem_and_leaf(below.study, below.id("x"),
                               *below.study.table(below.table)->column_named("x")->cells.pointer(), &table));
    }

    void the_mode_is_interpolated_in_its_class() {
        Bench bench;
        bench.numbers("x", {1, 2, 11, 12, 13, 14, 15, 21, 22, 23, 31, 35, 41, 45, 51, 55});
        Classes classes;
        classes.boundaries = {0, 10, 20, 30, 60};
        FrequencyParts parts;
        parts.mode = true;
        Id table;
        bench.take(frequency_table(bench.study, bench.id("x"), classes, parts, &table));
        QCOMPARE(value_held(bench, table, "modal_row"), 2.0); // densities 0.2, 0.5, 0.3, 0.2
        QVERIFY(near(value_held(bench, table, "grouped_mode"), 10 + 10 * 0.3 / (0.3 + 0.2)));
        QVERIFY(near(value_held(bench, table, "grouped_q1"), 10 + 10 * 2.0 / 5)); // the fourth value of 16
        QVERIFY(near(value_held(bench, table, "grouped_sd"), std::sqrt(value_held(bench, table, "grouped_var"))));
        classes.boundaries = {10, 20, 30, 60}; // the first class is the modal one
        bench.take(reclass(bench.study, table, classes));
        QCOMPARE(value_held(bench, table, "modal_row"), 1.0);
        QVERIFY(near(value_held(bench, table, "grouped_mode"), 10 + 10 * 0.5 / (0.5 + 0.2)));
    }

    void classes_are_proposed_by_rules() {
        const Column cells = Column::numbers(pebbles);
        QCOMPARE(description_of(propose_classes(cells, ClassRule::about_eight)), QStringLiteral("35 by 5, 8"));
        QCOMPARE(description_of(propose_classes(cells, ClassRule::sturges)),
                 QStringLiteral("35 by 5, 8")); // 35/6 = 5.8
        QCOMPARE(description_of(propose_classes(cells, ClassRule::square_root)),
                 QStringLiteral("35 by 5, 8")); // 35/5 = 7
        // The quartiles are 44.75 and 57.25: 2·12.5/∛24 = 8.67.
        QCOMPARE(description_of(propose_classes(cells, ClassRule::freedman_diaconis)), QStringLiteral("30 by 10, 5"));
        QCOMPARE(description_of(propose_classes(cells, ClassRule::recorded_values)), QStringLiteral("35 by 1, 36"));
    }

    void awkward_values_are_put_in_classes_or_refused() {
        QCOMPARE(description_of(propose_classes(Column::numbers({7, 7, 7}), ClassRule::about_eight)),
                 QStringLiteral("7 by 1, 1"));
        QCOMPARE(description_of(propose_classes(Column::numbers({7.3}), ClassRule::freedman_diaconis)),
                 QStringLiteral("7 by 1, 1"));
        QVERIFY(!propose_classes(Column::numbers({}), ClassRule::about_eight));
        QVERIFY(!propose_classes(Column::of(Kind::text, {Value::text(Text("pool"))}), ClassRule::about_eight));
        QVERIFY(!propose_classes(Column::numbers({infinity}), ClassRule::about_eight));
        const Column mixed = Column::of(Kind::number, {Value::number(1), Value::unparsed(Text("n/a")), Value::missing(),
                                                       Value::number(9), Value::number(infinity)});
        const auto proposal = propose_classes(mixed, ClassRule::about_eight);
        QCOMPARE(description_of(proposal), QStringLiteral("1 by 1, 9"));
        const ClassCounts counts = count_in_classes(mixed, boundaries_of(*proposal), true, false, false);
        QCOMPARE(counts.counts.front() + counts.counts.back(), std::size_t{2});
        QCOMPARE(counts.no_number, std::size_t{3});
        // Most values equal: the quartiles say nothing, and the range is taken.
        QVERIFY(propose_classes(Column::numbers({1, 1, 1, 1, 1, 1, 50}), ClassRule::freedman_diaconis));
        const auto spread = propose_classes(Column::numbers({0, 1e9}), ClassRule::recorded_values);
        QVERIFY(spread && spread->count <= most_proposed_classes);
        const auto tiny = propose_classes(Column::numbers({1e-300, 3e-300}), ClassRule::about_eight);
        QVERIFY(!tiny || tiny->count <= most_proposed_classes);
        QVERIFY(propose_classes(Column::numbers({-1e300, 1e300}), ClassRule::about_eight));
        QVERIFY(!cover_with_classes(Column::numbers({1, 2}), 0, 0, true));
        QVERIFY(!cover_with_classes(Column::numbers({1, 2}), 0, -1, true));
        QVERIFY(!cover_with_classes(Column::numbers({1, 2}), infinity, 1, true));
        QVERIFY(!cover_with_classes(Column::numbers({0, 1e9}), 0, 1e-3, true)); // a thousand million classes
    }

    void limits_are_covered_on_the_side_that_is_closed() {
        const Column cells = Column::numbers({10, 20, 30});
        QCOMPARE(description_of(cover_with_classes(cells, 10, 10, true)), QStringLiteral("10 by 10, 3"));
        QCOMPARE(description_of(cover_with_classes(cells, 0, 10, false)), QStringLiteral("0 by 10, 3"));
        const ClassCounts left = count_in_classes(cells, {10, 20, 30}, true, false, false);
        QCOMPARE(left.counts, (std::vector<std::size_t>{1, 1}));
        QCOMPARE(left.outside, std::size_t{1});
        const ClassCounts right = count_in_classes(cells, {10, 20, 30}, false, false, false);
        QCOMPARE(right.counts, (std::vector<std::size_t>{1, 1}));
        QCOMPARE(right.outside, std::size_t{1});
        const ClassCounts open = count_in_classes(cells, {15, 25}, true, true, true);
        QCOMPARE(open.counts, (std::vector<std::size_t>{1, 1, 1}));
        QCOMPARE(open.outside, std::size_t{0});
        const std::vector<double> limits = boundaries_of({0.1, 0.1, 4});
        QCOMPARE(limits, (std::vector<double>{0.1, 0.2, 0.3, 0.4, 0.5}));
    }

    void counts_are_those_of_counting_by_hand() {
        std::mt19937 engine(3);
        for (int turn = 0; turn < 60; ++turn) {
            std::vector<double> values(500);
            for (double& value : values) {
                value = std::round(std::normal_distribution<double>(50, 12)(engine) * 4) / 4; // many on the limits
            }
            std::vector<double> limits = {10, 20, 35, 40, 47.5, 50, 60.25, 80, 95};
            if (turn % 2 == 0) {
                limits = boundaries_of({10, 2.5, 32});
            }
            const bool closed_left = turn % 3 != 0;
            const ClassCounts counts = count_in_classes(Column::numbers(values), limits, closed_left, false, false);
            const std::vector<std::size_t> expected = by_hand(values, limits, closed_left);
            QCOMPARE(counts.counts, expected);
            std::size_t inside = 0;
            for (const std::size_t count : expected) {
                inside += count;
            }
            QCOMPARE(counts.outside, values.size() - inside);
        }
    }

    void a_table_is_made_whose_formulas_can_be_read() {
        Bench bench;
        bench.numbers("x", pebbles);
        Classes classes;
        classes.boundaries = boundaries_of({35, 5, 8});
        Id result;
        FrequencyParts all;
        for (bool* part : {&all.percent, &all.cumulative_down, &all.density, &all.tally}) {
            *part = true;
        }
        bench.take(frequency_table(bench.study, bench.id("x"), classes, all, &result));
        const Table& table = *bench.study.table(result);
        const auto formula = [&table](const char* name) { return table.column_named(name)->pieces[0].formula.text(); };
        QCOMPARE(formula("f"), std::string("count(Data.x in class)"));
        QCOMPARE(formula("rel"), std::string("f / n"));
        QCOMPARE(formula("cum"), std::string("sum(f[1..i])"));
        const auto cells = [&](const char* name) {
            std::vector<double> out;
            for (std::size_t row = 0; row < bench.results->rows(result); ++row) {
                out.push_back(bench.results->cell(table.column_named(name)->id, row).number());
            }
            return out;
        };
        const std::vector<std::size_t> counted = by_hand(pebbles, classes.boundaries, true);
        QCOMPARE(cells("f"), std::vector<double>(counted.begin(), counted.end()));
        QCOMPARE(cells("cum").back(), 24.0);
        QCOMPARE(cells("down").front(), 24.0);
        QCOMPARE(cells("mid").front(), 37.5);
        QVERIFY(near(cells("density")[0], cells("f")[0] / 24 / 5));
        QVERIFY(near(cells("percent")[1], 100 * cells("f")[1] / 24));
        double mean = 0;
        for (std::size_t at = 0; at < counted.size(); ++at) {
            mean += static_cast<double>(counted[at]) * (37.5 + 5 * static_cast<double>(at)) / 24;
        }
        for (const auto& held : table.ledge) {
            if (held->name == "grouped_mean") {
                QVERIFY(near(bench.results->single(held->id).number(), mean));
            }
        }
        QVERIFY(bench.results->single(bench.study.checks[0]->id).yes());
        QCOMPARE(bench.results->foot(table.foot[0]->id, table.column_named("f")->id).number(), 24.0);
        // A mistyped value falls in no class, and the check says so; data that come are counted.
        bench.take(type_block(bench.study, bench.table, 0, 0, {{"420"}}));
        QVERIFY(!bench.results->single(bench.study.checks[0]->id).yes());
        bench.take(type_block(bench.study, bench.table, 0, 0, {{"42"}}));
        bench.take(type_block(bench.study, bench.table, 24, 0, {{"36"}}));
        QCOMPARE(bench.results->cell(bench.study.table(result)->column_named("f")->id, 0).number(),
                 static_cast<double>(counted[0]) + 1);
        QVERIFY(bench.results->single(bench.study.checks[0]->id).yes());
    }

    void open_ends_catch_all_and_have_no_middle_measures() {
        Bench bench;
        bench.numbers("x", {1, 12, 25, 99});
        Classes classes;
        classes.boundaries = {10, 20, 30};
        classes.open_below = classes.open_above = true;
        Id result;
        bench.take(frequency_table(bench.study, bench.id("x"), classes, {}, &result));
        QVERIFY(bench.results->single(bench.study.checks[0]->id).yes());
        QCOMPARE(bench.results->rows(result), std::size_t{4});
        QCOMPARE(bench.study.table(result)->ledge.size(), std::size_t{1}); // n alone
        QVERIFY(!frequency_table(bench.study, Id("gone"), classes));
        classes.boundaries = {3};
        QVERIFY(!frequency_table(bench.study, bench.id("x"), classes));
    }
};

LEDGEFALL_TEST(TestFrequency)
#include "test_frequency.moc"
