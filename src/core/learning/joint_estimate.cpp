#include "core/learning/joint_estimate.hpp"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/battery/discharge.hpp"
#include "core/learning/pack_replay.hpp"
#include "core/units/explanation.hpp"
#include "core/units/huber.hpp"
#include "core/units/median.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::learning {

namespace {

using battery::curve_knots;
using battery::Pack;
using battery::PackModel;
using Eigen::Index;

// Priors and errors: common practice, no source. One standard deviation each.
constexpr units::Estimate capacity_of_label{0.96, 0.08}; ///< labels promise more than most packs hold
constexpr double given_resistance_sd = 0.25;
constexpr double assumed_resistance_sd = 0.5;
constexpr double slow_sd = 0.7;
constexpr std::array<double, curve_knots.size()> offset_sd = {0.100, 0.050, 0.050, 0.045, 0.030, 0.015};
constexpr units::Estimate capacity_drift{-0.05, 0.06}; ///< log, in a hundred full cycles
constexpr units::Estimate resistance_drift{0.10, 0.20};
constexpr double current_gain_sd = 0.05;
constexpr double volts_gain_sd = 0.01;
constexpr double charger_sd = 0.015;
constexpr double charger_each_sd = 0.010;
constexpr double deficit_sd = 0.005;
constexpr double given_start_sd = 0.02;
constexpr double day_v_sd = 0.010;
constexpr double day_capacity_sd = 0.005;
constexpr double day_resistance_sd = 0.05;
constexpr double part_v_sd = 0.012;
constexpr double independent_parts = 8.0;
constexpr double rested_v_sd = 0.018;
constexpr double sag_sd = 0.08;
constexpr double full_recharge_sd = 0.03;
constexpr double reading_ohm_sd = 0.15;
constexpr double odd_at_sd = 4.5;
/// Of a fit's unknowns in one round.
constexpr double longest_step_sd = 1.0;
/// Whether a load puts charge out of reach or only lowers the volts for minutes, flights hardly tell: of the charge
/// taken to be out of reach, one standard deviation.
constexpr double out_of_reach_sd = 0.3;
/// Where no step of the current was short, what takes a minute to come back passes for ohmic.
constexpr double unstepped_resistance_sd = 0.25;
constexpr double cycles_per_drift = 100.0;
/// Charge that a pack holds above what a gentle discharge to its landing voltage gives.
constexpr double landed_share = 0.94;
/// What is older has had more time to change otherwise than along a straight line, per square root of a cycle.
constexpr double wander_per_root_cycle = 0.3;

constexpr std::size_t locals = 4; ///< deficit, volts, capacity, resistance
constexpr std::size_t curve_at = 3;
constexpr std::size_t drift_at = curve_at + curve_knots.size();
constexpr std::size_t shared = 3 + pack_unknowns; ///< charger, current gain, volts gain, pack
constexpr std::size_t all = shared + locals;

using SharedVector = Eigen::Matrix<double, Index(shared), 1>;
using SharedMatrix = Eigen::Matrix<double, Index(shared), Index(shared)>;
using LocalVector = Eigen::Matrix<double, Index(locals), 1>;
using LocalMatrix = Eigen::Matrix<double, Index(locals), Index(locals)>;
using CrossMatrix = Eigen::Matrix<double, Index(shared), Index(locals)>;
using RowVector = Eigen::Matrix<double, Index(all), 1>;

/// What is known of one flight at one moment of the fit.
struct FlightPoint {
    double charger = 0.0;
    double current_gain = 0.0;
    double volts_gain = 0.0;
    std::array<double, pack_unknowns> pack{};
    std::array<double, locals> local{};
};

/// One piece of evidence: seen less expected, and how the expected moves with the unknowns; both over the sd.
struct Row {
    double residual = 0.0;
    RowVector slope = RowVector::Zero();
    double weight = 1.0;
};

struct LeftOut {
    bool recharge = false;
    bool volts = false;
    bool rested = false;
};

std::array<double, 2> hat(double charge, std::size_t& first) {
    first = 0;
    if (charge <= curve_knots.front()) return {1.0, 0.0};
    if (charge >= curve_knots.back()) {
        first = curve_knots.size() - 2;
        return {0.0, 1.0};
    }
    while (curve_knots[first + 1] < charge) ++first;
    const double share = (charge - curve_knots[first]) / (curve_knots[first + 1] - curve_knots[first]);
    return {1.0 - share, share};
}

/// The pack with these unknowns in the place of what was described.
Pack pack_with(const Pack& described, const std::array<double, pack_unknowns>& x, double cycles_ago,
               double capacity, double resistance) {
    Pack pack = described;
    battery::PackKnown known;
    known.capacity_share.value = std::exp(x[0] + x[drift_at] * cycles_ago / cycles_per_drift + capacity);
    known.cell_resistance_ohm.value = std::exp(x[1] + x[drift_at + 1] * cycles_ago / cycles_per_drift + resistance);
    known.slow_factor.value = std::exp(x[2]);
    for (std::size_t k = 0; k < curve_knots.size(); ++k) known.curve_offset_v[k] = x[curve_at + k];
    pack.known = known;
    return pack;
}

std::array<double, pack_unknowns> unknowns_of(const battery::PackKnown& known) {
    std::array<double, pack_unknowns> x{};
    x[0] = std::log(known.capacity_share.value);
    x[1] = std::log(known.cell_resistance_ohm.value);
    x[2] = std::log(known.slow_factor.value);
    for (std::size_t k = 0; k < curve_knots.size(); ++k) x[curve_at + k] = known.curve_offset_v[k];
    return x;
}

using LandingMatrix = Eigen::Matrix<double, landing_unknowns, landing_unknowns, Eigen::RowMajor>;

/// Variance of what moves so with the unknowns.
double propagated(const std::array<double, landing_unknowns>& slope,
                  const std::array<double, landing_unknowns * landing_unknowns>& covariance) {
    double variance = 0.0;
    for (std::size_t i = 0; i < landing_unknowns; ++i) {
        for (std::size_t j = 0; j < landing_unknowns; ++j)
            variance += slope[i] * slope[j] * covariance[landing_unknowns * i + j];
    }
    return variance;
}

/// One flight's evidence and how it depends on everything.
class FlightEvidence {
public:
    FlightEvidence(const PackFlight& flight, const Pack& described, const PackModel& like, double cycles_ago)
        : flight_(flight), described_(described), like_(like), cycles_ago_(cycles_ago) {
        described_.start_cell_v = flight.start_cell_v;
        described_.start_temperature_c = flight.start_temperature_c;
    }

