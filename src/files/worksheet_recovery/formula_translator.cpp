#include "files/worksheet_recovery/formula_translator.h"

#include "core/formula/parser.h"
#include "core/formula/print.h"
#include "files/worksheet_recovery/formula_translation.h"

#include <algorithm>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

} // namespace

TranslatedFormula FormulaTranslation::run(const SheetNode& tree) {
    out_.text = value(tree, false);
    if (out_.text.size() > FormulaLimits::characters) {
        throw NotTranslatable{
            {N_("it would be longer than %1 characters"), {std::to_string(FormulaLimits::characters)}}};
    }
    const ParsedFormula parsed = parse_formula(out_.text);
    if (!parsed.tree) {
        throw NotTranslatable{{N_("it cannot be written in one formula"), {}}};
    }
    out_.text = print(*parsed.tree);
    return out_;
}

std::string FormulaTranslation::value(const SheetNode& node, bool in_measure) {
    if (++depth_ > 200) {
        throw NotTranslatable{{N_("it refers to itself through other cells"), {}}};
    }
    std::string out = value_of(node, in_measure);
    --depth_;
    return out;
}

std::string FormulaTranslation::value_of(const SheetNode& node, bool in_measure) {
    switch (node.type) {
    case Type::number:
        return constant(node, node.number < 0 ? bracketed(shortest(node.number)) : shortest(node.number));
    case Type::text:
        return node.text.empty() ? "missing" : constant(node, in_quotes(node.text));
    case Type::yes_no:
        return node.number == 0 ? "no" : "yes";
    case Type::cell:
        return cell(node, in_measure);
    case Type::range:
        if (in_measure) {
            return range(node).text;
        }
        throw NotTranslatable{
            {N_("it uses the range %1 as one value"), {write_sheet_formula(node, seen_from_.at.place)}}};
    case Type::name:
        return named(node.text, in_measure);
    case Type::call:
        return call(node, in_measure);
    case Type::operation:
        return operation(node, in_measure);
    case Type::fault:
        throw NotTranslatable{{N_("it refers to cells that were removed (%1)"), {node.text}}};
    case Type::elsewhere:
        throw NotTranslatable{
            {N_("it refers to another file or to several sheets (%1), which are not opened"), {node.text}}};
    case Type::list:
        throw NotTranslatable{{N_("it has a list of values in braces"), {}}};
    case Type::nothing:
        return "0";
    }
    return {};
}

std::string FormulaTranslation::constant(const SheetNode& node, const std::string& written) const {
    const auto found = replaced_.find(&node);
    return found == replaced_.end() ? written : found->second;
}

std::string FormulaTranslation::operation(const SheetNode& node, bool in_measure) {
    constexpr std::string_view signs[] = {"=", "!=", "<", "<=", ">", ">=", "", "+", "-", "*", "/", "^"};
    if (node.kids.size() == 1) {
        const std::string of = value(node.kid(0), in_measure);
        return node.op == SheetOperator::percent ? bracketed(bracketed(of) + "%") : bracketed("-" + bracketed(of));
    }
    if (node.op == SheetOperator::join) {
        return "join(" + value(node.kid(0), in_measure) + ", " + value(node.kid(1), in_measure) + ")";
    }
    if ((node.op == SheetOperator::equal || node.op == SheetOperator::not_equal) &&
        (is_blank(node.kid(0)) || is_blank(node.kid(1)))) {
        const std::string asked =
            "is_missing(" + value(is_blank(node.kid(0)) ? node.kid(1) : node.kid(0), in_measure) + ")";
        return node.op == SheetOperator::equal ? asked : bracketed("not " + asked);
    }
    const std::string left = value(node.kid(0), in_measure);
    const std::string right = value(node.kid(1), in_measure);
    return bracketed(bracketed(left) + " " + std::string(signs[static_cast<std::size_t>(node.op)]) + " " +
                     bracketed(right));
}

std::string in_quotes(const std::string& text) {
    std::string out = "\"";
    for (const char c : text) {
        out += c;
        if (c == '"') {
            out += c;
        }
    }
    return out + "\"";
}

Criterion read_criterion(const std::string& text) {
    Criterion out{"=", text, false};
    const std::pair<std::string_view, const char*> signs[] = {{"<>", "!="}, {"<=", "<="}, {">=", ">="},
                                                              {"<", "<"},   {">", ">"},   {"=", "="}};
    for (const auto& [written, sign] : signs) {
        if (text.starts_with(written)) {
            out.sign = sign;
            out.value = text.substr(written.size());
            break;
        }
    }
    if (const std::optional<double> number = read_number(out.value)) {
        out.value = *number < 0 ? bracketed(shortest(*number)) : shortest(*number);
        out.number = true;
    }
    return out;
}

Result<TranslatedFormula> FormulaTranslator::translate(const SheetNode& tree, const SheetFormulaPlace& place,
                                                       const Replaced& replaced) const {
    try {
        return FormulaTranslation(workbook_, layout_, place, replaced).run(tree);
    } catch (const NotTranslatable& refusal) {
        return refusal.why;
    }
}

} // namespace ledgefall
