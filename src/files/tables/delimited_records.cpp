#include "files/tables/delimited_records.h"

#include <algorithm>

namespace ledgefall {
namespace {

class RecordReader {
  public:
    RecordReader(std::string_view text, const RecordForm& form, const StopToken& stop)
        : text_(text)
        , form_(form)
        , stop_(stop)
        , by_blanks_(form.delimiter == ' ') {}

    DelimitedRecords read(std::size_t most) {
        while (at_ < text_.size() && out_.records.size() < most && out_.open_quote == 0) {
            if (out_.records.size() % rows_between == 0) {
                stop_.throw_if_stopped();
                stop_.report_progress(at_, text_.size());
            }
            if (!form_.comment.empty() && text_.substr(at_).starts_with(form_.comment)) {
                leave_out_line();
                continue;
            }
            const std::size_t line = line_;
            std::vector<std::string> fields = record();
            out_.blank.push_back(fields.size() == 1 && fields.front().empty());
            out_.records.push_back(std::move(fields));
            out_.lines.push_back(line);
        }
        return std::move(out_);
    }

  private:
    static constexpr std::size_t rows_between = 8192; // until it is asked again whether to stop

    bool at_line_end() const { return at_ >= text_.size() || text_[at_] == '\n' || text_[at_] == '\r'; }
    bool at_blank() const { return at_ < text_.size() && (text_[at_] == ' ' || text_[at_] == '\t'); }
    bool at_delimiter() const { return by_blanks_ ? at_blank() : text_[at_] == form_.delimiter; }

    void end_line() {
        if (at_ < text_.size()) {
            at_ += text_.substr(at_, 2) == "\r\n" ? 2 : 1;
            ++line_;
        }
    }

    void leave_out_line() {
        while (!at_line_end()) {
            ++at_;
        }
        end_line();
        ++out_.comments;
    }

    void pass_blanks() {
        while (by_blanks_ && at_blank()) {
            ++at_;
        }
    }

    std::vector<std::string> record() {
        std::vector<std::string> fields;
        pass_blanks();
        for (;;) {
            fields.push_back(at_ < text_.size() && text_[at_] == '"' ? quoted() : plain());
            pass_blanks();
            if (at_line_end()) {
                break;
            }
            at_ += by_blanks_ ? 0 : 1; // the delimiter
        }
        end_line();
        return fields;
    }

    /// Without the blanks at its ends: where they are meant, a field is written in quotes.
    std::string plain() {
        std::size_t from = at_;
        while (!at_line_end() && !at_delimiter()) {
            ++at_;
        }
        std::size_t end = at_;
        while (from < end && text_[from] == ' ') {
            ++from;
        }
        while (end > from && text_[end - 1] == ' ') {
            --end;
        }
        return std::string(text_.substr(from, end - from));
    }

    std::string quoted() {
        const std::size_t opened = line_;
        std::string field;
        ++at_;
        while (at_ < text_.size()) {
            const char c = text_[at_++];
            if (c != '"') {
                line_ += c == '\n' ? 1 : 0;
                field += c;
            } else if (at_ < text_.size() && text_[at_] == '"') {
                field += '"';
                ++at_;
            } else {
                return field + plain(); // what follows a closing quote is kept, as most writers mean it
            }
        }
        out_.open_quote = opened;
        return field;
    }

    DelimitedRecords out_;
    std::string_view text_;
    const RecordForm& form_;
    const StopToken& stop_;
    bool by_blanks_;
    std::size_t at_ = 0;
    std::size_t line_ = 1;
};

} // namespace

void DelimitedRecords::leave_out_blanks(bool to_the_end) {
    std::size_t width = 0;
    std::size_t end = to_the_end ? records.size() : 0;
    for (std::size_t at = 0; at < records.size(); ++at) {
        width = std::max(width, records[at].size());
        end = blank[at] ? end : std::max(end, at + 1);
    }
    std::size_t stays = 0;
    for (std::size_t at = 0; at < records.size(); ++at) {
        if (width == 1 ? at < end : !blank[at]) {
            lines[stays] = lines[at];
            if (stays != at) {
                records[stays] = std::move(records[at]);
            }
            ++stays;
        }
    }
    records.resize(stays);
    lines.resize(stays);
}

DelimitedRecords read_records(std::string_view text, const RecordForm& form, std::size_t most, const StopToken& stop) {
    return RecordReader(text, form, stop).read(most);
}

} // namespace ledgefall
