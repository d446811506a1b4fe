#include "core/matching/sun_day.hpp"

#include <algorithm>
#include <cmath>
#include <memory>

#include "core/airframe/known_cruise.hpp"
#include "core/airframe/speeds_to_fly.hpp"
#include "core/battery/discharge.hpp"
#include "core/matching/sun_flight.hpp"
#include "core/mission/winds.hpp"
#include "core/sun/sky.hpp"
#include "core/sun/solar_position.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::matching {

namespace {

using mission::PlanRequest;
using sun::seconds_per_day;
using units::seconds_per_hour;
using units::seconds_per_minute;

constexpr double step_s = sun_step_s;
constexpr double longest_flight_s = longest_sun_flight_s;
constexpr double row_s = 10.0 * seconds_per_minute;
/// Between the starts of a day that are tried, and the finer ones around the best.
constexpr double coarse_start_s = 30.0 * seconds_per_minute;
constexpr double fine_start_s = 10.0 * seconds_per_minute;

double sustained_s(const SolarCraft& craft, const Light& light, double day_utc_s, double sky = 1.0) {
    return total_s(sustained_spans(craft, light, day_utc_s, sky));
}

/// The start of the day from which it stays up longest when the sky is duller and it takes more than forecast: the
/// one that is best by the forecast itself hangs on the last watt-hour of the morning.
double best_start(const SolarCraft& craft, const Light& light, double day_utc_s, const battery::PackState& start) {
    RunOptions dull;
    dull.sky_factor = 1.0 - sun::clear_sky_sd;
    dull.power_factor = 1.0 + craft.level_w.sd / craft.level_w.value;
    double best_utc_s = day_utc_s;
    double best_s = -1.0;
    const auto try_from = [&](double utc_s) {
        const double lasts_s = run(craft, light, utc_s, start, dull).endurance_s;
        if (lasts_s > best_s + 1.0) {
            best_s = lasts_s;
            best_utc_s = utc_s;
        }
    };
    // Noon first: where the sun does not matter it is as good as any.
    const auto first = std::ptrdiff_t(light.index(day_utc_s));
    const auto minutes = std::ptrdiff_t(seconds_per_day / step_s);
    const auto begin = light.elevation_deg.begin() + first;
    const double noon_s = double(std::max_element(begin, begin + minutes) - begin) * step_s;
    try_from(day_utc_s + coarse_start_s * std::floor(noon_s / coarse_start_s));
    for (double at = 0.0; at < seconds_per_day; at += coarse_start_s) try_from(day_utc_s + at);
    const double around = best_utc_s;
    for (double at = around - coarse_start_s + fine_start_s; at < around + coarse_start_s; at += fine_start_s) {
        if (at >= day_utc_s && at < day_utc_s + seconds_per_day) try_from(at);
    }
    return best_utc_s;
}

/// Wh that are to be left when it lands.
double reserve_wh(const PlanRequest& request, const SolarCraft& craft, const battery::PackState& start) {
    if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&request.reserve))
        return craft.level_w.value * loiter->minutes / 60.0;
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&request.reserve)) {
        const auto all =
            battery::discharge_at_power(*craft.pack, start, craft.level_w.value,
                                        {mission::landing_cell_v(request), 1e9, 1}, {craft.air_c, true});
        return share->share * all.last().energy_wh;
    }
    return 0.0; // over home there is no return to multiply
}

double left_wh(const PlanRequest& request, const SolarCraft& craft, const battery::PackState& state) {
    const auto rest = battery::discharge_at_power(*craft.pack, state, craft.level_w.value,
                                                  {mission::landing_cell_v(request), 1e9, 1}, {craft.air_c, true});
    return rest.last().energy_wh;
}

/// The last minute at which the reserve is whole: after it the pack only falls.
double until_reserve_s(const PlanRequest& request, const SolarCraft& craft, const Run& flight,
                       const battery::PackState& start) {
    const double wanted_wh = reserve_wh(request, craft, start);
    if (flight.states.empty() || left_wh(request, craft, flight.states.back()) >= wanted_wh)
        return flight.endurance_s;
    std::size_t low = 0;
    for (std::size_t i = 0; i < flight.states.size(); ++i) {
        if (flight.states[i].charge_used_ah <= flight.states[low].charge_used_ah) low = i;
    }
    if (left_wh(request, craft, flight.states[low]) < wanted_wh) return 0.0;
    std::size_t high = flight.states.size() - 1;
    while (high - low > 1) {
        const std::size_t middle = (low + high) / 2;
        (left_wh(request, craft, flight.states[middle]) >= wanted_wh ? low : high) = middle;
    }
    return double(low) * step_s;
}

