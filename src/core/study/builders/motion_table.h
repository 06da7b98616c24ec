#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

enum class StepMethod : std::uint8_t { explicit_euler, semi_implicit_euler, velocity_verlet, runge_kutta_4 };

/// What is known of a method of steps.
struct StepMethodKind {
    StepMethod method;
    std::string name;
    int order;          ///< halving the step divides the error by 2 to this power
    double oscillation; ///< the largest ω·dt at which an oscillation stays bounded; 0: at none
    double decay;       ///< the largest rate·dt at which a decay stays one
};
const std::vector<StepMethodKind>& step_methods();

/// A motion in one or two directions, in steps of time.
struct MotionRequest {
    std::string label;
    bool two_directions = false;
    /// Accelerations as formulas of the position x (and y), the velocity vx (and vy) and the time t.
    std::string ax = "0", ay = "0";
    double x = 0, y = 0, vx = 0, vy = 0; ///< at the start
    double step = 0.01;
    double end = 1; ///< the time of the last row
    StepMethod method = StepMethod::semi_implicit_euler;
    std::string conserved;    ///< a quantity that should stay as it is, of the same names; none where empty
    std::string crossing;     ///< an event: where this quantity, of the same names, becomes 0; none where empty
    bool stops_there = false; ///< the rows end just after the event
};

/// A table with ordinary columns for the motion, its start and step on its ledge, the formulas of the accelerations as
/// held functions; a column of the conserved quantity with its relative drift and a check; the time and place of the
/// event, interpolated between two rows; and a check that the step is well below the method's limit of stability.
Result<Study> motion_table(const Study& study, const MotionRequest& request, Id* added = nullptr);

/// A table of halved steps: a formula's value with the held step, a half of it, a quarter and so on, with the change,
/// the order that the changes show, and the value extrapolated for a method of that order with an estimate of the
/// error (Richardson).
Result<Study> halving_table(const Study& study, Id step, const std::string& formula, int order, Id* added = nullptr);

/// Columns beside measured ones: the rate of change of y by x, through three neighbouring points on steps that need not
/// be equal (none at the ends), or the running integral of y over x by trapezia.
enum class Calculus : std::uint8_t { rate, integral };
Result<Study> add_calculus(const Study& study, Id y, Id x, Calculus of, Id* added = nullptr);

/// Beside measured columns x and y what a model's table gives at the same x, by linear interpolation, and the residual.
Result<Study> compare_with_model(const Study& study, Id x, Id y, Id model_x, Id model_y);

} // namespace ledgefall
