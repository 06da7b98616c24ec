#pragma once

#include "core/basics/marked_text.h"

#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// One sentence for a person, as a pattern with the places %1 … %9 and what goes there. The pattern is kept apart so
/// that the interface can translate it; the core itself speaks English.
struct Sentence {
    std::string pattern;
    std::vector<std::string> parts;

    Sentence() = default;
    Sentence(std::string_view said, std::vector<std::string> with = {})
        : pattern(said)
        , parts(std::move(with)) {}

    std::string text() const { return filled(pattern); }
    bool empty() const { return pattern.empty(); }

    /// The parts put into `translated`, a pattern with the same places.
    std::string filled(std::string_view translated) const;

    friend bool operator==(const Sentence&, const Sentence&) = default;
};

/// A text that the core writes into a study, such as a column's label, in the language of the person: by the function
/// that `word_texts_by` has set, else English.
std::string worded(const Sentence& sentence);
void word_texts_by(std::string (*translate)(const Sentence&));

/// A number written for a sentence or a working: the shortest form that reads back as the same double.
std::string shortest(double number);

} // namespace ledgefall
