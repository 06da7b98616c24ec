// Statistics of tests, and reading between the rows of a table.

#include "core/stats/gathered.h"
#include "core/stats/scaled_distances.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace ledgefall {
namespace {

/// The y on the straight lines from point to point, in the order of x; where several points have one x, the mean of
/// their y. The points are put in order once, and asked for many places.
class Interpolation : public GatheredPairs {
  public:
    explicit Interpolation(Plain plain)
        : GatheredPairs(2) {
        set_plain(plain);
    }
    bool set_plain(Plain plain) override {
        at_ = plain_number(plain, 0, 0);
        return true;
    }
    void clear() override {
        GatheredPairs::clear();
        points_.clear();
    }

  protected:
    Value finish(const Faults& faults) override {
        const Values& x = samples_[0];
        if (x.empty()) {
            return Value::missing();
        }
        if (points_.size() != x.size()) {
            sort_points();
        }
        const auto below = [](const auto& point, double place) { return point.first < place; };
        const auto match = std::lower_bound(points_.begin(), points_.end(), at_, below);
        if (match == points_.end() || (match == points_.begin() && at_ < match->first)) {
            return faults.out_of_domain();
        }
        if (match->first == at_) {
            return faults.number(match->second);
        }
        const auto& [x1, y1] = *(match - 1);
        const auto& [x2, y2] = *match;
        const double part = (at_ / 2 - x1 / 2) / (x2 / 2 - x1 / 2);
        return faults.number(std::lerp(y1, y2, part));
    }

  private:
    void sort_points() {
        points_.clear();
        for (std::size_t at = 0; at < samples_[0].size(); ++at) {
            points_.emplace_back(samples_[0][at], samples_[1][at]);
        }
        std::stable_sort(points_.begin(), points_.end(),
                         [](const auto& a, const auto& b) { return a.first < b.first; });
        for (auto from = points_.begin(); from != points_.end();) { // points of one x become their mean
            const auto to = std::find_if(from, points_.end(), [from](const auto& p) { return p.first != from->first; });
            double sum = 0;
            std::for_each(from, to, [&sum](const auto& point) { sum += point.second; });
            const double mean = sum / static_cast<double>(to - from);
            std::for_each(from, to, [mean](auto& point) { point.second = mean; });
            from = to;
        }
    }

    double at_ = 0;
    std::vector<std::pair<double, double>> points_;
};

/// Observed counts beside expected ones; one that is expected to be 0 or less is a fault of its row,
/// and totals that do not agree one of the whole.
class ChiSquared : public Accumulator {
  public:
    void clear() override {
        Accumulator::clear();
        sum_ = {};
        observed_ = {};
        expected_ = {};
        pairs_ = 0;
        bad_row_ = 0;
    }

  protected:
    void take(const double* const* samples, std::size_t count) override {
        for (std::size_t at = 0; at < count; ++at) {
            const double expected = samples[1][at];
            const double off = samples[0][at] - expected;
            observed_.add(samples[0][at]);
            expected_.add(expected);
            if (expected > 0) {
                sum_.add(off / expected * off);
            } else if (bad_row_ == 0) {
                bad_row_ = row_of(at);
            }
        }
        pairs_ += count;
    }
    Value finish(const Faults& faults) override {
        if (bad_row_ != 0) {
            return Value::fault({faults.domain, bad_row_});
        }
        constexpr double slack = 0.005; // for expected counts that were rounded
        if (std::fabs(observed_.total() - expected_.total()) > slack * std::fabs(observed_.total())) {
            return faults.out_of_domain();
        }
        return pairs_ == 0 ? Value::missing() : faults.number(sum_.total());
    }

  private:
    CompensatedSum sum_, observed_, expected_;
    std::size_t pairs_ = 0;
    std::uint32_t bad_row_ = 0; ///< from 1; 0: none
};

} // namespace

Made make_interpolate(Plain plain) {
    return std::make_unique<Interpolation>(plain);
}

Made make_chi2_stat(Plain) {
    return std::make_unique<ChiSquared>();
}

Made make_t_stat(Plain plain) {
    return gathered_by([m = plain_number(plain, 0, 0)](Values& values, const Faults& faults) {
        const auto n = static_cast<double>(values.size());
        if (n < 2) {
            return Value::missing();
        }
        const ScaledDistances distances(values);
        CompensatedSum sum;
        sum.add(distances.values.data(), distances.values.size());
        const double mean = sum.over(n);
        CompensatedSum squares;
        for (const double distance : distances.values) {
            squares.add((distance - mean) * (distance - mean));
        }
        const double error = std::sqrt(squares.total() / (n - 1) / n);
        const double first = std::ldexp(values.front() - m, -distances.exponent);
        return error == 0 ? faults.out_of_domain() : faults.number((first + mean) / error);
    });
}

} // namespace ledgefall
