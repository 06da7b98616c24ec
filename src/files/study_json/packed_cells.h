#pragma once

#include "core/value/column.h"
#include "files/study_json/json_text.h"

#include <optional>

namespace ledgefall {

/// The cells of a long column in a compact form inside the study's JSON, `packed`:
///
/// - `version`: 1;
/// - `rows`: how many cells;
/// - `as`: `int8`, `int16` or `int32` (two's complement) or `double` (IEEE 754), least byte first;
/// - `decimals`: whole numbers are to be divided by this power of ten; 0 where it is left out;
/// - `data`: the cells one after the other, in base64;
/// - `texts`: of a column of texts, the different ones; the data are their places, from 0;
/// - `missing`: pairs of a row (from 1) and how many from there are missing; their data are 0;
/// - `odd`: pairs of a row and what was typed there that is not of the column's kind.
///
/// A yes is 1, a no 0, a date its day number. Numbers come back to the last bit.
namespace packed {

constexpr std::size_t least_rows = 20'000; ///< shorter columns are lists, for people and other programs
constexpr int version = 1;

/// Nothing where a list is as good: of a short column, or one with very many different texts or gaps.
std::optional<Json> written(const Column& cells, std::size_t least = least_rows);
/// Nothing where it cannot be read.
std::optional<Column> read(const Json& json, Kind kind);

} // namespace packed

} // namespace ledgefall
