// Tables of motions in steps, against the same steps in plain loops and against exact solutions.

#include "core/study/builders/motion_table.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

struct Moment {
    double x, vx, y, vy;
};
using Acceleration = std::function<std::pair<double, double>(const Moment&, double t)>;

/// One step of each method, written out without anything of the program.
Moment step(StepMethod method, const Moment& s, double t, double h, const Acceleration& a) {
    const auto [ax, ay] = a(s, t);
    switch (method) {
    case StepMethod::explicit_euler:
        return {s.x + s.vx * h, s.vx + ax * h, s.y + s.vy * h, s.vy + ay * h};
    case StepMethod::semi_implicit_euler: {
        const double vx = s.vx + ax * h;
        const double vy = s.vy + ay * h;
        return {s.x + vx * h, vx, s.y + vy * h, vy};
    }
    case StepMethod::velocity_verlet: {
        const Moment guess{s.x + s.vx * h + ax * h * h / 2, s.vx + ax * h, s.y + s.vy * h + ay * h * h / 2,
                           s.vy + ay * h};
        const auto [nx, ny] = a(guess, t + h);
        return {guess.x, s.vx + (ax + nx) / 2 * h, guess.y, s.vy + (ay + ny) / 2 * h};
    }
    case StepMethod::runge_kutta_4:
        break;
    }
    const auto slope = [&a](const Moment& at, double time) {
        const auto [x, y] = a(at, time);
        return Moment{at.vx, x, at.vy, y};
    };
    const auto moved = [&s](const Moment& k, double by) {
        return Moment{s.x + k.x * by, s.vx + k.vx * by, s.y + k.y * by, s.vy + k.vy * by};
    };
    const Moment k1 = slope(s, t);
    const Moment k2 = slope(moved(k1, h / 2), t + h / 2);
    const Moment k3 = slope(moved(k2, h / 2), t + h / 2);
    const Moment k4 = slope(moved(k3, h), t + h);
    const auto mean = [h](double a1, double a2, double a3, double a4) { return h / 6 * (a1 + 2 * a2 + 2 * a3 + a4); };
    return {s.x + mean(k1.x, k2.x, k3.x, k4.x), s.vx + mean(k1.vx, k2.vx, k3.vx, k4.vx),
            s.y + mean(k1.y, k2.y, k3.y, k4.y), s.vy + mean(k1.vy, k2.vy, k3.vy, k4.vy)};
}

/// A made table and what is asked of it.
struct Made {
    Study study;
    Id table;
    ResultsPtr results;

    explicit Made(const MotionRequest& request) {
        const Result<Study> made = motion_table(Study(), request, &table);
        if (!made) {
            qFatal("refused: %s", made.refusal().text().c_str());
        }
        study = *made;
        results = compute(study);
    }
    double cell(const std::string& name, std::size_t row) const {
        return results->cell(study.table(table)->column_named(name)->id, row).number();
    }
    Value held(const std::string& name) const {
        for (const auto& one : study.table(table)->ledge) {
            if (one->name == name) {
                return results->single(one->id).persistent();
            }
        }
        return Value::missing();
    }
    std::size_t rows() const { return results->rows(table); }
    /// The labels of the checks that do not hold.
    std::vector<std::string> failing() const {
        std::vector<std::string> out;
        for (const auto& check : study.checks) {
            const Value holds = results->single(check->id);
            if (!holds.plain() || !holds.yes()) {
                out.push_back(check->label);
            }
        }
        return out;
    }
};

MotionRequest projectile() {
    MotionRequest request;
    request.two_directions = true;
    request.ax = "-0.05 * hypot(vx, vy) * vx";
    request.ay = "-9.81 - 0.05 * hypot(vx, vy) * vy";
    request.vx = 8;
    request.vy = 9;
    request.y = 1.5;
    request.step = 0.02;
    request.end = 2;
    return request;
}

} // namespace

