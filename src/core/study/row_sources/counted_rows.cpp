#include "core/study/row_sources/counted_rows.h"

namespace ledgefall {
namespace {

RowSourcePtr read(FieldReader& in) {
    Formula count(in.formula("count"));
    if (count.empty()) {
        in.refuse("count", NC_("Kind", "the number of rows"));
    }
    return std::make_shared<CountedRows>(std::move(count), Formula(in.text("until")));
}

} // namespace

RowSourceKind CountedRows::described() {
    return {.name = "counted", .needs = {}, .read = &read};
}

bool CountedRows::equals(const RowSource& other) const {
    const auto* rows = dynamic_cast<const CountedRows*>(&other);
    return rows != nullptr && rows->count_ == count_ && rows->until_ == until_;
}

std::vector<Sentence> CountedRows::in_words(const std::function<std::string(Id)>&) const {
    std::vector<Sentence> words = {{N_("its rows are counted"), {}}};
    if (!until_.empty()) {
        words.push_back({N_("until %1"), {until_.text()}});
    }
    return words;
}

Sentence CountedRows::rows_are_fixed(const std::string& table) const {
    return {N_("The rows of %1 are counted. Change their number instead."), {table}};
}

void CountedRows::write(FieldWriter& out) const {
    out.text("count", count_.text());
    out.text("until", until_.text());
}

} // namespace ledgefall
