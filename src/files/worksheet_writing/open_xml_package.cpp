#include "files/worksheet_writing/open_xml_package.h"

#include "files/worksheet_writing/xml_part.h"

namespace ledgefall {

std::string open_xml_schema(const std::string& name) {
    return "http://schemas.openxmlformats.org/" + name;
}

std::string relations_part(const OpenXmlRelations& relations) {
    pugi::xml_document document;
    auto root = add_element(document, "Relationships", {{"xmlns", open_xml_schema("package/2006/relationships")}});
    for (const OpenXmlRelation& one : relations) {
        add_element(root, "Relationship",
                    {{"Id", one.id},
                     {"Type", open_xml_schema("officeDocument/2006/relationships/" + one.type)},
                     {"Target", one.target}});
    }
    return bytes_of(document);
}

std::string content_types_part(const std::vector<std::pair<std::string, std::string>>& parts) {
    pugi::xml_document document;
    auto root = add_element(document, "Types", {{"xmlns", open_xml_schema("package/2006/content-types")}});
    const std::pair<const char*, const char*> usual[] = {
        {"rels", "application/vnd.openxmlformats-package.relationships+xml"},
        {"xml", "application/xml"},
        {"png", "image/png"}};
    for (const auto& [extension, type] : usual) {
        add_element(root, "Default", {{"Extension", extension}, {"ContentType", type}});
    }
    for (const auto& [part, kind] : parts) {
        add_element(root, "Override",
                    {{"PartName", "/" + part},
                     {"ContentType", "application/vnd.openxmlformats-officedocument." + kind + "+xml"}});
    }
    return bytes_of(document);
}

} // namespace ledgefall
