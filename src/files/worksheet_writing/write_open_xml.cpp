// Office Open XML workbooks: ISO/IEC 29500-1 (SpreadsheetML). Numbers are written in the shortest form that reads back
// as the same double, which takes up to 17 digits.

#include "core/value/date.h"
#include "files/worksheet_writing/open_xml_attachments.h"
#include "files/worksheet_writing/packing.h"
#include "files/worksheet_writing/worksheet_writers.h"

#include <cmath>
#include <map>

namespace ledgefall {
namespace {

constexpr const char* header = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n";
const std::string main_space = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
const std::string relation_space = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
const std::string package_space = "http://schemas.openxmlformats.org/package/2006/";

class OpenXmlWriter {
  public:
    explicit OpenXmlWriter(const Workbook& workbook)
        : workbook_(workbook) {}

    std::vector<std::pair<std::string, std::string>> parts() {
        std::vector<std::pair<std::string, std::string>> sheets;
        std::string types;
        std::string relations;
        std::string list;
        for (std::size_t at = 0; at < workbook_.sheets.size(); ++at) {
            const std::string number = std::to_string(at + 1);
            const std::string part = "worksheets/sheet" + number + ".xml";
            OpenXmlAttachments attached = open_xml_attachments(workbook_.sheets[at], number);
            sheets.emplace_back("xl/" + part, sheet_xml(workbook_.sheets[at], attached.in_sheet));
            std::move(attached.parts.begin(), attached.parts.end(), std::back_inserter(sheets));
            types += attached.types;
            types += "<Override PartName=\"/xl/" + part + "\" ContentType=\"" + content_type("worksheet") + "\"/>";
            relations += relation(number, "worksheet", part);
            list += "<sheet name=\"";
            list += xml_escaped(workbook_.sheets[at].name);
            list.append("\" sheetId=\"").append(number).append("\" r:id=\"r").append(number).append("\"/>");
        }
        relations += relation(std::to_string(workbook_.sheets.size() + 1), "styles", "styles.xml");
        std::vector<std::pair<std::string, std::string>> out = {
            {"[Content_Types].xml", header + ("<Types xmlns=\"" + package_space + "content-types\">") +
                                        "<Default Extension=\"rels\" "
                                        "ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/>"
                                        "<Default Extension=\"xml\" ContentType=\"application/xml\"/>"
                                        "<Default Extension=\"png\" ContentType=\"image/png\"/>"
                                        "<Override PartName=\"/xl/workbook.xml\" ContentType=\"" +
                                        content_type("sheet.main") +
                                        "\"/><Override PartName=\"/xl/styles.xml\" ContentType=\"" +
                                        content_type("styles") + "\"/>" + types + "</Types>"},
            {"_rels/.rels", header + ("<Relationships xmlns=\"" + package_space + "relationships\">") +
                                relation("1", "officeDocument", "xl/workbook.xml") + "</Relationships>"},
            {"xl/workbook.xml",
             header + ("<workbook xmlns=\"" + main_space + "\" xmlns:r=\"" + relation_space + "\"><sheets>") + list +
                 "</sheets>" + names() + "</workbook>"},
            {"xl/_rels/workbook.xml.rels", header + ("<Relationships xmlns=\"" + package_space + "relationships\">") +
                                               relations + "</Relationships>"},
            {"xl/styles.xml", styles_xml()}};
        std::move(sheets.begin(), sheets.end(), std::back_inserter(out));
        return out;
    }

  private:
    static std::string content_type(const std::string& what) {
        return "application/vnd.openxmlformats-officedocument.spreadsheetml." + what + "+xml";
    }
    static std::string relation(const std::string& number, const std::string& type, const std::string& target) {
        return "<Relationship Id=\"r" + number + "\" Type=\"" + relation_space + "/" + type + "\" Target=\"" + target +
               "\"/>";
    }

    std::string names() const {
        std::string out;
        for (const DefinedName& name : workbook_.names) {
            out += "<definedName name=\"" + xml_escaped(name.name) + "\">" +
                   xml_escaped(write_sheet_formula(*name.meaning->tree, {0, 0})) + "</definedName>";
        }
        return out.empty() ? out : "<definedNames>" + out + "</definedNames>";
    }

    // --- styles -----------------------------------------------------------------------------------------------------

    static std::string format_code(const SheetCell& cell) {
        if (cell.kind == Kind::date && cell.has_value) {
            return cell.number == std::floor(cell.number) ? "yyyy-mm-dd" : "yyyy-mm-dd hh:mm:ss";
        }
        return Format(cell.format).sheet_code();
    }

    /// The number of a cell's style: 0 for one that has nothing special.
    std::size_t style_of(const SheetCell& cell) {
        const auto key = std::pair(format_code(cell), cell.heading);
        if (key.first.empty() && !key.second) {
            return 0;
        }
        const auto [known, added] = styles_.emplace(key, styles_.size() + 1);
        if (added) {
            in_order_.push_back(key);
        }
        return known->second;
    }

