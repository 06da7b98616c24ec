#pragma once

#include "core/study/row_sources/row_source.h"

namespace ledgefall {

/// Rows of a kind that a later version knows: they are not computed, and what the file says of them is written again.
class UnknownRows : public RowSource {
  public:
    UnknownRows(std::string kind, std::string object)
        : kind_(std::move(kind))
        , object_(std::move(object)) {}

    std::string_view kind() const override { return kind_; }
    bool equals(const RowSource& other) const override;
    std::vector<Sentence> in_words(const std::function<std::string(Id)>&) const override;
    void write(FieldWriter& out) const override { out.everything(object_); }

  private:
    std::string kind_;
    std::string object_;
};

} // namespace ledgefall
