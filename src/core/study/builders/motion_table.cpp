#include "core/study/builders/motion_table.h"

#include "core/formula/names.h"
#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"
#include "core/study/model/study_part.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

const Format three_decimals{Format::Style::decimals, 3};

/// One direction of a motion: the names of its columns.
struct Direction {
    std::string x, v, a;
    double start, velocity;
    std::string formula;
};

class Motion {
  public:
    Motion(TableMaker& maker, const MotionRequest& request)
        : maker_(maker)
        , request_(request) {
        directions_.push_back({"x", "vx", "ax", request.x, request.vx, request.ax});
        if (request.two_directions) {
            directions_.push_back({"y", "vy", "ay", request.y, request.vy, request.ay});
        }
    }

    void make() {
        add_ledge();
        maker_.column({N_("Time")}, "t = (row - 1) * dt");
        switch (request_.method) {
        case StepMethod::explicit_euler:
            add_euler("[i-1]");
            break;
        case StepMethod::semi_implicit_euler:
            add_euler("");
            break;
        case StepMethod::velocity_verlet:
            add_verlet();
            break;
        case StepMethod::runge_kutta_4:
            add_runge_kutta();
            break;
        }
        if (!request_.conserved.empty()) {
            add_conserved();
        }
        if (!request_.crossing.empty()) {
            add_event();
        }
        add_stability();
    }

  private:
    static std::string number(double x) { return shortest(x); }

    /// `accel_x(x, vx, y, vy, t)` with a suffix on each name, or other texts in their places.
    std::string call(const Direction& of, const std::string& suffix, const std::string& time) const {
        std::string arguments;
        for (const Direction& one : directions_) {
            arguments.append(one.x).append(suffix).append(", ").append(one.v).append(suffix).append(", ");
        }
        return "accel_" + of.x + "(" + arguments + time + ")";
    }

    void add_ledge() {
        std::string parameters;
        for (const Direction& one : directions_) {
            maker_.held(one.x + "0 = " + number(one.start), {N_("%1 at the start"), {one.x}});
            maker_.held(one.v + "0 = " + number(one.velocity), {N_("%1 at the start"), {one.v}});
            parameters += one.x + ", " + one.v + ", ";
        }
        for (const Direction& one : directions_) {
            maker_.held("accel_" + one.x + "(" + parameters + "t) = " + one.formula,
                        {N_("acceleration, of position, velocity and time")});
        }
    }

    void position(const Direction& one, const std::string& formula) {
        maker_.column({one.x}, one.x + " = first " + one.x + "0 then " + formula, three_decimals);
    }
    void velocity(const Direction& one, const std::string& formula) {
        maker_.column({one.v}, one.v + " = first " + one.v + "0 then " + formula, three_decimals);
    }

    /// The position by the velocity of the row before (explicit), or by this row's (semi-implicit).
    void add_euler(const std::string& which) {
        for (const Direction& one : directions_) {
            position(one, one.x + "[i-1] + " + one.v + which + " * dt");
        }
        for (const Direction& one : directions_) {
            velocity(one, one.v + "[i-1] + " + one.a + "[i-1] * dt");
        }
        add_accelerations();
    }

    void add_accelerations() {
        for (const Direction& one : directions_) {
            maker_.column({one.a}, one.a + " = " + call(one, "", "t"), three_decimals);
        }
    }

    /// The velocity by the mean of the accelerations at both ends of the step; where the one at its end depends on the
    /// velocity, by a first guess of that.
    void add_verlet() {
        std::string guessed;
        for (const Direction& one : directions_) {
            position(one, one.x + "[i-1] + " + one.v + "[i-1] * dt + " + one.a + "[i-1] * dt^2 / 2");
            guessed += one.x + ", " + one.v + "[i-1] + " + one.a + "[i-1] * dt, ";
        }
        for (const Direction& one : directions_) {
            velocity(one, one.v + "[i-1] + (" + one.a + "[i-1] + accel_" + one.x + "(" + guessed + "t)) / 2 * dt");
        }
        add_accelerations();
    }