    const PackFlight& flight() const { return flight_; }
    LeftOut& left_out() { return left_out_; }

    /// Standard deviations of the flight's own unknowns.
    std::array<double, locals> local_sd() const {
        const double wander = std::sqrt(1.0 + wander_per_root_cycle * std::abs(cycles_ago_));
        return {flight_.start_cell_v ? given_start_sd : deficit_sd, day_v_sd, day_capacity_sd * wander,
                day_resistance_sd * wander};
    }

    std::vector<Row> rows(const FlightPoint& at, bool slopes) const {
        std::vector<Row> rows;
        const Seen base = expected(at);
        std::array<Seen, 5> nudged;
        if (slopes) {
            for (std::size_t i = 0; i < nudged.size(); ++i) nudged[i] = expected(moved(at, i));
        }
        const auto take = [&](double residual, double sd, double weight, const auto& of, const auto& own) {
            Row row;
            row.residual = residual / sd;
            row.weight = weight;
            if (slopes) {
                std::array<double, 5> d{};
                for (std::size_t i = 0; i < d.size(); ++i) d[i] = (of(nudged[i]) - of(base)) / nudge[i];
                row.slope[1] = d[0];
                row.slope[3] = d[1];
                row.slope[Index(3 + drift_at)] = d[1] * cycles_ago_ / cycles_per_drift;
                row.slope[Index(shared + 2)] = d[1];
                row.slope[4] = d[2];
                row.slope[Index(3 + drift_at + 1)] = d[2] * cycles_ago_ / cycles_per_drift;
                row.slope[Index(shared + 3)] = d[2];
                row.slope[5] = d[3];
                row.slope[Index(shared)] = d[4];
                own(row.slope);
                row.slope /= sd;
            }
            rows.push_back(row);
        };
        const auto& points = flight_.trace.points;
        const double volts_gain = std::exp(at.volts_gain);
        if (!left_out_.volts) {
            const double n = double(std::count_if(points.begin(), points.end(),
                                                  [](const auto& p) { return std::isfinite(p.voltage_v); }));
            const double weight = std::min(1.0, independent_parts / std::max(n, 1.0));
            for (std::size_t k = 0; k < points.size(); ++k) {
                if (!std::isfinite(points[k].voltage_v)) continue;
                const double seen_v = points[k].voltage_v / described_.series;
                take(
                    seen_v - base.cell_v[k], part_v_sd, weight, [k](const Seen& s) { return s.cell_v[k]; },
                    [&, k](RowVector& slope) {
                        slope[2] = base.cell_v[k];
                        slope[Index(shared + 1)] = volts_gain;
                        on_curve(slope, base.surface[k], volts_gain);
                    });
            }
            if (flight_.trace.sag_ohm) {
                const auto& sag = *flight_.trace.sag_ohm;
                take(
                    std::log(sag.value / base.sag_ohm), units::combine_sd(sag.sd / sag.value, sag_sd), 1.0,
                    [](const Seen& s) { return std::log(s.sag_ohm); }, [](RowVector& slope) { slope[2] = 1.0; });
            }
        }
        if (flight_.recharged_ah && drawn_by_log() && !left_out_.recharge) {
            take(
                std::log(*flight_.recharged_ah) - at.charger - std::log(base.refill_ah), charger_each_sd, 1.0,
                [](const Seen& s) { return std::log(s.refill_ah); }, [](RowVector& slope) { slope[0] = 1.0; });
            recharge_row_ = rows.size() - 1;
        }
        if (flight_.rested_cell_v && drawn_by_log() && !left_out_.rested) {
            take(
                *flight_.rested_cell_v - base.rested_v, rested_v_sd, 1.0, [](const Seen& s) { return s.rested_v; },
                [&](RowVector& slope) { on_curve(slope, base.rested_charge, 1.0); });
            rested_row_ = rows.size() - 1;
        }
        return rows;
    }

