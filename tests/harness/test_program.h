#pragma once

#include <QObject>

#include <functional>
#include <memory>

namespace ledgefall::testing {

/// Registers a class of tests under its name; a program of tests runs the class that its first argument names.
bool register_test(const char* name, std::function<std::unique_ptr<QObject>()> make);

/// Runs the class of tests that `arguments[1]` names, with the other arguments for Qt Test; without one, all classes
/// in the order of their names. Gives the exit status: 0 where all pass, 2 where there is no such class.
int run_tests(int count, char** arguments);

} // namespace ledgefall::testing

/// Stands at the end of a file of tests, in place of a main function of its own.
#define LEDGEFALL_TEST(Class)                                                                                          \
    [[maybe_unused]] static const bool registered =                                                                    \
        ledgefall::testing::register_test(#Class, [] { return std::make_unique<Class>(); });
