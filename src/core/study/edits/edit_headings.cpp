// Texts that are typed at the top of new columns and meant as their headings.

#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

/// Whether a column has only the name that it was given when something was first typed into it.
bool is_unnamed(const ColumnDefinition& column) {
    const bool numbered = column.name[0] == 'x' && std::all_of(column.name.begin() + 1, column.name.end(),
                                                               [](char c) { return c >= '0' && c <= '9'; });
    return !column.computed() && column.label.empty() && column.unit.empty() && numbered;
}

bool has_text_at_top(const ColumnDefinition& column) {
    return is_unnamed(column) && column.cells->kind() == Kind::text && column.cells->at(0).plain();
}

/// A number, a date or an answer, as it is typed.
bool is_observation(const std::string& typed) {
    return kind_of_typed(typed) != Kind::text;
}

/// The columns of which the top is their heading: all whose first row is a text where the whole first row is, else
/// those that hold nothing else. `whole_row` says which.
std::vector<Id> headed_columns(const Table& table, bool& whole_row) {
    std::vector<Id> tops;
    std::vector<Id> only_tops;
    whole_row = true;
    for (const auto& column : table.columns) {
        if (has_text_at_top(*column)) {
            tops.push_back(column->id);
            if (column->cells->filled() == 1) {
                only_tops.push_back(column->id);
            }
        } else if (!column->computed()) {
            whole_row = whole_row && column->cells->at(0).is_missing();
        }
    }
    return whole_row ? tops : only_tops;
}

} // namespace

std::optional<HeadedColumns> with_typed_headings(const Study& study, Id id, std::size_t row, std::size_t section,
                                                 const std::vector<std::vector<std::string>>& block) {
    const Table* table = study.table(id);
    const bool second_row = row == 1 && table != nullptr && table->ids() != nullptr && !block.empty();
    if (!second_row || block.front().empty() || !is_observation(block.front().front()) ||
        section >= table->columns.size() || !has_text_at_top(*table->columns[section]) ||
        table->columns[section]->cells->filled() != 1) {
        return std::nullopt;
    }
    bool whole_row = false;
    HeadedColumns out{study, headed_columns(*table, whole_row), whole_row};
    for (const Id column : out.columns) {
        const std::string text = table->column(column)->cells->at(0).text().str();
        Heading heading;
        split_unit(text, heading.label, heading.unit);
        const std::string wanted = name_from_label(heading.label);
        const Table& now = *out.study.table(id);
        const std::string name = free_name(wanted, [&](const std::string& one) {
            return name_refused(out.study, &now, one).has_value() || look_up(out.study, &now, "", one).exists();
        });
        heading.label = heading.label == name ? std::string() : heading.label;
        const Result<Study> renamed = rename_column(out.study, column, name);
        const Result<Study> headed = renamed ? head_column(*renamed, column, heading) : renamed;
        if (!headed) {
            return std::nullopt;
        }
        out.study = *headed;
        if (table->column(column)->cells->filled() ==
            1) { // nothing but the heading: what it holds, the first value decides
            out.study =
                *with_column(out.study, column, [](ColumnDefinition& copy) { copy.cells = Shared<Column>(Column()); });
        }
    }
    if (whole_row) {
        const Result<Study> without = remove_rows(out.study, id, 0, 1);
        if (!without) {
            return std::nullopt;
        }
        out.study = *without;
    }
    return out;
}

Result<Study> headings_as_values(Study study, Id id, const HeadedColumns& headed) {
    if (headed.whole_row) {
        Result<Study> room = insert_rows(study, id, 0, 1);
        if (!room) {
            return room;
        }
        study = *room;
    }
    std::size_t rows = 0;
    for (const Id column : headed.columns) {
        const Table* table = study.table(id);
        const ColumnDefinition* definition = table == nullptr ? nullptr : table->column(column);
        if (definition == nullptr || definition->computed()) {
            continue;
        }
        const std::string unit = definition->unit.empty() ? "" : " [" + definition->unit + "]";
        const Value text = Value::text(Text(definition->shown_label() + unit));
        const Result<Study> texts = set_kind(study, column, Kind::text);
        Result<Study> bare = texts ? head_column(*texts, column, Heading()) : texts;
        if (!bare) {
            return bare;
        }
        study = *with_column(*bare, column, [&](ColumnDefinition& copy) {
            copy.cells.edit([&](Column& cells) {
                headed.whole_row ? cells.set(0, text) : cells.insert(0, {text});
                rows = std::max(rows, cells.size());
            });
        });
    }
    return with_table(std::move(study), id, [rows](Table& table) {
        if (table.ids() != nullptr && table.ids()->size() < rows) {
            table.axis.edit_ids([rows](RowIds& ids) { ids.append(rows - ids.size()); });
        }
    });
}

Result<Study> relabel_column(Study study, Id id, const std::string& typed) {
    const Table* table = table_with(study, &Table::columns, id);
    if (table == nullptr) {
        return no_such_part;
    }
    const ColumnDefinition column = *table->column(id);
    Heading heading{"", "", column.note};
    split_unit(typed, heading.label, heading.unit);
    heading.unit = heading.unit.empty() ? column.unit : heading.unit;
    const bool only_name = column.label.empty() && is_name(normal_name(heading.label));
    if (only_name || (is_unnamed(column) && !heading.label.empty())) {
        const std::string name = free_name(name_from_label(heading.label), [&](const std::string& one) {
            return one != column.name &&
                   (name_refused(study, table, one, id).has_value() || look_up(study, table, "", one).exists());
        });
        Result<Study> renamed = rename_column(study, id, only_name ? normal_name(heading.label) : name);
        if (!renamed) {
            return renamed;
        }
        heading.label = only_name || heading.label == name ? std::string() : heading.label;
        return head_column(*renamed, id, heading);
    }
    heading.label = heading.label == column.name ? std::string() : heading.label;
    return head_column(std::move(study), id, heading);
}

void split_unit(const std::string& text, std::string& label, std::string& unit) {
    label = text;
    unit.clear();
    const char close = text.empty() ? ' ' : text.back();
    const std::size_t open = close == ']' ? text.rfind('[') : close == ')' ? text.rfind('(') : std::string::npos;
    if (open == std::string::npos || open == 0) {
        return;
    }
    unit = text.substr(open + 1, text.size() - open - 2);
    const std::size_t end = text.find_last_not_of(' ', open - 1);
    label = text.substr(0, end == std::string::npos ? 0 : end + 1);
}

} // namespace ledgefall
