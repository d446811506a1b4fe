#pragma once

#include <atomic>
#include <functional>
#include <memory>
#include <optional>

#include <QTemporaryDir>

#include "core/battery/remaining.hpp"
#include "core/debrief/bill.hpp"
#include "core/debrief/flight_report.hpp"
#include "core/debrief/flown_homeward.hpp"
#include "core/telemetry/landed.hpp"
#include "session/debrief_session.hpp"
#include "session/latest_job.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// How the log of a filed flight is read.
ReadingChoices reading_choices(const book::KeptFlight& flight);

/// Where a log of the book is written to be read: a folder for each, made below this one, so that two logs of one
/// name do not meet; under its own name, whose ending says what it is.
QString log_file(const Workspace& workspace, const QTemporaryDir& below, Id log_id);

/// Writes a log of the book there, off the UI thread.
/// @param context  when it goes, nothing is delivered
/// @param then  gets the file, or why there is none
void write_log_of_book(QObject& context, Workspace& workspace, const QTemporaryDir& below, Id log_id,
                       std::function<void(const QString& path, const units::Result<void>& written)> then);

/// The flight on the debrief table: its log, what it was flown with, and whether it is filed in the logbook.
///
/// Until it is filed its setting is a draft; afterwards every change of it is an edit of the flight.
class FlightSession : public QObject {
    Q_OBJECT
public:
    FlightSession(Workspace& workspace, DebriefSession& debrief, const PlanSession& plan,
                  QObject* parent = nullptr);
    ~FlightSession() override;

    /// Aircraft, pack and air as flown, and the forecast made from them.
    PlanSession& flown() { return flown_; }
    const book::KeptFlight& flight() const { return flight_; }
    std::optional<Id> filed() const { return filed_; }
    /// The flown flight over its forecast; empty while either is missing.
    std::shared_ptr<const debrief::FlownHomeward> overForecast() const { return over_forecast_; }
    /// What the flight says together with what it was flown with; nothing while no log is open.
    const std::optional<debrief::FlightReport>& flightReport() const { return flight_report_; }
    /// Why the flight took another energy than its plan (or its setting, where it has none) forecast; nothing until
    /// that is worked out, or where the log does not tell.
    const std::optional<debrief::Bill>& bill() const { return bill_; }
    bool bill_is_settled() const { return !bill_job_.is_running(); }
    /// A flight of the book whose log is the one on the table, byte by byte, though opened from a file.
    LeftAtLanding left() const;

    void openLog(const QString& path, const ReadingChoices& choices = {});
    void openFlight(Id id);
    /// Files the log on the table. It is stored whole; `filedChanged` says when it is done.
    void file();
    bool is_filing() const { return filing_; }

    void chooseAircraft(Id id);
    void choosePack(Id id);
    void setRecharged(std::optional<double> ah);
    /// Mean resting volts of a cell after the landing, and the rest, s.
    void setRested(std::optional<double> cell_v, std::optional<double> rest_s);
    /// What is left, by all that is known; nothing while no log is open, or its volts do not fit the pack.
    std::optional<battery::Remaining> remaining() const;
    /// The log's volts can be those of the pack chosen. Where they cannot, nothing that rests on the pack is worked
    /// out.
    bool pack_fits() const;
    battery::LandedEvidence evidence(const battery::PackModel& pack) const;
    /// The resistance that this flight showed becomes that of the pack flown, on the list. Undoable.
    void takeSag();
    /// Another flight of the same file.
    void choosePart(std::size_t part);
    /// The columns of the open log are these; remembered for its header, and kept with the flight where it is
    /// filed.
    void chooseColumns(const QString& path, const io::CsvHead& head,
                       const std::vector<telemetry::ColumnChoice>& columns);
    /// The wind that was found becomes the one that the flight is kept with, as it does when a log is opened; the
    /// forecast is kept beside it.
    void takeWind();
    /// The forecast's wind again.
    void takeForecastWind();
    std::optional<atmosphere::Wind> foundWind() const;
    void setNote(const QString& note);
    void setName(const QString& name);

signals:
    /// Another flight, or another state of it.
    void flightChanged();
    void filedChanged();
    void billChanged();
    /// A flight was filed just now.
    void flightFiled(Id id);
    void filingProgressed(double share);
    void refused(const units::Error& error);
    /// The log on the table was in the book already.
    void alreadyFiled(Id id);

private:
    /// What becomes of a draft when a log is read: the log on the table again, or another one.
    enum class Draft { new_log, another_part, another_reading, another_pack };
    void debriefed();
    void tellFiling();
    void flownEdited();
    /// The log again, where its volts are a cell's and the pack has another number of cells than was thought.
    void readAsPack();
    /// What is to be filed, of a log that is not in the book.
    void makeDraft(Draft draft);
    void followWorkspace();
    void keep();
    void layOver();
    void takeFlightReport();
    void makeOutBill();
    void showFlown();
    bool filed_again(const QString& path) const;

    Workspace& workspace_;
    DebriefSession& debrief_;
    const PlanSession& plan_;
    PlanSession flown_;
    book::KeptFlight flight_;
    std::optional<Id> filed_;
    std::optional<Id> opening_flight_;
    Draft draft_ = Draft::new_log;
    std::atomic<double> filing_share_ = 0.0;
    /// A filed flight whose log is being read in another way.
    std::optional<Id> reopened_;
    QString reopened_path_;
    std::shared_ptr<const debrief::FlownHomeward> over_forecast_;
    /// Of the debrief and the forecast at hand: both the chart and the account want them.
    std::optional<debrief::NeededRows> needs_;
    std::optional<debrief::FlightReport> flight_report_;
    std::optional<debrief::Bill> bill_;
    LatestJob bill_job_;
    std::int64_t document_ = 0;
    bool filing_ = false;
    /// The flight that is being filed, as it was left for another log.
    std::optional<book::KeptFlight> left_while_filing_;
    bool showing_ = false;
    /// Logs from the book are laid out here to be read.
    QTemporaryDir from_book_;
};

} // namespace sobremesa::session
