#include "core/study/row_sources/unknown_rows.h"

namespace ledgefall {

bool UnknownRows::equals(const RowSource& other) const {
    const auto* rows = dynamic_cast<const UnknownRows*>(&other);
    return rows != nullptr && rows->kind_ == kind_ && rows->object_ == object_;
}

std::vector<Sentence> UnknownRows::in_words(const std::function<std::string(Id)>&) const {
    return {{N_("the rows of this table come from a later version; they are kept but not shown"), {}}};
}

} // namespace ledgefall
