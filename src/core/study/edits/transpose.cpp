// Swapping the axes of a two-way table.

#include "core/study/edits/edit_grid.h"
#include "core/study/model/grid_cells.h"
#include "core/study/model/parts.h"
#include "core/study/model/scope.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// Writes formulas of a study as they are to be once a two-way table has been turned: its two places in brackets, and
/// in its own formulas `row` and `col`, `rows` and `cols`, `i` and `j`, change places. What went on from row to row
/// goes on from column to column: `first a then f[i-1, j] * q` is `if col = 1 then a else f[i, j-1] * q`.
class Turner {
  public:
    Turner(const Study& study, const Table& turned, const Table* own, const std::string& text)
        : study_(study)
        , turned_(turned)
        , own_(own)
        , text_(text) {}

    std::string written(const Node& node) const {
        if (node.type == NodeType::index && node.kids.size() == 3 && means_table(node.kid(0))) {
            return as_is(node.kid(0)) + "[" + written(node.kid(2)) + ", " + written(node.kid(1)) + "]";
        }
        if (own_ == &turned_ && node.type == NodeType::recurrence) {
            return from_column_to_column(node);
        }
        if (own_ == &turned_ && (node.type == NodeType::word || node.type == NodeType::name)) {
            return other_word(node);
        }
        std::vector<const Node*> kids;
        for (const NodePtr& kid : node.kids) {
            if (kid) {
                kids.push_back(kid.get());
            }
        }
        std::sort(kids.begin(), kids.end(), [](const Node* a, const Node* b) { return a->span.from < b->span.from; });
        std::string out;
        std::uint32_t at = node.span.from;
        for (const Node* kid : kids) {
            if (kid->span.from >= at) { // a part that several share stands once
                out += text_.substr(at, kid->span.from - at) + written(*kid);
                at = kid->span.to;
            }
        }
        return out + text_.substr(at, node.span.to - at);
    }

  private:
    std::string from_column_to_column(const Node& node) const {
        std::string out;
        for (std::size_t kid = 0; kid + 1 < node.kids.size(); ++kid) {
            out += "if col = " + std::to_string(kid + 1) + " then " + written(node.kid(kid)) + " else ";
        }
        return out + written(*node.kids.back());
    }

    std::string as_is(const Node& node) const { return text_.substr(node.span.from, node.span.to - node.span.from); }

    bool means_table(const Node& base) const {
        return base.type == NodeType::name ? look_up(study_, own_, base.owner, base.text).table == &turned_
                                           : own_ == &turned_; // each
    }

    std::string other_word(const Node& node) const {
        static constexpr std::pair<std::string_view, std::string_view> words[] = {
            {"i", "j"}, {"row", "col"}, {"rows", "cols"}};
        const bool may_be =
            node.owner.empty() && (node.type == NodeType::word || !look_up(study_, own_, "", node.text).exists());
        for (const auto& [down, across] : words) {
            if (may_be && (node.text == down || node.text == across)) {
                return std::string(node.text == down ? across : down);
            }
        }
        return as_is(node);
    }

    const Study& study_;
    const Table& turned_;
    const Table* own_;
    const std::string& text_;
};

/// How far a place in brackets is from the formula's own: `i-1`, `j+2`; nothing where it is another kind of place.
std::optional<double> steps_of(const Node& place) {
    if (place.type == NodeType::word && (place.text == "i" || place.text == "j")) {
        return 0;
    }
    const bool moved = place.type == NodeType::binary &&
                       (place.op == Operator::add || place.op == Operator::subtract) &&
                       place.kid(0).type == NodeType::word && place.kid(1).type == NodeType::number;
    if (!moved || !steps_of(place.kid(0))) {
        return std::nullopt;
    }
    return place.op == Operator::add ? place.kid(1).number : -place.kid(1).number;
}

/// Whether all cells that a formula looks at from row to row lie above or left of it, also once rows are columns: grids
/// are computed row by row, and each row from left to right.
bool may_go_on_by_columns(const Node& node) {
    if (node.type == NodeType::index && node.kids.size() == 3) {
        const std::optional<double> down = steps_of(node.kid(1));
        const std::optional<double> right = steps_of(node.kid(2));
        return down && right && *down < 0 && *right <= 0;
    }
    return std::all_of(node.kids.begin(), node.kids.end(),
                       [](const NodePtr& kid) { return !kid || may_go_on_by_columns(*kid); });
}

} // namespace

Result<Study> transpose(const Study& study, Id id) {
    const Table* table = study.table(id);
    if (table == nullptr || !table->two_way()) {
        return no_such_part;
    }
    const auto stays = [](const auto& layer) {
        return std::any_of(layer->pieces.begin(), layer->pieces.end(), [](const Piece& piece) {
            return piece.formula.tree() && piece.formula.tree()->type == NodeType::recurrence &&
                   !may_go_on_by_columns(*piece.formula.tree());
        });
    };
    const auto entry = std::find_if(table->columns.begin(), table->columns.end(), stays);
    if (entry != table->columns.end()) {
        return Sentence{N_("%1 continues from row to row (first … then …) and needs cells to its right, so the axes of "
                           "%2 cannot be swapped."),
                        {(*entry)->name, table->name}};
    }
    const Study turned = with_formulas(study, [&](const FormulaPlace& place, const Formula& formula) {
        const Node* tree = formula.tree().get();
        const std::string& text = formula.text();
        if (tree == nullptr) {
            return formula;
        }
        const std::string around[] = {text.substr(0, tree->span.from), text.substr(tree->span.to)};
        const std::string written = around[0] + Turner(study, *table, place.table, text).written(*tree) + around[1];
        return written == text ? formula : Formula(written);
    });
    return with_table(turned, id, [](Table& copy) {
        std::swap(copy.axis, *copy.across);
        for (auto& layer : copy.columns) {
            if (layer->overrides->empty()) {
                continue;
            }
            Overrides overrides;
            for (const auto& [cell, value] : *layer->overrides) {
                overrides[cell_id(column_of_cell(cell), row_of_cell(cell))] = value;
            }
            layer.edit([&](ColumnDefinition& column) { column.overrides = Shared<Overrides>(std::move(overrides)); });
        }
        for (auto& line : copy.foot) {
            if (line->place != FootLine::Place::under_and_beside) {
                line.edit([](FootLine& one) {
                    one.place = one.place == FootLine::Place::under ? FootLine::Place::beside : FootLine::Place::under;
                });
            }
        }
    });
}

} // namespace ledgefall
