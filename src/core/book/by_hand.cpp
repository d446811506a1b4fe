#include "core/book/by_hand.hpp"

#include "core/battery/chemistry.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::book {

namespace {

using units::Estimate;

/// One standard deviation, as shares: an uncalibrated counter and what a screen rounds; distances off a screen; the
/// volts at which a charge was given. Common practice, no source.
constexpr double counter_sd = 0.07;
constexpr double recharge_sd = 0.03;
constexpr double distance_sd = 0.03;
constexpr double volts_sd = 0.04;
/// Under its resting volts a cell gives its charge, V: the sag of a usual cruise.
constexpr double mean_sag_v = 0.1;

} // namespace

double usual_voltage_v(const battery::Pack& pack) {
    return pack.series * (battery::mean_open_circuit_cell_v(pack.chemistry) - mean_sag_v);
}

telemetry::LogSummary summary_by_hand(const HandFigures& hand, const battery::Pack& pack,
                                      const std::optional<double>& recharged_ah) {
    telemetry::LogSummary summary;
    summary.duration_s = hand.duration_s.value_or(0.0);
    if (hand.ground_m) summary.distance.ground_m = Estimate{*hand.ground_m, distance_sd * *hand.ground_m};
    if (hand.farthest_m)
        summary.distance.farthest_from_home_m = Estimate{*hand.farthest_m, distance_sd * *hand.farthest_m};
    if (hand.highest_speed_mps)
        summary.distance.highest_ground_speed = telemetry::Peak{*hand.highest_speed_mps, 0.0, 0.0};
    auto& energy = summary.energy;
    if (hand.highest_current_a) energy.highest_current = telemetry::Peak{*hand.highest_current_a, 0.0, 0.0};
    energy.lowest_voltage_v = hand.lowest_voltage_v;
    energy.counter_ah = hand.charge_ah;
    const auto charge = hand.charge_ah ? std::optional(Estimate{*hand.charge_ah, counter_sd * *hand.charge_ah})
                        : recharged_ah ? std::optional(Estimate{*recharged_ah, recharge_sd * *recharged_ah})
                                       : std::nullopt;
    if (!charge) return summary;
    energy.charge_ah = energy.logged_charge_ah = charge;
    const double wh = charge->value * usual_voltage_v(pack);
    energy.energy_wh = energy.logged_energy_wh =
        Estimate{wh, wh * units::combine_sd(charge->sd / charge->value, volts_sd)};
    if (summary.duration_s > 0.0) {
        energy.mean_current_a = charge->value * units::seconds_per_hour / summary.duration_s;
        energy.mean_power_w = wh * units::seconds_per_hour / summary.duration_s;
    }
    if (hand.ground_m && *hand.ground_m > 0.0) {
        const auto per_m = [&](const Estimate& used) {
            const double value = used.value / *hand.ground_m;
            return Estimate{value, value * units::combine_sd(used.sd / used.value, distance_sd)};
        };
        summary.charge_ah_per_m = per_m(*charge);
        summary.energy_wh_per_m = per_m(*energy.energy_wh);
    }
    return summary;
}

} // namespace sobremesa::book
