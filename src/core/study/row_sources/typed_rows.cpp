#include "core/study/row_sources/typed_rows.h"

namespace ledgefall {
namespace {

constexpr std::uint64_t most_rows = 20'000'000;

/// `rows` is their number, where their ids count from 1, else runs of ids: pairs of the first and how many.
RowSourcePtr read(FieldReader& in) {
    if (!in.has("rows")) {
        return std::make_shared<TypedRows>();
    }
    if (const auto count = in.whole_number("rows"); count && *count <= most_rows) {
        return std::make_shared<TypedRows>(RowIds(*count));
    }
    std::vector<RowIds::Run> runs;
    const auto pairs = in.pairs("rows");
    for (const auto& [first, count] : pairs.value_or(std::vector<std::pair<std::uint64_t, std::uint64_t>>())) {
        runs.push_back({first, count});
    }
    auto ids = pairs ? RowIds::from_runs(runs) : std::nullopt;
    if (!ids || ids->size() > most_rows) {
        in.refuse("rows",
                  NC_("Kind", "a number of rows (at most 20 million), or a list of pairs of first id and count"));
        return std::make_shared<TypedRows>();
    }
    return std::make_shared<TypedRows>(std::move(*ids));
}

} // namespace

RowSourceKind TypedRows::described() {
    return {.name = "typed", .needs = {}, .read = &read};
}

bool TypedRows::equals(const RowSource& other) const {
    const auto* rows = dynamic_cast<const TypedRows*>(&other);
    return rows != nullptr && rows->ids_ == ids_;
}

void TypedRows::write(FieldWriter& out) const {
    const auto& runs = ids_.runs();
    if (runs.empty() || (runs.size() == 1 && runs.front().first == 1)) {
        return out.whole_number("rows", ids_.size());
    }
    std::vector<std::pair<std::uint64_t, std::uint64_t>> pairs;
    pairs.reserve(runs.size());
    for (const RowIds::Run& run : runs) {
        pairs.emplace_back(run.first, run.count);
    }
    out.pairs("rows", pairs);
}

} // namespace ledgefall
