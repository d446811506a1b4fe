#include "core/learning/everything.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::learning {

namespace {

constexpr double two_sided_90 = 1.6449;
constexpr double two_sided_50 = 0.6745;
/// Strength of the belief in the stated bands, in forecasts.
constexpr double band_belief = 8.0;
/// A sensor's gain is known well enough to correct watts by.
constexpr double gain_known_sd = 0.03;
/// What is not worth a word: a change within so many of its standard deviations before.
constexpr double said_from_sd = 0.5;
/// Volts on the flat of the curve tell no charge: beyond this, relative, they are not asked.
constexpr double volts_tell_sd = 0.06;

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

bool tells(const LandingForecast& f) {
    return f.stated_sd_ah > 0.0 && f.stated_sd_ah < volts_tell_sd * f.flown_ah;
}

WholeBacktest whole_backtest(const EverythingQuestion& question, const std::vector<LandingForecast>& landings,
                             const Backtest& curve_test) {
    WholeBacktest test;
    std::vector<double> off;
    int inside_50 = 0;
    int inside_90 = 0;
    for (const WholeFlight& flight : question.flights) {
        WholeForecast row;
        row.flight_id = flight.pack.flight_id;
        row.from_flights = int(&flight - question.flights.data());
        const auto landing = std::find_if(landings.begin(), landings.end(),
                                          [&](const auto& f) { return f.flight_id == row.flight_id; });
        const auto curve = std::find_if(curve_test.rows.begin(), curve_test.rows.end(),
                                        [&](const auto& f) { return f.flight_id == row.flight_id; });
        if (landing != landings.end()) {
            row.landing_flown_ah = landing->flown_ah;
            row.by_volts = tells(*landing) || curve == curve_test.rows.end();
            if (row.by_volts) {
                row.landing_ah = landing->forecast_ah;
            } else {
                const double per_flown = landing->flown_ah / curve->flown_wh;
                row.landing_ah =
                    units::Estimate{per_flown * curve->forecast_wh.value, per_flown * curve->forecast_wh.sd};
            }
            const double miss = std::abs(row.landing_ah->value - row.landing_flown_ah);
            row.inside_50 = miss <= two_sided_50 * row.landing_ah->sd;
            row.inside_90 = miss <= two_sided_90 * row.landing_ah->sd;
            if (row.from_flights > 0) {
                off.push_back(row.landing_ah->value / row.landing_flown_ah - 1.0);
                inside_50 += row.inside_50 ? 1 : 0;
                inside_90 += row.inside_90 ? 1 : 0;
            }
        }
        if (curve != curve_test.rows.end()) {
            row.wh_per_m = curve->forecast_wh_per_m;
            row.flown_wh_per_m = curve->flown_wh_per_m;
        }
        for (const auto& part : flight.pack.trace.points) row.flown_duration_s += part.seconds;
        if (row.landing_ah && row.wh_per_m) {
            // The same charge lasts longer where less power was forecast.
            const double power = row.wh_per_m->value / row.flown_wh_per_m;
            const double charge = row.by_volts ? row.landing_ah->value / row.landing_flown_ah : 1.0;
            const double seconds = row.flown_duration_s * charge / power;
            row.duration_s =
                units::Estimate{seconds, seconds * units::combine_sd(row.landing_ah->sd / row.landing_ah->value,
                                                                     row.wh_per_m->sd / row.wh_per_m->value)};
            if (flight.farthest_m && row.flown_duration_s > 0.0) {
                // … and carries as much farther.
                row.flown_turn_m = *flight.farthest_m;
                const double per_s = row.flown_turn_m / row.flown_duration_s;
                row.turn_m = units::Estimate{per_s * row.duration_s->value, per_s * row.duration_s->sd};
            }
        }
        test.rows.push_back(row);
    }
    test.forecasts = int(off.size());
    if (off.empty()) return test;
    const double n = double(off.size());
    double mean = 0.0;
    double squares = 0.0;
    for (const double o : off) {
        mean += o / n;
        squares += o * o / n;
    }
    test.spread = std::sqrt(squares);
    test.bias = {mean, test.spread / std::sqrt(n)};
    test.inside_50_share = inside_50 / n;
    test.inside_90_share = inside_90 / n;
    return test;
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
        if (f.from_flights == 0 || !tells(f)) continue;
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
    for (;;) {
        const auto estimate = joint_estimate(before, stop);
        if (!estimate) return tl::unexpected(estimate.error());
        const std::size_t at = before.flights.size();
        const auto& known = estimate->packs.front().known;
        KnownAfter after{0, int(at), known.capacity_share, known.cell_resistance_ohm};
        if (at > 0) {
            const PackFlight& last = before.flights.back();
            after.flight_id = last.flight_id;
            after.volts = !last.trace.points.empty();
            after.recharged = last.recharged_ah.has_value();
            after.rested = last.rested_cell_v.has_value();
        }
        history.known.push_back(after);
        if (at == flights) return history;
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
    result.test = whole_backtest(question, result.history.landings, result.curve_test);

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
