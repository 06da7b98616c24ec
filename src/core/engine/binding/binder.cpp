#include "core/engine/binding/binder.h"

#include "core/engine/binding/call_binder.h"
#include "core/engine/binding/grid_binder.h"
#include "core/engine/binding/measure_binder.h"
#include "core/engine/binding/place_binder.h"
#include "core/engine/binding/probability_binder.h"
#include "core/engine/binding/what_if_binder.h"
#include "core/formula/names.h"
#include "core/formula/print.h"

#include <algorithm>
#include <numbers>

namespace ledgefall {
bool is_word(const Node& node, std::string_view word) {
    return node.type == NodeType::word && node.text == word;
}

std::string OperationTerm::display_name() const {
    return function != nullptr ? std::string(function->name) : op ? std::string(sign_of(*op)) : "if";
}

BoundFormula bind_formula(const Node& tree, const BindingScope& scope) {
    BindingContext context(scope);
    return Binder(context).bind(tree);
}

BoundFormula Binder::bind(const Node& tree) {
    BoundFormula out;
    if (tree.type != NodeType::recurrence) {
        out.term = term(tree);
    } else if (!context_.frame.has_rows) {
        fail(Cause::wrong_arguments, tree.span,
             {N_("first and then need rows. Use them only in the formula of a column."), {}});
    } else {
        for (std::size_t at = 0; at + 1 < tree.kids.size() && !context_.fault; ++at) {
            out.first.push_back(term(tree.kid(at)));
        }
        if (!context_.fault && context_.scope.first_kind) {
            context_.scope.first_kind(out.first.front()->kind);
        }
        out.term = context_.fault ? nullptr : term(*tree.kids.back());
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
    out.links = std::move(context_.links);
    out.what_ifs = std::move(context_.what_ifs);
    if (context_.fault) {
        out.term = nullptr;
        out.first.clear();
        out.fault = std::move(context_.fault);
    }
    return out;
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
        return PlaceBinder(context_, *this).index(node);
    case NodeType::call:
        return call(node);
    case NodeType::unary:
        return operate_on(node, node.op, {&node.kid(0)});
    case NodeType::binary:
        return operate_on(node, node.op, {&node.kid(0), &node.kid(1)});
    case NodeType::chain:
        return chain(node);
    case NodeType::choice:
        return choice(node);
    case NodeType::absolute:
        return absolute(node);
    case NodeType::list:
        return fail(Cause::wrong_arguments, node.span,
                    {N_("Several values in brackets can be used only in a measure or after in."), {}});
    case NodeType::range:
        return fail(Cause::wrong_arguments, node.span,
                    {N_("A range can be used only in square brackets or in a measure."), {}});
    case NodeType::what_if:
        return WhatIfBinder(context_, *this).what_if(node);
    case NodeType::where:
    case NodeType::bound:
    case NodeType::given:
        return fail(Cause::wrong_arguments, node.span,
                    {N_("where, for and a bar can be used only in the brackets of a measure."), {}});
    case NodeType::recurrence:
        break;
    }
    return fail(Cause::wrong_arguments, node.span, {N_("first can only start a formula."), {}});
}

TermPtr Binder::word(const Node& node) {
    if (node.text == "yes" || node.text == "no") {
        return constant(node, Value::yes_no(node.text == "yes"));
    }
    if (node.text == "missing") {
        const auto term = made(node, ConstantTerm{Value::missing()});
        term->open_kind = true;
        return term;
    }
    if (node.text == "each") {
        if (context_.frame.each == nullptr) {
            return fail(
                Cause::unknown_name, node.span,
                {N_("each stands for a selected column. Use it in a foot line, or in a formula for several columns."),
                 {}});
        }
        return column(node, {context_.frame.own, context_.frame.each, nullptr});
    }
    if (context_.frame.own == nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 needs the rows of a table, but the ledge has none."), {node.text}});
    }
    if (context_.frame.own->two_way()) {
        return GridBinder(context_, *this).word(node);
    }
    if (node.text == "rows" || node.text == "last") {
        context_.links.push_back({DependencyKind::whole, context_.frame.own->id, 0});
        return made(node, RowCountTerm{context_.frame.own->id});
    }
    if (node.text == "row") {
        const auto level = level_over(context_.frame.own->id);
        if (!level) {
            return fail(Cause::wrong_arguments, node.span, {N_("%1 needs a row, but there is none here."), {"row"}});
        }
        if (*level > 0) { // in a measure it needs the table's number of rows, as a column there would
            context_.links.push_back({DependencyKind::whole, context_.frame.own->id, 0});
        }
        return made(node, RowNumberTerm{.level = *level}, Kind::number, 1U << *level);
    }
    return PlaceBinder(context_, *this).row_of_formula(node);
}

TermPtr Binder::name(const Node& node) {
    if (node.owner.empty()) {
        for (std::size_t at = context_.levels.size(); at > context_.frame.levels; --at) {
            if (!context_.levels[at - 1].counter.empty() && context_.levels[at - 1].counter == node.text) {
                return made(node, CounterTerm(), Kind::number, 1U << at);
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
                    {N_("%1 is a group of columns. Use a measure of it, as in mean(%1[i])."), {binding.group->name}});
    }
    if (binding.held == nullptr) {
        return under_same_column(node);
    }
    if (binding.held->is_function()) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 is a function. Add its arguments, as in %1(%2)."),
                     {binding.held->name, binding.held->parameters.front()}});
    }
    context_.links.push_back({DependencyKind::value, binding.held->id, 0});
    return made(node, HeldTerm{binding.held->id}, context_.scope.kind_of(binding.held->id));
}