    /// Evidence that lies apart from what everything else says.
    std::optional<OddEvidence> odd(const FlightPoint& at) const {
        recharge_row_.reset();
        rested_row_.reset();
        const auto all_rows = rows(at, false);
        std::optional<OddEvidence> worst;
        const auto look = [&](OddEvidence::Kind kind, double off) {
            if (std::abs(off) < odd_at_sd || (worst && std::abs(worst->off_by_sd) > std::abs(off))) return;
            worst = OddEvidence{flight_.flight_id, kind, off};
        };
        if (recharge_row_) look(OddEvidence::Kind::recharge, all_rows[*recharge_row_].residual);
        if (rested_row_) look(OddEvidence::Kind::rested, all_rows[*rested_row_].residual);
        if (!flight_.trace.points.empty() && !left_out_.volts) {
            look(OddEvidence::Kind::volts, at.local[1] / day_v_sd);
            double squares = 0.0;
            double n = 0.0;
            for (const Row& row : all_rows) {
                if (row.weight == 1.0 && all_rows.size() > independent_parts + 3) continue;
                squares += row.residual * row.residual;
                n += 1.0;
            }
            if (n > 3.0) look(OddEvidence::Kind::volts, std::sqrt(squares / n));
        }
        return worst;
    }

    /// Whether anything of it was taken as evidence: three rows of a log, or a number without a recharge, are no
    /// flight that a pack is known from.
    bool tells() const {
        constexpr double least_s = 60.0;
        double seconds = 0.0;
        for (const auto& part : flight_.trace.points) seconds += std::isfinite(part.voltage_v) ? part.seconds : 0.0;
        const bool after = drawn_by_log() && ((flight_.recharged_ah && !left_out_.recharge) ||
                                              (flight_.rested_cell_v && !left_out_.rested));
        return after || (!left_out_.volts && seconds >= least_s);
    }

    std::optional<double> drawn_by_log() const {
        if (!flight_.trace.points.empty()) return flight_.trace.points.back().charge_ah;
        return flight_.counted_ah;
    }

    FlightFit fit(const FlightPoint& at) const {
        FlightFit fit;
        fit.flight_id = flight_.flight_id;
        const double full_ah =
            like_.fullChargeAh() / battery::capacity_share(like_.pack()) * std::exp(at.pack[0] + at.local[2]);
        if (const auto drawn = drawn_by_log()) {
            fit.drawn_ah.value = *drawn * std::exp(-at.current_gain);
            fit.left_share.value = 1.0 - at.local[0] - fit.drawn_ah.value / full_ah;
        }
        return fit;
    }

private:
    struct Seen {
        std::vector<double> cell_v;  ///< as the log's sensor would read
        std::vector<double> surface; ///< charge within reach
        double sag_ohm = 0.0;
        double refill_ah = 0.0;
        double rested_v = 0.0;
        double rested_charge = 0.0;
    };
    /// Nudges: current gain, capacity, resistance, slow part, deficit.
    static constexpr std::array<double, 5> nudge = {0.005, 0.005, 0.02, 0.05, 0.003};

    static FlightPoint moved(FlightPoint at, std::size_t i) {
        switch (i) {
        case 0: at.current_gain += nudge[0]; break;
        case 1: at.pack[0] += nudge[1]; break;
        case 2: at.pack[1] += nudge[2]; break;
        case 3: at.pack[2] += nudge[3]; break;
        default: at.local[0] += nudge[4]; break;
        }
        return at;
    }

    static void on_curve(RowVector& slope, double charge, double volts_gain) {
        std::size_t first = 0;
        const auto share = hat(charge, first);
        slope[Index(3 + curve_at + first)] = volts_gain * share[0];
        slope[Index(3 + curve_at + first + 1)] = volts_gain * share[1];
    }

    Seen expected(const FlightPoint& at) const {
        const PackModel model(pack_with(described_, at.pack, cycles_ago_, at.local[2], at.local[3]), &like_);
        const double gain = std::exp(at.current_gain);
        const double volts_gain = std::exp(at.volts_gain);
        Seen seen;
        const auto run = replay(model, flight_, gain, at.local[0], flight_.trace.points.size());
        for (const double v : run.cell_v) seen.cell_v.push_back(volts_gain * (v + at.local[1]));
        seen.surface = run.surface_charge;
        battery::PackState end = run.end;
        if (flight_.trace.points.empty()) end.charge_used_ah += flight_.counted_ah.value_or(0.0) / gain;
        if (!run.cell_v.empty()) {
            const std::size_t middle = run.cell_v.size() / 2;
            battery::PackState then;
            then.charge_used_ah = (1.0 - run.surface_charge[middle]) * model.fullChargeAh();
            then.temperature_c = run.temperature_c[middle];
            seen.sag_ohm = model.resistanceOhm(then) * volts_gain / gain;
        }
        // Back to full, the pack of that flight; whatever it began short of full is put in as well.
        seen.refill_ah = std::max(end.charge_used_ah, 1e-3);
        if (flight_.rested_cell_v) {
            constexpr int rest_steps = 30;
            for (int i = 0; i < rest_steps; ++i)
                step(model, end, 0.0, flight_.air_temperature_c, flight_.rest_s / rest_steps);
            seen.rested_v = model.openCircuitV(end) / described_.series;
            seen.rested_charge = model.surfaceCharge(end);
        }
        return seen;
    }

