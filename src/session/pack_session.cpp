#include "session/pack_session.hpp"

#include <algorithm>
#include <map>

#include "core/battery/discharge.hpp"
#include "core/units/median.hpp"

namespace sobremesa::session {

using logbook::EditKind;

namespace {

constexpr int pack_settle_ms = 80;

double charge_of(const book::KeptFlight& flight, const telemetry::LogSummary& summary) {
    if (flight.recharged_ah) return *flight.recharged_ah;
    const auto used = telemetry::charge_used_ah(summary);
    return used ? used->value : 0.0;
}

} // namespace

namespace {

PackFindings question_of(const Workspace& workspace, Id pack_id, bool others_on_same_sensors) {
    PackFindings findings;
    const auto& library = workspace.library();
    const auto kept = library.packs.find(pack_id);
    if (kept == library.packs.end()) return findings;
    findings.pack_id = pack_id;
    findings.described = kept->second.pack;
    findings.described.known.reset();
    std::vector<Id> packs{pack_id};
    for (const auto& [id, flight] : library.flights) {
        if (flight.pack_id != pack_id || !flight.aircraft_id) continue;
        if (std::find(findings.aircraft.begin(), findings.aircraft.end(), *flight.aircraft_id) ==
            findings.aircraft.end())
            findings.aircraft.push_back(*flight.aircraft_id);
    }
    std::vector<Id> flights;
    for (const auto& [id, flight] : library.flights) {
        const bool mine = flight.pack_id == pack_id;
        const bool same_sensors = others_on_same_sensors && flight.aircraft_id &&
                                  std::find(findings.aircraft.begin(), findings.aircraft.end(),
                                            *flight.aircraft_id) != findings.aircraft.end();
        if (flight.set_apart || !flight.pack_id || (!mine && !same_sensors) ||
            !workspace.summaries().contains(id) || !library.packs.contains(*flight.pack_id))
            continue;
        flights.push_back(id);
        if (std::find(packs.begin(), packs.end(), *flight.pack_id) == packs.end()) packs.push_back(*flight.pack_id);
    }
    std::sort(flights.begin(), flights.end(), [&](Id a, Id b) {
        const double at = library.flights.at(a).start_clock_s.value_or(0.0);
        const double bt = library.flights.at(b).start_clock_s.value_or(0.0);
        return at != bt ? at < bt : a < b;
    });
    auto& question = findings.question;
    for (const Id id : packs) {
        question.packs.push_back(library.packs.at(id).pack);
        question.packs.back().known.reset();
        question.readings.push_back(library.packs.at(id).readings);
    }
    // Flights of an aircraft that is not known any more have sensors of their own.
    question.sensors = findings.aircraft.size() + 1;
    std::vector<double> used_ah(packs.size(), 0.0);
    std::vector<double> powers;
    for (const Id id : flights) {
        const auto& flight = library.flights.at(id);
        const auto& summary = workspace.summaries().at(id);
        learning::PackFlight one;
        one.flight_id = id;
        one.start_clock_s = flight.start_clock_s;
        one.pack = std::size_t(std::find(packs.begin(), packs.end(), *flight.pack_id) - packs.begin());
        const auto craft = flight.aircraft_id
                               ? std::find(findings.aircraft.begin(), findings.aircraft.end(), *flight.aircraft_id)
                               : findings.aircraft.end();
        one.sensors = std::size_t(craft - findings.aircraft.begin());
        one.cycles = used_ah[one.pack] / battery::rated_charge_ah(question.packs[one.pack]);
        used_ah[one.pack] += charge_of(flight, summary);
        // A counter at the load of an aircraft with an array holds what the sun gave as well.
        const bool solar = flight.flown.aircraft.array.has_value();
        if (solar) continue;
        one.trace = summary.pack;
        if (const auto used = telemetry::charge_used_ah(summary)) one.counted_ah = used->value;
        one.recharged_ah = flight.recharged_ah;
        one.rested_cell_v = flight.rested_cell_v;
        one.rest_s = flight.rest_s.value_or(one.rest_s);
        one.air_temperature_c = flight.flown.weather.temperature_c;
        one.start_temperature_c = flight.flown.pack.start_temperature_c;
        one.start_cell_v = flight.flown.pack.start_cell_v;
        findings.flights.push_back(id);
        if (one.pack == 0) {
            findings.landing_cell_v = mission::landing_cell_v(flight.flown);
            findings.air_temperature_c = one.air_temperature_c;
            findings.rested += one.rested_cell_v ? 1 : 0;
            if (summary.energy.mean_power_w) powers.push_back(*summary.energy.mean_power_w);
        }
        question.flights.push_back(std::move(one));
    }
    if (findings.landing_cell_v == 0.0)
        findings.landing_cell_v = battery::traits(findings.described.chemistry).default_landing_cell_v;
    // Nobody flew it yet: at one C.
    findings.power_w = powers.empty() ? battery::rated_energy_wh(findings.described) : units::median(powers);
    return findings;
}

} // namespace

PackFindings pack_question(const Workspace& workspace, Id pack) {
    return question_of(workspace, pack, true);
}

PackFindings own_pack_question(const Workspace& workspace, Id pack) {
    return question_of(workspace, pack, false);
}

std::size_t most_history(std::size_t flights) {
    constexpr std::size_t most_work = 40UL * 40UL;
    constexpr std::size_t least_flights = 5;
    return std::max(least_flights, most_work / std::max<std::size_t>(flights, 1));
}

std::optional<PackFindings> sensor_question(const Workspace& workspace, Id aircraft) {
    std::map<Id, int> flown;
    for (const auto& [id, flight] : workspace.library().flights)
        if (flight.aircraft_id == aircraft && flight.pack_id && workspace.library().packs.contains(*flight.pack_id))
            ++flown[*flight.pack_id];
    if (flown.empty()) return std::nullopt;
    const auto most = std::max_element(flown.begin(), flown.end(),
                                       [](const auto& a, const auto& b) { return a.second < b.second; });
    return pack_question(workspace, most->first);
}

units::Result<void> work_out(PackFindings& findings, const std::stop_token& stop, bool with_history) {
    const auto estimate = learning::joint_estimate(findings.question, stop);
    if (!estimate) return tl::unexpected(estimate.error());
    findings.estimate = estimate->packs.front();
    findings.sensors = estimate->sensors;
    findings.odd = estimate->odd;
    learning::JointQuestion mine = findings.question;
    std::erase_if(mine.flights, [](const auto& f) { return f.pack != 0; });
    if (with_history) {
        auto history = learning::pack_history(mine, stop, most_history(mine.flights.size()));
        if (!history) return tl::unexpected(history.error());
        findings.history = std::move(*history);
    }
    learning::JointQuestion nothing;
    nothing.packs = {findings.described};
    const auto label = learning::joint_estimate(nothing, stop);
    if (!label) return tl::unexpected(label.error());
    const auto usable = [&](const learning::PackEstimate& of) {
        return learning::landing_charge_ah(findings.described, of, findings.power_w, findings.landing_cell_v,
                                           findings.air_temperature_c);
    };
    findings.usable_ah = usable(findings.estimate);
    // Plans carry the band that the forecasts before have earned.
    const double segment = learning::band_stretch(findings.history.landings);
    findings.usable_ah.sd *= segment;
    findings.estimate.known.usable_relative_sd *= segment;
    const battery::PackModel described(findings.described);
    findings.usable_before_ah = {
        battery::discharge_at_power(described, described.atStart(findings.air_temperature_c), findings.power_w,
                                    {findings.landing_cell_v, 1e9, 1}, {findings.air_temperature_c, true})
            .last()
            .charge_used_ah,
        usable(label->packs.front()).sd};
    return {};
}

PackSession::PackSession(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {
    due_.setSingleShot(true);
    due_.setInterval(pack_settle_ms);
    connect(&due_, &QTimer::timeout, this, &PackSession::workOut);
    connect(&workspace_, &Workspace::flightsChanged, this, &PackSession::followWorkspace);
    connect(&workspace_, &Workspace::packsChanged, this, &PackSession::followWorkspace);
    connect(&workspace_, &Workspace::bookOpened, this, [this] {
        chosen_.reset();
        findings_.reset();
        emit changed();
    });
}

void PackSession::choose(std::optional<Id> pack) {
    if (chosen_ == pack && findings_) return;
    chosen_ = pack;
    findings_.reset();
    if (chosen_) workOut();
    emit changed();
}

void PackSession::followWorkspace() {
    if (chosen_ && !workspace_.library().packs.contains(*chosen_)) {
        chosen_.reset();
        findings_.reset();
        emit changed();
    }
    if (chosen_) due_.start();
}

void PackSession::workOut() {
    if (!chosen_) return;
    job_.start(
        [gathered =
             pack_question(workspace_, *chosen_)](const std::stop_token& stop) -> units::Result<PackFindings> {
            PackFindings findings = gathered;
            if (auto done = work_out(findings, stop); !done) return tl::unexpected(done.error());
            return findings;
        },
        [this](units::Result<PackFindings> made) {
            if (!made || made->pack_id != chosen_) return;
            findings_ = std::make_shared<const PackFindings>(std::move(*made));
            emit changed();
        });
}

void PackSession::take(const PackFindings& findings) {
    const auto found = workspace_.library().packs.find(*findings.pack_id);
    if (found == workspace_.library().packs.end()) return;
    book::KeptPack kept = found->second;
    const battery::PackModel before(kept.pack);
    const double before_ah =
        battery::discharge_at_power(before, before.atStart(findings.air_temperature_c), findings.power_w,
                                    {findings.landing_cell_v, 1e9, 1}, {findings.air_temperature_c, true})
            .last()
            .charge_used_ah;
    const bool frozen = kept.pack.known && kept.pack.known->frozen;
    kept.pack.known = findings.estimate.known;
    kept.pack.known->known_utc = logbook::utc_now();
    kept.pack.known->frozen = frozen;
    if (!workspace_.put(EditKind::learn_pack, findings.pack_id, kept)) return;
    emit learned(QString::fromStdString(kept.pack.name), before_ah, findings.usable_ah.value,
                 findings.estimate.known.flights);
}

void PackSession::learn() {
    const auto& known = findings_ ? findings_->estimate.known : battery::PackKnown{};
    if (!findings_ || !findings_->pack_id ||
        (known.flights == 0 && workspace_.library().packs.at(*findings_->pack_id).readings.empty()))
        return;
    take(*findings_);
}

void PackSession::forget() {
    if (!chosen_) return;
    const auto found = workspace_.library().packs.find(*chosen_);
    if (found == workspace_.library().packs.end() || !found->second.pack.known) return;
    book::KeptPack kept = found->second;
    kept.pack.known.reset();
    (void)workspace_.put(EditKind::forget_pack, chosen_, kept);
}

void PackSession::freeze(bool frozen) {
    if (!chosen_) return;
    const auto found = workspace_.library().packs.find(*chosen_);
    if (found == workspace_.library().packs.end() || !found->second.pack.known ||
        found->second.pack.known->frozen == frozen)
        return;
    book::KeptPack kept = found->second;
    kept.pack.known->frozen = frozen;
    (void)workspace_.put(EditKind::freeze_pack, chosen_, kept);
}

void PackSession::learnFrom(Id flight) {
    const auto found = workspace_.library().flights.find(flight);
    if (found == workspace_.library().flights.end() || !found->second.pack_id || found->second.set_apart) return;
    const auto kept = workspace_.library().packs.find(*found->second.pack_id);
    if (kept == workspace_.library().packs.end() || (kept->second.pack.known && kept->second.pack.known->frozen))
        return;
    PackFindings gathered = pack_question(workspace_, *found->second.pack_id);
    const auto& flights = gathered.question.flights;
    const auto mine =
        std::find_if(flights.begin(), flights.end(), [&](const auto& f) { return f.flight_id == flight; });
    // A flight that says nothing of its pack teaches nothing.
    if (mine == flights.end() || (mine->trace.points.empty() && !mine->recharged_ah && !mine->rested_cell_v))
        return;
    constexpr std::size_t fitted_in_a_moment = 60;
    if (gathered.question.flights.size() <= fitted_in_a_moment) {
        if (work_out(gathered, {}, false)) takeFiled(flight, gathered);
        return;
    }
    filed_job_.start(
        [gathered](const std::stop_token& stop) -> units::Result<PackFindings> {
            PackFindings findings = gathered;
            if (auto done = work_out(findings, stop, false); !done) return tl::unexpected(done.error());
            return findings;
        },
        [this, flight](const units::Result<PackFindings>& made) {
            if (made) takeFiled(flight, *made);
        });
}

void PackSession::takeFiled(Id flight, const PackFindings& findings) {
    for (const auto& odd : findings.odd) {
        const auto found = workspace_.library().flights.find(flight);
        if (odd.flight_id == flight && found != workspace_.library().flights.end())
            emit leftOut(flight, QString::fromStdString(found->second.name), int(odd.kind));
    }
    take(findings);
}

} // namespace sobremesa::session
