// Any bytes as a walk of edits, undoing and redoing through a small table: after each, the rows that are covered, typed
// over and filled are those of a plain list of rows.

#include "core/marked_rows.h"
#include "core/study/model/history.h"

#include <cstdlib>

using namespace ledgefall;
using namespace ledgefall::testing;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    std::size_t at = 0;
    const auto choose = [&](std::size_t below) { return at < size ? data[at++] % below : 0; };
    std::vector<double> x(2 + choose(6));
    for (std::size_t row = 0; row < x.size(); ++row) {
        x[row] = static_cast<double>(choose(9));
    }
    const std::size_t first = choose(x.size());
    const std::size_t last = first + choose(x.size() - first);
    if (first == 0 && last + 1 == x.size()) {
        return 0; // a reach over all rows is none
    }
    MarkedScene scene(x, first, last);
    History history(scene.bench.study);
    std::vector<MarkedRows> states = {scene.model};
    std::size_t state = 0;
    for (int step = 0; at < size && step < 30; ++step) {
        const std::size_t turn = choose(5);
        if (turn < 3) {
            scene.edit(choose);
            history.perform(scene.bench.study, "edit");
            states.resize(++state);
            states.push_back(scene.model);
        } else {
            state = turn == 3 ? state - (state > 0) : std::min(state + 1, states.size() - 1);
            turn == 3 ? history.undo() : history.redo();
            scene.model = states[state];
            scene.bench.study = history.now();
        }
        if (!scene.agrees(history.now())) {
            std::abort();
        }
    }
    return 0;
}
