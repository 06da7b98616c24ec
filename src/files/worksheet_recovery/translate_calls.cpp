// Functions: by the table of forms, or by what their arguments say.

#include "files/worksheet_recovery/formula_translation.h"
#include "files/worksheet_recovery/openformula_functions.h"

#include <algorithm>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

} // namespace

std::string FormulaTranslation::call(const SheetNode& node, bool in_measure) {
    if (is_drawn(node.text)) {
        throw NotTranslatable{{N_("%1 draws a new number each time"), {node.text}}};
    }
    switch (argument_form(node.text)) {
    case ArgumentForm::none:
        break;
    case ArgumentForm::when:
        return when(node, in_measure);
    case ArgumentForm::unless_at_fault:
        return unless_divided_by_zero(node, in_measure);
    case ArgumentForm::first_that_holds:
        return first_that_holds(node, in_measure);
    case ArgumentForm::all_of:
        return joined(node, " and ", in_measure);
    case ArgumentForm::any_of:
        return joined(node, " or ", in_measure);
    case ArgumentForm::count_by:
        return count_by(node);
    case ArgumentForm::sum_by:
        return taken_by(node, "sum");
    case ArgumentForm::mean_by:
        return taken_by(node, "mean");
    case ArgumentForm::sum_by_several:
        return "sum(" + one_column(argument(node, 0)) + " where " + conditions(node, 1) + ")";
    case ArgumentForm::mean_by_several:
        return "mean(" + one_column(argument(node, 0)) + " where " + conditions(node, 1) + ")";
    case ArgumentForm::least_by_several:
        return "min(" + one_column(argument(node, 0)) + " where " + conditions(node, 1) + ")";
    case ArgumentForm::greatest_by_several:
        return "max(" + one_column(argument(node, 0)) + " where " + conditions(node, 1) + ")";
    case ArgumentForm::sum_of_products: {
        std::vector<const SheetNode*> factors;
        for (const auto& kid : node.kids) {
            add_factors(*kid, factors);
        }
        if (std::string said = sum_of_products(factors); !said.empty()) {
            return said;
        }
        break;
    }
    case ArgumentForm::sum: {
        std::vector<const SheetNode*> factors;
        add_factors(argument(node, 0), factors);
        if (std::string said = node.kids.size() == 1 ? sum_of_products(factors) : std::string(); !said.empty()) {
            return said;
        }
        break;
    }
    case ArgumentForm::lookup_in_order:
        return node.kids.size() == 3
                   ? nearest(one_column(argument(node, 2)), one_column(argument(node, 1)), node.kid(0))
                   : throw no_like(node);
    case ArgumentForm::lookup_in_block:
        return lookup_in_block(node);
    case ArgumentForm::lookup_by_place:
        return lookup_by_place(node);
    case ArgumentForm::lookup_in_columns:
        return pick(sample(argument(node, 2)).text, sample(argument(node, 1)).text, argument(node, 0));
    case ArgumentForm::by_number: {
        const std::string_view measure = subtotal_measure(static_cast<int>(argument(node, 0).number));
        if (measure.empty() || node.kids.size() != 2) {
            throw no_like(node);
        }
        return std::string(measure) + "(" + sample(node.kid(1)).text + ")";
    }
    case ArgumentForm::completed: {
        const std::string_view function = completed_function(argument(node, 2).text);
        if (function.empty()) {
            throw no_like(node);
        }
        return std::string(function) + "(" + value(node.kid(0), in_measure) + ", " + value(node.kid(1), in_measure) +
               ")";
    }
    case ArgumentForm::convert:
        return "convert(" + value(argument(node, 0), in_measure) + ", " + in_quotes(argument(node, 1).text) + ", " +
               in_quotes(argument(node, 2).text) + ")";
    case ArgumentForm::distribution: {
        const DistributionForms forms = distribution_forms(node.text);
        const std::size_t parameters = forms.arguments();
        const bool cumulative = node.kids.size() == parameters || argument(node, parameters).number != 0;
        if (node.kids.size() > parameters && node.kid(parameters).type != Type::yes_no &&
            node.kid(parameters).type != Type::number) {
            throw no_like(node);
        }
        return filled(node, cumulative ? forms.cumulative : forms.at_value, in_measure);
    }
    }
    const bool no_digits =
        node.kids.size() == 2 && takes_digits(node.text) && node.kid(1).type == Type::number && node.kid(1).number == 0;
    const OpenFormulaFunction* function = openformula_function(node.text, no_digits ? 1 : node.kids.size());
    if (function == nullptr) {
        throw no_like(node);
    }
    return filled(node, function->form, in_measure);
}

