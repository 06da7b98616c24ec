#pragma once

#include "core/value/fault.h"
#include "core/value/spelling.h"
#include "core/value/text.h"

#include <bit>
#include <cstdint>
#include <optional>
#include <string>

namespace ledgefall {

/// What kind of thing a column or a held value holds.
enum class Kind : std::uint8_t { number, text, yes_no, date, interval, distribution };

std::string kind_name(Kind kind); ///< "number", "text", "yes_no", …: the word of the file format
std::optional<Kind> kind_named(std::string_view name);
std::string kind_in_words(Kind kind); ///< "a number", "a text", …: for sentences

/// `odd` is a typed text that is not of its column's kind: it is kept as typed, and is a fault where a formula reads
/// it.
enum class State : std::uint8_t { plain, missing, fault, unparsed };

/// One value, as it passes between cells. Sixteen bytes, copied freely: the payload is a double, or the address of a
/// held text, or a fault, by kind and state. Dates are days since 1970-01-01, their fraction the time of day.
class Value {
  public:
    Value() = default; ///< missing
    static Value number(double x) { return {x, Kind::number, State::plain}; }
    static Value yes_no(bool yes) { return {yes ? 1.0 : 0.0, Kind::yes_no, State::plain}; }
    static Value text(Text text) { return {slot_of(text), Kind::text, State::plain}; }
    static Value missing(Kind kind = Kind::number) { return {0.0, kind, State::missing}; }
    static Value fault(Fault fault) { return {std::bit_cast<double>(fault), Kind::number, State::fault}; }
    static Value unparsed(Text typed) { return {slot_of(typed), Kind::text, State::unparsed}; }
    static Value of(double slot, Kind kind, State state) { return {slot, kind, state}; }

    Kind kind() const { return kind_; }
    State state() const { return state_; }
    bool plain() const { return state_ == State::plain; }
    bool is_missing() const { return state_ == State::missing; }
    bool is_fault() const { return state_ == State::fault; }
    double slot() const { return slot_; }
    double number() const { return slot_; }
    bool yes() const { return slot_ != 0.0; }
    Text text() const { return text_of(slot_); }
    Fault fault() const { return std::bit_cast<Fault>(slot_); }

    static double slot_of_address(const void* interned) {
        return std::bit_cast<double>(static_cast<std::uint64_t>(reinterpret_cast<std::uintptr_t>(interned)));
    }
    static const void* address_of(double slot) {
        // NOLINTNEXTLINE(performance-no-int-to-ptr): a slot of eight bytes is what makes a text as small as a number
        return reinterpret_cast<const void*>(static_cast<std::uintptr_t>(std::bit_cast<std::uint64_t>(slot)));
    }
    static double slot_of(Text text) { return slot_of_address(text.address()); }
    static Text text_of(double slot) { return Text::at(static_cast<const std::string*>(address_of(slot))); }

    /// The same value, of which a text, class or distribution is kept for ever. What takes a value out of results, and
    /// may outlive them, takes it so.
    Value persistent() const;

    /// The same value to the last bit: what decides whether a change has to travel on.
    friend bool operator==(const Value& a, const Value& b) {
        return a.state_ == b.state_ &&
               (a.state_ == State::missing ||
                (std::bit_cast<std::uint64_t>(a.slot_) == std::bit_cast<std::uint64_t>(b.slot_) &&
                 (a.state_ == State::fault || a.kind_ == b.kind_)));
    }

  private:
    Value(double slot, Kind kind, State state)
        : slot_(slot)
        , kind_(kind)
        , state_(state) {}

    double slot_ = 0.0;
    Kind kind_ = Kind::number;
    State state_ = State::missing;
};

/// A value as people type it into a cell of kind `kind`: blank is missing, what does not fit the kind is kept as odd.
Value read_cell(std::string_view typed, Kind kind, const Spelling& spelling = {});
/// The kind that a text has by itself: a number, a date, a yes or no, else a text. A fraction such as 2/5 is a number
/// only in a column of numbers.
Kind kind_of_typed(std::string_view typed, const Spelling& spelling = {});

/// Whether a whole number is written that no double is, as some beyond 2^53 are not.
bool is_inexact_whole(std::string_view typed);
/// Whether a text is written like a whole number but would lose digits as one: its leading zeros, as `007` does, or its
/// last ones, as numbers beyond 2^53 may.
bool loses_digits(std::string_view typed);

/// The number that `typed` writes in full, or nothing.
std::optional<double> read_number(std::string_view typed, char decimal = '.');

/// A plain value as text that `read_cell` reads back to the same value; missing gives an empty text.
std::string write_cell(const Value& value);

} // namespace ledgefall
