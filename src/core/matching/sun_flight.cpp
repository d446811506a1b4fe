#include "core/matching/sun_flight.hpp"

#include <algorithm>
#include <cmath>

#include "core/airframe/climb_efficiency.hpp"
#include "core/mission/flight_conditions.hpp"
#include "core/mission/winds.hpp"
#include "core/sun/sky.hpp"
#include "core/sun/solar_position.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::matching {

namespace {

using mission::PlanRequest;
using sun::seconds_per_day;
using units::seconds_per_hour;

constexpr double step_s = sun_step_s;
constexpr double overcast_okta = 8.0;

/// The pack under a demand that the array partly, or more than, meets.
struct PackStep {
    double current_a = 0.0; ///< below 0: into the pack
    double voltage_v = 0.0;
    double array_w = 0.0;
    double array_v = 0.0;
    double not_taken_w = 0.0;
    bool gives = true;
};

/// @param room_ah  what the pack still takes until it is full. Its volts alone do not say so: a full cell may rest
///                 below the volts at which chargers stop, and a small current would go in for hours.
PackStep step_of(const SolarCraft& craft, const battery::PackModel::Circuit& circuit, double on_cells,
                 double demand_w, double likely_v, double sky_factor, double room_ah) {
    PackStep step;
    const double most_taken_a = std::max(room_ah, 0.0) * seconds_per_hour / step_s;
    step.voltage_v = likely_v;
    // A direct connection works at volts that its own current moves; a few rounds settle them.
    const int rounds = craft.converter.kind == sun::ConverterKind::direct ? 4 : 2;
    for (int round = 0; round < rounds; ++round) {
        const auto got = craft.harvest(on_cells * sky_factor, step.voltage_v);
        step.array_w = got.power_w;
        step.array_v = got.array.voltage_v;
        step.not_taken_w = 0.0;
        const auto load = circuit.atPower(demand_w - got.power_w);
        if (!load) {
            step.gives = false;
            return step;
        }
        step.current_a = load->current_a;
        step.voltage_v = load->voltage_v;
        // Cells at their full volts take only what holds them there, full cells nothing.
        const double held_a =
            std::max(craft.full_v - circuit.open_circuit_v, 0.0) / std::max(circuit.resistance_ohm, 1e-6);
        const double taken_a = std::min(held_a, most_taken_a);
        if (step.current_a < -taken_a) {
            step.current_a = -taken_a;
            step.voltage_v = circuit.atCurrent(step.current_a).voltage_v;
            step.not_taken_w = std::max(step.array_w - demand_w + step.current_a * step.voltage_v, 0.0);
        }
        if (round + 1 < rounds) step.voltage_v = 0.5 * (step.voltage_v + likely_v);
        likely_v = step.voltage_v;
    }
    return step;
}

/// Array less level power of each minute of the day, at the pack's mean volts.
std::vector<double> balance_of(const SolarCraft& craft, const Light& light, double day_utc_s, double sky_factor,
                               double power_factor) {
    std::vector<double> balance;
    const auto first = light.index(day_utc_s);
    const auto count = std::size_t(seconds_per_day / step_s);
    for (std::size_t i = 0; i <= count; ++i) {
        balance.push_back(craft.harvest(light.on_cells[first + i] * sky_factor, craft.mean_v).power_w -
                          power_factor * craft.level_w.value);
    }
    return balance;
}

} // namespace

