#pragma once

#include <optional>
#include <string_view>

namespace sobremesa::sun {

/// A solar array as a pilot describes it: cells in series and in parallel strings, and what one cell is. What is
/// not given is that of a usual back-contact silicon cell (common practice, no source).
struct SolarArray {
    int cells_series = 0;
    int strings = 1;
    /// Of one cell, m².
    double cell_area_m2 = 0.0;
    /// Of one cell at 25 °C and 1000 W/m², 0 … 1.
    double efficiency = 0.0;
    /// Change of the power at its maximum for each kelvin, relative; empty: −0.0035.
    std::optional<double> temperature_coefficient_per_k;
    /// Of one cell at 25 °C and 1000 W/m²: open circuit, and at maximum power, V; empty: 0.68, 0.58.
    std::optional<double> cell_voc_v;
    std::optional<double> cell_vmp_v;
    /// Short-circuit current of one cell, A; empty: 1.06 × that at maximum power.
    std::optional<double> cell_isc_a;
    /// Of the cells against the horizontal when the wings are level (dihedral, or a curved top), degrees; empty:
    /// level.
    std::optional<double> tilt_deg;
    /// Of cells, wires and converter, part of the aircraft's mass, kg; empty: not known.
    std::optional<double> mass_kg;
    friend bool operator==(const SolarArray&, const SolarArray&) = default;
};

inline constexpr double usual_temperature_coefficient_per_k = -0.0035;
inline constexpr double usual_cell_voc_v = 0.68;
inline constexpr double usual_cell_vmp_v = 0.58;
inline constexpr double usual_isc_over_imp = 1.06;
/// Conditions that cells are rated at. IEC 61215.
inline constexpr double rated_irradiance_w_per_m2 = 1000.0;
inline constexpr double rated_cell_temperature_c = 25.0;

/// What stands between array and pack.
enum class ConverterKind {
    direct,    ///< nothing: the array works at the pack's volts
    step_down, ///< for an array above the pack's volts
    step_up,   ///< for an array below them
    either,    ///< both ways
};

/// Stable word: `direct`, `step-down`, `step-up`, `either`.
const char* converter_word(ConverterKind kind);
std::optional<ConverterKind> converter_from_word(std::string_view word);

struct Converter {
    ConverterKind kind = ConverterKind::direct;
    /// Of one that tracks the maximum, 0 … 1; empty: 0.95 (common practice). Direct: not asked.
    std::optional<double> efficiency;
    std::optional<double> max_input_v;
    std::optional<double> max_output_a;
    friend bool operator==(const Converter&, const Converter&) = default;
};

inline constexpr double usual_converter_efficiency = 0.95;

/// Given, or usual; 1 for a direct connection.
double efficiency(const Converter& converter);

/// Area of all cells, m².
double cell_area_m2(const SolarArray& array);
/// Power of the whole array at its maximum, rated conditions, W.
double rated_power_w(const SolarArray& array);
/// The array's volts at maximum power and open circuit, rated conditions.
double rated_vmp_v(const SolarArray& array);
double rated_voc_v(const SolarArray& array);

/// Temperature of the cells in flight, °C: the air's, and G/(25 + 6.84·v) K more. Faiman, Prog. Photovolt.: Res.
/// Appl. 16 (2008) 307; the airspeed in place of the wind.
double cell_temperature_c(double air_temperature_c, double irradiance_w_per_m2, double airspeed_mps);

struct OperatingPoint {
    double voltage_v = 0.0;
    double current_a = 0.0;
    double power_w() const { return voltage_v * current_a; }
};

/// The current–voltage curve of an array: the single-diode equation `I = I_L·G/1000 − I₀·(exp((V + I·R_s)/a) − 1)`
/// for one cell, through the three rated points (short circuit, maximum power, open circuit), its slope there that
/// of a maximum as far as a series resistance ≥ 0 allows; no shunt. Temperature scales the volts so that the power
/// at maximum follows its coefficient.
///
/// Sources: the equation and its four-parameter solution after Duffie & Beckman, *Solar Engineering of Thermal
/// Processes*, ch. 23.
class ArrayCurve {
public:
    /// @param array  validated
    explicit ArrayCurve(const SolarArray& array);

    /// A; 0 above the open-circuit volts: no current flows back (a diode, or the converter, sees to that).
    double currentA(double voltage_v, double irradiance_w_per_m2, double cell_temperature_c) const;
    /// All zero in the dark.
    OperatingPoint maximumPower(double irradiance_w_per_m2, double cell_temperature_c) const;
    double openCircuitV(double irradiance_w_per_m2, double cell_temperature_c) const;

private:
    double volts_factor(double cell_temperature_c) const;

    double series_ = 1.0;
    double strings_ = 1.0;
    double light_a_ = 0.0;
    double saturation_a_ = 0.0;
    double ideality_v_ = 0.035;
    double resistance_ohm_ = 0.0;
    double per_k_ = usual_temperature_coefficient_per_k;
};

} // namespace sobremesa::sun
