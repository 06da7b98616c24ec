#include "app/help/dialog_help.h"

#include "app/help/help_reader.h"
#include "app/theme/application_filter.h"
#include "app/theme/theme.h"

#include <QApplication>
#include <QDialog>
#include <QKeyEvent>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

void open_over(QDialog& dialog) {
    auto* window = new QDialog(&dialog);
    window->setObjectName(QStringLiteral("help over a dialog"));
    window->setAttribute(Qt::WA_DeleteOnClose);
    window->setWindowTitle(HelpReader::tr("Help"));
    window->resize(theme().px(480), theme().px(520));
    auto* reader = new HelpReader(window);
    auto* lines = new QVBoxLayout(window);
    lines->setContentsMargins(0, 0, 0, 0);
    lines->addWidget(reader);
    QObject::connect(reader, &HelpReader::closed, window, &QDialog::reject);
    reader->open(page_of_dialog(dialog.metaObject()->className()));
    window->setModal(true);
    window->show();
    reader->text().setFocus();
}

class DialogHelp : public QObject {
  public:
    using QObject::QObject;

    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::KeyPress && static_cast<QKeyEvent*>(event)->key() == Qt::Key_F1) {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            const auto* widget = qobject_cast<QWidget*>(watched);
            if (dialog != nullptr && widget != nullptr && widget->window() == dialog &&
                dialog->objectName() != QStringLiteral("help over a dialog")) {
                open_over(*dialog);
                return true;
            }
        }
        return QObject::eventFilter(watched, event);
    }
};

} // namespace

QString page_of_dialog(const char* class_name) {
    constexpr std::pair<const char*, const char*> pages[] = {
        {"CategoryDialog", "frequency"},  {"ChartDialog", "charts"},        {"CheckDialog", "shares"},
        {"ContinueDialog", "formulas"},   {"ExportDialog", "files"},        {"FindValueDialog", "what-if"},
        {"FormulaPage", "formulas"},      {"FrequencyDialog", "frequency"}, {"HandoutDialog", "class"},
        {"HeadingDialog", "formulas"},    {"HeldDialog", "ledge"},          {"ImportDialog", "files"},
        {"RecoveryDialog", "files"},      {"SettingsDialog", "settings"},   {"SummaryDialog", "foot"},
        {"TryValuesDialog", "what-if"},   {"ReportDialog", "report"},       {"DistributionDialog", "probability"},
        {"DiversityDialog", "diversity"}, {"MarkDialog", "class"},          {"MeanDialog", "foot"},
        {"MotionDialog", "steps"},        {"TwoWayDialog", "two-way"},      {"WorksheetDialog", "files"},
    };
    const QString name = QString::fromLatin1(class_name).section(QStringLiteral("::"), -1);
    for (const auto& [dialog, page] : pages) {
        if (name == QLatin1String(dialog)) {
            return QString::fromLatin1(page);
        }
    }
    return QStringLiteral("index");
}

void show_help_in_dialogs() {
    install_application_filter<DialogHelp>(QStringLiteral("help in dialogs"));
}

} // namespace ledgefall
