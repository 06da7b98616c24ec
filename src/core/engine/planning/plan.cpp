#include "core/engine/planning/plan.h"

#include "core/engine/binding/terms_size.h"
#include "core/engine/planning/graph.h"
#include "core/engine/planning/sequence_check.h"
#include "core/engine/planning/what_if_plan.h"

#include <algorithm>

namespace ledgefall {
namespace {

class Planner {
  public:
    explicit Planner(const Study& study)
        : study_(study) {}

    Plan make() {
        list();
        list_checks();
        list_chart_numbers();
        for (const auto& group : strongly_connected_components(named_needs())) {
            // Columns that need each other are bound twice: what kind they are is known only after the first time.
            for (std::size_t pass = 0; pass < (group.size() > 1 ? 2 : 1); ++pass) {
                for (const std::size_t at : group) {
                    bind(plan_.definitions[at]);
                }
            }
        }
        add_row_links();
        WhatIfPlanner what_ifs(plan_);
        what_ifs.link();
        const auto needs = linked_needs();
        for (auto& members : strongly_connected_components(needs)) {
            plan_.groups.push_back(stops_early(members) ? checked_stopping_group(plan_, std::move(members))
                                                        : checked_group(plan_, needs, std::move(members)));
        }
        find_depths(needs);
        what_ifs.find_groups();
        for (PlannedDefinition& definition : plan_.definitions) {
            compile_pieces(definition);
        }
        return std::move(plan_);
    }

  private:
    PlannedDefinition& add(const DefinitionKind& what, const DefinitionId& id, const Table* table) {
        plan_.by_id.emplace(id, plan_.definitions.size());
        PlannedDefinition& added = plan_.definitions.emplace_back();
        added.what = &what;
        added.id = id;
        added.table = table;
        return added;
    }

    void add_held(const Shared<HeldValue>& held, const Table* table) {
        PlannedDefinition& added = add(held_kind, held->id, table);
        added.held = &*held;
        added.kind = held->value.kind();
    }

    void add_column(const Shared<ColumnDefinition>& column, const Table* table) {
        PlannedDefinition& added = add(column_kind, column->id, table);
        added.column = &*column;
        added.kind = column->computed() ? Kind::number : column->cells->kind();
    }

    void add_axis(const Axis& axis, const Table& table) {
        add_column(*axis.column, &table);
        plan_.definitions.back().axis = &axis;
        if (axis.computed()) {
            plan_.definitions.back().what = &axis_kind;
        }
    }

    void list() {
        for (const auto& held : study_.ledge) {
            add_held(held, nullptr);
        }
        for (const auto& table : study_.tables) {
            if (table->axis.source->count() != nullptr && !table->two_way()) {
                add(row_count_kind, table->id, &*table);
            }
            if (table->axis.source->until() != nullptr && !table->two_way()) {
                add(early_stop_kind, DefinitionId::stop(table->id), &*table).kind = Kind::yes_no;
            }
            for (const Axis* axis : table->axes()) {
                if (axis->column) {
                    add_axis(*axis, *table);
                }
            }
            if (table->two_way()) {
                add(grid_size_kind, table->id, &*table);
            }
            for (const auto& held : table->ledge) {
                add_held(held, &*table);
            }
            for (const auto& column : table->columns) {
                add_column(column, &*table);
            }
            for (const auto& line : table->foot) {
                for (const Id id :
                     line->formula.empty() ? std::vector<Id>() : line->columns) { // one still to be written
                    if (const ColumnDefinition* column = table->column(id)) {
                        PlannedDefinition& added = add(foot_kind, DefinitionId::foot_value(line->id, id), &*table);
                        added.line = &*line;
                        added.column = column;
                        if (table->two_way()) {
                            add_foot_row(*line, *column, *table, GridPart::column);
                            add_foot_row(*line, *column, *table, GridPart::row);
                        }
                    }
                }
            }
        }
    }

    void add_foot_row(const FootLine& line, const ColumnDefinition& layer, const Table& table, GridPart along) {
        const auto other = along == GridPart::column ? FootLine::Place::beside : FootLine::Place::under;
        if (line.place != other) {
            PlannedDefinition& added =
                add(foot_row_kind, foot_row_of(line.id, layer.id, along == GridPart::column), &table);
            added.line = &line;
            added.column = &layer;
            added.along = along;
        }
    }

    void list_checks() {
        for (const auto& check : study_.checks) {
            PlannedDefinition& added =
                add(check_kind, check->id, check->table.empty() ? nullptr : study_.table(check->table));
            added.check = &*check;
        }
    }

    void list_chart_numbers() {
        for (const auto& chart : study_.charts) {
            const Table* table = chart->table.empty() ? nullptr : study_.table(chart->table);
            for_each_number(*chart, [&](const Formula& number, std::size_t place) {
                if (!number.empty()) {
                    add(chart_number_kind, DefinitionId::chart_number(chart->id, place), table).number = &number;
                }
            });
        }
    }

