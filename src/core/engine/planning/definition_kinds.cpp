#include "core/engine/planning/definition_kinds.h"

#include "core/engine/planning/plan.h"

namespace ledgefall {
namespace {

using Formulas = std::vector<const Formula*>;

void link_whole(PlannedDefinition& definition, const DefinitionId& target) {
    definition.links.push_back({DependencyKind::whole, target, 0});
}

void link_axis(const Plan& plan, PlannedDefinition& definition) {
    const Id made_of = definition.axis->source->made_of();
    if (made_of.empty()) {
        return;
    }
    const PlannedDefinition* of = plan.find(made_of);
    definition.kind = of == nullptr ? definition.kind : definition.axis->source->axis_kind_from(of->kind);
    link_whole(definition, made_of);
}

void link_axes(const Plan&, PlannedDefinition& definition) {
    for (const Axis* axis : definition.table->axes()) {
        link_whole(definition, (*axis->column)->id);
    }
}

std::optional<Sentence> refused_unless(bool fits, const char* sentence, Kind kind) {
    return fits ? std::nullopt : std::optional(Sentence{sentence, {kind_in_words(kind)}});
}

Formulas formulas_of_column(const PlannedDefinition& definition) {
    Formulas all;
    for (const Piece& piece : definition.column->pieces) {
        all.push_back(&piece.formula);
    }
    return all;
}

Formulas formula_of_line(const PlannedDefinition& definition) {
    return {&definition.line->formula};
}

} // namespace

const DefinitionKind column_kind{
    .work = Work::column, .formulas = formulas_of_column, .names_rows = true, .brings_rows = true, .needs_rows = true};

const DefinitionKind held_kind{
    .formulas =
        [](const PlannedDefinition& one) { return one.held->computed() ? Formulas{&one.held->formula} : Formulas(); },
    .has_size = true};

const DefinitionKind check_kind{
    .formulas = [](const PlannedDefinition& one) { return Formulas{&one.check->condition}; }, .needs_rows = true};

const DefinitionKind chart_number_kind{.formulas = [](const PlannedDefinition& one) { return Formulas{one.number}; },
                                       .refuses =
                                           [](Kind kind) {
                                               return refused_unless(
                                                   kind == Kind::number || kind == Kind::date,
                                                   N_("the chart needs a number here, but this is %1"), kind);
                                           },
                                       .needs_rows = true};

const DefinitionKind row_count_kind{
    .work = Work::row_count,
    .formulas = [](const PlannedDefinition& one) { return Formulas{one.table->axis.source->count()}; },
    .brings_rows = true};

const DefinitionKind early_stop_kind{
    .work = Work::stop,
    .formulas = [](const PlannedDefinition& one) { return Formulas{one.table->axis.source->until()}; },
    .refuses =
        [](Kind kind) {
            return refused_unless(kind == Kind::yes_no, N_("until needs a condition, such as r < 1, but this is %1"),
                                  kind);
        },
    .names_rows = true,
    .needs_rows = true};

const DefinitionKind axis_kind{
    .work = Work::axis,
    .formulas = [](const PlannedDefinition& one) { return one.axis->source->axis_formulas(); },
    .link = link_axis,
    .refuses =
        [](Kind kind) {
            return refused_unless(kind == Kind::number, N_("an axis runs between numbers, but this is %1"), kind);
        },
    .always_worked = true,
    .in_table = false,
    .brings_rows = true};

const DefinitionKind grid_size_kind{.work = Work::grid_size,
                                    .formulas = [](const PlannedDefinition&) { return Formulas(); },
                                    .link = link_axes,
                                    .always_worked = true};

const DefinitionKind foot_kind{
    .formulas = formula_of_line,
    .of_line = [](const PlannedDefinition& one, Id line) { return DefinitionId::foot_value(line, one.column->id); },
    .needs_rows = true,
    .has_size = true};

const DefinitionKind foot_row_kind{
    .work = Work::foot_row,
    .formulas = formula_of_line,
    .of_line = [](const PlannedDefinition& one,
                  Id line) { return DefinitionId(foot_row_of(line, one.column->id, one.along == GridPart::column)); },
    .names_rows = true,
    .needs_rows = true};

} // namespace ledgefall
