#include "app/table_model/two_way_model.h"

#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/authoring/marks.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/model/grid_cells.h"

namespace ledgefall {

TwoWayModel::TwoWayModel(Document& document, Id table, QObject* parent)
    : TableModel(document, table, parent) {
    const auto remember = [this] {
        if (document_.results_are_current() && this->table() != nullptr && this->table()->two_way()) {
            shown_axes_ = {this->table()->axis.source, this->table()->across->source};
        }
    };
    connect(&document, &Document::results_changed, this, remember);
    remember();
    sync();
}

/// Whether what is shown stands beside the axes that the table has now, and not beside those before a change.
bool TwoWayModel::shows_its_axes() const {
    const std::pair now{table()->axis.source, table()->across->source};
    return document_.results_are_current() || now == shown_axes_;
}

const ColumnDefinition* TwoWayModel::layer() const {
    const Table* own = table();
    if (own == nullptr || own->columns.empty()) {
        return nullptr;
    }
    const ColumnDefinition* shown = own->column(layer_);
    return shown != nullptr ? shown : &*own->columns.front();
}

void TwoWayModel::show_layer(Id layer) {
    if (layer_ != layer) {
        layer_ = layer;
        sync();
        Q_EMIT layer_shown();
    }
}

void TwoWayModel::show_all_layers(bool all) {
    if (all_ != all) {
        all_ = all;
        Q_EMIT layer_shown();
        Q_EMIT shape_changed();
        Q_EMIT dataChanged(index(0, 0), index(rowCount() - 1, columnCount() - 1));
    }
}

/// What each layer has in a cell; empty where one layer is shown.
QStringList TwoWayModel::lines_of_cell(int row, int section) const {
    QStringList lines;
    if (!shows_all_layers() || section >= grid_columns() || row >= table_rows()) {
        return lines;
    }
    const ColumnDefinition* shown = layer();
    for (const auto& one : table()->columns) {
        lines << (one->id == shown->id
                      ? value_text(value(row, section), shown_format(section))
                      : value_text(document_.results().cell(one->id, cell_of(row, section)), one->format));
    }
    return lines;
}

int TwoWayModel::line_of_layer() const {
    const auto& layers = table()->columns;
    const auto place =
        std::find_if(layers.begin(), layers.end(), [shown = layer()](const auto& one) { return one->id == shown->id; });
    return static_cast<int>(place - layers.begin());
}

const Column* TwoWayModel::axis_cells(bool across) const {
    const Table* own = table();
    return own == nullptr || !own->two_way()
               ? nullptr
               : document_.results().column((*(across ? *own->across : own->axis).column)->id);
}

QString TwoWayModel::axis_text(bool across, int place) const {
    const Column* cells = axis_cells(across);
    if (cells == nullptr) {
        return {};
    }
    const Value value = cells->at(static_cast<std::size_t>(place));
    const ColumnDefinition& definition = **(across ? *table()->across : table()->axis).column;
    return value.kind() == Kind::interval || !value.plain() ? QString::fromStdString(write_cell(value))
                                                            : value_text(value, definition.format);
}

int TwoWayModel::grid_columns() const {
    const Column* cells = axis_cells(true);
    return cells == nullptr ? 0 : static_cast<int>(cells->size());
}

int TwoWayModel::table_rows() const {
    const Column* cells = axis_cells(false);
    return cells == nullptr ? 0 : static_cast<int>(cells->size());
}

int TwoWayModel::table_columns() const {
    return grid_columns() + static_cast<int>(lines_beside().size());
}

std::vector<const FootLine*> TwoWayModel::lines_beside() const {
    std::vector<const FootLine*> lines;
    const ColumnDefinition* shown = layer();
    for (const auto& line : shown == nullptr ? std::vector<Shared<FootLine>>() : table()->foot) {
        if (line->place != FootLine::Place::under && line->takes(shown->id)) {
            lines.push_back(&*line);
        }
    }
    return lines;
}

const FootLine* TwoWayModel::line_beside(int section) const {
    const std::vector<const FootLine*> lines = lines_beside();
    const int at = section - grid_columns();
    return at < 0 || at >= static_cast<int>(lines.size()) ? nullptr : lines[static_cast<std::size_t>(at)];
}

const ColumnDefinition* TwoWayModel::column(int section) const {
    return section < 0 || section >= grid_columns() ? nullptr : layer();
}

std::size_t TwoWayModel::cell_of(int row, int section) const {
    return static_cast<std::size_t>(row) * static_cast<std::size_t>(grid_columns()) + static_cast<std::size_t>(section);
}

QModelIndex TwoWayModel::place_of(Id column, std::size_t cell) {
    if (table() == nullptr || table()->column(column) == nullptr) {
        return {};
    }
    show_layer(column);
    const int columns = std::max(1, grid_columns());
    return index(std::clamp(static_cast<int>(cell) / columns, 0, std::max(0, table_rows() - 1)),
                 static_cast<int>(cell) % columns);
}

bool TwoWayModel::in_trial(int section) const {
    const ColumnDefinition* shown = layer();
    return trial() != nullptr && section < grid_columns() &&
           (is_new_trial() || (shown != nullptr && shown->id == trial_column()));
}

Value TwoWayModel::value(int row, int section) const {
    if (row < 0 || row >= table_rows()) {
        return Value::missing();
    }
    if (const FootLine* line = line_beside(section)) {
        return beside(*line, row);
    }
    if (in_trial(section)) {
        return trial()->cell(trial_column(), cell_of(row, section));
    }
    const ColumnDefinition* shown = column(section);
    return shown == nullptr ? Value::missing() : document_.results().cell(shown->id, cell_of(row, section));
}

Value TwoWayModel::beside(const FootLine& line, int row) const {
    return document_.results().cell(foot_row_of(line.id, layer()->id, false), static_cast<std::size_t>(row));
}

Value TwoWayModel::foot_value(const FootLine& line, int section) const {
    const ColumnDefinition* shown = layer();
    if (shown == nullptr || !line.takes(shown->id)) {
        return Value::missing();
    }
    if (const FootLine* corner = line_beside(section)) {
        return corner->id == line.id ? document_.results().foot(line.id, shown->id) : Value::missing();
    }
    return line.place == FootLine::Place::beside
               ? Value::missing()
               : document_.results().cell(foot_row_of(line.id, shown->id, true), static_cast<std::size_t>(section));
}

QString TwoWayModel::foot_text(const FootLine& line, int section) const {
    const Value value = foot_value(line, section);
    const ColumnDefinition* shown = layer();
    const Format usual = shown == nullptr ? Format() : shown_format(0);
    return value.is_missing() ? QString() : value_text(value, line.format.or_else(usual));
}

bool TwoWayModel::overridden(const ColumnDefinition& column, int row, int section) const {
    if (column.overrides->empty() || !column.computed()) {
        return false;
    }
    const std::uint64_t id = cell_id(place_id(table()->axis, *axis_cells(false), static_cast<std::size_t>(row)),
                                     place_id(*table()->across, *axis_cells(true), static_cast<std::size_t>(section)));
    return column.overrides->contains(id);
}

const TwoWayModel::Ways& TwoWayModel::ways() const {
    const ColumnDefinition* shown = layer();
    const Formula none;
    const Formula& formula = shown == nullptr || !shown->computed() ? none : shown->pieces.front().formula;
    if (formula.text() != ways_.formula) {
        ways_ = {formula.text(), false, false};
        for (const Mark& mark :
             formula.tree() ? marks_of(*formula.tree(), document_.study(), table()) : std::vector<Mark>()) {
            ways_.down = ways_.down || mark.manner == Manner::follows || mark.manner == Manner::both;
            ways_.across = ways_.across || mark.manner == Manner::across || mark.manner == Manner::both;
        }
    }
    return ways_;
}

QVariant TwoWayModel::data(const QModelIndex& index, int role) const {
    if (role == LinesRole) {
        return lines_of_cell(index.row(), index.column());
    }
    if (role == LineRole) {
        return line_of_layer();
    }
    const FootLine* line = line_beside(index.column());
    if (role == AcrossRole) {
        return line == nullptr && TableModel::data(index, ComputedRole).toBool() && ways().across;
    }
    if (role == ComputedRole && line == nullptr) {
        return TableModel::data(index, role).toBool() && (ways().down || !ways().across);
    }
    if (line == nullptr || index.row() >= table_rows()) {
        return TableModel::data(index, role);
    }
    const Value shown = beside(*line, index.row());
    switch (role) {
    case Qt::DisplayRole:
        return shown.is_missing() ? QString() : value_text(shown, line->format.or_else(shown_format(0)));
    case Qt::TextAlignmentRole:
        return QVariant::fromValue(Qt::Alignment(Qt::AlignRight | Qt::AlignVCenter));
    case ValueStateRole:
        return static_cast<int>(shown.state());
    case KindRole:
        return static_cast<int>(shown.kind());
    case ExactRole:
        return exact_text(shown);
    case Qt::ToolTipRole:
    case ExplanationRole:
        return shown.is_fault() ? explanation(shown) : QString();
    case BesideRole:
        return true;
    case BeyondRole:
    case ComputedRole:
    case TrialRole:
    case WaitsRole:
    case OverrideRole:
    case OldRole:
    case ReachEndRole:
        return false;
    default:
        return {};
    }
}

QVariant TwoWayModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation == Qt::Vertical && role == Qt::ForegroundRole) {
        return theme().follows; // the axis down is what follows the row
    }
    if (orientation == Qt::Vertical && role == LinesRole && shows_all_layers()) {
        QStringList names; // of the layers, after the value of the axis
        for (const auto& one : table()->columns) {
            names << QString::fromStdString(one->shown_label());
        }
        names.front() = axis_text(false, section) + QStringLiteral("   ") + names.front();
        return names;
    }
    if (role != Qt::DisplayRole && role != Qt::AccessibleTextRole) {
        return {};
    }
    if (orientation == Qt::Vertical) {
        return axis_text(false, section);
    }
    const FootLine* line = line_beside(section);
    return line != nullptr ? QString::fromStdString(line->label) : axis_text(true, section);
}

