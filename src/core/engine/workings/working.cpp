#include "core/engine/workings/working.h"

#include "core/engine/functions/catalogue.h"
#include "core/engine/functions/simpler_form.h"
#include "core/engine/running/evaluator.h"
#include "core/engine/running/sequence.h"
#include "core/formula/print.h"
#include "core/study/model/fault_explanation.h"
#include "core/study/model/grid_cells.h"
#include "core/study/model/study_part.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstdio>
#include <unordered_map>

namespace ledgefall {
namespace {

constexpr std::size_t most_parts = 12; ///< measures that one working explains
constexpr int deepest = 3;             ///< measures within measures

/// A value as it stands in a working: numbers on the way with twelve figures, so that a line can be read.
InPlace shown(const Value& value) {
    if (value.is_fault()) {
        return {"(fault)", true};
    }
    if (value.is_missing()) {
        return {"missing", true};
    }
    if (value.kind() == Kind::text) {
        return {"\"" + write_cell(value) + "\"", true};
    }
    if (value.kind() != Kind::number) {
        return {write_cell(value), true};
    }
    constexpr int figures = 12;
    const std::string number = shortest(rounded_to_figures(value.number(), figures));
    if (number.starts_with('-')) {
        return {"−" + number.substr(1), false};
    }
    return {number, number.find('e') == std::string::npos};
}

std::string full(const Value& value) {
    return value.plain() && value.kind() != Kind::number ? write_cell(value) : shown(value).text;
}

bool is_measure(const Node& node) {
    const Function* function = node.type == NodeType::call && node.owner.empty() ? find_function(node.text) : nullptr;
    return function != nullptr && function->is_measure();
}

/// Makes the working of one formula at one place.
class Worker {
  public:
    Worker(const Study& study, const Results& results, const Table* own, std::size_t row, const ColumnDefinition* each,
           const DefinitionId& itself, const StopToken& stop)
        : study_(study)
        , results_(results)
        , own_(own)
        , row_(row)
        , each_(each)
        , itself_(itself)
        , stop_(stop)
        , evaluator_(study, results, own, row, each, itself, stop) {}

    void work(const Node& tree, Working& working, int depth) {
        values_.clear();
        find_values(tree);
        std::string last = print(tree, Signs::print);
        working.lines.push_back(last);
        const std::size_t highest = height(tree);
        for (std::size_t step = 0; step <= highest; ++step) {
            const bool ends = step == highest;
            std::string line = ends ? full(working.result) : line_of(tree, step);
            const bool early = !ends && (line == full(working.result) || line == shown(working.result).text);
            if (line != last && !early) {
                working.lines.push_back(line);
                last = std::move(line);
            }
        }
        add_parts(tree, working, depth);
    }

  private:
    struct Known {
        Value value;
        std::size_t height = 0;
    };

    /// Whether a node is seen as one thing with a value of its own: a name, a cell, a measure.
    bool is_leaf(const Node& node) const {
        switch (node.type) {
        case NodeType::name:
            return !gives_nothing(node);
        case NodeType::word:
        case NodeType::index:
            return true;
        case NodeType::call:
            return is_measure(node) || node.text == "draw" || node.text == "today" || node.text == "P";
        default:
            return false;
        }
    }

    /// π and e stay letters until they are computed with.
    bool gives_nothing(const Node& node) const {
        const bool of_foot = each_ != nullptr && foot_line_meant(study_, own_, node) != nullptr;
        return !of_foot && !look_up(study_, own_, node.owner, node.text).exists();
    }

    static bool is_written(const Node& node) { return node.type == NodeType::number || node.type == NodeType::text; }

    void find_values(const Node& node) {
        if (is_written(node) || node.type == NodeType::list || node.type == NodeType::range) {
            for (const NodePtr& kid : node.kids) {
                if (kid) {
                    find_values(*kid);
                }
            }
            return;
        }
        values_[&node] = {evaluator_.value(node), 0};
        if (is_leaf(node)) {
            return;
        }
        std::size_t highest = 0;
        for (std::size_t at = 0; at < node.kids.size(); ++at) {
            const NodePtr& kid = node.kids[at];
            // What a what-if asks for has another value here than there; only what is tried is of this place.
            const bool elsewhere = node.type == NodeType::what_if && (at == 0 || at % 2 == 1);
            if (kid && !elsewhere) {
                find_values(*kid);
                highest = std::max(highest, height(*kid));
            }
        }
        values_[&node].height = highest + 1;
    }

