#include "app/table_model.h"

#include "app/number_text.h"
#include "core/engine/explain.h"
#include "core/study/edits.h"

namespace ledgefall {

TableModel::TableModel(Document& document, Id table, QObject* parent)
    : QAbstractTableModel(parent)
    , document_(document)
    , table_(table) {
    // A change elsewhere shows here with its results, not before.
    connect(&document, &Document::study_changed, this, [this] {
        if (pointer() != shown_) {
            sync();
        }
    });
    connect(&document, &Document::results_changed, this, &TableModel::sync);
    sync();
}

std::shared_ptr<const Table> TableModel::pointer() const {
    for (const auto& one : document_.study().tables) {
        if (one->id == table_) {
            return one.pointer();
        }
    }
    return nullptr;
}

const ColumnDefinition* TableModel::column(int section) const {
    const Table* found = table();
    return found != nullptr && section >= 0 && static_cast<std::size_t>(section) < found->columns.size()
               ? &*found->columns[static_cast<std::size_t>(section)]
               : nullptr;
}

int TableModel::table_rows() const {
    const Table* found = table();
    if (found == nullptr) {
        return 0;
    }
    const bool typed = found->axis.source == RowSource::typed;
    return static_cast<int>(typed ? found->axis.ids.size() : document_.results().rows(table_));
}

void TableModel::sync() {
    const Table* found = table();
    shown_ = pointer();
    const bool typed = found != nullptr && found->axis.source == RowSource::typed;
    const int rows = found == nullptr ? 0 : table_rows() + (typed ? 1 : 0);
    const int columns = found == nullptr ? 0 : static_cast<int>(found->columns.size()) + 1;
    // What is for adding stands last, so that growth and shrinking are told as happening at the end; what the cells
    // show is told anew afterwards. Views thereby keep their selection and their place.
    if (columns > columns_) {
        beginInsertColumns({}, columns_, columns - 1);
        columns_ = columns;
        endInsertColumns();
    } else if (columns < columns_) {
        beginRemoveColumns({}, columns, columns_ - 1);
        columns_ = columns;
        endRemoveColumns();
    }
    if (rows > rows_) {
        beginInsertRows({}, rows_, rows - 1);
        rows_ = rows;
        endInsertRows();
    } else if (rows < rows_) {
        beginRemoveRows({}, rows, rows_ - 1);
        rows_ = rows;
        endRemoveRows();
    }
    refresh();
}

void TableModel::refresh() {
    if (rows_ > 0 && columns_ > 0) {
        Q_EMIT dataChanged(index(0, 0), index(rows_ - 1, columns_ - 1));
        Q_EMIT headerDataChanged(Qt::Horizontal, 0, columns_ - 1);
    }
    Q_EMIT shape_changed();
}

int TableModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : rows_;
}
int TableModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns_;
}

Value TableModel::value(int row, int section) const {
    const ColumnDefinition* found = column(section);
    const auto at = static_cast<std::size_t>(row);
    if (in_trial(section) && row >= 0) {
        return trial_->cell(trial_column_, at);
    }
    if (found == nullptr || row < 0 || row >= table_rows()) {
        return Value::missing();
    }
    return found->worked() ? document_.results().cell(found->id, at) : found->cells->at(at);
}

bool TableModel::in_trial(int section) const {
    const ColumnDefinition* found = column(section);
    const bool next = table() != nullptr && static_cast<std::size_t>(section) == table()->columns.size();
    return trial_ != nullptr && (found != nullptr ? found->id == trial_column_ : next && is_new_trial());
}

bool TableModel::is_new_trial() const {
    return table() != nullptr && table()->column(trial_column_) == nullptr;
}

void TableModel::show_trial(const ResultsPtr& results, Id column) {
    trial_ = results;
    trial_column_ = column;
    const ColumnDefinition* known = table() == nullptr ? nullptr : table()->column(column);
    const Column* cells = trial_ == nullptr ? nullptr : trial_->column(column);
    trial_format_ = cells == nullptr ? Format() : settled_format(known == nullptr ? Format() : known->format, *cells);
    if (rows_ > 0 && columns_ > 0) {
        Q_EMIT dataChanged(index(0, 0), index(rows_ - 1, columns_ - 1));
    }
}

std::pair<int, int> TableModel::reach(const ColumnDefinition& found) const {
    std::pair<int, int> rows{0, table_rows() - 1};
    if (!found.worked()) {
        return rows;
    }
    const Axis& axis = table()->axis;
    const auto row_of = [&axis](std::uint64_t id) {
        const bool typed = axis.source == RowSource::typed;
        return typed ? axis.ids.row_of(id) : std::optional<std::size_t>(static_cast<std::size_t>(id - 1));
    };
    const Piece& first = found.pieces.front();
    const Piece& last = found.pieces.back();
    if (const auto row = first.from ? row_of(*first.from) : std::nullopt) {
        rows.first = static_cast<int>(*row);
    }
    if (const auto row = last.to ? row_of(*last.to) : std::nullopt) {
        rows.second = std::min(rows.second, static_cast<int>(*row));
    }
    return rows;
}

