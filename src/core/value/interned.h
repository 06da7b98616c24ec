#pragma once

#include <array>
#include <cstdint>
#include <functional>
#include <limits>
#include <memory>
#include <mutex>
#include <unordered_map>
#include <vector>

namespace ledgefall {

/// The interned objects that were made within one scope. They are freed when the last of those that hold them goes.
class InternedObjects {
  public:
    InternedObjects() = default;
    InternedObjects(const InternedObjects&) = delete;
    InternedObjects& operator=(const InternedObjects&) = delete;
    ~InternedObjects();

    std::size_t size() const { return held_.size(); }

  private:
    friend class InternScope;
    struct Held {
        const void* object;
        void (*release)(const void*);
    };
    std::vector<Held> held_;
};

using InternedObjectsPtr = std::shared_ptr<const InternedObjects>;

/// What a study, or results, hold of the interned objects of their cells. It says nothing of what the cells are, so
/// that two of them are equal whatever they hold.
struct HeldObjects {
    std::vector<InternedObjectsPtr> all;

    void add(const InternedObjectsPtr& objects) {
        if (objects && objects->size() > 0) {
            all.push_back(objects);
        }
    }
    friend bool operator==(const HeldObjects&, const HeldObjects&) { return true; }
};

/// While it lives, what its thread interns is not kept for ever, but for as long as the objects that it gives are held.
/// Whoever stores cells that were made within it stores those objects beside them. Scopes may be nested.
class InternScope {
  public:
    /// `bytes` is how much the texts that are made in it may take in all.
    explicit InternScope(double bytes = std::numeric_limits<double>::infinity());
    InternScope(const InternScope&) = delete;
    InternScope& operator=(const InternScope&) = delete;
    ~InternScope();

    InternedObjectsPtr objects() const { return objects_; }

    /// The number of the scope that this thread is in; 0 where what it interns is kept for ever.
    static std::uint64_t current();
    /// Adds an object to the thread's scope.
    static void hold(const void* object, void (*release)(const void*));
    /// Whether the thread's scope has room for so much text more, which is then taken.
    static bool take(std::size_t bytes);

  private:
    std::uint64_t number_;
    double bytes_left_;
    std::shared_ptr<InternedObjects> objects_ = std::make_shared<InternedObjects>();
    InternScope* outer_;
};

/// While it lives, what its thread interns is kept for ever, whatever scope it is in.
class PersistentInternScope {
  public:
    PersistentInternScope();
    PersistentInternScope(const PersistentInternScope&) = delete;
    PersistentInternScope& operator=(const PersistentInternScope&) = delete;
    ~PersistentInternScope();

  private:
    InternScope* outer_;
};

/// Objects held once for the whole program, so that a cell keeps an address and equal ones have the same. What is
/// interned outside every `InternScope` is never freed. Safe from any thread.
template <class T, class Hash, class Equal = std::equal_to<>>
class Interned {
  public:
    /// The address of the object that equals `key`, which is made if it is new.
    template <class Key>
    static const T* at(const Key& key) {
        const std::uint64_t scope = InternScope::current();
        Shard& shard = shard_of(Hash()(key));
        const std::lock_guard lock(shard.mutex);
        auto it = shard.objects.find(key);
        if (it == shard.objects.end()) {
            it = shard.objects.emplace(T(key), Use()).first;
        }
        Use& use = it->second;
        if (scope == 0) {
            use.persistent = true;
        } else if (!use.persistent && use.last_scope != scope) {
            InternScope::hold(&it->first, release);
            ++use.scopes;
            use.last_scope = scope;
        }
        return &it->first;
    }

    /// How many are held now.
    static std::size_t count() {
        std::size_t count = 0;
        for (Shard& shard : shards()) {
            const std::lock_guard lock(shard.mutex);
            count += shard.objects.size();
        }
        return count;
    }

  private:
    struct Use {
        std::uint64_t last_scope = 0; ///< that has counted it
        std::uint32_t scopes = 0;     ///< how many hold it; a scope may count it twice
        bool persistent = false;
    };
    struct Shard {
        std::mutex mutex;
        std::unordered_map<T, Use, Hash, Equal> objects; // its nodes never move, so addresses stay good
    };
    // Several shards, so that threads reading different files do not queue at one lock. They are never destroyed,
    // since static objects elsewhere may hold what is on them.
    using Shards = std::array<Shard, 16>;

    static Shards& shards() {
        static Shards& all = *new Shards;
        return all;
    }
    static Shard& shard_of(std::size_t hash) { return shards()[(hash >> 8U) % std::tuple_size_v<Shards>]; }

    static void release(const void* object) {
        const T& known = *static_cast<const T*>(object);
        Shard& shard = shard_of(Hash()(known));
        const std::lock_guard lock(shard.mutex);
        const auto it = shard.objects.find(known);
        if (--it->second.scopes == 0 && !it->second.persistent) {
            shard.objects.erase(it);
        }
    }
};

} // namespace ledgefall