    std::size_t height(const Node& node) const {
        const auto entry = values_.find(&node);
        if (entry != values_.end()) {
            return entry->second.height;
        }
        std::size_t highest = 0;
        for (const NodePtr& kid : node.kids) {
            highest = std::max(highest, kid ? height(*kid) : 0);
        }
        return highest;
    }

    /// The formula with everything of up to this height computed. Of a choice whose condition is known only the
    /// branch that is taken stays.
    std::string line_of(const Node& tree, std::size_t step) const {
        const Instead instead = [&](const Node& node, InPlace& place) {
            const auto entry = values_.find(&node);
            if (entry == values_.end()) {
                return false;
            }
            const bool decided = node.type == NodeType::choice && height(node.kid(0)) < step;
            const bool plain = decided && values_.at(&node.kid(0)).value.plain();
            if (entry->second.height <= step || (decided && !plain)) {
                place = shown(entry->second.value);
                return true;
            }
            if (decided) {
                place.text = line_of(node.kid(values_.at(&node.kid(0)).value.yes() ? 1 : 2), step);
                place.single = false;
            }
            return decided;
        };
        return print(tree, Signs::print, instead);
    }

    void add_parts(const Node& node, Working& working, int depth) {
        if (depth >= deepest || working.parts.size() >= most_parts) {
            return;
        }
        if (node.type == NodeType::what_if) {
            working.parts.push_back(trial(node, depth + 1));
            return;
        }
        if (is_measure(node)) {
            const std::string what = print(node, Signs::print);
            const bool listed = std::any_of(working.parts.begin(), working.parts.end(),
                                            [&what](const Working& part) { return part.what == what; });
            if (!listed) {
                Working part = measure(node, what, depth + 1);
                // A measure that is the whole formula, with nothing inside it, would repeat the working itself.
                const bool repeats = part.lines.size() <= 1 && part.parts.empty() && working.lines.front() == what;
                if (!repeats) {
                    working.parts.push_back(std::move(part));
                }
            }
            return;
        }
        for (const NodePtr& kid : node.kids) {
            if (kid) {
                add_parts(*kid, working, depth);
            }
        }
    }

    /// What a what-if asks for, computed in the study in which the values that are tried are held.
    Working trial(const Node& node, int depth) {
        Working part;
        part.what = line_of(node, 0);
        part.result = evaluator_.value(node);
        Study tried = study_;
        const auto hold_instead = [](std::vector<Shared<HeldValue>>& ledge, Id id, const Value& value) {
            for (auto& held : ledge) {
                if (held->id == id) {
                    held.edit([&value](HeldValue& copy) {
                        copy.value = value;
                        copy.formula = Formula();
                    });
                }
            }
        };
        for (std::size_t at = 1; at + 1 < node.kids.size(); at += 2) {
            const Binding replaced = look_up(study_, own_, node.kid(at).owner, node.kid(at).text);
            const Value value = evaluator_.value(node.kid(at + 1));
            if (replaced.held == nullptr || !value.plain()) {
                part.lines.push_back(full(part.result));
                return part;
            }
            hold_instead(tried.ledge, replaced.held->id, value);
            for (auto& table : tried.tables) {
                table.edit([&](Table& copy) { hold_instead(copy.ledge, replaced.held->id, value); });
            }
        }
        const ResultsPtr before(std::shared_ptr<const void>(), &results_); // they outlive this
        const ResultsPtr results = compute_in_task(tried, before, stop_);
        const Table* own = own_ == nullptr ? nullptr : tried.table(own_->id);
        const ColumnDefinition* each = each_ == nullptr || own == nullptr ? nullptr : own->column(each_->id);
        Worker(tried, *results, own, row_, each, itself_, stop_).work(node.kid(0), part, depth);
        keep_results(part);
        return part;
    }

    /// Values of results that go, for as long as a working may be shown.
    static void keep_results(Working& working) {
        working.result = working.result.persistent();
        for (Working& part : working.parts) {
            keep_results(part);
        }
    }

