#pragma once

#include "core/study/row_sources/row_source.h"

namespace ledgefall {

/// Rows that people type, add, remove and move.
class TypedRows : public RowSource {
  public:
    static RowSourceKind described();

    TypedRows() = default;
    explicit TypedRows(RowIds ids)
        : ids_(std::move(ids)) {}

    std::string_view kind() const override { return "typed"; }
    bool equals(const RowSource& other) const override;
    std::optional<std::size_t> own_rows() const override { return ids_.size(); }
    const RowIds* ids() const override { return &ids_; }
    std::vector<Sentence> in_words(const std::function<std::string(Id)>&) const override { return {}; }
    void write(FieldWriter& out) const override;

  private:
    RowIds ids_;
};

} // namespace ledgefall
