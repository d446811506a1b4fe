#include "core/telemetry/wind_estimate.hpp"

#include "core/telemetry/circle_fit.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/median.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"
#include <algorithm>
#include <cmath>
#include <numeric>
#include <tuple>

#include <Eigen/Dense>

namespace sobremesa::telemetry {

namespace {

using namespace circle;

/// Exponent of the wind's growth with height over open ground, and the height below which it is not used, m.
constexpr double height_exponent = 1.0 / 7.0;
constexpr double least_profile_height_m = 2.0;
constexpr double least_flight_s = 30.0;
/// Moments that a fit works through at most; longer flights are thinned evenly.
constexpr std::size_t most_moments = 2400;

// What is believed before the log is looked at, as standard deviations.
constexpr double prior_wind_mps = 6.0;
constexpr double prior_growth_mps_per_h = 3.0;
constexpr double prior_heading_offset_rad = 0.09;
constexpr double prior_airspeed_scale = 0.10;
constexpr double prior_airspeed_share = 0.6;

/// Moments that stand over one place, with others of their kind about them.
std::vector<std::uint8_t> hovering(const Motion& motion) {
    constexpr double still_mps = 1.5;
    constexpr double least_s = 10.0;
    const auto& moments = motion.moments;
    std::vector<std::uint8_t> result(moments.size(), 0);
    for (std::size_t i = 0; i < moments.size();) {
        std::size_t end = i;
        while (end < moments.size() && std::hypot(moments[end].east_mps, moments[end].north_mps) < still_mps) ++end;
        if (double(end - i) * motion.step_s >= least_s)
            std::fill(result.begin() + std::ptrdiff_t(i), result.begin() + std::ptrdiff_t(end), 1);
        i = std::max(end, i + 1);
    }
    return result;
}

double acceleration_mps2(const Motion& motion, std::size_t i) {
    const auto& moments = motion.moments;
    double most = 0.0;
    for (const std::size_t k : {i - 1, i + 1}) {
        if (k >= moments.size()) continue;
        const double change =
            std::hypot(moments[k].east_mps - moments[i].east_mps, moments[k].north_mps - moments[i].north_mps);
        if (std::isfinite(change)) most = std::max(most, change / motion.step_s);
    }
    return most;
}

Setup setup_from(const Motion& motion, std::size_t first, std::size_t last, double reference_height_m,
                 std::optional<units::Estimate> airspeed, bool heading, bool airspeeds,
                 const std::vector<double>& pace = {}) {
    Setup setup;
    setup.heading = heading;
    setup.airspeed = airspeeds;
    const double middle_s =
        first < last ? 0.5 * (motion.moments[first].time_s + motion.moments[last - 1].time_s) : 0.0;
    double launch_m = std::nan("");
    for (const Moment& m : motion.moments) {
        if (std::isfinite(m.height_m)) {
            launch_m = m.height_m;
            break;
        }
    }
    const std::size_t stride = std::max<std::size_t>(1, (last - first) / most_moments);
    const std::vector<std::uint8_t> hovers = airspeeds ? std::vector<std::uint8_t>() : hovering(motion);
    double speed = 0.0;
    for (std::size_t i = first; i < last; i += stride) {
        const Moment& m = motion.moments[i];
        // Where it turns the way between two rows is not straight.
        if (m.between_rows || m.abrupt || !std::isfinite(m.east_mps) || !std::isfinite(m.north_mps)) continue;
        if (!hovers.empty() && hovers[i] != 0) continue;
        if (heading && !std::isfinite(m.heading_deg)) continue;
        if (airspeeds && !(m.airspeed_mps > 0.0)) continue;
        Point p;
        p.t_h = (m.time_s - middle_s) / units::seconds_per_hour;
        const double above_m = m.height_m - launch_m;
        if (std::isfinite(above_m) && reference_height_m > least_profile_height_m)
            p.profile = std::pow(std::max(above_m, least_profile_height_m) / reference_height_m, height_exponent);
        p.velocity = {m.east_mps, m.north_mps};
        // For now the acceleration, m/s²; becomes the trust below, when the speed is known.
        p.trust = acceleration_mps2(motion, i);
        if (!setup.points.empty()) {
            const Vector2d& before = setup.points.back().velocity;
            const double turn =
                std::abs(std::atan2(before[0] * p.velocity[1] - before[1] * p.velocity[0], before.dot(p.velocity)));
            // Scatter of a straight course is no turning.
            constexpr double least_rad = 0.1;
            p.turned = turn > least_rad ? turn / units::pi : 0.0;
        }
        p.heading_rad = units::radians(m.heading_deg);
        p.airspeed_mps = m.airspeed_mps;
        if (!pace.empty()) p.pace = pace[i - first];
        speed += p.velocity.norm();
        setup.points.push_back(p);
    }
    if (!setup.points.empty()) speed /= double(setup.points.size());
    // Taking off and coming down, the airspeed is another and the profile a guess: left out where enough is flown
    // above.
    constexpr double near_ground = 0.85;
    const auto is_low = [](const Point& p) { return p.profile < near_ground; };
    const auto low = std::count_if(setup.points.begin(), setup.points.end(), is_low);
    constexpr double most_left_out = 0.4;
    if (double(low) < most_left_out * double(setup.points.size())) std::erase_if(setup.points, is_low);
    for (Point& p : setup.points) {
        // A turn that bends the velocity by `a` a second is cut short by a²/24V; by more where the rows are sparse.
        // Between rows `row_step_s` apart a turn by θ is straightened to a hundredth of θ⁴: what two rounds leave
        // of sin θ/θ, numerically.
        const double turned_rad = p.trust * motion.row_step_s / std::max(speed, 1.0);
        const double cut_mps =
            p.trust * p.trust / (24.0 * std::max(speed, 1.0)) + 0.01 * std::pow(turned_rad, 4) * speed;
        constexpr double harmless_mps = 0.3;
        p.trust = 1.0 / (1.0 + std::pow(cut_mps / harmless_mps, 2));
    }
    setup.prior_sd << prior_wind_mps, prior_wind_mps, prior_growth_mps_per_h, prior_growth_mps_per_h,
        prior_airspeed_share * std::max(speed, 1.0), prior_heading_offset_rad;
    setup.prior[va] = speed;
    if (airspeed) {
        setup.prior[va] = airspeed->value;
        setup.prior_sd[va] = std::max(airspeed->sd, 0.1);
    }
    if (airspeeds) {
        setup.prior[va] = 1.0;
        setup.prior_sd[va] = prior_airspeed_scale;
    }
    return setup;
}

/// Mean ground speed, m/s.
double mean_speed(const Setup& setup) {
    double sum = 0.0;
    for (const Point& p : setup.points) sum += p.velocity.norm() / double(setup.points.size());
    return sum;
}

double reference_height(const Motion& motion) {
    std::vector<double> heights;
    double launch_m = std::nan("");
    for (std::size_t i = 0; i < motion.last_airborne; ++i) {
        const double h = motion.moments[i].height_m;
        if (!std::isfinite(h)) continue;
        if (!std::isfinite(launch_m)) launch_m = h;
        if (i >= motion.first_airborne) heights.push_back(h - launch_m);
    }
    return heights.empty() ? 0.0 : units::median(heights);
}

/// Receivers call their course a heading, and so do many logs. One that never differs from the course over ground
/// says nothing of where the nose was.
bool heading_is_course(const Motion& motion, std::size_t first, std::size_t last) {
    constexpr double slow_mps = 3.0;
    constexpr double same_deg = 1.5;
    std::vector<double> off;
    for (std::size_t i = first; i < last; ++i) {
        const Moment& m = motion.moments[i];
        if (!std::isfinite(m.heading_deg) || !(std::hypot(m.east_mps, m.north_mps) > slow_mps)) continue;
        const double course = units::degrees(std::atan2(m.east_mps, m.north_mps));
        off.push_back(std::abs(units::signed_turn_degrees(course, m.heading_deg)));
    }
    return units::median(off) < same_deg;
}

double turned_deg(const Motion& motion, std::size_t first, std::size_t last, const Vector2d& wind) {
    double sum = 0.0;
    std::optional<double> before;
    for (std::size_t i = first; i < last; ++i) {
        const Vector2d air = Vector2d(motion.moments[i].east_mps, motion.moments[i].north_mps) - wind;
        if (motion.moments[i].between_rows || !air.allFinite()) continue;
        const double now = units::degrees(std::atan2(air[0], air[1]));
        // Scatter of a straight flight is no turning.
        constexpr double least_turn_deg = 3.0;
        if (before) {
            const double turn = std::abs(units::signed_turn_degrees(*before, now));
            if (turn > least_turn_deg) sum += turn;
        }
        before = now;
    }
    return sum;
}

/// Whether the power swings with the course although hardly a wind was found: then it was the speed over ground
/// that was the same, not the airspeed. A line through time takes out what the pack and the mass do to the power.
bool power_swings_with_course(const Motion& motion, std::size_t first, std::size_t last) {
    constexpr double slow_mps = 3.0;
    constexpr double level_mps = 0.7;
    constexpr std::size_t least_moments = 90;
    // Gusts and throttle last: so many seconds tell as much as one.
    constexpr double alike_s = 15.0;
    constexpr double least_swing = 0.05;
    constexpr double sure_sd = 4.0;
    using Row = Eigen::Vector4d;
    std::vector<std::pair<Row, double>> rows;
    for (std::size_t i = first; i < last; ++i) {
        const Moment& m = motion.moments[i];
        const double speed = std::hypot(m.east_mps, m.north_mps);
        if (!(speed > slow_mps) || !std::isfinite(m.power_w) || std::abs(m.climb_mps) > level_mps) continue;
        rows.push_back({Row(1.0, m.east_mps / speed, m.north_mps / speed,
                            (m.time_s - motion.moments[first].time_s) / units::seconds_per_hour),
                        m.power_w});
    }
    if (rows.size() < least_moments) return false;
    Eigen::Matrix4d normal = Eigen::Matrix4d::Zero();
    Row right = Row::Zero();
    double mean_w = 0.0;
    for (const auto& [row, power] : rows) {
        normal += row * row.transpose();
        right += power * row;
        mean_w += power / double(rows.size());
    }
    const Eigen::Matrix4d inverse = normal.inverse();
    const Row fitted = inverse * right;
    if (!fitted.allFinite() || !(mean_w > 0.0)) return false;
    double squares = 0.0;
    for (const auto& [row, power] : rows) squares += std::pow(power - row.dot(fitted), 2);
    const double variance = squares / double(rows.size()) * std::max(alike_s / motion.step_s, 1.0);
    const double swing_w = std::hypot(fitted[1], fitted[2]);
    const double sd_w = std::sqrt(variance * std::max(inverse(1, 1), inverse(2, 2)));
    return swing_w > least_swing * mean_w && swing_w > sure_sd * sd_w;
}

struct SpeedAndFrom {
    units::Estimate speed;
    units::Estimate from;
};

SpeedAndFrom polar(const Vector2d& w, const Eigen::Matrix2d& cov) {
    const double speed = w.norm();
    const Vector2d along = speed > 1e-9 ? Vector2d(w / speed) : Vector2d(0.0, 1.0);
    const Vector2d across(along[1], -along[0]);
    const double across_sd = std::sqrt(std::max(across.dot(cov * across), 0.0));
    constexpr double know_nothing_deg = 103.9; // sd of a direction of which nothing is known: 180°/√3
    SpeedAndFrom result;
    result.speed = {speed, std::sqrt(std::max(along.dot(cov * along), 0.0))};
    result.from = {units::wrap_degrees(units::degrees(std::atan2(-w[0], -w[1]))),
                   std::min(units::degrees(std::atan2(across_sd, std::max(speed, 1e-9))), know_nothing_deg)};
    return result;
}

void add_windows(const Motion& motion, double reference_m, WindEstimate& estimate) {
    constexpr double window_s = 240.0;
    constexpr double least_turn_deg = 300.0;
    constexpr double airspeed_wander = 0.03;
    const auto length = std::size_t(window_s / motion.step_s);
    for (std::size_t from = motion.first_airborne; from + length / 2 <= motion.last_airborne; from += length) {
        const std::size_t to = std::min(from + length, motion.last_airborne);
        const Vector2d mean(estimate.east_mps, estimate.north_mps);
        if (turned_deg(motion, from, to, mean) < least_turn_deg && !estimate.used_heading) continue;
        const units::Estimate V{
            estimate.airspeed_mps.value,
            units::combine_sd(estimate.airspeed_mps.sd, airspeed_wander * estimate.airspeed_mps.value)};
        Setup setup = setup_from(motion, from, to, reference_m, V, estimate.used_heading, estimate.used_airspeed);
        if (setup.points.size() < std::size_t(least_flight_s)) continue;
        Unknowns x = setup.prior;
        x[we] = mean[0];
        x[wn] = mean[1];
        const Fit fit = fit_from(setup, x);
        const auto [w, cov] = mean_wind(setup, fit);
        const auto [speed, direction] = polar(w, cov);
        double height = 0.0;
        int heights = 0;
        for (std::size_t i = from; i < to; ++i) {
            if (!std::isfinite(motion.moments[i].height_m)) continue;
            height += motion.moments[i].height_m;
            ++heights;
        }
        estimate.windows.push_back({motion.moments[from].time_s, motion.moments[to - 1].time_s,
                                    heights > 0 ? height / heights : std::nan(""), speed, direction});
    }
}

} // namespace

const char* wind_knowledge_word(WindKnowledge knowledge) {
    switch (knowledge) {
    case WindKnowledge::known: return "known";
    case WindKnowledge::along_only: return "along-only";
    case WindKnowledge::no_position: return "no-position";
    case WindKnowledge::too_short: return "too-short";
    case WindKnowledge::hardly_moved: return "hardly-moved";
    case WindKnowledge::speed_held: return "speed-held";
    case WindKnowledge::no_turn: break;
    }
    return "no-turn";
}

namespace {

/// The search for the wind of a flight: from its moments to the fit that the estimate is read from.
class WindSearch {
public:
    WindSearch(const Motion& motion, const std::optional<units::Estimate>& airspeed_hint,
               const units::Estimate& airspeed_per_power)
        : motion_(motion), airspeed_hint_(airspeed_hint), airspeed_per_power_(airspeed_per_power) {
        // Seconds of launching and touching down are not flown at any steady airspeed.
        constexpr std::size_t ends = 5;
        first_ = std::min(motion.first_airborne + ends, motion.last_airborne);
        last_ = std::max(motion.last_airborne - std::min(ends, motion.last_airborne), first_);
        reference_m_ = reference_height(motion);
        if (!motion.has_airspeed) legs_ = leg_powers(motion, first_, last_);
        used_power_ = powers_differ(legs_);
        setup_ = setup_with(false, false, airspeed_per_power.value);
    }

