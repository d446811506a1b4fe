#include "core/debrief/bill.hpp"

#include <algorithm>
#include <bit>
#include <cmath>

#include "core/airframe/aircraft.hpp"
#include "core/mission/winds.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::debrief {

namespace {

// Errors of what is put in, one standard deviation: common practice, no source.
constexpr double uncalibrated_gain_sd = 0.05;
constexpr double charger_sd = 0.015;
constexpr double climb_share_sd = 0.10;
constexpr double gust_share_sd = 0.5;
constexpr double mean_lift_sd_mps = 0.06;
constexpr double mass_share_sd = 0.01;
constexpr double temperature_sd_k = 2.0;
constexpr double track_share_sd = 0.015;
constexpr double speed_reading_sd_mps = 0.15; ///< of a ground speed, in every second
constexpr std::size_t block_moments = 10;
constexpr double least_ground_mps = 1.0;
constexpr double slowest_share = 0.65;
constexpr double fastest_share = 1.55;

/// Put in one by one; distance, pack, sensor and what is unexplained stand outside.
constexpr std::array put_in = {BillCause::wind,  BillCause::gusts, BillCause::climbs,     BillCause::lift,
                               BillCause::speed, BillCause::mass,  BillCause::temperature};
constexpr unsigned all_put_in = (1U << put_in.size()) - 1U;

unsigned bit(BillCause cause) {
    return 1U << unsigned(std::find(put_in.begin(), put_in.end(), cause) - put_in.begin());
}

struct Block {
    double seconds = 0.0;
    double ground_m = 0.0;
    double course_deg = 0.0;
    double height_m = 0.0;
    double time_s = 0.0;
    double climb_mps = 0.0;
    double airspeed_mps = 0.0;
    double airspeed_variance = 0.0;
    double lift_mps = 0.0;
    bool homeward = false;
    double wind_east_mps = 0.0;
    double wind_north_mps = 0.0;
};

/// Of a set of causes flown and the others planned.
struct Conditions {
    unsigned flown = 0;
    double more_east_mps = 0.0; ///< for how a wrong wind would show
    double more_north_mps = 0.0;
    double more_airspeed_mps = 0.0;
};

class Track {
public:
    Track(const telemetry::Findings& found, const mission::Plan& plan, const mission::PlanRequest& flown_as)
        : plan_(plan), planned_(plan.request), flown_(flown_as), planned_air_(mission::air_column(planned_)),
          flown_air_(mission::air_column(flown_)) {
        const auto& motion = found.motion;
        const double ground_m = motion.has_height && motion.first_airborne < motion.moments.size()
                                    ? motion.moments[motion.first_airborne].height_m
                                    : 0.0;
        std::vector<double> lift(motion.moments.size(), 0.0);
        for (const auto& segment : found.segments) {
            for (std::size_t i = segment.first; i < segment.last && std::isfinite(segment.lift_mps); ++i)
                lift[i] = segment.lift_mps;
        }
        std::size_t farthest = motion.first_airborne;
        double east = 0.0;
        double north = 0.0;
        double most = 0.0;
        for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
            const auto& m = motion.moments[i];
            if (!std::isfinite(m.east_mps) || !std::isfinite(m.north_mps)) continue;
            east += m.east_mps * motion.step_s;
            north += m.north_mps * motion.step_s;
            if (std::hypot(east, north) <= most) continue;
            most = std::hypot(east, north);
            farthest = i;
        }
        for (std::size_t first = motion.first_airborne; first < motion.last_airborne; first += block_moments) {
            Block b;
            double e = 0.0;
            double n = 0.0;
            double count = 0.0;
            double squares = 0.0;
            const std::size_t last = std::min(first + block_moments, motion.last_airborne);
            for (std::size_t i = first; i < last; ++i) {
                const auto& m = motion.moments[i];
                const double v = telemetry::airspeed_at(motion, found.wind, i);
                if (!std::isfinite(m.east_mps) || !std::isfinite(m.north_mps) || !std::isfinite(v)) continue;
                e += m.east_mps;
                n += m.north_mps;
                b.ground_m += std::hypot(m.east_mps, m.north_mps) * motion.step_s;
                b.airspeed_mps += v;
                squares += v * v;
                b.height_m += std::isfinite(m.height_m) ? std::max(m.height_m - ground_m, 0.0) : 0.0;
                b.climb_mps += std::isfinite(m.climb_mps) ? m.climb_mps : 0.0;
                b.lift_mps += lift[i];
                b.time_s += m.time_s;
                count += 1.0;
            }
            if (count < 1.0) continue;
            b.seconds = count * motion.step_s;
            b.airspeed_mps /= count;
            b.airspeed_variance = std::max(squares / count - b.airspeed_mps * b.airspeed_mps -
                                               speed_reading_sd_mps * speed_reading_sd_mps,
                                           0.0);
            b.height_m /= count;
            b.climb_mps /= count;
            b.lift_mps /= count;
            b.time_s = b.time_s / count - motion.moments[motion.first_airborne].time_s;
            b.course_deg = units::wrap_degrees(units::degrees(std::atan2(e, n)));
            b.homeward = first > farthest;
            // As the estimate has it: by the power law from its mean height, growing.
            b.wind_east_mps = found.wind.east_mps;
            b.wind_north_mps = found.wind.north_mps;
            blocks_.push_back(b);
            ground_m_ += b.ground_m;
            seconds_ += b.seconds;
        }
    }

