#include "app/details/chosen_summary.h"

#include "core/stats/measures.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {

ChosenSummary summary_of(const std::vector<ChosenCells>& chosen, const StopToken& stop) {
    const std::array<std::unique_ptr<Accumulator>, 5> measures = {make_count({}), make_sum({}), make_mean({}),
                                                                  make_min({}), make_max({})};
    ChosenSummary out;
    std::vector<State> message;
    double sizes = 0; // of the numbers, whatever their signs
    for (const ChosenCells& some : chosen) {
        const std::size_t end = some.cells == nullptr ? 0 : std::min(some.to, some.cells->size());
        for (std::size_t row = some.from; row < end;) { // a chunk at a time
            stop.throw_if_stopped();
            const Column::Chunk& chunk = some.cells->chunk(row / Column::chunk_rows);
            const std::size_t in = row % Column::chunk_rows;
            const std::size_t count = std::min(end - row, chunk.slots.size() - in);
            const State* states = chunk.states.empty() ? nullptr : chunk.states.data() + in;
            message.assign(states, states == nullptr ? states : states + count);
            for (State& state : message) { // what is in error is counted apart, and no part of the sum
                out.faults += state == State::fault || state == State::unparsed;
                state = state == State::plain ? state : State::missing;
            }
            out.cells += count;
            if (some.cells->kind() == Kind::number) {
                for (std::size_t at = 0; at < count; ++at) {
                    const bool plain = states == nullptr || message[at] == State::plain;
                    sizes += plain ? std::fabs(chunk.slots[in + at]) : 0;
                }
                for (const auto& measure : measures) {
                    measure->add({chunk.slots.data() + in, states == nullptr ? nullptr : message.data(), false},
                                 nullptr, count);
                }
            }
            row += count;
        }
    }
    out.n = measures[0]->result({});
    out.sum = measures[1]->result({});
    constexpr double nothing = 1e-12; // the cells themselves may have been rounded
    out.sum_is_rounding = out.sum.plain() && out.sum.number() != 0 && std::fabs(out.sum.number()) <= nothing * sizes;
    out.mean = measures[2]->result({});
    out.smallest = measures[3]->result({});
    out.largest = measures[4]->result({});
    return out;
}

} // namespace ledgefall
