#include "core/engine/binder.h"

#include "core/formula/names.h"

#include <algorithm>
#include <numbers>

namespace ledgefall {
bool is_word(const Node& node, std::string_view word) {
    return node.type == NodeType::word && node.text == word;
}

BoundFormula bind_formula(const Node& tree, const BindingScope& scope) {
    return Binder(scope).bind(tree);
}

BoundFormula Binder::bind(const Node& tree) {
    BoundFormula out;
    if (tree.type != NodeType::recurrence) {
        out.term = term(tree);
    } else if (!frame_.has_rows) {
        fail(Cause::wrong_arguments, tree.span,
             {"first and then need rows: only a column's formula can have them.", {}});
    } else {
        for (std::size_t at = 0; at + 1 < tree.kids.size() && !fault_; ++at) {
            out.first.push_back(term(tree.kid(at)));
        }
        if (!fault_ && scope_.first_kind) {
            scope_.first_kind(out.first.front()->kind);
        }
        out.term = fault_ ? nullptr : term(*tree.kids.back());
        if (out.term) {
            std::vector<TermPtr> all = out.first;
            all.push_back(out.term);
            if (unify(tree, all, 0)) {
                out.term = all.back();
                all.pop_back();
                out.first = all;
            }
        }
    }
    out.links = std::move(links_);
    if (fault_) {
        out.term = nullptr;
        out.first.clear();
        out.fault = std::move(fault_);
    }
    return out;
}

TermPtr Binder::fail(Cause cause, Span span, Sentence what) {
    if (!fault_) {
        fault_ = StaticFault{cause, std::move(what), here(span)};
    }
    return nullptr;
}

TermPtr Binder::fail(Cause cause, Span span, Sentence what, std::string mend) {
    const bool first = !fault_;
    fail(cause, span, std::move(what));
    if (first && !call_span_) { // what is wrong inside a held function is not set right where it is called
        fault_->mend = Mend{span, std::move(mend)};
    }
    return nullptr;
}

Binding Binder::bound(const Node& node) const {
    return parameter(node) != nullptr ? Binding() : look_up(*scope_.study, frame_.own, node.owner, node.text);
}

const TermPtr* Binder::parameter(const Node& node) const {
    const auto found = node.owner.empty() ? frame_.parameters.find(node.text) : frame_.parameters.end();
    return found == frame_.parameters.end() ? nullptr : &found->second;
}

TermPtr Binder::term(const Node& node) {
    switch (node.type) {
    case NodeType::number:
        return constant(node, Value::number(node.number));
    case NodeType::text:
        return constant(node, Value::text(Text(node.text)));
    case NodeType::word:
        return word(node);
    case NodeType::name:
        return name(node);
    case NodeType::index:
        return index(node);
    case NodeType::call:
        return call(node);
    case NodeType::unary:
        return operate(node, node.op, std::vector<const Node*>{&node.kid(0)});
    case NodeType::binary:
        return operate(node, node.op, std::vector<const Node*>{&node.kid(0), &node.kid(1)});
    case NodeType::chain:
        return chain(node);
    case NodeType::choice:
        return choice(node);
    case NodeType::absolute: {
        TermPtr kid = term(node.kid(0));
        if (!kid || kid->kind != Kind::number) {
            return kid ? fail(Cause::wrong_kind, node.span,
                              {"Bars take a number, and this is %1.", {kind_in_words(kid->kind)}})
                       : nullptr;
        }
        auto made = std::make_shared<Term>();
        made->type = TermType::operate;
        made->span = here(node.span);
        made->on = kid->on;
        made->operation = find_function("abs")->operation;
        made->operation_name = "abs";
        made->kids = {kid};
        return made;
    }
    case NodeType::list:
        return fail(Cause::wrong_arguments, node.span,
                    {"Several values in brackets can stand only in a measure or after in.", {}});
    case NodeType::range:
        return fail(Cause::wrong_arguments, node.span,
                    {"A range can stand only in square brackets or in a measure.", {}});
    case NodeType::where:
    case NodeType::bound:
    case NodeType::given:
        return fail(Cause::wrong_arguments, node.span,
                    {"where, for and a bar can stand only in the brackets of a measure.", {}});
    case NodeType::recurrence:
        break;
    }
    return fail(Cause::wrong_arguments, node.span, {"first can only begin a formula.", {}});
}

TermPtr Binder::constant(const Node& node, Value value) const {
    auto made = std::make_shared<Term>();
    made->value = value;
    made->kind = value.kind();
    made->span = here(node.span);
    return made;
}

TermPtr Binder::word(const Node& node) {
    if (node.text == "yes" || node.text == "no") {
        return constant(node, Value::yes_no(node.text == "yes"));
    }
    if (node.text == "missing") {
        auto made = std::make_shared<Term>(*constant(node, Value::missing()));
        made->open_kind = true;
        return made;
    }
    if (node.text == "each") {
        if (frame_.each == nullptr) {
            return fail(
                Cause::unknown_name, node.span,
                {"each stands for a chosen column: it can be used in a foot line, or in a formula for several columns.",
                 {}});
        }
        return column(node, {frame_.own, frame_.each, nullptr});
    }
    if (frame_.own == nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 needs a table's rows, and the ledge has none.", {node.text}});
    }
    auto made = std::make_shared<Term>();
    made->span = here(node.span);
    made->table = frame_.own->id;
    if (node.text == "rows" || node.text == "last") {
        made->type = TermType::row_count;
        links_.push_back({LinkType::whole, frame_.own->id, 0});
        return made;
    }
    if (node.text == "row") {
        made->type = TermType::row_number;
        bool found = false;
        made->level = level_over(frame_.own->id, found);
        if (!found) {
            return fail(Cause::wrong_arguments, node.span, {"%1 needs a row, and there is none here.", {"row"}});
        }
        made->on = 1U << made->level;
        return made;
    }
    return row_of_formula(node);
}

TermPtr Binder::name(const Node& node) {
    if (node.owner.empty()) {
        for (std::size_t at = levels_.size(); at > frame_.levels; --at) {
            if (!levels_[at - 1].counter.empty() && levels_[at - 1].counter == node.text) {
                auto made = std::make_shared<Term>();
                made->type = TermType::counter;
                made->level = static_cast<std::uint32_t>(at);
                made->on = 1U << made->level;
                made->span = here(node.span);
                return made;
            }
        }
    }
    if (const TermPtr* given = parameter(node)) {
        return *given;
    }
    const Binding binding = bound(node);
    if (binding.column != nullptr) {
        return column(node, binding);
    }
    if (binding.group != nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 is a group of columns: take a measure of it, as in mean(%1[i]).", {binding.group->name}});
    }
    if (binding.held == nullptr) {
        return nameless(node);
    }
    if (binding.held->is_function()) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 is a function: write what it is taken of, as in %1(%2).",
                     {binding.held->name, binding.held->parameters.front()}});
    }
    auto made = std::make_shared<Term>();
    made->type = TermType::held;
    made->id = binding.held->id;
    made->span = here(node.span);
    made->kind = scope_.kind_of(binding.held->id);
    links_.push_back({LinkType::value, binding.held->id, 0});
    return made;
}