    double reference_m() const { return reference_m_; }
    bool is_long_enough() const { return double(setup_.points.size()) >= least_flight_s; }

    /// It stood over its place for most of the time.
    bool hovered() const {
        if (double(last_ - first_) * motion_.step_s < least_flight_s) return false;
        const std::vector<std::uint8_t> hovers = hovering(motion_);
        return 2 * std::count(hovers.begin() + std::ptrdiff_t(first_), hovers.begin() + std::ptrdiff_t(last_), 1) >
               std::ptrdiff_t(last_ - first_);
    }

    void fit() {
        fit_ = best_fit(setup_);
        // Headings and airspeeds join where they fit: a multirotor may look elsewhere than it flies, and a tube may
        // be blocked.
        if (motion_.has_airspeed) join(false, true);
        if (motion_.has_heading && !heading_is_course(motion_, first_, last_)) join(true, used_airspeed_);
        settle(setup_, fit_);
        std::tie(wind_, covariance_) = mean_wind(setup_, fit_);
        if (used_power_) add_error_of_tie();
        // The model's own: gusts across the track are not seen, and the profile over height is a guess.
        constexpr double model_sd_mps = 0.1;
        covariance_ += model_sd_mps * model_sd_mps * Eigen::Matrix2d::Identity();
        // One leg shows the sum of wind and airspeed only, unless something else tells one of them. A tube's scale
        // is not learnt from it: its noise makes the slope of ground speed on airspeed too small.
        if (!airspeed_hint_ && !used_heading_ && courses_of(setup_).one_leg()) {
            const double along_sd = used_airspeed_ ? prior_airspeed_scale * mean_speed(setup_) : prior_wind_mps;
            covariance_ += along_sd * along_sd * Eigen::Matrix2d::Identity();
        }
    }

