#include "app/dialogs/prompts.h"

#include "core/study/edits/edits.h"

#include <QCoreApplication>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QLabel>
#include <QListWidget>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

QString folder_key() {
    return QStringLiteral("folder");
}

void remember_folder(const QString& path) {
    if (!path.isEmpty()) {
        QSettings().setValue(folder_key(), QFileInfo(path).absolutePath());
    }
}

} // namespace

QString file_folder() {
    const QString last = QSettings().value(folder_key()).toString();
    return !last.isEmpty() && QFileInfo(last).isDir()
               ? last
               : QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
}

std::optional<QString> ask_text(QWidget* parent, const QString& title, const QString& question, const QString& before) {
    bool taken = false;
    const QString text = QInputDialog::getText(parent, title, question, QLineEdit::Normal, before, &taken);
    return taken ? std::optional(text.trimmed()) : std::nullopt;
}

int ask_choice(QWidget* parent, const QString& title, const QString& question, const QStringList& offers) {
    QMessageBox box(QMessageBox::NoIcon, title, question, QMessageBox::NoButton, parent);
    QList<QPushButton*> buttons;
    for (const QString& offer : offers) {
        buttons << box.addButton(offer, buttons.isEmpty() ? QMessageBox::AcceptRole : QMessageBox::ActionRole);
    }
    box.setEscapeButton(box.addButton(QMessageBox::Cancel));
    box.setDefaultButton(buttons.front());
    box.exec();
    return static_cast<int>(buttons.indexOf(qobject_cast<QPushButton*>(box.clickedButton())));
}

int ask_from_list(QWidget* parent, const QString& title, const QString& question, const QStringList& entries,
                  const QString& take) {
    QDialog dialog(parent);
    dialog.setWindowTitle(title);
    auto* text = new QLabel(question, &dialog);
    text->setWordWrap(true);
    auto* list = new QListWidget(&dialog);
    list->addItems(entries);
    list->setCurrentRow(0);
    list->setMinimumSize(620, 240);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, &dialog);
    buttons->addButton(take, QDialogButtonBox::AcceptRole);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    QObject::connect(list, &QListWidget::itemActivated, &dialog, &QDialog::accept);
    auto* layout = new QVBoxLayout(&dialog);
    layout->addWidget(text);
    layout->addWidget(list);
    layout->addWidget(buttons);
    return dialog.exec() == QDialog::Accepted ? list->currentRow() : -1;
}

QString ask_save_path(QWidget* parent, const QString& title, const QString& begun, const QString& filters,
                      const QStringList& suffixes) {
    const QFileInfo proposed(begun);
    QFileDialog dialog(parent, title, proposed.isAbsolute() ? proposed.absolutePath() : file_folder(), filters);
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setOption(QFileDialog::DontConfirmOverwrite); // asked below, once the name has its suffix
    dialog.selectFile(proposed.fileName());
    while (dialog.exec() == QDialog::Accepted && !dialog.selectedFiles().isEmpty()) {
        QString path = dialog.selectedFiles().constFirst();
        if (!suffixes.contains(QFileInfo(path).suffix(), Qt::CaseInsensitive)) {
            path += QLatin1Char('.') + suffixes.front();
        }
        const QString replace = QCoreApplication::translate("Ask", "%1 already exists. Replace it?");
        if (!QFileInfo::exists(path) || ask_choice(parent, title, replace.arg(QFileInfo(path).fileName()),
                                                   {QCoreApplication::translate("Ask", "Replace")}) == 0) {
            remember_folder(path);
            return path;
        }
    }
    return {};
}

QString ask_open_path(QWidget* parent, const QString& title, const QString& filters) {
    QString path = QFileDialog::getOpenFileName(parent, title, file_folder(), filters);
    remember_folder(path);
    return path;
}

QString ask_folder(QWidget* parent, const QString& title, const QString& begun) {
    QString path = QFileDialog::getExistingDirectory(parent, title, begun.isEmpty() ? file_folder() : begun);
    remember_folder(path);
    return path;
}

bool may_remove(QWidget* parent, const Study& study, Id id) {
    const std::vector<std::string> users = users_of(study, id);
    if (users.empty()) {
        return true;
    }
    QStringList names;
    for (const std::string& user : users) {
        names << QString::fromStdString(user);
    }
    QMessageBox box(
        QMessageBox::Question,
        QCoreApplication::translate("Ask", "Remove %1?").arg(QString::fromStdString(display_name(study, id))),
        QCoreApplication::translate("Ask", "%1 is used by %2. Removing it will cause errors there.")
            .arg(QString::fromStdString(display_name(study, id)), names.join(QStringLiteral(", "))),
        QMessageBox::Cancel, parent);
    QPushButton* remove =
        box.addButton(QCoreApplication::translate("Ask", "Remove anyway"), QMessageBox::DestructiveRole);
    box.setDefaultButton(QMessageBox::Cancel);
    box.exec();
    return box.clickedButton() == remove;
}

} // namespace ledgefall
