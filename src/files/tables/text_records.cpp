#include "files/tables/text_records.h"

#include <algorithm>
#include <array>
#include <optional>

namespace ledgefall {

class RecordReader {
  public:
    RecordReader(std::string_view text, const TextRecords::Form& form, const StopToken& stop)
        : form_(form)
        , stop_(stop)
        , by_blanks_(form.delimiter == ' ')
        , text_(text) {
        for (const char c : {'\n', '\r', form.delimiter, by_blanks_ ? '\t' : '\n'}) {
            ends_field_[static_cast<unsigned char>(c)] = true;
        }
    }

    Result<TextRecords> read(std::size_t most) {
        *out_.text_ = text_;
        text_ = *out_.text_;
        while (at_ < text_.size() && out_.lines_.size() < most && !refusal_) {
            if (out_.lines_.size() % rows_between == 0) {
                stop_.throw_if_stopped();
                stop_.report_progress(at_, text_.size());
                if (out_.lines_.size() == rows_between && most == TextRecords::all) {
                    reserve_for_the_rest();
                }
            }
            if (!form_.comment.empty() && text_.substr(at_).starts_with(form_.comment)) {
                leave_out_line();
            } else {
                read_record();
            }
        }
        out_.starts_.push_back(static_cast<std::uint32_t>(out_.fields_.size()));
        return refusal_ ? Result<TextRecords>(*refusal_) : Result<TextRecords>(std::move(out_));
    }

  private:
    static constexpr std::size_t rows_between = 8192; // until it is asked again whether to stop

    /// As if the rest were like the records so far.
    void reserve_for_the_rest() {
        const double times = 1.05 * static_cast<double>(text_.size()) / static_cast<double>(at_);
        const auto reserve = [times](auto& list) {
            list.reserve(static_cast<std::size_t>(times * static_cast<double>(list.size())));
        };
        reserve(out_.fields_);
        reserve(out_.starts_);
        reserve(out_.lines_);
    }

    bool at_line_end() const { return at_ >= text_.size() || text_[at_] == '\n' || text_[at_] == '\r'; }
    bool at_blank() const { return at_ < text_.size() && (text_[at_] == ' ' || text_[at_] == '\t'); }

    void end_line() {
        if (at_ < text_.size()) {
            at_ += text_.substr(at_, 2) == "\r\n" ? 2 : 1;
            ++line_;
        }
    }

    void leave_out_line() {
        at_ = std::min(text_.find_first_of("\r\n", at_), text_.size());
        end_line();
        ++out_.comments_;
    }

    void pass_blanks() {
        while (by_blanks_ && at_blank()) {
            ++at_;
        }
    }

    void read_record() {
        const std::size_t first = out_.fields_.size();
        out_.starts_.push_back(static_cast<std::uint32_t>(first));
        out_.lines_.push_back(static_cast<std::uint32_t>(line_));
        pass_blanks();
        for (;;) {
            if (at_ < text_.size() && text_[at_] == '"') {
                quoted();
            } else {
                plain();
            }
            pass_blanks();
            if (at_line_end() || out_.fields_.size() - first > TextRecords::most_fields) {
                break;
            }
            at_ += by_blanks_ ? 0 : 1; // the delimiter
        }
        end_line();
        out_.has_blanks_ = out_.has_blanks_ || (out_.fields_.size() == first + 1 && out_.fields_.back().size == 0);
        if (out_.fields_.size() - first > TextRecords::most_fields) {
            refusal_ = Sentence{N_("Line %1 has more than %2 fields, the most that a table has columns. Choose another "
                                   "separator, or divide the text."),
                                {std::to_string(out_.lines_.back()), std::to_string(TextRecords::most_fields)}};
        } else if (out_.lines_.size() > TextRecords::most_records) {
            refusal_ = Sentence{N_("The text has more than %1 lines, the most that a table has rows. Divide the text."),
                                {std::to_string(TextRecords::most_records)}};
        }
    }

    void add(std::size_t from, std::size_t end) {
        std::vector<TextRecords::Place>& fields = out_.fields_;
        if (fields.size() == fields.capacity()) { // by less than twice, for the memory's sake
            fields.reserve(std::max<std::size_t>(fields.size() + fields.size() / 3, 1000));
        }
        fields.push_back({static_cast<std::uint32_t>(from), static_cast<std::uint32_t>(end - from)});
    }

