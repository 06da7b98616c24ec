#include "core/authoring/familiar_forms.h"

#include "core/authoring/formula_fragments.h"
#include "core/engine/functions/catalogue.h"
#include "core/formula/names.h"

#include <algorithm>
#include <array>
#include <map>

namespace ledgefall {
namespace {

const Function* function_by_another_name(const std::string& name) {
    const std::string wanted = " " + in_small_letters(name) + " ";
    for (const Function& one : catalogue()) {
        if ((" " + std::string(one.also_called) + " ").find(wanted) != std::string::npos) {
            return &one;
        }
    }
    return nullptr;
}

/// Says a formula in this language, fragment by fragment.
class FormulaRewriter {
  public:
    FormulaRewriter(const Study& study, const Table* own, const OtherFunction& other, std::string_view logarithm)
        : study_(study)
        , own_(own)
        , other_(other)
        , logarithm_(logarithm) {}

    std::string say(const Fragments& fragments) {
        by_semicolons_ = has_semicolon_in_brackets(fragments);
        return said(without_equals_signs(fragments));
    }
    bool used_logarithm() const { return used_logarithm_; }

  private:
    static Fragments without_equals_signs(Fragments fragments) {
        while (!fragments.empty() && (fragments.front().text == "=" || fragments.front().text == "==")) {
            fragments.erase(fragments.begin());
        }
        return fragments;
    }

    static bool has_semicolon_in_brackets(const Fragments& fragments) {
        int depth = 0;
        for (const Fragment& fragment : fragments) {
            depth += is_sign(fragment, "(") ? 1 : is_sign(fragment, ")") ? -1 : 0;
            if (depth > 0 && is_sign(fragment, ";")) {
                return true;
            }
        }
        return false;
    }

    static bool is_sign(const Fragment& fragment, std::string_view sign) {
        return fragment.type == FragmentType::sign && fragment.text == sign;
    }

    bool is_known(const std::string& name) const {
        const std::size_t dot = name.find('.');
        const std::string owner = dot == std::string::npos ? "" : name.substr(0, dot);
        return name == "pi" || name == "e" || owner == "ledge" ||
               look_up(study_, own_, owner, dot == std::string::npos ? name : name.substr(dot + 1)).exists();
    }

    /// The place of the bracket that closes the one at `open`; the number of fragments where none does.
    static std::size_t closing(const Fragments& fragments, std::size_t open) {
        int depth = 0;
        for (std::size_t at = open; at < fragments.size(); ++at) {
            depth += is_sign(fragments[at], "(") ? 1 : is_sign(fragments[at], ")") ? -1 : 0;
            if (depth == 0) {
                return at;
            }
        }
        return fragments.size();
    }

    static Fragments part(const Fragments& fragments, std::size_t from, std::size_t to) {
        return {fragments.begin() + static_cast<std::ptrdiff_t>(from),
                fragments.begin() + static_cast<std::ptrdiff_t>(std::min(to, fragments.size()))};
    }

    std::vector<Fragments> arguments(const Fragments& fragments) const {
        std::vector<Fragments> out(fragments.empty() ? 0 : 1);
        int depth = 0;
        for (const Fragment& fragment : fragments) {
            depth += is_sign(fragment, "(") ? 1 : is_sign(fragment, ")") ? -1 : 0;
            if (depth == 0 && is_sign(fragment, by_semicolons_ ? ";" : ",")) {
                out.emplace_back();
            } else {
                out.back().push_back(fragment);
            }
        }
        return out;
    }

    static bool ends_value(const Fragment& fragment) {
        static constexpr std::array<std::string_view, 6> values = {"yes", "no", "missing", "row", "rows", "each"};
        const bool is_word = fragment.type == FragmentType::name && is_reserved(in_small_letters(fragment.text)) &&
                             std::find(values.begin(), values.end(), fragment.text) == values.end();
        return (fragment.type != FragmentType::sign && !is_word) || fragment.text == ")" || fragment.text == "]" ||
               fragment.text == "%";
    }

    /// What is written, with a blank between where one was or both are words.
    static void append(std::string& out, const std::string& text, bool blank) {
        const bool words = !out.empty() && !text.empty() && continues_name(static_cast<unsigned char>(out.back())) &&
                           continues_name(static_cast<unsigned char>(text.front()));
        out += ((blank || words) && !out.empty() && out.back() != ' ' ? " " : "") + text;
    }

    std::string said(const Fragments& fragments) {
        std::string out;
        for (std::size_t at = 0; at < fragments.size();) {
            const bool after_value = at > 0 && ends_value(fragments[at - 1]);
            const std::size_t from = at;
            bool product = false;
            const std::string text = one(fragments, at, after_value, product);
            append(out, product ? "*" + text : text, fragments[from].after_blank && !product);
        }
        return out;
    }

