#include "core/value/fault.h"

#include "core/value/interned.h"

#include <deque>
#include <mutex>
#include <unordered_map>

namespace ledgefall {
namespace {

struct Slot {
    FaultSite site;
    std::uint32_t number = 0;
    std::uint64_t last_scope = 0; ///< that has counted it
    std::uint32_t scopes = 0;     ///< how many hold it
    bool persistent = false;
};

/// As `Interned`, but by number: the number of a site that is freed is given to another.
struct Sites {
    std::mutex mutex;
    std::deque<Slot> slots; // never moves what it holds
    std::vector<std::uint32_t> free;
    std::unordered_multimap<std::string, std::uint32_t> by_key;
};

Sites& sites() {
    static Sites& instance = *new Sites; // never destroyed, as static objects may hold sites
    return instance;
}

std::string key_of(const FaultSite& site) {
    return site.definition.object.str() + '\n' + site.definition.column.str() + '\n' +
           std::to_string(static_cast<int>(site.definition.part)) + '.' + std::to_string(site.definition.place) + '\n' +
           site.what.text() + '\n' + std::to_string(site.from);
}

void release(const void* object) {
    Sites& all = sites();
    const std::lock_guard lock(all.mutex);
    Slot& slot = all.slots[static_cast<const Slot*>(object)->number];
    if (--slot.scopes > 0 || slot.persistent) {
        return;
    }
    const auto [first, last] = all.by_key.equal_range(key_of(slot.site));
    for (auto it = first; it != last; ++it) {
        if (it->second == slot.number) {
            all.by_key.erase(it);
            break;
        }
    }
    all.free.push_back(slot.number);
    slot = {FaultSite(), slot.number};
}

/// The slot of a site, which is given one if it is new; the lock is held.
Slot& slot_of(Sites& all, const FaultSite& site) {
    const std::string key = key_of(site);
    const auto [first, last] = all.by_key.equal_range(key);
    for (auto it = first; it != last; ++it) {
        if (all.slots[it->second].site == site) {
            return all.slots[it->second];
        }
    }
    if (all.free.empty()) {
        all.free.push_back(static_cast<std::uint32_t>(all.slots.size()));
        all.slots.emplace_back();
    }
    const std::uint32_t number = all.free.back();
    all.free.pop_back();
    all.by_key.emplace(key, number);
    return all.slots[number] = {site, number};
}

} // namespace

std::uint32_t fault_site(const FaultSite& site) {
    const std::uint64_t scope = InternScope::current();
    Sites& all = sites();
    const std::lock_guard lock(all.mutex);
    Slot& slot = slot_of(all, site);
    if (scope == 0) {
        slot.persistent = true;
    } else if (!slot.persistent && slot.last_scope != scope) {
        InternScope::hold(&slot, release);
        ++slot.scopes;
        slot.last_scope = scope;
    }
    return slot.number;
}

std::size_t fault_site_count() {
    Sites& all = sites();
    const std::lock_guard lock(all.mutex);
    return all.slots.size() - all.free.size();
}

const FaultSite& Fault::at() const {
    Sites& all = sites();
    const std::lock_guard lock(all.mutex);
    return all.slots[site].site;
}

} // namespace ledgefall
