// How the window feels at a given number of rows: from a key or a change to what is painted, through the real widgets.
// Prints the median and the longest of many turns, in milliseconds: ledgefall-window-bench [ROWS]

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "core/study/edits/edit_grid.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QScrollBar>
#include <QtTest>

#include <algorithm>
#include <cstdio>

namespace {

using namespace ledgefall;

/// Two given columns and ten computed ones, among them a recurrence, measures and a held value that can be slid.
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
    Id p;
    study = *hold(study, Id(), "p = 0.5", &p);
    study = *detail_held(study, p, {"", "", "", Slider{0, 1, 0.01}, {}});
    for (const char* definition :
         {"dev = x - mean(x)", "sq = dev^2", "share = x / sum(x)", "z = p * x + y", "run = sum(x[1..i])",
          "move = mean(y[i-2..i])", "grow = first 1 then grow[i-1] * 0.999 + p", "big = if x > y then x else y",
          "ln_y = ln(y + 1)", "both = z + grow"}) {
        study = *write_column(study, table, definition);
    }
    std::vector<Id> columns;
    for (const auto& column : study.tables.front()->columns) {
        columns.push_back(column->id);
    }
    return *add_foot_line(study, table, "sum", "sum(each)", columns);
}

/// Times `turn`, after `before` has made ready for it.
template <class Before, class Turn>
void measure(const char* name, int turns, Before before, Turn turn) {
    std::vector<double> times;
    for (int number = 0; number < turns; ++number) {
        before(number);
        QElapsedTimer timer;
        timer.start();
        turn(number);
        times.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    std::sort(times.begin(), times.end());
    std::printf("%-44s median %8.2f ms   longest %8.2f ms\n", name, times[times.size() / 2], times.back());
}

template <class Turn>
void measure(const char* name, int turns, Turn turn) {
    measure(
        name, turns, [](int) {}, turn);
}

/// Five given columns, as people bring them in.
Study given_study(std::size_t rows) {
    Study study;
    Id table;
    study = *add_table(study, "Stones", &table);
    std::vector<NewColumn> columns;
    for (const char* name : {"a", "b", "c", "d", "e"}) {
        std::vector<double> cells(rows);
        for (std::size_t row = 0; row < rows; ++row) {
            cells[row] = static_cast<double>((row * 7919 + columns.size()) % 100'003) / 1000;
        }
        columns.push_back({name, name, "", Column::numbers(cells)});
    }
    return *add_columns(study, table, columns);
}

/// The longest that the window's loop was kept from its next turn while a changed study was written for a crash.
void measure_autosave(std::size_t rows) {
    MainWindow window;
    window.show();
    Document& document = window.document();
    document.begin_with(given_study(rows));
    (void)QTest::qWaitFor([&] { return !document.computing(); }, 60000);
    std::vector<double> turns;
    for (int change = 0; change < 3; ++change) {
        document.perform(QStringLiteral("typing"), type_block(document.study(), document.study().tables.front()->id, 5,
                                                              0, {{std::to_string(change + 2)}}));
        (void)QTest::qWaitFor([&] { return !document.computing(); }, 60000);
        QElapsedTimer since;
        since.start();
        while (since.elapsed() < 8000) { // a second until it begins, and the writing
            QElapsedTimer turn;
            turn.start();
            QCoreApplication::processEvents(QEventLoop::AllEvents, 1);
            turns.push_back(static_cast<double>(turn.nsecsElapsed()) / 1e6);
            QThread::usleep(200);
        }
    }
    std::sort(turns.begin(), turns.end());
    std::printf("%-44s 99.9%%   %8.2f ms   longest %8.2f ms   written %d\n", "a turn of the window while it autosaves",
                turns[turns.size() * 999 / 1000], turns.back(),
                static_cast<int>(window.files().autosave().is_written()));
    window.files().autosave().discard();
}

/// A thousand held values, each computed from the one before: from a change of the first to what is painted.
void measure_long_ledge() {
    constexpr int held_values = 1000;
    Study study;
    Id first;
    study = *hold(study, Id(), "h0 = 1", &first);
    for (int at = 1; at < held_values; ++at) {
        study = *hold(study, Id(), "h" + std::to_string(at) + " = h" + std::to_string(at - 1) + " + 1");
    }
    MainWindow window;
    window.show();
    Document& document = window.document();
    document.begin_with(study);
    (void)QTest::qWaitFor([&] { return !document.computing(); }, 60000);
    measure("1,000 held values: the first changed, painted", 20, [&](int turn) {
        document.perform(QStringLiteral("giving"), give_held(document.study(), first, Value::number(turn + 2.0)));
        (void)QTest::qWaitFor([&] { return !document.computing(); }, 60000);
        QCoreApplication::processEvents();
    });
    window.files().autosave().discard();
}

class Bench {
  public:
    explicit Bench(std::size_t rows) {
        window_.show();
        document_.perform(QStringLiteral("large"), large_study(rows));
        settle();
        painted();
    }

    void run() {
        scrolling();
        entering();
        writing();
        sliding();
        measure("a cell changed until all is worked out", 20, [&](int turn) {
            document_.perform(QStringLiteral("typing"),
                              type_block(document_.study(), page().table_id(), 5, 0, {{std::to_string(turn + 2)}}));
            settle();
            painted();
        });
    }

  private:
    TablePage& page() { return *window_.page(); }
    TableView& view() { return page().view(); }
    void settle() {
        (void)QTest::qWaitFor([&] { return !document_.computing(); }, 60000);
    }
    void painted() {
        QCoreApplication::processEvents();
        QCoreApplication::sendPostedEvents(nullptr, QEvent::UpdateRequest);
        QCoreApplication::processEvents();
    }

    void scrolling() {
        const int most = view().verticalScrollBar()->maximum();
        measure("scroll to a far place, painted", 50, [&](int turn) {
            view().verticalScrollBar()->setValue(static_cast<int>((static_cast<long long>(turn) * 7919 * 131) % most));
            painted();
        });
        measure("arrow key, with the working, painted", 50, [&](int) {
            QTest::keyClick(&view(), Qt::Key_Down);
            painted();
        });
        measure("choosing a whole column, painted", 12, [&](int turn) {
            view().selectColumn(turn % 12);
            painted();
        });
        measure("choosing all cells, painted", 5, [&](int) {
            view().selectAll();
            painted();
        });
    }

    void entering() {
        measure(
            "a key that opens a cell, painted", 30,
            [&](int turn) {
                view().setCurrentIndex(page().model().index(500 + turn, 0));
                painted();
            },
            [&](int turn) {
                QTest::keyClick(&view(), static_cast<char>('1' + turn % 9));
                painted();
            });
        measure(
            "Enter after a typed value, painted", 30,
            [&](int turn) {
                settle();
                QTest::keyClick(&view(), static_cast<char>('1' + turn % 9));
                painted();
            },
            [&](int) {
                QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
                painted();
            });
        settle();
    }

    void writing() {
        page().write_formula(page().model().columnCount() - 1);
        const QString text = QStringLiteral("w = (x - mean(x)) / sd(x) + p * dev");
        measure("a key on the slip, painted", static_cast<int>(text.size()), [&](int turn) {
            QTest::keyClick(&page().editor().line(), text[turn].toLatin1());
            painted();
        });
        QTest::keyClick(&page().editor().line(), Qt::Key_Escape);
        QTest::keyClick(&page().editor().line(), Qt::Key_Escape);
    }

    void sliding() {
        HeldCard* card = window_.ledge().card(document_.study().held_named("p")->id);
        measure("a step of a slider, painted", 50, [&](int turn) {
            card->slide_to(turn * 0.02);
            painted();
        });
        settle();
        measure("a step of a slider until the table follows", 20, [&](int turn) {
            card->slide_to(0.5 + turn * 0.02);
            settle();
            painted();
        });
    }

    MainWindow window_;
    Document& document_ = window_.document();
};

/// A slider under a two-way table of 200 by 200 cells, which a heat map draws.
void measure_heat_map() {
    Study study;
    Id table;
    Id held;
    study = *hold(study, Id(), "k = 1", &held);
    study = *add_two_way_table(study, "Grid", {"a", "", "", "1..200"}, {"b", "", "", "1..200"}, &table);
    study = *write_column(study, table, "f = sin(k * a / 20) * cos(b / 15)");
    Chart heat;
    heat.table = table;
    heat.series.push_back({SeriesForm::heat, (*study.table(table)->across->column)->id,
                           study.table(table)->columns.front()->id, false, false, ""});
    Id chart;
    study = *add_chart(study, heat, &chart);
    MainWindow window;
    window.resize(1280, 800);
    window.show();
    Document& document = window.document();
    document.begin_with(study);
    window.show_table(table);
    window.pages().show_chart(chart);
    ChartPage& page = *window.pages().chart_page();
    (void)QTest::qWaitFor([&] { return !document.computing() && page.settled(); }, 60000);
    window.repaint();
    // Each step follows as soon as the picture of the one before has been painted, without a clock that waits, and only
    // what has changed is painted, as where a person slides.
    measure("a step under a heat map of 200 x 200, painted", 100, [&](int turn) {
        QEventLoop loop;
        const QMetaObject::Connection shown = QObject::connect(&page, &ChartPage::shown, &loop, &QEventLoop::quit);
        document.slide(QStringLiteral("sliding"),
                       give_held(document.study(), held, Value::number(1 + (turn + 1) * 0.01)));
        loop.exec();
        QObject::disconnect(shown);
        for (int round = 0; round < 3; ++round) { // a queued repaint asks for the next
            QCoreApplication::processEvents();
        }
    });
    window.files().autosave().discard();
}

} // namespace

int main(int count, char** arguments) {
    QElapsedTimer since_start;
    since_start.start();
    QApplication application(count, arguments);
    QStandardPaths::setTestModeEnabled(true);
    QApplication::setOrganizationName(QStringLiteral("LedgefallBench"));
    apply_application_theme();
    {
        MainWindow window;
        window.open_demo();
        window.show();
        (void)QTest::qWaitForWindowExposed(&window);
        window.repaint();
        std::printf("%-44s %.0f ms\n", "the demo shown after", static_cast<double>(since_start.nsecsElapsed()) / 1e6);
    }
    const std::size_t rows = count > 1 ? std::stoul(arguments[1]) : 1'000'000;
    if (rows == 0) { // only what does not depend on how many rows there are
        measure_heat_map();
        measure_long_ledge();
        return 0;
    }
    std::printf("%zu rows, 2 given and 10 worked columns\n", rows);
    Bench(rows).run();
    measure_autosave(rows);
    measure_long_ledge();
    measure_heat_map();
    return 0;
}
