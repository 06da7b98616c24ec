#pragma once

#include "core/formula/mathematics.h"

#include <string>

namespace ledgefall {

/// Text as XML and HTML have it, with its special characters written out.
std::string text_for_xml(const std::string& text);

/// A formula as MathML has it, within one `math` element: presentation elements of MathML Core.
std::string mathml_of(const Mathematics& math);

} // namespace ledgefall
