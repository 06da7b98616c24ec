// The model of a table.

#include "app/table_model/table_model.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"

#include <QSignalSpy>
#include <QtTest>

using namespace ledgefall;

namespace {

Study small_study(Id* table) {
    Study study = *add_table(Study(), "T", table);
    study = *add_columns(study, *table, {{"x", "x", "mm", Column::numbers({1, 2, 3})}});
    return *write_column(study, *table, "y = x * 2");
}

} // namespace

class TestTableModel : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

    void the_model_has_a_row_and_a_column_for_adding() {
        Document document;
        Id table;
        QVERIFY(document.perform(QStringLiteral("small"), small_study(&table)));
        TableModel model(document, table);
        QTRY_VERIFY(!document.computing());
        QCOMPARE(model.rowCount(), 4);
        QCOMPARE(model.columnCount(), 3);
        QVERIFY(model.index(3, 0).data(TableModel::BeyondRole).toBool());
        QVERIFY(model.index(0, 2).data(TableModel::BeyondRole).toBool());
        QVERIFY(!model.flags(model.index(3, 1)).testFlag(Qt::ItemIsEditable)); // a computed column grows with its table
        QCOMPARE(model.index(1, 1).data().toString(), QStringLiteral("4"));
        QSignalSpy rows(&model, &QAbstractItemModel::rowsInserted);
        QVERIFY(model.setData(model.index(3, 0), QStringLiteral("10")));
        QCOMPARE(rows.size(), 1);
        QTRY_COMPARE(model.index(3, 1).data().toString(), QStringLiteral("20"));
        QVERIFY(!model.setData(model.index(3, 0), QStringLiteral("10"))); // nothing has changed, nothing to undo
        QVERIFY(model.setData(model.index(0, 0), QStringLiteral("abc")));
        QCOMPARE(model.index(0, 0).data(TableModel::ValueStateRole).toInt(), static_cast<int>(State::unparsed));
        QVERIFY(
            model.index(0, 0).data(TableModel::ExplanationRole).toString().contains(QStringLiteral("not a number")));
        QSignalSpy removed(&model, &QAbstractItemModel::rowsRemoved);
        document.undo();
        document.undo();
        QCOMPARE(removed.size(), 1);
        QCOMPARE(model.rowCount(), 4);
    }
};

LEDGEFALL_TEST(TestTableModel)
#include "test_table_model.moc"