    /// A measure by what it comes to in simpler ones; sums and counts by their values.
    Working measure(const Node& node, const std::string& what, int depth) {
        Working part;
        part.what = what;
        part.result = evaluator_.value(node);
        const Function& function = *find_function(node.text);
        if (const NodePtr written = simpler_form(node, function)) {
            const Value same = evaluator_.value(*written);
            const double a = part.result.number();
            const double b = same.number();
            // Where gaps make the two part ways, what is written out would mislead.
            if (part.result.plain() && same.plain() &&
                std::fabs(a - b) <= 1e-9 * std::max(std::fabs(a), std::fabs(b))) {
                Worker(study_, results_, own_, row_, each_, itself_, stop_).work(*written, part, depth);
                return part;
            }
        }
        if (!function.terms_joined_by.empty()) {
            add_terms(node, function, part);
        }
        part.lines.push_back(full(part.result));
        return part;
    }

    /// The values that a sum adds up, the first and the last of many.
    void add_terms(const Node& node, const Function& function, Working& part) const {
        const bool of_rows = own_ != nullptr && node.kids.size() == 1 && node.kid(0).type != NodeType::bound;
        if (!of_rows || !part.result.plain()) {
            return;
        }
        const bool conditional = node.kid(0).type == NodeType::where;
        const Node& value = conditional ? node.kid(0).kid(0) : node.kid(0);
        std::vector<std::string> terms;
        for (std::size_t row = 1; !conditional && row <= evaluator_.rows(own_->id) && terms.size() < 5; ++row) {
            const Value term = evaluator_.at(row).value(value); // its names are that row's cells
            if (term.is_fault()) {
                return; // what is summed is not of this table's rows
            }
            if (term.plain()) {
                const InPlace one = shown(term);
                terms.push_back(one.single ? one.text : "(" + one.text + ")");
            }
        }
        const bool more = terms.size() > 4;
        const std::string sign = " " + std::string(function.terms_joined_by) + " ";
        std::string line;
        for (std::size_t at = 0; at < std::min<std::size_t>(terms.size(), 4); ++at) {
            line += (at == 0 ? "" : sign) + terms[at];
        }
        if (terms.size() > 1) {
            part.lines.push_back(line + (more ? sign + "…" : ""));
        }
    }

