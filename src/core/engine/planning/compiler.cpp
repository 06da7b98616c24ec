#include "core/engine/planning/count_limits.h"
#include "core/engine/planning/group_key.h"
#include "core/engine/planning/program.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace ledgefall {
namespace {

/// A program that is being made, and the one around it whose rows it does not run over.
struct Context {
    Program& program;
    std::uint32_t level = 0;
    Context* outer = nullptr;
    std::vector<Operand>* parameters = nullptr; ///< of the call in the outer program
    std::unordered_map<const Term*, Operand> done;
};

/// What a measure reads of the program around it, beside what it runs over.
std::vector<Operand> operands_of(const MeasureCall& call) {
    std::vector<Operand> all = call.parameters;
    all.insert(all.end(), call.plain.begin(), call.plain.end());
    all.insert(all.end(), call.values.begin(), call.values.end());
    for (const MeasureCall::Limit& limit : call.limits) {
        all.push_back(limit.value);
    }
    for (const MeasureCall::Key& key : call.grouped ? call.grouped->keys : std::vector<MeasureCall::Key>()) {
        all.push_back(key.asked);
    }
    const MeasureCall::Grid grid = call.grid.value_or(MeasureCall::Grid());
    for (const auto& end : {call.from, call.to, grid.from_row, grid.to_row, grid.from_column, grid.to_column}) {
        if (end) {
            all.push_back(*end);
        }
    }
    return all;
}

/// What a step reads; what is not finite there carries into the result where the bit of its place is set.
std::vector<Operand> operands_of(const Instruction& step, std::uint32_t& carries) {
    carries = 0;
    const auto listed = [](const Arguments& arguments) {
        return std::vector<Operand>(arguments.at.begin(), arguments.at.begin() + arguments.count);
    };
    if (const auto* operation = step.as<OperateStep>()) {
        carries = operation->operation.carries;
        return listed(operation->arguments);
    }
    if (const auto* what_if = step.as<WhatIfStep>()) {
        return listed(what_if->arguments);
    }
    if (const auto* measure =
            step.as<MeasureStep>()) { // it reads its operands while it runs, so they are checked before
        return operands_of(*measure->call);
    }
    if (const auto* gather = step.as<GatherStep>()) {
        return {gather->row};
    }
    const auto* counter = step.as<CounterStep>();
    return counter == nullptr ? std::vector<Operand>() : std::vector<Operand>{counter->start};
}

/// Skips the check of a step for values that are not finite where every step that uses it propagates them: then the
/// check of those covers it.
void mark_checks(Program& program) {
    std::vector<bool> used(program.registers, false);
    std::vector<bool> must(program.registers, false);
    for (const Operand output : program.outputs) {
        if (!output.scalar) {
            must[output.at] = true;
        }
    }
    for (const Instruction& step : program.body) {
        std::uint32_t carries = 0;
        const std::vector<Operand> operands = operands_of(step, carries);
        const bool of_measure = step.as<MeasureStep>() != nullptr;
        for (std::size_t at = 0; at < operands.size(); ++at) {
            if (!operands[at].scalar) {
                used[operands[at].at] = used[operands[at].at] || !of_measure;
                must[operands[at].at] = must[operands[at].at] || of_measure || (carries >> at & 1U) == 0;
            }
        }
    }
    for (Instruction& step : program.body) {
        step.checked = must[step.to] || !used[step.to];
        program.some_unchecked = program.some_unchecked || !step.checked;
    }
}

/// The number of a constant that is a whole number; nothing of another term.
std::optional<double> whole_number(const Term& term) {
    const auto* constant = term.as<ConstantTerm>();
    const bool whole = constant != nullptr && constant->value.plain() &&
                       constant->value.number() == std::floor(constant->value.number());
    return whole ? std::optional(constant->value.number()) : std::nullopt;
}

bool is_own_row(const Term& term) {
    const auto* row = term.as<RowNumberTerm>();
    return row != nullptr && row->level == 0;
}

/// How far from the formula's row a bound of a range is, where that is fixed.
std::optional<std::int64_t> shift_of(const Term& bound) {
    if (is_own_row(bound)) {
        return 0;
    }
    const OperationTerm* pair = bound.pair();
    const bool sum = pair != nullptr && (pair->op == Operator::add || pair->op == Operator::subtract);
    const auto steps = sum && is_own_row(*pair->kids[0]) ? whole_number(*pair->kids[1]) : std::nullopt;
    if (!steps || *steps > 1e9) {
        return std::nullopt;
    }
    return static_cast<std::int64_t>(pair->op == Operator::add ? *steps : -*steps);
}

std::optional<MeasureCall::Window> window_of(const MeasureTerm& measure) {
    const auto to = measure.to ? shift_of(*measure.to) : std::nullopt;
    if (!to || measure.over != MeasureTerm::Over::table || measure.grid) {
        return std::nullopt;
    }
    const auto start = measure.from ? whole_number(*measure.from) : std::optional(1.0);
    if (start && *start <= 1 && *start >= -1e9) {
        return MeasureCall::Window{std::nullopt, *to};
    }
    const auto from = shift_of(*measure.from);
    return from ? std::optional(MeasureCall::Window{from, *to}) : std::nullopt;
}

RollingForm rolling_form(const MeasureTerm& measure, Kind kind) {
    const bool simple = measure.samples.size() == 1 && measure.samples.front().values.size() == 1 &&
                        !measure.samples.front().condition && kind == Kind::number &&
                        measure.samples.front().values.front()->kind == Kind::number;
    return simple ? measure.function->rolling : RollingForm::none;
}

class Compiler {
  public:
    explicit Compiler(const DefinitionId& itself)
        : itself_(itself) {}

