// The engine beside the same work written by hand, in one run, so that the figure is a ratio:
// NAME/ledgefall over NAME/by_hand. Both give a column or a value into memory of their own each time.

#include "bench.h"

#include "files/io/machine_memory.h"

#include <cstdlib>
#include <cstring>

int main(int count, char** arguments) {
    using namespace ledgefall::benchmarks;
    for (int at = 1; at + 1 < count; ++at) {
        if (std::strcmp(arguments[at], "--rows") == 0) {
            rows = static_cast<std::size_t>(std::strtoull(arguments[at + 1], nullptr, 10));
        }
    }
    ledgefall::keep_memory_at_hand(); // for both sides alike
    register_columns();
    register_measures();
    register_sequences();
    register_summary();
    register_charts();
    register_grids();
    register_files();
    benchmark::Initialize(&count, arguments);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
