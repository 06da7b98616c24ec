#include "oracle/comparison.h"

#include "core/formula/parser.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"
#include "oracle/oracle.h"

#include <functional>

namespace ledgefall::testing {
namespace {

Value engine_value(const OracleValue& value) {
    switch (value.kind) {
    case OracleKind::text:
        return value.plain() ? Value::text(Text(value.text)) : Value::missing(Kind::text);
    case OracleKind::yes_no:
        return value.plain() ? Value::yes_no(value.yes()) : Value::missing(Kind::yes_no);
    case OracleKind::date:
        return value.plain() ? Value::of(value.number, Kind::date, State::plain) : Value::missing(Kind::date);
    default:
        return value.plain() ? Value::number(value.number) : Value::missing();
    }
}

Kind engine_kind(OracleKind kind) {
    return kind == OracleKind::text     ? Kind::text
           : kind == OracleKind::yes_no ? Kind::yes_no
           : kind == OracleKind::date   ? Kind::date
                                        : Kind::number;
}

std::string shown(double x) {
    return write_cell(Value::number(x));
}

std::string shown(const std::vector<double>& values) {
    std::string all;
    for (const double x : values) {
        all += (all.empty() ? "" : ", ") + shown(x);
    }
    return all;
}

std::string shown(const OracleValue& value) {
    return value.failed()                   ? "error"
           : value.missing()                ? "missing"
           : value.kind == OracleKind::text ? "\"" + value.text + "\""
           : value.kind == OracleKind::yes_no
               ? (value.yes() ? "yes" : "no")
               : shown(value.number) + (value.error > 0 ? " ± " + shown(value.error) : "");
}

/// Makes a study by the edits, one after the other; the first refusal ends it.
class Maker {
  public:
    MadeStudy make(const Blueprint& plan) {
        made_.study.settings.quantile_type = plan.quantile_type;
        made_.study.settings.seed = plan.seed;
        const auto hold_all = [&](const std::vector<HeldPlan>& ledge, Id table) {
            for (const HeldPlan& held : ledge) {
                take(hold(made_.study, table, held.name + " = " + held.formula));
            }
        };
        hold_all(plan.ledge, Id());
        for (const TablePlan& table : plan.tables) {
            const Id id = begin(table);
            hold_all(table.ledge, id);
        }
        for (const TablePlan& table : plan.tables) {
            if (made_.refusal.empty()) {
                finish(table, made_.study.table_named(table.name)->id);
            }
        }
        return std::move(made_);
    }