    /// Says what begins at a fragment, and goes on to the one behind it. `product`: it is written straight behind a
    /// value.
    std::string one(const Fragments& fragments, std::size_t& at, bool after_value, bool& product) {
        const Fragment& fragment = fragments[at];
        const bool called = at + 1 < fragments.size() && is_sign(fragments[at + 1], "(");
        switch (fragment.type) {
        case FragmentType::text:
            ++at;
            return quoted(fragment.text);
        case FragmentType::number:
            return number(fragments, at);
        case FragmentType::sign:
            product = is_sign(fragment, "(") && after_value;
            return sign(fragments, at, after_value);
        case FragmentType::name:
            break;
        }
        const bool follows_number = at > 0 && fragments[at - 1].type == FragmentType::number && !fragment.after_blank;
        const bool follows_bracket = at > 0 && is_sign(fragments[at - 1], ")") && !is_operator(fragment.text);
        product = follows_number || follows_bracket;
        return called && is_call(fragments, at, after_value) ? call(fragments, at) : name(fragments, at);
    }

    /// Whether a name before a bracket is called: a word of the language is one only as `if(c, a, b)`, `AND(a, b)`.
    bool is_call(const Fragments& fragments, std::size_t at, bool after_value) const {
        const std::string small = in_small_letters(fragments[at].text);
        if (small == "if") {
            return arguments(part(fragments, at + 2, closing(fragments, at + 1))).size() > 1;
        }
        const bool joins = (small == "and" || small == "or" || small == "mod") && !after_value;
        return joins || (!is_reserved(small) && !is_known(fragments[at].text));
    }

    static bool is_operator(const std::string& word) {
        static constexpr std::array<std::string_view, 11> words = {"and",  "or",   "mod",  "in",  "where", "for",
                                                                   "then", "else", "with", "AND", "OR"};
        return std::find(words.begin(), words.end(), word) != words.end();
    }

    static std::string quoted(const std::string& text) {
        std::string out = "\"";
        for (const char c : text) {
            out += c == '"' ? "\"\"" : std::string(1, c);
        }
        return out + "\"";
    }

    /// A number; with the comma as the decimal sign where arguments are divided by semicolons, or outside of brackets.
    std::string number(const Fragments& fragments, std::size_t& at) const {
        std::string out = fragments[at++].text;
        const bool decimals = at + 1 < fragments.size() && is_sign(fragments[at], ",") && !fragments[at].after_blank &&
                              fragments[at + 1].type == FragmentType::number && !fragments[at + 1].after_blank;
        if (decimals && (by_semicolons_ || depth_ == 0)) {
            out += "." + fragments[at + 1].text;
            at += 2;
        }
        return out;
    }

    std::string sign(const Fragments& fragments, std::size_t& at, bool after_value) {
        static const std::map<std::string, std::string> said = {{"**", "^"},    {"<>", "!="}, {"&&", " and "},
                                                                {"||", " or "}, {"==", "="},  {"=<", "<="},
                                                                {"=>", ">="},   {"÷", "/"}};
        const std::string& text = fragments[at].text;
        if (text == "(") {
            const std::size_t close = closing(fragments, at);
            ++depth_;
            std::string inside = "(" + this->said(part(fragments, at + 1, close)) + ")";
            --depth_;
            at = close + 1;
            return inside;
        }
        ++at;
        depth_ += text == "[" ? 1 : text == "]" ? -1 : 0;
        if (text == "!" && !after_value) {
            return "not ";
        }
        if (text == "{" || text == "}") {
            return text == "{" ? "(" : ")";
        }
        const auto known = said.find(text);
        return known == said.end() ? text : known->second;
    }

    std::string name(const Fragments& fragments, std::size_t& at) {
        const std::string& text = fragments[at].text;
        const auto next_is_name = [&](std::string_view wanted) {
            return at + 1 < fragments.size() && fragments[at + 1].type == FragmentType::name &&
                   fragments[at + 1].text == wanted;
        };
        if (next_is_name("bar") && !is_known("bar")) {
            at += 2;
            return "mean(" + named(text) + ")";
        }
        if (is_known(text)) {
            ++at;
            return text;
        }
        static const std::map<std::string, std::string> words = {
            {"TRUE", "yes"}, {"FALSE", "no"}, {"AND", "and"},     {"OR", "or"},       {"NOT", "not"},
            {"MOD", "mod"},  {"XOR", "!="},   {"NAN", "missing"}, {"NULL", "missing"}};
        const auto word = words.find(in_capitals(text));
        if (word != words.end() && text != word->second) {
            ++at;
            return word->second;
        }
        const bool of_value =
            at + 1 < fragments.size() && fragments[at + 1].type != FragmentType::sign && !is_reserved(text);
        if (of_value && !is_operator(fragments[at + 1].text) && is_function(text)) { // mean x
            Fragments written{
                fragments[at], {FragmentType::sign, "(", false}, fragments[at + 1], {FragmentType::sign, ")", false}};
            at += 2;
            std::size_t first = 0;
            return call(written, first);
        }
        const bool run =
            at + 2 < fragments.size() && is_sign(fragments[at + 1], ":") && address_of(fragments[at + 2].text);
        if (const auto column = column_at(text, run)) {
            at += run ? 3 : 1;
            return *column;
        }
        ++at;
        return named(text);
    }

