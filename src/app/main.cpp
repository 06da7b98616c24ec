// ledgefall: the window.

#include "app/document/document.h"
#include "app/document/wording.h"
#include "app/numbers/locale_text.h"
#include "app/recovery/end_signal.h"
#include "app/report/report_writing.h"
#include "app/shell/translations.h"
#include "app/shell/windows.h"
#include "app/tasks/task_runner.h"
#include "app/theme/theme.h"
#include "background_memory.h"
#include "core/engine/running/memory_budget.h"
#include "files/io/atomic_file.h"
#include "files/io/machine_memory.h"
#include "files/study_json/study_json.h"

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

/// Writes the report of a study that `--report` asks for: the exit status.
int write_asked_report(const QCommandLineParser& parser) {
    const auto fail = [](const ledgefall::Sentence& why) {
        qCritical("%s", qPrintable(ledgefall::Document::translated(why)));
        return 1;
    };
    if (parser.positionalArguments().size() != 1) {
        fail({N_("--report needs one study: ledgefall STUDY --report FILE."), {}});
        return 2;
    }
    QFile file(parser.positionalArguments().front());
    if (!file.open(QIODevice::ReadOnly)) {
        return fail({N_("%1 cannot be read."), {file.fileName().toStdString()}});
    }
    const QByteArray bytes = file.readAll();
    const auto study = ledgefall::read_study({bytes.constData(), static_cast<std::size_t>(bytes.size())});
    if (!study) {
        return fail(study.refusal());
    }
    ledgefall::spell_numbers_by(study->settings);
    const auto wrong = [&parser](const QString& option, const QStringList& words) {
        return parser.isSet(option) && !words.contains(parser.value(option).toLower());
    };
    bool counted = true;
    const unsigned rows =
        parser.isSet(QStringLiteral("rows")) ? parser.value(QStringLiteral("rows")).toUInt(&counted) : 0;
    if (!counted || wrong(QStringLiteral("paper"), {QStringLiteral("a4"), QStringLiteral("letter")}) ||
        wrong(QStringLiteral("formulas"),
              {QStringLiteral("mathematics"), QStringLiteral("typed"), QStringLiteral("none")})) {
        fail({N_("--rows needs a whole number, --paper a4 or letter, and --formulas mathematics, typed or none."), {}});
        return 2;
    }
    ledgefall::ReportRequest request;
    request.author = parser.value(QStringLiteral("author")).toStdString();
    request.date = QLocale().toString(QDate::currentDate(), QLocale::LongFormat).toStdString();
    request.full_numbers = parser.isSet(QStringLiteral("full"));
    request.blank = parser.isSet(QStringLiteral("blank"));
    const QString formulas = parser.value(QStringLiteral("formulas"));
    request.formulas = formulas == u"typed"  ? ledgefall::ReportRequest::Formulas::typed
                       : formulas == u"none" ? ledgefall::ReportRequest::Formulas::none
                                             : ledgefall::ReportRequest::Formulas::mathematics;
    if (parser.isSet(QStringLiteral("rows"))) {
        request.row_count = rows;
        request.rows = request.row_count == 0 ? ledgefall::ReportRequest::Rows::none
                                              : ledgefall::ReportRequest::Rows::first_and_last;
    }
    for (const QString& one : parser.values(QStringLiteral("working"))) {
        request.workings.push_back(one.toStdString());
    }
    const QString paper = parser.value(QStringLiteral("paper")).toLower();
    const QPageSize::PageSizeId size = paper == u"letter" ? QPageSize::Letter
                                       : paper == u"a4"   ? QPageSize::A4
                                                          : ledgefall::usual_paper();
    const auto drawn = ledgefall::drawn_report(*study, ledgefall::compute(*study), request);
    if (!drawn) {
        return fail(drawn.refusal());
    }
    const auto written =
        ledgefall::write_report(*drawn, ledgefall::report_page(size, parser.isSet(QStringLiteral("landscape"))),
                                parser.value(QStringLiteral("report")));
    return written ? 0 : fail(written.refusal());
}

/// What `--report` needs; it works where there is no display.
void add_report_options(QCommandLineParser& parser) {
    const auto text = [](const char* source) { return QApplication::translate("Main", source); };
    parser.addOptions({
        {QStringLiteral("report"),
         text(QT_TRANSLATE_NOOP("Main", "Write the report of a study (.pdf, .html, .odt, .tex) and end.")),
         QStringLiteral("file")},
        {QStringLiteral("paper"), text(QT_TRANSLATE_NOOP("Main", "The paper of the report: a4 or letter.")),
         QStringLiteral("size")},
        {QStringLiteral("landscape"), text(QT_TRANSLATE_NOOP("Main", "The report's pages lie on their side."))},
        {QStringLiteral("rows"),
         text(QT_TRANSLATE_NOOP("Main", "Only so many rows from either end of a table; 0: none.")),
         QStringLiteral("count")},
        {QStringLiteral("formulas"),
         text(QT_TRANSLATE_NOOP("Main", "The report's formulas: mathematics, typed or none.")), QStringLiteral("form")},
        {QStringLiteral("blank"), text(QT_TRANSLATE_NOOP("Main", "Blank columns for what the study's handout asks."))},
        {QStringLiteral("full"), text(QT_TRANSLATE_NOOP("Main", "Numbers in full, not as they are shown."))},
        {QStringLiteral("working"),
         text(QT_TRANSLATE_NOOP("Main", "Show the working of a cell or value, as Pebbles.dev[3].")),
         QStringLiteral("place")},
        {QStringLiteral("author"), text(QT_TRANSLATE_NOOP("Main", "Who has written the report.")),
         QStringLiteral("name")},
    });
}

/// A report needs no window, and so no display.
bool only_writes_a_report(int count, char** arguments) {
    return std::any_of(arguments, arguments + count,
                       [](const char* one) { return std::string_view(one).starts_with("--report"); });
}

} // namespace

int main(int count, char** arguments) {
    if (only_writes_a_report(count, arguments) && !qEnvironmentVariableIsSet("QT_QPA_PLATFORM")) {
        qputenv("QT_QPA_PLATFORM", "offscreen");
    }
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
    add_report_options(parser);
    parser.process(application);
    if (parser.isSet(verbose)) {
        QLoggingCategory::setFilterRules(QStringLiteral("ledgefall.*=true"));
    }

    if (parser.isSet(QStringLiteral("report"))) {
        return write_asked_report(parser);
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
