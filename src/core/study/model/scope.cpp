#include "core/study/model/scope.h"

#include "core/study/model/study_part.h"

#include <algorithm>

namespace ledgefall {
namespace {

const HeldValue* held_in(const std::vector<Shared<HeldValue>>& ledge, std::string_view name) {
    for (const auto& held : ledge) {
        if (held->name == name) {
            return &*held;
        }
    }
    return nullptr;
}

Binding in_table(const Table& table, std::string_view name) {
    if (const ColumnDefinition* column = NameIndex::column(table, name)) {
        return {&table, column, nullptr};
    }
    if (const Group* group = table.group_named(name)) {
        return {&table, nullptr, nullptr, group};
    }
    if (const Axis* axis = table.axis_named(name)) {
        return {&table, &**axis->column, nullptr};
    }
    if (const HeldValue* held = held_in(table.ledge, name)) {
        return {&table, nullptr, held};
    }
    return {};
}

void visit_names(const Node& node, std::vector<std::string>& bound,
                 const std::function<void(const Node& name)>& visit) {
    if (node.type == NodeType::name) {
        const bool is_bound = node.owner.empty() && std::find(bound.begin(), bound.end(), node.text) != bound.end();
        if (!is_bound) {
            visit(node);
        }
        return;
    }
    if (node.type == NodeType::bound) {
        visit_names(node.kid(1), bound, visit);
        bound.push_back(node.text);
        visit_names(node.kid(0), bound, visit);
        bound.pop_back();
        return;
    }
    if (node.type == NodeType::call) {
        visit(node);
    }
    for (const NodePtr& kid : node.kids) {
        if (kid) {
            visit_names(*kid, bound, visit);
        }
    }
}

thread_local const NameIndex* innermost = nullptr;

/// The axis with other formulas of its own, which are the ledge's.
void change_axis(Axis& axis, const Table& table,
                 const std::function<Formula(const FormulaPlace&, const Formula&)>& change) {
    std::vector<Formula> formulas;
    bool changed = false;
    for (const Formula* formula : axis.source->axis_formulas()) {
        const std::string shown = axis.column ? table.name + "." + (*axis.column)->name : table.name;
        formulas.push_back(change({nullptr, axis.column ? (*axis.column)->id : table.id, shown, {}}, *formula));
        changed = changed || !(formulas.back() == *formula);
    }
    if (changed) {
        axis.source = axis.source->with_axis_formulas(std::move(formulas));
    }
}

} // namespace

NameIndex::NameIndex(const Study& study)
    : study_(study)
    , outer_(innermost) {
    for (const auto& held : study.ledge) {
        held_.try_emplace(held->name, &*held);
    }
    for (const auto& table : study.tables) {
        ByName<ColumnDefinition>& columns = columns_[&*table];
        for (const auto& column : table->columns) {
            columns.try_emplace(column->name, &*column);
        }
    }
    innermost = this;
}

NameIndex::~NameIndex() {
    innermost = outer_;
}

const HeldValue* NameIndex::held(const Study& study, std::string_view name) {
    for (const NameIndex* index = innermost; index != nullptr; index = index->outer_) {
        if (&index->study_ == &study) {
            const auto held = index->held_.find(name);
            return held == index->held_.end() ? nullptr : held->second;
        }
    }
    return held_in(study.ledge, name);
}

const ColumnDefinition* NameIndex::column(const Table& table, std::string_view name) {
    for (const NameIndex* index = innermost; index != nullptr; index = index->outer_) {
        if (const auto columns = index->columns_.find(&table); columns != index->columns_.end()) {
            const auto column = columns->second.find(name);
            return column == columns->second.end() ? nullptr : column->second;
        }
    }
    return table.column_named(name);
}

Binding look_up(const Study& study, const Table* own, std::string_view owner, std::string_view name) {
    if (owner == "ledge") {
        return {nullptr, nullptr, NameIndex::held(study, name)};
    }
    if (!owner.empty()) {
        const Table* other = study.table_named(owner);
        return other == nullptr ? Binding{} : in_table(*other, name);
    }
    if (own != nullptr) {
        const Binding binding = in_table(*own, name);
        if (binding.exists()) {
            return binding;
        }
    }
    return {nullptr, nullptr, NameIndex::held(study, name)};
}

const FootLine* foot_line_meant(const Study& study, const Table* own, const Node& name) {
    if (own == nullptr || name.type != NodeType::name || !name.owner.empty() ||
        look_up(study, own, "", name.text).exists()) {
        return nullptr;
    }
    const auto it = std::find_if(own->foot.begin(), own->foot.end(),
                                 [&name](const auto& line) { return line->label == name.text; });
    return it == own->foot.end() ? nullptr : &**it;
}

const HeldValue* called_function(const Study& study, const Table* own, std::string_view owner, std::string_view name) {
    const Table* named = owner.empty() ? own : owner == "ledge" ? nullptr : study.table_named(owner);
    const HeldValue* held = named == nullptr ? nullptr : held_in(named->ledge, name);
    if (held == nullptr && (owner.empty() || owner == "ledge")) {
        held = NameIndex::held(study, name);
    }
    return held != nullptr && held->is_function() ? held : nullptr;
}

Binding meaning_of(const Study& study, const Table* own, const Node& node) {
    if (node.type != NodeType::call) {
        return look_up(study, own, node.owner, node.text);
    }
    const HeldValue* function = called_function(study, own, node.owner, node.text);
    const bool of_table =
        function != nullptr && own != nullptr && node.owner.empty() && held_in(own->ledge, node.text) == function;
    const Table* table = of_table ? own : node.owner.empty() ? nullptr : study.table_named(node.owner);
    return {table, nullptr, function, nullptr};
}

std::vector<std::string> known_names(const Study& study, const Table* own) {
    std::vector<std::string> names;
    if (own != nullptr) {
        for (const auto& column : own->columns) {
            names.push_back(column->name);
        }
        for (const auto& group : own->groups) {
            names.push_back(group->name);
        }
        for (const Axis* axis : own->axes()) {
            if (axis->column) {
                names.push_back((*axis->column)->name);
            }
        }
        for (const auto& held : own->ledge) {
            names.push_back(held->name);
        }
    }
    for (const auto& held : study.ledge) {
        names.push_back(held->name);
    }
    return names;
}

void for_each_name(const Node& tree, const std::function<void(const Node& name)>& visit,
                   const std::vector<std::string>& parameters) {
    std::vector<std::string> bound = parameters;
    visit_names(tree, bound, visit);
}

Study with_formulas(const Study& study, const std::function<Formula(const FormulaPlace&, const Formula&)>& change) {
    Study out = study;
    const auto changed_held = [&](std::vector<Shared<HeldValue>>& ledge, const Table* table) {
        for (auto& held : ledge) {
            if (!held->formula.empty()) {
                const std::string owner = table == nullptr ? "ledge" : table->name;
                Formula formula = change({table, held->id, owner + "." + held->name, held->parameters}, held->formula);
                if (!(formula == held->formula)) {
                    held.edit([&](HeldValue& copy) { copy.formula = std::move(formula); });
                }
            }
        }
    };
    changed_held(out.ledge, nullptr);
    for (std::size_t at = 0; at < out.tables.size(); ++at) {
        const Table& before = *study.tables[at];
        Table table = before;
        changed_held(table.ledge, &before);
        if (const Formula* count = before.axis.source->count()) {
            const Formula* until = before.axis.source->until();
            table.axis.source = table.axis.source->with_formulas(
                change({&before, before.id, worded({N_("%1, number of rows"), {before.name}}), {}}, *count),
                until == nullptr
                    ? Formula()
                    : change({&before, before.id, worded({N_("%1, where it stops"), {before.name}}), {}}, *until));
        }
        change_axis(table.axis, before, change);
        if (table.across) {
            change_axis(*table.across, before, change);
        }
        for (auto& column : table.columns) {
            std::vector<Piece> pieces = column->pieces;
            for (Piece& piece : pieces) {
                piece.formula = change({&before, column->id, before.name + "." + column->name, {}}, piece.formula);
            }
            if (pieces != column->pieces) {
                column.edit([&](ColumnDefinition& copy) { copy.pieces = std::move(pieces); });
            }
        }
        for (auto& line : table.foot) {
            Formula formula = change(
                {&before, line->id, worded({N_("%1, foot line %2"), {before.name, line->label}}), {}}, line->formula);
            if (!(formula == line->formula)) {
                line.edit([&](FootLine& copy) { copy.formula = std::move(formula); });
            }
        }
        if (!(table == before)) {
            out.tables[at] = Shared<Table>(std::move(table));
        }
    }
    for (auto& check : out.checks) {
        const Table* table = check->table.empty() ? nullptr : study.table(check->table);
        Formula condition =
            change({table, check->id, worded({N_("the check %1"), {check->label}}), {}}, check->condition);
        if (!(condition == check->condition)) {
            check.edit([&](Check& copy) { copy.condition = std::move(condition); });
        }
    }
    for (auto& chart : out.charts) {
        const Table* table = chart->table.empty() ? nullptr : study.table(chart->table);
        Chart changed = *chart;
        for_each_number(changed, [&](Formula& number, std::size_t) {
            if (!number.empty()) {
                number = change({table, chart->id, worded({N_("the chart %1"), {chart->label}}), {}}, number);
            }
        });
        if (!(changed == *chart)) {
            chart = Shared<Chart>(std::move(changed));
        }
    }
    return out;
}

void for_each_formula(const Study& study, const std::function<void(const FormulaPlace&, const Formula&)>& visit) {
    with_formulas(study, [&visit](const FormulaPlace& place, const Formula& formula) {
        visit(place, formula);
        return formula;
    });
}

std::string display_name(const Study& study, const DefinitionId& id) {
    const StudyPart part = find_part(study, id);
    if (part.check != nullptr) {
        return worded({N_("The check %1"), {part.check->label}});
    }
    if (part.chart != nullptr) {
        return worded({N_("The chart %1"), {part.chart->label}});
    }
    const std::string owner = part.table == nullptr ? "" : part.table->name + ".";
    if (part.held != nullptr) {
        return owner + part.held->name;
    }
    if (part.foot_line != nullptr) {
        return worded({N_("%1 under %2"),
                       {part.foot_line->label, part.column == nullptr ? part.table->name : owner + part.column->name}});
    }
    if (part.column != nullptr) {
        return owner + part.column->name;
    }
    if (part.group != nullptr) {
        return owner + part.group->name;
    }
    return part.table != nullptr ? part.table->name : id.object.str();
}

} // namespace ledgefall
