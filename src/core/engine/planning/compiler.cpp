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
        for (std::size_t at = 0; at < step.count; ++at) {
            const Operand argument = step.arguments[at];
            if (argument.scalar) {
                continue;
            }
            const bool carries = step.code == Instruction::Code::operate && (step.operation.carries >> at & 1U) != 0;
            used[argument.at] = true;
            must[argument.at] = must[argument.at] || !carries;
        }
        if (step.measure) { // a measure reads its operands while it runs, so they are checked before
            for (const auto& operands : {step.measure->parameters, step.measure->plain, step.measure->values}) {
                for (const Operand operand : operands) {
                    if (!operand.scalar) {
                        must[operand.at] = true;
                    }
                }
            }
            for (const MeasureCall::Limit& limit : step.measure->limits) {
                if (!limit.value.scalar) {
                    must[limit.value.at] = true;
                }
            }
            for (const MeasureCall::Key& key :
                 step.measure->grouped ? step.measure->grouped->keys : std::vector<MeasureCall::Key>()) {
                if (!key.asked.scalar) {
                    must[key.asked.at] = true;
                }
            }
            const MeasureCall::Grid grid = step.measure->grid.value_or(MeasureCall::Grid());
            for (const auto& end :
                 {step.measure->from, step.measure->to, grid.from_row, grid.to_row, grid.from_column, grid.to_column}) {
                if (end && !end->scalar) {
                    must[end->at] = true;
                }
            }
        }
    }
    for (Instruction& step : program.body) {
        step.checked = must[step.to] || !used[step.to];
        program.some_unchecked = program.some_unchecked || !step.checked;
    }
}

/// How far from the formula's row a bound of a range is, where that is fixed.
std::optional<std::int64_t> shift_of(const Term& bound) {
    if (bound.type == TermType::row_number && bound.level == 0) {
        return 0;
    }
    const bool sum = bound.type == TermType::operate && bound.kids.size() == 2 &&
                     (bound.op == Operator::add || bound.op == Operator::subtract);
    const bool from_row = sum && bound.kids[0]->type == TermType::row_number && bound.kids[0]->level == 0 &&
                          bound.kids[1]->type == TermType::constant;
    if (!from_row || !bound.kids[1]->value.plain()) {
        return std::nullopt;
    }
    const double steps = bound.kids[1]->value.number();
    const bool whole = steps == std::floor(steps) && steps <= 1e9;
    return whole ? std::optional(static_cast<std::int64_t>(bound.op == Operator::add ? steps : -steps)) : std::nullopt;
}

