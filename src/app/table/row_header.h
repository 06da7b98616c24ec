#pragma once

#include "app/theme/theme.h"

#include <QHeaderView>
#include <QPainter>

namespace ledgefall {

/// The margin beside rows, or above them where they run to the right, with what they are called: quiet, and without
/// boxes.
class RowHeader : public QHeaderView {
  public:
    RowHeader(Qt::Orientation orientation, double points, bool strong, QWidget* parent)
        : QHeaderView(orientation, parent)
        , points_(points)
        , strong_(strong) {
        setSectionsClickable(true);
        setHighlightSections(false);
        setSectionResizeMode(QHeaderView::Fixed);
    }

    /// Its width is given; measuring what stands in a hundred thousand rows of it would say no more.
    QSize sizeHint() const override {
        return orientation() == Qt::Vertical
                   ? QSize(std::max(minimumWidth(), theme().px(52)), 0)
                   : QSize(0, QFontMetrics(theme().text(10.5, true)).height() + theme().px(10));
    }

  protected:
    void paintSection(QPainter* painter, const QRect& rect, int section) const override {
        const Theme& in_use = theme();
        painter->save();
        painter->fillRect(rect, in_use.margin);
        painter->setFont(in_use.text(points_));
        const QVariant named = model()->headerData(section, orientation(), Qt::ForegroundRole); // rows with values
        painter->setFont(named.isValid() ? in_use.text(10.5, true) : in_use.text(points_));
        painter->setPen(named.isValid() ? named.value<QColor>() : strong_ ? in_use.ink : in_use.faint_ink);
        const QRect inner = rect.adjusted(in_use.px(6), 0, -in_use.px(8), 0);
        const QStringList lines =
            lines_role_ == 0 ? QStringList() : model()->headerData(section, orientation(), lines_role_).toStringList();
        for (qsizetype at = 0; at < lines.size(); ++at) { // as many as the row's cells have
            const auto high = static_cast<double>(inner.height()) / static_cast<double>(lines.size());
            painter->drawText(QRectF(inner.left(), inner.top() + static_cast<double>(at) * high, inner.width(), high),
                              Qt::AlignRight | Qt::AlignVCenter, lines[at]);
            painter->setFont(in_use.text(9));
            painter->setPen(in_use.faint_ink);
        }
        if (lines.isEmpty()) {
            painter->drawText(inner, Qt::AlignRight | Qt::AlignVCenter,
                              model()->headerData(section, orientation()).toString());
        }
        painter->restore();
    }

  public:
    /// Under which role the model gives several lines for a row, where it has some.
    void set_lines_role(int role) { lines_role_ = role; }

  private:
    int lines_role_ = 0;
    double points_;
    bool strong_;
};

} // namespace ledgefall
