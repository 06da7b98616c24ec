// OpenDocument spreadsheets: the package (ODF 1.3 part 2) with a content in which cells that are empty are counted
// together.

#include "core/value/date.h"
#include "files/worksheet_writing/packing.h"
#include "files/worksheet_writing/worksheet_writers.h"
#include "files/worksheet_writing/xml_part.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace ledgefall {
namespace {

class OpenDocumentWriter {
  public:
    explicit OpenDocumentWriter(const Workbook& workbook)
        : workbook_(workbook) {
        const std::string names = "urn:oasis:names:tc:opendocument:xmlns:";
        auto root = add_element(document_, "office:document-content",
                                {{"xmlns:office", names + "office:1.0"},
                                 {"xmlns:table", names + "table:1.0"},
                                 {"xmlns:text", names + "text:1.0"},
                                 {"xmlns:style", names + "style:1.0"},
                                 {"xmlns:number", names + "datastyle:1.0"},
                                 {"xmlns:fo", names + "xsl-fo-compatible:1.0"},
                                 {"xmlns:draw", names + "drawing:1.0"},
                                 {"xmlns:svg", names + "svg-compatible:1.0"},
                                 {"xmlns:xlink", "http://www.w3.org/1999/xlink"},
                                 {"xmlns:of", names + "of:1.2"},
                                 {"xmlns:dc", "http://purl.org/dc/elements/1.1/"},
                                 {"office:version", "1.3"}});
        styles_ = add_element(root, "office:automatic-styles");
        tables_ = add_element(add_element(root, "office:body"), "office:spreadsheet");
    }

    std::string content() {
        for (const Sheet& sheet : workbook_.sheets) {
            add_sheet(sheet);
        }
        add_names();
        return bytes_of(document_);
    }

    /// The pictures that the content shows: names within the package, and bytes.
    const std::vector<std::pair<std::string, std::string>>& pictures() const { return pictures_; }

  private:
    static double width_in_centimetres(double width) { return static_cast<int>(width) * 0.2; }
    static std::string centimetres(double length) { return shortest(std::round(length * 1000) / 1000) + "cm"; }

    /// Pictures stand at the lengths at which their cells begin.
    void add_pictures(const Sheet& sheet, pugi::xml_node& table) {
        if (sheet.pictures.empty()) {
            return;
        }
        constexpr double in_centimetres = 2.54 / 96;
        auto shapes = add_element(table, "table:shapes");
        for (const SheetPicture& picture : sheet.pictures) {
            double left = 1;
            for (const double width : sheet.widths) {
                left += width_in_centimetres(width);
            }
            const std::string name = "Pictures/" + std::to_string(pictures_.size() + 1) + ".png";
            pictures_.emplace_back(name, picture.png);
            auto frame = add_element(shapes, "draw:frame",
                                     {{"draw:name", picture.title},
                                      {"svg:width", centimetres(picture.width * in_centimetres)},
                                      {"svg:height", centimetres(picture.height * in_centimetres)},
                                      {"svg:x", centimetres(left)},
                                      {"svg:y", centimetres(picture.at.row * 0.5)}});
            add_element(
                frame, "draw:image",
                {{"xlink:href", name}, {"xlink:type", "simple"}, {"xlink:show", "embed"}, {"xlink:actuate", "onLoad"}});
            add_element(frame, "svg:title", {}, picture.title);
        }
    }

