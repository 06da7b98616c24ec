#include "core/marking/judge.h"

#include "core/formula/print.h"
#include "core/marking/variations.h"
#include "core/study/builders/handout.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"
#include "core/study/model/study_part.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

/// All values of one item, and how large the terms are that a single one is made of.
struct ItemValues {
    std::vector<Value> all;
    double terms = 0;

    bool none() const {
        return std::none_of(all.begin(), all.end(), [](const Value& value) { return value.plain(); });
    }
    bool only_missing() const {
        return std::all_of(all.begin(), all.end(), [](const Value& value) { return value.is_missing(); });
    }
    bool only_faults() const {
        return !all.empty() && std::all_of(all.begin(), all.end(), [](const Value& value) { return value.is_fault(); });
    }
};

/// What stands for an item in results: the part itself, or a candidate in its place.
ItemValues values_of(const Study& study, const Results& results, Id id) {
    ItemValues out;
    const StudyPart part = find_part(study, id);
    if (part.foot_line != nullptr) {
        for (const Id column : part.foot_line->columns) {
            out.all.push_back(results.foot(id, column));
            const Results::Entry* entry = results.find(DefinitionId::foot_value(id, column));
            out.terms = std::max(out.terms, entry == nullptr ? 0 : entry->terms_size);
        }
    } else if (part.held != nullptr) {
        out.all.push_back(results.single(id));
        const Results::Entry* entry = results.find(id);
        out.terms = entry == nullptr ? 0 : entry->terms_size;
    } else if (part.column != nullptr) {
        const Column* cells = results.column(id);
        const std::size_t rows =
            part.table->two_way() ? (cells == nullptr ? 0 : cells->size()) : results.rows(part.table->id);
        for (std::size_t row = 0; row < rows; ++row) {
            out.all.push_back(cells == nullptr ? Value::missing() : cells->at(row));
        }
    }
    return out;
}

/// Half a unit of the last digit that a number shows, as it was typed.
double rounding_of(double typed) {
    return std::isfinite(typed) ? 0.5 * std::pow(10.0, -decimals_of(typed)) * (1 + 1e-9) : 0;
}

/// The first place in which they differ; nothing where they are the same. Where `typed`, `a` has been typed, perhaps
/// rounded.
std::optional<std::size_t> first_difference(const ItemValues& a, const ItemValues& b, double tolerance, bool typed) {
    double scale = 0;
    for (const Value& value : b.all) {
        const bool counts = value.plain() && value.kind() == Kind::number && std::isfinite(value.number());
        scale = counts ? std::max(scale, std::abs(value.number())) : scale;
    }
    const std::size_t count = std::max(a.all.size(), b.all.size());
    for (std::size_t at = 0; at < count; ++at) {
        const Value one = at < a.all.size() ? a.all[at] : Value::missing();
        const Value other = at < b.all.size() ? b.all[at] : Value::missing();
        if (!one.plain() || !other.plain()) {
            if (one.plain() != other.plain()) {
                return at;
            }
            continue;
        }
        if (one.kind() != Kind::number || other.kind() != Kind::number) {
            if (!(one == other)) {
                return at;
            }
            continue;
        }
        const double near =
            std::max({tolerance * std::max(std::abs(one.number()), std::abs(other.number())), 1e-4 * tolerance * scale,
                      tolerance * std::max(a.terms, b.terms), typed ? rounding_of(one.number()) : 0});
        if (!(one.number() == other.number() || std::abs(one.number() - other.number()) <= near)) {
            return at;
        }
    }
    return std::nullopt;
}

std::string written(const StudyPart& part) {
    if (part.foot_line != nullptr) {
        return part.foot_line->formula.text();
    }
    if (part.held != nullptr) {
        return part.held->formula.empty() ? write_cell(part.held->value) : part.held->formula.text();
    }
    std::string text;
    if (part.column != nullptr && !part.is_axis) {
        for (const Piece& piece : part.column->pieces) {
            text += text.empty() ? "" : "; ";
            text += piece.formula.text();
        }
    }
    return text;
}

