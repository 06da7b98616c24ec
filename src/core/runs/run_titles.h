#pragma once

#include "core/study/model/study.h"

#include <functional>

namespace ledgefall {

/// What a run is called: by its own name, or by what was held then and differs from other runs, or from the study as it
/// is.
struct RunTitle {
    std::string name;                 ///< its own; empty where it has none
    std::vector<RunSetting> settings; ///< what differs, in the order of the ledge; the seed among them, without an id
    std::size_t number = 0;           ///< of the run, from 1; 0: the study as it is now
    std::size_t again = 0;            ///< from 2: how often the settings before it have been the same
};

/// The given held values of a study, of its own ledge and of its tables'.
std::vector<RunSetting> settings_of(const Study& study);

/// For each run, and at the end for the study as it is now.
std::vector<RunTitle> run_titles(const Study& study);

/// "k = 8, dt = 0.02", with values as `written` gives them; "Run 2" where nothing differs.
std::string title_text(const RunTitle& title, const std::function<std::string(const Value&)>& written);
std::string title_text(const RunTitle& title); ///< with values as they are typed

} // namespace ledgefall
