// OpenDocument spreadsheets: the package (ODF 1.3 part 2) with a content in which cells that are empty are counted
// together.

#include "core/value/date.h"
#include "files/worksheet_writing/packing.h"
#include "files/worksheet_writing/worksheet_writers.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace ledgefall {
namespace {

class OpenDocumentWriter {
  public:
    explicit OpenDocumentWriter(const Workbook& workbook)
        : workbook_(workbook) {}

    std::string content() {
        std::string tables;
        for (const Sheet& sheet : workbook_.sheets) {
            write_sheet(sheet, tables);
        }
        return R"(<?xml version="1.0" encoding="UTF-8"?>
<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0")"
               R"( xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0")"
               R"( xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0")"
               R"( xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0")"
               R"( xmlns:number="urn:oasis:names:tc:opendocument:xmlns:datastyle:1.0")"
               R"( xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0")"
               R"( xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0")"
               R"( xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0")"
               R"( xmlns:xlink="http://www.w3.org/1999/xlink")"
               R"( xmlns:of="urn:oasis:names:tc:opendocument:xmlns:of:1.2")"
               R"( xmlns:dc="http://purl.org/dc/elements/1.1/" office:version="1.3"><office:automatic-styles>)" +
               styles_ + "</office:automatic-styles><office:body><office:spreadsheet>" + tables + names() +
               "</office:spreadsheet></office:body></office:document-content>";
    }

    /// The pictures that the content shows: names within the package, and bytes.
    const std::vector<std::pair<std::string, std::string>>& pictures() const { return pictures_; }

  private:
    /// Pictures stand at the lengths at which their cells begin.
    void write_pictures(const Sheet& sheet, std::string& out) {
        if (sheet.pictures.empty()) {
            return;
        }
        constexpr double in_centimetres = 2.54 / 96;
        const auto length = [](const char* name, double value) {
            return " svg:" + std::string(name) + "=\"" + shortest(std::round(value * 1000) / 1000) + "cm\"";
        };
        out += "<table:shapes>";
        for (const SheetPicture& picture : sheet.pictures) {
            double left = 1;
            for (const double width : sheet.widths) {
                left += width_in_centimetres(width);
            }
            const std::string name = "Pictures/" + std::to_string(pictures_.size() + 1) + ".png";
            pictures_.emplace_back(name, picture.png);
            out += "<draw:frame draw:name=\"" + xml_escaped(picture.title) + "\"" +
                   length("width", picture.width * in_centimetres) + length("height", picture.height * in_centimetres) +
                   length("x", left) + length("y", picture.at.row * 0.5) + "><draw:image xlink:href=\"" + name +
                   "\" xlink:type=\"simple\" xlink:show=\"embed\" xlink:actuate=\"onLoad\"/><svg:title>" +
                   xml_escaped(picture.title) + "</svg:title></draw:frame>";
        }
        out += "</table:shapes>";
    }

    static double width_in_centimetres(double width) { return static_cast<int>(width) * 0.2; }

    /// The style of cells of a format; made where it is new.
    std::string style_of(const SheetCell& cell) {
        const bool date = cell.kind == Kind::date && cell.has_value;
        const auto key = std::tuple(static_cast<int>(cell.format.style), cell.format.digits, date, cell.heading);
        const auto known = style_names_.find(key);
        if (known != style_names_.end()) {
            return known->second;
        }
        const std::string number = std::to_string(style_names_.size() + 1);
        const std::string digits = std::to_string(cell.format.digits);
        const std::string code = Format(cell.format).sheet_code();
        std::string data;
        if (date) {
            data = "<number:date-style style:name=\"n" + number +
                   "\"><number:year number:style=\"long\"/><number:text>-</number:text><number:month "
                   "number:style=\"long\"/><number:text>-</number:text><number:day number:style=\"long\"/>"
                   "</number:date-style>";
        } else if (code.ends_with('%')) {
            data = "<number:percentage-style style:name=\"n" + number + "\"><number:number number:decimal-places=\"" +
                   digits +
                   "\" number:min-integer-digits=\"1\"/><number:text>%</number:text></number:percentage-style>";
        } else if (code.ends_with("E+00")) {
            data = "<number:number-style style:name=\"n" + number +
                   "\"><number:scientific-number number:decimal-places=\"" + digits +
                   "\" number:min-exponent-digits=\"2\"/></number:number-style>";
        } else if (!code.empty()) {
            data = "<number:number-style style:name=\"n" + number + "\"><number:number number:decimal-places=\"" +
                   digits + "\" number:min-integer-digits=\"1\"/></number:number-style>";
        }
        if (data.empty() && !cell.heading) {
            return style_names_[key] = "";
        }
        styles_ += data + "<style:style style:name=\"c" + number + "\" style:family=\"table-cell\"" +
                   (data.empty() ? "" : " style:data-style-name=\"n" + number + "\"") + ">" +
                   (cell.heading ? "<style:text-properties fo:font-weight=\"bold\"/>" : "") + "</style:style>";
        return style_names_[key] = "c" + number;
    }

    void write_sheet(const Sheet& sheet, std::string& out) {
        out += "<table:table table:name=\"" + xml_escaped(sheet.name) + "\">";
        write_pictures(sheet, out);
        std::uint32_t columns = 0;
        for (const double width : sheet.widths) {
            const std::string name = "w" + std::to_string(static_cast<int>(width));
            if (widths_.insert({name, true}).second) {
                styles_ += "<style:style style:name=\"" + name +
                           "\" style:family=\"table-column\"><style:table-column-properties style:column-width=\"" +
                           shortest(width_in_centimetres(width)) + "cm\"/></style:style>";
            }
            const std::string column = "<table:table-column table:style-name=\"" + name + "\"/>";
            const bool heading = columns++ < sheet.frozen_columns;
            out += heading ? "<table:table-header-columns>" + column + "</table:table-header-columns>" : column;
        }
        std::uint32_t row = 0;
        for (auto cell = sheet.cells.begin(); cell != sheet.cells.end();) {
            if (cell->place.row > row) {
                out += "<table:table-row table:number-rows-repeated=\"" + std::to_string(cell->place.row - row) +
                       "\"><table:table-cell/></table:table-row>";
                row = cell->place.row;
            }
            const bool heading = row < sheet.frozen_rows; // repeated on every page, and kept in view
            out += heading ? "<table:table-header-rows><table:table-row>" : "<table:table-row>";
            std::uint32_t column = 0;
            for (; cell != sheet.cells.end() && cell->place.row == row; ++cell) {
                if (cell->place.column > column) {
                    out += "<table:table-cell table:number-columns-repeated=\"" +
                           std::to_string(cell->place.column - column) + "\"/>";
                }
                const auto note = sheet.notes.find(cell->place);
                write_cell(*cell, note == sheet.notes.end() ? std::string() : note->second, out);
                column = cell->place.column + 1;
            }
            out += heading ? "</table:table-row></table:table-header-rows>" : "</table:table-row>";
            ++row;
        }
        out += "</table:table>";
    }

    void write_cell(const SheetCell& cell, const std::string& note, std::string& out) {
        out += "<table:table-cell";
        if (const std::string style = style_of(cell); !style.empty()) {
            out += " table:style-name=\"" + style + "\"";
        }
        if (cell.formula != nullptr) {
            out += " table:formula=\"of:=" +
                   xml_escaped(write_sheet_formula(*cell.formula->tree, cell.place, FormulaNotation::open_formula)) +
                   "\"";
        }
        if (!cell.has_value || cell.kind == Kind::text) {
            out += " office:value-type=\"string\"";
        } else if (cell.kind == Kind::date) {
            std::string date = write_date(cell.number);
            std::replace(date.begin(), date.end(), ' ', 'T');
            out += " office:value-type=\"date\" office:date-value=\"" + date + "\"";
        } else if (cell.kind == Kind::yes_no) {
            out += std::string(" office:value-type=\"boolean\" office:boolean-value=\"") +
                   (cell.number == 0 ? "false" : "true") + "\"";
        } else {
            out += " office:value-type=\"float\" office:value=\"" + shortest(cell.number) + "\"";
        }
        std::string inside;
        if (!note.empty()) {
            inside += "<office:annotation><text:p>" + xml_escaped(note) + "</text:p></office:annotation>";
        }
        if (cell.has_value && cell.kind == Kind::text) {
            inside += "<text:p>" + paragraph(cell.text) + "</text:p>";
        }
        out += inside.empty() ? "/>" : ">" + inside + "</table:table-cell>";
    }

    /// Several blanks, and lines, have elements of their own: plain ones are read as one blank.
    static std::string paragraph(const std::string& text) {
        std::string out;
        for (std::size_t at = 0; at < text.size(); ++at) {
            const bool blank = text[at] == ' ' && (at == 0 || at + 1 == text.size() || text[at - 1] == ' ');
            out += blank              ? "<text:s/>"
                   : text[at] == '\n' ? "<text:line-break/>"
                   : text[at] == '\t' ? "<text:tab/>"
                                      : xml_escaped(std::string(1, text[at]));
        }
        return out;
    }

    std::string names() const {
        std::string out;
        for (const DefinedName& name : workbook_.names) {
            std::string place = write_sheet_formula(*name.meaning->tree, {0, 0}, FormulaNotation::open_formula);
            place = place.substr(1, place.size() - 2); // without the brackets
            out += "<table:named-range table:name=\"" + xml_escaped(name.name) + "\" table:base-cell-address=\"" +
                   xml_escaped(place) + "\" table:cell-range-address=\"" + xml_escaped(place) + "\"/>";
        }
        return out.empty() ? out : "<table:named-expressions>" + out + "</table:named-expressions>";
    }

    const Workbook& workbook_;
    std::string styles_;
    std::map<std::tuple<int, int, bool, bool>, std::string> style_names_;
    std::map<std::string, bool> widths_;
    std::vector<std::pair<std::string, std::string>> pictures_;
};

} // namespace

Result<std::string> write_open_document(const Workbook& workbook) {
    const std::string mimetype = "application/vnd.oasis.opendocument.spreadsheet";
    const auto entry = [](const std::string& path, const std::string& type) {
        return "<manifest:file-entry manifest:full-path=\"" + path + "\" manifest:media-type=\"" + type + "\"/>";
    };
    OpenDocumentWriter writer(workbook);
    std::vector<std::pair<std::string, std::string>> parts{{"mimetype", mimetype}, {"content.xml", writer.content()}};
    std::string manifest = R"(<?xml version="1.0" encoding="UTF-8"?>
<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" manifest:version="1.3">)" +
                           entry("/", mimetype) + entry("content.xml", "text/xml");
    for (const auto& picture : writer.pictures()) {
        manifest += entry(picture.first, "image/png");
        parts.push_back(picture);
    }
    parts.emplace_back("META-INF/manifest.xml", manifest + "</manifest:manifest>");
    return pack(parts, true);
}

} // namespace ledgefall
