#include "app/look.h"

#include <QApplication>
#include <QFontDatabase>
#include <QPalette>
#include <QStyleFactory>

#include <algorithm>
#include <map>

namespace ledgefall {
namespace {

Look daylight() {
    Look look;
    look.paper = QColor(0xFD, 0xFA, 0xF3);
    look.margin = QColor(0xF3, 0xEC, 0xDF);
    look.rule = QColor(0xEA, 0xE1, 0xD0);
    look.ink = QColor(0x26, 0x30, 0x3B);
    look.faint_ink = QColor(0x70, 0x6B, 0x62);
    look.stone = QColor(0xDD, 0xC3, 0x9A);
    look.stone_edge = QColor(0xA8, 0x84, 0x52);
    look.stone_light = QColor(0xFB, 0xF2, 0xE1);
    look.stays = QColor(0x8F, 0x4E, 0x12);
    look.follows = QColor(0x17, 0x6C, 0x8C);
    look.follows_wash = QColor(0xDC, 0xEC, 0xF0);
    look.fault = QColor(0xA8, 0x2A, 0x2A);
    look.fault_wash = QColor(0xF8, 0xE3, 0xDD);
    return look;
}

Look& current() {
    static Look held = daylight();
    return held;
}

} // namespace

const QFont& Look::text(double points, bool bold) const {
    static std::map<std::pair<double, bool>, QFont> made;
    const auto [it, is_new] = made.try_emplace({points * zoom, bold});
    if (is_new) {
        it->second = QFont(QStringLiteral("Lato"));
        it->second.setPointSizeF(points * zoom);
        it->second.setBold(bold);
    }
    return it->second;
}

const Look& look() {
    return current();
}

void set_zoom(double zoom) {
    current().zoom = std::clamp(zoom, 0.5, 3.0);
    restyle();
}

void dress_application() {
    for (const char* face : {"Regular", "Italic", "Bold"}) {
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Lato-%1.ttf").arg(QLatin1String(face)));
    }
    QApplication::setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    restyle();
}

void restyle() {
    const Look& in_use = look();
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
        palette.setColor(QPalette::Disabled, role, in_use.faint_ink.lighter(135));
    }
    QApplication::setPalette(palette);
    QApplication::setFont(in_use.text());
    qApp->setStyleSheet(
        QStringLiteral(
            "QToolTip { color: %1; background: %2; border: 1px solid %3; padding: 3px; }"
            "QStatusBar::item { border: none; }"
            "QMenuBar { background: %4; border-bottom: 1px solid %5; }"
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

QIcon drawn_icon(const QString& name) {
    return QIcon(QStringLiteral(":/icons/%1.svg").arg(name));
}

} // namespace ledgefall
