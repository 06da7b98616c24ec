#include "app/table_model/table_model.h"

#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "core/study/edits/edits.h"
#include "core/study/model/fault_explanation.h"

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
    const Table* own_table = table();
    return own_table != nullptr && section >= 0 && static_cast<std::size_t>(section) < own_table->columns.size()
               ? &*own_table->columns[static_cast<std::size_t>(section)]
               : nullptr;
}

int TableModel::table_columns() const {
    return table() == nullptr ? 0 : static_cast<int>(table()->columns.size());
}

std::size_t TableModel::cell_of(int row, int) const {
    return static_cast<std::size_t>(row);
}

QModelIndex TableModel::place_of(Id wanted, std::size_t cell) {
    for (int section = 0; section < table_columns(); ++section) {
        if (column(section)->id == wanted) {
            return index(std::clamp(static_cast<int>(cell), 0, std::max(0, table_rows() - 1)), section);
        }
    }
    return {};
}

Value TableModel::foot_value(const FootLine& line, int section) const {
    const ColumnDefinition* under = column(section);
    return under == nullptr || !line.takes(under->id) ? Value::missing() : document_.results().foot(line.id, under->id);
}

QString TableModel::foot_text(const FootLine& line, int section) const {
    const ColumnDefinition* under = column(section);
    if (under == nullptr || !line.takes(under->id)) {
        return {};
    }
    // A column's decimals are made for its values, not for their mean; its per cent sign is for both.
    const bool percent = under->format.shown_as().scale != 1;
    const Format format = line.format.or_else(percent ? under->format : Format());
    return document_.single_text(DefinitionId::foot_value(line.id, under->id), format);
}

int TableModel::table_rows() const {
    const Table* own_table = table();
    if (own_table == nullptr) {
        return 0;
    }
    const RowIds* ids = own_table->ids();
    return static_cast<int>(ids != nullptr ? ids->size() : document_.results().rows(table_));
}

void TableModel::sync() {
    const Table* own_table = table();
    shown_ = pointer();
    const bool typed = own_table != nullptr && own_table->ids() != nullptr;
    const int rows = own_table == nullptr ? 0 : table_rows() + (typed ? 1 : 0);
    const int columns = own_table == nullptr ? 0 : table_columns() + (two_way() ? 0 : 1);
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
    const ColumnDefinition* definition = column(section);
    const auto at = static_cast<std::size_t>(row);
    if (in_trial(section) && row >= 0) {
        return trial_->cell(trial_column_, at);
    }
    if (definition == nullptr || row < 0 || row >= table_rows()) {
        return Value::missing();
    }
    return definition->computed() ? document_.results().cell(definition->id, at) : definition->cells->at(at);
}

bool TableModel::in_trial(int section) const {
    const ColumnDefinition* definition = column(section);
    const bool next = table() != nullptr && static_cast<std::size_t>(section) == table()->columns.size();
    return trial_ != nullptr && (definition != nullptr ? definition->id == trial_column_ : next && is_new_trial());
}

bool TableModel::is_new_trial() const {
    return table() != nullptr && table()->column(trial_column_) == nullptr;
}

void TableModel::show_trial(const ResultsPtr& results, Id column) {
    trial_ = results;
    trial_column_ = column;
    const ColumnDefinition* entry = table() == nullptr ? nullptr : table()->column(column);
    const Column* cells = trial_ == nullptr ? nullptr : trial_->column(column);
    trial_format_ = cells == nullptr ? Format() : settled_format(entry == nullptr ? Format() : entry->format, *cells);
    if (rows_ > 0 && columns_ > 0) {
        Q_EMIT dataChanged(index(0, 0), index(rows_ - 1, columns_ - 1));
    }
}

std::pair<int, int> TableModel::reach(const ColumnDefinition& definition) const {
    std::pair<int, int> rows{0, table_rows() - 1};
    if (!definition.computed()) {
        return rows;
    }
    const Axis& axis = table()->axis;
    const int all = table_rows();
    rows = {all, -1};
    for (const Piece& piece : definition.pieces) { // an end that is gone covers nothing
        const auto first = piece.from ? axis.row_of(*piece.from) : std::optional<std::size_t>(0);
        const auto last = piece.to ? axis.row_of(*piece.to) : std::optional(static_cast<std::size_t>(all));
        if (first && last) {
            rows.first = std::min(rows.first, static_cast<int>(*first));
            rows.second = std::max(rows.second, std::min(all - 1, static_cast<int>(*last)));
        }
    }
    return rows;
}

