#include "core/stats/classing.h"

#include "core/stats/quantile.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr double about = 8;

struct Extent {
    double least = 0, most = 0;
    std::size_t count = 0;
};

template <class Visit>
void for_each_number(const Column& cells, Visit visit) {
    if (cells.kind() != Kind::number) {
        return;
    }
    for (std::size_t number = 0; number < cells.chunk_count(); ++number) {
        const Column::Chunk& chunk = cells.chunk(number);
        for (std::size_t at = 0; at < chunk.slots.size(); ++at) {
            if ((chunk.states.empty() || chunk.states[at] == State::plain) && std::isfinite(chunk.slots[at])) {
                visit(chunk.slots[at]);
            }
        }
    }
}

Extent extent_of(const Column& cells) {
    Extent extent;
    for_each_number(cells, [&extent](double x) {
        extent.least = extent.count == 0 ? x : std::min(extent.least, x);
        extent.most = extent.count == 0 ? x : std::max(extent.most, x);
        ++extent.count;
    });
    return extent;
}

double quartile_range(const Column& cells) {
    std::vector<double> values;
    for_each_number(cells, [&values](double x) { values.push_back(x); });
    std::sort(values.begin(), values.end());
    const auto value = [&values](double k) { return values[static_cast<std::size_t>(k) - 1]; };
    const auto n = static_cast<double>(values.size());
    return quantile_of(n, 0.75, 7, value) - quantile_of(n, 0.25, 7, value);
}

/// The width that a rule asks for, before it is rounded; 0 where the values say nothing about it.
double wanted_width(const Column& cells, const Extent& extent, ClassRule rule) {
    const double range = extent.most - extent.least;
    const auto n = static_cast<double>(extent.count);
    switch (rule) {
    case ClassRule::about_eight:
        return range / about;
    case ClassRule::sturges:
        return range / std::ceil(1 + std::log2(n));
    case ClassRule::square_root:
        return range / std::ceil(std::sqrt(n));
    case ClassRule::freedman_diaconis:
        return 2 * quartile_range(cells) / std::cbrt(n);
    case ClassRule::recorded_values:
        return 1;
    }
    return 0;
}

bool all_multiples(const Column& cells, double unit) {
    constexpr double slack = 1e-9; // of a unit, for what division leaves
    bool all = true;
    for_each_number(cells, [&all, unit](double x) { all = all && std::fabs(x / unit - std::round(x / unit)) < slack; });
    return all;
}

const Sentence no_numbers{N_("This column has no numbers to put in classes. Enter some, or choose another column."),
                          {}};

} // namespace

double convenient_width(double width) {
    const double power = std::pow(10.0, std::floor(std::log10(width)));
    double best = power;
    for (const double factor : {1.0, 2.0, 2.5, 5.0, 10.0}) {
        const double candidate = factor * power;
        if (std::fabs(std::log(candidate / width)) < std::fabs(std::log(best / width))) {
            best = candidate;
        }
    }
    return rounded_to(best, std::clamp(1 - static_cast<int>(std::floor(std::log10(best))), 0, 15));
}

double proposed_recording_unit(const Column& cells) {
    constexpr std::size_t enough_to_tell = 10;
    constexpr int most_decimals = 6;
    const Extent extent = extent_of(cells);
    if (extent.count == 0) {
        return 0;
    }
    const bool many = extent.count >= enough_to_tell;
    for (int power = many ? 3 : 0; power >= -most_decimals; --power) {
        for (const double factor : {5.0, 2.5, 2.0, 1.0}) {
            const bool usual = factor == 1 || (many && (factor == 5 ? power < 3 : power < 0));
            const double unit = rounded_to(factor * std::pow(10.0, power), most_decimals + 1);
            if (usual && all_multiples(cells, unit)) {
                return unit;
            }
        }
    }
    return 0;
}