/// Works the whole day out for one aircraft in one light.
class Day {
public:
    Day(const PlanRequest& request, const SunQuestion& question, Light light, SolarCraft craft)
        : request_(request), question_(question), light_(std::move(light)), craft_(std::move(craft)),
          start_(craft_.pack->atStart(craft_.air_c)) {}

    SunDayReport report() {
        SunDayReport r;
        r.question = question_;
        r.level_w = craft_.level_w;
        r.airspeed_mps = craft_.airspeed_mps;
        r.all_up_mass_kg = mission::all_up_mass_kg(request_);
        const auto volts = pack_volts(request_);
        r.misfit = sun::misfit(craft_.array, craft_.converter, volts,
                               sun::coldest_cells_c(request_.weather.temperature_c));
        sustain(r);
        fly(r);
        rows(r);
        const std::size_t noon = highest();
        r.noon = day_moment(noon);
        if (r.noon.elevation_deg > 0.0) r.noon_air_mass = sun::air_mass(r.noon.elevation_deg);
        const double hot_c = sun::cell_temperature_c(craft_.air_c, light_.on_cells[noon], craft_.airspeed_mps);
        r.best_direct_series = sun::best_direct_series(craft_.array, volts, hot_c);
        say(r);
        return r;
    }

    const Light& light() const { return light_; }
    const battery::PackState& start() const { return start_; }
    std::size_t highest() const {
        const auto first = std::ptrdiff_t(light_.index(question_.day_utc_s));
        const auto last = first + std::ptrdiff_t(seconds_per_day / step_s);
        const auto begin = light_.elevation_deg.begin();
        return std::size_t(std::max_element(begin + first, begin + last) - begin);
    }

private:
    void sustain(SunDayReport& r) const {
        const double from = question_.day_utc_s;
        r.sustained = sustained_spans(craft_, light_, from);
        r.sustained_s = total_s(r.sustained);
        const double power_sd = craft_.level_w.sd / craft_.level_w.value;
        // Duller sky and higher draw are independent; together they are off by the root of both.
        const double off = units::combine_sd(sun::clear_sky_sd, power_sd);
        r.sustained_low_s = sustained_s(craft_, light_, from, 1.0 - off);
        r.sustained_high_s = sustained_s(craft_, light_, from, 1.0 + off);
        std::vector<double> up;
        const auto first = light_.index(from);
        for (std::size_t i = 0; i <= std::size_t(seconds_per_day / step_s); ++i)
            up.push_back(light_.elevation_deg[first + i]);
        r.daylight = spans_above(up, from);
    }

    void fly(SunDayReport& r) {
        r.flight.start_utc_s = question_.start_utc_s ? *question_.start_utc_s
                                                     : best_start(craft_, light_, question_.day_utc_s, start_);
        RunOptions options;
        options.keeps_states = true;
        flown_ = run(craft_, light_, r.flight.start_utc_s, start_, options);
        r.flight.ledger = flown_.ledger;
        r.flight.outlasts = flown_.outlasts;
        r.flight.with_reserve_s = until_reserve_s(request_, craft_, flown_, start_);
        // Off by what the level power, the sky and the pack are off by, each alone.
        const auto off = [&](double sky, double power) {
            RunOptions other;
            other.sky_factor = sky;
            other.power_factor = power;
            return std::abs(run(craft_, light_, r.flight.start_utc_s, start_, other).endurance_s -
                            flown_.endurance_s);
        };
        const double power_sd = craft_.level_w.sd / craft_.level_w.value;
        const double pack_s = battery::usable_relative_sd(craft_.pack->pack()) * craft_.pack->fullChargeAh() *
                              craft_.mean_v / craft_.level_w.value * seconds_per_hour;
        r.flight.endurance_s = {flown_.endurance_s, units::combine_sd(off(1.0 - sun::clear_sky_sd, 1.0),
                                                                      off(1.0, 1.0 + power_sd), pack_s)};
        r.flight.endurance_without_sun_s =
            run(craft_, light_, r.flight.start_utc_s, start_, {longest_flight_s, false, true, false, 0.0, 1.0})
                .endurance_s;
    }

    SunMoment moment(std::size_t minute) const {
        SunMoment m;
        m.utc_s = light_.from_utc_s + double(minute) * step_s;
        m.elevation_deg = light_.elevation_deg[minute];
        m.azimuth_deg = light_.azimuth_deg[minute];
        m.global_w_per_m2 = light_.global[minute];
        m.level_w = craft_.level_w.value;
        m.clear_array_w = craft_.harvest(light_.clear_on_cells[minute], craft_.mean_v).power_w;
        m.overcast_array_w = craft_.harvest(light_.overcast_on_cells[minute], craft_.mean_v).power_w;
        return m;
    }

