#pragma once

#include "core/study/model/study.h"

namespace ledgefall {

/// How two states of a study differ, counted for a person who has to choose between them.
struct StudyDifference {
    std::size_t tables_added = 0, tables_removed = 0; ///< in the second
    std::size_t cells = 0;                            ///< typed cells that differ, in rows that either has
    std::size_t formulas = 0;                         ///< of columns, held values, foot lines and checks
    std::size_t others = 0; ///< other parts that differ: charts, formats, notes, columns added or removed

    bool none() const { return tables_added + tables_removed + cells + formulas + others == 0; }
    /// One line: "tables added: 1, cells changed: 12".
    Sentence in_words() const;
};

StudyDifference difference_of(const Study& before, const Study& after);

} // namespace ledgefall