const SheetNode& FormulaTranslation::argument(const SheetNode& node, std::size_t at) {
    if (at >= node.kids.size()) {
        throw no_like(node);
    }
    return node.kid(at);
}

std::string FormulaTranslation::filled(const SheetNode& node, std::string_view form, bool in_measure) {
    // Each argument is said once, however often the form has it.
    std::map<std::pair<char, std::size_t>, std::string> said;
    const auto say = [&](char as, std::size_t at) {
        auto& text = said[{as, at}];
        if (text.empty()) {
            if (as == '$') {
                text = bracketed(value(argument(node, at), in_measure));
            } else if (as == '#') {
                text = bracketed(value(argument(node, at), true));
            } else {
                text = sample(argument(node, at)).text;
                text = text.find(", ") == std::string::npos && text.find(" .. ") == std::string::npos ? text
                                                                                                      : bracketed(text);
            }
        }
        return text;
    };
    std::string out;
    for (std::size_t at = 0; at < form.size(); ++at) {
        const char c = form[at];
        if (c != '$' && c != '@' && c != '#') {
            out += c;
            continue;
        }
        ++at;
        if (form[at] != '*') {
            out += say(c, static_cast<std::size_t>(form[at] - '1'));
            continue;
        }
        for (std::size_t kid = 0; kid < node.kids.size(); ++kid) {
            out += kid > 0 ? ", " : "";
            out += c == '@' ? sample(node.kid(kid)).text : value(node.kid(kid), in_measure);
        }
    }
    return out;
}

bool FormulaTranslation::only_guards(const SheetNode& condition, const SheetNode& otherwise) {
    if (condition.type == Type::call && argument_form(condition.text) == ArgumentForm::any_of) {
        return !condition.kids.empty() &&
               std::all_of(condition.kids.begin(), condition.kids.end(),
                           [&](const SheetNodePtr& kid) { return only_guards(*kid, otherwise); });
    }
    return condition.type == Type::operation && condition.op == SheetOperator::equal &&
           condition.kid(0).type == Type::cell && is_blank(condition.kid(1)) && needs(otherwise, condition.kid(0));
}

bool FormulaTranslation::needs(const SheetNode& node, const SheetNode& cell) {
    if (node.type == Type::cell) {
        return node.sheet == cell.sheet && node.from == cell.from;
    }
    const OpenFormulaFunction* function =
        node.type == Type::call ? openformula_function(node.text, node.kids.size()) : nullptr;
    const bool passes_on = (node.type == Type::call && argument_form(node.text) == ArgumentForm::completed) ||
                           (node.type == Type::operation && node.op != SheetOperator::join) ||
                           (function != nullptr && function->form.find_first_of("@#*") == std::string_view::npos &&
                            function->form.find("is_missing") == std::string_view::npos);
    return passes_on &&
           std::any_of(node.kids.begin(), node.kids.end(), [&](const SheetNodePtr& kid) { return needs(*kid, cell); });
}

std::string FormulaTranslation::when(const SheetNode& node, bool in_measure) {
    if (node.kids.size() < 2 || node.kids.size() > 3) {
        throw no_like(node);
    }
    if (node.kids.size() == 3 && is_blank(node.kid(1)) && only_guards(node.kid(0), node.kid(2))) {
        return value(node.kid(2), in_measure); // what is missing stays missing by itself
    }
    const std::string condition = value(node.kid(0), in_measure);
    const std::string then = value(node.kid(1), in_measure);
    const std::string otherwise = node.kids.size() == 3 ? value(node.kid(2), in_measure) : "no";
    return bracketed("if " + condition + " then " + then + " else " + otherwise);
}

/// One choice within the other; where none of the conditions holds, the value is missing.
std::string FormulaTranslation::first_that_holds(const SheetNode& node, bool in_measure) {
    if (node.kids.empty() || node.kids.size() % 2 != 0) {
        throw no_like(node);
    }
    const auto otherwise = [&node](std::size_t at) { // a condition that always holds
        return node.kid(at).type == Type::yes_no && node.kid(at).number != 0;
    };
    std::string out = "missing";
    for (std::size_t at = node.kids.size(); at > 0; at -= 2) {
        std::string here = value(node.kid(at - 1), in_measure);
        if (!otherwise(at - 2)) {
            here.insert(0, "if " + value(node.kid(at - 2), in_measure) + " then ");
            here.append(" else ").append(out);
        }
        out = std::move(here);
    }
    return bracketed(out);
}

