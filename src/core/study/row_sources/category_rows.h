#pragma once

#include "core/study/row_sources/row_source.h"

namespace ledgefall {

/// More different values than these make no table of categories.
constexpr std::size_t most_categories = 100'000;

/// The different values of a column, or the months, years or weekdays of its dates: one row for each, which come as
/// data comes.
struct Categories {
    enum class By : std::uint8_t {
        value,
        month,  ///< the first day of each, from the first to the last that occurs
        year,   ///< a number, from the first to the last
        weekday ///< all seven, from Monday on, by name
    };
    enum class Order : std::uint8_t { seen, rising, frequent };
    Id of;
    By by = By::value;
    Order order = Order::seen;
    std::vector<Value> first; ///< these stand before all others, in this order, whether they occur or not
    /// The categories that have got an identity, the k-th has k: by it what is typed in a two-way table follows them.
    std::vector<Value> named;
    friend bool operator==(const Categories&, const Categories&) = default;
};

/// The kind of the categories that are made from a column of a kind.
Kind kind_of_categories(Categories::By by, Kind of);

/// The categories of a column's cells, one cell for each, in the order that is asked for. Missing cells and faults are
/// in none; of months, years and weekdays only dates are. A sentence where there would be more than the most.
Result<Column> rows_of_categories(const Column& cells, const Categories& how);

/// A row for each category.
class CategoryRows : public RowSource {
  public:
    static RowSourceKind described();

    /// `kind` is that of the categories, see `kind_of_categories`.
    CategoryRows(Categories categories, Kind kind)
        : categories_(std::move(categories))
        , kind_(kind) {}

    const Categories& categories() const { return categories_; }

    std::string_view kind() const override { return "categories"; }
    bool equals(const RowSource& other) const override;
    std::optional<Kind> axis_kind() const override { return kind_; }
    bool axis_of_months() const override { return categories_.by == Categories::By::month; }
    std::string_view axis_name() const override { return "category"; }
    Id made_of() const override { return categories_.of; }
    RowSourcePtr with_made_of(Id column) const override;
    Kind axis_kind_from(Kind of) const override { return kind_of_categories(categories_.by, of); }
    Result<Column> axis_from(const Column& cells) const override { return rows_of_categories(cells, categories_); }
    std::vector<Sentence> in_words(const std::function<std::string(Id)>& name_of) const override;
    void write(FieldWriter& out) const override;

  private:
    Categories categories_;
    Kind kind_;
};

} // namespace ledgefall
