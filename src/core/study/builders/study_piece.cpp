#include "core/study/builders/study_piece.h"

#include "core/formula/names.h"
#include "core/study/model/parts.h"
#include "core/study/row_sources/typed_rows.h"

#include <algorithm>
#include <map>
#include <set>
#include <unordered_set>

namespace ledgefall {
namespace {

/// Gathers what a piece is made of.
class PieceMaker {
  public:
    PieceMaker(const Study& study, const Table& table, const std::vector<Id>& columns, const WorkedValues& values)
        : study_(study)
        , table_(table)
        , chosen_(columns.begin(), columns.end())
        , values_(values) {}

    Study make(const std::vector<Id>& columns) {
        Table out;
        out.id = piece_.fresh_id("t");
        out.name = table_.name;
        out.label = table_.label;
        std::size_t rows = table_.ids() == nullptr ? 0 : table_.ids()->size();
        for (const Id id : columns) {
            rows = std::max(rows, values_.column(id).size());
        }
        out.axis.source = std::make_shared<TypedRows>(RowIds(rows));
        for (const Id id : columns) {
            const Axis* axis = table_.axis_of(id);
            const ColumnDefinition* column = axis != nullptr ? &**axis->column : table_.column(id);
            if (column != nullptr) {
                out.columns.emplace_back(taken(*column, axis != nullptr));
            }
        }
        for (const auto& line : table_.foot) {
            FootLine copy = *line;
            std::erase_if(copy.columns, [this](Id id) { return !chosen_.contains(id); });
            if (!copy.columns.empty() && names_only_chosen(line->formula, true)) {
                out.foot.emplace_back(std::move(copy));
            }
        }
        piece_.tables.emplace_back(std::move(out));
        return std::move(piece_);
    }

  private:
    ColumnDefinition taken(const ColumnDefinition& column, bool axis) {
        ColumnDefinition out = column;
        const bool keeps = column.computed() && !axis &&
                           std::all_of(column.pieces.begin(), column.pieces.end(),
                                       [this](const Piece& piece) { return names_only_chosen(piece.formula, false); });
        if (!keeps) {
            out.cells = values_.column(column.id);
            out.pieces.clear();
            out.overrides = Shared<Overrides>();
            return out;
        }
        // Rows are known by their numbers in the piece.
        const auto number_of = [this](std::uint64_t id) { return table_.axis.row_of(id).value_or(0) + 1; };
        for (Piece& piece : out.pieces) {
            piece.from = piece.from ? std::optional<std::uint64_t>(number_of(*piece.from)) : std::nullopt;
            piece.to = piece.to ? std::optional<std::uint64_t>(number_of(*piece.to)) : std::nullopt;
        }
        Overrides overrides;
        for (const auto& [id, value] : *column.overrides) {
            overrides[number_of(id)] = value;
        }
        out.overrides = overrides;
        return out;
    }

    /// Whether a formula names chosen columns and held values alone; the held values come along.
    bool names_only_chosen(const Formula& formula, bool foot) {
        if (!formula.tree()) {
            return false;
        }
        bool only = true;
        std::vector<const HeldValue*> needed;
        for_each_name(*formula.tree(), [&](const Node& name) {
            const Binding binding = meaning_of(study_, &table_, name);
            const bool known = binding.exists();
            if (binding.held != nullptr) {
                needed.push_back(binding.held);
            }
            const bool chosen = binding.column != nullptr && chosen_.contains(binding.column->id);
            const bool plain = !known && name.owner.empty() &&
                               (name.type == NodeType::call || name.text == "pi" || name.text == "e" ||
                                (foot && foot_line_meant(study_, &table_, name) != nullptr));
            only = only && (chosen || plain || (binding.held != nullptr && name.owner.empty()));
        });
        for (const HeldValue* held : needed) {
            only = only && take_held(*held);
        }
        return only;
    }

    /// A held value with what it needs in turn. One that looks at a table is taken as the value that it has.
    bool take_held(const HeldValue& held) {
        if (!taken_.insert(held.id).second) {
            return true;
        }
        HeldValue copy = held;
        bool only_held = true;
        std::vector<const HeldValue*> needed;
        if (held.formula.tree()) {
            for_each_name(
                *held.formula.tree(),
                [&](const Node& name) {
                    const Binding binding = meaning_of(study_, nullptr, name);
                    only_held = only_held && name.owner.empty() && binding.column == nullptr &&
                                binding.group == nullptr &&
                                (binding.held != nullptr || name.type == NodeType::call || name.text == "pi" ||
                                 name.text == "e");
                    if (binding.held != nullptr) {
                        needed.push_back(binding.held);
                    }
                },
                held.parameters);
        }
        if (!only_held) {
            if (held.is_function()) {
                return false;
            }
            copy.value = values_.held(held.id);
            copy.formula = Formula();
            needed.clear();
        }
        for (const HeldValue* one : needed) {
            if (!take_held(*one)) {
                return false;
            }
        }
        piece_.ledge.emplace_back(std::move(copy));
        return true;
    }

