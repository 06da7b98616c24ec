#include "core/marking/slips.h"

#include "core/engine/functions/catalogue.h"
#include "core/formula/print.h"
#include "core/study/model/scope.h"
#include "core/study/row_sources/class_rows.h"

#include <algorithm>

namespace ledgefall {
namespace {

using Texts = std::vector<std::string>;

bool is_binary(const Node& node, Operator op) {
    return node.type == NodeType::binary && node.op == op;
}
bool is_number(const Node& node, double number) {
    return node.type == NodeType::number && node.number == number;
}
bool is_call(const Node& node, std::string_view name) {
    return node.type == NodeType::call && node.owner.empty() && node.text == name;
}

/// A part in brackets, unless it stands safely alone.
std::string safe(const Node& node) {
    const bool alone = node.type == NodeType::number || node.type == NodeType::name || node.type == NodeType::call ||
                       node.type == NodeType::word || node.type == NodeType::index;
    return alone ? print(node) : "(" + print(node) + ")";
}

std::string arguments(const Node& call) {
    std::string text;
    for (const NodePtr& kid : call.kids) {
        text += text.empty() ? "" : ", ";
        text += print(*kid);
    }
    return text;
}

std::string called(std::string_view name, const Node& like) {
    return std::string(name) + "(" + arguments(like) + ")";
}

const Function* measure_called(const Node& node) {
    const Function* function = node.type == NodeType::call && node.owner.empty() ? find_function(node.text) : nullptr;
    return function != nullptr && function->is_measure() ? function : nullptr;
}

/// The column of the formula's own table that a name means; null where it means something else.
const ColumnDefinition* own_column(const Node& node, const SlipPlace& place) {
    if (node.type != NodeType::name || place.table == nullptr) {
        return nullptr;
    }
    const Binding meant = meaning_of(place.study, place.table, node);
    return meant.column != nullptr && meant.table == place.table ? meant.column : nullptr;
}

/// The part with every bare name of an own column followed by a place: `f` by `f[1..i]`.
std::string at_places(const Node& part, const std::string& rows, const SlipPlace& place) {
    bool any = false;
    const std::string text = print(part, Signs::typed, [&](const Node& node, InPlace& out) {
        if (node.type == NodeType::index) {
            out.text = print(node); // has places of its own
            return true;
        }
        if (own_column(node, place) == nullptr) {
            return false;
        }
        any = true;
        out.text = node.text + "[" + rows + "]";
        return true;
    });
    return any ? text : "";
}

void add(Texts& texts, std::string text) {
    if (!text.empty()) {
        texts.push_back(std::move(text));
    }
}

Texts division_reversed(const Node& part, const SlipPlace&) {
    return is_binary(part, Operator::divide) ? Texts{safe(part.kid(1)) + " / " + safe(part.kid(0))} : Texts();
}

Texts n_for_n_minus_1(const Node& part, const SlipPlace&) {
    if (is_binary(part, Operator::subtract) && is_number(part.kid(1), 1)) {
        return {safe(part.kid(0))};
    }
    const Function* measure = measure_called(part);
    return measure != nullptr && !measure->of_whole.empty() ? Texts{called(measure->of_whole, part)} : Texts();
}

Texts n_minus_1_for_n(const Node& part, const SlipPlace& place) {
    if (is_binary(part, Operator::divide)) {
        const Node& by = part.kid(1);
        const bool counts = is_call(by, "count") || by.type == NodeType::word ||
                            (by.type == NodeType::name && meaning_of(place.study, place.table, by).held != nullptr);
        return counts ? Texts{safe(part.kid(0)) + " / (" + print(by) + " - 1)"} : Texts();
    }
    if (measure_called(part) == nullptr) {
        return {};
    }
    for (const Function& function : catalogue()) {
        if (function.of_whole == part.text) {
            return {called(function.name, part)};
        }
    }
    return is_call(part, "mean") ? Texts{called("sum", part) + " / (" + called("count", part) + " - 1)"} : Texts();
}

Texts sum_for_mean(const Node& part, const SlipPlace&) {
    if (is_call(part, "mean")) {
        return {called("sum", part)};
    }
    return is_binary(part, Operator::divide) && is_call(part.kid(0), "sum") ? Texts{print(part.kid(0))} : Texts();
}

/// A value of the row that is held at the first or last one, or a range to the row that takes all rows.
Texts held_for_row(const Node& part, const SlipPlace& place) {
    if (place.column == nullptr) {
        return {};
    }
    if (part.type == NodeType::index && part.kids.size() == 2 && part.kids[1]->type == NodeType::range) {
        return {print(part.kid(0))};
    }
    const ColumnDefinition* column = own_column(part, place);
    if (column == nullptr || column->id == place.column->id) {
        return {};
    }
    return {part.text + "[1]", part.text + "[last]"};
}

/// A total or a fixed row that moves with the row.
Texts row_for_held(const Node& part, const SlipPlace& place) {
    if (place.column == nullptr) {
        return {};
    }
    Texts texts;
    if (part.type == NodeType::index && part.kids.size() == 2 && part.kids[1] &&
        (part.kids[1]->type == NodeType::number || part.kids[1]->type == NodeType::word)) {
        add(texts, print(part.kid(0)));
    }
    if (measure_called(part) != nullptr) {
        add(texts, at_places(part, "i..last", place));
        add(texts, at_places(part, "1..i", place));
        if (part.kids.size() == 1 && own_column(part.kid(0), place) != nullptr) {
            add(texts, print(part.kid(0)));
        }
    }
    return texts;
}

Texts other_column(const Node& part, const SlipPlace& place) {
    if (part.type != NodeType::name) {
        return {};
    }
    const Binding meant = meaning_of(place.study, place.table, part);
    if (meant.column == nullptr || meant.table == nullptr || meant.table->two_way()) {
        return {};
    }
    const auto& columns = meant.table->columns;
    const auto here = std::find_if(columns.begin(), columns.end(),
                                   [&meant](const auto& column) { return column->id == meant.column->id; });
    if (here == columns.end()) {
        return {};
    }
    Texts texts;
    for (const std::ptrdiff_t by : {-1, 1, -2, 2}) {
        const std::ptrdiff_t at = here - columns.begin() + by;
        if (at >= 0 && at < std::ssize(columns)) {
            const ColumnDefinition& other = *columns[static_cast<std::size_t>(at)];
            if (place.column == nullptr || !(other.id == place.column->id)) {
                texts.push_back((part.owner.empty() ? "" : part.owner + ".") + other.name);
            }
        }
    }
    return texts;
}

/// The end of a range moved by one row.
std::string moved(const Node& end, int by) {
    if (end.type == NodeType::number) {
        return shortest(end.number + by);
    }
    const int before = is_binary(end, Operator::subtract) && is_number(end.kid(1), 1) ? -1
                       : is_binary(end, Operator::add) && is_number(end.kid(1), 1)    ? 1
                                                                                      : 0;
    const std::string of = before == 0 ? safe(end) : safe(end.kid(0));
    const int total = before + by;
    return total == 0 ? of : of + (total < 0 ? "-" : "+") + std::to_string(std::abs(total));
}

Texts range_changed(const Node& part, const SlipPlace& place, int by) {
    Texts texts;
    if (part.type == NodeType::range) {
        const std::string from = part.kids[0] ? print(*part.kids[0]) : "";
        const std::string to = part.kids[1] ? print(*part.kids[1]) : "";
        if (part.kids[1]) {
            texts.push_back(from + ".." + moved(*part.kids[1], by));
        }
        if (part.kids[0] && !(by > 0 && is_number(*part.kids[0], 1))) {
            texts.push_back(moved(*part.kids[0], -by) + ".." + to);
        }
    }
    if (by < 0 && measure_called(part) != nullptr) {
        add(texts, at_places(part, "2..last", place));
        add(texts, at_places(part, "1..last-1", place));
    }
    return texts;
}

Texts range_short(const Node& part, const SlipPlace& place) {
    return range_changed(part, place, -1);
}
Texts range_long(const Node& part, const SlipPlace& place) {
    return range_changed(part, place, 1);
}

Texts nothing(const Node&, const SlipPlace&) {
    return {};
}

Texts square_missing(const Node& part, const SlipPlace&) {
    if (is_binary(part, Operator::power) && is_number(part.kid(1), 2)) {
        return {safe(part.kid(0))};
    }
    return is_call(part, "sum_sq") ? Texts{called("sum", part)} : Texts();
}

Texts root_missing(const Node& part, const SlipPlace&) {
    if (is_call(part, "sqrt") || (part.type == NodeType::unary && part.op == Operator::root)) {
        return {safe(part.kid(0))};
    }
    for (const auto& [sd, var] :
         {std::pair("sd", "var"), {"sd_pop", "var_pop"}, {"wsd", "wvar"}, {"wsd_pop", "wvar_pop"}}) {
        if (is_call(part, sd)) {
            return {called(var, part)};
        }
    }
    return {};
}

Texts sign(const Node& part, const SlipPlace&) {
    if (is_binary(part, Operator::subtract)) {
        return {safe(part.kid(1)) + " - " + safe(part.kid(0)), safe(part.kid(0)) + " + " + safe(part.kid(1))};
    }
    if (is_binary(part, Operator::add)) {
        return {safe(part.kid(0)) + " - " + safe(part.kid(1))};
    }
    return part.type == NodeType::unary && part.op == Operator::negate ? Texts{safe(part.kid(0))} : Texts();
}

Texts degrees(const Node& part, const SlipPlace&) {
    if (part.type == NodeType::unary && part.op == Operator::degree) {
        return {safe(part.kid(0))};
    }
    for (const char* name : {"sin", "cos", "tan"}) {
        if (is_call(part, name)) {
            const std::string of = "(" + arguments(part) + ")";
            return {name + ("(" + of) + " * pi / 180)", name + ("(" + of) + " * 180 / pi)"};
        }
    }
    for (const char* name : {"asin", "acos", "atan", "atan2"}) {
        if (is_call(part, name)) {
            return {"(" + print(part) + " * 180 / pi)", "(" + print(part) + " * pi / 180)"};
        }
    }
    return {};
}

Texts log_base(const Node& part, const SlipPlace&) {
    if (is_call(part, "ln")) {
        return {called("log10", part), called("log2", part)};
    }
    if (is_call(part, "log10") || is_call(part, "log2")) {
        return {called("ln", part)};
    }
    if (is_call(part, "xlnx")) {
        return {"(" + print(part) + " / ln(10))", "(" + print(part) + " / ln(2))"};
    }
    return is_call(part, "shannon") && part.kids.size() == 1
               ? Texts{"shannon(" + arguments(part) + ", 10)", "shannon(" + arguments(part) + ", 2)"}
               : Texts();
}

Operator other_end(Operator op) {
    switch (op) {
    case Operator::less:
        return Operator::less_equal;
    case Operator::less_equal:
        return Operator::less;
    case Operator::greater:
        return Operator::greater_equal;
    case Operator::greater_equal:
        return Operator::greater;
    default:
        return op;
    }
}

std::string compared(const Node& part, bool first, bool second) {
    std::string text = safe(part.kid(0));
    for (std::size_t at = 0; at < part.ops.size(); ++at) {
        const bool turned = at == 0 ? first : second;
        text += " ";
        text += sign_of(turned ? other_end(part.ops[at]) : part.ops[at], Signs::typed);
        text += " " + safe(part.kid(at + 1));
    }
    return text;
}

Texts class_end(const Node& part, const SlipPlace& place) {
    if (part.type == NodeType::chain) {
        return {compared(part, true, true), compared(part, true, false), compared(part, false, true)};
    }
    if (part.type == NodeType::binary && other_end(part.op) != part.op) {
        return {safe(part.kid(0)) + " " + std::string(sign_of(other_end(part.op), Signs::typed)) + " " +
                safe(part.kid(1))};
    }
    if (!is_binary(part, Operator::in) || part.kid(1).type != NodeType::name) {
        return {};
    }
    const Binding meant = meaning_of(place.study, place.table, part.kid(1));
    const ClassRows* rows = meant.table == nullptr ? nullptr : meant.table->axis.rows_as<ClassRows>();
    if (rows == nullptr) {
        return {};
    }
    const bool left = rows->classes().closed_left;
    const std::string limits = part.kid(1).text;
    return {"lower(" + limits + (left ? ") < " : ") <= ") + safe(part.kid(0)) + (left ? " <= " : " < ") + "upper(" +
            limits + ")"};
}

Texts first_value(const Node& part, const SlipPlace&) {
    if (part.type != NodeType::recurrence) {
        return {};
    }
    const std::string then = " then " + print(*part.kids.back());
    Texts texts = {"first missing" + then, "first 0" + then, "first 1" + then};
    if (part.kids.size() > 2) {
        texts.push_back("first " + print(part.kid(0)) + then);
    }
    return texts;
}

/// Whether a place is the row before.
bool is_row_before(const Node& index) {
    return index.kids.size() == 2 && index.kids[1] && is_binary(*index.kids[1], Operator::subtract) &&
           index.kids[1]->kid(0).type == NodeType::word && index.kids[1]->kid(0).text == "i" &&
           is_number(index.kids[1]->kid(1), 1);
}

/// In a recurrence: this row's value of another column in the place of that of the row before, or the reverse.
Texts step_order(const Node& part, const SlipPlace& place) {
    if (part.type != NodeType::recurrence || place.column == nullptr) {
        return {};
    }
    Texts texts;
    for (const bool new_for_old : {true, false}) {
        for (const auto& column : place.table->columns) {
            if (column->id == place.column->id) {
                continue;
            }
            bool any = false;
            const std::string then = print(*part.kids.back(), Signs::typed, [&](const Node& node, InPlace& out) {
                const Node& named = node.type == NodeType::index ? node.kid(0) : node;
                const bool before = node.type == NodeType::index;
                if ((before && !is_row_before(node)) || own_column(named, place) != &*column) {
                    return false;
                }
                any = any || before == new_for_old;
                out.text = before == new_for_old ? (new_for_old ? named.text : named.text + "[i-1]") : print(node);
                return true;
            });
            if (any) {
                std::string text = "first ";
                for (std::size_t at = 0; at + 1 < part.kids.size(); ++at) {
                    text += at > 0 ? "; " : "";
                    text += print(part.kid(at));
                }
                text += " then ";
                text += then;
                texts.push_back(std::move(text));
            }
        }
    }
    return texts;
}

void gather(const Slip& slip, const Node& root, const Node& part, bool in_place, const SlipPlace& place, Texts& texts) {
    if (!in_place || slip.in_places) {
        for (const std::string& text : slip.instead(part, place)) {
            texts.push_back(&part == &root ? text : print(root, Signs::typed, [&](const Node& node, InPlace& out) {
                out = {text, text.find_first_of(" +-*/<>=^") == std::string::npos};
                return &node == &part;
            }));
        }
    }
    for (std::size_t at = 0; at < part.kids.size(); ++at) {
        if (part.kids[at]) {
            gather(slip, root, *part.kids[at], in_place || (part.type == NodeType::index && at > 0), place, texts);
        }
    }
}

} // namespace

const std::vector<Slip>& slips() {
    static const std::vector<Slip> all = {
        {"division_reversed", N_("The division is the wrong way round."), division_reversed},
        {"n_for_n_minus_1", N_("It divides by n where n − 1 belongs."), n_for_n_minus_1},
        {"n_minus_1_for_n", N_("It divides by n − 1 where n belongs."), n_minus_1_for_n},
        {"sum_for_mean", N_("It takes the sum in place of the mean."), sum_for_mean},
        {"square_missing", N_("A square is missing."), square_missing},
        {"root_missing", N_("The square root is missing."), root_missing},
        {"percent_for_share", N_("It gives per cent where a share is asked."), nothing,
         [](const Node& formula) { return Texts{"(" + print(formula) + ") * 100"}; }},
        {"share_for_percent", N_("It gives a share where per cent is asked."), nothing,
         [](const Node& formula) { return Texts{"(" + print(formula) + ") / 100"}; }},
        {"sign", N_("A sign is the wrong way round."), sign,
         [](const Node& formula) { return Texts{"-(" + print(formula) + ")"}; }},
        {"degrees", N_("An angle is in degrees where radians belong, or the reverse."), degrees},
        {"log_base", N_("The logarithm has another base."), log_base},
        {"class_end", N_("The wrong end of the class is closed."), class_end},
        {"first_value", N_("The first value of the recurrence is missing or another one."), first_value},
        {"step_order", N_("It takes the new value of a step for the old one, or the reverse."), step_order},
        {"row_for_held", N_("A value that should stay put follows the row."), row_for_held},
        {"held_for_row", N_("A value that should follow the row is held."), held_for_row},
        {"range_short", N_("The range is one row too short."), range_short, nullptr, true},
        {"range_long", N_("The range is one row too long."), range_long, nullptr, true},
        {"other_column", N_("It uses a neighbouring column."), other_column},
    };
    return all;
}

std::vector<std::string> slipped(const Slip& slip, const Node& formula, const SlipPlace& place) {
    Texts texts;
    if (formula.type == NodeType::recurrence) { // the steps and the first values are changed, the recurrence stays
        gather(slip, formula, formula, false, place, texts);
        return texts;
    }
    if (slip.of_whole != nullptr) {
        texts = slip.of_whole(formula);
    }
    gather(slip, formula, formula, false, place, texts);
    return texts;
}

} // namespace ledgefall
