#include "app/table/table_heading.h"

#include "app/numbers/number_text.h"
#include "app/table/heading_lines.h"

#include <QKeyEvent>
#include <QPainter>
#include <QTextOption>

namespace ledgefall {
namespace {

constexpr double padding = 10;
constexpr double top = 8;
constexpr double least_width = 68;
constexpr double least_of_value = 44; ///< of an axis across
constexpr double most_width = 150;
constexpr double most_at_left = 260;
constexpr int wrapped = Qt::TextWordWrap | Qt::TextWrapAnywhere;

QFont note_font() {
    QFont quiet = theme().formula();
    quiet.setItalic(true);
    return quiet;
}

} // namespace

TableHeading::TableHeading(Qt::Orientation orientation, TableModel& model, Document& document, QWidget* parent)
    : QHeaderView(orientation, parent)
    , table_(model)
    , document_(document) {
    setSectionsClickable(true);
    setHighlightSections(false);
    setSectionResizeMode(at_left() ? QHeaderView::Fixed : QHeaderView::Interactive);
    setMinimumSectionSize(at_left() ? 20 : 40);
    setDefaultAlignment(Qt::AlignLeft);
    setAccessibleName(tr("Column headings"));
    connect(this, &QHeaderView::sectionResized, this, [this] { updateGeometry(); });
}

QString TableHeading::counts_text(const Content& content) {
    QStringList counts;
    if (!content.waits_for.isEmpty()) {
        counts << tr("waits for %1").arg(content.waits_for);
    } else if (content.faults > 0) {
        counts << tr("errors: %1").arg(content.faults);
    }
    if (content.overrides > 0) {
        counts << tr("overridden: %1").arg(content.overrides);
    }
    return counts.join(QStringLiteral(" · "));
}

TableHeading::Content TableHeading::content(int section) const {
    Content content;
    const ColumnDefinition* column = table_.column(section);
    if (table_.two_way()) {
        content.label = table_.headerData(section, Qt::Horizontal).toString();
        content.across = true;
        return content;
    }
    if (column == nullptr) {
        content.beyond = true;
        content.label = tr("next column");
        content.note = tr("= a formula, or values");
        return content;
    }
    content.label = beginning_of(QString::fromStdString(column->shown_label()));
    content.unit = QString::fromStdString(column->unit);
    content.computed = column->computed();
    content.overrides = column->overrides->size();
    content.asked = document_.asks_for(column->id);
    if (content.asked && !content.computed && !column->cells->any_filled()) {
        content.note = tr("asked");
        return content;
    }
    if (!content.computed) {
        content.note = column->label.empty() ? tr("given") : tr("%1, given").arg(QString::fromStdString(column->name));
        return content;
    }
    content.formula = readable(column->pieces.front().formula, document_.study(), table_.table());
    const QString left = column->label.empty() ? QString() : QString::fromStdString(column->name) + QStringLiteral(" ");
    const QString before = left + QStringLiteral("= ");
    for (auto& range : content.formula.formats) {
        range.start += static_cast<int>(before.size());
    }
    content.formula.text = beginning_of(before + content.formula.text);
    if (const Results::Entry* entry = document_.results().find(column->id)) {
        content.faults = entry->faults;
        content.waits_for = entry->faults > 0 ? waited_for(Value::fault(entry->first_fault)) : QString();
    }
    return content;
}

int TableHeading::lay_out(QTextLayout& layout, const Content& content, int width) const {
    layout.setText(content.formula.text);
    layout.setFont(theme().formula());
    layout.setFormats(content.formula.formats);
    QTextOption wrapping;
    wrapping.setWrapMode(QTextOption::WrapAnywhere); // lines end where length_of_line says
    layout.setTextOption(wrapping);
    const QFontMetrics metrics(theme().formula());
    layout.beginLayout();
    double y = 0;
    qsizetype from = 0;
    for (QTextLine line = layout.createLine(); line.isValid(); line = layout.createLine()) {
        const qsizetype length = length_of_line(content.formula.text.mid(from), metrics, width);
        QString part = content.formula.text.mid(from, length);
        while (part.endsWith(u' ')) {
            part.chop(1);
        }
        constexpr double slack = 1; // less than a further character needs
        line.setLineWidth(QFontMetricsF(theme().formula()).horizontalAdvance(part) + slack);
        from = line.textStart() + line.textLength();
        line.setPosition({0, y});
        y += line.height() + theme().px(1);
    }
    layout.endLayout();
    return static_cast<int>(std::lround(y));
}

int TableHeading::remembered(const QString& question, const Content& content,
                             const std::function<int()>& measure) const {
    const QString key = QStringList{question,     QString::number(theme().zoom), content.label,       content.unit,
                                    content.note, content.formula.text,          counts_text(content)}
                            .join(QChar(0));
    const auto entry = measured_.constFind(key);
    if (entry != measured_.constEnd()) {
        return *entry;
    }
    constexpr qsizetype most_remembered = 2000;
    if (measured_.size() > most_remembered) {
        measured_.clear();
    }
    return *measured_.insert(key, measure());
}

int TableHeading::height_at(int section, int width) const {
    const Content shown = content(section);
    const int own = width - (at_left() ? band_height() : 0);
    return remembered(QString::number(own), shown, [&] { return height_of(shown, own); });
}

TableHeading::Title TableHeading::title_of(const Content& shown, int width) {
    const QFontMetrics label(theme().text(10.5, true));
    const QFontMetrics small(theme().formula());
    Title title;
    title.text = divisible(shown.label, label, width);
    title.label = label.boundingRect(0, 0, width, 10000, wrapped, title.text);
    title.label.setWidth(std::min(width, title.label.width() + 1));
    title.height = std::max(label.height(), title.label.height());
    if (!shown.unit.isEmpty()) {
        const int needed = small.horizontalAdvance(shown.unit) + 1;
        const bool behind =
            title.label.height() <= label.height() && title.label.width() + theme().px(8) + needed <= width;
        title.unit =
            behind ? QRect(title.label.width() + theme().px(7), label.ascent() - small.ascent(), needed, small.height())
                   : QRect(0, title.height, std::min(needed, width), small.height());
        title.height = std::max(title.height, title.unit.bottom() + 1);
    }
    return title;
}

int TableHeading::band_height() const {
    const Table* shown = table_.table();
    return shown == nullptr || shown->groups.empty() ? 0
                                                     : QFontMetrics(theme().text(9.5, true)).height() + theme().px(8);
}

/// A group's label across its columns, over a line that ends in a post at either side; at the left of a table that is
/// laid across it is turned. Every column paints its own part of it.
void TableHeading::paint_band(QPainter* painter, const QRect& rect, int section) const {
    const ColumnDefinition* column = table_.column(section);
    for (const auto& group : table_.table()->groups) {
        if (column == nullptr ||
            std::find(group->columns.begin(), group->columns.end(), column->id) == group->columns.end()) {
            continue;
        }
        int from = sectionViewportPosition(section);
        int to = from + sectionSize(section);
        const auto& columns = table_.table()->columns;
        for (std::size_t at = 0; at < columns.size(); ++at) {
            const auto other = static_cast<int>(at);
            if (std::find(group->columns.begin(), group->columns.end(), columns[at]->id) != group->columns.end() &&
                !isSectionHidden(other)) {
                from = std::min(from, sectionViewportPosition(other));
                to = std::max(to, sectionViewportPosition(other) + sectionSize(other));
            }
        }
        const Theme& in_use = theme();
        painter->save();
        painter->setClipRect(rect);
        if (at_left()) { // along the way up
            painter->translate(0, from + to);
            painter->rotate(-90);
            painter->translate(0, rect.left());
        } else {
            painter->translate(0, rect.top());
        }
        const int left = from + in_use.px(padding);
        const int right = to - 1 - in_use.px(padding);
        const int foot = band_height() - in_use.px(2);
        painter->setFont(in_use.text(9.5, true));
        painter->setPen(in_use.ink);
        painter->drawText(left, in_use.px(4) + QFontMetrics(painter->font()).ascent(),
                          QString::fromStdString(group->shown_label()));
        painter->setPen(QPen(in_use.stone_edge, 1.5));
        painter->drawLine(left, foot, right, foot);
        painter->drawLine(left, foot, left, foot + in_use.px(4));
        painter->drawLine(right, foot, right, foot + in_use.px(4));
        painter->restore();
    }
}

QRect TableHeading::rect_of(int section) const {
    const int from = sectionViewportPosition(section);
    return at_left() ? QRect(band_height(), from, width() - band_height(), sectionSize(section))
                     : QRect(from, band_height(), sectionSize(section), height() - band_height());
}

int TableHeading::height_of(const Content& shown, int width) const {
    const int inner = std::max(20, width - 2 * theme().px(padding));
    const int label = title_of(shown, inner).height;
    int under = 0;
    if (shown.computed) {
        QTextLayout layout;
        under = lay_out(layout, shown, inner);
    } else {
        const QFontMetrics note(note_font());
        under = note.boundingRect(0, 0, inner, 1000, wrapped, divisible(shown.note, note, inner)).height();
    }
    const int counted =
        shown.faults + shown.overrides > 0 ? QFontMetrics(theme().text(8.5)).height() + theme().px(2) : 0;
    return theme().px(top) * 2 + label + theme().px(3) + under + counted;
}

int TableHeading::fitting_width(int section, int content_width) const {
    const Content shown = content(section);
    return remembered(QStringLiteral("width %1").arg(content_width), shown,
                      [&] { return width_of(shown, content_width); });
}

int TableHeading::width_of(const Content& shown, int content_width) const {
    const int margins = 2 * theme().px(padding) + theme().px(2);
    const QFontMetrics label(theme().text(10.5, true));
    const QFontMetrics small(theme().formula());
    int needed = label.horizontalAdvance(shown.label);
    if (!shown.unit.isEmpty()) {
        needed += theme().px(8) + small.horizontalAdvance(shown.unit) + 6;
    }
    needed = std::max(needed, QFontMetrics(theme().text(8.5)).horizontalAdvance(counts_text(shown)) + theme().px(2));
    const double least = shown.across ? least_of_value : least_width;
    needed = std::max({theme().px(least), needed + margins, content_width});
    const int under = small.horizontalAdvance(shown.computed ? shown.formula.text : shown.note) + margins;
    const int limit = shown.beyond || at_left() ? theme().px(170) : needed + needed / 2;
    return std::max(needed, std::min(under, std::min(limit, theme().px(at_left() ? most_at_left : most_width))));
}

void TableHeading::edit_label(int section) {
    end_label(Qt::Key_unknown);
    const Content shown = content(section);
    const QRect rect = rect_of(section);
    auto* line = new QLineEdit(viewport());
    const QString unit = shown.unit.isEmpty() ? QString() : QStringLiteral(" [%1]").arg(shown.unit);
    line->setText(shown.beyond ? QString() : shown.label + unit);
    line->setPlaceholderText(tr("heading [unit]"));
    line->setAccessibleName(tr("Heading"));
    line->setFont(theme().text(10.5, true));
    line->setStyleSheet(QStringLiteral("QLineEdit { background: %1; color: %2; border: 2px solid %3; padding: 0 4px; }")
                            .arg(theme().paper.name(), theme().ink.name(), theme().follows.name()));
    line->setGeometry(rect.left() + 1, rect.top() + theme().px(at_left() ? 1 : 4),
                      std::max(rect.width() - 2, theme().px(110)), QFontMetrics(line->font()).height() + theme().px(8));
    line->installEventFilter(this);
    label_line_ = line;
    labelled_ = section;
    line->show();
    line->setFocus();
    line->selectAll();
}

void TableHeading::end_label(Qt::Key then) {
    if (label_line_ == nullptr) {
        return;
    }
    QLineEdit* line = label_line_;
    label_line_ = nullptr;
    line->removeEventFilter(this);
    line->hide();
    line->deleteLater();
    const bool typed = then != Qt::Key_Escape && line->isModified();
    Q_EMIT label_typed(labelled_, typed ? line->text().trimmed() : QString(), then);
}

bool TableHeading::eventFilter(QObject* watched, QEvent* event) {
    if (watched != label_line_ || label_line_ == nullptr) {
        return QHeaderView::eventFilter(watched, event);
    }
    if (event->type() == QEvent::KeyPress) {
        const auto key = static_cast<Qt::Key>(static_cast<QKeyEvent*>(event)->key());
        const bool ends = key == Qt::Key_Return || key == Qt::Key_Enter || key == Qt::Key_Tab ||
                          key == Qt::Key_Backtab || key == Qt::Key_Escape;
        if (ends) {
            end_label(key == Qt::Key_Enter ? Qt::Key_Return : key);
        }
        return ends;
    }
    if (event->type() == QEvent::FocusOut && static_cast<QFocusEvent*>(event)->reason() != Qt::PopupFocusReason) {
        end_label(Qt::Key_unknown);
    }
    return false;
}

void TableHeading::mousePressEvent(QMouseEvent* event) {
    const int section = logicalIndexAt(event->pos());
    const bool points =
        event->button() == Qt::LeftButton && is_pointing && is_pointing() && table_.column(section) != nullptr;
    if (!points) {
        return QHeaderView::mousePressEvent(event);
    }
    pointing_from_ = pointing_to_ = section;
    Q_EMIT headings_pointed(section, section, event->modifiers().testFlag(Qt::ControlModifier));
}

void TableHeading::mouseMoveEvent(QMouseEvent* event) {
    if (pointing_from_ < 0) {
        return QHeaderView::mouseMoveEvent(event);
    }
    const int section = logicalIndexAt(event->pos());
    if (section != pointing_to_ && table_.column(section) != nullptr) {
        pointing_to_ = section;
        Q_EMIT headings_pointed(pointing_from_, section, false);
    }
}

void TableHeading::mouseReleaseEvent(QMouseEvent* event) {
    if (std::exchange(pointing_from_, -1) < 0) {
        QHeaderView::mouseReleaseEvent(event);
    }
}

void TableHeading::mouseDoubleClickEvent(QMouseEvent* event) {
    const int section = logicalIndexAt(event->pos());
    const int within = section < 0 ? 0 : event->pos().x() - sectionViewportPosition(section);
    constexpr int grip = 4; // at either edge, where the width is dragged
    const bool on_edge = !at_left() && (within < grip || within > sectionSize(section) - grip);
    if (table_.two_way() || section < 0 || on_edge || event->button() != Qt::LeftButton) {
        return QHeaderView::mouseDoubleClickEvent(event);
    }
    const Content shown = content(section);
    const QRect rect = rect_of(section);
    const int inner = std::max(20, rect.width() - 2 * theme().px(padding));
    const int label_ends = rect.top() + theme().px(top) + title_of(shown, inner).height;
    const bool on_formula = shown.computed && event->pos().y() > label_ends;
    if (on_formula) {
        Q_EMIT formula_wanted(section);
    } else {
        Q_EMIT label_wanted(section);
    }
}

QSize TableHeading::sectionSizeFromContents(int section) const {
    return {fitting_width(section, 0), height_at(section, at_left() ? width() : sectionSize(section))};
}

std::vector<int> TableHeading::measured_sections() const {
    constexpr int most = 200;
    std::vector<int> out;
    for (int section = 0; section < std::min(count(), most); ++section) {
        out.push_back(section);
    }
    if (count() > most) {
        const int extent = at_left() ? viewport()->height() : viewport()->width();
        const int first = visualIndexAt(0);
        const int last = visualIndexAt(extent - 1);
        for (int place = std::max(first, 0); place <= (last < 0 ? count() - 1 : last) && first >= 0; ++place) {
            if (const int section = logicalIndex(place); section >= most) {
                out.push_back(section);
            }
        }
    }
    return out;
}

QSize TableHeading::sizeHint() const {
    if (table_.two_way()) {
        return {QHeaderView::sizeHint().width(), QFontMetrics(theme().text(10.5, true)).height() + theme().px(16)};
    }
    if (at_left()) {
        int width = theme().px(least_width);
        for (const int section : measured_sections()) {
            width = std::max(width, isSectionHidden(section) ? 0 : fitting_width(section, 0));
        }
        return {width + band_height(), QHeaderView::sizeHint().height()};
    }
    int height = theme().px(40);
    for (const int section : measured_sections()) {
        height = std::max(height, height_at(section, sectionSize(section)));
    }
    return {QHeaderView::sizeHint().width(), height + band_height()};
}

/// A value of the axis across: what follows the column falls from here; a foot line's label beside the rows is ink.
void TableHeading::paint_value(QPainter* painter, const QRect& rect, int section) const {
    const Theme& in_use = theme();
    const Content shown = content(section);
    const bool beside = table_.column(section) == nullptr;
    painter->save();
    painter->fillRect(rect, in_use.paper);
    painter->setFont(in_use.text(10.5, true));
    painter->setPen(beside ? in_use.ink : in_use.across);
    const QRect inner = rect.adjusted(in_use.px(padding), 0, -in_use.px(padding), -in_use.px(6));
    painter->drawText(inner, Qt::AlignRight | Qt::AlignBottom, shown.label);
    painter->setPen(QPen(beside ? in_use.ink : in_use.across, 1.6, beside ? Qt::SolidLine : Qt::DotLine));
    painter->drawLine(rect.left(), rect.bottom() - 1, rect.right(), rect.bottom() - 1);
    if (beside) {
        painter->drawLine(rect.topLeft() + QPoint(0, in_use.px(6)), rect.bottomLeft());
    }
    painter->restore();
}

void TableHeading::paintSection(QPainter* painter, const QRect& rect, int section) const {
    if (table_.two_way()) {
        return paint_value(painter, rect, section);
    }
    const Theme& in_use = theme();
    const Content shown = content(section);
    painter->save();
    painter->fillRect(rect, in_use.paper);
    const QRect own = at_left() ? rect.adjusted(band_height(), 0, 0, 0) : rect.adjusted(0, band_height(), 0, 0);
    const QRect inner = own.adjusted(in_use.px(padding), in_use.px(top), -in_use.px(padding), 0);
    paint_band(painter, rect, section);
    const Title title = title_of(shown, std::max(20, inner.width()));
    painter->setFont(in_use.text(10.5, true));
    painter->setPen(shown.beyond ? in_use.faint_ink : in_use.ink);
    painter->drawText(title.label.translated(inner.topLeft()), wrapped, title.text);
    if (!shown.unit.isEmpty()) {
        painter->setFont(in_use.formula());
        painter->setPen(in_use.faint_ink);
        painter->drawText(title.unit.translated(inner.topLeft()), Qt::AlignLeft, shown.unit);
    }
    const int under = inner.top() + title.height + in_use.px(3);
    int bottom = under + QFontMetrics(in_use.formula()).height();
    if (shown.computed) {
        QTextLayout layout;
        bottom = under + lay_out(layout, shown, inner.width());
        painter->setPen(in_use.ink);
        layout.draw(painter, QPointF(inner.left(), under));
    } else {
        painter->setFont(note_font());
        painter->setPen(in_use.faint_ink);
        painter->drawText(QRect(inner.left(), under, inner.width(), rect.bottom() - under), wrapped,
                          divisible(shown.note, painter->fontMetrics(), inner.width()));
    }
    if (shown.faults + shown.overrides > 0) {
        painter->setFont(in_use.text(8.5));
        painter->setPen(shown.faults > 0 && shown.waits_for.isEmpty() ? in_use.fault : in_use.stays);
        painter->drawText(inner.left(), bottom + in_use.px(2) + QFontMetrics(painter->font()).ascent(),
                          counts_text(shown));
    }
    if (shown.asked) { // a frame: dashed until something stands in it
        painter->setPen(shown.computed ? QPen(in_use.stone_edge, 1) : QPen(in_use.ink, 1.4, Qt::DashLine));
        painter->drawRect(own.adjusted(in_use.px(2), in_use.px(2), -in_use.px(3), -in_use.px(4)));
    }
    // The heading's foot, or its right side, is the edge from which a computed column falls.
    painter->setPen(QPen(shown.computed ? in_use.follows : in_use.faint_ink, shown.computed ? 2 : 1));
    const int inset = shown.beyond ? in_use.px(padding) : 0;
    if (at_left()) {
        const int edge = rect.right() - (shown.computed ? 1 : 0);
        painter->drawLine(edge, rect.top() + (shown.beyond ? in_use.px(top) : 0), edge, rect.bottom());
        painter->setPen(in_use.rule);
        painter->drawLine(own.left(), rect.bottom(), edge - 2, rect.bottom());
    } else {
        const int edge = rect.bottom() - (shown.computed ? 1 : 0);
        painter->drawLine(rect.left() + inset, edge, rect.right() - inset, edge);
    }
    painter->restore();
}

} // namespace ledgefall
