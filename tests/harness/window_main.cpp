#include "test_program.h"

#include <QApplication>
#include <QtTest>

int main(int count, char** arguments) {
    const QApplication application(count, arguments);
    QTEST_SET_MAIN_SOURCE_PATH
    return ledgefall::testing::run_tests(count, arguments);
}