Qt::ItemFlags TwoWayModel::flags(const QModelIndex& index) const {
    const Qt::ItemFlags shown = Qt::ItemIsSelectable | Qt::ItemIsEnabled;
    return column(index.column()) == nullptr ? shown : shown | Qt::ItemIsEditable;
}

TypedBy TwoWayModel::typing(int row, int section) const {
    const ColumnDefinition* typed = column(section);
    std::optional<Sentence> refusal;
    if (typed == nullptr) {
        refusal = {"Values are typed into the cells of a layer.", {}};
    } else if (!shows_its_axes()) {
        refusal = {"The cells are still being computed, so nothing was entered. Type again when they are ready.", {}};
    }
    const GridPlace place{static_cast<std::size_t>(row), static_cast<std::size_t>(section)};
    return [refusal, place, table = table_id(), layer = typed == nullptr ? Id() : typed->id,
            own = own_spelling()](const Study& study, const Results& results, const TextBlock& block,
                                  std::optional<char> decimal, const StopToken&) -> Result<TypedTexts> {
        if (refusal) {
            return *refusal;
        }
        Spelling spelling = own;
        spelling.decimal = decimal.value_or(spelling.decimal);
        const Table& grid = *study.table(table);
        const Result<Study> next = type_cells(study, layer, place, *results.column((*grid.axis.column)->id),
                                              *results.column((*grid.across->column)->id), block, spelling);
        if (!next) {
            return next.refusal();
        }
        TypedTexts out;
        out.study = *next;
        return out;
    };
}

TableModel* make_table_model(Document& document, Id table, QObject* parent) {
    const Table* own = document.study().table(table);
    return own != nullptr && own->two_way() ? new TwoWayModel(document, table, parent)
                                            : new TableModel(document, table, parent);
}

} // namespace ledgefall
