#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// Adds columns, held values, feet and checks to a table that is being made; the first refusal stays.
class TableMaker {
  public:
    TableMaker(Study study, Id table)
        : study_(std::move(study))
        , table_(table) {}

    /// A worked column, `definition` being `name = formula`.
    void column(const std::string& label, const std::string& definition, const Format& format = {});
    /// A column of texts that are given.
    void texts(const std::string& label, const std::string& name, const std::vector<std::string>& values);
    void held(const std::string& definition, const std::string& note);
    void take(Result<Study> next) { study_ = std::move(next); }
    void foot(const std::string& label, const std::string& formula, const std::vector<std::string>& names);
    void check(const CheckText& text);
    const Result<Study>& study() const { return study_; }

  private:
    Result<Study> study_;
    Id table_;
};

/// A column of another table as a formula names it: `Pebbles.length`; empty where there is none.
std::string full_name(const Study& study, Id column);

} // namespace ledgefall