    Operand value(Context& context, const TermPtr& term) {
        const auto entry = context.done.find(term.get());
        if (entry != context.done.end()) {
            return entry->second;
        }
        const Operand operand = make(context, term);
        context.done.emplace(term.get(), operand);
        return operand;
    }

  private:
    static bool runs(const Context& context, const Term& term) { return (term.on >> context.level & 1U) != 0; }

    Operand make(Context& context, const TermPtr& term) {
        if (const auto* constant = term->as<ConstantTerm>()) {
            return scalar(context.program, {Scalar::From::constant, constant->value, {}});
        }
        if (const auto* held = term->as<HeldTerm>()) {
            return scalar(context.program, {Scalar::From::held, {}, held->id});
        }
        if (const auto* count = term->as<RowCountTerm>()) {
            return scalar(context.program, {Scalar::From::row_count, {}, count->table});
        }
        if (!runs(context, *term) && context.outer != nullptr) {
            context.parameters->push_back(value(*context.outer, term));
            return parameter(context.program);
        }
        Instruction step{this->step(context, *term), term->kind};
        Program& program = context.program;
        if (runs(context, *term)) {
            step.to = program.registers++;
            program.body.push_back(std::move(step));
            return {false, program.body.back().to};
        }
        const Operand to = scalar(program, {Scalar::From::prelude, {}, {}});
        step.to = to.at;
        program.prelude.push_back(std::move(step));
        return to;
    }

    static Operand scalar(Program& program, const Scalar& scalar) {
        program.scalars.push_back(scalar);
        return {true, static_cast<std::uint32_t>(program.scalars.size() - 1)};
    }

    /// Parameters are found by their order, so their scalars may stand anywhere among the others.
    static Operand parameter(Program& program) {
        ++program.parameters;
        return scalar(program, {Scalar::From::parameter, {}, {}});
    }

    std::uint32_t site(Cause cause, Span span, Sentence what) const {
        return fault_site({cause, itself_, std::move(what), span.from, span.to});
    }

