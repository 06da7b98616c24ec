#pragma once

#include "core/basics/sentence.h"

#include <optional>
#include <utility>

namespace ledgefall {

/// How a task came to its end.
enum class TaskEnd {
    done,
    stopped,
    not_begun, ///< because another task is waited for
    out_of_memory,
    failed
};

Sentence why_nothing_came(TaskEnd end, const std::string& cause);

/// What came of a task: what its work returned, or why there is nothing.
template <class T>
class TaskOutcome {
  public:
    static TaskOutcome of(T value) {
        TaskOutcome out(TaskEnd::done);
        out.value_ = std::move(value);
        return out;
    }
    explicit TaskOutcome(TaskEnd end = TaskEnd::stopped, std::string cause = {})
        : end_(end)
        , cause_(std::move(cause)) {}

    explicit operator bool() const { return value_.has_value(); }
    const T& operator*() const { return *value_; }
    T& operator*() { return *value_; }
    TaskEnd end() const { return end_; }

    Sentence why() const { return why_nothing_came(end_, cause_); } ///< why there is no value

  private:
    std::optional<T> value_;
    TaskEnd end_;
    std::string cause_;
};

} // namespace ledgefall
