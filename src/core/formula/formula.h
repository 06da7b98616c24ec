#pragma once

#include "core/formula/parser.h"

#include <memory>
#include <optional>
#include <string>

namespace ledgefall {

/// A formula as a person wrote it, with its tree, or with the mistake that keeps it from being one.
class Formula {
  public:
    Formula() = default;
    explicit Formula(std::string text);
    const std::string& text() const { return text_; }
    bool empty() const { return text_.empty(); }
    const std::shared_ptr<const Node>& tree() const { return parsed_.tree; }
    const std::optional<Mistake>& mistake() const { return parsed_.mistake; }
    friend bool operator==(const Formula& a, const Formula& b) { return a.text_ == b.text_; }

  private:
    std::string text_;
    ParsedFormula parsed_;
};

} // namespace ledgefall
