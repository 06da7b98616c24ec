// How the window feels at a given number of rows: from a key or a change to what is painted, through the real widgets.
// Prints the median and the longest of many turns, in milliseconds.

#include "app/look.h"
#include "app/main_window.h"
#include "core/study/edits.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QScrollBar>
#include <QtTest>

#include <algorithm>
#include <cstdio>

namespace {

using namespace ledgefall;

Study large_study(std::size_t rows) {
    std::vector<double> x(rows);
    std::vector<double> y(rows);
    for (std::size_t row = 0; row < rows; ++row) {
        x[row] = static_cast<double>(row % 997) / 8;
        y[row] = static_cast<double>(row % 1009) / 16;
    }
    Study study;
    Id table;
    study = *add_table(study, "Stones", &table);
    study = *add_columns(study, table, {{"x", "x", "mm", Column::numbers(x)}, {"y", "y", "mm", Column::numbers(y)}});
    study = *hold(study, Id(), "p = 0.5");
    for (const char* definition : {"dev = x - mean(x)", "sq = dev^2", "share = x / sum(x)", "z = p * x + y"}) {
        study = *write_column(study, table, definition);
    }
    std::vector<Id> columns;
    for (const auto& column : study.tables.front()->columns) {
        columns.push_back(column->id);
    }
    return *add_foot_line(study, table, "sum", "sum(each)", columns);
}

template <class Turn>
void measure(const char* name, int turns, Turn turn) {
    std::vector<double> times;
    for (int number = 0; number < turns; ++number) {
        QElapsedTimer timer;
        timer.start();
        turn(number);
        times.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    std::sort(times.begin(), times.end());
    std::printf("%-44s median %8.2f ms   longest %8.2f ms\n", name, times[times.size() / 2], times.back());
}

} // namespace

int main(int count, char** arguments) {
    QElapsedTimer since_start;
    since_start.start();
    QApplication application(count, arguments);
    dress_application();
    {
        MainWindow window;
        window.open_demo();
        window.show();
        (void)QTest::qWaitForWindowExposed(&window);
        window.repaint();
        std::printf("%-44s %.0f ms\n", "the demo shown after", static_cast<double>(since_start.nsecsElapsed()) / 1e6);
    }
    const std::size_t rows = count > 1 ? std::stoul(arguments[1]) : 1'000'000;
    MainWindow window;
    window.show();
    Document& document = window.document();
    document.perform(QStringLiteral("large"), large_study(rows));
    (void)QTest::qWaitFor([&] { return !document.computing(); }, 60000);
    TableView& view = window.page()->view();
    const auto painted = [&] {
        QCoreApplication::processEvents();
        view.viewport()->repaint();
    };
    std::printf("%zu rows, 2 given and 4 worked columns\n", rows);
    const int most = view.verticalScrollBar()->maximum();
    measure("scroll to a far place, painted", 50, [&](int turn) {
        view.verticalScrollBar()->setValue(static_cast<int>((static_cast<long long>(turn) * 7919 * 131) % most));
        painted();
    });
    measure("arrow key, painted", 50, [&](int) {
        QTest::keyClick(&view, Qt::Key_Down);
        painted();
    });
    measure("typing one cell and Enter, painted", 30, [&](int turn) {
        view.setCurrentIndex(window.page()->model().index(500 + turn, 0));
        QTest::keyClick(&view, static_cast<char>('1' + turn % 9));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
        painted();
    });
    measure("a cell changed until all is worked out", 20, [&](int turn) {
        document.perform(QStringLiteral("typing"),
                         type_block(document.study(), window.page()->table_id(), 5, 0, {{std::to_string(turn + 2)}}));
        (void)QTest::qWaitFor([&] { return !document.computing(); }, 60000);
        painted();
    });
    measure("choosing a whole column, painted", 10, [&](int turn) {
        view.selectColumn(turn % 6);
        painted();
    });
    return 0;
}
