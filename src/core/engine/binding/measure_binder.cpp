// Binding measures: over which rows they run, what of them runs there, and what follows the formula's own row.

#include "core/engine/binding/measure_binder.h"

#include "core/engine/binding/grid_binder.h"
#include "core/engine/binding/place_binder.h"
#include "core/engine/functions/simpler_form.h"

#include <algorithm>
#include <functional>

namespace ledgefall {
namespace {

constexpr std::size_t most_levels = 20;

/// Whether all that stands in the brackets is pooled: nothing else follows the sample.
bool pools(const Function& function) {
    return function.arguments.size() == 1;
}

bool is_measure_call(const Node& node) {
    const Function* function = node.type == NodeType::call ? find_function(node.text) : nullptr;
    return function != nullptr && function->is_measure();
}

/// How many of the values that are pooled run over a range of rows, and how many over all of them.
void count_ranges(const Node& node, std::size_t& ranged, std::size_t& whole) {
    if (node.type == NodeType::list || node.type == NodeType::where) {
        for (std::size_t at = 0; at < (node.type == NodeType::where ? 1 : node.kids.size()); ++at) {
            count_ranges(node.kid(at), ranged, whole);
        }
        return;
    }
    const std::function<bool(const Node&)> has_range = [&](const Node& part) {
        const bool indexed = part.type == NodeType::index;
        return !is_measure_call(part) && std::any_of(part.kids.begin(), part.kids.end(), [&](const NodePtr& kid) {
            return kid && ((indexed && kid->type == NodeType::range) || has_range(*kid));
        });
    };
    ++(has_range(node) ? ranged : whole);
}

/// Which rows of its table a range of a measure needs.
DependencyKind link_of_range(const Node& range) {
    const auto shift = range.kids[1] ? shift_of(*range.kids[1]) : std::nullopt;
    return !shift || *shift > 0 ? DependencyKind::whole
           : *shift == 0        ? DependencyKind::rows_to_here
                                : DependencyKind::rows_before;
}

} // namespace

void MeasureBinder::see_table(const Table* table, Named& named) const {
    if (context_.frame.own != nullptr && table->id == context_.frame.own->id) {
        named.own = true;
    } else if (std::find(named.others.begin(), named.others.end(), table) == named.others.end()) {
        named.others.push_back(table);
    }
}

/// Ranges in brackets, which all names of a measure that have some must share.
void MeasureBinder::scan_places(const Node& node, const Node& rows, const Node* columns, Level& level, Named& named) {
    const auto differs = [](const Node* known, const Node* other) {
        return known != nullptr && other != nullptr && !same_tree(known, other);
    };
    if (differs(level.range, &rows) || differs(level.column_range, columns)) {
        fail(Cause::wrong_arguments, node.span, {N_("The ranges in one measure must be the same."), {}});
        named.sound = false;
    }
    level.range = &rows;
    level.column_range = columns;
}

void MeasureBinder::scan_domain(const Node& node, Level& level, Named& named) {
    if (node.type == NodeType::call &&
        called_function(*context_.scope.study, context_.frame.own, node.owner, node.text) == nullptr) {
        const Function* function = find_function(node.text);
        if (function != nullptr && function->special == Special::rank && !node.kids.empty()) {
            const bool conditional = node.kid(0).type == NodeType::where;
            return scan_domain(conditional ? node.kid(0).kid(0) : node.kid(0), level, named); // of the running row
        }
        if (function != nullptr && function->is_measure()) {
            return; // it runs over rows of its own
        }
    }
    const bool indexed = node.type == NodeType::index;
    const bool ranged = indexed && std::any_of(node.kids.begin() + 1, node.kids.end(),
                                               [](const NodePtr& place) { return place->type == NodeType::range; });
    if (indexed && !ranged) { // one row of the column, which does not run
        for (std::size_t place = 1; place < node.kids.size(); ++place) {
            scan_domain(node.kid(place), level, named);
        }
        return;
    }
    const Node& name = ranged ? node.kid(0) : node;
    const bool each = is_word(name, "each") && context_.frame.each != nullptr;
    if (ranged) {
        scan_places(node, node.kid(1), node.kids.size() > 2 ? &node.kid(2) : nullptr, level, named);
    } else if (each && context_.frame.along != GridPart::cell) {
        static const std::shared_ptr<const Node> of_column = parse_formula("each[.., j]").tree;
        static const std::shared_ptr<const Node> of_row = parse_formula("each[i, ..]").tree;
        const Node& all = context_.frame.along == GridPart::column ? *of_column : *of_row;
        scan_places(node, all.kid(1), &all.kid(2), level, named);
    }
    if (name.type == NodeType::name || each) {
        const Binding binding = each ? Binding{context_.frame.own, context_.frame.each, nullptr} : bound(name);
        if (binding.column == nullptr && binding.group == nullptr) {
            return;
        }
        const bool axis =
            binding.column != nullptr && binding.table->two_way() && binding.table->axis_of(binding.column->id);
        if (axis) {
            named.axes.push_back(binding.column->id);
            named.of_axes.push_back(binding.table);
        } else {
            see_table(binding.table, named);
        }
        return;
    }
    if (is_word(name, "row")) {
        named.own = true;
    }
    for (const NodePtr& kid : node.kids) {
        if (kid) {
            scan_domain(*kid, level, named);
        }
    }
}

/// Finds the table that a measure runs over; false where there is a fault, or no column in it.
bool MeasureBinder::find_domain(const Node& node, std::size_t samples, Level& level) {
    Named named;
    for (std::size_t at = 0; at < std::min(samples, node.kids.size()); ++at) {
        scan_domain(node.kid(at), level, named);
    }
    const bool one_axis =
        std::all_of(named.axes.begin(), named.axes.end(), [&named](Id axis) { return axis == named.axes.front(); });
    if (!named.axes.empty() && one_axis && !named.own && named.others.empty() && level.range == nullptr) {
        level.table = named.axes.front();
        return named.sound;
    }
    for (const Table* table : named.of_axes) {
        see_table(table, named);
    }
    if (named.others.size() > 1) {
        fail(Cause::wrong_arguments, node.span,
             {N_("A measure runs over the rows of one table, but this one names two others, %1 and %2."),
              {named.others[0]->name, named.others[1]->name}});
        return false;
    }
    if (!named.others.empty() || named.own) {
        level.table = named.others.empty() ? context_.frame.own->id : named.others.front()->id;
    }
    const Table* table = level.range == nullptr ? nullptr : context_.scope.study->table(level.table);
    if (table != nullptr && table->two_way() != (level.column_range != nullptr)) {
        fail(Cause::wrong_arguments, node.span,
             table->two_way()
                 ? Sentence{N_("%1 has two axes. Write both positions, as in [i, ..] for all of this row."),
                            {table->name}}
                 : Sentence{N_("%1 has one axis. Write one position, as in [1..i]."), {table->name}});
        return false;
    }
    if (table == nullptr &&
        level.column_range != nullptr) { // of nothing that is known: its name is refused where it is bound
        level.range = nullptr;
        level.column_range = nullptr;
    }
    return named.sound;
}

TermPtr MeasureBinder::measure(const Node& node, const Function& function) {
    if (node.kids.empty()) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 needs values. Write it as %2."), {std::string(function.name), function.signature()}});
    }
    if (context_.levels.size() >= most_levels) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("Measures are nested more than %1 deep."), {std::to_string(most_levels)}});
    }
    if (function.special == Special::rank) {
        return rank(node, function);
    }
    if (function.make == nullptr) {
        return by_simpler_form(node, function);
    }
    if (node.kid(0).type == NodeType::bound && (node.kids.size() == 1 || !pools(function))) {
        return over_bound(node, function);
    }
    Level level;
    const std::size_t samples = pools(function) ? node.kids.size() : function.sample_count();
    auto result = std::make_shared<MeasureTerm>();
    result->function = &function;
    if (!check_arguments(node, function) || !find_domain(node, samples, level) ||
        !bind_plain(node, function, *result)) {
        return nullptr;
    }
    result->table = level.table;
    result->over = level.table.empty() ? MeasureTerm::Over::values : MeasureTerm::Over::table;
    if (result->over == MeasureTerm::Over::values && one_value_before_optional(node, function)) {
        return nullptr;
    }
    result->level = static_cast<std::uint32_t>(context_.levels.size() + 1);
    const bool in_grid = level.column_range != nullptr;
    if (in_grid ? !GridBinder(context_, binder_).range(level, *result) : !bind_range(level.range, *result)) {
        return nullptr;
    }
    level.link = level.range == nullptr ? DependencyKind::whole
                 : in_grid              ? GridBinder::link_of(level)
                                        : link_of_range(*level.range);
    if (result->over == MeasureTerm::Over::table) {
        context_.levels.push_back(level);
    }
    const bool ok = bind_samples(node, function, *result);
    if (result->over == MeasureTerm::Over::table) {
        context_.levels.pop_back();
    }
    return ok ? finish_measure(node, std::move(result)) : nullptr;
}

