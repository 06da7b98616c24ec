#include "core/formula/parser.h"

#include "core/formula/expressions.h"
#include "core/formula/names.h"

namespace ledgefall {
namespace {

std::optional<Mistake> too_long(std::string_view text) {
    if (text.size() <= FormulaLimits::characters) {
        return std::nullopt;
    }
    return Mistake{{N_("This formula has %1 characters; the limit is %2. Split it over several columns."),
                    {std::to_string(text.size()), std::to_string(FormulaLimits::characters)}},
                   {static_cast<std::uint32_t>(FormulaLimits::characters), static_cast<std::uint32_t>(text.size())}};
}

bool is_sign(const Token& token, std::string_view sign) {
    return token.type == TokenType::sign && token.text == sign;
}

/// Reads the left side of a definition from the tokens; `after` becomes the number of the token behind the equals sign.
/// False where what stands there is no left side.
bool read_left_side(const Tokens& tokens, std::string_view text, Definition& definition, std::size_t& after) {
    const auto& all = tokens.all;
    if (all[0].type != TokenType::name || !is_name(all[0].text)) {
        return false;
    }
    std::size_t at = 1;
    std::vector<std::string> parameters;
    std::string unit;
    if (is_sign(all[at], "(")) {
        do {
            ++at;
            if (all[at].type != TokenType::name) {
                return false;
            }
            parameters.push_back(all[at++].text);
        } while (is_sign(all[at], ","));
        if (!is_sign(all[at++], ")")) {
            return false;
        }
    } else if (is_sign(all[at], "[")) {
        const std::size_t open = all[at].span.to;
        while (!is_sign(all[at], "]")) {
            if (all[at].type == TokenType::end) {
                return false;
            }
            ++at;
        }
        unit = std::string(text.substr(open, all[at].span.from - open));
        ++at;
    }
    if (!is_sign(all[at], "=")) {
        return false;
    }
    definition.name = all[0].text;
    definition.unit = unit;
    definition.parameters = std::move(parameters);
    after = at;
    return true;
}

/// The place of the equals sign that ends a left side with a unit in brackets. A unit may hold signs that no formula
/// has, such as `[µS/cm @ 25 °C]`, so it is looked for in the text before anything is read as tokens.
std::size_t end_of_unit(std::string_view text) {
    std::size_t at = 0;
    while (at < text.size() && text[at] == ' ') {
        ++at;
    }
    const std::size_t name_from = at;
    while (at < text.size() && continues_name(code_point_at(text, at).value)) {
        at += code_point_at(text, at).length;
    }
    const std::size_t name_to = at;
    while (at < text.size() && text[at] == ' ') {
        ++at;
    }
    if (name_to == name_from || at >= text.size() || text[at] != '[') {
        return std::string_view::npos;
    }
    const std::size_t close = text.find(']', at);
    const std::size_t equals = close == std::string_view::npos ? close : text.find_first_not_of(' ', close + 1);
    const bool ends = equals != std::string_view::npos && text[equals] == '=' && text.substr(equals, 2) != "==";
    return ends ? equals : std::string_view::npos;
}

} // namespace

ParsedFormula parse_formula(std::string_view text) {
    if (auto mistake = too_long(text)) {
        return {nullptr, std::move(mistake)};
    }
    Tokens tokens = read_tokens(text);
    if (!tokens.mistakes.empty()) {
        return {nullptr, std::move(tokens.mistakes.front())};
    }
    return read_expressions(tokens.all);
}

ParsedDefinition parse_definition(std::string_view text, bool name_needed) {
    ParsedDefinition out;
    out.definition.text = std::string(text);
    if ((out.mistake = too_long(text))) {
        return out;
    }
    std::size_t formula_from = 0;
    const std::size_t equals = end_of_unit(text);
    if (equals != std::string_view::npos) {
        const std::size_t open = text.find('[');
        const std::string_view left = text.substr(0, open);
        const std::size_t from = left.find_first_not_of(' ');
        const std::string name = normal_name(left.substr(from, left.find_last_not_of(' ') + 1 - from));
        if (is_name(name)) {
            out.definition.name = name;
            out.definition.unit = std::string(text.substr(open + 1, text.find(']', open) - open - 1));
            formula_from = equals + 1;
        }
    } else {
        const Tokens tokens = read_tokens(text);
        std::size_t after = 0;
        if (read_left_side(tokens, text, out.definition, after)) {
            formula_from = tokens.all[after].span.to;
        }
    }
    if (out.definition.name.empty() && name_needed) {
        out.mistake = Mistake{{N_("Write a name first, then = and the formula, as in dev = x - mean(x)."), {}},
                              {0, static_cast<std::uint32_t>(text.size())},
                              {},
                              {N_("Then = and the formula can follow."), {}}};
        return out;
    }
    while (formula_from < text.size() && text[formula_from] == ' ') {
        ++formula_from;
    }
    out.definition.formula_from = static_cast<std::uint32_t>(formula_from);
    ParsedFormula formula = parse_formula(text.substr(formula_from));
    out.definition.formula = std::move(formula.tree);
    if (formula.mistake) {
        out.mistake = std::move(formula.mistake);
        out.mistake->span.from += out.definition.formula_from;
        out.mistake->span.to += out.definition.formula_from;
        if (out.mistake->correction) {
            out.mistake->correction->span.from += out.definition.formula_from;
            out.mistake->correction->span.to += out.definition.formula_from;
        }
    }
    return out;
}

} // namespace ledgefall
