#pragma once

#include <algorithm>
#include <cmath>
#include <string>
#include <vector>

namespace ledgefall::testing {

enum class OracleKind { number, text, yes_no, date, distribution };

/// A value of the oracle. Beside a number stands the largest error that another right computation of it may have: 0
/// where IEEE arithmetic leaves no choice. What depends on a comparison within that error is `unsure`, and is not
/// compared.
struct OracleValue {
    enum class State { plain, missing, error };
    State state = State::missing;
    OracleKind kind = OracleKind::number;
    double number = 0;
    double error = 0;
    bool unsure = false;
    std::string text;           ///< of a text; of a distribution its family
    std::vector<double> values; ///< of a distribution its parameters

    bool plain() const { return state == State::plain; }
    bool missing() const { return state == State::missing; }
    bool failed() const { return state == State::error; }
    bool yes() const { return number != 0; }

    static OracleValue of(double x, double error = 0) {
        OracleValue value;
        value.state = std::isfinite(x) ? State::plain : State::error;
        value.number = x;
        value.error = error;
        value.unsure = !std::isfinite(error);
        return value;
    }
    static OracleValue of_yes(bool yes) {
        OracleValue value = of(yes ? 1 : 0);
        value.kind = OracleKind::yes_no;
        return value;
    }
    static OracleValue of_text(const std::string& text) {
        OracleValue value = of(0);
        value.kind = OracleKind::text;
        value.text = text;
        return value;
    }
    static OracleValue of_date(double days) {
        OracleValue value = of(days);
        value.kind = OracleKind::date;
        return value;
    }
    static OracleValue none(OracleKind kind = OracleKind::number) {
        OracleValue value;
        value.kind = kind;
        return value;
    }
    static OracleValue failure() {
        OracleValue value;
        value.state = State::error;
        return value;
    }
    static OracleValue undecided() {
        OracleValue value;
        value.unsure = true;
        return value;
    }
};

inline double spacing(double x) {
    const double size = std::fabs(x);
    return std::nextafter(size, HUGE_VAL) - size;
}

} // namespace ledgefall::testing
