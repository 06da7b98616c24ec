#pragma once

#include "files/tables/delimited.h"

namespace ledgefall {

/// Reads delimited text straight into columns: the same as `columns_of(read_delimited(bytes, choice))`, with its
/// reports. A large text that is regular is read in one pass over its bytes, a block of rows at a time on every core,
/// and no text is made of a field that is a number. What is not regular (rows of different lengths, blank lines,
/// numbers that lose digits, dates in no order that is known) is read the slower way, which reports on it.
Result<LabelledColumns> read_delimited_columns(std::string_view bytes, const DialectChoice& choice = {},
                                               const StopToken& stop = {});

constexpr std::size_t usual_small = 100'000; ///< bytes

/// The quick way alone; nothing where a text is small or not regular. On its own so that both ways can be compared.
std::optional<LabelledColumns> read_regular_columns(std::string_view bytes, const DialectChoice& choice = {},
                                                    std::size_t small = usual_small, const StopToken& stop = {});

} // namespace ledgefall
