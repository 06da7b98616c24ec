#pragma once

// Steps that stories through the window have in common.

#include "window_driver.h"

#include <QApplication>
#include <QClipboard>

namespace ledgefall::testing {

/// Chooses a block of cells, as by dragging over it.
inline void choose(WindowDriver& drive, int top, int bottom, int left, int right) {
    TableView& view = drive.window.page()->view();
    drive.click_cell(top, left);
    const QPoint to = view.rect_of(drive.window.page()->model().index(bottom, right)).center();
    QTest::mouseClick(view.viewport(), Qt::LeftButton, Qt::ShiftModifier, to);
}

inline void paste(WindowDriver& drive, const QString& text) {
    QApplication::clipboard()->setText(text);
    drive.command("paste");
}

inline void write(WindowDriver& drive, const QString& definition) {
    drive.window.page()->write_formula(drive.window.page()->model().columnCount() - 1);
    drive.keys(definition);
    drive.key(Qt::Key_Return);
    if (drive.window.page()->editor().is_open() || !drive.settle()) {
        qFatal("not taken: %s", qPrintable(definition)); // the story cannot go on without it
    }
}

inline std::string formula(WindowDriver& drive, const std::string& name) {
    const ColumnDefinition* column = drive.table().column_named(name);
    return column == nullptr || !column->computed() ? "" : column->pieces.front().formula.text();
}

inline QString working(WindowDriver& drive) {
    WorkingPanel& panel = drive.window.details().working();
    (void)QTest::qWaitFor([&] { return !panel.busy(); });
    return panel.working_text();
}

} // namespace ledgefall::testing
