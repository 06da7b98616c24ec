#pragma once

#include "files/worksheet_reading/table_areas.h"

#include <algorithm>
#include <optional>

namespace ledgefall {

/// `$B$7`, `B7`, `$B`, `7` (a whole row): what stands at the beginning of a text, and how many characters it takes.
struct ReadReference {
    bool has_column = false, has_row = false;
    Coordinate row, column; ///< as numbers from 0, not yet seen from the own cell
    std::size_t length = 0;
};
ReadReference read_reference(std::string_view text);

/// A reading of one formula of a worksheet, by recursive descent: its operators in read_sheet_formula.cpp, its places
/// in read_sheet_places.cpp. The first mistake ends it.
class SheetFormulaReader {
  public:
    SheetFormulaReader(std::string_view text, FormulaNotation notation, SheetPlace own, const AreasInReach& areas)
        : text_(text)
        , notation_(notation)
        , own_(own)
        , areas_(areas) {}

    SheetFormula read();

  private:
    using Type = SheetNode::Type;

    static bool letter(char c) { return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z'); }
    static bool digit(char c) { return c >= '0' && c <= '9'; }
    static bool in_word(char c) {
        return letter(c) || digit(c) || c == '_' || c == '.' || c == '\\' || c == '?' ||
               static_cast<unsigned char>(c) >= 0x80;
    }

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
                fail({N_("it joins more than 500 operands"), {}});
                break;
            }
            SheetNodePtr right = operand();
            left = operation(sign->op, {std::move(left), std::move(right)});
        }
        return left;
    }

    SheetNodePtr comparison();
    SheetNodePtr text_join();
    SheetNodePtr sum();
    SheetNodePtr product();
    SheetNodePtr power();
    SheetNodePtr sign();
    SheetNodePtr operand();
    SheetNodePtr number();
    SheetNodePtr text();
    SheetNodePtr list();
    SheetNodePtr word();
    SheetNodePtr call(std::string name);

    // --- places, in read_sheet_places.cpp
    Coordinate seen(Coordinate written, std::uint32_t own) const;
    CellReference reference(const ReadReference& read) const;
    SheetNodePtr place(std::string sheet, const ReadReference& from, const std::optional<ReadReference>& to);
    /// A sheet's name in single quotes, in which a quote is doubled.
    std::string quoted();
    /// `[.A1]`, `[$Sheet.A1:.B2]`, `['file:///…'#$Sheet.A1]`.
    SheetNodePtr bracketed_reference();
    /// `1:3`; null where it is a number.
    SheetNodePtr whole_rows();
    /// `A1`, `A1:B2`, `A:A` at this place, on that sheet; null where none stands here.
    SheetNodePtr plain_reference(const std::string& sheet);
    SheetNodePtr on_sheet(const std::string& name, std::size_t begin);
    /// What is on no sheet of this file: to the end of its word.
    SheetNodePtr elsewhere(std::size_t begin);

    std::string_view text_;
    FormulaNotation notation_;
    SheetPlace own_;
    const AreasInReach& areas_;
    std::size_t at_ = 0;
    std::size_t depth_ = 0;
    std::optional<Sentence> mistake_;
};

} // namespace ledgefall
