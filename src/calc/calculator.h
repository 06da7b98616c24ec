#pragma once

#include "calc/handouts.h"
#include "core/basics/result.h"
#include "core/engine/running/results.h"
#include "core/formula/parser.h"
#include "core/study/edits/edit_grid.h"
#include "files/worksheet_recovery/worksheet_report.h"

#include <string>
#include <vector>

namespace ledgefall {

/// One option of the command line, to be done in its turn.
struct Step {
    enum class Do : std::uint8_t {
        in,
        hold,
        rows,
        column,
        value,
        table,
        check,
        working,
        save,
        setting,
        grid,
        down,
        across,
        layer,
        long_form,
        keep_run,
        runs,
        inspect,
        handout,
        ask,
        question,
        points,
        vary,
        names,
        out,
        open,
        mark,
        feedback
    };
    Do what = Do::value;
    std::string text;
};

/// Does the options of one call. What they print is gathered, so that nothing is put out where one of them fails.
class Calculator {
  public:
    Result<std::string> run(const std::string& file, const std::vector<Step>& steps);
    /// Whether all checks that have been printed hold.
    bool all_hold() const { return all_hold_; }
    /// What a person should know of the reading of the file; empty where there is nothing to say.
    const std::string& notes() const { return notes_; }

  private:
    struct Done {};
    Result<Done> open(const std::string& file);
    Result<Done> step(const Step& step);
    std::optional<Sentence> take_handout_option(const Step& step);
    Result<Done> mark(const std::vector<Step>& steps, std::size_t at);
    Result<Done> change(Result<Study> changed, const std::string& option);
    static Sentence in_text(const std::string& text, const Mistake& mistake);
    static Sentence no_such_table(const std::string& name);
    Result<Done> save_as(const std::string& path);
    Result<Done> print_value(const std::string& formula);
    Result<Done> print_table(const std::string& name, bool as_grid);
    Result<Done> axis_of_grid(const Step& step);
    Result<Done> layer_of_grid(const std::string& definition);
    const Table* grid() const { return study_.table(grid_); }
    void print_checks();
    Result<Done> keep_run_as(const std::string& name);
    Result<Done> print_runs();
    Result<Done> print_working(const std::string& place);
    Result<Done> find_faults(const Table& table);
    const Table* own_table() const;
    const Results& results();

    HandoutOptions handouts_;
    std::string in_;        ///< the table whose names are meant; empty: `Data`, or the study's first table
    Id grid_;               ///< the two-way table that was made last
    std::string grid_name_; ///< of one whose axes are still to come
    WrittenAxis down_;      ///< of that one
    Study study_;
    ResultsPtr results_;
    bool current_ = false; ///< whether the results are the study's as it is now
    std::string out_;
    std::string notes_;
    std::optional<WorksheetReport> worksheet_; ///< of the file, where it is one
    bool all_hold_ = true;
    std::vector<std::pair<std::string, std::string>> files_; ///< to be written once all has gone well
};

} // namespace ledgefall
