#include "wording/bill.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>
#include <QStringList>

#include "core/units/quantity.hpp"
#include "wording/signed.hpp"

namespace sobremesa::wording {

namespace {

struct BillWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Bill)
};

QString energy_text(const units::Estimate& wh, const Quantities& q) {
    return with_sign(wh.value, q.text(units::Quantity::used_energy, {std::abs(wh.value), wh.sd}));
}

} // namespace

QString name(debrief::BillCause cause) {
    using debrief::BillCause;
    switch (cause) {
    case BillCause::distance: return BillWords::tr("Distance and route");
    case BillCause::wind: return BillWords::tr("Wind");
    case BillCause::gusts: return BillWords::tr("Gusts");
    case BillCause::climbs: return BillWords::tr("Climbs");
    case BillCause::lift: return BillWords::tr("Lift and sink");
    case BillCause::speed: return BillWords::tr("Airspeed");
    case BillCause::mass: return BillWords::tr("Mass");
    case BillCause::temperature: return BillWords::tr("Temperature");
    case BillCause::pack: return BillWords::tr("Pack");
    case BillCause::sensor: return BillWords::tr("Current sensor");
    case BillCause::unexplained: break;
    }
    return BillWords::tr("Unexplained");
}

QString name_in_sentence(debrief::BillCause cause) {
    using debrief::BillCause;
    // Not the name in small letters: German writes it with a capital.
    switch (cause) {
    case BillCause::distance: return BillWords::tr("distance and route");
    case BillCause::wind: return BillWords::tr("wind");
    case BillCause::gusts: return BillWords::tr("gusts");
    case BillCause::climbs: return BillWords::tr("climbs");
    case BillCause::lift: return BillWords::tr("lift and sink");
    case BillCause::speed: return BillWords::tr("airspeed");
    case BillCause::mass: return BillWords::tr("mass");
    case BillCause::temperature: return BillWords::tr("temperature");
    case BillCause::pack: return BillWords::tr("pack");
    case BillCause::sensor: return BillWords::tr("current sensor");
    case BillCause::unexplained: break;
    }
    return BillWords::tr("what is unexplained");
}

QString sentence(const debrief::Bill& bill, const Quantities& q) {
    std::vector<debrief::BillRow> rows = bill.rows;
    std::sort(rows.begin(), rows.end(),
              [](const auto& a, const auto& b) { return std::abs(a.wh.value) > std::abs(b.wh.value); });
    // What is neither sure nor large is left to the table.
    constexpr double worth_saying = 0.01;
    QStringList said;
    for (const auto& row : rows) {
        if (said.size() == 3 || std::abs(row.wh.value) < worth_saying * bill.forecast.wh ||
            std::abs(row.wh.value) < row.wh.sd)
            continue;
        said << BillWords::tr("%1 %2").arg(name_in_sentence(row.cause), energy_text(row.wh, q));
    }
    const auto wh = [&](double value) { return q.text(units::Quantity::used_energy, {value, 0.005 * value}); };
    const QString lead = BillWords::tr("Forecast %1 over %2, flown %3 over %4")
                             .arg(wh(bill.forecast.wh), q.distance(bill.forecast.distance_m), wh(bill.flown.wh),
                                  q.distance(bill.flown.distance_m));
    return said.isEmpty() ? BillWords::tr("%1: nothing stands out.").arg(lead)
                          : BillWords::tr("%1: %2.").arg(lead, said.join(QStringLiteral(", ")));
}

QString line(const debrief::BillRow& row, const Quantities& q) {
    return BillWords::tr("%1: %2 %3, %4, %5")
        .arg(name(row.cause), energy_text(row.wh, q), q.error_text(units::Quantity::used_energy, row.wh),
             with_sign(row.ah, q.text(units::Quantity::counted_charge, {std::abs(row.ah), 0.0})),
             with_sign(row.distance_m, q.distance(std::abs(row.distance_m), 50.0)));
}

QString energy_and_distance(const debrief::BillRow& row, const Quantities& q) {
    return BillWords::tr("%1 %2, %3")
        .arg(energy_text(row.wh, q), q.error_text(units::Quantity::used_energy, row.wh),
             with_sign(row.distance_m, q.distance(std::abs(row.distance_m), 50.0)));
}

QString mean_and_spread(const units::Estimate& mean, double spread, const Quantities& q) {
    const auto text = [&](double share) { return q.text(units::Quantity::forecast_error, {share, 0.005}); };
    return BillWords::tr("%1 ± %2", "mean, spread")
        .arg(with_sign(mean.value, text(std::abs(mean.value))), text(spread));
}

QString causes_sentence(const std::optional<debrief::CausesOverFlights>& causes, int flights, int unread,
                        const Quantities& q) {
    if (flights == 0) return BillWords::tr("Filed flights with a log show here what their forecasts missed.");
    if (unread > 0)
        return BillWords::tr("Reading the logs of %n flight(s) for what their forecasts missed …", nullptr, unread);
    if (!causes)
        return BillWords::tr("What forecasts miss shows from two flights on whose logs have energy and positions.");
    const auto text = [&](double share) { return q.text(units::Quantity::forecast_error, {share, 0.005}); };
    // What is neither sure nor large is left to the chart.
    constexpr double worth_saying = 0.01;
    constexpr double sure = 2.0;
    const debrief::CauseOverFlights* steady = nullptr;
    const debrief::CauseOverFlights* uneven = nullptr;
    for (const auto& row : causes->rows) {
        const double size = std::abs(row.mean.value);
        if (size > worth_saying && size > sure * row.mean.sd && (!steady || size > std::abs(steady->mean.value)))
            steady = &row;
        if (row.spread > worth_saying && (!uneven || row.spread > uneven->spread)) uneven = &row;
    }
    QString first =
        !steady ? BillWords::tr("In %n flight(s) no cause consistently took more or less than forecast.", nullptr,
                                causes->flights)
        : steady->mean.value > 0.0
            ? BillWords::tr("In %n flight(s) %1 consistently took %2 more than forecast.", nullptr, causes->flights)
                  .arg(name_in_sentence(steady->cause), text(steady->mean.value))
            : BillWords::tr("In %n flight(s) %1 consistently took %2 less than forecast.", nullptr, causes->flights)
                  .arg(name_in_sentence(steady->cause), text(-steady->mean.value));
    if (!uneven) return first;
    return BillWords::tr("%1 The flights differ most by %2.", "a whole sentence, then a cause")
        .arg(first, name_in_sentence(uneven->cause));
}

QString no_bill(const mission::Plan& plan, const telemetry::LogSummary& summary) {
    if (!plan.turn || !plan.flight)
        return BillWords::tr("The plan has no flight to compare with: it does not reach a turn point.");
    if (summary.distance.ground_m && summary.energy.energy_wh && summary.energy.charge_ah)
        return BillWords::tr(
            "The log is too short to show the wind: half a minute of flight cannot be compared with a plan.");
    if (!summary.energy.energy_wh)
        return BillWords::tr(
            "The log does not show the energy used: it needs voltage with current, or with a charge counter.");
    return BillWords::tr("The log does not show where the aircraft was: it needs positions, or ground speed with "
                         "course.");
}

} // namespace sobremesa::wording
