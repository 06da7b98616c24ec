#pragma once

#include <initializer_list>
#include <pugixml.hpp>
#include <string>
#include <utility>

namespace ledgefall {

using XmlAttributes = std::initializer_list<std::pair<const char*, std::string>>;

/// Adds an element with attributes and, where there is some, a text. Signs that XML cannot have are left out.
pugi::xml_node add_element(pugi::xml_node in, const char* name, const XmlAttributes& attributes = {},
                           const std::string& text = {});
void add_text(pugi::xml_node in, const std::string& text);
void add_attribute(pugi::xml_node to, const char* name, const std::string& value);

/// A document as the bytes of a part, in UTF-8.
std::string bytes_of(const pugi::xml_document& document);

} // namespace ledgefall
