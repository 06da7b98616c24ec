#pragma once

#include <cstdint>
#include <vector>

namespace ledgefall {

/// How many values lie below each of some limits, and how many up to it, counted in one pass over the values. A grid
/// over the limits tells for each value in which few of them to look.
class LimitCounts {
  public:
    explicit LimitCounts(std::vector<double> limits);

    void add(const double* values, std::size_t count);
    void finish();

    double all() const { return all_; }
    double below(double limit) const { return below_[place(limit)]; } ///< of one of the limits
    double up_to(double limit) const { return up_to_[place(limit)]; }

  private:
    std::size_t place(double limit) const;
    std::size_t cell(double value) const;

    std::vector<double> limits_;        ///< in order, each once, and an infinity at their end
    std::vector<std::uint32_t> starts_; ///< for each cell of the grid, the first limit that may lie in it
    double from_ = 0, scale_ = 0, last_cell_ = 0;
    std::vector<std::uint64_t>
        counts_; ///< at 2k values below the k-th limit and above the one before, at 2k + 1 equal ones
    std::vector<std::uint64_t> others_; ///< the same of every second value
    bool crowded_ = false;              ///< whether some cell of the grid has several limits
    std::vector<double> below_, up_to_;
    double all_ = 0;
};

} // namespace ledgefall
