// Edits of where columns, rows and tables stand.

#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/reach.h"
#include "core/study/model/parts.h"
#include "core/value/text_order.h"

#include <numeric>

namespace ledgefall {
namespace {

/// Every pair of columns between which a formula takes all others, with the ids that it thereby takes.
struct Between {
    std::string display_name; ///< the formula's owner
    std::string text;         ///< `t1 .. t4`
    std::vector<Id> columns;
};

const ColumnDefinition* named_column(const Study& study, const Table* own, const NodePtr& end) {
    const Node* name = !end ? nullptr : end->type == NodeType::index ? &end->kid(0) : end.get();
    return name == nullptr || name->type != NodeType::name ? nullptr
                                                           : look_up(study, own, name->owner, name->text).column;
}

void find_between(const Study& study, const FormulaPlace& place, const Formula& formula, const Node& node,
                  std::vector<Between>& match) {
    if (node.type == NodeType::range) {
        const ColumnDefinition* from = named_column(study, place.table, node.kids[0]);
        const ColumnDefinition* to = named_column(study, place.table, node.kids[1]);
        const Table* table = from == nullptr || to == nullptr ? nullptr : table_with(study, &Table::columns, from->id);
        if (table != nullptr && table->column(to->id) != nullptr) {
            Between one{place.display_name, formula.text().substr(node.span.from, node.span.to - node.span.from), {}};
            bool inside = false;
            for (const auto& column : table->columns) {
                const bool end = column->id == from->id || column->id == to->id;
                if (inside || end) {
                    one.columns.push_back(column->id);
                }
                inside = end && !(from->id == to->id) ? !inside : inside;
            }
            std::sort(one.columns.begin(), one.columns.end(), [](Id a, Id b) { return a.str() < b.str(); });
            match.push_back(std::move(one));
        }
    }
    for (const NodePtr& kid : node.kids) {
        if (kid) {
            find_between(study, place, formula, *kid, match);
        }
    }
}

std::vector<Between> all_between(const Study& study) {
    std::vector<Between> match;
    for_each_formula(study, [&](const FormulaPlace& place, const Formula& formula) {
        if (formula.tree()) {
            find_between(study, place, formula, *formula.tree(), match);
        }
    });
    return match;
}

/// `after`, unless a formula of `before` would take other columns between two than it did.
Result<Study> keeping_between(const Study& before, Study after) {
    const std::vector<Between> were = all_between(before);
    const std::vector<Between> are = all_between(after);
    for (std::size_t at = 0; at < std::min(were.size(), are.size()); ++at) {
        if (!(were[at].columns == are[at].columns)) {
            return Sentence{N_("%1 uses the columns %2, which this would change. List the columns one by one first."),
                            {were[at].display_name, were[at].text}};
        }
    }
    return after;
}

/// Groups stand over neighbouring columns. A column that has been moved away leaves its group, one that has been moved
/// in between joins it.
void settle_groups(Table& table, Id moved) {
    for (auto& group : table.groups) {
        const auto in = [&](const Shared<ColumnDefinition>& column) {
            return std::find(group->columns.begin(), group->columns.end(), column->id) != group->columns.end();
        };
        const auto at = std::find_if(table.columns.begin(), table.columns.end(),
                                     [moved](const auto& column) { return column->id == moved; });
        const bool left = at != table.columns.begin() && in(*(at - 1));
        const bool right = at + 1 != table.columns.end() && in(*(at + 1));
        const bool belongs = in(*at) ? left || right : left && right;
        std::vector<Id> columns;
        for (const auto& column : table.columns) {
            if (column->id == moved ? belongs : in(column)) {
                columns.push_back(column->id);
            }
        }
        if (columns != group->columns) {
            group.edit([&columns](Group& copy) { copy.columns = std::move(columns); });
        }
    }
}

template <class T>
void move_within(std::vector<T>& all, std::size_t from, std::size_t to) {
    const auto begin = all.begin();
    const auto a = static_cast<std::ptrdiff_t>(from);
    const auto b = static_cast<std::ptrdiff_t>(std::min(to, all.size() - 1));
    a < b ? std::rotate(begin + a, begin + a + 1, begin + b + 1) : std::rotate(begin + b, begin + a, begin + a + 1);
}

template <class T>
std::size_t place_of(const std::vector<Shared<T>>& parts, Id id) {
    const auto it = std::find_if(parts.begin(), parts.end(), [id](const auto& part) { return part->id == id; });
    return static_cast<std::size_t>(it - parts.begin());
}

/// The rows of a table in another order: `order[k]` is the row that comes to stand at k.
void reorder(Table& table, const std::vector<std::size_t>& order) {
    std::vector<RowIds::Run> runs;
    runs.reserve(order.size());
    for (const std::size_t row : order) {
        const std::uint64_t id = table.ids()->id_at(row);
        if (!runs.empty() && runs.back().first + runs.back().count == id) {
            ++runs.back().count;
        } else {
            runs.push_back({id, 1});
        }
    }
    table.axis.edit_ids([&runs](RowIds& ids) { ids.reorder(std::move(runs)); });
    for (auto& column : table.columns) {
        if (column->computed() || column->cells->empty()) {
            continue;
        }
        column.edit([&order](ColumnDefinition& copy) {
            Column cells(copy.cells->kind());
            for (const std::size_t row : order) {
                cells.append(copy.cells->at(row));
            }
            copy.cells = Shared<Column>(std::move(cells));
        });
    }
}

Result<Study> reordered(Study study, Id id, const std::vector<std::size_t>& order) {
    std::string scattered;
    Result<Study> out = with_table(std::move(study), id, [&](Table& copy) {
        if (keep_reach_through_order(copy, order, scattered)) {
            reorder(copy, order);
            join_neighbouring_pieces(copy);
        }
    });
    if (!scattered.empty()) {
        return Sentence{N_("In this order, the rows of %1's formula would be split into more than %2 parts. Let it "
                           "cover all rows first."),
                        {scattered, std::to_string(most_pieces)}};
    }
    return out;
}

} // namespace

Result<Study> move_table(Study study, Id table, std::size_t to) {
    const std::size_t from = place_of(study.tables, table);
    if (from == study.tables.size()) {
        return no_such_part;
    }
    move_within(study.tables, from, to);
    return study;
}

Result<Study> move_column(const Study& study, Id id, std::size_t to) {
    const Table* table = table_with(study, &Table::columns, id);
    if (table == nullptr) {
        return no_such_part;
    }
    Result<Study> moved = with_table(study, table->id, [&](Table& copy) {
        move_within(copy.columns, place_of(copy.columns, id), to);
        settle_groups(copy, id);
    });
    if (!moved) {
        return moved;
    }
    for (const auto& group : moved->table(table->id)->groups) {
        if (group->columns.size() < 2) {
            const Result<Study> dissolved = ungroup(*moved, group->id);
            return dissolved ? keeping_between(study, *dissolved) : dissolved;
        }
    }
    return keeping_between(study, *moved);
}

Result<Study> duplicate_column(const Study& study, Id id, Id* added) {
    const Table* table = table_with(study, &Table::columns, id);
    if (table == nullptr) {
        return no_such_part;
    }
    Study out = study;
    ColumnDefinition copy = *table->column(id);
    copy.id = out.fresh_id("c");
    copy.name = free_name(copy.name + "_2", [&](const std::string& name) {
        return name_refused(study, table, name).has_value() || look_up(study, table, "", name).exists();
    });
    copy.label = copy.label.empty() ? copy.label : copy.label + " (2)";
    if (added != nullptr) {
        *added = copy.id;
    }
    const Id result = copy.id;
    const std::size_t place = place_of(table->columns, id) + 1;
    const Result<Study> with = with_table(std::move(out), table->id, [&](Table& changed) {
        changed.columns.insert(changed.columns.begin() + static_cast<std::ptrdiff_t>(place),
                               Shared<ColumnDefinition>(std::move(copy)));
        settle_groups(changed, result);
    });
    return with ? keeping_between(study, keeping_meaning(study, *with)) : with;
}

Result<Study> insert_column(const Study& study, Id id, std::size_t at, Id* added) {
    const Table* table = study.table(id);
    if (table == nullptr) {
        return no_such_part;
    }
    Study out = study;
    ColumnDefinition column;
    column.id = out.fresh_id("c");
    column.name = free_name("x", [&](const std::string& name) {
        return name_refused(study, table, name).has_value() || look_up(study, table, "", name).exists();
    });
    if (added != nullptr) {
        *added = column.id;
    }
    const Id result = column.id;
    const Result<Study> with = with_table(std::move(out), id, [&](Table& copy) {
        const std::size_t place = std::min(at, copy.columns.size());
        copy.columns.insert(copy.columns.begin() + static_cast<std::ptrdiff_t>(place),
                            Shared<ColumnDefinition>(std::move(column)));
        settle_groups(copy, result);
    });
    return with ? keeping_between(study, keeping_meaning(study, *with)) : with;
}

Result<Study> hide_column(Study study, Id column, bool hidden) {
    return with_column(std::move(study), column, [hidden](ColumnDefinition& copy) { copy.hidden = hidden; });
}

Result<Study> narrow_reach(Study study, Id id, std::optional<std::pair<std::size_t, std::size_t>> rows) {
    const Table* table = table_with(study, &Table::columns, id);
    const ColumnDefinition* column = table == nullptr ? nullptr : table->column(id);
    if (column == nullptr || !column->computed()) {
        return column == nullptr
                   ? no_such_part
                   : Sentence{N_("%1 has no formula. Write one before choosing the rows it covers."), {column->name}};
    }
    if (table->two_way()) {
        return Sentence{N_("A layer's formula covers all cells of its two-way table."), {}};
    }
    const bool typed = table->ids() != nullptr;
    if (rows && (rows->second < rows->first || (typed && rows->second >= table->ids()->size()))) {
        return Sentence{N_("A formula covers the rows from one row of the table to the same or a later one."), {}};
    }
    Piece piece = column->pieces.front();
    piece.from = piece.to = std::nullopt;
    if (rows) {
        piece.from = table->axis.id_at(rows->first);
        piece.to = table->axis.id_at(rows->second);
        piece.from = rows->first == 0 ? std::nullopt : piece.from;
        if (typed && rows->second + 1 == table->ids()->size()) {
            piece.to = std::nullopt; // a reach to the end takes in the rows that come
        }
    }
    return with_column(std::move(study), id, [&piece](ColumnDefinition& copy) { copy.pieces = {piece}; });
}

Result<Study> move_rows(Study study, Id id, std::size_t row, std::size_t count, std::size_t to) {
    const Table* table = study.table(id);
    if (table == nullptr) {
        return no_such_part;
    }
    if (table->ids() == nullptr) {
        return table->rows_are_fixed();
    }
    const std::size_t rows = table->ids()->size();
    if (row >= rows || count == 0) {
        return study;
    }
    count = std::min(count, rows - row);
    to = std::min(to, rows - count);
    std::vector<std::size_t> order(rows);
    std::iota(order.begin(), order.end(), std::size_t{0});
    const auto begin = order.begin();
    const auto from = static_cast<std::ptrdiff_t>(row);
    const auto block = static_cast<std::ptrdiff_t>(count);
    const auto place = static_cast<std::ptrdiff_t>(to);
    place > from ? std::rotate(begin + from, begin + from + block, begin + place + block)
                 : std::rotate(begin + place, begin + from, begin + from + block);
    return reordered(std::move(study), id, order);
}

Result<Study> sort_rows(Study study, Id id, const Column& keys, bool falling, const StopToken& stop) {
    const Table* table = study.table(id);
    if (table == nullptr) {
        return no_such_part;
    }
    if (table->ids() == nullptr) {
        return table->rows_are_fixed();
    }
    std::vector<std::size_t> order(table->ids()->size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    const bool texts = keys.kind() == Kind::text;
    const auto before = [&](std::size_t a, std::size_t b) {
        const Value left = keys.at(a);
        const Value right = keys.at(b);
        if (!left.plain() || !right.plain()) {
            return left.plain() && !right.plain(); // what has no value comes last either way
        }
        if (texts) {
            const int stands = compare_texts(left.text().str(), right.text().str());
            return falling ? stands > 0 : stands < 0;
        }
        return falling ? right.slot() < left.slot() : left.slot() < right.slot();
    };
    std::stable_sort(order.begin(), order.end(), stoppable(stop, before));
    return reordered(std::move(study), id, order);
}

} // namespace ledgefall
