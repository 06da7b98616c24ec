#pragma once

#include "core/value/fault.h"

#include <QString>

namespace ledgefall {

/// What a cell in error shows for its cause: a short word or two.
QString cause_word(Cause cause);
/// The place in the help that explains it.
QString cause_help_topic(Cause cause);

} // namespace ledgefall
