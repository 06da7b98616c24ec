#include "core/study/builders/handout.h"

#include "core/stats/distributions.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"
#include "core/study/model/study_part.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>
#include <set>
#include <unordered_set>

namespace ledgefall {
namespace {

/// What stands in the place of class limits that are asked.
const Classes no_limits{{0, 1}};

std::uint64_t mixed_text(std::uint64_t key, const std::string& text) {
    for (const char letter : text) {
        key = mixed(key, static_cast<unsigned char>(letter));
    }
    return mixed(key, text.size());
}

const ClassRows* class_rows_of(const StudyPart& part) {
    return part.is_axis && !part.table->two_way() ? part.table->axis.rows_as<ClassRows>() : nullptr;
}

/// The formulas that an item of a key is.
std::vector<Formula> formulas_of(const StudyPart& part) {
    std::vector<Formula> all;
    if (part.is_axis) {
        return all;
    }
    if (part.foot_line != nullptr) {
        all.push_back(part.foot_line->formula);
    } else if (part.held != nullptr) {
        all.push_back(part.held->formula);
    } else if (part.column != nullptr) {
        for (const Piece& piece : part.column->pieces) {
            all.push_back(piece.formula);
        }
    }
    all.erase(std::remove_if(all.begin(), all.end(), [](const Formula& one) { return one.empty(); }), all.end());
    return all;
}

bool contains(const Node& tree, const Node& wanted) {
    return same_tree(&tree, &wanted) || std::any_of(tree.kids.begin(), tree.kids.end(), [&wanted](const NodePtr& kid) {
               return kid && contains(*kid, wanted);
           });
}

/// What would give an item away: its formulas, where they are more than a name or a number.
struct Secret {
    std::string name;
    Id table;
    Formula formula;
    bool of_foot = false;

    bool told_by(const Table* where, const Formula& other) const {
        if (!formula.tree() || !other.tree() || formula.tree()->kids.empty()) {
            return false;
        }
        const bool elsewhere = of_foot && (where == nullptr || !(where->id == table)); // every table may have a sum
        return !elsewhere && contains(*other.tree(), *formula.tree());
    }
    bool told_by(const std::string& text) const {
        return formula.text().size() > 3 && text.find(formula.text()) != std::string::npos;
    }
};

/// Makes the copy.
class HandoutMaker {
  public:
    HandoutMaker(const Study& study, const HandoutRequest& request)
        : key_(study)
        , request_(request) {
        for (const AskedItem& item : request.asked) {
            asked_.insert(item.part);
        }
    }

    Result<Study> made() {
        if (request_.asked.empty()) {
            return Sentence{N_("Nothing is asked. Tick what the student is to fill in."), {}};
        }
        if (const auto refused = find_secrets()) {
            return *refused;
        }
        if (const auto refused = repeated()) {
            return *refused;
        }
        study_ = key_;
        study_.runs.clear();
        study_.runs_table.reset();
        study_.report.reset();
        study_.interned = {};
        study_.unknown_fields.clear();
        study_.settings.unknown_fields.clear();
        study_.note = kept(study_.note);
        empty_ledge(study_.ledge);
        for (auto& table : study_.tables) {
            table.edit([this](Table& copy) { empty_table(copy); });
        }
        drop_checks();
        for (auto& chart : study_.charts) {
            chart.edit([this](Chart& copy) {
                copy.label = kept(copy.label);
                copy.unknown_fields.clear();
            });
        }
        Handout handout;
        handout.student = request_.student;
        handout.asked = request_.asked;
        for (AskedItem& item : handout.asked) {
            item.answer.clear();
            item.unknown_fields.clear();
        }
        if (request_.locked) {
            handout.locked = everything_else();
        }
        handout.edition = edition();
        study_.handout = handout;
        return with_varied_values(study_, request_.varied, request_.student);
    }

  private:
    std::optional<Sentence> find_secrets() {
        for (const AskedItem& item : request_.asked) {
            const StudyPart part = find_part(key_, item.part);
            if (!part.exists()) {
                continue; // a question in words
            }
            if (part.is_axis && class_rows_of(part) == nullptr) {
                return Sentence{N_("%1 has no class limits that could be asked."), {item_name(key_, item)}};
            }
            for (const Formula& formula : formulas_of(part)) {
                secrets_.push_back({item_name(key_, item), part.table == nullptr ? Id() : part.table->id, formula,
                                    part.foot_line != nullptr});
            }
        }
        return std::nullopt;
    }

