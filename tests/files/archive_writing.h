#pragma once

#include <string>
#include <utility>
#include <vector>
#include <zip.h>

namespace ledgefall::testing {

/// An archive of parts, by name and text, as a packaged file has them; `packed`: as small as they can be.
inline std::string archive_of(const std::vector<std::pair<std::string, std::string>>& parts, bool packed = false) {
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* target = zip_source_buffer_create(nullptr, 0, 0, &error);
    zip_source_keep(target);
    zip_t* archive = zip_open_from_source(target, ZIP_CREATE | ZIP_TRUNCATE, &error);
    for (const auto& [name, text] : parts) {
        const zip_int64_t at = zip_file_add(archive, name.c_str(),
                                            zip_source_buffer(archive, text.data(), text.size(), 0), ZIP_FL_OVERWRITE);
        zip_set_file_compression(archive, static_cast<zip_uint64_t>(at), packed ? ZIP_CM_DEFLATE : ZIP_CM_STORE, 0);
    }
    zip_close(archive);
    zip_source_open(target);
    zip_source_seek(target, 0, SEEK_END);
    std::string out(static_cast<std::size_t>(zip_source_tell(target)), '\0');
    zip_source_seek(target, 0, SEEK_SET);
    zip_source_read(target, out.data(), out.size());
    zip_source_close(target);
    zip_source_free(target);
    return out;
}

/// A spreadsheet with these rows, each as OpenDocument writes it.
inline std::string spreadsheet_of(const std::string& rows) {
    return archive_of(
        {{"content.xml",
          "<office:document-content xmlns:office=\"o\" xmlns:table=\"t\" xmlns:text=\"x\"><office:body><office:"
          "spreadsheet><table:table table:name=\"S\">" +
              rows + "</table:table></office:spreadsheet></office:body></office:document-content>"}});
}

/// A workbook with one sheet, whose part this is.
inline std::string workbook_of(const std::string& sheet) {
    return archive_of(
        {{"xl/workbook.xml", "<workbook xmlns:r=\"r\"><sheets><sheet name=\"S\" r:id=\"a\"/></sheets></workbook>"},
         {"xl/_rels/workbook.xml.rels",
          "<Relationships><Relationship Id=\"a\" Type=\"x/worksheet\" Target=\"s.xml\"/></Relationships>"},
         {"xl/s.xml", sheet}});
}

} // namespace ledgefall::testing
