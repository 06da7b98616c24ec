#pragma once

#include "core/engine/running/results.h"
#include "core/study/edits/edits.h"

#include <functional>

namespace ledgefall {

using TextBlock = std::vector<std::vector<std::string>>; ///< lines of fields

/// How the numbers and dates of columns are spelled, as far as what was typed into them has shown it.
struct KnownSpellings {
    std::unordered_map<Id, bool> month_first;
    std::unordered_map<Id, char> decimal;
};

/// The cell (from 0) at which texts are typed or pasted, and how they are spelled where nothing else shows it.
struct TypingPlace {
    Id table;
    std::size_t row = 0, section = 0;
    Spelling spelling;           ///< of the study
    std::optional<char> decimal; ///< where it is known of the texts
    KnownSpellings known;
};

/// What typed or pasted texts make of a study, and what is to be said of how they were read.
struct TypedTexts {
    Study study;
    std::optional<HeadedColumns> headed;
    KnownSpellings known;
    std::optional<Sentence> long_number; ///< a whole number was typed that no double is
    struct ReadDate {
        Id column;
        std::string typed;
        double days = 0;
    };
    std::vector<ReadDate> dates; ///< that can be read two ways: the first of each column
    struct ReadNumber {
        Id column;
        std::string typed;
        double number = 0;
        std::size_t row = 0;
        TextBlock texts; ///< of the column, from that row down
    };
    std::vector<ReadNumber> numbers; ///< the same of numbers such as 1,250
};

/// Types a block of texts at a place that it knows; on any thread. `decimal`: where the sign is known of the texts.
using TypedBy = std::function<Result<TypedTexts>(const Study& study, const Results& results, const TextBlock& block,
                                                 std::optional<char> decimal, const StopToken& stop)>;

/// Texts typed or pasted into a table of one axis.
Result<TypedTexts> typed_texts(const Study& study, const TypingPlace& place, const TextBlock& block,
                               const StopToken& stop);

} // namespace ledgefall
