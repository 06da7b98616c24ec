// The formulas of worksheets, read by recursive descent: comparison, joining of texts, + -, * /, ^ (to the left),
// signs, per cent, operands; as ODF 1.3 part 4 (OpenFormula) and ISO/IEC 29500-1, 18.17 order them.

#include "files/worksheet_reading/openformula_names.h"
#include "files/worksheet_reading/sheet_formula_reader.h"

#include <charconv>

namespace ledgefall {
namespace {

constexpr std::size_t most_characters = 20'000;
constexpr std::size_t deepest = 150;

} // namespace

SheetFormula SheetFormulaReader::read() {
    SheetFormula out;
    out.text = std::string(text_.substr(0, most_characters));
    if (text_.size() > most_characters) {
        mistake_ = {N_("it is longer than %1 characters"), {std::to_string(most_characters)}};
    }
    SheetNodePtr tree = mistake_ ? nullptr : comparison();
    skip_blanks();
    if (!mistake_ && at_ < text_.size()) {
        fail({N_("it cannot be read from %1 onwards"), {std::string(text_.substr(at_, 20))}});
    }
    if (mistake_) {
        out.mistake = *mistake_;
        out.says = "? " + out.text;
        return out;
    }
    out.tree = std::move(tree);
    return out;
}

SheetNodePtr SheetFormulaReader::comparison() {
    if (++depth_ > deepest) {
        fail({N_("its brackets are nested more than %1 deep"), {std::to_string(deepest)}});
        return node(Type::nothing);
    }
    SheetNodePtr out = joined({{"<>", SheetOperator::not_equal},
                               {"<=", SheetOperator::less_equal},
                               {">=", SheetOperator::greater_equal},
                               {"=", SheetOperator::equal},
                               {"<", SheetOperator::less},
                               {">", SheetOperator::greater}},
                              [this] { return text_join(); });
    --depth_;
    return out;
}

SheetNodePtr SheetFormulaReader::text_join() {
    return joined({{"&", SheetOperator::join}}, [this] { return sum(); });
}

SheetNodePtr SheetFormulaReader::sum() {
    return joined({{"+", SheetOperator::add}, {"-", SheetOperator::subtract}}, [this] { return product(); });
}

SheetNodePtr SheetFormulaReader::product() {
    return joined({{"*", SheetOperator::multiply}, {"/", SheetOperator::divide}}, [this] { return power(); });
}

SheetNodePtr SheetFormulaReader::power() {
    return joined({{"^", SheetOperator::power}}, [this] { return sign(); });
}

SheetNodePtr SheetFormulaReader::sign() {
    std::vector<SheetOperator> signs;
    while (true) {
        if (take("-")) {
            signs.push_back(SheetOperator::negate);
        } else if (take("+")) {
            signs.push_back(SheetOperator::plus);
        } else {
            break;
        }
        if (signs.size() > deepest) {
            fail({N_("it has more than %1 signs in a row"), {std::to_string(deepest)}});
            break;
        }
    }
    SheetNodePtr out = operand();
    std::size_t percents = 0;
    while (!mistake_ && take("%") && ++percents < 20) {
        out = operation(SheetOperator::percent, {std::move(out)});
    }
    for (auto it = signs.rbegin(); it != signs.rend(); ++it) {
        if (*it == SheetOperator::negate) {
            out = operation(SheetOperator::negate, {std::move(out)});
        }
    }
    return out;
}

SheetNodePtr SheetFormulaReader::operand() {
    skip_blanks();
    const char c = here();
    if (take("(")) {
        SheetNodePtr out = comparison();
        if (!mistake_ && !take(")")) {
            fail({N_("a bracket is not closed"), {}});
        }
        return out;
    }
    if (c == '"') {
        return text();
    }
    if (c == '{') {
        return list();
    }
    if (c == '#') {
        const std::size_t begin = at_++;
        while (in_word(here()) || here() == '/' || here() == '!') {
            ++at_;
        }
        auto out = node(Type::fault);
        out->text = std::string(text_.substr(begin, at_ - begin));
        return out;
    }
    if (notation_ == FormulaNotation::open_formula && c == '[') {
        return bracketed_reference();
    }
    if (digit(c) || (c == '.' && digit(after(1)))) {
        if (notation_ == FormulaNotation::plain) {
            if (SheetNodePtr rows = whole_rows()) {
                return rows;
            }
        }
        return number();
    }
    return word();
}

SheetNodePtr SheetFormulaReader::number() {
    auto out = node(Type::number);
    const auto [end, error] = std::from_chars(text_.data() + at_, text_.data() + text_.size(), out->number);
    if (error != std::errc()) {
        fail({N_("it has a number that cannot be read"), {}});
    }
    at_ = static_cast<std::size_t>(end - text_.data());
    return out;
}

SheetNodePtr SheetFormulaReader::text() {
    auto out = node(Type::text);
    ++at_;
    while (at_ < text_.size()) {
        if (here() == '"' && after(1) != '"') {
            ++at_;
            return out;
        }
        at_ += here() == '"' ? 1 : 0;
        out->text += text_[at_++];
    }
    fail({N_("a text in it is not closed"), {}});
    return out;
}

SheetNodePtr SheetFormulaReader::list() {
    auto out = node(Type::list);
    ++at_;
    do {
        out->kids.push_back(sum());
        if (out->kids.size() > 10'000) {
            fail({N_("it has a list of more than 10000 values"), {}});
        }
    } while (!mistake_ && (take(";") || take(",") || take("|")));
    if (!mistake_ && !take("}")) {
        fail({N_("a list in it is not closed"), {}});
    }
    return out;
}

SheetNodePtr SheetFormulaReader::word() {
    const std::size_t begin = at_;
    if (notation_ == FormulaNotation::plain) {
        if (here() == '[') {
            const TableArea* area = areas_.around(own_);
            const auto part = area == nullptr ? std::nullopt : part_of_area(*area, text_, at_, own_, areas_.sheet);
            return part && !in_word(here()) ? std::make_shared<SheetNode>(*part)
                                            : elsewhere(begin); // of another file: `[1]Sheet!A1`
        }
        if (here() == '\'') {
            const std::string name = quoted();
            if (name.find('[') != std::string::npos) {
                return elsewhere(begin);
            }
            return on_sheet(name, begin);
        }
        if (SheetNodePtr found = plain_reference({})) {
            return found;
        }
    }
    if (here() == '$' && notation_ == FormulaNotation::open_formula && after(1) == '$') {
        at_ += 2; // a name that is not looked for on a sheet first
    }
    std::size_t from = at_;
    while (at_ < text_.size() && in_word(here())) {
        ++at_;
    }
    std::string name(text_.substr(from, at_ - from));
    if (name.empty()) {
        if (at_ >= text_.size()) {
            fail({N_("something is missing at the end"), {}});
        } else {
            fail({N_("it cannot be read from %1 onwards"), {std::string(text_.substr(at_, 20))}});
        }
        return node(Type::nothing);
    }
    if (here() == '!' && notation_ == FormulaNotation::plain) {
        return on_sheet(name, begin);
    }
    if (here() == '[' && notation_ == FormulaNotation::plain) {
        const TableArea* area = areas_.find(name);
        const auto part = area == nullptr ? std::nullopt : part_of_area(*area, text_, at_, own_, areas_.sheet);
        if (part) {
            return std::make_shared<SheetNode>(*part);
        }
        fail({N_("it uses a part of %1, which does not exist"), {name}});
        return node(Type::nothing);
    }
    if (here() == ':' && notation_ == FormulaNotation::plain) { // over several sheets
        return elsewhere(begin);
    }
    std::string capitals = name;
    std::transform(capitals.begin(), capitals.end(), capitals.begin(),
                   [](char c) { return c >= 'a' && c <= 'z' ? static_cast<char>(c - 'a' + 'A') : c; });
    if (take("(")) {
        return call(std::move(capitals));
    }
    if (capitals == "TRUE" || capitals == "FALSE") {
        auto out = node(Type::yes_no);
        out->number = capitals == "TRUE" ? 1 : 0;
        return out;
    }
    auto out = node(Type::name);
    out->text = std::move(name);
    return out;
}

SheetNodePtr SheetFormulaReader::call(std::string name) {
    auto out = node(Type::call);
    out->text = function_read(std::move(name), notation_);
    if (take(")")) {
        return out;
    }
    do {
        skip_blanks();
        const char next = here();
        const bool left_out = next == ',' || next == ';' || next == ')';
        out->kids.push_back(left_out ? SheetNodePtr(node(Type::nothing)) : comparison());
        if (out->kids.size() > 255) {
            fail({N_("it has a function with more than 255 arguments"), {}});
        }
    } while (!mistake_ && (take(";") || take(",")));
    if (!mistake_ && !take(")")) {
        fail({N_("the brackets of %1 are not closed"), {out->text}});
    }
    return out;
}

SheetFormula read_sheet_formula(std::string_view text, FormulaNotation notation, SheetPlace own) {
    return read_sheet_formula(text, notation, own, {});
}

SheetFormula read_sheet_formula(std::string_view text, FormulaNotation notation, SheetPlace own,
                                const AreasInReach& areas) {
    SheetFormula out = SheetFormulaReader(text, notation, own, areas).read();
    if (out.tree) {
        out.says = what_formula_says(*out.tree);
    }
    return out;
}

} // namespace ledgefall
