#include "core/authoring/formula_fragments.h"

#include "core/formula/names.h"

#include <algorithm>
#include <array>
#include <utility>

namespace ledgefall {
namespace {

bool is_digit(char c) {
    return c >= '0' && c <= '9';
}

/// Divides a formula into fragments; every byte that fits nothing else is a sign of its own.
class FragmentReader {
  public:
    explicit FragmentReader(std::string_view text)
        : text_(text) {}

    Fragments read() {
        while (at_ < text_.size()) {
            const CodePoint c = code_point_at(text_, at_);
            if (c.value == ' ' || c.value == '\t' || c.value == 0xA0) {
                at_ += c.length;
                blank_ = true;
            } else if (is_digit(text_[at_])) {
                number();
            } else if (const char32_t close = closing_of(c.value)) {
                quoted(c, close);
            } else if (begins_name(c.value) || c.value == '$') {
                name();
            } else {
                sign(c);
            }
        }
        return std::move(out_);
    }

  private:
    void add(FragmentType type, std::string text) {
        out_.push_back({type, std::move(text), std::exchange(blank_, false)});
    }

    /// The mark that closes what an opening quotation mark of any usual kind opens; 0 for no such mark.
    static char32_t closing_of(char32_t open) {
        switch (open) {
        case '"':
        case '\'':
            return open;
        case 0x201C: // “, or ” at both ends
        case 0x201D:
            return 0x201D;
        case 0x201E: // „
            return 0x201C;
        case 0x2018: // ‘
            return 0x2019;
        case 0x00AB: // «
            return 0x00BB;
        default:
            return 0;
        }
    }

    void quoted(const CodePoint& open, char32_t close) {
        at_ += open.length;
        std::string inside;
        while (at_ < text_.size()) {
            const CodePoint c = code_point_at(text_, at_);
            at_ += c.length;
            if (c.value == close || (close == 0x201C && c.value == 0x201D)) {
                break;
            }
            inside.append(text_.substr(at_ - c.length, c.length));
        }
        add(FragmentType::text, inside);
    }

    void number() {
        const std::size_t from = at_;
        const auto digits = [this] {
            while (at_ < text_.size() && is_digit(text_[at_])) {
                ++at_;
            }
        };
        digits();
        if (at_ + 1 < text_.size() && text_[at_] == '.' && is_digit(text_[at_ + 1])) {
            ++at_;
            digits();
        }
        const std::size_t exponent = at_;
        if (at_ < text_.size() && (text_[at_] == 'e' || text_[at_] == 'E')) {
            ++at_;
            at_ += at_ < text_.size() && (text_[at_] == '-' || text_[at_] == '+') ? 1 : 0;
            const std::size_t first = at_;
            digits();
            at_ = at_ == first ? exponent : at_;
        }
        add(FragmentType::number, std::string(text_.substr(from, at_ - from)));
    }

    static bool is_line_over(char32_t c) { return c == 0x0304 || c == 0x0305; }

    /// A name, with dots within it and the dollar signs of an address. A line over a letter means its mean.
    void name() {
        const std::size_t from = at_;
        while (at_ < text_.size()) {
            const CodePoint c = code_point_at(text_, at_);
            const bool dot = c.value == '.' && at_ > from && at_ + 1 < text_.size() &&
                             begins_name(code_point_at(text_, at_ + 1).value);
            if (is_line_over(c.value) || (!continues_name(c.value) && c.value != '$' && !dot)) {
                break;
            }
            at_ += c.length;
        }
        const std::string written(text_.substr(from, at_ - from));
        const char32_t over = at_ < text_.size() ? code_point_at(text_, at_).value : 0;
        add(FragmentType::name, written);
        if (is_line_over(over)) {
            at_ += code_point_at(text_, at_).length;
            blank_ = true;
            add(FragmentType::name, "bar");
        }
    }

    void sign(const CodePoint& c) {
        static constexpr std::array<std::string_view, 12> pairs = {
            "**", "<>", "&&", "||", "==", "!=", "<=", ">=", "=<", "=>", "..", "~="};
        const std::string_view two = text_.substr(at_, 2);
        const bool pair = std::find(pairs.begin(), pairs.end(), two) != pairs.end();
        const std::size_t length = pair ? 2 : c.length;
        add(FragmentType::sign, std::string(text_.substr(at_, length)));
        at_ += length;
    }

    std::string_view text_;
    std::size_t at_ = 0;
    bool blank_ = false;
    Fragments out_;
};

} // namespace

Fragments read_fragments(std::string_view formula) {
    return FragmentReader(formula).read();
}

std::optional<Address> address_of(const std::string& text) {
    std::size_t at = text.starts_with('$') ? 1 : 0;
    Address out;
    const std::size_t letters = at;
    while (at < text.size() && text[at] >= 'A' && text[at] <= 'Z') {
        out.column = out.column * 26 + static_cast<std::size_t>(text[at++] - 'A') + 1;
    }
    const bool has_letters = at > letters && at - letters <= 3;
    out.fixed_row = at < text.size() && text[at] == '$';
    at += out.fixed_row ? 1 : 0;
    const std::size_t digits = at;
    while (at < text.size() && is_digit(text[at])) {
        ++at;
    }
    if (!has_letters || at == digits || at != text.size()) {
        return std::nullopt;
    }
    --out.column;
    return out;
}

std::string in_capitals(std::string text) {
    std::transform(text.begin(), text.end(), text.begin(),
                   [](char c) { return c >= 'a' && c <= 'z' ? static_cast<char>(c - 'a' + 'A') : c; });
    return text;
}

std::string in_small_letters(std::string text) {
    std::transform(text.begin(), text.end(), text.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; });
    return text;
}

} // namespace ledgefall
