#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// An axis of a two-way table as a person writes it: a name, a unit where there is one, and its values.
struct WrittenAxis {
    std::string label;
    std::string name; ///< from the label where empty
    std::string unit;
    /// `1..12`, `0.03..0.06 by 0.005`, `3 %, 3.5 % .. 6 %`, a list `6, 12, 18`, a column `Readings.site`, whose
    /// different values are taken, or the classes of a column that another table has: `Lengths.class`.
    std::string values;
};

/// From `growth rate [%] = 3 %, 3.5 % .. 6 %`.
Result<WrittenAxis> written_axis(const std::string& definition);
/// Where the values of an axis come from; or why they cannot be read.
Result<RowSourcePtr> axis_source(const Study& study, const std::string& values, const Spelling& spelling = {});
/// The values as they are written to be read again.
std::string axis_in_words(const Study& study, const Axis& axis);

/// A two-way table without layers. Refused where an axis cannot be read, or both have one name.
Result<Study> add_two_way_table(const Study& study, const std::string& label, const WrittenAxis& down,
                                const WrittenAxis& across, Id* added = nullptr, const Spelling& spelling = {});
/// Other values (and another name, label and unit) for one of its axes. What is typed follows the values that stay.
Result<Study> rewrite_axis(const Study& study, Id table, bool across, const WrittenAxis& axis,
                           const Spelling& spelling = {});
/// A layer that is typed, of one kind.
Result<Study> add_typed_layer(const Study& study, Id table, const std::string& label, Kind kind, Id* added = nullptr);
/// Texts typed or pasted into a layer, from a row and a column (from 0) of the grid on; the axes have these values now.
/// In a computed layer each stands in place of the formula's value, and a blank gives the cell back. Refused where the
/// block does not fit.
struct GridPlace {
    std::size_t row = 0, column = 0;
};
Result<Study> type_cells(const Study& study, Id layer, const GridPlace& place, const Column& down, const Column& across,
                         const std::vector<std::vector<std::string>>& block, const Spelling& spelling = {});
/// The formula's value again in a cell, by its number row by row (from 0).
Result<Study> give_back_cell(const Study& study, Id layer, std::size_t cell, const Column& down, const Column& across);
/// The axes change places, with the formulas, feet and typed cells of the table; other tables' formulas that name a
/// cell by its places too.
Result<Study> transpose(const Study& study, Id table);

} // namespace ledgefall