    /// Four slopes of each step, which begin at this row and give the next one.
    void add_runge_kutta() {
        const auto weighted = [](const std::string& name, const std::string& first) {
            return "(" + first + "[i-1] + 2 * " + name + "_2[i-1] + 2 * " + name + "_3[i-1] + " + name +
                   "_4[i-1]) / 6 * dt";
        };
        for (const Direction& one : directions_) {
            position(one, one.x + "[i-1] + " + weighted(one.v, one.v));
        }
        for (const Direction& one : directions_) {
            velocity(one, one.v + "[i-1] + " + weighted(one.a, one.a));
        }
        add_accelerations();
        const char* before[] = {"", "_2", "_3"};
        const char* now[] = {"_2", "_3", "_4"};
        const char* part[] = {"dt / 2", "dt / 2", "dt"};
        for (std::size_t slope = 0; slope < 3; ++slope) {
            const Sentence label{N_("slope %1"), {std::to_string(slope + 2)}};
            for (const Direction& one : directions_) {
                const std::string step = std::string(before[slope]) + " * " + part[slope];
                hidden(one.x, label, now[slope], one.x + " + " + one.v + step);
                hidden(one.v, label, now[slope], one.v + " + " + one.a + step);
            }
            for (const Direction& one : directions_) {
                hidden(one.a, label, now[slope], call(one, now[slope], std::string("t + ") + part[slope]));
            }
        }
    }

    /// A slope within a step is there to be read, but out of the way.
    void hidden(const std::string& name, const Sentence& label, const std::string& suffix, const std::string& formula) {
        maker_.column({"%1, %2", {name, worded(label)}}, name + suffix + " = " + formula);
        maker_.hide(name + suffix);
    }

    void add_conserved() {
        maker_.column({N_("Conserved quantity")}, "energy = " + request_.conserved, three_decimals);
        maker_.column({N_("Relative drift")}, "drift = energy / energy[1] - 1", {Format::Style::scientific, 1});
        maker_.held("allowed_drift = 0.01", {N_("drift of the conserved quantity above which the check fails")});
        maker_.check({N_("the conserved quantity stays as it is")}, "max(abs(drift)) <= allowed_drift",
                     {N_("The conserved quantity drifts. Take a smaller step or a method of higher order.")});
    }

    /// The first row after which the quantity has another sign, and the point between it and the row before.
    void add_event() {
        maker_.column({N_("Event where 0")}, "event = " + request_.crossing, three_decimals);
        maker_.column({N_("Event in the step before")},
                      "event_here = event * event[i-1] < 0 or (event = 0 and event[i-1] ≠ 0)");
        maker_.held("event_row = min(row where event_here)", {N_("first row after the event")});
        maker_.held("event_part = event[event_row - 1] / (event[event_row - 1] - event[event_row])",
                    {N_("part of the step before it at which the event is, by linear interpolation")});
        const auto between = [this](const std::string& name, const Sentence& note) {
            maker_.held("event_" + name + " = " + name + "[event_row - 1] + event_part * (" + name + "[event_row] - " +
                            name + "[event_row - 1])",
                        note);
        };
        between("t", {N_("time of the event")});
        for (const Direction& one : directions_) {
            between(one.x, {N_("%1 at the event"), {one.x}});
            between(one.v, {N_("%1 at the event"), {one.v}});
        }
        maker_.check({N_("the event is reached")}, "count(event_here) >= 1",
                     {N_("The event is not reached. Take a later end, or look at the formula of the event.")});
        if (request_.stops_there && maker_.study()) {
            maker_.take(stop_rows(*maker_.study(), maker_.study()->tables.back()->id, "event_here"));
        }
    }