    bool hardly_moved() const {
        constexpr double least_airspeed_mps = 3.0;
        return !used_airspeed_ && !airspeed_hint_ && fit_.x[va] < least_airspeed_mps;
    }

    /// The same speed over ground on all courses, on a power that swings with them.
    bool speed_was_held() const {
        constexpr double calm_share = 0.12;
        const bool by_places_alone = !used_airspeed_ && !used_heading_ && !airspeed_hint_;
        return by_places_alone && wind_.norm() < calm_share * fit_.x[va] && courses_of(setup_).all_round() &&
               power_swings_with_course(motion_, first_, last_);
    }

    WindEstimate result() const {
        WindEstimate result;
        result.used_heading = used_heading_;
        result.used_airspeed = used_airspeed_;
        result.used_power = used_power_;
        result.east_mps = wind_[0];
        result.north_mps = wind_[1];
        result.covariance_m2ps2 = {covariance_(0, 0), covariance_(0, 1), covariance_(1, 1)};
        const auto [speed, from] = polar(wind_, covariance_);
        result.speed_mps = speed;
        result.from_deg = from;
        result.airspeed_mps = airspeed();
        const Vector2d along = wind_.norm() > 1e-9 ? Vector2d(wind_.normalized()) : Vector2d(0.0, 1.0);
        const Eigen::Matrix2d growth_cov = fit_.covariance.block<2, 2>(ge, ge);
        result.growth_mps_per_h = {along.dot(Vector2d(fit_.x[ge], fit_.x[gn])),
                                   std::sqrt(along.dot(growth_cov * along))};
        const Axes axes = axes_of(covariance_);
        result.best_sd_mps = std::sqrt(std::max(axes.values[0], 0.0));
        result.worst_sd_mps = std::sqrt(std::max(axes.values[1], 0.0));
        const Vector2d best = axes.vectors.col(0);
        result.known_along_deg =
            std::fmod(units::wrap_degrees(units::degrees(std::atan2(best[0], best[1]))), 180.0);
        result.turned_deg = turned_deg(motion_, first_, last_, wind_);
        result.knowledge = result.worst_sd_mps <= known_sd_mps  ? WindKnowledge::known
                           : result.best_sd_mps <= known_sd_mps ? WindKnowledge::along_only
                                                                : WindKnowledge::no_turn;
        return result;
    }

private:
    Setup setup_with(bool heading, bool airspeeds, double airspeed_per_power) const {
        const auto pace = used_power_ ? paces(legs_, first_, last_, airspeed_per_power) : std::vector<double>();
        return setup_from(motion_, first_, last_, reference_m_, airspeed_hint_, heading, airspeeds, pace);
    }