    /// The errors of an operation or a measure of that name and with that sentence of its domain.
    Faults faults(Span span, const std::string& name, std::string_view domain, Cause domain_cause) const {
        Faults out;
        out.division = site(Cause::division_by_zero, span, Sentence(N_("division by zero")));
        out.domain =
            site(domain_cause, span, domain.empty() ? Sentence(N_("%1 has no value here"), {name}) : Sentence(domain));
        out.arguments = out.domain;
        out.large = site(Cause::too_large, span, {N_("the result is too large"), {}});
        return out;
    }

    Faults faults(const OperationTerm& operation, Span span) const {
        Faults out = faults(span, operation.display_name(), operation.domain, Cause::out_of_domain);
        if (!operation.no_division.empty()) {
            out.division = site(Cause::division_by_zero, span, Sentence(operation.no_division));
        }
        if (!operation.distribution.empty()) {
            out.arguments = site(Cause::out_of_domain, span, Sentence(operation.distribution));
        }
        return out;
    }

    Faults faults(const MeasureTerm& measure, Span span) const {
        const Function& function = *measure.function;
        Faults out = faults(span, std::string(function.name), function.domain, function.domain_cause);
        out.steps = site(Cause::too_large, span,
                         {N_("this takes more steps than one formula can have: split it, or shorten its ranges"), {}});
        out.arguments =
            site(Cause::out_of_domain, span,
                 measure.over == MeasureTerm::Over::bound
                     ? Sentence{N_("for runs over whole numbers, and an end of this range is not one"), {}}
                     : Sentence{N_("a range of rows has whole numbers as its ends, and one here is not"), {}});
        return out;
    }

    static std::uint32_t column(Program& program, Id id, Id table, Kind kind) {
        const auto place = std::find(program.columns.begin(), program.columns.end(), id);
        if (place != program.columns.end()) {
            return static_cast<std::uint32_t>(place - program.columns.begin());
        }
        program.columns.push_back(id);
        program.tables.push_back(table);
        const Sentence what{N_("the cell is not %1: correct it, or set the column's kind to text"),
                            {kind_in_words(kind)}};
        program.not_a_number.push_back(fault_site({Cause::not_a_number, id, what, 0, 0}));
        return static_cast<std::uint32_t>(program.columns.size() - 1);
    }

    /// `default(f[i-1, j+1], 0)`, where that is another cell of the grid and the number is written there: the cell is
    /// loaded with the number for what is missing.
    std::optional<LoadStep> load_with_number(Program& program, const OperationTerm& operation) const {
        if (!operation.operation.fills_gaps || operation.kids.size() != 2) {
            return std::nullopt;
        }
        const Term& number = *operation.kids[1];
        const auto* cell = operation.kids[0]->as<ColumnTerm>();
        const auto* constant = number.as<ConstantTerm>();
        const bool in_grid = cell != nullptr && !cell->across.empty() && cell->part == GridPart::cell &&
                             (cell->shift != 0 || cell->line_shift != 0);
        const bool plain = constant != nullptr && constant->value.plain() && number.kind == Kind::number &&
                           operation.kids[0]->kind == Kind::number;
        return in_grid && plain ? std::optional(load(program, *cell, Kind::number, constant->value.number()))
                                : std::nullopt;
    }

    static LoadStep load(Program& program, const ColumnTerm& cell, Kind kind, std::optional<double> otherwise) {
        if (cell.shift != 0 && !cell.across.empty() && !otherwise) {
            program.across = cell.across;
            std::size_t& furthest = cell.shift < 0 ? program.columns_before : program.columns_after;
            furthest = std::max(furthest, static_cast<std::size_t>(std::abs(cell.shift)));
        }
        return {
            column(program, cell.id, cell.table, kind), cell.shift, cell.across, cell.line_shift, otherwise, cell.part};
    }