    std::string styles_xml() const {
        constexpr unsigned first_code = 164; // those before are the standard's own
        std::string codes;
        std::string styles = "<xf numFmtId=\"0\" fontId=\"0\" fillId=\"0\" borderId=\"0\" xfId=\"0\"/>";
        unsigned next = first_code;
        for (const auto& [code, heading] : in_order_) {
            const std::string id = std::to_string(code.empty() ? 0 : next);
            if (!code.empty()) {
                codes += "<numFmt numFmtId=\"" + id + "\" formatCode=\"" + xml_escaped(code) + "\"/>";
                ++next;
            }
            styles += "<xf numFmtId=\"" + id + "\" fontId=\"" + (heading ? "1" : "0") +
                      "\" fillId=\"0\" borderId=\"0\" xfId=\"0\" applyNumberFormat=\"1\" applyFont=\"1\"/>";
        }
        const std::string font = "<sz val=\"11\"/><name val=\"Sans\"/>";
        return header + ("<styleSheet xmlns=\"" + main_space + "\">") +
               (codes.empty()
                    ? codes
                    : "<numFmts count=\"" + std::to_string(next - first_code) + "\">" + codes + "</numFmts>") +
               "<fonts count=\"2\"><font>" + font + "</font><font><b/>" + font +
               "</font></fonts><fills count=\"2\"><fill><patternFill patternType=\"none\"/></fill><fill><patternFill "
               "patternType=\"gray125\"/></fill></fills><borders count=\"1\"><border><left/><right/><top/><bottom/>"
               "<diagonal/></border></borders><cellStyleXfs count=\"1\"><xf numFmtId=\"0\" fontId=\"0\" fillId=\"0\" "
               "borderId=\"0\"/></cellStyleXfs><cellXfs count=\"" +
               std::to_string(in_order_.size() + 1) + "\">" + styles +
               "</cellXfs><cellStyles count=\"1\"><cellStyle name=\"Normal\" xfId=\"0\" builtinId=\"0\"/></cellStyles>"
               "</styleSheet>";
    }

    // --- sheets -----------------------------------------------------------------------------------------------------

    std::string sheet_xml(const Sheet& sheet, const std::string& attached) {
        std::string out = header + ("<worksheet xmlns=\"" + main_space + "\" xmlns:r=\"" + relation_space + "\">");
        const auto split = [](const char* name, std::uint32_t count) {
            return count == 0 ? std::string() : name + ("=\"" + std::to_string(count)) + "\" ";
        };
        if (sheet.frozen_rows > 0 || sheet.frozen_columns > 0) {
            const char* const active = sheet.frozen_rows == 0      ? "topRight"
                                       : sheet.frozen_columns == 0 ? "bottomLeft"
                                                                   : "bottomRight";
            out += "<sheetViews><sheetView workbookViewId=\"0\"><pane " + split("xSplit", sheet.frozen_columns) +
                   split("ySplit", sheet.frozen_rows) + "topLeftCell=\"" +
                   place_name({sheet.frozen_rows, sheet.frozen_columns}) + "\" activePane=\"" + active +
                   "\" state=\"frozen\"/></sheetView></sheetViews>";
        }
        if (!sheet.widths.empty()) {
            out += "<cols>";
            for (std::size_t column = 0; column < sheet.widths.size(); ++column) {
                const std::string at = std::to_string(column + 1);
                out.append("<col min=\"").append(at).append("\" max=\"").append(at);
                out.append("\" width=\"").append(shortest(sheet.widths[column])).append("\" customWidth=\"1\"/>");
            }
            out += "</cols>";
        }
        out += "<sheetData>";
        for (auto cell = sheet.cells.begin(); cell != sheet.cells.end();) {
            const std::uint32_t row = cell->place.row;
            out += "<row r=\"" + std::to_string(row + 1) + "\">";
            for (; cell != sheet.cells.end() && cell->place.row == row; ++cell) {
                write_cell(*cell, out);
            }
            out += "</row>";
        }
        return out + "</sheetData>" + attached + "</worksheet>";
    }

    void write_cell(const SheetCell& cell, std::string& out) {
        // Days since 1899-12-30. What lies before 1900-03-01, where this count has a day that never was, is a text.
        const double number = cell.kind == Kind::date ? cell.number + 25569 : cell.number;
        const bool before_the_count = cell.kind == Kind::date && number < 61;
        const bool text = !cell.has_value || cell.kind == Kind::text || before_the_count;
        out += "<c r=\"" + place_name(cell.place) + "\"";
        if (const std::size_t style = style_of(cell); style > 0) {
            out += " s=\"" + std::to_string(style) + "\"";
        }
        const std::string shown = before_the_count ? write_date(cell.number) : cell.text;
        if (cell.formula != nullptr) {
            out += text ? " t=\"str\">" : cell.kind == Kind::yes_no ? " t=\"b\">" : ">";
            out += "<f>" + xml_escaped(write_sheet_formula(*cell.formula->tree, cell.place)) + "</f>";
            out += "<v>" + (text ? xml_escaped(shown) : shortest(number)) + "</v></c>";
        } else if (text) {
            out += " t=\"inlineStr\"><is><t xml:space=\"preserve\">" + xml_escaped(shown) + "</t></is></c>";
        } else {
            out += std::string(cell.kind == Kind::yes_no ? " t=\"b\"" : "") + "><v>" + shortest(number) + "</v></c>";
        }
    }

    const Workbook& workbook_;
    std::map<std::pair<std::string, bool>, std::size_t> styles_;
    std::vector<std::pair<std::string, bool>> in_order_;
};

} // namespace

Result<std::string> write_open_xml(const Workbook& workbook) {
    return pack(OpenXmlWriter(workbook).parts(), false);
}

} // namespace ledgefall
