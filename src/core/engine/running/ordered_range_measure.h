#pragma once

#include "core/engine/running/accumulated_measure.h"

#include <ext/pb_ds/assoc_container.hpp>
#include <ext/pb_ds/tree_policy.hpp>

namespace ledgefall {

/// A median, a quantile, the smallest or largest of a range that moves with the row: the range's values stand in a
/// balanced tree that knows the place of each, to which those that come are added and from which those that go are
/// taken, so that a row costs as much as the logarithm of the range.
class OrderedRangeMeasure : public AccumulatedMeasure {
  public:
    using AccumulatedMeasure::AccumulatedMeasure;

  protected:
    Value growing(const Range& range, const Faults& faults) override;

  private:
    using Key = std::pair<double, std::size_t>; ///< a value and its row
    using Tree = __gnu_pbds::tree<Key, __gnu_pbds::null_type, std::less<>, __gnu_pbds::rb_tree_tag,
                                  __gnu_pbds::tree_order_statistics_node_update>;

    /// The value of a row, if it is one that is measured; a fault ends the use of the tree.
    std::optional<double> value_of(std::size_t row);

    Tree tree_;
    std::size_t from_ = 0, to_ = 0; ///< the rows whose values are in the tree
    bool sound_ = true;
};

} // namespace ledgefall
