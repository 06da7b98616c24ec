#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// Adds columns, held values, feet and checks to a table that is being made; the first refusal stays.
/// Labels, notes and messages are written in the language of the person (`worded`).
class TableMaker {
  public:
    TableMaker(Study study, Id table)
        : study_(std::move(study))
        , table_(table) {}

    /// A computed column, `definition` being `name = formula`.
    void column(const Sentence& label, const std::string& definition, const Format& format = {});
    /// A column that has been made is there to be read, but out of the way.
    void hide(const std::string& column);
    /// A column of texts that are given.
    void texts(const Sentence& label, const std::string& name, const std::vector<std::string>& values);
    void held(const std::string& definition, const Sentence& note);
    void take(Result<Study> next) { study_ = std::move(next); }
    void foot(const Sentence& label, const std::string& formula, const std::vector<std::string>& names);
    void check(const Sentence& label, const std::string& condition, const Sentence& message);
    /// The name, with a number behind it where it means something already; of no table, on the study's ledge.
    std::string free_here(const std::string& wanted) const;
    const Result<Study>& study() const { return study_; }

  private:
    Result<Study> study_;
    Id table_;
};

} // namespace ledgefall
