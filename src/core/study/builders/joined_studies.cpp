#include "core/study/builders/joined_studies.h"

#include "core/formula/names.h"
#include "core/study/model/scope.h"

#include <map>
#include <set>

namespace ledgefall {
namespace {

/// Puts what another study has into one, part by part.
class StudyJoining {
  public:
    StudyJoining(const Study& study, const Study& other)
        : study_(study)
        , other_(other) {
        out_.study = study;
    }

    WithTables run() {
        Study free = with_free_names();
        for (auto& held : free.ledge) {
            if (!used_.contains(held->id.str())) {
                out_.study.ledge.push_back(given(held));
            }
        }
        for (const auto& table : free.tables) {
            for (const Axis* axis : table->axes()) { // a source may be made of a column of a later table
                if (axis->column) {
                    fresh((*axis->column)->id, "c");
                }
            }
            for (const auto& column : table->columns) {
                fresh(column->id, "c");
            }
        }
        for (const auto& table : free.tables) {
            add(*table);
        }
        for (auto& check : free.checks) {
            check.edit([this](Check& copy) {
                copy.id = out_.study.fresh_id("k");
                copy.table = fresh(copy.table, "t");
            });
            out_.study.checks.push_back(check);
        }
        for (const InternedObjectsPtr& objects : other_.interned.all) {
            out_.study.interned.add(objects);
        }
        return std::move(out_);
    }

  private:
    /// The id that a part of the other study has here.
    Id fresh(Id id, std::string_view prefix) {
        if (id.empty()) {
            return id;
        }
        Id& known = ids_[id.str()];
        known = known.empty() ? out_.study.fresh_id(prefix) : known;
        return known;
    }

    /// The other study with other names for what has one that is taken here, so that its own formulas follow.
    Study with_free_names() {
        Study free = other_;
        std::set<std::string> used;
        for (const auto& table : free.tables) {
            used.insert(table->name);
        }
        for (const auto& held : free.ledge) {
            used.insert(held->name);
        }
        const auto is_taken = [this](const std::string& name) {
            return study_.table_named(name) != nullptr || study_.held_named(name) != nullptr || name == "pi" ||
                   name == "e" || name_refused(study_, nullptr, name).has_value();
        };
        const auto other_name = [&](const std::string& name) {
            std::string out =
                free_name(name, [&](const std::string& one) { return used.contains(one) || is_taken(one); });
            used.insert(out);
            out_.renamed.emplace_back(name, out);
            return out;
        };
        for (auto& held : free.ledge) {
            const HeldValue* known = study_.held_named(held->name);
            if (known != nullptr && known->holds_the_same(*held)) {
                used_.insert(held->id.str());
                ids_[held->id.str()] = known->id;
            } else if (is_taken(held->name)) {
                held.edit([&](HeldValue& copy) { copy.name = other_name(copy.name); });
            }
        }
        for (auto& table : free.tables) {
            if (is_taken(table->name)) {
                table.edit([&](Table& copy) { copy.name = other_name(copy.name); });
            }
        }
        return keeping_meaning(other_, free);
    }

    Shared<HeldValue> given(Shared<HeldValue> held) {
        held.edit([this](HeldValue& copy) {
            copy.id = fresh(copy.id, "h");
            copy.choices.column = fresh(copy.choices.column, "c");
        });
        return held;
    }

    void give_ids(Axis& axis) {
        if (axis.column) {
            axis.column->edit([this](ColumnDefinition& copy) { copy.id = fresh(copy.id, "c"); });
        }
        if (!axis.source->made_of().empty()) {
            axis.source = axis.source->with_made_of(fresh(axis.source->made_of(), "c"));
        }
    }

    void give_ids(std::vector<Id>& columns) {
        for (Id& column : columns) {
            column = fresh(column, "c");
        }
    }

    void add(const Table& table) {
        Table copy = table;
        copy.id = fresh(table.id, "t");
        give_ids(copy.axis);
        if (copy.across) {
            give_ids(*copy.across);
        }
        for (auto& held : copy.ledge) {
            held = given(held);
        }
        for (auto& column : copy.columns) {
            column.edit([this](ColumnDefinition& one) { one.id = fresh(one.id, "c"); });
        }
        for (auto& line : copy.foot) {
            line.edit([this](FootLine& one) {
                one.id = fresh(one.id, "f");
                give_ids(one.columns);
            });
        }
        for (auto& group : copy.groups) {
            group.edit([this](Group& one) {
                one.id = fresh(one.id, "g");
                give_ids(one.columns);
            });
        }
        out_.tables.push_back(copy.id);
        out_.study.tables.emplace_back(std::move(copy));
    }

    const Study& study_;
    const Study& other_;
    WithTables out_;
    std::map<std::string, Id> ids_; ///< by the other study's
    std::set<std::string> used_;    ///< held values that are there already
};

} // namespace

Result<WithTables> with_tables(const Study& study, const Study& other) {
    if (other.tables.empty()) {
        return Sentence{N_("It has no tables to add."), {}};
    }
    return StudyJoining(study, other).run();
}

} // namespace ledgefall
