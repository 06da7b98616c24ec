#pragma once

#include "core/basics/stopping.h"
#include "core/engine/running/results.h"
#include "core/formula/mathematics.h"

#include <functional>
#include <string>
#include <vector>

namespace ledgefall {

/// What a report of a study is to have, and the date that it bears.
struct ReportRequest : ReportChoices {
    std::string date;
};

/// A definition: `dev = x − mean(x)`.
struct ReportFormula {
    std::string name;
    std::string typed; ///< as people type it
    Mathematics set;   ///< as mathematics

    bool empty() const { return typed.empty(); }
};

/// What a handout asks.
struct ReportQuestion {
    std::string text;
    bool in_words = false; ///< with room for an answer
};

struct ReportHeld {
    std::string name, value, unit, note, table; ///< `table`: whose it is; empty for the study's
    ReportFormula formula;
};

struct ReportColumn {
    std::string label, unit;
    ReportFormula formula; ///< the one for all its rows; where rows have formulas of their own, the notes tell them
    bool numbers = false;  ///< they stand to the right
    bool blank = false;    ///< to be filled in: its cells are empty and ruled
};

/// A table as it is shown. A two-way table has one of these for each layer.
struct ReportTable {
    std::string id, label, note;
    std::vector<std::string> remarks;  ///< what the rows do not show: formulas of some rows, values typed over formulas
    ReportFormula formula;             ///< of a layer of a two-way table
    std::vector<ReportColumn> columns; ///< the first has the row's name, or its number, and the name of a foot line
    std::vector<std::vector<std::string>> rows;
    std::vector<std::vector<std::string>> foot;
    std::size_t left_out = 0;   ///< rows that are not shown,
    std::size_t left_after = 0; ///< between this many and the rest
};

struct ReportChart {
    Id chart;
    std::string label;
};

struct ReportCheck {
    std::string label, state, message;
    ReportFormula condition;
    bool holds = false;
};

struct ReportRun {
    std::string name, held;
};

struct ReportWorking {
    std::string what;
    std::vector<std::string> lines;
};

struct Report {
    std::string title, note, author, date, language = "en";
    ReportRequest::Formulas formulas = ReportRequest::Formulas::mathematics;
    std::vector<ReportQuestion> questions; ///< of a handout, in their order
    std::vector<ReportHeld> held;
    std::vector<ReportTable> tables;
    std::vector<ReportChart> charts;
    std::vector<ReportCheck> checks;
    std::vector<ReportRun> runs;
    std::vector<ReportWorking> workings;
    std::vector<std::pair<std::string, std::string>> sources; ///< functions that are used and where they are from
};

/// A value as it is shown, by a format that is settled.
using ShownValue = std::function<std::string(const Value&, const Format&)>;

/// What is written where a value is to be filled in.
inline constexpr const char* blank_value = "__________";

/// The report of a study and its results, with every value as `shown` gives it; a sentence where a working that is
/// asked for does not exist.
Result<Report> report_of(const Study& study, const Results& results, const ReportRequest& request,
                         const ShownValue& shown, const StopToken& stop = {});

} // namespace ledgefall