    /// What each definition names, before anything is bound: enough for an order in which kinds become known.
    std::vector<std::vector<std::size_t>> named_needs() const {
        std::vector<std::vector<std::size_t>> needs(plan_.definitions.size());
        for (std::size_t at = 0; at < needs.size(); ++at) {
            const PlannedDefinition& definition = plan_.definitions[at];
            const bool function = definition.held != nullptr && definition.held->is_function();
            for (const Formula* formula :
                 function ? std::vector<const Formula*>{&definition.held->formula} : definition.formulas()) {
                if (!formula->tree()) {
                    continue;
                }
                for_each_name(
                    *formula->tree(),
                    [&](const Node& name) {
                        const Table* own = definition.what->in_table ? definition.table : nullptr;
                        const Binding meant = meaning_of(study_, own, name);
                        for (const Id id : meant.group != nullptr ? meant.group->columns : std::vector{meant.id()}) {
                            need(needs[at], id);
                        }
                        const FootLine* line =
                            definition.of_foot() ? foot_line_meant(study_, definition.table, name) : nullptr;
                        if (line != nullptr) {
                            need(needs[at], definition.what->of_line(definition, line->id));
                        }
                    },
                    function ? definition.held->parameters : std::vector<std::string>());
            }
            if (definition.of_foot()) {
                need(needs[at], definition.column->id);
            } else if (definition.axis != nullptr) {
                need(needs[at], definition.axis->source->made_of());
            }
        }
        return needs;
    }

    /// The table whose number of rows a link brings with it; null where it brings none.
    const Table* table_of_rows(const DefinitionId& id) const {
        const PlannedDefinition* target = plan_.find(id);
        const bool has_own_rows = // the values of an axis of a two-way table
            target != nullptr && target->axis != nullptr && target->table->two_way();
        const bool of_rows =
            target != nullptr && target->table != nullptr && !has_own_rows && target->what->brings_rows;
        return of_rows ? target->table : study_.table(id.object); // `rows` names a table itself
    }

    void add_row_links() {
        for (PlannedDefinition& definition : plan_.definitions) {
            const std::size_t count = definition.links.size();
            for (std::size_t link = 0; link < count; ++link) { // a column of counted rows brings their number with it
                if (const Table* table = table_of_rows(definition.links[link].target)) {
                    need_rows_of(definition, *table);
                }
            }
            const bool of_two_axes = definition.axis != nullptr && definition.table->two_way();
            if (definition.table != nullptr && definition.what->needs_rows && !of_two_axes) {
                need_rows_of(definition, *definition.table);
            }
        }
    }

    std::vector<std::vector<std::size_t>> linked_needs() const {
        std::vector<std::vector<std::size_t>> needs(plan_.definitions.size());
        for (std::size_t at = 0; at < needs.size(); ++at) {
            for (const Dependency& link : plan_.definitions[at].links) {
                need(needs[at], link.target);
            }
        }
        return needs;
    }

    /// The number of a counted table's rows; of one that may stop early also the row on which it does. The columns that
    /// decide it need that row as well, so that they are computed together with it.
    void need_rows_of(PlannedDefinition& definition, const Table& table) const {
        if (plan_.by_id.contains(table.id)) {
            definition.links.push_back({DependencyKind::value, table.id, 0});
        }
        if (table.axis.computed() && !table.two_way() && !(definition.id == (*table.axis.column)->id)) {
            definition.links.push_back({DependencyKind::whole, (*table.axis.column)->id, 0});
        }
        const DefinitionId until = DefinitionId::stop(table.id);
        if (plan_.by_id.contains(until) && !(definition.id == until)) {
            const bool decides = definition.table == &table && decides_end_of(definition.id, until);
            definition.links.push_back({decides ? DependencyKind::same_stop : DependencyKind::value, until, 0});
        }
    }

    /// Whether the condition needs the column, by whatever way through the table's own columns.
    bool decides_end_of(const DefinitionId& column, const DefinitionId& until) const {
        std::vector<const PlannedDefinition*> reached = {plan_.find(until)};
        for (std::size_t at = 0; at < reached.size(); ++at) {
            for (const Dependency& link : reached[at]->links) {
                const PlannedDefinition* target = plan_.find(link.target);
                const bool own = target != nullptr && target->has_cells() && target->table == reached.front()->table &&
                                 target->computed();
                if (own && target->id == column) {
                    return true;
                }
                if (own && std::find(reached.begin(), reached.end(), target) == reached.end()) {
                    reached.push_back(target);
                }
            }
        }
        return false;
    }

    bool stops_early(const std::vector<std::size_t>& members) const {
        return std::any_of(members.begin(), members.end(),
                           [this](std::size_t member) { return plan_.definitions[member].stops(); });
    }

    void find_depths(const std::vector<std::vector<std::size_t>>& needs) {
        std::vector<std::size_t> depth_of(plan_.definitions.size(), 0);
        for (Plan::Group& group : plan_.groups) {
            for (const std::size_t member : group.members) {
                for (const std::size_t needed : needs[member]) {
                    const bool own =
                        std::find(group.members.begin(), group.members.end(), needed) != group.members.end();
                    group.depth = own ? group.depth : std::max(group.depth, depth_of[needed] + 1);
                }
            }
            for (const std::size_t member : group.members) {
                depth_of[member] = group.depth;
            }
        }
    }

