#include "calc/calculator.h"

#include "core/engine/workings/working.h"
#include "core/runs/edit_runs.h"
#include "core/runs/keep_run.h"
#include "core/study/edits/edits.h"
#include "core/study/model/fault_explanation.h"
#include "files/formats/file_format.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "files/tables/delimited.h"

#include <algorithm>

namespace ledgefall {

Result<std::string> Calculator::run(const std::string& file, const std::vector<Step>& steps) {
    if (auto opened = open(file); !opened) {
        return opened.refusal();
    }
    for (const Step& one : steps) {
        if (const auto misplaced = take_handout_option(one)) {
            return *misplaced;
        }
    }
    for (std::size_t at = 0; at < steps.size(); ++at) {
        if (auto done = steps[at].what == Step::Do::mark ? mark(steps, at) : step(steps[at]); !done) {
            return done.refusal();
        }
    }
    if (handouts_.makes_handouts()) {
        const auto made = handouts_of(study_, handouts_);
        if (!made) {
            return made.refusal();
        }
        files_.insert(files_.end(), made->begin(), made->end());
    }
    if (!in_.empty() && study_.table_named(in_) == nullptr) {
        return no_such_table(in_);
    }
    for (const auto& [path, text] : files_) {
        if (auto saved = write_file(path, text); !saved) {
            return saved.refusal();
        }
    }
    return out_;
}

Result<Calculator::Done> Calculator::open(const std::string& file) {
    if (file.empty()) {
        study_ = *add_table(study_, "Data");
        return Done();
    }
    const Result<std::string> text = read_file(file);
    if (!text) {
        return text.refusal();
    }
    const FileFormat& format = format_of(file, *text);
    if (format.read_study != nullptr) {
        Result<Study> read = format.read_study(*text, {});
        if (!read) {
            return Sentence{"%1: %2", {file, read.refusal().text()}};
        }
        study_ = *std::move(read);
        return Done();
    }
    if (format.read_worksheet != nullptr) {
        Result<WorksheetStudy> read = format.read_worksheet(*text, {});
        if (!read) {
            return Sentence{"%1: %2", {file, read.refusal().text()}};
        }
        WorksheetStudy recovered = *std::move(read);
        study_ = std::move(recovered.study);
        worksheet_ = std::move(recovered.report);
        return Done();
    }
    if (format.read_columns == nullptr) {
        return Sentence{"%1: files of this kind are written and not read.", {file}};
    }
    const Result<LabelledColumns> read = format.read_columns(*text, {});
    if (!read) {
        return Sentence{"%1: %2", {file, read.refusal().text()}};
    }
    study_ = study_of(*read);
    for (const Sentence& report : read->reports) {
        notes_ += (notes_.empty() ? "" : " ") + report.text();
    }
    return Done();
}

const Table* Calculator::own_table() const {
    if (!in_.empty()) {
        return study_.table_named(in_);
    }
    const Table* data = study_.table_named("Data");
    return data != nullptr ? data : study_.tables.empty() ? nullptr : &*study_.tables.front();
}

const Results& Calculator::results() {
    if (!current_) {
        results_ = compute(study_, results_);
        current_ = true;
    }
    return *results_;
}

/// Where in an option's text the mistake is, and what it is.
Sentence Calculator::in_text(const std::string& text, const Mistake& mistake) {
    constexpr std::size_t shown = 60;
    return {"In %1, at character %2: %3",
            {text.substr(0, shown), std::to_string(mistake.span.from + 1), mistake.what.text()}};
}

Sentence Calculator::no_such_table(const std::string& name) {
    return {"There is no table called %1 in this study.", {name}};
}

Result<Calculator::Done> Calculator::change(Result<Study> changed, const std::string& option) {
    if (!changed) {
        return Sentence{"%1: %2", {option, changed.refusal().text()}};
    }
    study_ = *std::move(changed);
    current_ = false; // computed when an option needs it, however many changes come before
    return Done();
}

Result<Calculator::Done> Calculator::step(const Step& one) {
    const Table* table = own_table();
    const Sentence no_table = in_.empty() ? Sentence{"This study has no table yet.", {}} : no_such_table(in_);
    switch (one.what) {
    case Step::Do::hold: {
        // A held value of the table itself comes before one of the study, as in formulas.
        const ParsedDefinition parsed = parse_definition(one.text, true);
        const bool of_table = table != nullptr && !parsed.mistake &&
                              look_up(study_, nullptr, table->name, parsed.definition.name).held != nullptr;
        const Result<Study> with = hold(study_, of_table ? table->id : Id(), one.text);
        return !with && parsed.mistake ? Result<Done>(in_text(one.text, *parsed.mistake)) : change(with, one.text);
    }
    case Step::Do::setting:
        return change(set_setting(study_, one.text), one.text);
    case Step::Do::rows:
        return table == nullptr ? no_table : change(count_rows(study_, table->id, one.text), one.text);
    case Step::Do::column: {
        const ParsedDefinition parsed = parse_definition(one.text, true);
        return table == nullptr ? no_table
               : parsed.mistake ? Result<Done>(in_text(one.text, *parsed.mistake))
                                : change(write_column(study_, table->id, one.text), one.text);
    }
    case Step::Do::in:
        in_ = one.text; // of a table that a later option may make
        return Done();
    case Step::Do::value:
        return print_value(one.text);
    case Step::Do::table:
        return print_table(one.text, true);
    case Step::Do::long_form:
        return print_table(one.text, false);
    case Step::Do::grid:
        grid_name_ = one.text;
        down_ = {};
        return Done();
    case Step::Do::down:
    case Step::Do::across:
        return axis_of_grid(one);
    case Step::Do::layer:
        return layer_of_grid(one.text);
    case Step::Do::check:
        print_checks();
        return Done();
    case Step::Do::inspect:
        if (!worksheet_) {
            return Sentence{"--inspect needs a worksheet (.ods or .xlsx) as the file.", {}};
        }
        out_ += worksheet_->text();
        return Done();
    case Step::Do::working:
        return print_working(one.text);
    case Step::Do::keep_run:
        return keep_run_as(one.text);
    case Step::Do::runs:
        return print_runs();
    case Step::Do::save:
        return save_as(one.text);
    default: // of handouts
        break;
    }
    return Done();
}

/// What is said of handouts holds for the whole call, in whatever order; what stands behind --ask belongs to it.
std::optional<Sentence> Calculator::take_handout_option(const Step& one) {
    const std::string& text = one.text;
    const bool of_item = one.what == Step::Do::question || one.what == Step::Do::points;
    if (of_item && handouts_.asked.empty()) {
        return Sentence{"%1: write --ask NAME first.", {text}};
    }
    switch (one.what) {
    case Step::Do::handout:
        handouts_.handout = text;
        break;
    case Step::Do::ask:
        handouts_.asked.emplace_back();
        handouts_.parts.push_back(text);
        break;
    case Step::Do::question:
        handouts_.asked.back().question = text;
        break;
    case Step::Do::points: {
        const std::optional<double> points = read_number(text);
        if (!points || !(*points >= 0)) {
            return Sentence{"%1: points are a number from 0 on.", {text}};
        }
        handouts_.asked.back().points = *points;
        break;
    }
    case Step::Do::vary:
        handouts_.varied.push_back(text);
        break;
    case Step::Do::names:
        handouts_.names = text;
        break;
    case Step::Do::out:
        handouts_.out = text;
        break;
    case Step::Do::open:
        handouts_.locked = false;
        break;
    case Step::Do::feedback:
        handouts_.feedback = text;
        break;
    default:
        break;
    }
    return std::nullopt;
}

/// The study becomes the one of the marks. What is saved next is looked at first: its changed points stay.
Result<Calculator::Done> Calculator::mark(const std::vector<Step>& steps, std::size_t at) {
    const auto save = std::find_if(steps.begin() + static_cast<std::ptrdiff_t>(at), steps.end(),
                                   [](const Step& one) { return one.what == Step::Do::save; });
    Result<Study> marks = marks_of(study_, steps[at].text, handouts_, save == steps.end() ? "" : save->text);
    if (!marks) {
        return marks.refusal();
    }
    study_ = *std::move(marks);
    current_ = false;
    return Done();
}

/// A study, or by its suffix a worksheet.
Result<Calculator::Done> Calculator::save_as(const std::string& path) {
    const FileFormat& format = format_of(path);
    if (format.write_worksheet == nullptr) {
        files_.emplace_back(path, write_study(study_));
        return Done();
    }
    std::vector<Sentence> reports;
    const Result<std::string> bytes = format.write_worksheet(study_, results(), {}, reports, {});
    if (!bytes) {
        return Sentence{"%1: %2", {path, bytes.refusal().text()}};
    }
    files_.emplace_back(path, *bytes);
    for (const Sentence& report : reports) {
        notes_ += (notes_.empty() ? "" : " ") + report.text();
    }
    return Done();
}

/// Computes a formula as a held value that is there for this once.
Result<Calculator::Done> Calculator::print_value(const std::string& formula) {
    const Table* table = own_table();
    if (table == nullptr && !in_.empty()) {
        return no_such_table(in_);
    }
    const Formula parsed(formula);
    if (parsed.mistake()) {
        return in_text(formula, *parsed.mistake());
    }
    Study asked = study_;
    HeldValue held;
    held.id = Id("--value");
    held.name = "--value"; // which no formula can name
    held.formula = parsed;
    if (table == nullptr) {
        asked.ledge.emplace_back(held);
    } else {
        for (auto& shared : asked.tables) {
            if (shared->id == table->id) {
                shared.edit([&held](Table& copy) { copy.ledge.emplace_back(held); });
            }
        }
    }
    results();
    const ResultsPtr computed = compute(asked, results_);
    const Value value = computed->single(held.id);
    if (value.is_fault()) {
        const FaultSite& site = value.fault().at();
        return site.definition == held.id ? Sentence{"%1: %2", {formula, site.what.text()}}
                                          : explain(asked, *computed, value.fault());
    }
    out_ += (value.is_missing() ? "missing" : write_cell(value)) + "\n";
    return Done();
}

/// A line for each check: whether it holds, and what it says where it does not.
void Calculator::print_checks() {
    for (const auto& check : study_.checks) {
        const Value result = results().single(check->id);
        const bool holds = result.plain() && result.yes();
        all_hold_ = all_hold_ && holds;
        const std::string message =
            result.is_fault() ? explain(study_, results(), result.fault()).text() : check->message;
        const char* const state = result.is_fault()     ? "error: "
                                  : result.is_missing() ? "unknown: "
                                  : holds               ? "holds: "
                                                        : "fails: ";
        out_ += state + check->label + (holds || message.empty() ? "" : " (" + message + ")") + "\n";
    }
}

/// An empty name: the run is called by what differs.
Result<Calculator::Done> Calculator::keep_run_as(const std::string& name) {
    const Table* table = own_table();
    if (table != nullptr) {
        if (auto sound = find_faults(*table); !sound) {
            return sound;
        }
    }
    return change(keep_run(study_, results(), {name, table == nullptr ? Id() : table->id, {}}), "--keep-run " + name);
}

/// A line for each run, as the table of runs has it.
Result<Calculator::Done> Calculator::print_runs() {
    Study listed = study_;
    listed.runs_table.reset();
    Id table;
    const Result<Study> with_table = add_runs_table(listed, &table);
    if (!with_table) {
        return with_table.refusal();
    }
    results();
    out_ += write_delimited(labelled_columns(*with_table, *compute(*with_table, results_), table), Dialect(), "\n");
    return Done();
}

Result<Calculator::Done> Calculator::print_working(const std::string& text) {
    const Result<WorkingPlace> place = place_of_working(study_, results(), text);
    if (!place) {
        return place.refusal();
    }
    const Result<Working> working = working_of(study_, results(), place->definition, place->row);
    if (!working) {
        return working.refusal();
    }
    out_ += working_text(*working);
    return Done();
}

Result<Calculator::Done> Calculator::find_faults(const Table& table) {
    if (const auto no_rows = results().fault_of_rows(table.id)) {
        return explain(study_, results(), *no_rows);
    }
    for (const auto& column : table.columns) {
        const Results::Entry* entry = results().find(column->id);
        if (entry != nullptr && entry->faults > 0) {
            return explain(study_, results(), entry->first_fault);
        }
    }
    return Done();
}

/// `--grid` names a two-way table, which is made once both its axes are written.
Result<Calculator::Done> Calculator::axis_of_grid(const Step& one) {
    if (grid_name_.empty()) {
        return Sentence{"%1: write --grid NAME first, for the two-way table of this axis.", {one.text}};
    }
    const Result<WrittenAxis> axis = written_axis(one.text);
    if (!axis) {
        return Sentence{"%1: %2", {one.text, axis.refusal().text()}};
    }
    if (one.what == Step::Do::down) {
        down_ = *axis;
        return Done();
    }
    if (down_.label.empty()) {
        return Sentence{"%1: write --down before --across.", {one.text}};
    }
    Result<Done> made = change(add_two_way_table(study_, grid_name_, down_, *axis, &grid_), one.text);
    grid_name_ = made ? "" : grid_name_;
    return made;
}

Result<Calculator::Done> Calculator::layer_of_grid(const std::string& definition) {
    const ParsedDefinition parsed = parse_definition(definition, true);
    return grid() == nullptr
               ? Sentence{"%1: a layer needs a two-way table. Write --grid, --down and --across first.", {definition}}
           : parsed.mistake ? Result<Done>(in_text(definition, *parsed.mistake))
                            : change(write_column(study_, grid_, definition), definition);
}

Result<Calculator::Done> Calculator::print_table(const std::string& name, bool as_grid) {
    const Table* table = study_.table_named(name);
    if (table == nullptr) {
        return no_such_table(name);
    }
    if (auto sound = find_faults(*table); !sound) {
        return sound;
    }
    const LabelledColumns columns =
        as_grid ? grid_columns(study_, results(), table->id) : labelled_columns(study_, results(), table->id);
    out_ += write_delimited(columns, Dialect(), "\n");
    return Done();
}

} // namespace ledgefall
