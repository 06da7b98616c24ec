#pragma once

#include "core/basics/result.h"
#include "core/value/column.h"

#include <vector>

namespace ledgefall {

/// By which rule classes are proposed for n values: the range over about eight; after Sturges (1926), 1 + log2 n
/// classes; √n classes; after Freedman and Diaconis (1981), a width of 2·IQR/∛n; or one for each value as it is
/// recorded.
enum class ClassRule : std::uint8_t { about_eight, sturges, square_root, freedman_diaconis, recorded_values };

/// Classes of one width: `count` of them, the first with `start` as its lower limit.
struct ClassProposal {
    double start = 0, width = 1;
    std::size_t count = 1;
    double recorded_to = 0; ///< half of it lies between a limit and a boundary; 0: values are continuous
    friend bool operator==(const ClassProposal&, const ClassProposal&) = default;
};

/// The most classes that a table is made with.
constexpr std::size_t most_proposed_classes = 1000;

/// 1, 2, 2.5 or 5 times a power of ten: the nearest to `width`, which is above 0.
double convenient_width(double width);

/// To what the numbers of a column seem to be recorded: the largest of 1 times a power of ten, up to 1, of which all
/// are multiples; of ten numbers or more also up to 1000, of 5 times such a power, and of 2 and 2.5 times one below 1.
/// 0 where they have more than six decimals.
double proposed_recording_unit(const Column& cells);

/// Classes that cover the numbers of the column, their start and width rounded to convenient numbers. A sentence where
/// there is no number to be put in classes.
Result<ClassProposal> propose_classes(const Column& cells, ClassRule rule, double recorded_to = 0);

/// The number of classes of that width, from `start` on, that the numbers of the column need to be covered; with
/// `closed_left` a number on a boundary belongs to the class that begins there. Refused if the width is not above 0 or
/// is not a multiple of the recording unit, if there would be too many classes, or if there is no number.
Result<ClassProposal> cover_with_classes(const Column& cells, double start, double width, bool closed_left,
                                         double recorded_to = 0);

/// The boundary below a lower limit.
double boundary_below(double limit, double recorded_to);
/// The boundaries of the classes, one more than there are classes.
std::vector<double> boundaries_of(const ClassProposal& classes);

/// How many numbers fall in each class, and how many in none.
struct ClassCounts {
    std::vector<std::size_t> counts; ///< with those of an open first and last class
    std::size_t outside = 0;         ///< numbers that fall in no class
    std::size_t no_number = 0;       ///< missing cells, and texts among the numbers
};
ClassCounts count_in_classes(const Column& cells, const std::vector<double>& limits, bool closed_left, bool open_below,
                             bool open_above);

} // namespace ledgefall
