#include "app/tasks/task_outcome.h"

namespace ledgefall {

Sentence why_nothing_came(TaskEnd end, const std::string& cause) {
    switch (end) {
    case TaskEnd::out_of_memory:
        return Sentence{
            N_("There is not enough memory for this, and nothing has changed: use fewer rows, or close other "
               "programs."),
            {}};
    case TaskEnd::failed:
        return Sentence{N_("This failed, and nothing has changed: %1"), {cause}};
    case TaskEnd::not_begun:
        return Sentence{N_("Another task is still running: %1 Wait for it, or stop it, and try again."), {cause}};
    default:
        return Sentence{N_("Stopped. Nothing has changed."), {}};
    }
}

} // namespace ledgefall
