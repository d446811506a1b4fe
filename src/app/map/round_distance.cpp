#include "app/map/round_distance.hpp"

#include <cmath>

#include <QCoreApplication>

#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

namespace {

struct RoundDistanceWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::RoundDistance)
};

double round_up(double least) {
    const double power = std::pow(10.0, std::floor(std::log10(least)));
    for (const double factor : {1.0, 2.0, 5.0}) {
        // What is 5 but for the last bit is 5.
        if (factor * power >= least * (1.0 - 1e-12)) return factor * power;
    }
    return 10.0 * power;
}

} // namespace

double round_distance_m(double least_m) {
    const double factor = Look::instance().quantities().notation(units::Quantity::air_distance).factor;
    return round_up(least_m * factor) / factor;
}

QString round_distance_text(double metres) {
    const wording::Notation unit = Look::instance().quantities().notation(units::Quantity::air_distance);
    const double value = metres * unit.factor;
    // Parts of a kilometre are metres; parts of a mile are not feet to anyone who looks at a map.
    const bool kilometres = std::abs(unit.factor * units::metres_per_kilometre - 1.0) < 1e-9;
    if (kilometres && value < 1.0 - 1e-9)
        return wording::written(metres, 0.0, {1.0, RoundDistanceWords::tr("m"), 0});
    int decimals = 0;
    for (double rest = value; decimals < 4 && std::abs(rest - std::round(rest)) > 1e-6; rest *= 10.0) ++decimals;
    return wording::written(metres, 0.0, {unit.factor, unit.unit, decimals});
}

} // namespace sobremesa::app
