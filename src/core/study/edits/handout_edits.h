#pragma once

#include "core/basics/result.h"
#include "core/study/model/study.h"

namespace ledgefall {

/// What a change of a handout may not do; nothing where it changes only what is asked, or adds something.
std::optional<Sentence> locked_change(const Study& before, const Study& after);

/// What a student writes in answer to a question in words; refused where there is no such question.
Result<Study> answer_in_words(Study study, Id question, const std::string& answer);
Study with_student(Study study, const std::string& name);

} // namespace ledgefall