/// `shannon(1, 2)`: whether 2 is a count or the base cannot be seen, so that it is asked for; true after that fault.
bool MeasureBinder::one_value_before_optional(const Node& node, const Function& function) {
    const bool single = node.kid(0).type != NodeType::list && node.kid(0).type != NodeType::range &&
                        node.kid(0).type != NodeType::where && !pools(function);
    const bool optional =
        single && function.sample_count() == 1 && node.kids.size() > 1 && function.arguments[1].optional;
    if (optional) {
        fail(Cause::wrong_arguments, node.span,
             {N_("Write %1((a, b)) for several values, or %1((a, b), %2) if %2 follows. A single value is not enough."),
              {std::string(function.name), std::string(function.arguments[1].name)}});
    }
    return optional;
}

bool MeasureBinder::bind_range(const Node* range, MeasureTerm& measure) {
    if (range == nullptr) {
        return true;
    }
    const auto end = [this](const NodePtr& node, TermPtr& out) {
        out = node ? term(*node) : nullptr;
        if (out && out->kind != Kind::number) {
            out = fail(Cause::wrong_kind, node->span,
                       {N_("A row is a number, but this is %1."), {kind_in_words(out->kind)}});
        }
        return !node || out;
    };
    return end(range->kids[0], measure.from) && end(range->kids[1], measure.to);
}