std::optional<MeasureCall::Window> window_of(const MeasureTerm& measure) {
    const auto to = measure.to ? shift_of(*measure.to) : std::nullopt;
    if (!to || measure.over != MeasureTerm::Over::table || measure.grid) {
        return std::nullopt;
    }
    const bool first = !measure.from || (measure.from->type == TermType::constant && measure.from->value.plain() &&
                                         measure.from->value.number() <= 1 && measure.from->value.number() >= -1e9 &&
                                         measure.from->value.number() == std::floor(measure.from->value.number()));
    if (first) {
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
        if (term->type == TermType::constant) {
            return scalar(context.program, {Scalar::From::constant, term->value, {}});
        }
        if (term->type == TermType::held) {
            return scalar(context.program, {Scalar::From::held, {}, term->single()});
        }
        if (term->type == TermType::row_count) {
            return scalar(context.program, {Scalar::From::row_count, {}, term->table});
        }
        if (!runs(context, *term) && context.outer != nullptr) {
            context.parameters->push_back(value(*context.outer, term));
            return parameter(context.program);
        }
        Instruction step = instruction(context, *term);
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

    Faults faults(const Term& term) const {
        Faults out;
        const std::string name = term.display_name();
        const Sentence outside = term.domain.empty() ? Sentence("%1 has no value here", {name}) : Sentence(term.domain);
        const Sentence divides =
            term.no_division.empty() ? Sentence("this divides by zero") : Sentence(term.no_division);
        out.division = site(Cause::division_by_zero, term.span, divides);
        out.domain = site(term.domain_cause, term.span, outside);
        out.arguments =
            term.distribution.empty() ? out.domain : site(Cause::out_of_domain, term.span, Sentence(term.distribution));
        out.large = site(Cause::too_large, term.span, {"the result is too large to be held", {}});
        if (term.type == TermType::measure) {
            out.steps = site(Cause::too_large, term.span,
                             {"this takes more steps than one formula may: divide it, or shorten its ranges", {}});
            out.arguments =
                site(Cause::out_of_domain, term.span,
                     term.measure->over == MeasureTerm::Over::bound
                         ? Sentence{"for runs over whole numbers, and an end of this range is not one", {}}
                         : Sentence{"a range of rows has whole numbers as its ends, and one here is not", {}});
        }
        return out;
    }

    std::uint32_t column(Program& program, const Term& term) const {
        const auto place = std::find(program.columns.begin(), program.columns.end(), term.id);
        if (place != program.columns.end()) {
            return static_cast<std::uint32_t>(place - program.columns.begin());
        }
        program.columns.push_back(term.id);
        program.tables.push_back(term.table);
        const Sentence what{"the cell is not %1: correct it, or set the column's kind to text",
                            {kind_in_words(term.kind)}};
        program.not_a_number.push_back(fault_site({Cause::not_a_number, term.id, what, 0, 0}));
        return static_cast<std::uint32_t>(program.columns.size() - 1);
    }

    /// The number of `default(f[i-1, j+1], 0)`, where that is another cell of the grid and the number is written there.
    static std::optional<double> in_place_of_gaps(const Term& term) {
        if (term.type != TermType::operate || !term.operation.fills_gaps || term.kids.size() != 2) {
            return std::nullopt;
        }
        const Term& cell = *term.kids[0];
        const Term& number = *term.kids[1];
        const bool in_grid = cell.type == TermType::column && !cell.across.empty() && cell.part == GridPart::cell &&
                             (cell.shift != 0 || cell.line_shift != 0);
        const bool plain = number.type == TermType::constant && number.value.plain() && number.kind == Kind::number;
        return in_grid && plain && cell.kind == Kind::number ? std::optional(number.value.number()) : std::nullopt;
    }

    Instruction load(Program& program, const Term& cell, std::optional<double> otherwise) const {
        Instruction step;
        step.code = Instruction::Code::load;
        step.kind = cell.kind;
        step.column = column(program, cell);
        step.shift = cell.shift;
        step.line_shift = cell.line_shift;
        step.part = cell.part;
        step.otherwise = otherwise;
        step.across = cell.across;
        if (cell.shift != 0 && !cell.across.empty() && !otherwise) {
            program.across = cell.across;
            std::size_t& furthest = cell.shift < 0 ? program.columns_before : program.columns_after;
            furthest = std::max(furthest, static_cast<std::size_t>(std::abs(cell.shift)));
        }
        return step;
    }

    Instruction instruction(Context& context, const Term& term) {
        if (const auto number = in_place_of_gaps(term)) {
            return load(context.program, *term.kids.front(), number);
        }
        Instruction step;
        step.kind = term.kind;
        const auto add_argument = [&](const TermPtr& kid) {
            step.arguments[step.count] = value(context, kid);
            step.kinds[step.count++] = kid->kind;
        };
        switch (term.type) {
        case TermType::operate:
            step.code = Instruction::Code::operate;
            step.operation = term.operation;
            step.faults = faults(term);
            for (const TermPtr& kid : term.kids) {
                add_argument(kid);
            }
            break;
        case TermType::column:
            return load(context.program, term, std::nullopt);
        case TermType::gather:
            step.code = Instruction::Code::gather;
            step.column = column(context.program, term);
            add_argument(term.kids.front());
            step.no_such_row = site(Cause::no_such_row, term.span, {"a row in brackets must be a whole number", {}});
            step.not_computed_yet = site(Cause::row_not_computed_yet, term.span,
                                         {"this row is not computed yet when it is needed: use earlier rows", {}});
            break;
        case TermType::row_number:
            step.code = Instruction::Code::row_number;
            step.part = term.part;
            step.across = term.across;
            break;
        case TermType::counter:
            step.code = Instruction::Code::counter;
            step.arguments[step.count++] = counter_start_;
            break;
        case TermType::measure:
            step.code = Instruction::Code::measure;
            step.faults = faults(term);
            step.measure = measure(context, term);
            break;
        case TermType::what_if: {
            step.code = Instruction::Code::what_if;
            for (const TermPtr& kid : term.kids) {
                add_argument(kid);
            }
            auto call = std::make_shared<WhatIfCall>();
            call->meant = term.what_if;
            call->at_row = term.kids.size() > term.what_if->replaced.size();
            call->asked = compile(term.what_if->asked, itself_);
            call->too_many = site(Cause::too_large, term.span,
                                  {"this tries too many values within values that are tried: try fewer of them", {}});
            step.what_if = std::move(call);
            break;
        }
        case TermType::constant:
        case TermType::held:
        case TermType::row_count:
            break; // scalars, made above
        }
        return step;
    }

    std::shared_ptr<const MeasureCall> measure(Context& context, const Term& term) {
        const MeasureTerm& meant = *term.measure;
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
        Context inner{call->inner, meant.level, &context, &call->parameters, {}};
        const Operand outer_counter = counter_start_;
        if (meant.over == MeasureTerm::Over::bound) {
            call->parameters.push_back(*call->from);
            counter_start_ = parameter(call->inner);
        }
        const auto output = [&](const TermPtr& taken) {
            call->inner.outputs.push_back(value(inner, taken));
            call->inner.output_kinds.push_back(taken->kind);
            return static_cast<std::uint32_t>(call->inner.outputs.size() - 1);
        };
        if (const auto counted = count_limits(meant)) {
            output(counted->counted);
            for (const CountLimits::Limit& limit : counted->limits) {
                call->limits.push_back({value(context, limit.value), limit.above, limit.or_equal});
            }
            counter_start_ = outer_counter;
            mark_checks(call->inner);
            return call;
        }
        for (const Sample& sample : meant.samples) {
            MeasureCall::Taken taken;
            for (const TermPtr& one : sample.values) {
                taken.values.push_back(output(one));
            }
            if (sample.condition) {
                taken.condition = output(sample.condition);
            }
            call->samples.push_back(taken);
        }
        counter_start_ = outer_counter;
        mark_checks(call->inner);
        if (const auto key = group_key(meant)) {
            call->grouped = grouped(context, meant, *key, *call);
        }
        return call;
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
        const auto output = [&](const TermPtr& taken) {
            call->inner.outputs.push_back(value(inner, taken));
            call->inner.output_kinds.push_back(taken->kind);
            return static_cast<std::uint32_t>(call->inner.outputs.size() - 1);
        };
        for (std::size_t at = 0; at < key.keys.size(); ++at) {
            const Operand asked = value(context, key.asked[at]);
            call->keys.push_back({output(key.keys[at]), asked, key.keys[at]->kind});
        }
        MeasureCall::Taken taken;
        for (const TermPtr& one : key.rest.values) {
            taken.values.push_back(output(one));
        }
        if (key.rest.condition) {
            taken.condition = output(key.rest.condition);
        }
        if (key.within.counted) {
            call->rolling = key.adding;
            taken.values.push_back(output(key.within.counted));
            for (const CountLimits::Limit& limit : key.within.limits) {
                call->limits.push_back({value(context, limit.value), limit.above, limit.or_equal});
            }
        }
        call->samples.push_back(taken);
        mark_checks(call->inner);
        return call->parameters.empty() ? call : nullptr;
    }

    DefinitionId itself_;
    Operand counter_start_; ///< in the innermost program over a bound number
};

} // namespace

const MeasureCall* measure_of_each_row(const Program& program) {
    for (const Instruction& step : program.body) {
        const MeasureCall* call = step.measure.get();
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
