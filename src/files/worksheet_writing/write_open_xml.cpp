// Office Open XML workbooks: ISO/IEC 29500-1 (SpreadsheetML). Numbers are written in the shortest form that reads back
// as the same double, which takes up to 17 digits.

#include "core/value/date.h"
#include "files/worksheet_writing/open_xml_attachments.h"
#include "files/worksheet_writing/open_xml_package.h"
#include "files/worksheet_writing/packing.h"
#include "files/worksheet_writing/worksheet_writers.h"
#include "files/worksheet_writing/xml_part.h"

#include <cmath>
#include <map>

namespace ledgefall {
namespace {

std::string main_schema() {
    return open_xml_schema("spreadsheetml/2006/main");
}

std::string relations_schema() {
    return open_xml_schema("officeDocument/2006/relationships");
}

class OpenXmlWriter {
  public:
    explicit OpenXmlWriter(const Workbook& workbook)
        : workbook_(workbook) {}

    std::vector<std::pair<std::string, std::string>> parts() {
        std::vector<std::pair<std::string, std::string>> sheets;
        std::vector<std::pair<std::string, std::string>> kinds = {{"xl/workbook.xml", "spreadsheetml.sheet.main"},
                                                                  {"xl/styles.xml", "spreadsheetml.styles"}};
        OpenXmlRelations relations;
        for (std::size_t at = 0; at < workbook_.sheets.size(); ++at) {
            const std::string number = std::to_string(at + 1);
            const std::string part = "worksheets/sheet" + number + ".xml";
            OpenXmlAttachments attached = open_xml_attachments(workbook_.sheets[at], number);
            sheets.emplace_back("xl/" + part, sheet_part(workbook_.sheets[at], attached.drawing));
            std::move(attached.parts.begin(), attached.parts.end(), std::back_inserter(sheets));
            kinds.insert(kinds.end(), attached.types.begin(), attached.types.end());
            kinds.emplace_back("xl/" + part, "spreadsheetml.worksheet");
            relations.push_back({"r" + number, "worksheet", part});
        }
        relations.push_back({"r" + std::to_string(workbook_.sheets.size() + 1), "styles", "styles.xml"});
        std::vector<std::pair<std::string, std::string>> out = {
            {"[Content_Types].xml", content_types_part(kinds)},
            {"_rels/.rels", relations_part({{"r1", "officeDocument", "xl/workbook.xml"}})},
            {"xl/workbook.xml", workbook_part()},
            {"xl/_rels/workbook.xml.rels", relations_part(relations)},
            {"xl/styles.xml", styles_part()}};
        std::move(sheets.begin(), sheets.end(), std::back_inserter(out));
        return out;
    }

