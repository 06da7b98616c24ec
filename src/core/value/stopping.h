#pragma once

#include <atomic>
#include <cstddef>
#include <cstdint>
#include <stop_token>
#include <utility>

namespace ledgefall {

/// Thrown where work is given up that nobody waits for any more.
struct Stopped {};

/// While it lives, what its thread works at is given up once the token asks for it.
class StopScope {
  public:
    /// `progress`, where it is given, becomes the part of the work that is done, from 0 to 1.
    explicit StopScope(std::stop_token token, std::atomic<double>* progress = nullptr);
    StopScope(const StopScope&) = delete;
    StopScope& operator=(const StopScope&) = delete;
    ~StopScope();

    bool asked() const { return token_.stop_requested(); }
    const std::stop_token& token() const { return token_; }
    void tell_progress(double part) const;

  private:
    std::stop_token token_;
    const StopScope* outer_;
    std::atomic<double>* progress_;
};

/// Whether the thread's work is to be given up.
bool stop_asked();
/// By which that is asked for, for work that is handed on; one that never asks where there is no scope.
std::stop_token stop_token_of_thread();
/// Throws `Stopped` where it is.
void stop_if_asked();

/// Says to who waits for the thread's work how far it has come.
void tell_progress(std::size_t done, std::size_t of);

/// The same as `stop_if_asked` within a loop over many rows, at every few thousandth of them.
inline void stop_if_asked_at(std::size_t row) {
    constexpr std::size_t between = 8192;
    if (row % between == 0) {
        stop_if_asked();
    }
}

/// A comparison for sorting that gives up where it is asked to, looking at every few thousandth call.
template <class Less>
auto stoppable(Less less) {
    return [less = std::move(less), calls = std::uint32_t{0}](const auto& a, const auto& b) mutable {
        constexpr std::uint32_t between = 8192;
        if (++calls % between == 0) {
            stop_if_asked();
        }
        return less(a, b);
    };
}

} // namespace ledgefall