    /// How fast the motion changes, by how the acceleration changes with position (ω²) and velocity: in units of the
    /// step.
    void add_stability() {
        const auto& kinds = step_methods();
        const StepMethodKind& kind = kinds[static_cast<std::size_t>(request_.method)];
        std::string rates;
        for (std::size_t at = 0; at < directions_.size(); ++at) {
            const Direction& one = directions_[at];
            rates = at == 0 ? own_rate(one) : larger_of(rates, own_rate(one));
        }
        std::string parameters;
        for (const Direction& one : directions_) {
            parameters.append(one.x).append(", ").append(one.v).append(", ");
        }
        maker_.held("rate(" + parameters + "t) = " + rates,
                    {N_("how fast the motion changes: the root of the acceleration by position, or that by velocity")});
        maker_.column({N_("Step times rate")}, "step_rate = dt * rate(" + parameters + "t)", three_decimals);
        if (kind.oscillation > 0) {
            maker_.held("stable_below = " + number(std::min(kind.oscillation, kind.decay)),
                        {N_("step times rate at which %1 becomes unstable"), {worded({kind.name})}});
            maker_.check(
                {N_("the step is well below the limit of stability")},
                "max(step_rate where row < rows) <= 0.5 * stable_below",
                {N_("The step is near the limit of stability, so that the motion may be one of the method. Take a "
                    "smaller step.")});
        } else { // an oscillation grows by (step · rate)² / 2 in each step
            maker_.check({N_("the step is small enough for explicit Euler")}, "sum(step_rate^2) / 2 <= 0.1",
                         {N_("Explicit Euler lets an oscillation grow, here by more than a tenth. Take a smaller step "
                             "or another method.")});
        }
    }

    static std::string larger_of(const std::string& a, const std::string& b) { return "larger(" + a + ", " + b + ")"; }
    std::string own_rate(const Direction& one) const {
        return larger_of("sqrt(abs(" + slope(one, one.x) + "))", "abs(" + slope(one, one.v) + ")");
    }

    /// The acceleration of a direction by one of its arguments, as a quotient of differences.
    std::string slope(const Direction& of, const std::string& by) const {
        const std::string h = "0.0001 * (1 + abs(" + by + "))";
        const auto shifted = [&](const std::string& sign) {
            std::string arguments;
            for (const Direction& one : directions_) {
                for (const std::string& name : {one.x, one.v}) {
                    arguments.append(name).append(name == by ? sign + h : "").append(", ");
                }
            }
            return "accel_" + of.x + "(" + arguments + "t)";
        };
        return "(" + shifted(" + ") + " - " + shifted(" - ") + ") / (2 * " + h + ")";
    }

    TableMaker& maker_;
    const MotionRequest& request_;
    std::vector<Direction> directions_;
};

} // namespace

const std::vector<StepMethodKind>& step_methods() {
    static const std::vector<StepMethodKind> all = {
        {StepMethod::explicit_euler, N_("explicit Euler"), 1, 0, 2},
        {StepMethod::semi_implicit_euler, N_("semi-implicit Euler (Euler–Cromer)"), 1, 2, 2},
        {StepMethod::velocity_verlet, N_("velocity Verlet"), 2, 2, 2},
        {StepMethod::runge_kutta_4, N_("Runge–Kutta 4"), 4, 2.828, 2.785},
    };
    return all;
}

Result<Study> motion_table(const Study& study, const MotionRequest& request, Id* added) {
    for (const double number : {request.x, request.y, request.vx, request.vy, request.step, request.end}) {
        if (!std::isfinite(number)) {
            return Sentence{N_("The start, the time step and the end of a motion must be numbers."), {}};
        }
    }
    if (!(request.step > 0 && request.end > request.step)) {
        return Sentence{N_("A motion needs a time step above 0 and an end after the first step."), {}};
    }
    constexpr double most_rows = 1e6;
    if (request.end / request.step > most_rows) {
        return Sentence{N_("This motion has more than a million steps. Take a larger step or an earlier end."), {}};
    }
    Id table;
    Result<Study> begun = add_table(study, request.label.empty() ? worded({N_("Motion")}) : request.label, &table);
    if (!begun) {
        return begun;
    }
    if (added != nullptr) {
        *added = table;
    }
    TableMaker maker(*begun, table);
    maker.held("dt = " + shortest(request.step), {N_("time step")});
    maker.held("t_end = " + shortest(request.end), {N_("time of the last row")});
    maker.take(maker.study() ? count_rows(*maker.study(), table, "round(t_end / dt) + 1") : maker.study());
    Motion(maker, request).make();
    return maker.study();
}

