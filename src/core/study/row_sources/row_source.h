#pragma once

#include "core/basics/result.h"
#include "core/formula/formula.h"
#include "core/study/row_sources/fields.h"
#include "core/study/row_sources/row_ids.h"
#include "core/value/column.h"

#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace ledgefall {

/// Where a table's rows come from: one class a kind. A source is a value that never changes once it is made, and is
/// shared between the copies of a study; a change makes another one.
class RowSource {
  public:
    virtual ~RowSource() = default;

    virtual std::string_view kind() const = 0; ///< `typed`, `counted`, …: its name in the file
    virtual bool equals(const RowSource& other) const = 0;

    /// How many rows there are, where that needs no computing.
    virtual std::optional<std::size_t> own_rows() const { return std::nullopt; }
    /// The rows' identities, where rows can be added, removed and moved by hand. Else they are numbered from 1, and
    /// null.
    virtual const RowIds* ids() const { return nullptr; }

    /// The formula of the number of rows, and the condition for the last row; null where there is none.
    virtual const Formula* count() const { return nullptr; }
    virtual const Formula* until() const { return nullptr; }

    /// The same source with other formulas in their places; null where it has none.
    virtual std::shared_ptr<const RowSource> with_formulas(Formula, Formula) const { return nullptr; }

    /// The cells of the table's axis, which formulas use by a name, where they need no computing.
    virtual std::optional<Column> axis_cells() const { return std::nullopt; }
    /// The kind of the axis's cells; nothing where the rows have no axis.
    virtual std::optional<Kind> axis_kind() const { return std::nullopt; }
    /// Whether it is for the axes of two-way tables alone.
    virtual bool for_two_axes() const { return false; }
    /// Whether the axis is shown as months.
    virtual bool axis_of_months() const { return false; }
    virtual std::string_view axis_name() const { return "x"; } ///< where the file gives it no name

    /// The column whose cells the axis is computed from; empty where there is none.
    virtual Id made_of() const { return {}; }
    virtual std::shared_ptr<const RowSource> with_made_of(Id) const { return nullptr; }
    /// The formulas of the study's ledge that the axis is computed from, and the same source with others.
    virtual std::vector<const Formula*> axis_formulas() const { return {}; }
    virtual std::shared_ptr<const RowSource> with_axis_formulas(std::vector<Formula>) const { return nullptr; }
    /// The axis that those values of its formulas give, all of them plain numbers; or why there can be none.
    virtual Result<Column> axis_of_values(const std::vector<Value>& values) const;
    /// The kind of the axis that is made from cells of a kind.
    virtual Kind axis_kind_from(Kind of) const { return of; }
    /// The axis, computed from the cells of `made_of`; or why there can be none.
    virtual Result<Column> axis_from(const Column& cells) const;

    /// How the rows come about, in a few words each: "classes", "counted, n + 1". `name_of` gives the name of a column.
    virtual std::vector<Sentence> in_words(const std::function<std::string(Id)>& name_of) const = 0;
    /// Why rows cannot be added, removed or moved by hand.
    virtual Sentence rows_are_fixed(const std::string& table) const;

    virtual void write(FieldWriter& out) const = 0;
};

using RowSourcePtr = std::shared_ptr<const RowSource>;

/// A kind of row source, as a file names it.
struct RowSourceKind {
    std::string_view name;
    std::string_view needs; ///< a field without which it is not this version's; empty where there is none
    RowSourcePtr (*read)(FieldReader& in);
};

/// Every kind there is; the first is that of a file that names none.
const std::vector<RowSourceKind>& row_source_kinds();

/// The source that a file describes; of a kind of a later version, one that only keeps what the file says.
RowSourcePtr read_row_source(FieldReader& in);

} // namespace ledgefall
