#include "core/battery/partial_test.hpp"

#include <algorithm>
#include <cmath>

#include "core/battery/discharge.hpp"
#include "core/battery/remaining.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/number_ranges.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::battery {

namespace {

constexpr double not_cruise_s = 60.0;
constexpr double unflown_relative_sd = 0.06;

} // namespace

PartialTest ordinary_test(const Pack& pack) {
    PartialTest test;
    test.flown_s = 20.0 * units::seconds_per_minute;
    // Ten milliampere-hours are as fine as a charger's read-out is copied.
    test.recharged_ah = std::round(0.5 * rated_charge_ah(pack) * 100.0) / 100.0;
    return test;
}

units::Result<PartialTestResult> partial_test(const PackModel& pack, const PartialTest& test,
                                              double air_temperature_c) {
    const double rated_ah = rated_charge_ah(pack.pack());
    auto ranges = units::NumberRanges::looking();
    ranges.number("flown_s", test.flown_s, 1.0, 1e6);
    ranges.number("recharged_ah", test.recharged_ah, 1e-3 * rated_ah, 1.2 * rated_ah);
    ranges.number("share_of_rated", test.share_of_rated, 0.05, 1.0);
    if (ranges.wrong()) return tl::unexpected(*ranges.wrong());

    const double target_ah = test.share_of_rated * rated_ah;
    PartialTestResult result;
    const double by_charge_s = test.flown_s * target_ah / test.recharged_ah;
    const double unflown = std::max(1.0 - test.recharged_ah / target_ah, 0.0);
    const double sd =
        units::combine_sd(charger_relative_sd, not_cruise_s / test.flown_s, unflown_relative_sd * unflown);
    result.by_charge_s = {by_charge_s, sd * by_charge_s};

    // The power that draws just this charge in just this time, by the pack's own volts: their mean moves little
    // with the power, so a few rounds settle it.
    const PackState start = pack.atStart(air_temperature_c);
    const double mean_a = test.recharged_ah * units::seconds_per_hour / test.flown_s;
    double power_w = mean_a * pack.openCircuitV(start);
    for (int round = 0; round < 8; ++round) {
        const Discharge run = discharge_at_power(pack, start, power_w, {0.0, test.flown_s, 1}, {air_temperature_c});
        const double drawn_ah = run.last().charge_used_ah * test.flown_s / std::max(run.last().time_s, 1.0);
        power_w *= test.recharged_ah / drawn_ah;
    }
    result.mean_power_w = power_w;
    const Discharge whole = discharge_at_power(pack, start, power_w, {0.0, 1e9}, {air_temperature_c});
    const double at_power_s = point_at_charge(whole, target_ah).time_s;
    result.at_constant_power_s = {at_power_s, sd * at_power_s};
    return result;
}

units::Explanation explain(const PackModel& pack, const PartialTest& test, const PartialTestResult& result,
                           bool at_power) {
    using units::Origin;
    using units::Quantity;
    units::Explanation why;
    why.quantity = Quantity::endurance;
    why.value = at_power ? result.at_constant_power_s : result.by_charge_s;
    why.relation = at_power ? units::Relation::extrapolated_at_power : units::Relation::extrapolated_by_charge;
    why.source = at_power ? units::Source::two_well_circuit : units::Source::common_practice;
    why.inputs = {{Quantity::duration, {test.flown_s, 0.0}, Origin::measured},
                  {Quantity::recharged_charge,
                   {test.recharged_ah, charger_relative_sd * test.recharged_ah},
                   Origin::measured},
                  {Quantity::rated_charge, {rated_charge_ah(pack.pack()), 0.0}, Origin::given},
                  {Quantity::landing_share_left, {1.0 - test.share_of_rated, 0.0}, Origin::given}};
    if (at_power) why.inputs.push_back({Quantity::mean_power, {result.mean_power_w, 0.0}, Origin::computed});
    return why;
}

} // namespace sobremesa::battery
