#include "app/table/foot_view.h"

#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/table/row_header.h"
#include "core/study/formats/settled_format.h"

#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QScrollBar>
#include <QStyledItemDelegate>
#include <QWheelEvent>

namespace ledgefall {
namespace {

/// The rule over a line; where the lines stand beside each other, at its left.
void paint_rule(QPainter* painter, const QRect& rect, bool first_line, bool beside) {
    painter->setPen(first_line ? theme().ink : theme().rule);
    painter->drawLine(rect.topLeft(), beside ? rect.bottomLeft() : rect.topRight());
}

class FootDelegate : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& in_use = theme();
        painter->save();
        const bool selected = (option.state & QStyle::State_Selected) != 0;
        painter->fillRect(option.rect, selected ? in_use.follows_wash : in_use.paper);
        const bool beside = qobject_cast<const QTransposeProxyModel*>(index.model()) != nullptr;
        if (beside) {
            painter->setPen(in_use.rule);
            painter->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());
        }
        paint_rule(painter, option.rect, (beside ? index.column() : index.row()) == 0, beside);
        const bool fault = index.data(TableModel::ValueStateRole).toInt() == static_cast<int>(State::fault);
        painter->setFont(in_use.text(10.0, true));
        const bool old = index.data(TableModel::OldRole).toBool();
        painter->setPen(fault ? in_use.fault : old ? in_use.faint_ink : in_use.ink);
        painter->drawText(option.rect.adjusted(in_use.px(14), 0, -in_use.px(10), 0), Qt::AlignRight | Qt::AlignVCenter,
                          index.data().toString());
        painter->restore();
    }
};

/// The lines' labels, where the rows have their numbers.
class FootGutter : public RowHeader {
  public:
    FootGutter(Qt::Orientation orientation, QWidget* parent)
        : RowHeader(orientation, 9.0, true, parent) {}

  protected:
    void paintSection(QPainter* painter, const QRect& rect, int section) const override {
        RowHeader::paintSection(painter, rect, section);
        paint_rule(painter, rect, section == 0, orientation() == Qt::Horizontal);
    }
};

} // namespace

FootModel::FootModel(TableModel& table, Document& document, QObject* parent)
    : QAbstractTableModel(parent)
    , table_(table)
    , document_(document) {
    const auto reset = [this] {
        beginResetModel();
        endResetModel();
    };
    connect(&document, &Document::study_changed, this, reset);
    connect(&document, &Document::results_changed, this, reset);
    connect(&document, &Document::shows_old_changed, this, reset);
}

const FootLine* FootModel::line(int row) const {
    const Table* own_table = table_.table();
    return own_table != nullptr && row >= 0 && static_cast<std::size_t>(row) < own_table->foot.size()
               ? &*own_table->foot[static_cast<std::size_t>(row)]
               : nullptr;
}

Value FootModel::value(int row, int section) const {
    const FootLine* its_line = line(row);
    return its_line == nullptr ? Value::missing() : table_.foot_value(*its_line, section);
}

int FootModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() || table_.table() == nullptr ? 0 : static_cast<int>(table_.table()->foot.size());
}

int FootModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : table_.columnCount();
}

QVariant FootModel::data(const QModelIndex& index, int role) const {
    const Value shown_value = value(index.row(), index.column());
    switch (role) {
    case Qt::DisplayRole:
        return (rounding_note(index).isEmpty() ? QString() : QStringLiteral("≈ ")) +
               table_.foot_text(*line(index.row()), index.column());
    case TableModel::ValueStateRole:
        return static_cast<int>(shown_value.state());
    case TableModel::OldRole:
        return document_.shows_old();
    case TableModel::ExactRole:
        return exact_text(shown_value);
    case Qt::ToolTipRole:
        if (const QString note = rounding_note(index); !note.isEmpty()) {
            return note;
        }
        return shown_value.is_fault() ? table_.explanation(shown_value) : exact_text(shown_value);
    default:
        return {};
    }
}

/// Of a sum of percentages that do not add to it as they are shown.
QString FootModel::rounding_note(const QModelIndex& index) const {
    const ColumnDefinition* column = table_.column(index.column());
    const Value total = value(index.row(), index.column());
    const Column* cells = column == nullptr ? nullptr : document_.results().column(column->id);
    if (cells == nullptr || table_.table()->two_way() || !total.plain() || total.kind() != Kind::number ||
        line(index.row())->formula.text() != "sum(each)") {
        return {};
    }
    const std::optional<double> added =
        shown_percentages_add_to(*cells, settled_format(column->format, *cells), total.number());
    return added ? tr("As they are shown they add to %1, not to %2: because of rounding.")
                       .arg(field_text(*added), table_.foot_text(*line(index.row()), index.column()))
                 : QString();
}

