#pragma once

#include "core/value/value.h"

#include <bit>
#include <deque>
#include <map>
#include <mutex>

namespace ledgefall {

/// Values that are too large for a cell and held once for the whole program, so that a cell keeps an address and equal
/// ones have the same. `Key` tells them apart. Safe from any thread; nothing is freed.
template <class T, class Key>
class Interned {
  public:
    Value value(const T& object, const Key& key, Kind kind) {
        const std::lock_guard lock(mutex_);
        const T*& place = places_[key];
        if (place == nullptr) {
            place = &all_.emplace_back(object);
        }
        const auto address = static_cast<std::uint64_t>(reinterpret_cast<std::uintptr_t>(place));
        return Value::of(std::bit_cast<double>(address), kind, State::plain);
    }

    static const T& of(const Value& value) {
        // NOLINTNEXTLINE(performance-no-int-to-ptr): a slot of eight bytes holds the address, as of a text
        return *reinterpret_cast<const T*>(static_cast<std::uintptr_t>(std::bit_cast<std::uint64_t>(value.slot())));
    }

  private:
    std::mutex mutex_;
    std::deque<T> all_; // never moves what it holds
    std::map<Key, const T*> places_;
};

} // namespace ledgefall
