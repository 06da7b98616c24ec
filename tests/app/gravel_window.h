#pragma once

// One column of pebbles in a window, of which tests lose and find values.

#include "files/io/atomic_file.h"
#include "story_steps.h"

namespace ledgefall::testing {

inline std::string bytes_of(const QString& path) {
    const Result<std::string> bytes = read_file(path.toStdString());
    return bytes ? *bytes : std::string();
}

/// A window with a table of one column of numbers.
inline void begin(WindowDriver& drive, const QStringList& typed) {
    drive.new_table(QStringLiteral("Gravel"));
    drive.click_cell(0, 0);
    for (const QString& text : typed) {
        drive.keys(text);
        drive.key(Qt::Key_Return);
    }
    QVERIFY(drive.settle());
}

inline double cell(const Study& study, std::size_t row) {
    return study.tables.front()->columns.front()->cells->at(row).number();
}

} // namespace ledgefall::testing
