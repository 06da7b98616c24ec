// Formulas of the formula language as worksheet formulas. A column of the own row is a place that follows the row; a
// whole column in a measure is a range with fixed rows; a held value is a fixed place.

#include "files/worksheet_writing/sheet_formula_maker.h"

#include "core/value/text_order.h"
#include "files/worksheet_recovery/openformula_patterns.h"
#include "files/worksheet_writing/formula_making.h"
#include "files/worksheet_writing/place_study.h"
#include "files/worksheet_writing/sheet_nodes.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

} // namespace

MadeFormula SheetFormulaMaking::run(const Node& tree) {
    out_.tree = value(tree, false);
    return std::move(out_);
}

SheetNodePtr SheetFormulaMaking::value(const Node& node, bool in_measure) {
    switch (node.type) {
    case NodeType::number:
        return number_of(node.number);
    case NodeType::text:
        return text_of(node.text);
    case NodeType::word:
        return word(node, in_measure);
    case NodeType::name:
        return named(node, in_measure);
    case NodeType::index:
        return indexed(node, in_measure);
    case NodeType::range:
        return across(node, in_measure);
    case NodeType::call:
        return call(node, in_measure);
    case NodeType::unary:
        return unary(node, in_measure);
    case NodeType::binary:
        return binary(node, in_measure);
    case NodeType::chain:
        return chain(node, in_measure);
    case NodeType::choice:
        return call_of(openformula::when, {value(node.kid(0), in_measure), value(node.kid(1), in_measure),
                                           value(node.kid(2), in_measure)});
    case NodeType::absolute:
        return call_of(openformula::absolute, {value(node.kid(0), in_measure)});
    default:
        refuse(N_("worksheet functions cannot express it"));
    }
}

SheetNodePtr SheetFormulaMaking::word(const Node& node, bool in_measure) const {
    if (node.text == "each" && seat_.in_foot()) {
        if (!in_measure) {
            refuse(N_("it uses a whole column as one value"));
        }
        if (seat_.table->two_way()) {
            return each_of_grid();
        }
        return whole(*seat_.table, seat_.column, seat_.column);
    }
    if (node.text == "yes" || node.text == "no") {
        return yes_no_of(node.text == "yes");
    }
    if (node.text == "missing") {
        return text_of("");
    }
    if (node.text == "rows" && seat_.table != nullptr) {
        return number_of(own().rows);
    }
    if (node.text == "row" && seat_.in == FormulaPosition::In::column) {
        const SheetNodePtr here = call_of(openformula::row, {});
        return operation_of(SheetOperator::subtract, {here, number_of(own().first_row)});
    }
    refuse(N_("worksheet functions cannot express it"));
}

SheetNodePtr SheetFormulaMaking::across(const Node& node, bool in_measure) {
    if (!in_measure || !node.kids[0] || !node.kids[1]) {
        refuse(N_("it uses several columns as one value"));
    }
    const SheetNodePtr from = value(node.kid(0), true);
    const SheetNodePtr to = value(node.kid(1), true);
    auto out = std::make_shared<SheetNode>(*from);
    out->type = Type::range;
    out->to = to->type == Type::range ? to->to : to->from;
    return out;
}

SheetNodePtr SheetFormulaMaking::unary(const Node& node, bool in_measure) {
    const SheetNodePtr kid = value(node.kid(0), in_measure);
    switch (node.op) {
    case Operator::negate:
        return operation_of(SheetOperator::negate, {kid});
    case Operator::percent:
        return operation_of(SheetOperator::percent, {kid});
    case Operator::logical_not:
        return call_of(openformula::negation, {kid});
    case Operator::factorial:
        return call_of(openformula::factorial, {kid});
    case Operator::root:
        return call_of(openformula::square_root, {kid});
    case Operator::degree:
        return operation_of(
            SheetOperator::divide,
            {operation_of(SheetOperator::multiply, {kid, call_of(openformula::pi, {})}), number_of(180)});
    default:
        refuse(N_("worksheet functions cannot express it"));
    }
}

SheetNodePtr SheetFormulaMaking::binary(const Node& node, bool in_measure) {
    const SheetNodePtr left = value(node.kid(0), in_measure);
    const SheetNodePtr right = value(node.kid(1), in_measure);
    switch (node.op) {
    case Operator::add:
        return operation_of(SheetOperator::add, {left, right});
    case Operator::subtract:
        return operation_of(SheetOperator::subtract, {left, right});
    case Operator::multiply:
        return operation_of(SheetOperator::multiply, {left, right});
    case Operator::divide:
        return operation_of(SheetOperator::divide, {left, right});
    case Operator::power:
        return operation_of(SheetOperator::power, {left, right});
    case Operator::modulo:
        return call_of(openformula::remainder, {left, right});
    case Operator::logical_and:
        return call_of(openformula::all_of, {left, right});
    case Operator::logical_or:
        return call_of(openformula::any_of, {left, right});
    default:
        refuse(N_("worksheet functions cannot express it"));
    }
}

SheetOperator SheetFormulaMaking::comparison(Operator op) {
    switch (op) {
    case Operator::equal:
        return SheetOperator::equal;
    case Operator::not_equal:
        return SheetOperator::not_equal;
    case Operator::less:
        return SheetOperator::less;
    case Operator::less_equal:
        return SheetOperator::less_equal;
    case Operator::greater:
        return SheetOperator::greater;
    case Operator::greater_equal:
        return SheetOperator::greater_equal;
    default:
        refuse(N_("it uses the operator in"));
    }
}

namespace {

void add_ranges(const SheetNodePtr& node, std::vector<SheetNodePtr>& out) {
    if (node->type == Type::range) {
        out.push_back(node);
    }
    for (const SheetNodePtr& kid : node->kids) {
        add_ranges(kid, out);
    }
}

} // namespace