    PackFlight flight_;
    Pack described_;
    const PackModel& like_;
    double cycles_ago_;
    LeftOut left_out_;
    mutable std::optional<std::size_t> recharge_row_;
    mutable std::optional<std::size_t> rested_row_;
};

/// A reading of a charger: a straight piece of evidence on one pack.
struct Reading {
    std::size_t pack = 0;
    std::size_t unknown = 0;
    double seen = 0.0;
    double sd = 0.0;
    double cycles_ago = 0.0;
};

class Joint {
public:
    Joint(const JointQuestion& question) : question_(question) {
        for (const auto& described : question.packs) {
            Pack bare = described;
            bare.known.reset();
            packs_.push_back(bare);
            models_.push_back(std::make_unique<PackModel>(bare));
        }
        std::vector<double> now(packs_.size(), 0.0);
        for (const auto& flight : question.flights) now[flight.pack] = std::max(now[flight.pack], flight.cycles);
        for (std::size_t p = 0; p < packs_.size() && p < question.readings.size(); ++p) {
            for (const auto& reading : question.readings[p]) now[p] = std::max(now[p], reading.cycles);
        }
        for (const auto& flight : question.flights)
            flights_.emplace_back(flight, packs_[flight.pack], *models_[flight.pack],
                                  flight.cycles - now[flight.pack]);
        for (std::size_t p = 0; p < packs_.size() && p < question.readings.size(); ++p) {
            const double rated = battery::rated_charge_ah(packs_[p]);
            for (const auto& reading : question.readings[p]) {
                const double ago = reading.cycles - now[p];
                if (reading.full_recharge_ah) {
                    readings_.push_back({p, 0, std::log(*reading.full_recharge_ah / landed_share / rated),
                                         units::combine_sd(full_recharge_sd, charger_sd), ago});
                }
                double sum = 0.0;
                for (const double ohm : reading.cell_resistance_ohm) sum += ohm;
                if (sum > 0.0) {
                    const double mean = sum / double(reading.cell_resistance_ohm.size()) * packs_[p].parallel;
                    readings_.push_back({p, 1, std::log(mean), reading_ohm_sd, ago});
                }
            }
        }
        x_ = Eigen::VectorXd::Zero(size());
        mean_ = x_;
        sd_ = Eigen::VectorXd::Ones(size());
        sd_[0] = charger_sd;
        for (std::size_t a = 0; a < question.sensors; ++a) {
            sd_[sensor_at(a)] = current_gain_sd;
            sd_[sensor_at(a) + 1] = volts_gain_sd;
        }
        for (std::size_t p = 0; p < packs_.size(); ++p) {
            const Index at = pack_at(p);
            const double full = models_[p]->fullChargeAh() / battery::rated_charge_ah(packs_[p]);
            mean_[at] = std::log(full * capacity_of_label.value);
            sd_[at] = capacity_of_label.sd;
            mean_[at + 1] = std::log(battery::aged_cell_resistance_ohm(packs_[p]));
            sd_[at + 1] = packs_[p].cell_resistance_ohm ? given_resistance_sd : assumed_resistance_sd;
            sd_[at + 2] = slow_sd;
            for (std::size_t k = 0; k < offset_sd.size(); ++k) sd_[at + Index(curve_at + k)] = offset_sd[k];
            mean_[at + Index(drift_at)] = capacity_drift.value;
            sd_[at + Index(drift_at)] = capacity_drift.sd;
            mean_[at + Index(drift_at) + 1] = resistance_drift.value;
            sd_[at + Index(drift_at) + 1] = resistance_drift.sd;
        }
        x_ = mean_;
        local_.assign(flights_.size(), {});
    }

    bool solve(const std::stop_token& stop) {
        constexpr int rounds = 25;
        constexpr int most_tries = 8;
        double damping = 1e-3;
        double cost = cost_of(x_, local_);
        for (int round = 0; round < rounds; ++round) {
            if (stop.stop_requested()) return false;
            build();
            bool better = false;
            bool done = false;
            for (int tries = 0; tries < most_tries && !better; ++tries) {
                auto [x, local] = stepped(damping);
                const double there = cost_of(x, local);
                if (!(there < cost)) {
                    damping *= 5.0;
                    continue;
                }
                better = true;
                done = cost - there < 1e-4 * (1.0 + cost);
                x_ = x;
                local_ = local;
                cost = there;
                damping = std::max(damping / 5.0, 1e-9);
            }
            if (!better || done) break;
        }
        return true;
    }

    /// Leaves out the piece of evidence that lies farthest apart. @return it, or nothing when all fits
    std::optional<OddEvidence> leave_out_worst() {
        std::optional<OddEvidence> worst;
        std::size_t at = 0;
        for (std::size_t f = 0; f < flights_.size(); ++f) {
            const auto odd = flights_[f].odd(point(x_, local_, f));
            if (!odd || (worst && std::abs(worst->off_by_sd) >= std::abs(odd->off_by_sd))) continue;
            worst = odd;
            at = f;
        }
        if (!worst) return std::nullopt;
        LeftOut& left_out = flights_[at].left_out();
        (worst->kind == OddEvidence::Kind::recharge ? left_out.recharge
         : worst->kind == OddEvidence::Kind::rested ? left_out.rested
                                                    : left_out.volts) = true;
        return worst;
    }

    JointEstimate result() {
        build();
        const Eigen::MatrixXd covariance = normal_.ldlt().solve(Eigen::MatrixXd::Identity(size(), size()));
        JointEstimate result;
        for (std::size_t p = 0; p < packs_.size(); ++p) result.packs.push_back(pack_estimate(p, covariance));
        for (std::size_t a = 0; a < question_.sensors; ++a)
            result.sensors.push_back(sensor_estimate(a, covariance));
        for (std::size_t f = 0; f < flights_.size(); ++f) result.flights.push_back(flight_fit(f, covariance));
        return result;
    }

private:
    static double sd_of(const Eigen::MatrixXd& covariance, Index i) {
        return std::sqrt(std::max(covariance(i, i), 0.0));
    }

