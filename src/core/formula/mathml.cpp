#include "core/formula/mathml.h"

namespace ledgefall {
namespace {

using Form = Mathematics::Form;

std::string element(const char* name, const std::string& inside) {
    return std::string("<") + name + ">" + inside + "</" + name + ">";
}

std::string one(const Mathematics& math);

std::string row_of(const std::vector<Mathematics>& parts) {
    std::string out;
    for (const Mathematics& part : parts) {
        out += one(part);
    }
    return parts.size() == 1 ? out : element("mrow", out);
}

std::string sign(const std::string& text) {
    return element("mo", text_for_xml(text));
}

/// Values and their conditions in turn, behind a brace; the last value may have none.
std::string cases(const Mathematics& math) {
    std::string rows;
    for (std::size_t at = 0; at < math.parts.size(); at += 2) {
        std::string cells = element("mtd", one(math.parts[at]));
        cells += element("mtd", at + 1 < math.parts.size() ? one(math.parts[at + 1]) : "");
        rows += element("mtr", cells);
    }
    return element("mrow", sign("{") + element("mtable", rows));
}

std::string large(const Mathematics& math) {
    std::string big = sign(math.text);
    if (math.parts.size() > 2) {
        big = element("munderover", big + one(math.parts[1]) + one(math.parts[2]));
    } else if (math.parts.size() > 1) {
        big = element("munder", big + one(math.parts[1]));
    }
    return element("mrow", big + one(math.parts.front()));
}

std::string one(const Mathematics& math) {
    const auto& parts = math.parts;
    switch (math.form) {
    case Form::row:
        return row_of(parts);
    case Form::name:
        return element("mi", text_for_xml(math.text));
    case Form::number:
        return element("mn", text_for_xml(math.text));
    case Form::word:
        return element("mtext", text_for_xml(math.text));
    case Form::sign:
    case Form::mark:
        return sign(math.text);
    case Form::fraction:
        return element("mfrac", one(parts[0]) + one(parts[1]));
    case Form::root:
        return parts.size() > 1 ? element("mroot", one(parts[0]) + one(parts[1])) : element("msqrt", one(parts[0]));
    case Form::raised:
        return element("msup", one(parts[0]) + one(parts[1]));
    case Form::lowered:
        return element("msub", one(parts[0]) + one(parts[1]));
    case Form::bars:
        return element("mrow", sign("|") + one(parts[0]) + sign("|"));
    case Form::overline:
        return element("mover", one(parts[0]) + sign("¯"));
    case Form::brackets:
        return element("mrow", sign("(") + one(parts[0]) + sign(")"));
    case Form::large:
        return large(math);
    case Form::cases:
        return cases(math);
    }
    return {};
}

} // namespace

std::string text_for_xml(const std::string& text) {
    std::string out;
    for (const char c : text) {
        switch (c) {
        case '&':
            out += "&amp;";
            break;
        case '<':
            out += "&lt;";
            break;
        case '>':
            out += "&gt;";
            break;
        case '"':
            out += "&quot;";
            break;
        default:
            out += c;
        }
    }
    return out;
}

std::string mathml_of(const Mathematics& math) {
    return "<math xmlns=\"http://www.w3.org/1998/Math/MathML\">" + one(math) + "</math>";
}

} // namespace ledgefall
