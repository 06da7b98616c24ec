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
    static Sites instance;
    return instance;
}

} // namespace

std::uint32_t fault_site(const FaultSite& site) {
    const std::string key = site.definition.object.str() + '\n' + site.definition.column.str() + '\n' +
                            std::to_string(static_cast<int>(site.definition.part)) + '.' +
                            std::to_string(site.definition.place) + '\n' + site.what.text() + '\n' +
                            std::to_string(site.from);
    Sites& all = sites();
    const std::lock_guard lock(all.mutex);
    const auto [first, last] = all.by_key.equal_range(key);
    for (auto it = first; it != last; ++it) {
        if (all.all[it->second] == site) {
            return it->second;
        }
    }
    const auto number = static_cast<std::uint32_t>(all.all.size());
    all.all.push_back(site);
    all.by_key.emplace(key, number);
    return number;
}

const FaultSite& Fault::at() const {
    Sites& all = sites();
    const std::lock_guard lock(all.mutex);
    return all.all[site];
}

} // namespace ledgefall
