// Binding measures: over which rows they run, what of them runs there, and what follows the formula's own row.

#include "core/engine/binder.h"
#include "core/engine/measure_forms.h"
#include "core/engine/written_out.h"

#include <algorithm>

namespace ledgefall {
namespace {

constexpr std::size_t most_levels = 20;

/// Whether all that stands in the brackets is pooled: nothing else follows the sample.
bool pools(const Function& function) {
    return function.arguments.size() == 1;
}

} // namespace

LinkType Binder::link_of_range(const Node& range) const {
    const auto shift = range.kids[1] ? shift_of(*range.kids[1]) : std::nullopt;
    return !shift || *shift > 0 ? LinkType::whole : *shift == 0 ? LinkType::rows_to_here : LinkType::rows_before;
}

void Binder::scan_domain(const Node& node, Level& level, std::vector<const Table*>& others, bool& own, bool& ok) {
    if (node.type == NodeType::call && called_function(*scope_.study, frame_.own, node.owner, node.text) == nullptr) {
        const Function* function = find_function(node.text);
        if (function != nullptr && function->is_measure()) {
            return; // it runs over rows of its own
        }
    }
    const bool indexed = node.type == NodeType::index && node.kids.size() == 2;
    const bool ranged = indexed && node.kid(1).type == NodeType::range;
    if (indexed && !ranged) {
        return scan_domain(node.kid(1), level, others, own, ok); // one row of the column, which does not run
    }
    const Node& named = ranged ? node.kid(0) : node;
    if (ranged) {
        if (level.range != nullptr && !same_tree(level.range, &node.kid(1))) {
            fail(Cause::wrong_arguments, node.span, {"The ranges in one measure must be the same.", {}});
            ok = false;
        }
        level.range = &node.kid(1);
    }
    const bool each = is_word(named, "each") && frame_.each != nullptr;
    if (named.type == NodeType::name || each) {
        const Binding binding = each ? Binding{frame_.own, frame_.each, nullptr} : bound(named);
        if (binding.column == nullptr && binding.group == nullptr) {
            return;
        }
        if (frame_.own != nullptr && binding.table->id == frame_.own->id) {
            own = true;
        } else if (std::find(others.begin(), others.end(), binding.table) == others.end()) {
            others.push_back(binding.table);
        }
        return;
    }
    if (is_word(named, "row")) {
        own = true;
    }
    for (const NodePtr& kid : node.kids) {
        if (kid) {
            scan_domain(*kid, level, others, own, ok);
        }
    }
}

/// Finds the table that a measure runs over; false where there is a fault, or no column in it.
bool Binder::find_domain(const Node& node, std::size_t samples, Level& level) {
    std::vector<const Table*> others;
    bool own = false;
    bool ok = true;
    for (std::size_t at = 0; at < std::min(samples, node.kids.size()); ++at) {
        scan_domain(node.kid(at), level, others, own, ok);
    }
    if (others.size() > 1) {
        fail(Cause::wrong_arguments, node.span,
             {"A measure runs over the rows of one table, and this one names two others, %1 and %2.",
              {others[0]->name, others[1]->name}});
        return false;
    }
    if (!others.empty() || own) {
        level.table = others.empty() ? frame_.own->id : others.front()->id;
    }
    return ok;
}

TermPtr Binder::measure(const Node& node, const Function& function) {
    if (node.kids.empty()) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 is written %2: it needs values.", {std::string(function.name), function.signature()}});
    }
    if (levels_.size() >= most_levels) {
        return fail(Cause::wrong_arguments, node.span,
                    {"More than %1 measures stand one within the other.", {std::to_string(most_levels)}});
    }
    if (node.kids.size() == 1 && node.kid(0).type == NodeType::bound) {
        return bound_sum(node.kid(0), function);
    }
    if (function.name == "rank") {
        return rank(node);
    }
    if (function.make == nullptr) {
        return simpler(node, function);
    }
    Level level;
    const std::size_t samples = pools(function) ? node.kids.size() : sample_count(function);
    auto made = std::make_shared<MeasureTerm>();
    made->function = &function;
    if (!check_arguments(node, function) || !find_domain(node, samples, level) || !bind_plain(node, function, *made)) {
        return nullptr;
    }
    made->table = level.table;
    made->over = level.table.empty() ? MeasureTerm::Over::values : MeasureTerm::Over::table;
    made->level = static_cast<std::uint32_t>(levels_.size() + 1);
    if (!bind_range(level.range, *made)) {
        return nullptr;
    }
    level.link = level.range == nullptr ? LinkType::whole : link_of_range(*level.range);
    if (made->over == MeasureTerm::Over::table) {
        levels_.push_back(level);
    }
    const bool ok = bind_samples(node, function, *made);
    if (made->over == MeasureTerm::Over::table) {
        levels_.pop_back();
    }
    return ok ? finish_measure(node, std::move(made)) : nullptr;
}