    double ground_m() const { return ground_m_; }
    double seconds() const { return seconds_; }
    bool empty() const { return blocks_.empty() || !(ground_m_ > 0.0); }

    double energy_wh(const Conditions& c) const {
        const auto flown = [&](BillCause cause) { return (c.flown & bit(cause)) != 0; };
        const mission::PlanRequest& craft = flown(BillCause::mass) ? flown_ : planned_;
        const double mass_kg = mission::all_up_mass_kg(craft);
        const auto& air = flown(BillCause::temperature) ? flown_air_ : planned_air_;
        double joules = 0.0;
        for (const Block& b : blocks_) {
            const double planned_v =
                b.homeward ? plan_.conditions.airspeed_home_mps : plan_.conditions.airspeed_out_mps;
            const double v = (flown(BillCause::speed) ? b.airspeed_mps : planned_v) + c.more_airspeed_mps;
            atmosphere::Wind wind = planned_air_.at(b.height_m, b.time_s);
            if (flown(BillCause::wind)) {
                const double east = b.wind_east_mps + c.more_east_mps;
                const double north = b.wind_north_mps + c.more_north_mps;
                wind = {std::hypot(east, north), units::wrap_degrees(units::degrees(std::atan2(-east, -north)))};
            }
            const auto heading = flying::heading(b.course_deg, v, wind);
            const double ground_mps =
                heading ? std::max(heading->ground_speed_mps, least_ground_mps) : least_ground_mps;
            const double seconds = b.ground_m / ground_mps;
            const auto density = air.air(b.height_m);
            const double rho = density ? density->density_kgm3 : units::sea_level_density_kgm3;
            const auto power = [&](double speed, double climb) {
                // The curve ends where nobody flies; a second of stalling on the ground is no subject for it.
                const double known = planned_.aircraft.cruise_airspeed_mps;
                const auto p = airframe::power_w(
                    planned_.aircraft, plan_.conditions.all_up_mass_kg,
                    {std::clamp(speed, slowest_share * known, fastest_share * known), mass_kg, rho, climb});
                return p ? p->value : plan_.conditions.cruise_power_w.value;
            };
            const double level_w = power(v, 0.0);
            double watts = level_w;
            const double lift = flown(BillCause::lift) ? b.lift_mps : 0.0;
            // A climb is as long as it was, however long the way around it takes.
            double climbing_j = 0.0;
            if (flown(BillCause::climbs))
                climbing_j = (power(v, b.climb_mps - lift) - level_w) * b.seconds;
            else if (lift != 0.0)
                climbing_j = (power(v, -lift) - level_w) * b.seconds;
            if (flown(BillCause::gusts)) {
                const double dv = 0.5;
                const double bend = (power(v + dv, 0.0) - 2.0 * level_w + power(v - dv, 0.0)) / (dv * dv);
                watts += 0.5 * bend * b.airspeed_variance;
            }
            joules += watts * seconds + climbing_j;
        }
        if (!flown(BillCause::climbs)) joules += planned_climbs_j(mass_kg);
        return joules / units::seconds_per_hour;
    }

private:
    /// What the plan's climbs and descents take beyond level flight.
    double planned_climbs_j(double mass_kg) const {
        double joules = 0.0;
        const auto add = [&](const std::vector<mission::FlightLeg>& legs) {
            double height_m = 0.0;
            for (const auto& leg : legs) {
                const double climbed = leg.end_height_m - height_m;
                height_m = leg.end_height_m;
                if (leg.kind != mission::PhaseKind::climb && leg.kind != mission::PhaseKind::descent &&
                    leg.kind != mission::PhaseKind::glide && leg.kind != mission::PhaseKind::landing)
                    continue;
                if (!(leg.duration_s > 0.0) || leg.airspeed_mps <= 0.0) continue;
                const auto power = [&](double climb) {
                    const auto p =
                        airframe::power_w(planned_.aircraft, plan_.conditions.all_up_mass_kg,
                                          {leg.airspeed_mps, mass_kg, plan_.conditions.air.density_kgm3, climb});
                    return p ? p->value : 0.0;
                };
                joules += (power(climbed / leg.duration_s) - power(0.0)) * leg.duration_s;
            }
        };
        add(plan_.flight->legs);
        return joules;
    }

