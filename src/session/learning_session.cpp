#include "session/learning_session.hpp"

#include <algorithm>

#include "core/units/constants.hpp"
#include "core/units/median.hpp"

namespace sobremesa::session {

using logbook::EditKind;

namespace {

constexpr int settle_ms = 60;

double power_in_cruise_w(const airframe::Aircraft& aircraft, double reference_mass_kg) {
    const auto power =
        airframe::power_w(aircraft, reference_mass_kg,
                          {aircraft.cruise_airspeed_mps, aircraft.cruise_all_up_mass_kg.value_or(reference_mass_kg),
                           aircraft.cruise_density_kgm3.value_or(units::sea_level_density_kgm3), 0.0});
    return power ? power->value : aircraft.cruise_power_w;
}

} // namespace

FlightObservations observations_of(const Workspace& workspace, Id aircraft) {
    FlightObservations result;
    const auto& library = workspace.library();
    const auto kept = library.aircraft.find(aircraft);
    if (kept == library.aircraft.end()) return result;
    result.aircraft_id = aircraft;
    result.aircraft = kept->second.aircraft;
    std::vector<double> masses;
    for (const auto& [id, flight] : library.flights) {
        const auto summary = workspace.summaries().find(id);
        // Without its pack the mass is not known, and without that nothing is learned.
        if (flight.aircraft_id != aircraft || !flight.pack_id || flight.set_apart ||
            summary == workspace.summaries().end() ||
            (summary->second.level.empty() && summary->second.pieces.empty()))
            continue;
        result.flights.push_back(id);
    }
    std::sort(result.flights.begin(), result.flights.end(), [&](Id a, Id b) {
        const double at = library.flights.at(a).start_clock_s.value_or(0.0);
        const double bt = library.flights.at(b).start_clock_s.value_or(0.0);
        return at != bt ? at < bt : a < b;
    });
    for (const Id id : result.flights) {
        const auto& flight = library.flights.at(id);
        learning::FlightObservation observation;
        observation.flight_id = id;
        // The aircraft as it was flown, not as the list has it now.
        observation.all_up_mass_kg = mission::all_up_mass_kg(flight.flown);
        observation.field_elevation_m = flight.flown.weather.field_elevation_m;
        observation.field_temperature_c = flight.flown.weather.temperature_c;
        observation.level = workspace.summaries().at(id).level;
        observation.climbs = workspace.summaries().at(id).climbs;
        observation.pieces = workspace.summaries().at(id).pieces;
        masses.push_back(observation.all_up_mass_kg);
        result.observations.push_back(std::move(observation));
    }
    // A pack is part of what the known cruise was flown with; without a flight the usual share of it is taken.
    constexpr double usual_pack_share = 0.4;
    result.reference_mass_kg =
        !masses.empty() ? units::median(masses) : result.aircraft.mass_kg * (1.0 + usual_pack_share);
    return result;
}

units::Result<void> work_out(FlightObservations& observations, const std::stop_token& stop) {
    airframe::Aircraft bare = observations.aircraft;
    bare.curve.reset();
    auto fit = learning::fit_curve(bare, observations.reference_mass_kg, observations.observations);
    if (!fit) return tl::unexpected(fit.error());
    observations.fit = std::move(*fit);
    auto test = learning::backtest(bare, observations.reference_mass_kg, observations.observations, stop);
    if (!test) return tl::unexpected(test.error());
    observations.test = std::move(*test);
    return {};
}

LearningSession::LearningSession(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {
    due_.setSingleShot(true);
    due_.setInterval(settle_ms);
    connect(&due_, &QTimer::timeout, this, &LearningSession::workOut);
    connect(&workspace_, &Workspace::flightsChanged, this, &LearningSession::followWorkspace);
    connect(&workspace_, &Workspace::aircraftChanged, this, &LearningSession::followWorkspace);
    connect(&workspace_, &Workspace::bookOpened, this, [this] {
        chosen_.reset();
        observations_.reset();
        emit changed();
    });
}

void LearningSession::choose(std::optional<Id> aircraft) {
    if (chosen_ == aircraft && observations_) return;
    chosen_ = aircraft;
    observations_.reset();
    if (chosen_) workOut();
    emit changed();
}

void LearningSession::followWorkspace() {
    if (chosen_ && !workspace_.library().aircraft.contains(*chosen_)) {
        // What was learned goes with it: nobody is there to take it.
        chosen_.reset();
        observations_.reset();
        emit changed();
    }
    if (chosen_) due_.start();
}

void LearningSession::workOut() {
    if (!chosen_) return;
    job_.start(
        [gathered = observations_of(workspace_, *chosen_)](
            const std::stop_token& stop) -> units::Result<FlightObservations> {
            FlightObservations observations = gathered;
            if (auto done = work_out(observations, stop); !done) return tl::unexpected(done.error());
            return observations;
        },
        [this](units::Result<FlightObservations> made) {
            if (!made || made->aircraft_id != chosen_) return;
            observations_ = std::make_shared<const FlightObservations>(std::move(*made));
            emit changed();
        });
}

namespace {

/// The aircraft with what was learned.
book::KeptAircraft fitted(const book::KeptAircraft& kept, const FlightObservations& observations) {
    book::KeptAircraft result = kept;
    result.aircraft.curve = observations.fit.curve;
    result.aircraft.curve->scatter = learning::justified_scatter(observations.fit, observations.test);
    result.aircraft.curve->learned_utc = logbook::utc_now();
    return result;
}

} // namespace

void LearningSession::learn() {
    if (!observations_ || !observations_->aircraft_id || observations_->observations.empty()) return;
    const Id id = *observations_->aircraft_id;
    const auto found = workspace_.library().aircraft.find(id);
    if (found == workspace_.library().aircraft.end()) return;
    const auto& kept = found->second;
    const double before = power_in_cruise_w(kept.aircraft, observations_->reference_mass_kg);
    const auto changed_one = fitted(kept, *observations_);
    if (!workspace_.put(EditKind::learn_aircraft, id, changed_one)) return;
    emit learned(QString::fromStdString(kept.aircraft.name), int(observations_->observations.size()),
                 power_in_cruise_w(changed_one.aircraft, observations_->reference_mass_kg) / before - 1.0);
}

void LearningSession::forget() {
    if (!chosen_) return;
    const auto found = workspace_.library().aircraft.find(*chosen_);
    if (found == workspace_.library().aircraft.end() || !found->second.aircraft.curve) return;
    auto kept = found->second;
    kept.aircraft.curve.reset();
    (void)workspace_.put(EditKind::forget_curve, *chosen_, kept);
}

void LearningSession::setApart(Id flight, bool apart) {
    const auto found = workspace_.library().flights.find(flight);
    if (found == workspace_.library().flights.end() || found->second.set_apart == apart) return;
    auto kept = found->second;
    kept.set_apart = apart;
    (void)workspace_.put(EditKind::set_flight_apart, flight, kept);
}

void LearningSession::learnFrom(Id flight) {
    const auto found = workspace_.library().flights.find(flight);
    if (found == workspace_.library().flights.end() || !found->second.aircraft_id || !found->second.pack_id) return;
    const Id aircraft = *found->second.aircraft_id;
    if (!workspace_.library().aircraft.contains(aircraft)) return;
    FlightObservations observations = observations_of(workspace_, aircraft);
    const auto at = std::find(observations.flights.begin(), observations.flights.end(), flight);
    if (at == observations.flights.end() || !work_out(observations)) return;
    const auto index = std::size_t(at - observations.flights.begin());
    const auto& outliers = observations.fit.outliers;
    if (std::find(outliers.begin(), outliers.end(), index) != outliers.end()) {
        emit standsApart(flight, QString::fromStdString(found->second.name), observations.fit.off[index]);
        return;
    }
    const auto& kept = workspace_.library().aircraft.at(aircraft);
    const double before = power_in_cruise_w(kept.aircraft, observations.reference_mass_kg);
    const auto changed_one = fitted(kept, observations);
    if (!workspace_.put(EditKind::learn_aircraft, aircraft, changed_one)) return;
    emit learned(QString::fromStdString(kept.aircraft.name), int(observations.observations.size()),
                 power_in_cruise_w(changed_one.aircraft, observations.reference_mass_kg) / before - 1.0);
}

} // namespace sobremesa::session
