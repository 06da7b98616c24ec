#include "app/shell/wait_dialog.h"

#include "app/look/look.h"

#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {

WaitDialog::WaitDialog(WaitedWork& work, QWidget* window)
    : QDialog(window)
    , what_(new QLabel(this)) {
    setWindowModality(Qt::WindowModal);
    setWindowTitle(tr("One moment"));
    what_->setTextFormat(Qt::PlainText);
    auto* moving = new QProgressBar(this);
    moving->setRange(0, 0); // how far it is cannot be known
    moving->setTextVisible(false);
    moving->setMinimumWidth(look().px(280));
    auto* stop = new QPushButton(tr("Stop"), this);
    stop->setObjectName(QStringLiteral("stop waiting"));
    auto* lines = new QVBoxLayout(this);
    lines->addWidget(what_);
    lines->addWidget(moving);
    lines->addWidget(stop, 0, Qt::AlignRight);
    connect(stop, &QPushButton::clicked, this, &QDialog::reject);
    connect(this, &QDialog::rejected, &work, &WaitedWork::stop);
    connect(&work, &WaitedWork::began, this, [this](const QString& what) {
        what_->setText(what);
        show();
    });
    connect(&work, &WaitedWork::ended, this, &QDialog::hide);
}

} // namespace ledgefall
