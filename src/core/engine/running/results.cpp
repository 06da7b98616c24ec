#include "core/engine/running/results.h"

#include "core/engine/running/cancellation.h"
#include "core/study/model/fault_explanation.h"
#include "core/study/model/study_part.h"

namespace ledgefall {

const Results::Entry* Results::find(const DefinitionId& id) const {
    const auto it = entries_.find(id);
    return it == entries_.end() ? nullptr : &it->second;
}

const Column* Results::column(Id id) const {
    const Entry* entry = find(id);
    return entry == nullptr ? nullptr : entry->cells.get();
}

Value Results::cell(Id id, std::size_t row) const {
    const Column* cells = column(id);
    return cells == nullptr ? Value::missing() : cells->at(row);
}

Value Results::single(const DefinitionId& id) const {
    const Entry* entry = find(id);
    return entry == nullptr ? Value::missing() : entry->single;
}

Value Results::foot(Id line, Id column) const {
    return single(DefinitionId::foot_value(line, column));
}

std::optional<Fault> Results::fault_of_rows(Id table) const {
    for (const DefinitionId& id : {DefinitionId(table), DefinitionId::stop(table)}) {
        const Value value = single(id);
        if (value.is_fault()) {
            return value.fault();
        }
    }
    const auto of_axis = axis_faults_.find(table);
    return of_axis == axis_faults_.end() ? std::nullopt : of_axis->second;
}

bool Results::only_rounding(const DefinitionId& id) const {
    const Entry* entry = find(id);
    return entry != nullptr && entry->single.plain() && entry->kind == Kind::number &&
           ledgefall::only_rounding(entry->single.number(), entry->terms_size);
}

std::size_t columns_of_grid(const Study& study, const Results& results, Id id) {
    const Table* table = study.table(id);
    return table != nullptr && table->two_way() ? results.rows((*table->across->column)->id) : 0;
}

Sentence explain(const Study& study, const Results& results, Fault fault) {
    const Table* table = find_part(study, fault.at().definition).table;
    const bool in_cell = table != nullptr && table->column(fault.at().definition.object) != nullptr;
    return explain(study, fault, in_cell ? columns_of_grid(study, results, table->id) : 0);
}

std::size_t Results::rows(Id table) const {
    const auto it = rows_.find(table);
    return it == rows_.end() ? 0 : it->second;
}

} // namespace ledgefall
