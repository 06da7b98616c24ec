#include "app/shell/finder_corner.h"

#include "app/theme/theme.h"

#include <QHBoxLayout>

namespace ledgefall {

FinderCorner::FinderCorner(CommandFinder* finder, QWidget* parent)
    : QWidget(parent)
    , finder_(finder)
    , button_(new QToolButton(this)) {
    auto* around = new QHBoxLayout(this);
    around->setContentsMargins(0, 2, 8, 2);
    around->addWidget(button_);
    around->addWidget(finder_);
    button_->setIcon(drawn_icon(QStringLiteral("find")));
    button_->setAutoRaise(true);
    button_->setToolTip(finder_->placeholderText());
    button_->setAccessibleName(finder_->accessibleName());
    connect(button_, &QToolButton::clicked, finder_, &CommandFinder::open);
    connect(finder_, &CommandFinder::opened, this, [this] { show_finder(true); });
    connect(finder_, &CommandFinder::closed, this, [this] { show_finder(has_room_); });
    connect(&theme_notifier(), &ThemeNotifier::changed, this,
            [this] { button_->setIcon(drawn_icon(QStringLiteral("find"))); });
    show_finder(true);
}

void FinderCorner::show_finder(bool shown) {
    finder_->setVisible(shown);
    button_->setVisible(!shown);
    adjustSize();
}

void FinderCorner::fit(int free_width) {
    has_room_ = finder_->sizeHint().width() + theme().px(16) <= free_width;
    show_finder(has_room_ || finder_->hasFocus());
}

} // namespace ledgefall
