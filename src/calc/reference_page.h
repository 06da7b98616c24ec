#pragma once

#include <string>

namespace ledgefall {

/// The reference page of all functions, docs/help/functions.html, made from the catalogue.
std::string reference_page();

} // namespace ledgefall