TermPtr Binder::nameless(const Node& node) {
    if (node.owner.empty() && (node.text == "pi" || node.text == "π" || node.text == "e")) {
        return constant(node, Value::number(node.text == "e" ? std::numbers::e : std::numbers::pi));
    }
    const std::string shown = node.owner.empty() ? node.text : node.owner + "." + node.text;
    if (!node.owner.empty() && node.owner != "ledge" && scope_.study->table_named(node.owner) == nullptr) {
        std::vector<std::string> tables;
        for (const auto& table : scope_.study->tables) {
            tables.push_back(table->name);
        }
        const std::string near = nearest_name(node.owner, tables);
        return near.empty() ? fail(Cause::unknown_name, node.span, {"There is no table called %1.", {node.owner}})
                            : fail(Cause::unknown_name, node.span,
                                   {"There is no table called %1. Did you mean %2?", {node.owner, near}},
                                   near + "." + node.text);
    }
    const Table* other = node.owner.empty() ? frame_.own : scope_.study->table_named(node.owner);
    const std::string near = nearest_name(node.text, known_names(*scope_.study, other));
    const Span span = node.owner.empty() ? node.span : node.name_span;
    if (near.empty()) {
        return fail(Cause::unknown_name, span,
                    {"There is no column or held value called %1: add it, or correct the name.", {shown}});
    }
    return fail(Cause::unknown_name, span,
                {"There is no column or held value called %1. Did you mean %2?", {shown, near}}, near);
}