    PackEstimate pack_estimate(std::size_t p, const Eigen::MatrixXd& covariance) {
        const Index at = pack_at(p);
        const auto sd = [&](Index i) { return sd_of(covariance, i); };
        PackEstimate estimate;
        std::array<double, pack_unknowns> x{};
        for (std::size_t i = 0; i < pack_unknowns; ++i) x[i] = x_[at + Index(i)];
        estimate.known = *pack_with(packs_[p], x, 0.0, 0.0, 0.0).known;
        estimate.known.capacity_share.sd =
            estimate.known.capacity_share.value * units::combine_sd(sd(at), day_capacity_sd);
        estimate.known.cell_resistance_ohm.sd =
            estimate.known.cell_resistance_ohm.value * units::combine_sd(sd(at + 1), day_resistance_sd);
        estimate.known.slow_factor.sd = estimate.known.slow_factor.value * sd(at + 2);
        Eigen::Map<LandingMatrix>(estimate.covariance.data()) =
            covariance.block<landing_unknowns, landing_unknowns>(at, at);
        // Capacity times gain, resistance over gain: what the log's own readings show.
        Index gain_at = sensor_at(0);
        for (auto& flight : flights_)
            if (flight.flight().pack == p) gain_at = sensor_at(flight.flight().sensors);
        Eigen::MatrixXd read = Eigen::MatrixXd::Zero(landing_unknowns, size());
        read.middleCols<landing_unknowns>(at).setIdentity();
        read(0, gain_at) = 1.0;
        read(1, gain_at) = -1.0;
        const Eigen::MatrixXd as_read = read * covariance * read.transpose();
        Eigen::Map<LandingMatrix>(estimate.read_covariance.data()) = as_read;
        estimate.capacity_drift = {std::expm1(x[drift_at]), sd(at + Index(drift_at))};
        estimate.resistance_drift = {std::expm1(x[drift_at + 1]), sd(at + Index(drift_at) + 1)};
        estimate.known.usable_relative_sd = battery::assumed_usable_sd;
        take_in_flights(p, estimate);
        return estimate;
    }

    /// What a pack's flights were, and what they leave open of what it gives.
    void take_in_flights(std::size_t p, PackEstimate& estimate) {
        std::vector<double> powers;
        std::vector<double> currents;
        bool stepped = false;
        double air_c = 0.0;
        for (auto& flight : flights_) {
            const PackFlight& one = flight.flight();
            if (one.pack != p) continue;
            estimate.known.flights += flight.tells() ? 1 : 0;
            estimate.known.recharges += one.recharged_ah && !flight.left_out().recharge ? 1 : 0;
            air_c = one.air_temperature_c;
            stepped = stepped || (one.trace.sag_ohm && !flight.left_out().volts);
            for (const auto& part : one.trace.points) {
                if (!std::isfinite(part.voltage_v)) continue;
                powers.push_back(part.current_a * part.voltage_v);
                currents.push_back(part.current_a);
            }
        }
        if (powers.empty()) return;
        Pack pack = packs_[p];
        pack.known = estimate.known;
        auto& share = estimate.known.capacity_share;
        auto& ohm = estimate.known.cell_resistance_ohm;
        const double out_of_reach =
            PackModel(pack, models_[p].get()).settledGap(units::median(currents), battery::reference_temperature_c);
        const auto charge = landing_charge_ah(pack, estimate, units::median(powers),
                                              battery::traits(pack.chemistry).default_landing_cell_v, air_c);
        if (charge.value > 0.0) estimate.known.usable_relative_sd = charge.sd / charge.value;
        // What the pack gives is known better than which of its parts gives it.
        share.sd = units::combine_sd(share.sd, out_of_reach_sd * out_of_reach * share.value);
        if (!stepped) ohm.sd = units::combine_sd(ohm.sd, unstepped_resistance_sd * ohm.value);
    }

    SensorEstimate sensor_estimate(std::size_t a, const Eigen::MatrixXd& covariance) {
        SensorEstimate estimate;
        const Index at = sensor_at(a);
        estimate.current_gain = {std::exp(x_[at]), std::exp(x_[at]) * sd_of(covariance, at)};
        estimate.volts_gain = {std::exp(x_[at + 1]), std::exp(x_[at + 1]) * sd_of(covariance, at + 1)};
        for (auto& flight : flights_) {
            if (flight.flight().sensors != a) continue;
            estimate.flights += flight.tells() ? 1 : 0;
            estimate.recharges += flight.flight().recharged_ah && !flight.left_out().recharge ? 1 : 0;
        }
        return estimate;
    }

    FlightFit flight_fit(std::size_t f, const Eigen::MatrixXd& covariance) {
        FlightFit fit = flights_[f].fit(point(x_, local_, f));
        const double gain_sd = sd_of(covariance, sensor_at(flights_[f].flight().sensors));
        fit.drawn_ah.sd = gain_sd * fit.drawn_ah.value;
        fit.left_share.sd =
            units::combine_sd(gain_sd * (1.0 - fit.left_share.value),
                              sd_of(covariance, pack_at(flights_[f].flight().pack)), day_capacity_sd);
        return fit;
    }

    Index sensor_at(std::size_t a) const { return Index(1 + 2 * a); }
    Index pack_at(std::size_t p) const { return Index(1 + 2 * question_.sensors + pack_unknowns * p); }
    Index size() const { return pack_at(packs_.size()); }

    FlightPoint point(const Eigen::VectorXd& x, const std::vector<std::array<double, locals>>& local,
                      std::size_t f) const {
        FlightPoint at;
        const PackFlight& flight = flights_[f].flight();
        at.charger = x[0];
        at.current_gain = x[sensor_at(flight.sensors)];
        at.volts_gain = x[sensor_at(flight.sensors) + 1];
        for (std::size_t i = 0; i < pack_unknowns; ++i) at.pack[i] = x[pack_at(flight.pack) + Index(i)];
        at.local = local[f];
        return at;
    }

