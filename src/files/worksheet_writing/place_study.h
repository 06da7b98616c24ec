#pragma once

#include "core/engine/running/results.h"
#include "files/worksheet_writing/sheet_places.h"

namespace ledgefall {

/// Gives every part of a study its place; `reports` receives what has none, and why.
SheetPlaces place_study(const Study& study, const Results& results, std::vector<Sentence>& reports);

/// Visits the held values of the study (with null) and of its tables.
template <class Visit>
void each_held(const Study& study, Visit visit) {
    for (const auto& held : study.ledge) {
        visit(static_cast<const Table*>(nullptr), *held);
    }
    for (const auto& table : study.tables) {
        for (const auto& held : table->ledge) {
            visit(&*table, *held);
        }
    }
}

} // namespace ledgefall
