#pragma once

#include "core/study/model/scope.h"
#include "files/worksheet_recovery/formula_not_said.h"
#include "files/worksheet_writing/sheet_formula_maker.h"

namespace ledgefall {

inline bool contains(const Node& node, const std::function<bool(const Node&)>& is) {
    return is(node) || std::any_of(node.kids.begin(), node.kids.end(),
                                   [&](const NodePtr& kid) { return kid && contains(*kid, is); });
}

/// The making of one formula: values and operators in sheet_formula_maker.cpp, places in make_places.cpp, functions and
/// measures in make_calls.cpp, conditions in make_conditions.cpp.
class SheetFormulaMaking {
  public:
    SheetFormulaMaking(const Study& study, const Results& results, const SheetPlaces& places,
                       const FormulaPosition& seat, bool texts_compare_otherwise)
        : study_(study)
        , results_(results)
        , places_(places)
        , seat_(seat)
        , texts_compare_otherwise_(texts_compare_otherwise) {}

    MadeFormula run(const Node& tree);

  private:
    [[noreturn]] static void refuse(const std::string& why) { throw NotTranslatable{{why, {}}}; }

    // --- places -----------------------------------------------------------------------------------------------------

    const SheetPlaces::OfTable& own() const { return places_.of(*seat_.table); }
    bool is_own(const Table& table) const { return seat_.table != nullptr && table.id == seat_.table->id; }

    std::string sheet_of(const Table& table) const;

    /// A column's place, fixed, or seen from the formula's own column where it stands on the same sheet.
    Coordinate column_at(const Table& table, Id column) const;

    SheetNodePtr cell_of(const Table& table, Id column, Coordinate row) const;

    SheetNodePtr range_of(const Table& table, Id first, Id last, Coordinate from, Coordinate to) const;

    Coordinate first_row(const Table& table) const {
        return {static_cast<std::int32_t>(places_.of(table).first_row), true};
    }
    Coordinate last_row(const Table& table) const;
    SheetNodePtr whole(const Table& table, Id first, Id last) const {
        return range_of(table, first, last, first_row(table), last_row(table));
    }

    SheetNodePtr held(const HeldValue& value) const;

    /// Where the row or column with that number stands, of so many from the first on.
    static std::int32_t placed(double number, std::uint32_t first, std::uint32_t count);
    /// Which row a place in brackets is: `i-1`, `3`, `last`.
    Coordinate row_at(const Table& table, const Node& place);

    // --- names ------------------------------------------------------------------------------------------------------

    Binding meaning(const Node& name) const;

    SheetNodePtr named(const Node& node, bool in_measure);

    SheetNodePtr line_of_grid(const FootLine& line) const;
    SheetNodePtr each_of_grid() const;

    /// A layer or an axis of a two-way table, in a formula of one of its layers.
    SheetNodePtr in_grid(const Binding& binding, bool in_measure);

    SheetNodePtr indexed(const Node& node, bool in_measure);

    /// `f[i-1, j]`, and in a measure `f[i, ..]`, `f[.., j]`.
    SheetNodePtr grid_part(const Node& node, const Binding& binding, bool in_measure);

    // --- values -----------------------------------------------------------------------------------------------------

    SheetNodePtr value(const Node& node, bool in_measure);

    SheetNodePtr word(const Node& node, bool in_measure) const;

    /// `a[i] .. c[i]`, `a .. c`.
    SheetNodePtr across(const Node& node, bool in_measure);

    SheetNodePtr unary(const Node& node, bool in_measure);

    SheetNodePtr binary(const Node& node, bool in_measure);

    static SheetOperator comparison(Operator op);
    SheetNodePtr about_equal(const SheetNodePtr& left, const SheetNodePtr& right) const;

    SheetNodePtr chain(const Node& node, bool in_measure);

    // --- measures and functions -------------------------------------------------------------------------------------

    /// Worksheets compare texts without regard to capitals, and take some signs for others: refused where the study has
    /// such texts.
    void check_texts(const Node& left, const Node& right) const;

    /// Whether a node names a column or the row's number anywhere: in a measure it may run over the rows.
    bool runs(const Node& node) const;
    /// Whether a value within a measure's condition is another for each of the measure's rows.
    bool varies(const Node& node) const;

    SheetNodePtr call(const Node& node, bool in_measure);

    SheetNodePtr inlined(const HeldValue& function, const Node& node, bool in_measure);

    static SheetNodePtr sum_of_products(std::vector<SheetNodePtr> arguments);

    void check_quantiles() const;

    /// The study's as-of day, which its formulas take for today.
    static SheetNodePtr day_of(double day);

    /// Whether a count is one of texts or of yes and no, which worksheets count by another function. That counts empty
    /// texts too, as which missing values of formulas are written.
    bool counts_other_kinds(const Node& node) const;

    /// The column of a table's own classes that a node names; null where it names something else.
    const SheetPlaces::OfTable* own_classes(const Node& node) const;

    SheetNodePtr limit(const SheetPlaces::OfTable& of, bool upper) const;

    /// `lower(class)`, `upper(class)`, `mid(class)`; null where the call is another.
    SheetNodePtr limit_of_class(const Node& node) const;

    /// A call with the distributions that are held put in its place, as P(D = k) is P(binomial(n, p) = k); null where
    /// it names none.
    NodePtr with_distributions(const Node& node) const;

    /// Functions that the standards have not, but say in two or three steps; null where the call is another.
    SheetNodePtr by_parts(const Node& node, bool in_measure);

    /// What a measure runs over: a column, several, single values; nothing that would have to be computed for each
    /// row.
    void sample(const Node& node, std::vector<SheetNodePtr>& out);

    /// A measure of the rows for which a condition holds.
    SheetNodePtr by_condition(const std::string& measure, const Node* taken, const Node& condition);

    void add_conditions(const Node& condition, std::vector<SheetNodePtr>& out);

    /// A bare column: it runs over the measure's rows. Of two tables' columns it is the other table's.
    bool is_sample(const Node& node) const;

    static SheetOperator turned(SheetOperator op);

    void add_condition(const Node& column, SheetOperator op, const Node& with, std::vector<SheetNodePtr>& out);

    /// That cells of a column are not empty, which "is not" alone holds for.
    void leave_out_missing(const Node& column, std::vector<SheetNodePtr>& out);

    /// A value beside a measure's column: `site[i]`, a held value, and in a measure over another table the bare column.
    SheetNodePtr of_own_row(const Node& node);

    SheetNodePtr picked(const Node& taken, const Node& condition);

    const Study& study_;
    const Results& results_;
    const SheetPlaces& places_;
    const FormulaPosition& seat_;
    bool texts_compare_otherwise_;
    MadeFormula out_;
    int depth_ = 0;             ///< of calls of held functions within each other
    bool names_others_ = false; ///< within a condition over another table's rows
};

} // namespace ledgefall
