#include "core/value/column.h"

#include <algorithm>
#include <cstring>

namespace ledgefall {

Column Column::of(Kind kind, const std::vector<Value>& values) {
    Column column(kind);
    for (const Value& value : values) {
        column.append(value);
    }
    return column;
}

Column Column::numbers(const std::vector<double>& values) {
    Column column(Kind::number);
    column.prepare(values.size());
    for (std::size_t number = 0; number < column.chunk_count(); ++number) {
        Chunk& chunk = column.own_chunk(number);
        std::copy_n(values.begin() + static_cast<std::ptrdiff_t>(number * chunk_rows), chunk.slots.size(),
                    chunk.slots.begin());
    }
    return column;
}

Column::Chunk& Column::own_chunk(std::size_t number) {
    std::shared_ptr<Chunk>& chunk_pointer = chunks_[number];
    if (chunk_pointer.use_count() > 1) {
        chunk_pointer = std::make_shared<Chunk>(*chunk_pointer);
    }
    return *chunk_pointer;
}

std::size_t Column::filled() const {
    std::size_t count = size_;
    for (const auto& chunk : chunks_) {
        count -= static_cast<std::size_t>(std::count(chunk->states.begin(), chunk->states.end(), State::missing));
    }
    return count;
}

void Column::set(std::size_t row, const Value& value) {
    if (row >= size_) {
        resize(row + 1);
    }
    Chunk& chunk = own_chunk(row / chunk_rows);
    const std::size_t in = row % chunk_rows;
    chunk.slots[in] = value.slot();
    if (chunk.states.empty() && !value.plain()) {
        chunk.states.assign(chunk.slots.size(), State::plain);
    }
    if (chunk.states.empty()) {
        return;
    }
    const bool mended = chunk.states[in] != State::plain && value.plain();
    chunk.states[in] = value.state();
    if (mended &&
        std::all_of(chunk.states.begin(), chunk.states.end(), [](State state) { return state == State::plain; })) {
        chunk.states.clear();
    }
}

void Column::append(const Value& value) {
    if (size_ % chunk_rows == 0) {
        chunks_.push_back(std::make_shared<Chunk>());
    }
    Chunk& chunk = own_chunk(size_ / chunk_rows);
    if (chunk.states.empty() && !value.plain()) {
        chunk.states.assign(chunk.slots.size(), State::plain);
    }
    chunk.slots.push_back(value.slot());
    if (!value.plain() || !chunk.states.empty()) {
        chunk.states.push_back(value.state());
    }
    ++size_;
}

void Column::append(const double* slots, const State* states, std::size_t count) {
    if (count == 0) {
        return;
    }
    if (size_ % chunk_rows == 0) {
        chunks_.push_back(std::make_shared<Chunk>());
        chunks_.back()->slots.reserve(count);
    }
    Chunk& chunk = own_chunk(size_ / chunk_rows);
    if (chunk.states.empty() && states != nullptr) {
        chunk.states.assign(chunk.slots.size(), State::plain);
    }
    chunk.slots.insert(chunk.slots.end(), slots, slots + count);
    if (states != nullptr) {
        chunk.states.insert(chunk.states.end(), states, states + count);
    } else if (!chunk.states.empty()) {
        chunk.states.resize(chunk.slots.size(), State::plain);
    }
    size_ += count;
}

void Column::resize(std::size_t rows) {
    if (rows < size_) {
        chunks_.resize((rows + chunk_rows - 1) / chunk_rows);
        if (rows % chunk_rows != 0) {
            Chunk& last = own_chunk(rows / chunk_rows);
            last.slots.resize(rows % chunk_rows);
            last.states.resize(last.states.empty() ? 0 : rows % chunk_rows);
        }
        size_ = rows;
        return;
    }
    while (size_ < rows) {
        if (size_ % chunk_rows == 0) {
            chunks_.push_back(std::make_shared<Chunk>());
        }
        Chunk& last = own_chunk(size_ / chunk_rows);
        const std::size_t room = std::min(rows - size_, chunk_rows - last.slots.size());
        last.states.resize(last.slots.size(), State::plain);
        last.slots.resize(last.slots.size() + room, 0.0);
        last.states.resize(last.slots.size(), State::missing);
        size_ += room;
    }
}

void Column::prepare(std::size_t rows) {
    chunks_.clear();
    size_ = rows;
    for (std::size_t from = 0; from < rows; from += chunk_rows) {
        chunks_.push_back(std::make_shared<Chunk>());
        chunks_.back()->slots.resize(std::min(chunk_rows, rows - from), 0.0);
    }
}

void Column::extend(std::size_t rows) {
    chunks_.push_back(std::make_shared<Chunk>());
    chunks_.back()->slots.resize(rows);
    size_ += rows;
}

std::vector<Value> Column::taken_from(std::size_t row) {
    std::vector<Value> tail;
    tail.reserve(size_ - std::min(row, size_));
    for (std::size_t at_row = row; at_row < size_; ++at_row) {
        tail.push_back(at(at_row));
    }
    if (row < size_) {
        resize(row);
    }
    return tail;
}

void Column::insert(std::size_t row, const std::vector<Value>& values) {
    if (row > size_) {
        resize(row);
    }
    const std::vector<Value> tail = taken_from(row);
    for (const Value& value : values) {
        append(value);
    }
    for (const Value& value : tail) {
        append(value);
    }
}

void Column::erase(std::size_t row, std::size_t count) {
    if (row >= size_) {
        return;
    }
    const std::vector<Value> tail = taken_from(row);
    for (std::size_t at_tail = count; at_tail < tail.size(); ++at_tail) {
        append(tail[at_tail]);
    }
}

bool operator==(const Column& a, const Column& b) {
    if (a.kind_ != b.kind_ || a.size_ != b.size_) {
        return false;
    }
    for (std::size_t number = 0; number < a.chunks_.size(); ++number) {
        if (a.chunks_[number] == b.chunks_[number]) {
            continue;
        }
        const Column::Chunk& left = *a.chunks_[number];
        const Column::Chunk& right = *b.chunks_[number];
        if (left.states.empty() && right.states.empty()) {
            if (std::memcmp(left.slots.data(), right.slots.data(), left.slots.size() * sizeof(double)) != 0) {
                return false;
            }
            continue;
        }
        for (std::size_t in = 0; in < left.slots.size(); ++in) {
            const std::size_t row = number * Column::chunk_rows + in;
            if (!(a.at(row) == b.at(row))) {
                return false;
            }
        }
    }
    return true;
}

} // namespace ledgefall
