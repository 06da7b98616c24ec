#include "files/worksheet_reading/table_areas.h"

#include "core/value/text_order.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// Whether two names are the same but for capitals; most differ in their length.
bool same_name(std::string_view a, std::string_view b) {
    return a.size() == b.size() && in_small_letters(a) == in_small_letters(b);
}

/// Which rows and columns of an area are named; rows from the sheet's first, columns from the area's.
struct Part {
    bool all = false, headings = false, data = false, totals = false, own_row = false;
    std::optional<std::size_t> first, last;
};

/// The text up to the bracket that closes it; a sign after an apostrophe stands for itself.
std::optional<std::string> bracketed(std::string_view text, std::size_t& at) {
    std::string out;
    for (; at < text.size(); ++at) {
        if (text[at] == '\'' && at + 1 < text.size()) {
            out += text[++at];
        } else if (text[at] == ']') {
            ++at;
            return out;
        } else if (text[at] == '[') {
            return std::nullopt;
        } else {
            out += text[at];
        }
    }
    return std::nullopt;
}

/// `[Depth]`, or without brackets up to the next sign that divides items.
std::optional<std::string> next_item(std::string_view text, std::size_t& at) {
    if (text[at] == '[') {
        return bracketed(text, ++at);
    }
    const std::size_t begin = at;
    at = std::min(text.find_first_of(",:]", at), text.size());
    return std::string(text.substr(begin, at - begin));
}

std::optional<std::size_t> column_named(const TableArea& area, const std::string& name) {
    const auto found = std::find_if(area.columns.begin(), area.columns.end(),
                                    [&name](const std::string& one) { return same_name(one, name); });
    return found == area.columns.end() ? std::nullopt : std::optional<std::size_t>(found - area.columns.begin());
}

/// `#Data`, `Depth`: what one item names is added to the part.
bool add_item(const TableArea& area, const std::string& item, bool to_last, Part& part) {
    const std::string small = in_small_letters(item);
    const std::pair<const char*, bool*> sections[] = {{"#all", &part.all},
                                                      {"#headers", &part.headings},
                                                      {"#data", &part.data},
                                                      {"#totals", &part.totals},
                                                      {"#this row", &part.own_row}};
    for (const auto& [name, named] : sections) {
        if (small == name) {
            *named = true;
            return true;
        }
    }
    const std::optional<std::size_t> column = column_named(area, item);
    if (!column || (!to_last && part.first)) {
        return false;
    }
    part.first = to_last ? part.first : column;
    part.last = column;
    return true;
}

std::optional<Part> read_part(const TableArea& area, std::string_view text, std::size_t& at) {
    Part out;
    const auto skip = [&] {
        while (at < text.size() && text[at] == ' ') {
            ++at;
        }
    };
    if (++at < text.size() && text[at] == ']') { // all of the data
        ++at;
        return out;
    }
    if (at < text.size() && text[at] != '[' && text[at] != ' ') {
        const std::optional<std::string> item = bracketed(text, at);
        return item && add_item(area, *item, false, out) ? std::optional(out) : std::nullopt;
    }
    for (bool to_last = false;;) {
        skip();
        if (at >= text.size()) {
            return std::nullopt;
        }
        const std::optional<std::string> item = next_item(text, at);
        if (!item || !add_item(area, *item, to_last, out)) {
            return std::nullopt;
        }
        skip();
        const char next = at < text.size() ? text[at] : '\0';
        ++at;
        to_last = next == ':';
        if (next == ']') {
            return out;
        }
        if (next != ',' && next != ':') {
            return std::nullopt;
        }
    }
}

} // namespace

const TableArea* AreasInReach::around(SheetPlace place) const {
    if (areas == nullptr) {
        return nullptr;
    }
    const auto found = std::find_if(areas->begin(), areas->end(), [&](const TableArea& one) {
        return one.sheet == sheet && one.from.row <= place.row && place.row <= one.to.row &&
               one.from.column <= place.column && place.column <= one.to.column;
    });
    return found == areas->end() ? nullptr : &*found;
}

const TableArea* AreasInReach::find(std::string_view name) const {
    if (areas == nullptr) {
        return nullptr;
    }
    const auto found =
        std::find_if(areas->begin(), areas->end(), [name](const TableArea& one) { return same_name(one.name, name); });
    return found == areas->end() ? nullptr : &*found;
}

std::optional<SheetNode> part_of_area(const TableArea& area, std::string_view text, std::size_t& at, SheetPlace own,
                                      std::string_view own_sheet) {
    const std::optional<Part> part = read_part(area, text, at);
    if (!part) {
        return std::nullopt;
    }
    const std::uint32_t data_from = area.from.row + area.heading_rows;
    const std::uint32_t data_to = area.to.row - area.total_rows;
    const bool data = part->data || (!part->headings && !part->totals);
    std::uint32_t from = part->all || part->headings ? area.from.row : data ? data_from : data_to + 1;
    std::uint32_t to = part->all || part->totals ? area.to.row : data ? data_to : data_from - 1;
    if (part->own_row) {
        from = to = own.row;
    }
    const bool there =
        !part->own_row || (own_sheet == area.sheet && own.row >= area.from.row && own.row <= area.to.row);
    if (from > to || !there) {
        return std::nullopt;
    }
    SheetNode out;
    out.sheet = own_sheet == area.sheet ? std::string() : area.sheet;
    const auto place = [&](std::uint32_t row, std::size_t column) {
        CellReference reference;
        reference.row = part->own_row ? Coordinate{0, false} : Coordinate{static_cast<std::int32_t>(row), true};
        reference.column = {static_cast<std::int32_t>(area.from.column + column), true};
        return reference;
    };
    const std::size_t first = part->first.value_or(0);
    const std::size_t last = part->last.value_or(area.to.column - area.from.column);
    out.from = place(from, std::min(first, last));
    out.to = place(to, std::max(first, last));
    out.type = out.from == out.to ? SheetNode::Type::cell : SheetNode::Type::range;
    return out;
}

} // namespace ledgefall
