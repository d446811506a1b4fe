#include "core/battery/chemistry.hpp"

#include <algorithm>
#include <vector>

// Boost 1.74: pchip.hpp does not include what it uses.
#include <boost/math/special_functions/fpclassify.hpp>

#include <boost/math/interpolators/cubic_hermite.hpp>
#include <boost/math/interpolators/pchip.hpp>
#include <boost/math/tools/toms748_solve.hpp>

#include "core/units/same_word.hpp"

namespace sobremesa::battery {

namespace {

using EvenCurve = boost::math::interpolators::cardinal_cubic_hermite<std::vector<double>>;

/// A monotone curve through a table, resampled evenly: every step of every discharge looks it up several times, and
/// this way without a search. The table's points stay on it, because they are multiples of the step.
class Curve {
public:
    Curve(std::vector<double> x, std::vector<double> y) : even_(resampled(std::move(x), std::move(y))) {}
    double operator()(double x) const { return even_(x); }

private:
    static EvenCurve resampled(std::vector<double> x, std::vector<double> y) {
        constexpr int steps = 1000;
        const boost::math::interpolators::pchip<std::vector<double>> curve(std::move(x), std::move(y));
        std::vector<double> values;
        std::vector<double> slopes;
        for (int i = 0; i <= steps; ++i) {
            values.push_back(curve(double(i) / steps));
            slopes.push_back(curve.prime(double(i) / steps));
        }
        return EvenCurve(std::move(values), std::move(slopes), 0.0, 1.0 / steps);
    }

    EvenCurve even_;
};

struct Table {
    ChemistryTraits traits;
    Curve open_circuit;
    double mean_v = mean_of(open_circuit);

    /// A thousand steps hold it to a millivolt.
    static double mean_of(const Curve& curve) {
        constexpr int steps = 1000;
        double sum = 0.0;
        for (int i = 0; i < steps; ++i) sum += curve((i + 0.5) / steps);
        return sum / steps;
    }
};

// All three tables: common practice, no source; resting volts of a healthy cell near 23 °C.
const Table& lipo() {
    static const Table table{
        {4.20, 3.85, 3.0, 3.5, 3.65},
        Curve({0.0, 0.025, 0.05, 0.10, 0.15, 0.20, 0.30, 0.40, 0.50, 0.60, 0.70, 0.80, 0.90, 0.95, 1.0},
              {3.00, 3.42, 3.58, 3.68, 3.71, 3.73, 3.77, 3.80, 3.84, 3.88, 3.95, 4.02, 4.11, 4.15, 4.20})};
    return table;
}

const Table& lipo_hv() {
    static const Table table{
        {4.35, 3.85, 3.0, 3.5, 3.65},
        Curve({0.0, 0.025, 0.05, 0.10, 0.15, 0.20, 0.30, 0.40, 0.50, 0.60, 0.70, 0.80, 0.90, 0.95, 1.0},
              {3.00, 3.40, 3.56, 3.66, 3.70, 3.73, 3.78, 3.82, 3.87, 3.94, 4.03, 4.12, 4.23, 4.28, 4.35})};
    return table;
}

const Table& li_ion() {
    static const Table table{
        {4.20, 3.65, 2.5, 2.8, 3.25},
        Curve({0.0, 0.02, 0.05, 0.10, 0.15, 0.20, 0.30, 0.40, 0.50, 0.60, 0.70, 0.80, 0.90, 1.0},
              {2.50, 2.78, 3.00, 3.19, 3.29, 3.37, 3.49, 3.58, 3.67, 3.76, 3.86, 3.96, 4.06, 4.19})};
    return table;
}

const Table& table_of(Chemistry chemistry) {
    switch (chemistry) {
    case Chemistry::lipo: return lipo();
    case Chemistry::lipo_hv: return lipo_hv();
    case Chemistry::li_ion: break;
    }
    return li_ion();
}

/// Volts lost per unit of state of charge below empty: far steeper than any real curve, yet finite.
constexpr double slope_below_empty_v = 30.0;

} // namespace

const char* chemistry_word(Chemistry chemistry) {
    switch (chemistry) {
    case Chemistry::lipo: return "lipo";
    case Chemistry::lipo_hv: return "lipo-hv";
    case Chemistry::li_ion: break;
    }
    return "li-ion";
}

std::optional<Chemistry> chemistry_from_word(std::string_view word) {
    for (const Chemistry chemistry : all_chemistries) {
        if (units::same_word(word, chemistry_word(chemistry))) return chemistry;
    }
    return std::nullopt;
}

const CellDefaults& defaults(Chemistry chemistry, Construction construction) {
    // The slow part is set so that a Li-ion pack at half a C gives about 5 % less at -10 °C than at 20 °C.
    static const CellDefaults li_ion_capacity{0.090, 0.060, 2.0, 0.5, 0.08, 1800.0, 2300.0};
    static const CellDefaults li_ion_drain{0.055, 0.022, 6.0, 0.5, 0.08, 1800.0, 2300.0};
    static const CellDefaults lipo_capacity{0.018, 0.010, 8.0, 0.6, 0.05, 1800.0, 2300.0};
    static const CellDefaults lipo_drain{0.009, 0.005, 25.0, 0.6, 0.05, 1800.0, 2300.0};
    const bool capacity = construction == Construction::high_capacity;
    if (chemistry == Chemistry::li_ion) return capacity ? li_ion_capacity : li_ion_drain;
    return capacity ? lipo_capacity : lipo_drain;
}

const char* construction_word(Construction construction) {
    return construction == Construction::high_capacity ? "high-capacity" : "high-drain";
}

std::optional<Construction> construction_from_word(std::string_view word) {
    for (const Construction construction : {Construction::high_capacity, Construction::high_drain}) {
        if (units::same_word(word, construction_word(construction))) return construction;
    }
    return std::nullopt;
}

const ChemistryTraits& traits(Chemistry chemistry) {
    return table_of(chemistry).traits;
}

double open_circuit_cell_v(Chemistry chemistry, double state_of_charge) {
    const Curve& curve = table_of(chemistry).open_circuit;
    if (state_of_charge < 0.0) return curve(0.0) + slope_below_empty_v * state_of_charge;
    return curve(std::min(state_of_charge, 1.0));
}

double mean_open_circuit_cell_v(Chemistry chemistry) {
    return table_of(chemistry).mean_v;
}

double state_of_charge_at_rest(Chemistry chemistry, double resting_cell_v) {
    const Curve& curve = table_of(chemistry).open_circuit;
    if (resting_cell_v <= curve(0.0)) return 0.0;
    if (resting_cell_v >= curve(1.0)) return 1.0;
    const auto difference = [&](double s) { return curve(s) - resting_cell_v; };
    std::uintmax_t passes = 60;
    const auto bracket = boost::math::tools::toms748_solve(difference, 0.0, 1.0,
                                                           boost::math::tools::eps_tolerance<double>(40), passes);
    return 0.5 * (bracket.first + bracket.second);
}

} // namespace sobremesa::battery
