#include "app/shell/notices.h"

#include "app/theme/accessibility.h"
#include "app/theme/theme.h"

#include <QHBoxLayout>
#include <QPushButton>

namespace ledgefall {

Notices::Notices(QWidget* window)
    : QObject(window)
    , line_(new QLabel(window))
    , strip_(new QFrame(window))
    , unread_(new QLabel(strip_)) {
    line_->setTextFormat(Qt::PlainText);
    strip_->setObjectName(QStringLiteral("unread"));
    strip_->setFrameShape(QFrame::StyledPanel);
    unread_->setWordWrap(true);
    unread_->setTextFormat(Qt::PlainText);
    unread_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* read = new QPushButton(tr("Dismiss"), strip_);
    connect(read, &QPushButton::clicked, strip_, &QWidget::hide);
    auto* row = new QHBoxLayout(strip_);
    row->addWidget(unread_, 1);
    row->addWidget(read);
    strip_->hide();
}

void Notices::tell_until_read(const QString& sentence) {
    unread_->setText(sentence);
    strip_->show();
    announce(*unread_);
}

void Notices::tell(const QString& sentence) {
    show(sentence, theme().fault);
}

void Notices::inform(const QString& sentence) {
    show(sentence, theme().ink);
}

void Notices::show(const QString& sentence, const QColor& colour) {
    QPalette colours = line_->palette();
    colours.setColor(QPalette::WindowText, colour);
    line_->setPalette(colours);
    line_->setText(sentence);
    announce(*line_);
}

} // namespace ledgefall
