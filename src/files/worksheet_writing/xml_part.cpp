#include "files/worksheet_writing/xml_part.h"

#include <algorithm>

namespace ledgefall {
namespace {

bool is_impossible(char c) {
    return static_cast<unsigned char>(c) < 0x20 && c != '\t' && c != '\n';
}

std::string possible(std::string text) {
    text.erase(std::remove_if(text.begin(), text.end(), is_impossible), text.end());
    return text;
}

struct ToString : pugi::xml_writer {
    std::string out;
    void write(const void* data, std::size_t size) override { out.append(static_cast<const char*>(data), size); }
};

} // namespace

void add_attribute(pugi::xml_node to, const char* name, const std::string& value) {
    const bool sound = std::none_of(value.begin(), value.end(), is_impossible);
    to.append_attribute(name) = sound ? value.c_str() : possible(value).c_str();
}

void add_text(pugi::xml_node in, const std::string& text) {
    in.append_child(pugi::node_pcdata).set_value(possible(text).c_str());
}

pugi::xml_node add_element(pugi::xml_node in, const char* name, const XmlAttributes& attributes,
                           const std::string& text) {
    pugi::xml_node out = in.append_child(name);
    for (const auto& [attribute, value] : attributes) {
        add_attribute(out, attribute, value);
    }
    if (!text.empty()) {
        add_text(out, text);
    }
    return out;
}

std::string bytes_of(const pugi::xml_document& document) {
    ToString writer;
    writer.out = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n";
    document.save(writer, "", pugi::format_raw | pugi::format_no_declaration, pugi::encoding_utf8);
    return std::move(writer.out);
}

} // namespace ledgefall
