#include "app/table/fast_digits.h"

#include "app/theme/theme.h"

#include <QGlyphRun>
#include <QHash>
#include <QPainter>
#include <QRawFont>

namespace ledgefall {
namespace {

struct Glyph {
    quint32 index = 0;
    double advance = 0;
};

/// The glyphs of the characters that numbers are written with, at one zoom.
class Figures {
  public:
    const Glyph* glyph(QChar c) {
        if (zoom_ != theme().zoom) {
            zoom_ = theme().zoom;
            glyphs_.clear();
            font_ = QRawFont::fromFont(theme().text(10.0));
        }
        const auto match = glyphs_.constFind(c);
        if (match != glyphs_.constEnd()) {
            return &*match;
        }
        Glyph result;
        const QList<quint32> indexes = font_.glyphIndexesForString(QString(c));
        if (indexes.size() == 1 && indexes.front() != 0) {
            result = {indexes.front(), font_.advancesForGlyphIndexes(indexes).front().x()};
        }
        return &*glyphs_.insert(c, result);
    }
    const QRawFont& font() const { return font_; }

  private:
    double zoom_ = 0;
    QRawFont font_;
    QHash<QChar, Glyph> glyphs_;
};

} // namespace

bool draw_digits(QPainter& painter, const QRect& rect, const QString& text) {
    static Figures figures;
    QList<quint32> indexes;
    QList<QPointF> places;
    indexes.reserve(text.size());
    places.reserve(text.size());
    double x = 0;
    for (const QChar c : text) {
        const Glyph* glyph = figures.glyph(c);
        if (glyph->index == 0) {
            return false;
        }
        indexes.append(glyph->index);
        places.append({x, 0});
        x += glyph->advance;
    }
    if (x > rect.width()) {
        return false;
    }
    QGlyphRun run;
    run.setRawFont(figures.font());
    run.setGlyphIndexes(indexes);
    run.setPositions(places);
    const double up = figures.font().ascent();
    const double down = figures.font().descent();
    const double base = std::round(rect.top() + (rect.height() - up - down) / 2 + up);
    painter.drawGlyphRun(QPointF(std::round(rect.right() + 1 - x), base), run);
    return true;
}

} // namespace ledgefall