    void finish(SunMoment& m, const battery::PackState& state) const {
        m.balance_w = m.array_w - m.level_w;
        m.climb_mps = m.balance_w * craft_.climb_efficiency / craft_.weight_n;
        m.pack_share = std::max(craft_.pack->meanCharge(state), 0.0);
        RunOptions clouded;
        clouded.longest_s = seconds_per_day;
        clouded.overcast = true;
        clouded.climbs = false;
        const double survives_s = run(craft_, light_, m.utc_s, state, clouded).endurance_s;
        if (survives_s < seconds_per_day - step_s) m.cloud_minutes_survived = survives_s / seconds_per_minute;
    }

    /// A moment of the day, the array at the pack's mean volts.
    SunMoment day_moment(std::size_t minute) const {
        SunMoment m = moment(minute);
        const auto got = craft_.harvest(light_.on_cells[minute], craft_.mean_v);
        m.array_w = got.power_w;
        m.array_v = got.array.voltage_v;
        m.pack_v = craft_.mean_v;
        finish(m, state_at(m.utc_s));
        return m;
    }

    /// Of the pack in the flight; before it as charged, after it as landed.
    battery::PackState state_at(double utc_s) const {
        const double since = utc_s - flight_from();
        if (flown_.states.empty() || since < 0.0) return start_;
        const auto i = std::size_t(since / step_s);
        return flown_.states[std::min(i, flown_.states.size() - 1)];
    }
    double flight_from() const { return light_.from_utc_s + double(light_.index(flight_start_utc_s_)) * step_s; }

    void rows(SunDayReport& r) {
        flight_start_utc_s_ = r.flight.start_utc_s;
        if (!question_.start_utc_s) {
            const auto first = light_.index(question_.day_utc_s);
            for (double at = 0.0; at < seconds_per_day; at += row_s)
                r.rows.push_back(day_moment(first + std::size_t(at / step_s)));
            return;
        }
        const auto first = light_.index(r.flight.start_utc_s);
        const auto every = std::size_t(row_s / step_s);
        for (std::size_t i = 0; i < flown_.states.size(); ++i) {
            if (i % every != 0 && i + 1 != flown_.states.size()) continue;
            SunMoment m = moment(first + i);
            m.array_w = flown_.array_w[i];
            m.array_v = flown_.array_v[i];
            m.pack_v = flown_.pack_v[i];
            finish(m, flown_.states[i]);
            r.rows.push_back(m);
        }
    }

    void say(SunDayReport& r) const {
        using units::DiagnosticCode;
        using units::Severity;
        if (r.misfit) {
            const auto& m = *r.misfit;
            r.diagnostics.push_back(
                {DiagnosticCode::converter_does_not_fit,
                 Severity::warning,
                 {{"why", std::string(sun::misfit_word(m.why))},
                  {"kind", std::string(sun::converter_word(craft_.converter.kind))},
                  {"array_v", m.array_v},
                  {"other_v", m.other_v},
                  {"fits", std::string(m.kind_that_fits ? sun::converter_word(*m.kind_that_fits) : "")},
                  {"least_series", double(m.least_series)},
                  {"most_series", double(m.most_series)}}});
        } else if (!(r.noon.array_w > 0.0)) {
            r.diagnostics.push_back({DiagnosticCode::array_gives_nothing, Severity::warning, {}});
        }
        constexpr double worth_saying_wh = 0.5;
        if (r.flight.ledger.not_taken_wh > worth_saying_wh)
            r.diagnostics.push_back(
                {DiagnosticCode::charge_not_taken, Severity::note, {{"lost_wh", r.flight.ledger.not_taken_wh}}});
        // Reckoned as lost, it goes into the cells where nothing stands between them and an array above their
        // volts.
        if (r.flight.ledger.not_taken_wh > worth_saying_wh && craft_.converter.kind == sun::ConverterKind::direct)
            r.diagnostics.push_back(
                {DiagnosticCode::array_overcharges, Severity::warning, {{"full_v", craft_.full_v}}});
        if (r.flight.outlasts)
            r.diagnostics.push_back(
                {DiagnosticCode::sun_holds_it_up, Severity::note, {{"time_s", longest_flight_s}}});
    }

    PlanRequest request_;
    SunQuestion question_;
    Light light_;
    SolarCraft craft_;
    battery::PackState start_;
    Run flown_;
    double flight_start_utc_s_ = 0.0;
};

