#include "core/value/text_order.h"

#include <memory>
#include <unicode/coll.h>
#include <unicode/unistr.h>

namespace ledgefall {
namespace {

const icu::Collator* collator() {
    static const std::unique_ptr<const icu::Collator> root = [] {
        UErrorCode status = U_ZERO_ERROR;
        std::unique_ptr<const icu::Collator> made(icu::Collator::createInstance(icu::Locale::getRoot(), status));
        return U_SUCCESS(status) ? std::move(made) : nullptr;
    }();
    return root.get();
}

icu::UnicodeString wide(std::string_view text) {
    return icu::UnicodeString::fromUTF8(icu::StringPiece(text.data(), static_cast<int32_t>(text.size())));
}

} // namespace

int compare_texts(std::string_view a, std::string_view b) {
    if (const icu::Collator* order = collator()) {
        UErrorCode status = U_ZERO_ERROR;
        const auto piece = [](std::string_view text) {
            return icu::StringPiece(text.data(), static_cast<int32_t>(text.size()));
        };
        const UCollationResult result = order->compareUTF8(piece(a), piece(b), status);
        if (U_SUCCESS(status) && result != UCOL_EQUAL) {
            return result == UCOL_LESS ? -1 : 1;
        }
    }
    return a.compare(b);
}

std::string in_capitals(std::string_view text) {
    std::string out;
    return wide(text).toUpper(icu::Locale::getRoot()).toUTF8String(out);
}

std::string in_small_letters(std::string_view text) {
    std::string out;
    return wide(text).toLower(icu::Locale::getRoot()).toUTF8String(out);
}

} // namespace ledgefall