Format TableModel::shown_format(int section) const {
    const ColumnDefinition* definition = column(section);
    if (in_trial(section)) {
        return trial_format_;
    }
    const Column* cells = definition == nullptr    ? nullptr
                          : definition->computed() ? document_.results().column(definition->id)
                                                   : &*definition->cells;
    if (cells == nullptr) {
        return definition == nullptr ? Format() : definition->format;
    }
    const Format own = format_for_unit(definition->format, definition->unit, document_.study().settings);
    SettledFormat& settled = formats_[definition->id];
    if (settled.cells != cells || !(settled.own == own)) {
        settled = {cells, own, settled_format(own, *cells)};
    }
    return settled.shown;
}

bool TableModel::overridden(const ColumnDefinition& definition, int row, int) const {
    return !definition.overrides->empty() &&
           definition.overrides->contains(table()->axis.id_at(static_cast<std::size_t>(row)));
}

QString TableModel::explanation(const Value& value) const {
    if (value.is_fault()) {
        return Document::translated(explain(document_.study(), document_.results(), value.fault()));
    }
    return {};
}

QString TableModel::spoken(const QModelIndex& cell) const {
    const QString heading = headerData(cell.column(), Qt::Horizontal, Qt::DisplayRole).toString();
    const QString row = headerData(cell.row(), Qt::Vertical, Qt::DisplayRole).toString();
    const Value shown = value(cell.row(), cell.column());
    const ColumnDefinition* definition = column(cell.column());
    const QString unit = definition == nullptr ? QString() : QString::fromStdString(definition->unit);
    const QString waits = waited_for(shown);
    QString text = cell.data(Qt::DisplayRole).toString();
    text = !waits.isEmpty()     ? tr("waits for %1").arg(waits)
           : shown.is_fault()   ? tr("error: %1").arg(explanation(shown))
           : shown.is_missing() ? tr("missing")
           : unit.isEmpty()     ? text
                                : text + u' ' + unit;
    const QString said = tr("%1, row %2: %3").arg(heading, row, text);
    return cell.data(OverrideRole).toBool() ? tr("%1, overridden").arg(said) : said;
}

QVariant TableModel::data(const QModelIndex& index, int role) const {
    const ColumnDefinition* definition = column(index.column());
    const bool trial = in_trial(index.column());
    const bool beyond = (definition == nullptr && !trial) || index.row() >= table_rows();
    if (role == BeyondRole) {
        return beyond;
    }
    if (beyond) {
        const bool first = index.column() == 0 && index.row() == table_rows();
        return role == Qt::AccessibleTextRole && first ? QVariant(tr("Type here to add a row")) : QVariant();
    }
    const Value cell = value(index.row(), index.column());
    switch (role) {
    case Qt::AccessibleTextRole:
        return spoken(index);
    case Qt::DisplayRole:
        return beginning_of(value_text(cell, shown_format(index.column())));
    case Qt::EditRole:
        if (cell.plain() && cell.kind() == Kind::number) {
            return with_decimal_sign(QString::fromStdString(write_cell(cell)));
        }
        return cell.is_fault() ? QString() : QString::fromStdString(write_cell(cell));
    case Qt::TextAlignmentRole: {
        const bool left = cell.kind() == Kind::text && cell.state() != State::unparsed;
        return QVariant::fromValue(Qt::Alignment((left ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter));
    }
    case ValueStateRole:
        return static_cast<int>(cell.state());
    case WaitsRole:
        return !waited_for(cell).isEmpty();
    case TrialRole:
        return trial;
    case KindRole:
        return static_cast<int>(cell.kind());
    case ComputedRole: {
        if (definition == nullptr || !definition->computed()) {
            return false;
        }
        const auto [from, to] = reach(*definition);
        return index.row() >= from && index.row() <= to;
    }
    case ReachEndRole:
        return definition != nullptr && index.row() == reach(*definition).second;
    case OldRole:
        return document_.shows_old() && index.data(ComputedRole).toBool();
    case OverrideRole:
        return definition != nullptr && overridden(*definition, index.row(), index.column());
    case ExactRole:
        return exact_text(cell);
    case Qt::ToolTipRole:
    case ExplanationRole:
        if (cell.state() == State::unparsed) {
            const Kind kind =
                definition == nullptr || definition->computed() ? Kind::number : definition->cells->kind();
            return Document::translated(explain_odd(kind, cell.text().str()));
        }
        return explanation(cell);
    default:
        return {};
    }
}

QVariant TableModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role != Qt::DisplayRole && role != Qt::AccessibleTextRole) {
        return {};
    }
    if (orientation == Qt::Vertical) {
        const Table* match = table();
        if (match != nullptr && match->axis.column && section < table_rows()) { // a class is its row's own name
            const ColumnDefinition& names = **match->axis.column;
            const auto row = static_cast<std::size_t>(section);
            const Value name = document_.results().cell(names.id, row);
            return names.cells->kind() == Kind::interval || name.plain() == false
                       ? QString::fromStdString(write_cell(name))
                       : value_text(name, names.format);
        }
        return section < table_rows() ? QVariant(section + 1) : QVariant(QStringLiteral("+"));
    }
    const ColumnDefinition* match = column(section);
    if (match == nullptr) {
        return tr("next column");
    }
    QString text = QString::fromStdString(match->shown_label());
    if (role == Qt::AccessibleTextRole && !match->unit.empty()) {
        text += QStringLiteral(" [%1]").arg(QString::fromStdString(match->unit));
    }
    if (role == Qt::AccessibleTextRole && match->computed()) {
        text += QStringLiteral(" = ") + QString::fromStdString(match->pieces.front().formula.text());
    }
    return text;
}

