// Office Open XML workbooks: ISO/IEC 29500-1 (SpreadsheetML, 18) and -2 (the package).

#include "core/value/date.h"
#include "files/worksheet_reading/archive.h"
#include "files/worksheet_reading/sheet_builder.h"
#include "files/worksheet_reading/worksheet_readers.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstring>
#include <map>
#include <optional>
#include <pugixml.hpp>

namespace ledgefall {
namespace {

const Sentence too_many{N_("It has more than %1 cells that are not empty, which is too many to read."),
                        {std::to_string(WorksheetLimits::cells)}};

/// A name without its namespace: some writers give the main one a prefix.
bool is(const pugi::xml_node& node, std::string_view name) {
    const std::string_view own = node.name();
    return own == name || (own.size() > name.size() && own.ends_with(name) && own[own.size() - name.size() - 1] == ':');
}
pugi::xml_node child(const pugi::xml_node& node, std::string_view name) {
    return node.find_child([name](const pugi::xml_node& kid) { return is(kid, name); });
}

/// The text of a string item: its own, or that of its runs; readings beside it are left out.
std::string text_of(const pugi::xml_node& item) {
    std::string out;
    for (const pugi::xml_node& kid : item.children()) {
        if (is(kid, "t")) {
            out += kid.child_value();
        } else if (is(kid, "r")) {
            out += child(kid, "t").child_value();
        }
    }
    return out;
}

/// `B7`; nothing where it is no place.
std::optional<SheetPlace> place_of(std::string_view text) {
    std::uint32_t column = 0;
    std::size_t at = 0;
    for (; at < text.size() && at < 3 && text[at] >= 'A' && text[at] <= 'Z'; ++at) {
        column = column * 26 + static_cast<std::uint32_t>(text[at] - 'A' + 1);
    }
    std::uint32_t row = 0;
    const auto [end, error] = std::from_chars(text.data() + at, text.data() + text.size(), row);
    if (at == 0 || error != std::errc() || end != text.data() + text.size() || row == 0 ||
        row > WorksheetLimits::rows || column > WorksheetLimits::columns) {
        return std::nullopt;
    }
    return SheetPlace{row - 1, column - 1};
}

/// The name of a part, with each `folder/../` in it left out.
std::string without_parents(std::string part) {
    for (std::size_t up = part.find("/../"); up != std::string::npos; up = part.find("/../")) {
        const std::size_t before = up == 0 ? std::string::npos : part.rfind('/', up - 1);
        part.erase(before == std::string::npos ? 0 : before + 1,
                   up + 4 - (before == std::string::npos ? 0 : before + 1));
    }
    return part;
}

class OpenXmlReader {
  public:
    explicit OpenXmlReader(const StopToken& stop)
        : stop_(stop) {}

