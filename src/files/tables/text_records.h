#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"

#include <cstdint>
#include <limits>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// The records of a delimited text (RFC 4180), kept as places in the text: a field takes eight bytes.
class TextRecords {
  public:
    static constexpr std::size_t most_records = 20'000'000; ///< as many as a table has rows
    static constexpr std::size_t most_fields = 20'000;      ///< of one record
    static constexpr std::size_t all = std::numeric_limits<std::size_t>::max();

    /// How records are separated.
    struct Form {
        char delimiter = ',';     ///< a blank stands for any number of blanks and tabs
        std::string comment = ""; ///< lines that begin with it are no records; none where it is empty
    };
    class Record {
      public:
        std::size_t size() const { return size_; }
        std::string_view operator[](std::size_t field) const { return records_->field(first_ + field); }
        std::vector<std::string> texts() const;

      private:
        friend class TextRecords;
        Record(const TextRecords& records, std::size_t first, std::size_t size)
            : records_(&records)
            , first_(first)
            , size_(size) {}
        const TextRecords* records_;
        std::size_t first_;
        std::size_t size_;
    };

    TextRecords() = default;
    /// At most so many of the first records. Refused are texts of four gigabytes and more, of too many records or
    /// fields, and of a quotation mark that is never closed.
    static Result<TextRecords> read(std::string_view text, const Form& form, std::size_t most = all,
                                    const StopToken& stop = {});

    std::size_t size() const { return starts_.empty() ? 0 : starts_.size() - 1; }
    bool empty() const { return size() == 0; }
    Record operator[](std::size_t record) const {
        return {*this, starts_[record], starts_[record + 1] - std::size_t{starts_[record]}};
    }
    /// A field; empty where its record has fewer.
    std::string_view at(std::size_t record, std::size_t column) const {
        const std::size_t place = starts_[record] + column;
        return place < starts_[record + 1] ? field(place) : std::string_view();
    }
    std::size_t width() const; ///< the number of fields of the longest record
    std::size_t field_count() const { return fields_.size(); }
    std::size_t line(std::size_t record) const { return lines_[record]; } ///< on which it begins, from 1
    std::size_t comments() const { return comments_; }                    ///< lines that were left out as such
    std::vector<std::vector<std::string>> texts() const;

    /// In a text of several columns a blank line divides paragraphs; in one of a single column it is a missing value,
    /// so that those after it stay in their rows. At the end blank lines are none, unless `to_the_end`.
    void leave_out_blanks(bool to_the_end);
    void leave_out_first(std::size_t count);

  private:
    friend class RecordReader;
    struct Place {
        std::uint32_t from, size;
    };
    std::string_view field(std::size_t number) const {
        const Place place = fields_[number];
        return {text_->data() + place.from, place.size};
    }
    bool is_blank(std::size_t record) const { return (*this)[record].size() == 1 && at(record, 0).empty(); }

    std::shared_ptr<std::string> text_ = std::make_shared<std::string>(); ///< with the quotation marks resolved
    std::vector<Place> fields_;
    std::vector<std::uint32_t> starts_; ///< the first field of each record, and the end of the last
    std::vector<std::uint32_t> lines_;
    std::size_t comments_ = 0;
    bool has_blanks_ = false; ///< lines without anything
};

} // namespace ledgefall
