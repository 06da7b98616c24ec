#include "core/study/edits/reach.h"

#include <algorithm>
#include <map>
#include <string>

namespace ledgefall {
namespace {

struct Rows {
    std::size_t from = 0, to = 0; ///< `to` is not included
};

bool covers_all(const Piece& piece) {
    return !piece.from && !piece.to;
}

bool any_narrowed(const ColumnDefinition& column) {
    return std::any_of(column.pieces.begin(), column.pieces.end(), [](const Piece& one) { return !covers_all(one); });
}

/// The rows that a piece covers; none where one of its ends is gone.
Rows rows_of(const Piece& piece, const Table& table) {
    const std::size_t rows = table.ids()->size();
    const auto from = piece.from ? table.axis.row_of(*piece.from) : std::optional<std::size_t>(0);
    const auto last = piece.to ? table.axis.row_of(*piece.to) : std::optional<std::size_t>(rows == 0 ? 0 : rows - 1);
    return !from || !last || rows == 0 || *last < *from ? Rows() : Rows{*from, *last + 1};
}

/// Whether a formula goes on to rows that come before the first, or after the last: by any of its pieces.
struct OpenEnds {
    bool start = false, end = false;
};

std::map<std::string, OpenEnds> open_ends_by_formula(const ColumnDefinition& column) {
    std::map<std::string, OpenEnds> ends;
    for (const Piece& piece : column.pieces) {
        OpenEnds& open = ends[piece.formula.text()];
        open.start = open.start || !piece.from;
        open.end = open.end || !piece.to;
    }
    return ends;
}

/// The pieces that cover the same rows of a piece in another order.
std::vector<Piece> reordered(const Piece& piece, OpenEnds open, const Table& table,
                             const std::vector<std::size_t>& order) {
    const Rows rows = rows_of(piece, table);
    const auto covered = [&](std::size_t place) { return order[place] >= rows.from && order[place] < rows.to; };
    std::vector<Piece> pieces;
    for (std::size_t place = 0; place < order.size(); ++place) {
        if (!covered(place)) {
            continue;
        }
        const std::size_t first = place;
        while (place + 1 < order.size() && covered(place + 1)) {
            ++place;
        }
        Piece one = piece;
        // An open end stays open only where the formula still ends there.
        one.from = first == 0 && open.start ? std::nullopt : std::optional(table.axis.id_at(order[first]));
        one.to = place + 1 == order.size() && open.end ? std::nullopt : std::optional(table.axis.id_at(order[place]));
        pieces.push_back(std::move(one));
        if (pieces.size() > most_pieces) {
            break;
        }
    }
    return pieces.empty() ? std::vector<Piece>{piece} : pieces;
}

/// Pieces of one formula, in the order of their rows, with those joined of which one ends where the next begins.
std::vector<Piece> joined(std::vector<Piece> pieces, const Table& table) {
    std::stable_sort(pieces.begin(), pieces.end(), [&table](const Piece& a, const Piece& b) {
        return rows_of(a, table).from < rows_of(b, table).from;
    });
    std::vector<Piece> out;
    for (Piece& piece : pieces) {
        const Rows rows = rows_of(piece, table);
        const Rows before = out.empty() ? Rows() : rows_of(out.back(), table);
        if (rows.from < rows.to && before.from < before.to && before.to == rows.from) {
            out.back().to = piece.to;
        } else {
            out.push_back(std::move(piece));
        }
    }
    return out;
}

/// Parts of a reach all of whose rows go: they go too where other parts of the same formula stay. One that goes on to
/// the table's end (or its beginning) hands that on to the part that is then the last (or the first), so that rows that
/// are added there are covered as before.
void drop_emptied_parts(std::vector<Piece>& pieces, const Table& table, std::size_t row, std::size_t end) {
    std::vector<Rows> rows;
    rows.reserve(pieces.size());
    for (const Piece& piece : pieces) {
        rows.push_back(rows_of(piece, table));
    }
    const auto goes = [&](std::size_t at) {
        return rows[at].from >= row && rows[at].to <= end && rows[at].from < rows[at].to;
    };
    std::vector<std::size_t> gone;
    for (std::size_t at = 0; at < pieces.size(); ++at) {
        bool others_stay = false;
        for (std::size_t other = 0; goes(at) && other < pieces.size(); ++other) {
            if (goes(other) || !(pieces[other].formula == pieces[at].formula)) {
                continue;
            }
            others_stay = true;
            if (!pieces[at].to && rows[other].to == row) {
                pieces[other].to.reset();
            }
            if (!pieces[at].from && rows[other].from == end) {
                pieces[other].from.reset();
            }
        }
        if (others_stay) {
            gone.push_back(at);
        }
    }
    for (auto at = gone.rbegin(); at != gone.rend(); ++at) {
        pieces.erase(pieces.begin() + static_cast<std::ptrdiff_t>(*at));
    }
}

} // namespace

void join_neighbouring_pieces(Table& table) {
    for (auto& column : table.columns) {
        if (column->pieces.size() < 2) {
            continue;
        }
        std::vector<std::vector<Piece>> by_formula;
        std::map<std::string, std::size_t> place_of;
        for (const Piece& piece : column->pieces) {
            const auto [place, is_new] = place_of.emplace(piece.formula.text(), by_formula.size());
            if (is_new) {
                by_formula.emplace_back();
            }
            by_formula[place->second].push_back(piece);
        }
        std::vector<Piece> pieces;
        for (auto& of_one : by_formula) {
            const auto parts = joined(std::move(of_one), table);
            pieces.insert(pieces.end(), parts.begin(), parts.end());
        }
        if (pieces.size() < column->pieces.size()) {
            column.edit([&pieces](ColumnDefinition& copy) { copy.pieces = std::move(pieces); });
        }
    }
}

void keep_reach_through_removal(Table& table, std::size_t row, std::size_t count) {
    const std::size_t end = std::min(row + count, table.ids()->size());
    for (auto& column : table.columns) {
        if (!any_narrowed(*column)) {
            continue;
        }
        std::vector<Piece> pieces = column->pieces;
        for (Piece& piece : pieces) {
            const Rows rows = rows_of(piece, table);
            const bool from_goes = piece.from && rows.from >= row && rows.from < end;
            const bool to_goes = piece.to && rows.to > row && rows.to <= end;
            if (from_goes && end < rows.to) {
                piece.from = table.axis.id_at(end);
            }
            if (to_goes && row > rows.from) {
                piece.to = table.axis.id_at(row - 1);
            }
        }
        drop_emptied_parts(pieces, table, row, end);
        if (pieces != column->pieces) {
            column.edit([&pieces](ColumnDefinition& copy) { copy.pieces = std::move(pieces); });
        }
    }
}

bool keep_reach_through_order(Table& table, const std::vector<std::size_t>& order, std::string& scattered) {
    std::vector<std::pair<std::size_t, std::vector<Piece>>> changed;
    for (std::size_t at = 0; at < table.columns.size(); ++at) {
        const ColumnDefinition& column = *table.columns[at];
        if (!any_narrowed(column)) {
            continue;
        }
        std::vector<Piece> pieces;
        const auto open_ends = open_ends_by_formula(column);
        for (const Piece& piece : column.pieces) {
            const std::vector<Piece> parts = covers_all(piece)
                                                 ? std::vector<Piece>{piece}
                                                 : reordered(piece, open_ends.at(piece.formula.text()), table, order);
            pieces.insert(pieces.end(), parts.begin(), parts.end());
        }
        if (pieces.size() > most_pieces && pieces.size() > column.pieces.size()) {
            scattered = column.name;
            return false;
        }
        changed.emplace_back(at, std::move(pieces));
    }
    for (auto& [at, pieces] : changed) {
        table.columns[at].edit([&pieces = pieces](ColumnDefinition& copy) { copy.pieces = std::move(pieces); });
    }
    return true;
}

} // namespace ledgefall
