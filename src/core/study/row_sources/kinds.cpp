// The one list of row sources.

#include "core/study/row_sources/category_rows.h"
#include "core/study/row_sources/class_rows.h"
#include "core/study/row_sources/counted_rows.h"
#include "core/study/row_sources/listed_rows.h"
#include "core/study/row_sources/series_rows.h"
#include "core/study/row_sources/typed_rows.h"
#include "core/study/row_sources/unknown_rows.h"

#include <algorithm>

namespace ledgefall {

const std::vector<RowSourceKind>& row_source_kinds() {
    static const std::vector<RowSourceKind> kinds = {TypedRows::described(),  CountedRows::described(),
                                                     ClassRows::described(),  CategoryRows::described(),
                                                     ListedRows::described(), SeriesRows::described()};
    return kinds;
}

RowSourcePtr read_row_source(FieldReader& in) {
    const auto& kinds = row_source_kinds();
    const std::string name = in.text("source");
    const auto kind =
        name.empty() ? kinds.begin()
                     : std::find_if(kinds.begin(), kinds.end(), [&name](const auto& one) { return one.name == name; });
    const bool of_later_version = kind == kinds.end() || (!kind->needs.empty() && !in.has(kind->needs));
    return of_later_version ? std::make_shared<UnknownRows>(name, in.everything()) : kind->read(in);
}

} // namespace ledgefall