/// What stands instead of a fault is said where the fault can only be a division by zero.
std::string FormulaTranslation::unless_divided_by_zero(const SheetNode& node, bool in_measure) {
    const SheetNode& tried = argument(node, 0);
    if (node.kids.size() != 2 || tried.type != Type::operation || tried.op != SheetOperator::divide) {
        throw no_like(node);
    }
    const std::string otherwise = value(node.kid(1), in_measure);
    const std::string below = value(tried.kid(1), in_measure);
    return bracketed("if " + bracketed(below) + " = 0 then " + otherwise + " else " + value(tried, in_measure));
}

std::string FormulaTranslation::joined(const SheetNode& node, const std::string& word, bool in_measure) {
    std::string out;
    for (const auto& kid : node.kids) {
        out += (out.empty() ? "" : word) + bracketed(value(*kid, in_measure));
    }
    return bracketed(out);
}

/// A sample that is one column: a condition on several would hold for each in another row.
std::string FormulaTranslation::one_column(const SheetNode& node) {
    const TranslatedSample said = sample(node);
    if (said.columns.size() > 1) {
        throw NotTranslatable{{N_("its condition or its values span several columns"), {}}};
    }
    return said.text;
}

/// Of a range with several columns the cells of each are counted.
std::string FormulaTranslation::count_by(const SheetNode& node) {
    const TranslatedSample said = sample(argument(node, 0));
    if (node.kids.size() != 2 || said.columns.size() < 2) {
        return "count(" + conditions(node, 0) + ")";
    }
    constexpr std::size_t most = 12;
    if (said.columns.size() > most) {
        throw NotTranslatable{{N_("its condition spans %1 columns"), {std::to_string(said.columns.size())}}};
    }
    std::string out;
    for (const std::string& column : said.columns) {
        out += (out.empty() ? "count(" : " + count(") + condition(column, node.kid(1)) + ")";
    }
    return bracketed(out);
}

std::string FormulaTranslation::conditions(const SheetNode& node, std::size_t from) {
    if (node.kids.size() < from + 2 || (node.kids.size() - from) % 2 != 0) {
        throw no_like(node);
    }
    std::string out;
    for (std::size_t at = from; at < node.kids.size(); at += 2) {
        out += (out.empty() ? "" : " and ") + condition(one_column(node.kid(at)), node.kid(at + 1));
    }
    return out;
}

/// A text with signs that stand for any text, at its ends alone.
std::string FormulaTranslation::like(const std::string& sample_text, const Criterion& criterion) {
    const std::string& text = criterion.value;
    const bool before = text.front() == '*';
    const bool after = text.size() > 1 && text.back() == '*';
    const std::string inner = text.substr(before ? 1 : 0, text.size() - (before ? 1 : 0) - (after ? 1 : 0));
    const bool equal = std::string_view(criterion.sign) == "=";
    if (inner.empty() || inner.find_first_of("*?~") != std::string::npos ||
        (!equal && std::string_view(criterion.sign) != "!=")) {
        throw NotTranslatable{{N_("its condition has a wildcard character"), {}}};
    }
    const std::string function = before && after ? "contains" : before ? "ends" : "starts";
    return (equal ? "" : "not ") + function + bracketed(sample_text + ", " + in_quotes(inner));
}

std::string FormulaTranslation::condition(const std::string& sample_text, const SheetNode& asked) {
    if (asked.type == Type::text) {
        const Criterion criterion = read_criterion(asked.text);
        if (!criterion.number && criterion.value.find_first_of("*?") != std::string::npos) {
            return like(sample_text, criterion);
        }
        const std::string with = constant(asked, criterion.number ? criterion.value : in_quotes(criterion.value));
        return sample_text + " " + criterion.sign + " " + with;
    }
    if (asked.type == Type::operation && asked.op == SheetOperator::join && asked.kid(0).type == Type::text) {
        const Criterion criterion = read_criterion(asked.kid(0).text);
        if (!criterion.value.empty()) {
            throw NotTranslatable{{N_("its condition is joined from texts"), {}}};
        }
        return sample_text + " " + criterion.sign + " " + bracketed(value(asked.kid(1), true));
    }
    return sample_text + " = " + bracketed(value(asked, true));
}

