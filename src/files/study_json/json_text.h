#pragma once

#include <nlohmann/json.hpp>

#include <string>

namespace ledgefall {

/// JSON that keeps the order in which its fields were written.
using Json = nlohmann::ordered_json;

/// `json` as text: indented, lists of plain values on one line, and every number in the shortest form that reads back
/// as the same double.
std::string json_text(const Json& json);

} // namespace ledgefall
