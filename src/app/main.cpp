// ledgefall: the window.

#include "app/document/wording.h"
#include "app/recovery/end_signal.h"
#include "app/shell/translations.h"
#include "app/shell/windows.h"
#include "app/tasks/task_runner.h"
#include "app/theme/theme.h"
#include "background_memory.h"
#include "core/engine/running/memory_budget.h"
#include "files/io/atomic_file.h"
#include "files/io/machine_memory.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QLoggingCategory>
#include <QTimer>

#include <functional>
#include <new>

namespace {

/// Where memory runs out in the middle of something, what is not saved is kept, and a sentence says so.
class Application : public QApplication {
  public:
    using QApplication::QApplication;
    std::function<void()> out_of_memory;

    bool notify(QObject* receiver, QEvent* event) override {
        try {
            return QApplication::notify(receiver, event);
        } catch (const std::bad_alloc&) {
            if (out_of_memory) {
                out_of_memory();
            }
            return false;
        }
    }
};

} // namespace

int main(int count, char** arguments) {
    ledgefall::keep_memory_at_hand();
    ledgefall::keep_memory_for_this_thread();
    ledgefall::take_file_limit_as_error();
    ledgefall::MemoryBudget::available = ledgefall::free_memory;
    Application application(count, arguments);
    QApplication::setApplicationName(QStringLiteral("Ledgefall"));
    QApplication::setOrganizationName(QStringLiteral("Ledgefall"));
    QApplication::setApplicationVersion(QStringLiteral(LEDGEFALL_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("ledgefall"));
    ledgefall::install_translations(QLocale());
    ledgefall::word_texts_as_translated();
    ledgefall::apply_application_theme();
    ledgefall::restore_theme();

    QCommandLineParser parser;
    parser.setApplicationDescription(
        QApplication::translate("Main", "Computation tables that show what stays put and what follows the row."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QApplication::translate("Main", "Open the Marrow Beck field course."));
    parser.addOption(demo);
    const QCommandLineOption verbose(
        QStringLiteral("verbose"),
        QApplication::translate("Main", "Report what happens in the background: recovery, versions, other starts."));
    parser.addOption(verbose);
    parser.addPositionalArgument(QStringLiteral("files"),
                                 QApplication::translate("Main", "Studies, worksheets or delimited text to open."),
                                 QStringLiteral("[files…]"));
    parser.process(application);
    if (parser.isSet(verbose)) {
        QLoggingCategory::setFilterRules(QStringLiteral("ledgefall.*=true"));
    }

    const bool show_demo = parser.isSet(demo);
    if (!show_demo && ledgefall::Windows::hand_over(parser.positionalArguments())) {
        return 0; // a program that runs already has taken them
    }
    ledgefall::Windows windows;
    windows.listen();
    // An end from outside, by a signal or with the session: what is not saved is kept, and nothing is asked.
    ledgefall::on_end_signal(&windows, [&windows] {
        windows.end_at_once();
        QApplication::exit(0); // no window asks on its way out
    });
    QObject::connect(
        &application, &QGuiApplication::commitDataRequest, &windows, [&windows] { windows.end_at_once(); },
        Qt::DirectConnection);
    ledgefall::on_exit_within(&windows, [&windows] { windows.end_at_once(); });
    application.out_of_memory = [&windows] {
        windows.end_at_once();
        for (ledgefall::MainWindow* window : windows.all()) {
            window->document().refuse({N_("There is not enough memory, so nothing was done. Use fewer rows, or close "
                                          "other programs. Unsaved work has been kept."),
                                       {}});
        }
    };
    ledgefall::MainWindow* first = windows.add();
    first->show();
    if (show_demo) {
        first->open_demo();
    }
    QTimer::singleShot(0, first, [&windows, first, files = parser.positionalArguments()] {
        first->files().offer_recovered([&windows, files] { windows.open(files); });
    });
    const int status = QApplication::exec();
    ledgefall::TaskRunner::of_process().shut_down();
    return status;
}
