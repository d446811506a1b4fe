#include "core/telemetry/calibration.hpp"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <string>

#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::telemetry {

namespace {

/// Between flights of an ordinary sensor, relative: temperature, offset, what was flown. Common practice.
constexpr double usual_scatter = 0.04;
constexpr int enough_to_see_scatter = 3;
constexpr double most_ratio = 10.0;
/// A meter of a pilot's box, V, and relative.
constexpr double meter_sd = 0.005;

/// "pair 2".
std::string pair_name(std::size_t number) {
    char digits[24];
    const auto end = std::to_chars(digits, digits + sizeof digits, number).ptr;
    return "pair " + std::string(digits, end);
}

} // namespace

const char* scale_convention_word(ScaleConvention convention) {
    return convention == ScaleConvention::divides ? "divides" : "multiplies";
}

std::optional<ScaleConvention> scale_convention_from_word(std::string_view word) {
    if (word == "divides") return ScaleConvention::divides;
    if (word == "multiplies") return ScaleConvention::multiplies;
    return std::nullopt;
}

units::Result<Calibration> calibrate(double scale, ScaleConvention convention,
                                     const std::vector<CalibrationPair>& pairs, double charger) {
    constexpr double most_scale = 1e6;
    if (!(scale > 0.0 && scale < most_scale)) return units::out_of_range("scale", scale, 1e-6, most_scale);
    if (pairs.empty()) {
        units::Where where;
        where.field = "pair";
        return units::failure(units::ErrorCode::value_missing, where);
    }
    Calibration result;
    double counted = 0.0;
    double recharged = 0.0;
    constexpr double most_ah = 1000.0;
    for (std::size_t i = 0; i < pairs.size(); ++i) {
        const std::string name = pair_name(i + 1);
        for (const double value : {pairs[i].counted_ah, pairs[i].recharged_ah}) {
            if (!(value > 0.0 && value < most_ah)) return units::out_of_range(name, value, 0.001, most_ah);
        }
        const double ratio = pairs[i].counted_ah / pairs[i].recharged_ah;
        if (ratio > most_ratio || ratio < 1.0 / most_ratio)
            return units::out_of_range(name, ratio, 1.0 / most_ratio, most_ratio);
        counted += pairs[i].counted_ah;
        recharged += pairs[i].recharged_ah;
        result.each.push_back(ratio);
    }
    const double ratio = counted / recharged;
    const auto n = double(pairs.size());
    // A flight half as large errs twice as much, relatively: offsets and ends weigh the same in each.
    double squares = 0.0;
    double weights = 0.0;
    double squared_weights = 0.0;
    for (std::size_t i = 0; i < pairs.size(); ++i) {
        const double weight = pairs[i].recharged_ah / recharged;
        squares += weight * std::pow(result.each[i] / ratio - 1.0, 2);
        weights += weight;
        squared_weights += weight * weight;
    }
    const double effective = weights * weights / squared_weights;
    const double seen =
        pairs.size() > 1 ? std::sqrt(squares * effective / std::max(effective - 1.0, 0.5)) : usual_scatter;
    // Two flights may agree by luck.
    result.scatter = pairs.size() < enough_to_see_scatter ? std::max(seen, usual_scatter) : seen;
    const double own = result.scatter / std::sqrt(effective);
    const double relative = units::combine_sd(own, charger);
    result.reads = {ratio, ratio * relative};
    const double set = convention == ScaleConvention::divides ? scale * ratio : scale / ratio;
    result.scale = {set, set * relative};
    result.flights = int(pairs.size());
    constexpr double apart = 3.0;
    if (pairs.size() > enough_to_see_scatter) {
        for (std::size_t i = 0; i < pairs.size(); ++i) {
            // Each against the others: one that is far off must not hide in a scatter of its own making.
            double others_counted = counted - pairs[i].counted_ah;
            double others_recharged = recharged - pairs[i].recharged_ah;
            double others_squares = 0.0;
            for (std::size_t k = 0; k < pairs.size(); ++k) {
                if (k != i)
                    others_squares += std::pow(result.each[k] / (others_counted / others_recharged) - 1.0, 2);
            }
            const double others_scatter = std::max(std::sqrt(others_squares / (n - 2.0)), 0.25 * usual_scatter);
            if (std::abs(result.each[i] / (others_counted / others_recharged) - 1.0) > apart * others_scatter)
                result.outliers.push_back(int(i));
        }
    }
    const double wanted = std::pow(result.scatter / charger, 2);
    result.more_flights = std::max(0, int(std::ceil(wanted - n - 1e-9)));
    return result;
}

units::Estimate current_offset(const units::Estimate& idle_a, const units::Estimate& really_a) {
    return {idle_a.value - really_a.value, units::combine_sd(idle_a.sd, really_a.sd)};
}

units::Result<units::Estimate> voltage_scale(double shown_v, double meter_v) {
    constexpr double most_v = 500.0;
    if (!(shown_v > 0.0 && shown_v < most_v)) return units::out_of_range("shown", shown_v, 0.1, most_v);
    constexpr double most_off = 0.2;
    if (!(meter_v > (1.0 - most_off) * shown_v && meter_v < (1.0 + most_off) * shown_v))
        return units::out_of_range("meter", meter_v, (1.0 - most_off) * shown_v, (1.0 + most_off) * shown_v);
    const double scale = meter_v / shown_v;
    return units::Estimate{scale, scale * meter_sd};
}

units::Explanation explain(const Calibration& calibration, const std::vector<CalibrationPair>& pairs) {
    units::Explanation why;
    why.quantity = units::Quantity::sensor_scale;
    why.value = calibration.scale;
    why.relation = units::Relation::scale_by_recharge;
    why.source = units::Source::common_practice;
    double counted = 0.0;
    double recharged = 0.0;
    for (const auto& pair : pairs) {
        counted += pair.counted_ah;
        recharged += pair.recharged_ah;
    }
    why.inputs = {
        {units::Quantity::counted_charge, {counted, 0.0}, units::Origin::measured},
        {units::Quantity::recharged_charge, {recharged, charger_accuracy * recharged}, units::Origin::given}};
    return why;
}

} // namespace sobremesa::telemetry
