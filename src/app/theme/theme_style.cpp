#include "app/theme/theme_style.h"

#include "app/theme/theme.h"

#include <QPainter>
#include <QStyleOption>

namespace ledgefall {

ThemeStyle::ThemeStyle()
    : QProxyStyle(QStringLiteral("Fusion")) {}

/// Icons and marks to tick are as large as the text beside them.
int ThemeStyle::pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const {
    const int size = QProxyStyle::pixelMetric(metric, option, widget);
    switch (metric) {
    case PM_SmallIconSize:
    case PM_ButtonIconSize:
    case PM_ToolBarIconSize:
    case PM_ListViewIconSize:
    case PM_IndicatorWidth:
    case PM_IndicatorHeight:
    case PM_ExclusiveIndicatorWidth:
    case PM_ExclusiveIndicatorHeight:
        return theme().px(size);
    default:
        return size;
    }
}

int ThemeStyle::styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                          QStyleHintReturn* returned) const {
    return hint == SH_DialogButtonBox_ButtonsHaveIcons ? 0 : QProxyStyle::styleHint(hint, option, widget, returned);
}

void ThemeStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                               const QWidget* widget) const {
    const bool field = element == PE_FrameLineEdit || element == PE_PanelLineEdit;
    const bool box = element == PE_IndicatorCheckBox;
    const bool round = element == PE_IndicatorRadioButton;
    const auto* frame = qstyleoption_cast<const QStyleOptionFrame*>(option);
    if ((!field && !box && !round) || (field && (frame == nullptr || frame->lineWidth <= 0))) {
        return QProxyStyle::drawPrimitive(element, option, painter, widget);
    }
    const Theme& in_use = theme();
    const bool enabled = option->state.testFlag(State_Enabled);
    const bool focus = option->state.testFlag(State_HasFocus);
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    QColor edge = focus ? in_use.follows : in_use.faint_ink;
    edge.setAlphaF(enabled ? 1.0F : 0.5F);
    painter->setPen(QPen(edge, focus && field ? 2 : 1));
    painter->setBrush(element == PE_FrameLineEdit ? QBrush(Qt::NoBrush) : QBrush(in_use.paper));
    const double inside = focus && field ? 1 : 0.5; // the edge falls on whole pixels
    const QRectF area = QRectF(option->rect).adjusted(inside, inside, -inside, -inside);
    if (round) {
        painter->drawEllipse(area);
    } else {
        painter->drawRoundedRect(area, 3, 3);
    }
    painter->setPen(QPen(in_use.ink, 1.8, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter->setBrush(in_use.ink);
    if (round && option->state.testFlag(State_On)) {
        painter->drawEllipse(area.center(), area.width() / 5, area.width() / 5);
    } else if (box && option->state.testFlag(State_On)) {
        const auto at = [&area](double x, double y) {
            return QPointF(area.left() + x * area.width(), area.top() + y * area.height());
        };
        painter->drawPolyline(QPolygonF({at(0.22, 0.52), at(0.42, 0.74), at(0.8, 0.26)}));
    } else if (box && option->state.testFlag(State_NoChange)) {
        painter->drawLine(QLineF(area.left() + 3, area.center().y(), area.right() - 3, area.center().y()));
    }
    painter->restore();
}

QIcon ThemeStyle::standardIcon(StandardPixmap symbol, const QStyleOption* option, const QWidget* widget) const {
    switch (symbol) {
    case SP_MessageBoxQuestion:
        return drawn_icon(QStringLiteral("question"));
    case SP_MessageBoxWarning:
    case SP_MessageBoxCritical:
        return drawn_icon(QStringLiteral("broken"));
    case SP_MessageBoxInformation:
        return drawn_icon(QStringLiteral("holds"));
    default:
        return QProxyStyle::standardIcon(symbol, option, widget);
    }
}

} // namespace ledgefall