    Arguments arguments(Context& context, const std::vector<TermPtr>& kids) {
        Arguments out;
        for (const TermPtr& kid : kids) {
            out.add(value(context, kid), kid->kind);
        }
        return out;
    }

    Instruction::What step(Context& context, const Term& term) {
        if (const auto* operation = term.as<OperationTerm>()) {
            if (const auto load = load_with_number(context.program, *operation)) {
                return *load;
            }
            return OperateStep{operation->operation, arguments(context, operation->kids),
                               faults(*operation, term.span)};
        }
        if (const auto* cells = term.as<ColumnTerm>()) {
            return load(context.program, *cells, term.kind, std::nullopt);
        }
        if (const auto* cell = term.as<CellTerm>()) {
            const std::uint32_t from = column(context.program, cell->id, cell->table, term.kind);
            return GatherStep{from, value(context, cell->row),
                              site(Cause::no_such_row, term.span, {N_("a row in brackets must be a whole number"), {}}),
                              site(Cause::row_not_computed_yet, term.span,
                                   {N_("this row is not computed yet when it is needed: use earlier rows"), {}})};
        }
        if (const auto* row = term.as<RowNumberTerm>()) {
            return RowNumberStep{row->part, row->across};
        }
        if (const auto* meant = term.as<std::shared_ptr<const MeasureTerm>>()) {
            return MeasureStep{measure(context, **meant, term), faults(**meant, term.span)};
        }
        if (const auto* tried = term.as<TriedTerm>()) {
            return what_if(context, *tried, term.span);
        }
        return CounterStep{counter_start_}; // all others are scalars
    }

    WhatIfStep what_if(Context& context, const TriedTerm& tried, Span span) {
        auto call = std::make_shared<WhatIfCall>();
        call->meant = tried.what_if;
        call->at_row = tried.row != nullptr;
        call->asked = compile(tried.what_if->asked, itself_);
        call->too_many = site(Cause::too_large, span,
                              {N_("this tries too many values within values that are tried: try fewer of them"), {}});
        Arguments values = arguments(context, tried.values);
        if (tried.row) {
            values.add(value(context, tried.row), Kind::number);
        }
        return {std::move(call), values};
    }

    std::shared_ptr<const MeasureCall> measure(Context& context, const MeasureTerm& meant, const Term& term) {
        auto call = std::make_shared<MeasureCall>();
        call->over = meant.over;
        call->search = meant.search;
        call->itself = itself_;
        call->span = term.span;
        call->make = meant.make;
        call->kind = term.kind;
        call->table = meant.table;
        call->window = context.level == 0 ? window_of(meant) : std::nullopt;
        if (meant.from && !call->window) {
            call->from = value(context, meant.from);
        }
        if (meant.to && !call->window) {
            call->to = value(context, meant.to);
        }
        for (const TermPtr& plain : meant.plain) {
            call->plain.push_back(value(context, plain));
            call->plain_kinds.push_back(plain->kind);
        }
        if (meant.over == MeasureTerm::Over::values) {
            for (const Sample& sample : meant.samples) {
                call->values.push_back(value(context, sample.values.front()));
                call->value_kinds.push_back(sample.values.front()->kind);
            }
            return call;
        }
        if (meant.grid) {
            call->grid = grid(context, *meant.grid);
        }
        call->rolling = rolling_form(meant, term.kind);
        const bool one_column = !meant.grid && meant.samples.size() == 1 && meant.samples.front().values.size() == 1;
        call->of_order = one_column ? meant.function->of_order : nullptr;
        const Operand outer_counter = counter_start_;
        add_inner(context, meant, *call);
        counter_start_ = outer_counter;
        mark_checks(call->inner);
        if (call->limits.empty()) {
            if (const auto key = group_key(meant)) {
                call->grouped = grouped(context, meant, *key, *call);
            }
        }
        return call;
    }

