#include "session/flight_bill.hpp"

#include <QCryptographicHash>

#include "core/mission/make_plan.hpp"
#include "io/kept_documents.hpp"

namespace sobremesa::session {

BillOf bill_of(const Library& library, const book::KeptFlight& flight) {
    BillOf of;
    of.flown = flight.flown;
    of.recharged_ah = flight.recharged_ah;
    const auto kept = flight.plan_id ? library.plans.find(*flight.plan_id) : library.plans.end();
    of.own_plan = kept != library.plans.end();
    if (of.own_plan) {
        of.planned = kept->second.request;
    } else {
        of.planned = flight.flown;
        of.planned.weather = book::forecast_weather(flight);
    }
    return of;
}

std::string bill_made_from(const BillOf& of, const book::KeptFlight& flight) {
    book::KeptPlan planned;
    planned.request = of.planned;
    // What a pilot writes beside it changes no figure.
    book::KeptFlight flown = flight;
    flown.name = flown.flown.name = flown.note = flown.filed_utc = {};
    flown.set_apart = false;
    // In another book it has other numbers.
    flown.aircraft_id = flown.pack_id = flown.plan_id = flown.log_id = std::nullopt;
    QCryptographicHash hash(QCryptographicHash::Sha1);
    hash.addData(QByteArray::fromStdString(io::json_from(planned)));
    hash.addData(QByteArray::fromStdString(io::json_from(flown)));
    return hash.result().toHex().left(16).toStdString();
}

std::optional<debrief::Bill> make_bill(const BillOf& of, const telemetry::LogSummary& summary,
                                       const telemetry::Findings& found) {
    if (!telemetry::volts_fit(summary, of.flown.pack)) return std::nullopt;
    const auto plan = mission::make_plan(of.own_plan ? of.planned : debrief::as_far_as_flown(of.planned, summary));
    if (!plan) return std::nullopt;
    debrief::BillQuestion question;
    question.plan = &*plan;
    question.flown_as = of.flown;
    question.recharged_ah = of.recharged_ah;
    return debrief::bill(summary, found, question);
}

} // namespace sobremesa::session
