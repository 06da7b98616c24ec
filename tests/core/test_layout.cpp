// Where columns and rows stand, how started values go on, what is found and replaced, what checks are offered.

#include "core/study/edits/find.h"
#include "core/study/edits/offers.h"
#include "core/study/edits/series.h"
#include "core/value/date.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Way = Pattern::Way;

Value day(const char* text) {
    return Value::of(*read_date(text), Kind::date, State::plain);
}

std::vector<Value> numbers(std::initializer_list<double> values) {
    std::vector<Value> out;
    for (const double value : values) {
        out.push_back(Value::number(value));
    }
    return out;
}

std::vector<Value> texts(std::initializer_list<const char*> values) {
    std::vector<Value> out;
    for (const char* value : values) {
        out.push_back(Value::text(Text(value)));
    }
    return out;
}

std::string order(const Bench& bench) {
    std::string names;
    for (const auto& column : bench.study.table(bench.table)->columns) {
        names += (names.empty() ? "" : " ") + column->name;
    }
    return names;
}

std::vector<double> given(const Bench& bench, const std::string& name) {
    std::vector<double> out;
    const Column& cells = *bench.study.table(bench.table)->column_named(name)->cells;
    for (std::size_t row = 0; row < bench.results->rows(bench.table); ++row) {
        out.push_back(cells.at(row).plain() ? cells.at(row).number() : -1);
    }
    return out;
}

} // namespace