    Result<Workbook> read(std::string_view bytes) {
        if (bytes.starts_with("\xD0\xCF\x11\xE0")) {
            return Sentence{N_("It is encrypted, or a workbook in the older binary format. Save it without a password, "
                               "as an Office Open XML workbook or an OpenDocument spreadsheet."),
                            {}};
        }
        Result<Archive> archive = Archive::open(bytes);
        if (!archive) {
            return archive.refusal();
        }
        archive_ = &*archive;
        std::string root = "xl/workbook.xml";
        for (const auto& [id, relation] : relations("_rels/.rels", "")) {
            if (relation.type.ends_with("/officeDocument")) {
                root = relation.target;
            }
        }
        pugi::xml_document document;
        std::string text;
        if (auto refused = load(root, text, document)) {
            return *refused;
        }
        const std::size_t slash = root.rfind('/');
        const std::string folder = slash == std::string::npos ? "" : root.substr(0, slash + 1);
        const auto parts = relations(folder + "_rels/" + root.substr(folder.size()) + ".rels", folder);
        for (const auto& [id, relation] : parts) {
            if (relation.type.ends_with("/sharedStrings")) {
                if (auto refused = read_strings(relation.target)) {
                    return *refused;
                }
            } else if (relation.type.ends_with("/styles")) {
                read_styles(relation.target);
            }
        }
        const pugi::xml_node workbook = document.document_element();
        later_base_ = child(workbook, "workbookPr").attribute("date1904").as_bool();
        for (const pugi::xml_node& sheet : child(workbook, "sheets").children()) {
            if (const auto part = parts.find(sheet.attribute("r:id").value()); part != parts.end()) {
                read_areas(part->second.target, sound_text(sheet.attribute("name").value()));
            }
        }
        std::vector<std::string> sheet_names;
        for (const pugi::xml_node& sheet : child(workbook, "sheets").children()) {
            const auto part = parts.find(sheet.attribute("r:id").value());
            const std::string name = sound_text(sheet.attribute("name").value());
            sheet_names.push_back(name);
            if (part == parts.end() || !part->second.type.ends_with("/worksheet")) {
                continue;
            }
            if (auto refused = read_sheet(part->second.target, name)) {
                return *refused;
            }
        }
        for (const pugi::xml_node& name : child(workbook, "definedNames").children()) {
            const pugi::xml_attribute scope = name.attribute("localSheetId");
            const std::string named = sound_text(name.attribute("name").value());
            if (!named.starts_with("_xlnm.")) { // print areas and the like
                const std::size_t at = scope.as_uint();
                workbook_.names.push_back({named, scope && at < sheet_names.size() ? sheet_names[at] : std::string(),
                                           workbook_.shared(read_sheet_formula(sound_text(name.child_value()),
                                                                               FormulaNotation::plain, {0, 0}))});
            }
        }
        for (const TableArea& area : workbook_.areas) { // the name alone means its data
            workbook_.names.push_back({area.name, "",
                                       workbook_.shared(read_sheet_formula(area.name + "[]", FormulaNotation::plain,
                                                                           {0, 0}, {&workbook_.areas, ""}))});
        }
        return std::move(workbook_);
    }

  private:
    static constexpr std::size_t most_areas = 1000;

    struct Relation {
        std::string type, target;
    };

    std::optional<Sentence> load(const std::string& part, std::string& text, pugi::xml_document& document) const {
        Result<std::string> read = archive_->read(part);
        if (!read) {
            return read.refusal();
        }
        text = *std::move(read);
        if (!document.load_buffer_inplace(text.data(), text.size(),
                                          pugi::parse_default | pugi::parse_ws_pcdata_single)) {
            return Sentence{N_("Its part %1 is not well-formed XML. Get a new copy of the file."), {part}};
        }
        return std::nullopt;
    }

    std::map<std::string, Relation> relations(const std::string& part, const std::string& folder) const {
        std::map<std::string, Relation> out;
        pugi::xml_document document;
        std::string text;
        if (!archive_->has(part) || load(part, text, document)) {
            return out;
        }
        for (const pugi::xml_node& relation : document.document_element().children()) {
            const std::string target = relation.attribute("Target").value();
            if (std::string_view(relation.attribute("TargetMode").value()) != "External") {
                out[relation.attribute("Id").value()] = {
                    relation.attribute("Type").value(),
                    without_parents(target.starts_with('/') ? target.substr(1) : folder + target)};
            }
        }
        return out;
    }

    std::optional<Sentence> read_strings(const std::string& part) {
        pugi::xml_document document;
        std::string text;
        if (auto refused = load(part, text, document)) {
            return refused;
        }
        for (const pugi::xml_node& item : document.document_element().children()) {
            if (is(item, "si")) {
                strings_.push_back(text_of(item));
            }
        }
        return std::nullopt;
    }

