#pragma once

#include <algorithm>
#include <bit>
#include <cstddef>
#include <cstdint>
#include <optional>
#include <utility>
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

/// Numbers pairs of numbers from 0 on in the order in which they come. While both numbers are small a table with a
/// place for every pair says it at once.
class PairIndex {
  public:
    std::size_t number_of(std::size_t first, std::size_t second) {
        if (first >= firsts_ || second >= seconds_) {
            grow(first, second);
        }
        if (many_) {
            return rest_.number_of(joined(first, second));
        }
        std::uint32_t& number = numbers_[first * seconds_ + second];
        number = number == none ? count_++ : number;
        return number;
    }
    std::optional<std::size_t> known(std::size_t first, std::size_t second) const {
        if (many_) {
            return rest_.known(joined(first, second));
        }
        const std::uint32_t number = first < firsts_ && second < seconds_ ? numbers_[first * seconds_ + second] : none;
        return number == none ? std::nullopt : std::optional<std::size_t>(number);
    }

  private:
    static constexpr std::uint32_t none = 0xFFFFFFFFU;
    static std::uint64_t joined(std::size_t first, std::size_t second) {
        constexpr unsigned half = 32;
        return static_cast<std::uint64_t>(first) << half | second;
    }
    void grow(std::size_t first, std::size_t second) {
        constexpr std::size_t most_places = 1U << 22U;
        const std::size_t firsts = std::max(firsts_, std::bit_ceil(first + 1));
        const std::size_t seconds = std::max(seconds_, std::bit_ceil(second + 1));
        std::vector<std::pair<std::size_t, std::size_t>> pairs(count_);
        for (std::size_t at = 0; at < numbers_.size(); ++at) {
            if (numbers_[at] != none) {
                pairs[numbers_[at]] = {at / seconds_, at % seconds_};
            }
        }
        many_ = many_ || firsts > most_places / seconds;
        numbers_.assign(many_ ? 0 : firsts * seconds, none);
        firsts_ = many_ ? static_cast<std::size_t>(-1) : firsts;
        seconds_ = many_ ? static_cast<std::size_t>(-1) : seconds;
        count_ = 0;
        for (const auto& [a, b] : pairs) { // in their order, so that their numbers stay
            number_of(a, b);
        }
    }

    std::vector<std::uint32_t> numbers_;
    std::size_t firsts_ = 0, seconds_ = 0;
    std::uint32_t count_ = 0;
    bool many_ = false;
    FlatIndex rest_; ///< in place of the table, once that would be too large
};

} // namespace ledgefall
