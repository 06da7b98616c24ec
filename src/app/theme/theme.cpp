#include "app/theme/theme.h"

#include "app/theme/plain_text.h"
#include "app/theme/theme_style.h"

#include <QApplication>
#include <QFile>
#include <QFontDatabase>
#include <QIconEngine>
#include <QPainter>
#include <QPalette>
#include <QPixmapCache>
#include <QSettings>
#include <QSvgRenderer>

#include <algorithm>
#include <map>

namespace ledgefall {
namespace {

Theme daylight() {
    Theme look;
    look.paper = QColor(0xFD, 0xFA, 0xF3);
    look.computed = QColor(0xFA, 0xF5, 0xEA);
    look.margin = QColor(0xF3, 0xEC, 0xDF);
    look.rule = QColor(0xEA, 0xE1, 0xD0);
    look.ink = QColor(0x26, 0x30, 0x3B);
    look.faint_ink = QColor(0x70, 0x6B, 0x62);
    look.stone = QColor(0xDD, 0xC3, 0x9A);
    look.stone_edge = QColor(0xA8, 0x84, 0x52);
    look.stone_light = QColor(0xFB, 0xF2, 0xE1);
    look.stays = QColor(0x8F, 0x4E, 0x12);
    look.follows = QColor(0x17, 0x6C, 0x8C);
    look.across = QColor(0x84, 0x45, 0x7F);
    look.follows_wash = QColor(0xDC, 0xEC, 0xF0);
    look.fault = QColor(0xA8, 0x2A, 0x2A);
    look.fault_wash = QColor(0xF8, 0xE3, 0xDD);
    return look;
}

/// The same by lamplight: the paper is slate, and what was dark on it is light.
Theme night() {
    Theme look;
    look.paper = QColor(0x21, 0x27, 0x2C);
    look.computed = QColor(0x24, 0x2B, 0x31);
    look.margin = QColor(0x1A, 0x1F, 0x23);
    look.rule = QColor(0x32, 0x3A, 0x40);
    look.ink = QColor(0xE8, 0xE2, 0xD5);
    look.faint_ink = QColor(0xA3, 0x9E, 0x93);
    look.stone = QColor(0x6B, 0x58, 0x3B);
    look.stone_edge = QColor(0xA8, 0x84, 0x52);
    look.stone_light = QColor(0x2F, 0x2B, 0x24);
    look.stays = QColor(0xE6, 0xB3, 0x6C);
    look.follows = QColor(0x79, 0xC2, 0xDE);
    look.across = QColor(0xD6, 0xA3, 0xD0);
    look.follows_wash = QColor(0x25, 0x40, 0x4B);
    look.fault = QColor(0xF2, 0x92, 0x86);
    look.fault_wash = QColor(0x45, 0x2A, 0x2B);
    return look;
}

/// The theme for print of this thread, while there is one.
thread_local Theme* for_print = nullptr;

Theme& current() {
    static Theme in_use = daylight();
    return for_print != nullptr ? *for_print : in_use;
}

bool& dark() {
    static bool active = false;
    thread_local bool on_paper = false;
    return for_print != nullptr ? on_paper : active;
}

/// Paints a drawing that ships, with the colours of daylight replaced by those of the theme in use.
class DrawnIcon : public QIconEngine {
  public:
    explicit DrawnIcon(QString name)
        : name_(std::move(name)) {}
    QIconEngine* clone() const override { return new DrawnIcon(name_); }

    void paint(QPainter* painter, const QRect& rect, QIcon::Mode mode, QIcon::State) override {
        QFile file(QStringLiteral(":/icons/%1.svg").arg(name_));
        QByteArray drawing = file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
        const Theme day = daylight();
        const Theme& now = theme();
        for (const auto colour : {&Theme::ink, &Theme::follows, &Theme::fault, &Theme::stone, &Theme::stone_edge,
                                  &Theme::follows_wash, &Theme::margin, &Theme::fault_wash, &Theme::paper}) {
            drawing.replace((day.*colour).name().toUpper().toLatin1(), "@" + (now.*colour).name().toLatin1().mid(1));
        }
        drawing.replace('@', '#');
        QSvgRenderer renderer(drawing);
        painter->save();
        painter->setOpacity(mode == QIcon::Disabled ? 0.4 : 1.0);
        renderer.render(painter, rect);
        painter->restore();
    }

    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State state) override {
        const QString key =
            QStringLiteral("%1/%2/%3/%4").arg(name_).arg(size.width()).arg(static_cast<int>(mode)).arg(is_dark());
        QPixmap drawn;
        if (!QPixmapCache::find(key, &drawn)) {
            drawn = QPixmap(size);
            drawn.fill(Qt::transparent);
            QPainter painter(&drawn);
            paint(&painter, QRect(QPoint(), size), mode, state);
            painter.end();
            QPixmapCache::insert(key, drawn);
        }
        return drawn;
    }