class TestMotion : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void every_method_takes_its_steps_data() {
        QTest::addColumn<int>("method");
        for (const StepMethodKind& kind : step_methods()) {
            QTest::newRow(kind.name.c_str()) << static_cast<int>(kind.method);
        }
    }
    void every_method_takes_its_steps() {
        QFETCH(int, method);
        MotionRequest request = projectile();
        request.method = static_cast<StepMethod>(method);
        const Made made(request);
        QCOMPARE(made.rows(), std::size_t{101});
        Moment state{0, 8, 1.5, 9};
        const Acceleration drag = [](const Moment& s, double) {
            const double speed = std::hypot(s.vx, s.vy);
            return std::pair{-0.05 * speed * s.vx, -9.81 - 0.05 * speed * s.vy};
        };
        for (std::size_t row = 0; row < made.rows(); ++row) {
            QVERIFY2(std::fabs(made.cell("x", row) - state.x) < 1e-10,
                     qPrintable(QStringLiteral("%1: %2 %3").arg(row).arg(made.cell("x", row)).arg(state.x)));
            QVERIFY(near(made.cell("y", row), state.y, 1e-9));
            QVERIFY(near(made.cell("vx", row), state.vx, 1e-10));
            QVERIFY(std::fabs(made.cell("vy", row) - state.vy) < 1e-10);
            state = step(request.method, state, static_cast<double>(row) * 0.02, 0.02, drag);
        }
        QVERIFY(made.failing().empty());
    }

    /// A swing at a rate of 2 per second for ten seconds: x = cos 2t.
    void errors_and_drift_are_of_the_order_of_the_method() {
        const double exact = std::cos(20.0);
        for (const StepMethodKind& kind : step_methods()) {
            double errors[2] = {};
            for (int halved = 0; halved < 2; ++halved) {
                MotionRequest request;
                request.ax = "-4 * x";
                request.x = 1;
                request.end = 10;
                request.step = halved == 0 ? 0.01 : 0.005;
                request.method = kind.method;
                request.conserved = "vx^2 / 2 + 2 * x^2";
                const Made made(request);
                errors[halved] = std::fabs(made.cell("x", made.rows() - 1) - exact);
                QVERIFY(kind.order == 1 || made.failing().empty());
                QVERIFY(kind.oscillation > 0 || !made.failing().empty()); // with explicit Euler the energy grows
            }
            const double order = std::log2(errors[0] / errors[1]);
            QVERIFY2(std::fabs(order - kind.order) < 0.35, (kind.name + std::to_string(order)).c_str());
        }
    }

    void a_step_near_the_limit_fails_its_check() {
        for (const StepMethodKind& kind : step_methods()) {
            MotionRequest request;
            request.ax = "-100 * x"; // a rate of 10
            request.x = 1;
            request.end = 20;
            request.step = 0.15;
            request.method = kind.method;
            QVERIFY2(!Made(request).failing().empty(), kind.name.c_str());
        }
    }

    /// A stone thrown up falls back to the ground at t = (v + √(v² + 2 g y)) / g.
    void an_event_is_found_between_two_rows() {
        MotionRequest request;
        request.two_directions = true;
        request.ay = "-9.81";
        request.vx = 3;
        request.vy = 5;
        request.y = 2;
        request.step = 0.01;
        request.end = 3;
        request.method = StepMethod::velocity_verlet; // exact for a constant acceleration
        request.crossing = "y";
        request.stops_there = true;
        const Made made(request);
        const double landing = (5 + std::sqrt(25 + 2 * 9.81 * 2)) / 9.81;
        QVERIFY(std::fabs(made.held("event_t").number() - landing) < 2e-5); // g dt² / 8 over the speed
        QVERIFY(std::fabs(made.held("event_x").number() - 3 * landing) < 6e-5);
        QVERIFY(std::fabs(made.held("event_vy").number() - (5 - 9.81 * landing)) < 2e-4);
        QCOMPARE(made.rows(), static_cast<std::size_t>(std::ceil(landing / 0.01)) + 1);
        QVERIFY(made.failing().empty());
        request.end = 1;
        request.stops_there = false;
        const Made short_one(request);
        QVERIFY(short_one.held("event_t").is_missing());
        QCOMPARE(short_one.failing(), std::vector<std::string>{"the event is reached"});
    }

    void halving_extrapolates_to_the_exact_value() {
        MotionRequest request;
        request.ax = "-vx"; // v = e^−t, x = 1 − e^−t
        request.vx = 1;
        request.step = 0.1;
        request.end = 1;
        request.method = StepMethod::velocity_verlet;
        Made made(request);
        const Table& table = *made.study.table(made.table);
        Id step;
        for (const auto& one : table.ledge) {
            step = one->name == "dt" ? one->id : step;
        }
        Id halved;
        const Result<Study> next = halving_table(made.study, step, table.name + ".x[last]", 2, &halved);
        QVERIFY2(static_cast<bool>(next), next ? "" : next.refusal().text().c_str());
        const auto results = compute(*next);
        const auto cell = [&](const char* name, std::size_t row) {
            return results->cell(next->table(halved)->column_named(name)->id, row).number();
        };
        const double exact = 1 - std::exp(-1);
        QCOMPARE(cell("step", 2), 0.025);
        QVERIFY(std::fabs(cell("order_seen", 4) - 2) < 0.1);
        QVERIFY(std::fabs(cell("extrapolated", 4) - exact) < 1e-7);
        QVERIFY(std::fabs(cell("value", 4) - exact) < 2 * cell("error", 4));
        QVERIFY(std::fabs(cell("value", 4) - exact) > 0.5 * cell("error", 4));
    }

    /// Of a parabola on steps that are not equal the rate is exact; the integral of a line is.
    void rates_and_integrals_of_measured_columns() {
        Bench bench;
        bench.numbers("t", {0, 0.1, 0.3, 0.35, 0.7, 1}).work("s = 2 * t^2 - t + 1").work("v = 4 * t - 1");
        Id rate;
        bench.take(add_calculus(bench.study, bench.id("s"), bench.id("t"), Calculus::rate, &rate));
        Id integral;
        bench.take(add_calculus(bench.study, bench.id("v"), bench.id("t"), Calculus::integral, &integral));
        for (std::size_t row = 0; row < 6; ++row) {
            const double t = bench.cell("t", row + 1).number();
            const Value slope = bench.results->cell(rate, row);
            QVERIFY(row == 0 || row == 5 ? slope.is_missing() : std::fabs(slope.number() - (4 * t - 1)) < 1e-12);
            QVERIFY(std::fabs(bench.results->cell(integral, row).number() - (2 * t * t - t)) < 1e-12);
        }
        QVERIFY(!add_calculus(bench.study, bench.id("s"), bench.id("s"), Calculus::rate));
    }

    void measured_values_stand_beside_the_model() {
        MotionRequest request;
        request.vx = 2;
        request.step = 0.5;
        request.end = 2;
        Made made(request);
        Study study = made.study;
        Id measured;
        study = *add_table(study, "Measured", &measured);
        const auto numbers = [](const std::vector<double>& values) {
            std::vector<Value> cells;
            for (const double value : values) {
                cells.push_back(Value::number(value));
            }
            return Column::of(Kind::number, cells);
        };
        study =
            *add_columns(study, measured,
                         {{"when", "when", "", numbers({0.25, 1, 1.6})}, {"where", "seen", "", numbers({0.6, 2, 3})}});
        const Table* table = study.table(measured);
        const Table* model = study.table(made.table);
        const Result<Study> next =
            compare_with_model(study, table->column_named("when")->id, table->column_named("seen")->id,
                               model->column_named("t")->id, model->column_named("x")->id);
        QVERIFY2(static_cast<bool>(next), next ? "" : next.refusal().text().c_str());
        const auto results = compute(*next);
        const Id residual = next->table(measured)->column_named("residual")->id;
        for (const auto& [row, value] : {std::pair<std::size_t, double>{0, 0.1}, {1, 0}, {2, -0.2}}) {
            QVERIFY(std::fabs(results->cell(residual, row).number() - value) < 1e-12);
        }
    }

    void what_cannot_be_a_motion_is_refused() {
        MotionRequest request;
        request.step = 0;
        QVERIFY(!motion_table(Study(), request));
        request.step = 1e-7;
        QVERIFY(!motion_table(Study(), request));
        request.step = 0.1;
        request.x = std::nan("");
        QVERIFY(!motion_table(Study(), request)); // typed, but no number
        request.x = 0;
        QVERIFY(motion_table(Study(), request));
        request.ax = "-vx +";
        QVERIFY(!motion_table(Study(), request));
    }
};

LEDGEFALL_TEST(TestMotion)
#include "test_motion.moc"
