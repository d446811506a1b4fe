#include "wording/bill.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>
#include <QStringList>

#include "core/units/quantity.hpp"

namespace sobremesa::wording {

namespace {

struct BillWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Bill)
};

QString with_sign(double value, const QString& size) {
    return (value < 0.0 ? QStringLiteral("−") : QStringLiteral("+")) + size;
}

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
        said << BillWords::tr("%1 %2").arg(name(row.cause).toLower(), energy_text(row.wh, q));
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

QString no_bill(const mission::Plan& plan, const telemetry::LogSummary& summary) {
    if (!plan.turn || !plan.flight)
        return BillWords::tr("The plan has no flight to compare with: it does not reach a turn point.");
    if (summary.distance.ground_m && summary.energy.energy_wh && summary.energy.charge_ah)
        return BillWords::tr(
            "The log is too short to show the wind: half a minute of flight cannot be compared with a plan.");
    if (!summary.energy.energy_wh)
        return BillWords::tr("The log has no energy: it needs voltage with current, or with a charge counter.");
    return BillWords::tr("The log does not show where the aircraft was: it needs positions, or ground speed with "
                         "course.");
}

} // namespace sobremesa::wording
