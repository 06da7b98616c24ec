#include "core/study/edits/handout_edits.h"

#include "core/study/model/parts.h"
#include "core/study/model/scope.h"

#include <unordered_map>
#include <unordered_set>

namespace ledgefall {
namespace {

/// The places in which something is locked, by their ids.
class Locks {
  public:
    Locks(const Study& before, const Study& after)
        : before_(before)
        , after_(after)
        , locked_(before.handout->locked.begin(), before.handout->locked.end()) {}

    std::optional<Sentence> broken() {
        if (locked_.empty()) {
            return std::nullopt;
        }
        const Settings& was = before_.settings;
        const Settings& is = after_.settings;
        if (was.seed != is.seed || was.quantile_type != is.quantile_type || was.values != is.values ||
            was.tolerance != is.tolerance || was.as_of != is.as_of) {
            return Sentence{N_("The settings are locked in this handout. Only what is asked can be changed."), {}};
        }
        compare(before_.ledge, after_.ledge, same_held);
        compare(before_.checks, after_.checks,
                [](const Check& a, const Check& b) { return a.condition == b.condition && a.table == b.table; });
        compare(before_.tables, after_.tables, [this](const Table& a, const Table& b) { return same_table(a, b); });
        return refused_;
    }

  private:
    static bool same_held(const HeldValue& a, const HeldValue& b) { return a.name == b.name && a.holds_the_same(b); }
    static bool same_column(const ColumnDefinition& a, const ColumnDefinition& b) {
        return a.name == b.name && a.unit == b.unit && a.cells == b.cells && a.pieces == b.pieces &&
               a.overrides == b.overrides;
    }

    bool same_table(const Table& a, const Table& b) {
        compare(a.ledge, b.ledge, same_held);
        compare(a.columns, b.columns, same_column);
        compare(a.foot, b.foot, [](const FootLine& one, const FootLine& other) {
            return one.formula == other.formula && one.columns == other.columns;
        });
        const auto fixed = [this](const std::optional<Shared<ColumnDefinition>>& axis) {
            return !axis || locked_.contains((*axis)->id);
        };
        const bool same_rows =
            !fixed(a.axis.column) || a.axis.source == b.axis.source || a.axis.source->equals(*b.axis.source);
        const bool same_across =
            a.across.has_value() == b.across.has_value() &&
            (!a.across || a.across->source == b.across->source || a.across->source->equals(*b.across->source));
        return a.name == b.name && same_rows && same_across;
    }

    template <class Part, class Same>
    void compare(const std::vector<Shared<Part>>& before, const std::vector<Shared<Part>>& after, Same same) {
        std::unordered_map<Id, const Shared<Part>*> now;
        for (const auto& part : after) {
            now[part->id] = &part;
        }
        for (const auto& part : before) {
            const auto there = now.find(part->id);
            const bool gone = there == now.end();
            const bool asked = before_.handout->item(part->id) != nullptr;
            if (refused_ || (!asked && !locked_.contains(part->id)) ||
                (!gone && part.pointer() == there->second->pointer())) {
                continue;
            }
            if (gone || (!asked && !same(*part, **there->second))) {
                refused_ = refused_ ? refused_
                                    : Sentence{N_("%1 is locked in this handout. Change what is asked, or add columns "
                                                  "and held values of your own."),
                                               {display_name(before_, part->id)}};
            }
        }
    }

    const Study& before_;
    const Study& after_;
    std::unordered_set<Id> locked_;
    std::optional<Sentence> refused_;
};

} // namespace

std::optional<Sentence> locked_change(const Study& before, const Study& after) {
    if (!before.handout || before.handout->is_key || before.handout->locked.empty()) {
        return std::nullopt;
    }
    return Locks(before, after).broken();
}

Result<Study> answer_in_words(Study study, Id question, const std::string& answer) {
    if (!study.handout || study.handout->item(question) == nullptr) {
        return no_such_part;
    }
    for (AskedItem& item : study.handout->asked) {
        item.answer = item.part == question ? answer : item.answer;
    }
    return study;
}

Study with_student(Study study, const std::string& name) {
    if (study.handout) {
        study.handout->student = name;
    }
    return study;
}

} // namespace ledgefall
