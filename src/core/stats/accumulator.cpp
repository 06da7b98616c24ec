#include "core/stats/accumulator.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {

Value Faults::number(double x) const {
    if (std::isfinite(x)) {
        return Value::number(x);
    }
    return std::isnan(x) ? out_of_domain() : too_large();
}

void Accumulator::add(std::span<const Lane> samples, const Lane* condition, std::size_t rows) {
    constexpr std::size_t most = 4;
    constexpr std::size_t piece = 256;
    std::array<const double*, most> columns{};
    bool plain = condition == nullptr;
    for (std::size_t at = 0; at < samples.size(); ++at) {
        columns[at] = samples[at].slots;
        plain = plain && samples[at].states == nullptr && !samples[at].single;
    }
    if (plain) {
        rows_taken_ = nullptr;
        take(columns.data(), rows);
        next_row_ += rows;
        return;
    }
    std::array<std::uint32_t, piece> rows_of{};
    rows_taken_ = rows_of.data();
    std::array<std::array<double, piece>, most> stored{};
    for (std::size_t at = 0; at < samples.size(); ++at) {
        columns[at] = stored[at].data();
    }
    std::size_t count = 0;
    std::size_t left_out = 0;
    for (std::size_t row = 0; row < rows; ++row) {
        if (condition != nullptr && !chosen(*condition, row)) {
            continue;
        }
        bool missing = false;
        for (std::size_t at = 0; at < samples.size(); ++at) {
            const State state = samples[at].state(row);
            stored[at][count] = samples[at].slot(row);
            rows_of[count] = static_cast<std::uint32_t>(next_row_ + row);
            if (state == State::fault && !fault_) {
                fault_ = Value::of(stored[at][count], Kind::number, state).fault();
            }
            missing = missing || state != State::plain;
        }
        missing ? ++left_out : ++count;
        if (count == piece) {
            take(columns.data(), count);
            count = 0;
        }
    }
    take(columns.data(), count);
    skip(left_out);
    next_row_ += rows;
}

bool Accumulator::chosen(const Lane& condition, std::size_t row) {
    const State state = condition.state(row);
    if (state == State::fault && !fault_) {
        fault_ = Value::of(condition.slot(row), Kind::yes_no, state).fault();
    }
    return state == State::plain && condition.slot(row) != 0.0;
}

Value Accumulator::result(const Faults& faults) {
    if (fault_) {
        return Value::fault(*fault_);
    }
    const Value value = finish(faults);
    return value.plain() && !std::isfinite(value.slot()) ? faults.number(value.slot()) : value;
}

void CompensatedSum::add_to(std::size_t lane, double value) {
    const double sum = sums_[lane] + value;
    const double of_value = sum - sums_[lane];
    lost_[lane] += (sums_[lane] - (sum - of_value)) + (value - of_value);
    sums_[lane] = sum;
}

bool CompensatedSum::finite() const {
    double all = 0; // a single one that is not finite makes it not finite
    for (const double sum : sums_) {
        all += sum - sum;
    }
    return all == 0;
}

void CompensatedSum::scale_down() {
    constexpr int step = 64; // more than any number of rows can make of the largest double
    for (std::size_t lane = 0; lane < lanes; ++lane) {
        sums_[lane] = std::ldexp(sums_[lane], -step);
        lost_[lane] = std::ldexp(lost_[lane], -step);
    }
    exponent_ += step;
}

void CompensatedSum::add(double value) {
    const double sum = sums_[0];
    const double lost = lost_[0];
    if (exponent_ == 0) {
        add_to(0, value);
        if (std::isfinite(sums_[0])) {
            return;
        }
        sums_[0] = sum;
        lost_[0] = lost;
        scale_down();
    }
    add_to(0, std::ldexp(value, -exponent_));
}

void CompensatedSum::add(const double* values, std::size_t count) {
    if (exponent_ == 0) {
        const CompensatedSum before = *this;
        add_as_they_are(values, count);
        if (finite()) {
            return;
        }
        *this = before;
        scale_down();
    }
    for (std::size_t at = 0; at < count; ++at) {
        add_to(at % lanes, std::ldexp(values[at], -exponent_));
    }
}

void CompensatedSum::add_as_they_are(const double* values, std::size_t count) {
    const std::size_t whole = count - count % lanes;
    double sums[lanes];
    double lost[lanes];
    std::copy_n(sums_, lanes, sums);
    std::copy_n(lost_, lanes, lost);
    for (std::size_t at = 0; at < whole; at += lanes) {
        for (std::size_t lane = 0; lane < lanes; ++lane) {
            const double value = values[at + lane];
            const double sum = sums[lane] + value;
            const double of_value = sum - sums[lane];
            lost[lane] += (sums[lane] - (sum - of_value)) + (value - of_value);
            sums[lane] = sum;
        }
    }
    std::copy_n(sums, lanes, sums_);
    std::copy_n(lost, lanes, lost_);
    for (std::size_t at = whole; at < count; ++at) {
        add_to(at % lanes, values[at]);
    }
}

CompensatedSum CompensatedSum::in_one_lane() const {
    CompensatedSum scaled = *this;
    CompensatedSum all = scaled.added_lanes();
    if (!all.finite()) { // each lane is finite, and their sum is not
        scaled.scale_down();
        all = scaled.added_lanes();
    }
    return all;
}

CompensatedSum CompensatedSum::added_lanes() const {
    CompensatedSum all;
    all.exponent_ = exponent_;
    for (std::size_t lane = 0; lane < lanes; ++lane) {
        all.add_to(0, sums_[lane]);
    }
    for (std::size_t lane = 0; lane < lanes; ++lane) {
        all.add_to(0, lost_[lane]);
    }
    return all;
}

double CompensatedSum::total() const {
    const CompensatedSum all = in_one_lane();
    return std::ldexp(all.sums_[0] + all.lost_[0], all.exponent_);
}

double CompensatedSum::over(double count) const {
    const CompensatedSum all = in_one_lane();
    const double quotient = all.sums_[0] / count;
    const double rest = std::fma(-quotient, count, all.sums_[0]) + all.lost_[0]; // exact but for its last addition
    return std::ldexp(std::isfinite(rest) ? quotient + rest / count : quotient, all.exponent_);
}

double CompensatedSum::over(const CompensatedSum& divisor) const {
    const CompensatedSum all = in_one_lane();
    const CompensatedSum by = divisor.in_one_lane();
    const double quotient = all.sums_[0] / by.sums_[0];
    const double rest = std::fma(-quotient, by.sums_[0], all.sums_[0]) + (all.lost_[0] - quotient * by.lost_[0]);
    return std::ldexp(std::isfinite(rest) ? quotient + rest / by.sums_[0] : quotient, all.exponent_ - by.exponent_);
}

} // namespace ledgefall
