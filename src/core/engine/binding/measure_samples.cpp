// Binding what a measure is taken of: single expressions, conditions, paired columns, columns from one to another.

#include "core/engine/binding/measure_binder.h"
#include "core/engine/binding/place_binder.h"

#include <algorithm>

namespace ledgefall {

/// What a sample is taken of: one expression, or the columns that a list, a group or a pair of ends stands for.
bool MeasureBinder::add_sample(const Node& node, const Function& function, MeasureTerm& measure) {
    if (node.type == NodeType::list) {
        return std::all_of(node.kids.begin(), node.kids.end(),
                           [&](const NodePtr& kid) { return add_sample(*kid, function, measure); });
    }
    if (node.type == NodeType::range) {
        return add_columns_between(node, function, measure);
    }
    if (node.type == NodeType::bound || node.type == NodeType::given) {
        fail(Cause::wrong_arguments, node.span, {N_("This form can only be the single argument of a measure."), {}});
        return false;
    }
    const Node& named = node.type == NodeType::index ? node.kid(0) : node;
    const Binding group = named.type == NodeType::name ? bound(named) : Binding();
    if (group.group != nullptr) {
        return add_group(node, group, function, measure);
    }
    const TermPtr value = sample_value(node, function, function.arguments.front());
    if (value) {
        measure.samples.push_back({{value}, nullptr});
    }
    return value != nullptr;
}

/// One column, at the row or range of `named` where that has one.
bool MeasureBinder::add_column(const Node& named, const Binding& binding, const Function& function,
                               MeasureTerm& measure) {
    const bool indexed = named.type == NodeType::index;
    TermPtr value = indexed ? PlaceBinder(context_, binder_).indexed_column(named, binding, named.kid(1))
                            : binder_.column(named, binding);
    if (!value) {
        return false;
    }
    if (value->kind != function.arguments.front().kind && !function.arguments.front().any_kind) {
        fail(Cause::wrong_kind, named.span,
             {N_("One of these columns, %1, holds %2."), {binding.column->name, kind_in_words(value->kind)}});
        return false;
    }
    measure.samples.push_back({{std::move(value)}, nullptr});
    return true;
}

bool MeasureBinder::add_group(const Node& node, const Binding& group, const Function& function, MeasureTerm& measure) {
    return std::all_of(group.group->columns.begin(), group.group->columns.end(), [&](Id id) {
        const ColumnDefinition* column = group.table->column(id);
        return column == nullptr || add_column(node, {group.table, column, nullptr}, function, measure);
    });
}

TermPtr MeasureBinder::sample_value(const Node& node, const Function& function, const Argument& wanted) {
    TermPtr value = term(node);
    if (!value) {
        return nullptr;
    }
    const bool fits = wanted.any_kind || value->open_kind || value->kind == wanted.kind ||
                      ((function.keeps_kind || function.takes_dates) && value->kind == Kind::date);
    return fits
               ? value
               : fail(
                     Cause::wrong_kind, value->span,
                     {N_("%1 needs %2, but this is %3."),
                      {std::string(function.name),
                       wanted.kind == Kind::yes_no ? NC_("Kind", "a condition, such as x > 0") : NC_("Kind", "numbers"),
                       kind_in_words(value->kind)}});
}

/// Samples that are paired row by row.
bool MeasureBinder::add_paired(const Node& node, const Function& function, MeasureTerm& measure) {
    if (measure.over == MeasureTerm::Over::values) {
        fail(Cause::wrong_arguments, node.span,
             {N_("%1 works on whole columns. Write it as %2."), {std::string(function.name), function.signature()}});
        return false;
    }
    Sample sample;
    for (std::size_t at = 0; at < function.sample_count(); ++at) {
        const Node& kid = node.kid(at);
        const Node& value = kid.type == NodeType::where ? kid.kid(0) : kid;
        sample.values.push_back(sample_value(value, function, function.arguments[at]));
        if (!sample.values.back()) {
            return false;
        }
    }
    measure.samples.push_back(std::move(sample));
    return true;
}

/// `a .. c`, or `a[i] .. c[i]`: those columns and what stands between them in the table.
bool MeasureBinder::add_columns_between(const Node& range, const Function& function, MeasureTerm& measure) {
    const auto named = [](const Node* node) -> const Node& {
        return node->type == NodeType::index ? node->kid(0) : *node;
    };
    const Node& first = named(range.kids[0].get());
    const Node& last = named(range.kids[1].get());
    const bool indexed = range.kid(0).type == NodeType::index;
    const Binding from = first.type == NodeType::name ? bound(first) : Binding();
    const Binding to = last.type == NodeType::name ? bound(last) : Binding();
    const bool alike = range.kid(0).type == range.kid(1).type && from.column != nullptr && to.column != nullptr &&
                       from.table == to.table &&
                       (!indexed || same_tree(range.kid(0).kids[1].get(), range.kid(1).kids[1].get()));
    if (!alike) {
        fail(Cause::wrong_arguments, range.span,
             {N_("Use two dots between columns of one table, as in a .. c, or a[i] .. c[i] for this row."), {}});
        return false;
    }
    bool inside = false;
    for (const auto& column : from.table->columns) {
        inside = inside || column->id == from.column->id;
        if (!inside) {
            continue;
        }
        if (!add_column(indexed ? range.kid(0) : first, {from.table, &*column, nullptr}, function, measure)) {
            return false;
        }
        if (column->id == to.column->id) {
            return true;
        }
    }
    fail(Cause::wrong_arguments, range.span,
         {N_("%1 comes after %2 in the table. Write them in table order."), {first.text, last.text}});
    return false;
}

} // namespace ledgefall
