// Any bytes as a study's file: it is read or refused; what is read is written, and reads back to be written the same.

#include "core/engine/planning/plan.h"
#include "files/study_json/study_json.h"

#include <cstdlib>

using namespace ledgefall;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const Result<Study> study = read_study(std::string(reinterpret_cast<const char*>(data), size));
    if (!study) {
        return 0;
    }
    const std::string written = write_study(*study);
    const Result<Study> again = read_study(written);
    if (!again || write_study(*again) != written) { // fields that are only kept may be spelled otherwise at first
        std::abort();
    }
    make_plan(*study);
    return 0;
}