  private:
    void take(const Result<Study>& changed) {
        if (changed) {
            made_.study = *changed;
        } else if (made_.refusal.empty()) {
            made_.refusal = changed.refusal().text();
        }
    }
    Id begin(const TablePlan& table) {
        Id id;
        if (table.two_way()) {
            take(add_two_way_table(made_.study, table.name, {table.down_name, "", "", shown(table.down)},
                                   {table.across_name, "", "", shown(table.across)}, &id));
            return id;
        }
        take(add_table(made_.study, table.name, &id));
        if (table.counted) {
            take(count_rows(made_.study, id, std::to_string(table.rows)));
        }
        std::vector<NewColumn> columns;
        for (const ColumnPlan& column : table.columns) {
            if (column.formula.empty()) {
                std::vector<Value> cells;
                for (const OracleValue& cell : column.cells) {
                    cells.push_back(engine_value(cell));
                }
                columns.push_back({column.name, column.name, "", Column::of(engine_kind(column.kind), cells)});
            }
        }
        if (columns.empty() && !table.counted) { // its rows are those of its given columns
            columns.push_back({"filler", "filler", "", Column::of(Kind::number, std::vector<Value>(table.rows))});
        }
        take(add_columns(made_.study, id, columns));
        for (const GroupPlan& group : table.groups) {
            std::vector<Id> ids;
            for (const std::string& name : group.columns) {
                const ColumnDefinition* column = made_.study.table(id)->column_named(name);
                ids.push_back(column == nullptr ? Id() : column->id);
            }
            take(group_columns(made_.study, id, group.name, ids));
        }
        return id;
    }
    void finish(const TablePlan& table, Id id) {
        for (const ColumnPlan& column : table.columns) {
            if (column.formula.empty()) {
                if (table.two_way()) {
                    type_layer(table, column, id);
                }
                continue;
            }
            Id written;
            take(write_column(made_.study, id, column.name + " = " + column.formula, &written));
            if (column.to != 0 && column.to >= column.from && column.to <= table.rows) {
                take(narrow_reach(made_.study, written, std::pair(column.from - 1, column.to - 1)));
            }
            if (!column.overrides.empty() && table.two_way()) {
                type_cells_of(table, column, written);
            } else if (!column.overrides.empty()) {
                const Axis axis = made_.study.table(id)->axis;
                take(with_column(made_.study, written, [&](ColumnDefinition& definition) {
                    definition.overrides.edit([&](Overrides& typed) {
                        for (const auto& [row, value] : column.overrides) {
                            typed[axis.id_at(row - 1)] = engine_value(value);
                        }
                    });
                }));
            }
        }
        if (!table.until.empty()) {
            take(stop_rows(made_.study, id, table.until));
        }
        for (const FootPlan& line : table.foot) {
            std::vector<Id> ids;
            for (const std::string& name : line.columns) {
                if (const ColumnDefinition* column = made_.study.table(id)->column_named(name)) {
                    ids.push_back(column->id);
                }
            }
            take(define_foot_line(made_.study, id, line.label + " = " + line.formula, ids));
        }
        for (const HeldPlan& check : table.checks) {
            take(add_check(made_.study, id, {check.name, check.formula, ""}));
        }
    }

    void type_layer(const TablePlan& table, const ColumnPlan& layer, Id id) {
        Id added;
        take(add_typed_layer(made_.study, id, layer.name, Kind::number, &added));
        type_cells_of(table, layer, added);
    }
    void type_cells_of(const TablePlan& table, const ColumnPlan& layer, const Id& id) {
        const auto axis = [](const std::vector<double>& numbers) {
            std::vector<Value> values;
            for (const double number : numbers) {
                values.push_back(Value::number(number));
            }
            return Column::of(Kind::number, values);
        };
        for (const auto& [cell, value] : layer.overrides) {
            const GridPlace place{(cell - 1) / table.across.size(), (cell - 1) % table.across.size()};
            take(type_cells(made_.study, id, place, axis(table.down), axis(table.across), {{shown(value)}}));
        }
    }

    MadeStudy made_;
};

/// Whether a definition is refused as a whole, whatever its rows have.
bool is_static(const Results::Entry* entry, const DefinitionId& id, const Value& value, std::size_t overrides) {
    if (entry == nullptr || !value.is_fault()) {
        return false;
    }
    const Fault fault = value.fault();
    const Cause cause = fault.at().cause;
    if (entry->cells && entry->faults + overrides < entry->cells->size()) {
        return false;
    }
    return cause == Cause::cycle || cause == Cause::no_first ||
           ((cause == Cause::syntax || cause == Cause::unknown_name || cause == Cause::wrong_kind ||
             cause == Cause::wrong_arguments) &&
            fault.at().definition == id);
}

class Comparer {
  public:
    Comparer(const Blueprint& plan, const Study& study)
        : plan_(plan)
        , study_(study)
        , results_(compute(study))
        , oracle_(plan) {}