    std::pair<std::size_t, std::size_t> unquoted() {
        const char* const begin = text_.data();
        const char* from = begin + at_;
        const char* end = from;
        for (const char* const last = begin + text_.size();
             end < last && !ends_field_[static_cast<unsigned char>(*end)];) {
            ++end;
        }
        at_ = static_cast<std::size_t>(end - begin);
        while (from < end && *from == ' ') {
            ++from;
        }
        while (end > from && end[-1] == ' ') {
            --end;
        }
        return {static_cast<std::size_t>(from - begin), static_cast<std::size_t>(end - begin)};
    }

    /// Without the blanks at its ends: where they are meant, a field is written in quotes.
    void plain() {
        const auto [from, end] = unquoted();
        add(from, end);
    }

    /// What was in quotes, moved together in the text over the marks that do not belong to it.
    void quoted() {
        const std::size_t opened = line_;
        const std::size_t from = ++at_;
        std::size_t end = from;
        std::string& text = *out_.text_;
        for (;;) {
            if (at_ >= text.size()) {
                refusal_ = Sentence{N_("A quotation mark opened in line %1 is never closed. Close it, and read the "
                                       "text again."),
                                    {std::to_string(opened)}};
                return add(from, end);
            }
            const char c = text[at_++];
            if (c == '"' && (at_ >= text.size() || text[at_] != '"')) {
                break;
            }
            at_ += c == '"' ? 1 : 0;
            line_ += c == '\n' ? 1 : 0;
            text[end++] = c;
        }
        const auto [after, after_end] = unquoted(); // what follows a closing quote is kept, as most writers mean it
        std::copy(text.begin() + static_cast<std::ptrdiff_t>(after),
                  text.begin() + static_cast<std::ptrdiff_t>(after_end),
                  text.begin() + static_cast<std::ptrdiff_t>(end));
        add(from, end + (after_end - after));
    }

    TextRecords out_;
    const TextRecords::Form& form_;
    const StopToken& stop_;
    bool by_blanks_;
    std::string_view text_;
    std::array<bool, 256> ends_field_{};
    std::size_t at_ = 0;
    std::size_t line_ = 1;
    std::optional<Sentence> refusal_;
};

Result<TextRecords> TextRecords::read(std::string_view text, const Form& form, std::size_t most,
                                      const StopToken& stop) {
    if (text.size() >= std::numeric_limits<std::uint32_t>::max()) {
        return Sentence{N_("The text has four gigabytes or more. Divide it."), {}};
    }
    return RecordReader(text, form, stop).read(most);
}

std::vector<std::string> TextRecords::Record::texts() const {
    std::vector<std::string> out;
    for (std::size_t field = 0; field < size_; ++field) {
        out.emplace_back((*this)[field]);
    }
    return out;
}

std::vector<std::vector<std::string>> TextRecords::texts() const {
    std::vector<std::vector<std::string>> out;
    for (std::size_t record = 0; record < size(); ++record) {
        out.push_back((*this)[record].texts());
    }
    return out;
}

std::size_t TextRecords::width() const {
    std::size_t width = 0;
    for (std::size_t record = 0; record < size(); ++record) {
        width = std::max(width, (*this)[record].size());
    }
    return width;
}

void TextRecords::leave_out_blanks(bool to_the_end) {
    if (!has_blanks_) {
        return;
    }
    std::size_t end = to_the_end ? size() : 0;
    for (std::size_t at = 0; at < size() && !to_the_end; ++at) {
        end = is_blank(at) ? end : at + 1;
    }
    const bool single = width() <= 1;
    std::size_t records = 0;
    std::size_t fields = 0;
    for (std::size_t at = 0; at < size(); ++at) {
        const std::size_t from = starts_[at];
        const std::size_t count = starts_[at + 1] - from;
        if (single ? at < end : !is_blank(at)) {
            std::copy_n(fields_.begin() + static_cast<std::ptrdiff_t>(from), count,
                        fields_.begin() + static_cast<std::ptrdiff_t>(fields));
            starts_[records] = static_cast<std::uint32_t>(fields);
            lines_[records++] = lines_[at];
            fields += count;
        }
    }
    fields_.resize(fields);
    lines_.resize(records);
    starts_.resize(records);
    starts_.push_back(static_cast<std::uint32_t>(fields));
}

void TextRecords::leave_out_first(std::size_t count) {
    starts_.erase(starts_.begin(), starts_.begin() + static_cast<std::ptrdiff_t>(count));
    lines_.erase(lines_.begin(), lines_.begin() + static_cast<std::ptrdiff_t>(count));
}

} // namespace ledgefall
