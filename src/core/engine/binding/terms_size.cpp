#include "core/engine/binding/terms_size.h"

#include "core/engine/functions/catalogue.h"
#include "core/formula/substitute.h"

#include <algorithm>
#include <utility>

namespace ledgefall {
namespace {

constexpr std::size_t most_nodes = 300; ///< of a size: beyond it a name stands for its own size
constexpr int most_names_deep = 12;

NodePtr finished(Node node) {
    for (const NodePtr& kid : node.kids) {
        node.depth = std::max(node.depth, kid ? kid->depth + 1 : 1);
    }
    return std::make_unique<const Node>(std::move(node));
}

Node with_kid(const Node& like, NodePtr kid) {
    Node node;
    node.type = like.type;
    node.span = like.span;
    node.name_span = like.name_span;
    node.op = like.op;
    node.text = like.text;
    node.owner = like.owner;
    node.kids.push_back(std::move(kid));
    return node;
}

NodePtr with_kids(const Node& like, NodePtr first, NodePtr second) {
    Node node = with_kid(like, std::move(first));
    node.kids.push_back(std::move(second));
    return finished(std::move(node));
}

NodePtr in_bars(const Node& like, NodePtr kid) {
    Node node;
    node.type = NodeType::absolute;
    node.span = like.span;
    node.kids.push_back(std::move(kid));
    return finished(std::move(node));
}

NodePtr operated(const Node& like, Operator op, NodePtr left, NodePtr right) {
    Node node;
    node.type = NodeType::binary;
    node.span = like.span;
    node.op = op;
    node.kids.push_back(std::move(left));
    node.kids.push_back(std::move(right));
    return finished(std::move(node));
}

/// Whether a formula means the same wherever its table's rows run: it looks at no other row than its own.
bool stays_in_row(const Node& node) {
    return node.type != NodeType::index && node.type != NodeType::recurrence &&
           std::all_of(node.kids.begin(), node.kids.end(),
                       [](const NodePtr& kid) { return !kid || stays_in_row(*kid); });
}

/// The sizes of expressions: each times half a unit in the last place is about what rounding has lost in it. `adds`
/// tells whether one has been met that is smaller than its terms may be.
class Sizes {
  public:
    Sizes(const Study& study, const Table* own, const ColumnDefinition* each)
        : study_(study)
        , own_(own)
        , each_(each) {}

    bool adds = false;

    NodePtr of(const Node& node) {
        switch (node.type) {
        case NodeType::number:
            return copy(node);
        case NodeType::word:
            return node.text == "each" && each_ != nullptr ? of_definition(node, each_->pieces, own_) : own_size(node);
        case NodeType::name:
            return of_name(node);
        case NodeType::absolute:
            return of(node.kid(0));
        case NodeType::unary:
            return node.op == Operator::negate || node.op == Operator::percent || node.op == Operator::degree
                       ? of_sign(node)
                       : own_size(node);
        case NodeType::binary:
            return of_operation(node);
        case NodeType::choice:
            return of_choice(node);
        case NodeType::call:
            return of_call(node);
        default:
            return own_size(node);
        }
    }

  private:
    NodePtr copy(const Node& node) {
        nodes_ += count(node);
        return copy_of(node);
    }
    NodePtr own_size(const Node& node) { return in_bars(node, copy(node)); }

    static std::size_t count(const Node& node) {
        std::size_t all = 1;
        for (const NodePtr& kid : node.kids) {
            all += kid ? count(*kid) : 0;
        }
        return all;
    }

    /// Of `-x` as of x; of `x%` a hundredth of it.
    NodePtr of_sign(const Node& node) {
        NodePtr kid = of(node.kid(0));
        return node.op == Operator::negate ? std::move(kid) : finished(with_kid(node, std::move(kid)));
    }

    NodePtr of_operation(const Node& node) {
        if (node.op == Operator::add || node.op == Operator::subtract) {
            adds = true;
            NodePtr left = of(node.kid(0));
            return operated(node, Operator::add, std::move(left), of(node.kid(1)));
        }
        if (node.op == Operator::multiply) {
            return of_product(node);
        }
        if (node.op == Operator::divide) {
            NodePtr left = of(node.kid(0));
            return with_kids(node, std::move(left), own_size(node.kid(1)));
        }
        if (node.op == Operator::power && node.kid(1).type == NodeType::number && node.kid(1).number >= 1) {
            return of_power(node);
        }
        return own_size(node);
    }

    /// The size of a part, and whether anything is added up in it.
    std::pair<NodePtr, bool> part(const Node& node) {
        const bool before = std::exchange(adds, false);
        NodePtr size = of(node);
        const bool added = std::exchange(adds, adds || before);
        return {std::move(size), added};
    }

    /// What is lost in one factor counts as often as the other one is large: |x| S(y) + |y| S(x).
    NodePtr of_product(const Node& node) {
        auto [left, left_adds] = part(node.kid(0));
        auto [right, right_adds] = part(node.kid(1));
        if (!left_adds && !right_adds) {
            return own_size(node);
        }
        NodePtr by_right = with_kids(node, own_size(node.kid(0)), std::move(right));
        NodePtr by_left = with_kids(node, std::move(left), own_size(node.kid(1)));
        return operated(node, Operator::add, std::move(by_right), std::move(by_left));
    }