class TestLayout : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_started_run_goes_on_data() {
        QTest::addColumn<std::vector<Value>>("started");
        QTest::addColumn<int>("way");
        QTest::addColumn<QStringList>("next");
        const auto row = [](const char* name, const std::vector<Value>& started, Way way, const QStringList& next) {
            QTest::newRow(name) << started << static_cast<int>(way) << next;
        };
        const auto list = [](const char* text) { return QString::fromUtf8(text).split(u'|'); };
        row("by a difference", numbers({0.1, 0.2}), Way::steps, list("0.3|0.4|0.5|0.6"));
        row("falling", numbers({10, 7.5}), Way::steps, list("5|2.5|0|-2.5"));
        row("many decimals", numbers({1.001, 1.0025}), Way::steps, list("1.004|1.0055|1.007|1.0085"));
        row("by growth", numbers({2, 6, 18}), Way::growth, list("54|162|486|1458"));
        row("all equal goes in steps of 0", numbers({3, 3, 3}), Way::steps, list("3|3|3|3"));
        row("one number is a run of nothing", numbers({5}), Way::repeat, list("5|5|5|5"));
        row("no pattern comes again", numbers({1, 2, 4, 7}), Way::repeat, list("1|2|4|7"));
        row("days", {day("2026-05-30"), day("2026-06-01")}, Way::days,
            list("2026-06-03|2026-06-05|2026-06-07|2026-06-09"));
        row("one day", {day("2028-02-28")}, Way::days, list("2028-02-29|2028-03-01|2028-03-02|2028-03-03"));
        row("weeks", {day("2026-05-04"), day("2026-05-11")}, Way::days,
            list("2026-05-18|2026-05-25|2026-06-01|2026-06-08"));
        row("months", {day("2026-05-04"), day("2026-06-04")}, Way::months,
            list("2026-07-04|2026-08-04|2026-09-04|2026-10-04"));
        row("ends of months", {day("2027-12-31"), day("2028-01-31")}, Way::months,
            list("2028-02-29|2028-03-31|2028-04-30|2028-05-31"));
        row("years", {day("2024-02-29"), day("2025-02-28")}, Way::months,
            list("2026-02-28|2027-02-28|2028-02-29|2029-02-28"));
        row("labels", texts({"dish 9"}), Way::labels, list("dish 10|dish 11|dish 12|dish 13"));
        row("labels with noughts", texts({"s008", "s010"}), Way::labels, list("s012|s014|s016|s018"));
        row("names come again", texts({"riffle", "pool", "weir"}), Way::repeat, list("riffle|pool|weir|riffle"));
    }
    void a_started_run_goes_on() {
        QFETCH(std::vector<Value>, started);
        QFETCH(int, way);
        QFETCH(QStringList, next);
        const Pattern pattern = pattern_of(started);
        QCOMPARE(static_cast<int>(pattern.way), way);
        for (int further = 1; further <= next.size(); ++further) {
            QCOMPARE(QString::fromStdString(write_cell(continued(started, pattern, static_cast<std::size_t>(further)))),
                     next[further - 1]);
        }
    }

    void weekdays_leave_out_the_weekend() {
        const std::vector<Value> friday = {day("2026-05-22")};
        const auto at = [&](double step, std::size_t further) {
            return write_cell(continued(friday, {Way::weekdays, step}, further));
        };
        QCOMPARE(at(1, 1), std::string("2026-05-25"));
        QCOMPARE(at(1, 5), std::string("2026-05-29"));
        QCOMPARE(at(1, 6), std::string("2026-06-01"));
        QCOMPARE(at(-1, 5), std::string("2026-05-15"));
        QCOMPARE(at(5, 2), std::string("2026-06-05"));
        QCOMPARE(write_cell(continued({day("2026-05-23")}, {Way::weekdays, 1}, 1)), std::string("2026-05-25"));
    }

    void what_cannot_go_on_is_missing_or_refused() {
        QVERIFY(continued({}, {Way::repeat, 1}, 1).is_missing());
        QVERIFY(continued(numbers({1}), {Way::months, 1}, 1).is_missing());
        QVERIFY(continued({day("2026-01-01")}, {Way::months, 1e12}, 1).is_missing());
        QVERIFY(continued({day("2026-01-01")}, {Way::days, 1e12}, 1).is_missing());
        QVERIFY(continued(numbers({1e300, 1e301}), {Way::growth, 1e10}, 5).is_missing());
        QCOMPARE(continued(numbers({0.1}), {Way::steps, 0.1}, 1'000'000).number(), 100'000.1); // no drift
        Bench bench;
        bench.numbers("x", {1, 2});
        QVERIFY(!continue_cells(bench.study, bench.table, 0, 0, 0, 2, 1));
        QVERIFY(!continue_cells(bench.study, bench.table, 0, 0, 0, 2, 9, Pattern{Way::days, 1}));
        QVERIFY(!continue_cells(bench.study, bench.table, 0, 5, 0, 2, 9));
    }

    void several_columns_continue_each_in_its_own_way() {
        Bench bench;
        bench.numbers("x", {1, 2}).texts("dish", {"d1", "d2"}).work("y = x * 2");
        bench.take(continue_cells(bench.study, bench.table, 0, 2, 0, 2, 4));
        QCOMPARE(given(bench, "x"), (std::vector<double>{1, 2, 3, 4, 5}));
        QCOMPARE(bench.study.table(bench.table)->columns[1]->cells->at(4).text().str(), std::string("d5"));
        QCOMPARE(bench.cell("y", 5).number(), 10.0); // a formula covers its rows by itself
    }

    void columns_move_and_formulas_mean_the_same() {
        Bench bench;
        bench.numbers("a", {1, 2}).numbers("b", {3, 4}).numbers("c", {5, 6}).work("d = a + c");
        bench.take(move_column(bench.study, bench.id("c"), 0));
        QCOMPARE(order(bench), std::string("c a b d"));
        bench.take(move_column(bench.study, bench.id("c"), 99));
        QCOMPARE(order(bench), std::string("a b d c"));
        QCOMPARE(bench.cell("d", 2).number(), 8.0);
        bench.take(insert_column(bench.study, bench.table, 1));
        QCOMPARE(order(bench), std::string("a x b d c"));
        bench.take(duplicate_column(bench.study, bench.id("d")));
        QCOMPARE(order(bench), std::string("a x b d d_2 c"));
        QCOMPARE(bench.cell("d_2", 2).number(), 8.0);
        bench.take(hide_column(bench.study, bench.id("a"), true));
        QCOMPARE(bench.cell("d", 1).number(), 6.0);
    }

    void what_takes_the_columns_between_keeps_them() {
        Bench bench;
        bench.numbers("t1", {1})
            .numbers("t2", {2})
            .numbers("t3", {3})
            .numbers("other", {9})
            .work("m = mean(t1[i] .. t3[i])");
        const Result<Study> away = move_column(bench.study, bench.id("t2"), 4);
        QVERIFY(!away);
        QVERIFY2(away.refusal().text().find("t1[i] .. t3[i]") != std::string::npos, away.refusal().text().c_str());
        QVERIFY(!move_column(bench.study, bench.id("other"), 1));
        QVERIFY(!insert_column(bench.study, bench.table, 2));
        QVERIFY(!duplicate_column(bench.study, bench.id("t2")));
        bench.take(move_column(bench.study, bench.id("t2"), 0 + 1)); // where it stands already
        bench.take(move_column(bench.study, bench.id("other"), 0));
        QCOMPARE(bench.cell("m", 1).number(), 2.0);
    }

    void groups_stay_over_neighbours() {
        Bench bench;
        bench.numbers("a", {1}).numbers("b", {2}).numbers("c", {3}).numbers("d", {4});
        bench.take(group_columns(bench.study, bench.table, "Trials", {bench.id("a"), bench.id("b")}));
        bench.work("m = mean(trials[i])");
        bench.take(move_column(bench.study, bench.id("d"), 1)); // in between: it joins them
        QCOMPARE(bench.study.table(bench.table)->groups[0]->columns.size(), std::size_t{3});
        QCOMPARE(bench.cell("m", 1).number(), 7.0 / 3);
        bench.take(move_column(bench.study, bench.id("d"), 3)); // away: it leaves them
        QCOMPARE(bench.study.table(bench.table)->groups[0]->columns.size(), std::size_t{2});
        QVERIFY(!move_column(bench.study, bench.id("a"), 3)); // the heading would stand over one, and is used
        Bench between; // a heading that goes does not let what lies between go with it
        between.numbers("t1", {1}).numbers("t2", {2}).numbers("t3", {3}).work("m = mean(t1[i] .. t3[i])");
        between.take(group_columns(between.study, between.table, "Two", {between.id("t1"), between.id("t2")}));
        QVERIFY(!move_column(between.study, between.id("t2"), 3));
    }

    void rows_move_and_bring_all_that_is_theirs() {
        Bench bench;
        bench.numbers("x", {10, 20, 30, 40}).work("y = x + 1");
        bench.take(type_block(bench.study, bench.table, 1, 1, {{"99"}})); // an override in row 2
        bench.take(move_rows(bench.study, bench.table, 1, 2, 0));
        QCOMPARE(given(bench, "x"), (std::vector<double>{20, 30, 10, 40}));
        QCOMPARE(bench.cell("y", 1).number(), 99.0);
        bench.take(move_rows(bench.study, bench.table, 0, 1, 99));
        QCOMPARE(given(bench, "x"), (std::vector<double>{30, 10, 40, 20}));
        QCOMPARE(bench.cell("y", 4).number(), 99.0);
        Bench counted;
        counted.rows("5");
        QVERIFY(!move_rows(counted.study, counted.table, 0, 1, 2));
        QVERIFY(!sort_rows(counted.study, counted.table, Column(), false));
    }

    void rows_are_sorted_stably_with_gaps_last() {
        Bench bench;
        bench.numbers("x", {3, std::nan(""), 1, 3, 2}).numbers("at", {1, 2, 3, 4, 5}).work("y = -x");
        bench.take(sort_rows(bench.study, bench.table, *bench.study.table(bench.table)->columns[0]->cells, false));
        QCOMPARE(given(bench, "at"), (std::vector<double>{3, 5, 1, 4, 2}));
        bench.take(sort_rows(bench.study, bench.table, *bench.study.table(bench.table)->columns[0]->cells, true));
        QCOMPARE(given(bench, "at"), (std::vector<double>{1, 4, 5, 3, 2}));
        bench.take(
            sort_rows(bench.study, bench.table, *bench.results->column(bench.id("y")), false)); // by computed ones
        QCOMPARE(given(bench, "at"), (std::vector<double>{1, 4, 5, 3, 2}));
        Bench named;
        named.texts("site", {"weir", "pool", "", "riffle"}).numbers("at", {1, 2, 3, 4});
        named.take(sort_rows(named.study, named.table, *named.study.table(named.table)->columns[0]->cells, false));
        QCOMPARE(given(named, "at"), (std::vector<double>{2, 4, 1, 3}));
    }

    void many_rows_keep_their_ids_when_sorted() {
        Bench bench;
        std::vector<double> values(50'000);
        for (std::size_t row = 0; row < values.size(); ++row) {
            values[row] = static_cast<double>((row * 7919) % values.size());
        }
        bench.numbers("x", values).work("y = x * 2");
        bench.take(type_block(bench.study, bench.table, 17, 1, {{"-1"}}));
        const double owner = values[17];
        bench.take(sort_rows(bench.study, bench.table, *bench.study.table(bench.table)->columns[0]->cells, false));
        QCOMPARE(bench.cell("y", static_cast<std::size_t>(owner) + 1).number(), -1.0);
        QCOMPARE(bench.cell("y", 1).number(), owner == 0 ? -1.0 : 0.0);
        QCOMPARE(bench.cell("y", 50'000).number(), 2.0 * 49'999);
        const RowIds& ids = *bench.study.table(bench.table)->axis.ids();
        QCOMPARE(ids.row_of(ids.id_at(31'234)).value_or(0), std::size_t{31'234});
    }

    void a_reach_is_narrowed_and_widened() {
        Bench bench;
        bench.numbers("x", {1, 2, 3, 4}).work("y = x * 10");
        bench.take(narrow_reach(bench.study, bench.id("y"), std::pair<std::size_t, std::size_t>{1, 2}));
        QVERIFY(bench.cell("y", 1).is_missing());
        QCOMPARE(bench.cell("y", 2).number(), 20.0);
        QVERIFY(bench.cell("y", 4).is_missing());
        bench.take(narrow_reach(bench.study, bench.id("y"), std::pair<std::size_t, std::size_t>{2, 3}));
        bench.take(type_block(bench.study, bench.table, 4, 0, {{"5"}})); // to the end takes in what comes
        QCOMPARE(bench.cell("y", 5).number(), 50.0);
        QVERIFY(bench.cell("y", 2).is_missing());
        bench.take(narrow_reach(bench.study, bench.id("y"), std::nullopt));
        QCOMPARE(bench.cell("y", 1).number(), 10.0);
        QVERIFY(!narrow_reach(bench.study, bench.id("x"), std::nullopt));
        QVERIFY(!narrow_reach(bench.study, bench.id("y"), std::pair<std::size_t, std::size_t>{3, 1}));
    }

    void cells_are_found_and_replaced() {
        Bench bench;
        bench.texts("site", {"Pool", "riffle", "deep pool", ""}).numbers("x", {1.5, 15, 150, 2}).work("y = x / 3");
        const Table& table = *bench.study.table(bench.table);
        const auto cells = [&bench](const ColumnDefinition& column) {
            return column.computed() ? bench.results->column(column.id) : &*column.cells;
        };
        const auto find = [&](const Search& search, std::optional<CellPlace> from, bool backwards = false) {
            return find_next(table, 4, search, cells, from, backwards).value_or(CellPlace{99, 99});
        };
        QCOMPARE(find({"pool", false, false, {}}, std::nullopt), (CellPlace{0, 0}));
        QCOMPARE(find({"pool", false, false, {}}, CellPlace{0, 0}), (CellPlace{2, 0}));
        QCOMPARE(find({"pool", false, false, {}}, CellPlace{2, 0}), (CellPlace{0, 0})); // round again
        QCOMPARE(find({"pool", false, false, {}}, CellPlace{0, 0}, true), (CellPlace{2, 0}));
        QCOMPARE(find({"pool", true, true, {}}, std::nullopt), (CellPlace{99, 99}));
        QCOMPARE(find({"15", false, false, {}}, CellPlace{0, 0}), (CellPlace{1, 1}));
        QCOMPARE(find({"1.50", true, false, {}}, CellPlace{3, 2}), (CellPlace{0, 1}));
        QCOMPARE(find({"0.5", false, false, {}}, std::nullopt), (CellPlace{0, 2})); // a computed one
        QCOMPARE(find({"5", false, false, {bench.id("site")}}, std::nullopt), (CellPlace{99, 99}));
        std::size_t count = 0;
        bench.take(replace_cells(bench.study, bench.table, {"pool", false, false, {}}, "POOL", std::nullopt, &count));
        QCOMPARE(count, std::size_t{2});
        QCOMPARE(bench.study.table(bench.table)->columns[0]->cells->at(2).text().str(), std::string("deep POOL"));
        bench.take(replace_cells(bench.study, bench.table, {"15", true, false, {}}, "16", CellPlace{1, 1}, &count));
        QCOMPARE(given(bench, "x"), (std::vector<double>{1.5, 16, 150, 2}));
        QCOMPARE(count, std::size_t{1});
        bench.take(replace_cells(bench.study, bench.table, {"2", true, false, {}}, "two", std::nullopt, &count));
        QVERIFY(bench.study.table(bench.table)->columns[1]->cells->at(3).state() == State::unparsed); // kept as typed
    }

    void a_share_of_a_total_asks_for_its_check_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<QString>("condition");
        QTest::newRow("of its sum") << "f / sum(f)"
                                    << "sum(share) ≈ 1";
        QTest::newRow("of a held value") << "f / n"
                                         << "sum(share) ≈ 1";
        QTest::newRow("of a held cell, which is no total") << "f / f[last]"
                                                           << "";
        QTest::newRow("in per cent") << "100 * f / n"
                                     << "sum(share) ≈ 100";
        QTest::newRow("in per cent, behind") << "f / sum(f) * 100"
                                             << "sum(share) ≈ 100";
        QTest::newRow("of a typed total") << "f / 10.5"
                                          << "sum(share) ≈ 1";
        QTest::newRow("a number that is no total") << "f / 12"
                                                   << "";
        QTest::newRow("a held sum") << "f / total"
                                    << "sum(share) ≈ 1";
        QTest::newRow("a unit is no total") << "f / 10"
                                            << "";
        QTest::newRow("two columns are no share") << "f / g"
                                                  << "";
        QTest::newRow("nor is anything else") << "f * n"
                                              << "";
    }
    void a_share_of_a_total_asks_for_its_check() {
        QFETCH(QString, formula);
        QFETCH(QString, condition);
        Bench bench;
        bench.numbers("f", {2, 3, 5}).numbers("g", {1, 1, 1}).held("n = 11").held("total = sum(Data.f)");
        bench.work("share = " + formula.toStdString());
        const auto offer = check_for(bench.study, bench.id("share"));
        QCOMPARE(QString::fromStdString(offer ? offer->condition : ""), condition);
    }

    void a_broken_share_is_mended() {
        Bench bench;
        bench.numbers("f", {2, 3, 5}).held("n = 11").work("share = 100 * f / n");
        const auto offer = check_for(bench.study, bench.id("share"));
        Id check;
        bench.take(add_check(bench.study, bench.table, {offer->label, offer->condition, offer->message}, &check));
        QVERIFY(!bench.results->single(check).yes());
        QVERIFY(!check_for(bench.study, bench.id("share"))); // it is on watch already
        const auto correction = correction_for_check(bench.study, check);
        QCOMPARE(correction->formula, std::string("100 * f / sum(f)"));
        bench.take(rewrite_column(bench.study, correction->column, correction->formula));
        QVERIFY(bench.results->single(check).yes());
        QVERIFY(!correction_for_check(bench.study, check));
        QCOMPARE(lacking_total(bench.study, *bench.study.table(bench.table), Formula("f / total"), "total"),
                 std::string("total = sum(f)"));
        QVERIFY(lacking_total(bench.study, *bench.study.table(bench.table), Formula("total / f"), "total").empty());
        QVERIFY(lacking_total(bench.study, *bench.study.table(bench.table), Formula("f / n"), "n").empty());
    }

    void checks_are_written_changed_and_taken_away() {
        Bench bench;
        bench.numbers("x", {1, 2});
        Id check;
        bench.take(add_check(bench.study, bench.table, {"", "sum(x) = 3", "no"}, &check));
        QCOMPARE(bench.study.checks[0]->label, std::string("sum(x) = 3"));
        QVERIFY(bench.results->single(check).yes());
        QVERIFY(!add_check(bench.study, bench.table, {"", "sum(x", ""}));
        QVERIFY(!add_check(bench.study, Id("gone"), {"", "yes", ""}));
        bench.take(rewrite_check(bench.study, check, {"small", "max(x) < 2", ""}));
        QVERIFY(!bench.results->single(check).yes());
        bench.take(remove_check(bench.study, check));
        QVERIFY(bench.study.checks.empty());
        QVERIFY(!remove_check(bench.study, check));
    }

    void held_values_slide_are_chosen_and_change_their_ledge() {
        Bench bench;
        bench.texts("site", {"pool", "weir", "pool", ""}).held("p = 0.5").held("q = 1 - p").held("s = \"pool\"");
        bench.take(give_held(bench.study, bench.id("p"), Value::number(0.25)));
        QCOMPARE(bench.results->single(bench.id("q")).number(), 0.75);
        QVERIFY(!give_held(bench.study, bench.id("q"), Value::number(1))); // computed
        QVERIFY(!detail_held(bench.study, bench.id("p"), {"", "", "", Slider{1, 0, 0.1}, {}}));
        QVERIFY(!detail_held(bench.study, bench.id("p"), {"", "", "", Slider{0, 1, 0}, {}}));
        bench.take(detail_held(bench.study, bench.id("s"), {"", "where", "sites", {}, {bench.id("site"), {}}}));
        const std::vector<Value> choices = choices_of(bench.study, *bench.study.held_named("s"));
        QCOMPARE(choices.size(), std::size_t{2});
        QCOMPARE(choices[1].text().str(), std::string("weir"));
        bench.take(move_held(bench.study, bench.id("s"), 0));
        QCOMPARE(bench.study.ledge.front()->name, std::string("s"));
        bench.work("n = count(site = s)");
        bench.take(shelve_held(bench.study, bench.id("s"), bench.table));
        QCOMPARE(bench.study.ledge.size(), std::size_t{2});
        QCOMPARE(bench.cell("n", 1).number(), 2.0);
        bench.work("s2 = p").take(shelve_held(bench.study, bench.study.table(bench.table)->ledge[0]->id, Id()));
        QCOMPARE(bench.cell("n", 1).number(), 2.0);
        QCOMPARE(bench.study.ledge.size(), std::size_t{3});
    }

    void what_uses_a_thing_is_known_by_its_id() {
        Bench bench;
        bench.numbers("x", {1, 2}).held("p = 2").work("y = x * p").work("z = y + x");
        const auto users = parts_using(bench.study, bench.id("x"));
        QCOMPARE(users.size(), std::size_t{2});
        QCOMPARE(users[0].id, bench.id("y"));
        QCOMPARE(users[1].display_name, std::string("Data.z"));
        QCOMPARE(shortest_name(bench.study, bench.study.table(bench.table), bench.id("x")), std::string("x"));
        QCOMPARE(shortest_name(bench.study, nullptr, bench.id("x")), std::string("Data.x"));
    }
};

LEDGEFALL_TEST(TestLayout)
#include "test_layout.moc"
