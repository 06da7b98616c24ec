#pragma once

#include <boost/math/policies/policy.hpp>

#include <limits>

namespace ledgefall {

namespace boost_policies = boost::math::policies;

/// How Boost.Math tells that something has no value: nothing is thrown, it comes back as not a number, or infinite.
/// What an iteration has not reached when its steps are over is not a number either, never its last guess.
using NothingThrown = boost_policies::policy<boost_policies::domain_error<boost_policies::ignore_error>,
                                             boost_policies::pole_error<boost_policies::ignore_error>,
                                             boost_policies::overflow_error<boost_policies::ignore_error>,
                                             boost_policies::evaluation_error<boost_policies::user_error>,
                                             boost_policies::rounding_error<boost_policies::ignore_error>,
                                             boost_policies::discrete_quantile<boost_policies::integer_round_up>>;

} // namespace ledgefall

namespace boost::math::policies {

/// What Boost.Math calls where an iteration has not come to an end.
template <class T>
T user_evaluation_error(const char*, const char*, const T&) {
    return std::numeric_limits<T>::quiet_NaN();
}

} // namespace boost::math::policies
