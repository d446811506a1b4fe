#include "cli/aircraft_command.hpp"

#include <cmath>
#include <filesystem>
#include <ostream>

#include "cli/command_line.hpp"
#include "cli/curve_json.hpp"
#include "cli/json_text.hpp"
#include "cli/read_flight.hpp"
#include "cli/said.hpp"
#include "core/matching/headroom.hpp"
#include "core/matching/what_if.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/plan_document.hpp"
#include "io/text_number.hpp"
#include "session/book_transfer.hpp"
#include "session/learning_session.hpp"
#include "wording/names.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::cli {

namespace {

/// What is asked about: the observations with their fit and backtest, and how the aircraft is flown.
struct Subject {
    session::FlightObservations observations;
    mission::PlanRequest flown;
};

units::Result<learning::FlightObservation> observation_from(const std::string& log_file,
                                                            const std::string& plan_file) {
    const auto read = read_flight(log_file, plan_file);
    if (!read) return tl::unexpected(read.error());
    learning::FlightObservation observation;
    observation.all_up_mass_kg = mission::all_up_mass_kg(read->flown);
    observation.field_elevation_m = read->flown.weather.field_elevation_m;
    observation.field_temperature_c = read->flown.weather.temperature_c;
    observation.level = read->summary.level;
    observation.climbs = read->summary.climbs;
    observation.pieces = read->summary.pieces;
    return observation;
}

units::Result<std::vector<learning::KnownPair>> pairs_from(const std::vector<std::string>& texts) {
    std::vector<learning::KnownPair> pairs;
    for (const std::string& text : texts) {
        const auto comma = text.find(',');
        const auto speed = io::number_from_text(text.substr(0, comma));
        const auto power = comma == std::string::npos ? std::nullopt : io::number_from_text(text.substr(comma + 1));
        if (!speed || !power || !(*speed > 0.0) || !(*power > 0.0)) {
            units::Where where;
            where.field = "--pair-mps-w";
            return units::failure(units::ErrorCode::word_unknown, where,
                                  {{"word", text}, {"allowed", std::string("AIRSPEED_MPS,POWER_W")}});
        }
        pairs.push_back({*speed, *power});
    }
    return pairs;
}

units::Result<Subject> from_plan(const AircraftOptions& options) {
    const auto plan = io::read_plan_file(options.plan);
    if (!plan) return tl::unexpected(plan.error());
    Subject subject;
    subject.flown = plan->request;
    subject.observations.aircraft = plan->request.aircraft;
    subject.observations.reference_mass_kg = mission::all_up_mass_kg(plan->request);
    for (std::size_t i = 0; i + 1 < options.flights.size(); i += 2) {
        auto observation = observation_from(options.flights[i], options.flights[i + 1]);
        if (!observation) return tl::unexpected(observation.error());
        observation->flight_id = std::int64_t(i / 2 + 1);
        subject.observations.observations.push_back(std::move(*observation));
    }
    return subject;
}

units::Result<Subject> from_book(const AircraftOptions& options) {
    const std::string path = options.book.empty() ? session::default_book_path().toStdString() : options.book;
    if (!std::filesystem::exists(path))
        return tl::unexpected(units::Error{units::ErrorCode::file_not_found, {path, {}, {}, {}}, {}});
    session::PlanSession plans;
    session::Workspace workspace(plans);
    logbook::BookOptions how;
    how.read_only = true;
    if (auto opened = workspace.openBook(QString::fromStdString(path), how); !opened)
        return tl::unexpected(opened.error());
    std::string names;
    for (const auto& [id, kept] : workspace.library().aircraft) {
        names += (names.empty() ? "" : ", ") + kept.aircraft.name;
        if (kept.aircraft.name != options.from_book) continue;
        Subject subject;
        subject.observations = session::observations_of(workspace, id);
        // As it was flown last.
        subject.flown.aircraft = kept.aircraft;
        if (!subject.observations.flights.empty())
            subject.flown = workspace.library().flights.at(subject.observations.flights.back()).flown;
        subject.flown.aircraft = kept.aircraft;
        return subject;
    }
    units::Where where;
    where.field = "--from-book";
    return units::failure(units::ErrorCode::word_unknown, where, {{"word", options.from_book}, {"allowed", names}});
}

Json speed_json(const std::optional<airframe::SpeedToFly>& speed) {
    if (!speed) return nullptr;
    return {{"airspeed_mps", speed->airspeed_mps.value},
            {"airspeed_sd_mps", speed->airspeed_mps.sd},
            {"power_w", speed->power_w.value},
            {"power_sd_w", speed->power_w.sd},
            {"ground_speed_mps", speed->ground_speed_mps},
            {"wh_per_km", or_null(speed->energy_wh_per_m.value * units::metres_per_kilometre)},
            {"wh_per_km_sd", or_null(speed->energy_wh_per_m.sd * units::metres_per_kilometre)}};
}

Json speeds_json(const airframe::SpeedsToFly& speeds) {
    return {{"stall_mps", or_null(speeds.stall_mps)},
            {"assumed_stall_mps", or_null(speeds.assumed_stall_mps)},
            {"assumed_stall_sd_mps", sd_or_null(speeds.assumed_stall_mps)},
            {"slowest_mps", speeds.slowest_mps},
            {"endurance", speed_json(speeds.endurance)},
            {"range", speed_json(speeds.range)},
            {"fastest", speed_json(speeds.fastest)}};
}

Json outcome_json(const matching::Outcome& outcome) {
    return {{"all_up_mass_kg", outcome.all_up_mass_kg},
            {"density_kgm3", outcome.density_kgm3},
            {"cruise_power_w", outcome.cruise_power_w.value},
            {"cruise_power_sd_w", outcome.cruise_power_w.sd},
            {"endurance_s", outcome.endurance_s.value},
            {"endurance_sd_s", outcome.endurance_s.sd},
            {"range_m", or_null(outcome.range_m)},
            {"range_sd_m", sd_or_null(outcome.range_m)},
            {"speeds", speeds_json(outcome.speeds)}};
}

Json masses_json(const airframe::Aircraft& aircraft, const battery::Pack& pack) {
    Json parts = Json::array();
    for (const auto& share : airframe::mass_build_up(aircraft))
        parts.push_back({{"name", share.name.empty() ? "frame" : share.name}, {"mass_kg", share.mass_kg}});
    parts.push_back({{"name", "pack"}, {"mass_kg", pack.mass_kg}});
    return parts;
}

Json fit_json(const session::FlightObservations& observations) {
    Json outliers = Json::array();
    for (const std::size_t at : observations.fit.outliers)
        outliers.push_back(observations.observations[at].flight_id);
    Json assumed = Json::array();
    for (const std::size_t i : observations.fit.assumed_parts) assumed.push_back(part_word(i));
    return {{"flights", observations.fit.curve.flights},
            {"level_s", observations.fit.curve.level_s},
            {"off", observations.fit.off},
            {"outliers", outliers},
            {"assumed_parts", assumed}};
}

Json backtest_json(const learning::Backtest& test) {
    Json rows = Json::array();
    for (const auto& row : test.rows) {
        rows.push_back({{"flight", row.flight_id},
                        {"from_flights", row.from_flights},
                        {"forecast_wh", row.forecast_wh.value},
                        {"forecast_sd_wh", row.forecast_wh.sd},
                        {"flown_wh", row.flown_wh},
                        {"forecast_wh_per_km", row.forecast_wh_per_m.value * units::metres_per_kilometre},
                        {"flown_wh_per_km", row.flown_wh_per_m * units::metres_per_kilometre},
                        {"minutes_off_per_hour", row.minutes_off_per_hour},
                        {"off", row.off},
                        {"inside_90", row.inside}});
    }
    const bool any = test.rows.size() > 1;
    return {{"rows", rows},
            {"bias", any ? or_null(test.bias.value) : Json(nullptr)},
            {"bias_sd", any ? or_null(test.bias.sd) : Json(nullptr)},
            {"spread", any ? or_null(test.spread) : Json(nullptr)},
            {"spread_unlearned", any ? or_null(test.spread_unlearned) : Json(nullptr)},
            {"inside_90_share", any ? or_null(test.inside_share) : Json(nullptr)}};
}

Json headroom_json(const std::optional<matching::Headroom>& room) {
    if (!room) return nullptr;
    const auto end = [](const std::optional<matching::HeadroomPoint>& point) -> Json {
        if (!point) return nullptr;
        return {{"charge_used_ah", point->charge_used_ah},
                {"time_s", point->time_s},
                {"cell_voltage_v", point->cell_v}};
    };
    return {{"level_w", room->level_w},
            {"climb_w", room->climb_w},
            {"full_power_full_pack_w", room->points.front().full_power_w},
            {"full_power_at_landing_w", room->points.back().full_power_w},
            {"level_ends", end(room->level_ends)},
            {"climb_ends", end(room->climb_ends)},
            {"throttle_cap", or_null(room->throttle_cap)},
            {"launch_duty", matching::launch_duty},
            {"launch_climb_mps", room->launch_climb_mps},
            {"launch_angle_deg", room->launch_angle_deg}};
}

Json step_test_json(const airframe::Aircraft& aircraft, double slowest_mps) {
    Json legs = Json::array();
    for (const auto& leg : learning::step_test(aircraft, slowest_mps))
        legs.push_back({{"airspeed_mps", leg.airspeed_mps}, {"seconds", leg.seconds}, {"back", leg.back}});
    return legs;
}

matching::Change change_from(const AircraftOptions& o) {
    matching::Change change;
    change.pack_mass_kg = o.pack_mass_kg;
    change.extra_mass_kg = o.extra_mass_kg.value_or(0.0);
    change.extra_electronics_w = o.extra_electronics_w.value_or(0.0);
    if (o.propeller_mm) change.propeller_diameter_m = *o.propeller_mm / 1000.0;
    change.rotors = o.rotors;
    change.wing_area_m2 = o.wing_area_m2;
    change.height_m = o.height_m;
    change.temperature_c = o.temperature_c;
    return change;
}

} // namespace

