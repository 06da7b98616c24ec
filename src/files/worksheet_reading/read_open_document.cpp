// OpenDocument spreadsheets, ODF 1.3: part 2 for the package, part 3 for the content.

#include "core/value/date.h"
#include "files/worksheet_reading/archive.h"
#include "files/worksheet_reading/sheet_builder.h"
#include "files/worksheet_reading/worksheet_readers.h"

#include <algorithm>
#include <charconv>
#include <cstring>
#include <map>
#include <pugixml.hpp>

namespace ledgefall {
namespace {

const Sentence damaged{N_("Its part %1 is not well-formed XML. Get a new copy of the file."), {"content.xml"}};
const Sentence too_many{N_("It has more than %1 cells that are not empty, which is too many to read."),
                        {std::to_string(WorksheetLimits::cells)}};

bool is(const pugi::xml_node& node, const char* name) {
    return std::strcmp(node.name(), name) == 0;
}

/// The text of a paragraph, with its spans, blanks and tabs.
void add_text(const pugi::xml_node& node, std::string& out, int depth = 0) {
    constexpr int deepest = 50;
    for (const pugi::xml_node& kid : node.children()) {
        if (kid.type() == pugi::node_pcdata || kid.type() == pugi::node_cdata) {
            out += kid.value();
        } else if (is(kid, "text:s")) {
            out.append(static_cast<std::size_t>(std::clamp(kid.attribute("text:c").as_int(1), 0, 1000)), ' ');
        } else if (is(kid, "text:tab")) {
            out += '\t';
        } else if (is(kid, "text:line-break")) {
            out += '\n';
        } else if (depth < deepest) {
            add_text(kid, out, depth + 1);
        }
    }
}

std::string text_of(const pugi::xml_node& cell) {
    std::string out;
    bool first = true;
    for (const pugi::xml_node& paragraph : cell.children("text:p")) {
        out += first ? "" : "\n";
        first = false;
        add_text(paragraph, out);
    }
    return out;
}

/// `PT14H30M05S` as a part of a day.
double days_of_duration(std::string_view text) {
    double days = 0;
    double number = 0;
    double scale = 0;
    for (const char c : text) {
        if (c >= '0' && c <= '9') {
            number = scale == 0 ? number * 10 + (c - '0') : number + scale * (c - '0');
            scale /= 10;
        } else if (c == '.') {
            scale = 0.1;
        } else {
            days += c == 'H' ? number / 24 : c == 'M' ? number / 1440 : c == 'S' ? number / 86400 : 0;
            number = 0;
            scale = 0;
        }
    }
    return text.starts_with('-') ? -days : days;
}

/// Whether a formula refers to a cell as `A1`, outside of texts: some writers leave the brackets out.
bool has_plain_place(std::string_view formula) {
    const auto letter = [](char c) { return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z'); };
    const auto figure = [](char c) { return c >= '0' && c <= '9'; };
    const auto in_word = [&](char c) { return letter(c) || figure(c) || c == '.' || c == '_'; };
    bool in_text = false;
    for (std::size_t at = 0; at < formula.size(); ++at) {
        in_text = formula[at] == '"' ? !in_text : in_text;
        if (in_text || !letter(formula[at]) || (at > 0 && in_word(formula[at - 1]))) {
            continue;
        }
        const auto after = [&](std::size_t from, const auto& is) {
            while (from < formula.size() && is(formula[from])) {
                ++from;
            }
            return from;
        };
        const std::size_t letters = after(at, letter);
        const std::size_t figures = letters < formula.size() && formula[letters] == '$' ? letters + 1 : letters;
        const std::size_t end = after(figures, figure);
        const bool goes_on = end < formula.size() && (in_word(formula[end]) || formula[end] == '(');
        if (letters - at <= 3 && end > figures && !goes_on) {
            return true;
        }
    }
    return false;
}

class OpenDocumentReader {
  public:
    explicit OpenDocumentReader(const StopToken& stop)
        : stop_(stop) {}

    Result<Workbook> read(std::string_view bytes) {
        const Result<Archive> archive = Archive::open(bytes);
        if (!archive) {
            return archive.refusal();
        }
        if (archive->has("META-INF/manifest.xml")) {
            const Result<std::string> manifest = archive->read("META-INF/manifest.xml");
            if (manifest && manifest->find("encryption-data") != std::string::npos) {
                return Sentence{N_("It is encrypted. Save it without a password first."), {}};
            }
        }
        if (archive->has("styles.xml")) {
            Result<std::string> styles = archive->read("styles.xml");
            pugi::xml_document document;
            if (styles && document.load_buffer_inplace((*styles).data(), (*styles).size())) {
                read_styles(document.document_element().child("office:styles"));
            }
        }
        Result<std::string> content = archive->read("content.xml");
        if (!content) {
            return content.refusal();
        }
        pugi::xml_document document;
        if (!document.load_buffer_inplace((*content).data(), (*content).size(),
                                          pugi::parse_default | pugi::parse_ws_pcdata)) {
            return damaged;
        }
        const pugi::xml_node root = document.document_element();
        read_styles(root.child("office:automatic-styles"));
        const pugi::xml_node body = root.child("office:body").child("office:spreadsheet");
        if (!body) {
            return Sentence{N_("It is an OpenDocument file, but not a spreadsheet."), {}};
        }
        for (const pugi::xml_node& table : body.children("table:table")) {
            const pugi::xml_node next = table.next_sibling();
            const auto end = next ? next.offset_debug() : static_cast<std::ptrdiff_t>((*content).size());
            if (!read_table(table, static_cast<std::size_t>(std::max<std::ptrdiff_t>(end - table.offset_debug(), 0)))) {
                return too_many;
            }
        }
        read_names(body, "");
        if (times_) {
            workbook_.reports.push_back(
                {N_("Times of day without a date are read as fractions of a day: noon is 0.5."), {}});
        }
        return std::move(workbook_);
    }

  private:
    void read_styles(const pugi::xml_node& styles) {
        std::map<std::string_view, NumberFormat> numbers;
        for (const pugi::xml_node& style : styles.children()) {
            const int decimals =
                std::clamp(style.child("number:number").attribute("number:decimal-places").as_int(), 0, 15);
            NumberFormat format;
            if (is(style, "number:percentage-style")) {
                format.format = {Format::Style::percent, decimals};
            } else if (const pugi::xml_node number = style.child("number:scientific-number")) {
                format.format = {Format::Style::scientific,
                                 std::clamp(number.attribute("number:decimal-places").as_int(), 0, 15)};
            } else if ((is(style, "number:number-style") || is(style, "number:currency-style")) && decimals > 0) {
                format.format = {Format::Style::decimals, decimals};
            }
            numbers[style.attribute("style:name").value()] = format;
        }
        for (const pugi::xml_node& style : styles.children("style:style")) {
            const auto number = numbers.find(style.attribute("style:data-style-name").value());
            const auto parent = styles_.find(style.attribute("style:parent-style-name").value());
            if (number != numbers.end()) {
                styles_[style.attribute("style:name").value()] = number->second.format;
            } else if (parent != styles_.end()) {
                styles_[style.attribute("style:name").value()] = parent->second;
            }
        }
    }

    bool read_table(const pugi::xml_node& table, std::size_t bytes) {
        constexpr std::size_t bytes_of_cell = 70; // of most cells they are more
        SheetBuilder sheet(workbook_, table.attribute("table:name").value(), stop_);
        sheet.expect(bytes / bytes_of_cell);
        row_ = 0;
        column_formats_.clear();
        for (const pugi::xml_node& column : table.children("table:table-column")) {
            const int repeated = column.attribute("table:number-columns-repeated").as_int(1);
            const auto style = styles_.find(column.attribute("table:default-cell-style-name").value());
            for (int at = 0; at < repeated && column_formats_.size() < WorksheetLimits::columns; ++at) {
                column_formats_.push_back(style == styles_.end() ? CellFormat() : style->second);
            }
        }
        const bool all = read_rows(table, sheet, 0);
        sheet.finish();
        read_names(table, table.attribute("table:name").value());
        return all;
    }

    /// Rows may be gathered in groups, one within the other.
    bool read_rows(const pugi::xml_node& parent, SheetBuilder& sheet, int depth) {
        constexpr int deepest = 50;
        for (const pugi::xml_node& kid : parent.children()) {
            if (is(kid, "table:table-row")) {
                if (!read_row(kid, sheet)) {
                    return false;
                }
            } else if (depth < deepest && (is(kid, "table:table-header-rows") || is(kid, "table:table-row-group") ||
                                           is(kid, "table:table-rows"))) {
                if (!read_rows(kid, sheet, depth + 1)) {
                    return false;
                }
            }
        }
        return true;
    }

    /// What the attributes of a cell say, found in one walk over them: looking each up by its name costs as much as
    /// parsing the whole file.
    struct CellAttributes {
        std::string_view type, value, date, time, answer, text, formula, style;
        bool has_text = false, error = false;
        unsigned columns = 1, columns_spanned = 1, rows_spanned = 1;
        unsigned block_columns = 1, block_rows = 1; ///< of cells for which the formula is

        explicit CellAttributes(const pugi::xml_node& node) {
            for (const pugi::xml_attribute& attribute : node.attributes()) {
                const std::string_view name = attribute.name();
                const char* const said = attribute.value();
                if (name == "office:value-type") {
                    type = said;
                } else if (name == "office:value") {
                    value = said;
                } else if (name == "table:formula") {
                    formula = said;
                } else if (name == "table:style-name") {
                    style = said;
                } else if (name == "table:number-columns-repeated") {
                    columns = std::clamp(attribute.as_uint(1), 1U, WorksheetLimits::columns);
                } else if (name == "office:date-value") {
                    date = said;
                } else if (name == "office:time-value") {
                    time = said;
                } else if (name == "office:boolean-value") {
                    answer = said;
                } else if (name == "office:string-value") {
                    text = said;
                    has_text = true;
                } else if (name == "table:number-columns-spanned") {
                    columns_spanned = attribute.as_uint(1);
                } else if (name == "table:number-rows-spanned") {
                    rows_spanned = attribute.as_uint(1);
                } else if (name == "table:number-matrix-columns-spanned") {
                    block_columns = attribute.as_uint(1);
                } else if (name == "table:number-matrix-rows-spanned") {
                    block_rows = attribute.as_uint(1);
                } else if (name == "calcext:value-type") {
                    error = std::string_view(said) == "error";
                }
            }
        }
        bool filled() const { return !type.empty() || !formula.empty(); }
    };

    bool read_row(const pugi::xml_node& row, SheetBuilder& sheet) {
        const std::uint32_t repeated =
            std::clamp(row.attribute("table:number-rows-repeated").as_uint(1), 1U, WorksheetLimits::rows);
        cells_.clear();
        std::uint64_t filled = 0;
        for (const pugi::xml_node& node : row.children()) {
            const bool covered = is(node, "table:covered-table-cell");
            if (covered || is(node, "table:table-cell")) {
                cells_.push_back({node, CellAttributes(node), covered});
                filled += cells_.back().said.filled() ? cells_.back().said.columns : 0;
            }
        }
        if (filled * repeated > WorksheetLimits::cells) { // said at once, rather than after making them
            return false;
        }
        const std::string_view visibility = row.attribute("table:visibility").value();
        for (std::uint32_t time = 0; filled > 0 && time < repeated && row_ + time < WorksheetLimits::rows; ++time) {
            if (!visibility.empty() && visibility != "visible") {
                sheet.hide_row();
            }
            if (!read_cells(row_ + time, sheet)) {
                return false;
            }
        }
        row_ = std::min(row_ + repeated, WorksheetLimits::rows);
        return true;
    }

    bool read_cells(std::uint32_t at_row, SheetBuilder& sheet) {
        std::uint32_t column = 0;
        for (const RowCell& cell : cells_) {
            if (cell.said.columns_spanned > 1 || cell.said.rows_spanned > 1) {
                sheet.merge();
            }
            if (!cell.covered && cell.said.filled()) {
                for (std::uint32_t time = 0; time < cell.said.columns && column + time < WorksheetLimits::columns;
                     ++time) {
                    if (!read_cell(cell.node, cell.said, {at_row, column + time}, sheet)) {
                        return false;
                    }
                }
            }
            column = std::min(column + cell.said.columns, WorksheetLimits::columns);
        }
        return true;
    }

    bool read_cell(const pugi::xml_node& node, const CellAttributes& said, SheetPlace place, SheetBuilder& sheet) {
        SheetCell cell;
        cell.place = place;
        if (said.type == "float" || said.type == "percentage" || said.type == "currency") {
            const char* const end = said.value.data() + said.value.size();
            const auto [read_to, error] = std::from_chars(said.value.data(), end, cell.number);
            if (error != std::errc() || read_to != end || said.value.empty()) { // kept as what stands there
                cell.kind = Kind::text;
                cell.text = std::string(said.value);
                cell.has_value = !cell.text.empty();
            }
        } else if (said.type == "date") {
            std::string text(said.date);
            std::replace(text.begin(), text.end(), 'T', ' ');
            const std::optional<double> date = read_date(text);
            cell.kind = date ? Kind::date : Kind::text;
            cell.number = date.value_or(0);
            cell.text = date ? std::string() : text;
        } else if (said.type == "time") {
            cell.number = days_of_duration(said.time);
            times_ = true;
        } else if (said.type == "boolean") {
            cell.kind = Kind::yes_no;
            cell.number = said.answer == "true" ? 1 : 0;
        } else {
            cell.kind = Kind::text;
            cell.text = said.has_text ? std::string(said.text) : text_of(node);
            cell.has_value = !cell.text.empty();
        }
        std::string_view formula = said.formula;
        FormulaNotation notation = FormulaNotation::open_formula;
        if (!formula.empty()) {
            const bool may_be_at_fault = said.error || said.type == "string" || said.type.empty();
            if (const std::string shown = may_be_at_fault ? text_of(node) : ""; said.error || is_fault_sign(shown)) {
                cell.at_fault = true;
                cell.text = shown;
            }
            if (const std::size_t equals = formula.find('='); equals != std::string_view::npos) {
                formula.remove_prefix(equals + 1); // and the name of the notation before it
            }
            notation = formula.find('[') == std::string_view::npos && has_plain_place(formula) ? FormulaNotation::plain
                                                                                               : notation;
        }
        if (!said.style.empty()) {
            const auto style = styles_.find(said.style);
            cell.format = style == styles_.end() ? CellFormat() : style->second;
        } else if (place.column < column_formats_.size()) {
            cell.format = column_formats_[place.column];
        }
        const bool added = sheet.add(std::move(cell), formula, notation);
        if (!formula.empty()) {
            sheet.spread(said.block_rows, said.block_columns);
        }
        return added;
    }

    void read_names(const pugi::xml_node& parent, const std::string& sheet) {
        for (const pugi::xml_node& name : parent.child("table:named-expressions").children()) {
            std::string meaning = name.attribute("table:expression").value();
            if (const pugi::xml_attribute address = name.attribute("table:cell-range-address")) {
                meaning = "[" + std::string(address.value()) + "]";
            }
            if (const std::size_t equals = meaning.find(":="); equals != std::string::npos) {
                meaning.erase(0, equals + 2);
            }
            workbook_.names.push_back(
                {sound_text(name.attribute("table:name").value()), sound_text(sheet),
                 workbook_.shared(read_sheet_formula(sound_text(meaning), FormulaNotation::open_formula, {0, 0}))});
        }
    }

    const StopToken& stop_;
    Workbook workbook_;
    std::map<std::string, CellFormat, std::less<>> styles_;
    std::vector<CellFormat> column_formats_;
    struct RowCell {
        pugi::xml_node node;
        CellAttributes said;
        bool covered = false;
    };
    std::vector<RowCell> cells_; ///< of the row that is being read
    std::uint32_t row_ = 0;
    bool times_ = false;
};

} // namespace

Result<Workbook> read_open_document(std::string_view bytes, const StopToken& stop) {
    return OpenDocumentReader(stop).read(bytes);
}

} // namespace ledgefall
