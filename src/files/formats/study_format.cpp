#include "files/formats/file_format.h"
#include "files/study_json/study_json.h"

namespace ledgefall::formats {

FileFormat study() {
    return {.name = "ledgefall",
            .label = N_("Ledgefall studies"),
            .suffixes = {"ledgefall"},
            .recognises = [](std::string_view bytes) { return bytes.find("\"ledgefall-study\"") != std::string::npos; },
            .read_study = &ledgefall::read_study,
            .write_study = &ledgefall::write_study};
}

} // namespace ledgefall::formats