  private:
    QString name_;
};

} // namespace

const QFont& Theme::text(double points, bool bold) const {
    thread_local std::map<std::pair<double, bool>, QFont> result;
    const auto [it, is_new] = result.try_emplace({points * zoom, bold});
    if (is_new) {
        it->second = QFont(QStringLiteral("Lato"));
        it->second.setPointSizeF(points * zoom);
        it->second.setBold(bold);
    }
    return it->second;
}

const Theme& theme() {
    return current();
}

ThemeNotifier& theme_notifier() {
    static ThemeNotifier news;
    return news;
}

bool is_dark() {
    return dark();
}

namespace {

void restyle();

void change(const Theme& wanted) {
    current() = wanted;
    restyle();
    Q_EMIT theme_notifier().changed();
}

} // namespace

void set_zoom(double zoom) {
    Theme wanted = current();
    wanted.zoom = std::clamp(zoom, 0.5, 3.0);
    change(wanted);
}

LookForPrint::LookForPrint()
    : theme_(daylight())
    , before_(for_print) {
    theme_.paper = Qt::white;
    for_print = &theme_;
}

LookForPrint::~LookForPrint() {
    for_print = before_;
}

void restore_theme() {
    const QSettings settings;
    set_zoom(settings.value(QStringLiteral("zoom"), 1.0).toDouble());
    set_dark(settings.value(QStringLiteral("dark"), false).toBool());
}

void set_dark(bool wanted_dark) {
    dark() = wanted_dark;
    Theme wanted = wanted_dark ? night() : daylight();
    wanted.zoom = current().zoom;
    change(wanted);
}

namespace {

/// A colour on the way from one to another.
QColor between(const QColor& from, const QColor& to, double part) {
    const auto mixed = [part](int a, int b) { return static_cast<int>(std::lround(a + part * (b - a))); };
    return {mixed(from.red(), to.red()), mixed(from.green(), to.green()), mixed(from.blue(), to.blue())};
}

void restyle() {
    const Theme& in_use = theme();
    QPalette palette;
    palette.setColor(QPalette::Window, in_use.margin);
    palette.setColor(QPalette::WindowText, in_use.ink);
    palette.setColor(QPalette::Base, in_use.paper);
    palette.setColor(QPalette::AlternateBase, in_use.margin);
    palette.setColor(QPalette::Text, in_use.ink);
    palette.setColor(QPalette::Button, in_use.margin);
    palette.setColor(QPalette::ButtonText, in_use.ink);
    palette.setColor(QPalette::ToolTipBase, in_use.stone_light);
    palette.setColor(QPalette::ToolTipText, in_use.ink);
    palette.setColor(QPalette::Highlight, in_use.follows);
    palette.setColor(QPalette::HighlightedText, in_use.paper);
    palette.setColor(QPalette::PlaceholderText, in_use.faint_ink);
    palette.setColor(QPalette::Link, in_use.follows);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText}) {
        palette.setColor(QPalette::Disabled, role, between(in_use.faint_ink, in_use.margin, 0.4));
    }
    QApplication::setPalette(palette);
    QApplication::setFont(in_use.text());
    qApp->setStyleSheet(
        QStringLiteral(
            "QToolTip { color: %1; background: %2; border: 1px solid %3; padding: 3px; }"
            "QStatusBar::item { border: none; }"
            "QMenuBar { background: %4; border-bottom: 1px solid %5; padding: 3px 0; }"
            "QMenuBar::item { padding: 6px 8px; background: transparent; border-radius: 3px; }"
            "QMenuBar::item:selected { background: %5; }"
            "QTableCornerButton::section { background: %4; border: none; }"
            "QScrollBar { background: %4; border: none; width: 11px; height: 11px; margin: 0; }"
            "QScrollBar::handle { background: %6; border-radius: 3px; min-height: 28px; min-width: 28px; margin: 2px; }"
            "QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }"
            "QScrollBar::add-page, QScrollBar::sub-page { background: none; }"
            "QSplitter::handle { background: %5; }"
            "QAbstractScrollArea::corner { background: %4; border: none; }"
            "QToolButton::menu-indicator { image: none; }")
            .arg(in_use.ink.name(), in_use.stone_light.name(), in_use.stone_edge.name(), in_use.margin.name(),
                 in_use.rule.name(), in_use.stone.name()));
}

} // namespace

void apply_application_theme() {
    show_texts_as_they_are(*qApp);
    for (const char* face : {"Regular", "Italic", "Bold"}) {
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Lato-%1.ttf").arg(QLatin1String(face)));
    }
    QApplication::setStyle(new ThemeStyle);
    restyle();
}

QIcon drawn_icon(const QString& name) {
    return QIcon(new DrawnIcon(name));
}

} // namespace ledgefall
