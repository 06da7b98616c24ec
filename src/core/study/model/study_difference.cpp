#include "core/study/model/study_difference.h"

#include <algorithm>

namespace ledgefall {
namespace {

template <class Part>
const Part* part_of_id(const std::vector<Shared<Part>>& parts, Id id) {
    const auto place = std::find_if(parts.begin(), parts.end(), [id](const auto& part) { return part->id == id; });
    return place == parts.end() ? nullptr : &**place;
}

std::size_t cells_that_differ(const Column& a, const Column& b) {
    std::size_t count = 0;
    const Value none = Value::missing();
    for (std::size_t row = 0; row < std::max(a.size(), b.size()); ++row) {
        const Value one = row < a.size() ? a.at(row) : none;
        const Value other = row < b.size() ? b.at(row) : none;
        count += one == other || (one.is_missing() && other.is_missing()) ? 0 : 1;
    }
    return count;
}

class Comparison {
  public:
    StudyDifference out;

    /// Calls `both` for parts of one id that differ, and counts those that only one side has.
    template <class Part, class Both>
    void parts(const std::vector<Shared<Part>>& before, const std::vector<Shared<Part>>& after, Both both) {
        for (const auto& part : before) {
            const Part* other = part_of_id(after, part->id);
            if (other == nullptr) {
                ++out.others;
            } else if (!(*part == *other)) {
                both(*part, *other);
            }
        }
        for (const auto& part : after) {
            out.others += part_of_id(before, part->id) == nullptr ? 1 : 0;
        }
    }

    void held(const HeldValue& a, const HeldValue& b) {
        ++(a.formula == b.formula && a.value == b.value ? out.others : out.formulas);
    }

    void columns(const ColumnDefinition& a, const ColumnDefinition& b) {
        const std::size_t before = out.cells + out.formulas;
        if (!(a.pieces == b.pieces)) {
            ++out.formulas;
        }
        if (!(a.cells == b.cells)) {
            out.cells += cells_that_differ(*a.cells, *b.cells);
        }
        if (!(a.overrides == b.overrides)) {
            for (const auto& [row, value] : *a.overrides) {
                const auto other = b.overrides->find(row);
                out.cells += other == b.overrides->end() || !(other->second == value) ? 1 : 0;
            }
            for (const auto& [row, value] : *b.overrides) {
                out.cells += a.overrides->contains(row) ? 0 : 1;
            }
        }
        out.others += out.cells + out.formulas == before ? 1 : 0;
    }

    void tables(const Table& a, const Table& b) {
        const StudyDifference before = out;
        parts(a.ledge, b.ledge, [this](const HeldValue& x, const HeldValue& y) { held(x, y); });
        parts(a.columns, b.columns, [this](const ColumnDefinition& x, const ColumnDefinition& y) { columns(x, y); });
        parts(a.foot, b.foot,
              [this](const FootLine& x, const FootLine& y) { ++(x.formula == y.formula ? out.others : out.formulas); });
        parts(a.groups, b.groups, [this](const Group&, const Group&) { ++out.others; });
        const bool counted = out.cells + out.formulas + out.others != before.cells + before.formulas + before.others;
        out.others += counted && a.axis == b.axis && a.label == b.label ? 0 : 1;
    }
};

} // namespace

StudyDifference difference_of(const Study& before, const Study& after) {
    Comparison all;
    for (const auto& table : before.tables) {
        const Table* other = part_of_id(after.tables, table->id);
        if (other == nullptr) {
            ++all.out.tables_removed;
        } else if (!(*table == *other)) {
            all.tables(*table, *other);
        }
    }
    for (const auto& table : after.tables) {
        all.out.tables_added += part_of_id(before.tables, table->id) == nullptr ? 1 : 0;
    }
    all.parts(before.ledge, after.ledge, [&all](const HeldValue& a, const HeldValue& b) { all.held(a, b); });
    all.parts(before.checks, after.checks, [&all](const Check& a, const Check& b) {
        ++(a.condition == b.condition ? all.out.others : all.out.formulas);
    });
    all.parts(before.charts, after.charts, [&all](const Chart&, const Chart&) { ++all.out.others; });
    all.parts(before.runs, after.runs, [&all](const Run&, const Run&) { ++all.out.others; });
    const bool rest = before.title == after.title && before.settings == after.settings;
    all.out.others += rest ? 0 : 1;
    return all.out;
}

Sentence StudyDifference::in_words() const {
    if (none()) {
        return {N_("Both are the same."), {}};
    }
    return {N_("Tables added: %1, removed: %2. Cells changed: %3. Formulas changed: %4. Other changes: %5."),
            {std::to_string(tables_added), std::to_string(tables_removed), std::to_string(cells),
             std::to_string(formulas), std::to_string(others)}};
}

} // namespace ledgefall
