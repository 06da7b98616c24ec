#include "core/formula/lexer.h"

#include "core/formula/names.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <utility>

namespace ledgefall {
namespace {

// The longest come first, so that `<=` is not read as `<` and `=`.
constexpr std::array<std::pair<std::string_view, std::string_view>, 41> signs = {{
    {"!=", "!="}, {"<=", "<="}, {">=", ">="}, {"~=", "~="}, {"==", "="}, {"..", ".."}, {"≠", "!="},
    {"≤", "<="},  {"≥", ">="},  {"≈", "~="},  {"×", "*"},   {"·", "*"},  {"÷", "/"},   {"−", "-"},
    {"√", "√"},   {"°", "°"},   {"…", ".."},  {"+", "+"},   {"-", "-"},  {"*", "*"},   {"/", "/"},
    {"^", "^"},   {"(", "("},   {")", ")"},   {"[", "["},   {"]", "]"},  {",", ","},   {";", ";"},
    {"=", "="},   {"<", "<"},   {">", ">"},   {"!", "!"},   {"%", "%"},  {"|", "|"},   {".", "."},
    {"⋅", "*"},   {"∗", "*"},   {"∕", "/"},   {"–", "-"},   {"⁄", "/"},  {"∙", "*"},
}};

class Lexer {
  public:
    explicit Lexer(std::string_view text)
        : text_(text) {}

    Tokens read() {
        while (out_.mistakes.empty()) {
            skip_blanks();
            if (at_ >= text_.size()) {
                break;
            }
            one();
        }
        add(TokenType::end, at_, "");
        return std::move(out_);
    }

  private:
    char32_t next() const { return at_ < text_.size() ? code_point_at(text_, at_).value : 0; }
    bool digit_at(std::size_t at) const { return at < text_.size() && text_[at] >= '0' && text_[at] <= '9'; }

    void skip_blanks() {
        while (at_ < text_.size()) {
            const CodePoint c = code_point_at(text_, at_);
            const bool blank = c.value == ' ' || c.value == '\t' || c.value == '\n' || c.value == '\r' ||
                               c.value == 0xA0 || (c.value >= 0x2000 && c.value <= 0x200A) || c.value == 0x202F;
            if (!blank) {
                return;
            }
            at_ += c.length;
        }
    }

    Token& add(TokenType type, std::size_t from, std::string text) {
        Token token;
        token.type = type;
        token.span = {static_cast<std::uint32_t>(from), static_cast<std::uint32_t>(at_)};
        token.text = std::move(text);
        out_.all.push_back(std::move(token));
        return out_.all.back();
    }

    void mistake(std::size_t from, std::size_t to, Sentence what,
                 std::optional<SuggestedCorrection> correction = std::nullopt) {
        out_.mistakes.push_back({std::move(what),
                                 {static_cast<std::uint32_t>(from), static_cast<std::uint32_t>(to)},
                                 std::move(correction)});
    }

    static SuggestedCorrection put_in(std::size_t from, std::size_t to, std::string text) {
        return {{static_cast<std::uint32_t>(from), static_cast<std::uint32_t>(to)}, std::move(text)};
    }

    void one() {
        const CodePoint c = code_point_at(text_, at_);
        if (digit_at(at_)) {
            number();
        } else if (c.value == '"' || c.value == 0x201C) {
            quoted(c);
        } else if (begins_name(c.value)) {
            name();
        } else if (c.value == 0xB2 || c.value == 0xB3) {
            const std::size_t from = at_;
            at_ += c.length;
            add(TokenType::sign, from, "^");
            add(TokenType::number, from, c.value == 0xB2 ? "2" : "3").number = c.value == 0xB2 ? 2 : 3;
        } else {
            sign(c);
        }
    }

    void digits() {
        while (digit_at(at_)) {
            ++at_;
        }
    }

    void number() {
        const std::size_t from = at_;
        digits();
        if (next() == '.' && digit_at(at_ + 1)) {
            ++at_;
            digits();
        }
        if (next() == 'e' || next() == 'E') {
            const std::size_t sign_length = at_ + 1 < text_.size() && (text_[at_ + 1] == '-' || text_[at_ + 1] == '+');
            if (digit_at(at_ + 1 + sign_length)) {
                at_ += 1 + sign_length;
                digits();
            }
        }
        const std::string written(text_.substr(from, at_ - from));
        double value = 0;
        const auto read = std::from_chars(written.data(), written.data() + written.size(), value);
        const bool tiny = read.ec == std::errc::result_out_of_range && written.find("e-") != std::string::npos;
        if ((read.ec != std::errc() && !tiny) || !std::isfinite(value)) {
            return mistake(from, at_, {"The number %1 is too large to be held.", {written.substr(0, 30)}});
        }
        if (begins_name(next())) {
            return after_number(from, written);
        }
        add(TokenType::number, from, written).number = tiny ? 0 : value;
    }

    /// A name straight after a number: multiplication is always written.
    void after_number(std::size_t from, const std::string& written) {
        const std::size_t name_from = at_;
        while (at_ < text_.size() && continues_name(next())) {
            at_ += code_point_at(text_, at_).length;
        }
        const std::string name(text_.substr(name_from, std::min<std::size_t>(at_ - name_from, 30)));
        mistake(from, at_, {"%1%2 is not read as a product: write %1*%2.", {written, name}},
                put_in(name_from, name_from, "*"));
    }

    void quoted(CodePoint open) {
        const std::size_t from = at_;
        at_ += open.length;
        const char32_t close = open.value == '"' ? U'"' : U'\u201D';
        std::string inside;
        while (at_ < text_.size()) {
            const CodePoint c = code_point_at(text_, at_);
            at_ += c.length;
            if (c.value != close) {
                inside.append(text_.substr(at_ - c.length, c.length));
            } else if (close == '"' && next() == '"') { // a quote within a text is written twice
                inside += '"';
                ++at_;
            } else {
                add(TokenType::text, from, inside);
                return;
            }
        }
        mistake(from, text_.size(), {"This text is not closed: put a quotation mark at its end.", {}},
                put_in(text_.size(), text_.size(), "\""));
    }

    void name() {
        const std::size_t from = at_;
        while (at_ < text_.size() && continues_name(next())) {
            at_ += code_point_at(text_, at_).length;
        }
        add(TokenType::name, from, normal_name(text_.substr(from, at_ - from)));
    }

    void sign(CodePoint c) {
        const std::string_view rest = text_.substr(at_);
        const auto entry =
            std::find_if(signs.begin(), signs.end(), [rest](const auto& sign) { return rest.starts_with(sign.first); });
        const std::size_t from = at_;
        if (entry == signs.end()) {
            return mistake(
                from, from + c.length,
                {"The sign %1 means nothing in a formula: remove it.", {std::string(rest.substr(0, c.length))}},
                put_in(from, from + c.length, ""));
        }
        at_ += entry->first.size();
        add(TokenType::sign, from, std::string(entry->second));
    }

    std::string_view text_;
    std::size_t at_ = 0;
    Tokens out_;
};

} // namespace

Tokens read_tokens(std::string_view text) {
    return Lexer(text).read();
}

} // namespace ledgefall
