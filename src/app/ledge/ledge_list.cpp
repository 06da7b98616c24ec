#include "app/ledge/ledge_list.h"

#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"

#include <QCoreApplication>
#include <QHeaderView>

namespace ledgefall {
namespace {

constexpr int most_rows_shown = 8;

} // namespace

LedgeModel::LedgeModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent)
    , document_(document) {
    connect(&document, &Document::study_changed, this, &LedgeModel::refresh);
    connect(&document, &Document::results_changed, this, &LedgeModel::refresh);
    refresh();
}

void LedgeModel::show_table(Id table) {
    table_ = table;
    refresh();
}

const HeldValue* LedgeModel::held(int row) const {
    const Study& study = document_.study();
    const auto at = static_cast<std::size_t>(row);
    if (row < 0 || at < study.ledge.size()) {
        return row < 0 ? nullptr : &*study.ledge[at];
    }
    const Table* table = study.table(table_);
    const std::size_t of_table = at - study.ledge.size();
    return table != nullptr && of_table < table->ledge.size() ? &*table->ledge[of_table] : nullptr;
}

/// Rows come and go at the end, so that what is chosen and what is being typed stay.
void LedgeModel::refresh() {
    const Table* table = document_.study().table(table_);
    const auto rows =
        static_cast<int>(document_.study().ledge.size() + (table == nullptr ? 0 : table->ledge.size())) + 1;
    if (rows > rows_) {
        beginInsertRows({}, rows_, rows - 1);
        rows_ = rows;
        endInsertRows();
    } else if (rows < rows_) {
        beginRemoveRows({}, rows, rows_ - 1);
        rows_ = rows;
        endRemoveRows();
    }
    Q_EMIT dataChanged(index(0, 0), index(rows_ - 1, columns - 1));
}

int LedgeModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : rows_;
}

int LedgeModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QString LedgeModel::text(const HeldValue& held, int column) const {
    switch (column) {
    case name:
        return QString::fromStdString(held.left_side());
    case value:
        return document_.single_text(held.id, held.format);
    case unit:
        return QString::fromStdString(held.unit);
    case formula:
        return QString::fromStdString(held.formula.text());
    case note:
        return QString::fromStdString(held.note);
    default: {
        QStringList users;
        for (const std::string& user : users_of(document_.study(), held.id)) {
            users << QString::fromStdString(user);
        }
        return users.join(QStringLiteral(", "));
    }
    }
}

QVariant LedgeModel::data(const QModelIndex& index, int role) const {
    const HeldValue* held_value = held(index.row());
    if (held_value == nullptr) {
        const bool hint = index.column() == name && role == Qt::DisplayRole;
        return hint                         ? QVariant(tr("type n = 12 or q = 1 − p to hold one"))
               : role == Qt::ForegroundRole ? QVariant(theme().faint_ink)
                                            : QVariant();
    }
    switch (role) {
    case Qt::DisplayRole:
        return text(*held_value, index.column());
    case Qt::EditRole:
        return index.column() == value ? QString::fromStdString(write_cell(document_.results().single(held_value->id)))
                                       : text(*held_value, index.column());
    case Qt::ToolTipRole:
        return index.column() == value ? exact_text(document_.results().single(held_value->id)) : QString();
    case Qt::TextAlignmentRole:
        return QVariant::fromValue(
            Qt::Alignment((index.column() == value ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter));
    case Qt::ForegroundRole:
        return index.column() == name                                  ? theme().stays
               : index.column() == used_by                             ? theme().faint_ink
               : document_.results().single(held_value->id).is_fault() ? theme().fault
                                                                       : theme().ink;
    default:
        return {};
    }
}

QVariant LedgeModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role != Qt::DisplayRole) {
        return {};
    }
    if (orientation == Qt::Vertical) {
        const bool of_table = section >= static_cast<int>(document_.study().ledge.size());
        return held(section) == nullptr ? QStringLiteral("+") : of_table ? tr("table") : tr("study");
    }
    const QString headings[] = {tr("Name"), tr("Value"), tr("Unit"), tr("Formula"), tr("Note"), tr("Used by")};
    return headings[section];
}