    const Study& study_;
    const Table& table_;
    std::unordered_set<Id> chosen_;
    const WorkedValues& values_;
    std::unordered_set<Id> taken_;
    Study piece_;
};

/// Renames in the piece what has a name that is taken where it goes, so that its own formulas follow.
Study with_free_names(const Study& piece, const Study& into, const Table& table, WithPiece& out) {
    Study free = piece;
    std::set<std::string> used;
    for (const auto& column : piece.tables.front()->columns) {
        used.insert(column->name);
    }
    for (const auto& held : piece.ledge) {
        used.insert(held->name);
    }
    const auto taken = [&](const std::string& name) {
        return used.contains(name) || name_refused(into, &table, name).has_value() ||
               look_up(into, &table, "", name).exists();
    };
    const auto fresh = [&](const std::string& name) {
        std::string other = free_name(name, taken);
        used.insert(other);
        out.renamed.emplace_back(name, other);
        return other;
    };
    for (auto& held : free.ledge) {
        const HeldValue* known = look_up(into, &table, "", held->name).held;
        if (look_up(into, &table, "", held->name).exists() && (known == nullptr || !known->holds_the_same(*held))) {
            held.edit([&](HeldValue& copy) { copy.name = fresh(copy.name); });
        }
    }
    free.tables.front().edit([&](Table& copy) {
        for (auto& column : copy.columns) {
            if (name_refused(into, &table, column->name) || look_up(into, &table, "", column->name).column != nullptr) {
                column.edit([&](ColumnDefinition& one) { one.name = fresh(one.name); });
            }
        }
    });
    return keeping_meaning(piece, free);
}

} // namespace

Study study_piece(const Study& study, Id id, const std::vector<Id>& columns, const WorkedValues& values) {
    const Table* table = study.table(id);
    if (table == nullptr || table->two_way()) {
        return {};
    }
    return PieceMaker(study, *table, columns, values).make(columns);
}

Result<WithPiece> with_piece(const Study& study, Id id, const Study& piece) {
    const Table* table = study.table(id);
    if (table == nullptr || piece.tables.empty()) {
        return no_such_part;
    }
    if (table->two_way()) {
        return table->no_columns_of_rows();
    }
    WithPiece out;
    const Study free = with_free_names(piece, study, *table, out);
    const Table& from = *free.tables.front();
    const std::size_t rows = from.ids() == nullptr ? 0 : from.ids()->size();
    const bool any_given = std::any_of(from.columns.begin(), from.columns.end(), [](const auto& column) {
        return !column->computed() || !column->overrides->empty();
    });
    if (table->ids() == nullptr && any_given && table->own_rows().value_or(0) < rows) {
        return table->rows_are_fixed(); // what lies beyond them would not be seen
    }
    out.study = study;
    if (table->ids() != nullptr && table->ids()->size() < rows) {
        const std::size_t before = table->ids()->size();
        const Result<Study> longer = insert_rows(study, id, before, rows - before);
        if (!longer) {
            return longer.refusal();
        }
        out.study = *longer;
    }
    for (const auto& held : free.ledge) {
        if (look_up(out.study, table, "", held->name).held == nullptr) {
            HeldValue copy = *held;
            copy.id = out.study.fresh_id("h");
            out.study.ledge.emplace_back(std::move(copy));
        }
    }
    const Axis axis = out.study.table(id)->axis;
    std::map<std::string, Id> new_ids; // by the ids in the piece
    std::vector<ColumnDefinition> added;
    for (const auto& column : from.columns) {
        ColumnDefinition copy = *column;
        copy.id = out.study.fresh_id("c");
        new_ids[column->id.str()] = copy.id;
        for (Piece& part : copy.pieces) {
            part.from = part.from ? std::optional(axis.id_at(*part.from - 1)) : std::nullopt;
            part.to = part.to ? std::optional(axis.id_at(*part.to - 1)) : std::nullopt;
        }
        Overrides overrides;
        for (const auto& [row, value] : *copy.overrides) {
            overrides[axis.id_at(row - 1)] = value;
        }
        copy.overrides = overrides;
        out.columns.push_back(copy.id);
        added.push_back(std::move(copy));
    }
    std::vector<FootLine> lines;
    for (const auto& line : from.foot) {
        FootLine copy = *line;
        copy.id = out.study.fresh_id("f");
        for (Id& column : copy.columns) {
            column = new_ids[column.str()];
        }
        lines.push_back(std::move(copy));
    }
    Result<Study> with = with_table(out.study, id, [&](Table& copy) {
        for (ColumnDefinition& column : added) {
            copy.columns.emplace_back(std::move(column));
        }
        for (FootLine& line : lines) {
            const auto same = std::find_if(copy.foot.begin(), copy.foot.end(), [&line](const auto& known) {
                return known->label == line.label && known->formula == line.formula;
            });
            if (same == copy.foot.end()) {
                copy.foot.emplace_back(std::move(line));
            } else {
                same->edit([&line](FootLine& known) {
                    known.columns.insert(known.columns.end(), line.columns.begin(), line.columns.end());
                });
            }
        }
    });
    if (!with) {
        return with.refusal();
    }
    out.study = keeping_meaning(study, *with);
    for (const InternedObjectsPtr& objects : piece.interned.all) {
        out.study.interned.add(objects);
    }
    return out;
}

} // namespace ledgefall