QVariant FootModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Vertical || role != Qt::DisplayRole || line(section) == nullptr) {
        return {};
    }
    const FootLine* named = line(section);
    const QString label = QString::fromStdString(named->label);
    return named->formula.empty() ? tr("%1, asked").arg(label) : label;
}

FootView::FootView(TableView& above, TableModel& table, Document& document, QWidget* parent)
    : QTableView(parent)
    , above_(above)
    , model_(new FootModel(table, document, this))
    , transposed_(above.laid_across() ? new QTransposeProxyModel(this) : nullptr)
    , labels_(new FootGutter(laid_across() ? Qt::Horizontal : Qt::Vertical, this)) {
    if (laid_across()) {
        transposed_->setSourceModel(model_);
        setModel(transposed_);
        setHorizontalHeader(labels_);
        verticalHeader()->hide();
        verticalHeader()->setMinimumSectionSize(1);
        horizontalHeader()->setMinimumSectionSize(1);
        connect(above.verticalScrollBar(), &QScrollBar::valueChanged, verticalScrollBar(), &QScrollBar::setValue);
        connect(&above.heading(), &QHeaderView::sectionResized, this,
                [this](int section, int, int height) { setRowHeight(section, height); });
    } else {
        setModel(model_);
        setVerticalHeader(labels_);
        horizontalHeader()->hide();
        connect(above.horizontalScrollBar(), &QScrollBar::valueChanged, horizontalScrollBar(), &QScrollBar::setValue);
        connect(&above.heading(), &QHeaderView::sectionResized, this,
                [this](int section, int, int width) { setColumnWidth(section, width); });
    }
    setItemDelegate(new FootDelegate(this));
    setShowGrid(false);
    setFrameShape(QFrame::NoFrame);
    setCornerButtonEnabled(false);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
    setEditTriggers(QAbstractItemView::NoEditTriggers);
    setAccessibleName(tr("Foot"));
    connect(model_, &QAbstractItemModel::modelReset, this, &FootView::follow);
    connect(&table, &TableModel::shape_changed, this, &FootView::follow);
    labels_->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(labels_, &QHeaderView::sectionClicked, this, [this](int row) {
        const int at = labels_->sectionViewportPosition(row);
        Q_EMIT line_menu_wanted(row,
                                labels_->mapToGlobal(laid_across() ? QPoint(at, labels_->height()) : QPoint(8, at)));
    });
    connect(labels_, &QWidget::customContextMenuRequested, this, [this](const QPoint& at) {
        Q_EMIT line_menu_wanted(labels_->logicalIndexAt(at), labels_->mapToGlobal(at));
    });
    const auto tell = [this](const QModelIndex& seen) {
        Q_EMIT cell_chosen(in_foot(seen).row(), in_foot(seen).column());
    };
    connect(this, &QTableView::clicked, this, tell);
    connect(selectionModel(), &QItemSelectionModel::currentChanged, this, [this, tell](const QModelIndex& index) {
        if (!laid_across()) {
            bring_into_view(index.row());
        }
        if (hasFocus() && index.isValid()) {
            tell(index);
        }
    });
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &FootView::restyle);
    restyle();
}

QModelIndex FootView::in_foot(const QModelIndex& seen) const {
    return laid_across() ? transposed_->mapToSource(seen) : seen;
}

int FootView::current_line() const {
    return in_foot(currentIndex()).row();
}

void FootView::restyle() {
    if (!laid_across()) {
        labels_->setDefaultSectionSize(QFontMetrics(theme().text()).height() + theme().px(10));
    }
    setStyleSheet(QStringLiteral("QTableView { background: %1; }").arg(theme().paper.name()));
    follow();
}

void FootView::choose(Id line) {
    for (int row = 0; row < model_->rowCount(); ++row) {
        for (int section = 0; section < model_->columnCount() && model_->line(row)->id == line; ++section) {
            const QModelIndex index = model_->index(row, section);
            if (!index.data().toString().isEmpty() && !above_.heading().isSectionHidden(section)) {
                setFocus();
                setCurrentIndex(laid_across() ? transposed_->mapFromSource(index) : index);
                Q_EMIT cell_chosen(row, section);
                return;
            }
        }
    }
}

void FootView::set_most_extent(int extent) {
    if (most_extent_ != extent) {
        most_extent_ = extent;
        laid_across() ? follow_across() : fit();
    }
}

/// Where there are more lines than may be seen, those behind the first slide up under it.
void FootView::fit() {
    const int line_height = verticalHeader()->defaultSectionSize();
    const int lines = model_->rowCount();
    const int seen = std::clamp(most_extent_ / std::max(1, line_height), std::min(lines, 2), lines);
    slid_ = std::clamp(slid_, 0, lines - seen);
    for (int row = 0; row < lines; ++row) {
        setRowHidden(row, row > 0 && row <= slid_);
    }
    setFixedHeight(seen * line_height);
    verticalScrollBar()->setValue(0);
    setToolTip(seen < lines ? tr("%1 foot lines, %2 of them in view: scroll to see the others").arg(lines).arg(seen)
                            : QString());
}