    /// The style by which numbers of a worksheet's code are shown, or dates; false where there is none.
    bool add_number_style(const std::string& name, const std::string& code, bool date, std::int16_t decimals) {
        const std::string digits = std::to_string(decimals);
        if (date) {
            auto style = add_element(styles_, "number:date-style", {{"style:name", name}});
            for (const char* part : {"number:year", "number:month", "number:day"}) {
                if (style.first_child()) {
                    add_element(style, "number:text", {}, "-");
                }
                add_element(style, part, {{"number:style", "long"}});
            }
        } else if (code.ends_with("E+00")) {
            add_element(add_element(styles_, "number:number-style", {{"style:name", name}}), "number:scientific-number",
                        {{"number:decimal-places", digits}, {"number:min-exponent-digits", "2"}});
        } else if (!code.empty()) {
            const bool percent = code.ends_with('%');
            auto style = add_element(styles_, percent ? "number:percentage-style" : "number:number-style",
                                     {{"style:name", name}});
            add_element(style, "number:number",
                        {{"number:decimal-places", digits}, {"number:min-integer-digits", "1"}});
            if (percent) {
                add_element(style, "number:text", {}, "%");
            }
        }
        return date || !code.empty();
    }

    /// The style of cells of a format; made where it is new, and empty where it has nothing special.
    std::string style_of(const SheetCell& cell) {
        const bool date = cell.kind == Kind::date && cell.has_value;
        const auto key = std::tuple(cell.format.style, cell.format.digits, date, cell.heading);
        const auto known = style_names_.find(key);
        if (known != style_names_.end()) {
            return known->second;
        }
        const std::string number = std::to_string(style_names_.size() + 1);
        const bool shown = add_number_style("n" + number, Format(cell.format).sheet_code(), date, cell.format.digits);
        if (!shown && !cell.heading) {
            return style_names_[key] = "";
        }
        auto style =
            add_element(styles_, "style:style", {{"style:name", "c" + number}, {"style:family", "table-cell"}});
        if (shown) {
            add_attribute(style, "style:data-style-name", "n" + number);
        }
        if (cell.heading) {
            add_element(style, "style:text-properties", {{"fo:font-weight", "bold"}});
        }
        return style_names_[key] = "c" + number;
    }

    void add_columns(const Sheet& sheet, pugi::xml_node& table) {
        std::uint32_t columns = 0;
        for (const double width : sheet.widths) {
            const std::string name = "w" + std::to_string(static_cast<int>(width));
            if (widths_.insert(name).second) {
                auto style =
                    add_element(styles_, "style:style", {{"style:name", name}, {"style:family", "table-column"}});
                add_element(style, "style:table-column-properties",
                            {{"style:column-width", shortest(width_in_centimetres(width)) + "cm"}});
            }
            const bool heading = columns++ < sheet.frozen_columns;
            add_element(heading ? add_element(table, "table:table-header-columns") : table, "table:table-column",
                        {{"table:style-name", name}});
        }
    }

    void add_sheet(const Sheet& sheet) {
        auto table = add_element(tables_, "table:table", {{"table:name", sheet.name}});
        add_pictures(sheet, table);
        add_columns(sheet, table);
        std::uint32_t number = 0;
        for (auto cell = sheet.cells.begin(); cell != sheet.cells.end(); ++number) {
            if (cell->place.row > number) {
                auto empty = add_element(table, "table:table-row",
                                         {{"table:number-rows-repeated", std::to_string(cell->place.row - number)}});
                add_element(empty, "table:table-cell");
                number = cell->place.row;
            }
            const bool heading = number < sheet.frozen_rows; // repeated on every page, and kept in view
            auto row = add_element(heading ? add_element(table, "table:table-header-rows") : table, "table:table-row");
            std::uint32_t column = 0;
            for (; cell != sheet.cells.end() && cell->place.row == number; ++cell) {
                if (cell->place.column > column) {
                    add_element(row, "table:table-cell",
                                {{"table:number-columns-repeated", std::to_string(cell->place.column - column)}});
                }
                const auto note = sheet.notes.find(cell->place);
                add_cell(*cell, note == sheet.notes.end() ? std::string() : note->second, row);
                column = cell->place.column + 1;
            }
        }
    }