units::Result<Light> light_of(const SunQuestion& question, double tilt_deg) {
    Light light;
    light.from_utc_s = question.day_utc_s;
    double until_utc_s = question.day_utc_s + seconds_per_day + longest_sun_flight_s;
    if (question.start_utc_s) {
        light.from_utc_s = std::min(light.from_utc_s, step_s * std::floor(*question.start_utc_s / step_s));
        until_utc_s = std::max(until_utc_s, *question.start_utc_s + longest_sun_flight_s);
    }
    const auto sky = sun::SolarDay::over(question.at, light.from_utc_s, until_utc_s - light.from_utc_s);
    if (!sky) return tl::unexpected(sky.error());
    const auto count = std::size_t((until_utc_s - light.from_utc_s) / step_s) + 1;
    for (std::size_t i = 0; i < count; ++i) {
        const auto direction = sky->at(light.from_utc_s + double(i) * step_s);
        const auto seen = sun::irradiance(direction, question.cloud_okta);
        const auto overcast = sun::irradiance(direction, overcast_okta);
        const auto clear = sun::irradiance(direction, 0.0);
        light.elevation_deg.push_back(direction.elevation_deg);
        light.azimuth_deg.push_back(direction.azimuth_deg);
        light.global.push_back(seen.global);
        light.on_cells.push_back(sun::on_cells_w_per_m2(seen, direction.elevation_deg, tilt_deg));
        light.clear_on_cells.push_back(sun::on_cells_w_per_m2(clear, direction.elevation_deg, tilt_deg));
        light.overcast_on_cells.push_back(sun::on_cells_w_per_m2(overcast, direction.elevation_deg, tilt_deg));
    }
    return light;
}

double sun_airspeed_mps(const PlanRequest& request) {
    if (request.mission.speed_out == mission::SpeedRule::fixed && request.mission.airspeed_mps)
        return *request.mission.airspeed_mps;
    return request.aircraft.cruise_airspeed_mps;
}

units::Result<SolarCraft> craft_of(const PlanRequest& request, double airspeed_mps,
                                   std::shared_ptr<const battery::PackModel> pack) {
    const auto volts = pack_volts(request);
    const sun::SolarArray& array = *request.aircraft.array;
    SolarCraft craft(array, request.aircraft.converter.value_or(sun::Converter{}));
    craft.fits = !sun::misfit(array, craft.converter, volts, sun::coldest_cells_c(request.weather.temperature_c));
    craft.pack = std::move(pack);
    craft.full_v = volts.full_v;
    craft.mean_v = volts.mean_v;
    craft.landing_v = volts.least_v;
    craft.airspeed_mps = airspeed_mps;
    const auto& m = request.mission;
    const auto air = mission::air_at(request, m.height_m);
    if (!air) return tl::unexpected(air.error());
    craft.air_c = units::celsius(air->temperature_k);
    const auto level = mission::power_at(request, airspeed_mps, m.height_m, 0.0);
    if (!level) return tl::unexpected(level.error());
    craft.level_w = *level;
    const auto climb = mission::power_at(request, airspeed_mps, 0.5 * m.height_m, m.climb_rate_mps);
    if (!climb) return tl::unexpected(climb.error());
    craft.climb_w = climb->value;
    craft.climb_s = m.height_m / m.climb_rate_mps;
    craft.weight_n = mission::all_up_mass_kg(request) * units::standard_gravity_mps2;
    const airframe::ClimbEfficiency climbing =
        request.aircraft.curve ? request.aircraft.curve->climbing : airframe::ClimbEfficiency{};
    craft.climb_efficiency = airframe::efficiency_at(climbing, airspeed_mps).value;
    return craft;
}

