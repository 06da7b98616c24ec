#pragma once

#include <string>

#include <nlohmann/json.hpp>

namespace ledgefall {

/// JSON that keeps the order in which its fields were written.
using Json = nlohmann::ordered_json;

/// `json` as text: indented, lists of plain values on one line, and every number in the shortest form that reads back
/// as the same double.
std::string json_text(const Json& json);

} // namespace ledgefall
