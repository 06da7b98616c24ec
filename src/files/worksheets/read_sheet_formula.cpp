// The formulas of worksheets, read by recursive descent: comparison, joining of texts, + -, * /, ^ (to the left),
// signs, per cent, operands; as ODF 1.3 part 4 (OpenFormula) and ISO/IEC 29500-1, 18.17 order them.

#include "files/worksheets/openformula_names.h"
#include "files/worksheets/sheet_formula.h"
#include "files/worksheets/table_areas.h"

#include <algorithm>
#include <charconv>
#include <optional>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

constexpr std::size_t most_characters = 20'000;
constexpr std::size_t deepest = 150;

bool letter(char c) {
    return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z');
}
bool digit(char c) {
    return c >= '0' && c <= '9';
}
bool in_word(char c) {
    return letter(c) || digit(c) || c == '_' || c == '.' || c == '\\' || c == '?' ||
           static_cast<unsigned char>(c) >= 0x80;
}

/// `$B$7`, `B7`, `$B`, `7` (a whole row): what stands at the beginning of a text, and how many characters it takes.
struct ReadReference {
    bool has_column = false, has_row = false;
    Coordinate row, column; ///< as numbers from 0, not yet seen from the own cell
    std::size_t length = 0;
};

ReadReference read_reference(std::string_view text) {
    ReadReference out;
    std::size_t at = 0;
    const bool first_fixed = !text.empty() && text[0] == '$';
    at += first_fixed ? 1 : 0;
    std::int64_t column = 0;
    std::size_t letters = 0;
    while (at < text.size() && letter(text[at]) && letters < 4) {
        column = column * 26 + (text[at] & ~0x20) - 'A' + 1;
        ++at;
        ++letters;
    }
    if (letters > 0 && letters < 4 && column <= 16'384) {
        out.has_column = true;
        out.column = {static_cast<std::int32_t>(column - 1), first_fixed};
    } else if (letters > 0) {
        return {};
    }
    bool row_fixed = letters == 0 && first_fixed;
    std::size_t with_row = at;
    if (letters > 0 && with_row < text.size() && text[with_row] == '$') {
        row_fixed = true;
        ++with_row;
    }
    std::int64_t row = 0;
    std::size_t digits = 0;
    while (with_row < text.size() && digit(text[with_row]) && digits < 8) {
        row = row * 10 + text[with_row] - '0';
        ++with_row;
        ++digits;
    }
    if (digits > 0) {
        if (row < 1 || row > 1'048'576) {
            return {};
        }
        out.has_row = true;
        out.row = {static_cast<std::int32_t>(row - 1), row_fixed};
        at = with_row;
    }
    out.length = out.has_column || out.has_row ? at : 0;
    return out;
}

/// A reading of one formula. The first mistake ends it.
class Reader {
  public:
    Reader(std::string_view text, FormulaNotation notation, SheetPlace own, const AreasInReach& areas)
        : text_(text)
        , notation_(notation)
        , own_(own)
        , areas_(areas) {}

    SheetFormula read() {
        SheetFormula out;
        out.text = std::string(text_.substr(0, most_characters));
        if (text_.size() > most_characters) {
            mistake_ = {"it is longer than %1 characters", {std::to_string(most_characters)}};
        }
        SheetNodePtr tree = mistake_ ? nullptr : comparison();
        skip_blanks();
        if (!mistake_ && at_ < text_.size()) {
            fail({"it cannot be read from %1 on", {std::string(text_.substr(at_, 20))}});
        }
        if (mistake_) {
            out.mistake = *mistake_;
            out.says = "? " + out.text;
            return out;
        }
        out.tree = std::move(tree);
        return out;
    }

  private:
    char here() const { return at_ < text_.size() ? text_[at_] : '\0'; }
    char after(std::size_t by) const { return at_ + by < text_.size() ? text_[at_ + by] : '\0'; }
    bool take(std::string_view sign) {
        skip_blanks();
        if (text_.substr(at_).starts_with(sign)) {
            at_ += sign.size();
            return true;
        }
        return false;
    }
    void skip_blanks() {
        while (at_ < text_.size() && (here() == ' ' || here() == '\n' || here() == '\t' || here() == '\r')) {
            ++at_;
        }
    }
    void fail(Sentence why) {
        if (!mistake_) {
            mistake_ = std::move(why);
        }
    }

    static std::shared_ptr<SheetNode> node(Type type) {
        auto out = std::make_shared<SheetNode>();
        out->type = type;
        return out;
    }
    static SheetNodePtr operation(SheetOperator op, std::vector<SheetNodePtr> kids) {
        auto out = node(Type::operation);
        out->op = op;
        out->kids = std::move(kids);
        return out;
    }

