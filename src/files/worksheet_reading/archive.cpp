#include "files/worksheet_reading/archive.h"

#include "files/worksheet_reading/sheet.h"

#include <algorithm>
#include <zip.h>

namespace ledgefall {
namespace {

Sentence too_large(const std::string& part, std::uint64_t most) {
    return {N_("Its part %1 unpacks to more than %2 bytes, which is too large to read."), {part, std::to_string(most)}};
}

} // namespace

Result<Archive> Archive::open(std::string_view bytes) {
    const Sentence damaged{N_("It is cut off or damaged: it does not end as an archive should. Get a new copy."), {}};
    if (bytes.empty()) {
        return damaged;
    }
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* source = zip_source_buffer_create(bytes.data(), bytes.size(), 0, &error);
    zip_t* opened = source == nullptr ? nullptr : zip_open_from_source(source, ZIP_RDONLY, &error);
    if (opened == nullptr) {
        zip_source_free(source);
        zip_error_fini(&error);
        return damaged;
    }
    zip_error_fini(&error);
    return Archive(std::shared_ptr<zip>(opened, [](zip* open) { zip_discard(open); }));
}

bool Archive::has(const std::string& part) const {
    return zip_name_locate(zip_.get(), part.c_str(), 0) >= 0;
}

Result<std::string> Archive::read(const std::string& part) const {
    const zip_int64_t index = zip_name_locate(zip_.get(), part.c_str(), 0);
    if (index < 0) {
        return Sentence{N_("It is not a worksheet, or it is damaged: its part %1 is missing."), {part}};
    }
    const auto at = static_cast<zip_uint64_t>(index);
    std::uint64_t most = WorksheetLimits::unpacked_bytes;
    zip_stat_t facts;
    zip_stat_init(&facts);
    if (zip_stat_index(zip_.get(), at, 0, &facts) == 0) {
        if ((facts.valid & ZIP_STAT_ENCRYPTION_METHOD) != 0 && facts.encryption_method != ZIP_EM_NONE) {
            return Sentence{N_("It is encrypted. Save it without a password first."), {}};
        }
        if ((facts.valid & ZIP_STAT_COMP_SIZE) != 0) {
            most = std::min(most, std::max<std::uint64_t>(WorksheetLimits::always_unpacked,
                                                          WorksheetLimits::most_for_a_byte * facts.comp_size));
        }
        if ((facts.valid & ZIP_STAT_SIZE) != 0 && facts.size > most) {
            return too_large(part, most);
        }
    }
    const std::shared_ptr<zip_file_t> file(zip_fopen_index(zip_.get(), at, 0), [](zip_file_t* open) {
        if (open != nullptr) {
            zip_fclose(open);
        }
    });
    const Sentence damaged{N_("Its part %1 is damaged and cannot be unpacked. Get a new copy of the file."), {part}};
    if (file == nullptr) {
        return damaged;
    }
    // The size that an archive states may be wrong, so memory grows with what really comes.
    std::string out;
    constexpr std::size_t step = 1 << 20;
    while (true) {
        const std::size_t before = out.size();
        out.resize(before + step);
        const zip_int64_t got = zip_fread(file.get(), out.data() + before, step);
        if (got < 0) {
            return damaged;
        }
        out.resize(before + static_cast<std::size_t>(got));
        if (got == 0) {
            return out;
        }
        if (out.size() > most) {
            return too_large(part, most);
        }
    }
}

} // namespace ledgefall
