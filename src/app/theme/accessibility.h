#pragma once

#include <QLabel>

namespace ledgefall {

/// Passes on what is announced, whether or not somebody is listening.
class Announcements : public QObject {
    Q_OBJECT
  Q_SIGNALS:
    void said(const QString& text);
};
Announcements& announcements();

/// Tells those who hear the window rather than see it that a label's text is news.
void announce(QWidget& label);

/// Tells that a widget is a part of the window with others in it, and how it is called.
void name_panel(QWidget& panel, const QString& name);

/// Names a field that stands without a label of its own. A list to choose from has its name from a label alone.
void name_field(QWidget& field, const QString& name);

} // namespace ledgefall