    /// Of x^k: k |x|^(k−1) S(x).
    NodePtr of_power(const Node& node) {
        auto [base, base_adds] = part(node.kid(0));
        if (!base_adds) {
            return own_size(node);
        }
        NodePtr less = operated(node, Operator::power, own_size(node.kid(0)), number(node, node.kid(1).number - 1));
        NodePtr slope = operated(node, Operator::multiply, copy(node.kid(1)), std::move(less));
        return operated(node, Operator::multiply, std::move(slope), std::move(base));
    }

    static NodePtr number(const Node& like, double value) {
        Node node;
        node.type = NodeType::number;
        node.span = like.span;
        node.number = value;
        return finished(std::move(node));
    }

    NodePtr of_choice(const Node& node) {
        Node choice;
        choice.type = NodeType::choice;
        choice.span = node.span;
        choice.kids.push_back(copy(node.kid(0)));
        choice.kids.push_back(of(node.kid(1)));
        choice.kids.push_back(of(node.kid(2)));
        return finished(std::move(choice));
    }

    NodePtr of_call(const Node& node) {
        const bool held_function = called_function(study_, own_, node.owner, node.text) != nullptr;
        const Function* function = held_function ? nullptr : find_function(node.text);
        if (function == nullptr || !function->adds_up || node.kids.empty()) {
            return own_size(node);
        }
        adds = true;
        Node call = with_kid(node, nullptr);
        call.kids.clear();
        for (const NodePtr& taken : node.kids) {
            const bool condition = taken->type == NodeType::where || taken->type == NodeType::bound;
            NodePtr size = of(condition ? taken->kid(0) : *taken);
            call.kids.push_back(condition ? with_kids(*taken, std::move(size), copy(taken->kid(1))) : std::move(size));
        }
        return finished(std::move(call));
    }

    NodePtr of_name(const Node& node) {
        const Binding meant = meaning_of(study_, own_, node);
        if (meant.column != nullptr) {
            return of_definition(node, meant.column->pieces, meant.table);
        }
        if (meant.held != nullptr && !meant.held->is_function() && meant.held->computed() &&
            meant.held->formula.tree()) {
            return of_formula(node, *meant.held->formula.tree(), meant.table);
        }
        return own_size(node);
    }

    /// Of a column of one formula as of that formula.
    NodePtr of_definition(const Node& node, const std::vector<Piece>& pieces, const Table* table) {
        const bool readable =
            pieces.size() == 1 && pieces.front().formula.tree() && stays_in_row(*pieces.front().formula.tree());
        return readable ? of_formula(node, *pieces.front().formula.tree(), table) : own_size(node);
    }

    /// Of a name as of its formula, read here; where a name in it would mean something else here, or it has grown too
    /// long, as of the name itself.
    NodePtr of_formula(const Node& node, const Node& formula, const Table* table) {
        if (names_deep_ == most_names_deep || nodes_ + count(formula) > most_nodes) {
            return own_size(node);
        }
        bool readable = true;
        const NodePtr here = read_here(formula, table, readable);
        if (!readable) {
            return own_size(node);
        }
        ++names_deep_;
        NodePtr size = of(*here);
        --names_deep_;
        return size;
    }

    NodePtr read_here(const Node& formula, const Table* table, bool& readable) const {
        Node node = with_kid(formula, nullptr);
        node.kids.clear();
        node.number = formula.number;
        node.ops = formula.ops;
        node.depth = 1;
        if (formula.type == NodeType::name) {
            const Id meant = meaning_of(study_, table, formula).id();
            if (!(meaning_of(study_, own_, node).id() == meant) && node.owner.empty() && table != nullptr) {
                node.owner = table->name;
            }
            readable = readable && meaning_of(study_, own_, node).id() == meant;
        } else if (formula.type == NodeType::call) {
            readable = readable && called_function(study_, table, formula.owner, formula.text) ==
                                       called_function(study_, own_, formula.owner, formula.text);
        } else if (formula.type == NodeType::word) {
            readable = readable &&
                       (table == own_ || formula.text == "yes" || formula.text == "no" || formula.text == "missing");
        }
        for (const NodePtr& kid : formula.kids) {
            node.kids.push_back(kid ? read_here(*kid, table, readable) : nullptr);
        }
        return finished(std::move(node));
    }

    const Study& study_;
    const Table* own_;
    const ColumnDefinition* each_;
    std::size_t nodes_ = 0;
    int names_deep_ = 0;
};

} // namespace

NodePtr terms_size(const Node& tree, const Study& study, const Table* own, const ColumnDefinition* each) {
    Sizes sizes(study, own, each);
    NodePtr size = sizes.of(tree);
    return sizes.adds ? std::move(size) : nullptr;
}

} // namespace ledgefall
