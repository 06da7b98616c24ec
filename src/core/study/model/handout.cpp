#include "core/study/model/handout.h"

#include <algorithm>

namespace ledgefall {

const AskedItem* Handout::item(Id part) const {
    const auto it = std::find_if(asked.begin(), asked.end(), [part](const AskedItem& one) { return one.part == part; });
    return it == asked.end() ? nullptr : &*it;
}

} // namespace ledgefall
