// ledgefall: the window.

#include "app/document/wording.h"
#include "app/look/look.h"
#include "app/look/translations.h"
#include "app/recovery/end_signal.h"
#include "app/shell/main_window.h"
#include "core/engine/running/allocator_settings.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QTimer>

int main(int count, char** arguments) {
    ledgefall::keep_memory_at_hand();
    QApplication application(count, arguments);
    QApplication::setApplicationName(QStringLiteral("Ledgefall"));
    QApplication::setOrganizationName(QStringLiteral("Ledgefall"));
    QApplication::setApplicationVersion(QStringLiteral(LEDGEFALL_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("ledgefall"));
    ledgefall::install_translations(QLocale());
    ledgefall::word_texts_as_translated();
    ledgefall::apply_application_look();
    ledgefall::restore_look();

    QCommandLineParser parser;
    parser.setApplicationDescription(QApplication::translate(
        "Main", "Computation tables in which one sees what stays put and what follows the row."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QApplication::translate("Main", "Open the Marrow Beck field course."));
    parser.addOption(demo);
    parser.addPositionalArgument(QStringLiteral("study"), QApplication::translate("Main", "A study to open."));
    parser.process(application);

    ledgefall::MainWindow window;
    // An end from outside, by a signal or with the session: what is not saved is kept, and nothing is asked.
    ledgefall::on_end_signal(&window, [&window] {
        window.files().end_at_once();
        QApplication::exit(0);
    });
    QObject::connect(
        &application, &QGuiApplication::commitDataRequest, &window, [&window] { window.files().end_at_once(); },
        Qt::DirectConnection);
    if (parser.isSet(demo)) {
        window.open_demo();
    } else if (!parser.positionalArguments().isEmpty()) {
        window.open_path(parser.positionalArguments().front());
    }
    window.show();
    QTimer::singleShot(0, &window, [&window] { window.files().offer_recovered(); });
    return QApplication::exec();
}
