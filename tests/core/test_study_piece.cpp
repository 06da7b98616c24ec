// Columns that are copied into another table or study: with their formulas, or their values where these could not
// follow.

#include "core/study/builders/study_piece.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

Study piece_of(const Bench& bench, const std::vector<std::string>& names) {
    std::vector<Id> columns;
    for (const std::string& name : names) {
        columns.push_back(bench.id(name));
    }
    const ResultsPtr results = bench.results;
    return study_piece(
        bench.study, bench.table, columns,
        {[results](Id id) { return *results->column(id); }, [results](Id id) { return results->single(id); }});
}

std::string formula_of(const Study& study, const std::string& name) {
    const ColumnDefinition* column = study.tables.front()->column_named(name);
    return column == nullptr ? "none" : column->computed() ? column->pieces.front().formula.text() : "";
}

} // namespace

class TestStudyPiece : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    /// Formulas and the held values that they need come along, and give the same there.
    void formulas_come_along() {
        Bench from;
        from.numbers("x", {1, 2, 3}).held("k = 5").held("twice = 2 * k").held("unused = 9");
        from.work("y = x * twice").work("s = sum(y[1..i])").work("z = first 1 then z[i-1] + x");
        Bench to;
        to.numbers("other", {10, 20, 30});
        const Result<WithPiece> with = with_piece(to.study, to.table, piece_of(from, {"x", "y", "s", "z"}));
        QVERIFY(with && with->renamed.empty());
        QCOMPARE(with->columns.size(), std::size_t(4));
        QCOMPARE(formula_of(with->study, "y"), std::string("x * twice"));
        QCOMPARE(with->study.ledge.size(), std::size_t(2));
        const ResultsPtr results = compute(with->study);
        for (const char* name : {"x", "y", "s", "z"}) {
            QVERIFY(*results->column(with->study.tables.front()->column_named(name)->id) ==
                    *from.results->column(from.id(name)));
        }
        // And they go on to follow what they are made of.
        const ResultsPtr changed = compute(*hold(with->study, Id(), "k = 6"));
        QCOMPARE(changed->cell(with->study.tables.front()->column_named("y")->id, 2).number(), 36.0);
    }

    /// What uses a column that was not copied, or another table, comes as its values.
    void what_cannot_follow_comes_as_values() {
        Bench from;
        from.numbers("x", {1, 2, 3}).numbers("w", {4, 5, 6}).held("m = mean(Data.w)");
        from.work("y = x + w").work("v = x * m").work("own = Data.x + 1");
        const Study piece = piece_of(from, {"x", "y", "v", "own"});
        QCOMPARE(formula_of(piece, "y"), std::string());
        QCOMPARE(formula_of(piece, "v"), std::string("x * m"));
        QCOMPARE(piece.ledge.front()->value.number(), 5.0); // it looks at a table, and is given here
        QVERIFY(piece.ledge.front()->formula.empty());
        Bench to;
        const Result<WithPiece> with = with_piece(to.study, to.table, piece);
        QVERIFY(with);
        const ResultsPtr results = compute(with->study);
        for (const char* name : {"y", "v", "own"}) {
            QVERIFY(*results->column(with->study.tables.front()->column_named(name)->id) ==
                    *from.results->column(from.id(name)));
        }
    }

    /// Names that are taken give way, and the formulas that come along follow them; those that are there keep theirs.
    void taken_names_give_way() {
        Bench from;
        from.numbers("x", {1, 2, 3}).held("k = 5").work("y = x * k");
        Bench to;
        to.numbers("x", {7, 8, 9}).held("k = 100").work("own = x * k");
        const Result<WithPiece> with = with_piece(to.study, to.table, piece_of(from, {"x", "y"}));
        QVERIFY(with);
        QCOMPARE(with->renamed.size(), std::size_t(2));
        QCOMPARE(formula_of(with->study, "y"), std::string("x_2 * k_2"));
        const ResultsPtr results = compute(with->study);
        QCOMPARE(results->cell(with->study.tables.front()->column_named("y")->id, 1).number(), 10.0);
        QCOMPARE(results->cell(to.id("own"), 1).number(), 800.0);
        // The same held value is used where it holds the same.
        Bench same;
        same.numbers("a", {1}).held("k = 5");
        const Result<WithPiece> shared = with_piece(same.study, same.table, piece_of(from, {"x", "y"}));
        QVERIFY(shared && shared->renamed.empty() && shared->study.ledge.size() == 1);
        // A column of the held value's name would capture it.
        Bench captured;
        captured.numbers("k", {1, 1, 1});
        const Result<WithPiece> free = with_piece(captured.study, captured.table, piece_of(from, {"x", "y"}));
        QVERIFY(free);
        QCOMPARE(compute(free->study)->cell(free->study.tables.front()->column_named("y")->id, 2).number(), 15.0);
    }

    /// A table whose rows come by themselves and are fewer does not hide what is pasted.
    void fewer_rows_are_refused() {
        Bench from;
        from.numbers("x", {1, 2, 3});
        Bench to;
        to.rows("2");
        QVERIFY(!with_piece(to.study, to.table, piece_of(from, {"x"})));
    }

    /// Rows, reaches and typed values keep their rows, and foot lines their columns.
    void rows_and_feet_come_along() {
        Bench from;
        from.numbers("x", {5, 1, 4, 2}).work("y = x * 10");
        from.take(insert_rows(from.study, from.table, 1, 1)).take(remove_rows(from.study, from.table, 0, 1));
        from.take(narrow_reach(from.study, from.id("y"), std::pair<std::size_t, std::size_t>(1, 2)));
        from.take(type_block(from.study, from.table, 2, 1, {{"77"}}));
        from.take(add_foot_line(from.study, from.table, "total", "sum(each)", {from.id("x"), from.id("y")}));
        Bench to;
        to.numbers("a", {1, 2});
        to.take(add_foot_line(to.study, to.table, "total", "sum(each)", {to.id("a")}));
        const Result<WithPiece> with = with_piece(to.study, to.table, piece_of(from, {"x", "y"}));
        QVERIFY(with);
        const ResultsPtr results = compute(with->study);
        const Table& table = *with->study.tables.front();
        QCOMPARE(results->rows(table.id), std::size_t(4));
        QVERIFY(*results->column(table.column_named("y")->id) == *from.results->column(from.id("y")));
        QCOMPARE(table.column_named("y")->overrides->size(), std::size_t(1));
        QCOMPARE(table.foot.size(), std::size_t(1));
        QCOMPARE(table.foot.front()->columns.size(), std::size_t(3));
        QCOMPARE(results->foot(table.foot.front()->id, table.column_named("x")->id).number(),
                 from.results->foot(from.study.tables.front()->foot.front()->id, from.id("x")).number());
    }
};

LEDGEFALL_TEST(TestStudyPiece)
#include "test_study_piece.moc"
