#include "core/engine/planning/graph.h"

#include <algorithm>
#include <deque>
#include <limits>

namespace ledgefall {

std::vector<std::vector<std::size_t>>
strongly_connected_components(const std::vector<std::vector<std::size_t>>& needs) {
    constexpr std::size_t unseen = std::numeric_limits<std::size_t>::max();
    struct Visit {
        std::size_t node, next;
    };
    std::vector<std::size_t> number(needs.size(), unseen);
    std::vector<std::size_t> low(needs.size());
    std::vector<bool> open(needs.size(), false);
    std::vector<std::size_t> stack;
    std::vector<std::vector<std::size_t>> groups;
    std::size_t count = 0;
    for (std::size_t root = 0; root < needs.size(); ++root) {
        std::vector<Visit> visits;
        const auto enter = [&](std::size_t node) {
            number[node] = low[node] = count++;
            open[node] = true;
            stack.push_back(node);
            visits.push_back({node, 0});
        };
        if (number[root] == unseen) {
            enter(root);
        }
        while (!visits.empty()) {
            const std::size_t node = visits.back().node;
            if (visits.back().next < needs[node].size()) {
                const std::size_t other = needs[node][visits.back().next++];
                if (number[other] == unseen) {
                    enter(other);
                } else if (open[other]) {
                    low[node] = std::min(low[node], number[other]);
                }
                continue;
            }
            visits.pop_back();
            if (!visits.empty()) {
                low[visits.back().node] = std::min(low[visits.back().node], low[node]);
            }
            if (low[node] == number[node]) {
                const auto from = std::find(stack.rbegin(), stack.rend(), node).base() -
                                  1; // searched from the end, since it was pushed recently
                groups.emplace_back(from, stack.end());
                for (auto it = from; it != stack.end(); ++it) {
                    open[*it] = false;
                }
                stack.erase(from, stack.end());
            }
        }
    }
    return groups;
}

std::vector<std::size_t> shortest_path(const std::vector<std::vector<std::size_t>>& needs, std::size_t from,
                                       std::size_t to) {
    constexpr std::size_t none = std::numeric_limits<std::size_t>::max();
    std::vector<std::size_t> before(needs.size(), none);
    std::deque<std::size_t> queue{from};
    while (!queue.empty()) {
        const std::size_t node = queue.front();
        queue.pop_front();
        for (const std::size_t other : needs[node]) {
            if (other == to) {
                std::vector<std::size_t> match{to, node};
                for (std::size_t at = node; at != from; at = before[at]) {
                    match.push_back(before[at]);
                }
                return {match.rbegin(), match.rend()};
            }
            if (before[other] == none && other != from) {
                before[other] = node;
                queue.push_back(other);
            }
        }
    }
    return {};
}

} // namespace ledgefall