    std::optional<Sentence> repeated() const {
        std::optional<Sentence> refused;
        for_each_formula(key_, [&](const FormulaPlace& place, const Formula& formula) {
            const StudyPart owner = find_part(key_, place.owner);
            if (asked_.contains(place.owner) || owner.check != nullptr || refused) {
                return; // checks that tell something go
            }
            for (const Secret& secret : secrets_) {
                if (!refused && secret.told_by(place.table, formula)) {
                    refused = Sentence{N_("The formula of %1 contains that of %2, %3. Ask for %1 too, or use the name "
                                          "of %2 in it."),
                                       {place.display_name, secret.name, secret.formula.text()}};
                }
            }
        });
        return refused;
    }

    std::string kept(const std::string& text) const {
        const bool told = std::any_of(secrets_.begin(), secrets_.end(),
                                      [&text](const Secret& secret) { return secret.told_by(text); });
        return told ? std::string() : text;
    }

    void empty_ledge(std::vector<Shared<HeldValue>>& ledge) const {
        for (auto& held : ledge) {
            held.edit([this](HeldValue& copy) {
                copy.unknown_fields.clear();
                copy.note = kept(copy.note);
                if (asked_.contains(copy.id)) {
                    copy.note.clear();
                    copy.value = Value::missing();
                    copy.formula = {};
                    copy.parameters.clear();
                    copy.slider.reset();
                    copy.choices = {};
                }
            });
        }
    }

    void empty_table(Table& table) const {
        table.unknown_fields.clear();
        table.note = kept(table.note);
        empty_ledge(table.ledge);
        for (auto& column : table.columns) {
            column.edit([this](ColumnDefinition& copy) {
                copy.unknown_fields.clear();
                copy.note = kept(copy.note);
                if (asked_.contains(copy.id)) {
                    copy.note.clear();
                    copy.pieces.clear();
                    copy.overrides = {};
                    copy.cells = {};
                    copy.hidden = false;
                }
            });
        }
        std::size_t number = 0;
        for (auto& line : table.foot) {
            ++number;
            line.edit([this, number](FootLine& copy) {
                copy.unknown_fields.clear();
                if (asked_.contains(copy.id)) {
                    copy.label = copy.label == copy.formula.text() ? worded({N_("line %1"), {std::to_string(number)}})
                                                                   : copy.label;
                    copy.formula = {};
                }
            });
        }
        for (auto& group : table.groups) {
            group.edit([](Group& copy) { copy.unknown_fields.clear(); });
        }
        if (table.axis.column && asked_.contains((*table.axis.column)->id)) {
            table.axis.source = std::make_shared<ClassRows>(no_limits);
            table.ledge.erase( // the caption names the limits
                std::remove_if(table.ledge.begin(), table.ledge.end(),
                               [](const auto& held) { return !held->computed() && held->value.kind() == Kind::text; }),
                table.ledge.end());
        }
    }

    /// Whether a check sets something that is asked equal to another formula, as `s ≈ sd(x)` does.
    bool says_what_it_is(const Check& check) const {
        const Node* tree = check.condition.tree().get();
        const auto is_equality = [](Operator op) { return op == Operator::equal || op == Operator::approximately; };
        const bool equates = tree != nullptr && (tree->type == NodeType::binary ? is_equality(tree->op)
                                                 : tree->type == NodeType::chain
                                                     ? std::any_of(tree->ops.begin(), tree->ops.end(), is_equality)
                                                     : false);
        return equates && std::any_of(tree->kids.begin(), tree->kids.end(), [&](const NodePtr& side) {
                   return side->type == NodeType::name &&
                          asked_.contains(meaning_of(study_, study_.table(check.table), *side).id());
               });
    }

    void drop_checks() {
        const auto tells = [this](const auto& check) {
            return says_what_it_is(*check) || std::any_of(secrets_.begin(), secrets_.end(), [&](const Secret& secret) {
                       return secret.told_by(study_.table(check->table), check->condition) ||
                              secret.told_by(check->message);
                   });
        };
        study_.checks.erase(std::remove_if(study_.checks.begin(), study_.checks.end(), tells), study_.checks.end());
        for (auto& check : study_.checks) {
            check.edit([](Check& copy) { copy.unknown_fields.clear(); });
        }
    }

