#include "test_program.h"

#include <QCoreApplication>

int main(int count, char** arguments) {
    const QCoreApplication application(count, arguments);
    return ledgefall::testing::run_tests(count, arguments);
}
