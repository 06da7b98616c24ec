#pragma once

#include "core/basics/result.h"
#include "core/study/model/study.h"

#include <algorithm>

namespace ledgefall {

// Finding and changing a part of a study in place; the stuff of which the edits are made.

inline const Sentence no_such_part{N_("This has been removed from the study."), {}};

template <class T>
Shared<T>* part_with(std::vector<Shared<T>>& parts, Id id) {
    const auto it = std::find_if(parts.begin(), parts.end(), [id](const auto& part) { return part->id == id; });
    return it == parts.end() ? nullptr : &*it;
}

/// `change` is called with a copy of the table, which then takes the table's place.
template <class Change>
Result<Study> with_table(Study study, Id table, Change change) {
    Shared<Table>* shared_table = part_with(study.tables, table);
    if (shared_table == nullptr) {
        return no_such_part;
    }
    shared_table->edit(change);
    return study;
}

/// The table that `has` (a column or a foot line) stands in.
template <class Part>
const Table* table_with(const Study& study, std::vector<Shared<Part>> Table::*list, Id id) {
    for (const auto& table : study.tables) {
        for (const auto& part : (*table).*list) {
            if (part->id == id) {
                return &*table;
            }
        }
    }
    return nullptr;
}

template <class Part, class Change>
Result<Study> with_part(Study study, std::vector<Shared<Part>> Table::*list, Id id, Change change) {
    const Table* table = table_with(study, list, id);
    if (table == nullptr) {
        return no_such_part;
    }
    return with_table(std::move(study), table->id, [&](Table& copy) { part_with(copy.*list, id)->edit(change); });
}

template <class Change>
Result<Study> with_column(Study study, Id column, Change change) {
    return with_part(std::move(study), &Table::columns, column, change);
}

template <class Change>
Result<Study> with_foot_line(Study study, Id line, Change change) {
    return with_part(std::move(study), &Table::foot, line, change);
}

template <class Change>
Result<Study> with_held(Study study, Id held, Change change) {
    if (Shared<HeldValue>* held_value = part_with(study.ledge, held)) {
        held_value->edit(change);
        return study;
    }
    return with_part(std::move(study), &Table::ledge, held, change);
}

} // namespace ledgefall
