#pragma once

#include "core/marking/judge.h"

namespace ledgefall {

/// A page of HTML for one student: each item with the formula that was asked, the student's own, and the first row in
/// which they differ with both workings.
std::string feedback_page(const Study& key, const Study& submission, const std::string& name,
                          const std::vector<AskedItem>& asked, const std::vector<Judgement>& judgements,
                          const std::string& language);

} // namespace ledgefall
