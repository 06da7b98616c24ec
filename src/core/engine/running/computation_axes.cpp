// How many rows a table has: axes that are made from cells or formulas, and what follows of two of them.

#include "core/engine/running/computation.h"
#include "core/engine/running/runner.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr double most_rows = 20'000'000;

std::optional<Fault> first_fault(const Column& cells) {
    for (std::size_t row = 0; row < cells.size(); ++row) {
        if (const Value value = cells.at(row); value.is_fault()) {
            return value.fault();
        }
    }
    return std::nullopt;
}

} // namespace

/// A table's rows, made from the cells of another one's column. Where that column is in error, or gives too many, the
/// table has no rows, and what asks for them gets that error.
void Computation::compute_axis(const PlannedDefinition& definition, Results::Entry& entry) {
    const RowSource& source = *definition.axis->source;
    if (!source.axis_formulas().empty()) {
        return compute_series(definition, entry);
    }
    const View made_from = column(source.made_of());
    const Column* of = made_from.cells == &none_ ? nullptr : made_from.cells;
    Result<Column> result = Sentence{N_("the column that gave the rows has been removed"), {}};
    const PlannedDefinition* made_of = plan_->find(source.made_of());
    const std::optional<Fault> no_rows =
        made_of == nullptr || made_of->table == nullptr ? std::nullopt : fault_of_rows(made_of->table->id);
    if (of != nullptr && !definition.fault) {
        result = source.axis_from(*of);
    }
    if (no_rows) {
        entry.single = Value::fault(*no_rows);
    } else if (!result) {
        const std::uint32_t site =
            definition.fault.value_or(fault_site({Cause::too_large, definition.id, result.refusal(), 0, 0}));
        entry.single = Value::fault({site, 0});
    } else if (const auto of_value = first_fault(*result)) {
        entry.single = Value::fault(*of_value);
    }
    entry.cells = std::make_shared<Column>(entry.single.is_fault() ? Column(definition.kind) : std::move(*result));
    set_axis_rows(definition, entry);
}

/// How many rows an axis gives its table, or the error in place of that.
void Computation::set_axis_rows(const PlannedDefinition& definition, Results::Entry& entry) {
    const Id id = definition.table->two_way() ? definition.id.object : definition.table->id;
    results_->rows_.at(id) = entry.cells->size();
    results_->axis_faults_[id] = entry.single.is_fault() ? std::optional(entry.single.fault()) : std::nullopt;
}

/// An axis of numbers from one formula's value to another's. Where one of them is not a number it has no values.
void Computation::compute_series(const PlannedDefinition& definition, Results::Entry& entry) {
    std::vector<Value> values;
    std::optional<Value> instead;
    for (const PlannedPiece& piece : definition.pieces) {
        Runner runner(piece.program, *this);
        runner.start();
        values.push_back(runner.output_value(0, 0));
        if (!values.back().plain() && !instead) {
            instead = values.back();
        }
    }
    if (definition.fault) {
        instead = Value::fault({*definition.fault, 0});
    }
    auto cells = std::make_shared<Column>(definition.kind);
    if (!instead) {
        Result<Column> made = definition.axis->source->axis_of_values(values);
        if (made) {
            *cells = std::move(*made);
        } else {
            instead = Value::fault({fault_site({Cause::too_large, definition.id, made.refusal(), 0, 0}), 0});
        }
    }
    if (instead && !instead->is_fault()) {
        const Sentence what{N_("an end of this axis has no value yet"), {}};
        instead = Value::fault({fault_site({Cause::out_of_domain, definition.id, what, 0, 0}), 0});
    }
    entry.single = instead.value_or(Value::missing());
    entry.cells = std::move(cells);
    set_axis_rows(definition, entry);
}

/// A foot line's values under the columns of a layer, or beside its rows.
void Computation::compute_foot_row(const PlannedDefinition& definition, Results::Entry& entry) {
    const Axis& axis = definition.along == GridPart::column ? *definition.table->across : definition.table->axis;
    const std::size_t count = rows((*axis.column)->id);
    auto cells = std::make_shared<Column>(definition.kind);
    if (definition.fault) {
        for (std::size_t at = 0; at < count; ++at) {
            cells->append(Value::fault({*definition.fault, 0}));
        }
    } else {
        run_rows(definition.pieces.front().program, 0, count, *cells);
    }
    entry.cells = std::move(cells);
}

void Computation::compute_grid_size(const PlannedDefinition& definition, Results::Entry& entry) {
    double count = 1;
    entry.single = Value::missing();
    for (const Axis* axis : definition.table->axes()) {
        const auto fault = fault_of_rows((*axis->column)->id);
        entry.single = fault && !entry.single.is_fault() ? Value::fault(*fault) : entry.single;
        count *= static_cast<double>(rows((*axis->column)->id));
    }
    entry.single = entry.single.is_fault() ? entry.single : Value::number(count);
    set_rows(definition, entry);
}

void Computation::set_rows(const PlannedDefinition& definition, Results::Entry& entry) {
    const double count = entry.single.plain() ? entry.single.number() : 0;
    const bool possible =
        definition.kind == Kind::number && count >= 0 && count <= most_rows && count == std::floor(count);
    if (!possible && entry.single.plain()) {
        const Sentence what =
            definition.what->work == Work::grid_size
                ? Sentence{N_("its axes make %1 cells, but a two-way table can have at most %2"),
                           {write_cell(entry.single), "20,000,000"}}
                : Sentence{N_("the number of rows must be a whole number from 0 to %1"), {"20,000,000"}};
        entry.single = Value::fault({fault_site({Cause::too_large, definition.id, what, 0, 0}), 0});
    }
    results_->rows_.at(definition.table->id) = possible ? static_cast<std::size_t>(count) : 0;
}

} // namespace ledgefall
