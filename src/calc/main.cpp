// ledgefall-calc: the computation without a window.

#include "calc/calculator.h"
#include "calc/reference_page.h"
#include "core/engine/running/memory_budget.h"
#include "files/io/atomic_file.h"
#include "files/io/machine_memory.h"

#include <CLI/CLI.hpp>

#include <cstdio>
#include <map>
#include <new>

namespace {

using ledgefall::Step;

struct Described {
    const char* name;
    Step::Do what;
    const char* help;
};

constexpr Described options[] = {
    {"--in", Step::Do::in, "Use the names of this table in the options that follow"},
    {"--hold", Step::Do::hold, "Add or replace a held value: 'p = 0.35'"},
    {"--setting", Step::Do::setting, "Change a setting of the study: 'quantile_type = 6'"},
    {"--rows", Step::Do::rows, "Set the number of rows of the table: a number or a formula"},
    {"--column", Step::Do::column, "Add a computed column: 'z = x^2'"},
    {"--value", Step::Do::value, "Print the value of a formula: 'mean(z)'"},
    {"--grid", Step::Do::grid, "Add a two-way table; its axes and layers follow"},
    {"--down", Step::Do::down, "Set its axis down: 'a = 1..12', 'rate = 0.03, 0.035 .. 0.06', 'site = riffle, pool'"},
    {"--across", Step::Do::across, "Set its axis across"},
    {"--layer", Step::Do::layer, "Add a layer with a formula for all cells: 'p = a * b'"},
    {"--table", Step::Do::table, "Print a table as delimited text; a two-way table as a grid"},
    {"--long", Step::Do::long_form, "Print a two-way table with a row for each cell"},
    {"--working", Step::Do::working, "Print the working of a value: 'Pebbles.dev[3]', 'ledge.q'"},
    {"--keep-run", Step::Do::keep_run,
     "Keep the held values and results as a run with this name; '' names it by what differs"},
    {"--save", Step::Do::save,
     "Save the study to a file, or export it as a worksheet if the name ends in .ods or .xlsx"},
    {"--handout", Step::Do::handout, "Write a handout to this file, in which what is asked is empty"},
    {"--ask", Step::Do::ask, "Ask for a part in the handout: 'Pebbles.dev', 'Classes.class' (its limits), 'ledge.q'"},
    {"--question", Step::Do::question, "The line of instructions for the --ask before"},
    {"--points", Step::Do::points, "The points for the --ask before; else 1"},
    {"--vary", Step::Do::vary, "Shuffle the given values of a column, or draw a held value, anew for each student"},
    {"--names", Step::Do::names, "Write a handout for each name in this file, one a line"},
    {"--out", Step::Do::out, "The folder for those handouts"},
    {"--mark", Step::Do::mark, "Mark the handouts in this folder by the study, and go on with the marks"},
    {"--feedback", Step::Do::feedback, "Write a page of feedback for each student into this folder"},
};

int run(int count, char** arguments) {
    CLI::App app("Computes tables without a window: a study, a worksheet, or delimited text as the table Data. Options "
                 "apply in the order written and can be repeated.",
                 "ledgefall-calc");
    app.set_version_flag("--version", std::string("Ledgefall ") + LEDGEFALL_VERSION);
    std::string file;
    app.add_option("FILE", file, "A study (.ledgefall), a worksheet (.ods, .xlsx) or delimited text");
    std::map<CLI::Option*, const Described*> entry;
    for (const Described& option : options) {
        entry[app.add_option(option.name)
                  ->description(option.help)
                  ->expected(1)
                  ->multi_option_policy(CLI::MultiOptionPolicy::TakeAll)] = &option;
    }
    CLI::Option* check = app.add_flag("--check")->description("Print the checks and whether they hold");
    CLI::Option* runs = app.add_flag("--runs")->description("Print the runs: their held values and results");
    CLI::Option* inspect =
        app.add_flag("--inspect")
            ->description("Print what was found in a worksheet: formulas, likely mistakes, and what is kept as values");
    CLI::Option* open = app.add_flag("--open")->description("Lock nothing in the handout");
    bool functions = false;
    app.add_flag("--functions", functions, "Print the reference page of all functions");
    try {
        app.parse(count, arguments);
    } catch (const CLI::ParseError& error) {
        return app.exit(error) == 0 ? 0 : 2;
    }
    if (functions) {
        std::fputs(ledgefall::reference_page().c_str(), stdout);
        return 0;
    }
    std::vector<Step> steps;
    std::map<CLI::Option*, std::size_t> used;
    for (CLI::Option* option : app.parse_order()) {
        if (option == check || option == runs || option == inspect || option == open) {
            steps.push_back({option == check  ? Step::Do::check
                             : option == runs ? Step::Do::runs
                             : option == open ? Step::Do::open
                                              : Step::Do::inspect,
                             {}});
        } else if (entry.contains(option)) {
            steps.push_back({entry[option]->what, option->results()[used[option]++]});
        }
    }
    ledgefall::Calculator calculator;
    const ledgefall::Result<std::string> done = calculator.run(file, steps);
    if (!done) {
        std::fputs((done.refusal().text() + "\n").c_str(), stderr);
        return 1;
    }
    if (!calculator.notes().empty()) {
        std::fputs((file + ": " + calculator.notes() + "\n").c_str(), stderr);
    }
    const bool written = std::fwrite(done->data(), 1, done->size(), stdout) == done->size() && std::fflush(stdout) == 0;
    return written && calculator.all_hold() ? 0 : 1;
}

} // namespace

int main(int count, char** arguments) {
    ledgefall::MemoryBudget::available = ledgefall::free_memory;
    ledgefall::take_file_limit_as_error();
    try {
        return run(count, arguments);
    } catch (const std::bad_alloc&) {
        std::fputs("There is not enough memory, and nothing was written. Use fewer rows, or close other programs.\n",
                   stderr);
        return 1;
    }
}
