#include "core/study/formats/style_texts.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

struct Ratio {
    double above = 0, below = 1;
};

/// The ratio nearest to a number from 0 to 1 whose denominator is at most `most`, by continued fractions.
Ratio nearest_ratio(double number, double most) {
    Ratio before = {0, 1}; // convergents
    Ratio last = {1, 0};
    double x = number;
    for (int step = 0; step < 40; ++step) {
        const double whole = std::floor(x);
        const Ratio next = {whole * last.above + before.above, whole * last.below + before.below};
        if (next.below > most) {
            const double part = std::floor((most - before.below) / last.below); // the last semiconvergent that fits
            const Ratio half = {part * last.above + before.above, part * last.below + before.below};
            const auto off = [number](const Ratio& ratio) { return std::fabs(ratio.above / ratio.below - number); };
            return last.below == 0 || off(half) < off(last) ? half : last;
        }
        before = last;
        last = next;
        if (std::fabs(last.above / last.below - number) < 1e-12 || x == whole) {
            break;
        }
        x = 1 / (x - whole);
    }
    return last;
}

} // namespace

std::string fraction_text(double number, int largest) {
    const double size = std::fabs(number);
    if (size >= 1e9) {
        return automatic_text(number);
    }
    double whole = std::floor(size);
    const Ratio rest = nearest_ratio(size - whole, std::clamp(largest, 1, 999'999));
    const bool no_rest = rest.above == 0 || rest.above == rest.below;
    whole += rest.above == rest.below ? 1 : 0;
    std::string text;
    if (no_rest || whole != 0) {
        text = decimals_text(whole, 0);
    }
    if (!no_rest) {
        constexpr const char* thin_space = "\u2005";
        text += (whole != 0 ? thin_space : "") + decimals_text(rest.above, 0) + "⁄" + decimals_text(rest.below, 0);
    }
    return number < 0 && text != "0" ? "\u2212" + text : text;
}

} // namespace ledgefall
