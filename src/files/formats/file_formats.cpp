// The one list of file formats.

#include "core/value/text_order.h"
#include "files/formats/file_format.h"

#include <algorithm>

namespace ledgefall::formats {

// The formats, each made in a file of this folder.
FileFormat study();
FileFormat comma_separated();
FileFormat tab_separated();
FileFormat open_document();
FileFormat open_xml();
FileFormat json_records();
FileFormat html();
FileFormat markdown();
FileFormat latex();

} // namespace ledgefall::formats

namespace ledgefall {
namespace {

bool has_suffix(const FileFormat& format, std::string_view path) {
    return std::any_of(format.suffixes.begin(), format.suffixes.end(), [path](std::string_view suffix) {
        return path.size() > suffix.size() + 1 && path.ends_with(suffix) &&
               path[path.size() - suffix.size() - 1] == '.';
    });
}

} // namespace

const std::vector<FileFormat>& file_formats() {
    static const std::vector<FileFormat> all = {
        formats::study(),         formats::comma_separated(), formats::tab_separated(),
        formats::open_document(), formats::open_xml(),        formats::json_records(),
        formats::html(),          formats::markdown(),        formats::latex()};
    return all;
}

const FileFormat& format_of(std::string_view written_path, std::string_view bytes) {
    const std::string path = in_small_letters(written_path); // MARKS.XLSX
    const auto& all = file_formats();
    auto format =
        std::find_if(all.begin(), all.end(), [&path](const FileFormat& one) { return has_suffix(one, path); });
    if (format == all.end() || (format->recognises == nullptr && format->read_study == nullptr)) {
        const auto recognised = std::find_if(all.begin(), all.end(), [bytes](const FileFormat& one) {
            return one.recognises != nullptr && one.recognises(bytes);
        });
        format = recognised != all.end() ? recognised : format;
    }
    const auto text =
        std::find_if(all.begin(), all.end(), [](const FileFormat& one) { return one.delimiter.has_value(); });
    return format == all.end() ? *text : *format;
}

} // namespace ledgefall
