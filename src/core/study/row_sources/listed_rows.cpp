#include "core/study/row_sources/listed_rows.h"

#include <bit>
#include <unordered_set>

namespace ledgefall {
namespace {

RowSourcePtr read(FieldReader& in) {
    Column cells = Column::of(in.kind("kind"), in.values("values", in.kind("kind")));
    for (std::size_t at = 0; at < cells.size(); ++at) {
        if (!cells.at(at).plain()) {
            in.refuse("values[" + std::to_string(at + 1) + "]", "a value");
        }
    }
    if (const auto twice = value_met_twice(cells)) {
        in.refuse("values[" + std::to_string(twice->second) + "]", N_("a value that is not listed before"));
    }
    RowIds ids(cells.size());
    if (in.has("ids")) {
        std::vector<RowIds::Run> runs;
        const auto pairs = in.pairs("ids");
        for (const auto& [first, count] : pairs.value_or(std::vector<std::pair<std::uint64_t, std::uint64_t>>())) {
            runs.push_back({first, count});
        }
        const auto read_ids = pairs ? RowIds::from_runs(runs) : std::nullopt;
        if (!read_ids || read_ids->size() != cells.size()) {
            in.refuse("ids", N_("a list of pairs of first id and count, for all values"));
        } else {
            ids = *read_ids;
        }
    }
    return std::make_shared<ListedRows>(std::move(cells), std::move(ids));
}

} // namespace

RowSourceKind ListedRows::described() {
    return {.name = "listed", .needs = "values", .read = &read};
}

std::optional<std::pair<Value, std::size_t>> value_met_twice(const Column& cells) {
    std::unordered_set<std::uint64_t> met;
    for (std::size_t at = 0; at < cells.size(); ++at) {
        const Value value = cells.at(at);
        const double slot = value.kind() != Kind::text && value.slot() == 0 ? 0.0 : value.slot(); // without a sign
        if (value.plain() && !met.insert(std::bit_cast<std::uint64_t>(slot)).second) {
            return std::pair(value, at + 1);
        }
    }
    return std::nullopt;
}

ListedRows::ListedRows(Column cells)
    : cells_(std::move(cells))
    , ids_(cells_.size()) {}

bool ListedRows::equals(const RowSource& other) const {
    const auto* rows = dynamic_cast<const ListedRows*>(&other);
    return rows != nullptr && rows->cells_ == cells_ && rows->ids_ == ids_;
}

void ListedRows::write(FieldWriter& out) const {
    out.text("kind", std::string(kind_name(cells_.kind())));
    std::vector<Value> values;
    for (std::size_t at = 0; at < cells_.size(); ++at) {
        values.push_back(cells_.at(at));
    }
    out.values("values", values);
    const auto& runs = ids_.runs();
    if (runs.empty() || (runs.size() == 1 && runs.front().first == 1)) {
        return;
    }
    std::vector<std::pair<std::uint64_t, std::uint64_t>> pairs;
    pairs.reserve(runs.size());
    for (const RowIds::Run& run : runs) {
        pairs.emplace_back(run.first, run.count);
    }
    out.pairs("ids", pairs);
}

} // namespace ledgefall
