#include "core/study/builders/unfold.h"

#include "core/formula/names.h"
#include "core/study/model/parts.h"

#include <algorithm>
#include <map>

namespace ledgefall {
namespace {

/// Follows the steps of an unfolding: gives the names behind dollar signs, each free where it stands.
class Follower {
  public:
    Follower(const Study& study, const Table& table, const std::vector<Id>& columns)
        : study_(study)
        , table_(table.id) {
        const char* const given[] = {"x", "y", "z"};
        for (std::size_t at = 0; at < columns.size(); ++at) {
            names_[given[at]] = table.column(columns[at])->name;
        }
        names_["type"] = std::to_string(study.settings.quantile_type);
    }

    void follow(const UnfoldingStep& step, const std::string& measure) {
        const int type = study_.settings.quantile_type;
        if (refused_ || (step.quantile_type != 0 && step.quantile_type != type)) {
            return;
        }
        Id result;
        if (step.where == UnfoldingStep::Where::held_if_absent && known_already(step.definition)) {
            return;
        }
        const std::string text = with_names(step.definition);
        switch (step.where) {
        case UnfoldingStep::Where::column:
            take(write_column(study_, table_, text, &result));
            take(refused_ ? Result<Study>(*refused_) : head_column(study_, result, {worded({step.note}), "", ""}));
            break;
        case UnfoldingStep::Where::ledge:
        case UnfoldingStep::Where::held_if_absent:
            take(hold(study_, table_, text, &result));
            take(refused_ ? Result<Study>(*refused_) : note_held(study_, result, worded({step.note})));
            break;
        case UnfoldingStep::Where::sum:
            sums_.push_back(study_.table(table_)->column_named(text)->id);
            break;
        case UnfoldingStep::Where::check:
            take(add_check(study_, table_,
                           *step.note == '\0' ? CheckText{worded({N_("%1 by hand equals the measure"), {measure}}),
                                                          text, worded({N_("The steps do not match the measure.")})}
                                              : CheckText{worded({step.note}), text, worded({step.if_it_fails})}));
            break;
        }
    }

    Result<Study> finish() {
        if (!refused_ && !sums_.empty()) {
            take(add_foot_line(study_, table_, worded({N_("sum")}), "sum(each)", sums_));
        }
        return refused_ ? Result<Study>(*refused_) : Result<Study>(study_);
    }

  private:
    void take(const Result<Study>& next) {
        if (!next && !refused_) {
            refused_ = next.refusal();
        } else if (next) {
            study_ = *next;
        }
    }

    /// Whether the held value that a step would give is there already under its own name; it is then used.
    bool known_already(const std::string& definition) {
        const std::string name = definition.substr(1, definition.find(' ') - 1);
        const bool held = look_up(study_, study_.table(table_), "", name).held != nullptr;
        if (held) {
            names_[name] = name;
        }
        return held;
    }

    /// The first name behind a dollar sign that is not known yet is what the step defines.
    std::string with_names(const std::string& pattern) {
        std::string out;
        for (std::size_t at = 0; at < pattern.size();) {
            if (pattern[at] != '$') {
                out += pattern[at++];
                continue;
            }
            std::size_t end = at + 1;
            while (end < pattern.size() && continues_name(static_cast<unsigned char>(pattern[end]))) {
                ++end;
            }
            const std::string asked = pattern.substr(at + 1, end - at - 1);
            const auto named = names_.find(asked);
            out += named != names_.end() ? named->second : (names_[asked] = free_for(asked));
            at = end;
        }
        return out;
    }

    std::string free_for(const std::string& wanted) const {
        const Table* table = study_.table(table_);
        return free_name(wanted, [&](const std::string& name) {
            return name_refused(study_, table, name).has_value() || look_up(study_, table, "", name).exists();
        });
    }

    Study study_;
    Id table_;
    std::map<std::string, std::string> names_;
    std::vector<Id> sums_;
    std::optional<Sentence> refused_;
};

std::string joined(const std::vector<std::string>& texts) {
    std::string all;
    for (const std::string& text : texts) {
        all += (all.empty() ? "" : ", ") + worded({text});
    }
    return all;
}

} // namespace

Result<Study> unfold(const Study& study, const std::string& name, const std::vector<Id>& columns) {
    const auto& all = unfoldings();
    const auto unfolding = std::find_if(all.begin(), all.end(), [&name](const auto& one) { return one.name == name; });
    if (unfolding == all.end()) {
        return Sentence{N_("%1 cannot be unfolded."), {name}};
    }
    if (unfolding->takes.size() == 1 && columns.size() > 1) { // of each by itself
        Result<Study> all_unfolded = study;
        for (const Id column : columns) {
            all_unfolded = all_unfolded ? unfold(*all_unfolded, name, {column}) : all_unfolded;
        }
        return all_unfolded;
    }
    if (columns.size() != unfolding->takes.size()) {
        return unfolding->takes.size() == 1 ? Sentence{N_("Select one column to unfold its %1."), {name}}
                                            : Sentence{N_("%1 needs these columns, selected from left to right: %2."),
                                                       {name, joined(unfolding->takes)}};
    }
    const Table* table = table_with(study, &Table::columns, columns.front());
    const bool in_one = table != nullptr && std::all_of(columns.begin(), columns.end(),
                                                        [table](Id id) { return table->column(id) != nullptr; });
    if (!in_one) {
        return no_such_part;
    }
    Follower follower(study, *table, columns);
    for (const UnfoldingStep& step : unfolding->steps) {
        follower.follow(step, name + "(" + table->column(columns.front())->name + ")");
    }
    return follower.finish();
}

} // namespace ledgefall