    Comparison compare_all() {
        for_each([this](const std::string& key, const DefinitionId& id, const Value& first, auto&&) {
            ++result_.definitions;
            const ColumnDefinition* column = column_of(id);
            if (column != nullptr && !column->overrides->empty() && results_->find(id)->kind != Kind::number) {
                odd_override_ = true; // a number over a text is no value of the column
            }
            if (is_static(results_->find(id), id, first, column == nullptr ? 0 : column->overrides->size())) {
                oracle_.refused.insert(key);
                ++result_.refused;
            }
        });
        if (odd_override_) {
            return result_;
        }
        for (std::size_t table = 0; table < plan_.tables.size(); ++table) {
            const Table& made = *study_.tables[table];
            const std::size_t rows = made.two_way() ? plan_.tables[table].down.size() : results_->rows(made.id);
            if (results_->fault_of_rows(made.id)) {
                return result_; // its condition for stopping is in error
            }
            const std::size_t expected = oracle_.rows(table);
            if (oracle_.rows_are_undecided) {
                ++result_.undecided;
                return result_;
            }
            if (rows != expected) {
                result_.difference =
                    made.name + ": " + std::to_string(rows) + " rows, expected " + std::to_string(oracle_.rows(table));
                return result_;
            }
        }
        for_each([this](const std::string& key, const DefinitionId&, const Value&, const auto& pairs) {
            if (!result_.difference) {
                pairs([&](const std::string& where, const Value& value, const OracleValue& expected) {
                    compare_one(key + where, value, expected);
                });
            }
        });
        return result_;
    }

  private:
    /// Calls `visit` with each definition: its key, its id, its first value, and a function that goes through its
    /// values beside the oracle's.
    template <class Visit>
    void for_each(Visit visit) {
        const auto single = [&](std::size_t table, const HeldPlan& held, const HeldValue* made) {
            if (made == nullptr || made->is_function()) {
                return;
            }
            const Value value = results_->single(made->id);
            if (held.formula.starts_with("root(") || held.formula.starts_with("arg")) {
                return visit(held.name, DefinitionId(made->id), Value::missing(), [&](const auto&) {
                    held.formula.starts_with("root(") ? compare_root(held, value) : compare_extreme(held, value);
                });
            }
            visit(table == Oracle::none ? held.name : plan_.tables[table].name + "." + held.name,
                  DefinitionId(made->id), value,
                  [&](const auto& pair) { pair("", value, oracle_.held(table, held.name)); });
        };
        for (const HeldPlan& held : plan_.ledge) {
            single(Oracle::none, held, study_.held_named(held.name));
        }
        for (std::size_t table = 0; table < plan_.tables.size(); ++table) {
            const TablePlan& plan = plan_.tables[table];
            const Table& made = *study_.tables[table];
            for (std::size_t at = 0; at < plan.ledge.size(); ++at) {
                single(table, plan.ledge[at], &*made.ledge[at]);
            }
            for (const ColumnPlan& column : plan.columns) {
                const Id id = made.column_named(column.name)->id;
                visit(plan.name + "." + column.name, DefinitionId(id), first_fault_or_cell(id), [&](const auto& pair) {
                    const std::size_t across = plan.columns_across();
                    for (std::size_t cell = 0; cell < oracle_.rows(table) * across; ++cell) {
                        pair(" [" + std::to_string(cell / across + 1) +
                                 (plan.two_way() ? ", " + std::to_string(cell % across + 1) : "") + "]",
                             results_->cell(id, cell),
                             oracle_.cell(table, column.name, cell / across + 1, cell % across + 1));
                    }
                });
            }
            for (std::size_t line = 0; line < plan.foot.size(); ++line) {
                for (const std::string& name : plan.foot[line].columns) {
                    if (const ColumnDefinition* column = made.column_named(name)) {
                        foot(table, plan.foot[line], *made.foot[line], *column, visit);
                    }
                }
            }
            for (const HeldPlan& check : plan.checks) {
                for (const auto& one : study_.checks) {
                    if (one->table == made.id && one->label == check.name) {
                        const Value value = results_->single(one->id);
                        visit(plan.name + " check " + check.name, DefinitionId(one->id), value,
                              [&](const auto& pair) { pair("", value, oracle_.check(table, check.formula)); });
                    }
                }
            }
        }
    }
    const ColumnDefinition* column_of(const DefinitionId& id) const {
        const ColumnDefinition* column = nullptr;
        for (const auto& table : study_.tables) {
            column = id.part == DefinitionId::Part::whole && column == nullptr ? table->column(id.object) : column;
        }
        return column;
    }
    Value first_fault_or_cell(Id id) const {
        const Results::Entry* entry = results_->find(id);
        return entry != nullptr && entry->faults > 0 ? Value::fault(entry->first_fault) : results_->cell(id, 0);
    }

