#include "core/learning/everything.hpp"

#include <algorithm>
#include <cmath>
#include <utility>

namespace sobremesa::learning {

namespace {

/// Strength of the belief in the stated bands, in forecasts.
constexpr double band_belief = 8.0;
/// A sensor's gain is known well enough to correct watts by.
constexpr double gain_known_sd = 0.03;
/// What is not worth a word: a change within so many of its standard deviations before.
constexpr double said_from_sd = 0.5;

std::vector<FlightObservation> true_observations(const std::vector<WholeFlight>& flights,
                                                 const SensorEstimate& sensors) {
    const bool known = sensors.recharges > 0 && sensors.current_gain.sd < gain_known_sd;
    const double gain = known ? sensors.current_gain.value * sensors.volts_gain.value : 1.0;
    std::vector<FlightObservation> observations;
    for (const WholeFlight& flight : flights) {
        FlightObservation observation = flight.observation;
        const auto correct = [&](units::Estimate& power) { power = {power.value / gain, power.sd / gain}; };
        for (auto& point : observation.level) correct(point.power_w);
        for (auto& point : observation.climbs) correct(point.flown.power_w);
        for (auto& piece : observation.pieces) correct(piece.power_w);
        observations.push_back(std::move(observation));
    }
    return observations;
}

/// What chargers had read when that flight was launched.
std::vector<std::vector<battery::HealthReading>> readings_until(const JointQuestion& question,
                                                                const PackFlight& flight) {
    auto readings = question.readings;
    if (!flight.start_clock_s) return readings;
    for (auto& of_pack : readings)
        std::erase_if(of_pack, [&](const auto& reading) { return reading.time_s > *flight.start_clock_s; });
    return readings;
}

} // namespace

const char* learned_word(LearnedChange::What what) {
    switch (what) {
    case LearnedChange::What::capacity: return "pack-capacity";
    case LearnedChange::What::resistance: return "cell-resistance";
    case LearnedChange::What::current_gain: return "current-gain";
    case LearnedChange::What::volts_gain: return "volts-gain";
    case LearnedChange::What::cruise_power: return "cruise-power";
    case LearnedChange::What::landing_charge: break;
    }
    return "landing-charge";
}

double band_stretch(const std::vector<LandingForecast>& forecasts) {
    double sum = band_belief;
    double n = band_belief;
    for (const LandingForecast& f : forecasts) {
        if (f.from_flights == 0 || !volts_tell(f)) continue;
        constexpr double most = 3.0;
        sum += std::pow(std::min(std::abs(f.forecast_ah.value - f.flown_ah) / f.stated_sd_ah, most), 2);
        n += 1.0;
    }
    return std::sqrt(sum / n);
}

units::Result<PackHistory> pack_history(const JointQuestion& question, const std::stop_token& stop,
                                        std::size_t most_flights) {
    const std::size_t flights = question.flights.size();
    PackHistory history;
    JointQuestion before = question;
    before.flights.resize(flights - std::min(flights, most_flights));
    int readings_before = 0;
    for (;;) {
        const bool all = before.flights.size() == flights;
        before.readings =
            all ? question.readings : readings_until(question, question.flights[before.flights.size()]);
        const auto estimate = joint_estimate(before, stop);
        if (!estimate) return tl::unexpected(estimate.error());
        const std::size_t at = before.flights.size();
        const auto& known = estimate->packs.front().known;
        KnownAfter after{0, int(at), known.capacity_share, known.cell_resistance_ohm};
        const int readings = before.readings.empty() ? 0 : int(before.readings.front().size());
        after.readings = readings - std::exchange(readings_before, readings);
        if (at > 0) {
            const PackFlight& last = before.flights.back();
            after.flight_id = last.flight_id;
            after.volts = !last.trace.points.empty();
            after.recharged = last.recharged_ah.has_value();
            after.rested = last.rested_cell_v.has_value();
        }
        history.known.push_back(after);
        if (all) return history;
        const PackFlight& flight = question.flights[at];
        if (auto forecast = landing_forecast(question.packs.front(), estimate->packs.front(),
                                             estimate->sensors[flight.sensors], flight)) {
            forecast->forecast_ah.sd *= band_stretch(history.landings);
            history.landings.push_back(*forecast);
        }
        before.flights.push_back(flight);
    }
}

units::Result<Everything> learn_everything(const EverythingQuestion& question, const std::stop_token& stop) {
    Everything result;
    JointQuestion joint;
    joint.packs = {question.pack};
    joint.packs.front().known.reset();
    joint.readings = {question.readings};
    for (const WholeFlight& flight : question.flights) joint.flights.push_back(flight.pack);
    auto estimate = joint_estimate(joint, stop);
    if (!estimate) return tl::unexpected(estimate.error());
    result.joint = std::move(*estimate);
    const SensorEstimate& sensors = result.joint.sensors.front();
    const auto observations = true_observations(question.flights, sensors);
    airframe::Aircraft bare = question.aircraft;
    bare.curve.reset();
    auto curve = fit_curve(bare, question.all_up_mass_kg, observations);
    if (!curve) return tl::unexpected(curve.error());
    result.curve = std::move(*curve);
    auto curve_test = backtest(bare, question.all_up_mass_kg, observations, stop);
    if (!curve_test) return tl::unexpected(curve_test.error());
    result.curve_test = std::move(*curve_test);
    auto history = pack_history(joint, stop);
    if (!history) return tl::unexpected(history.error());
    result.history = std::move(*history);
    result.test = whole_backtest(question.flights, result.history.landings, result.curve_test);

    JointQuestion nothing = joint;
    nothing.flights.clear();
    nothing.readings.clear();
    const auto label = joint_estimate(nothing, stop);
    if (!label) return tl::unexpected(label.error());
    const auto no_flight = fit_curve(bare, question.all_up_mass_kg, {});
    if (!no_flight) return tl::unexpected(no_flight.error());
    const auto cruise_w = [&](const airframe::PowerCurve& of) {
        return airframe::level_power_w(of, question.aircraft.cruise_airspeed_mps, question.all_up_mass_kg,
                                       question.density_kgm3);
    };
    const units::Estimate cruise = cruise_w(result.curve.curve);
    const PackEstimate& pack = result.joint.packs.front();
    result.landing_ah =
        landing_charge_ah(question.pack, pack, cruise.value, question.landing_cell_v, question.air_temperature_c);
    result.landing_ah.sd *= band_stretch(result.history.landings);

    LearnedChange rests_on;
    for (const WholeFlight& flight : question.flights) {
        rests_on.volts += flight.pack.trace.points.empty() ? 0 : 1;
        rests_on.recharges += flight.pack.recharged_ah ? 1 : 0;
        rests_on.rested += flight.pack.rested_cell_v ? 1 : 0;
        rests_on.level_flights += flight.observation.pieces.empty() && flight.observation.level.empty() ? 0 : 1;
    }
    rests_on.readings = int(question.readings.size());
    const auto changed = [&](LearnedChange::What what, const units::Estimate& before,
                             const units::Estimate& after) {
        const bool moved = std::abs(after.value - before.value) > said_from_sd * before.sd;
        const bool surer = after.sd < 0.8 * before.sd;
        if (!moved && !surer) return;
        LearnedChange change = rests_on;
        change.what = what;
        change.before = before;
        change.after = after;
        if (what == LearnedChange::What::cruise_power)
            change.volts = change.recharges = change.rested = change.readings = 0;
        else
            change.level_flights = 0;
        result.changes.push_back(change);
    };
    // Before: as the pilot typed it, with how unsure that is.
    units::Estimate typed{question.pack.capacity_factor, label->packs.front().known.capacity_share.sd};
    changed(LearnedChange::What::capacity, typed, pack.known.capacity_share);
    changed(LearnedChange::What::resistance,
            {battery::cell_resistance_ohm(question.pack) * question.pack.resistance_factor,
             label->packs.front().known.cell_resistance_ohm.sd},
            pack.known.cell_resistance_ohm);
    changed(LearnedChange::What::current_gain, label->sensors.front().current_gain, sensors.current_gain);
    changed(LearnedChange::What::volts_gain, label->sensors.front().volts_gain, sensors.volts_gain);
    changed(LearnedChange::What::cruise_power, cruise_w(no_flight->curve), cruise);
    return result;
}

} // namespace sobremesa::learning
