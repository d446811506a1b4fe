#include "core/debrief/bill_history.hpp"

#include <cmath>
#include <tuple>
#include <utility>

#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::debrief {

namespace {

bool is_compared(BillCause cause) {
    return cause != BillCause::distance && cause != BillCause::pack;
}

/// Mean with its own sd, and the spread between the flights.
std::pair<units::Estimate, double> mean_and_spread(const std::vector<double>& values) {
    const double n = double(values.size());
    double mean = 0.0;
    for (const double value : values) mean += value / n;
    double squares = 0.0;
    for (const double value : values) squares += (value - mean) * (value - mean);
    const double spread = std::sqrt(squares / (n - 1.0));
    return {{mean, spread / std::sqrt(n)}, spread};
}

} // namespace

BillShares shares_of(const std::optional<Bill>& bill) {
    BillShares shares;
    if (!bill) return shares;
    shares.forecast_wh = bill->forecast.wh;
    for (const BillRow& row : bill->rows) shares.wh[std::size_t(row.cause)] = row.wh.value;
    return shares;
}

std::optional<CausesOverFlights> over_flights(const std::vector<BillShares>& bills) {
    std::vector<std::vector<double>> by_cause(bill_causes);
    std::vector<double> whole;
    for (const BillShares& bill : bills) {
        const double for_the_way_wh = bill.forecast_wh + bill.wh[std::size_t(BillCause::distance)];
        if (!(bill.forecast_wh > 0.0) || !(for_the_way_wh > 0.0)) continue;
        double sum = 0.0;
        for (std::size_t i = 0; i < bill_causes; ++i) {
            if (!is_compared(BillCause(i))) continue;
            by_cause[i].push_back(bill.wh[i] / for_the_way_wh);
            sum += by_cause[i].back();
        }
        whole.push_back(sum);
    }
    if (int(whole.size()) < least_flights_for_causes) return std::nullopt;
    CausesOverFlights result;
    result.flights = int(whole.size());
    for (std::size_t i = 0; i < bill_causes; ++i) {
        if (!is_compared(BillCause(i))) continue;
        const auto [mean, spread] = mean_and_spread(by_cause[i]);
        result.rows.push_back({BillCause(i), mean, spread});
    }
    std::tie(result.whole, result.whole_spread) = mean_and_spread(whole);
    return result;
}

units::Explanation explain(const CauseOverFlights& cause, int flights) {
    return {units::Quantity::forecast_error,
            cause.mean,
            {{units::Quantity::flight_count, {double(flights), 0.0}, units::Origin::measured}},
            units::Relation::forecast_against_flown,
            units::Source::log_itself,
            {}};
}

} // namespace sobremesa::debrief