void FootView::wheelEvent(QWheelEvent* event) {
    if (laid_across()) { // it goes with the columns
        return QTableView::wheelEvent(event);
    }
    const int before = slid_;
    slid_ += event->angleDelta().y() < 0 ? 1 : -1;
    fit();
    event->setAccepted(slid_ != before);
}

/// Enter and F2 open the menu of the current line, by which it is changed; Delete removes it.
void FootView::keyPressEvent(QKeyEvent* event) {
    const QModelIndex now = currentIndex();
    const int key = event->key();
    if (!now.isValid() || event->modifiers() != Qt::NoModifier) {
        return QTableView::keyPressEvent(event);
    }
    if (key == Qt::Key_Return || key == Qt::Key_Enter || key == Qt::Key_F2) {
        Q_EMIT line_menu_wanted(in_foot(now).row(), viewport()->mapToGlobal(visualRect(now).bottomLeft()));
    } else if (key == Qt::Key_Delete || key == Qt::Key_Backspace) {
        Q_EMIT removal_wanted(in_foot(now).row());
    } else {
        QTableView::keyPressEvent(event);
    }
}

void FootView::contextMenuEvent(QContextMenuEvent* event) {
    const QModelIndex at = event->reason() == QContextMenuEvent::Mouse ? indexAt(event->pos()) : currentIndex();
    if (at.isValid()) {
        Q_EMIT line_menu_wanted(in_foot(at).row(), viewport()->mapToGlobal(visualRect(at).bottomLeft()));
    }
}

void FootView::bring_into_view(int row) {
    const int seen = height() / std::max(1, verticalHeader()->defaultSectionSize());
    if (row > 0 && row <= slid_) {
        slid_ = row - 1;
    } else if (row >= slid_ + seen) {
        slid_ = row + 1 - seen;
    }
    fit();
}

int FootView::width_of(int section) const {
    const QFontMetrics metrics(theme().text(10.0, true));
    int widest = 0;
    for (int row = 0; row < model_->rowCount(); ++row) {
        widest = std::max(widest, metrics.horizontalAdvance(model_->index(row, section).data().toString()));
    }
    return widest == 0 ? 0 : widest + theme().px(28);
}

int FootView::label_width() const {
    const QFontMetrics metrics(theme().text(9.0));
    int widest = 0;
    for (int row = 0; row < model_->rowCount(); ++row) {
        widest = std::max(widest, metrics.horizontalAdvance(model_->headerData(row, Qt::Vertical).toString()));
    }
    return widest + theme().px(18);
}

/// Beside the rows: as high as their columns, and each line as wide as its label and its values ask.
void FootView::follow_across() {
    const QFontMetrics values(theme().text(10.0, true));
    const QFontMetrics names(theme().text(9.0));
    int width = 0;
    for (int line = 0; line < model_->rowCount(); ++line) {
        int widest = names.horizontalAdvance(model_->headerData(line, Qt::Vertical).toString()) + theme().px(20);
        for (int section = 0; section < model_->columnCount(); ++section) {
            const QString text = model_->index(line, section).data().toString();
            widest = std::max(widest, values.horizontalAdvance(text) + theme().px(28));
        }
        setColumnWidth(line, widest);
        width += widest;
    }
    for (int section = 0; section < model_->columnCount(); ++section) {
        setRowHidden(section, above_.heading().isSectionHidden(section));
        setRowHeight(section, above_.heading().sectionSize(section));
    }
    labels_->setFixedHeight(above_.row_names().sizeHint().height());
    setFixedWidth(std::min(width, most_extent_));
    setVisible(model_->rowCount() > 0);
    verticalScrollBar()->setValue(above_.verticalScrollBar()->value());
}

void FootView::follow() {
    if (laid_across()) {
        return follow_across();
    }
    for (int section = 0; section < model_->columnCount(); ++section) {
        setColumnHidden(section, above_.isColumnHidden(section));
        setColumnWidth(section, above_.columnWidth(section));
    }
    const int gutter = std::max({label_width(), theme().px(52), above_.names_width()});
    for (QHeaderView* header : {verticalHeader(), above_.verticalHeader()}) {
        if (header->width() != gutter) { // cells begin beside it
            header->setFixedWidth(gutter);
            QMetaObject::invokeMethod(header->parent(), "updateGeometries");
        }
    }
    fit();
    setVisible(model_->rowCount() > 0);
    horizontalScrollBar()->setValue(above_.horizontalScrollBar()->value());
}

} // namespace ledgefall
