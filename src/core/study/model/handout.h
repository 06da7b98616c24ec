#pragma once

#include "core/value/text.h"

#include <string>
#include <vector>

namespace ledgefall {

/// One thing that a handout asks for: the formula (or values) of a column or held value, a foot line, the class limits
/// of a table (by its axis), or an answer in words, which has an id of its own.
struct AskedItem {
    Id part;
    std::string question; ///< a line of instructions
    double points = 1;
    std::string answer; ///< in words: the student's, or in a key the expected one
    std::string unknown_fields = {};
    friend bool operator==(const AskedItem&, const AskedItem&) = default;
};

/// What makes a study a handout, or the key of one. In a handout what is asked is empty; a key has the solution.
struct Handout {
    bool is_key = false;
    std::string student; ///< by whom it is filled in
    std::string edition; ///< tells handouts of one state of a key from others
    std::vector<AskedItem> asked;
    std::vector<Id> locked; ///< what a student cannot change; empty: nothing is locked
    std::string unknown_fields = {};

    const AskedItem* item(Id part) const;
    friend bool operator==(const Handout&, const Handout&) = default;
};

} // namespace ledgefall
