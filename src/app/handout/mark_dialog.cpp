#include "app/handout/mark_dialog.h"

#include "app/dialogs/prompts.h"
#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLocale>
#include <QPushButton>

#include <functional>

namespace ledgefall {

MarkDialog::MarkDialog(const QString& folder, QWidget* parent)
    : QDialog(parent)
    , folder_(new QLineEdit(folder, this))
    , before_(new QLineEdit(this))
    , feedback_(new QLineEdit(this))
    , tolerance_(new QLineEdit(QLocale().toString(1e-9), this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Mark a folder"));
    auto* form = new QFormLayout(this);
    auto* intro = new QLabel(
        tr("The handouts in a folder are compared with this study. The marks are a study of their own."), this);
    intro->setWordWrap(true);
    form->addRow(intro);
    const auto add = [&](const QString& label, QLineEdit* line, const std::function<QString()>& ask) {
        auto* browse = new QPushButton(tr("Browse…"), this);
        browse->setAutoDefault(false);
        browse->setAccessibleName(tr("Browse for %1").arg(QString(label).remove(QLatin1Char('&'))));
        connect(browse, &QPushButton::clicked, this, [line, ask] {
            const QString path = ask();
            line->setText(path.isEmpty() ? line->text() : path);
        });
        auto* both = new QHBoxLayout;
        both->addWidget(line, 1);
        both->addWidget(browse);
        auto* name = new QLabel(label, this);
        name->setBuddy(line);
        form->addRow(name, both);
    };
    add(tr("&Folder of handouts"), folder_,
        [this] { return ask_folder(this, tr("Folder of handouts"), this->folder()); });
    add(tr("&Earlier marks"), before_,
        [this] { return ask_open_path(this, tr("Earlier marks"), tr("Ledgefall studies (*.ledgefall)")); });
    before_->setPlaceholderText(tr("none; points that were changed in them stay"));
    add(tr("Feedback &pages into"), feedback_, [this] { return ask_folder(this, tr("Feedback"), feedback()); });
    feedback_->setPlaceholderText(tr("none"));
    form->addRow(tr("&Tolerance"), tolerance_);
    message_->setWordWrap(true);
    message_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().fault.name()));
    form->addRow(message_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    buttons->addButton(tr("&Mark"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &MarkDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    resize(theme().px(560), sizeHint().height());
}

double MarkDialog::tolerance() const {
    bool read = false;
    const double number = QLocale().toDouble(tolerance_->text(), &read);
    return read && number >= 0 && number < 1 ? number : -1;
}

void MarkDialog::accept() {
    if (!QFileInfo(folder()).isDir()) {
        message_->setText(tr("%1 is not a folder. Choose the one with the handouts.").arg(folder()));
        return folder_->setFocus();
    }
    if (tolerance() < 0) {
        message_->setText(tr("The tolerance is a number from 0 to 1, such as 1e-9."));
        return tolerance_->setFocus();
    }
    QDialog::accept();
}

} // namespace ledgefall