bool MeasureBinder::bind_samples(const Node& node, const Function& function, MeasureTerm& measure) {
    const std::size_t samples = pools(function) ? node.kids.size() : function.sample_count();
    const Node* where = nullptr;
    for (std::size_t at = 0; at < samples; ++at) {
        if (node.kid(at).type != NodeType::where) {
            continue;
        }
        if (where != nullptr || (function.sample_count() == 1 && at + 1 < samples)) {
            fail(Cause::wrong_arguments, node.kid(at).span,
                 {N_("The condition after where holds for all that %1 is taken of. Write it once, at the end, and join "
                     "several with and."),
                  {std::string(function.name)}});
            return false;
        }
        where = &node.kid(at);
    }
    std::size_t ranged = 0;
    std::size_t whole = 0;
    for (std::size_t at = 0; function.sample_count() == 1 && at < samples; ++at) {
        count_ranges(node.kid(at), ranged, whole);
    }
    if (ranged > 0 && whole > 0) {
        fail(
            Cause::wrong_arguments, node.span,
            {N_("The values of one measure run over the same rows. Write the range of rows after each column, or after "
                "none."),
             {}});
        return false;
    }
    const auto value = [](const Node& kid) -> const Node& { return kid.type == NodeType::where ? kid.kid(0) : kid; };
    if (function.sample_count() > 1) {
        if (!add_paired(node, function, measure)) {
            return false;
        }
    } else {
        for (std::size_t at = 0; at < samples; ++at) {
            if (!add_sample(value(node.kid(at)), function, measure)) {
                return false;
            }
        }
    }
    if (measure.over != MeasureTerm::Over::values && refuse_single_values(node, function, measure, where != nullptr)) {
        return false;
    }
    return where == nullptr || add_condition(*where, measure);
}

/// The condition holds for every sample. Single values that it leaves out are missing.
bool MeasureBinder::add_condition(const Node& where, MeasureTerm& measure) {
    const TermPtr condition = term(where.kid(1));
    if (!condition) {
        return false;
    }
    if (condition->kind != Kind::yes_no && !condition->open_kind) {
        fail(Cause::wrong_kind, where.kid(1).span,
             {N_("After where comes a condition, such as x > 0, but this is %1."), {kind_in_words(condition->kind)}});
        return false;
    }
    for (Sample& sample : measure.samples) {
        if (measure.over == MeasureTerm::Over::table) {
            sample.condition = condition;
            continue;
        }
        for (TermPtr& value : sample.values) {
            value = binder_.chosen(where, condition, value, constant(where, Value::missing(value->kind)));
        }
    }
    return true;
}

