#include "app/shell/checks_button.h"

#include "app/theme/accessibility.h"
#include "app/theme/theme.h"

#include <utility>

namespace ledgefall {

ChecksButton::ChecksButton(Document& document, QWidget* parent)
    : QToolButton(parent)
    , document_(document) {
    setObjectName(QStringLiteral("checks"));
    setAutoRaise(true);
    setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    setAccessibleDescription(tr("State of the checks"));
    connect(this, &QToolButton::clicked, this, &ChecksButton::go_to_broken);
    connect(&document_, &Document::results_changed, this, &ChecksButton::refresh);
    connect(&document_, &Document::shows_old_changed, this, &ChecksButton::refresh);
}

void ChecksButton::refresh() {
    int holding = 0;
    int broken = 0;
    int open = 0; // not computed yet
    for (const auto& check : document_.study().checks) {
        const Document::CheckState state = document_.check_state(check->id);
        ++(state == Document::CheckState::unknown ? open : state == Document::CheckState::holds ? holding : broken);
    }
    const int all = holding + broken + open;
    setVisible(all > 0);
    setText(open > 0     ? tr("checks not known yet: %1").arg(open)
            : broken > 0 ? tr("failing checks: %1 of %2").arg(broken).arg(all)
                         : tr("checks that hold: %1").arg(holding));
    setIcon(open > 0 ? QIcon() : drawn_icon(broken == 0 ? QStringLiteral("holds") : QStringLiteral("broken")));
    setToolTip(open > 0      ? tr("They are being computed")
               : broken == 0 ? tr("Every check of the study holds")
                             : tr("Go to the first failing check"));
    if (open == 0 && broken > std::exchange(broken_, broken)) {
        announce(*this);
    }
}

void ChecksButton::go_to_broken() {
    for (const auto& check : document_.study().checks) {
        if (document_.check_state(check->id) == Document::CheckState::fails) {
            Q_EMIT check_wanted(check->id);
            return;
        }
    }
}

} // namespace ledgefall
