#pragma once

#include <cstddef>
#include <cstdint>
#include <optional>
#include <vector>

namespace ledgefall {

/// Numbers keys from 0 on in the order in which they come: a table of few keys that is asked very often.
class FlatIndex {
  public:
    /// The number of a key, which gets the next one where it is new.
    std::size_t number_of(std::uint64_t key) {
        if ((count_ + 1) * 2 > places_.size()) {
            grow();
        }
        Place& place = places_[find(key)];
        if (!place.taken) {
            place = {key, count_++, true};
        }
        return place.number;
    }
    std::optional<std::size_t> known(std::uint64_t key) const {
        const Place* place = places_.empty() ? nullptr : &places_[find(key)];
        return place == nullptr || !place->taken ? std::nullopt : std::optional(place->number);
    }
    std::size_t size() const { return count_; }

  private:
    struct Place {
        std::uint64_t key = 0;
        std::size_t number = 0;
        bool taken = false;
    };
    std::size_t find(std::uint64_t key) const {
        std::uint64_t mixed = key ^ (key >> 32U); // addresses and doubles differ in their upper or lower half
        mixed *= 0x9E3779B97F4A7C15U;
        const std::size_t mask = places_.size() - 1;
        std::size_t at = static_cast<std::size_t>(mixed >> 20U) & mask;
        while (places_[at].taken && places_[at].key != key) {
            at = (at + 1) & mask;
        }
        return at;
    }
    void grow() {
        constexpr std::size_t least = 16;
        std::vector<Place> old(places_.empty() ? least : places_.size() * 2);
        old.swap(places_);
        for (const Place& place : old) {
            if (place.taken) {
                places_[find(place.key)] = place;
            }
        }
    }
    std::vector<Place> places_;
    std::size_t count_ = 0;
};

} // namespace ledgefall
