#pragma once

#include "core/study/formats/format.h"
#include "core/study/model/chart.h"
#include "core/study/model/handout.h"
#include "core/study/model/report_choices.h"
#include "core/study/model/run.h"
#include "core/study/row_sources/typed_rows.h"
#include "core/value/column.h"
#include "core/value/interned.h"

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace ledgefall {

/// A part of a study that is shared between copies until it is changed. Two that are the same object are surely equal,
/// which is how a computation sees what a change has touched.
template <class T>
class Shared {
  public:
    Shared()
        : data_(std::make_shared<const T>()) {}
    Shared(T value)
        : data_(std::make_shared<const T>(std::move(value))) {}
    const T& operator*() const { return *data_; }
    const T* operator->() const { return data_.get(); }
    const std::shared_ptr<const T>& pointer() const { return data_; }

    /// Puts a changed copy in place of what is held: `change` is called with the copy.
    template <class Change>
    void edit(Change change) {
        T copy = *data_;
        change(copy);
        data_ = std::make_shared<const T>(std::move(copy));
    }

    friend bool operator==(const Shared& a, const Shared& b) { return a.data_ == b.data_ || *a.data_ == *b.data_; }

  private:
    std::shared_ptr<const T> data_;
};

/// The range over which a held value can be slid.
struct Slider {
    double from = 0, to = 1, step = 0.01;
    std::string unknown_fields = {};
    friend bool operator==(const Slider&, const Slider&) = default;
};

/// What a held value can be chosen from: the values of a column, or some that are listed.
struct Choices {
    Id column;
    std::vector<Value> listed;
    std::string unknown_fields = {};
    bool empty() const { return column.empty() && listed.empty(); }
    friend bool operator==(const Choices&, const Choices&) = default;
};

/// A named value that no row changes.
struct HeldValue {
    Id id;
    std::string name;
    std::string unit;
    std::string note;
    Value value = Value::missing();      ///< of a given one
    Formula formula;                     ///< of a computed one; else empty
    std::vector<std::string> parameters; ///< of a held function, `force(r) = G / r^2`
    Format format;
    std::optional<Slider> slider; ///< of a given one
    Choices choices;              ///< of a given one
    std::string group;            ///< the name under which it stands together with others on the ledge
    std::string unknown_fields;   ///< fields of its file that this version does not know, as JSON

    bool is_function() const { return !parameters.empty(); }
    bool computed() const { return !formula.empty() && !is_function(); }
    std::string left_side() const;                      ///< `n`, or of a function `force(r)`
    bool holds_the_same(const HeldValue& other) const { ///< whatever they are called
        return formula == other.formula && value == other.value && unit == other.unit && parameters == other.parameters;
    }
    friend bool operator==(const HeldValue&, const HeldValue&) = default;
};

/// A formula and the rows that it covers, by their ids: all of them where no ends are named.
struct Piece {
    Formula formula;
    std::optional<std::uint64_t> from, to;
    friend bool operator==(const Piece&, const Piece&) = default;
};

using Overrides = std::map<std::uint64_t, Value>; ///< by the row's id

struct ColumnDefinition {
    Id id;
    std::string name;
    std::string label;
    std::string unit;
    std::string note;
    Shared<Column> cells;        ///< of a given column; its kind is the column's
    std::vector<Piece> pieces;   ///< of a computed one; else empty
    Shared<Overrides> overrides; ///< typed values in a computed column
    Format format;
    int width = 0; ///< in pixels at a zoom of one; 0 fits the content
    bool hidden = false;
    std::string unknown_fields;

    bool computed() const { return !pieces.empty(); }
    const std::string& shown_label() const { return label.empty() ? name : label; }
    friend bool operator==(const ColumnDefinition&, const ColumnDefinition&) = default;
};

/// A line under a table: one formula in `each`, taken of every chosen column. Of a two-way table it is taken of each
/// column of the layer, under it, of each row, beside it, and of the whole layer in the corner.
struct FootLine {
    enum class Place : std::uint8_t { under_and_beside, under, beside };
    Id id;
    std::string label;
    Formula formula;
    std::vector<Id> columns;
    Format format; ///< automatic: as its column
    Place place = Place::under_and_beside;
    std::string unknown_fields;

    bool takes(Id column) const;
    friend bool operator==(const FootLine&, const FootLine&) = default;
};

/// A heading over neighbouring columns; its name stands for them in a measure.
struct Group {
    Id id;
    std::string name;
    std::string label;
    std::vector<Id> columns;
    std::string unknown_fields;

    const std::string& shown_label() const { return label.empty() ? name : label; }
    friend bool operator==(const Group&, const Group&) = default;
};

/// The axis of a table: where its rows come from, and the column of classes or categories that formulas use by a name.
struct Axis {
    RowSourcePtr source = std::make_shared<TypedRows>();
    std::optional<Shared<ColumnDefinition>> column;
    std::string unknown_fields;

    Axis() = default;
    /// With a column of that id and name, where the source has an axis.
    Axis(RowSourcePtr rows, Id column_id, const std::string& name);

    /// The source, if it is of this kind; else null.
    template <class Rows>
    const Rows* rows_as() const {
        return dynamic_cast<const Rows*>(source.get());
    }
    /// The identities of rows that can be added, removed and moved by hand; null where the rows come by themselves.
    const RowIds* ids() const { return source->ids(); }
    /// The identity of a row (from 0): by it cells and overrides follow a row. Rows that come by themselves have their
    /// numbers from 1.
    std::uint64_t id_at(std::size_t row) const { return ids() == nullptr ? row + 1 : ids()->id_at(row); }
    /// Whether its cells are computed, from another column or from formulas.
    bool computed() const { return !source->made_of().empty() || !source->axis_formulas().empty(); }
    std::optional<std::size_t> row_of(std::uint64_t id) const;
    /// Other identities for typed rows: `change` is called with a copy of them.
    template <class Change>
    void edit_ids(Change change) {
        RowIds copy = *ids();
        change(copy);
        source = std::make_shared<TypedRows>(std::move(copy));
    }
    friend bool operator==(const Axis& a, const Axis& b) {
        return (a.source == b.source || a.source->equals(*b.source)) && a.column == b.column &&
               a.unknown_fields == b.unknown_fields;
    }
};

/// A table with one axis has named rows and columns. A two-way table has an axis down and an axis across, and its
/// columns are layers: each has a cell for every row and column of the grid, row by row and from left to right. What is
/// typed into a layer, all of one without a formula too, is among its overrides.
struct Table {
    Id id;
    std::string name;
    std::string label;
    std::string note;
    Axis axis;                  ///< of the rows
    std::optional<Axis> across; ///< of a two-way table's columns
    bool laid_across = false;   ///< whether its rows run to the right when it is shown; of a table with one axis
    std::vector<Shared<HeldValue>> ledge; ///< held values that belong to this table
    std::vector<Shared<ColumnDefinition>> columns;
    std::vector<Shared<FootLine>> foot;
    std::vector<Shared<Group>> groups;
    std::string unknown_fields;

    const ColumnDefinition* column(Id id) const;
    const ColumnDefinition* column_named(std::string_view name) const;
    const Group* group_named(std::string_view name) const;
    bool two_way() const { return across.has_value(); }
    std::vector<const Axis*> axes() const; ///< that of the rows first
    /// The axis whose column this is, by its id or its name; null where there is none.
    const Axis* axis_of(Id column) const;
    const Axis* axis_named(std::string_view name) const;
    /// The identities of rows that are added, removed and moved by hand; null where there are none.
    const RowIds* ids() const { return two_way() ? nullptr : axis.ids(); }
    Sentence rows_are_fixed() const;     ///< why they cannot be
    Sentence no_columns_of_rows() const; ///< why a two-way table takes none
    /// A layer without a formula: what is typed stands among its overrides.
    bool typed_layer(const ColumnDefinition& column) const { return two_way() && !column.computed(); }
    /// The given row source's own number of rows, or nothing where it has to be computed.
    std::optional<std::size_t> own_rows() const;
    const std::string& shown_label() const { return label.empty() ? name : label; }
    friend bool operator==(const Table&, const Table&) = default;
};

/// A condition that must hold, on watch.
struct Check {
    Id id;
    std::string label;
    Id table; ///< whose names the condition uses; empty: the ledge's
    Formula condition;
    std::string message; ///< what to say where it does not hold
    std::string unknown_fields;
    friend bool operator==(const Check&, const Check&) = default;
};

struct Settings {
    std::uint64_t seed = 1;
    static constexpr int exclusive_halves = 10; ///< quartiles are medians of halves without the middle value
    static constexpr int inclusive_halves = 11; ///< and with it
    int quantile_type = 7;                      ///< one of `quantile_methods`
    /// What the values are taken for, asked once: measures of spread divide by n − 1, or by n.
    enum class Values : std::uint8_t { not_asked, sample, population };
    Values values = Values::not_asked;
    double tolerance = 1e-9;
    std::optional<double> as_of; ///< the day that `today()` gives; none: the day on which it is computed
    // How numbers are shown; what is typed is read by the same decimal sign. None of these changes a value.
    enum class DecimalSign : std::uint8_t { of_the_desktop, point, comma };
    enum class Grouping : std::uint8_t { none, space, sign }; ///< of thousands; the sign is the one that is not decimal
    enum class Angles : std::uint8_t { radians, degrees, degrees_minutes }; ///< of what has the unit rad
    DecimalSign decimal_sign = DecimalSign::of_the_desktop;
    Grouping grouping = Grouping::none;
    Angles angles = Angles::radians;
    std::string unknown_fields;
    friend bool operator==(const Settings&, const Settings&) = default;
};

/// A study: a value that is cheap to copy, so that an undo step, a computation in the background and a file being
/// written each hold one without a lock. It holds what people wrote; what follows from it is computed beside it.
struct Study {
    std::string title;
    std::string note;
    Settings settings;
    std::vector<Shared<HeldValue>> ledge;
    std::vector<Shared<Table>> tables;
    std::vector<Shared<Check>> checks;
    std::vector<Shared<Chart>> charts;
    std::vector<Shared<Run>> runs;
    std::optional<RunsTable> runs_table;
    std::optional<ReportChoices> report;
    std::optional<Handout> handout; ///< what is asked in it, where it is a handout or the key of one
    std::uint64_t last_number = 0;  ///< of the ids given so far
    HeldObjects interned;           ///< by the cells that were read from files
    std::string unknown_fields;

    Id fresh_id(std::string_view prefix);
    const Table* table(Id id) const;
    const Table* table_named(std::string_view name) const;
    const Chart* chart(Id id) const;
    const Run* run(Id id) const;
    const HeldValue* held_named(std::string_view name) const;
    friend bool operator==(const Study&, const Study&) = default;
};

} // namespace ledgefall