    /// Where a flight's shared unknowns stand among all of them.
    std::array<Index, shared> places(std::size_t f) const {
        const PackFlight& flight = flights_[f].flight();
        std::array<Index, shared> at{0, sensor_at(flight.sensors), sensor_at(flight.sensors) + 1};
        for (std::size_t i = 0; i < pack_unknowns; ++i) at[3 + i] = pack_at(flight.pack) + Index(i);
        return at;
    }

    double reading_off(const Reading& reading, const Eigen::VectorXd& x) const {
        const Index at = pack_at(reading.pack);
        const double drift = x[at + Index(drift_at + reading.unknown)] * reading.cycles_ago / cycles_per_drift;
        return (reading.seen - x[at + Index(reading.unknown)] - drift) / reading.sd;
    }

    double cost_of(const Eigen::VectorXd& x, const std::vector<std::array<double, locals>>& local) const {
        double cost = 0.0;
        for (Index i = 0; i < size(); ++i) cost += 0.5 * std::pow((x[i] - mean_[i]) / sd_[i], 2);
        for (const Reading& reading : readings_) cost += units::huber_loss(reading_off(reading, x));
        for (std::size_t f = 0; f < flights_.size(); ++f) {
            for (const Row& row : flights_[f].rows(point(x, local, f), false))
                cost += row.weight * units::huber_loss(row.residual);
            const auto local_sd = flights_[f].local_sd();
            for (std::size_t i = 0; i < locals; ++i) cost += 0.5 * std::pow(local[f][i] / local_sd[i], 2);
        }
        return std::isfinite(cost) ? cost : HUGE_VAL;
    }

    struct FlightNormal {
        SharedMatrix AA;
        CrossMatrix AB;
        LocalMatrix BB;
        SharedVector a;
        LocalVector b;
    };

    void build() {
        blocks_.clear();
        for (std::size_t f = 0; f < flights_.size(); ++f) {
            FlightNormal block{SharedMatrix::Zero(), CrossMatrix::Zero(), LocalMatrix::Zero(), SharedVector::Zero(),
                               LocalVector::Zero()};
            for (const Row& row : flights_[f].rows(point(x_, local_, f), true)) {
                const double w = row.weight * units::huber_weight(row.residual);
                const SharedVector A = row.slope.head<Index(shared)>();
                const LocalVector B = row.slope.tail<Index(locals)>();
                block.AA += w * A * A.transpose();
                block.AB += w * A * B.transpose();
                block.BB += w * B * B.transpose();
                block.a += w * row.residual * A;
                block.b += w * row.residual * B;
            }
            const auto local_sd = flights_[f].local_sd();
            for (std::size_t i = 0; i < locals; ++i) {
                const double one = 1.0 / (local_sd[i] * local_sd[i]);
                block.BB(Index(i), Index(i)) += one;
                block.b[Index(i)] -= one * local_[f][i];
            }
            blocks_.push_back(block);
        }
        own_ = Eigen::MatrixXd::Zero(size(), size());
        own_right_ = Eigen::VectorXd::Zero(size());
        for (Index i = 0; i < size(); ++i) {
            own_(i, i) = 1.0 / (sd_[i] * sd_[i]);
            own_right_[i] = (mean_[i] - x_[i]) / (sd_[i] * sd_[i]);
        }
        for (const Reading& reading : readings_) {
            const double off = reading_off(reading, x_);
            const double w = units::huber_weight(off);
            const Index at = pack_at(reading.pack) + Index(reading.unknown);
            const Index drift = pack_at(reading.pack) + Index(drift_at + reading.unknown);
            const double d = reading.cycles_ago / cycles_per_drift;
            const double one = w / (reading.sd * reading.sd);
            own_(at, at) += one;
            own_(at, drift) += one * d;
            own_(drift, at) += one * d;
            own_(drift, drift) += one * d * d;
            own_right_[at] += w * off / reading.sd;
            own_right_[drift] += w * off / reading.sd * d;
        }
        reduce(0.0);
    }

    /// Normal equations of the shared unknowns, the flights' own taken out of them.
    void reduce(double damping) {
        normal_ = own_;
        right_ = own_right_;
        for (std::size_t f = 0; f < flights_.size(); ++f) {
            const FlightNormal& block = blocks_[f];
            LocalMatrix BB = block.BB;
            BB.diagonal() *= 1.0 + damping;
            const LocalMatrix inverse = BB.inverse();
            const SharedMatrix left = block.AA - block.AB * inverse * block.AB.transpose();
            const SharedVector right = block.a - block.AB * (inverse * block.b);
            const auto at = places(f);
            for (std::size_t i = 0; i < shared; ++i) {
                right_[at[i]] += right[Index(i)];
                for (std::size_t j = 0; j < shared; ++j) normal_(at[i], at[j]) += left(Index(i), Index(j));
            }
        }
        normal_.diagonal() *= 1.0 + damping;
    }

