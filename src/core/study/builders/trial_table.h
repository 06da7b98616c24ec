#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// Something that a held value changes: what a formula of the ledge says of it.
struct Outcome {
    std::string label;
    std::string formula; ///< of numbers
};

/// What can be asked of a held value: computed held values and foot lines that depend on it, and of each column that
/// does its largest value and its last, those first that are farthest from it.
std::vector<Outcome> outcomes_of(const Study& study, Id held);

struct TrialRequest {
    Id held; ///< of a number
    std::vector<double> values;
    std::vector<Outcome> outcomes;
    /// Of a step that is halved from row to row: beside the first outcome its change, the ratio of one change to the
    /// next, and the order of the method that this ratio shows.
    bool shows_order = false;
};

/// A table with a row for each value to try, and a formula `… with held = value` for each outcome. Refused where an
/// outcome cannot be read, or there are no values or more than 100,000.
Result<Study> trial_table(const Study& study, const TrialRequest& request, Id* added = nullptr);

/// A two-way table of what comes out where two held numbers take other values, as it can be written in a form: values
/// around those that they have now, and a formula `… with (a = a_tried, b = b_tried)` for an outcome that both change.
struct TwoWayTrial {
    std::string down, across, formula;
};
Result<TwoWayTrial> two_way_trial(const Study& study, Id first, Id second);

/// `root(outcome - wanted with held = t for t in from..to)`, as a formula of the ledge.
std::string root_formula(const Study& study, Id held, const std::string& outcome, double wanted, double from,
                         double to);

} // namespace ledgefall
