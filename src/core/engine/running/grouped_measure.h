#pragma once

#include "core/engine/running/accumulated_measure.h"
#include "core/engine/running/moving_sum.h"
#include "core/value/flat_index.h"

#include <span>

namespace ledgefall {

/// A measure of the rows whose key has the value that is asked for in each row: the rows are put into groups once, and
/// a group is measured once. Where there are limits besides, a group is put in their order once and its sums from the
/// first row on are kept, and each row takes a difference of two of them. Where a fault is met, every row is asked by
/// itself, so that it is the same fault.
class GroupedMeasure : public MeasureState {
  public:
    GroupedMeasure(const MeasureCall& call, const Environment& environment)
        : call_(call)
        , environment_(environment)
        , one_by_one_(call, environment) {}

    Value at(const Runner& outer, std::size_t in_block, const Faults& faults) override;

  private:
    struct Group {
        std::vector<std::vector<double>> values; ///< of each paired column; none where one value stands for all rows
        std::size_t rows = 0;                    ///< in which none is missing
        std::size_t missing = 0;                 ///< rows in which one of them is missing
        std::optional<Value> result;
        std::vector<MovingSum> sums; ///< within limits, of the first 0, 1, 2, … values in order
        double most = 0;             ///< the sum of the values without their signs
    };

    void group_rows();
    void group_plain(const std::vector<Lane>& keys, std::span<const Lane> lanes, std::size_t count);
    Group& group_of(std::size_t place);
    void put_in_order(Group& group) const;
    std::optional<Value> of_group(Group& group, const Runner& outer, std::size_t in_block, const Faults& faults);
    std::optional<Value> within_limits(Group& group, const Runner& outer, std::size_t in_block, const Faults& faults);

    const MeasureCall& call_;
    const Environment& environment_;
    AccumulatedMeasure one_by_one_;
    bool grouped_ = false, sound_ = true;
    std::vector<double> same_; ///< of each paired column the value that stands for all rows, as when rows are counted
    std::vector<FlatIndex> keys_;  ///< the values of each key
    std::vector<PairIndex> joins_; ///< of a key's value together with those before it; the last gives the groups
    std::vector<Group> groups_;
    Group none_; ///< of a value that no row has
};

} // namespace ledgefall