    void need(std::vector<std::size_t>& needs, const DefinitionId& id) const {
        const auto it = plan_.by_id.find(id);
        if (it != plan_.by_id.end() && std::find(needs.begin(), needs.end(), it->second) == needs.end()) {
            needs.push_back(it->second);
        }
    }

    BindingScope scope_of(PlannedDefinition& definition) {
        BindingScope scope;
        scope.study = &study_;
        scope.own = definition.what->in_table ? definition.table : nullptr;
        scope.has_rows = definition.what->names_rows;
        scope.each = definition.of_foot() ? definition.column : nullptr;
        scope.along = definition.along;
        scope.itself = definition.id;
        scope.kind_of = [this](const DefinitionId& id) {
            const PlannedDefinition* its_definition = plan_.find(id);
            return its_definition == nullptr ? Kind::number : its_definition->kind;
        };
        scope.first_kind = [&definition](Kind kind) { definition.kind = kind; };
        return scope;
    }

    void bind(PlannedDefinition& definition) {
        if (!definition.computed()) {
            return;
        }
        definition.bound.clear();
        definition.links.clear();
        definition.what_ifs.clear();
        definition.fault.reset();
        if (definition.what->link != nullptr) {
            definition.what->link(plan_, definition);
        }
        for (const Formula* formula : definition.formulas()) {
            if (!formula->tree()) {
                const Mistake& mistake = *formula->mistake();
                fail(definition, {Cause::syntax, mistake.what, mistake.span});
                return;
            }
            BoundFormula bound = bind_formula(*formula->tree(), scope_of(definition));
            definition.links.insert(definition.links.end(), bound.links.begin(), bound.links.end());
            definition.what_ifs.insert(definition.what_ifs.end(), bound.what_ifs.begin(), bound.what_ifs.end());
            if (bound.fault) {
                fail(definition, *bound.fault);
                return;
            }
            if (!definition.bound.empty() && bound.term->kind != definition.kind) {
                fail(definition, {Cause::wrong_kind,
                                  {N_("the formulas of this column give %1 in some rows and %2 in others"),
                                   {kind_in_words(definition.kind), kind_in_words(bound.term->kind)}},
                                  {}});
                return;
            }
            const auto refused =
                definition.what->refuses == nullptr ? std::nullopt : definition.what->refuses(bound.term->kind);
            if (refused) {
                fail(definition, {Cause::wrong_kind, *refused, {}});
                return;
            }
            definition.kind = bound.term->kind;
            definition.bound.push_back(std::move(bound));
        }
        bind_size(definition);
    }

    /// The size of the terms of a held or foot value, for telling what is only the rounding of them.
    void bind_size(PlannedDefinition& definition) {
        definition.size = nullptr;
        if (!definition.what->has_size || definition.kind != Kind::number) {
            return;
        }
        const BindingScope scope = scope_of(definition);
        const NodePtr size = terms_size(*definition.formulas().front()->tree(), study_, scope.own, scope.each);
        const BoundFormula bound = size ? bind_formula(*size, scope) : BoundFormula();
        if (bound.term && bound.term->kind == Kind::number) {
            definition.size = bound.term;
            definition.links.insert(definition.links.end(), bound.links.begin(), bound.links.end());
            definition.what_ifs.insert(definition.what_ifs.end(), bound.what_ifs.begin(), bound.what_ifs.end());
        }
    }

    static void fail(PlannedDefinition& definition, const StaticFault& fault) {
        definition.fault = fault_site({fault.cause, definition.id, fault.what, fault.span.from, fault.span.to,
                                       fault.correction, fault.waits_for});
        definition.bound.clear();
    }

    static void compile_pieces(PlannedDefinition& definition) {
        if (definition.fault) {
            return;
        }
        for (std::size_t at = 0; at < definition.bound.size(); ++at) {
            PlannedPiece piece;
            const BoundFormula& bound = definition.bound[at];
            if (definition.has_cells()) {
                piece.from = definition.column->pieces[at].from;
                piece.to = definition.column->pieces[at].to;
            }
            for (const TermPtr& first : bound.first) {
                piece.first.push_back(compile(first, definition.id));
            }
            piece.program = compile(bound.term, definition.id);
            definition.pieces.push_back(std::move(piece));
        }
        if (definition.size) {
            definition.size_program = compile(definition.size, definition.id);
        }
    }

    const Study& study_;
    Plan plan_;
};

} // namespace

const PlannedDefinition* Plan::find(const DefinitionId& id) const {
    const auto it = by_id.find(id);
    return it == by_id.end() ? nullptr : &definitions[it->second];
}

Plan make_plan(const Study& study) {
    const NameIndex index(study);
    return Planner(study).make();
}

} // namespace ledgefall