    bool is_function(const std::string& name) const {
        return find_function(in_small_letters(name)) != nullptr || function_by_another_name(name) != nullptr ||
               !form_of(in_capitals(name), 1).empty();
    }

    std::string_view form_of(const std::string& name, std::size_t arguments) const {
        return other_ ? other_(name, arguments) : std::string_view();
    }

    /// The name of the study that differs only by small and capital letters.
    std::string named(const std::string& text) const {
        if (is_known(text) || is_reserved(text)) {
            return text;
        }
        std::string found;
        std::size_t count = 0;
        for (const std::string& known : known_names(study_, own_)) {
            if (in_small_letters(known) == in_small_letters(text)) {
                found = known;
                ++count;
            }
        }
        return count == 1 ? found : text;
    }

    /// The column that stands where the letters of an address count to; of a single cell only where its row goes along.
    std::optional<std::string> column_at(const std::string& text, bool run) const {
        const auto address = address_of(text);
        if (!address || (address->fixed_row && !run) || own_ == nullptr || address->column >= own_->columns.size()) {
            return std::nullopt;
        }
        return own_->columns[address->column]->name;
    }

    std::string call(const Fragments& fragments, std::size_t& at) {
        const std::string& written = fragments[at].text;
        const std::size_t close = closing(fragments, at + 1);
        const std::vector<Fragments> given = arguments(part(fragments, at + 2, close));
        at = close + 1;
        const std::string small = in_small_letters(written);
        const std::string capital = in_capitals(written);
        std::vector<std::string> all;
        all.reserve(given.size());
        ++depth_;
        for (const Fragments& argument : given) {
            all.push_back(said(argument));
        }
        --depth_;
        if ((small == "log" || small == "lg") && all.size() == 1) {
            used_logarithm_ = used_logarithm_ || small == "log";
            return (small == "lg" ? std::string("log10") : std::string(logarithm_)) + "(" + all.front() + ")";
        }
        if (small == "percentile" && all.size() == 2) {
            all[1] = of_hundred(all[1]);
        }
        if (const auto conditional = of_condition(small, given, all)) {
            return *conditional;
        }
        const Function* same = find_function(written);
        same = same != nullptr ? same : find_function(small);
        const bool as_here = same != nullptr && find_function(written) != nullptr;
        const std::string_view form = as_here ? std::string_view() : form_of(capital, all.size());
        if (!form.empty()) {
            return filled(form, all);
        }
        if (const Function* meant = function_by_another_name(written); same == nullptr && meant != nullptr) {
            return std::string(meant->name) + "(" + joined(all) + ")";
        }
        return (same != nullptr ? std::string(same->name) : named(written)) + "(" + joined(all) + ")";
    }

    static std::string of_hundred(const std::string& share) {
        const bool number = !share.empty() && share.find_first_not_of("0123456789.") == std::string::npos;
        return number && std::stod(share) > 1 ? share + "%" : share;
    }

    static std::string joined(const std::vector<std::string>& all) {
        std::string out;
        for (const std::string& one : all) {
            out += (out.empty() ? "" : ", ") + one;
        }
        return out;
    }

    /// Calls whose arguments are conditions.
    std::optional<std::string> of_condition(const std::string& name, const std::vector<Fragments>& given,
                                            const std::vector<std::string>& all) const {
        if (name == "if" && all.size() >= 2 && all.size() <= 3) {
            const std::string text =
                "if " + all[0] + " then " + all[1] + " else " + (all.size() == 3 ? all[2] : std::string("missing"));
            return "(" + text + ")";
        }
        if ((name == "and" || name == "or") && !all.empty()) {
            std::string out;
            for (const std::string& one : all) {
                if (!out.empty()) {
                    out.append(" ").append(name).append(" ");
                }
                out += one;
            }
            return "(" + out + ")";
        }
        if (name == "not" && all.size() == 1) {
            return "not (" + all[0] + ")";
        }
        if (name == "pow" && all.size() == 2) {
            return "(" + bracketed(all[0]) + "^" + bracketed(all[1]) + ")";
        }
        static const std::map<std::string, std::string> measures = {
            {"countif", "count"}, {"sumif", "sum"}, {"averageif", "mean"}};
        const auto measure = measures.find(name);
        if (measure != measures.end() && (all.size() == 2 || all.size() == 3)) {
            const std::string condition = all[0] + condition_of(given[1], all[1]);
            return measure->second + (name == "countif"
                                          ? "(" + condition + ")"
                                          : "(" + all[all.size() == 3 ? 2 : 0] + " where " + condition + ")");
        }
        return std::nullopt;
    }