    static void add_value(const SheetCell& cell, pugi::xml_node& out) {
        if (!cell.has_value || cell.kind == Kind::text) {
            add_attribute(out, "office:value-type", "string");
        } else if (cell.kind == Kind::date) {
            std::string date = write_date(cell.number);
            std::replace(date.begin(), date.end(), ' ', 'T');
            add_attribute(out, "office:value-type", "date");
            add_attribute(out, "office:date-value", date);
        } else if (cell.kind == Kind::yes_no) {
            add_attribute(out, "office:value-type", "boolean");
            add_attribute(out, "office:boolean-value", cell.number == 0 ? "false" : "true");
        } else {
            add_attribute(out, "office:value-type", "float");
            add_attribute(out, "office:value", shortest(cell.number));
        }
    }

    void add_cell(const SheetCell& cell, const std::string& note, pugi::xml_node& row) {
        auto out = row.append_child("table:table-cell");
        if (const std::string style = style_of(cell); !style.empty()) {
            add_attribute(out, "table:style-name", style);
        }
        if (cell.formula != nullptr) {
            add_attribute(out, "table:formula",
                          "of:=" + write_sheet_formula(*cell.formula->tree, cell.place, FormulaNotation::open_formula));
        }
        add_value(cell, out);
        if (!note.empty()) {
            add_element(add_element(out, "office:annotation"), "text:p", {}, note);
        }
        if (cell.has_value && cell.kind == Kind::text) {
            add_paragraph(cell.text, out);
        }
    }

    /// Several blanks, and lines, have elements of their own: plain ones are read as one blank.
    static void add_paragraph(const std::string& text, pugi::xml_node& cell) {
        auto out = add_element(cell, "text:p");
        std::string plain;
        const auto end_with = [&](const char* element) {
            if (!plain.empty()) {
                add_text(out, std::exchange(plain, {}));
            }
            if (element != nullptr) {
                out.append_child(element);
            }
        };
        for (std::size_t at = 0; at < text.size(); ++at) {
            const bool blank = text[at] == ' ' && (at == 0 || at + 1 == text.size() || text[at - 1] == ' ');
            if (blank || text[at] == '\n' || text[at] == '\t') {
                end_with(blank ? "text:s" : text[at] == '\n' ? "text:line-break" : "text:tab");
            } else {
                plain += text[at];
            }
        }
        end_with(nullptr);
    }

    void add_names() {
        if (workbook_.names.empty()) {
            return;
        }
        auto names = add_element(tables_, "table:named-expressions");
        for (const DefinedName& name : workbook_.names) {
            std::string place = write_sheet_formula(*name.meaning->tree, {0, 0}, FormulaNotation::open_formula);
            place = place.substr(1, place.size() - 2); // without the brackets
            add_element(
                names, "table:named-range",
                {{"table:name", name.name}, {"table:base-cell-address", place}, {"table:cell-range-address", place}});
        }
    }

    const Workbook& workbook_;
    pugi::xml_document document_;
    pugi::xml_node styles_, tables_;
    std::map<std::tuple<Format::Style, std::int16_t, bool, bool>, std::string> style_names_;
    std::set<std::string> widths_;
    std::vector<std::pair<std::string, std::string>> pictures_;
};

} // namespace

Result<std::string> write_open_document(const Workbook& workbook) {
    const std::string mimetype = "application/vnd.oasis.opendocument.spreadsheet";
    OpenDocumentWriter writer(workbook);
    std::vector<std::pair<std::string, std::string>> parts{{"mimetype", mimetype}, {"content.xml", writer.content()}};
    pugi::xml_document document;
    auto manifest = add_element(
        document, "manifest:manifest",
        {{"xmlns:manifest", "urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"}, {"manifest:version", "1.3"}});
    const auto add_entry = [&manifest](const std::string& path, const std::string& type) {
        add_element(manifest, "manifest:file-entry", {{"manifest:full-path", path}, {"manifest:media-type", type}});
    };
    add_entry("/", mimetype);
    add_entry("content.xml", "text/xml");
    for (const auto& picture : writer.pictures()) {
        add_entry(picture.first, "image/png");
        parts.push_back(picture);
    }
    parts.emplace_back("META-INF/manifest.xml", bytes_of(document));
    return pack(parts, true);
}

} // namespace ledgefall
