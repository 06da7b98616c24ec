#pragma once

#include "core/study/row_sources/row_source.h"

namespace ledgefall {

/// Rows from 1 to a number, which may be a formula; the last may be the first for which a condition holds.
class CountedRows : public RowSource {
  public:
    static RowSourceKind described();

    /// An empty `until` lets the rows run to their end.
    explicit CountedRows(Formula count, Formula until = {})
        : count_(std::move(count))
        , until_(std::move(until)) {}

    std::string_view kind() const override { return "counted"; }
    bool equals(const RowSource& other) const override;
    const Formula* count() const override { return &count_; }
    const Formula* until() const override { return until_.empty() ? nullptr : &until_; }
    RowSourcePtr with_formulas(Formula count, Formula until) const override {
        return std::make_shared<CountedRows>(std::move(count), std::move(until));
    }
    std::vector<Sentence> in_words(const std::function<std::string(Id)>&) const override;
    Sentence rows_are_fixed(const std::string& table) const override;
    void write(FieldWriter& out) const override;

  private:
    Formula count_, until_;
};

} // namespace ledgefall
