#include "core/formula/latex.h"

#include "core/formula/names.h"

#include <algorithm>
#include <array>

namespace ledgefall {
namespace {

using Form = Mathematics::Form;
using Written = std::pair<std::string_view, std::string_view>;

constexpr std::array<Written, 15> signs = {{{"−", "-"},
                                            {"·", "\\cdot"},
                                            {"×", "\\times"},
                                            {"÷", "\\div"},
                                            {"≤", "\\le"},
                                            {"≥", "\\ge"},
                                            {"<=", "\\le"},
                                            {">=", "\\ge"},
                                            {"≠", "\\ne"},
                                            {"≈", "\\approx"},
                                            {"…", "\\dots"},
                                            {"%", "\\%"},
                                            {"°", "^{\\circ}"},
                                            {"Σ", "\\sum"},
                                            {"Π", "\\prod"}}};
constexpr std::array<Written, 26> letters = {
    {{"α", "\\alpha"}, {"β", "\\beta"},  {"γ", "\\gamma"}, {"δ", "\\delta"},  {"ε", "\\varepsilon"}, {"ζ", "\\zeta"},
     {"η", "\\eta"},   {"θ", "\\theta"}, {"κ", "\\kappa"}, {"λ", "\\lambda"}, {"μ", "\\mu"},         {"ν", "\\nu"},
     {"ξ", "\\xi"},    {"π", "\\pi"},    {"ρ", "\\rho"},   {"σ", "\\sigma"},  {"τ", "\\tau"},        {"φ", "\\varphi"},
     {"χ", "\\chi"},   {"ψ", "\\psi"},   {"ω", "\\omega"}, {"Δ", "\\Delta"},  {"Θ", "\\Theta"},      {"Φ", "\\Phi"},
     {"Ψ", "\\Psi"},   {"Ω", "\\Omega"}}};

template <std::size_t count>
std::string_view written_as(const std::array<Written, count>& table, std::string_view text) {
    const auto found =
        std::find_if(table.begin(), table.end(), [text](const Written& one) { return one.first == text; });
    return found == table.end() ? std::string_view() : found->second;
}

std::string braced(const Mathematics& math) {
    return "{" + latex_of(math) + "}";
}

std::string name(const std::string& text) {
    if (const std::string_view letter = written_as(letters, text); !letter.empty()) {
        return std::string(letter);
    }
    return text.size() == 1 ? text : "\\mathit{" + text_for_latex(text) + "}";
}

std::string sign(const std::string& text) {
    const std::string_view known = written_as(signs, text);
    return known.empty() ? text_for_latex(text) : std::string(known);
}

std::string number(const std::string& text) {
    const bool minus = text.starts_with("−");
    const std::string digits = minus ? text.substr(std::string_view("−").size()) : text;
    const std::size_t power = digits.find('e');
    const bool plain = !digits.empty() && digits.find_first_not_of("0123456789.,") == std::string::npos;
    std::string out = minus ? "-" : "";
    if (plain) {
        return out + digits;
    }
    if (power != std::string::npos && power > 0 && digits.find_first_not_of("0123456789.e+-") == std::string::npos) {
        const std::string_view exponent = std::string_view(digits).substr(power + (digits[power + 1] == '+' ? 2 : 1));
        return out + digits.substr(0, power) + " \\cdot 10^{" + std::string(exponent) + "}";
    }
    return "\\text{" + text_for_latex(text) + "}";
}

/// Words between parts stand with blanks; a function's name is set upright.
std::string word(const std::string& text) {
    constexpr std::array<std::string_view, 9> between = {"if",  "else", "and",  "or",   "not",
                                                         "mod", "with", "then", "where"};
    if (text.size() == 1) {
        return text; // a place, such as i
    }
    const bool joins = std::find(between.begin(), between.end(), text) != between.end();
    return joins || text == "first" || !is_name(text) ? "\\text{ " + text_for_latex(text) + " }"
                                                      : "\\operatorname{" + text_for_latex(text) + "}";
}

std::string large(const Mathematics& math) {
    std::string out = sign(math.text);
    if (math.parts.size() > 1) {
        out += "_" + braced(math.parts[1]);
    }
    if (math.parts.size() > 2) {
        out += "^" + braced(math.parts[2]);
    }
    return out + " " + latex_of(math.parts.front());
}

std::string cases(const Mathematics& math) {
    std::string out = "\\begin{cases} ";
    for (std::size_t at = 0; at < math.parts.size(); ++at) {
        out += (at == 0 ? "" : at % 2 == 1 ? " & " : " \\\\ ") + latex_of(math.parts[at]);
    }
    return out + " \\end{cases}";
}

} // namespace

std::string text_for_latex(const std::string& text) {
    std::string out;
    for (const char c : text) {
        switch (c) {
        case '\\':
            out += "\\textbackslash{}";
            break;
        case '\n':
        case '\r':
            out += ' ';
            break;
        case '~':
            out += "\\textasciitilde{}";
            break;
        case '^':
            out += "\\textasciicircum{}";
            break;
        case '#':
        case '$':
        case '%':
        case '&':
        case '_':
        case '{':
        case '}':
            out += '\\';
            [[fallthrough]];
        default:
            out += c;
        }
    }
    return out;
}

std::string latex_of(const Mathematics& math) {
    switch (math.form) {
    case Form::name:
        return name(math.text);
    case Form::number:
        return number(math.text);
    case Form::word:
        return word(math.text);
    case Form::sign:
    case Form::mark:
        return sign(math.text);
    case Form::fraction:
        return "\\frac" + braced(math.parts[0]) + braced(math.parts[1]);
    case Form::root:
        return (math.parts.size() > 1 ? "\\sqrt[" + latex_of(math.parts[1]) + "]" : "\\sqrt") + braced(math.parts[0]);
    case Form::raised:
        return braced(math.parts[0]) + "^" + braced(math.parts[1]);
    case Form::lowered:
        return braced(math.parts[0]) + "_" + braced(math.parts[1]);
    case Form::bars:
        return "\\left|" + latex_of(math.parts[0]) + "\\right|";
    case Form::overline:
        return "\\overline" + braced(math.parts[0]);
    case Form::brackets:
        return "\\left(" + latex_of(math.parts[0]) + "\\right)";
    case Form::large:
        return large(math);
    case Form::cases:
        return cases(math);
    default:
        break;
    }
    std::string out;
    for (const Mathematics& part : math.parts) {
        out += (out.empty() ? "" : " ") + latex_of(part);
    }
    return out;
}

} // namespace ledgefall
