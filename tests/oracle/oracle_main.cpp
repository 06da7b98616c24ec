// Random studies, computed by the engine and by the oracle, and compared value by value.
//
//     oracle_studies [FIRST [COUNT]]     without them 20,000 studies, as the tests do

#include "oracle/comparison.h"
#include "oracle/random_blueprints.h"

#include <atomic>
#include <cstdio>
#include <cstdlib>
#include <mutex>
#include <pthread.h>
#include <thread>

using namespace ledgefall::testing;

namespace {

/// The oracle calls itself from row to row, which takes more room than threads have by themselves.
void give_threads_room() {
    constexpr std::size_t room = 512U << 20U;
    pthread_attr_t attributes;
    pthread_attr_init(&attributes);
    pthread_attr_setstacksize(&attributes, room);
    pthread_setattr_default_np(&attributes);
    pthread_attr_destroy(&attributes);
}

} // namespace

int main(int argc, char** argv) {
    give_threads_room();
    const std::uint64_t first = argc > 1 ? std::strtoull(argv[1], nullptr, 10) : 1;
    const std::uint64_t count = argc > 2 ? std::strtoull(argv[2], nullptr, 10) : 20'000;
    const std::size_t wanted = argc > 3 ? std::strtoull(argv[3], nullptr, 10) : 5; ///< differences to shrink
    Comparison all;
    std::array<std::size_t, subject_count> by_subject = {};
    std::vector<std::uint64_t> differing;
    std::mutex mutex;
    std::atomic<std::uint64_t> next = first;
    const auto work = [&] {
        Comparison mine;
        std::array<std::size_t, subject_count> counts = {};
        for (std::uint64_t seed = next++; seed < first + count; seed = next++) {
            const Comparison one = compare_study(random_blueprint(seed));
            mine.compared += one.compared;
            mine.plain += one.plain;
            mine.undecided += one.undecided;
            mine.refused += one.refused;
            mine.definitions += one.definitions;
            counts[static_cast<std::size_t>(subject_of(seed))] += one.compared;
            if (one.difference) {
                const std::lock_guard lock(mutex);
                differing.push_back(seed);
            }
        }
        const std::lock_guard lock(mutex);
        all.compared += mine.compared;
        all.plain += mine.plain;
        all.undecided += mine.undecided;
        all.refused += mine.refused;
        all.definitions += mine.definitions;
        for (std::size_t at = 0; at < counts.size(); ++at) {
            by_subject[at] += counts[at];
        }
    };
    {
        std::vector<std::jthread> threads;
        for (unsigned thread = 0; thread < std::max(1U, std::thread::hardware_concurrency()); ++thread) {
            threads.emplace_back(work);
        }
    }
    std::sort(differing.begin(), differing.end());
    for (const std::uint64_t seed : differing) {
        std::printf("study %llu differs\n", static_cast<unsigned long long>(seed));
    }
    std::fflush(stdout);
    for (std::size_t at = 0; at < std::min(wanted, differing.size()); ++at) {
        const Blueprint smallest = shrink(random_blueprint(differing[at]));
        std::printf("--- seed %llu, subject %d\n%s%s\n", static_cast<unsigned long long>(differing[at]),
                    static_cast<int>(subject_of(differing[at])), described(smallest).c_str(),
                    compare_study(smallest).difference.value_or("").c_str());
    }
    std::printf("%llu studies: %zu values compared, %zu of them plain; %zu undecided; %zu of %zu definitions refused; "
                "%zu studies differ\nby subject:",
                static_cast<unsigned long long>(count), all.compared, all.plain, all.undecided, all.refused,
                all.definitions, differing.size());
    for (const std::size_t compared : by_subject) {
        std::printf(" %zu", compared);
    }
    std::printf("\n");
    const bool enough =
        all.plain * 4 > all.compared && all.undecided * 4 < all.compared && all.refused * 4 < all.definitions;
    if (!enough) {
        std::printf("too little of it was compared\n");
    }
    return differing.empty() && enough ? 0 : 1;
}
