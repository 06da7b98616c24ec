#pragma once

#include <QColor>
#include <QFont>
#include <QIcon>
#include <QObject>
#include <QString>

#include <cmath>

namespace ledgefall {

/// The theme: warm paper, sandstone for what stays, water for what follows, slate ink. Every colour and size that a
/// widget paints with comes from here, so that a second theme is a second set of these.
struct Theme {
    QColor paper;        ///< where values stand
    QColor computed;     ///< the same where a formula gives them
    QColor margin;       ///< around the paper: panels, gutter
    QColor rule;         ///< the lines between rows
    QColor ink;          ///< text
    QColor faint_ink;    ///< what is said quietly: row numbers, "given", hints
    QColor stone;        ///< the ledge's face
    QColor stone_edge;   ///< its shadowed edge
    QColor stone_light;  ///< cards on it
    QColor stays;        ///< text of what stays put
    QColor follows;      ///< text and lines of what follows the row
    QColor across;       ///< of what follows the column of a two-way table
    QColor follows_wash; ///< selected cells
    QColor fault;        ///< faults and what is not of its kind
    QColor fault_wash;
    double zoom = 1.0;

    int px(double size) const { return static_cast<int>(std::lround(size * zoom)); }
    /// The shipped letters at a size; made once for each size, since a font is looked up by name.
    const QFont& text(double points = 10.0, bool bold = false) const;
    const QFont& formula(double points = 9.5) const { return text(points); }
};

/// Tells widgets that keep sizes or style sheets of their own when the theme in use has changed.
class ThemeNotifier : public QObject {
    Q_OBJECT
  Q_SIGNALS:
    void changed();
};
ThemeNotifier& theme_notifier();

/// The theme in use. Widgets read it when they paint.
const Theme& theme();
void set_zoom(double zoom);
void set_dark(bool dark);
bool is_dark();
/// The zoom and the theme that were in use when the program was left.
void restore_theme();

/// While one of these is there, the theme in use on its thread is the one for print: daylight on white, at a zoom of
/// one. No widget is notified, since nothing on the screen changes.
class LookForPrint {
  public:
    LookForPrint();
    ~LookForPrint();
    LookForPrint(const LookForPrint&) = delete;
    LookForPrint& operator=(const LookForPrint&) = delete;

  private:
    Theme theme_;
    Theme* before_;
};

/// Loads the fonts that ship, and dresses the application.
void apply_application_theme();

/// One of the icons that ship, in the colours of the theme in use whenever it is painted.
QIcon drawn_icon(const QString& name);

} // namespace ledgefall
