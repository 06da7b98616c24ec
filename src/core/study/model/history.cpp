#include "core/study/model/history.h"

namespace ledgefall {

void History::perform(Study study, std::string name) {
    states_.resize(at_ + 1, {Study(), {}});
    if (saved_ && *saved_ > at_) {
        saved_.reset();
    }
    states_.push_back({std::move(study), std::move(name)});
    ++at_;
}

void History::amend(Study study) {
    states_.resize(at_ + 1, {Study(), {}});
    states_[at_].study = std::move(study);
    if (saved_ && *saved_ >= at_) {
        saved_.reset();
    }
}

} // namespace ledgefall
