#pragma once

#include <QProxyStyle>

namespace ledgefall {

/// The widgets' style: Qt's own plain one, without the desktop's stock icons on dialog buttons, and with our own in
/// message boxes.
class LookStyle : public QProxyStyle {
    Q_OBJECT
  public:
    LookStyle();

    int styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                  QStyleHintReturn* returned) const override;
    QIcon standardIcon(StandardPixmap symbol, const QStyleOption* option, const QWidget* widget) const override;
};

} // namespace ledgefall
