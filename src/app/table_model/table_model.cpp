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
    const bool own = line.format.style != Format::Style::automatic;
    // A column's decimals are made for its values, not for their mean; its per cent sign is for both.
    const bool percent = !own && under->format.style == Format::Style::percent;
    const Format format = own ? line.format : percent ? under->format : Format();
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
    return definition->worked() ? document_.results().cell(definition->id, at) : definition->cells->at(at);
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
    if (!definition.worked()) {
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
    const Column* cells = definition == nullptr  ? nullptr
                          : definition->worked() ? document_.results().column(definition->id)
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
    case Qt::DisplayRole:
        return value_text(cell, shown_format(index.column()));
    case Qt::EditRole:
        if (cell.plain() && cell.kind() == Kind::number) {
            return with_decimal_sign(QString::fromStdString(write_cell(cell)));
        }
        return cell.is_fault() ? QString() : QString::fromStdString(write_cell(cell));
    case Qt::TextAlignmentRole: {
        const bool left = cell.kind() == Kind::text && cell.state() != State::odd;
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
    case WorkedRole: {
        if (definition == nullptr || !definition->worked()) {
            return false;
        }
        const auto [from, to] = reach(*definition);
        return index.row() >= from && index.row() <= to;
    }
    case ReachEndRole:
        return definition != nullptr && index.row() == reach(*definition).second;
    case OldRole:
        return document_.shows_old() && index.data(WorkedRole).toBool();
    case OverrideRole:
        return definition != nullptr && overridden(*definition, index.row(), index.column());
    case ExactRole:
        return exact_text(cell);
    case Qt::ToolTipRole:
    case ExplanationRole:
        if (cell.state() == State::odd) {
            const Kind kind = definition == nullptr || definition->worked() ? Kind::number : definition->cells->kind();
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
    if (role == Qt::AccessibleTextRole && match->worked()) {
        text += QStringLiteral(" = ") + QString::fromStdString(match->pieces.front().formula.text());
    }
    return text;
}

Qt::ItemFlags TableModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    const ColumnDefinition* definition = column(index.column());
    const bool worked_beyond = definition != nullptr && definition->worked() && index.row() >= table_rows();
    return worked_beyond ? flags : flags | Qt::ItemIsEditable;
}

bool TableModel::setData(const QModelIndex& index, const QVariant& typed, int role) {
    if (role != Qt::EditRole || typed.toString() == data(index, Qt::EditRole).toString()) {
        return false;
    }
    return type(index.row(), index.column(), {{typed.toString().toStdString()}}, tr("typing"));
}

namespace {

/// The decimal sign by which alone one of the texts in a column of a block is a number, as `12,5` is by the comma; none
/// where there is no such text, or they contradict each other.
std::optional<char> sign_among(const std::vector<std::vector<std::string>>& block, std::size_t at) {
    bool point = false;
    bool comma = false;
    for (const auto& line : block) {
        const std::string text = at < line.size() ? line[at] : std::string();
        const bool by_point = read_spelled_number(text, {'.'}).has_value();
        const bool by_comma = read_spelled_number(text, {','}).has_value();
        point = point || (by_point && !by_comma);
        comma = comma || (by_comma && !by_point);
    }
    return point == comma ? std::nullopt : std::optional(point ? '.' : ',');
}

} // namespace

/// By what is typed together, by what the column has shown before, else by the desktop.
Spelling TableModel::spelling_of(const ColumnDefinition* column, std::size_t at,
                                 const std::vector<std::vector<std::string>>& block,
                                 std::optional<char> decimal) const {
    Spelling spelling = own_spelling();
    spelling.decimal = decimal.value_or(spelling.decimal);
    const auto decided = column == nullptr ? decimal_of_.end() : decimal_of_.find(column->id);
    if (decided != decimal_of_.end()) {
        spelling.decimal = decided->second;
    } else if (const auto sign = decimal ? std::nullopt : sign_among(block, at)) {
        spelling.decimal = *sign;
    }
    if (const auto known = column == nullptr ? month_first_.end() : month_first_.find(column->id);
        known != month_first_.end()) {
        spelling.month_first = known->second;
    }
    for (const auto& line : block) {
        const std::string text = at < line.size() ? line[at] : std::string();
        const bool by_day = read_spelled_date(text, {'.', false}).has_value();
        const bool by_month = read_spelled_date(text, {'.', true}).has_value();
        if (by_day != by_month) {
            spelling.month_first = by_month;
            break;
        }
    }
    return spelling;
}

bool TableModel::type(int row, int section, const std::vector<std::vector<std::string>>& block, const QString& name,
                      std::optional<char> decimal) {
    const auto at_row = static_cast<std::size_t>(row);
    const auto at_column = static_cast<std::size_t>(section);
    const auto headed = with_typed_headings(document_.study(), table_, at_row, at_column, block);
    const int first_row = headed ? row - 1 : row;
    Result<Study> typed = headed ? headed->study : document_.study();
    std::size_t width = 0;
    for (const auto& line : block) {
        width = std::max(width, line.size());
    }
    for (std::size_t at = 0; at < width && typed; ++at) { // each column has its own spelling of dates
        std::vector<std::vector<std::string>> only(block.size());
        for (std::size_t line = 0; line < block.size(); ++line) {
            only[line].assign(block[line].begin() + static_cast<std::ptrdiff_t>(std::min(at, block[line].size())),
                              block[line].begin() + static_cast<std::ptrdiff_t>(std::min(at + 1, block[line].size())));
        }
        const Spelling spelling = spelling_of(column(section + static_cast<int>(at)), 0, only, decimal);
        typed = type_block(*typed, table_, static_cast<std::size_t>(first_row), at_column + at, only, spelling);
    }
    if (!document_.perform(name, typed)) {
        return false;
    }
    if (headed) {
        Q_EMIT headings_taken(*headed);
    }
    // What may have been misread goes before what was only moved.
    tell_of_long_numbers(first_row, section, block);
    tell_of_dates(first_row, section, block);
    tell_of_numbers(first_row, section, block);
    return true;
}

/// Says once for each column how its dates are read, where they can be read two ways.
void TableModel::tell_of_dates(int row, int section, const std::vector<std::vector<std::string>>& block) {
    for (std::size_t line = 0; line < block.size(); ++line) {
        for (std::size_t at = 0; at < block[line].size(); ++at) {
            const ColumnDefinition* typed = column(section + static_cast<int>(at));
            if (typed == nullptr || typed->worked() || typed->cells->kind() != Kind::date ||
                month_first_.contains(typed->id)) {
                continue;
            }
            const std::string& text = block[line][at];
            const auto by_month = read_spelled_date(text, {'.', true});
            const auto by_day = read_spelled_date(text, {'.', false});
            const Value value = typed->cells->at(static_cast<std::size_t>(row) + line);
            if (by_month.has_value() != by_day.has_value()) {
                month_first_[typed->id] = by_month.has_value();
            } else if (has_two_dates(text) && value.plain()) {
                month_first_[typed->id] = value.number() == *by_month;
                Q_EMIT dates_read(typed->id, QString::fromStdString(text), value.number());
            }
        }
    }
}

/// Says once for each column how a number such as 1,250 was read.
void TableModel::tell_of_numbers(int row, int section, const std::vector<std::vector<std::string>>& block) {
    std::size_t width = 0;
    for (const auto& line : block) {
        width = std::max(width, line.size());
    }
    for (std::size_t at = 0; at < width; ++at) {
        const ColumnDefinition* typed = column(section + static_cast<int>(at));
        if (typed == nullptr || typed->worked() || typed->cells->kind() != Kind::number ||
            decimal_of_.contains(typed->id)) {
            continue;
        }
        std::vector<std::vector<std::string>> texts;
        std::optional<std::size_t> two_ways;
        for (const auto& line : block) {
            texts.push_back({at < line.size() ? line[at] : std::string()});
            // With the decimal sign in use it is read as everybody here would; with the other one it may be either.
            const std::string& text = texts.back().front();
            const bool grouped = text.find(own_spelling().decimal) == std::string::npos && has_two_numbers(text);
            two_ways = !two_ways && grouped ? texts.size() - 1 : two_ways;
        }
        if (const auto sign = sign_among(block, at)) {
            decimal_of_[typed->id] = *sign;
        } else if (two_ways) {
            const std::string& text = texts[*two_ways].front();
            const Value value = typed->cells->at(static_cast<std::size_t>(row) + *two_ways);
            decimal_of_[typed->id] = value.plain() && read_spelled_number(text, {','}) == value.number() ? ',' : '.';
            Q_EMIT numbers_read(typed->id, QString::fromStdString(text), value.number(), row, texts);
        }
    }
}

bool TableModel::read_again(Id id, int row, const std::vector<std::vector<std::string>>& texts, char decimal) {
    const auto& columns = table()->columns;
    for (std::size_t at = 0; at < columns.size(); ++at) {
        if (columns[at]->id == id) {
            decimal_of_[id] = decimal;
            return document_.perform(
                tr("decimal sign"),
                type_block(document_.study(), table_, static_cast<std::size_t>(row), at, texts, Spelling(decimal)));
        }
    }
    return false;
}

/// Says it where a whole number was typed that no double is: what the cell holds then is not what was typed.
void TableModel::tell_of_long_numbers(int row, int section, const std::vector<std::vector<std::string>>& block) {
    for (std::size_t line = 0; line < block.size(); ++line) {
        for (std::size_t at = 0; at < block[line].size(); ++at) {
            const Value held = value(row + static_cast<int>(line), section + static_cast<int>(at));
            if (is_inexact_whole(block[line][at]) && held.plain() && held.kind() == Kind::number) {
                return document_.refuse({"%1 has more digits than a number can hold: the cell holds %2. In a column of "
                                         "texts all of them stay.",
                                         {block[line][at], write_cell(held)}});
            }
        }
    }
}

} // namespace ledgefall