Qt::ItemFlags TableModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    const ColumnDefinition* definition = column(index.column());
    const bool computed_beyond = definition != nullptr && definition->computed() && index.row() >= table_rows();
    return computed_beyond ? flags : flags | Qt::ItemIsEditable;
}

bool TableModel::setData(const QModelIndex& index, const QVariant& typed, int role) {
    if (role != Qt::EditRole || typed.toString() == data(index, Qt::EditRole).toString()) {
        return false;
    }
    return type(index.row(), index.column(), {{typed.toString().toStdString()}}, tr("typing"));
}

TypedBy TableModel::typing(int row, int section) const {
    TypingPlace place{table_, static_cast<std::size_t>(row), static_cast<std::size_t>(section), own_spelling(), {},
                      known_};
    return [place](const Study& study, const Results&, const TextBlock& block, std::optional<char> decimal,
                   const StopToken& stop) {
        TypingPlace at = place;
        at.decimal = decimal;
        return typed_texts(study, at, block, stop);
    };
}

bool TableModel::type(int row, int section, const TextBlock& block, const QString& name) {
    const Result<TypedTexts> typed =
        typing(row, section)(document_.study(), document_.results(), block, std::nullopt, {});
    if (!document_.perform(name, typed ? Result<Study>(typed->study) : typed.refusal())) {
        return false;
    }
    tell(*typed);
    return true;
}

void TableModel::tell(const TypedTexts& typed) {
    known_ = typed.known;
    if (typed.headed) {
        Q_EMIT headings_taken(*typed.headed);
    }
    // What may have been misread goes before what was only moved.
    if (typed.long_number) {
        document_.refuse(*typed.long_number);
    }
    for (const TypedTexts::ReadDate& read : typed.dates) {
        Q_EMIT dates_read(read.column, QString::fromStdString(read.typed), read.days);
    }
    for (const TypedTexts::ReadNumber& read : typed.numbers) {
        Q_EMIT numbers_read(read.column, QString::fromStdString(read.typed), read.number, static_cast<int>(read.row),
                            read.texts);
    }
}

bool TableModel::read_again(Id id, int row, const std::vector<std::vector<std::string>>& texts, char decimal) {
    const auto& columns = table()->columns;
    for (std::size_t at = 0; at < columns.size(); ++at) {
        if (columns[at]->id == id) {
            known_.decimal[id] = decimal;
            return document_.perform(
                tr("decimal sign"),
                type_block(document_.study(), table_, static_cast<std::size_t>(row), at, texts, Spelling(decimal)));
        }
    }
    return false;
}

} // namespace ledgefall
