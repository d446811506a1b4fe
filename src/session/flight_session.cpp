#include "session/flight_session.hpp"

#include <algorithm>
#include <cmath>
#include <iterator>

#include <QDir>
#include <QFileInfo>

#include "core/units/constants.hpp"
#include "io/channel_columns.hpp"
#include "io/kept_documents.hpp"
#include "session/flight_bill.hpp"

namespace sobremesa::session {

using logbook::EditKind;

ReadingChoices reading_choices(const book::KeptFlight& flight) {
    ReadingChoices choices;
    choices.current_factor = flight.current_factor;
    if (flight.part && *flight.part >= 0) choices.part = std::size_t(*flight.part);
    choices.columns = flight.columns;
    choices.series = flight.flown.pack.series;
    return choices;
}

FlightSession::FlightSession(Workspace& workspace, DebriefSession& debrief, const PlanSession& plan,
                             QObject* parent)
    : QObject(parent), workspace_(workspace), debrief_(debrief), plan_(plan) {
    flown_.withoutOutlook();
    connect(&debrief_, &DebriefSession::debriefChanged, this, &FlightSession::debriefed);
    connect(&debrief_, &DebriefSession::refused, this, [this] {
        opening_flight_.reset();
        draft_ = Draft::new_log;
    });
    connect(&flown_, &PlanSession::requestEdited, this, &FlightSession::flownEdited);
    connect(&flown_, &PlanSession::planChanged, this, &FlightSession::layOver);
    connect(&workspace_, &Workspace::flightsChanged, this, &FlightSession::followWorkspace);
    connect(&workspace_, &Workspace::bookOpened, this, [this] {
        filed_.reset();
        // Of the book before, and no more to be had.
        filing_ = false;
        left_while_filing_.reset();
        opening_flight_.reset();
        emit filedChanged();
    });
}

FlightSession::~FlightSession() {
    // Work on the book speaks to this object.
    workspace_.worker().cancelWork();
}

void FlightSession::openLog(const QString& path, const ReadingChoices& choices) {
    opening_flight_.reset();
    draft_ = Draft::new_log;
    ReadingChoices with_pack = choices;
    if (with_pack.series == 0) with_pack.series = plan_.request().pack.series;
    debrief_.open(path, with_pack);
}

QString log_file(const Workspace& workspace, const QTemporaryDir& below, Id log_id) {
    QString name = QStringLiteral("flight.csv");
    for (const auto& log : workspace.logs()) {
        if (log.id == log_id) name = QString::fromStdString(log.name);
    }
    const QString folder = below.filePath(QString::number(log_id));
    QDir().mkpath(folder);
    return QDir(folder).filePath(name);
}

void write_log_of_book(QObject& context, Workspace& workspace, const QTemporaryDir& below, Id log_id,
                       std::function<void(const QString& path, const units::Result<void>& written)> then) {
    const QString path = log_file(workspace, below, log_id);
    workspace.worker().run<units::Result<void>>(
        &context,
        [log_id, path](logbook::Book& book, const std::stop_token&) {
            return book.writeLog(log_id, path.toStdString());
        },
        [path, then = std::move(then)](const units::Result<void>& written) { then(path, written); });
}

void FlightSession::openFlight(Id id) {
    const auto found = workspace_.library().flights.find(id);
    if (found == workspace_.library().flights.end() || !found->second.log_id) return;
    opening_flight_ = id;
    write_log_of_book(
        *this, workspace_, from_book_, *found->second.log_id,
        [this, choices = reading_choices(found->second)](const QString& path, const units::Result<void>& written) {
            if (!written) {
                opening_flight_.reset();
                emit refused(written.error());
                return;
            }
            debrief_.open(path, choices);
        });
}

void FlightSession::debriefed() {
    const auto debrief = debrief_.debrief();
    const Draft draft = std::exchange(draft_, Draft::new_log);
    if (filing_ && !left_while_filing_) left_while_filing_ = flight_;
    filed_.reset();
    if (opening_flight_ && workspace_.library().flights.contains(*opening_flight_)) {
        filed_ = *std::exchange(opening_flight_, std::nullopt);
        flight_ = workspace_.library().flights.at(*filed_);
        // Whatever this version reads out of the log is what the logbook shows from now on.
        workspace_.setSummary(*filed_, debrief->summary);
    } else if (filed_again(debrief->path)) {
        // The same log, read in another way: it stays the flight that it was.
        filed_ = reopened_;
        flight_ = workspace_.library().flights.at(*filed_);
        workspace_.setSummary(*filed_, debrief->summary);
    } else {
        makeDraft(draft);
    }
    // They were another log's; the forecast of this one brings its own.
    needs_.reset();
    showFlown();
    reopened_.reset();
    takeFlightReport();
    emit flightChanged();
    emit filedChanged();
    readAsPack();
}

void FlightSession::makeDraft(Draft draft) {
    if (draft == Draft::another_pack) return;
    const auto debrief = debrief_.debrief();
    const QFileInfo file(debrief->path);
    book::KeptFlight before = std::exchange(flight_, {});
    // What it was flown with holds for the whole log; the wind is found anew.
    book::take_forecast_wind(before);
    if (draft == Draft::another_reading) flight_ = before;
    if (draft != Draft::another_reading) flight_.name = file.completeBaseName().toStdString();
    if (draft == Draft::new_log) {
        flight_.flown = plan_.request();
        if (const auto open = workspace_.openPlanId()) {
            const auto& plan = workspace_.library().plans.at(*open);
            flight_.plan_id = *open;
            flight_.aircraft_id = plan.aircraft_id;
            flight_.pack_id = plan.pack_id;
        }
    } else {
        flight_.flown = before.flown;
        flight_.plan_id = before.plan_id;
        flight_.aircraft_id = before.aircraft_id;
        flight_.pack_id = before.pack_id;
    }
    flight_.flown.name = flight_.name;
    flight_.flown.mission = debrief::flown_mission(debrief->clean, debrief->summary, flight_.flown.mission);
    flight_.start_clock_s = debrief->log->start_clock_s;
    flight_.columns = debrief->choices.columns;
    flight_.part.reset();
    if (debrief->clean.parts.size() > 1) {
        flight_.part = int(debrief->clean.part);
        // Each flight of the day begins at its own time.
        if (flight_.start_clock_s) *flight_.start_clock_s += debrief->clean.time_s(0);
    }
    // The log knows better than the forecast, which stays beside it.
    if (const auto found = foundWind()) book::take_found_wind(flight_, *found);
    // The same file again is no second flight.
    const auto* log = logbook::same_log(workspace_.logs(), debrief->path.toStdString());
    if (!log) return;
    for (const auto& [id, kept] : workspace_.library().flights) {
        if (kept.log_id != log->id || kept.part != flight_.part) continue;
        filed_ = id;
        flight_ = kept;
        emit alreadyFiled(id);
    }
}

bool FlightSession::filed_again(const QString& path) const {
    return reopened_ && path == reopened_path_ && workspace_.library().flights.contains(*reopened_);
}

void FlightSession::choosePart(std::size_t part) {
    const auto debrief = debrief_.debrief();
    if (!debrief || part >= debrief->clean.parts.size() || part == debrief->clean.part) return;
    ReadingChoices choices = debrief->choices;
    choices.part = part;
    draft_ = Draft::another_part;
    debrief_.openAgain(choices);
}

void FlightSession::chooseColumns(const QString& path, const io::CsvHead& head,
                                  const std::vector<telemetry::ColumnChoice>& said) {
    // Which vehicle was watched stays so, whatever is said of its channels.
    auto columns = said;
    if (const auto debrief = debrief_.debrief(); debrief && debrief->path == path) {
        std::copy_if(debrief->choices.columns.begin(), debrief->choices.columns.end(), std::back_inserter(columns),
                     io::is_vehicle_choice);
    }
    if (filed_) {
        flight_.columns = columns;
        keep();
        reopened_ = filed_;
        reopened_path_ = path;
    } else if (const auto debrief = debrief_.debrief(); debrief && debrief->path == path) {
        draft_ = Draft::another_reading;
    }
    debrief_.openWithColumns(path, head, columns);
}

std::optional<atmosphere::Wind> FlightSession::foundWind() const {
    const auto debrief = debrief_.debrief();
    return debrief ? debrief::found_wind(debrief->findings.wind) : std::nullopt;
}

void FlightSession::takeWind() {
    const auto found = foundWind();
    if (!found) return;
    book::take_found_wind(flight_, *found);
    keep();
    showFlown();
    emit flightChanged();
}

void FlightSession::takeForecastWind() {
    if (!flight_.forecast_wind) return;
    book::take_forecast_wind(flight_);
    keep();
    showFlown();
    emit flightChanged();
}

void FlightSession::takeFlightReport() {
    flight_report_.reset();
    bill_.reset();
    const auto debrief = debrief_.debrief();
    if (!debrief) return;
    flight_report_ = debrief::flight_report_of(debrief->clean, debrief->summary, debrief->findings, flight_.flown,
                                               flown_.plan().get(), remaining(), needs_ ? &*needs_ : nullptr);
    makeOutBill();
}

void FlightSession::makeOutBill() {
    const auto debrief = debrief_.debrief();
    if (!pack_fits()) {
        bill_job_.cancel();
        emit billChanged();
        return;
    }
    const BillOf of = bill_of(workspace_.library(), flight_);
    // Of the flight as it is now, whatever it is when the bill is done.
    const auto kept_as = filed_ ? std::optional(std::pair(*filed_, bill_made_from(of, flight_))) : std::nullopt;
    using Made = std::pair<std::shared_ptr<const Debrief>, std::optional<debrief::Bill>>;
    bill_job_.start(
        [debrief, of](const std::stop_token&) -> Made {
            return {debrief, make_bill(of, debrief->summary, debrief->findings)};
        },
        [this, kept_as](Made made) {
            if (kept_as) workspace_.setBill(kept_as->first, {kept_as->second, debrief::shares_of(made.second)});
            if (made.first != debrief_.debrief()) return;
            bill_ = std::move(made.second);
            emit billChanged();
        });
}

void FlightSession::showFlown() {
    showing_ = true;
    flown_.show(flight_.flown, ++document_);
    showing_ = false;
}

void FlightSession::flownEdited() {
    if (showing_) return;
    flight_.flown = flown_.request();
    keep();
    emit flightChanged();
    readAsPack();
}

void FlightSession::readAsPack() {
    const auto debrief = debrief_.debrief();
    const int series = flight_.flown.pack.series;
    if (!debrief || !telemetry::needs_series(*debrief->log) || debrief->choices.series == series) return;
    if (filed_) {
        openFlight(*filed_);
        return;
    }
    ReadingChoices choices = debrief->choices;
    choices.series = series;
    draft_ = Draft::another_pack;
    debrief_.openAgain(choices);
}

void FlightSession::followWorkspace() {
    if (!filed_ || showing_) return;
    const auto found = workspace_.library().flights.find(*filed_);
    if (found == workspace_.library().flights.end()) {
        // Undone, or removed: the log stays on the table, to be filed again.
        filed_.reset();
        emit filedChanged();
        return;
    }
    if (found->second == flight_) return;
    const bool read_otherwise = flight_.current_factor != found->second.current_factor ||
                                flight_.part != found->second.part || flight_.columns != found->second.columns;
    flight_ = found->second;
    // Every figure on the table follows a calibration, and what the columns are.
    if (read_otherwise) openFlight(*filed_);
    showFlown();
    emit flightChanged();
    if (!read_otherwise) readAsPack();
}

void FlightSession::keep() {
    if (!filed_) return;
    showing_ = true;
    if (const auto kept = workspace_.put(EditKind::change_flight, filed_, flight_); !kept)
        emit refused(kept.error());
    showing_ = false;
}

void FlightSession::layOver() {
    over_forecast_.reset();
    needs_.reset();
    const auto debrief = debrief_.debrief();
    if (flown_.plan() && pack_fits()) {
        needs_ = debrief::needed_rows(debrief->clean, debrief->summary, *flown_.plan());
        if (auto laid = debrief::flown_homeward(debrief->clean, debrief->summary, *flown_.plan(), &*needs_))
            over_forecast_ = std::make_shared<const debrief::FlownHomeward>(std::move(*laid));
    }
    takeFlightReport();
    emit flightChanged();
}

LeftAtLanding FlightSession::left() const {
    return debrief_.left(flight_.flown);
}

void FlightSession::tellFiling() {
    emit filingProgressed(filing_share_);
}

void FlightSession::file() {
    const auto debrief = debrief_.debrief();
    if (!debrief || filed_ || filing_) return;
    if (!workspace_.worker().is_writable()) {
        units::Error error;
        error.code = units::ErrorCode::book_read_only;
        emit refused(error);
        return;
    }
    filing_ = true;
    emit filedChanged();
    workspace_.worker().run<units::Result<logbook::StoredLog>>(
        this,
        [this, path = debrief->path.toStdString()](logbook::Book& book, const std::stop_token& stop) {
            return book.storeLog(path, stop, [this](double share) {
                filing_share_ = share;
                QMetaObject::invokeMethod(this, &FlightSession::tellFiling, Qt::QueuedConnection);
            });
        },
        [this, debrief](const units::Result<logbook::StoredLog>& stored) {
            filing_ = false;
            // With its own setting, whatever is open by now.
            const auto left = std::exchange(left_while_filing_, std::nullopt);
            if (!stored) {
                emit filedChanged();
                emit refused(stored.error());
                return;
            }
            workspace_.addLog(*stored);
            book::KeptFlight kept = left.value_or(flight_);
            kept.log_id = stored->id;
            kept.filed_utc = logbook::utc_now();
            showing_ = true;
            const auto id = workspace_.put(EditKind::file_flight, std::nullopt, kept);
            showing_ = false;
            if (!id) {
                emit refused(id.error());
                return;
            }
            workspace_.setSummary(*id, debrief->summary);
            if (debrief == debrief_.debrief()) {
                filed_ = *id;
                flight_ = kept;
                if (bill_is_settled()) {
                    // Made out while it was a draft.
                    const std::string made_from = bill_made_from(bill_of(workspace_.library(), kept), kept);
                    workspace_.setBill(*id, {made_from, debrief::shares_of(bill_)});
                } else {
                    // The one that is still being made out is a draft's, and would be kept nowhere.
                    makeOutBill();
                }
            }
            emit filedChanged();
            emit flightChanged();
            emit flightFiled(*id);
        });
}

void FlightSession::chooseAircraft(Id id) {
    const auto found = workspace_.library().aircraft.find(id);
    if (found == workspace_.library().aircraft.end()) return;
    flight_.aircraft_id = id;
    flight_.flown.aircraft = found->second.aircraft;
    keep();
    showFlown();
    emit flightChanged();
}

void FlightSession::choosePack(Id id) {
    const auto found = workspace_.library().packs.find(id);
    if (found == workspace_.library().packs.end()) return;
    if (flight_.flown.pack.chemistry != found->second.pack.chemistry) flight_.flown.landing_cell_v.reset();
    flight_.pack_id = id;
    flight_.flown.pack = found->second.pack;
    keep();
    showFlown();
    emit flightChanged();
}

void FlightSession::setRecharged(std::optional<double> ah) {
    if (flight_.recharged_ah == ah) return;
    flight_.recharged_ah = ah;
    keep();
    takeFlightReport();
    emit flightChanged();
}

void FlightSession::setRested(std::optional<double> cell_v, std::optional<double> rest_s) {
    if (flight_.rested_cell_v == cell_v && flight_.rest_s == rest_s) return;
    flight_.rested_cell_v = cell_v;
    flight_.rest_s = rest_s;
    keep();
    takeFlightReport();
    emit flightChanged();
}

battery::LandedEvidence FlightSession::evidence(const battery::PackModel& pack) const {
    const auto debrief = debrief_.debrief();
    if (!debrief) return {};
    auto evidence = telemetry::landed_evidence(
        debrief->summary, pack,
        {flight_.recharged_ah, flight_.rested_cell_v, flight_.rest_s, flight_.flown.weather.temperature_c});
    if (debrief::counts_the_sun(debrief->clean, flight_.flown.aircraft)) evidence.counted_ah.reset();
    return evidence;
}

bool FlightSession::pack_fits() const {
    const auto debrief = debrief_.debrief();
    return debrief && telemetry::volts_fit(debrief->summary, flight_.flown.pack);
}

std::optional<battery::Remaining> FlightSession::remaining() const {
    if (!pack_fits()) return std::nullopt;
    const battery::PackModel pack(flight_.flown.pack);
    return battery::remaining(pack, evidence(pack));
}

void FlightSession::takeSag() {
    const auto debrief = debrief_.debrief();
    if (!debrief || !debrief->findings.sag || !flight_.pack_id) return;
    const auto found = workspace_.library().packs.find(*flight_.pack_id);
    if (found == workspace_.library().packs.end()) return;
    book::KeptPack kept = found->second;
    kept.pack.measured_cell_ohm = telemetry::cell_ohm(*debrief->findings.sag, kept.pack).value;
    if (const auto put = workspace_.put(EditKind::change_pack, flight_.pack_id, kept); !put) {
        emit refused(put.error());
        return;
    }
    flight_.flown.pack.measured_cell_ohm = kept.pack.measured_cell_ohm;
    keep();
    showFlown();
    emit flightChanged();
}

void FlightSession::setNote(const QString& note) {
    if (flight_.note == note.toStdString()) return;
    flight_.note = note.toStdString();
    keep();
}

void FlightSession::setName(const QString& name) {
    if (flight_.name == name.toStdString()) return;
    flight_.name = name.toStdString();
    keep();
    emit flightChanged();
}

} // namespace sobremesa::session