/// One airspeed, mass, array and converter that is tried in the same light.
struct Candidate {
    SunChange::Kind kind;
    PlanRequest request;
    double airspeed_mps;
};

std::optional<double> best_endurance_airspeed(const PlanRequest& request) {
    const auto& a = request.aircraft;
    const auto air = mission::air_at(request, request.mission.height_m);
    if (!air) return std::nullopt;
    airframe::SpeedQuestion question;
    question.all_up_mass_kg = mission::all_up_mass_kg(request);
    question.density_kgm3 = air->density_kgm3;
    const auto curve = a.curve ? *a.curve : airframe::curve_of_known_cruise(a, question.all_up_mass_kg);
    const auto speeds = airframe::speeds_to_fly(a, curve, question);
    if (!speeds.endurance) return std::nullopt;
    return speeds.endurance->airspeed_mps.value;
}

std::vector<Candidate> candidates_for(const PlanRequest& request, double airspeed_mps) {
    std::vector<Candidate> list;
    const auto with = [&](SunChange::Kind kind, const auto& change) {
        Candidate candidate{kind, request, airspeed_mps};
        change(candidate.request.aircraft);
        if (airframe::validate(candidate.request.aircraft)) list.push_back(std::move(candidate));
    };
    with(SunChange::Kind::more_area, [](airframe::Aircraft& a) {
        a.array->cell_area_m2 *= 1.1;
        if (a.array->cell_isc_a) *a.array->cell_isc_a *= 1.1;
        a.mass_kg += 0.1 * a.array->mass_kg.value_or(0.0);
    });
    with(SunChange::Kind::less_mass, [](airframe::Aircraft& a) { a.mass_kg -= 0.1; });
    with(SunChange::Kind::better_converter, [](airframe::Aircraft& a) {
        sun::Converter better = a.converter.value_or(sun::Converter{});
        if (better.kind == sun::ConverterKind::direct)
            better = {sun::ConverterKind::either, sun::usual_converter_efficiency, {}, {}};
        else
            better.efficiency = std::min(sun::efficiency(better) + 0.03, 0.99);
        a.converter = better;
    });
    const auto in_series = [](int more) {
        return [more](airframe::Aircraft& a) {
            const double was = a.array->cells_series;
            a.array->cells_series += more;
            a.mass_kg += a.array->mass_kg.value_or(0.0) * more / was;
        };
    };
    with(SunChange::Kind::one_more_in_series, in_series(1));
    with(SunChange::Kind::one_less_in_series, in_series(-1));
    if (const auto best = best_endurance_airspeed(request); best && std::abs(*best - airspeed_mps) > 0.1)
        list.push_back({SunChange::Kind::best_airspeed, request, *best});
    return list;
}

/// Smallest scale of the cells' area that sustains so long, the mass left alone; nothing where twenty times is too
/// little.
std::optional<double> smallest_area(const PlanRequest& request, const SolarCraft& craft, const Light& light,
                                    double day_utc_s, double wanted_s) {
    const auto lasts = [&](double scale) {
        SolarCraft other = craft;
        other.array.cell_area_m2 *= scale;
        if (other.array.cell_isc_a) *other.array.cell_isc_a *= scale;
        other.curve = sun::ArrayCurve(other.array);
        other.tracked = sun::TrackedPower(other.array, other.curve);
        return sustained_s(other, light, day_utc_s);
    };
    double low = 0.0;
    double high = 20.0;
    if (lasts(high) < wanted_s) return std::nullopt;
    for (int round = 0; round < 30; ++round) {
        const double middle = 0.5 * (low + high);
        (lasts(middle) >= wanted_s ? high : low) = middle;
    }
    return high * sun::cell_area_m2(*request.aircraft.array);
}

} // namespace

const char* sun_change_word(SunChange::Kind kind) {
    using Kind = SunChange::Kind;
    switch (kind) {
    case Kind::more_area: return "area-10-percent-more";
    case Kind::less_mass: return "100-g-less";
    case Kind::better_converter: return "better-converter";
    case Kind::one_more_in_series: return "one-more-in-series";
    case Kind::one_less_in_series: return "one-less-in-series";
    case Kind::best_airspeed: break;
    }
    return "best-endurance-airspeed";
}

std::optional<SunQuestion> question_of(const PlanRequest& request) {
    if (request.mission.kind != mission::MissionKind::on_sun || !request.aircraft.array || !request.mission.home ||
        !request.sun || !request.sun->start_utc_s)
        return std::nullopt;
    SunQuestion question;
    question.at = *request.mission.home;
    question.day_utc_s = seconds_per_day * std::floor(*request.sun->start_utc_s / seconds_per_day);
    question.start_utc_s = request.sun->start_utc_s;
    question.cloud_okta = request.sun->cloud_okta;
    question.changes = false;
    return question;
}

