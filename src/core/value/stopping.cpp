#include "core/value/stopping.h"

namespace ledgefall {
namespace {

thread_local const StopScope* innermost = nullptr;

} // namespace

StopScope::StopScope(std::stop_token token, std::atomic<double>* progress)
    : token_(std::move(token))
    , outer_(innermost)
    , progress_(progress) {
    innermost = this;
}

StopScope::~StopScope() {
    innermost = outer_;
}

void StopScope::tell_progress(double part) const {
    if (progress_ != nullptr) {
        *progress_ = part;
    }
}

void tell_progress(std::size_t done, std::size_t of) {
    if (innermost != nullptr && of > 0) {
        innermost->tell_progress(static_cast<double>(done) / static_cast<double>(of));
    }
}

bool stop_asked() {
    return innermost != nullptr && innermost->asked();
}

void stop_if_asked() {
    if (stop_asked()) {
        throw Stopped();
    }
}

std::stop_token stop_token_of_thread() {
    return innermost == nullptr ? std::stop_token() : innermost->token();
}

} // namespace ledgefall
