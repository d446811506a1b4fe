#include "core/sun/solar_position.hpp"

#include <algorithm>
#include <cmath>

#include <libnova/dynamical_time.h>
#include <libnova/nutation.h>
#include <libnova/precession.h>
#include <libnova/sidereal_time.h>
#include <libnova/solar.h>

#include "core/units/constants.hpp"
#include "core/units/number_ranges.hpp"

namespace sobremesa::sun {

namespace {

constexpr double node_step_s = 3.0 * units::seconds_per_hour;
/// Julian date of 1970-01-01 00:00 UTC.
constexpr double epoch_julian_days = 2440587.5;
/// Of the sun at one astronomical unit, 8.794″. Astronomical Almanac.
constexpr double horizontal_parallax_deg = 8.794 / 3600.0;
constexpr double longest_span_s = 8.0 * seconds_per_day;

/// Julian date of the equinox that VSOP87's longitudes count from.
constexpr double j2000_julian_days = 2451545.0;
/// Constant of aberration, Meeus, *Astronomical Algorithms*, ch. 25.
constexpr double aberration_deg = 20.4898 / 3600.0;

struct Direction {
    double longitude_deg;
    double latitude_deg;
};

/// Between ecliptic and equator: turned round the line of the equinoxes.
Direction turned(const Direction& from, double angle_deg) {
    const double l = units::radians(from.longitude_deg);
    const double b = units::radians(from.latitude_deg);
    const double e = units::radians(angle_deg);
    const double x = std::cos(b) * std::cos(l);
    const double y = std::cos(b) * std::sin(l);
    const double z = std::sin(b);
    const double north = y * std::sin(e) + z * std::cos(e);
    return {units::wrap_degrees(units::degrees(std::atan2(y * std::cos(e) - z * std::sin(e), x))),
            units::degrees(std::atan2(north, std::hypot(x, y * std::cos(e) - z * std::sin(e))))};
}

struct Apparent {
    double right_ascension_deg;
    double declination_deg;
    double distance_au;
};

/// Where the sun is seen from the earth's centre, equinox of date.
///
/// libnova's own `ln_get_solar_equ_coords` leaves out the precession since 2000 and the aberration (0.4 ° in 2026,
/// found against astropy), so that its parts are put together here: VSOP87, aberration, precession, nutation.
Apparent apparent_sun(double dynamical_julian) {
    ln_helio_posn geometric{};
    ln_get_solar_geom_coords(dynamical_julian, &geometric);
    ln_nutation then{};
    ln_nutation now{};
    ln_get_nutation(j2000_julian_days, &then);
    ln_get_nutation(dynamical_julian, &now);
    const Direction equator_2000 = turned({geometric.L - aberration_deg / geometric.R, geometric.B}, then.ecliptic);
    ln_equ_posn mean_2000{equator_2000.longitude_deg, equator_2000.latitude_deg};
    ln_equ_posn mean{};
    ln_get_equ_prec(&mean_2000, dynamical_julian, &mean);
    Direction ecliptic = turned({mean.ra, mean.dec}, -now.ecliptic);
    ecliptic.longitude_deg += now.longitude;
    const Direction seen = turned(ecliptic, now.ecliptic + now.obliquity);
    return {seen.longitude_deg, seen.latitude_deg, geometric.R};
}

/// Through four values at 0, 1, 2, 3.
double cubic(double y0, double y1, double y2, double y3, double x) {
    return -y0 * (x - 1) * (x - 2) * (x - 3) / 6.0 + y1 * x * (x - 2) * (x - 3) / 2.0 -
           y2 * x * (x - 1) * (x - 3) / 2.0 + y3 * x * (x - 1) * (x - 2) / 6.0;
}

} // namespace

units::Result<SolarDay> SolarDay::over(const geodesy::Position& at, double from_utc_s, double span_s) {
    if (!geodesy::is_possible(at)) return units::failure(units::ErrorCode::position_impossible);
    auto ranges = units::NumberRanges::looking();
    ranges.number("date", from_utc_s, earliest_utc_s, latest_utc_s);
    ranges.number("date", span_s, 0.0, longest_span_s);
    if (ranges.wrong()) return tl::unexpected(*ranges.wrong());
    SolarDay day;
    day.place_ = at;
    day.from_utc_s_ = from_utc_s;
    day.span_s_ = span_s;
    day.first_node_s_ = from_utc_s - node_step_s;
    const auto count = std::size_t(std::ceil(span_s / node_step_s)) + 4;
    for (std::size_t i = 0; i < count; ++i) {
        const double julian = epoch_julian_days + (day.first_node_s_ + double(i) * node_step_s) / seconds_per_day;
        const double dynamical = ln_get_jde(julian);
        const Apparent sun = apparent_sun(dynamical);
        double hour_angle =
            units::wrap_degrees(15.0 * ln_get_apparent_sidereal_time(julian) - sun.right_ascension_deg);
        if (!day.nodes_.empty()) {
            const double expected = day.nodes_.back().hour_angle_deg + 360.0 * node_step_s / seconds_per_day;
            hour_angle += 360.0 * std::round((expected - hour_angle) / 360.0);
        }
        day.nodes_.push_back({hour_angle, sun.declination_deg, sun.distance_au});
    }
    return day;
}

SunDirection SolarDay::at(double utc_s) const {
    const double along = std::clamp((utc_s - first_node_s_) / node_step_s, 0.0, double(nodes_.size() - 1));
    const auto first = std::size_t(std::clamp(std::floor(along) - 1.0, 0.0, double(nodes_.size() - 4)));
    const double x = along - double(first);
    const Node* n = &nodes_[first];
    const auto between = [&](double Node::*value) {
        return cubic(n[0].*value, n[1].*value, n[2].*value, n[3].*value, x);
    };
    const double hour = units::radians(between(&Node::hour_angle_deg) + place_.longitude_deg);
    const double declination = units::radians(between(&Node::declination_deg));
    const double latitude = units::radians(place_.latitude_deg);
    const double east = -std::cos(declination) * std::sin(hour);
    const double north =
        std::sin(declination) * std::cos(latitude) - std::cos(declination) * std::cos(hour) * std::sin(latitude);
    const double up =
        std::sin(declination) * std::sin(latitude) + std::cos(declination) * std::cos(hour) * std::cos(latitude);
    SunDirection direction;
    direction.distance_au = between(&Node::distance_au);
    const double geocentric_deg = units::degrees(std::atan2(up, std::hypot(east, north)));
    direction.elevation_deg =
        geocentric_deg - horizontal_parallax_deg / direction.distance_au * std::cos(units::radians(geocentric_deg));
    direction.azimuth_deg = units::wrap_degrees(units::degrees(std::atan2(east, north)));
    return direction;
}

} // namespace sobremesa::sun
