#pragma once

#include "core/battery/pack_model.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::battery {

/// A flight that was not flown to the end, and what it says of the whole.
struct PartialTest {
    double flown_s = 0.0;
    double recharged_ah = 0.0;
    /// Share of the rated charge that the whole flight would use: 0.8 for the 80 % rule.
    double share_of_rated = 0.8;
};

/// A test that this pack can have flown, to begin with: twenty minutes on half of its rated charge.
PartialTest ordinary_test(const Pack& pack);

struct PartialTestResult {
    /// As if the current stayed the same.
    units::Estimate by_charge_s;
    /// As if the power stayed the same, as it does: the current grows while the volts fall.
    units::Estimate at_constant_power_s;
    double mean_power_w = 0.0;
};

/// Endurance from a part of it.
///
/// The band has a charger's 1.5 %, a minute in all of launch and landing that is not cruise, and 6 % of whatever
/// was not flown: it shrinks as the test lengthens (common practice, no source).
/// @error `value_out_of_range` for `flown_s`, `recharged_ah` or `share_of_rated` that no test can have
units::Result<PartialTestResult> partial_test(const PackModel& pack, const PartialTest& test,
                                              double air_temperature_c = reference_temperature_c);

/// Why the whole flight would last that long.
/// @param at_power  the one at constant power, not the one by charge
units::Explanation explain(const PackModel& pack, const PartialTest& test, const PartialTestResult& result,
                           bool at_power);

} // namespace sobremesa::battery
