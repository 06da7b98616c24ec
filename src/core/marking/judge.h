#pragma once

#include "core/basics/stopping.h"
#include "core/engine/running/results.h"
#include "core/marking/slips.h"

namespace ledgefall {

/// What the comparison of one item with the key gives.
enum class MarkOutcome : std::uint8_t { right, carried, values, slip, different, missing, error };
std::string_view outcome_name(MarkOutcome outcome); ///< as the marks have it

struct Judgement {
    Id item;
    MarkOutcome outcome = MarkOutcome::missing;
    const Slip* slip = nullptr;     ///< the mistake that was found; null where there is none
    Sentence why;                   ///< of an error
    std::string answer;             ///< the formula as it was written, or the value
    std::optional<std::size_t> row; ///< the first one (from 0) in which a column differs from what was expected
};

struct JudgeOptions {
    double tolerance = 1e-9; ///< relative
    std::size_t variations = 20;
};

/// Compares submissions with a key. Its results on varied data are kept, and shared by all submissions with the same
/// given data. Safe from several threads.
class Judge {
  public:
    /// `asked` is what the handout asks; parts that the key does not have are left out.
    Judge(const Study& key, std::vector<AskedItem> asked, const JudgeOptions& options = {});

    const std::vector<AskedItem>& asked() const { return asked_; }
    /// A judgement for each item. Throws `Stopped` where it is asked to stop.
    std::vector<Judgement> judge(const Study& submission, const StopToken& stop = {}) const;

  private:
    friend class Judging;

    Study key_;
    std::vector<AskedItem> asked_;
    std::vector<Id> given_;
    JudgeOptions options_;
    std::vector<ResultsPtr> results_; ///< of the key itself, then of its variations
};

} // namespace ledgefall
