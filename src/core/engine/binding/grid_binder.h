#pragma once

#include "core/engine/binding/binder.h"

namespace ledgefall {

/// Binds what is meant in a two-way table: which cell, row or column of its grid. An axis has as many values as the
/// grid has rows (or columns), and a level of its own where a measure is taken of nothing but it; where cells run, each
/// has the axis's value of its row or column.
class GridBinder : PartBinder {
  public:
    GridBinder(BindingContext& context, Binder& binder)
        : PartBinder(context, binder) {}

    /// `row`, `rows`, `col`, `cols`, `i`, `j` and `last`.
    TermPtr word(const Node& node);
    /// The number of the running cell, or of its row or column, at a level of measures.
    TermPtr part(const Node& node, GridPart part, std::uint32_t level);
    /// A layer or an axis that runs over the cells, or over the axis's own values.
    TermPtr running(const Node& node, const Binding& binding);
    /// `f[i-1, j]` of a layer, `rate[i-1]` of an axis.
    TermPtr index(const Node& node, const Binding& binding);
    /// The part of the grid that a measure's places in brackets tell; false after a fault.
    bool range(const BindingContext::Level& level, MeasureTerm& measure);
    /// What a measure of that part needs of a layer that is being computed cell by cell.
    static DependencyKind link_of(const BindingContext::Level& level);

  private:
    TermPtr length(const Node& node, const Axis& axis);
    TermPtr neighbour(const Node& node, const Binding& binding, std::int64_t rows, std::int64_t columns);
    TermPtr one_cell(const Node& node, const Binding& binding);
    TermPtr of_axis(const Node& node, const Binding& binding);
    /// The row or column that a place tells, as a number.
    TermPtr place(const Node& place, const Axis& axis);
    bool ends(const Node& place, const Axis& axis, TermPtr& from, TermPtr& to);
};

} // namespace ledgefall
