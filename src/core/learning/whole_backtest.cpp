#include "core/learning/whole_backtest.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::learning {

namespace {

constexpr double two_sided_90 = 1.6449;
constexpr double two_sided_50 = 0.6745;
/// Volts on the flat of the curve tell no charge: beyond this, relative, they are not asked.
constexpr double volts_tell_sd = 0.06;

bool holds(const units::Estimate& forecast, double flown, double sds) {
    return std::abs(forecast.value - flown) <= sds * forecast.sd;
}

template <typename Rows>
auto row_of_flight(const Rows& rows, std::int64_t flight_id) {
    const auto found = std::ranges::find_if(rows, [&](const auto& row) { return row.flight_id == flight_id; });
    return found == rows.end() ? nullptr : &*found;
}

/// By what level flight would have taken of what was flown.
units::Estimate by_consumption(const LandingForecast& landing, const BacktestRow& curve) {
    const double per_flown = landing.flown_ah / curve.flown_wh;
    return {per_flown * curve.forecast_wh.value, per_flown * curve.forecast_wh.sd};
}

units::Estimate duration_of(const WholeForecast& row) {
    // The same charge lasts longer where less power was forecast.
    const double power = row.wh_per_m->value / row.flown_wh_per_m;
    const double charge = row.by_volts ? row.landing_ah->value / row.landing_flown_ah : 1.0;
    const double seconds = row.flown_duration_s * charge / power;
    return {seconds, seconds * units::combine_sd(row.landing_ah->sd / row.landing_ah->value,
                                                 row.wh_per_m->sd / row.wh_per_m->value)};
}

WholeForecast forecast_of(const WholeFlight& flight, int from_flights, const LandingForecast* landing,
                          const BacktestRow* curve) {
    WholeForecast row;
    row.flight_id = flight.pack.flight_id;
    row.from_flights = from_flights;
    if (landing) {
        row.landing_flown_ah = landing->flown_ah;
        row.by_volts = volts_tell(*landing) || !curve;
        row.landing_ah = row.by_volts ? landing->forecast_ah : by_consumption(*landing, *curve);
        row.inside_50 = holds(*row.landing_ah, row.landing_flown_ah, two_sided_50);
        row.inside_90 = holds(*row.landing_ah, row.landing_flown_ah, two_sided_90);
    }
    if (curve) {
        row.wh_per_m = curve->forecast_wh_per_m;
        row.flown_wh_per_m = curve->flown_wh_per_m;
    }
    for (const auto& part : flight.pack.trace.points) row.flown_duration_s += part.seconds;
    if (!row.landing_ah || !row.wh_per_m) return row;
    row.duration_s = duration_of(row);
    if (flight.farthest_m && row.flown_duration_s > 0.0) {
        // What lasts longer carries as much farther.
        row.flown_turn_m = *flight.farthest_m;
        const double per_s = row.flown_turn_m / row.flown_duration_s;
        row.turn_m = units::Estimate{per_s * row.duration_s->value, per_s * row.duration_s->sd};
    }
    return row;
}

} // namespace

bool volts_tell(const LandingForecast& forecast) {
    return forecast.stated_sd_ah > 0.0 && forecast.stated_sd_ah < volts_tell_sd * forecast.flown_ah;
}

std::vector<WholeForecast> whole_backtest(const std::vector<WholeFlight>& flights,
                                          const std::vector<LandingForecast>& landings,
                                          const Backtest& curve_test) {
    std::vector<WholeForecast> rows;
    rows.reserve(flights.size());
    for (const WholeFlight& flight : flights) {
        rows.push_back(forecast_of(flight, int(rows.size()), row_of_flight(landings, flight.pack.flight_id),
                                   row_of_flight(curve_test.rows, flight.pack.flight_id)));
    }
    return rows;
}

bool PartForecast::inside_90() const {
    return holds(forecast, flown, two_sided_90);
}

std::vector<PartForecast> part_forecasts(const std::vector<WholeForecast>& flights, ForecastPart part) {
    std::vector<PartForecast> forecasts;
    for (const WholeForecast& row : flights) {
        const auto& [forecast, flown] =
            part == ForecastPart::landing_charge ? std::pair(row.landing_ah, row.landing_flown_ah)
            : part == ForecastPart::duration     ? std::pair(row.duration_s, row.flown_duration_s)
                                                 : std::pair(row.turn_m, row.flown_turn_m);
        if (forecast && flown > 0.0)
            forecasts.push_back({row.flight_id, row.from_flights, *forecast, flown, row.by_volts});
    }
    return forecasts;
}

std::optional<ForecastQuality> quality(const std::vector<PartForecast>& forecasts) {
    ForecastQuality found;
    double sum = 0.0;
    double squares = 0.0;
    for (const PartForecast& row : forecasts) {
        if (row.from_flights == 0) continue;
        ++found.forecasts;
        sum += row.off();
        squares += row.off() * row.off();
        found.inside_50_share += holds(row.forecast, row.flown, two_sided_50) ? 1.0 : 0.0;
        found.inside_90_share += row.inside_90() ? 1.0 : 0.0;
    }
    if (found.forecasts == 0) return std::nullopt;
    const double n = found.forecasts;
    found.spread = std::sqrt(squares / n);
    // One alone says nothing of how they scatter: as flights usually do.
    found.bias = {sum / n,
                  found.forecasts > 1 ? found.spread / std::sqrt(n) : std::max(found.spread, usual_scatter)};
    found.inside_50_share /= n;
    found.inside_90_share /= n;
    return found;
}

std::vector<BandShare> calibration(const std::vector<PartForecast>& forecasts) {
    std::vector<double> in_sd;
    for (const PartForecast& row : forecasts) {
        if (row.from_flights > 0 && row.forecast.sd > 0.0)
            in_sd.push_back((row.forecast.value - row.flown) / row.forecast.sd);
    }
    return calibration(in_sd);
}

namespace {

/// What is forecast, and what is flown of it.
std::pair<units::Quantity, units::Quantity> quantities_of(ForecastPart part) {
    using units::Quantity;
    switch (part) {
    case ForecastPart::landing_charge: break;
    case ForecastPart::duration: return {Quantity::flight_time, Quantity::duration};
    case ForecastPart::turn: return {Quantity::turn_distance, Quantity::farthest_from_home};
    }
    return {Quantity::usable_charge, Quantity::counted_charge};
}

} // namespace

units::Explanation explain(const PartForecast& row, ForecastPart part, PartFigure figure) {
    using units::Quantity;
    const auto [forecast, flown] = quantities_of(part);
    units::Explanation answer{Quantity::forecast_error,
                              {row.off(), row.forecast.sd / row.flown},
                              {{flown, {row.flown, 0.0}, units::Origin::measured},
                               {Quantity::flight_count, {double(row.from_flights), 0.0}, units::Origin::measured}},
                              units::Relation::forecast_against_flown,
                              units::Source::least_squares,
                              {}};
    switch (figure) {
    case PartFigure::error: break;
    case PartFigure::from_flights:
        answer.quantity = Quantity::flight_count;
        answer.value = {double(row.from_flights), 0.0};
        break;
    case PartFigure::forecast:
        answer.quantity = forecast;
        answer.value = row.forecast;
        break;
    case PartFigure::flown:
        answer.quantity = flown;
        answer.value = {row.flown, 0.0};
        break;
    }
    return answer;
}

} // namespace sobremesa::learning
