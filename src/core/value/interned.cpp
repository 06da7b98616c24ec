#include "core/value/interned.h"

#include <atomic>

namespace ledgefall {
namespace {

thread_local InternScope* innermost = nullptr;

std::uint64_t next_number() {
    static std::atomic<std::uint64_t> last = 0;
    return ++last;
}

} // namespace

InternedObjects::~InternedObjects() {
    for (const Held& held : held_) {
        held.release(held.object);
    }
}

InternScope::InternScope(double bytes)
    : number_(next_number())
    , bytes_left_(bytes)
    , outer_(innermost) {
    innermost = this;
}

InternScope::~InternScope() {
    innermost = outer_;
}

PersistentInternScope::PersistentInternScope()
    : outer_(innermost) {
    innermost = nullptr;
}

PersistentInternScope::~PersistentInternScope() {
    innermost = outer_;
}

std::uint64_t InternScope::current() {
    return innermost == nullptr ? 0 : innermost->number_;
}

bool InternScope::take(std::size_t bytes) {
    if (innermost == nullptr) {
        return true;
    }
    innermost->bytes_left_ -= static_cast<double>(bytes);
    return innermost->bytes_left_ >= 0;
}

void InternScope::hold(const void* object, void (*release)(const void*)) {
    innermost->objects_->held_.push_back({object, release});
}

} // namespace ledgefall