/// What does not run over the rows is a single value, and has no place beside whole columns; true where there is one.
/// Alone, it may be taken for each row for which a condition holds.
bool MeasureBinder::refuse_single_values(const Node& node, const Function& function, const MeasureTerm& measure,
                                         bool conditional) {
    const std::uint32_t runs = 1U << measure.level;
    if (conditional && measure.samples.size() == 1) {
        return false;
    }
    for (const Sample& sample : measure.samples) {
        if ((sample.on() & runs) != 0) {
            continue;
        }
        if (function.row_by_row.empty()) {
            fail(Cause::wrong_arguments, sample.values.front()->span,
                 {N_("%1 works on whole columns here, but this is a single value. Remove it."),
                  {std::string(function.name)}});
        } else {
            fail(Cause::wrong_arguments, node.name_span,
                 {N_("%1 works on whole columns, but one of these is a single value. Row by row, write %2(a, b)."),
                  {std::string(function.name), std::string(function.row_by_row)}},
                 std::string(function.row_by_row));
        }
        return true;
    }
    return false;
}

bool MeasureBinder::check_arguments(const Node& node, const Function& function) {
    return pools(function) || binder_.check_count(node, function);
}

/// The plain arguments follow the formula's own row, and so are bound outside the measure's rows.
bool MeasureBinder::bind_plain(const Node& node, const Function& function, MeasureTerm& measure) {
    for (std::size_t at = function.sample_count(); !pools(function) && at < node.kids.size(); ++at) {
        TermPtr plain = term(node.kid(at));
        if (plain && plain->kind != function.arguments[at].kind && !plain->open_kind) {
            plain = fail(
                Cause::wrong_kind, plain->span,
                {N_("%1 needs %2 here, but this is %3."),
                 {std::string(function.name), kind_in_words(function.arguments[at].kind), kind_in_words(plain->kind)}});
        }
        if (!plain) {
            return false;
        }
        measure.plain.push_back(std::move(plain));
    }
    const bool type_left_out = function.takes_type && (pools(function) || node.kids.size() < function.arguments.size());
    if (type_left_out) {
        measure.plain.push_back(constant(node, Value::number(context_.scope.study->settings.quantile_type)));
    }
    return true;
}

/// How many rows' values compare so with this row's.
TermPtr MeasureBinder::count_compared(const Node& node, Operator op, const Level& level, const TermPtr& own) {
    const bool conditional = node.kid(0).type == NodeType::where;
    auto measure = std::make_shared<MeasureTerm>();
    measure->function = &special_function(Special::count);
    measure->table = level.table;
    measure->level = static_cast<std::uint32_t>(context_.levels.size() + 1);
    context_.levels.push_back(level);
    const TermPtr other = term(conditional ? node.kid(0).kid(0) : node.kid(0));
    const TermPtr compared = other ? binder_.operate(node, op, {other, own}) : nullptr;
    if (compared) {
        measure->samples.push_back({{compared}, nullptr});
    }
    const bool bound = compared && (!conditional || add_condition(node.kid(0), *measure));
    context_.levels.pop_back();
    return bound ? finish_measure(node, std::move(measure)) : nullptr;
}

/// The place of the running row's value among the values of a column, smallest first, equal ones sharing their mean
/// place: a count of the smaller and half of the equal ones. It is missing where the value is, or where the condition
/// leaves it out.
TermPtr MeasureBinder::rank(const Node& node, const Function& function) {
    const bool conditional = node.kid(0).type == NodeType::where;
    const Node& value = conditional ? node.kid(0).kid(0) : node.kid(0);
    const bool in_rows = context_.frame.has_rows || context_.levels.size() > context_.frame.levels;
    if (!in_rows || node.kids.size() > 1 || value.type == NodeType::bound) {
        return fail(
            Cause::wrong_arguments, node.span,
            {N_("rank(x) gives the position of this row's x among all: it is for the formula of a column."), {}});
    }
    const TermPtr own = term(value);
    const TermPtr included = own && conditional ? term(node.kid(0).kid(1)) : nullptr;
    Level level;
    if (!own || (conditional && !included) || !find_domain(node, 1, level)) {
        return nullptr;
    }
    if (own->kind != Kind::number && own->kind != Kind::date) {
        return fail(Cause::wrong_kind, value.span,
                    {N_("%1 needs %2, but this is %3."),
                     {std::string(function.name), NC_("Kind", "numbers"), kind_in_words(own->kind)}});
    }
    if (level.table.empty() || level.range != nullptr) {
        return fail(
            Cause::wrong_arguments, node.span,
            {N_("%1 works on whole columns. Write it as %2."), {std::string(function.name), function.signature()}});
    }
    const TermPtr below = count_compared(node, Operator::less, level, own);
    const TermPtr equal = below ? count_compared(node, Operator::equal, level, own) : nullptr;
    if (!equal) {
        return nullptr;
    }
    const TermPtr more = binder_.operate(node, Operator::add, {equal, constant(node, Value::number(1))});
    const TermPtr half = binder_.operate(node, Operator::divide, {more, constant(node, Value::number(2))});
    const TermPtr place = binder_.operate(node, Operator::add, {half, below});
    const TermPtr is_missing = operation(node, Binder::call_of(special_function(Special::missing_test), {own}));
    const TermPtr missing = constant(node, Value::missing());
    OperationTerm chosen = *binder_.chosen(node, is_missing, missing, place)->as<OperationTerm>();
    chosen.function = &function;
    const TermPtr ranked = operation(node, std::move(chosen));
    return included ? binder_.chosen(node, included, ranked, missing) : ranked;
}

