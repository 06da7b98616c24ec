#pragma once

#include "core/study/row_sources/row_source.h"

namespace ledgefall {

/// Intervals that join: the k-th reaches from the k-th boundary to the next.
struct Classes {
    std::vector<double> boundaries; ///< rising
    bool closed_left = true;        ///< a value on a boundary belongs to the class that begins there
    bool open_below = false;        ///< a further class below the first boundary
    bool open_above = false;
    double recorded_to = 0; ///< of the values, as in `Interval`

    std::vector<Value> intervals() const;
    friend bool operator==(const Classes&, const Classes&) = default;
};

/// A row for each class.
class ClassRows : public RowSource {
  public:
    static RowSourceKind described();

    explicit ClassRows(Classes classes)
        : classes_(std::move(classes)) {}

    const Classes& classes() const { return classes_; }

    std::string_view kind() const override { return "classes"; }
    bool equals(const RowSource& other) const override;
    std::optional<std::size_t> own_rows() const override { return classes_.intervals().size(); }
    std::optional<Column> axis_cells() const override { return Column::of(Kind::interval, classes_.intervals()); }
    std::optional<Kind> axis_kind() const override { return Kind::interval; }
    std::string_view axis_name() const override { return "class"; }
    std::vector<Sentence> in_words(const std::function<std::string(Id)>&) const override;
    Sentence rows_are_fixed(const std::string& table) const override;
    void write(FieldWriter& out) const override;

  private:
    Classes classes_;
};

} // namespace ledgefall