    const mission::Plan& plan_;
    const mission::PlanRequest& planned_;
    const mission::PlanRequest& flown_;
    flying::AirColumn planned_air_;
    flying::AirColumn flown_air_;
    std::vector<Block> blocks_;
    double ground_m_ = 0.0;
    double seconds_ = 0.0;
};

/// The plan's own flight in the wind as it was forecast.
BillSums forecast_of(const mission::Plan& plan) {
    BillSums sums;
    const auto column = mission::air_column(plan.request);
    double time_s = 0.0;
    const auto fly = [&](const std::vector<mission::FlightLeg>& legs) {
        for (const auto& leg : legs) {
            double seconds = leg.duration_s;
            if (!leg.by_time && leg.airspeed_mps > 0.0) {
                const auto heading =
                    flying::heading(leg.course_deg, leg.airspeed_mps, column.at(leg.height_m, time_s));
                if (heading) seconds = leg.ground_m / std::max(heading->ground_speed_mps, least_ground_mps);
            }
            sums.wh += leg.power_w * seconds / units::seconds_per_hour;
            sums.distance_m += leg.ground_m;
            time_s += seconds;
        }
    };
    fly(plan.flight->legs);
    return sums;
}

double charge_of(const mission::Plan& plan, double energy_wh) {
    const auto& cruise = plan.conditions.cruise;
    if (cruise.points.size() < 2) return 0.0;
    const auto& last = cruise.last();
    if (energy_wh <= last.energy_wh) return battery::point_at_energy(cruise, energy_wh).charge_used_ah;
    return last.charge_used_ah + (energy_wh - last.energy_wh) / std::max(last.voltage_v, 1.0);
}

constexpr std::array<const char*, bill_causes> cause_words = {
    "distance", "wind", "gusts", "climbs", "lift", "speed", "mass", "temperature", "pack", "sensor", "unexplained"};

} // namespace

const char* bill_cause_word(BillCause cause) {
    return cause_words[std::size_t(cause)];
}

std::optional<BillCause> bill_cause_from_word(std::string_view word) {
    const auto found = std::find(cause_words.begin(), cause_words.end(), word);
    if (found == cause_words.end()) return std::nullopt;
    return BillCause(found - cause_words.begin());
}

mission::PlanRequest as_far_as_flown(mission::PlanRequest set, const telemetry::LogSummary& summary) {
    if (mission::goes_straight_out(set.mission.kind) && summary.distance.farthest_from_home_m)
        set.mission.farthest_m = summary.distance.farthest_from_home_m->value;
    return set;
}

