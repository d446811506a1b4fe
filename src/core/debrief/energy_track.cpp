#include "core/debrief/energy_track.hpp"

#include <algorithm>
#include <cmath>

#include "core/debrief/flown_rows.hpp"
#include "core/telemetry/chord_distance.hpp"

namespace sobremesa::debrief {

namespace {

const std::vector<double>& along(const EnergyTrack& track, TrackAxis axis) {
    return axis == TrackAxis::distance ? track.ground_m : track.time_s;
}

} // namespace

EnergyTrack energy_track(const telemetry::CleanLog& log, std::size_t most_points) {
    EnergyTrack track;
    const FlownRows flown = flown_rows(log);
    const std::size_t n = flown.energy_wh.size();
    std::optional<std::size_t> first, last;
    for (std::size_t i = 0; i < n; ++i) {
        if (!std::isfinite(flown.energy_wh[i])) continue;
        if (!first) first = i;
        last = i;
    }
    if (!first) return track;
    telemetry::ChordDistance ground;
    double way_m = 0.0;
    const std::size_t stride = std::max<std::size_t>(1, (n + most_points - 2) / (most_points - 1));
    std::size_t due = *first;
    for (std::size_t i = 0; i <= *last; ++i) {
        if (log.position_ok[i]) ground.add(log.position(i));
        way_m = std::max(way_m, ground.metres());
        if (!std::isfinite(flown.energy_wh[i]) || (i < due && i != *last)) continue;
        track.time_s.push_back(log.time_s(i) - log.time_s(*first));
        track.energy_wh.push_back(flown.energy_wh[i]);
        track.ground_m.push_back(way_m);
        due = i + stride;
    }
    if (!ground.begun()) track.ground_m.clear();
    return track;
}

EnergyTrack energy_track(const std::vector<telemetry::NotedReading>& readings,
                         const telemetry::NotedReading& landed, double usual_v) {
    std::vector<telemetry::NotedReading> known;
    for (const auto& reading : readings) {
        if (reading.time_s && reading.charge_ah) known.push_back(reading);
    }
    if (known.empty()) return {};
    std::stable_sort(known.begin(), known.end(),
                     [](const auto& a, const auto& b) { return *a.time_s < *b.time_s; });
    const auto goes_on = [&] {
        return *landed.time_s > *known.back().time_s && *landed.charge_ah >= *known.back().charge_ah;
    };
    if (landed.time_s && landed.charge_ah && goes_on()) known.push_back(landed);
    EnergyTrack track;
    track.time_s = {0.0};
    track.ground_m = {0.0};
    track.energy_wh = {0.0};
    double charge_ah = 0.0;
    double volts = known.front().voltage_v.value_or(usual_v);
    bool whole_way = true;
    for (const auto& reading : known) {
        const double here_v = reading.voltage_v.value_or(volts);
        const double used_ah = std::max(*reading.charge_ah - charge_ah, 0.0);
        track.time_s.push_back(*reading.time_s);
        track.energy_wh.push_back(track.energy_wh.back() + used_ah * 0.5 * (volts + here_v));
        whole_way = whole_way && reading.ground_m.has_value();
        track.ground_m.push_back(std::max(reading.ground_m.value_or(0.0), track.ground_m.back()));
        charge_ah += used_ah;
        volts = here_v;
    }
    if (!whole_way) track.ground_m.clear();
    return track;
}

std::optional<double> energy_at(const EnergyTrack& track, TrackAxis axis, double at) {
    const auto& x = along(track, axis);
    if (x.empty() || at < 0.0 || at > x.back()) return std::nullopt;
    const auto after = std::size_t(std::lower_bound(x.begin(), x.end(), at) - x.begin());
    if (after == 0) return track.energy_wh.front();
    const double wide = x[after] - x[after - 1];
    const double share = wide > 0.0 ? (at - x[after - 1]) / wide : 1.0;
    return track.energy_wh[after - 1] + share * (track.energy_wh[after] - track.energy_wh[after - 1]);
}

double common_end(const std::vector<const EnergyTrack*>& tracks, TrackAxis axis) {
    double end = tracks.empty() ? 0.0 : 1e300;
    for (const auto* track : tracks)
        end = std::min(end, along(*track, axis).empty() ? 0.0 : along(*track, axis).back());
    return end;
}

std::optional<EnergySpread> energy_spread(const std::vector<const EnergyTrack*>& tracks, TrackAxis axis) {
    if (tracks.size() < 2) return std::nullopt;
    EnergySpread spread;
    spread.at = common_end(tracks, axis);
    if (!(spread.at > 0.0)) return std::nullopt;
    for (std::size_t i = 0; i < tracks.size(); ++i) {
        const double used_wh = energy_at(*tracks[i], axis, spread.at).value_or(0.0);
        if (i == 0 || used_wh < spread.least_wh) {
            spread.least = i;
            spread.least_wh = used_wh;
        }
        if (i == 0 || used_wh > spread.most_wh) {
            spread.most = i;
            spread.most_wh = used_wh;
        }
    }
    return spread;
}

} // namespace sobremesa::debrief