    const Study& study_;
    const Results& results_;
    const Table* own_;
    std::size_t row_;
    const ColumnDefinition* each_;
    DefinitionId itself_;
    const StopToken& stop_;
    Evaluator evaluator_;
    std::unordered_map<const Node*, Known> values_;
};

/// What a working is asked for.
struct Subject {
    const Table* table = nullptr;
    const ColumnDefinition* column = nullptr;
    const HeldValue* held = nullptr;
    const Formula* formula = nullptr; ///< of a foot line or a check
    std::string name;
};

Subject subject_of(const Study& study, const DefinitionId& id) {
    const StudyPart part = find_part(study, id);
    if (part.held != nullptr) {
        return {part.table, nullptr, part.held, nullptr, part.held->name};
    }
    if (part.check != nullptr) {
        return {part.table, nullptr, nullptr, &part.check->condition, part.check->label};
    }
    if (part.foot_line != nullptr && part.column != nullptr) {
        return {part.table, part.column, nullptr, &part.foot_line->formula, part.foot_line->label};
    }
    return part.column == nullptr || part.is_axis
               ? Subject()
               : Subject{part.table, part.column, nullptr, nullptr, part.column->name};
}

/// The piece of a column's formulas that covers the row (from 1), and the place in it.
const Piece* piece_at(const Subject& subject, std::size_t row, std::size_t rows, std::size_t& place) {
    for (const Piece& piece : subject.column->pieces) {
        PlannedPiece planned;
        planned.from = piece.from;
        planned.to = piece.to;
        const Reach reach = reach_of(planned, *subject.table, rows);
        if (row > reach.from && row <= reach.to) {
            place = row - reach.from;
            return &piece;
        }
    }
    return nullptr;
}

/// The earlier rows of its own table that a formula needs, as notes.
void note_earlier_rows(const Node& node, const Subject& subject, const Results& results, std::size_t row,
                       std::vector<Sentence>& notes) {
    const bool earlier = node.type == NodeType::index && node.kids.size() == 2 && node.kid(0).type == NodeType::name &&
                         node.kid(1).type == NodeType::binary && node.kid(1).op == Operator::subtract &&
                         node.kid(1).kid(1).type == NodeType::number;
    if (earlier) {
        const auto steps = static_cast<std::size_t>(node.kid(1).kid(1).number);
        const ColumnDefinition* column = subject.table->column_named(node.kid(0).text);
        if (column != nullptr && steps < row) {
            const std::string at = std::to_string(row - steps);
            notes.push_back({N_("%1[%2] is %3"), {column->name, at, full(results.cell(column->id, row - steps - 1))}});
        }
    }
    for (const NodePtr& kid : node.kids) {
        if (kid) {
            note_earlier_rows(*kid, subject, results, row, notes);
        }
    }
}

Result<Working> cell_working(const Study& study, const Results& results, const Subject& subject, std::size_t row,
                             const StopToken& stop) {
    const std::size_t rows = results.rows(subject.table->id);
    if (row < 1 || row > rows) {
        return Sentence{N_("%1 has rows 1 to %2. There is no row %3."),
                        {subject.table->name, std::to_string(rows), std::to_string(row)}};
    }
    const Table& table = *subject.table;
    const Column* down = table.two_way() ? results.column((*table.axis.column)->id) : nullptr;
    const Column* across = table.two_way() ? results.column((*table.across->column)->id) : nullptr;
    const std::size_t columns = across == nullptr ? 1 : across->size();
    const std::string place_in_table =
        across == nullptr ? std::to_string(row)
                          : std::to_string((row - 1) / columns + 1) + ", " + std::to_string((row - 1) % columns + 1);
    Working working;
    working.what = subject.name + "[" + place_in_table + "]";
    working.result = results.cell(subject.column->id, row - 1);
    if (!subject.column->computed()) {
        working.notes.push_back({N_("given: it was typed or imported"), {}});
        working.lines.push_back(full(working.result));
        return working;
    }
    const std::uint64_t row_id = across == nullptr ? table.axis.id_at(row - 1)
                                                   : cell_id(place_id(table.axis, *down, (row - 1) / columns),
                                                             place_id(*table.across, *across, (row - 1) % columns));
    if (subject.column->overrides->contains(row_id)) {
        working.notes.push_back({N_("typed over the formula %1"), {subject.column->pieces.front().formula.text()}});
        working.lines.push_back(full(working.result));
        return working;
    }
    std::size_t place = 0;
    const Piece* piece = piece_at(subject, row, rows, place);
    if (piece == nullptr) {
        working.notes.push_back({N_("no formula covers this row"), {}});
        working.lines.push_back(full(working.result));
        return working;
    }
    if (!piece->formula.tree()) {
        working.notes.push_back(piece->formula.mistake()->what);
        return working;
    }
    const Node* tree = piece->formula.tree().get();
    if (tree->type == NodeType::recurrence) {
        const std::size_t firsts = tree->kids.size() - 1;
        place = (place - 1) / columns + 1;
        working.notes.push_back(place <= firsts ? Sentence{N_("a first value"), {}}
                                                : Sentence{N_("computed from earlier rows"), {}});
        tree = place <= firsts ? &tree->kid(place - 1) : tree->kids.back().get();
    }
    note_earlier_rows(*tree, subject, results, row, working.notes);
    Worker(study, results, subject.table, row, nullptr, subject.column->id, stop).work(*tree, working, 0);
    return working;
}

} // namespace

Result<Working> working_of(const Study& study, const Results& results, const DefinitionId& definition, std::size_t row,
                           const StopToken& stop) {
    const Subject subject = subject_of(study, definition);
    if (subject.column != nullptr && subject.formula == nullptr) {
        Result<Working> working = cell_working(study, results, subject, row, stop);
        if (working && working->result.is_fault()) {
            (*working).notes.push_back(explain(study, results, working->result.fault()));
        }
        return working;
    }
    if (subject.held == nullptr && subject.formula == nullptr) {
        return Sentence{N_("Nothing of this name has a working to show."), {}};
    }
    Working working;
    working.what = subject.name;
    working.result = results.single(definition);
    const Formula& formula = subject.held != nullptr ? subject.held->formula : *subject.formula;
    if (subject.held != nullptr && subject.held->is_function()) {
        return Sentence{N_("%1 is a function. See the working of a cell that calls it."), {subject.name}};
    }
    if (formula.empty()) {
        working.notes.push_back({N_("given: it was typed"), {}});
        working.lines.push_back(full(working.result));
    } else if (!formula.tree()) {
        working.notes.push_back(formula.mistake()->what);
    } else {
        const ColumnDefinition* each = subject.formula != nullptr ? subject.column : nullptr;
        Worker(study, results, subject.table, 0, each, definition, stop).work(*formula.tree(), working, 0);
    }
    if (working.result.is_fault()) {
        working.notes.push_back(explain(study, results, working.result.fault()));
    }
    return working;
}

} // namespace ledgefall
