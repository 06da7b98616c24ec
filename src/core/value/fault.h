#pragma once

#include "core/basics/sentence.h"
#include "core/basics/span.h"
#include "core/value/definition_id.h"
#include "core/value/text.h"

#include <cstdint>
#include <optional>

namespace ledgefall {

/// Why a value could not be computed.
enum class Cause : std::uint8_t {
    syntax,
    unknown_name,
    wrong_kind,
    wrong_arguments,
    cycle,
    no_first,
    row_not_computed_yet,
    division_by_zero,
    out_of_domain,
    too_large,
    not_a_number,
    no_such_row,
    several_rows,
};
constexpr std::size_t cause_count = static_cast<std::size_t>(Cause::several_rows) + 1;

/// A place in a definition at which a fault can begin. Sites are held once for the whole program, so that a million
/// cells in error cost no more than a million numbers; for how long, their `InternScope` says.
struct FaultSite {
    Cause cause = Cause::syntax;
    DefinitionId definition;        ///< the column, held value or foot value in which it began
    Sentence what;                  ///< what happened and what to do, without the place
    std::uint32_t from = 0, to = 0; ///< the characters of the definition's formula that it is about
    std::optional<SuggestedCorrection> correction = std::nullopt; ///< what would set that formula right
    std::string waits_for = {};                                   ///< a name that is not there yet

    friend bool operator==(const FaultSite&, const FaultSite&) = default;
};

/// A fault as a cell holds it: its site and the row (from 1; 0 where no row is meant) in which it began.
struct Fault {
    std::uint32_t site = 0;
    std::uint32_t row = 0;

    const FaultSite& at() const;
    friend bool operator==(Fault, Fault) = default;
};

/// The number of `site`, which is registered if it is new. Safe from any thread.
std::uint32_t fault_site(const FaultSite& site);
/// How many sites are held now.
std::size_t fault_site_count();

} // namespace ledgefall
