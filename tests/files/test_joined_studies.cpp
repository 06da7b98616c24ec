// The tables of one study added to another: each is computed as it is alone.

#include "core/engine/running/computation.h"
#include "core/study/builders/joined_studies.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"

#include <QDir>
#include <QtTest>

using namespace ledgefall;

class TestJoinedStudies : public QObject {
    Q_OBJECT

    static std::vector<Study> studies() {
        std::vector<Study> out;
        for (const char* folder : {DEMO_FOLDER, DEMO_FOLDER "/../starters"}) {
            const QDir dir(QString::fromUtf8(folder));
            for (const QString& name : dir.entryList({QStringLiteral("*.ledgefall")})) {
                const Result<std::string> text = read_file(dir.filePath(name).toStdString());
                const Result<Study> study = text ? read_study(*text) : Result<Study>(text.refusal());
                // Drawn numbers belong to their column, and are others in another one.
                if (study && text->find("draw(") == std::string::npos) {
                    out.push_back(*study);
                    out.back().settings = {}; // those of the study that is joined hold
                }
            }
        }
        return out;
    }

    static bool same(const Value& a, const Value& b) {
        return a.state() == b.state() && (!a.plain() || write_cell(a) == write_cell(b));
    }

    /// Where a table of the second has another value than it has in the joined study; empty where none has.
    static std::string difference(const Study& alone, const Results& before, const Study& joined, const Results& after,
                                  const std::vector<Id>& tables) {
        for (std::size_t at = 0; at < tables.size(); ++at) {
            const Table& was = *alone.tables[at];
            const Table& is = *joined.table(tables[at]);
            for (std::size_t column = 0; column < was.columns.size(); ++column) {
                const Id old_id = was.columns[column]->id;
                const Id new_id = is.columns[column]->id;
                const Column* cells = before.column(old_id);
                const Column* now = after.column(new_id);
                if (cells == nullptr || now == nullptr || cells->size() != now->size()) {
                    return was.name + "." + was.columns[column]->name + ": rows";
                }
                for (std::size_t row = 0; row < cells->size(); row += 1 + cells->size() / 50) {
                    if (!same(cells->at(row), now->at(row))) {
                        return was.name + "." + was.columns[column]->name + ", row " + std::to_string(row + 1) + ": " +
                               write_cell(cells->at(row)) + " and " + write_cell(now->at(row));
                    }
                }
                for (std::size_t line = 0; line < was.foot.size(); ++line) {
                    if (!same(before.foot(was.foot[line]->id, old_id), after.foot(is.foot[line]->id, new_id))) {
                        return was.name + " " + was.foot[line]->label;
                    }
                }
            }
        }
        return {};
    }

  private Q_SLOTS:
    void each_study_with_each_is_worked_out_as_alone() {
        const std::vector<Study> all = studies();
        QVERIFY(all.size() > 15);
        std::vector<ResultsPtr> alone;
        for (const Study& study : all) {
            alone.push_back(compute(study));
        }
        std::size_t joined = 0;
        for (std::size_t into = 0; into < all.size(); into += 3) {
            for (std::size_t from = 0; from < all.size(); ++from) {
                const Result<WithTables> with = with_tables(all[into], all[from]);
                QVERIFY(static_cast<bool>(with) == !all[from].tables.empty());
                if (!with) {
                    continue;
                }
                const ResultsPtr results = compute(with->study);
                const std::string added = difference(all[from], *alone[from], with->study, *results, with->tables);
                QVERIFY2(added.empty(), (all[into].title + " + " + all[from].title + ": " + added).c_str());
                std::vector<Id> own;
                for (const auto& table : all[into].tables) {
                    own.push_back(table->id);
                }
                const std::string kept = difference(all[into], *alone[into], with->study, *results, own);
                QVERIFY2(kept.empty(), (all[into].title + " + " + all[from].title + ": " + kept).c_str());
                // It can be written and read: no id and no name is there twice.
                const Result<Study> read = read_study(write_study(with->study));
                QVERIFY2(read, read ? "" : read.refusal().text().c_str());
                ++joined;
            }
        }
        QVERIFY(joined > 100);
    }

    /// What is held there already is used; where it holds something else, the added one has another name.
    void held_values_that_hold_the_same_are_used() {
        const auto study_with = [](const std::string& held) {
            Id table;
            Study study = *add_table(*hold(Study(), Id(), held), "Drift", &table);
            study = *count_rows(study, table, "3");
            return *write_column(study, table, "x = row * k");
        };
        const Study first = study_with("k = 2");
        const Result<WithTables> same = with_tables(first, study_with("k = 2"));
        QVERIFY(same);
        QCOMPARE(same->study.ledge.size(), std::size_t(1));
        QCOMPARE(same->renamed.size(), std::size_t(1));
        QCOMPARE(same->study.tables.back()->name, std::string("Drift_2"));
        const Result<WithTables> other = with_tables(first, study_with("k = 5"));
        QVERIFY(other);
        QCOMPARE(other->study.ledge.size(), std::size_t(2));
        const Table& added = *other->study.tables.back();
        QCOMPARE(added.columns.front()->pieces.front().formula.text(), std::string("row * k_2"));
        QCOMPARE(compute(other->study)->cell(added.columns.front()->id, 2).number(), 15.0);
        QVERIFY(!with_tables(first, Study()));
    }
};

LEDGEFALL_TEST(TestJoinedStudies)
#include "test_joined_studies.moc"
