#include "core/study/edits/class_words.h"

#include "core/basics/sentence.h"

namespace ledgefall {

std::string class_words(const Classes& classes, const std::string& rule) {
    const std::string limits = classes.recorded_to > 0
                                   ? worded({N_("recorded to the nearest %1"), {shortest(classes.recorded_to)}})
                               : classes.closed_left ? worded({N_("lower limits are in the class")})
                                                     : worded({N_("upper limits are in the class")});
    return rule + "; " + limits;
}

} // namespace ledgefall