/// Another foot line's value under the column that this one is of.
TermPtr Binder::under_same_column(const Node& node) {
    const bool in_foot = context_.frame.each != nullptr && context_.scope.each == context_.frame.each;
    const FootLine* line = in_foot ? foot_line_meant(*context_.scope.study, context_.frame.own, node) : nullptr;
    if (line == nullptr) {
        return unknown_name(node);
    }
    if (!line->takes(context_.frame.each->id)) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("The foot line %1 does not cover this column. Add the column in the menu of that line."),
                     {line->label}});
    }
    if (context_.frame.along != GridPart::cell) {
        const Id id = foot_row_of(line->id, context_.frame.each->id, context_.frame.along == GridPart::column);
        context_.links.push_back({DependencyKind::whole, id, 0});
        return made(node, ColumnTerm{.id = id, .table = context_.frame.own->id}, context_.scope.kind_of(id), 1U);
    }
    const DefinitionId id = DefinitionId::foot_value(line->id, context_.frame.each->id);
    context_.links.push_back({DependencyKind::value, id, 0});
    return made(node, HeldTerm{id}, context_.scope.kind_of(id));
}

TermPtr Binder::unknown_name(const Node& node) {
    const bool of_grid = node.owner.empty() && context_.frame.own != nullptr && context_.frame.own->two_way();
    if (of_grid && (node.text == "col" || node.text == "cols")) {
        return GridBinder(context_, *this).word(node);
    }
    if (node.owner.empty() && (node.text == "pi" || node.text == "π" || node.text == "e")) {
        return constant(node, Value::number(node.text == "e" ? std::numbers::e : std::numbers::pi));
    }
    const std::string shown = node.owner.empty() ? node.text : node.owner + "." + node.text;
    if (!node.owner.empty() && node.owner != "ledge" && context_.scope.study->table_named(node.owner) == nullptr) {
        std::vector<std::string> tables;
        for (const auto& table : context_.scope.study->tables) {
            tables.push_back(table->name);
        }
        const std::string near = nearest_name(node.owner, tables);
        return near.empty() ? fail(Cause::unknown_name, node.span, {N_("There is no table called %1."), {node.owner}})
                            : fail(Cause::unknown_name, node.span,
                                   {N_("There is no table called %1. Did you mean %2?"), {node.owner, near}},
                                   near + "." + node.text);
    }
    const Table* other = node.owner.empty() ? context_.frame.own : context_.scope.study->table_named(node.owner);
    const std::string near = nearest_name(node.text, known_names(*context_.scope.study, other));
    const Span span = node.owner.empty() ? node.span : node.name_span;
    const bool first = !context_.fault;
    if (near.empty()) {
        fail(Cause::unknown_name, span,
             {N_("There is no column or held value called %1. Add it, or correct the name."), {shown}});
    } else {
        fail(Cause::unknown_name, span,
             {N_("There is no column or held value called %1. Did you mean %2?"), {shown, near}}, near);
    }
    if (first && !context_.call_span) {
        context_.fault->waits_for = shown;
    }
    return nullptr;
}

std::optional<std::uint32_t> Binder::level_over(Id table) const {
    for (std::size_t at = context_.levels.size(); at > context_.frame.levels; --at) {
        if (context_.levels[at - 1].table == table && !table.empty() && context_.levels[at - 1].counter.empty()) {
            return static_cast<std::uint32_t>(at);
        }
    }
    const bool own = context_.frame.has_rows && context_.frame.own != nullptr && context_.frame.own->id == table;
    return own ? std::optional(0U) : std::nullopt;
}

