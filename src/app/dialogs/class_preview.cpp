#include "app/dialogs/class_preview.h"

#include "app/numbers/number_text.h"
#include "app/theme/theme.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>

namespace ledgefall {
namespace {

constexpr int side = 16;
constexpr int near = 5; // pixels within which a limit is taken

} // namespace

ClassPreview::ClassPreview(QWidget* parent)
    : QWidget(parent) {
    setMouseTracking(true);
    setMinimumHeight(theme().px(170));
    setAccessibleName(tr("Counts of the classes"));
}

QSize ClassPreview::sizeHint() const {
    return {theme().px(460), theme().px(200)};
}

void ClassPreview::show_classes(std::vector<double> limits, std::vector<std::size_t> counts) {
    limits_ = std::move(limits);
    counts_ = std::move(counts);
    if (dragged_ < 0 && limits_.size() > 1) {
        const double room = (limits_.back() - limits_.front()) * 0.04;
        shown_from_ = limits_.front() - room;
        shown_to_ = limits_.back() + room;
    }
    QStringList parts;
    for (const std::size_t count : counts_) {
        parts << QString::number(count);
    }
    setAccessibleDescription(parts.join(QStringLiteral(", ")));
    update();
}

int ClassPreview::place_of(double value) const {
    const double part = (value - shown_from_) / (shown_to_ - shown_from_);
    return side + static_cast<int>(std::lround(part * (width() - 2 * side)));
}

double ClassPreview::value_at(int x) const {
    return shown_from_ + (shown_to_ - shown_from_) * (x - side) / std::max(1, width() - 2 * side);
}

int ClassPreview::limit_near(int x) const {
    for (std::size_t at = 0; at < limits_.size(); ++at) {
        if (std::abs(place_of(limits_[at]) - x) <= near) {
            return static_cast<int>(at);
        }
    }
    return -1;
}

/// As many limits are labelled as there is room for, so that their figures never touch.
void ClassPreview::label_limits(QPainter& painter, int base) const {
    painter.setFont(theme().text(8.5));
    painter.setPen(theme().ink);
    const QFontMetrics metrics(painter.font());
    int free_from = 0;
    for (const double limit : limits_) {
        const QString text = number_text(limit, {});
        const int half = metrics.horizontalAdvance(text) / 2;
        const int x = place_of(limit);
        painter.drawLine(x, base, x, base + 4);
        if (x - half >= free_from && x + half < width()) {
            painter.drawText(x - half, base + 6 + metrics.ascent(), text);
            free_from = x + half + theme().px(8);
        }
    }
}

void ClassPreview::paintEvent(QPaintEvent*) {
    const Theme& in_use = theme();
    QPainter painter(this);
    painter.fillRect(rect(), in_use.paper);
    if (limits_.size() < 2) {
        return;
    }
    const int base = height() - in_use.px(26);
    // Heights are counts over widths, so that areas compare where the widths differ.
    std::vector<double> heights;
    for (std::size_t at = 0; at + 1 < limits_.size() && at < counts_.size(); ++at) {
        heights.push_back(static_cast<double>(counts_[at]) / (limits_[at + 1] - limits_[at]));
    }
    const double most = heights.empty() ? 0 : *std::max_element(heights.begin(), heights.end());
    const double scale = most > 0 ? (base - in_use.px(24)) / most : 0;
    painter.setFont(in_use.text(8.5));
    for (std::size_t at = 0; at < heights.size(); ++at) {
        const int left = place_of(limits_[at]);
        const int right = place_of(limits_[at + 1]);
        const int high = static_cast<int>(std::lround(heights[at] * scale));
        const QRect bar(left, base - high, right - left, high);
        painter.fillRect(bar, in_use.follows_wash);
        painter.setPen(in_use.follows);
        painter.drawRect(bar);
        const QString count = QString::number(counts_[at]);
        if (counts_[at] > 0 && QFontMetrics(painter.font()).horizontalAdvance(count) + 4 < right - left) {
            painter.setPen(in_use.ink);
            painter.drawText(QRect(left, base - high - in_use.px(18), right - left, in_use.px(16)), Qt::AlignCenter,
                             count);
        }
    }
    painter.setPen(in_use.ink);
    painter.drawLine(side / 2, base, width() - side / 2, base);
    label_limits(painter, base);
}

void ClassPreview::mousePressEvent(QMouseEvent* event) {
    dragged_ = limit_near(event->pos().x());
}

void ClassPreview::mouseMoveEvent(QMouseEvent* event) {
    if (dragged_ < 0) {
        setCursor(limit_near(event->pos().x()) >= 0 ? Qt::SplitHCursor : Qt::ArrowCursor);
        return;
    }
    const double value = value_at(event->pos().x());
    if (dragged_ == 0) {
        Q_EMIT start_dragged(value);
    } else if (value > limits_.front()) {
        Q_EMIT width_dragged((value - limits_.front()) / dragged_);
    }
}

void ClassPreview::mouseReleaseEvent(QMouseEvent*) {
    if (dragged_ >= 0) {
        dragged_ = -1;
        Q_EMIT drag_ended();
    }
}

} // namespace ledgefall
