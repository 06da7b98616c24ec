// Studies with formulas made at random: turned, renamed, laid across and joined to others, they come to the same.

#include "core/engine/running/results.h"
#include "core/study/builders/joined_studies.h"
#include "difference.h"
#include "harness/random_studies.h"
#include "harness/test_program.h"

#include <QtTest>

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestRandomFormulas : public QObject {
    Q_OBJECT

    /// Whether two values are the same: faults may have begun at other sites.
    static bool same(const Value& a, const Value& b) { return (a.is_fault() && b.is_fault()) || a == b; }

  private Q_SLOTS:
    /// Every cell of a grid whose axes are swapped has the value of the one that it was.
    void grids_are_swapped() {
        std::size_t cells = 0;
        int refused = 0;
        for (unsigned seed = 1; seed <= 300; ++seed) {
            const Study study = RandomStudies(seed).grid();
            const Table& table = *study.tables.front();
            const Result<Study> turned = transpose(study, table.id);
            if (!turned) {
                ++refused;
                continue;
            }
            const ResultsPtr before = compute(study);
            const ResultsPtr after = compute(*turned);
            const std::size_t columns = columns_of_grid(study, *before, table.id);
            const std::size_t rows = before->rows(table.id) / columns;
            for (const auto& layer : table.columns) {
                for (std::size_t row = 0; row < rows; ++row) {
                    for (std::size_t column = 0; column < columns; ++column) {
                        const Value was = before->cell(layer->id, row * columns + column);
                        const Value is = after->cell(layer->id, column * rows + row);
                        const bool close = was.plain() && is.plain() && was.kind() == Kind::number &&
                                           std::fabs(was.number() - is.number()) <= 1e-12 * std::fabs(was.number());
                        QVERIFY2(close || same(was, is),
                                 (std::to_string(seed) + " " + layer->name + " = " +
                                  layer->pieces.front().formula.text() + " became " +
                                  turned->table(table.id)->column(layer->id)->pieces.front().formula.text())
                                     .c_str());
                        ++cells;
                    }
                }
            }
        }
        QVERIFY2(cells > 5000 && refused < 60, qPrintable(QStringLiteral("%1 %2").arg(cells).arg(refused)));
    }

    /// Names of columns, tables and held values change in all formulas that use them, and nothing else does.
    void names_change() {
        for (unsigned seed = 1; seed <= 150; ++seed) {
            const Study study = RandomStudies(seed).two_tables(seed);
            Result<Study> renamed = study;
            for (const auto& table : study.tables) {
                for (const auto& column : table->columns) {
                    // The new name of one is the old name of another table's column, or a held value's.
                    const std::string name = column->name == "x"       ? "limit"
                                             : column->name == "limit" ? "x"
                                                                       : "n_" + column->name;
                    renamed = renamed ? rename_column(*renamed, column->id, name) : renamed;
                }
            }
            renamed = renamed ? rename_table(*renamed, study.tables.front()->id, "k_table") : renamed;
            QVERIFY2(renamed, std::to_string(seed).c_str());
            const ResultsPtr before = compute(study);
            const ResultsPtr after = compute(*renamed);
            for (const auto& held : study.ledge) {
                QVERIFY2(same(before->single(held->id), after->single(held->id)), held->name.c_str());
            }
            for (const auto& table : study.tables) {
                for (const auto& column : table->columns) {
                    for (std::size_t row = 0; row < before->rows(table->id); ++row) {
                        QVERIFY2(same(before->cell(column->id, row), after->cell(column->id, row)),
                                 (std::to_string(seed) + " " + column->name).c_str());
                    }
                }
            }
        }
    }

    void tables_are_joined() {
        for (unsigned seed = 1; seed <= 150; ++seed) {
            const Study study = RandomStudies(seed).two_tables(seed);
            const Study other = RandomStudies(seed + 5000).table(seed + 1);
            const Result<WithTables> joined = with_tables(other, study);
            QVERIFY2(joined, std::to_string(seed).c_str());
            const ResultsPtr alone = compute(study);
            const ResultsPtr together = compute(joined->study);
            QCOMPARE(difference(other, *compute(other), *together), std::string());
            for (std::size_t at = 0; at < study.tables.size(); ++at) {
                const Table& was = *study.tables[at];
                const Table& is = *joined->study.table(joined->tables[at]);
                QCOMPARE(is.columns.size(), was.columns.size());
                for (std::size_t column = 0; column < was.columns.size(); ++column) {
                    for (std::size_t row = 0; row < alone->rows(was.id); ++row) {
                        QVERIFY2(same(alone->cell(was.columns[column]->id, row),
                                      together->cell(is.columns[column]->id, row)),
                                 (std::to_string(seed) + " " + was.name + "." + was.columns[column]->name).c_str());
                    }
                }
            }
        }
    }

    /// Laying across is a matter of the window.
    void laying_across_changes_nothing() {
        for (unsigned seed = 1; seed <= 40; ++seed) {
            const Study study = RandomStudies(seed).table(seed);
            const Id table = study.tables.front()->id;
            const Result<Study> laid = lay_across(study, table, !study.tables.front()->laid_across);
            QVERIFY(laid);
            QCOMPARE(difference(study, *compute(study), *compute(*laid)), std::string());
        }
    }
};

LEDGEFALL_TEST(TestRandomFormulas)
#include "test_random_formulas.moc"