Run run(const SolarCraft& craft, const Light& light, double start_utc_s, battery::PackState state,
        const RunOptions& options) {
    Run result;
    const battery::PackModel& pack = *craft.pack;
    const auto& on_cells = options.overcast ? light.overcast_on_cells : light.on_cells;
    const auto first = light.index(start_utc_s);
    const auto steps = std::min(std::size_t(options.longest_s / step_s),
                                on_cells.size() - 1 - std::min(first, on_cells.size() - 1));
    double likely_v = pack.openCircuitV(state);
    for (std::size_t i = 0; i < steps; ++i) {
        const double at_s = double(i) * step_s;
        const double climbing = options.climbs ? std::clamp((craft.climb_s - at_s) / step_s, 0.0, 1.0) : 0.0;
        const double demand_w = options.power_factor * std::lerp(craft.level_w.value, craft.climb_w, climbing);
        const double light_w = 0.5 * (on_cells[first + i] + on_cells[first + i + 1]);
        const auto circuit = pack.circuit(state);
        PackStep now =
            step_of(craft, circuit, light_w, demand_w, likely_v, options.sky_factor, state.charge_used_ah);
        if (options.keeps_states) {
            result.states.push_back(state);
            result.pack_v.push_back(now.voltage_v);
            result.array_w.push_back(now.array_w);
            result.array_v.push_back(now.array_v);
        }
        const bool ends = !now.gives || (now.current_a > 0.0 && now.voltage_v <= craft.landing_v);
        if (ends) {
            result.endurance_s = at_s;
            return result;
        }
        // Midpoint: what the pack does in the middle of the minute is what the minute does.
        const auto slope = pack.rates(state, circuit, now.current_a, craft.air_c);
        const auto moved = [](battery::PackState s, const battery::PackRates& r, double dt_s) {
            s.charge_used_ah += r.charge_a * dt_s / seconds_per_hour;
            s.slow_gap += r.slow_gap_per_s * dt_s;
            s.temperature_c += r.kelvin_per_s * dt_s;
            return s;
        };
        const auto middle = moved(state, slope, 0.5 * step_s);
        const auto middle_circuit = pack.circuit(middle);
        const PackStep mid = step_of(craft, middle_circuit, light_w, demand_w, now.voltage_v, options.sky_factor,
                                     state.charge_used_ah);
        if (!mid.gives) {
            result.endurance_s = at_s + 0.5 * step_s;
            return result;
        }
        // The last minute ends where the volts cross.
        double part = 1.0;
        const auto next = moved(state, pack.rates(middle, middle_circuit, mid.current_a, craft.air_c), step_s);
        if (mid.current_a > 0.0) {
            const auto after = pack.circuit(next).atPower(demand_w - mid.array_w);
            const double after_v = after ? after->voltage_v : 0.0;
            if (after_v <= craft.landing_v)
                part = std::clamp((now.voltage_v - craft.landing_v) / std::max(now.voltage_v - after_v, 1e-9), 0.0,
                                  1.0);
        }
        const double hours = part * step_s / seconds_per_hour;
        SunLedger& sum = result.ledger;
        const double taken_w = mid.array_w - mid.not_taken_w;
        sum.array_wh += mid.array_w * hours;
        sum.not_taken_wh += mid.not_taken_w * hours;
        sum.used_wh += demand_w * hours;
        sum.to_motor_wh += std::min(taken_w, demand_w) * hours;
        sum.to_pack_wh += std::max(taken_w - demand_w, 0.0) * hours;
        sum.from_pack_wh += std::max(demand_w - taken_w, 0.0) * hours;
        if (part < 1.0) {
            result.endurance_s = at_s + part * step_s;
            return result;
        }
        state = next;
        likely_v = mid.voltage_v;
    }
    result.endurance_s = double(steps) * step_s;
    result.outlasts = steps > 0 && options.longest_s > 1.5 * seconds_per_day;
    return result;
}

std::vector<SunSpan> spans_above(const std::vector<double>& values, double from_utc_s) {
    std::vector<SunSpan> spans;
    const auto crossing = [&](std::size_t i) {
        return from_utc_s + (double(i) + values[i] / (values[i] - values[i + 1])) * step_s;
    };
    for (std::size_t i = 0; i < values.size(); ++i) {
        const bool in = values[i] >= 0.0;
        const bool was = i > 0 && values[i - 1] >= 0.0;
        if (in && !was) spans.push_back({i == 0 ? from_utc_s : crossing(i - 1), 0.0});
        if (!in && was) spans.back().to_utc_s = crossing(i - 1);
        if (in && i + 1 == values.size()) spans.back().to_utc_s = from_utc_s + double(i) * step_s;
    }
    return spans;
}

double total_s(const std::vector<SunSpan>& spans) {
    double sum = 0.0;
    for (const SunSpan& span : spans) sum += span.duration_s();
    return sum;
}

std::vector<SunSpan> sustained_spans(const SolarCraft& craft, const Light& light, double day_utc_s,
                                     double sky_factor, double power_factor) {
    return spans_above(balance_of(craft, light, day_utc_s, sky_factor, power_factor), day_utc_s);
}

} // namespace sobremesa::matching
