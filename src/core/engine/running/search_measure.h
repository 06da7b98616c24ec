#pragma once

#include "core/engine/running/measure_state.h"

#include <optional>

namespace ledgefall {

/// Looks through a range of numbers for one at which an expression is 0, least, or greatest. The range is first looked
/// at in even steps, which tells where to look closer and whether there are several places.
class SearchMeasure : public MeasureState {
  public:
    SearchMeasure(const MeasureCall& call, const Environment& environment);
    Value at(const Runner& outer, std::size_t in_block, const Faults& faults) override;

  private:
    struct Point {
        double at = 0, value = 0;
    };

    double value_at(double number); ///< throws `NoNumberHere` where the expression has no number there
    std::vector<Point> look_through(double from, double to);
    Value root(double from, double to);
    void bring_together(Point& left, Point& right);
    std::pair<Point, Point> narrowed(Point left, Point right);
    bool jumps(const Point& left, const Point& right, const Point& low, const Point& high);
    Point nearest_to_zero(const Point& low, const Point& high);
    Value extreme(double from, double to);
    Value fault(const Sentence& what) const;

    const MeasureCall& call_;
    const Environment& environment_;
    Runner inner_;
    std::vector<Value> parameters_; ///< of the inner program, the number first
};

} // namespace ledgefall