  private:
    std::string workbook_part() const {
        pugi::xml_document document;
        auto root = add_element(document, "workbook", {{"xmlns", main_schema()}, {"xmlns:r", relations_schema()}});
        auto sheets = add_element(root, "sheets");
        for (std::size_t at = 0; at < workbook_.sheets.size(); ++at) {
            const std::string number = std::to_string(at + 1);
            add_element(sheets, "sheet",
                        {{"name", workbook_.sheets[at].name}, {"sheetId", number}, {"r:id", "r" + number}});
        }
        if (!workbook_.names.empty()) {
            auto names = add_element(root, "definedNames");
            for (const DefinedName& name : workbook_.names) {
                add_element(names, "definedName", {{"name", name.name}},
                            write_sheet_formula(*name.meaning->tree, {0, 0}));
            }
        }
        return bytes_of(document);
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

    std::string styles_part() const {
        constexpr std::size_t first_code = 164; // those before are the standard's own
        pugi::xml_document document;
        auto root = add_element(document, "styleSheet", {{"xmlns", main_schema()}});
        std::vector<std::string> codes;
        std::vector<std::pair<std::string, std::string>> formats = {{"0", "0"}}; // numbers of a code and of a font
        for (const auto& [code, heading] : in_order_) {
            if (!code.empty()) {
                codes.push_back(code);
            }
            formats.emplace_back(code.empty() ? "0" : std::to_string(first_code + codes.size() - 1),
                                 heading ? "1" : "0");
        }
        if (!codes.empty()) {
            auto list = add_element(root, "numFmts", {{"count", std::to_string(codes.size())}});
            for (std::size_t at = 0; at < codes.size(); ++at) {
                add_element(list, "numFmt", {{"numFmtId", std::to_string(first_code + at)}, {"formatCode", codes[at]}});
            }
        }
        auto fonts = add_element(root, "fonts", {{"count", "2"}});
        for (const bool bold : {false, true}) {
            auto font = add_element(fonts, "font");
            if (bold) {
                add_element(font, "b");
            }
            add_element(font, "sz", {{"val", "11"}});
            add_element(font, "name", {{"val", "Sans"}});
        }
        auto fills = add_element(root, "fills", {{"count", "2"}});
        for (const char* pattern : {"none", "gray125"}) {
            add_element(add_element(fills, "fill"), "patternFill", {{"patternType", pattern}});
        }
        auto border = add_element(add_element(root, "borders", {{"count", "1"}}), "border");
        for (const char* side : {"left", "right", "top", "bottom", "diagonal"}) {
            add_element(border, side);
        }
        add_element(add_element(root, "cellStyleXfs", {{"count", "1"}}), "xf",
                    {{"numFmtId", "0"}, {"fontId", "0"}, {"fillId", "0"}, {"borderId", "0"}});
        auto list = add_element(root, "cellXfs", {{"count", std::to_string(formats.size())}});
        for (const auto& [code, font] : formats) {
            add_element(list, "xf",
                        {{"numFmtId", code},
                         {"fontId", font},
                         {"fillId", "0"},
                         {"borderId", "0"},
                         {"xfId", "0"},
                         {"applyNumberFormat", "1"},
                         {"applyFont", "1"}});
        }
        add_element(add_element(root, "cellStyles", {{"count", "1"}}), "cellStyle",
                    {{"name", "Normal"}, {"xfId", "0"}, {"builtinId", "0"}});
        return bytes_of(document);
    }

    // --- sheets -----------------------------------------------------------------------------------------------------

    static void freeze(const Sheet& sheet, pugi::xml_node& root) {
        auto view = add_element(add_element(root, "sheetViews"), "sheetView", {{"workbookViewId", "0"}});
        auto pane = add_element(view, "pane");
        if (sheet.frozen_columns > 0) {
            add_attribute(pane, "xSplit", std::to_string(sheet.frozen_columns));
        }
        if (sheet.frozen_rows > 0) {
            add_attribute(pane, "ySplit", std::to_string(sheet.frozen_rows));
        }
        add_attribute(pane, "topLeftCell", place_name({sheet.frozen_rows, sheet.frozen_columns}));
        add_attribute(pane, "activePane",
                      sheet.frozen_rows == 0      ? "topRight"
                      : sheet.frozen_columns == 0 ? "bottomLeft"
                                                  : "bottomRight");
        add_attribute(pane, "state", "frozen");
    }

    std::string sheet_part(const Sheet& sheet, const std::string& drawing) {
        pugi::xml_document document;
        auto root = add_element(document, "worksheet", {{"xmlns", main_schema()}, {"xmlns:r", relations_schema()}});
        if (sheet.frozen_rows > 0 || sheet.frozen_columns > 0) {
            freeze(sheet, root);
        }
        if (!sheet.widths.empty()) {
            auto columns = add_element(root, "cols");
            for (std::size_t column = 0; column < sheet.widths.size(); ++column) {
                const std::string at = std::to_string(column + 1);
                add_element(
                    columns, "col",
                    {{"min", at}, {"max", at}, {"width", shortest(sheet.widths[column])}, {"customWidth", "1"}});
            }
        }
        auto data = add_element(root, "sheetData");
        for (auto cell = sheet.cells.begin(); cell != sheet.cells.end();) {
            const std::uint32_t number = cell->place.row;
            auto row = add_element(data, "row", {{"r", std::to_string(number + 1)}});
            for (; cell != sheet.cells.end() && cell->place.row == number; ++cell) {
                add_cell(*cell, row);
            }
        }
        if (!drawing.empty()) {
            add_element(root, "drawing", {{"r:id", drawing}});
        }
        return bytes_of(document);
    }

    void add_cell(const SheetCell& cell, pugi::xml_node& row) {
        // Days since 1899-12-30. What lies before 1900-03-01, where this count has a day that never was, is a text.
        const double number = cell.kind == Kind::date ? cell.number + 25569 : cell.number;
        const bool before_the_count = cell.kind == Kind::date && number < 61;
        const bool text = !cell.has_value || cell.kind == Kind::text || before_the_count;
        const std::string shown = before_the_count ? write_date(cell.number) : cell.text;
        auto out = row.append_child("c");
        add_attribute(out, "r", place_name(cell.place));
        if (const std::size_t style = style_of(cell); style > 0) {
            add_attribute(out, "s", std::to_string(style));
        }
        if (text) {
            add_attribute(out, "t", cell.formula == nullptr ? "inlineStr" : "str");
        } else if (cell.kind == Kind::yes_no) {
            add_attribute(out, "t", "b");
        }
        if (cell.formula == nullptr && text) {
            add_element(add_element(out, "is"), "t", {{"xml:space", "preserve"}}, shown);
            return;
        }
        if (cell.formula != nullptr) {
            add_text(out.append_child("f"), write_sheet_formula(*cell.formula->tree, cell.place));
        }
        add_text(out.append_child("v"), text ? shown : shortest(number));
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
