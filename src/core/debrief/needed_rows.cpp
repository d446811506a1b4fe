#include "core/debrief/needed_rows.hpp"

#include <algorithm>
#include <cmath>

#include "core/debrief/flown_rows.hpp"
#include "core/mission/outward.hpp"

namespace sobremesa::debrief {

using telemetry::Channel;

namespace {

/// Between so many the need is as good as straight: a quarter of a minute in an hour's flight.
constexpr std::size_t moments = 240;
/// Nearer together than this, two positions tell no course.
constexpr double least_course_m = 5.0;

struct Moment {
    std::size_t row = 0;
    double needed_wh = 0.0;
    double sd_wh = 0.0;
    double flown_m = 0.0;
};

/// Height above the launch at each row, or of the forecast where the log has none.
class Heights {
public:
    Heights(const telemetry::CleanLog& log, const mission::Plan& forecast)
        : log_(log), forecast_(forecast), ground_m_(telemetry::home_height_m(log)) {}
    double at(std::size_t row, double from_home_m) {
        const double h = ground_m_ ? log_.value(Channel::height_m, row) : std::nan("");
        if (std::isfinite(h)) last_m_ = std::max(h - *ground_m_, 0.0);
        if (last_m_) return *last_m_;
        return mission::outward_at(forecast_, std::min(from_home_m, forecast_.outward.back().distance_m)).height_m;
    }

private:
    const telemetry::CleanLog& log_;
    const mission::Plan& forecast_;
    std::optional<double> ground_m_;
    std::optional<double> last_m_;
};

std::vector<Moment> needed_at_moments(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                                      const mission::Plan& forecast) {
    const auto& track = summary.track;
    const auto& conditions = forecast.conditions;
    const mission::Homeward homeward(forecast.request, conditions);
    const double draw_sd = conditions.cruise_power_w.sd / conditions.cruise_power_w.value;
    const double wind_sd = mission::wind_sd_wh_per_m(forecast.request, conditions);
    Heights heights(log, forecast);
    const std::vector<double> used_wh = flown_rows(log).energy_wh;
    std::vector<Moment> found;
    geodesy::EastNorth before;
    geodesy::EastNorth course_from;
    std::optional<double> course_deg;
    double flown_m = 0.0;
    const std::size_t stride = std::max<std::size_t>(1, log.rows.size() / moments);
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const bool last = i + 1 == log.rows.size();
        if ((i % stride != 0 && !last) || !std::isfinite(track.east_m[i])) continue;
        mission::ReturnState station;
        station.at = {track.east_m[i], track.north_m[i]};
        if (found.empty()) course_from = station.at;
        if (!found.empty()) flown_m += geodesy::distance_m(before, station.at);
        if (geodesy::distance_m(course_from, station.at) > least_course_m) {
            course_deg = geodesy::bearing_deg(course_from, station.at);
            course_from = station.at;
        }
        before = station.at;
        station.height_m = heights.at(i, track.from_home_m[i]);
        station.time_s = track.time_s[i] - track.time_s.front();
        station.course_deg = course_deg;
        const auto way = homeward.from(station);
        const double reserve_wh = homeward.reserve_wh(way);
        double needed_wh = way.energy_wh + reserve_wh;
        if (i < used_wh.size() && std::isfinite(used_wh[i])) {
            // Of what is left in the books at cruise power, all but what remains after the return at its own.
            const double cruise_w = conditions.cruise_power_w.value;
            auto drawn = conditions.at_powers->at_start();
            conditions.at_powers->draw(drawn, cruise_w, used_wh[i]);
            needed_wh = conditions.usable_energy_wh() - used_wh[i] - homeward.books(way, drawn).landing_left_wh +
                        reserve_wh;
        }
        // From where no wind lets it home, all there is would not do.
        if (!way.wind_allows) needed_wh = std::max(needed_wh, 2.0 * conditions.usable_energy_wh());
        found.push_back({i, needed_wh,
                         units::combine_sd(draw_sd * way.energy_wh, wind_sd * geodesy::distance_m(station.at, {})),
                         flown_m});
    }
    return found;
}

} // namespace

NeededRows needed_rows(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                       const mission::Plan& forecast) {
    NeededRows rows;
    const auto& track = summary.track;
    if (track.east_m.empty() || forecast.outward.empty()) return rows;
    const auto found = needed_at_moments(log, summary, forecast);
    if (found.empty()) return rows;
    // The steps between moments cut corners; all of them together are as long as the flight.
    const double straight_m = found.back().flown_m;
    const double longer = summary.distance.ground_m && straight_m > 0.0
                              ? std::max(summary.distance.ground_m->value / straight_m, 1.0)
                              : 1.0;
    const std::size_t n = log.rows.size();
    for (auto* column : {&rows.needed_wh, &rows.needed_sd_wh, &rows.flown_m}) column->assign(n, std::nan(""));
    std::size_t k = 0;
    for (std::size_t i = 0; i < n; ++i) {
        if (!std::isfinite(track.east_m[i])) continue;
        while (k + 1 < found.size() && found[k + 1].row <= i) ++k;
        const Moment& a = found[k];
        const Moment& b = found[std::min(k + 1, found.size() - 1)];
        const double span_s = track.time_s[b.row] - track.time_s[a.row];
        const double share =
            span_s > 0.0 ? std::clamp((track.time_s[i] - track.time_s[a.row]) / span_s, 0.0, 1.0) : 0.0;
        rows.needed_wh[i] = std::lerp(a.needed_wh, b.needed_wh, share);
        rows.needed_sd_wh[i] = std::lerp(a.sd_wh, b.sd_wh, share);
        rows.flown_m[i] = longer * std::lerp(a.flown_m, b.flown_m, share);
    }
    return rows;
}

} // namespace sobremesa::debrief
