#include "core/study/row_sources/row_source.h"

namespace ledgefall {

Result<Column> RowSource::axis_from(const Column&) const {
    return Sentence{N_("these rows are not made from a column"), {}};
}

Result<Column> RowSource::axis_of_values(const std::vector<Value>&) const {
    return Sentence{N_("these rows are not made from formulas"), {}};
}

Sentence RowSource::rows_are_fixed(const std::string& table) const {
    return {N_("The rows of %1 are made automatically. They cannot be added, removed or moved by hand."), {table}};
}

} // namespace ledgefall
