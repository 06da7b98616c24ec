#include "core/value/text.h"

#include "core/value/interned.h"

namespace ledgefall {
namespace {

struct HashOfText {
    using is_transparent = void;
    std::size_t operator()(std::string_view text) const { return std::hash<std::string_view>()(text); }
};

using Texts = Interned<std::string, HashOfText>;

} // namespace

const std::string* Text::empty_text() {
    // At once, before any scope could hold it: it stands for "none" wherever there is an id.
    static const std::string* const empty = new std::string();
    return empty;
}

Text::Text(std::string_view text)
    : address_(text.empty() ? empty_text() : Texts::at(text)) {}

std::size_t Text::count() {
    return Texts::count();
}

} // namespace ledgefall
