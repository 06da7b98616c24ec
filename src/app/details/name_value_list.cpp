#include "app/details/name_value_list.h"

#include "app/theme/theme.h"

#include <QPainter>

namespace ledgefall {

int NameValueList::row_height() const {
    return QFontMetrics(theme().text()).height() + theme().px(3);
}

void NameValueList::show_rows(const Rows& rows) {
    if (rows == rows_) {
        return;
    }
    const bool resized = rows.size() != rows_.size();
    rows_ = rows;
    setAccessibleDescription(text());
    if (resized) {
        setFixedHeight(static_cast<int>(rows_.size()) * row_height());
    }
    update();
}

QString NameValueList::text() const {
    QStringList lines;
    for (const auto& [name, value] : rows_) {
        lines << name + QStringLiteral(" ") + value;
    }
    return lines.join(u'\n');
}

QSize NameValueList::sizeHint() const {
    return {theme().px(180), static_cast<int>(rows_.size()) * row_height()};
}

void NameValueList::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setFont(theme().text());
    QRect row(0, 0, std::min(width(), theme().px(200)), row_height());
    for (const auto& [name, value] : rows_) {
        painter.setPen(theme().faint_ink);
        painter.drawText(row, Qt::AlignLeft | Qt::AlignVCenter, name);
        painter.setPen(theme().ink);
        painter.drawText(row, Qt::AlignRight | Qt::AlignVCenter, value);
        row.translate(0, row.height());
    }
}

} // namespace ledgefall
