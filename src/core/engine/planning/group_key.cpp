#include "core/engine/planning/group_key.h"

namespace ledgefall {
namespace {

void gather_conditions(const TermPtr& condition, std::vector<TermPtr>& all) {
    if (condition->type == TermType::operate && condition->op == Operator::logical_and) {
        for (const TermPtr& kid : condition->kids) {
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
        auto both = std::make_shared<Term>();
        both->type = TermType::operate;
        both->kind = Kind::yes_no;
        both->op = Operator::logical_and;
        both->operation = *operation_of(Operator::logical_and, {Kind::yes_no, Kind::yes_no});
        both->span = one->span;
        both->kids = {all, one};
        both->on = all->on | one->on;
        all = both;
    }
    return all;
}

TermPtr always(const Span& span) {
    auto yes = std::make_shared<Term>();
    yes->type = TermType::constant;
    yes->kind = Kind::yes_no;
    yes->value = Value::yes_no(true);
    yes->span = span;
    return yes;
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
        const bool equality = one->type == TermType::operate && one->op == Operator::equal && one->kids.size() == 2 &&
                              one->kids[0]->kind == one->kids[1]->kind;
        const auto asks = [&](const TermPtr& key, const TermPtr& asked) {
            return equality && key->on == rows && (asked->on & rows) == 0 && asked->on != 0;
        };
        if (asks(one->kids.empty() ? one : one->kids[0], one->kids.size() < 2 ? one : one->kids[1])) {
            out.keys.push_back(one->kids[0]);
            out.asked.push_back(one->kids[1]);
        } else if (equality && asks(one->kids[1], one->kids[0])) {
            out.keys.push_back(one->kids[1]);
            out.asked.push_back(one->kids[0]);
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
