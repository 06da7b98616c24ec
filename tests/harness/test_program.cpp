// Many classes of tests in one program: they are linked once, and what they share is compiled once.

#include "test_program.h"

#include <QtTest>

#include <cstdio>
#include <map>
#include <string>

namespace ledgefall::testing {
namespace {

using MakeTest = std::function<std::unique_ptr<QObject>()>;

std::map<std::string, MakeTest>& registered_tests() {
    static std::map<std::string, MakeTest> tests;
    return tests;
}

} // namespace

bool register_test(const char* name, MakeTest make) {
    return registered_tests().emplace(name, std::move(make)).second;
}

int run_tests(int count, char** arguments) {
    const auto& tests = registered_tests();
    if (count < 2) {
        int failed = 0;
        for (const auto& [name, make] : tests) {
            failed += QTest::qExec(make().get(), 1, arguments) == 0 ? 0 : 1;
        }
        return failed == 0 ? 0 : 1;
    }
    const auto test = tests.find(arguments[1]);
    if (test == tests.end()) {
        std::fprintf(stderr, "there are no tests called %s\n", arguments[1]);
        return 2;
    }
    std::vector<char*> others{arguments[0]};
    others.insert(others.end(), arguments + 2, arguments + count);
    return QTest::qExec(test->second().get(), static_cast<int>(others.size()), others.data());
}

} // namespace ledgefall::testing
