// The probability of conditions that are made of comparisons of one distribution with limits: between the limits
// nothing changes, so it is the sum over those pieces in which the condition holds.

#include "core/stats/events.h"

#include "core/stats/distributions.h"
#include "core/stats/listed_distributions.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <vector>

namespace ledgefall {
namespace {

constexpr double infinity = std::numeric_limits<double>::infinity();
const double not_a_number = std::nan("");

/// The interval between two limits of an event, or one of the limits, with whether the event holds there.
class Pieces {
  public:
    Pieces(const Event& event, std::span<const double> limits)
        : event_(event)
        , limits_(limits)
        , sorted_(limits.begin(), limits.end()) {
        std::sort(sorted_.begin(), sorted_.end());
        sorted_.erase(std::unique(sorted_.begin(), sorted_.end()), sorted_.end());
    }

    double probability_in(const Distribution& d) const {
        double sum = 0;
        double open = 0; // where the run of pieces that hold began
        bool running = false;
        bool with_start = false;
        const std::size_t count = sorted_.size();
        for (std::size_t piece = 0; piece <= 2 * count; ++piece) {
            const bool here = holds(piece);
            if (here && !running) {
                with_start = piece % 2 == 1;
                open = piece == 0 ? -infinity : sorted_[(piece - 1) / 2];
                running = true;
            }
            if (running && !here) {
                const double end = sorted_[(piece - 1) / 2];
                sum += run(d, open, with_start, end, piece % 2 == 0);
                running = false;
            }
        }
        return running ? sum + run(d, open, with_start, infinity, false) : sum;
    }

  private:
    /// Piece 2k is the interval before the k-th limit, piece 2k + 1 the k-th limit itself.
    bool holds(std::size_t piece) const { return holds(event_, piece); }

    bool holds(const Event& event, std::size_t piece) const {
        switch (event.type) {
        case Event::Type::conjunction:
            return holds(event.parts[0], piece) && holds(event.parts[1], piece);
        case Event::Type::disjunction:
            return holds(event.parts[0], piece) || holds(event.parts[1], piece);
        case Event::Type::negation:
            return !holds(event.parts[0], piece);
        case Event::Type::comparison:
            break;
        }
        const auto place = std::lower_bound(sorted_.begin(), sorted_.end(), limits_[event.limit]) - sorted_.begin();
        const auto own = 2 * static_cast<std::size_t>(place) + 1;
        switch (event.comparison) {
        case Event::Comparison::less:
            return piece < own;
        case Event::Comparison::less_equal:
            return piece <= own;
        case Event::Comparison::greater:
            return piece > own;
        case Event::Comparison::greater_equal:
            return piece >= own;
        case Event::Comparison::equal:
            return piece == own;
        case Event::Comparison::not_equal:
            break;
        }
        return piece != own;
    }

    static double run(const Distribution& d, double low, bool with_low, double high, bool with_high) {
        if (d.family == Family::listed) {
            return between_in_list(listed_values(d), {low, with_low}, {high, with_high});
        }
        if (!is_discrete(d.family)) {
            return between(d, low, high);
        }
        // The same whole numbers, with ends that are not included.
        const double below = std::isinf(low) ? low : with_low ? std::ceil(low) - 1 : std::floor(low);
        const double above = std::isinf(high) ? high : with_high ? std::floor(high) + 1 : std::ceil(high);
        return between(d, below, above);
    }

    const Event& event_;
    std::span<const double> limits_;
    std::vector<double> sorted_;
};

} // namespace

double probability(const Distribution& d, const ConditionalEvent& event, std::span<const double> limits) {
    if (!event.given) {
        return std::clamp(Pieces(event.event, limits).probability_in(d), 0.0, 1.0);
    }
    const double given = Pieces(*event.given, limits).probability_in(d);
    const Event both{.type = Event::Type::conjunction, .parts = {event.event, *event.given}};
    return given > 0 ? std::clamp(Pieces(both, limits).probability_in(d) / given, 0.0, 1.0) : not_a_number;
}

} // namespace ledgefall
