#pragma once

#include "core/basics/sentence.h"

#include <utility>
#include <variant>

namespace ledgefall {

/// What a step that can be refused gives back: the thing, or the sentence that says why not.
template <class T>
class Result {
  public:
    Result(T value)
        : content_(std::in_place_index<0>, std::move(value)) {}
    Result(Sentence refusal)
        : content_(std::in_place_index<1>, std::move(refusal)) {}

    explicit operator bool() const { return content_.index() == 0; }
    const T& operator*() const& { return std::get<0>(content_); }
    T& operator*() & { return std::get<0>(content_); }
    T&& operator*() && { return std::get<0>(std::move(content_)); }
    const T* operator->() const { return &std::get<0>(content_); }
    const Sentence& refusal() const { return std::get<1>(content_); }

  private:
    std::variant<T, Sentence> content_;
};

} // namespace ledgefall
