#pragma once

#include "core/study/model/study.h"

#include <string>
#include <vector>

namespace ledgefall {

/// The states that a study has been in, without end in either direction. A state is a study, which shares all that it
/// has in common with its neighbours.
class History {
  public:
    explicit History(Study study)
        : states_{{std::move(study), {}}} {}

    const Study& now() const { return states_[at_].study; }
    /// `study` becomes the state after this one, called `name`; what had been undone is dropped.
    void perform(Study study, std::string name);
    /// `study` takes the place of the present state, under its name.
    void amend(Study study);
    bool can_undo() const { return at_ > 0; }
    bool can_redo() const { return at_ + 1 < states_.size(); }
    const std::string& undo_name() const { return states_[at_].name; }
    const std::string& redo_name() const { return states_[at_ + 1].name; }
    void undo() { at_ -= can_undo() ? 1 : 0; }
    void redo() { at_ += can_redo() ? 1 : 0; }
    /// The present state is the one in the file.
    void mark_saved() { saved_ = at_; }
    /// None of the states is the one in the file.
    void mark_unsaved() { saved_.reset(); }
    bool is_saved() const { return saved_ == at_; }

  private:
    struct State {
        Study study;
        std::string name;
    };
    std::vector<State> states_;
    std::size_t at_ = 0;
    std::optional<std::size_t> saved_ = 0;
};

} // namespace ledgefall