    /// The text ">3" is a comparison, any other is what a cell is equal to.
    static std::string condition_of(const Fragments& written, const std::string& said_text) {
        const std::string& text =
            written.size() == 1 && written.front().type == FragmentType::text ? written.front().text : std::string();
        for (const std::string sign : {"<=", ">=", "<>", "<", ">", "="}) {
            if (text.starts_with(sign)) {
                const std::string rest = text.substr(sign.size());
                const bool number = rest.find_first_not_of("0123456789.-") == std::string::npos;
                return " " + (sign == "<>" ? "!=" : sign) + " " + (number ? rest : quoted(rest));
            }
        }
        const bool number = !text.empty() && text.find_first_not_of("0123456789.-") == std::string::npos;
        return " = " + (number ? text : said_text);
    }

    static std::string bracketed(const std::string& text) {
        const bool simple = std::all_of(text.begin(), text.end(), [](char c) {
            return continues_name(static_cast<unsigned char>(c)) || c == '.' || static_cast<unsigned char>(c) >= 0x80;
        });
        return simple ? text : "(" + text + ")";
    }

    std::string filled(std::string_view form, const std::vector<std::string>& all) const {
        std::string out;
        for (std::size_t at = 0; at < form.size(); ++at) {
            const bool place = (form[at] == '$' || form[at] == '@' || form[at] == '#') && at + 1 < form.size();
            if (place && form[at + 1] == '*') {
                out += joined(all);
                ++at;
            } else if (place && form[at + 1] >= '1' && form[at + 1] <= '9') {
                const auto number = static_cast<std::size_t>(form[at + 1] - '1');
                const std::string text = number < all.size() ? all[number] : std::string();
                const bool alone = at > 0 && (form[at - 1] == '(' || form.substr(0, at).ends_with(", ")) &&
                                   at + 2 < form.size() && (form[at + 2] == ')' || form[at + 2] == ',');
                out += alone ? text : bracketed(text);
                out += form[at] == '#' ? "[i]" : "";
                ++at;
            } else {
                out += form[at];
            }
        }
        return out;
    }

    const Study& study_;
    const Table* own_;
    const OtherFunction& other_;
    std::string_view logarithm_;
    bool by_semicolons_ = false;
    bool used_logarithm_ = false;
    int depth_ = 0; ///< of brackets
};

constexpr std::size_t most_characters = 4000; ///< longer ones are nobody's single formula

int depth_of(const Fragments& fragments) {
    int depth = 0;
    int deepest = 0;
    for (const Fragment& fragment : fragments) {
        const bool sign = fragment.type == FragmentType::sign;
        depth += sign && fragment.text == "(" ? 1 : sign && fragment.text == ")" ? -1 : 0;
        deepest = std::max(deepest, depth);
    }
    return deepest;
}

/// A condition alone needs no brackets around it.
std::string without_outer_brackets(const std::string& text) {
    int depth = 0;
    for (std::size_t at = 0; at < text.size(); ++at) {
        depth += text[at] == '(' ? 1 : text[at] == ')' ? -1 : 0;
        if (depth == 0 && at + 1 < text.size()) {
            return text;
        }
    }
    return text.starts_with("(if ") && text.ends_with(')') ? text.substr(1, text.size() - 2) : text;
}

} // namespace

std::vector<std::string> familiar_forms(const std::string& formula, const Study& study, const Table* own,
                                        const OtherFunction& other) {
    std::vector<std::string> out;
    if (formula.size() > most_characters) {
        return out;
    }
    const Fragments fragments = read_fragments(formula);
    if (depth_of(fragments) > static_cast<int>(FormulaLimits::brackets)) {
        return out;
    }
    for (const std::string_view logarithm : {"ln", "log10"}) {
        FormulaRewriter rewriter(study, own, other, logarithm);
        const std::string text = without_outer_brackets(rewriter.say(fragments));
        if (text != formula && std::find(out.begin(), out.end(), text) == out.end()) {
            out.push_back(text);
        }
        if (!rewriter.used_logarithm()) {
            break;
        }
    }
    return out;
}

std::optional<std::string> cell_address_in(const std::string& formula, const Study& study, const Table* own) {
    if (formula.size() > most_characters) {
        return std::nullopt;
    }
    for (const Fragment& fragment : read_fragments(formula)) {
        if (fragment.type == FragmentType::name && address_of(fragment.text) &&
            !look_up(study, own, "", fragment.text).exists()) {
            return fragment.text;
        }
    }
    return std::nullopt;
}

} // namespace ledgefall
