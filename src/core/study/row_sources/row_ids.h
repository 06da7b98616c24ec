#pragma once

#include <cstdint>
#include <optional>
#include <vector>

namespace ledgefall {

/// The identities of a table's typed rows, in their order: cells and overrides follow a row by its id wherever it goes.
/// They are held as runs of consecutive ids, so that a million rows typed or imported in order cost one run.
class RowIds {
  public:
    struct Run {
        std::uint64_t first = 0;
        std::uint64_t count = 0;
        friend bool operator==(const Run&, const Run&) = default;
    };

    RowIds() = default;
    explicit RowIds(std::uint64_t count) { append(count); }
    /// Nothing where ids come twice or a run is empty.
    static std::optional<RowIds> from_runs(const std::vector<Run>& runs);

    std::size_t size() const { return size_; }
    std::uint64_t id_at(std::size_t row) const;
    std::optional<std::size_t> row_of(std::uint64_t id) const;
    void append(std::uint64_t count) { insert(size_, count); }
    void insert(std::size_t row, std::uint64_t count); ///< new rows, with ids never used before
    void erase(std::size_t row, std::size_t count);
    /// The same rows in another order, as runs.
    void reorder(std::vector<Run> runs);
    const std::vector<Run>& runs() const { return runs_; }
    friend bool operator==(const RowIds& a, const RowIds& b) { return a.runs_ == b.runs_; }

  private:
    std::size_t split(std::size_t row); ///< the run that begins at `row`, made to begin there
    void join();

    std::vector<Run> runs_;
    std::vector<std::size_t> starts_; ///< the row at which each run begins
    std::size_t size_ = 0;
    std::uint64_t next_ = 1;
};

} // namespace ledgefall
