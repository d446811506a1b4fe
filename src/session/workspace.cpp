#include "session/workspace.hpp"

#include <algorithm>

#include "core/telemetry/rescale.hpp"
#include "io/all_cores.hpp"
#include "io/kept_documents.hpp"
#include "io/plan_document.hpp"
#include "io/text_number.hpp"
#include "session/figures_reading.hpp"

namespace sobremesa::session {

using logbook::Edit;
using logbook::EditKind;
using logbook::Kind;
using logbook::RecordChange;

namespace {

/// Edits of the same thing within this pause are one edit.
constexpr qint64 join_ms = 1500;
/// After the first edit, at most this long until it is in the book.
constexpr int flush_ms = 300;
constexpr Id workspace_record = 1;

template <class Kept>
std::optional<std::string> document_of(const std::map<Id, Kept>& record_list, Id id) {
    const auto found = record_list.find(id);
    return found == record_list.end() ? std::nullopt : std::optional(io::json_from(found->second));
}

/// Puts one record on its list, or takes it off.
template <class Kept>
std::optional<units::Error> place(std::map<Id, Kept>& record_list, Id id,
                                  const std::optional<std::string>& document,
                                  units::Result<Kept> (*read)(const std::string&, const std::string&)) {
    if (!document) {
        record_list.erase(id);
        return std::nullopt;
    }
    auto kept = read(*document, "logbook");
    if (!kept) return kept.error();
    record_list.insert_or_assign(id, std::move(*kept));
    return std::nullopt;
}

} // namespace

units::Error damaged_record(Kind kind, Id id, const units::Error& cause) {
    return {units::ErrorCode::record_damaged,
            {},
            {{"kind", std::string(logbook::kind_word(kind))}, {"id", double(id)}},
            std::make_shared<const units::Error>(cause)};
}

EditKind kind_of_change(const mission::PlanRequest& before, const mission::PlanRequest& after) {
    // Each part is put back in turn; the one that makes the two alike again is what was changed.
    const auto only = [&](auto put_back) {
        mission::PlanRequest request = after;
        put_back(request);
        return request == before;
    };
    using R = mission::PlanRequest;
    if (only([&](R& r) { r.aircraft = before.aircraft; })) return EditKind::change_aircraft;
    if (only([&](R& r) {
            r.pack = before.pack;
            r.landing_cell_v = before.landing_cell_v;
        }))
        return before.pack == after.pack ? EditKind::change_landing : EditKind::change_pack;
    if (only([&](R& r) {
            r.weather.temperature_c = before.weather.temperature_c;
            r.weather.field_elevation_m = before.weather.field_elevation_m;
        }))
        return EditKind::change_temperature;
    if (only([&](R& r) { r.weather = before.weather; })) return EditKind::change_wind;
    if (only([&](R& r) { r.mission.bearing_deg = before.mission.bearing_deg; })) return EditKind::change_bearing;
    if (only([&](R& r) {
            r.mission.height_m = before.mission.height_m;
            r.mission.climb_rate_mps = before.mission.climb_rate_mps;
            r.mission.descent_rate_mps = before.mission.descent_rate_mps;
        }))
        return EditKind::change_height;
    if (only([&](R& r) {
            r.mission = before.mission;
            r.failsafe = before.failsafe;
            r.link = before.link;
            r.ground = before.ground;
            r.supply = before.supply;
            r.height_ceiling_m = before.height_ceiling_m;
        }))
        return EditKind::change_mission;
    if (only([&](R& r) { r.reserve = before.reserve; })) return EditKind::change_reserve;
    if (only([&](R& r) { r.turn = before.turn; })) return EditKind::change_rules;
    if (only([&](R& r) { r.name = before.name; })) return EditKind::rename_plan;
    return EditKind::change_plan;
}

Workspace::Workspace(PlanSession& plan_session, QObject* parent)
    : QObject(parent), plan_session_(plan_session), reading_(std::make_unique<FiguresReading>()) {
    flush_due_.setSingleShot(true);
    flush_due_.setInterval(flush_ms);
    connect(&flush_due_, &QTimer::timeout, this, &Workspace::flush);
    connect(&plan_session_, &PlanSession::requestEdited, this, &Workspace::requestEdited);
}

Workspace::~Workspace() {
    flush();
}

/// Everything asked of the open book is done, and its results are here, before another one takes its place.
void Workspace::leaveBook() {
    if (worker_.is_open()) emit bookClosing();
    settle();
}

units::Result<void> Workspace::openBook(const QString& path, const logbook::BookOptions& options) {
    leaveBook();
    auto contents = worker_.open(path.toStdString(), options);
    if (!contents) return tl::unexpected(contents.error());
    takeIn(std::move(*contents));
    return {};
}

void Workspace::withoutBook() {
    leaveBook();
    worker_.close();
    takeIn({});
}

void Workspace::clear() {
    reading_->stop();
    library_ = {};
    summaries_.clear();
    bills_.clear();
    pack_use_.clear();
    logs_.clear();
    edits_.clear();
    done_ = 0;
    unwritten_ = false;
    flush_due_.stop();
}

void Workspace::takeIn(logbook::BookContents contents) {
    clear();
    std::optional<Id> open;
    std::vector<const logbook::Record*> flights;
    for (const logbook::Record& record : contents.records) {
        last_id_ = std::max(last_id_, record.id);
        if (record.kind == Kind::workspace) {
            // What is open is no more than a number; anything else there is ignored.
            const Id id = std::atoll(record.document.c_str());
            if (id > 0) open = id;
            continue;
        }
        if (record.kind == Kind::flight) {
            flights.push_back(&record);
            continue;
        }
        apply({record.kind, record.id, std::nullopt, record.document}, true);
    }
    takeInFlights(flights);
    last_id_ = std::max(last_id_, contents.last_id);
    // Figures of another log, or by another version of the model, are worked out anew.
    std::erase_if(contents.figures, [this](const logbook::Figures& figures) {
        return figures.made_from != madeFrom(figures.flight_id);
    });
    const auto read = [this] {
        QMetaObject::invokeMethod(
            this,
            [this] {
                takeFigures();
                emit figuresRead();
            },
            Qt::QueuedConnection);
    };
    if (contents.figures.empty())
        read();
    else
        reading_->start(std::move(contents.figures), read);
    logs_ = contents.logs;
    edits_ = contents.edits;
    done_ = std::size_t(std::count_if(edits_.begin(), edits_.end(), [](const Edit& e) { return !e.undone; }));
    last_edit_ = edits_.empty() ? 0 : edits_.back().id;
    open_plan_ = open && library_.plans.contains(*open) ? open
                 : library_.plans.empty()               ? std::nullopt
                                                        : std::optional(library_.plans.rbegin()->first);
    emit bookOpened();
    emit aircraftChanged();
    emit packsChanged();
    emit plansChanged();
    emit flightsChanged();
    emit historyChanged();
    emit openPlanChanged();
    showOpenPlan();
}

/// There may be a thousand of them: read on all cores.
void Workspace::takeInFlights(const std::vector<const logbook::Record*>& records) {
    std::vector<std::optional<units::Result<book::KeptFlight>>> read(records.size());
    io::on_all_cores(records.size(),
                     [&](std::size_t i) { read[i] = io::kept_flight_from_json(records[i]->document, "logbook"); });
    for (std::size_t i = 0; i < records.size(); ++i) {
        const Id id = records[i]->id;
        if (*read[i]) {
            library_.flights.insert_or_assign(id, std::move(**read[i]));
            sumUpByHand(id);
        } else {
            emit unreadable(damaged_record(Kind::flight, id, read[i]->error()));
        }
    }
}

/// Everybody who asks for figures comes by here first, so that nobody sees them in part.
void Workspace::takeFigures() const {
    if (!reading_->isPending()) return;
    for (auto& [flight_id, kept] : reading_->take()) {
        summaries_.insert_or_assign(flight_id, std::move(kept.summary));
        if (kept.bill) bills_.insert_or_assign(flight_id, std::move(*kept.bill));
    }
}

const std::map<Id, telemetry::LogSummary>& Workspace::summaries() const {
    takeFigures();
    return summaries_;
}

const std::map<Id, debrief::KeptBill>& Workspace::bills() const {
    takeFigures();
    return bills_;
}

bool Workspace::apply(const RecordChange& change, bool forward) {
    const auto& document = forward ? change.after : change.before;
    std::optional<units::Error> trouble;
    switch (change.kind) {
    case Kind::aircraft:
        trouble = place(library_.aircraft, change.id, document, &io::kept_aircraft_from_json);
        break;
    case Kind::pack: trouble = place(library_.packs, change.id, document, &io::kept_pack_from_json); break;
    case Kind::plan: trouble = place(library_.plans, change.id, document, &io::kept_plan_from_json); break;
    case Kind::flight: {
        const double before = current_factor(change.id);
        trouble = place(library_.flights, change.id, document, &io::kept_flight_from_json);
        rescale(change.id, before);
        sumUpByHand(change.id);
        break;
    }
    case Kind::learned:
    case Kind::workspace: break;
    }
    if (trouble) emit unreadable(damaged_record(change.kind, change.id, *trouble));
    return !trouble;
}

double Workspace::current_factor(Id flight_id) const {
    const auto found = library_.flights.find(flight_id);
    return found == library_.flights.end() ? 1.0 : found->second.current_factor;
}

/// A flight without a log has its figures from what the pilot wrote.
void Workspace::sumUpByHand(Id flight_id) {
    const auto found = library_.flights.find(flight_id);
    if (found == library_.flights.end() || found->second.log_id || !found->second.by_hand) return;
    const auto& flight = found->second;
    takeFigures();
    summaries_.insert_or_assign(flight_id,
                                book::summary_by_hand(*flight.by_hand, flight.flown.pack, flight.recharged_ah));
}

/// Figures follow a calibration, and its undoing, without reading the log again.
void Workspace::rescale(Id flight_id, double before) {
    const auto summary = summaries().find(flight_id);
    if (summary == summaries_.end() || !library_.flights.contains(flight_id)) return;
    const double now = current_factor(flight_id);
    if (now != before) keepSummary(flight_id, telemetry::rescaled(summary->second, now / before));
}

void Workspace::tell(const std::vector<RecordChange>& changes) {
    pack_use_.clear();
    const auto touches = [&](Kind kind) {
        return std::any_of(changes.begin(), changes.end(), [kind](const auto& c) { return c.kind == kind; });
    };
    if (touches(Kind::aircraft)) emit aircraftChanged();
    if (touches(Kind::pack)) emit packsChanged();
    if (touches(Kind::plan)) emit plansChanged();
    if (touches(Kind::flight)) emit flightsChanged();
    emit historyChanged();
}

// ---- edits

void Workspace::make(EditKind kind, const std::string& subject, std::vector<RecordChange> changes, bool may_join) {
    std::erase_if(changes, [](const RecordChange& c) { return c.before == c.after; });
    if (changes.empty()) return;
    const std::string word = logbook::edit_word(kind);
    edits_.resize(done_);
    const auto joins = [&](const Edit& last) {
        return last.what == word && last.changes.size() == changes.size() &&
               std::equal(changes.begin(), changes.end(), last.changes.begin(),
                          [](const auto& a, const auto& b) { return a.kind == b.kind && a.id == b.id; });
    };
    // One drag is one edit, however long the hand holds still to read the answer.
    const bool goes_on = edited_by_hand_ || since_edit_.elapsed() < join_ms;
    const bool joined = may_join && !edits_.empty() && since_edit_.isValid() && goes_on && joins(edits_.back());
    if (joined) {
        for (std::size_t i = 0; i < changes.size(); ++i) edits_.back().changes[i].after = changes[i].after;
        edits_.back().subject = subject;
    } else {
        flush();
        edits_.push_back({++last_edit_, word, subject, changes, false});
        if (std::int64_t(edits_.size()) > logbook::edits_kept) edits_.erase(edits_.begin());
        done_ = edits_.size();
    }
    since_edit_.start();
    edited_by_hand_ = hand_is_down_;
    for (const RecordChange& change : changes) apply(change, true);
    unwritten_ = true;
    if (!flush_due_.isActive()) flush_due_.start();
    tell(changes);
}

void Workspace::setHandDown(bool down) {
    hand_is_down_ = down;
    edited_by_hand_ = false;
}

void Workspace::flush() {
    flush_due_.stop();
    if (!unwritten_) return;
    unwritten_ = false;
    worker_.write(
        [edit = edits_[done_ - 1], last = last_id_](logbook::Book& book) { return book.make(edit, last); });
}

namespace {

template <class Kept, class Check>
units::Result<RecordChange> change_to(const std::map<Id, Kept>& record_list, Kind kind, Id id, const Kept& kept,
                                      Check check) {
    if (auto checked = check(kept); !checked) return tl::unexpected(checked.error());
    return RecordChange{kind, id, document_of(record_list, id), io::json_from(kept)};
}

} // namespace

units::Result<Id> Workspace::put(EditKind kind, std::optional<Id> id, const book::KeptAircraft& kept) {
    const Id number = id ? *id : newId();
    auto change = change_to(library_.aircraft, Kind::aircraft, number, kept,
                            [](const auto& k) { return airframe::validate(k.aircraft); });
    if (!change) return tl::unexpected(change.error());
    make(kind, kept.aircraft.name, {*change}, true);
    showOpenPlan();
    return number;
}

units::Result<Id> Workspace::put(EditKind kind, std::optional<Id> id, const book::KeptPack& kept) {
    const Id number = id ? *id : newId();
    auto change = change_to(library_.packs, Kind::pack, number, kept,
                            [](const auto& k) { return battery::validate(k.pack); });
    if (!change) return tl::unexpected(change.error());
    make(kind, kept.pack.name, {*change}, true);
    showOpenPlan();
    return number;
}

units::Result<Id> Workspace::put(EditKind kind, std::optional<Id> id, const book::KeptPlan& kept) {
    const Id number = id ? *id : newId();
    auto change = change_to(library_.plans, Kind::plan, number, kept,
                            [](const auto& k) { return mission::validate(k.request); });
    if (!change) return tl::unexpected(change.error());
    make(kind, kept.request.name, {*change}, true);
    if (number == open_plan_) showOpenPlan();
    return number;
}

units::Result<Id> Workspace::put(EditKind kind, std::optional<Id> id, const book::KeptFlight& kept) {
    const Id number = id ? *id : newId();
    auto change = change_to(library_.flights, Kind::flight, number, kept,
                            [](const auto& k) { return mission::validate(k.flown); });
    if (!change) return tl::unexpected(change.error());
    make(kind, kept.name, {*change}, true);
    return number;
}

void Workspace::remove(EditKind kind, Kind what, Id id) {
    RecordChange change{what, id, std::nullopt, std::nullopt};
    std::string subject;
    const auto take = [&](const auto& record_list, auto name) {
        change.before = document_of(record_list, id);
        if (change.before) subject = name(record_list.at(id));
    };
    switch (what) {
    case Kind::aircraft: take(library_.aircraft, [](const auto& k) { return k.aircraft.name; }); break;
    case Kind::pack: take(library_.packs, [](const auto& k) { return k.pack.name; }); break;
    case Kind::plan: take(library_.plans, [](const auto& k) { return k.request.name; }); break;
    case Kind::flight: take(library_.flights, [](const auto& k) { return k.name; }); break;
    case Kind::learned:
    case Kind::workspace: return;
    }
    make(kind, subject, {change});
    if (what == Kind::plan && id == open_plan_) {
        setOpenPlan(library_.plans.empty() ? std::nullopt : std::optional(library_.plans.rbegin()->first));
    }
}

void Workspace::calibrateFlights(const std::vector<Id>& ids, double current_factor) {
    std::vector<RecordChange> changes;
    std::string first;
    for (const Id id : ids) {
        const auto found = library_.flights.find(id);
        if (found == library_.flights.end() || found->second.current_factor == current_factor) continue;
        book::KeptFlight kept = found->second;
        kept.current_factor = current_factor;
        if (first.empty()) first = kept.name;
        changes.push_back({Kind::flight, id, document_of(library_.flights, id), io::json_from(kept)});
    }
    if (!changes.empty()) make(EditKind::calibrate_flights, first, changes);
}

void Workspace::removeFlights(const std::vector<Id>& ids) {
    std::vector<RecordChange> changes;
    changes.reserve(ids.size());
    for (const Id id : ids) changes.push_back({Kind::flight, id, document_of(library_.flights, id), std::nullopt});
    const auto first = ids.empty() ? library_.flights.end() : library_.flights.find(ids.front());
    make(EditKind::remove_flight, first == library_.flights.end() ? std::string() : first->second.name, changes);
}

Id Workspace::beginWith(const mission::PlanRequest& request) {
    const Id aircraft = newId();
    const Id pack = newId();
    const Id plan = newId();
    make(EditKind::add_plan, request.name,
         {{Kind::aircraft, aircraft, std::nullopt, io::json_from(book::KeptAircraft{request.aircraft, {}, false})},
          {Kind::pack, pack, std::nullopt, io::json_from(book::KeptPack{request.pack, {}, false})},
          {Kind::plan, plan, std::nullopt, io::json_from(book::KeptPlan{request, aircraft, pack})}});
    openPlan(plan);
    return plan;
}

namespace {

/// The list's number for a thing from outside: an equal one, or a new one where its name is free, or none.
template <class Kept, class Value>
std::optional<Id> found_on(const std::map<Id, Kept>& record_list, const Value& value, Value Kept::*member,
                           bool& name_taken) {
    for (const auto& [id, kept] : record_list) {
        if (kept.*member == value) return id;
        if ((kept.*member).name == value.name) name_taken = true;
    }
    return std::nullopt;
}

} // namespace

Id Workspace::bringInPlan(const mission::PlanRequest& request) {
    for (const auto& [id, kept] : library_.plans) {
        if (kept.request == request) {
            openPlan(id);
            return id;
        }
    }
    std::vector<RecordChange> changes;
    book::KeptPlan plan{request, std::nullopt, std::nullopt};
    bool name_taken = false;
    plan.aircraft_id = found_on(library_.aircraft, request.aircraft, &book::KeptAircraft::aircraft, name_taken);
    if (!plan.aircraft_id && !name_taken) {
        plan.aircraft_id = newId();
        changes.push_back({Kind::aircraft, *plan.aircraft_id, std::nullopt,
                           io::json_from(book::KeptAircraft{request.aircraft, {}, false})});
    }
    name_taken = false;
    plan.pack_id = found_on(library_.packs, request.pack, &book::KeptPack::pack, name_taken);
    if (!plan.pack_id && !name_taken) {
        plan.pack_id = newId();
        changes.push_back(
            {Kind::pack, *plan.pack_id, std::nullopt, io::json_from(book::KeptPack{request.pack, {}, false})});
    }
    const Id id = newId();
    changes.push_back({Kind::plan, id, std::nullopt, io::json_from(plan)});
    make(EditKind::add_plan, request.name, changes);
    openPlan(id);
    return id;
}

// ---- history

const Edit* Workspace::nextUndo() const {
    return done_ > 0 ? &edits_[done_ - 1] : nullptr;
}

const Edit* Workspace::nextRedo() const {
    return done_ < edits_.size() ? &edits_[done_] : nullptr;
}

void Workspace::undo() {
    if (done_ == 0) return;
    flush();
    Edit& edit = edits_[--done_];
    edit.undone = true;
    for (auto change = edit.changes.rbegin(); change != edit.changes.rend(); ++change) apply(*change, false);
    worker_.write([edit](logbook::Book& book) { return book.undo(edit); });
    since_edit_.invalidate();
    tell(edit.changes);
    showOpenPlan();
}

void Workspace::redo() {
    if (done_ == edits_.size()) return;
    Edit& edit = edits_[done_++];
    edit.undone = false;
    for (const RecordChange& change : edit.changes) apply(change, true);
    worker_.write([edit](logbook::Book& book) { return book.redo(edit); });
    since_edit_.invalidate();
    tell(edit.changes);
    showOpenPlan();
}

// ---- the plan on the table

mission::PlanRequest Workspace::current(const book::KeptPlan& plan) const {
    mission::PlanRequest request = plan.request;
    if (plan.aircraft_id) {
        const auto found = library_.aircraft.find(*plan.aircraft_id);
        if (found != library_.aircraft.end()) request.aircraft = found->second.aircraft;
    }
    if (plan.pack_id) {
        const auto found = library_.packs.find(*plan.pack_id);
        if (found != library_.packs.end()) request.pack = found->second.pack;
    }
    return request;
}

void Workspace::setOpenPlan(std::optional<Id> id) {
    if (id != open_plan_) {
        open_plan_ = id;
        since_edit_.invalidate();
        const std::string text = logbook::digits(id.value_or(0));
        worker_.write([text](logbook::Book& book) {
            return book.put(logbook::Record{Kind::workspace, workspace_record, text});
        });
        emit openPlanChanged();
    }
    showOpenPlan();
}

void Workspace::openPlan(Id id) {
    if (library_.plans.contains(id)) setOpenPlan(id);
}

void Workspace::showOpenPlan() {
    if (open_plan_ && !library_.plans.contains(*open_plan_)) {
        setOpenPlan(library_.plans.empty() ? std::nullopt : std::optional(library_.plans.rbegin()->first));
        return;
    }
    if (!open_plan_) {
        if (library_.plans.empty())
            plan_session_.clear();
        else
            setOpenPlan(library_.plans.rbegin()->first);
        return;
    }
    const auto& kept = library_.plans.at(*open_plan_);
    showing_ = true;
    plan_session_.show(current(kept), *open_plan_);
    showing_ = false;
}

void Workspace::requestEdited(const mission::PlanRequest& before) {
    if (showing_ || !open_plan_) return;
    const mission::PlanRequest& after = plan_session_.request();
    book::KeptPlan plan = library_.plans.at(*open_plan_);
    plan.request = after;
    std::vector<RecordChange> changes = {
        {Kind::plan, *open_plan_, document_of(library_.plans, *open_plan_), io::json_from(plan)}};
    // The aircraft and the pack of the setting are those of the library.
    if (plan.aircraft_id && !(before.aircraft == after.aircraft)) {
        const auto found = library_.aircraft.find(*plan.aircraft_id);
        if (found != library_.aircraft.end()) {
            book::KeptAircraft kept = found->second;
            kept.aircraft = after.aircraft;
            changes.push_back({Kind::aircraft, found->first, io::json_from(found->second), io::json_from(kept)});
        }
    }
    if (plan.pack_id && !(before.pack == after.pack)) {
        const auto found = library_.packs.find(*plan.pack_id);
        if (found != library_.packs.end()) {
            book::KeptPack kept = found->second;
            kept.pack = after.pack;
            changes.push_back({Kind::pack, found->first, io::json_from(found->second), io::json_from(kept)});
        }
    }
    const EditKind kind = kind_of_change(before, after);
    const std::string& subject = kind == EditKind::change_aircraft ? after.aircraft.name
                                 : kind == EditKind::change_pack   ? after.pack.name
                                                                   : after.name;
    make(kind, subject, changes, true);
}

void Workspace::choosePlanAircraft(Id aircraft_id) {
    const auto found = library_.aircraft.find(aircraft_id);
    if (!open_plan_ || found == library_.aircraft.end()) return;
    book::KeptPlan plan = library_.plans.at(*open_plan_);
    plan.aircraft_id = aircraft_id;
    plan.request.aircraft = found->second.aircraft;
    make(EditKind::choose_aircraft, found->second.aircraft.name,
         {{Kind::plan, *open_plan_, document_of(library_.plans, *open_plan_), io::json_from(plan)}});
    showOpenPlan();
}

void Workspace::choosePlanPack(Id pack_id) {
    const auto found = library_.packs.find(pack_id);
    if (!open_plan_ || found == library_.packs.end()) return;
    book::KeptPlan plan = library_.plans.at(*open_plan_);
    // The landing voltage goes with the chemistry: keeping the old one is the classic mistake.
    if (plan.request.pack.chemistry != found->second.pack.chemistry) plan.request.landing_cell_v.reset();
    std::vector<RecordChange> changes;
    // The known cruise was flown with the pack before: the mass that it refers to stays, or a heavier pack would
    // cost nothing.
    airframe::Aircraft& aircraft = plan.request.aircraft;
    const mission::PlanRequest before = current(plan);
    if (!before.aircraft.cruise_all_up_mass_kg && before.pack.mass_kg != found->second.pack.mass_kg) {
        aircraft = before.aircraft;
        aircraft.cruise_all_up_mass_kg = mission::all_up_mass_kg(before);
        const auto shelved = plan.aircraft_id ? library_.aircraft.find(*plan.aircraft_id) : library_.aircraft.end();
        if (shelved != library_.aircraft.end()) {
            book::KeptAircraft kept = shelved->second;
            kept.aircraft = aircraft;
            changes.push_back(
                {Kind::aircraft, shelved->first, io::json_from(shelved->second), io::json_from(kept)});
        }
    }
    plan.pack_id = pack_id;
    plan.request.pack = found->second.pack;
    changes.push_back({Kind::plan, *open_plan_, document_of(library_.plans, *open_plan_), io::json_from(plan)});
    make(EditKind::choose_pack, found->second.pack.name, changes);
    showOpenPlan();
}

// ---- figures

std::vector<book::FlightFigures> Workspace::figures() const {
    takeFigures();
    std::vector<book::FlightFigures> figures;
    for (const auto& [id, flight] : library_.flights) {
        const auto found = summaries_.find(id);
        figures.push_back({id, flight.aircraft_id, flight.pack_id, flight.recharged_ah,
                           found == summaries_.end() ? telemetry::LogSummary{} : found->second});
    }
    return figures;
}

void Workspace::setSummary(Id flight_id, const telemetry::LogSummary& summary) {
    setSummaries({{flight_id, summary}});
}

void Workspace::setSummaries(const std::vector<std::pair<Id, telemetry::LogSummary>>& summaries) {
    if (summaries.empty()) return;
    for (const auto& [id, summary] : summaries) keepSummary(id, summary);
    pack_use_.clear();
    emit flightsChanged();
}

const book::PackUse& Workspace::packUse(Id pack_id) const {
    const auto found = pack_use_.find(pack_id);
    if (found != pack_use_.end()) return found->second;
    const auto pack = library_.packs.find(pack_id);
    const auto use =
        pack == library_.packs.end() ? book::PackUse{} : book::pack_use(figures(), pack_id, pack->second.pack);
    return pack_use_.emplace(pack_id, use).first->second;
}

std::string Workspace::madeFrom(Id flight_id) const {
    const auto found = library_.flights.find(flight_id);
    const Id log = found == library_.flights.end() ? 0 : found->second.log_id.value_or(0);
    std::string made_from = "log " + logbook::digits(log) + ", model " + telemetry::figures_model;
    if (const double factor = current_factor(flight_id); factor != 1.0)
        made_from += ", current × " + io::text_from_number(factor, 9);
    return made_from;
}

void Workspace::keepSummary(Id flight_id, const telemetry::LogSummary& summary) {
    telemetry::LogSummary kept = summary;
    kept.track = {};
    kept.diagnostics.clear();
    takeFigures();
    summaries_.insert_or_assign(flight_id, kept);
    writeFigures(flight_id);
}

void Workspace::setBill(Id flight_id, const debrief::KeptBill& bill) {
    const auto known = bills().find(flight_id);
    if (!summaries_.contains(flight_id) || (known != bills_.end() && known->second == bill)) return;
    bills_.insert_or_assign(flight_id, bill);
    writeFigures(flight_id);
    emit billsChanged();
}

void Workspace::writeFigures(Id flight_id) {
    const auto bill = bills_.find(flight_id);
    const io::KeptFigures kept{summaries_.at(flight_id),
                               bill == bills_.end() ? std::nullopt : std::optional(bill->second)};
    worker_.write([figures = logbook::Figures{flight_id, madeFrom(flight_id), io::json_from(kept)}](
                      logbook::Book& book) { return book.put(figures); });
}

std::vector<Id> Workspace::unread() const {
    std::vector<Id> ids;
    for (const auto& [id, flight] : library_.flights) {
        if (flight.log_id && !summaries().contains(id)) ids.push_back(id);
    }
    return ids;
}

void Workspace::hurry(int most_ms) {
    flush();
    worker_.settle(most_ms);
    flush();
}

void Workspace::settle() {
    // What a result asks for is an edit again.
    do {
        flush();
        worker_.settle();
    } while (unwritten_);
}

} // namespace sobremesa::session
