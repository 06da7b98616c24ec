#pragma once

#include "core/value/text.h"

namespace ledgefall {

/// The identity of something that has a result: a part of a study by its own id, or one of the several values that
/// belong to one part.
struct DefinitionId {
    enum class Part : std::uint8_t {
        whole,        ///< the object itself; of a table: its number of rows
        foot_value,   ///< of a foot line: its value under one column
        chart_number, ///< of a chart: one of its numbers, by its place
        stop          ///< of a counted table: the condition on which it stops early
    };
    Id object;
    Part part = Part::whole;
    Id column;               ///< of a foot value
    std::uint32_t place = 0; ///< of a chart's number

    DefinitionId() = default;
    DefinitionId(Id id)
        : object(id) {}
    static DefinitionId foot_value(Id line, Id column) { return {line, Part::foot_value, column, 0}; }
    static DefinitionId chart_number(Id chart, std::size_t place) {
        return {chart, Part::chart_number, {}, static_cast<std::uint32_t>(place)};
    }
    static DefinitionId stop(Id table) { return {table, Part::stop, {}, 0}; }

    bool empty() const { return object.empty(); }
    friend bool operator==(const DefinitionId&, const DefinitionId&) = default;

  private:
    DefinitionId(Id id, Part part_of_it, Id of_column, std::uint32_t at)
        : object(id)
        , part(part_of_it)
        , column(of_column)
        , place(at) {}
};

/// Of a foot line of a two-way table: its values under all columns of a layer, or beside all rows.
Id foot_row_of(Id line, Id layer, bool under);

} // namespace ledgefall

template <>
struct std::hash<ledgefall::DefinitionId> {
    std::size_t operator()(const ledgefall::DefinitionId& id) const noexcept {
        const std::hash<ledgefall::Text> of_text;
        const std::size_t which = static_cast<std::size_t>(id.part) + 4 * static_cast<std::size_t>(id.place);
        return of_text(id.object) ^ (of_text(id.column) * 31U) ^ (which * 0x9E3779B97F4A7C15U);
    }
};