bool Binder::bind_range(const Node* range, MeasureTerm& measure) {
    if (range == nullptr) {
        return true;
    }
    const auto end = [this](const NodePtr& node, TermPtr& out) {
        out = node ? term(*node) : nullptr;
        if (out && out->kind != Kind::number) {
            out =
                fail(Cause::wrong_kind, node->span, {"A row is a number, and this is %1.", {kind_in_words(out->kind)}});
        }
        return !node || out;
    };
    return end(range->kids[0], measure.from) && end(range->kids[1], measure.to);
}

bool Binder::bind_samples(const Node& node, const Function& function, MeasureTerm& measure) {
    if (sample_count(function) > 1) {
        if (!add_paired(node, function, measure)) {
            return false;
        }
    } else {
        for (std::size_t at = 0; at < (pools(function) ? node.kids.size() : 1); ++at) {
            if (!add_sample(node.kid(at), function, measure)) {
                return false;
            }
        }
    }
    if (measure.over == MeasureTerm::Over::values) {
        return true;
    }
    // What does not run over the rows is a single value, and has no place beside whole columns.
    const std::uint32_t runs = 1U << measure.level;
    for (const Sample& sample : measure.samples) {
        const TermPtr& value = sample.values.front();
        if ((sample.on() & runs) == 0) {
            const bool most = function.name == "max";
            const std::string offered = most || function.name == "min" ? most ? "larger" : "smaller" : "";
            offered.empty()
                ? fail(Cause::wrong_arguments, value->span,
                       {"%1 is taken of whole columns here, and this is a single value: leave it out.",
                        {std::string(function.name)}})
                : fail(Cause::wrong_arguments, node.name_span,
                       {"%1 is taken of whole columns, and one of these is a single value. Row by row, write %2(a, b).",
                        {std::string(function.name), offered}},
                       offered);
            return false;
        }
    }
    return true;
}

bool Binder::check_arguments(const Node& node, const Function& function) {
    return pools(function) || check_count(node, function);
}

/// The plain arguments follow the formula's own row, and so are bound outside the measure's rows.
bool Binder::bind_plain(const Node& node, const Function& function, MeasureTerm& measure) {
    for (std::size_t at = sample_count(function); !pools(function) && at < node.kids.size(); ++at) {
        TermPtr plain = term(node.kid(at));
        if (plain && plain->kind != function.arguments[at].kind && !plain->open_kind) {
            plain = fail(
                Cause::wrong_kind, plain->span,
                {"%1 takes %2 here, and this is %3.",
                 {std::string(function.name), kind_in_words(function.arguments[at].kind), kind_in_words(plain->kind)}});
        }
        if (!plain) {
            return false;
        }
        measure.plain.push_back(std::move(plain));
    }
    const bool type_left_out = function.takes_type && (pools(function) || node.kids.size() < function.arguments.size());
    if (type_left_out) {
        measure.plain.push_back(constant(node, Value::number(scope_.study->settings.quantile_type)));
    }
    return true;
}

