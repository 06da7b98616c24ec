// Any bytes as delimited text: it is read or refused; what is read becomes a study that is written and read back.

#include "core/engine/running/results.h"
#include "files/tables/delimited.h"

#include <cstdlib>

using namespace ledgefall;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const Result<Delimited> text = read_delimited(std::string(reinterpret_cast<const char*>(data), size));
    if (!text) {
        return 0;
    }
    const Study study = study_of(LabelledColumns{columns_of(*text), 0, {}});
    const Id table = study.tables.front()->id;
    const ResultsPtr results = compute(study);
    const Result<Delimited> again =
        read_delimited(write_delimited(labelled_columns(study, *results, table), Dialect(), "\n"));
    // What was read of several columns has as many when it is read again.
    if (!again && study.tables.front()->columns.size() > 1 && results->rows(table) > 0) {
        std::abort();
    }
    return 0;
}
