#include "files/worksheet_writing/packing.h"

#include <algorithm>
#include <memory>
#include <zip.h>

namespace ledgefall {

Result<std::string> pack(const std::vector<std::pair<std::string, std::string>>& parts, bool first_stored) {
    const Sentence failed{N_("The worksheet could not be packed: there is not enough memory."), {}};
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* target = zip_source_buffer_create(nullptr, 0, 0, &error);
    if (target == nullptr) {
        return failed;
    }
    zip_source_keep(target);
    const std::shared_ptr<zip_source_t> keep(target, [](zip_source_t* source) { zip_source_free(source); });
    zip_t* archive = zip_open_from_source(target, ZIP_CREATE | ZIP_TRUNCATE, &error);
    if (archive == nullptr) {
        return failed;
    }
    for (const auto& [name, text] : parts) {
        zip_source_t* part = zip_source_buffer(archive, text.data(), text.size(), 0);
        const zip_int64_t at = part == nullptr ? -1 : zip_file_add(archive, name.c_str(), part, ZIP_FL_OVERWRITE);
        if (at < 0) {
            zip_discard(archive);
            return failed;
        }
        if (first_stored && &name == &parts.front().first) {
            zip_set_file_compression(archive, static_cast<zip_uint64_t>(at), ZIP_CM_STORE, 0);
        }
    }
    if (zip_close(archive) != 0) {
        zip_discard(archive);
        return failed;
    }
    std::string out;
    if (zip_source_open(target) != 0 || zip_source_seek(target, 0, SEEK_END) != 0) {
        return failed;
    }
    out.resize(static_cast<std::size_t>(std::max<zip_int64_t>(zip_source_tell(target), 0)));
    zip_source_seek(target, 0, SEEK_SET);
    const zip_int64_t got = zip_source_read(target, out.data(), out.size());
    zip_source_close(target);
    return got == static_cast<zip_int64_t>(out.size()) ? Result<std::string>(std::move(out)) : failed;
}

} // namespace ledgefall