/// A function that is written in simpler ones, with what it is taken of put in.
TermPtr MeasureBinder::by_simpler_form(const Node& node, const Function& function) {
    if (!check_arguments(node, function)) {
        return nullptr;
    }
    const NodePtr written = simpler_form(node, function);
    return written ? term(*written)
                   : fail(Cause::wrong_arguments, node.span,
                          {N_("%1 works on whole columns. Write it as %2."),
                           {std::string(function.name), function.signature()}});
}

TermPtr MeasureBinder::search(const Node& node, const Function& function) {
    if (node.kids.size() != 1 || node.kid(0).type != NodeType::bound) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 searches a range of numbers. Write it as %1(t^2 - 2 for t in 0..2)."),
                     {std::string(function.name)}});
    }
    return over_bound(node, function);
}

TermPtr MeasureBinder::over_bound(const Node& call, const Function& function) {
    const Node& node = call.kid(0);
    auto result = std::make_shared<MeasureTerm>();
    result->function = &function;
    result->search = function.search;
    result->over = MeasureTerm::Over::bound;
    result->level = static_cast<std::uint32_t>(context_.levels.size() + 1);
    if (function.is_measure()) {
        if (!check_arguments(call, function) || !bind_plain(call, function, *result)) {
            return nullptr;
        }
        if (function.sample_count() > 1) {
            return fail(Cause::wrong_arguments, call.span,
                        {N_("%1 needs values of several columns, but for gives one list. Write them as columns."),
                         {std::string(function.name)}});
        }
    }
    const Node& range = node.kid(1);
    if (!range.kids[0] || !range.kids[1]) {
        return fail(Cause::wrong_arguments, range.span, {N_("This range needs both ends, as in 0..10."), {}});
    }
    if (!bind_range(&range, *result)) {
        return nullptr;
    }
    Level level;
    level.counter = node.text;
    context_.levels.push_back(level);
    const bool ok = add_sample(node.kid(0), function, *result);
    context_.levels.pop_back();
    if (ok && result->search != SearchGoal::none && result->samples.size() > 1) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("%1 needs a single expression, without where."), {std::string(function.name)}});
    }
    return ok ? finish_measure(node, std::move(result)) : nullptr;
}

TermPtr MeasureBinder::finish_measure(const Node& node, std::shared_ptr<MeasureTerm> measure) {
    const Function& function = *measure->function;
    const Kind sample_kind = measure->samples.front().values.front()->kind;
    measure->make = sample_kind == Kind::yes_no && function.make_of_condition != nullptr ? function.make_of_condition
                                                                                         : function.make;
    std::uint32_t on = 0;
    for (const Sample& sample : measure->samples) {
        on |= sample.on();
    }
    if (measure->over != MeasureTerm::Over::values) {
        on &= ~(1U << measure->level);
    }
    const GridRange grid = measure->grid.value_or(GridRange());
    for (const TermPtr& end :
         {measure->from, measure->to, grid.from_row, grid.to_row, grid.from_column, grid.to_column}) {
        on |= end ? end->on : 0;
    }
    on |= levels_of(measure->plain);
    return made(node, std::shared_ptr<const MeasureTerm>(std::move(measure)),
                function.gives        ? *function.gives
                : function.keeps_kind ? sample_kind
                                      : Kind::number,
                on);
}

} // namespace ledgefall
