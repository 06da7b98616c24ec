#pragma once

#include "core/value/value.h"

#include <memory>
#include <new>
#include <utility>
#include <vector>

namespace ledgefall {

/// Memory for numbers that are about to be written: it is not cleared first.
template <class T>
struct DefaultInitAllocator : std::allocator<T> {
    template <class U>
    struct rebind {
        using other = DefaultInitAllocator<U>;
    };
    template <class U>
    void construct(U* at) {
        ::new (static_cast<void*>(at)) U;
    }
    template <class U, class... Arguments>
    void construct(U* at, Arguments&&... arguments) {
        ::new (static_cast<void*>(at)) U(std::forward<Arguments>(arguments)...);
    }
};

/// The cells of one column, all of one kind. They stand contiguously in chunks of 8192 rows that are shared between
/// copies until one of them is written to: a copy costs a pointer for each chunk, and an edit in a table of a million
/// rows copies 64 KiB rather than 8 MB. A chunk in which every cell is plain carries no state mask.
class Column {
  public:
    static constexpr std::size_t chunk_rows = 8192;

    struct Chunk {
        std::vector<double, DefaultInitAllocator<double>> slots;
        std::vector<State> states; ///< empty where all cells are plain
    };

    explicit Column(Kind kind = Kind::number)
        : kind_(kind) {}
    static Column of(Kind kind, const std::vector<Value>& values);
    static Column numbers(const std::vector<double>& values);

    Kind kind() const { return kind_; }
    std::size_t size() const { return size_; }
    bool empty() const { return size_ == 0; }

    /// The cell at `row` (from 0); missing beyond the end, since a column may be shorter than its table.
    Value at(std::size_t row) const {
        if (row >= size_) {
            return Value::missing(kind_);
        }
        const Chunk& chunk_here = *chunks_[row / chunk_rows];
        const std::size_t in = row % chunk_rows;
        return Value::of(chunk_here.slots[in], kind_, chunk_here.states.empty() ? State::plain : chunk_here.states[in]);
    }

    std::size_t filled() const; ///< how many cells are not missing
    bool any_filled() const { return filled() > 0; }

    /// Writes a cell; rows between the end and `row` become missing.
    void set(std::size_t row, const Value& value);
    void append(const Value& value);
    /// Appends `count` cells that do not cross the end of a chunk; `states` is null where all are plain.
    void append(const double* slots, const State* states, std::size_t count);
    void insert(std::size_t row, const std::vector<Value>& values);
    void erase(std::size_t row, std::size_t count);
    /// Cuts the column, or lengthens it with missing cells.
    void resize(std::size_t rows);

    std::size_t chunk_count() const { return chunks_.size(); }
    const Chunk& chunk(std::size_t number) const { return *chunks_[number]; }
    /// A chunk that can be written to; it is copied first if another column shares it.
    Chunk& own_chunk(std::size_t number);
    /// Makes room for `rows` plain zeros, for an engine that fills whole chunks.
    void prepare(std::size_t rows);

    /// Adds up to a chunk of cells, to be written at once, at the end of a column whose last chunk is full.
    void extend(std::size_t rows);

    /// The same kind, and the same cells to the last bit.
    friend bool operator==(const Column& a, const Column& b);

  private:
    std::vector<Value> taken_from(std::size_t row);

    Kind kind_;
    std::size_t size_ = 0;
    std::vector<std::shared_ptr<Chunk>> chunks_;
};

} // namespace ledgefall
