#include "core/value/stopping.h"

namespace ledgefall {
namespace {

thread_local const StopScope* innermost = nullptr;

} // namespace

StopScope::StopScope(std::stop_token token)
    : token_(std::move(token))
    , outer_(innermost) {
    innermost = this;
}

StopScope::~StopScope() {
    innermost = outer_;
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
