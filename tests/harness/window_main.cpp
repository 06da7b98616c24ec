#include "app/tasks/task_runner.h"
#include "test_program.h"

#include <QApplication>
#include <QtTest>

int main(int count, char** arguments) {
    const QApplication application(count, arguments);
    QTEST_SET_MAIN_SOURCE_PATH
    const int status = ledgefall::testing::run_tests(count, arguments);
    ledgefall::TaskRunner::of_process().shut_down(); // as the program does, before what is static goes
    return status;
}
