#include "core/value/text.h"

#include <array>
#include <mutex>
#include <unordered_set>

namespace ledgefall {
namespace {

// Several shelves, so that threads reading different files do not queue at one lock.
struct Shelf {
    std::mutex mutex;
    std::unordered_set<std::string> texts; // its nodes never move, so addresses stay good
};

std::array<Shelf, 16>& shelves() {
    static std::array<Shelf, 16> all;
    return all;
}

} // namespace

const std::string* Text::empty_text() {
    static const std::string* const empty = Text(std::string_view()).address_;
    return empty;
}

Text::Text(std::string_view text) {
    std::string own(text);
    Shelf& shelf = shelves()[std::hash<std::string>()(own) % 16];
    const std::lock_guard lock(shelf.mutex);
    address_ = &*shelf.texts.insert(std::move(own)).first;
}

} // namespace ledgefall
