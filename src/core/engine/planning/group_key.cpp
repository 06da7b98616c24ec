#include "core/engine/planning/group_key.h"

namespace ledgefall {
namespace {

void gather_conditions(const TermPtr& condition, std::vector<TermPtr>& all) {
    const auto* operation = condition->as<OperationTerm>();
    if (operation != nullptr && operation->op == Operator::logical_and) {
        for (const TermPtr& kid : operation->kids) {
            gather_conditions(kid, all);
        }
        return;
    }
    all.push_back(condition);
}

TermPtr joined(const std::vector<TermPtr>& conditions) {
    TermPtr all;
    for (const TermPtr& one : conditions) {
        if (!all) {
            all = one;
            continue;
        }
        OperationTerm both{.operation = *operation_of(Operator::logical_and, {Kind::yes_no, Kind::yes_no}),
                           .kids = {all, one},
                           .op = Operator::logical_and};
        all = std::make_shared<Term>(Term{std::move(both), Kind::yes_no, all->on | one->on, one->span});
    }
    return all;
}

TermPtr always(const Span& span) {
    return std::make_shared<Term>(Term{ConstantTerm{Value::yes_no(true)}, Kind::yes_no, 0, span});
}

} // namespace

std::optional<GroupKey> group_key(const MeasureTerm& measure) {
    const std::uint32_t rows = 1U << measure.level;
    const auto within = [rows](const TermPtr& term) { return (term->on & ~rows) == 0; };
    if (measure.over != MeasureTerm::Over::table || !measure.of_all_rows() || measure.samples.size() != 1) {
        return std::nullopt;
    }
    for (const TermPtr& plain : measure.plain) {
        if (plain->on != 0) {
            return std::nullopt;
        }
    }
    GroupKey out{{}, {}, {}, measure.samples.front(), measure.make, measure.function->rolling};
    // count(site = site[i]) counts the rows of its own condition.
    const bool counts = measure.function->special == Special::count && out.rest.values.size() == 1 &&
                        out.rest.values.front()->kind == Kind::yes_no && !out.rest.condition;
    const TermPtr condition = counts ? out.rest.values.front() : out.rest.condition;
    if (!condition) {
        return std::nullopt;
    }
    std::vector<TermPtr> conditions;
    gather_conditions(condition, conditions);
    std::vector<TermPtr> others;
    for (const TermPtr& one : conditions) {
        const OperationTerm* pair = one->pair();
        const bool equality =
            pair != nullptr && pair->op == Operator::equal && pair->kids[0]->kind == pair->kids[1]->kind;
        const auto asks = [&](std::size_t key, std::size_t asked) {
            return equality && pair->kids[key]->on == rows && (pair->kids[asked]->on & rows) == 0 &&
                   pair->kids[asked]->on != 0;
        };
        if (asks(0, 1) || asks(1, 0)) {
            const std::size_t key = asks(0, 1) ? 0 : 1;
            out.keys.push_back(pair->kids[key]);
            out.asked.push_back(pair->kids[1 - key]);
        } else if (within(one)) {
            others.push_back(one);
        } else if (!add_limit(*one, rows, out.within) || out.within.limits.size() > 2) {
            return std::nullopt;
        }
    }
    const Kind measured = out.rest.values.front()->kind;
    if (measure.function->special == Special::count && measured == Kind::yes_no) {
        out.adding = RollingForm::sum; // of ones
    }
    const bool adds_up = out.adding == RollingForm::none ? measure.function->special == Special::count
                                                         : measured == Kind::number || measured == Kind::yes_no;
    if (out.within.counted ? !adds_up || out.rest.values.size() != 1 : out.keys.empty()) {
        return std::nullopt;
    }
    out.rest.condition = joined(others);
    if (counts) {
        out.rest.values = {out.rest.condition ? out.rest.condition : always(condition->span)};
        out.rest.condition = nullptr;
    }
    for (const TermPtr& value : out.rest.values) {
        if (!within(value)) {
            return std::nullopt;
        }
    }
    return out;
}

} // namespace ledgefall
