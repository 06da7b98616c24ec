#include "core/value/definition_id.h"

#include "core/value/interned.h"

namespace ledgefall {

// Fault sites name these identities and may outlive the results within which one was first asked for.

Id foot_row_of(Id line, Id layer, bool under) {
    const PersistentInternScope kept;
    return Id(line.str() + (under ? " under " : " beside ") + layer.str());
}

} // namespace ledgefall