Result<Study> halving_table(const Study& study, Id step, const std::string& formula, int order, Id* added) {
    const StudyPart found = find_part(study, DefinitionId(step));
    const HeldValue* held = found.held;
    if (held == nullptr || held->computed()) {
        return Sentence{N_("Halving needs a given step on the ledge. Select the card of the time step."), {}};
    }
    const std::string name = (found.table == nullptr ? "ledge." : found.table->name + ".") + held->name;
    Id table;
    Result<Study> begun = add_table(study, worded({N_("Halved steps")}), &table);
    begun = begun ? count_rows(*begun, table, "5") : begun;
    if (!begun) {
        return begun;
    }
    if (added != nullptr) {
        *added = table;
    }
    TableMaker maker(*begun, table);
    maker.held("order = " + std::to_string(order),
               {N_("of the method: halving the step divides the error by 2 to this power")});
    maker.column({N_("Step")}, "step = " + name + " / 2^(row - 1)");
    maker.column({N_("Value")}, "value = (" + formula + ") with " + name + " = step");
    maker.column({N_("Change")}, "change = value - value[i-1]", {Format::Style::significant, 3});
    maker.column({N_("Order seen")}, "order_seen = log2(abs(change[i-1] / change))", {Format::Style::decimals, 2});
    maker.column({N_("Extrapolated")}, "extrapolated = value + change / (2^order - 1)");
    maker.column({N_("Estimated error")}, "error = abs(change) / (2^order - 1)", {Format::Style::significant, 2});
    maker.check({N_("the changes shrink as the order says")}, "abs(order_seen[last] - order) <= 0.5",
                {N_("Halving the step does not yet change the value as a method of this order does. The extrapolated "
                    "value cannot be relied on.")});
    return maker.study();
}

Result<Study> add_calculus(const Study& study, Id y, Id x, Calculus of, Id* added) {
    const Table* table = table_with(study, &Table::columns, y);
    if (table == nullptr || table->column(x) == nullptr || x == y || table->two_way()) {
        return Sentence{
            N_("This needs two columns of numbers of one table: select the quantity and what it changes with."), {}};
    }
    const std::string& f = table->column(y)->name;
    const std::string& t = table->column(x)->name;
    TableMaker maker(study, table->id);
    const bool rate = of == Calculus::rate;
    const std::string name = maker.free_here((rate ? "rate_of_" : "integral_of_") + f);
    const std::string before = "(" + f + " - " + f + "[i-1]) / (" + t + " - " + t + "[i-1])";
    const std::string after = "(" + f + "[i+1] - " + f + ") / (" + t + "[i+1] - " + t + ")";
    const std::string formula =
        rate ? "(" + before + " * (" + t + "[i+1] - " + t + ") + " + after + " * (" + t + " - " + t + "[i-1])) / (" +
                   t + "[i+1] - " + t + "[i-1])"
             : "first 0 then " + name + "[i-1] + (" + f + " + " + f + "[i-1]) / 2 * (" + t + " - " + t + "[i-1])";
    const std::string& label = table->column(y)->shown_label();
    maker.column(rate ? Sentence{N_("Rate of change of %1"), {label}} : Sentence{N_("Running integral of %1"), {label}},
                 name + " = " + formula);
    if (added != nullptr && maker.study()) {
        *added = maker.study()->table(table->id)->column_named(name)->id;
    }
    return maker.study();
}

Result<Study> compare_with_model(const Study& study, Id x, Id y, Id model_x, Id model_y) {
    const Table* measured = table_with(study, &Table::columns, y);
    const Table* model = table_with(study, &Table::columns, model_y);
    const bool found = measured != nullptr && model != nullptr && measured->column(x) != nullptr &&
                       model->column(model_x) != nullptr && x != y && measured != model;
    if (!found) {
        return Sentence{N_("Comparing needs two measured columns, and two columns of another table that is the model."),
                        {}};
    }
    const std::string owner = model->name + ".";
    TableMaker maker(study, measured->id);
    const std::string expected = maker.free_here("model");
    const std::string residual = maker.free_here("residual");
    maker.column({N_("Model")}, expected + " = interpolate(" + owner + model->column(model_x)->name + ", " + owner +
                                    model->column(model_y)->name + ", " + measured->column(x)->name + ")");
    maker.column({N_("Residual")}, residual + " = " + measured->column(y)->name + " - " + expected);
    maker.held(maker.free_here("rms") + " = sqrt(mean(" + residual + "^2))", {N_("root mean square of the residuals")});
    return maker.study();
}

} // namespace ledgefall
