#include "core/study/model/grid_cells.h"

#include "core/study/row_sources/category_rows.h"

#include <algorithm>

namespace ledgefall {
namespace {

constexpr unsigned bits_of_column = 24; // so that a cell's identity has 53 bits, which every reader of JSON keeps
constexpr std::uint64_t column_mask = (std::uint64_t(1) << bits_of_column) - 1;

} // namespace

std::uint64_t cell_id(std::uint64_t row, std::uint64_t column) {
    return row << bits_of_column | (column & column_mask);
}

std::uint64_t row_of_cell(std::uint64_t cell) {
    return cell >> bits_of_column;
}

std::uint64_t column_of_cell(std::uint64_t cell) {
    return cell & column_mask;
}

std::uint64_t place_id(const Axis& axis, const Column& values, std::size_t place) {
    const auto* categories = axis.rows_as<CategoryRows>();
    if (categories == nullptr) { // values that are computed may still be those of a longer axis
        const bool there = axis.ids() == nullptr || place < axis.ids()->size();
        return there ? axis.id_at(place) : 0;
    }
    const auto& named = categories->categories().named;
    const auto entry = std::find(named.begin(), named.end(), values.at(place));
    return entry == named.end() ? 0 : static_cast<std::uint64_t>(entry - named.begin()) + 1;
}

GridCells::GridCells(const Table& table, const Column& down, const Column& across)
    : table_(table)
    , rows_(down.size())
    , columns_(across.size())
    , named_rows_(named_places(table.axis, down))
    , named_columns_(named_places(*table.across, across)) {}

GridCells::Places GridCells::named_places(const Axis& axis, const Column& values) {
    Places places;
    const auto* categories = axis.rows_as<CategoryRows>();
    if (categories != nullptr && !categories->categories().named.empty()) {
        for (std::size_t place = 0; place < values.size(); ++place) {
            if (const std::uint64_t id = place_id(axis, values, place)) {
                places.emplace(id, place);
            }
        }
    }
    return places;
}

std::optional<std::size_t> GridCells::place_on(const Axis& axis, const Places& named, std::uint64_t id) {
    if (axis.rows_as<CategoryRows>() == nullptr) {
        return id == 0 ? std::nullopt : axis.row_of(id);
    }
    const auto place = named.find(id);
    return place == named.end() ? std::nullopt : std::optional(place->second);
}

std::optional<std::size_t> GridCells::place_of(std::uint64_t cell) const {
    const auto row = place_on(table_.axis, named_rows_, row_of_cell(cell));
    const auto column = place_on(*table_.across, named_columns_, column_of_cell(cell));
    const bool inside = row && column && *row < rows_ && *column < columns_;
    return inside ? std::optional(*row * columns_ + *column) : std::nullopt;
}

} // namespace ledgefall