    struct Sign {
        std::string_view text;
        SheetOperator op;
    };
    /// Operands of one rank, joined from left to right.
    template <class Operand>
    SheetNodePtr joined(std::initializer_list<Sign> signs, Operand operand) {
        SheetNodePtr left = operand();
        std::size_t joins = 0;
        while (!mistake_) {
            const auto* const sign =
                std::find_if(signs.begin(), signs.end(), [this](const Sign& one) { return take(one.text); });
            if (sign == signs.end()) {
                break;
            }
            if (++joins > 500) {
                fail({"it joins more than 500 operands", {}});
                break;
            }
            SheetNodePtr right = operand();
            left = operation(sign->op, {std::move(left), std::move(right)});
        }
        return left;
    }

    SheetNodePtr comparison() {
        if (++depth_ > deepest) {
            fail({"its brackets stand more than %1 deep", {std::to_string(deepest)}});
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
    SheetNodePtr text_join() {
        return joined({{"&", SheetOperator::join}}, [this] { return sum(); });
    }
    SheetNodePtr sum() {
        return joined({{"+", SheetOperator::add}, {"-", SheetOperator::subtract}}, [this] { return product(); });
    }
    SheetNodePtr product() {
        return joined({{"*", SheetOperator::multiply}, {"/", SheetOperator::divide}}, [this] { return power(); });
    }
    SheetNodePtr power() {
        return joined({{"^", SheetOperator::power}}, [this] { return sign(); });
    }
    SheetNodePtr sign() {
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
                fail({"it has more than %1 signs in a row", {std::to_string(deepest)}});
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

    SheetNodePtr operand() {
        skip_blanks();
        const char c = here();
        if (take("(")) {
            SheetNodePtr out = comparison();
            if (!mistake_ && !take(")")) {
                fail({"a bracket is not closed", {}});
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

    SheetNodePtr number() {
        auto out = node(Type::number);
        const auto [end, error] = std::from_chars(text_.data() + at_, text_.data() + text_.size(), out->number);
        if (error != std::errc()) {
            fail({"it has a number that cannot be read", {}});
        }
        at_ = static_cast<std::size_t>(end - text_.data());
        return out;
    }

    SheetNodePtr text() {
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
        fail({"a text in it is not closed", {}});
        return out;
    }

    SheetNodePtr list() {
        auto out = node(Type::list);
        ++at_;
        do {
            out->kids.push_back(sum());
            if (out->kids.size() > 10'000) {
                fail({"it has a list of more than 10000 values", {}});
            }
        } while (!mistake_ && (take(";") || take(",") || take("|")));
        if (!mistake_ && !take("}")) {
            fail({"a list in it is not closed", {}});
        }
        return out;
    }

    Coordinate seen(Coordinate written, std::uint32_t own) const {
        return written.fixed ? written : Coordinate{written.value - static_cast<std::int32_t>(own), false};
    }
    CellReference reference(const ReadReference& read) const {
        return {seen(read.row, own_.row), seen(read.column, own_.column), read.has_column && !read.has_row,
                read.has_row && !read.has_column};
    }
    SheetNodePtr place(std::string sheet, const ReadReference& from, const std::optional<ReadReference>& to) {
        auto out = node(to || !from.has_row || !from.has_column ? Type::range : Type::cell);
        out->sheet = std::move(sheet);
        out->from = reference(from);
        out->to = reference(to.value_or(from));
        return out;
    }

    /// A sheet's name in single quotes, in which a quote is doubled.
    std::string quoted() {
        std::string out;
        ++at_;
        while (at_ < text_.size() && (here() != '\'' || after(1) == '\'')) {
            at_ += here() == '\'' ? 1 : 0;
            out += text_[at_++];
        }
        ++at_;
        return out;
    }

    /// `[.A1]`, `[$Sheet.A1:.B2]`, `['file:///…'#$Sheet.A1]`.
    SheetNodePtr bracketed_reference() {
        const std::size_t begin = at_++;
        const auto sheet = [this](std::string& name) {
            at_ += here() == '$' && after(1) != '.' ? 1 : 0;
            if (here() == '\'') {
                name = quoted();
            } else {
                const std::size_t from = at_;
                while (at_ < text_.size() && here() != '.' && here() != ']' && here() != '#' && here() != ':') {
                    ++at_;
                }
                name = std::string(text_.substr(from, at_ - from));
            }
            return here() != '#' || name.empty();
        };
        std::string name;
        const auto skip = [&](Type type) {
            const std::size_t end = text_.find(']', begin);
            at_ = end == std::string_view::npos ? text_.size() : end + 1;
            auto out = node(type);
            out->text = std::string(text_.substr(begin, at_ - begin));
            return out;
        };
        if (!sheet(name)) {
            return skip(Type::elsewhere);
        }
        if (here() != '.') {
            return skip(Type::fault);
        }
        ++at_;
        const ReadReference from = read_reference(text_.substr(at_));
        if (from.length == 0) {
            return skip(Type::fault);
        }
        at_ += from.length;
        std::optional<ReadReference> to;
        if (here() == ':') {
            ++at_;
            std::string to_sheet;
            if (!sheet(to_sheet) || here() != '.') {
                return skip(Type::fault);
            }
            if (!to_sheet.empty() && to_sheet != name) {
                return skip(Type::elsewhere);
            }
            ++at_;
            to = read_reference(text_.substr(at_));
            if (to->length == 0) {
                return skip(Type::fault);
            }
            at_ += to->length;
        }
        if (here() != ']') {
            return skip(Type::fault);
        }
        ++at_;
        return place(std::move(name), from, to);
    }

    /// `1:3`; null where it is a number.
    SheetNodePtr whole_rows() {
        const ReadReference from = read_reference(text_.substr(at_));
        if (from.length == 0 || from.has_column || after(from.length) != ':') {
            return nullptr;
        }
        const ReadReference to = read_reference(text_.substr(at_ + from.length + 1));
        if (to.length == 0 || to.has_column) {
            return nullptr;
        }
        at_ += from.length + 1 + to.length;
        return place({}, from, to);
    }

    /// `A1`, `A1:B2`, `A:A` at this place, on that sheet; null where none stands here.
    SheetNodePtr plain_reference(const std::string& sheet) {
        const ReadReference from = read_reference(text_.substr(at_));
        const char next = after(from.length);
        if (from.length == 0 || in_word(next) || next == '(' || next == '!') {
            return nullptr;
        }
        if (next == ':') {
            const ReadReference to = read_reference(text_.substr(at_ + from.length + 1));
            if (to.length > 0 && to.has_row == from.has_row && to.has_column == from.has_column) {
                at_ += from.length + 1 + to.length;
                return place(sheet, from, to);
            }
        }
        if (!from.has_row || !from.has_column) {
            return nullptr;
        }
        at_ += from.length;
        return place(sheet, from, std::nullopt);
    }

    SheetNodePtr word() {
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
                fail({"something is missing at its end", {}});
            } else {
                fail({"it cannot be read from %1 on", {std::string(text_.substr(at_, 20))}});
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
            fail({"it takes a part of %1, which is not there", {name}});
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

    SheetNodePtr on_sheet(const std::string& name, std::size_t begin) {
        if (here() == '!') {
            ++at_;
            if (SheetNodePtr found = plain_reference(name)) {
                return found;
            }
            if (here() == '#') {
                return operand();
            }
        }
        return elsewhere(begin);
    }

    /// What is on no sheet of this file: to the end of its word.
    SheetNodePtr elsewhere(std::size_t begin) {
        at_ = begin;
        bool in_quotes = false;
        while (at_ < text_.size()) {
            const char c = here();
            if (c == '\'') {
                in_quotes = !in_quotes;
            } else if (!in_quotes && !in_word(c) && std::string_view("[]!$:#").find(c) == std::string_view::npos) {
                break;
            }
            ++at_;
        }
        if (at_ == begin) {
            fail({"it cannot be read from %1 on", {std::string(text_.substr(at_, 20))}});
        }
        auto out = node(Type::elsewhere);
        out->text = std::string(text_.substr(begin, at_ - begin));
        return out;
    }

    SheetNodePtr call(std::string name) {
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
                fail({"it has a function with more than 255 arguments", {}});
            }
        } while (!mistake_ && (take(";") || take(",")));
        if (!mistake_ && !take(")")) {
            fail({"the brackets of %1 are not closed", {out->text}});
        }
        return out;
    }

    std::string_view text_;
    FormulaNotation notation_;
    SheetPlace own_;
    const AreasInReach& areas_;
    std::size_t at_ = 0;
    std::size_t depth_ = 0;
    std::optional<Sentence> mistake_;
};

} // namespace

SheetFormula read_sheet_formula(std::string_view text, FormulaNotation notation, SheetPlace own) {
    return read_sheet_formula(text, notation, own, {});
}

SheetFormula read_sheet_formula(std::string_view text, FormulaNotation notation, SheetPlace own,
                                const AreasInReach& areas) {
    SheetFormula out = Reader(text, notation, own, areas).read();
    if (out.tree) {
        out.says = what_formula_says(*out.tree);
    }
    return out;
}

} // namespace ledgefall
