#include "core/formula/substitute.h"

#include <algorithm>

namespace ledgefall {
namespace {

std::unique_ptr<Node> shell_of(const Node& tree) {
    auto node = std::make_unique<Node>();
    node->type = tree.type;
    node->span = tree.span;
    node->name_span = tree.name_span;
    node->op = tree.op;
    node->number = tree.number;
    node->text = tree.text;
    node->owner = tree.owner;
    node->ops = tree.ops;
    return node;
}

void give(Node& node, NodePtr kid) {
    node.depth = std::max(node.depth, (kid ? kid->depth : 0) + 1);
    node.kids.push_back(std::move(kid));
}

class Filler {
  public:
    Filler(const std::map<std::string, Filling>& fillings, Span span,
           const std::function<bool(const Node& call)>& is_measure)
        : fillings_(fillings)
        , span_(span)
        , is_measure_(is_measure) {}

    NodePtr fill(const Node& tree) {
        const auto filling =
            tree.type == NodeType::name && tree.owner.empty() ? fillings_.find(tree.text) : fillings_.end();
        if (filling != fillings_.end()) {
            condition_ = filling->second.where != nullptr ? filling->second.where : condition_;
            return copy_of(*filling->second.value);
        }
        std::unique_ptr<Node> node = shell_of(tree);
        node->span = node->name_span = span_;
        const bool measure = tree.type == NodeType::call && is_measure_(tree);
        const Node* around = condition_;
        for (std::size_t at = 0; at < tree.kids.size(); ++at) {
            condition_ = measure ? nullptr : condition_;
            NodePtr kid = tree.kids[at] ? fill(*tree.kids[at]) : nullptr;
            if (measure && at == 0 && condition_ != nullptr) {
                auto where = std::make_unique<Node>();
                where->type = NodeType::where;
                where->span = span_;
                give(*where, std::move(kid));
                give(*where, copy_of(*condition_));
                kid = std::move(where);
            }
            give(*node, std::move(kid));
        }
        condition_ = measure ? around : condition_;
        return node;
    }

  private:
    const std::map<std::string, Filling>& fillings_;
    Span span_;
    const std::function<bool(const Node& call)>& is_measure_;
    const Node* condition_ = nullptr; ///< of what has been put into the measure that is open
};

} // namespace

NodePtr copy_of(const Node& tree) {
    std::unique_ptr<Node> node = shell_of(tree);
    for (const NodePtr& kid : tree.kids) {
        give(*node, kid ? copy_of(*kid) : nullptr);
    }
    return node;
}

NodePtr filled(const Node& tree, const std::map<std::string, Filling>& fillings, Span span,
               const std::function<bool(const Node& call)>& is_measure) {
    return Filler(fillings, span, is_measure).fill(tree);
}

} // namespace ledgefall
