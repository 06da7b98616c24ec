#include "files/worksheet_recovery/openformula_patterns.h"

#include "core/formula/parser.h"
#include "files/worksheet_recovery/openformula_functions.h"

#include <algorithm>
#include <memory>

namespace ledgefall {
namespace openformula {
const char* const when = "IF";
const char* const all_of = "AND";
const char* const any_of = "OR";
const char* const negation = "NOT";
const char* const remainder = "MOD";
const char* const factorial = "FACT";
const char* const absolute = "ABS";
const char* const square_root = "SQRT";
const char* const pi = "PI";
const char* const row = "ROW";
const char* const column = "COLUMN";
const char* const sum = "SUM";
const char* const sum_of_products = "SUMPRODUCT";
const char* const greatest = "MAX";
const char* const count_if = "COUNTIFS";
const char* const sum_if = "SUMIFS";
const char* const mean_if = "AVERAGEIFS";
const char* const lookup = "INDEX";
const char* const place = "MATCH";
const char* const completed = "DATEDIF";
const char* const date = "DATE";
const char* const count_filled = "COUNTA";

std::string_view form_by_parts(std::string_view name, std::size_t arguments) {
    struct Form {
        std::string_view name;
        std::size_t arguments;
        std::string_view form;
    };
    constexpr Form forms[] = {{"hypot", 2, "sqrt(a_^2 + b_^2)"},
                              {"log2", 1, "log(a_, 2)"},
                              {"ceil", 1, "-floor(-a_)"},
                              {"cbrt", 1, "sign(a_) * abs(a_)^(1 / 3)"},
                              {"q1", 1, "quantile(a_, 1 / 4)"},
                              {"q3", 1, "quantile(a_, 3 / 4)"},
                              {"iqr", 1, "quantile(a_, 3 / 4) - quantile(a_, 1 / 4)"},
                              {"range", 1, "max(a_) - min(a_)"},
                              {"larger", 2, "if a_ > b_ then a_ else b_"},
                              {"smaller", 2, "if a_ < b_ then a_ else b_"},
                              {"xlnx", 1, "if a_ = 0 then 0 else a_ * ln(a_)"},
                              {"cv", 1, "sd(a_) / mean(a_)"},
                              {"se", 1, "sd(a_) / sqrt(count(a_))"}};
    for (const Form& form : forms) {
        if (form.name == name && form.arguments == arguments) {
            return form.form;
        }
    }
    return {};
}

} // namespace openformula

namespace {

/// A form of the table as a tree, with names such as `arg_1_value` in the places of its arguments.
struct Pattern {
    std::string name;
    std::shared_ptr<const Node> tree;
    std::size_t least = 0, most = 0;
    bool all_arguments = false; ///< the call has any number of arguments, one after the other
    bool says_cumulative = false, cumulative = false;
    std::size_t length = 0;
};

Pattern pattern_of(std::string_view name, std::string_view form, std::size_t least, std::size_t most) {
    Pattern out{std::string(name), nullptr, least, most, false, false, false, form.size()};
    std::string text;
    for (std::size_t at = 0; at < form.size(); ++at) {
        const char c = form[at];
        if (c != '$' && c != '@' && c != '#') {
            text += c;
            continue;
        }
        ++at;
        out.all_arguments = out.all_arguments || form[at] == '*';
        text += std::string("arg_") + (form[at] == '*' ? '0' : form[at]) +
                (c == '$'   ? "_value"
                 : c == '@' ? "_sample"
                            : "_within");
    }
    if (out.all_arguments) {
        text = text.substr(0, text.find('(') + 1) +
               (form.find('$') == std::string_view::npos ? "arg_0_sample" : "arg_0_value") + ")";
    }
    out.tree = parse_formula(text).tree;
    return out;
}

/// The forms whose root is a call, by the function's name; the longer ones, which say more, first.
const std::multimap<std::string, Pattern>& patterns() {
    static const std::multimap<std::string, Pattern> all = [] {
        std::vector<Pattern> list;
        for (const OpenFormulaFunction& one : openformula_functions()) {
            const bool of_one_argument = one.most_arguments == 1 && (one.name == "CEILING" || one.name == "FLOOR" ||
                                                                     one.name == "ROUNDDOWN" || one.name == "ROUNDUP");
            if (one.name.find('.') != std::string_view::npos || of_one_argument) {
                continue; // what only one of the two standards has
            }
            list.push_back(pattern_of(one.name, one.form, one.least_arguments, one.most_arguments));
        }
        for (const auto& [name, forms] : openformula_distributions()) {
            if (name.find('.') != std::string_view::npos) {
                continue;
            }
            for (const bool cumulative : {true, false}) {
                Pattern pattern = pattern_of(name, cumulative ? forms.cumulative : forms.at_value, 0, 9);
                pattern.says_cumulative = true;
                pattern.cumulative = cumulative;
                list.push_back(std::move(pattern));
            }
        }
        std::stable_sort(list.begin(), list.end(),
                         [](const Pattern& a, const Pattern& b) { return a.length > b.length; });
        std::multimap<std::string, Pattern> out;
        for (Pattern& pattern : list) {
            if (pattern.tree && pattern.tree->type == NodeType::call) {
                out.emplace(pattern.tree->text, std::move(pattern));
            }
        }
        return out;
    }();
    return all;
}

bool is_argument(const Node& node) {
    return node.type == NodeType::name && node.text.starts_with("arg_");
}

/// Whether a tree is as the pattern has it; its arguments are put in their places.
bool fits(const Node& pattern, const Node& tree, std::map<std::size_t, OpenFormulaMatch::Argument>& arguments) {
    if (is_argument(pattern)) {
        const auto at = static_cast<std::size_t>(pattern.text[4] - '1');
        OpenFormulaMatch::Argument argument{&tree, pattern.text.ends_with("_sample"),
                                            pattern.text.ends_with("_within")};
        const auto [known, added] = arguments.emplace(at, argument);
        return added || same_tree(known->second.node, &tree);
    }
    if (pattern.type == NodeType::number && tree.type == NodeType::number) {
        return pattern.number == tree.number;
    }
    if (pattern.type != tree.type || pattern.text != tree.text || pattern.op != tree.op || pattern.ops != tree.ops ||
        pattern.kids.size() != tree.kids.size() || !tree.owner.empty()) {
        return false;
    }
    for (std::size_t kid = 0; kid < pattern.kids.size(); ++kid) {
        const Node* a = pattern.kids[kid].get();
        const Node* b = tree.kids[kid].get();
        if ((a == nullptr) != (b == nullptr) || (a != nullptr && !fits(*a, *b, arguments))) {
            return false;
        }
    }
    return true;
}

} // namespace

OpenFormulaMatch openformula_match(const Node& call) {
    const auto [begin, end] = patterns().equal_range(call.text);
    for (auto it = begin; it != end; ++it) {
        const Pattern& pattern = it->second;
        OpenFormulaMatch out;
        if (pattern.all_arguments) {
            if (call.kids.size() < pattern.least || call.kids.size() > pattern.most) {
                continue;
            }
            const bool sample = pattern.tree->kid(0).text.ends_with("_sample");
            for (const NodePtr& kid : call.kids) {
                out.arguments.push_back({kid.get(), sample, false});
            }
        } else {
            std::map<std::size_t, OpenFormulaMatch::Argument> arguments;
            if (!fits(*pattern.tree, call, arguments)) {
                continue;
            }
            for (auto& [at, argument] : arguments) {
                if (at != out.arguments.size()) {
                    out.arguments.clear();
                    break;
                }
                out.arguments.push_back(argument);
            }
            if (out.arguments.size() != arguments.size()) {
                continue;
            }
        }
        out.name = pattern.name;
        out.says_cumulative = pattern.says_cumulative;
        out.cumulative = pattern.cumulative;
        return out;
    }
    return {};
}

std::string completed_unit(const std::string& function) {
    return function == "years" ? "y" : function == "months" ? "m" : function == "days" ? "d" : "";
}

} // namespace ledgefall
