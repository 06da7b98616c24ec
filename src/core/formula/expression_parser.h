#pragma once

#include "core/formula/expressions.h"

#include <algorithm>
#include <memory>
#include <utility>

namespace ledgefall {

using MutableNode = std::unique_ptr<Node>;

/// A parser by recursive descent, one function for each step of precedence, loosest first, as in the language's table.
/// Every function gives back a null node once a mistake has been found, and the first mistake is the one that is told.
/// The operators are in expressions.cpp, what stands between them in operands.cpp.
class Expressions {
  public:
    explicit Expressions(const std::vector<Token>& tokens)
        : tokens_(tokens) {}
    ParsedFormula read();

  private:
    const Token& now() const { return tokens_[at_]; }
    const Token& coming() const { return tokens_[std::min(at_ + 1, tokens_.size() - 1)]; }
    bool at_sign(std::string_view sign) const { return now().type == TokenType::sign && now().text == sign; }
    bool at_word(std::string_view word) const { return now().type == TokenType::name && now().text == word; }
    void step() { at_ += at_ + 1 < tokens_.size() ? 1 : 0; }
    bool take(std::string_view sign) {
        const bool there = at_sign(sign);
        there ? step() : void();
        return there;
    }
    bool take_word(std::string_view word) {
        const bool there = at_word(word);
        there ? step() : void();
        return there;
    }

    NodePtr fail(Span span, Sentence what) {
        if (!mistake_) {
            mistake_ = Mistake{std::move(what), span};
            if (now().type == TokenType::end) {
                mistake_->follows = mistake_->what;
            }
        }
        return nullptr;
    }
    NodePtr fail(Span span, Sentence what, SuggestedCorrection correction) {
        const bool first = !mistake_;
        fail(span, std::move(what));
        if (first) {
            mistake_->correction = std::move(correction);
        }
        return nullptr;
    }
    NodePtr unexpected();
    bool begins_operand() const;
    bool need(std::string_view sign, Span opened);

    static MutableNode make(NodeType type, Span span) {
        auto node = std::make_unique<Node>();
        node->type = type;
        node->span = span;
        return node;
    }

    /// Finishes a node: takes its kids in, closes its span, and refuses a tree that has grown too deep.
    NodePtr finish(MutableNode node, std::vector<NodePtr> kids) {
        std::uint32_t depth = 0;
        for (NodePtr& kid : kids) {
            depth = std::max(depth, kid ? kid->depth : 0);
            node->kids.push_back(std::move(kid));
        }
        node->depth = depth + 1;
        node->span.to = at_ > 0 ? std::max(node->span.to, tokens_[at_ - 1].span.to) : node->span.to;
        if (node->depth > FormulaLimits::depth) {
            return fail(node->span, {N_("This formula is nested more than %1 deep. Divide it between columns."),
                                     {std::to_string(FormulaLimits::depth)}});
        }
        return node;
    }

    template <class... Kids>
    NodePtr build(MutableNode node, Kids... kids) {
        std::vector<NodePtr> all;
        (all.push_back(std::move(kids)), ...);
        return finish(std::move(node), std::move(all));
    }
    NodePtr with_operator(NodeType type, Operator op, Span from, NodePtr left, NodePtr right);
    NodePtr with_operator(Operator op, Span from, NodePtr kid);
    NodePtr formula();
    NodePtr expression();
    NodePtr disjunction();
    NodePtr what_if(Span from, NodePtr asked);
    NodePtr conjunction();
    NodePtr negation();
    bool take_comparison(Operator& op);
    NodePtr comparison();
    NodePtr sum();
    NodePtr product();
    NodePtr unary();
    NodePtr power();
    NodePtr postfix();
    NodePtr percent(Span from, NodePtr kid);
    NodePtr index(Span from, NodePtr base);
    NodePtr place();
    NodePtr primary();
    NodePtr too_nested(Span at);
    NodePtr bars();
    NodePtr bracketed();
    NodePtr ranged();
    NodePtr named();
    NodePtr choice();
    NodePtr call(const Token& name, const std::string& owner, Span from);
    NodePtr argument();
    NodePtr bound(Span from, NodePtr expression_of_name);

    const std::vector<Token>& tokens_;
    std::size_t at_ = 0;
    std::uint32_t nested_ = 0;
    int in_index_ = 0;
    std::optional<Mistake> mistake_;
};

} // namespace ledgefall
