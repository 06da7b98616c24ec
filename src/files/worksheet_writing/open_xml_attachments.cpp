// Notes are the comments of ISO/IEC 29500-1, pictures its DrawingML for spreadsheets.

#include "files/worksheet_writing/open_xml_attachments.h"

#include "files/worksheet_writing/packing.h"

namespace ledgefall {
namespace {

const std::string header = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n";
const std::string schemas = "http://schemas.openxmlformats.org/";
const std::string relation_types = schemas + "officeDocument/2006/relationships/";

std::string relation(const std::string& id, const std::string& type, const std::string& target) {
    return "<Relationship Id=\"" + id + "\" Type=\"" + relation_types + type + "\" Target=\"" + target + "\"/>";
}

std::string relations(const std::string& all) {
    return header + "<Relationships xmlns=\"" + schemas + "package/2006/relationships\">" + all + "</Relationships>";
}

std::string override_type(const std::string& part, const std::string& type) {
    return "<Override PartName=\"/" + part + "\" ContentType=\"application/vnd.openxmlformats-officedocument." + type +
           "+xml\"/>";
}

std::string comments(const Sheet& sheet) {
    std::string out = header + "<comments xmlns=\"" + schemas +
                      "spreadsheetml/2006/main\"><authors><author></author></authors><commentList>";
    for (const auto& [place, note] : sheet.notes) {
        out += "<comment ref=\"" + place_name(place) + "\" authorId=\"0\"><text><t xml:space=\"preserve\">" +
               xml_escaped(note) + "</t></text></comment>";
    }
    return out + "</commentList></comments>";
}

std::string drawing(const Sheet& sheet) {
    constexpr int units = 9525; // English metric units in a 96th of an inch
    std::string out = header + "<xdr:wsDr xmlns:xdr=\"" + schemas + "drawingml/2006/spreadsheetDrawing\" xmlns:a=\"" +
                      schemas + "drawingml/2006/main\" xmlns:r=\"" + schemas + "officeDocument/2006/relationships\">";
    for (std::size_t at = 0; at < sheet.pictures.size(); ++at) {
        const SheetPicture& picture = sheet.pictures[at];
        const std::string number = std::to_string(at + 1);
        const std::string size = "cx=\"" + std::to_string(std::int64_t(picture.width) * units) + "\" cy=\"" +
                                 std::to_string(std::int64_t(picture.height) * units) + "\"/>";
        const std::string title = xml_escaped(picture.title);
        out.append("<xdr:oneCellAnchor><xdr:from><xdr:col>").append(std::to_string(picture.at.column));
        out.append("</xdr:col><xdr:colOff>0</xdr:colOff><xdr:row>").append(std::to_string(picture.at.row));
        out.append("</xdr:row><xdr:rowOff>0</xdr:rowOff></xdr:from><xdr:ext ").append(size);
        out.append("<xdr:pic><xdr:nvPicPr><xdr:cNvPr id=\"").append(number);
        out.append("\" name=\"").append(title).append("\" descr=\"").append(title);
        out.append("\"/><xdr:cNvPicPr/></xdr:nvPicPr><xdr:blipFill><a:blip r:embed=\"p").append(number);
        out.append("\"/><a:stretch><a:fillRect/></a:stretch></xdr:blipFill><xdr:spPr><a:xfrm><a:off x=\"0\" y=\"0\"/>");
        out.append("<a:ext ").append(size);
        out.append("</a:xfrm><a:prstGeom prst=\"rect\"><a:avLst/></a:prstGeom></xdr:spPr></xdr:pic>");
        out.append("<xdr:clientData/></xdr:oneCellAnchor>");
    }
    return out + "</xdr:wsDr>";
}

} // namespace

OpenXmlAttachments open_xml_attachments(const Sheet& sheet, const std::string& number) {
    OpenXmlAttachments out;
    std::string links;
    if (!sheet.pictures.empty()) {
        const std::string part = "drawings/drawing" + number + ".xml";
        std::string pictures;
        for (std::size_t at = 0; at < sheet.pictures.size(); ++at) {
            const std::string name = "media/sheet" + number + "_" + std::to_string(at + 1) + ".png";
            out.parts.emplace_back("xl/" + name, sheet.pictures[at].png);
            pictures += relation("p" + std::to_string(at + 1), "image", "../" + name);
        }
        out.parts.emplace_back("xl/" + part, drawing(sheet));
        out.parts.emplace_back("xl/drawings/_rels/drawing" + number + ".xml.rels", relations(pictures));
        out.types += override_type("xl/" + part, "drawing");
        out.in_sheet += "<drawing r:id=\"d1\"/>";
        links += relation("d1", "drawing", "../" + part);
    }
    if (!sheet.notes.empty()) {
        const std::string part = "comments" + number + ".xml";
        out.parts.emplace_back("xl/" + part, comments(sheet));
        out.types += override_type("xl/" + part, "spreadsheetml.comments");
        links += relation("n1", "comments", "../" + part);
    }
    if (!links.empty()) {
        out.parts.emplace_back("xl/worksheets/_rels/sheet" + number + ".xml.rels", relations(links));
    }
    return out;
}

} // namespace ledgefall
