#pragma once

#include <string>

namespace ledgefall {

/// The reference page of all functions, docs/functions.md, made from the catalogue.
std::string reference_page();

} // namespace ledgefall