    template <class Visit>
    void foot(std::size_t table, const FootPlan& plan, const FootLine& line, const ColumnDefinition& column,
              Visit visit) {
        const std::string key = plan_.tables[table].name + "." + plan.label + ":" + column.name;
        const Value single = results_->foot(line.id, column.id);
        visit(key, DefinitionId::foot_value(line.id, column.id), single, [&](const auto& pair) {
            pair("", single, oracle_.foot(table, plan, column.name));
            if (!plan_.tables[table].two_way()) {
                return;
            }
            for (const bool under : {true, false}) {
                const Id id = foot_row_of(line.id, column.id, under);
                const std::size_t count = under ? plan_.tables[table].across.size() : plan_.tables[table].down.size();
                for (std::size_t at = 1; at <= count; ++at) {
                    pair((under ? " under " : " beside ") + std::to_string(at), results_->cell(id, at - 1),
                         oracle_.foot(table, plan, column.name, under ? 0 : at, under ? at : 0));
                }
            }
        });
    }

    void compare_one(const std::string& where, const Value& value, const OracleValue& expected) {
        if (expected.unsure) {
            ++result_.undecided;
            return;
        }
        ++result_.compared;
        result_.plain += expected.plain() ? 1 : 0;
        if (!agrees(value, expected) && !result_.difference) {
            result_.difference = where + ": " +
                                 (value.is_fault() ? "error (" + explain(study_, *results_, value.fault()).text() + ")"
                                  : value.is_missing()         ? "missing"
                                  : value.kind() == Kind::text ? value.text().str()
                                                               : shown(value.number())) +
                                 ", expected " + shown(expected);
        }
    }
    /// Where a function is least or greatest: in the range, and there not worse than at the best of many points.
    void compare_extreme(const HeldPlan& held, const Value& value) {
        const Node* call = oracle_.parse(held.formula);
        const Node& range = call->kid(0).kid(1);
        const auto f = [&](double t) { return oracle_.at(Oracle::none, call->kid(0).kid(0), call->kid(0).text, t); };
        const OracleValue from = oracle_.at(Oracle::none, range.kid(0), "", 0);
        const OracleValue to = oracle_.at(Oracle::none, range.kid(1), "", 0);
        constexpr int points = 1000;
        const double sign = held.formula.starts_with("argmin") ? 1 : -1;
        double least = HUGE_VAL;
        double most = -HUGE_VAL;
        bool defined = from.plain() && to.plain() && from.number < to.number;
        for (int at = 0; defined && at <= points; ++at) {
            const OracleValue y = f(from.number + (to.number - from.number) * at / points);
            defined = y.plain() && !y.unsure;
            least = std::min(least, sign * y.number);
            most = std::max(most, sign * y.number);
        }
        if (!defined) {
            ++result_.undecided;
            return;
        }
        ++result_.compared;
        ++result_.plain;
        const bool inside = value.plain() && value.number() >= from.number && value.number() <= to.number;
        if ((!inside || sign * f(value.number()).number > least + 1e-5 * (most - least)) && !result_.difference) {
            result_.difference = held.name + ": " + (value.plain() ? shown(value.number()) : "no place") +
                                 " where others are better, as good as " + shown(sign * least);
        }
    }

