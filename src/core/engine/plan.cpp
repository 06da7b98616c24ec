#include "core/engine/plan.h"

#include "core/engine/graph.h"
#include "core/engine/sequence_check.h"

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
        for (const auto& group : groups_in_order(named_needs())) {
            // Columns that need each other are bound twice: what kind they are is known only after the first time.
            for (std::size_t pass = 0; pass < (group.size() > 1 ? 2 : 1); ++pass) {
                for (const std::size_t at : group) {
                    bind(plan_.definitions[at]);
                }
            }
        }
        const auto needs = linked_needs();
        for (auto& members : groups_in_order(needs)) {
            plan_.groups.push_back(checked_group(plan_, needs, std::move(members)));
        }
        for (PlannedDefinition& definition : plan_.definitions) {
            compile_pieces(definition);
        }
        return std::move(plan_);
    }

  private:
    PlannedDefinition& add(PlannedDefinition::What what, Id id, const Table* table) {
        plan_.by_id.emplace(id, plan_.definitions.size());
        PlannedDefinition& added = plan_.definitions.emplace_back();
        added.what = what;
        added.id = id;
        added.table = table;
        return added;
    }

    void add_held(const Shared<HeldValue>& held, const Table* table) {
        PlannedDefinition& added = add(PlannedDefinition::What::held, held->id, table);
        added.held = &*held;
        added.kind = held->value.kind();
    }

    void list() {
        for (const auto& held : study_.ledge) {
            add_held(held, nullptr);
        }
        for (const auto& table : study_.tables) {
            if (table->axis.source == RowSource::counted) {
                add(PlannedDefinition::What::row_count, table->id, &*table);
            }
            for (const auto& held : table->ledge) {
                add_held(held, &*table);
            }
            for (const auto& column : table->columns) {
                PlannedDefinition& added = add(PlannedDefinition::What::column, column->id, &*table);
                added.column = &*column;
                added.kind = column->worked() ? Kind::number : column->cells->kind();
            }
            for (const auto& line : table->foot) {
                for (const Id id : line->columns) {
                    if (const ColumnDefinition* column = table->column(id)) {
                        PlannedDefinition& added =
                            add(PlannedDefinition::What::foot, foot_value_id(line->id, id), &*table);
                        added.line = &*line;
                        added.column = column;
                    }
                }
            }
        }
    }

    void list_checks() {
        for (const auto& check : study_.checks) {
            PlannedDefinition& added = add(PlannedDefinition::What::check, check->id,
                                           check->table.empty() ? nullptr : study_.table(check->table));
            added.check = &*check;
        }
    }

    /// What each definition names, before anything is bound: enough for an order in which kinds become known.
    std::vector<std::vector<std::size_t>> named_needs() const {
        std::vector<std::vector<std::size_t>> needs(plan_.definitions.size());
        for (std::size_t at = 0; at < needs.size(); ++at) {
            const PlannedDefinition& definition = plan_.definitions[at];
            for (const Formula* formula : definition.formulas()) {
                if (!formula->tree()) {
                    continue;
                }
                for_each_name(*formula->tree(), [&](const Node& name) {
                    need(needs[at], look_up(study_, definition.table, name.owner, name.text).id());
                });
            }
            if (definition.what == PlannedDefinition::What::foot) {
                need(needs[at], definition.column->id);
            }
        }
        return needs;
    }

    std::vector<std::vector<std::size_t>> linked_needs() {
        std::vector<std::vector<std::size_t>> needs(plan_.definitions.size());
        for (std::size_t at = 0; at < needs.size(); ++at) {
            PlannedDefinition& definition = plan_.definitions[at];
            const std::size_t count = definition.links.size();
            for (std::size_t link = 0; link < count; ++link) { // a column of counted rows brings their number with it
                const PlannedDefinition* target = plan_.find(definition.links[link].target);
                if (target != nullptr && target->table != nullptr && plan_.by_id.contains(target->table->id)) {
                    definition.links.push_back({LinkType::value, target->table->id, 0});
                }
            }
            const bool counts_itself = definition.what == PlannedDefinition::What::row_count;
            if (definition.table != nullptr && !counts_itself && plan_.by_id.contains(definition.table->id) &&
                definition.what != PlannedDefinition::What::held) {
                definition.links.push_back({LinkType::value, definition.table->id, 0});
            }
            for (const Link& link : definition.links) {
                need(needs[at], link.target);
            }
        }
        return needs;
    }

    void need(std::vector<std::size_t>& needs, Id id) const {
        const auto it = plan_.by_id.find(id);
        if (it != plan_.by_id.end() && std::find(needs.begin(), needs.end(), it->second) == needs.end()) {
            needs.push_back(it->second);
        }
    }

    BindingScope scope_of(PlannedDefinition& definition) {
        BindingScope scope;
        scope.study = &study_;
        scope.own = definition.table;
        scope.has_rows = definition.what == PlannedDefinition::What::column;
        scope.each = definition.what == PlannedDefinition::What::foot ? definition.column : nullptr;
        scope.itself = definition.id;
        scope.kind_of = [this](Id id) {
            const PlannedDefinition* found = plan_.find(id);
            return found == nullptr ? Kind::number : found->kind;
        };
        scope.first_kind = [&definition](Kind kind) { definition.kind = kind; };
        return scope;
    }

    void bind(PlannedDefinition& definition) {
        if (!definition.worked()) {
            return;
        }
        definition.bound.clear();
        definition.links.clear();
        definition.fault.reset();
        for (const Formula* formula : definition.formulas()) {
            if (!formula->tree()) {
                const Mistake& mistake = *formula->mistake();
                fail(definition, {Cause::syntax, mistake.what, mistake.span});
                return;
            }
            BoundFormula bound = bind_formula(*formula->tree(), scope_of(definition));
            definition.links.insert(definition.links.end(), bound.links.begin(), bound.links.end());
            if (bound.fault) {
                fail(definition, *bound.fault);
                return;
            }
            if (!definition.bound.empty() && bound.term->kind != definition.kind) {
                fail(definition, {Cause::wrong_kind,
                                  {"the formulas of this column give %1 in some rows and %2 in others",
                                   {kind_in_words(definition.kind), kind_in_words(bound.term->kind)}},
                                  {}});
                return;
            }
            definition.kind = bound.term->kind;
            definition.bound.push_back(std::move(bound));
        }
    }

    static void fail(PlannedDefinition& definition, const StaticFault& fault) {
        definition.fault = fault_site({fault.cause, definition.id, fault.what, fault.span.from, fault.span.to});
        definition.bound.clear();
    }

    static void compile_pieces(PlannedDefinition& definition) {
        if (definition.fault) {
            return;
        }
        for (std::size_t at = 0; at < definition.bound.size(); ++at) {
            PlannedPiece piece;
            const BoundFormula& bound = definition.bound[at];
            if (definition.what == PlannedDefinition::What::column) {
                piece.from = definition.column->pieces[at].from;
                piece.to = definition.column->pieces[at].to;
            }
            for (const TermPtr& first : bound.first) {
                piece.first.push_back(compile(first, definition.id));
            }
            piece.program = compile(bound.term, definition.id);
            definition.pieces.push_back(std::move(piece));
        }
    }

    const Study& study_;
    Plan plan_;
};

} // namespace

Id foot_value_id(Id line, Id column) {
    return Id(line.str() + "/" + column.str());
}

std::vector<const Formula*> PlannedDefinition::formulas() const {
    switch (what) {
    case What::held:
        return held->worked() ? std::vector<const Formula*>{&held->formula} : std::vector<const Formula*>{};
    case What::foot:
        return {&line->formula};
    case What::check:
        return {&check->condition};
    case What::row_count:
        return {&table->axis.count};
    case What::column:
        break;
    }
    std::vector<const Formula*> all;
    for (const Piece& piece : column->pieces) {
        all.push_back(&piece.formula);
    }
    return all;
}

const PlannedDefinition* Plan::find(Id id) const {
    const auto it = by_id.find(id);
    return it == by_id.end() ? nullptr : &definitions[it->second];
}

Plan make_plan(const Study& study) {
    return Planner(study).make();
}

} // namespace ledgefall