Format TableModel::shown_format(int section) const {
    const ColumnDefinition* found = column(section);
    if (in_trial(section)) {
        return trial_format_;
    }
    const Column* cells = found == nullptr  ? nullptr
                          : found->worked() ? document_.results().column(found->id)
                                            : &*found->cells;
    if (cells == nullptr) {
        return found == nullptr ? Format() : found->format;
    }
    auto& [known, format] = formats_[found->id];
    if (known != cells || found->format.style != Format::Style::automatic) {
        known = cells;
        format = settled_format(found->format, *cells);
    }
    return format;
}

bool TableModel::overridden(const ColumnDefinition& found, int row) const {
    if (found.overrides->empty()) {
        return false;
    }
    const Axis& axis = table()->axis;
    const auto at = static_cast<std::size_t>(row);
    return found.overrides->contains(axis.source == RowSource::typed ? axis.ids.id_at(at) : at + 1);
}

QString TableModel::explanation(const Value& value) const {
    if (value.is_fault()) {
        return Document::translated(explain(document_.study(), value.fault()));
    }
    return {};
}

QVariant TableModel::data(const QModelIndex& index, int role) const {
    const ColumnDefinition* found = column(index.column());
    const bool trial = in_trial(index.column());
    const bool beyond = (found == nullptr && !trial) || index.row() >= table_rows();
    if (role == BeyondRole) {
        return beyond;
    }
    if (beyond) {
        const bool first = index.column() == 0 && index.row() == table_rows();
        return role == Qt::AccessibleTextRole && first ? QVariant(tr("Type here to add a row")) : QVariant();
    }
    const Value held = value(index.row(), index.column());
    switch (role) {
    case Qt::DisplayRole:
        return value_text(held, shown_format(index.column()));
    case Qt::EditRole:
        return held.is_fault() ? QString() : QString::fromStdString(write_cell(held));
    case Qt::TextAlignmentRole: {
        const bool left = held.kind() == Kind::text && held.state() != State::odd;
        return QVariant::fromValue(Qt::Alignment((left ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter));
    }
    case ValueStateRole:
        return static_cast<int>(held.state());
    case TrialRole:
        return trial;
    case KindRole:
        return static_cast<int>(held.kind());
    case WorkedRole: {
        if (found == nullptr || !found->worked()) {
            return false;
        }
        const auto [from, to] = reach(*found);
        return index.row() >= from && index.row() <= to;
    }
    case ReachEndRole:
        return found != nullptr && index.row() == reach(*found).second;
    case OverrideRole:
        return found != nullptr && overridden(*found, index.row());
    case ExactRole:
        return exact_text(held);
    case Qt::ToolTipRole:
    case ExplanationRole:
        if (held.state() == State::odd) {
            const Kind kind = found == nullptr || found->worked() ? Kind::number : found->cells->kind();
            return Document::translated(explain_odd(kind, held.text().str()));
        }
        return explanation(held);
    default:
        return {};
    }
}

QVariant TableModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role != Qt::DisplayRole && role != Qt::AccessibleTextRole) {
        return {};
    }
    if (orientation == Qt::Vertical) {
        const Table* found = table();
        if (found != nullptr && found->axis.column && section < table_rows()) { // a class is its row's own name
            const ColumnDefinition& names = **found->axis.column;
            const auto row = static_cast<std::size_t>(section);
            const Value name = found->axis.source == RowSource::categories ? document_.results().cell(names.id, row)
                                                                           : names.cells->at(row);
            return names.cells->kind() == Kind::interval || name.plain() == false
                       ? QString::fromStdString(write_cell(name))
                       : value_text(name, names.format);
        }
        return section < table_rows() ? QVariant(section + 1) : QVariant(QStringLiteral("+"));
    }
    const ColumnDefinition* found = column(section);
    if (found == nullptr) {
        return tr("next column");
    }
    QString text = QString::fromStdString(found->shown_label());
    if (role == Qt::AccessibleTextRole && found->worked()) {
        text += QStringLiteral(" = ") + QString::fromStdString(found->pieces.front().formula.text());
    }
    return text;
}

Qt::ItemFlags TableModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    const ColumnDefinition* found = column(index.column());
    const bool worked_beyond = found != nullptr && found->worked() && index.row() >= table_rows();
    return worked_beyond ? flags : flags | Qt::ItemIsEditable;
}

bool TableModel::setData(const QModelIndex& index, const QVariant& typed, int role) {
    if (role != Qt::EditRole || typed.toString() == data(index, Qt::EditRole).toString()) {
        return false;
    }
    return type(index.row(), index.column(), {{typed.toString().toStdString()}}, tr("typing"));
}

bool TableModel::type(int row, int section, const std::vector<std::vector<std::string>>& block, const QString& name) {
    const Result<Study> typed =
        type_block(document_.study(), table_, static_cast<std::size_t>(row), static_cast<std::size_t>(section), block);
    return document_.perform(name, typed);
}

} // namespace ledgefall
