#include "app/exchange/wait_dialog.h"

#include "app/theme/theme.h"

#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {

WaitDialog::WaitDialog(FileTask& task, QWidget* window)
    : QDialog(window)
    , what_(new QLabel(this)) {
    setWindowModality(Qt::WindowModal);
    setWindowTitle(tr("Please wait"));
    what_->setTextFormat(Qt::PlainText);
    auto* moving = new QProgressBar(this);
    moving->setRange(0, 0);
    moving->setTextVisible(false);
    moving->setMinimumWidth(theme().px(280));
    auto* stop = new QPushButton(tr("Stop"), this);
    stop->setAutoDefault(false); // keys that are still being typed do not press it
    setFocusPolicy(Qt::StrongFocus);
    stop->setObjectName(QStringLiteral("stop waiting"));
    auto* lines = new QVBoxLayout(this);
    lines->addWidget(what_);
    lines->addWidget(moving);
    lines->addWidget(stop, 0, Qt::AlignRight);
    connect(stop, &QPushButton::clicked, this, &QDialog::reject);
    connect(this, &QDialog::rejected, &task, &FileTask::stop);
    connect(&task, &FileTask::began, this, [this, moving](const QString& what) {
        what_->setText(what);
        moving->setRange(0, 0); // until it is known how far it is
        show();
        setFocus();
    });
    connect(&task, &FileTask::progressed, this, [moving](double part) {
        constexpr int whole = 1000;
        moving->setRange(0, whole);
        moving->setValue(static_cast<int>(part * whole));
    });
    connect(&task, &FileTask::ended, this, &QDialog::hide);
}

} // namespace ledgefall
