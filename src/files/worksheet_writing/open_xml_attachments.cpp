// Notes are the comments of ISO/IEC 29500-1, pictures its DrawingML for spreadsheets.

#include "files/worksheet_writing/open_xml_attachments.h"

#include "files/worksheet_writing/open_xml_package.h"
#include "files/worksheet_writing/xml_part.h"

namespace ledgefall {
namespace {

std::string comments(const Sheet& sheet) {
    pugi::xml_document document;
    auto root = add_element(document, "comments", {{"xmlns", open_xml_schema("spreadsheetml/2006/main")}});
    add_element(add_element(root, "authors"), "author");
    auto list = add_element(root, "commentList");
    for (const auto& [place, note] : sheet.notes) {
        auto comment = add_element(list, "comment", {{"ref", place_name(place)}, {"authorId", "0"}});
        add_element(add_element(comment, "text"), "t", {{"xml:space", "preserve"}}, note);
    }
    return bytes_of(document);
}

void add_picture(pugi::xml_node& to, const SheetPicture& picture, const std::string& number) {
    constexpr std::int64_t units = 9525; // English metric units in a 96th of an inch
    const std::string width = std::to_string(picture.width * units);
    const std::string height = std::to_string(picture.height * units);
    auto anchor = add_element(to, "xdr:oneCellAnchor");
    auto from = add_element(anchor, "xdr:from");
    add_element(from, "xdr:col", {}, std::to_string(picture.at.column));
    add_element(from, "xdr:colOff", {}, "0");
    add_element(from, "xdr:row", {}, std::to_string(picture.at.row));
    add_element(from, "xdr:rowOff", {}, "0");
    add_element(anchor, "xdr:ext", {{"cx", width}, {"cy", height}});
    auto shown = add_element(anchor, "xdr:pic");
    auto about = add_element(shown, "xdr:nvPicPr");
    add_element(about, "xdr:cNvPr", {{"id", number}, {"name", picture.title}, {"descr", picture.title}});
    add_element(about, "xdr:cNvPicPr");
    auto fill = add_element(shown, "xdr:blipFill");
    add_element(fill, "a:blip", {{"r:embed", "p" + number}});
    add_element(add_element(fill, "a:stretch"), "a:fillRect");
    auto shape = add_element(shown, "xdr:spPr");
    auto place = add_element(shape, "a:xfrm");
    add_element(place, "a:off", {{"x", "0"}, {"y", "0"}});
    add_element(place, "a:ext", {{"cx", width}, {"cy", height}});
    add_element(add_element(shape, "a:prstGeom", {{"prst", "rect"}}), "a:avLst");
    add_element(anchor, "xdr:clientData");
}

std::string drawing(const Sheet& sheet) {
    pugi::xml_document document;
    auto root = add_element(document, "xdr:wsDr",
                            {{"xmlns:xdr", open_xml_schema("drawingml/2006/spreadsheetDrawing")},
                             {"xmlns:a", open_xml_schema("drawingml/2006/main")},
                             {"xmlns:r", open_xml_schema("officeDocument/2006/relationships")}});
    for (std::size_t at = 0; at < sheet.pictures.size(); ++at) {
        add_picture(root, sheet.pictures[at], std::to_string(at + 1));
    }
    return bytes_of(document);
}

} // namespace

OpenXmlAttachments open_xml_attachments(const Sheet& sheet, const std::string& number) {
    OpenXmlAttachments out;
    OpenXmlRelations links;
    if (!sheet.pictures.empty()) {
        const std::string part = "drawings/drawing" + number + ".xml";
        OpenXmlRelations pictures;
        for (std::size_t at = 0; at < sheet.pictures.size(); ++at) {
            const std::string name = "media/sheet" + number + "_" + std::to_string(at + 1) + ".png";
            out.parts.emplace_back("xl/" + name, sheet.pictures[at].png);
            pictures.push_back({"p" + std::to_string(at + 1), "image", "../" + name});
        }
        out.parts.emplace_back("xl/" + part, drawing(sheet));
        out.parts.emplace_back("xl/drawings/_rels/drawing" + number + ".xml.rels", relations_part(pictures));
        out.types.emplace_back("xl/" + part, "drawing");
        out.drawing = "d1";
        links.push_back({out.drawing, "drawing", "../" + part});
    }
    if (!sheet.notes.empty()) {
        const std::string part = "comments" + number + ".xml";
        out.parts.emplace_back("xl/" + part, comments(sheet));
        out.types.emplace_back("xl/" + part, "spreadsheetml.comments");
        links.push_back({"n1", "comments", "../" + part});
    }
    if (!links.empty()) {
        out.parts.emplace_back("xl/worksheets/_rels/sheet" + number + ".xml.rels", relations_part(links));
    }
    return out;
}

} // namespace ledgefall