    std::pair<Eigen::VectorXd, std::vector<std::array<double, locals>>> stepped(double damping) {
        reduce(damping);
        Eigen::VectorXd move = normal_.ldlt().solve(right_);
        // A step far out of what is believed, by slopes that hold only nearby, ends in another valley of the cost:
        // a foreign cell's flights once made "183 % of the label" so.
        const double farthest = (move.array() / sd_.array()).abs().maxCoeff();
        if (farthest > longest_step_sd) move *= longest_step_sd / farthest;
        auto local = local_;
        for (std::size_t f = 0; f < flights_.size(); ++f) {
            const auto at = places(f);
            SharedVector mine;
            for (std::size_t i = 0; i < shared; ++i) mine[Index(i)] = move[at[i]];
            LocalMatrix BB = blocks_[f].BB;
            BB.diagonal() *= 1.0 + damping;
            const LocalVector own = BB.inverse() * (blocks_[f].b - blocks_[f].AB.transpose() * mine);
            for (std::size_t i = 0; i < locals; ++i) local[f][i] += own[Index(i)];
        }
        return {x_ + move, std::move(local)};
    }

    const JointQuestion& question_;
    std::vector<Pack> packs_;
    std::vector<std::unique_ptr<PackModel>> models_;
    std::vector<FlightEvidence> flights_;
    std::vector<Reading> readings_;
    Eigen::VectorXd x_;
    Eigen::VectorXd mean_;
    Eigen::VectorXd sd_;
    std::vector<std::array<double, locals>> local_;
    std::vector<FlightNormal> blocks_;
    Eigen::MatrixXd own_;
    Eigen::VectorXd own_right_;
    Eigen::MatrixXd normal_;
    Eigen::VectorXd right_;
};

} // namespace

const char* odd_evidence_word(OddEvidence::Kind kind) {
    switch (kind) {
    case OddEvidence::Kind::recharge: return "recharge";
    case OddEvidence::Kind::rested: return "rested-volts";
    case OddEvidence::Kind::volts: break;
    }
    return "volts";
}

units::Result<JointEstimate> joint_estimate(const JointQuestion& question, const std::stop_token& stop) {
    Joint joint(question);
    std::vector<OddEvidence> odd;
    // Each one that is left out changes what the others look like.
    const std::size_t most_odd = 1 + question.flights.size() / 4;
    for (;;) {
        if (!joint.solve(stop)) return units::failure(units::ErrorCode::cancelled);
        if (odd.size() >= most_odd) break;
        const auto worst = joint.leave_out_worst();
        if (!worst) break;
        odd.push_back(*worst);
    }
    JointEstimate result = joint.result();
    result.odd = odd;
    return result;
}

units::Estimate landing_charge_ah(const Pack& pack, const PackEstimate& estimate, double power_w,
                                  double landing_cell_v, double air_temperature_c) {
    constexpr std::size_t n = landing_unknowns;
    const auto x = unknowns_of(estimate.known);
    Pack described = pack;
    described.known.reset();
    const PackModel like(described);
    const auto charge = [&](const std::array<double, pack_unknowns>& at) {
        const PackModel model(pack_with(described, at, 0.0, 0.0, 0.0), &like);
        return battery::discharge_at_power(model, model.atStart(air_temperature_c), power_w,
                                           {landing_cell_v, 1e9, 1}, {air_temperature_c, true})
            .last()
            .charge_used_ah;
    };
    const double value = charge(x);
    std::array<double, n> slope{};
    for (std::size_t i = 0; i < n; ++i) {
        const double nudge = i < curve_at ? 0.01 : 0.004;
        auto there = x;
        there[i] += nudge;
        slope[i] = (charge(there) - value) / nudge;
    }
    double variance = propagated(slope, estimate.covariance);
    double by_volts = 0.0;
    for (std::size_t k = 0; k < curve_knots.size(); ++k) by_volts += slope[curve_at + k];
    variance += std::pow(by_volts * day_v_sd, 2) + std::pow(slope[0] * day_capacity_sd, 2) +
                std::pow(slope[1] * day_resistance_sd, 2);
    return {value, std::sqrt(std::max(variance, 0.0))};
}

namespace {

/// The last minute at work, as the sensors read it.
struct LastMinute {
    double voltage_v = 0.0;
    double current_a = 0.0;
    /// Counted up to its end, and up to its middle.
    double end_ah = 0.0;
    double middle_ah = 0.0;
    /// Points of the trace up to its end.
    std::size_t points = 0;
};

/// A landing on idle throttle says nothing of the landing voltage. @return nothing of a short trace, or one without
/// volts at its end
std::optional<LastMinute> last_minute_of(const std::vector<telemetry::PackTracePoint>& points) {
    std::vector<double> currents;
    for (const auto& point : points)
        if (std::isfinite(point.voltage_v)) currents.push_back(point.current_a);
    if (currents.size() < 4) return std::nullopt;
    constexpr double at_work = 0.7;
    constexpr double seconds_wanted = 60.0;
    const double usual_a = units::median(currents);
    std::size_t last = points.size();
    while (last > 0 &&
           !(std::isfinite(points[last - 1].voltage_v) && points[last - 1].current_a > at_work * usual_a))
        --last;
    if (last < 3) return std::nullopt;
    double seconds = 0.0;
    double volts = 0.0;
    double amp_seconds = 0.0;
    std::size_t first = last;
    while (first > 0 && seconds < seconds_wanted && std::isfinite(points[first - 1].voltage_v)) {
        --first;
        seconds += points[first].seconds;
        volts += points[first].voltage_v * points[first].seconds;
        amp_seconds += points[first].current_a * points[first].seconds;
    }
    if (!(seconds > 0.0) || first == 0) return std::nullopt;
    const double end_ah = points[last - 1].charge_ah;
    return LastMinute{volts / seconds, amp_seconds / seconds, end_ah, end_ah - 0.5 * amp_seconds / 3600.0, last};
}

} // namespace

