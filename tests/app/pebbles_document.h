#pragma once

#include "app/document/document.h"
#include "core/study/edits/edits.h"

#include <QtTest>

namespace ledgefall::testing {

inline Study pebbles(Id* table) {
    Study study = *add_table(Study(), "Pebbles", table);
    study = *add_columns(study, *table,
                         {{"x", "x", "mm", Column::numbers({42, 57, 38, 61})},
                          {"site", "site", "", Column::of(Kind::text, {Value::text(Text("pool")), Value::missing()})}});
    study = *hold(study, Id(), "p = 0.5");
    study = *hold(study, *table, "m = mean(x)");
    return *write_column(study, *table, "dev = x - m");
}

/// A document with a table of pebbles, two held values and a computed column.
struct PebblesDocument {
    PebblesDocument() { document.perform(QStringLiteral("pebbles"), pebbles(&table)); }
    bool settle() {
        return QTest::qWaitFor([this] { return !document.computing(); });
    }
    const Table& own() const { return *document.study().table(table); }
    Id id(const char* name) const {
        const ColumnDefinition* column = own().column_named(name);
        return column != nullptr ? column->id : document.study().held_named(name)->id;
    }
    Document document;
    Id table;
};

} // namespace ledgefall::testing
