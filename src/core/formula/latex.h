#pragma once

#include "core/formula/mathematics.h"

#include <string>

namespace ledgefall {

/// Text as LaTeX sets it, its special characters escaped.
std::string text_for_latex(const std::string& text);

/// A formula as LaTeX has it in mathematics, by amsmath.
std::string latex_of(const Mathematics& math);

} // namespace ledgefall
