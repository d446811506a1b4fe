#include "session/calibration_session.hpp"

#include <algorithm>

#include "core/telemetry/launch_charge.hpp"
#include "session/pack_session.hpp"

namespace sobremesa::session {

using logbook::EditKind;

namespace {

/// Where no scale is set the factor is what counts.
constexpr double any_scale = 100.0;

/// Whether the pack was short of full at launch, by what the pilot said or by its first minutes' volts: what the
/// charger put back is then more than was flown. Only asked where more came back than was counted.
bool begun_short(const book::KeptFlight& kept, const telemetry::LogSummary& summary, double counted_ah) {
    constexpr double more = 1.1;
    // Who charges to less than full, to save the cells (Li-ion to 4.0 V; common practice), recharges to the same.
    constexpr double least_charged = 0.8;
    if (*kept.recharged_ah < more * counted_ah) return false;
    const battery::Pack& pack = kept.flown.pack;
    if (pack.start_cell_v && battery::state_of_charge_at_rest(pack.chemistry, *pack.start_cell_v) < least_charged)
        return true;
    const auto launch =
        telemetry::launch_charge(summary.pack, battery::PackModel(pack), kept.flown.weather.temperature_c);
    return launch && launch->is_short;
}

} // namespace

CalibrationSession::CalibrationSession(Workspace& workspace, QObject* parent)
    : QObject(parent), workspace_(workspace) {
    for (auto signal : {&Workspace::flightsChanged, &Workspace::aircraftChanged}) {
        connect(&workspace_, signal, this, &CalibrationSession::follow);
    }
    connect(&workspace_, &Workspace::bookOpened, this, [this] {
        aircraft_.reset();
        picked_ = false;
        by_hand_.clear();
        left_out_.clear();
        taken_anyway_.clear();
        follow();
    });
    gather();
}

void CalibrationSession::follow() {
    due_ = !watched_;
    if (due_) {
        if (aircraft_ && !workspace_.library().aircraft.contains(*aircraft_)) aircraft_.reset();
        return;
    }
    gather();
    emit changed();
}

void CalibrationSession::watch(bool watched) {
    watched_ = watched;
    if (watched_ && due_) follow();
}

std::vector<Id> CalibrationSession::aircraft() const {
    std::vector<Id> ids;
    for (const bool retired : {false, true}) {
        for (const auto& [id, kept] : workspace_.library().aircraft) {
            if (kept.retired == retired) ids.push_back(id);
        }
    }
    return ids;
}

void CalibrationSession::choose(std::optional<Id> aircraft) {
    picked_ = true;
    if (aircraft == aircraft_) return;
    aircraft_ = aircraft;
    by_hand_.clear();
    left_out_.clear();
    taken_anyway_.clear();
    gather();
    emit changed();
}

/// The one that there is most to say about.
std::optional<Id> CalibrationSession::most_recharged(const std::vector<Id>& aircraft) const {
    std::optional<Id> best;
    std::ptrdiff_t most = -1;
    for (const Id id : aircraft) {
        const auto recharged = std::count_if(
            workspace_.library().flights.begin(), workspace_.library().flights.end(),
            [id](const auto& flight) { return flight.second.aircraft_id == id && flight.second.recharged_ah; });
        if (recharged > most) {
            most = recharged;
            best = id;
        }
    }
    return best;
}

void CalibrationSession::workOutTogether() {
    together_.reset();
    if (!aircraft_) return;
    auto question = sensor_question(workspace_, *aircraft_);
    if (!question) return;
    const Id aircraft = *aircraft_;
    using Made = std::optional<learning::SensorEstimate>;
    together_job_.start(
        [joint = std::move(question->question), craft = question->aircraft,
         aircraft](const std::stop_token& stop) -> Made {
            const auto found = learning::joint_estimate(joint, stop);
            const auto at = std::find(craft.begin(), craft.end(), aircraft);
            if (!found || at == craft.end()) return std::nullopt;
            return found->sensors[std::size_t(at - craft.begin())];
        },
        [this, aircraft](const Made& made) {
            if (aircraft_ != aircraft) return;
            together_ = made;
            emit changed();
        });
}

void CalibrationSession::gather() {
    const auto all = aircraft();
    // Until the pilot picks one, whichever has most recharged flights now.
    if (!picked_ || !aircraft_ || std::find(all.begin(), all.end(), *aircraft_) == all.end())
        aircraft_ = most_recharged(all);
    flights_.clear();
    for (const auto& [id, kept] : workspace_.library().flights) {
        if (!aircraft_ || kept.aircraft_id != aircraft_ || !kept.recharged_ah) continue;
        // What a charger puts back is less than the counter held by what the sun gave: that shows nothing of the
        // sensor.
        if (kept.flown.aircraft.array) continue;
        const auto summary = workspace_.summaries().find(id);
        if (summary == workspace_.summaries().end()) continue;
        const auto counted = telemetry::charge_used_ah(summary->second);
        if (!counted || counted->value <= 0.0 || *kept.recharged_ah <= 0.0) continue;
        const bool is_short = begun_short(kept, summary->second, counted->value);
        flights_.push_back({id, QString::fromStdString(kept.name), counted->value / kept.current_factor,
                            counted->value, *kept.recharged_ah,
                            !left_out_.contains(id) && (!is_short || taken_anyway_.contains(id)), is_short});
    }
    flights_.insert(flights_.end(), by_hand_.begin(), by_hand_.end());
    workOutTogether();
}

bool CalibrationSession::electronics_known() const {
    if (!aircraft_) return false;
    return airframe::electronics_known(workspace_.library().aircraft.at(*aircraft_).aircraft);
}

std::optional<telemetry::SensorOffset> CalibrationSession::offset() const {
    if (!aircraft_) return std::nullopt;
    std::vector<telemetry::IdleReading> readings;
    for (const auto& [id, kept] : workspace_.library().flights) {
        const auto summary = workspace_.summaries().find(id);
        if (kept.aircraft_id != aircraft_ || summary == workspace_.summaries().end() || !summary->second.idle)
            continue;
        telemetry::IdleReading as_read = *summary->second.idle;
        as_read.current_a.value /= kept.current_factor;
        as_read.current_a.sd /= kept.current_factor;
        readings.push_back(as_read);
    }
    const auto& aircraft = workspace_.library().aircraft.at(*aircraft_).aircraft;
    return telemetry::sensor_offset(readings, airframe::electronics_draw_w(aircraft));
}

void CalibrationSession::take(std::size_t row, bool taken) {
    if (row >= flights_.size() || flights_[row].taken == taken) return;
    if (const auto id = flights_[row].flight_id) {
        (taken ? left_out_ : taken_anyway_).erase(*id);
        (taken ? taken_anyway_ : left_out_).insert(*id);
    } else {
        by_hand_[row - (flights_.size() - by_hand_.size())].taken = taken;
    }
    gather();
    emit changed();
}

void CalibrationSession::addPair(double counted_ah, double recharged_ah) {
    by_hand_.push_back({std::nullopt, tr("written down"), counted_ah, counted_ah, recharged_ah, true, false});
    gather();
    emit changed();
}

void CalibrationSession::removePair(std::size_t row) {
    if (row >= flights_.size() || flights_[row].flight_id) return;
    by_hand_.erase(by_hand_.begin() + std::ptrdiff_t(row - (flights_.size() - by_hand_.size())));
    gather();
    emit changed();
}

std::optional<double> CalibrationSession::scale() const {
    return aircraft_ ? workspace_.library().aircraft.at(*aircraft_).current_scale : std::nullopt;
}

telemetry::ScaleConvention CalibrationSession::convention() const {
    return aircraft_ ? workspace_.library().aircraft.at(*aircraft_).scale_convention
                     : telemetry::ScaleConvention::divides;
}

void CalibrationSession::setScale(std::optional<double> scale) {
    if (!aircraft_ || scale == this->scale()) return;
    auto kept = workspace_.library().aircraft.at(*aircraft_);
    kept.current_scale = scale;
    (void)workspace_.put(EditKind::change_aircraft, aircraft_, kept);
}

void CalibrationSession::setConvention(telemetry::ScaleConvention convention) {
    if (!aircraft_ || convention == this->convention()) return;
    auto kept = workspace_.library().aircraft.at(*aircraft_);
    kept.scale_convention = convention;
    (void)workspace_.put(EditKind::change_aircraft, aircraft_, kept);
}

void CalibrationSession::setCharger(double relative) {
    if (charger_ == relative) return;
    charger_ = relative;
    emit changed();
}

std::vector<telemetry::CalibrationPair> CalibrationSession::pairs() const {
    std::vector<telemetry::CalibrationPair> pairs;
    for (const auto& flight : flights_) {
        if (flight.taken) pairs.push_back({flight.counted_ah, flight.recharged_ah});
    }
    return pairs;
}

std::optional<units::Result<telemetry::Calibration>> CalibrationSession::result() const {
    const auto taken = pairs();
    if (taken.empty()) return std::nullopt;
    return telemetry::calibrate(scale().value_or(any_scale), convention(), taken, charger_);
}

void CalibrationSession::applyToFlights() {
    const auto found = result();
    if (!found || !*found) return;
    std::vector<Id> ids;
    for (const auto& flight : flights_) {
        if (flight.taken && flight.flight_id) ids.push_back(*flight.flight_id);
    }
    workspace_.calibrateFlights(ids, 1.0 / (*found)->reads.value);
}

void CalibrationSession::applyToScale() {
    const auto found = result();
    if (found && *found && scale()) setScale((*found)->scale.value);
}

} // namespace sobremesa::session