namespace {

/// Without it no track of airspeeds can be flown again.
bool wind_is_told(const telemetry::WindEstimate& wind) {
    using Knowledge = telemetry::WindKnowledge;
    return wind.knowledge != Knowledge::no_position && wind.knowledge != Knowledge::too_short &&
           wind.knowledge != Knowledge::hardly_moved && wind.knowledge != Knowledge::speed_held;
}

/// Of the current sensor, reading over truth.
units::Estimate gain_of(const telemetry::LogSummary& summary, const BillQuestion& question, double flown_ah) {
    units::Estimate gain{1.0, uncalibrated_gain_sd};
    if (question.current_gain) gain = *question.current_gain;
    if (question.recharged_ah && *question.recharged_ah > 0.0) {
        // The charger puts back what was used before the log began, too.
        const auto whole = telemetry::charge_used_ah(summary);
        const double reads = (whole ? whole->value : flown_ah) / *question.recharged_ah;
        gain = {reads, charger_sd * reads};
    }
    return gain;
}

/// A bill while it is made out.
class Bookkeeping {
public:
    Bookkeeping(const mission::Plan& plan, const Track& track, const BillSums& flown)
        : plan_(plan), track_(track), energy_(all_put_in + 1) {
        bill_.forecast = forecast_of(plan);
        bill_.forecast.ah = charge_of(plan, bill_.forecast.wh);
        bill_.flown = flown;
        for (std::size_t i = 0; i < bill_causes; ++i) bill_.rows.push_back({BillCause(i), {}, 0.0, 0.0});
        // Blocks leave out what no position tells of; the way is that of the log.
        scale_ = bill_.flown.distance_m / track.ground_m();
        for (unsigned set = 0; set <= all_put_in; ++set) energy_[set] = scale_ * track.energy_wh({set});
    }

    /// The mean over all orders in which a cause can be put in. Shapley's weights: |S|!·(n − |S| − 1)!/n!.
    void put_in_one_by_one() {
        const auto n = int(put_in.size());
        for (std::size_t k = 0; k < put_in.size(); ++k) {
            const unsigned own = 1U << k;
            BillRow& r = row(put_in[k]);
            for (unsigned set = 0; set <= all_put_in; ++set) {
                if (set & own) continue;
                const int size = std::popcount(set);
                const double weight = std::tgamma(size + 1.0) * std::tgamma(n - size) / std::tgamma(n + 1.0);
                r.wh.value += weight * (energy_[set | own] - energy_[set]);
                r.distance_m += weight * (distance_of(energy_[set | own]) - distance_of(energy_[set]));
            }
        }
    }

    /// Distance, sensor and what is unexplained stand outside.
    void close(const units::Estimate& gain) {
        const double planned_wh = energy_[0];
        const double true_wh = bill_.flown.wh / gain.value;
        row(BillCause::distance).wh.value = planned_wh - bill_.forecast.wh;
        row(BillCause::sensor).wh.value = bill_.flown.wh - true_wh;
        row(BillCause::unexplained).wh.value = true_wh - explained_wh();
        row(BillCause::sensor).distance_m = distance_of(bill_.flown.wh) - distance_of(true_wh);
        row(BillCause::unexplained).distance_m = distance_of(true_wh) - distance_of(explained_wh());
        row(BillCause::distance).distance_m = distance_of(planned_wh) - bill_.forecast.distance_m +
                                              bill_.flown.distance_m - distance_of(bill_.flown.wh);
    }

    /// At the plan's volts for every cause, and what other volts make of it for the pack.
    void add_charge(const units::Estimate& gain) {
        const double true_wh = bill_.flown.wh / gain.value;
        const double true_ah = bill_.flown.ah / gain.value;
        const double at_planned_volts_ah = charge_of(plan_, true_wh);
        const double ah_per_wh = std::abs(true_wh - bill_.forecast.wh) > 1e-6
                                     ? (at_planned_volts_ah - bill_.forecast.ah) / (true_wh - bill_.forecast.wh)
                                     : 0.0;
        for (BillRow& r : bill_.rows) r.ah = r.wh.value * ah_per_wh;
        row(BillCause::pack).ah = true_ah - at_planned_volts_ah;
        row(BillCause::sensor).ah = bill_.flown.ah - true_ah;
    }

