#pragma once

#include <functional>
#include <string>
#include <string_view>

namespace ledgefall {

/// A piece of text held once for the whole program and compared by address. A text cell is thereby as small as a
/// number, and `site = "pool"` over a million rows compares eight bytes a row. It is freed with the results or the file
/// within whose `InternScope` it was made; outside of one it is kept for ever.
class Text {
  public:
    Text()
        : address_(empty_text()) {}
    explicit Text(std::string_view text);

    const std::string& str() const { return *address_; }
    /// How many different texts are held now.
    static std::size_t count();

    bool empty() const { return address_->empty(); }
    const std::string* address() const { return address_; }
    static Text at(const std::string* address) { return Text(address); }

    friend bool operator==(Text a, Text b) { return a.address_ == b.address_; }

  private:
    explicit Text(const std::string* address)
        : address_(address) {}
    static const std::string* empty_text();
    const std::string* address_;
};

/// The identity of an object of a study: it outlives every change of name.
using Id = Text;

} // namespace ledgefall

template <>
struct std::hash<ledgefall::Text> {
    std::size_t operator()(ledgefall::Text text) const noexcept {
        return std::hash<const std::string*>()(text.address());
    }
};
