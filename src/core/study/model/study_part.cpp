#include "core/study/model/study_part.h"

#include <algorithm>

namespace ledgefall {
namespace {

template <class T>
const T* with_id(const std::vector<Shared<T>>& parts, Id id) {
    const auto place = std::find_if(parts.begin(), parts.end(), [id](const auto& part) { return part->id == id; });
    return place == parts.end() ? nullptr : &**place;
}

StudyPart find_in_table(const Table& table, const DefinitionId& id) {
    StudyPart part;
    part.table = &table;
    if (table.id == id.object) {
        return part;
    }
    part.column = table.column(id.object);
    part.held = with_id(table.ledge, id.object);
    part.foot_line = with_id(table.foot, id.object);
    part.group = with_id(table.groups, id.object);
    for (const Axis* axis : table.axes()) {
        if (axis->column && (*axis->column)->id == id.object) {
            part.column = &**axis->column;
            part.is_axis = true;
        }
    }
    if (part.foot_line != nullptr && id.part == DefinitionId::Part::foot_value) {
        part.column = table.column(id.column);
    }
    const bool any =
        part.column != nullptr || part.held != nullptr || part.foot_line != nullptr || part.group != nullptr;
    return any ? part : StudyPart();
}

} // namespace

bool StudyPart::is_table() const {
    return table != nullptr && column == nullptr && held == nullptr && foot_line == nullptr && group == nullptr &&
           check == nullptr && chart == nullptr;
}

StudyPart find_part(const Study& study, const DefinitionId& id) {
    StudyPart part;
    if (id.empty()) {
        return part;
    }
    part.held = with_id(study.ledge, id.object);
    part.check = part.held != nullptr ? nullptr : with_id(study.checks, id.object);
    part.chart = part.held != nullptr || part.check != nullptr ? nullptr : with_id(study.charts, id.object);
    if (part.check != nullptr) {
        part.table = study.table(part.check->table);
    }
    if (part.chart != nullptr) {
        part.table = study.table(part.chart->table);
    }
    if (part.held != nullptr || part.check != nullptr || part.chart != nullptr) {
        return part;
    }
    for (const auto& table : study.tables) {
        if (const StudyPart inside = find_in_table(*table, id); inside.exists()) {
            return inside;
        }
    }
    return {};
}

} // namespace ledgefall