    void read_styles(const std::string& part) {
        pugi::xml_document document;
        std::string text;
        if (load(part, text, document)) {
            return;
        }
        std::map<unsigned, NumberFormat> formats;
        for (const pugi::xml_node& format : child(document.document_element(), "numFmts").children()) {
            formats[format.attribute("numFmtId").as_uint()] =
                read_number_format(format.attribute("formatCode").value());
        }
        // The formats that need no definition: ISO/IEC 29500-1, 18.8.30.
        const std::pair<unsigned, const char*> known[] = {
            {2, "0.00"},      {4, "#,##0.00"},          {9, "0%"},        {10, "0.00%"},
            {11, "0.00E+00"}, {14, "yyyy-mm-dd"},       {15, "d-mmm-yy"}, {16, "d-mmm"},
            {17, "mmm-yy"},   {22, "yyyy-mm-dd hh:mm"}, {39, "#,##0.00"}, {40, "#,##0.00"}};
        for (const auto& [id, code] : known) {
            formats.emplace(id, read_number_format(code));
        }
        for (const pugi::xml_node& style : child(document.document_element(), "cellXfs").children()) {
            const auto format = formats.find(style.attribute("numFmtId").as_uint());
            styles_.push_back(format == formats.end() ? NumberFormat() : format->second);
        }
    }

    /// The areas with headings of a sheet, each of which is a part of its own.
    void read_areas(const std::string& sheet_part, const std::string& sheet) {
        const std::size_t slash = sheet_part.rfind('/') + 1;
        const std::string folder = sheet_part.substr(0, slash);
        for (const auto& [id, relation] : relations(folder + "_rels/" + sheet_part.substr(slash) + ".rels", folder)) {
            pugi::xml_document document;
            std::string text;
            if (!relation.type.ends_with("/table") || workbook_.areas.size() >= most_areas ||
                load(relation.target, text, document)) {
                continue;
            }
            const pugi::xml_node root = document.document_element();
            const std::string_view block = root.attribute("ref").value();
            const std::size_t colon = std::min(block.find(':'), block.size());
            const auto from = place_of(block.substr(0, colon));
            const auto to = colon < block.size() ? place_of(block.substr(colon + 1)) : from;
            TableArea area;
            area.name = sound_text(root.attribute("displayName").value());
            area.sheet = sheet;
            area.heading_rows = root.attribute("headerRowCount").as_uint(1);
            area.total_rows = root.attribute("totalsRowCount").as_uint(0);
            for (const pugi::xml_node& column : child(root, "tableColumns").children()) {
                area.columns.push_back(sound_text(column.attribute("name").value()));
            }
            if (!from || !to || to->column < from->column || area.heading_rows > 1 || area.total_rows > 1 ||
                area.columns.size() != to->column - from->column + 1 ||
                from->row + area.heading_rows + area.total_rows > to->row) {
                continue;
            }
            area.from = *from;
            area.to = *to;
            workbook_.areas.push_back(std::move(area));
        }
    }

    std::optional<Sentence> read_sheet(const std::string& part, const std::string& name) {
        pugi::xml_document document;
        std::string text;
        if (auto refused = load(part, text, document)) {
            return refused;
        }
        shared_formulas_.clear();
        constexpr std::size_t bytes_of_cell = 35; // of most cells they are more
        SheetBuilder sheet(workbook_, name, stop_);
        sheet.expect(text.size() / bytes_of_cell);
        std::uint32_t next_row = 0;
        for (const pugi::xml_node& row : child(document.document_element(), "sheetData").children()) {
            const std::uint32_t at_row = row.attribute("r").as_uint(next_row + 1) - 1;
            next_row = at_row + 1;
            if (at_row >= WorksheetLimits::rows) {
                continue;
            }
            if (row.attribute("hidden").as_bool()) {
                sheet.hide_row();
            }
            std::uint32_t next_column = 0;
            for (const pugi::xml_node& cell : row.children()) {
                const SheetPlace place =
                    place_of(cell.attribute("r").value()).value_or(SheetPlace{at_row, next_column});
                next_column = place.column + 1;
                if (place.column < WorksheetLimits::columns && !read_cell(cell, place, sheet)) {
                    return too_many;
                }
            }
        }
        for (std::ptrdiff_t merged = std::distance(child(document.document_element(), "mergeCells").begin(),
                                                   child(document.document_element(), "mergeCells").end());
             merged > 0; --merged) {
            sheet.merge();
        }
        sheet.finish();
        return std::nullopt;
    }

