#pragma once

#include "files/worksheet_recovery/formula_not_said.h"
#include "files/worksheet_recovery/formula_translator.h"

namespace ledgefall {

inline std::string bracketed(const std::string& text) {
    return "(" + text + ")";
}

/// A sample: what is written of it, and the table over whose rows it runs.
struct TranslatedSample {
    std::string text;
    std::optional<std::size_t> table;
    std::vector<std::string> columns = {}; ///< where there are several, each of them
};

/// The saying of one formula: values and operators in formula_translator.cpp, places and ranges in
/// translate_places.cpp, functions in translate_calls.cpp.
class FormulaTranslation {
  public:
    FormulaTranslation(const Workbook& workbook, const SheetLayout& layout, const SheetFormulaPlace& place,
                       const FormulaTranslator::Replaced& replaced)
        : workbook_(workbook)
        , layout_(layout)
        , place_(place)
        , replaced_(replaced)
        , seen_from_{place.at, place.table.has_value() && !place.foot} {}

    TranslatedFormula run(const SheetNode& tree);

  private:
    /// The cell from which references are seen, and whether those that are not fixed follow the rows of a column.
    struct SeenFrom {
        WorkbookPlace at;
        bool follows = false;
    };

    // --- values -----------------------------------------------------------------------------------------------------

    /// What a node says as a single value. Within a measure a cell of the formula's own row is `x[i]`, and a range is a
    /// sample.
    std::string value(const SheetNode& node, bool in_measure);

    std::string value_of(const SheetNode& node, bool in_measure);

    /// A number or text as written, or the column that stands for it.
    std::string constant(const SheetNode& node, const std::string& written) const;

    std::string operation(const SheetNode& node, bool in_measure);

    // --- places -----------------------------------------------------------------------------------------------------

    bool own(std::size_t table) const { return place_.table == table; }

    std::string column_name(std::size_t table, std::size_t field);

    WorkbookPlace resolved(const SheetNode& node, const CellReference& reference, std::size_t row = 0) const;

    /// Whether a coordinate along the formula's own table follows its rows.
    bool follows(const CellReference& reference) const {
        return seen_from_.follows && !layout_.tables[*place_.table].along(reference).fixed;
    }

    static std::string beside_row(std::int64_t by) {
        return by == 0 ? "i" : by > 0 ? "i+" + std::to_string(by) : "i-" + std::to_string(-by);
    }

    /// A cell as the formula of a two-way table sees it: a heading, or a neighbour in the grid; else empty.
    std::string in_grid(const SheetNode& node, const WorkbookPlace& at) const;

    std::string cell(const SheetNode& node, bool in_measure);

    /// The formula under a column, said in place.
    std::string foot_value(const WorkbookPlace& at, bool in_measure);

    void note_wandering(const SheetNode& node, const WorkbookPlace& at);
    void add_slip(SuspectReference slip);

    std::string named(const std::string& name, bool in_measure);

    const DefinedName* find_name(const std::string& name) const;

    template <class See>
    TranslatedSample seen_fixed(const DefinedName& name, See see) {
        const SeenFrom before = seen_from_;
        seen_from_ = {{seen_from_.at.sheet, {0, 0}}, false};
        TranslatedSample out = see(*name.meaning->tree);
        seen_from_ = before;
        return out;
    }

    // --- ranges -----------------------------------------------------------------------------------------------------

    /// The table that a range runs over: the one of whose cells it has some.
    std::optional<std::size_t> table_of(const WorkbookPlace& from, const WorkbookPlace& to, bool whole_lines) const;

    TranslatedSample range(const SheetNode& node);

    /// `[1..i]`, `[i]`, or nothing where it is all rows.
    std::string rows_of_range(const SheetNode& node, std::size_t number, const WorkbookPlace& from,
                              const WorkbookPlace& to, bool whole_lines);

    /// A range over feet or held values, one after the other.
    TranslatedSample single_values(const WorkbookPlace& from, const WorkbookPlace& to);

    /// What a measure runs over.
    TranslatedSample sample(const SheetNode& node);

    // --- functions --------------------------------------------------------------------------------------------------

    std::string call(const SheetNode& node, bool in_measure);

    static NotTranslatable no_like(const SheetNode& node) {
        return {{N_("%1, as used here, has no equivalent in the formula language"), {node.text}}};
    }
    static const SheetNode& argument(const SheetNode& node, std::size_t at);

    std::string filled(const SheetNode& node, std::string_view form, bool in_measure);

    static bool is_blank(const SheetNode& one) { return one.type == SheetNode::Type::text && one.text.empty(); }

    /// Whether a condition only asks whether cells are empty without which the other formula is missing anyway.
    static bool only_guards(const SheetNode& condition, const SheetNode& otherwise);

    /// Whether a formula is missing where a cell is: it calculates with it, or takes a plain function of it.
    static bool needs(const SheetNode& node, const SheetNode& cell);

    std::string when(const SheetNode& node, bool in_measure);
    std::string first_that_holds(const SheetNode& node, bool in_measure);

    /// What stands instead of a fault is said where the fault can only be a division by zero.
    std::string unless_divided_by_zero(const SheetNode& node, bool in_measure);

    std::string joined(const SheetNode& node, const std::string& word, bool in_measure);

    /// Pairs of a range and a condition on it, from an argument on.
    std::string conditions(const SheetNode& node, std::size_t from);

    std::string condition(const std::string& sample_text, const SheetNode& asked);

    std::optional<std::size_t> heading_above(const WorkbookPlace& at) const;

    std::string one_column(const SheetNode& node);
    std::string count_by(const SheetNode& node);
    static std::string like(const std::string& sample_text, const Criterion& criterion);
    static void add_factors(const SheetNode& node, std::vector<const SheetNode*>& out);
    std::string sum_of_products(const std::vector<const SheetNode*>& factors);
    std::string nearest(const std::string& wanted, const std::string& keys, const SheetNode& key);

    std::string taken_by(const SheetNode& node, const std::string& measure);

    std::string pick(const std::string& taken, const std::string& keys, const SheetNode& key) {
        return "pick(" + taken + " where " + keys + " = " + bracketed(value(key, true)) + ")";
    }

    std::string lookup_in_block(const SheetNode& node);

    std::string lookup_by_place(const SheetNode& node);

    const Workbook& workbook_;
    const SheetLayout& layout_;
    const SheetFormulaPlace& place_;
    const FormulaTranslator::Replaced& replaced_;
    SeenFrom seen_from_;
    TranslatedFormula out_;
    std::size_t depth_ = 0;
};

} // namespace ledgefall
