#include "core/runs/formulas_mark.h"

#include "core/study/model/scope.h"

#include <algorithm>
#include <set>
#include <unordered_map>

namespace ledgefall {
namespace {

/// What one part of a study is computed by.
struct Formulas {
    std::string text;      ///< of all its formulas, with ids in place of names and without blanks
    std::vector<Id> needs; ///< what they name
};

/// Gathers the formulas of a study by the part that has them.
class FormulasByOwner {
  public:
    explicit FormulasByOwner(const Study& study)
        : study_(study) {
        for_each_formula(study, [this](const FormulaPlace& place, const Formula& formula) { add(place, formula); });
        for (const auto& table : study.tables) {
            for (const Axis* axis : table->axes()) {
                if (axis->column && !axis->source->made_of().empty()) {
                    by_owner_[(*axis->column)->id].needs.push_back(axis->source->made_of());
                }
            }
        }
    }

    /// Those of some parts, and of all that they need, in an order that is always the same.
    std::string behind(std::vector<Id> parts) const {
        std::set<std::string> seen;
        std::vector<std::pair<std::string, const Formulas*>> all;
        for (std::size_t at = 0; at < parts.size(); ++at) {
            const auto match = by_owner_.find(parts[at]);
            if (!seen.insert(parts[at].str()).second || match == by_owner_.end()) {
                continue;
            }
            all.emplace_back(parts[at].str(), &match->second);
            parts.insert(parts.end(), match->second.needs.begin(), match->second.needs.end());
        }
        std::sort(all.begin(), all.end());
        std::string text;
        for (const auto& [owner, formulas] : all) {
            text += owner + '=' + formulas->text + '\n';
        }
        return text;
    }

  private:
    void add(const FormulaPlace& place, const Formula& formula) {
        struct Named {
            Span span;
            Id id;
        };
        std::vector<Named> names;
        Formulas& formulas = by_owner_[place.owner];
        if (formula.tree()) {
            for_each_name(
                *formula.tree(),
                [&](const Node& name) {
                    const Binding meant = meaning_of(study_, place.table, name);
                    if (!meant.exists()) {
                        return;
                    }
                    const bool call = name.type == NodeType::call;
                    names.push_back({call ? Span{name.span.from, name.name_span.to} : name.span, meant.id()});
                    formulas.needs.push_back(meant.id());
                    if (meant.table != nullptr && meant.column != nullptr) {
                        formulas.needs.push_back(meant.table->id); // how many rows it has
                    }
                    if (meant.group != nullptr) {
                        formulas.needs.insert(formulas.needs.end(), meant.group->columns.begin(),
                                              meant.group->columns.end());
                    }
                },
                place.parameters);
        }
        std::sort(names.begin(), names.end(), [](const Named& a, const Named& b) { return a.span.from > b.span.from; });
        std::string text = formula.text();
        for (const Named& name : names) {
            text.replace(name.span.from, name.span.to - name.span.from, "\x01" + name.id.str() + "\x02");
        }
        std::erase_if(text, [](char c) { return c == ' ' || c == '\t' || c == '\n'; });
        formulas.text += text + ';';
    }

    const Study& study_;
    std::unordered_map<Id, Formulas> by_owner_;
};

} // namespace

std::uint64_t formulas_mark(const Study& study, const Run& run) {
    const NameIndex index(study);
    std::vector<Id> parts;
    for (const RunColumn& column : run.columns) {
        parts.push_back(column.column);
        parts.push_back(column.table);
    }
    for (const RunOutcome& outcome : run.outcomes) {
        parts.push_back(outcome.definition);
        parts.push_back(outcome.under);
    }
    std::uint64_t mark = 0xCBF29CE484222325U; // Fowler, Noll and Vo's hash, 1a
    for (const char c : FormulasByOwner(study).behind(std::move(parts))) {
        mark = (mark ^ static_cast<unsigned char>(c)) * 0x100000001B3U;
    }
    mark >>= 11U; // what every reader of JSON can hold
    return mark == 0 ? 1 : mark;
}

bool formulas_have_changed(const Study& study, const Run& run) {
    return run.formulas != 0 && run.formulas != formulas_mark(study, run);
}

} // namespace ledgefall