/// `≈`: the difference is within the study's tolerance of the size of what both sides are made of, which is that of the
/// sides and of the sums of the sizes in the ranges that they take.
SheetNodePtr SheetFormulaMaking::about_equal(const SheetNodePtr& left, const SheetNodePtr& right) const {
    const auto size = [](const SheetNodePtr& of) { return call_of(openformula::absolute, {of}); };
    std::vector<SheetNodePtr> sizes{size(left), size(right)};
    std::vector<SheetNodePtr> ranges;
    add_ranges(left, ranges);
    add_ranges(right, ranges);
    for (const SheetNodePtr& range : ranges) {
        sizes.push_back(call_of(openformula::sum_of_products, {size(range)}));
    }
    return operation_of(SheetOperator::less_equal,
                        {size(operation_of(SheetOperator::subtract, {left, right})),
                         operation_of(SheetOperator::multiply,
                                      {number_of(study_.settings.tolerance), call_of(openformula::greatest, sizes)})});
}

SheetNodePtr SheetFormulaMaking::chain(const Node& node, bool in_measure) {
    std::vector<SheetNodePtr> pairs;
    for (std::size_t at = 0; at < node.ops.size(); ++at) {
        const Node& left = node.kid(at);
        const Node& right = node.kid(at + 1);
        check_texts(left, right);
        const SheetNodePtr first = value(left, in_measure);
        const SheetNodePtr second = value(right, in_measure);
        pairs.push_back(node.ops[at] == Operator::approximately
                            ? about_equal(first, second)
                            : operation_of(comparison(node.ops[at]), {first, second}));
    }
    return pairs.size() == 1 ? pairs.front() : call_of(openformula::all_of, pairs);
}

void SheetFormulaMaking::check_texts(const Node& left, const Node& right) const {
    const auto is_text = [this](const Node& node) {
        if (node.type == NodeType::name || node.type == NodeType::index) {
            const Node& name = node.type == NodeType::index ? node.kid(0) : node;
            const Binding binding =
                name.type == NodeType::name ? look_up(study_, seat_.table, name.owner, name.text) : Binding();
            const Column* cells = binding.column == nullptr ? nullptr : results_.column(binding.column->id);
            return cells != nullptr && cells->kind() == Kind::text;
        }
        return node.type == NodeType::text;
    };
    const auto makes_text = [](const Node& node) { // one that no cell has
        constexpr const char* makers[] = {"join", "upper", "lower", "trim", "text"};
        return node.type == NodeType::call &&
               std::find(std::begin(makers), std::end(makers), node.text) != std::end(makers);
    };
    if (contains(left, makes_text) || contains(right, makes_text)) {
        refuse(N_("it compares text that is made within it: put that text in a separate column"));
    }
    if (texts_compare_otherwise_ && (is_text(left) || is_text(right))) {
        refuse(N_("it compares text, which worksheets compare differently: capitals, *, ? and ~, and text that looks "
                  "like numbers"));
    }
}

SheetFormulaMaker::SheetFormulaMaker(const Study& study, const Results& results, const SheetPlaces& places)
    : study_(study)
    , results_(results)
    , places_(places) {
    std::map<std::string, std::string> by_small_letters;
    const auto add = [&](const std::string& text) {
        const auto [known, added] = by_small_letters.emplace(in_small_letters(text), text);
        const Kind kind = kind_of_typed(text, Spelling()); // a condition on `05` holds for 5, too
        texts_compare_otherwise_ = texts_compare_otherwise_ || (!added && known->second != text) ||
                                   (!text.empty() && (kind == Kind::number || kind == Kind::date)) ||
                                   text.find_first_of("*?~") != std::string::npos;
    };
    for (const auto& table : study.tables) {
        for (const auto& column : table->columns) {
            const Column* cells = results.column(column->id);
            for (std::size_t row = 0; cells != nullptr && cells->kind() == Kind::text && row < cells->size(); ++row) {
                if (const Value value = cells->at(row); value.plain()) {
                    add(value.text().str());
                }
            }
        }
    }
    each_held(study, [&](const Table*, const HeldValue& held) {
        if (const Value value = results.single(held.id); value.plain() && value.kind() == Kind::text) {
            add(value.text().str());
        }
    });
    for_each_formula(study, [&](const FormulaPlace&, const Formula& formula) {
        if (const auto& tree = formula.tree()) {
            static_cast<void>(contains(*tree, [&](const Node& node) {
                if (node.type == NodeType::text) {
                    add(node.text);
                }
                return false;
            }));
        }
    });
}

Result<MadeFormula> SheetFormulaMaker::make(const Node& tree, const FormulaPosition& seat) const {
    try {
        return SheetFormulaMaking(study_, results_, places_, seat, texts_compare_otherwise_).run(tree);
    } catch (const NotTranslatable& refusal) {
        return refusal.why;
    }
}

SheetNodePtr guarded_formula(const SheetNodePtr& tree, const std::vector<SheetNodePtr>& operands) {
    std::vector<SheetNodePtr> asked;
    for (const SheetNodePtr& operand : operands) {
        const bool again = std::any_of(asked.begin(), asked.end(), [&](const SheetNodePtr& one) {
            return one->kid(0).from == operand->from && one->kid(0).sheet == operand->sheet;
        });
        if (!again) {
            asked.push_back(operation_of(SheetOperator::equal, {operand, text_of("")}));
        }
    }
    if (asked.empty()) {
        return tree;
    }
    return call_of(openformula::when,
                   {asked.size() == 1 ? asked.front() : call_of(openformula::any_of, asked), text_of(""), tree});
}

} // namespace ledgefall