    void join(bool heading, bool airspeeds) {
        Setup joined = setup_with(heading, airspeeds, airspeed_per_power_.value);
        if (joined.points.size() < setup_.points.size() / 2) return;
        const Fit with = best_fit(joined);
        const double V = airspeeds ? setup_.prior[va] : with.x[va];
        constexpr double most_share_of_airspeed = 0.15;
        if (with.scale > most_share_of_airspeed * std::max(V, 1.0)) return;
        // What turning shows well is not overruled by an instrument that contradicts it.
        const auto [alone, alone_cov] = mean_wind(setup_, fit_);
        const auto [together, together_cov] = mean_wind(joined, with);
        const Axes alone_axes = axes_of(alone_cov);
        constexpr double well_known_mps = 0.3;
        constexpr double chi_squared_999 = 13.8;
        const Vector2d apart = together - alone;
        const Eigen::Matrix2d both =
            alone_cov + together_cov + 0.02 * Eigen::Matrix2d::Identity(); // a tenth of a metre a second in each
        if (alone_axes.values[1] < well_known_mps * well_known_mps &&
            apart.dot(both.inverse() * apart) > chi_squared_999)
            return;
        setup_ = std::move(joined);
        fit_ = with;
        used_heading_ = heading;
        used_airspeed_ = airspeeds;
    }

