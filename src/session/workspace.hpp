#pragma once

#include <map>
#include <memory>
#include <optional>

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>

#include "core/book/kept.hpp"
#include "core/book/records.hpp"
#include "core/debrief/bill_history.hpp"
#include "logbook/edit_kind.hpp"
#include "session/logbook_worker.hpp"
#include "session/plan_session.hpp"

namespace sobremesa::session {

using book::Id;
class FiguresReading;

/// What the logbook keeps, in memory, typed.
struct Library {
    std::map<Id, book::KeptAircraft> aircraft;
    std::map<Id, book::KeptPack> packs;
    std::map<Id, book::KeptPlan> plans;
    std::map<Id, book::KeptFlight> flights;
};

/// Everything that can be edited and undone, kept in the logbook as it is edited.
///
/// Each edit goes to memory at once and to the book within a second, whole, with its place in the history: after a
/// crash the next start finds the workspace as it was left, and can undo from there. Edits of the same thing in
/// quick succession, as dragging makes them, become one.
class Workspace : public QObject {
    Q_OBJECT
public:
    /// @param plan_session  shows the open plan; edits made there become edits of this workspace
    explicit Workspace(PlanSession& plan_session, QObject* parent = nullptr);
    ~Workspace() override;

    /// Opens a book, an empty one where there is none.
    units::Result<void> openBook(const QString& path, const logbook::BookOptions& options = {});
    /// Works in memory only, with an empty workspace: what is left when no book can be opened.
    void withoutBook();
    LogbookWorker& worker() { return worker_; }

    const Library& library() const { return library_; }
    /// Flights with their figures, in the order of their numbers; those whose log was not read yet have none.
    std::vector<book::FlightFigures> figures() const;
    const std::map<Id, telemetry::LogSummary>& summaries() const;
    const std::vector<logbook::StoredLog>& logs() const { return logs_; }

    // Edits. Each returns the number of the record it is about; what cannot be is returned as what is wrong.
    units::Result<Id> put(logbook::EditKind kind, std::optional<Id> id, const book::KeptAircraft& kept);
    units::Result<Id> put(logbook::EditKind kind, std::optional<Id> id, const book::KeptPack& kept);
    units::Result<Id> put(logbook::EditKind kind, std::optional<Id> id, const book::KeptPlan& kept);
    units::Result<Id> put(logbook::EditKind kind, std::optional<Id> id, const book::KeptFlight& kept);
    void remove(logbook::EditKind kind, logbook::Kind what, Id id);
    /// From now on the current readings of these flights are multiplied by that, whatever they were by before. One
    /// edit.
    void calibrateFlights(const std::vector<Id>& ids, double current_factor);
    /// Several flights as one edit.
    void removeFlights(const std::vector<Id>& ids);
    /// Aircraft, pack and plan of a first start, as one edit; the plan is opened.
    Id beginWith(const mission::PlanRequest& request);
    /// A plan from outside: one already kept is opened, a new one is added; its aircraft and pack join the library
    /// where no other bears their names.
    Id bringInPlan(const mission::PlanRequest& request);

    /// Several records at once, as one edit; nothing where nothing changes.
    void make(logbook::EditKind kind, const std::string& subject, std::vector<logbook::RecordChange> changes,
              bool may_join = false);
    /// While a mouse button is held, what changes the same record again is the same edit, whenever it comes.
    void setHandDown(bool down);
    /// A number for a new record.
    Id newId() { return ++last_id_; }

    // History.
    const logbook::Edit* nextUndo() const;
    const logbook::Edit* nextRedo() const;
    void undo();
    void redo();

    // The plan on the table.
    std::optional<Id> openPlanId() const { return open_plan_; }
    void openPlan(Id id);
    void choosePlanAircraft(Id aircraft_id);
    void choosePlanPack(Id pack_id);
    /// A plan's request with its aircraft and pack as the library has them now.
    mission::PlanRequest current(const book::KeptPlan& plan) const;

    void setSummary(Id flight_id, const telemetry::LogSummary& summary);
    void setSummaries(const std::vector<std::pair<Id, telemetry::LogSummary>>& summaries);
    /// The bills that were made out, of whatever they were made from.
    const std::map<Id, debrief::KeptBill>& bills() const;
    /// Kept with the flight's figures; nothing where it has none.
    void setBill(Id flight_id, const debrief::KeptBill& bill);
    /// Flights whose log has no figures, or none by this version.
    std::vector<Id> unread() const;
    /// What a pack of the list has behind it.
    const book::PackUse& packUse(Id pack_id) const;
    void addLog(const logbook::StoredLog& log) { logs_.push_back(log); }
    /// Everything in the book before anything else happens: before a backup, and in tests.
    void settle();
    /// Hands every edit to the logbook worker, and waits so long for what it has to do.
    void hurry(int most_ms);

signals:
    void aircraftChanged();
    void packsChanged();
    void plansChanged();
    void flightsChanged();
    void billsChanged();
    void openPlanChanged();
    void historyChanged();
    void bookOpened();
    /// The figures that the opened book keeps are in memory, in a while after `bookOpened`; whoever asks for
    /// figures earlier waits for them.
    void figuresRead();
    /// The open book is about to be closed; what is asked of it now is still done.
    void bookClosing();
    /// A record that cannot be read; it is left in the book as it is.
    void unreadable(const units::Error& error);

private:
    void takeIn(logbook::BookContents contents);
    void takeInFlights(const std::vector<const logbook::Record*>& records);
    void takeFigures() const;
    bool apply(const logbook::RecordChange& change, bool forward);
    double current_factor(Id flight_id) const;
    void rescale(Id flight_id, double before);
    void sumUpByHand(Id flight_id);
    void tell(const std::vector<logbook::RecordChange>& changes);
    void requestEdited(const mission::PlanRequest& before);
    std::string madeFrom(Id flight_id) const;
    void keepSummary(Id flight_id, const telemetry::LogSummary& summary);
    void writeFigures(Id flight_id);
    void showOpenPlan();
    void setOpenPlan(std::optional<Id> id);
    void flush();
    void leaveBook();
    void clear();

    PlanSession& plan_session_;
    LogbookWorker worker_;
    Library library_;
    /// What the book keeps of its flights' figures, until it is in the next two.
    std::unique_ptr<FiguresReading> reading_;
    mutable std::map<Id, telemetry::LogSummary> summaries_;
    mutable std::map<Id, debrief::KeptBill> bills_;
    std::vector<logbook::StoredLog> logs_;
    /// Worked out when asked for, until the flights or packs change.
    mutable std::map<Id, book::PackUse> pack_use_;
    std::vector<logbook::Edit> edits_;
    /// How many of them are done; the rest were undone.
    std::size_t done_ = 0;
    Id last_id_ = 0;
    std::int64_t last_edit_ = 0;
    std::optional<Id> open_plan_;
    bool showing_ = false;
    /// The last edit is not in the book yet.
    bool unwritten_ = false;
    QTimer flush_due_;
    QElapsedTimer since_edit_;
    bool hand_is_down_ = false;
    bool edited_by_hand_ = false;
};

/// A record that cannot be used, and why.
units::Error damaged_record(logbook::Kind kind, Id id, const units::Error& cause);

/// Changes of the records `before → after` of a request, as the edit they are.
logbook::EditKind kind_of_change(const mission::PlanRequest& before, const mission::PlanRequest& after);

} // namespace sobremesa::session