bool is_computed(const StudyPart& part) {
    return part.is_axis                ? false
           : part.foot_line != nullptr ? !part.foot_line->formula.empty()
           : part.held != nullptr      ? part.held->computed()
                                       : part.column != nullptr && part.column->computed();
}

const Classes* limits_of(const StudyPart& part) {
    const ClassRows* rows = part.is_axis ? part.table->axis.rows_as<ClassRows>() : nullptr;
    return rows == nullptr ? nullptr : &rows->classes();
}

std::string folded(const std::string& text) {
    std::string out;
    for (const char letter : text) {
        if (letter != ' ' && letter != '\t' && letter != '\n') {
            out += letter >= 'A' && letter <= 'Z' ? static_cast<char>(letter - 'A' + 'a') : letter;
        }
    }
    return out;
}

/// Another formula for an item, which stands beside the student's own under a name that nobody uses.
struct Candidate {
    std::size_t item;
    const Slip* slip; ///< null: the key's formula on the student's earlier results
    Id id;
    bool fits = true;
};

} // namespace

/// The judging of one submission.
class Judging {
  public:
    Judging(const Judge& judge, const Study& submission, const StopToken& stop)
        : judge_(judge)
        , stop_(stop)
        , own_(submission) {
        own_.charts.clear();
        own_.runs.clear();
        own_.checks.clear();
        take_names_of_key();
    }

    std::vector<Judgement> judged() {
        for (const AskedItem& item : judge_.asked_) {
            begin(item);
        }
        compare_with_key();
        look_for_slips();
        return made_;
    }

  private:
    /// Whether two computations have given the same so far, on data on which they give anything.
    struct Agreement {
        bool same = true;
        std::size_t compared = 0;
        /// The first place in which they differ.
        std::optional<std::size_t> look(const ItemValues& student, const ItemValues& other, double tolerance,
                                        bool typed) {
            const std::optional<std::size_t> difference = first_difference(student, other, tolerance, typed);
            compared += student.none() && other.none() ? 0 : 1;
            same = same && !difference;
            return difference;
        }
        bool holds() const { return same && compared > 0; }
    };
    struct Item {
        StudyPart key;
        bool open = true;   ///< it is not decided yet
        bool typed = false; ///< values stand where the key has a formula
        Agreement with_key;
        Agreement carried;       ///< with the key's formula on the student's own earlier results
        bool right_here = false; ///< on the student's own data
    };

    /// Where nothing is locked, a student may have renamed what the key's formulas name.
    void take_names_of_key() {
        const auto take = [this](Result<Study> renamed) { own_ = renamed ? *std::move(renamed) : own_; };
        for (const auto& table : judge_.key_.tables) {
            const Table* own = own_.table(table->id);
            if (own != nullptr && own->name != table->name) {
                take(rename_table(own_, table->id, table->name));
            }
            for (const auto& column : table->columns) {
                own = own_.table(table->id);
                const ColumnDefinition* theirs = own == nullptr ? nullptr : own->column(column->id);
                if (theirs != nullptr && theirs->name != column->name) {
                    take(rename_column(own_, column->id, column->name));
                }
            }
        }
    }

    /// Decides what needs no computing.
    void begin(const AskedItem& asked) {
        Judgement& made = made_.emplace_back();
        Item& item = items_.emplace_back();
        made.item = asked.part;
        item.key = find_part(judge_.key_, asked.part);
        const StudyPart part = find_part(own_, asked.part);
        made.answer = written(part);
        const AskedItem* own = own_.handout ? own_.handout->item(asked.part) : nullptr;
        const auto decide = [&](MarkOutcome outcome) {
            made.outcome = outcome;
            item.open = false;
        };
        if (!item.key.exists()) { // a question in words
            made.answer = own == nullptr ? "" : own->answer;
            decide(made.answer.empty()                                                    ? MarkOutcome::missing
                   : !asked.answer.empty() && folded(made.answer) == folded(asked.answer) ? MarkOutcome::right
                                                                                          : MarkOutcome::different);
        } else if (!part.exists() || !is_answered(own_, asked)) {
            decide(MarkOutcome::missing);
        } else if (item.key.is_axis) {
            judge_limits(item, made, part);
        } else if (item.key.held != nullptr && item.key.held->is_function()) {
            const Node* right = item.key.held->formula.tree().get();
            decide(part.held != nullptr && same_tree(part.held->formula.tree().get(), right) ? MarkOutcome::right
                                                                                             : MarkOutcome::different);
        }
        item.typed = !is_computed(part);
    }

