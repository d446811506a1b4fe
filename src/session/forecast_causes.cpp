#include "session/forecast_causes.hpp"

#include <QTemporaryDir>

#include "session/debrief_session.hpp"
#include "session/flight_bill.hpp"
#include "session/flight_session.hpp"

namespace sobremesa::session {

namespace {

constexpr int causes_settle_ms = 60;

} // namespace

ForecastCauses::ForecastCauses(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {
    due_.setSingleShot(true);
    due_.setInterval(causes_settle_ms);
    connect(&due_, &QTimer::timeout, this, &ForecastCauses::follow);
    const auto due = [this] {
        if (chosen_) due_.start();
    };
    connect(&workspace_, &Workspace::flightsChanged, this, due);
    connect(&workspace_, &Workspace::plansChanged, this, due);
    connect(&workspace_, &Workspace::billsChanged, this, due);
    connect(&workspace_, &Workspace::bookOpened, this, [this] {
        // What was being read of the book before comes back no more.
        reading_ = false;
        given_up_.clear();
        choose({});
    });
}

void ForecastCauses::choose(std::optional<Id> aircraft) {
    chosen_ = aircraft;
    follow();
}

void ForecastCauses::follow() {
    flights_ = 0;
    unread_.clear();
    std::vector<debrief::BillShares> bills;
    const Library& library = workspace_.library();
    for (const auto& [id, flight] : library.flights) {
        if (!chosen_ || flight.aircraft_id != chosen_ || !flight.log_id || flight.set_apart) continue;
        ++flights_;
        const auto kept = workspace_.bills().find(id);
        if (kept != workspace_.bills().end() &&
            kept->second.made_from == bill_made_from(bill_of(library, flight), flight))
            bills.push_back(kept->second.shares);
        else if (!given_up_.contains(id))
            unread_.push_back(id);
    }
    causes_ = debrief::over_flights(bills);
    emit changed();
    next();
}

void ForecastCauses::next() {
    if (reading_ || unread_.empty()) return;
    const Id id = unread_.front();
    const book::KeptFlight& flight = workspace_.library().flights.at(id);
    const BillOf of = bill_of(workspace_.library(), flight);
    reading_ = true;
    using Outcome = units::Result<std::pair<telemetry::LogSummary, debrief::BillShares>>;
    workspace_.worker().run<Outcome>(
        this,
        [log_id = *flight.log_id, of, choices = reading_choices(flight)](logbook::Book& book,
                                                                         const std::stop_token& stop) -> Outcome {
            const QTemporaryDir folder;
            const QString path = folder.filePath(QStringLiteral("flight.csv"));
            if (auto written = book.writeLog(log_id, path.toStdString()); !written)
                return tl::unexpected(written.error());
            const auto debrief = debrief_file(path, stop, {}, choices);
            if (!debrief) return tl::unexpected(debrief.error());
            return std::pair(debrief->summary,
                             debrief::shares_of(make_bill(of, debrief->summary, debrief->findings)));
        },
        [this, id, made_from = bill_made_from(of, flight)](const Outcome& made) {
            reading_ = false;
            if (made) {
                // What this version reads out of the log, too, where nobody has read it yet.
                if (!workspace_.summaries().contains(id)) workspace_.setSummary(id, made->first);
                workspace_.setBill(id, {made_from, made->second});
            } else {
                given_up_.insert(id);
            }
            due_.start();
        });
}

} // namespace sobremesa::session
