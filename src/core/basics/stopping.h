#pragma once

#include <atomic>
#include <cstddef>
#include <cstdint>
#include <stop_token>
#include <utility>

namespace ledgefall {

/// Thrown where work is given up that nobody waits for any more.
struct Stopped {};

/// Passed to long work so that it can be stopped and can report its progress. It is made by whoever starts the work; a
/// default-constructed one never asks the work to stop.
class StopToken {
  public:
    StopToken() = default;
    /// `progress`, where it is given, becomes the part of the work that is done, from 0 to 1.
    explicit StopToken(std::stop_token token, std::atomic<double>* progress = nullptr)
        : token_(std::move(token))
        , progress_(progress) {}

    bool stop_requested() const { return token_.stop_requested(); }
    const std::stop_token& token() const { return token_; }

    void throw_if_stopped() const {
        if (stop_requested()) {
            throw Stopped();
        }
    }
    /// The same within a loop over many rows, at every few thousandth of them.
    void throw_if_stopped_at(std::size_t row) const {
        constexpr std::size_t between = 8192;
        if (row % between == 0) {
            throw_if_stopped();
        }
    }
    void report_progress(std::size_t done, std::size_t of) const {
        if (progress_ != nullptr && of > 0) {
            *progress_ = static_cast<double>(done) / static_cast<double>(of);
        }
    }

  private:
    std::stop_token token_;
    std::atomic<double>* progress_ = nullptr;
};

/// A comparison for sorting that throws `Stopped` where it is asked to stop, looking at every few thousandth call.
template <class Less>
auto stoppable(const StopToken& stop, Less less) {
    return [&stop, less = std::move(less), calls = std::uint32_t{0}](const auto& a, const auto& b) mutable {
        stop.throw_if_stopped_at(++calls);
        return less(a, b);
    };
}

} // namespace ledgefall