std::string FormulaTranslation::taken_by(const SheetNode& node, const std::string& measure) {
    const std::string asked = one_column(argument(node, 0));
    const std::string taken = node.kids.size() > 2 ? one_column(node.kid(2)) : asked;
    return measure + "(" + taken + " where " + condition(asked, argument(node, 1)) + ")";
}

namespace {

bool compares(const SheetNode& node) {
    return node.type == Type::operation && node.kids.size() == 2 && node.op <= SheetOperator::greater_equal;
}

} // namespace

/// The factors of a product; signs that make numbers of yes and no are left out.
void FormulaTranslation::add_factors(const SheetNode& node, std::vector<const SheetNode*>& out) {
    if (node.type == Type::operation && node.op == SheetOperator::multiply) {
        add_factors(node.kid(0), out);
        add_factors(node.kid(1), out);
        return;
    }
    const bool twice_negative = node.type == Type::operation && node.op == SheetOperator::negate &&
                                node.kid(0).type == Type::operation && node.kid(0).op == SheetOperator::negate &&
                                compares(node.kid(0).kid(0));
    out.push_back(twice_negative ? &node.kid(0).kid(0) : &node);
}

/// A sum of products of which some factors are conditions: a sum, or a count, of the rows for which they hold. Empty
/// where there is no condition among them.
std::string FormulaTranslation::sum_of_products(const std::vector<const SheetNode*>& factors) {
    std::string asked;
    std::string taken;
    for (const SheetNode* factor : factors) {
        if (compares(*factor)) {
            asked += (asked.empty() ? "" : " and ") + bracketed(value(*factor, true));
        } else if (factor->type != Type::number || factor->number != 1) {
            taken += (taken.empty() ? "" : " * ") + bracketed(value(*factor, true));
        }
    }
    if (asked.empty()) {
        return {};
    }
    return taken.empty() ? "count(" + asked + ")" : "sum(" + taken + " where " + asked + ")";
}

/// The value in the row whose key is the greatest that is no greater than what is looked for.
std::string FormulaTranslation::nearest(const std::string& wanted, const std::string& keys, const SheetNode& key) {
    const std::string sought = bracketed(value(key, true));
    return "pick(" + wanted + " where " + keys + " = max(" + keys + " where " + keys + " <= " + sought + "))";
}

std::string FormulaTranslation::lookup_in_block(const SheetNode& node) {
    const SheetNode& block = argument(node, 1);
    const auto is_constant = [](const SheetNode& one) {
        return one.type == Type::number || one.type == Type::yes_no || one.type == Type::nothing;
    };
    const bool exact = node.kids.size() == 4 && is_constant(node.kid(3)) && node.kid(3).number == 0;
    const bool in_order = node.kids.size() == 3 || (node.kids.size() == 4 && is_constant(node.kid(3)) && !exact);
    if ((!exact && !in_order) || block.type != Type::range || argument(node, 2).type != Type::number) {
        throw NotTranslatable{{N_("the value it looks for is computed"), {}}};
    }
    const auto field_of_block = [&](std::int32_t by) {
        SheetNode one = block;
        one.from.column.value += by;
        one.to.column = one.from.column;
        return range(one).text;
    };
    const auto by = static_cast<std::int32_t>(std::clamp(node.kid(2).number, 1.0, 10'000.0)) - 1;
    return exact ? pick(field_of_block(by), field_of_block(0), node.kid(0))
                 : nearest(field_of_block(by), field_of_block(0), node.kid(0));
}

std::string FormulaTranslation::lookup_by_place(const SheetNode& node) {
    const SheetNode& place = argument(node, 1);
    if (place.type != Type::call || !finds_place(place.text) || place.kids.size() < 2 || node.kids.size() != 2) {
        throw no_like(node);
    }
    const double way = place.kids.size() == 2 ? 1 : place.kid(2).number;
    if (way == 0) {
        return pick(one_column(node.kid(0)), one_column(place.kid(1)), place.kid(0));
    }
    if (way < 0) {
        throw NotTranslatable{{N_("it looks for the nearest value in descending order"), {}}};
    }
    return nearest(one_column(node.kid(0)), one_column(place.kid(1)), place.kid(0));
}

} // namespace ledgefall
