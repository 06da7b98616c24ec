#include "files/worksheet_reading/sheet_builder.h"

#include "core/formula/names.h"
#include "files/worksheet_reading/openformula_arrays.h"

#include <algorithm>

namespace ledgefall {

std::string sound_text(std::string_view text) {
    const auto is_ascii = [](char c) { return static_cast<unsigned char>(c) < 0x80; };
    if (std::all_of(text.begin(), text.end(), is_ascii)) {
        return std::string(text);
    }
    std::string out;
    for (std::size_t at = 0; at < text.size();) {
        const CodePoint c = code_point_at(text, at);
        const bool half = c.value >= 0xD800 && c.value <= 0xDFFF; // of a pair of UTF-16
        out += half ? utf8(0xFFFD) : utf8(c.value);
        at += c.length;
    }
    return out;
}

std::shared_ptr<const SheetFormula> SheetBuilder::formula(std::string_view text, FormulaNotation notation,
                                                          SheetPlace own) {
    return workbook_.shared(read_sheet_formula(text, notation, own, {&workbook_.areas, sheet_.name}));
}

bool SheetBuilder::add(SheetCell cell, std::string_view formula, FormulaNotation notation) {
    if (sheet_.cells.size() >= WorksheetLimits::cells) {
        return false;
    }
    stop_.throw_if_stopped_at(sheet_.cells.size());
    if (!cell.text.empty()) {
        cell.text = sound_text(cell.text);
    }
    if (!formula.empty()) {
        cell.formula = this->formula(sound_text(formula), notation, cell.place);
    }
    if (cell.has_value || cell.formula != nullptr) {
        sheet_.cells.push_back(std::move(cell));
    }
    return true;
}

void SheetBuilder::spread(std::uint32_t rows, std::uint32_t columns) {
    if (!sheet_.cells.empty() && sheet_.cells.back().formula != nullptr && rows > 0 && columns > 0 &&
        rows <= WorksheetLimits::rows && columns <= WorksheetLimits::columns && (rows > 1 || columns > 1)) {
        const SheetPlace from = sheet_.cells.back().place;
        arrays_.push_back({sheet_.cells.back().formula, from, {from.row + rows - 1, from.column + columns - 1}});
    }
}

namespace {

std::size_t size_of(const SheetNode& node) {
    std::size_t out = 1;
    for (const SheetNodePtr& kid : node.kids) {
        out += size_of(*kid);
    }
    return out;
}

} // namespace

/// Gives each cell of the block a formula of its own. Where they would be too many, or one cannot be said, the block
/// keeps its values, all but the first without a formula.
void SheetBuilder::give_elements(const Array& array) {
    constexpr std::size_t most_steps = 20'000'000;
    if (!array.formula->tree) {
        return;
    }
    const std::size_t size = size_of(*array.formula->tree);
    std::vector<std::pair<std::size_t, std::shared_ptr<const SheetFormula>>> given;
    const auto end = static_cast<std::size_t>(sheet_.from({array.to.row, array.to.column + 1}) - sheet_.cells.begin());
    for (auto at = static_cast<std::size_t>(sheet_.from(array.from) - sheet_.cells.begin()); at < end; ++at) {
        const SheetPlace place = sheet_.cells[at].place;
        if (place.column < array.from.column || place.column > array.to.column) {
            continue;
        }
        steps_ += size;
        SheetFormula element;
        element.tree = steps_ > most_steps
                           ? nullptr
                           : element_of_array(array.formula->tree, array.from, place.row - array.from.row,
                                              place.column - array.from.column);
        if (element.tree == nullptr) {
            return;
        }
        element.text = write_sheet_formula(*element.tree, place);
        element.says = what_formula_says(*element.tree);
        given.emplace_back(at, workbook_.shared(std::move(element)));
    }
    for (auto& [at, formula] : given) {
        sheet_.cells[at].formula = std::move(formula);
    }
}

void SheetBuilder::finish() {
    if (!std::is_sorted(sheet_.cells.begin(), sheet_.cells.end(),
                        [](const SheetCell& a, const SheetCell& b) { return a.place < b.place; })) {
        std::stable_sort(sheet_.cells.begin(), sheet_.cells.end(),
                         [](const SheetCell& a, const SheetCell& b) { return a.place < b.place; });
    }
    const auto same = [](const SheetCell& a, const SheetCell& b) { return a.place == b.place; };
    sheet_.cells.erase(std::unique(sheet_.cells.begin(), sheet_.cells.end(), same), sheet_.cells.end());
    for (const Array& array : arrays_) {
        give_elements(array);
    }
    if (hidden_rows_ > 0) {
        workbook_.reports.push_back(
            {N_("%1: hidden rows are read like the others (%2)."), {sheet_.name, std::to_string(hidden_rows_)}});
    }
    if (merged_ > 0) {
        workbook_.reports.push_back({N_("%1: merged cells are read as their first cell, followed by empty cells (%2)."),
                                     {sheet_.name, std::to_string(merged_)}});
    }
    workbook_.sheets.push_back(std::move(sheet_));
}

NumberFormat read_number_format(std::string_view code) {
    NumberFormat out;
    const std::size_t first_part = code.find(';');
    code = code.substr(0, first_part);
    bool in_quotes = false;
    bool in_brackets = false;
    bool percent = false;
    bool scientific = false;
    bool decimals_follow = false;
    bool date = false;
    bool digits = false;
    int decimals = 0;
    for (std::size_t at = 0; at < code.size(); ++at) {
        const char c = code[at];
        if (c == '"') {
            in_quotes = !in_quotes;
        } else if (in_quotes) {
            continue;
        } else if (c == '\\' || c == '_' || c == '*') {
            ++at;
        } else if (c == '[' || c == ']') {
            in_brackets = c == '[';
        } else if (!in_brackets) {
            percent = percent || c == '%';
            scientific = scientific || ((c == 'E' || c == 'e') && digits);
            date = date || c == 'y' || c == 'Y' || c == 'd' || c == 'D';
            digits = digits || c == '0' || c == '#';
            decimals += decimals_follow && c == '0' ? 1 : 0;
            decimals_follow = c == '.' || (decimals_follow && c == '0');
        }
    }
    if (date && !digits) {
        out.date = true;
    } else if (percent) {
        out.format = {Format::Style::percent, decimals};
    } else if (scientific) {
        out.format = {Format::Style::scientific, decimals};
    } else if (digits && decimals > 0) {
        out.format = {Format::Style::decimals, decimals};
    }
    return out;
}

bool is_fault_sign(std::string_view text) {
    constexpr std::string_view signs[] = {"#DIV/0!", "#N/A", "#NAME?", "#NULL!", "#NUM!", "#REF!", "#VALUE!"};
    return text.starts_with("Err:") || std::find(std::begin(signs), std::end(signs), text) != std::end(signs);
}

} // namespace ledgefall
