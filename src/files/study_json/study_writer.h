#pragma once

#include "core/study/model/study.h"
#include "files/study_json/json_text.h"

namespace ledgefall {

/// A text; none where it is empty.
void put(Json& json, const char* field, const std::string& text);
/// The fields of a file that were not known when it was read, as they were.
void put_unknown_fields(Json& json, const std::string& unknown_fields);
/// Whole numbers are written without a point, as people write them.
Json number_json(double number);
Json value_json(const Value& value);
/// `"value"`, with `"kind"` where the value does not say it itself.
void put_own_value(Json& json, const Value& value);
/// `"kind"` and `"values"`, or `"packed"` of a long column.
void put_cells(Json& json, const Column& cells);
Json overrides_json(const Overrides& overrides);
void put_runs(Json& json, const Study& study);

} // namespace ledgefall
