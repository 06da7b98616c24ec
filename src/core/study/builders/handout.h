#pragma once

#include "core/basics/result.h"
#include "core/study/model/study.h"

namespace ledgefall {

/// How the values of a given column, or a held value, differ from student to student.
struct Variation {
    enum class Way : std::uint8_t { shuffled, drawn };
    Id part;
    Way way = Way::shuffled; ///< a held value is drawn
    /// Between which values is drawn, to as many decimals as the given values have; none: between the smallest and the
    /// largest of a column, or a fifth below and above a held value.
    std::optional<std::pair<double, double>> range = {};
};

struct HandoutRequest {
    std::vector<AskedItem> asked;
    bool locked = true; ///< only what is asked can be changed
    std::vector<Variation> varied;
    std::string student; ///< for whom; values are varied by this name and the study's seed
};

/// A copy of a study in which what is asked is empty and nothing else gives it away: no runs, no notes that repeat what
/// is asked, no check made of it. Refused where nothing is asked, where a part is asked that the study does not have,
/// and where a part that is not asked repeats the formula of one that is.
Result<Study> make_handout(const Study& study, const HandoutRequest& request);

/// The key that belongs to it: the study with a note of what is asked.
Study key_with(Study study, const std::vector<AskedItem>& asked);

/// The part that `ledge.m`, `Pebbles.m`, `Pebbles.dev`, `Pebbles.class` (its limits) or `Pebbles.sum` (a foot line by
/// its label) means.
Result<Id> part_to_ask(const Study& study, const std::string& name);

/// What can be asked: every column, held value, foot line and class axis, in the order of the contents.
std::vector<Id> parts_to_ask(const Study& study);

/// `Pebbles.dev`, `ledge.m`, or of an answer in words the beginning of its question.
std::string item_name(const Study& study, const AskedItem& item);

/// "Write the formula of dev.": what is asked where the teacher writes nothing.
std::string usual_question(const Study& study, Id part);

/// Whether something stands where the item was emptied.
bool is_answered(const Study& study, const AskedItem& item);

/// Of given columns and held values, other values for a student of that name.
Result<Study> with_varied_values(Study study, const std::vector<Variation>& varied, const std::string& student);

/// The names on a pasted list, one a line: refused where two are equal or one cannot be the name of a file.
Result<std::vector<std::string>> student_names(const std::string& list);

} // namespace ledgefall