sun::PackVolts pack_volts(const PlanRequest& request) {
    const auto& pack = request.pack;
    return {mission::landing_cell_v(request) * pack.series,
            battery::mean_open_circuit_cell_v(pack.chemistry) * pack.series,
            battery::traits(pack.chemistry).full_cell_v * pack.series};
}

units::Result<SunDayReport> sun_day(const PlanRequest& asked, const SunQuestion& question) {
    const auto valid = mission::validate(asked);
    if (!valid) return tl::unexpected(valid.error());
    PlanRequest request = *valid;
    if (!request.aircraft.array)
        return units::failure(units::ErrorCode::value_missing, {{}, {}, {}, "aircraft.array"});
    // Here the sun is followed, not counted beforehand.
    if (request.sun) request.sun->counted_w = 0.0;
    // What is changed is changed against today's aircraft.
    if (!request.aircraft.cruise_all_up_mass_kg)
        request.aircraft.cruise_all_up_mass_kg = mission::all_up_mass_kg(request);
    const auto light = light_of(question, request.aircraft.array->tilt_deg.value_or(0.0));
    if (!light) return tl::unexpected(light.error());
    const auto pack = std::make_shared<const battery::PackModel>(request.pack);
    const double airspeed_mps = sun_airspeed_mps(request);
    const auto craft = craft_of(request, airspeed_mps, pack);
    if (!craft) return tl::unexpected(craft.error());
    Day day(request, question, *light, *craft);
    SunDayReport report = day.report();
    if (question.wanted_sustained_s)
        report.smallest_area_m2 =
            smallest_area(request, *craft, *light, question.day_utc_s, *question.wanted_sustained_s);
    if (!question.changes) return report;
    for (const Candidate& candidate : candidates_for(request, airspeed_mps)) {
        const auto other = craft_of(candidate.request, candidate.airspeed_mps, pack);
        if (!other) continue;
        SunChange change;
        change.kind = candidate.kind;
        change.endurance_s = run(*other, *light, report.flight.start_utc_s, day.start(), {}).endurance_s -
                             report.flight.endurance_s.value;
        change.sustained_s = sustained_s(*other, *light, question.day_utc_s) - report.sustained_s;
        change.noon_array_w =
            other->harvest(light->on_cells[day.highest()], other->mean_v).power_w - report.noon.array_w;
        report.changes.push_back(change);
    }
    return report;
}

std::optional<units::Explanation> explain(const SunDayReport& report, units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    const auto exact = [](double value) { return units::Estimate{value, 0.0}; };
    const units::ExplainedInput irradiance{
        Quantity::sun_irradiance,
        {report.noon.global_w_per_m2, sun::clear_sky_sd * report.noon.global_w_per_m2},
        Origin::computed};
    const units::ExplainedInput level{Quantity::level_power, report.level_w, Origin::computed};
    const units::ExplainedInput array{
        Quantity::array_power, {report.noon.array_w, sun::clear_sky_sd * report.noon.array_w}, Origin::computed};
    switch (quantity) {
    case Quantity::array_power:
        return units::Explanation{
            quantity,
            array.value,
            {{Quantity::sun_elevation, exact(report.noon.elevation_deg), Origin::computed}, irradiance},
            units::Relation::sun_through_array,
            units::Source::solar_models,
            {}};
    case Quantity::power_balance:
        return units::Explanation{quantity,
                                  {report.noon.balance_w, units::combine_sd(array.value.sd, report.level_w.sd)},
                                  {array, level},
                                  units::Relation::array_less_level_power,
                                  units::Source::solar_models,
                                  {}};
    case Quantity::sustained_time:
        return units::Explanation{quantity,
                                  {report.sustained_s, 0.5 * (report.sustained_high_s - report.sustained_low_s)},
                                  {array, level},
                                  units::Relation::array_less_level_power,
                                  units::Source::solar_models,
                                  {}};
    case Quantity::endurance:
        return units::Explanation{quantity,
                                  report.flight.endurance_s,
                                  {level,
                                   array,
                                   {Quantity::array_energy, exact(report.flight.ledger.array_wh), Origin::computed},
                                   {Quantity::used_energy, exact(report.flight.ledger.used_wh), Origin::computed}},
                                  units::Relation::balance_through_the_day,
                                  units::Source::solar_models,
                                  {}};
    default: return std::nullopt;
    }
}

} // namespace sobremesa::matching
