#pragma once

#include "core/value/sentence.h"

#include <utility>
#include <variant>

namespace ledgefall {

/// What a step that can be refused gives back: the thing, or the sentence that says why not.
template <class T>
class Result {
  public:
    Result(T value)
        : held_(std::in_place_index<0>, std::move(value)) {}
    Result(Sentence refusal)
        : held_(std::in_place_index<1>, std::move(refusal)) {}

    explicit operator bool() const { return held_.index() == 0; }
    const T& operator*() const& { return std::get<0>(held_); }
    T& operator*() & { return std::get<0>(held_); }
    T&& operator*() && { return std::get<0>(std::move(held_)); }
    const T* operator->() const { return &std::get<0>(held_); }
    const Sentence& refusal() const { return std::get<1>(held_); }

  private:
    std::variant<T, Sentence> held_;
};

} // namespace ledgefall
