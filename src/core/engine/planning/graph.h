#pragma once

#include <cstddef>
#include <vector>

namespace ledgefall {

/// The groups of a graph in which each needs each (strongly connected components; Tarjan 1972), such that every group
/// comes after those it needs. `needs[k]` lists what k needs. Without recursion, so that a chain may be of any length.
std::vector<std::vector<std::size_t>> strongly_connected_components(const std::vector<std::vector<std::size_t>>& needs);

/// A way from `from` to `to` along `needs`, both ends included, the shortest there is; empty where there is none. Where
/// they are the same, the way round.
std::vector<std::size_t> shortest_path(const std::vector<std::vector<std::size_t>>& needs, std::size_t from,
                                       std::size_t to);

} // namespace ledgefall
