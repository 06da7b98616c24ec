#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

// The edits of runs. Each refuses an id that is not in the study, and keeps the table of runs in step.

/// A run that was taken from results: `keep_run` makes one. Refused where its name is another run's.
Result<Study> add_run(Study study, Run run, Id* added = nullptr);
/// An empty name: it is called by what differs again.
Result<Study> rename_run(Study study, Id run, const std::string& name);
/// Its row in the table of runs goes with it.
Result<Study> remove_run(Study study, Id run);
/// Whether charts draw it under the study as it is.
Result<Study> draw_run(Study study, Id run, bool drawn);
/// Holds again what was held, and types over formulas again what was typed, when the run was kept; the seed too. What
/// is held by a formula now, or has gone, stays: `stays` receives the names. Refused where all is as it was then.
Result<Study> restore_run(Study study, Id run, std::vector<std::string>* stays = nullptr);

/// A table with a row for each run: its name, what differs between them, and what came out. It is made once; another
/// run gets a row of its own, and a column for what differs for the first time. Refused where there are no runs.
Result<Study> add_runs_table(const Study& study, Id* added = nullptr);
/// Runs and the table of them brought in step, after runs were added, renamed or removed.
Study with_runs_listed(Study study);

} // namespace ledgefall
