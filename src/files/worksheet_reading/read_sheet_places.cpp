// The places in formulas of worksheets: cells, ranges, whole rows and columns, on other sheets and in other files.

#include "files/worksheet_reading/sheet_formula_reader.h"

namespace ledgefall {

namespace {

bool letter(char c) {
    return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z');
}
bool digit(char c) {
    return c >= '0' && c <= '9';
}

} // namespace

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

Coordinate SheetFormulaReader::seen(Coordinate written, std::uint32_t own) const {
    return written.fixed ? written : Coordinate{written.value - static_cast<std::int32_t>(own), false};
}

CellReference SheetFormulaReader::reference(const ReadReference& read) const {
    return {seen(read.row, own_.row), seen(read.column, own_.column), read.has_column && !read.has_row,
            read.has_row && !read.has_column};
}

SheetNodePtr SheetFormulaReader::place(std::string sheet, const ReadReference& from,
                                       const std::optional<ReadReference>& to) {
    auto out = node(to || !from.has_row || !from.has_column ? Type::range : Type::cell);
    out->sheet = std::move(sheet);
    out->from = reference(from);
    out->to = reference(to.value_or(from));
    return out;
}

std::string SheetFormulaReader::quoted() {
    std::string out;
    ++at_;
    while (at_ < text_.size() && (here() != '\'' || after(1) == '\'')) {
        at_ += here() == '\'' ? 1 : 0;
        out += text_[at_++];
    }
    ++at_;
    return out;
}

SheetNodePtr SheetFormulaReader::bracketed_reference() {
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

SheetNodePtr SheetFormulaReader::whole_rows() {
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

SheetNodePtr SheetFormulaReader::plain_reference(const std::string& sheet) {
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

SheetNodePtr SheetFormulaReader::on_sheet(const std::string& name, std::size_t begin) {
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

SheetNodePtr SheetFormulaReader::elsewhere(std::size_t begin) {
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
        fail({N_("it cannot be read from %1 onwards"), {std::string(text_.substr(at_, 20))}});
    }
    auto out = node(Type::elsewhere);
    out->text = std::string(text_.substr(begin, at_ - begin));
    return out;
}

} // namespace ledgefall
