#pragma once

#include <string>
#include <utility>
#include <vector>

namespace ledgefall {

// The package of ISO/IEC 29500-2: parts, what kinds they are of, and how they refer to each other.

/// A name of the standard's namespaces.
std::string open_xml_schema(const std::string& name);

struct OpenXmlRelation {
    std::string id, type, target;
};
using OpenXmlRelations = std::vector<OpenXmlRelation>;

std::string relations_part(const OpenXmlRelations& relations);

/// The part that names the kind of each; `parts` with their kinds, as "spreadsheetml.worksheet".
std::string content_types_part(const std::vector<std::pair<std::string, std::string>>& parts);

} // namespace ledgefall