    /// A root by dense sampling and bisection: there is one, there is none, or there are several.
    void compare_root(const HeldPlan& held, const Value& value) {
        const Node* call = oracle_.parse(held.formula);
        if (call == nullptr || call->kid(0).type != NodeType::bound) {
            return;
        }
        const Node& expression = call->kid(0).kid(0);
        const Node& range = call->kid(0).kid(1);
        const auto f = [&](double t) { return oracle_.at(Oracle::none, expression, call->kid(0).text, t); };
        const OracleValue from = oracle_.at(Oracle::none, range.kid(0), "", 0);
        const OracleValue to = oracle_.at(Oracle::none, range.kid(1), "", 0);
        constexpr int points = 3000;
        std::vector<std::pair<double, double>> samples;
        bool defined = from.plain() && to.plain() && from.number < to.number;
        for (int at = 0; defined && at <= points; ++at) {
            const double t = from.number + (to.number - from.number) * at / points;
            const OracleValue y = f(t);
            defined = y.plain() && !y.unsure;
            samples.emplace_back(t, y.number);
        }
        std::vector<double> roots;
        std::size_t zeros = 0;
        for (std::size_t at = 0; defined && at < samples.size(); ++at) {
            zeros += samples[at].second == 0 ? 1 : 0;
            if (at + 1 == samples.size() || samples[at].second * samples[at + 1].second >= 0) {
                continue;
            }
            auto [low, low_value] = samples[at];
            auto [high, high_value] = samples[at + 1];
            bool broken = false; // a pole
            for (int step = 0; step < 1100 && low < std::nextafter(high, low); ++step) {
                const double middle = low + (high - low) / 2;
                const OracleValue value_there = f(middle);
                broken = broken || !value_there.plain();
                const double y = value_there.number;
                ((y < 0) == (low_value < 0) ? low : high) = middle;
                ((y < 0) == (low_value < 0) ? low_value : high_value) = y;
            }
            // At a jump a few doubles make nearly all of the change over a longer stretch.
            const double stretch = 1e-7 * std::max(std::fabs(low), 1e-9);
            const OracleValue before = f(low - stretch);
            const OracleValue after = f(high + stretch);
            const bool jump = !before.plain() || !after.plain() ||
                              std::fabs(high_value - low_value) > std::fabs(after.number - before.number) / 20;
            if (!broken && (!jump || low_value == 0 || high_value == 0)) {
                roots.push_back(high);
            }
        }
        if (!defined || zeros > 0 || roots.size() > 1) {
            ++result_.undecided;
            return;
        }
        ++result_.compared;
        result_.plain += roots.size();
        const bool same = roots.empty() ? !value.plain()
                                        : value.plain() && std::fabs(value.number() - roots[0]) <=
                                                               1e-4 * std::max(std::fabs(roots[0]), 1e-6);
        if (!same && !result_.difference) {
            result_.difference = held.name + ": " + (value.plain() ? shown(value.number()) : "no root") +
                                 ", expected " + (roots.empty() ? "no root" : shown(roots[0]));
        }
    }

    static bool agrees(const Value& value, const OracleValue& expected) {
        if (!expected.plain()) {
            return expected.failed() ? value.is_fault() : value.is_missing();
        }
        if (!value.plain()) {
            return false;
        }
        if (expected.kind == OracleKind::text) {
            return value.kind() == Kind::text && value.text().str() == expected.text;
        }
        if (expected.kind == OracleKind::distribution) {
            return value.kind() == Kind::distribution;
        }
        return value.kind() == engine_kind(expected.kind) && std::isfinite(value.number()) &&
               std::fabs(value.number() - expected.number) <=
                   (expected.error > 0 ? 8 * expected.error + 8 * spacing(expected.number) : 0);
    }

