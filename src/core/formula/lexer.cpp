#include "core/formula/lexer.h"

#include "core/formula/names.h"
#include "core/value/date.h"
#include "core/value/value.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <optional>
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
        } else if (raised_digit(c.value)) {
            raised();
        } else {
            sign(c);
        }
    }

    static std::optional<char> raised_digit(char32_t c) {
        constexpr std::u32string_view all = U"⁰¹²³⁴⁵⁶⁷⁸⁹";
        const std::size_t digit = all.find(c);
        return digit == std::u32string_view::npos ? std::nullopt : std::optional(static_cast<char>('0' + digit));
    }

    /// Neighbouring raised digits are one exponent: `3²³` is 3 to the power of 23.
    void raised() {
        const std::size_t from = at_;
        std::string written;
        for (auto digit = raised_digit(next()); digit && at_ < text_.size(); digit = raised_digit(next())) {
            written += *digit;
            at_ += code_point_at(text_, at_).length;
        }
        add(TokenType::sign, from, "^");
        Token& exponent = add(TokenType::number, from, written);
        std::from_chars(written.data(), written.data() + written.size(), exponent.number);
    }

    void digits() {
        while (digit_at(at_)) {
            ++at_;
        }
    }

    /// `2024-02-29` without spaces: a date, which a formula writes otherwise.
    bool is_date(std::size_t from) const {
        const std::string_view written = text_.substr(from, 10);
        return written.size() == 10 && read_date(written) && !digit_at(from + 10);
    }

    void number() {
        const std::size_t from = at_;
        if (is_date(from)) {
            const auto part = [&](std::size_t at, std::size_t count) {
                const std::string written(text_.substr(from + at, count));
                const std::size_t first = written.find_first_not_of('0');
                return first == std::string::npos ? std::string("0") : written.substr(first);
            };
            const std::string date = "date(" + part(0, 4) + ", " + part(5, 2) + ", " + part(8, 2) + ")";
            return mistake(from, from + 10, {N_("In a formula a date is written %1."), {date}},
                           put_in(from, from + 10, date));
        }
        digits();
        if (next() == '.' && digit_at(at_ + 1)) {
            ++at_;
            digits();
        }
        if (next() == 'e' || next() == 'E') {
            const std::string_view behind = text_.substr(at_ + 1);
            const bool typographic = behind.starts_with("\u2212");
            const std::size_t sign_length = typographic                                          ? 3
                                            : behind.starts_with('-') || behind.starts_with('+') ? 1
                                                                                                 : 0;
            if (digit_at(at_ + 1 + sign_length)) {
                at_ += 1 + sign_length;
                digits();
            }
        }
        std::string written(text_.substr(from, at_ - from));
        if (const std::size_t minus = written.find("\u2212"); minus != std::string::npos) {
            written.replace(minus, 3, "-");
        }
        double value = 0;
        const auto read = std::from_chars(written.data(), written.data() + written.size(), value);
        const bool tiny = read.ec == std::errc::result_out_of_range && written.find("e-") != std::string::npos;
        if ((read.ec != std::errc() && !tiny) || !std::isfinite(value)) {
            return mistake(from, at_, {N_("The number %1 is too large."), {written.substr(0, 30)}});
        }
        if (begins_name(next())) {
            return after_number(from, written);
        }
        if (is_inexact_whole(written)) {
            const std::string nearest = write_cell(Value::number(value));
            return mistake(from, at_,
                           {N_("%1 has more digits than a number can hold. The nearest is %2."), {written, nearest}},
                           put_in(from, at_, nearest));
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
        mistake(from, at_, {N_("%1%2 is not read as a product. Write %1*%2."), {written, name}},
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
        mistake(from, text_.size(), {N_("This text is not closed. Add a quotation mark at its end."), {}},
                put_in(text_.size(), text_.size(), "\""));
        out_.mistakes.back().follows = {N_("The text ends with a quotation mark."), {}};
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
            return mistake(from, from + c.length,
                           {N_("The character %1 has no meaning in a formula. Remove it."),
                            {std::string(rest.substr(0, c.length))}},
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
