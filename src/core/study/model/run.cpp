#include "core/study/model/run.h"

#include <algorithm>

namespace ledgefall {

const RunColumn* Run::column(Id wanted) const {
    const auto place =
        std::find_if(columns.begin(), columns.end(), [wanted](const RunColumn& one) { return one.column == wanted; });
    return place == columns.end() ? nullptr : &*place;
}

const RunSetting* Run::setting(Id held) const {
    const auto place =
        std::find_if(settings.begin(), settings.end(), [held](const RunSetting& one) { return one.held == held; });
    return place == settings.end() ? nullptr : &*place;
}

} // namespace ledgefall
