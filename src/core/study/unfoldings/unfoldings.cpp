// The one list of unfoldings.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall {

const std::vector<Unfolding>& unfoldings() {
    static const std::vector<Unfolding> all = [] {
        std::vector<Unfolding> list;
        for (const auto& part :
             {unfolding_parts::mean_and_spread(), unfolding_parts::quartiles(), unfolding_parts::diversity_indices(),
              unfolding_parts::pairs(), unfolding_parts::chi_squared(), unfolding_parts::from_classes(),
              unfolding_parts::binomial()}) {
            list.insert(list.end(), part.begin(), part.end());
        }
        return list;
    }();
    return all;
}

namespace unfolding_parts {

std::vector<UnfoldingStep> after(std::vector<UnfoldingStep> first, const std::vector<UnfoldingStep>& then) {
    first.insert(first.end(), then.begin(), then.end());
    return first;
}

} // namespace unfolding_parts
} // namespace ledgefall