    bool read_cell(const pugi::xml_node& node, SheetPlace place, SheetBuilder& sheet) {
        SheetCell cell;
        cell.place = place;
        const std::string_view type = node.attribute("t").value();
        const char* const value = child(node, "v").child_value();
        cell.has_value = *value != '\0';
        if (type == "s") {
            const auto at = static_cast<std::size_t>(std::strtoull(value, nullptr, 10));
            cell.kind = Kind::text;
            cell.text = at < strings_.size() ? strings_[at] : std::string();
            cell.has_value = !cell.text.empty();
        } else if (type == "str" || type == "inlineStr") {
            cell.kind = Kind::text;
            cell.text = type == "str" ? std::string(value) : text_of(child(node, "is"));
            cell.has_value = !cell.text.empty();
        } else if (type == "b") {
            cell.kind = Kind::yes_no;
            cell.number = *value == '1' ? 1 : 0;
        } else if (type == "e") {
            cell.at_fault = true;
            cell.text = value;
        } else if (type == "d") {
            std::string text = value;
            std::replace(text.begin(), text.end(), 'T', ' ');
            const std::optional<double> date = read_date(text);
            cell.kind = date ? Kind::date : Kind::text;
            cell.number = date.value_or(0);
            cell.text = date ? std::string() : value;
        } else if (cell.has_value) {
            read_number(value, node.attribute("s").as_uint(), cell);
        }
        const pugi::xml_node formula = child(node, "f");
        std::string written = sound_text(formula.child_value());
        const std::string_view formula_type = formula.attribute("t").value();
        if (formula_type == "shared") {
            const unsigned group = formula.attribute("si").as_uint();
            if (!written.empty()) {
                shared_formulas_[group] = sheet.formula(written, FormulaNotation::plain, place);
            }
            const auto known = shared_formulas_.find(group);
            cell.formula = known == shared_formulas_.end() ? nullptr : known->second;
            written.clear();
        }
        if (written.starts_with('=')) {
            written.erase(0, 1);
        }
        const bool added = sheet.add(std::move(cell), written, FormulaNotation::plain);
        if (formula_type == "array" && !written.empty()) { // `C2:C9`: the cells that it is for
            const std::string_view block = formula.attribute("ref").value();
            const auto last = place_of(block.substr(std::min(block.find(':'), block.size() - 1) + 1));
            if (last && last->row >= place.row && last->column >= place.column) {
                sheet.spread(last->row - place.row + 1, last->column - place.column + 1);
            }
        }
        return added;
    }

    void read_number(const char* value, unsigned style, SheetCell& cell) const {
        const char* const end = value + std::strlen(value);
        const auto [read_to, error] = std::from_chars(value, end, cell.number);
        if (error != std::errc() || read_to != end) { // kept as what stands there
            cell.kind = Kind::text;
            cell.text = value;
            return;
        }
        if (style >= styles_.size()) {
            return;
        }
        cell.format = styles_[style].format;
        if (styles_[style].date) {
            // Days since 1899-12-30, or 1904-01-01. The 29th of February 1900, which the earlier count has as day 60,
            // never was: days before it are one further from their number.
            const double days =
                later_base_ ? cell.number - 24107 : cell.number - 25569 + (cell.number > 0 && cell.number < 60 ? 1 : 0);
            const bool possible = later_base_ ? cell.number >= 0 : cell.number >= 1;
            if (possible && days < 2932897) {
                cell.kind = Kind::date;
                cell.number = days;
            }
        }
    }

    const Archive* archive_ = nullptr;
    const StopToken& stop_;
    Workbook workbook_;
    std::vector<std::string> strings_;
    std::vector<NumberFormat> styles_;
    std::map<unsigned, std::shared_ptr<const SheetFormula>> shared_formulas_;
    bool later_base_ = false;
};

} // namespace

Result<Workbook> read_open_xml(std::string_view bytes, const StopToken& stop) {
    return OpenXmlReader(stop).read(bytes);
}

} // namespace ledgefall