Qt::ItemFlags LedgeModel::flags(const QModelIndex& index) const {
    const HeldValue* held_value = held(index.row());
    const bool adding = held_value == nullptr && (index.column() == name || index.column() == formula);
    const bool writable =
        held_value != nullptr && index.column() != used_by && !(index.column() == value && held_value->is_function());
    const Qt::ItemFlags seen = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    return adding || writable ? seen | Qt::ItemIsEditable : seen;
}

bool LedgeModel::add(int column, const std::string& typed) {
    return (column == name || column == formula) &&
           document_.perform(tr("holding a value"), hold(document_.study(), Id(), typed));
}

bool LedgeModel::setData(const QModelIndex& index, const QVariant& typed, int role) {
    if (role != Qt::EditRole || typed.toString() == data(index, Qt::EditRole).toString()) {
        return false;
    }
    const std::string written = typed.toString().trimmed().toStdString();
    const HeldValue* held_value = held(index.row());
    if (held_value == nullptr) {
        return !written.empty() && add(index.column(), written);
    }
    const Study& study = document_.study();
    const QString change_name = tr("held value %1").arg(QString::fromStdString(held_value->name));
    const std::string right = !held_value->formula.empty()             ? held_value->formula.text()
                              : held_value->value.kind() == Kind::text ? "\"" + write_cell(held_value->value) + "\""
                              : held_value->value.is_missing()         ? "missing"
                                                                       : write_cell(held_value->value);
    switch (index.column()) {
    case name:
        return document_.perform(change_name, rehold(study, held_value->id, written + " = " + right));
    case value:
    case formula: {
        const bool number = read_number(written).has_value();
        const bool text_value = index.column() == value && held_value->value.kind() == Kind::text && !number;
        return document_.perform(
            change_name, rehold(study, held_value->id,
                                held_value->left_side() + " = " + (text_value ? "\"" + written + "\"" : written)));
    }
    case unit:
        return document_.perform(change_name, detail_held(study, held_value->id,
                                                          {written, held_value->note, held_value->group,
                                                           held_value->slider, held_value->choices}));
    case note:
        return document_.perform(change_name, note_held(study, held_value->id, written));
    default:
        return false;
    }
}

LedgeList::LedgeList(Document& document, QWidget* parent)
    : QTableView(parent)
    , model_(new LedgeModel(document, this)) {
    setModel(model_);
    setAccessibleName(QCoreApplication::translate("LedgeList", "Ledge as a list"));
    setFrameShape(QFrame::NoFrame);
    setShowGrid(false);
    setCornerButtonEnabled(false);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::DoubleClicked |
                    QAbstractItemView::EditKeyPressed);
    horizontalHeader()->setStretchLastSection(true);
    horizontalHeader()->setDefaultAlignment(Qt::AlignLeft);
    horizontalHeader()->setHighlightSections(false);
    verticalHeader()->setHighlightSections(false);
    connect(model_, &QAbstractItemModel::rowsInserted, this, &LedgeList::fit_height);
    connect(model_, &QAbstractItemModel::rowsRemoved, this, &LedgeList::fit_height);
    connect(selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
        if (const HeldValue* held = model_->held(now.row())) {
            Q_EMIT chosen(held->id);
        }
    });
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &LedgeList::apply_theme);
    apply_theme();
}

void LedgeList::apply_theme() {
    const Theme& in_use = theme();
    setStyleSheet(QStringLiteral("QTableView { background: %1; } QHeaderView, QHeaderView::section { background: %2; "
                                 "color: %3; border: none; padding: 2px 4px; text-align: left; }")
                      .arg(in_use.stone_light.name(), in_use.margin.name(), in_use.faint_ink.name()));
    verticalHeader()->setDefaultSectionSize(QFontMetrics(in_use.text()).height() + in_use.px(8));
    verticalHeader()->setFixedWidth(in_use.px(52));
    const int widths[] = {120, 100, 60, 180, 160};
    for (int column = 0; column < LedgeModel::used_by; ++column) {
        setColumnWidth(column, in_use.px(widths[column]));
    }
    fit_height();
}

void LedgeList::fit_height() {
    const int rows = std::min(model_->rowCount(), most_rows_shown);
    setFixedHeight(rows * verticalHeader()->defaultSectionSize() + horizontalHeader()->sizeHint().height() + 2);
}

} // namespace ledgefall
