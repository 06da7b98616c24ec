#include "app/dialogs/prompts.h"

#include "core/study/edits/edits.h"

#include <QCoreApplication>
#include <QInputDialog>
#include <QMessageBox>
#include <QPushButton>

namespace ledgefall {

std::optional<QString> ask_text(QWidget* parent, const QString& title, const QString& question, const QString& before) {
    bool taken = false;
    const QString text = QInputDialog::getText(parent, title, question, QLineEdit::Normal, before, &taken);
    return taken ? std::optional(text.trimmed()) : std::nullopt;
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
    QMessageBox box(QMessageBox::Question,
                    QCoreApplication::translate("Ask", "Remove %1?").arg(QString::fromStdString(called(study, id))),
                    QCoreApplication::translate("Ask", "%1 is used by %2. Without it they will be at fault.")
                        .arg(QString::fromStdString(called(study, id)), names.join(QStringLiteral(", "))),
                    QMessageBox::Cancel, parent);
    QPushButton* remove =
        box.addButton(QCoreApplication::translate("Ask", "Remove all the same"), QMessageBox::DestructiveRole);
    box.setDefaultButton(QMessageBox::Cancel);
    box.exec();
    return box.clickedButton() == remove;
}

} // namespace ledgefall
