#pragma once

#include "core/study/model/study.h"
#include "core/value/definition_id.h"

namespace ledgefall {

/// What an id stands for in a study. At most one of the pointers after `table` is set, but for a foot value, which has
/// its line and its column.
struct StudyPart {
    const Table* table = nullptr;             ///< the table itself, or the one that the part belongs to
    const ColumnDefinition* column = nullptr; ///< a table's axis too
    const HeldValue* held = nullptr;
    const FootLine* foot_line = nullptr;
    const Group* group = nullptr;
    const Check* check = nullptr; ///< `table` is the one whose names it uses
    const Chart* chart = nullptr;
    bool is_axis = false; ///< the column is the table's axis

    bool exists() const { return table != nullptr || held != nullptr || check != nullptr || chart != nullptr; }
    /// Only the table, nothing in it.
    bool is_table() const;
};

/// Looks a part up by its id; the pointers lead into the study.
StudyPart find_part(const Study& study, const DefinitionId& id);

} // namespace ledgefall