    static void judge_limits(Item& item, Judgement& made, const StudyPart& part) {
        const Classes* right = limits_of(item.key);
        const Classes* own = limits_of(part);
        item.open = false;
        made.outcome = MarkOutcome::different;
        if (right == nullptr || own == nullptr) {
            return;
        }
        made.answer = shortest(own->boundaries.front()) + " … " + shortest(own->boundaries.back());
        Classes turned = *own;
        turned.closed_left = !turned.closed_left;
        turned.recorded_to = right->recorded_to;
        if (turned == *right) {
            made.outcome = MarkOutcome::slip;
            made.slip = slip_named("class_end");
        }
        turned.closed_left = own->closed_left;
        made.outcome = turned == *right ? MarkOutcome::right : made.outcome;
    }

    static const Slip* slip_named(std::string_view name) {
        const auto& all = slips();
        const auto it = std::find_if(all.begin(), all.end(), [name](const Slip& slip) { return slip.name == name; });
        return it == all.end() ? nullptr : &*it;
    }

    /// Beside the student's formula stands that of the key: of the student's own values of all other items.
    void compare_with_key() {
        Study beside = own_;
        std::vector<Candidate> carried;
        for (std::size_t at = 0; at < items_.size(); ++at) {
            if (items_[at].open && is_computed(items_[at].key)) {
                add_candidate(beside, carried, at, nullptr, nullptr, {});
            }
        }
        const bool same_data = same_values(own_, judge_.key_, judge_.given_);
        for (std::size_t number = 0; number <= judge_.options_.variations && any_open(); ++number) {
            const Study study = number == 0 ? beside : varied(beside, judge_.given_, number);
            const ResultsPtr results = compute_in_task(study, nullptr, stop_);
            Study other_key;
            ResultsPtr key_results;
            if (same_data) {
                key_results = judge_.results_[number];
            } else {
                other_key = with_values_of(judge_.key_, study, judge_.given_);
                key_results = compute_in_task(other_key, nullptr, stop_);
            }
            for (std::size_t at = 0; at < items_.size(); ++at) {
                if (items_[at].open) {
                    compare_item(at, number, study, *results, carried, *key_results);
                }
            }
        }
        for (std::size_t at = 0; at < items_.size(); ++at) {
            if (items_[at].open) {
                decide_by_agreement(at);
            }
        }
    }

    void compare_item(std::size_t at, std::size_t number, const Study& study, const Results& results,
                      const std::vector<Candidate>& carried, const Results& key_results) {
        Item& item = items_[at];
        Judgement& made = made_[at];
        const ItemValues student = values_of(study, results, made.item);
        const ItemValues key = values_of(judge_.key_, key_results, made.item);
        const auto beside =
            std::find_if(carried.begin(), carried.end(), [at](const Candidate& one) { return one.item == at; });
        if (number == 0 && student.only_faults()) {
            made.outcome = MarkOutcome::error;
            made.why = explain(study, results, student.all.front().fault());
            item.open = false;
            return;
        }
        if (number > 0 && item.typed) { // what is typed follows no data
            item.with_key.same = item.carried.same = !is_computed(item.key);
            return;
        }
        const double tolerance = judge_.options_.tolerance;
        std::optional<std::size_t> difference = item.with_key.look(student, key, tolerance, item.typed);
        bool right = !difference && !student.none();
        if (beside != carried.end()) {
            const ItemValues expected = values_of(study, results, beside->id);
            difference = item.carried.look(student, expected, tolerance, item.typed);
            right = right || (!difference && !student.none());
        } else {
            item.carried.same = false;
        }
        if (number == 0) {
            item.right_here = right;
            made.row =
                item.key.foot_line == nullptr && item.key.column != nullptr && !right ? difference : std::nullopt;
        }
        if (!is_computed(item.key)) { // a value that the key has typed itself
            made.outcome = item.with_key.same ? MarkOutcome::right : MarkOutcome::different;
            item.open = false;
        }
    }

