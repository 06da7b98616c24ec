#include "core/study/row_sources/row_ids.h"

#include <algorithm>

namespace ledgefall {

std::optional<RowIds> RowIds::from_runs(const std::vector<Run>& runs) {
    std::vector<Run> sorted = runs;
    std::sort(sorted.begin(), sorted.end(), [](const Run& a, const Run& b) { return a.first < b.first; });
    RowIds ids;
    for (std::size_t at = 0; at < sorted.size(); ++at) {
        const Run& run = sorted[at];
        const bool huge = run.count > (std::uint64_t{1} << 40U) || run.first > (std::uint64_t{1} << 60U);
        if (run.count == 0 || run.first == 0 || huge ||
            (at > 0 && sorted[at - 1].first + sorted[at - 1].count > run.first)) {
            return std::nullopt;
        }
        ids.size_ += run.count;
        ids.next_ = run.first + run.count;
    }
    ids.runs_ = runs;
    ids.join();
    return ids;
}

std::uint64_t RowIds::id_at(std::size_t row) const {
    if (row >= size_) {
        return 0;
    }
    const auto after = std::upper_bound(starts_.begin(), starts_.end(), row);
    const auto run = static_cast<std::size_t>(after - starts_.begin()) - 1;
    return runs_[run].first + (row - starts_[run]);
}

std::optional<std::size_t> RowIds::row_of(std::uint64_t id) const {
    std::size_t before = 0;
    for (const Run& run : runs_) {
        if (id >= run.first && id < run.first + run.count) {
            return before + (id - run.first);
        }
        before += run.count;
    }
    return std::nullopt;
}

std::size_t RowIds::split(std::size_t row) {
    std::size_t at = 0;
    for (; at < runs_.size() && row >= runs_[at].count; ++at) {
        row -= runs_[at].count;
    }
    if (row > 0 && at < runs_.size()) {
        const Run tail{runs_[at].first + row, runs_[at].count - row};
        runs_[at].count = row;
        ++at;
        runs_.insert(runs_.begin() + static_cast<std::ptrdiff_t>(at), tail);
    }
    return at;
}

void RowIds::join() {
    std::vector<Run> joined;
    for (const Run& run : runs_) {
        if (!joined.empty() && joined.back().first + joined.back().count == run.first) {
            joined.back().count += run.count;
        } else {
            joined.push_back(run);
        }
    }
    runs_ = std::move(joined);
    starts_.clear();
    std::size_t row = 0;
    for (const Run& run : runs_) {
        starts_.push_back(row);
        row += run.count;
    }
}

void RowIds::reorder(std::vector<Run> runs) {
    runs_ = std::move(runs);
    join();
}

void RowIds::insert(std::size_t row, std::uint64_t count) {
    if (count == 0) {
        return;
    }
    const std::size_t at = split(row);
    runs_.insert(runs_.begin() + static_cast<std::ptrdiff_t>(at), {next_, count});
    next_ += count;
    size_ += count;
    join();
}

void RowIds::erase(std::size_t row, std::size_t count) {
    count = row < size_ ? std::min(count, size_ - row) : 0;
    const auto from = static_cast<std::ptrdiff_t>(split(row));
    const auto to = static_cast<std::ptrdiff_t>(split(row + count));
    runs_.erase(runs_.begin() + from, runs_.begin() + to);
    size_ -= count;
    join();
}

} // namespace ledgefall