    static void settle(const Setup& of, Fit& fitted) {
        constexpr double uncertain_mps = 0.3;
        const Axes axes = axes_of(fitted.covariance.topLeftCorner<2, 2>());
        const bool uncertain = axes.values[1] > uncertain_mps * uncertain_mps;
        if (!of.heading && (uncertain || !courses_of(of).all_round())) walk_least_known(of, fitted);
    }

    /// How far the wind moves when the tie of airspeed to power is off by its error.
    void add_error_of_tie() {
        const Setup moved = setup_with(used_heading_, false, airspeed_per_power_.value + airspeed_per_power_.sd);
        Fit moved_fit = best_fit(moved);
        settle(moved, moved_fit);
        const Vector2d off = mean_wind(moved, moved_fit).first - wind_;
        covariance_ += off * off.transpose();
    }

    units::Estimate airspeed() const {
        double V = fit_.x[va];
        double V_sd = std::sqrt(fit_.covariance(va, va));
        if (setup_.airspeed) {
            double mean = 0.0;
            for (const Point& p : setup_.points) mean += p.airspeed_mps / double(setup_.points.size());
            V *= mean;
            V_sd *= mean;
        }
        return {V, V_sd};
    }

    const Motion& motion_;
    std::optional<units::Estimate> airspeed_hint_;
    units::Estimate airspeed_per_power_;
    std::size_t first_ = 0;
    std::size_t last_ = 0;
    double reference_m_ = 0.0;
    std::vector<LegPower> legs_;
    Setup setup_;
    Fit fit_;
    Vector2d wind_ = Vector2d::Zero();
    Eigen::Matrix2d covariance_ = Eigen::Matrix2d::Zero();
    bool used_power_ = false;
    bool used_heading_ = false;
    bool used_airspeed_ = false;
};

} // namespace

WindEstimate wind_estimate(const Motion& motion, std::optional<units::Estimate> airspeed_hint,
                           units::Estimate airspeed_per_power) {
    const auto nothing = [](WindKnowledge why) {
        WindEstimate result;
        result.knowledge = why;
        return result;
    };
    if (!motion.has_velocity) return nothing(WindKnowledge::no_position);
    WindSearch search(motion, airspeed_hint, airspeed_per_power);
    if (!search.is_long_enough())
        return nothing(search.hovered() ? WindKnowledge::hardly_moved : WindKnowledge::too_short);
    search.fit();
    if (search.hardly_moved()) return nothing(WindKnowledge::hardly_moved);
    if (search.speed_was_held()) return nothing(WindKnowledge::speed_held);
    WindEstimate result = search.result();
    if (result.known()) add_windows(motion, search.reference_m(), result);
    return result;
}

double airspeed_at(const Motion& motion, const WindEstimate& wind, std::size_t moment) {
    const Moment& m = motion.moments[moment];
    return std::hypot(m.east_mps - wind.east_mps, m.north_mps - wind.north_mps);
}

std::optional<units::Explanation> explain(const WindEstimate& wind, units::Quantity quantity) {
    if (!wind.known()) return std::nullopt;
    units::Explanation why;
    why.quantity = quantity;
    why.relation = units::Relation::circle_of_ground_velocities;
    why.source = units::Source::least_squares;
    switch (quantity) {
    case units::Quantity::wind_speed: why.value = wind.speed_mps; break;
    case units::Quantity::wind_from: why.value = wind.from_deg; break;
    case units::Quantity::airspeed: why.value = wind.airspeed_mps; break;
    default: return std::nullopt;
    }
    for (const auto& [input, value] : {std::pair{units::Quantity::wind_speed, wind.speed_mps},
                                       std::pair{units::Quantity::wind_from, wind.from_deg},
                                       std::pair{units::Quantity::airspeed, wind.airspeed_mps}}) {
        if (input != quantity) why.inputs.push_back({input, value, units::Origin::computed});
    }
    return why;
}

} // namespace sobremesa::telemetry