    /// What each may be off by.
    void add_errors(const telemetry::WindEstimate& wind, double all_up_mass_kg, const units::Estimate& gain) {
        const auto moved = [&](const Conditions& c) { return scale_ * track_.energy_wh(c) - explained_wh(); };
        constexpr double nudge = 0.2;
        const double by_east = moved({all_put_in, nudge, 0.0, 0.0}) / nudge;
        const double by_north = moved({all_put_in, 0.0, nudge, 0.0}) / nudge;
        const auto& c = wind.covariance_m2ps2;
        const double wind_variance =
            by_east * by_east * c[0] + 2.0 * by_east * by_north * c[1] + by_north * by_north * c[2];
        const auto at_least = [&](double share) { return share * explained_wh(); };
        row(BillCause::wind).wh.sd = units::combine_sd(std::sqrt(std::max(wind_variance, 0.0)), at_least(0.004));
        row(BillCause::speed).wh.sd = units::combine_sd(
            std::abs(moved({all_put_in, 0.0, 0.0, nudge})) / nudge * wind.airspeed_mps.sd, at_least(0.003));
        row(BillCause::climbs).wh.sd =
            units::combine_sd(climb_share_sd * row(BillCause::climbs).wh.value, at_least(0.004));
        row(BillCause::gusts).wh.sd =
            units::combine_sd(gust_share_sd * row(BillCause::gusts).wh.value, at_least(0.003));
        const double lift_w =
            all_up_mass_kg * units::standard_gravity_mps2 / std::max(airframe::usual_climb_efficiency, 0.1);
        row(BillCause::lift).wh.sd = lift_w * mean_lift_sd_mps * track_.seconds() / units::seconds_per_hour;
        row(BillCause::mass).wh.sd = mass_share_sd * explained_wh();
        row(BillCause::temperature).wh.sd = temperature_sd_k / 288.0 * 0.5 * explained_wh();
        row(BillCause::distance).wh.sd = track_share_sd * bill_.forecast.wh;
        row(BillCause::sensor).wh.sd = gain.sd / gain.value * bill_.flown.wh / gain.value;
        double squares = 0.0;
        for (const BillRow& r : bill_.rows)
            if (r.cause != BillCause::unexplained) squares += r.wh.sd * r.wh.sd;
        row(BillCause::unexplained).wh.sd = std::sqrt(squares);
    }

    const Bill& bill() const { return bill_; }

private:
    BillRow& row(BillCause cause) { return bill_.rows[std::size_t(cause)]; }
    double distance_of(double wh) const { return bill_.forecast.wh * bill_.flown.distance_m / std::max(wh, 1e-9); }
    double explained_wh() const { return energy_[all_put_in]; }

    const mission::Plan& plan_;
    const Track& track_;
    Bill bill_;
    double scale_ = 1.0;
    /// With each set of causes as they were flown and the others as planned, Wh.
    std::vector<double> energy_;
};

} // namespace

std::optional<Bill> bill(const telemetry::LogSummary& summary, const telemetry::Findings& found,
                         const BillQuestion& question) {
    const mission::Plan& plan = *question.plan;
    // What the rows show: what was used before the log began is no part of the way that it shows.
    const auto energy_used =
        summary.energy.logged_energy_wh ? summary.energy.logged_energy_wh : summary.energy.energy_wh;
    const auto charge_used =
        summary.energy.logged_charge_ah ? summary.energy.logged_charge_ah : telemetry::charge_used_ah(summary);
    if (!plan.turn || !plan.flight || !energy_used || !charge_used || !summary.distance.ground_m ||
        !wind_is_told(found.wind))
        return std::nullopt;
    const Track track(found, plan, question.flown_as);
    if (track.empty()) return std::nullopt;
    Bookkeeping books(plan, track, {energy_used->value, charge_used->value, summary.distance.ground_m->value});
    const units::Estimate gain = gain_of(summary, question, charge_used->value);
    books.put_in_one_by_one();
    books.close(gain);
    books.add_charge(gain);
    books.add_errors(found.wind, mission::all_up_mass_kg(question.flown_as), gain);
    return books.bill();
}

} // namespace sobremesa::debrief
