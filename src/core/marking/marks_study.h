#pragma once

#include "core/basics/result.h"
#include "core/marking/judge.h"

namespace ledgefall {

/// The mark of one item of one submission.
struct ItemMark {
    std::string name; ///< of the student
    std::string item;
    MarkOutcome outcome = MarkOutcome::missing;
    std::string slip;
    double points = 0; ///< that a right answer gets
    std::string answer, feedback;
    std::optional<std::size_t> row; ///< from 0
    std::string file;
};

/// A remark on one file of the folder; it is empty where all is well.
struct SubmissionRemark {
    std::string file, name, remark;
};

/// How a study of marks is headed: its title and, on the ledge of the submissions, where they and the key are.
struct MarksHead {
    std::string title, folder, key_file;
};

/// A sentence for the student on an item.
std::string feedback_on(const Judgement& judgement);

/// A study with the long table `Answers` and, made of it by ordinary formulas, students by items, totals with their
/// distribution and chart, and slips by item. Where `before` is an earlier study of marks, its rows of the same name
/// and item take the new outcomes, so that what was typed over points, and whatever was added to it, stays.
Result<Study> marks_study(const MarksHead& head, const std::vector<ItemMark>& marks,
                          const std::vector<SubmissionRemark>& remarks, const Study* before = nullptr);

/// Where the answer of a row (from 0) of the marks is to be read: empty for rows of other tables.
struct MarkPlace {
    std::string submission, key; ///< files
    std::string item;
};
std::optional<MarkPlace> place_of_mark(const Study& marks, Id table, std::size_t row);

} // namespace ledgefall
