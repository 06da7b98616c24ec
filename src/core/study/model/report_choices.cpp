#include "core/study/model/report_choices.h"

#include <algorithm>

namespace ledgefall {

bool ReportChoices::has(Id part) const {
    return std::find(left_out.begin(), left_out.end(), part) == left_out.end();
}

} // namespace ledgefall