    std::vector<Id> everything_else() const {
        std::vector<Id> all;
        const auto lock = [&](Id id) {
            if (!asked_.contains(id)) {
                all.push_back(id);
            }
        };
        for (const Id part : parts_to_ask(study_)) {
            lock(part);
        }
        for (const auto& table : study_.tables) {
            lock(table->id);
        }
        for (const auto& check : study_.checks) {
            lock(check->id);
        }
        return all;
    }

    /// Of what is left, without the given values, which may be varied.
    std::string edition() const {
        std::uint64_t key = 0;
        for (const AskedItem& item : request_.asked) {
            key = mixed_text(mixed_text(key, item.part.str()), item.question + shortest(item.points));
        }
        for_each_formula(study_, [&key](const FormulaPlace& place, const Formula& formula) {
            key = mixed_text(mixed_text(key, place.display_name), formula.text());
        });
        for (const Id part : parts_to_ask(study_)) {
            key = mixed_text(key, part.str() + display_name(study_, part));
        }
        return std::to_string(key);
    }

    const Study& key_;
    const HandoutRequest& request_;
    std::unordered_set<Id> asked_;
    std::vector<Secret> secrets_;
    Study study_;
};

double drawn(double from, double to, int decimals, std::uint64_t key) {
    return rounded_to(draw_number({Family::uniform, {from, to}}, key), decimals);
}

std::vector<Value> varied_values(const Column& cells, const Variation& variation, std::uint64_t key) {
    std::vector<Value> values;
    std::vector<std::size_t> filled;
    double least = 0;
    double most = 0;
    int decimals = 0;
    for (std::size_t row = 0; row < cells.size(); ++row) {
        values.push_back(cells.at(row));
        if (values.back().plain()) {
            const double number = values.back().number();
            least = filled.empty() ? number : std::min(least, number);
            most = filled.empty() ? number : std::max(most, number);
            decimals = cells.kind() == Kind::number ? std::max(decimals, decimals_of(number)) : 0;
            filled.push_back(row);
        }
    }
    const auto [from, to] = variation.range.value_or(std::pair(least, most));
    const bool shuffled = variation.way == Variation::Way::shuffled || cells.kind() != Kind::number;
    for (std::size_t at = filled.size(); at-- > 0;) {
        key = mixed(key, at);
        if (shuffled) {
            std::swap(values[filled[at]], values[filled[key % (at + 1)]]);
        } else {
            values[filled[at]] = Value::number(drawn(from, to, decimals, key));
        }
    }
    return values;
}

} // namespace

Result<Study> make_handout(const Study& study, const HandoutRequest& request) {
    return HandoutMaker(study, request).made();
}

Study key_with(Study study, const std::vector<AskedItem>& asked) {
    Handout handout;
    handout.is_key = true;
    handout.asked = asked;
    study.handout = handout;
    return study;
}

std::vector<Id> parts_to_ask(const Study& study) {
    std::vector<Id> all;
    for (const auto& held : study.ledge) {
        all.push_back(held->id);
    }
    for (const auto& table : study.tables) {
        for (const auto& held : table->ledge) {
            all.push_back(held->id);
        }
        if (table->axis.column && table->axis.rows_as<ClassRows>() != nullptr) {
            all.push_back((*table->axis.column)->id);
        }
        for (const auto& column : table->columns) {
            all.push_back(column->id);
        }
        for (const auto& line : table->foot) {
            all.push_back(line->id);
        }
    }
    return all;
}

Result<Id> part_to_ask(const Study& study, const std::string& name) {
    const std::size_t point = name.find('.');
    const std::string owner = point == std::string::npos ? "ledge" : name.substr(0, point);
    const std::string part = point == std::string::npos ? name : name.substr(point + 1);
    const Binding named = look_up(study, nullptr, owner, part);
    if (named.exists() && named.group == nullptr) {
        return named.id();
    }
    if (const Table* table = study.table_named(owner)) {
        for (const auto& line : table->foot) {
            if (line->label == part) {
                return line->id;
            }
        }
    }
    return Sentence{N_("There is no %1 in this study. Write TABLE.COLUMN, TABLE.LABEL of a foot line, or ledge.NAME."),
                    {name}};
}

std::string item_name(const Study& study, const AskedItem& item) {
    const StudyPart part = find_part(study, item.part);
    if (!part.exists()) {
        return item.question.substr(0, 60);
    }
    const std::string name = display_name(study, item.part);
    return part.held != nullptr && part.table == nullptr ? "ledge." + name : name;
}

std::string usual_question(const Study& study, Id part) {
    const StudyPart there = find_part(study, part);
    const std::string name = display_name(study, part);
    if (there.is_axis) {
        return worded({N_("Choose the class limits of %1."), {there.table->shown_label()}});
    }
    if (there.foot_line != nullptr) {
        return worded({N_("Write the formula of the foot line %1."), {there.foot_line->label}});
    }
    if (!formulas_of(there).empty()) {
        return worded({N_("Write the formula of %1."), {name}});
    }
    return worded({there.held != nullptr ? N_("Give the value of %1.") : N_("Fill in the values of %1."), {name}});
}

bool is_answered(const Study& study, const AskedItem& item) {
    const StudyPart part = find_part(study, item.part);
    if (!part.exists()) {
        return !item.answer.empty();
    }
    if (part.is_axis) {
        const ClassRows* rows = class_rows_of(part);
        return rows == nullptr || !(rows->classes() == no_limits);
    }
    if (part.foot_line != nullptr) {
        return !part.foot_line->formula.empty();
    }
    if (part.held != nullptr) {
        return !part.held->formula.empty() || !part.held->value.is_missing();
    }
    return part.column->computed() || part.column->cells->any_filled() || !part.column->overrides->empty();
}

Result<Study> with_varied_values(Study study, const std::vector<Variation>& varied, const std::string& student) {
    for (const Variation& variation : varied) {
        const std::uint64_t key =
            mixed_text(mixed_text(study.settings.seed, student), display_name(study, variation.part));
        const StudyPart part = find_part(study, variation.part);
        if (part.column != nullptr && !part.is_axis && !part.column->computed()) {
            const std::vector<Value> values = varied_values(*part.column->cells, variation, key);
            const Kind kind = part.column->cells->kind();
            study = *with_column(std::move(study), variation.part,
                                 [&](ColumnDefinition& copy) { copy.cells = Column::of(kind, values); });
        } else if (part.held != nullptr && part.held->formula.empty() && part.held->value.plain() &&
                   part.held->value.kind() == Kind::number) {
            const double given = part.held->value.number();
            const auto [from, to] =
                variation.range.value_or(std::pair(given - std::abs(given) / 5, given + std::abs(given) / 5));
            const Value value = Value::number(drawn(from, to, std::max(decimals_of(given), given == 0 ? 1 : 0), key));
            study = *with_held(std::move(study), variation.part, [&](HeldValue& copy) { copy.value = value; });
        } else {
            return Sentence{N_("%1 has no given values that could be varied."), {display_name(study, variation.part)}};
        }
    }
    return study;
}

Result<std::vector<std::string>> student_names(const std::string& list) {
    std::vector<std::string> names;
    std::set<std::string> seen;
    std::size_t from = 0;
    while (from <= list.size()) {
        const std::size_t end = std::min(list.find('\n', from), list.size());
        std::string name = list.substr(from, end - from);
        from = end + 1;
        const auto blank = [](char c) { return c == ' ' || c == '\t' || c == '\r'; };
        name.erase(name.begin(), std::find_if_not(name.begin(), name.end(), blank));
        name.erase(std::find_if_not(name.rbegin(), name.rend(), blank).base(), name.end());
        if (name.empty()) {
            continue;
        }
        if (name.find_first_of("/\\") != std::string::npos || name.front() == '.' || name.size() > 200 ||
            std::any_of(name.begin(), name.end(), [](unsigned char c) { return c < ' '; })) {
            return Sentence{N_("%1 cannot be the name of a file. Leave out slashes, and do not begin with a point."),
                            {name}};
        }
        if (!seen.insert(name).second) {
            return Sentence{N_("%1 is on the list twice. Add something that tells the two apart."), {name}};
        }
        names.push_back(name);
    }
    if (names.empty()) {
        return Sentence{N_("There is no name on the list."), {}};
    }
    return names;
}

} // namespace ledgefall
