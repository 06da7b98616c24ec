#include "core/value/fault.h"

#include <deque>
#include <mutex>
#include <unordered_map>

namespace ledgefall {
namespace {

struct Sites {
    std::mutex mutex;
    std::deque<FaultSite> all; // never moves what it holds
    std::unordered_multimap<std::string, std::uint32_t> by_key;
};

Sites& sites() {
    static Sites held;
    return held;
}

} // namespace

std::uint32_t fault_site(const FaultSite& site) {
    const std::string key = site.definition.str() + '\n' + site.what.text() + '\n' + std::to_string(site.from);
    Sites& held = sites();
    const std::lock_guard lock(held.mutex);
    const auto [first, last] = held.by_key.equal_range(key);
    for (auto it = first; it != last; ++it) {
        if (held.all[it->second] == site) {
            return it->second;
        }
    }
    const auto number = static_cast<std::uint32_t>(held.all.size());
    held.all.push_back(site);
    held.by_key.emplace(key, number);
    return number;
}

const FaultSite& Fault::at() const {
    Sites& held = sites();
    const std::lock_guard lock(held.mutex);
    return held.all[site];
}

} // namespace ledgefall
