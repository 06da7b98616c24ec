#include "core/engine/running/limit_counts.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>

namespace ledgefall {

LimitCounts::LimitCounts(std::vector<double> limits)
    : limits_(std::move(limits)) {
    std::sort(limits_.begin(), limits_.end());
    limits_.erase(std::unique(limits_.begin(), limits_.end()), limits_.end());
    counts_.assign(2 * limits_.size() + 1, 0);
    others_ = counts_;
    const std::size_t cells = std::min<std::size_t>(4 * limits_.size() + 1, 1U << 16U);
    from_ = limits_.front();
    const double width = limits_.back() - from_;
    scale_ = width > 0 && std::isfinite(width) ? static_cast<double>(cells - 1) / width : 0;
    last_cell_ = static_cast<double>(cells - 1);
    starts_.assign(cells + 1, 0);
    // A cell begins with the first limit in it or in a later one.
    std::size_t next = 0;
    for (std::size_t at = 0; at <= cells; ++at) {
        while (next < limits_.size() && cell(limits_[next]) < at) {
            ++next;
        }
        starts_[at] = static_cast<std::uint32_t>(next);
    }
    for (std::size_t at = 1; at < limits_.size(); ++at) {
        crowded_ = crowded_ || cell(limits_[at - 1]) == cell(limits_[at]);
    }
    limits_.push_back(std::numeric_limits<double>::infinity());
}

/// The grid's cell of a value; it never falls where the value rises, so that limits and values agree however it rounds.
std::size_t LimitCounts::cell(double value) const {
    const double place = (value - from_) * scale_;
    return static_cast<std::size_t>(place > 0 ? std::min(place, last_cell_) : 0.0);
}

void LimitCounts::add(const double* values, std::size_t count) {
    const double* const limits = limits_.data(); // with one above all at their end
    const std::uint32_t* const starts = starts_.data();
    std::uint64_t* const even =
        counts_.data(); // two histograms in turn: no store-to-load dependency between equal neighbours
    std::uint64_t* const odd = others_.data();
    const double from = from_;
    const double scale = scale_;
    const double last = last_cell_;
    const auto start = [=](double value) {
        const double place = (value - from) * scale;
        const double within = place > 0 ? (place < last ? place : last) : 0.0;
        return starts[static_cast<std::int64_t>(within)];
    };
    if (!crowded_) { // a cell has at most one limit, which is all there is to look at
        const auto piece = [=](double value) {
            const std::size_t below = start(value);
            const double limit = limits[below];
            return 2 * below + (limit < value ? 2U : 0U) + (limit == value ? 1U : 0U);
        };
        std::size_t at = 0;
        for (; at + 1 < count; at += 2) {
            const std::size_t first = piece(values[at]);
            const std::size_t second = piece(values[at + 1]);
            ++even[first];
            ++odd[second];
        }
        if (at < count) {
            ++even[piece(values[at])];
        }
    } else {
        for (std::size_t at = 0; at < count; ++at) {
            std::size_t below = start(values[at]);
            while (limits[below] < values[at]) {
                ++below;
            }
            ++even[2 * below + (limits[below] == values[at] ? 1 : 0)];
        }
    }
    all_ += static_cast<double>(count);
}

void LimitCounts::finish() {
    std::transform(counts_.begin(), counts_.end(), others_.begin(), counts_.begin(), std::plus<>());
    std::uint64_t seen = 0;
    for (std::size_t at = 0; at + 1 < limits_.size(); ++at) {
        seen += counts_[2 * at];
        below_.push_back(static_cast<double>(seen));
        seen += counts_[2 * at + 1];
        up_to_.push_back(static_cast<double>(seen));
    }
}

std::size_t LimitCounts::place(double limit) const {
    return static_cast<std::size_t>(std::lower_bound(limits_.begin(), limits_.end(), limit) - limits_.begin());
}

} // namespace ledgefall