TermPtr Binder::column(const Node& node, const Binding& binding) {
    if (binding.table->two_way()) {
        return GridBinder(context_, *this).running(node, binding);
    }
    const auto level = level_over(binding.table->id);
    if (!level) {
        const std::string shown = (node.owner.empty() ? "" : node.owner + ".") + binding.column->name;
        return fail(
            Cause::wrong_arguments, node.span,
            {N_("%1 is a whole column. Use one row of it, as in %1[1], or a measure, as in mean(%1)."), {shown}});
    }
    link(*level == 0 ? DependencyKind::same_row : context_.levels[*level - 1].link, binding);
    return made(node, ColumnTerm{.id = binding.column->id, .table = binding.table->id, .level = *level},
                context_.scope.kind_of(binding.column->id), 1U << *level);
}

TermPtr Binder::call(const Node& node) {
    if (const HeldValue* held = called_function(*context_.scope.study, context_.frame.own, node.owner, node.text)) {
        return CallBinder(context_, *this).held_function(node, *held);
    }
    const Function* function = node.owner.empty() ? find_function(node.text) : nullptr;
    if (function == nullptr) {
        std::vector<std::string> names;
        for (const Function& entry : catalogue()) {
            names.emplace_back(entry.name);
        }
        const std::string near = nearest_name(node.text, names);
        if (near.empty()) {
            return fail(Cause::unknown_name, node.name_span, {N_("There is no function called %1."), {node.text}});
        }
        return fail(Cause::unknown_name, node.name_span,
                    {N_("There is no function called %1. Did you mean %2?"), {node.text, near}}, near);
    }
    ProbabilityBinder distributions(context_, *this);
    if (!node.kids.empty() && distributions.gives_distribution(node.kid(0))) {
        const Function* of_distribution = find_distribution_function(node.text);
        function = of_distribution != nullptr ? of_distribution : function;
    }
    switch (function->special) {
    case Special::probability:
        return distributions.probability(node, *function);
    case Special::today:
        return CallBinder(context_, *this).today(node, *function);
    case Special::search:
        return MeasureBinder(context_, *this).search(node, *function);
    case Special::conversion:
        return CallBinder(context_, *this).conversion(node, *function);
    default:
        break;
    }
    if (function->of_distribution()) {
        return distributions.distribution_call(node, *function);
    }
    return function->is_measure() ? MeasureBinder(context_, *this).measure(node, *function)
                                  : plain_call(node, *function);
}

OperationTerm Binder::call_of(const Function& function, std::vector<TermPtr> kids) {
    return {.operation = function.operation, .kids = std::move(kids), .function = &function, .domain = function.domain};
}

bool Binder::check_count(const Node& node, const Function& function) {
    const auto& wanted = function.arguments;
    const auto least = static_cast<std::size_t>(
        std::count_if(wanted.begin(), wanted.end(), [](const Argument& argument) { return !argument.optional; }));
    if (node.kids.size() >= least && node.kids.size() <= wanted.size()) {
        return true;
    }
    fail(Cause::wrong_arguments, node.span,
         {N_("Write %1 as %2. The number of arguments here is %3."),
          {std::string(function.name), function.signature(), std::to_string(node.kids.size())}});
    return false;
}

/// `|x|`.
TermPtr Binder::absolute(const Node& node) {
    TermPtr kid = term(node.kid(0));
    if (!kid || kid->kind != Kind::number) {
        return kid ? fail(Cause::wrong_kind, node.span,
                          {N_("|…| needs a number, but this is %1."), {kind_in_words(kid->kind)}})
                   : nullptr;
    }
    return operation(node, call_of(special_function(Special::absolute_value), {kid}));
}

TermPtr Binder::plain_call(const Node& node, const Function& named) {
    std::vector<TermPtr> kids;
    for (const NodePtr& kid : node.kids) {
        kids.push_back(term(*kid));
        if (!kids.back()) {
            return nullptr;
        }
    }
    // Of several functions of one name, the one for the first argument's kind: lower(class) beside lower(text).
    const Function* other = kids.empty() ? nullptr : find_function_of(named.name, kids.front()->kind);
    const Function& function = other == nullptr ? named : *other;
    if (!check_count(node, function)) {
        return nullptr;
    }
    for (std::size_t at = 0; at < kids.size(); ++at) {
        const Argument& wanted = function.arguments[at];
        if (!wanted.any_kind && !kids[at]->open_kind && kids[at]->kind != wanted.kind) {
            return fail(Cause::wrong_kind, node.kid(at).span,
                        {N_("%1 needs %2 here, but this is %3."),
                         {std::string(function.name), kind_in_words(wanted.kind), kind_in_words(kids[at]->kind)}});
        }
    }
    OperationTerm called = call_of(function, std::move(kids));
    if (function.keeps_kind) {
        if (!unify(node, called.kids, 0)) {
            return nullptr;
        }
        called.operation.result = called.kids.front()->kind;
    }
    return operation(node, std::move(called));
}

} // namespace ledgefall
