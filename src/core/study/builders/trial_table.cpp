#include "core/study/builders/trial_table.h"

#include "core/formula/names.h"
#include "core/formula/tree.h"
#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"
#include "core/study/model/study_part.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace ledgefall {
namespace {

/// All that depends on a part, by whatever way, nearest first.
std::vector<Id> dependents_of(const Study& study, Id id) {
    std::vector<Id> reached = {id};
    for (std::size_t at = 0; at < reached.size(); ++at) {
        for (const User& user : parts_using(study, reached[at])) {
            if (std::find(reached.begin(), reached.end(), user.id) == reached.end()) {
                reached.push_back(user.id);
            }
        }
    }
    reached.erase(reached.begin());
    return reached;
}

/// An expression that can stand before an operator: in brackets, unless it is a name or a call alone.
std::string as_operand(const std::string& formula) {
    const Formula read(formula);
    const bool alone = read.tree() && (read.tree()->type == NodeType::name || read.tree()->type == NodeType::call ||
                                       read.tree()->type == NodeType::index);
    return alone ? formula : "(" + formula + ")";
}

/// Of a foot line, what stands under a column; nothing where it uses other lines.
std::optional<Outcome> foot_outcome(const Study& study, const Table& table, const FootLine& line,
                                    const ColumnDefinition& column) {
    if (!line.formula.tree() || !line.takes(column.id)) {
        return std::nullopt;
    }
    bool of_other_lines = false;
    for_each_name(*line.formula.tree(), [&](const Node& name) {
        of_other_lines = of_other_lines || foot_line_meant(study, &table, name) != nullptr;
    });
    return of_other_lines ? std::nullopt
                          : std::optional(Outcome{line.label + " " + column.shown_label(),
                                                  for_column(line.formula, table.name + "." + column.name)});
}

/// A name for a column, made from words for people, that means nothing else where it would stand.
std::string name_for(const Study& study, Id table, const std::string& label) {
    const std::string wanted = name_from_label(label);
    return free_name(wanted.empty() ? "x" : wanted, [&](const std::string& name) {
        return name_refused(study, study.table(table), name).has_value() || study.held_named(name) != nullptr;
    });
}

/// `name = formula with held = tried`
std::string tried_formula(const std::string& name, const std::string& formula, const std::string& held,
                          const std::string& tried) {
    return name + " = " + formula + " with " + held + " = " + tried;
}

} // namespace

std::vector<Outcome> outcomes_of(const Study& study, Id held) {
    std::vector<Outcome> single;
    std::vector<Outcome> under;
    std::vector<Outcome> of_columns;
    for (const Id id : dependents_of(study, held)) {
        const StudyPart part = find_part(study, id);
        if (part.held != nullptr && !part.held->is_function()) {
            single.push_back({part.held->name, shortest_name(study, nullptr, id)});
        }
        if (part.column == nullptr || part.is_axis || part.table == nullptr) {
            continue;
        }
        for (const auto& line : part.table->foot) {
            if (const auto outcome = foot_outcome(study, *part.table, *line, *part.column)) {
                under.push_back(*outcome);
            }
        }
        const std::string name = part.table->name + "." + part.column->name;
        of_columns.insert(of_columns.begin(),
                          {{worded({N_("largest %1"), {part.column->shown_label()}}), "max(" + name + ")"},
                           {worded({N_("last %1"), {part.column->shown_label()}}), name + "[last]"}});
    }
    single.insert(single.end(), under.begin(), under.end());
    single.insert(single.end(), of_columns.begin(), of_columns.end());
    return single;
}

Result<Study> trial_table(const Study& study, const TrialRequest& request, Id* added) {
    constexpr std::size_t most_values = 100'000;
    const StudyPart part = find_part(study, request.held);
    if (part.held == nullptr || part.held->is_function()) {
        return no_such_part;
    }
    if (request.values.empty() || request.values.size() > most_values) {
        return Sentence{N_("Enter 1 to %1 values to try."), {std::to_string(most_values)}};
    }
    if (request.outcomes.empty()) {
        return Sentence{N_("Choose the outcome to compute for each value."), {}};
    }
    Id table;
    Result<Study> begun = add_table(study, worded({N_("Trials of %1"), {part.held->name}}), &table);
    if (!begun) {
        return begun;
    }
    TableMaker make(*begun, table);
    const std::string tried = name_for(*begun, table, part.held->name + "_tried");
    make.take(add_columns(*begun, table, {{part.held->name, tried, part.held->unit, Column::numbers(request.values)}}));
    std::string first;
    for (const Outcome& outcome : request.outcomes) {
        const Formula formula(outcome.formula);
        if (!formula.tree()) {
            return Sentence{N_("%1 cannot be read: %2"), {outcome.formula, formula.mistake()->what.text()}};
        }
        if (!make.study()) {
            break;
        }
        const std::string name = name_for(*make.study(), table, outcome.label);
        const std::string held = shortest_name(*make.study(), make.study()->table(table), request.held);
        make.column({"%1", {outcome.label}}, tried_formula(name, outcome.formula, held, tried));
        first = first.empty() ? name : first;
    }
    if (request.shows_order && make.study()) {
        make.column({"change", {}}, "change = " + first + " - " + first + "[i-1]");
        make.column({N_("ratio of changes"), {}}, "ratio = change[i-1] / change");
        make.column({"order", {}}, "order = log2(abs(ratio))", {Format::Style::decimals, 2});
    }
    if (added != nullptr) {
        *added = table;
    }
    return make.study();
}

Result<TwoWayTrial> two_way_trial(const Study& study, Id first, Id second) {
    const HeldValue* held[] = {find_part(study, first).held, find_part(study, second).held};
    if (held[0] == nullptr || held[1] == nullptr || first == second) {
        return Sentence{N_("Choose two different held values."), {}};
    }
    const std::vector<Outcome> of_second = outcomes_of(study, second);
    std::optional<Outcome> outcome;
    for (const Outcome& one : outcomes_of(study, first)) {
        const bool both = std::any_of(of_second.begin(), of_second.end(),
                                      [&one](const Outcome& other) { return other.formula == one.formula; });
        outcome = !outcome && both ? std::optional(one) : outcome;
    }
    if (!outcome) {
        return Sentence{N_("Nothing in this study depends on both %1 and %2. Choose two that affect one result."),
                        {held[0]->name, held[1]->name}};
    }
    const auto axis = [](const HeldValue& of) {
        const double now =
            of.value.plain() && of.value.kind() == Kind::number && of.value.number() != 0 ? of.value.number() : 1;
        const double part = std::fabs(now) / 4;
        const std::string unit = of.unit.empty() ? "" : " [" + of.unit + "]";
        return of.name + "_tried" + unit + " = " + shortest(now - 2 * part) + ".." + shortest(now + 2 * part) + " by " +
               shortest(part);
    };
    const auto tried = [&](std::size_t at) {
        return shortest_name(study, nullptr, held[at]->id) + " = " + held[at]->name + "_tried";
    };
    return TwoWayTrial{axis(*held[0]), axis(*held[1]),
                       "outcome = " + outcome->formula + " with (" + tried(0) + ", " + tried(1) + ")"};
}

std::string root_formula(const Study& study, Id held, const std::string& outcome, double wanted, double from,
                         double to) {
    const std::string name = shortest_name(study, nullptr, held);
    const std::string difference =
        wanted == 0 ? outcome : as_operand(outcome) + (wanted < 0 ? " + " : " - ") + shortest(std::fabs(wanted));
    return "root(" + difference + " with " + name + " = t for t in " + shortest(from) + ".." + shortest(to) + ")";
}

} // namespace ledgefall