    /// Where no data has given anything, only the formula itself can be compared.
    void decide_by_agreement(std::size_t at) {
        Item& item = items_[at];
        const bool nothing = item.with_key.compared + item.carried.compared == 0;
        const bool as_key = nothing ? folded(made_[at].answer) == folded(written(item.key)) : item.with_key.holds();
        if (as_key || item.carried.holds()) {
            made_[at].outcome = as_key ? MarkOutcome::right : MarkOutcome::carried;
            item.open = false;
        }
    }

    void look_for_slips() {
        Study beside = own_;
        std::vector<Candidate> candidates;
        for (std::size_t at = 0; at < items_.size(); ++at) {
            if (items_[at].open) {
                add_slips(beside, candidates, at);
            }
        }
        if (!any_open()) {
            return;
        }
        for (std::size_t number = 0; number <= judge_.options_.variations && !candidates.empty(); ++number) {
            keep_only(beside, candidates);
            const Study study = number == 0 ? beside : varied(beside, judge_.given_, number);
            const ResultsPtr results = compute_in_task(study, nullptr, stop_);
            for (Candidate& candidate : candidates) {
                const Item& item = items_[candidate.item];
                const ItemValues student = values_of(study, *results, made_[candidate.item].item);
                const ItemValues other = values_of(study, *results, candidate.id);
                if (number > 0 && (item.typed || (other.none() && student.none()))) {
                    continue;
                }
                // A recurrence without its first value gives nothing at all; what is in error fits no slip.
                const bool says_something = !other.none() || (student.only_missing() && other.only_missing());
                candidate.fits =
                    says_something && !first_difference(student, other, judge_.options_.tolerance, item.typed);
            }
            std::erase_if(candidates, [](const Candidate& one) { return !one.fits; });
        }
        for (std::size_t at = 0; at < items_.size(); ++at) {
            if (items_[at].open) {
                decide_by(at, candidates);
            }
        }
    }

    void decide_by(std::size_t at, const std::vector<Candidate>& candidates) {
        const auto found =
            std::find_if(candidates.begin(), candidates.end(), [at](const Candidate& one) { return one.item == at; });
        Judgement& made = made_[at];
        made.slip = found == candidates.end() || (items_[at].typed && items_[at].right_here) ? nullptr : found->slip;
        made.outcome = items_[at].right_here  ? MarkOutcome::values
                       : made.slip != nullptr ? MarkOutcome::slip
                                              : MarkOutcome::different;
    }

    bool any_open() const {
        return std::any_of(items_.begin(), items_.end(), [](const Item& item) { return item.open; });
    }

    void add_slips(Study& beside, std::vector<Candidate>& candidates, std::size_t at) {
        const StudyPart& key = items_[at].key;
        const SlipPlace place{judge_.key_, key.table, key.foot_line == nullptr ? key.column : nullptr};
        const std::size_t pieces = place.column == nullptr ? 1 : place.column->pieces.size();
        for (std::size_t piece = 0; piece < pieces; ++piece) {
            const Formula& formula = key.foot_line != nullptr ? key.foot_line->formula
                                     : key.held != nullptr    ? key.held->formula
                                                              : key.column->pieces[piece].formula;
            if (!formula.tree()) {
                continue;
            }
            for (const Slip& slip : slips()) {
                for (const std::string& text : slipped(slip, *formula.tree(), place)) {
                    Formula other(text);
                    if (other.tree()) {
                        add_candidate(beside, candidates, at, &slip, &other, piece);
                    }
                }
            }
        }
    }

