#pragma once

#include "core/study/row_sources/class_rows.h"

#include <string>

namespace ledgefall {

/// The held text of a table of classes that says how they were chosen; it changes with them.
inline constexpr const char* class_rule_name = "class_rule";

/// "Sturges: 1 + log₂ n; lower limits are in the class": how classes were chosen, and which limits belong to them.
std::string class_words(const Classes& classes, const std::string& rule);

} // namespace ledgefall