std::optional<LandingForecast> landing_forecast(const Pack& pack, const PackEstimate& estimate,
                                                const SensorEstimate& sensors, const PackFlight& flight) {
    const auto& points = flight.trace.points;
    const auto landing = last_minute_of(points);
    if (!landing) return std::nullopt;
    const double gain = sensors.current_gain.value;
    LandingForecast forecast;
    forecast.flight_id = flight.flight_id;
    forecast.from_flights = estimate.known.flights;
    forecast.cell_v = landing->voltage_v / pack.series;
    forecast.current_a = landing->current_a;
    forecast.flown_ah = landing->end_ah / gain;
    const double true_v = forecast.cell_v / sensors.volts_gain.value;
    const double true_a = forecast.current_a / gain;
    // A pack that was charged at the end has no landing voltage.
    constexpr double least_a = 0.05;
    if (!(true_a > least_a) || !std::isfinite(true_v)) return std::nullopt;

    Pack described = pack;
    described.known.reset();
    described.start_cell_v = flight.start_cell_v;
    described.start_temperature_c = flight.start_temperature_c;
    const PackModel like(described);
    const auto x = unknowns_of(estimate.known);
    // As far as the pack surely goes as flown, then on at the current it landed with.
    constexpr double as_flown = 0.6;
    std::size_t parts = 0;
    while (parts < landing->points && points[parts].charge_ah < as_flown * landing->end_ah) ++parts;
    const auto crossing_ah = [&](const std::array<double, pack_unknowns>& at, double wanted_v) {
        const PackModel model(pack_with(described, at, 0.0, 0.0, 0.0), &like);
        battery::PackState state = replay(model, flight, gain, 0.0, parts).end;
        const double start_ah = model.atStart(flight.air_temperature_c).charge_used_ah;
        const double step_ah = 0.004 * model.fullChargeAh();
        double before_v = model.atCurrent(state, true_a).voltage_v / pack.series;
        while (model.surfaceCharge(state) > -0.02) {
            step(model, state, true_a, flight.air_temperature_c, step_ah * 3600.0 / true_a);
            const double v = model.atCurrent(state, true_a).voltage_v / pack.series;
            if (v <= wanted_v) {
                const double share = before_v > v ? std::clamp((v - wanted_v) / (v - before_v), 0.0, 1.0) : 0.0;
                return state.charge_used_ah - start_ah - share * step_ah;
            }
            before_v = v;
        }
        return state.charge_used_ah - start_ah;
    };
    const double value = crossing_ah(x, true_v);
    // What the mean of the last minute was met at lies before the landing.
    forecast.forecast_ah.value = value + (landing->end_ah - landing->middle_ah) / gain;
    constexpr std::size_t n = landing_unknowns;
    std::array<double, n> slope{};
    for (std::size_t i = 0; i < n; ++i) {
        const double nudge = i < curve_at ? 0.02 : 0.008;
        auto there = x;
        there[i] += nudge;
        slope[i] = (crossing_ah(there, true_v) - value) / nudge;
    }
    double variance = propagated(slope, estimate.read_covariance);
    constexpr double nudge_v = 0.01;
    const double by_volts = (crossing_ah(x, true_v - nudge_v) - value) / nudge_v;
    variance += std::pow(by_volts * day_v_sd, 2) + std::pow(slope[0] * day_capacity_sd, 2) +
                std::pow(slope[1] * day_resistance_sd, 2) + std::pow(deficit_sd * like.fullChargeAh(), 2);
    forecast.forecast_ah.sd = std::sqrt(std::max(variance, 0.0));
    forecast.stated_sd_ah = forecast.forecast_ah.sd;
    return forecast;
}

std::optional<units::Explanation> explain(const Pack& described, const battery::PackKnown& known,
                                          const units::Estimate& usable_ah, units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    units::Explanation why{quantity,
                           {},
                           {{Quantity::flight_count, {double(known.flights), 0.0}, Origin::measured},
                            {Quantity::recharge_count, {double(known.recharges), 0.0}, Origin::measured}},
                           units::Relation::everything_flown_and_charged,
                           units::Source::least_squares,
                           {}};
    switch (quantity) {
    case Quantity::full_charge_share:
        why.value = known.capacity_share;
        why.inputs.push_back({Quantity::rated_charge, {battery::rated_charge_ah(described), 0.0}, Origin::given});
        return why;
    case Quantity::measured_cell_resistance:
        why.value = known.cell_resistance_ohm;
        why.inputs.push_back({Quantity::cell_resistance,
                              {battery::cell_resistance_ohm(described), 0.0},
                              described.cell_resistance_ohm ? Origin::given : Origin::assumed});
        return why;
    case Quantity::usable_charge:
        why.value = usable_ah;
        why.inputs.push_back({Quantity::full_charge_share, known.capacity_share, Origin::computed});
        why.inputs.push_back({Quantity::measured_cell_resistance, known.cell_resistance_ohm, Origin::computed});
        return why;
    default: return std::nullopt;
    }
}

units::Explanation explain(const SensorEstimate& sensors) {
    using units::Origin;
    using units::Quantity;
    return {Quantity::sensor_reads,
            sensors.current_gain,
            {{Quantity::flight_count, {double(sensors.flights), 0.0}, Origin::measured},
             {Quantity::recharge_count, {double(sensors.recharges), 0.0}, Origin::measured}},
            units::Relation::everything_flown_and_charged,
            units::Source::least_squares,
            {}};
}

} // namespace sobremesa::learning