    const Blueprint& plan_;
    const Study& study_;
    ResultsPtr results_;
    Oracle oracle_;
    Comparison result_;
    bool odd_override_ = false;
};

// --- shrinking ------------------------------------------------------------------------------------------------------

/// Formulas that a formula can be replaced by: its parts, as they are written.
void add_parts(const std::string& text, const Node& node, std::vector<std::string>& parts) {
    for (const NodePtr& kid : node.kids) {
        if (kid && kid->span.to <= text.size() && kid->span.to > kid->span.from) {
            const std::string written = text.substr(kid->span.from, kid->span.to - kid->span.from);
            parts.push_back(written);
            if (node.span.to <= text.size() &&
                node.span.from < node.span.to) { // the part in the place of what it is in
                parts.push_back(text.substr(0, node.span.from) + written + text.substr(node.span.to));
            }
            add_parts(text, *kid, parts);
        }
    }
    if (node.type != NodeType::number && node.kids.empty() && node.span.to <= text.size()) {
        parts.push_back(text.substr(0, node.span.from) + "2" + text.substr(node.span.to));
    }
}

/// The first of the studies that are one step smaller for which `differs` holds.
std::optional<Blueprint> smaller(const Blueprint& plan, const std::function<bool(const Blueprint&)>& differs) {
    std::optional<Blueprint> found;
    const auto changed = [&](auto change) {
        if (found) {
            return;
        }
        Blueprint copy = plan;
        change(copy);
        if (differs(copy)) {
            found = std::move(copy);
        }
    };
    const auto shorter = [&](const std::string& formula, auto set) {
        const ParsedFormula parsed = parse_formula(formula);
        std::vector<std::string> parts;
        if (parsed.tree) {
            add_parts(formula, *parsed.tree, parts);
        }
        for (const std::string& part : parts) {
            if (part != formula) {
                changed([&](Blueprint& copy) { set(copy, part); });
            }
        }
    };
    for (std::size_t t = 0; t < plan.tables.size(); ++t) {
        const TablePlan& table = plan.tables[t];
        if (plan.tables.size() > 1) {
            changed([&](Blueprint& copy) { copy.tables.erase(copy.tables.begin() + static_cast<std::ptrdiff_t>(t)); });
        }
        if (!table.checks.empty()) {
            changed([&](Blueprint& copy) { copy.tables[t].checks.pop_back(); });
        }
        if (!table.groups.empty()) {
            changed([&](Blueprint& copy) { copy.tables[t].groups.pop_back(); });
        }
        for (std::size_t at = 0; at < table.foot.size(); ++at) {
            changed([&](Blueprint& copy) {
                copy.tables[t].foot.erase(copy.tables[t].foot.begin() + static_cast<std::ptrdiff_t>(at));
            });
            shorter(table.foot[at].formula,
                    [=](Blueprint& copy, const std::string& part) { copy.tables[t].foot[at].formula = part; });
        }
        for (std::size_t at = 0; at < table.columns.size(); ++at) {
            changed([&](Blueprint& copy) {
                copy.tables[t].columns.erase(copy.tables[t].columns.begin() + static_cast<std::ptrdiff_t>(at));
            });
            if (!table.columns[at].overrides.empty()) {
                changed([&](Blueprint& copy) { copy.tables[t].columns[at].overrides.clear(); });
            }
            if (table.columns[at].to != 0) {
                changed([&](Blueprint& copy) { copy.tables[t].columns[at].from = copy.tables[t].columns[at].to = 0; });
            }
        }
        for (std::size_t many = table.two_way() ? 0 : std::max<std::size_t>(1, table.rows / 2); many > 0; many /= 2) {
            for (std::size_t from = 0; from < table.rows; from += many) {
                changed([&](Blueprint& copy) {
                    TablePlan& less = copy.tables[t];
                    const std::size_t to = std::min(less.rows, from + many);
                    for (ColumnPlan& column : less.columns) {
                        column.overrides.clear();
                        column.from = column.to = 0;
                        if (column.cells.size() >= to) {
                            column.cells.erase(column.cells.begin() + static_cast<std::ptrdiff_t>(from),
                                               column.cells.begin() + static_cast<std::ptrdiff_t>(to));
                        }
                    }
                    less.rows -= to - from;
                });
            }
        }
        if (table.two_way() && table.down.size() > 1) {
            changed([&](Blueprint& copy) {
                copy.tables[t].down.pop_back(), copy.tables[t].rows = copy.tables[t].down.size();
            });
        }
        if (table.two_way() && table.across.size() > 1) {
            changed([&](Blueprint& copy) { copy.tables[t].across.pop_back(); });
        }
        for (std::size_t at = 0; at < table.columns.size(); ++at) {
            shorter(table.columns[at].formula,
                    [=](Blueprint& copy, const std::string& part) { copy.tables[t].columns[at].formula = part; });
        }
        for (std::size_t at = 0; at < table.ledge.size(); ++at) {
            changed([&](Blueprint& copy) {
                copy.tables[t].ledge.erase(copy.tables[t].ledge.begin() + static_cast<std::ptrdiff_t>(at));
            });
        }
        if (!table.until.empty()) {
            changed([&](Blueprint& copy) { copy.tables[t].until.clear(); });
        }
    }
    for (std::size_t at = 0; at < plan.ledge.size(); ++at) {
        changed([&](Blueprint& copy) { copy.ledge.erase(copy.ledge.begin() + static_cast<std::ptrdiff_t>(at)); });
        shorter(plan.ledge[at].formula,
                [=](Blueprint& copy, const std::string& part) { copy.ledge[at].formula = part; });
    }
    return found;
}

} // namespace

MadeStudy make_study(const Blueprint& plan) {
    return Maker().make(plan);
}

Comparison compare_study(const Blueprint& plan) {
    const MadeStudy made = make_study(plan);
    if (!made.refusal.empty()) {
        Comparison none;
        none.refused = 1;
        return none;
    }
    return Comparer(plan, made.study).compare_all();
}

constexpr std::size_t most_tried = 20'000; ///< smaller studies

Blueprint shrink(Blueprint plan) {
    std::size_t tried = 0;
    const auto differs = [&](const Blueprint& candidate) {
        return ++tried < most_tried && compare_study(candidate).difference.has_value();
    };
    while (auto less = smaller(plan, differs)) {
        plan = std::move(*less);
    }
    return plan;
}

std::string described(const Blueprint& plan) {
    std::string text = "quantile type " + std::to_string(plan.quantile_type) + "\n";
    for (const HeldPlan& held : plan.ledge) {
        text += "ledge: " + held.name + " = " + held.formula + "\n";
    }
    for (const TablePlan& table : plan.tables) {
        text += "table " + table.name + ", rows: " + std::to_string(table.rows) + (table.counted ? ", counted" : "") +
                (table.until.empty() ? "" : ", until " + table.until) + "\n";
        if (table.two_way()) {
            text += "  " + table.down_name + " down: " + shown(table.down) + "; " + table.across_name +
                    " across: " + shown(table.across) + "\n";
        }
        for (const HeldPlan& held : table.ledge) {
            text += "  own: " + held.name + " = " + held.formula + "\n";
        }
        for (const ColumnPlan& column : table.columns) {
            text += "  " + column.name + (column.formula.empty() ? ":" : " = " + column.formula);
            for (const OracleValue& cell : column.cells) {
                text += " " + shown(cell);
            }
            for (const auto& [row, value] : column.overrides) {
                text += "; typed over row " + std::to_string(row) + ": " + shown(value);
            }
            text += column.to == 0
                        ? "\n"
                        : "; rows " + std::to_string(column.from) + " to " + std::to_string(column.to) + "\n";
        }
        for (const HeldPlan& check : table.checks) {
            text += "  check: " + check.formula + "\n";
        }
        for (const GroupPlan& group : table.groups) {
            text += "  group " + group.name + ": " + group.columns.front() + " to " + group.columns.back() + "\n";
        }
        for (const FootPlan& line : table.foot) {
            text += "  foot: " + line.label + " = " + line.formula + " of";
            for (const std::string& name : line.columns) {
                text += " " + name;
            }
            text += "\n";
        }
    }
    return text;
}

} // namespace ledgefall::testing