Result<ClassProposal> propose_classes(const Column& cells, ClassRule rule, double recorded_to) {
    const Extent extent = extent_of(cells);
    if (extent.count == 0) {
        return no_numbers;
    }
    double wanted = wanted_width(cells, extent, rule);
    if (!(wanted > 0) || !std::isfinite(wanted)) { // all equal, or most of them
        wanted = extent.most > extent.least ? (extent.most - extent.least) / about : 1;
    }
    const auto in_units = [recorded_to](double wide) { // a class has whole numbers of recorded values
        return recorded_to > 0 ? stepped(0, recorded_to, std::max(1.0, std::round(wide / recorded_to))) : wide;
    };
    double width =
        in_units(rule == ClassRule::recorded_values ? recorded_to > 0 ? recorded_to : 1.0 : convenient_width(wanted));
    const double span = extent.most - extent.least;
    if (span / width > static_cast<double>(most_proposed_classes - 2)) {
        width = in_units(convenient_width(span / (static_cast<double>(most_proposed_classes) / 4)));
    }
    const double start = stepped(0, width, std::floor(extent.least / width));
    return cover_with_classes(cells, start, width, true, recorded_to);
}

Result<ClassProposal> cover_with_classes(const Column& cells, double start, double width, bool closed_left,
                                         double recorded_to) {
    if (!std::isfinite(start) || !std::isfinite(width) || !(width > 0)) {
        return Sentence{N_("Classes need a width above 0 and a start for the first class."), {}};
    }
    constexpr double slack = 1e-9;
    const double units = recorded_to > 0 ? width / recorded_to : 1;
    if (std::fabs(units - std::round(units)) > slack * units) {
        return Sentence{N_("Values recorded to the nearest %1 need classes whose width is a multiple of it."),
                        {shortest(recorded_to)}};
    }
    const Extent extent = extent_of(cells);
    if (extent.count == 0) {
        return no_numbers;
    }
    const double needed = std::floor((extent.most - boundary_below(start, recorded_to)) / width) + 1;
    if (needed > static_cast<double>(most_proposed_classes)) {
        return Sentence{N_("This width gives more than %1 classes. Make them wider, or start higher."),
                        {std::to_string(most_proposed_classes)}};
    }
    ClassProposal proposal{start, width, static_cast<std::size_t>(std::max(1.0, needed)), recorded_to};
    const std::vector<double> limits = boundaries_of(proposal);
    if (extent.most >= limits.back() && (closed_left || extent.most > limits.back())) {
        ++proposal.count;
    } else if (!closed_left && proposal.count > 1 && extent.most <= limits[limits.size() - 2]) {
        --proposal.count;
    }
    return proposal;
}

double boundary_below(double limit, double recorded_to) {
    return stepped(limit, recorded_to / 2, -1);
}

std::vector<double> boundaries_of(const ClassProposal& classes) {
    std::vector<double> boundaries(classes.count + 1);
    const double first = boundary_below(classes.start, classes.recorded_to);
    for (std::size_t at = 0; at < boundaries.size(); ++at) {
        boundaries[at] = stepped(first, classes.width, static_cast<double>(at));
    }
    return boundaries;
}

ClassCounts count_in_classes(const Column& cells, const std::vector<double>& limits, bool closed_left, bool open_below,
                             bool open_above) {
    ClassCounts out;
    if (limits.size() < 2) {
        return out;
    }
    // Place 0 lies below all limits, the last above them; on a limit it depends on the closed side.
    std::vector<std::size_t> places(limits.size() + 1);
    std::size_t numbers = 0;
    const double lowest = limits.front();
    const double scale = static_cast<double>(limits.size() - 1) / (limits.back() - lowest);
    for_each_number(cells, [&](double x) {
        ++numbers;
        // The place that limits of equal width would give is the right one or next to it.
        auto at =
            static_cast<std::ptrdiff_t>(std::clamp((x - lowest) * scale, 0.0, static_cast<double>(limits.size() - 2)));
        const auto last = static_cast<std::ptrdiff_t>(limits.size());
        const auto above = [&](std::ptrdiff_t limit) {
            const double value = limits[static_cast<std::size_t>(limit)];
            return closed_left ? x >= value : x > value;
        };
        while (at < last && above(at)) {
            ++at;
        }
        while (at > 0 && !above(at - 1)) {
            --at;
        }
        ++places[static_cast<std::size_t>(at)];
    });
    out.no_number = cells.size() - numbers;
    if (open_below) {
        out.counts.push_back(places.front());
    } else {
        out.outside += places.front();
    }
    out.counts.insert(out.counts.end(), places.begin() + 1, places.end() - 1);
    if (open_above) {
        out.counts.push_back(places.back());
    } else {
        out.outside += places.back();
    }
    return out;
}

} // namespace ledgefall
