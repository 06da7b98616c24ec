#include "core/engine/planning/count_limits.h"

namespace ledgefall {

bool add_limit(const Term& comparison, std::uint32_t rows, CountLimits& out) {
    const OperationTerm* pair = comparison.pair();
    if (pair == nullptr) {
        return false;
    }
    const std::optional<Operator> op = pair->op;
    const bool less = op == Operator::less || op == Operator::less_equal;
    const bool greater = op == Operator::greater || op == Operator::greater_equal;
    const bool or_equal = op == Operator::less_equal || op == Operator::greater_equal;
    const TermPtr& left = pair->kids[0];
    const TermPtr& right = pair->kids[1];
    const bool numbers = left->kind == right->kind && (left->kind == Kind::number || left->kind == Kind::date);
    const bool counted_left = left->on == rows && (right->on & rows) == 0;
    const bool counted_right = right->on == rows && (left->on & rows) == 0;
    if (!numbers || (!less && !greater && op != Operator::equal) || counted_left == counted_right) {
        return false;
    }
    const TermPtr& counted = counted_left ? left : right;
    if (out.counted && out.counted != counted) { // a chain binds what stands in its middle once
        return false;
    }
    out.counted = counted;
    const TermPtr& limit = counted_left ? right : left;
    if (op == Operator::equal) {
        out.limits.push_back({limit, true, true});
        out.limits.push_back({limit, false, true});
        return true;
    }
    out.limits.push_back({limit, greater == counted_left, or_equal});
    return true;
}

std::optional<CountLimits> count_limits(const MeasureTerm& measure) {
    const bool plain_count = measure.function->special == Special::count && measure.over == MeasureTerm::Over::table &&
                             measure.of_all_rows() && measure.samples.size() == 1 && !measure.samples.front().condition;
    if (!plain_count) {
        return std::nullopt;
    }
    const Term& condition = *measure.samples.front().values.front();
    if (condition.kind != Kind::yes_no) {
        return std::nullopt;
    }
    const std::uint32_t rows = 1U << measure.level;
    CountLimits out;
    const OperationTerm* pair = condition.pair();
    const bool both = pair != nullptr && pair->op == Operator::logical_and;
    const bool fits = both ? add_limit(*pair->kids[0], rows, out) && add_limit(*pair->kids[1], rows, out)
                           : add_limit(condition, rows, out);
    bool follows = false;
    for (const CountLimits::Limit& limit : out.limits) {
        follows = follows || limit.value->on != 0;
    }
    return fits && follows && out.limits.size() <= 2 ? std::optional(std::move(out)) : std::nullopt;
}

} // namespace ledgefall
