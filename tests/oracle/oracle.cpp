#include "oracle/oracle.h"

#include "core/formula/parser.h"

namespace ledgefall::testing {
namespace {

constexpr double most_bound = 100'000; ///< values of a bound number, which the oracle goes through one by one
constexpr double most_summed = 1000;   ///< of a distribution's first number

std::unique_ptr<Node> copy_of(const Node& node) {
    auto copy = std::make_unique<Node>();
    copy->type = node.type;
    copy->op = node.op;
    copy->number = node.number;
    copy->text = node.text;
    copy->owner = node.owner;
    copy->ops = node.ops;
    for (const NodePtr& kid : node.kids) {
        copy->kids.push_back(kid ? copy_of(*kid) : nullptr);
    }
    return copy;
}

} // namespace

/// What has been computed so far, with the held values that a what-if replaces.
struct Oracle::World {
    std::map<std::string, OracleValue> replaced;                     ///< by `name`, or `table.name`
    std::unordered_map<std::string, std::vector<signed char>> state; ///< of each cell: 0 not yet, 1 begun, 2 done
    std::unordered_map<std::string, std::vector<OracleValue>> cells;
    std::map<std::string, OracleValue> held;
    std::set<std::string> begun;
    std::map<std::size_t, std::size_t> rows;
};

Oracle::Oracle(const Blueprint& plan)
    : plan_(&plan)
    , world_(std::make_shared<World>())
    , parsed_(std::make_shared<std::unordered_map<std::string, std::shared_ptr<const Node>>>()) {}

const Node* Oracle::parse(const std::string& formula) {
    auto [entry, fresh] = parsed_->try_emplace(formula);
    if (fresh) {
        entry->second = parse_formula(formula).tree;
    }
    return entry->second.get();
}

bool Oracle::is_definition_refused(std::size_t table, const std::string& name) const {
    return refused.contains(table == none ? name : plan_->tables[table].name + "." + name);
}

std::size_t Oracle::limit(std::size_t table) const {
    const TablePlan& plan = plan_->tables[table];
    const auto known = world_->rows.find(table);
    return known != world_->rows.end() ? known->second : plan.two_way() ? plan.down.size() : plan.rows;
}

std::size_t Oracle::rows(std::size_t table) {
    const TablePlan& plan = plan_->tables[table];
    if (plan.until.empty() || world_->rows.contains(table)) {
        return limit(table);
    }
    // Its condition is computed as if the table ran to its end, in a world of its own.
    auto world = std::make_shared<World>();
    world->replaced = world_->replaced;
    world->rows[table] = plan.rows;
    world.swap(world_);
    const Node* until = parse(plan.until);
    std::size_t count = plan.rows;
    for (std::size_t row = 1; until != nullptr && row <= plan.rows; ++row) {
        Frame frame;
        frame.table = table;
        frame.row = frame.own_row = row;
        const OracleValue stop = eval(*until, frame);
        rows_are_undecided = rows_are_undecided || stop.unsure;
        if (stop.plain() && stop.yes()) {
            count = row;
            break;
        }
    }
    world.swap(world_);
    return world_->rows[table] = count;
}

OracleValue Oracle::cell(std::size_t table, const std::string& column, std::size_t row, std::size_t col) {
    for (const ColumnPlan& plan : plan_->tables[table].columns) {
        if (plan.name == column) {
            return column_value(plan, table, row, col);
        }
    }
    return OracleValue::failure();
}

OracleValue Oracle::column_value(const ColumnPlan& column, std::size_t table, std::size_t row, std::size_t col) {
    const TablePlan& plan = plan_->tables[table];
    const std::size_t at = (row - 1) * plan.columns_across() + col;
    if (row < 1 || row > limit(table) || col < 1 || col > plan.columns_across()) {
        return OracleValue::none(column.kind);
    }
    if (const auto typed = column.overrides.find(at); typed != column.overrides.end()) {
        return typed->second;
    }
    if (column.formula.empty()) {
        return at <= column.cells.size() ? column.cells[at - 1] : OracleValue::none(column.kind);
    }
    const Node* tree = parse(column.formula);
    if (tree == nullptr || is_definition_refused(table, column.name)) {
        return OracleValue::failure();
    }
    if (column.to != 0 && (row < column.from || row > column.to)) {
        return OracleValue::none();
    }
    const std::string key = std::to_string(table) + column.name;
    std::vector<signed char>& states = world_->state[key];
    std::vector<OracleValue>& cells = world_->cells[key];
    if (states.empty()) {
        states.resize(plan.rows * plan.columns_across() + plan.down.size() * plan.across.size());
        cells.resize(states.size());
    }
    if (states[at - 1] == 1) {
        return OracleValue::failure(); // a cycle
    }
    if (states[at - 1] == 0) {
        states[at - 1] = 1;
        Frame frame;
        frame.table = table;
        frame.row = frame.own_row = row;
        frame.col = frame.own_col = plan.two_way() ? col : 0;
        const Node* formula = tree;
        if (tree->type == NodeType::recurrence) {
            const std::size_t after_first = row - (column.to == 0 ? 1 : column.from);
            formula = tree->kids[std::min(after_first, tree->kids.size() - 1)].get();
        }
        cells[at - 1] = eval(*formula, frame);
        world_->state[key][at - 1] = 2;
    }
    return world_->cells[key][at - 1];
}

OracleValue Oracle::held(std::size_t table, const std::string& name) {
    const std::string key = table == none ? name : plan_->tables[table].name + "." + name;
    if (const auto replaced = world_->replaced.find(key); replaced != world_->replaced.end()) {
        return replaced->second;
    }
    if (const auto known = world_->held.find(key); known != world_->held.end()) {
        return known->second;
    }
    const std::vector<HeldPlan>& ledge = table == none ? plan_->ledge : plan_->tables[table].ledge;
    const auto plan = std::find_if(ledge.begin(), ledge.end(), [&](const HeldPlan& each) { return each.name == name; });
    const Node* tree = plan == ledge.end() ? nullptr : parse(plan->formula);
    if (tree == nullptr || is_definition_refused(table, name) || !world_->begun.insert(key).second) {
        return OracleValue::failure();
    }
    Frame frame;
    frame.table = table;
    const OracleValue value = eval(*tree, frame);
    world_->begun.erase(key);
    return world_->held[key] = value;
}

OracleValue Oracle::check(std::size_t table, const std::string& condition) {
    const Node* tree = parse(condition);
    Frame frame;
    frame.table = table;
    return tree == nullptr ? OracleValue::failure() : eval(*tree, frame);
}

OracleValue Oracle::foot(std::size_t table, const FootPlan& line, const std::string& column, std::size_t row,
                         std::size_t col) {
    const std::string key = plan_->tables[table].name + "." + line.label + ":" + column;
    const Node* tree = parse(line.formula);
    const std::string begun = key + std::to_string(row) + "," + std::to_string(col);
    if (tree == nullptr || refused.contains(key) || !world_->begun.insert(begun).second) {
        return OracleValue::failure();
    }
    Frame frame;
    frame.table = table;
    frame.each = column;
    frame.part_row = row;
    frame.part_col = col;
    const OracleValue value = eval(*tree, frame);
    world_->begun.erase(begun);
    return value;
}

OracleValue Oracle::at(std::size_t table, const Node& expression, const std::string& bound, double at) {
    Frame frame;
    frame.table = table;
    frame.bound.emplace_back(bound, at);
    return eval(expression, frame);
}

OracleValue Oracle::eval(const Node& node, Frame& frame) {
    switch (node.type) {
    case NodeType::number:
        return OracleValue::of(node.number);
    case NodeType::text:
        return OracleValue::of_text(node.text);
    case NodeType::word:
        return node.text == "each" ? name(node, frame) : word(node, frame);
    case NodeType::name:
        return name(node, frame);
    case NodeType::index:
        return index(node, frame);
    case NodeType::call:
        return call(node, frame);
    case NodeType::what_if:
        return what_if(node, frame);
    case NodeType::binary:
        return binary(node, frame);
    case NodeType::chain:
        return chain(node, frame);
    case NodeType::absolute:
        return plain_function("abs", {eval(node.kid(0), frame)});
    case NodeType::choice: {
        const OracleValue condition = eval(node.kid(0), frame);
        if (condition.unsure) {
            return OracleValue::undecided();
        }
        if (!condition.plain()) {
            return condition.failed() ? condition : OracleValue::none();
        }
        if (condition.kind != OracleKind::yes_no) {
            return OracleValue::failure();
        }
        return eval(node.kid(condition.yes() ? 1 : 2), frame);
    }
    case NodeType::unary: {
        const OracleValue x = eval(node.kid(0), frame);
        switch (node.op) {
        case Operator::negate:
            return arithmetic(Operator::subtract, OracleValue::of(0), x);
        case Operator::percent:
            return arithmetic(Operator::divide, x, OracleValue::of(100));
        case Operator::root:
            return plain_function("sqrt", {x});
        case Operator::factorial:
            return plain_function("factorial", {x});
        case Operator::degree:
            return arithmetic(Operator::multiply, x, OracleValue::of(M_PI / 180, 1e-17));
        default:
            return !x.plain() || x.unsure ? x : OracleValue::of_yes(!x.yes());
        }
    }
    default:
        return OracleValue::failure();
    }
}

OracleValue Oracle::word(const Node& node, const Frame& frame) {
    const bool other = frame.table == none && frame.other != none;
    if (node.text == "yes" || node.text == "no") {
        return OracleValue::of_yes(node.text == "yes");
    }
    if (node.text == "missing") {
        return OracleValue::none();
    }
    if (node.text == "rows" && (frame.table != none || other)) {
        return OracleValue::of(static_cast<double>(rows(frame.table == none ? frame.other : frame.table)));
    }
    const std::size_t row = node.text == "row" ? (other ? frame.other_row : frame.own_row)
                            : node.text == "i" ? frame.row
                            : node.text == "j" ? frame.col
                                               : 0;
    return row == 0 ? OracleValue::failure() : OracleValue::of(static_cast<double>(row));
}

/// The column, layer or axis that a name means in a table; `each` is a foot line's word for its column.
bool Oracle::refers(const Node& node, const Frame& frame, Reference& found, const std::string& each) {
    const bool is_each = node.type == NodeType::word && node.text == "each";
    if (!is_each && node.type != NodeType::name) {
        return false;
    }
    const std::string& text = is_each ? each : node.text;
    for (const auto& bound : frame.bound) {
        if (node.owner.empty() && bound.first == text) {
            return false;
        }
    }
    for (std::size_t table = 0; table < plan_->tables.size(); ++table) {
        const TablePlan& plan = plan_->tables[table];
        if (node.owner.empty() ? table != frame.table : plan.name != node.owner) {
            continue;
        }
        found.table = table;
        for (const ColumnPlan& column : plan.columns) {
            if (column.name == text) {
                found.column = &column;
                return true;
            }
        }
        found.down = plan.two_way() && plan.down_name == text;
        found.across = plan.two_way() && plan.across_name == text;
        return found.down || found.across;
    }
    return false;
}

OracleValue Oracle::name(const Node& node, Frame& frame) {
    for (auto bound = frame.bound.rbegin(); bound != frame.bound.rend(); ++bound) {
        if (node.owner.empty() && bound->first == node.text) {
            return OracleValue::of(bound->second);
        }
    }
    Reference where{};
    if (refers(node, frame, where, frame.each)) {
        const bool own = where.table == frame.table && where.table != frame.other;
        const std::size_t row = own ? frame.own_row : where.table == frame.other ? frame.other_row : 0;
        const std::size_t col = own ? frame.own_col : where.table == frame.other ? frame.other_col : 0;
        const TablePlan& plan = plan_->tables[where.table];
        if (where.down || where.across) {
            const std::size_t at = where.down ? row : col;
            return at == 0 ? OracleValue::failure()
                           : OracleValue::of(where.down ? plan.down[at - 1] : plan.across[at - 1]);
        }
        return row == 0 ? OracleValue::failure()
                        : column_value(*where.column, where.table, row, std::max<std::size_t>(col, 1));
    }
    const auto on = [&](std::size_t table) {
        const std::vector<HeldPlan>& ledge = table == none ? plan_->ledge : plan_->tables[table].ledge;
        return std::any_of(ledge.begin(), ledge.end(), [&](const HeldPlan& held) { return held.name == node.text; });
    };
    if (!node.owner.empty() && node.owner != "ledge") {
        for (std::size_t table = 0; table < plan_->tables.size(); ++table) {
            if (plan_->tables[table].name == node.owner && on(table)) {
                return held(table, node.text);
            }
        }
        return OracleValue::failure();
    }
    if (node.owner.empty() && frame.table != none && on(frame.table)) {
        return held(frame.table, node.text);
    }
    if (on(none)) {
        return held(none, node.text);
    }
    if (node.owner.empty() && !frame.each.empty()) { // another foot line, by its label
        for (const FootPlan& line : plan_->tables[frame.table].foot) {
            if (line.label == node.text) {
                return foot(frame.table, line, frame.each, frame.part_row, frame.part_col);
            }
        }
    }
    if (frame.table != none && plan_->tables[frame.table].two_way() && (node.text == "col" || node.text == "cols")) {
        const std::size_t col = node.text == "cols" ? plan_->tables[frame.table].across.size() : frame.own_col;
        return col == 0 ? OracleValue::failure() : OracleValue::of(static_cast<double>(col));
    }
    return node.text == "pi" ? OracleValue::of(M_PI) : node.text == "e" ? OracleValue::of(M_E) : OracleValue::failure();
}

/// The row or column number that a place in brackets means: plain and whole, or why not.
OracleValue Oracle::place(const Node& node, const Frame& frame, const Reference& where, bool across) {
    if (node.type == NodeType::word && node.text == "last") {
        return OracleValue::of(
            static_cast<double>(across ? plan_->tables[where.table].across.size() : rows(where.table)));
    }
    if (node.type == NodeType::binary && (node.op == Operator::add || node.op == Operator::subtract)) {
        return arithmetic(node.op, place(node.kid(0), frame, where, across), place(node.kid(1), frame, where, across));
    }
    Frame inner = frame;
    const OracleValue number = eval(node, inner);
    if (!number.plain() || number.unsure) {
        return number;
    }
    return number.error > 0                                                                  ? OracleValue::undecided()
           : number.kind != OracleKind::number || number.number != std::floor(number.number) ? OracleValue::failure()
                                                                                             : number;
}

OracleValue Oracle::index(const Node& node, Frame& frame) {
    Reference where{};
    if (!refers(node.kid(0), frame, where, frame.each) || where.column == nullptr) {
        return OracleValue::failure();
    }
    const bool runs_here =
        node.kid(1).type == NodeType::range || (node.kids.size() > 2 && node.kid(2).type == NodeType::range);
    if (runs_here) { // the measure around it has chosen the position
        const bool own = where.table == frame.table && where.table != frame.other;
        const std::size_t row = own ? frame.own_row : frame.other_row;
        return row == 0 ? OracleValue::failure()
                        : column_value(*where.column, where.table, row,
                                       std::max<std::size_t>(own ? frame.own_col : frame.other_col, 1));
    }
    const OracleValue row = place(node.kid(1), frame, where, false);
    const OracleValue col = node.kids.size() > 2 ? place(node.kid(2), frame, where, true) : OracleValue::of(1);
    for (const OracleValue& each : {row, col}) {
        if (!each.plain() || each.unsure) {
            return each;
        }
    }
    const TablePlan& read = plan_->tables[where.table];
    if (!read.until.empty() && where.table == frame.table && row.number > static_cast<double>(frame.own_row)) {
        return OracleValue::undecided(); // whether this row may be read depends on what decides where the table stops
    }
    const bool inside = row.number >= 1 && col.number >= 1 && row.number <= static_cast<double>(rows(where.table)) &&
                        col.number <= static_cast<double>(read.columns_across());
    return inside ? column_value(*where.column, where.table, static_cast<std::size_t>(row.number),
                                 static_cast<std::size_t>(col.number))
                  : OracleValue::none(where.column->kind);
}

OracleValue Oracle::binary(const Node& node, Frame& frame) {
    const OracleValue a = eval(node.kid(0), frame);
    const OracleValue b = eval(node.kid(1), frame);
    if (node.op == Operator::logical_and || node.op == Operator::logical_or) {
        return both(a, b, node.op == Operator::logical_or);
    }
    return arithmetic(node.op, a, b);
}

OracleValue Oracle::chain(const Node& node, Frame& frame) {
    OracleValue all;
    for (std::size_t at = 0; at < node.ops.size(); ++at) {
        const OracleValue a = eval(node.kid(at), frame);
        OracleValue link;
        if (node.ops[at] == Operator::in) {
            link = OracleValue::of_yes(false);
            const Node& list = node.kid(at + 1);
            for (std::size_t each = 0; each < (list.type == NodeType::list ? list.kids.size() : 1); ++each) {
                const OracleValue entry = eval(list.type == NodeType::list ? list.kid(each) : list, frame);
                link = both(link, compare(Operator::equal, a, entry, 0), true);
            }
        } else {
            link = compare(node.ops[at], a, eval(node.kid(at + 1), frame), 1e-9);
        }
        all = at == 0 ? link : both(all, link, false);
    }
    return all;
}

OracleValue Oracle::what_if(const Node& node, Frame& frame) {
    auto world = std::make_shared<World>();
    world->replaced = world_->replaced;
    for (std::size_t at = 1; at + 1 < node.kids.size(); at += 2) {
        const Node& replaced = node.kid(at);
        const OracleValue value = eval(node.kid(at + 1), frame);
        if (!value.plain() || value.unsure) {
            return value;
        }
        const auto& ledge = frame.table == none ? plan_->ledge : plan_->tables[frame.table].ledge;
        const bool of_table =
            replaced.owner.empty() && frame.table != none &&
            std::any_of(ledge.begin(), ledge.end(), [&](const HeldPlan& held) { return held.name == replaced.text; });
        world->replaced[of_table ? plan_->tables[frame.table].name + "." + replaced.text : replaced.text] = value;
    }
    world.swap(world_);
    const OracleValue value = eval(node.kid(0), frame);
    world.swap(world_);
    return value;
}

OracleValue Oracle::call(const Node& node, Frame& frame) {
    if (node.text == "P") {
        return probability(node, frame);
    }
    if (node.text == "rank") {
        return rank(node, frame);
    }
    if (!node.kids.empty() && node.kid(0).type == NodeType::bound) {
        return bound(node.kid(0), frame, node.text);
    }
    for (const HeldPlan& held : plan_->ledge) { // a held function
        const std::size_t bracket = held.name.find('(');
        if (bracket != std::string::npos && held.name.substr(0, bracket) == node.text) {
            const Node* body = parse(held.formula);
            Frame inner;
            std::size_t from = bracket + 1;
            for (const NodePtr& kid : node.kids) {
                const OracleValue argument = eval(*kid, frame);
                if (!argument.plain() || argument.unsure || argument.error > 0) {
                    return argument.error > 0 ? OracleValue::undecided() : argument;
                }
                const std::size_t to = held.name.find_first_of(",)", from);
                inner.bound.emplace_back(held.name.substr(from, to - from), argument.number);
                from = held.name.find_first_not_of(' ', to + 1);
            }
            return body == nullptr ? OracleValue::failure() : eval(*body, inner);
        }
    }
    const bool condition_inside = std::any_of(node.kids.begin(), node.kids.end(),
                                              [](const NodePtr& kid) { return kid->type == NodeType::where; });
    if (is_plain_function(node.text) && !condition_inside) {
        std::vector<OracleValue> arguments;
        for (const NodePtr& kid : node.kids) {
            arguments.push_back(eval(*kid, frame));
        }
        return plain_function(node.text, arguments);
    }
    const auto arguments_of = [&] {
        std::vector<OracleValue> arguments;
        for (const NodePtr& kid : node.kids) {
            arguments.push_back(eval(*kid, frame));
        }
        return arguments;
    };
    if (is_family(node.text)) {
        return distribution_of(node.text, arguments_of());
    }
    std::size_t over = none;
    const bool of_family = !node.kids.empty() && node.kid(0).type == NodeType::call && is_family(node.kid(0).text);
    const bool of_held = node.kids.size() == 1 && node.kid(0).type == NodeType::name &&
                         !runs(node.kid(0), frame, over) && eval(node.kid(0), frame).kind == OracleKind::distribution;
    if (of_family || of_held) {
        return distribution_measure(node.text, arguments_of());
    }
    return measure_shape(node.text) == nullptr ? OracleValue::failure() : measure(node, frame);
}

OracleValue Oracle::bound(const Node& node, Frame& frame, const std::string& measure) {
    const Node& range = node.kid(1);
    const OracleValue from = eval(range.kid(0), frame);
    const OracleValue to = eval(range.kid(1), frame);
    for (const OracleValue& end : {from, to}) {
        if (!end.plain() || end.unsure || end.error > 0) {
            return end.error > 0 ? OracleValue::undecided() : end;
        }
        if (end.number != std::floor(end.number)) {
            return OracleValue::failure();
        }
    }
    if (to.number - from.number > most_bound) {
        return OracleValue::undecided();
    }
    std::vector<std::vector<OracleValue>> tuples;
    for (double k = from.number; k <= to.number; ++k) {
        Frame inner = frame;
        inner.bound.emplace_back(node.text, k);
        const OracleValue value = eval(node.kid(0), inner);
        if (value.failed() || value.unsure) {
            return value;
        }
        if (value.plain()) {
            tuples.push_back({value});
        }
    }
    const bool of_condition = !tuples.empty() && tuples.front().front().kind == OracleKind::yes_no;
    return measure_of(measure, tuples, {}, plan_->quantile_type, of_condition);
}

OracleValue Oracle::rank(const Node& node, Frame& frame) {
    const Node& argument = node.kid(0);
    const Node& values = argument.type == NodeType::where ? argument.kid(0) : argument;
    std::size_t over = none;
    if (!runs(argument, frame, over) || over == none) {
        return OracleValue::failure();
    }
    const OracleValue included =
        argument.type == NodeType::where ? eval(argument.kid(1), frame) : OracleValue::of_yes(true);
    if (!included.plain() || included.unsure || !included.yes()) {
        return included.unsure || included.failed() ? included : OracleValue::none();
    }
    const OracleValue here = eval(values, frame);
    if (!here.plain() || here.unsure) {
        return here;
    }
    Sample sample{{&values}, {}, over};
    if (argument.type == NodeType::where) {
        sample.conditions.push_back(&argument.kid(1));
    }
    std::vector<std::vector<OracleValue>> tuples;
    const OracleValue why = gather(sample, {{&values}}, frame, tuples);
    if (!why.plain() || why.unsure) {
        return why;
    }
    double below = 0;
    double equal = 0;
    for (const auto& tuple : tuples) {
        const double difference = tuple.front().number - here.number;
        if (std::fabs(difference) <= tuple.front().error + here.error && tuple.front().error + here.error > 0) {
            return OracleValue::undecided();
        }
        below += difference < 0 ? 1 : 0;
        equal += difference == 0 ? 1 : 0;
    }
    return OracleValue::of(below + (equal + 1) / 2);
}

/// Whether an expression runs over rows in a measure around it, and over which table: that of a bare column, axis or
/// range of rows in it, outside of the measures within it.
bool Oracle::runs(const Node& node, const Frame& frame, std::size_t& over) {
    Reference where{};
    if (refers(node, frame, where, frame.each)) {
        over = over == none || where.table != frame.table ? where.table : over;
        return true;
    }
    if (node.type == NodeType::index) {
        const bool ranged =
            node.kid(1).type == NodeType::range || (node.kids.size() > 2 && node.kid(2).type == NodeType::range);
        return ranged && runs(node.kid(0), frame, over);
    }
    if (node.type == NodeType::word && node.text == "row" && frame.table != none) {
        over = over == none ? frame.table : over;
        return true;
    }
    if (node.type == NodeType::call && (measure_shape(node.text) != nullptr || node.text == "P")) {
        return false;
    }
    bool any = false;
    for (const NodePtr& kid : node.kids) {
        any = (kid && runs(*kid, frame, over)) || any;
    }
    return any;
}

/// The positions that an expression runs over: those of the range of rows in it, else all of the table.
bool Oracle::positions(const Node& node, Frame& frame, std::size_t over, std::vector<Position>& found,
                       OracleValue& why) {
    if (node.type == NodeType::index) {
        const bool ranged =
            node.kid(1).type == NodeType::range || (node.kids.size() > 2 && node.kid(2).type == NodeType::range);
        Reference where{};
        if (!ranged || !refers(node.kid(0), frame, where, frame.each)) {
            return false;
        }
        double ends[4] = {1, static_cast<double>(rows(over)), 1,
                          static_cast<double>(plan_->tables[over].columns_across())};
        for (std::size_t axis = 0; axis + 1 < node.kids.size(); ++axis) {
            const Node& at = node.kid(axis + 1);
            const bool range = at.type == NodeType::range;
            for (std::size_t end = 0; end < 2; ++end) {
                const Node* written = range ? at.kids[end].get() : &at;
                if (written == nullptr) {
                    continue;
                }
                const OracleValue number = place(*written, frame, where, axis == 1);
                if (!number.plain() || number.unsure) {
                    why = number.unsure ? OracleValue::undecided() : number;
                    return true;
                }
                ends[2 * axis + end] =
                    end == 0 ? std::max(ends[2 * axis], number.number) : std::min(ends[2 * axis + 1], number.number);
            }
        }
        found.clear();
        for (double row = ends[0]; row <= ends[1]; ++row) {
            for (double col = ends[2]; col <= ends[3]; ++col) {
                found.push_back({static_cast<std::size_t>(row), static_cast<std::size_t>(col)});
            }
        }
        return true;
    }
    if (node.type == NodeType::call && measure_shape(node.text) != nullptr) {
        return false;
    }
    for (const NodePtr& kid : node.kids) {
        if (kid && positions(*kid, frame, over, found, why)) {
            return true;
        }
    }
    return false;
}

OracleValue Oracle::gather(const Sample& sample, const std::vector<std::vector<const Node*>>& columns, Frame& frame,
                           std::vector<std::vector<OracleValue>>& tuples) {
    bool unsure = false;
    bool failed = false;
    for (const std::vector<const Node*>& paired : columns) {
        std::vector<Position> found;
        OracleValue why = OracleValue::of(0);
        std::size_t over = sample.over;
        if (over == none) {
            found.push_back({0, 0}); // single values: once, where the formula stands
        } else {
            bool ranged = false;
            for (const Node* each : paired) {
                ranged = ranged || positions(*each, frame, over, found, why);
            }
            for (const Node* condition : sample.conditions) {
                ranged = ranged || positions(*condition, frame, over, found, why);
            }
            if (!why.plain()) {
                return why;
            }
            for (std::size_t row = 1; !ranged && row <= rows(over); ++row) {
                for (std::size_t col = 1; col <= plan_->tables[over].columns_across(); ++col) {
                    if ((frame.part_row == 0 || frame.part_row == row) &&
                        (frame.part_col == 0 || frame.part_col == col)) {
                        found.push_back({row, col});
                    }
                }
            }
        }
        for (const Position& position : found) {
            Frame inner = frame;
            if (over != none) {
                const std::size_t col = plan_->tables[over].two_way() ? position.col : 0;
                if (over == frame.table) {
                    inner.own_row = position.row;
                    inner.own_col = col;
                    inner.other = none;
                } else {
                    inner.other = over;
                    inner.other_row = position.row;
                    inner.other_col = col;
                }
            }
            bool included = true;
            for (const Node* condition : sample.conditions) {
                const OracleValue holds = eval(*condition, inner);
                unsure = unsure || holds.unsure;
                failed = failed || holds.failed();
                included = included && holds.plain() && holds.yes();
            }
            std::vector<OracleValue> tuple;
            for (const Node* each : paired) {
                if (included) {
                    tuple.push_back(eval(*each, inner));
                    unsure = unsure || tuple.back().unsure;
                    failed = failed || tuple.back().failed();
                }
            }
            if (included &&
                std::all_of(tuple.begin(), tuple.end(), [](const OracleValue& each) { return each.plain(); })) {
                tuples.push_back(tuple);
            }
        }
    }
    return unsure ? OracleValue::undecided() : failed ? OracleValue::failure() : OracleValue::of(0);
}

/// The items that a sample argument is made of: the entries of a list, and the columns from one to another.
const GroupPlan* Oracle::group_named(const Node& node, const Frame& frame) const {
    for (const TablePlan& plan : plan_->tables) {
        const bool own = frame.table != none && &plan == &plan_->tables[frame.table];
        for (const GroupPlan& group : plan.groups) {
            if (group.name == node.text && (node.owner.empty() ? own : plan.name == node.owner)) {
                return &group;
            }
        }
    }
    return nullptr;
}

std::vector<const Node*> Oracle::spread(const Node& node, const Frame& frame,
                                        std::vector<std::unique_ptr<Node>>& made) {
    std::vector<const Node*> items;
    if (node.type == NodeType::list) {
        for (const NodePtr& kid : node.kids) {
            const auto inner = spread(*kid, frame, made);
            items.insert(items.end(), inner.begin(), inner.end());
        }
        return items;
    }
    const GroupPlan* group = node.type == NodeType::name ? group_named(node, frame) : nullptr;
    for (std::size_t at = 0; group != nullptr && at < group->columns.size(); ++at) {
        auto single = copy_of(node);
        single->text = group->columns[at];
        made.push_back(std::move(single));
        items.push_back(made.back().get());
    }
    if (node.type != NodeType::range) {
        return items.empty() ? std::vector<const Node*>{&node} : items;
    }
    const Node& from = node.kid(0).type == NodeType::index ? node.kid(0).kid(0) : node.kid(0);
    const Node& to = node.kid(1).type == NodeType::index ? node.kid(1).kid(0) : node.kid(1);
    bool between = false;
    for (const TablePlan& plan : plan_->tables) {
        if (from.owner.empty() ? frame.table == none || &plan != &plan_->tables[frame.table]
                               : plan.name != from.owner) {
            continue;
        }
        for (const ColumnPlan& column : plan.columns) {
            between = between || column.name == from.text;
            if (between) {
                auto single = std::make_unique<Node>();
                single->type = NodeType::name;
                single->text = column.name;
                single->owner = from.owner;
                if (node.kid(0).type == NodeType::index) { // the same place of each
                    auto indexed = std::make_unique<Node>();
                    indexed->type = NodeType::index;
                    indexed->kids.push_back(std::move(single));
                    indexed->kids.push_back(copy_of(node.kid(0).kid(1)));
                    single = std::move(indexed);
                }
                made.push_back(std::move(single));
                items.push_back(made.back().get());
            }
            if (column.name == to.text) {
                return items;
            }
        }
    }
    return items;
}

OracleValue Oracle::measure(const Node& node, Frame& frame) {
    const MeasureShape& shape = *measure_shape(node.text);
    std::vector<const Node*> written;
    Sample sample;
    for (const NodePtr& kid : node.kids) {
        if (kid->type == NodeType::where) {
            sample.conditions.push_back(&kid->kid(1));
        }
        written.push_back(kid->type == NodeType::where ? &kid->kid(0) : kid.get());
    }
    const bool pooled = shape.samples == 1 && shape.plain_most == 0;
    std::vector<const Node*> plain;
    std::vector<std::unique_ptr<Node>> made;
    std::vector<std::vector<const Node*>> columns(1);
    for (std::size_t at = 0; at < written.size(); ++at) {
        if (!pooled && at >= shape.samples) {
            plain.push_back(written[at]);
        } else if (shape.samples > 1) {
            columns.front().push_back(written[at]);
        } else {
            for (const Node* item : spread(*written[at], frame, made)) {
                sample.items.push_back(item);
            }
        }
    }
    if (shape.samples == 1) {
        columns.clear();
        for (const Node* item : sample.items) {
            columns.push_back({item});
        }
    }
    std::size_t running = 0;
    std::size_t single = 0;
    std::size_t ranged = 0;
    for (const std::vector<const Node*>& paired : columns) {
        for (const Node* each : paired) {
            ++(runs(*each, frame, sample.over) ? running : single);
            std::vector<Position> found;
            OracleValue why;
            ranged += runs(*each, frame, sample.over) && positions(*each, frame, sample.over, found, why) ? 1 : 0;
        }
    }
    bool condition_runs = false;
    for (const Node* condition : sample.conditions) {
        condition_runs = runs(*condition, frame, sample.over) || condition_runs;
    }
    // What cannot be meant: a condition that is not at the end, single values beside columns, a range beside none.
    const bool at_end = pooled ? sample.conditions.empty() || node.kids.back()->type == NodeType::where : true;
    const bool fits = plain.size() >= shape.plain_least && plain.size() <= shape.plain_most &&
                      sample.conditions.size() <= 1 && at_end &&
                      (shape.samples > 1 || ((running == 0 || single == 0) && (ranged == 0 || ranged == running))) &&
                      (running > 0 || shape.samples == 1) && !(running == 0 && condition_runs && single > 1);
    OracleValue result = OracleValue::failure();
    if (fits) {
        std::vector<std::vector<OracleValue>> tuples;
        result = gather(sample, columns, frame, tuples);
        if (result.plain() && !result.unsure) {
            std::vector<OracleValue> arguments;
            for (const Node* each : plain) {
                arguments.push_back(eval(*each, frame));
            }
            const bool of_condition = !tuples.empty() && tuples.front().front().kind == OracleKind::yes_no;
            result = measure_of(node.text, tuples, arguments, plan_->quantile_type, of_condition);
        }
    }
    return result;
}

/// P of a condition on a distribution: comparisons of it joined by and, or and not, and a condition that is given.
OracleValue Oracle::probability(const Node& node, Frame& frame) {
    // Integrates over the pieces between all the numbers that the distribution is compared with.
    OracleValue distribution;
    std::vector<double> cuts;
    bool undecided = false;
    bool failed = false;
    bool missing = false;
    const std::function<void(const Node&)> look = [&](const Node& part) {
        if (part.type != NodeType::chain) {
            for (const NodePtr& kid : part.kids) {
                look(*kid);
            }
            return;
        }
        for (const NodePtr& kid : part.kids) {
            const OracleValue value = eval(*kid, frame);
            undecided = undecided || value.unsure;
            failed = failed || value.failed();
            if (value.kind == OracleKind::distribution) {
                distribution = value;
            } else if (value.plain()) {
                cuts.push_back(value.number);
            } else if (value.missing()) {
                missing = true;
            }
        }
    };
    look(node.kid(0));
    if (undecided || failed || missing || !distribution.plain()) {
        return undecided ? OracleValue::undecided() : failed ? OracleValue::failure() : OracleValue::none();
    }
    if (!distribution.values.empty() && std::fabs(distribution.values.front()) > most_summed) {
        return OracleValue::undecided();
    }
    std::sort(cuts.begin(), cuts.end());
    cuts.erase(std::unique(cuts.begin(), cuts.end()), cuts.end());
    const std::function<bool(const Node&, double)> holds = [&](const Node& part, double x) {
        if (part.type == NodeType::binary) {
            const bool a = holds(part.kid(0), x);
            const bool b = holds(part.kid(1), x);
            return part.op == Operator::logical_and ? a && b : a || b;
        }
        if (part.type == NodeType::unary) {
            return !holds(part.kid(0), x);
        }
        bool all = part.type == NodeType::chain;
        for (std::size_t at = 0; at < part.ops.size(); ++at) {
            const auto number = [&](const Node& kid) {
                const OracleValue value = eval(kid, frame);
                return value.kind == OracleKind::distribution ? x : value.number;
            };
            all = all && compare(part.ops[at], OracleValue::of(number(part.kid(at))),
                                 OracleValue::of(number(part.kid(at + 1))), 0)
                             .yes();
        }
        return all;
    };
    const bool conditional = node.kid(0).type == NodeType::given;
    const Node& asked = conditional ? node.kid(0).kid(0) : node.kid(0);
    double both_hold = 0;
    double given_holds = 0;
    const auto add = [&](double x, double mass) {
        const bool given = !conditional || holds(node.kid(0).kid(1), x);
        given_holds += given ? mass : 0;
        both_hold += given && holds(asked, x) ? mass : 0;
    };
    for (std::size_t at = 0; at <= cuts.size(); ++at) {
        const double from = at == 0 ? -HUGE_VAL : cuts[at - 1];
        const double to = at == cuts.size() ? HUGE_VAL : cuts[at];
        add(at == 0             ? to - 1
            : at == cuts.size() ? from + 1
                                : (from + to) / 2,
            probability_between(distribution, from, false, to, false));
        if (at < cuts.size()) {
            add(to, probability_between(distribution, to, true, to, true));
        }
    }
    if (conditional && given_holds < 1e-4) {
        return OracleValue::undecided();
    }
    return OracleValue::of(conditional ? both_hold / given_holds : both_hold, conditional ? 1e-6 : 1e-10);
}

} // namespace ledgefall::testing