    /// Puts the key's definition, or one with another formula in a piece of it, beside the student's.
    void add_candidate(Study& study, std::vector<Candidate>& candidates, std::size_t at, const Slip* slip,
                       const Formula* formula, std::size_t piece) {
        const StudyPart& key = items_[at].key;
        ++last_;
        const Id id("candidate__" + std::to_string(last_));
        const std::string& name = id.str();
        if (key.foot_line != nullptr) {
            FootLine line = *key.foot_line;
            line.id = id;
            line.label = name;
            line.formula = formula == nullptr ? line.formula : *formula;
            if (Shared<Table>* table = part_with(study.tables, key.table->id)) {
                table->edit([&line](Table& copy) { copy.foot.emplace_back(line); });
            }
        } else if (key.held != nullptr) {
            HeldValue held = *key.held;
            held.id = id;
            held.name = name;
            held.formula = formula == nullptr ? held.formula : *formula;
            if (key.table == nullptr) {
                study.ledge.emplace_back(held);
            } else if (Shared<Table>* table = part_with(study.tables, key.table->id)) {
                table->edit([&held](Table& copy) { copy.ledge.emplace_back(held); });
            }
        } else {
            ColumnDefinition column = *key.column;
            column.id = id;
            column.name = name;
            if (formula != nullptr) {
                column.pieces[piece].formula = *formula;
            }
            for (Piece& one : column.pieces) {
                one.formula = of_itself(one.formula, key, name);
            }
            if (Shared<Table>* table = part_with(study.tables, key.table->id)) {
                table->edit([&column](Table& copy) { copy.columns.emplace_back(column); });
            }
        }
        candidates.push_back({at, slip, id});
    }

    /// A recurrence goes on from its own earlier rows.
    Formula of_itself(const Formula& formula, const StudyPart& key, const std::string& name) const {
        if (!formula.tree()) {
            return formula;
        }
        bool any = false;
        const std::string text = print(*formula.tree(), Signs::typed, [&](const Node& node, InPlace& out) {
            if (node.type != NodeType::name || node.text != key.column->name ||
                meaning_of(judge_.key_, key.table, node).column != key.column) {
                return false;
            }
            any = true;
            out.text = name;
            return true;
        });
        return any ? Formula(text) : formula;
    }

    /// Takes what no longer fits out of the study.
    static void keep_only(Study& study, const std::vector<Candidate>& candidates) {
        const auto gone = [&candidates](const auto& part) {
            return part->id.str().rfind("candidate__", 0) == 0 &&
                   std::none_of(candidates.begin(), candidates.end(),
                                [&part](const Candidate& one) { return one.id == part->id; });
        };
        std::erase_if(study.ledge, gone);
        for (auto& table : study.tables) {
            table.edit([&gone](Table& copy) {
                std::erase_if(copy.ledge, gone);
                std::erase_if(copy.columns, gone);
                std::erase_if(copy.foot, gone);
            });
        }
    }

    const Judge& judge_;
    const StopToken& stop_;
    Study own_;
    std::vector<Item> items_;
    std::vector<Judgement> made_;
    std::size_t last_ = 0;
};

Judge::Judge(const Study& key, std::vector<AskedItem> asked, const JudgeOptions& options)
    : key_(key)
    , asked_(std::move(asked))
    , options_(options) {
    key_.charts.clear();
    key_.runs.clear();
    key_.checks.clear();
    given_ = given_parts(key_, asked_);
    for (std::size_t number = 0; number <= options_.variations; ++number) {
        results_.push_back(compute(number == 0 ? key_ : varied(key_, given_, number)));
    }
}

std::vector<Judgement> Judge::judge(const Study& submission, const StopToken& stop) const {
    return Judging(*this, submission, stop).judged();
}

std::string_view outcome_name(MarkOutcome outcome) {
    constexpr std::string_view names[] = {"right", "carried", "values", "slip", "different", "missing", "error"};
    return names[static_cast<std::size_t>(outcome)];
}

} // namespace ledgefall