    /// What the measure runs over, as the program that is run there.
    void add_inner(Context& context, const MeasureTerm& meant, MeasureCall& call) {
        Context inner{call.inner, meant.level, &context, &call.parameters, {}};
        if (meant.over == MeasureTerm::Over::bound) {
            call.parameters.push_back(*call.from);
            counter_start_ = parameter(call.inner);
        }
        if (const auto counted = count_limits(meant)) {
            output(inner, counted->counted);
            for (const CountLimits::Limit& limit : counted->limits) {
                call.limits.push_back({value(context, limit.value), limit.above, limit.or_equal});
            }
            return;
        }
        for (const Sample& sample : meant.samples) {
            call.samples.push_back(taken(inner, sample));
        }
    }

    std::uint32_t output(Context& inner, const TermPtr& term) {
        inner.program.outputs.push_back(value(inner, term));
        inner.program.output_kinds.push_back(term->kind);
        return static_cast<std::uint32_t>(inner.program.outputs.size() - 1);
    }

    MeasureCall::Taken taken(Context& inner, const Sample& sample) {
        MeasureCall::Taken out;
        for (const TermPtr& one : sample.values) {
            out.values.push_back(output(inner, one));
        }
        if (sample.condition) {
            out.condition = output(inner, sample.condition);
        }
        return out;
    }

    MeasureCall::Grid grid(Context& context, const GridRange& meant) {
        MeasureCall::Grid out;
        out.down = meant.down;
        out.across = meant.across;
        const auto end = [&](const TermPtr& term, std::optional<Operand>& operand) {
            if (term) {
                operand = value(context, term);
            }
        };
        end(meant.from_row, out.from_row);
        end(meant.to_row, out.to_row);
        end(meant.from_column, out.from_column);
        end(meant.to_column, out.to_column);
        return out;
    }

    /// Null where something of the measure's inside is given from the outer row after all.
    std::shared_ptr<const MeasureCall> grouped(Context& context, const MeasureTerm& meant, const GroupKey& key,
                                               const MeasureCall& like) {
        auto call = std::make_shared<MeasureCall>();
        call->over = like.over;
        call->make = key.make;
        call->kind = like.kind;
        call->table = like.table;
        call->plain = like.plain;
        call->plain_kinds = like.plain_kinds;
        Context inner{call->inner, meant.level, &context, &call->parameters, {}};
        for (std::size_t at = 0; at < key.keys.size(); ++at) {
            const Operand asked = value(context, key.asked[at]);
            call->keys.push_back({output(inner, key.keys[at]), asked, key.keys[at]->kind});
        }
        MeasureCall::Taken rest = taken(inner, key.rest);
        if (key.within.counted) {
            call->rolling = key.adding;
            rest.values.push_back(output(inner, key.within.counted));
            for (const CountLimits::Limit& limit : key.within.limits) {
                call->limits.push_back({value(context, limit.value), limit.above, limit.or_equal});
            }
        }
        call->samples.push_back(rest);
        mark_checks(call->inner);
        return call->parameters.empty() ? call : nullptr;
    }

    DefinitionId itself_;
    Operand counter_start_; ///< in the innermost program over a bound number
};

} // namespace

const MeasureCall* measure_of_each_row(const Program& program) {
    for (const Instruction& step : program.body) {
        const auto* measure = step.as<MeasureStep>();
        const MeasureCall* call = measure == nullptr ? nullptr : measure->call.get();
        if (call != nullptr && call->over == MeasureTerm::Over::table && !call->parameters.empty() && !call->grouped &&
            call->limits.empty() && !call->grid) {
            return call;
        }
    }
    return nullptr;
}

Program compile(const TermPtr& term, const DefinitionId& itself) {
    Program program;
    Context context{program, 0, nullptr, nullptr, {}};
    Compiler compiler(itself);
    program.outputs.push_back(compiler.value(context, term));
    program.output_kinds.push_back(term->kind);
    mark_checks(program);
    return program;
}

} // namespace ledgefall
