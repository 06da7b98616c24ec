#pragma once

#include "core/formula/tree.h"

#include <string>
#include <vector>

namespace ledgefall {

/// A formula as it is set in mathematics, for drawing: what stands over, under and beside what.
struct Mathematics {
    enum class Form : std::uint8_t {
        row,      ///< parts side by side
        name,     ///< `text`, a name or letter
        number,   ///< `text`
        word,     ///< `text` set upright: a function's name, a text, `and`
        sign,     ///< `text`, an operator with room around it
        mark,     ///< `text`, a sign without room: −, !, %, a comma
        fraction, ///< what is divided, over what it is divided by
        root,     ///< of one part, or of the first by the second: a cube root
        raised,   ///< the second part above the first's right
        lowered,  ///< the second part below the first's right
        bars,     ///< one part between bars
        overline, ///< one part under a bar: a mean
        brackets, ///< one part in brackets that grow with it
        large,    ///< `text` a large Σ or Π before the first part; further parts stand below and above it
        cases,    ///< values and their conditions in turn, behind a brace
    };
    Form form = Form::row;
    std::string text;
    std::vector<Mathematics> parts;
    Span span; ///< of the formula's characters that it stands for
};

/// How a call of a function of one argument is set.
enum class Typesetting : std::uint8_t {
    call, ///< its name, with the argument in brackets
    large_sum,
    large_product,
    overline, ///< of a name
    bars,
    square_root,
    cube_root,
    power_of_e,
    factorial ///< of a name or number
};
using TypesettingOf = Typesetting (*)(std::string_view function);

Mathematics mathematics_of(const Node& tree, TypesettingOf typesetting_of);

/// In one line, for tests and for screen readers: `frac(a; b)`, `root(x)`, `x^(2)`.
std::string in_one_line(const Mathematics& math);

} // namespace ledgefall
