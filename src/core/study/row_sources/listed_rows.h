#pragma once

#include "core/study/row_sources/row_source.h"

namespace ledgefall {

/// The values of an axis, as they were typed: numbers, texts, dates or answers of one kind, each once.
class ListedRows : public RowSource {
  public:
    static RowSourceKind described();

    /// Values with the identities from 1 on; `cells` has none that is missing or stands there twice.
    explicit ListedRows(Column cells);
    ListedRows(Column cells, RowIds ids)
        : cells_(std::move(cells))
        , ids_(std::move(ids)) {}

    std::string_view kind() const override { return "listed"; }
    bool equals(const RowSource& other) const override;
    std::optional<std::size_t> own_rows() const override { return cells_.size(); }
    const RowIds* ids() const override { return &ids_; }
    bool for_two_axes() const override { return true; }
    std::optional<Column> axis_cells() const override { return cells_; }
    std::optional<Kind> axis_kind() const override { return cells_.kind(); }
    std::vector<Sentence> in_words(const std::function<std::string(Id)>&) const override { return {}; }
    void write(FieldWriter& out) const override;

  private:
    Column cells_;
    RowIds ids_;
};

/// The first value that stands there twice, and the place (from 1) where it is met again; nothing where there is none.
std::optional<std::pair<Value, std::size_t>> value_met_twice(const Column& cells);

} // namespace ledgefall
