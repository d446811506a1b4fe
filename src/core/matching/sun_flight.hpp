#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/battery/pack_model.hpp"
#include "core/matching/sun_day.hpp"
#include "core/sun/tracked_power.hpp"

namespace sobremesa::matching {

/// Of everything that is followed through a day.
inline constexpr double sun_step_s = 60.0;
/// Looked at from the start of a flight.
inline constexpr double longest_sun_flight_s = 2.0 * 86400.0;

/// The light of the day, minute by minute; the same for every array that is tried in it.
struct Light {
    double from_utc_s = 0.0;
    std::vector<double> elevation_deg;
    std::vector<double> azimuth_deg;
    std::vector<double> global;
    std::vector<double> on_cells;
    std::vector<double> clear_on_cells;
    std::vector<double> overcast_on_cells;

    std::size_t index(double utc_s) const {
        const double at = std::round((utc_s - from_utc_s) / sun_step_s);
        return std::size_t(std::clamp(at, 0.0, double(global.size() - 1)));
    }
};

/// From the midnight of the day until the longest flight from its last start ends.
/// @error as `sun::SolarDay::over`
units::Result<Light> light_of(const SunQuestion& question, double tilt_deg);

/// One aircraft in that light.
struct SolarCraft {
    sun::SolarArray array;
    sun::Converter converter;
    bool fits = true;
    sun::ArrayCurve curve;
    sun::TrackedPower tracked;
    std::shared_ptr<const battery::PackModel> pack;
    double full_v = 0.0;
    double mean_v = 0.0;
    double landing_v = 0.0;
    double airspeed_mps = 0.0;
    double air_c = 15.0;
    units::Estimate level_w;
    double climb_w = 0.0;
    double climb_s = 0.0;
    double climb_efficiency = 0.5;
    double weight_n = 0.0;

    SolarCraft(const sun::SolarArray& cells, const sun::Converter& between)
        : array(cells), converter(between), curve(cells), tracked(cells, curve) {}
    sun::Harvest harvest(double on_cells, double pack_v) const {
        if (!fits || !(on_cells > 0.0)) return {};
        const double cells_c = sun::cell_temperature_c(air_c, on_cells, airspeed_mps);
        const bool tracks = converter.kind != sun::ConverterKind::direct;
        return sun::harvest_at(tracks ? tracked.at(on_cells, cells_c) : sun::OperatingPoint{}, curve, converter,
                               on_cells, cells_c, pack_v);
    }
};

/// @param pack  that of the request, made once
/// @error as `mission::power_at`
units::Result<SolarCraft> craft_of(const mission::PlanRequest& request, double airspeed_mps,
                                   std::shared_ptr<const battery::PackModel> pack);

/// The plan's fixed airspeed, else the known cruise.
double sun_airspeed_mps(const mission::PlanRequest& request);

struct Run {
    double endurance_s = 0.0;
    bool outlasts = false;
    SunLedger ledger;
    std::vector<battery::PackState> states; ///< each minute from the start
    std::vector<double> pack_v;
    std::vector<double> array_w;
    std::vector<double> array_v;
};

struct RunOptions {
    double longest_s = longest_sun_flight_s;
    bool overcast = false;
    bool climbs = true;
    bool keeps_states = false;
    double sky_factor = 1.0;
    double power_factor = 1.0;
};

/// Flown level from a moment and a state of the pack until it meets the landing voltage.
Run run(const SolarCraft& craft, const Light& light, double start_utc_s, battery::PackState state,
        const RunOptions& options);

/// Where the array carries level flight alone, at the pack's mean volts, in the day.
std::vector<SunSpan> sustained_spans(const SolarCraft& craft, const Light& light, double day_utc_s,
                                     double sky_factor = 1.0, double power_factor = 1.0);
/// Where a list by minutes is at 0 or above, its ends between the minutes.
std::vector<SunSpan> spans_above(const std::vector<double>& values, double from_utc_s);
double total_s(const std::vector<SunSpan>& spans);

} // namespace sobremesa::matching
