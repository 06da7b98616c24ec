#include "core/engine/functions/operation_templates.h"
#include "core/stats/combinations.h"
#include "core/value/date.h"
#include "core/value/text_order.h"

#include <algorithm>
#include <functional>

namespace ledgefall {
namespace {

template <auto Compare>
struct Comparison {
    double operator()(double a, double b) const { return Compare(a, b) ? 1.0 : 0.0; }
};
constexpr auto equal = [](double a, double b) { return a == b; };
constexpr auto not_equal = [](double a, double b) { return a != b; };
constexpr auto less = [](double a, double b) { return a < b; };
constexpr auto less_equal = [](double a, double b) { return a <= b; };
constexpr auto greater = [](double a, double b) { return a > b; };
constexpr auto greater_equal = [](double a, double b) { return a >= b; };

/// Of two numbers, the tolerance, and the sizes of the terms that they are made of, as far as those are known.
Value approximately(const Value* a, std::size_t count, const Faults&) {
    constexpr std::size_t compared = 3;
    const auto passed = passed_on(a, compared, Kind::yes_no);
    if (passed) {
        return *passed;
    }
    double size = 0;
    for (std::size_t at = compared; at < count; ++at) {
        size = a[at].plain() ? std::max(size, a[at].number()) : size;
    }
    return Value::yes_no(nearly_equal(a[0].number(), a[1].number(), a[2].number(), size));
}
// Texts are held once, so that equal texts have equal slots.
template <bool Same>
struct SameSlot {
    double operator()(double a, double b) const {
        return (std::bit_cast<std::uint64_t>(a) == std::bit_cast<std::uint64_t>(b)) == Same ? 1.0 : 0.0;
    }
};
template <class Order>
struct TextOrder {
    double operator()(double a, double b) const {
        return Order()(compare_texts(Value::text_of(a).str(), Value::text_of(b).str()), 0) ? 1.0 : 0.0;
    }
};
struct Square {
    double operator()(double x) const { return x * x; }
};
struct Cube {
    double operator()(double x) const { return x * x * x; }
};
struct Hundredth {
    double operator()(double x) const { return x / 100; }
};
struct Degrees {
    double operator()(double x) const { return x * 0.017453292519943295769; }
};
struct Root {
    double operator()(double x) const { return std::sqrt(x); }
};
struct Factorial {
    double operator()(double n) const { return factorial(n); }
};
struct Remainder { // of a division rounded down, so that it has the divisor's sign
    double operator()(double a, double b) const {
        const double rest = std::fmod(a, b);
        return rest != 0 && (rest < 0) != (b < 0) ? rest + b : rest;
    }
};
struct Power {
    double operator()(double a, double b) const { return std::pow(a, b); }
};

/// An operation in which a zero as second argument is a division by zero.
template <class F>
Value divided(const Value* a, std::size_t count, const Faults& faults) {
    const auto passed = passed_on(a, count, Kind::number);
    if (passed) {
        return *passed;
    }
    return a[1].number() == 0 ? faults.divided_by_zero() : faults.number(F()(a[0].number(), a[1].number()));
}

Value power(const Value* a, std::size_t count, const Faults& faults) {
    const auto passed = passed_on(a, count, Kind::number);
    if (passed) {
        return *passed;
    }
    const bool of_zero = a[0].number() == 0 && a[1].number() < 0;
    return of_zero ? faults.divided_by_zero() : faults.number(std::pow(a[0].number(), a[1].number()));
}

Value logical_and(const Value* a, std::size_t, const Faults&) {
    if (a[0].is_fault() || (a[0].plain() && !a[0].yes())) {
        return a[0];
    }
    if (a[1].is_fault() || (a[1].plain() && !a[1].yes())) {
        return a[1];
    }
    return a[0].plain() && a[1].plain() ? Value::yes_no(true) : Value::missing(Kind::yes_no);
}

Value logical_or(const Value* a, std::size_t, const Faults&) {
    if (a[0].is_fault() || (a[0].plain() && a[0].yes())) {
        return a[0];
    }
    if (a[1].is_fault() || (a[1].plain() && a[1].yes())) {
        return a[1];
    }
    return a[0].plain() && a[1].plain() ? Value::yes_no(false) : Value::missing(Kind::yes_no);
}

Value logical_not(const Value* a, std::size_t, const Faults&) {
    return a[0].plain() ? Value::yes_no(!a[0].yes()) : a[0];
}

Value choose(const Value* a, std::size_t, const Faults&) {
    if (!a[0].plain()) {
        return a[0].is_fault() ? a[0] : Value::missing(a[1].kind());
    }
    return a[0].yes() ? a[1] : a[2];
}

void choose_block(const Lane* a, double* out, std::size_t rows) {
    for (std::size_t row = 0; row < rows; ++row) {
        const double yes = a[1].slot(row);
        const double no = a[2].slot(row);
        out[row] = a[0].slot(row) != 0.0 ? yes : no;
    }
}

struct And {
    double operator()(double a, double b) const { return a != 0.0 && b != 0.0 ? 1.0 : 0.0; }
};
struct Or {
    double operator()(double a, double b) const { return a != 0.0 || b != 0.0 ? 1.0 : 0.0; }
};

std::optional<Operation> comparison(Operator op, Kind kind) {
    const bool text = kind == Kind::text;
    const Kind yes_no = Kind::yes_no;
    switch (op) {
    case Operator::equal:
        return text ? binary_operation<SameSlot<true>>(yes_no) : binary_operation<Comparison<equal>>(yes_no);
    case Operator::not_equal:
        return text ? binary_operation<SameSlot<false>>(yes_no) : binary_operation<Comparison<not_equal>>(yes_no);
    case Operator::less:
        return text ? binary_operation<TextOrder<std::less<>>>(yes_no) : binary_operation<Comparison<less>>(yes_no);
    case Operator::less_equal:
        return text ? binary_operation<TextOrder<std::less_equal<>>>(yes_no)
                    : binary_operation<Comparison<less_equal>>(yes_no);
    case Operator::greater:
        return text ? binary_operation<TextOrder<std::greater<>>>(yes_no)
                    : binary_operation<Comparison<greater>>(yes_no);
    case Operator::greater_equal:
        return text ? binary_operation<TextOrder<std::greater_equal<>>>(yes_no)
                    : binary_operation<Comparison<greater_equal>>(yes_no);
    case Operator::approximately:
        return kind == Kind::number ? std::optional(Operation{&approximately, nullptr, yes_no}) : std::nullopt;
    default:
        return std::nullopt;
    }
}

Operation named(Operation operation, Operation::RowCode code) {
    operation.row_code = code;
    return operation;
}

std::optional<Operation> arithmetic_of(Operator op, std::optional<double> exponent) {
    switch (op) {
    case Operator::add:
        return named(binary_operation<std::plus<>>(), Operation::RowCode::add);
    case Operator::subtract:
        return named(binary_operation<std::minus<>>(), Operation::RowCode::subtract);
    case Operator::multiply:
        return named(binary_operation<std::multiplies<>>(), Operation::RowCode::multiply);
    case Operator::divide:
        return named({&divided<std::divides<>>, &binary_block<std::divides<>>, Kind::number},
                     Operation::RowCode::divide);
    case Operator::modulo: {
        Operation modulo = binary_operation<Remainder>();
        modulo.one = &divided<Remainder>;
        return modulo;
    }
    case Operator::power:
        if (exponent == 2.0 || exponent == 3.0) {
            return exponent == 2.0 ? named(unary_operation<Square>(), Operation::RowCode::square)
                                   : named(unary_operation<Cube>(), Operation::RowCode::cube);
        }
        return Operation{&power, &binary_block<Power>, Kind::number, 0, Operation::RowCode::call, &binary_row<Power>};
    case Operator::negate:
        return named(unary_operation<std::negate<>>(), Operation::RowCode::negate);
    case Operator::percent:
        return unary_operation<Hundredth>();
    case Operator::degree:
        return unary_operation<Degrees>();
    case Operator::root:
        return named(unary_operation<Root>(), Operation::RowCode::root);
    case Operator::factorial:
        return unary_operation<Factorial>();
    default:
        return std::nullopt;
    }
}

std::optional<Operation> arithmetic(Operator op, std::optional<double> exponent) {
    std::optional<Operation> operation = arithmetic_of(op, exponent);
    switch (op) {
    case Operator::add:
    case Operator::subtract:
    case Operator::multiply:
        operation->carries = 3;
        break;
    case Operator::divide: // not from below: what is divided by an infinity is 0
    case Operator::negate:
    case Operator::percent:
    case Operator::degree:
    case Operator::root:
        operation->carries = 1;
        break;
    case Operator::power:
        operation->carries = exponent == 2.0 || exponent == 3.0 ? 1 : 0;
        break;
    default:
        break;
    }
    return operation;
}

/// A date that many days later or earlier; no value outside the calendar.
template <class F>
Operation moved_date() {
    struct Moved {
        double operator()(double a, double b) const {
            const double days = F()(a, b);
            return in_calendar(days) ? days : std::nan("");
        }
    };
    return {[](const Value* a, std::size_t count, const Faults& faults) {
                const auto passed = passed_on(a, count, Kind::date);
                if (passed) {
                    return *passed;
                }
                const double days = Moved()(a[0].number(), a[1].number());
                return std::isnan(days) ? faults.out_of_domain() : Value::of(days, Kind::date, State::plain);
            },
            &binary_block<Moved>,
            Kind::date,
            0,
            Operation::RowCode::call,
            &binary_row<Moved>};
}

std::optional<Operation> logic(Operator op) {
    switch (op) {
    case Operator::logical_and:
        return Operation{&logical_and, &binary_block<And>, Kind::yes_no, 0, Operation::RowCode::call, &binary_row<And>};
    case Operator::logical_or:
        return Operation{&logical_or, &binary_block<Or>, Kind::yes_no, 0, Operation::RowCode::call, &binary_row<Or>};
    case Operator::logical_not:
        return Operation{&logical_not, nullptr, Kind::yes_no};
    default:
        return std::nullopt;
    }
}

} // namespace

bool nearly_equal(double a, double b, double tolerance, double size) {
    return a == b || std::fabs(a - b) <= tolerance * std::max({std::fabs(a), std::fabs(b), size});
}

std::optional<Operation> operation_of(Operator op, const std::vector<Kind>& kinds, std::optional<double> exponent) {
    const auto all = [&kinds](Kind kind) {
        return std::all_of(kinds.begin(), kinds.end(), [kind](Kind k) { return k == kind; });
    };
    if (op == Operator::logical_and || op == Operator::logical_or || op == Operator::logical_not) {
        return all(Kind::yes_no) ? logic(op) : std::nullopt;
    }
    if (op >= Operator::equal && op <= Operator::in) {
        return all(kinds.front()) ? comparison(op, kinds.front()) : std::nullopt;
    }
    if (all(Kind::number)) {
        return arithmetic(op, exponent);
    }
    const bool two = kinds.size() == 2;
    if (two && op == Operator::subtract && all(Kind::date)) {
        return binary_operation<std::minus<>>(); // days between
    }
    const bool date_first = two && kinds[0] == Kind::date && kinds[1] == Kind::number;
    const bool date_second = two && kinds[0] == Kind::number && kinds[1] == Kind::date;
    if (op == Operator::add && (date_first || date_second)) {
        return moved_date<std::plus<>>();
    }
    if (op == Operator::subtract && date_first) {
        return moved_date<std::minus<>>();
    }
    return std::nullopt;
}

Operation choice_of(Kind kind) {
    return {&choose,
            &choose_block,
            kind,
            0,
            Operation::RowCode::call,
            [](const double* a) { return a[0] != 0.0 ? a[1] : a[2]; }};
}

} // namespace ledgefall
