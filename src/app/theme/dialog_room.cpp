#include "app/theme/dialog_room.h"

#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QScreen>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>

namespace ledgefall {

void fit_to_screen(QDialog& dialog) {
    const QString done = QStringLiteral("scrolling body");
    const QSize room = dialog.screen()->availableSize() * 0.96;
    const QSize wanted = dialog.sizeHint().expandedTo(dialog.minimumSizeHint());
    QLayout* layout = dialog.layout();
    const bool fits = wanted.width() <= room.width() && wanted.height() <= room.height();
    dialog.resize(dialog.size().boundedTo(room)); // it may have been given another size than it needs
    if (fits || layout == nullptr || dialog.findChild<QScrollArea*>(done) != nullptr) {
        return;
    }
    auto* buttons = dialog.findChild<QDialogButtonBox*>();
    auto* scroll = new QScrollArea;
    scroll->setObjectName(done);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    auto* body = new QWidget(scroll);
    const QMargins margins = layout->contentsMargins();
    layout->removeWidget(buttons);
    body->setLayout(layout); // with all that is in it
    scroll->setWidget(body);
    auto* outer = new QVBoxLayout(&dialog);
    outer->setContentsMargins(0, 0, 0, 0);
    outer->addWidget(scroll, 1);
    if (buttons != nullptr) {
        auto* below = new QVBoxLayout;
        below->setContentsMargins(margins.left(), 0, margins.right(), margins.bottom());
        below->addWidget(buttons);
        outer->addLayout(below);
    }
    dialog.setMinimumSize(0, 0);
    const int bar = scroll->verticalScrollBar()->sizeHint().width();
    dialog.resize(std::min(wanted.width() + bar, room.width()), std::min(wanted.height() + bar, room.height()));
}

} // namespace ledgefall