int aircraft(const AircraftOptions& options, std::ostream& out, std::ostream& err) {
    auto subject = options.from_book.empty() ? from_plan(options) : from_book(options);
    if (!subject) return unusable(subject.error(), err);
    session::FlightObservations& observations = subject->observations;
    if (auto done = session::work_out(observations); !done) return unusable(done.error(), err);
    const auto pairs = pairs_from(options.pairs);
    if (!pairs) return unusable(pairs.error(), err);
    airframe::Aircraft bare = observations.aircraft;
    bare.curve.reset();
    if (!pairs->empty()) {
        auto fit = learning::fit_curve(bare, observations.reference_mass_kg, observations.observations, *pairs);
        if (!fit) return unusable(fit.error(), err);
        observations.fit = std::move(*fit);
    }
    airframe::PowerCurve curve = observations.fit.curve;
    curve.scatter = learning::justified_scatter(observations.fit, observations.test);

    const auto& flown = subject->flown;
    matching::FlownAs as = matching::flown_as(flown);
    as.head_wind_mps = options.head_wind_mps.value_or(as.head_wind_mps);
    as.cross_wind_mps = options.cross_wind_mps.value_or(as.cross_wind_mps);
    const auto before = matching::outcome_of(bare, curve, as);
    if (!before) return unusable(before.error(), err);
    const airframe::SpeedQuestion question = matching::speed_question(as, *before);
    const auto after = matching::outcome_of(bare, curve, as, change_from(options));
    if (!after) return unusable(after.error(), err);
    const auto speeds = airframe::speeds_to_fly(bare, curve, question);
    say(speeds.diagnostics, err);
    const auto room = matching::headroom(bare, curve, as);
    Json go = nullptr;
    if (options.wanted_ground_mps) {
        if (const auto answer = airframe::go_or_no_go(bare, curve, question, *options.wanted_ground_mps)) {
            go = {{"wanted_ground_mps", *options.wanted_ground_mps},
                  {"airspeed_mps", answer->airspeed_mps},
                  {"power_share", answer->power_share.value},
                  {"power_share_sd", answer->power_share.sd},
                  {"go", answer->go},
                  {"most_head_wind_mps", answer->most_head_wind_mps}};
        }
    }
    if (options.json) {
        out << Json{{"aircraft", bare.name},
                    {"curve", curve_json(curve, question)},
                    {"masses", masses_json(bare, as.pack)},
                    {"wind", {{"head_mps", question.head_wind_mps}, {"cross_mps", question.cross_wind_mps}}},
                    {"speeds", speeds_json(speeds)},
                    {"go", go},
                    {"headroom", headroom_json(room)},
                    {"what_if", {{"before", outcome_json(*before)}, {"after", outcome_json(*after)}}},
                    {"fit", fit_json(observations)},
                    {"backtest", backtest_json(observations.test)},
                    {"step_test", step_test_json(bare, speeds.slowest_mps)},
                    {"warnings", warnings(speeds.diagnostics, wording::Quantities())}}
                   .dump(2)
            << "\n";
        return exit_done;
    }
    const wording::Quantities q;
    const auto line = [&](const std::optional<airframe::SpeedToFly>& speed, units::Quantity quantity) {
        if (!speed) return;
        const auto why = airframe::explain(*speed, quantity, question);
        const QString error = q.error_text(quantity, why.value);
        out << "  " << wording::name(quantity).toStdString() << ": " << q.text(quantity, why.value).toStdString()
            << (error.isEmpty() ? "" : " ") << error.toStdString() << ", "
            << q.text(units::Quantity::level_power_at_speed, speed->power_w).toStdString() << "\n";
    };
    line(speeds.endurance, units::Quantity::best_endurance_speed);
    line(speeds.range, units::Quantity::best_range_speed);
    line(speeds.fastest, units::Quantity::fastest_speed);
    return exit_done;
}

} // namespace sobremesa::cli
