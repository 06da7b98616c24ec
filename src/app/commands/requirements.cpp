#include "app/commands/requirements.h"

#include "core/study/row_sources/class_rows.h"

#include <algorithm>

namespace ledgefall {
namespace {

bool has_heading(const Table& table, const ColumnDefinition* column) {
    return column != nullptr && std::any_of(table.groups.begin(), table.groups.end(), [column](const auto& group) {
               return std::find(group->columns.begin(), group->columns.end(), column->id) != group->columns.end();
           });
}

} // namespace

bool Requirements::possible(Needs needs) const {
    switch (needs) {
    case Needs::nothing:
    case Needs::any_table:
    case Needs::run:
        return true;
    case Needs::undo:
        return document_.can_undo();
    case Needs::redo:
        return document_.can_redo();
    case Needs::chart:
        return place_.chart_page() != nullptr;
    default:
        return place_.page() != nullptr;
    }
}

QString Requirements::missing(Needs needs) const {
    switch (needs) {
    case Needs::nothing:
    case Needs::undo:
    case Needs::redo:
        return {};
    case Needs::any_table:
        return document_.study().tables.empty() ? tr("needs a table") : QString();
    case Needs::run:
        return document_.study().runs.empty() ? tr("no runs yet") : QString();
    case Needs::chart:
        return place_.chart_page() == nullptr ? tr("needs a chart") : QString();
    default:
        break;
    }
    const TablePage* page = place_.page();
    const Table* table = page == nullptr ? nullptr : document_.study().table(page->table_id());
    return table == nullptr
               ? tr("needs a table")
               : missing_in(*table, place_.page()->model().column(page->view_of_cells().current().column()), needs);
}

QString Requirements::missing_in(const Table& table, const ColumnDefinition* current, Needs needs) const {
    const auto when = [](bool is_there, const QString& otherwise) { return is_there ? QString() : otherwise; };
    const std::size_t chosen = place_.page()->view().chosen_columns().size();
    switch (needs) {
    case Needs::column:
        return when(current != nullptr, tr("select a column"));
    case Needs::chosen_columns:
        return when(chosen > 0, tr("select columns"));
    case Needs::number_column:
        return when(!table.two_way() && std::any_of(table.columns.begin(), table.columns.end(),
                                                    [this](const auto& one) {
                                                        const Results::Entry* entry = document_.results().find(one->id);
                                                        return entry != nullptr && entry->kind == Kind::number;
                                                    }),
                    tr("needs a column of numbers"));
    case Needs::given_column:
        return when(current != nullptr && !current->computed(), tr("select typed values"));
    case Needs::computed_column:
        return when(current != nullptr && current->computed(), tr("select a column with a formula"));
    case Needs::two_columns:
        return when(chosen == 2, tr("select two columns"));
    case Needs::several_columns:
        return when(chosen > 1, tr("select two or more columns"));
    case Needs::hidden_column:
        return when(
            std::any_of(table.columns.begin(), table.columns.end(), [](const auto& one) { return one->hidden; }),
            tr("no hidden columns"));
    case Needs::grouped_column:
        return when(has_heading(table, current), tr("no group heading over this column"));
    case Needs::counted_rows:
        return when(table.axis.source->count() != nullptr, tr("rows are typed, not counted"));
    case Needs::one_axis:
        return when(!table.two_way(), tr("not for a two-way table"));
    case Needs::two_axes:
        return when(table.two_way(), tr("not a two-way table"));
    case Needs::classes:
        return when(table.axis.rows_as<ClassRows>() != nullptr, tr("rows are not classes"));
    default:
        return {};
    }
}

void Requirements::refuse(const QString& command, const QString& reason) const {
    document_.refuse({N_("%1: %2."), {command.toStdString(), reason.toStdString()}});
}

} // namespace ledgefall