std::uint32_t Binder::level_over(Id table, bool& found) const {
    for (std::size_t at = levels_.size(); at > frame_.levels; --at) {
        if (levels_[at - 1].table == table && !table.empty() && levels_[at - 1].counter.empty()) {
            found = true;
            return static_cast<std::uint32_t>(at);
        }
    }
    found = frame_.has_rows && frame_.own != nullptr && frame_.own->id == table;
    return 0;
}

TermPtr Binder::column(const Node& node, const Binding& binding) {
    bool found = false;
    const std::uint32_t level = level_over(binding.table->id, found);
    if (!found) {
        const std::string shown = (node.owner.empty() ? "" : node.owner + ".") + binding.column->name;
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 is a whole column: take one row of it, as in %1[1], or a measure, as in mean(%1).", {shown}});
    }
    auto made = std::make_shared<Term>();
    made->type = TermType::column;
    made->id = binding.column->id;
    made->table = binding.table->id;
    made->level = level;
    made->on = 1U << level;
    made->span = here(node.span);
    made->kind = scope_.kind_of(binding.column->id);
    link(level == 0 ? LinkType::same_row : levels_[level - 1].link, binding);
    return made;
}

void Binder::link(LinkType type, const Binding& binding, std::uint64_t row) {
    const bool own = frame_.has_rows && frame_.own != nullptr && binding.table->id == frame_.own->id;
    links_.push_back({own ? type : LinkType::whole, binding.column->id, row});
}

TermPtr Binder::call(const Node& node) {
    if (const HeldValue* held = called_function(*scope_.study, frame_.own, node.owner, node.text)) {
        return held_function(node, *held);
    }
    const Function* function = node.owner.empty() ? find_function(node.text) : nullptr;
    if (function == nullptr) {
        std::vector<std::string> names;
        for (const Function& known : catalogue()) {
            names.emplace_back(known.name);
        }
        const std::string near = nearest_name(node.text, names);
        if (near.empty()) {
            return fail(Cause::unknown_name, node.name_span, {"There is no function called %1.", {node.text}});
        }
        return fail(Cause::unknown_name, node.name_span,
                    {"There is no function called %1. Did you mean %2?", {node.text, near}}, near);
    }
    if (!node.kids.empty() && gives_distribution(node.kid(0))) {
        const Function* of_distribution = find_distribution_function(node.text);
        function = of_distribution != nullptr ? of_distribution : function;
    }
    if (function->name == "P") {
        return probability(node);
    }
    if (function->name == "today") {
        return today(node);
    }
    if (function->name == "convert") {
        return conversion(node, *function);
    }
    if (function->of_distribution()) {
        return distribution_call(node, *function);
    }
    return function->is_measure() ? measure(node, *function) : plain_call(node, *function);
}

bool Binder::check_count(const Node& node, const Function& function) {
    const auto& wanted = function.arguments;
    const auto least = static_cast<std::size_t>(
        std::count_if(wanted.begin(), wanted.end(), [](const Argument& argument) { return !argument.optional; }));
    if (node.kids.size() >= least && node.kids.size() <= wanted.size()) {
        return true;
    }
    fail(Cause::wrong_arguments, node.span,
         {"%1 is written %2, and the number of arguments here is %3.",
          {std::string(function.name), function.signature(), std::to_string(node.kids.size())}});
    return false;
}

TermPtr Binder::plain_call(const Node& node, const Function& function) {
    const auto& wanted = function.arguments;
    if (!check_count(node, function)) {
        return nullptr;
    }
    auto made = begin_operation(node, function);
    for (std::size_t at = 0; at < node.kids.size(); ++at) {
        TermPtr kid = term(node.kid(at));
        if (!kid) {
            return nullptr;
        }
        if (kid->kind == Kind::interval &&
            (function.name == "lower" || function.name == "upper" || function.name == "mid")) {
            return interval_part(node, kid, function.name);
        }
        if (!wanted[at].any_kind && !kid->open_kind && kid->kind != wanted[at].kind) {
            return fail(Cause::wrong_kind, node.kid(at).span,
                        {"%1 takes %2 here, and this is %3.",
                         {std::string(function.name), kind_in_words(wanted[at].kind), kind_in_words(kid->kind)}});
        }
        made->kids.push_back(std::move(kid));
    }
    if (function.keeps_kind) {
        if (!unify(node, made->kids, 0)) {
            return nullptr;
        }
        made->kind = made->kids.front()->kind;
        made->operation.result = made->kind;
    }
    return end_operation(std::move(made));
}

} // namespace ledgefall
