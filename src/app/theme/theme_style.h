#pragma once

#include <QProxyStyle>

namespace ledgefall {

/// The widgets' style: Qt's own plain one, without the desktop's stock icons on dialog buttons, with our own in message
/// boxes, and with edges of fields and boxes that are seen by day and by lamplight.
class ThemeStyle : public QProxyStyle {
    Q_OBJECT
  public:
    ThemeStyle();

    int pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const override;
    int styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                  QStyleHintReturn* returned) const override;
    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget) const override;
    QIcon standardIcon(StandardPixmap symbol, const QStyleOption* option, const QWidget* widget) const override;
};

} // namespace ledgefall
