#pragma once

#include "core/formula/tree.h"
#include "oracle/blueprint.h"

#include <functional>
#include <memory>
#include <set>
#include <unordered_map>

namespace ledgefall::testing {

/// The formula language once more, written from the design alone: a walk over the tree for every cell, with nothing
/// computed ahead. It shares the parser with the engine and nothing else; `rulings.md` has what the design leaves open.
class Oracle {
  public:
    explicit Oracle(const Blueprint& plan);

    /// Definitions that the engine refuses as a whole, such as `T.x`, `n` or `T.total:x`; their values are errors here.
    std::set<std::string> refused;

    std::size_t rows(std::size_t table);
    /// Whether a condition for stopping was too near to a comparison to tell a table's number of rows.
    bool rows_are_undecided = false;
    OracleValue cell(std::size_t table, const std::string& column, std::size_t row, std::size_t col = 1);
    OracleValue held(std::size_t table, const std::string& name); ///< of the study where `table` is `none`
    OracleValue check(std::size_t table, const std::string& condition);
    /// A foot value: of a two-way table under a column, beside a row, or in the corner (both 0).
    OracleValue foot(std::size_t table, const FootPlan& line, const std::string& column, std::size_t row = 0,
                     std::size_t col = 0);
    /// The value of a formula in a row of a table, for searches: what the expression is where the bound name is `at`.
    OracleValue at(std::size_t table, const Node& expression, const std::string& bound, double at);
    const Node* parse(const std::string& formula);

    static constexpr std::size_t none = static_cast<std::size_t>(-1);

  private:
    /// Where a formula is evaluated. `row` and `col` are the formula's own, which [i, j] mean; a bare name of the own
    /// table is read at `own_row` and `own_col`, one of the table that a measure runs over at `other_row`.
    struct Frame {
        std::size_t table = none, row = 0, col = 0, own_row = 0, own_col = 0;
        std::size_t other = none, other_row = 0, other_col = 0;
        std::string each;
        std::size_t part_row = 0, part_col = 0; ///< of a side or foot: the only row or column that a measure runs over
        std::vector<std::pair<std::string, double>> bound;
    };
    struct Position {
        std::size_t row, col;
    };
    /// What a measure's arguments are: expressions that run over positions of one table, or single values.
    struct Sample {
        std::vector<const Node*> items;
        std::vector<const Node*> conditions;
        std::size_t over = none;
    };
    struct World;
    struct Reference {
        std::size_t table;
        const ColumnPlan* column = nullptr;
        bool down = false, across = false;
    };

    OracleValue eval(const Node& node, Frame& frame);
    OracleValue word(const Node& node, const Frame& frame);
    OracleValue name(const Node& node, Frame& frame);
    OracleValue index(const Node& node, Frame& frame);
    OracleValue binary(const Node& node, Frame& frame);
    OracleValue chain(const Node& node, Frame& frame);
    OracleValue what_if(const Node& node, Frame& frame);
    OracleValue call(const Node& node, Frame& frame);
    OracleValue bound(const Node& node, Frame& frame, const std::string& measure);
    OracleValue probability(const Node& node, Frame& frame);
    OracleValue rank(const Node& node, Frame& frame);
    OracleValue measure(const Node& node, Frame& frame);
    /// Values of paired samples, row by row; or why there are none.
    OracleValue gather(const Sample& sample, const std::vector<std::vector<const Node*>>& columns, Frame& frame,
                       std::vector<std::vector<OracleValue>>& tuples);
    OracleValue place(const Node& node, const Frame& frame, const Reference& where, bool across);
    bool refers(const Node& node, const Frame& frame, Reference& found, const std::string& each);
    bool runs(const Node& node, const Frame& frame, std::size_t& over);
    bool positions(const Node& node, Frame& frame, std::size_t over, std::vector<Position>& found, OracleValue& why);
    const GroupPlan* group_named(const Node& node, const Frame& frame) const;
    std::vector<const Node*> spread(const Node& node, const Frame& frame, std::vector<std::unique_ptr<Node>>& made);
    OracleValue column_value(const ColumnPlan& column, std::size_t table, std::size_t row, std::size_t col);
    bool is_definition_refused(std::size_t table, const std::string& name) const;
    std::size_t limit(std::size_t table) const;

    const Blueprint* plan_;
    std::shared_ptr<World> world_;
    std::shared_ptr<std::unordered_map<std::string, std::shared_ptr<const Node>>> parsed_;
};

// The plain functions and the measures of lists of values, in files of their own.
bool is_plain_function(const std::string& name);
OracleValue plain_function(const std::string& name, const std::vector<OracleValue>& arguments);
OracleValue arithmetic(Operator op, const OracleValue& a, const OracleValue& b);
OracleValue compare(Operator op, const OracleValue& a, const OracleValue& b, double tolerance);
OracleValue both(const OracleValue& a, const OracleValue& b, bool decisive); ///< `and` where no decides, `or` where yes
/// A measure of tuples of values (of one, or of paired columns), with its plain arguments.
struct MeasureShape {
    std::size_t samples, plain_least, plain_most;
    bool any_kind;
};
const MeasureShape* measure_shape(const std::string& name);
OracleValue measure_of(const std::string& name, const std::vector<std::vector<OracleValue>>& tuples,
                       const std::vector<OracleValue>& plain, int quantile_type, bool of_condition);
/// The probability that a distribution's value lies in an interval, both ends included where it is discrete.
double probability_between(const OracleValue& distribution, double from, bool with_from, double to, bool with_to);
bool is_family(const std::string& name);
OracleValue distribution_of(const std::string& family, const std::vector<OracleValue>& arguments);
OracleValue distribution_measure(const std::string& name, const std::vector<OracleValue>& arguments);

} // namespace ledgefall::testing