/// The place of this row's value among the values of a column, smallest first, equal ones sharing their mean place: a
/// count of the smaller and half of the equal ones.
TermPtr Binder::rank(const Node& node) {
    const Function& count = *find_function("count");
    const bool conditional = node.kid(0).type == NodeType::where;
    const Node& value = conditional ? node.kid(0).kid(0) : node.kid(0);
    if (!frame_.has_rows || node.kids.size() > 1) {
        return fail(Cause::wrong_arguments, node.span,
                    {"rank(x) tells the place of this row's x among all: it is for the formula of a column.", {}});
    }
    const TermPtr own = term(value);
    Level level;
    if (!own || !find_domain(node, 1, level)) {
        return nullptr;
    }
    if (own->kind != Kind::number && own->kind != Kind::date) {
        return fail(Cause::wrong_kind, value.span,
                    {"%1 takes %2, and this is %3.", {"rank", "numbers", kind_in_words(own->kind)}});
    }
    const auto counted = [&](Operator op) -> TermPtr {
        auto made = std::make_shared<MeasureTerm>();
        made->function = &count;
        made->table = level.table;
        made->level = static_cast<std::uint32_t>(levels_.size() + 1);
        levels_.push_back(level);
        Sample sample;
        const TermPtr other = term(value);
        sample.values = {other ? operate(node, op, {other, own}) : nullptr};
        sample.condition = conditional && sample.values.front() ? where_condition(node.kid(0)) : nullptr;
        levels_.pop_back();
        if (!sample.values.front() || (conditional && !sample.condition)) {
            return nullptr;
        }
        made->samples.push_back(std::move(sample));
        return finish_measure(node, std::move(made));
    };
    if (level.table.empty() || level.range != nullptr) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 is taken of whole columns: it is written %2.", {"rank", "rank(x)"}});
    }
    const TermPtr below = counted(Operator::less);
    const TermPtr equal = below ? counted(Operator::equal) : nullptr;
    if (!equal) {
        return nullptr;
    }
    // (equal + 1) / 2 + below, and missing where this row's value is.
    const TermPtr one = constant(node, Value::number(1));
    const TermPtr more = operate(node, Operator::add, {equal, one});
    const TermPtr half = operate(node, Operator::divide, {more, constant(node, Value::number(2))});
    const TermPtr place = operate(node, Operator::add, {half, below});
    auto known = std::make_shared<Term>();
    known->type = TermType::operate;
    known->kind = Kind::yes_no;
    known->span = here(node.span);
    known->operation = find_function("is_missing")->operation;
    known->kids = {own};
    known->on = own->on;
    auto made = std::make_shared<Term>(*known);
    made->kind = Kind::number;
    made->operation = choice_of(Kind::number);
    made->operation_name = "rank";
    made->kids = {known, constant(node, Value::missing()), place};
    made->on = own->on | place->on;
    return made;
}

/// A function that is written in simpler ones, with what it is taken of put in.
TermPtr Binder::simpler(const Node& node, const Function& function) {
    if (!check_arguments(node, function)) {
        return nullptr;
    }
    const NodePtr written = written_out(node, function);
    return written ? term(*written)
                   : fail(Cause::wrong_arguments, node.span,
                          {"%1 is taken of whole columns: it is written %2.",
                           {std::string(function.name), function.signature()}});
}

TermPtr Binder::bound_sum(const Node& node, const Function& function) {
    auto made = std::make_shared<MeasureTerm>();
    made->function = &function;
    made->over = MeasureTerm::Over::bound;
    made->level = static_cast<std::uint32_t>(levels_.size() + 1);
    const Node& range = node.kid(1);
    if (!range.kids[0] || !range.kids[1]) {
        return fail(Cause::wrong_arguments, range.span, {"This range needs both its ends, as in 0..10.", {}});
    }
    if (!bind_range(&range, *made)) {
        return nullptr;
    }
    Level level;
    level.counter = node.text;
    levels_.push_back(level);
    const bool ok = add_sample(node.kid(0), function, *made);
    levels_.pop_back();
    return ok ? finish_measure(node, std::move(made)) : nullptr;
}

TermPtr Binder::finish_measure(const Node& node, std::shared_ptr<MeasureTerm> measure) {
    auto made = std::make_shared<Term>();
    const Function& function = *measure->function;
    const Kind sample_kind = measure->samples.front().values.front()->kind;
    made->type = TermType::measure;
    made->span = here(node.span);
    made->kind = function.keeps_kind ? sample_kind : Kind::number;
    measure->make = sample_kind == Kind::yes_no && function.make_of_condition != nullptr ? function.make_of_condition
                                                                                         : function.make;
    for (const Sample& sample : measure->samples) {
        made->on |= sample.on();
    }
    if (measure->over != MeasureTerm::Over::values) {
        made->on &= ~(1U << measure->level);
    }
    for (const TermPtr& end : {measure->from, measure->to}) {
        made->on |= end ? end->on : 0;
    }
    for (const TermPtr& plain : measure->plain) {
        made->on |= plain->on;
    }
    made->operation_name = function.name;
    made->domain = function.domain;
    made->domain_cause = function.domain_cause;
    made->measure = std::move(measure);
    return made;
}

} // namespace ledgefall
